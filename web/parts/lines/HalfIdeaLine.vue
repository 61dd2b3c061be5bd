<script setup lang="ts">
import { ref } from 'vue'

/** One line that keeps half an idea. */
const emit = defineEmits<{ keep: [text: string] }>()
const text = ref('')
function keep() {
  if (!text.value.trim()) return
  emit('keep', text.value)
  text.value = ''
}
</script>

<template>
  <form class="half" @submit.prevent="keep">
    <v-text-field
      v-model="text"
      aria-label="Half an idea"
      placeholder="Half an idea, a page, a link"
      maxlength="2000"
    /><v-btn type="submit" :disabled="!text.trim()" :title="text.trim() ? undefined : 'Write a few words first'"
      >Keep</v-btn
    >
  </form>
</template>

<style scoped>
.half {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 6px;
}
</style>
