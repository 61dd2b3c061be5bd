<script setup lang="ts">
import { ref, watch } from 'vue'

/** A small drawing beside words that say the same: nothing where there is none, or it cannot be fetched. */
const props = withDefaults(defineProps<{ name: string; size?: number }>(), { size: 28 })
const gone = ref(false)
watch(
  () => props.name,
  () => (gone.value = false),
)
</script>

<template>
  <img
    v-if="name && !gone"
    class="thing-picture"
    :src="`/pictures/${name}.svg`"
    alt=""
    :width="size"
    :height="size"
    loading="lazy"
    decoding="async"
    @error="gone = true"
  />
</template>

<style scoped>
.thing-picture {
  flex: none;
  display: block;
}
</style>
