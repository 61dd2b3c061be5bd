<script setup lang="ts">
import { computed, ref } from 'vue'
import { TUBE_MM } from '@core/cautions'
import type { Material } from '@core/domain'
import { allergenChoices, HAZARD_NAMES } from '@core/base'
import { useHouse } from '../../stores/house'
import { numbersIn } from '../fields/numbersIn'
import FormField from '../fields/FormField.vue'

/** What the cautions look at: how large the smallest piece is, cords, allergens, and what else can harm. */
const safety = defineModel<Material['safety']>({ required: true })
defineProps<{ errors: Record<string, string> }>()
const emit = defineEmits<{ commit: [] }>()
const house = useHouse()
const allergens = computed(() => allergenChoices(house.home?.moreAllergens).map((one) => one.value))
type Piece = 'unknown' | 'none' | 'large' | 'through' | 'mm'
const PIECES: { title: string; value: Piece }[] = [
  { title: 'not measured yet', value: 'unknown' },
  { title: 'it has no loose piece', value: 'none' },
  { title: 'no, it is too big', value: 'large' },
  { title: 'yes, it goes through', value: 'through' },
  { title: 'I measured it', value: 'mm' },
]
/** Millimeters are asked for, and not written yet. */
const asking = ref(false)
const same = (a: readonly number[], b: readonly number[]) => a.join() === b.join()
const piece = computed<Piece>({
  get: () => {
    const { partMm, measured } = safety.value
    if (asking.value) return 'mm'
    if (!partMm) return measured ? 'none' : 'unknown'
    return same(partMm, TUBE_MM.not) ? 'large' : same(partMm, TUBE_MM.through) ? 'through' : 'mm'
  },
  set: (value) => {
    asking.value = value === 'mm'
    if (value === 'mm') return
    safety.value.measured = value !== 'unknown'
    safety.value.partMm = value === 'large' ? [...TUBE_MM.not] : value === 'through' ? [...TUBE_MM.through] : null
    emit('commit')
  },
})
function setPart(text: string) {
  const numbers = numbersIn(text)
  safety.value.partMm = [numbers[0], numbers[1], numbers[2]] as [number, number, number]
  safety.value.measured = true
  if (numbers.length === 3 && numbers.every((number) => number > 0)) asking.value = false
  emit('commit')
}
const nullable = (value: string) => (value.trim() === '' ? null : Number(value))
</script>

<template>
  <fieldset class="plain stack">
    <legend class="k-label head">Safety details</legend>
    <FormField label="Does the smallest piece fit through a toilet-paper tube?"
      ><v-select v-model="piece" :items="PIECES" aria-label="Does the smallest piece fit through a toilet-paper tube?"
    /></FormField>
    <FormField v-if="piece === 'mm'" label="Smallest loose piece, in mm" hint="Length x width x height."
      ><v-text-field
        :model-value="safety.partMm?.join(' x ') ?? ''"
        placeholder="60 x 40 x 20"
        :error-messages="
          errors['safety.partMm'] ?? errors['safety.partMm.0'] ?? errors['safety.partMm.1'] ?? errors['safety.partMm.2']
        "
        @change="setPart(($event.target as HTMLInputElement).value)"
    /></FormField>
    <div class="two">
      <FormField label="Ball, mm across"
        ><v-text-field
          :model-value="safety.ballMm ?? ''"
          type="number"
          :error-messages="errors['safety.ballMm']"
          @update:model-value="safety.ballMm = nullable(String($event))"
          @blur="emit('commit')" /></FormField
      ><FormField label="Cord, mm long"
        ><v-text-field
          :model-value="safety.cordMm ?? ''"
          type="number"
          :error-messages="errors['safety.cordMm']"
          @update:model-value="safety.cordMm = nullable(String($event))"
          @blur="emit('commit')"
      /></FormField>
    </div>
    <FormField label="Allergens"
      ><v-combobox
        v-model="safety.allergens"
        multiple
        :items="allergens"
        aria-label="Allergens"
        :error-messages="errors['safety.allergens.0']"
        @update:model-value="emit('commit')"
    /></FormField>
    <FormField label="Also"
      ><v-select
        v-model="safety.hazards"
        multiple
        :items="Object.entries(HAZARD_NAMES).map(([value, title]) => ({ title, value }))"
        aria-label="Hazards"
        placeholder="Nothing"
        @update:model-value="emit('commit')"
    /></FormField>
  </fieldset>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.plain {
  border: 0;
  padding: 0;
  margin: 0;
}
.head {
  margin-bottom: 8px;
}
</style>
