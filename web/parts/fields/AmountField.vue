<script setup lang="ts">
import type { ZodType } from 'zod'
import { computed, ref, watch } from 'vue'
import { Amount } from '@core/domain'
import { entryText, entryUnit, readQuantity, type Measured } from '@core/base'
import { useWritten } from '../../composables/useWritten'
import { useHomeWords } from '../../composables/homeWords'

/**
 * An amount, written as it comes to hand: "40", "2 lb 4 oz", "1 1/2 cups". A bare number is in the unit behind it. What
 * cannot be read is NaN to whoever asks.
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
const words = useHomeWords()
const measures = computed(() => props.measures ?? words.value.measures)
const unitOf = (standing: number | null) => entryUnit(standing, props.of.unit, measures.value)
const {
  text,
  settled,
  fault: wrong,
  type,
  leave,
} = useWritten(
  model,
  (value) => entryText(value, props.of.unit, measures.value),
  (written, standing) => {
    if (!written) return props.optional ? { value: null, fault: '' } : { value: NaN, fault: 'Write a number' }
    const { quantity, fault } = readQuantity(written, props.of, measures.value, unitOf(standing))
    if (quantity === undefined) return { value: NaN, fault }
    const value = props.whole && props.of.unit !== 'each' && props.of.unit !== 'sheet' ? Math.round(quantity) : quantity
    return { value, fault: (props.schema ?? Amount).safeParse(value).error?.issues[0].message ?? '' }
  },
)
const unit = computed(() => unitOf(settled.value))
watch(wrong, (now) => (problem.value = now), { immediate: true })
function done() {
  leave()
  emit('done')
}
const field = ref<{ focus: () => void; select?: () => void } | null>(null)
defineExpose({ focus: () => field.value?.focus(), select: () => field.value?.select?.() })
</script>

<template>
  <v-text-field
    ref="field"
    :model-value="text"
    inputmode="decimal"
    maxlength="40"
    :aria-label="unit ? `${label}, in ${unit}` : label"
    :suffix="unit"
    :error="Boolean(wrong) && text !== ''"
    :error-messages="quiet ? [] : wrong || fault"
    @update:model-value="type"
    @blur="done"
    @keydown.enter="done"
  />
</template>
