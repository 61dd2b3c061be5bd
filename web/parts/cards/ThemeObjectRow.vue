<script setup lang="ts">
import { computed } from 'vue'
import type { ThemeObject } from '@core/domain'
import { fitsSmallPartsCylinder, TUBE_MM } from '@core/cautions'
import { allergenName, countWords, listWords } from '@core/base'
import { commaList } from '../fields/commaList'
import ThingPicture from '../lines/ThingPicture.vue'
import ThingDetails from './ThingDetails.vue'

/**
 * One object of the theme: what it is called and how many there are; below, what patterns can make of it and what
 * cautions must know.
 */
const one = defineModel<ThemeObject>({ required: true })
const props = defineProps<{
  number: number
  errors: Record<string, string>
  open: boolean
  /** Allergens that the home added. */
  moreAllergens?: readonly string[]
}>()
const emit = defineEmits<{ commit: []; remove: []; toggle: [] }>()
const error = (field: string) => props.errors[`objects.${props.number}.${field}`]
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
    allergens.length ? `${listWords(allergens.map((one) => allergenName(one).toLowerCase()))} allergy` : '',
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
    <ThingPicture class="picture" :name="one.picture" :size="30" />
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
      :aria-label="`Colors of ${one.name}`"
      class="colors"
      placeholder="colors"
      @update:model-value="one.colours = commaList($event)"
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
    <TextButton class="small drop" :aria-label="`remove ${one.name}`" @click="emit('remove')">remove</TextButton>
    <div v-if="asks" class="ask small" role="group" :aria-label="`Size of ${one.name}`">
      <span><b>Not measured yet.</b> Hold the smallest one against a paper tube.</span
      ><v-btn size="small" @click="answer(TUBE_MM.through)">It goes through</v-btn
      ><v-btn size="small" @click="answer(TUBE_MM.not)">Too big to go through</v-btn
      ><TextButton class="small" @click="answer(null)">not now</TextButton>
    </div>
    <ThingDetails
      v-if="open"
      v-model="one"
      class="details"
      :number="number"
      :errors="errors"
      :more-allergens="moreAllergens"
      @commit="emit('commit')"
    />
  </div>
</template>

<style scoped>
.object {
  display: grid;
  grid-template-columns: 30px minmax(0, 1.1fr) 64px minmax(0, 1fr) minmax(0, 1.2fr) auto;
  gap: 6px;
  align-items: center;
  padding: 4px 8px 4px 6px;
}
.object :deep(.v-field) {
  --v-field-padding-start: 9px;
  --v-field-padding-end: 6px;
}
/* The fields keep their columns where there is no drawing. */
.object > :nth-child(1 of .v-input) {
  grid-column: 2;
}
.about {
  line-height: 1.25;
  overflow-wrap: anywhere;
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
    grid-template-columns: 30px minmax(0, 1fr) 84px;
  }
  .colors {
    grid-column: 1 / -1;
  }
  .drop {
    text-align: right;
  }
}
</style>
