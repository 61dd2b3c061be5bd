<script setup lang="ts">
import { computed, ref } from 'vue'
import { allergenChoices } from '@core/base'
import { TUBE_MM } from '@core/cautions'
import { MADE_OF, type MadeOf, type ThemeObject } from '@core/domain'
import { commaList } from '../fields/commaList'
import { numbersIn } from '../fields/numbersIn'
import FormField from '../fields/FormField.vue'
import ThingDrawing from './ThingDrawing.vue'

/** What patterns can make of an object of the theme, and what cautions must know of it. */
const one = defineModel<ThemeObject>({ required: true })
const props = defineProps<{ number: number; errors: Record<string, string>; moreAllergens?: readonly string[] }>()
const emit = defineEmits<{ commit: [] }>()
const SIZES = [
  { title: 'not said', value: null },
  { title: 'small', value: 'small' },
  { title: 'medium', value: 'medium' },
  { title: 'large', value: 'large' },
]
/** What is said of it in a few words, and what is listed. */
const WORDS = [
  { key: 'lives', label: 'Where it lives, grows or is used', such: 'the sea, a kitchen' },
  { key: 'young', label: 'Its young', such: 'calf' },
  { key: 'needs', label: 'It eats or needs', such: 'seeds' },
  { key: 'sound', label: 'How it sounds', such: 'quacks' },
  { key: 'moves', label: 'How it moves', such: 'waddles' },
] as const
const LISTS = [
  { key: 'stages', label: 'Its stages, first to last', such: 'egg, chick, hen' },
  { key: 'parts', label: 'Its parts', such: 'beak, wings, tail' },
] as const
const MADE: Record<MadeOf, string> = {
  hard: 'wood, plastic, metal, stone',
  soft: 'cloth, foam, plush',
  paper: 'paper or card',
  plant: 'a plant',
  food: 'food',
}
const unmeasuredWords = computed(() =>
  one.value.usualMm ? `as usual, ${one.value.usualMm.join(' x ')} mm` : 'nobody measured it yet',
)
const error = (field: string) => props.errors[`objects.${props.number}.${field}`]
/** The size of the smallest one: nobody measured it, larger than a paper tube, or its millimetres. */
type Measure = 'unknown' | 'large' | 'mm'
const same = (a: readonly number[] | null, b: readonly number[]) => a !== null && a.join() === b.join()
const asking = ref(false)
const measure = computed<Measure>({
  get: () =>
    asking.value
      ? 'mm'
      : one.value.pieceMm === null
        ? 'unknown'
        : same(one.value.pieceMm, TUBE_MM.not)
          ? 'large'
          : 'mm',
  set: (value) => {
    asking.value = value === 'mm'
    if (value !== 'mm') one.value.pieceMm = value === 'large' ? [...TUBE_MM.not] : null
    emit('commit')
  },
})
function setMm(text: string) {
  const numbers = numbersIn(text)
  if (!numbers.length) return
  one.value.pieceMm = [numbers[0], numbers[1], numbers[2]]
  if (numbers.length === 3 && numbers.every((number) => number > 0)) asking.value = false
  emit('commit')
}
const mmError = computed(() =>
  Object.keys(props.errors).some((key) => key.startsWith(`objects.${props.number}.pieceMm`))
    ? 'Length, width and height in mm, such as 60 x 40 x 20'
    : undefined,
)
</script>

<template>
  <div class="details">
    <FormField label="Kind"
      ><v-text-field
        v-model="one.category"
        placeholder="sea animal, tool, fruit"
        maxlength="120"
        :error-messages="error('category')"
        @blur="emit('commit')"
    /></FormField>
    <FormField label="Size next to the others"
      ><v-select
        v-model="one.size"
        :items="SIZES"
        :aria-label="`Size of ${one.name}`"
        @update:model-value="emit('commit')"
    /></FormField>
    <FormField label="The one here is made of"
      ><v-select
        v-model="one.madeOf"
        :items="MADE_OF.map((value) => ({ title: MADE[value], value }))"
        clearable
        placeholder="not said"
        :aria-label="`What ${one.name} is made of`"
        @update:model-value="emit('commit')"
    /></FormField>
    <FormField v-for="field in WORDS" :key="field.key" :label="field.label"
      ><v-text-field
        v-model="one[field.key]"
        :placeholder="field.such"
        maxlength="120"
        :error-messages="error(field.key)"
        @blur="emit('commit')"
    /></FormField>
    <FormField v-for="field in LISTS" :key="field.key" :label="field.label"
      ><v-text-field
        :model-value="one[field.key].join(', ')"
        :placeholder="field.such"
        :error-messages="error(field.key)"
        @update:model-value="one[field.key] = commaList($event)"
        @blur="emit('commit')"
    /></FormField>
    <ThingDrawing v-model="one.picture" :name="one.name" @commit="emit('commit')" />
    <FormField label="Allergens in it" class="tube"
      ><v-select
        v-model="one.allergens"
        :items="allergenChoices(moreAllergens)"
        multiple
        placeholder="none"
        :aria-label="`Allergens in ${one.name}`"
        @update:model-value="emit('commit')"
    /></FormField>
    <FormField label="Does the smallest one fit through a toilet-paper tube?" class="tube"
      ><v-select
        v-model="measure"
        :items="[
          { title: unmeasuredWords, value: 'unknown' },
          { title: 'no, it is too large', value: 'large' },
          { title: 'yes, or I measured it', value: 'mm' },
        ]"
        :aria-label="`Does the smallest ${one.name} fit through a toilet-paper tube?`"
    /></FormField>
    <FormField v-if="measure === 'mm'" label="Its size in mm"
      ><v-text-field
        :model-value="one.pieceMm?.join(' x ') ?? ''"
        placeholder="60 x 40 x 20"
        :error-messages="mmError"
        @change="setMm(($event.target as HTMLInputElement).value)"
    /></FormField>
  </div>
</template>

<style scoped>
.details {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 12px;
  border-top: 1px solid var(--edge);
  padding: 8px 2px 6px;
}
.tube {
  grid-column: 1 / -1;
}
@media (max-width: 720px) {
  .details {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
