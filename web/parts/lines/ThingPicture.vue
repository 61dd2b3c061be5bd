<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { OWN_PICTURE } from '@core/domain'

/** A small drawing, or a picture of her own, beside words that say the same: nothing where there is none, or it cannot be fetched. */
const props = withDefaults(defineProps<{ name: string; size?: number }>(), { size: 28 })
const source = computed(() =>
  props.name.startsWith(OWN_PICTURE)
    ? `/api/v1/pictures/${props.name.slice(OWN_PICTURE.length)}`
    : `/pictures/${props.name}.svg`,
)
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
    :src="source"
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
