<script setup lang="ts">
import type { ZodType } from 'zod'
import { computed, ref, watch } from 'vue'
import { Amount } from '@core/domain'
import { entryText, entryUnit, readQuantity, type Measured } from '@core/format'
import { useHouse } from '../stores/house'

/**
 * An amount, written as it comes to hand: "40", "2 lb 4 oz", "1 1/2 cups". A bare number is in the unit behind it, that of the home. What
 * cannot be read is said here and is NaN to whoever asks; what was not changed keeps its exact value.
 */
const props = defineProps<{
  of: Measured
  label: string
  /** The schema that the amount must pass; any amount where there is none. */
  schema?: ZodType
  /** Whether there may be none. */
  optional?: boolean
  /** Whether what is weighed or measured is rounded to whole base units, as the content of a pack. */
  whole?: boolean
  /** What else is wrong with it. */
  fault?: string
  /** Whether what is wrong is said elsewhere, where there is room for it: see the model `problem`. */
  quiet?: boolean
  /** Measures other than the home's, where no home is at hand. */
  measures?: 'metric' | 'us'
}>()
const model = defineModel<number | null>({ required: true })
/** What is wrong with what is written; empty where nothing is. */
const problem = defineModel<string>('problem')
/** The field was left, or Enter pressed. */
const emit = defineEmits<{ done: [] }>()
const house = useHouse()
const measures = computed(() => props.measures ?? house.home?.measures ?? 'metric')
const show = (value: number | null) => (value === null || Number.isNaN(value) ? '' : entryText(value, props.of.unit, measures.value))
const text = ref(show(model.value))
/** What stands in the field when nothing is changed, and the exact amount it stands for. */
let shown = { text: text.value, value: model.value }
function settle(value: number | null) {
  text.value = show(value)
  shown = { text: text.value, value }
}
let sent = model.value
watch([model, () => props.of.unit, measures], ([now], [, unit, before]) => {
  if (!Object.is(now, sent) || unit !== props.of.unit || before !== measures.value) settle(now)
  sent = now
})
const read = computed<{ value: number | null; fault: string }>(() => {
  const written = text.value.trim()
  if (!written) return props.optional ? { value: null, fault: '' } : { value: NaN, fault: 'Write a number' }
  const { quantity, fault } = written === shown.text && shown.value !== null ? { quantity: shown.value, fault: undefined } : readQuantity(written, props.of, measures.value)
  if (quantity === undefined) return { value: NaN, fault }
  const value = props.whole && props.of.unit !== 'each' && props.of.unit !== 'sheet' ? Math.round(quantity) : quantity
  return { value, fault: (props.schema ?? Amount).safeParse(value).error?.issues[0].message ?? '' }
})
watch(() => read.value.fault, (fault) => (problem.value = fault), { immediate: true })
function typed(value: string) {
  text.value = value
  sent = read.value.fault ? NaN : read.value.value
  model.value = sent
}
function leave() {
  if (!read.value.fault) settle(read.value.value)
  emit('done')
}
const field = ref<{ focus: () => void; select?: () => void } | null>(null)
defineExpose({ focus: () => field.value?.focus(), select: () => field.value?.select?.() })
</script>

<template>
  <v-text-field ref="field" :model-value="text" inputmode="decimal" maxlength="40" :aria-label="label + (entryUnit(of.unit, measures) && `, in ${entryUnit(of.unit, measures)}`)" :suffix="entryUnit(of.unit, measures)" :error="Boolean(read.fault)" :error-messages="quiet ? [] : read.fault || fault" @update:model-value="typed" @blur="leave" @keydown.enter="leave" />
</template>
