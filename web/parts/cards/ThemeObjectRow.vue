<script setup lang="ts">
import { computed, ref } from 'vue'
import { MADE_OF, type MadeOf, type ThemeObject } from '@core/domain'
import { fitsSmallPartsCylinder, TUBE_MM } from '@core/cautions'
import { allergenName, countWords } from '@core/base'
import FormField from '../fields/FormField.vue'

/**
 * One object of the theme: what it is called and how many there are; below, what patterns can make of it and what
 * cautions must know.
 */
const one = defineModel<ThemeObject>({ required: true })
const props = defineProps<{ number: number; errors: Record<string, string>; open: boolean }>()
const emit = defineEmits<{ commit: []; remove: []; toggle: [] }>()
const SIZES = [
  { title: 'not said', value: null },
  { title: 'small', value: 'small' },
  { title: 'medium', value: 'medium' },
  { title: 'large', value: 'large' },
]
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
const list = (text: unknown) =>
  String(text ?? '')
    .split(',')
    .map((part) => part.trim())
    .filter(Boolean)
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
  const numbers = text
    .split(/[x×,;\s]+/i)
    .filter(Boolean)
    .map(Number)
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
/** How large its smallest one is, in words; nothing where it is large, since nothing follows from that. */
const sizeWords = computed(() => {
  const { pieceMm, usualMm, form, known } = one.value
  const mm = pieceMm ?? usualMm
  if (mm) return fitsSmallPartsCylinder(mm) ? 'small' : ''
  return known && form !== 'thing' && form !== 'pair' ? '' : 'not measured yet'
})
const about = computed(() => {
  const { category, lives, stages, parts, allergens } = one.value
  return [
    category,
    lives && `from ${lives}`,
    stages.length ? countWords(stages.length, 'stage') : '',
    parts.length ? countWords(parts.length, 'part') : '',
    allergens.map(allergenName).join(' and '),
    sizeWords.value,
  ]
    .filter(Boolean)
    .join(', ')
})
/** Asked once, of what is in the house and nobody knows the size of. */
const asks = computed(() => sizeWords.value === 'not measured yet' && one.value.onHand > 0 && !one.value.asked)
function answer(mm: readonly [number, number, number] | null) {
  if (mm) one.value.pieceMm = [...mm]
  one.value.asked = true
  emit('commit')
}
</script>

<template>
  <div class="card object">
    <v-text-field
      v-model="one.name"
      :aria-label="`Object ${number + 1}`"
      :error-messages="error('name')"
      maxlength="120"
      @blur="emit('commit')"
    />
    <v-text-field
      v-model.number="one.onHand"
      type="number"
      min="0"
      :aria-label="`How many ${one.name} on hand`"
      :error-messages="error('onHand')"
      @blur="emit('commit')"
    />
    <v-text-field
      :model-value="one.colours.join(', ')"
      :aria-label="`Colours of ${one.name}`"
      placeholder="colours"
      @update:model-value="one.colours = list($event)"
      @blur="emit('commit')"
    />
    <TextButton
      class="about small"
      :aria-expanded="open"
      :aria-label="`More about ${one.name}: ${about || 'nothing said'}`"
      @click="emit('toggle')"
    >
      {{ about || 'say more' }}
    </TextButton>
    <TextButton class="small" :aria-label="`remove ${one.name}`" @click="emit('remove')">remove</TextButton>
    <div v-if="asks" class="ask small" role="group" :aria-label="`Size of ${one.name}`">
      <span><b>Not measured yet.</b> Hold the smallest one against a paper tube.</span
      ><v-btn size="small" @click="answer(TUBE_MM.through)">It goes through</v-btn
      ><v-btn size="small" @click="answer(TUBE_MM.not)">Too big to go through</v-btn
      ><TextButton class="small" @click="answer(null)">not now</TextButton>
    </div>
    <div v-if="open" class="details">
      <FormField label="Kind"
        ><v-text-field
          v-model="one.category"
          placeholder="sea animal, tool, fruit"
          maxlength="120"
          :error-messages="error('category')"
          @blur="emit('commit')"
      /></FormField>
      <FormField label="Beside the others"
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
      <FormField label="Lives, grows or is used"
        ><v-text-field
          v-model="one.lives"
          placeholder="the sea, a kitchen"
          maxlength="120"
          :error-messages="error('lives')"
          @blur="emit('commit')"
      /></FormField>
      <FormField label="Its young"
        ><v-text-field
          v-model="one.young"
          placeholder="calf"
          maxlength="120"
          :error-messages="error('young')"
          @blur="emit('commit')"
      /></FormField>
      <FormField label="Its stages, first to last"
        ><v-text-field
          :model-value="one.stages.join(', ')"
          placeholder="egg, chick, hen"
          :error-messages="error('stages')"
          @update:model-value="one.stages = list($event)"
          @blur="emit('commit')"
      /></FormField>
      <FormField label="Does the smallest one go through a paper tube?" class="tube"
        ><v-select
          v-model="measure"
          :items="[
            { title: unmeasuredWords, value: 'unknown' },
            { title: 'no, it is too large', value: 'large' },
            { title: 'yes, or I measured it', value: 'mm' },
          ]"
          :aria-label="`Does the smallest ${one.name} go through a paper tube?`"
      /></FormField>
      <FormField v-if="measure === 'mm'" label="Its size in mm"
        ><v-text-field
          :model-value="one.pieceMm?.join(' x ') ?? ''"
          placeholder="60 x 40 x 20"
          :error-messages="mmError"
          @change="setMm(($event.target as HTMLInputElement).value)"
      /></FormField>
    </div>
  </div>
</template>

<style scoped>
.object {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) 64px minmax(0, 1fr) minmax(0, 1.2fr) auto;
  gap: 6px;
  align-items: center;
  padding: 4px 8px 4px 6px;
}
.object :deep(.v-field) {
  --v-field-padding-start: 9px;
  --v-field-padding-end: 6px;
}
.about {
  line-height: 1.25;
  overflow-wrap: anywhere;
}
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
.ask {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: center;
  border-left: 3px solid var(--apricot);
  padding: 2px 8px;
}
@media (max-width: 720px) {
  .object {
    grid-template-columns: 1fr 72px;
  }
  .details {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
