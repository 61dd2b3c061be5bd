<script setup lang="ts">
import { ref } from 'vue'
import { useBoard } from '../stores/board'

/** One line that keeps half an idea. */
const board = useBoard()
const text = ref('')
function keep() {
  if (board.keepHalf(text.value)) text.value = ''
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
