<script setup lang="ts">
import { computed, watch } from 'vue'
import { Cents } from '@core/domain'
import { moneyWords, readNumber } from '@core/base'
import { useWritten } from '../../composables/useWritten'
import { useHomeWords } from '../../composables/homeWords'

/** Money, written in units of the currency and kept in cents. What cannot be read is NaN to whoever asks. */
const props = defineProps<{
  label: string
  /** Whether there may be none. */
  optional?: boolean
  placeholder?: string
  /** What else is wrong with it. */
  fault?: string
  /** Whether what is wrong is said elsewhere: see the model `problem`. */
  quiet?: boolean
}>()
const model = defineModel<number | null>({ required: true })
/** What is wrong with what is written; empty where nothing is. */
const problem = defineModel<string>('problem')
/** The field was left, or Enter pressed. */
const emit = defineEmits<{ done: [] }>()
const words = useHomeWords()
const symbol = computed(() => moneyWords(0, words.value.currency).replace(/[\d.,\s]/g, ''))
const {
  text,
  fault: wrong,
  type,
  leave,
} = useWritten(
  model,
  (cents) => (cents / 100).toFixed(2),
  (written) => {
    if (!written)
      return props.optional ? { value: null, fault: '' } : { value: NaN, fault: 'Write the price, 0 where it was free' }
    const cents = Math.round(readNumber(written.replace(symbol.value, '')) * 100)
    return Number.isNaN(cents)
      ? { value: NaN, fault: 'Write an amount of money, such as 4.50' }
      : { value: cents, fault: Cents.safeParse(cents).error?.issues[0].message ?? '' }
  },
)
watch(wrong, (now) => (problem.value = now), { immediate: true })
function done() {
  leave()
  emit('done')
}
</script>

<template>
  <v-text-field
    :model-value="text"
    inputmode="decimal"
    maxlength="20"
    :aria-label="label"
    :prefix="symbol"
    :placeholder="placeholder"
    :error="Boolean(wrong) && text !== ''"
    :error-messages="quiet ? [] : wrong || fault"
    @update:model-value="type"
    @blur="done"
    @keydown.enter="done"
  />
</template>
