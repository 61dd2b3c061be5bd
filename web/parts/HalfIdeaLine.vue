<script setup lang="ts">
import { ref } from 'vue'
import { newIdea } from '@core/domain'
import { useWriter } from '../stores/writer'

/** One line that keeps half an idea, for a unit or for the notebook. */
const props = defineProps<{ unitId: string | null }>()
const writer = useWriter()
const text = ref('')
function keep() {
  const words = text.value.trim()
  if (!words) return
  text.value = ''
  // What looks like an address is one.
  const link = /https?:\/\/\S+/i.exec(words)?.[0] ?? ''
  void writer.commit(props.unitId, 'Keep an idea', [{ put: 'idea', value: { ...newIdea(crypto.randomUUID(), props.unitId, null, words), link: link.slice(0, 500) } }])
}
</script>

<template>
  <form class="half" @submit.prevent="keep"><v-text-field v-model="text" aria-label="Half an idea" placeholder="Half an idea, a page, a link" maxlength="2000" /><v-btn type="submit" :disabled="!text.trim()">Keep</v-btn></form>
</template>

<style scoped>
.half { display: grid; grid-template-columns: 1fr auto; gap: 6px; }
</style>
