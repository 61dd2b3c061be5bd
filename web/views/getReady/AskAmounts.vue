<script setup lang="ts">
import { computed } from 'vue'
import AmountField from '../../parts/fields/AmountField.vue'
import FormField from '../../parts/fields/FormField.vue'
import { numberOrNone } from '../../parts/fields/numberOrNone'
import { HOW_MUCH, useMixing, type HowMuch } from '../../stores/mixing'
import MixDay from './MixDay.vue'

/** For which day a recipe is made, how much of it, and in which bowl. */
const mixing = useMixing()
const HOW_MUCH_NAMES: Record<HowMuch, string> = {
  children: 'For who is there',
  portions: 'By portions',
  target: 'By how much of it',
  left: 'From what is left',
  factor: 'Times the recipe',
}
const recipe = computed(() => mixing.recipe!)
/** In what it is counted how much of it there is. */
const targetUnit = computed(() => {
  const unit = recipe.value.gives?.unit ?? 'g'
  return unit === 'each' ? 'pieces' : unit
})
const leftMaterial = computed(() => {
  const ingredient = recipe.value.ingredients.find((one) => one.id === mixing.leftOf)
  return mixing.materials.get(ingredient?.materialId ?? '') ?? { unit: 'g' as const, density: null }
})
</script>

<template>
  <div class="ask no-print">
    <FormField class="wide" label="For which day"><MixDay /></FormField>
    <FormField class="wide" label="How much"
      ><v-select
        v-model="mixing.howMuch"
        aria-label="How much"
        :items="HOW_MUCH.map((value) => ({ title: HOW_MUCH_NAMES[value], value }))"
    /></FormField>
    <FormField v-if="mixing.howMuch === 'portions'" label="Portions"
      ><v-text-field
        type="number"
        min="1"
        :model-value="mixing.portions"
        @update:model-value="mixing.portions = numberOrNone($event)"
    /></FormField>
    <FormField v-if="mixing.howMuch === 'target'" :label="`So much of it (${targetUnit})`"
      ><v-text-field
        type="number"
        min="0"
        :aria-label="`So much of it (${targetUnit})`"
        :model-value="mixing.target"
        @update:model-value="mixing.target = numberOrNone($event)"
    /></FormField>
    <FormField v-if="mixing.howMuch === 'factor'" label="Times"
      ><v-text-field
        type="number"
        min="0"
        step="0.5"
        :model-value="mixing.factor"
        @update:model-value="mixing.factor = numberOrNone($event)"
    /></FormField>
    <template v-if="mixing.howMuch === 'left'">
      <FormField label="Left of"
        ><v-select
          v-model="mixing.leftOf"
          aria-label="Left of"
          :items="recipe.ingredients.map((one) => ({ title: mixing.nameOf(one.materialId), value: one.id }))"
      /></FormField>
      <FormField label="So much is left"
        ><AmountField v-model="mixing.left" :of="leftMaterial" label="So much is left" optional
      /></FormField>
    </template>
    <FormField label="The bowl holds"
      ><AmountField v-model="mixing.bowlMl" :of="{ unit: 'ml', density: null }" label="The bowl holds" optional
    /></FormField>
  </div>
</template>

<style scoped>
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: start;
}
.ask > * {
  flex: 1 1 140px;
  max-width: 300px;
}
.ask > .wide {
  flex: 2 1 230px;
}
</style>
