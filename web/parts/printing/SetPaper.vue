<script setup lang="ts">
import { computed } from 'vue'
import { MOST_COPIES, type PrintSet } from '@core/domain'
import { useHouse } from '../../stores/house'
import FormField from '../fields/FormField.vue'
import { numberOrNone } from '../fields/numberOrNone'

/** How large the cards of a set are, how many there are, and on which paper. */
const props = defineProps<{
  set: PrintSet
  /** Of its kind, in millimeters; null where it fills its page. */
  usualSize: readonly [number, number] | null
  faults: Record<string, string>
}>()
const emit = defineEmits<{
  /** What is changed, in words and in the set. */
  change: [words: string, over: Partial<PrintSet>]
  fault: [faults: Record<string, string>]
}>()
const house = useHouse()
const us = computed(() => house.thisHome.measures === 'us')
const PER = computed(() => (us.value ? 25.4 : 1))
const usual = computed(() => props.set.size ?? props.usualSize)
const side = (i: 0 | 1) => (usual.value ? Math.round((usual.value[i] / PER.value) * 100) / 100 : null)
function setSide(i: 0 | 1, value: number | null): void {
  if (!usual.value) return
  if (value === null || !Number.isFinite(value) || value <= 0) {
    emit('fault', { size: i === 0 ? 'Write how wide a card is' : 'Write how high a card is' })
    return
  }
  const size: [number, number] = [...usual.value]
  size[i] = value * PER.value
  emit('change', 'size', { size })
}
function setCopies(value: number | null): void {
  if (value === null || !Number.isInteger(value) || value < 1 || value > MOST_COPIES) {
    emit('fault', { copies: `Write a number from 1 to ${MOST_COPIES}` })
    return
  }
  emit('change', 'how many', { copies: value })
}
</script>

<template>
  <div v-if="usual" class="two">
    <FormField :label="us ? 'Wide, inches' : 'Wide, mm'"
      ><v-text-field
        type="number"
        min="0"
        step="any"
        :model-value="side(0)"
        :error-messages="faults.size ? [faults.size] : []"
        @change="setSide(0, numberOrNone(($event.target as HTMLInputElement).value))"
    /></FormField>
    <FormField :label="us ? 'High, inches' : 'High, mm'"
      ><v-text-field
        type="number"
        min="0"
        step="any"
        :model-value="side(1)"
        @change="setSide(1, numberOrNone(($event.target as HTMLInputElement).value))"
    /></FormField>
  </div>
  <div class="two">
    <FormField label="Copies"
      ><v-text-field
        type="number"
        min="1"
        :model-value="set.copies"
        :error-messages="faults.copies ? [faults.copies] : []"
        @change="setCopies(numberOrNone(($event.target as HTMLInputElement).value))"
    /></FormField>
    <FormField label="Paper"
      ><v-select
        :model-value="set.stock"
        aria-label="Paper"
        :items="[
          { title: 'Card', value: 'cardstock' },
          { title: 'Plain paper', value: 'paper' },
        ]"
        @update:model-value="emit('change', 'paper', { stock: $event })"
    /></FormField>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
</style>
