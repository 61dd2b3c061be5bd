<script setup lang="ts">
import { computed } from 'vue'
import { countWords, listWords, longWeekday, minutesWords, weekdayOf } from '@core/base'
import { capital } from '@core/ideas'
import { ERROR_TO_SAY, kitchenMeasure, scaleWords, type Quantity, type Scaled } from '@core/making'
import AmountField from '../../parts/fields/AmountField.vue'
import FormField from '../../parts/fields/FormField.vue'
import { numberOrNone } from '../../parts/fields/numberOrNone'
import { useHouse } from '../../stores/house'
import { HOW_MUCH, useMixing, type HowMuch } from '../../stores/mixing'
import MixDay from './MixDay.vue'

/** One recipe in the amounts of the day: what goes in, step by step, and what to do where it goes wrong. */
const emit = defineEmits<{ all: [] }>()
const mixing = useMixing()
const house = useHouse()
const HOW_MUCH_NAMES: Record<HowMuch, string> = {
  children: 'For who is there',
  portions: 'By portions',
  left: 'From what is left',
  factor: 'Times the recipe',
}
const recipe = computed(() => mixing.recipe!)
const made = computed(() => mixing.mixed?.value ?? null)
const fault = computed(() => mixing.mixed?.fault ?? null)
const kitchen = (line: Pick<Quantity, 'ml'>) =>
  line.ml === null ? null : kitchenMeasure(line.ml, house.thisHome.measures)
/** What is measured with cups and spoons; by the scale where there is no other way. */
const main = (quantity: Quantity) => kitchen(quantity)?.words ?? scaleWords(quantity)
const beside = (line: Scaled) => (line.kitchen ? scaleWords(line) : '')
const errorWords = ({ kitchen: measure }: Scaled) => {
  if (!measure || Math.abs(measure.error) <= ERROR_TO_SAY) return ''
  return `${Math.round(Math.abs(measure.error) * 100)}% ${measure.error > 0 ? 'more' : 'less'} than exact`
}
const feels = computed(() => made.value?.lines.filter((line) => line.ingredient.until) ?? [])
const ownMinutes = computed(() => recipe.value.steps.reduce((sum, step) => sum + step.minutes, 0))
const waiting = computed(() => recipe.value.steps.reduce((sum, step) => sum + step.wait, 0))
const waitWords = (minutes: number) =>
  minutes >= 2 * 24 * 60 ? countWords(Math.round(minutes / 24 / 60), 'day') : minutesWords(minutes)
const givesWords = computed(() => {
  if (!made.value) return ''
  const { gives, unit, portions } = made.value
  const amount = scaleWords({ g: null, ml: null, each: null, [unit]: gives })
  const count = Math.round(portions * 10) / 10
  return unit === 'each' && recipe.value.portion.usual === 1
    ? `Makes ${amount}.`
    : `Makes ${unit === 'each' ? `${amount} pieces` : amount}: ${countWords(count, 'usual portion')}.`
})
const forWhom = computed(() => {
  const names = mixing.served.map((one) => one.child.name)
  const day = mixing.day ? ` on ${longWeekday(weekdayOf(mixing.day.date))}` : ''
  return names.length ? `for ${listWords(names)}${day}` : ''
})
const bowlWords = computed(() => {
  const bowls = mixing.bowls
  if (!bowls) return ''
  if (bowls.fault) return bowls.fault.message
  const count = bowls.value
  return count === 1 ? 'It all fits, with room to stir.' : `Mix it in ${count} equal batches.`
})
const leftMaterial = computed(() => {
  const ingredient = recipe.value.ingredients.find((one) => one.id === mixing.leftOf)
  return mixing.materials.get(ingredient?.materialId ?? '') ?? { unit: 'g' as const, density: null }
})
const print = () => window.print()
/** Where on the gauge an amount stands, with a little room after the most. */
const along = (line: Scaled, share: number) => `${(100 * share) / (line.ingredient.stop * 1.1)}%`
</script>

<template>
  <div class="page">
    <TextButton class="no-print" @click="emit('all')">All recipes</TextButton>
    <div class="row head">
      <div>
        <h2>{{ recipe.name }}</h2>
        <p class="mute">
          {{ capital(minutesWords(ownMinutes)) }} of work<template v-if="waiting"
            >, {{ waitWords(waiting) }} of waiting</template
          ><template v-if="forWhom && mixing.howMuch === 'children'">; {{ forWhom }}</template
          >.
        </p>
      </div>
      <v-btn class="no-print" @click="print">Print</v-btn>
    </div>
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
    <p v-if="fault" class="notice" role="alert">{{ fault.message }}.</p>
    <div class="two">
      <section class="cubby in" aria-label="What goes in">
        <h3>What goes in</h3>
        <template v-if="made">
          <div v-for="line in made.lines" :key="line.ingredient.id" class="row line">
            <span
              >{{ capital(mixing.nameOf(line.ingredient.materialId))
              }}<template v-if="line.ingredient.until">, by feel</template></span
            >
            <span class="amount"
              ><b>{{ main(line) }}</b> <span class="small mute">{{ beside(line) }}</span><span
                v-if="errorWords(line)"
                class="small ember error"
                >{{ errorWords(line) }}</span
              ></span
            >
          </div>
          <div v-for="line in feels" :key="`${line.ingredient.id} feel`" class="feel">
            <p class="small">
              <b>{{ capital(mixing.nameOf(line.ingredient.materialId)) }}, by feel.</b> {{ line.ingredient.until }}
            </p>
            <div class="gauge" aria-hidden="true">
              <span v-if="line.first" class="at" :style="{ left: along(line, line.ingredient.first) }" />
              <span class="at" :style="{ left: along(line, 1) }" />
              <span v-if="line.stop" class="at most" :style="{ left: along(line, line.ingredient.stop) }" />
            </div>
            <p class="small marks-words">
              <span v-if="line.first">first {{ main(line.first) }}</span
              ><span>usual {{ main(line) }}</span
              ><span v-if="line.stop" class="brick">stop at {{ main(line.stop) }}</span>
            </p>
          </div>
          <p class="gives">
            {{ givesWords }} <span v-if="bowlWords" :class="{ brick: mixing.bowls?.fault }">{{ bowlWords }}</span>
          </p>
          <p v-if="made.unweighed.length" class="small mute">
            By the scale there is no figure for {{ listWords(made.unweighed.map(mixing.nameOf)) }}: nobody has said how
            much a cup of it weighs.
          </p>
        </template>
      </section>
      <section aria-label="Steps">
        <ol class="steps">
          <li v-for="(step, index) in recipe.steps" :key="index" class="card step">
            <span class="number">{{ index + 1 }}</span>
            <span class="text">{{ step.text }}.</span>
            <span class="small mute who">{{ step.who === 'child' ? 'children' : 'adult' }}</span>
            <span class="small time-words"
              >{{ minutesWords(step.minutes)
              }}<span v-if="step.wait" class="ember wait">then wait {{ waitWords(step.wait) }}</span></span
            >
          </li>
        </ol>
        <div class="rows mends">
          <p v-for="one in recipe.mends" :key="one.wrong">
            <b>{{ one.wrong }}.</b> {{ one.mend }}
          </p>
        </div>
        <p class="small mute">You need {{ listWords(recipe.equipment) }}.</p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  gap: 10px;
  align-content: start;
}
.page > .why {
  justify-self: start;
}
.head {
  align-items: center;
}
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
.two {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 6fr);
  gap: 14px;
  align-items: start;
}
.in {
  padding: 10px 14px;
}
.line {
  padding: 6px 0;
  border-bottom: 1px solid var(--edge);
}
.amount {
  text-align: right;
}
.error {
  display: block;
}
.feel {
  padding: 10px 0 2px;
}
.gauge {
  position: relative;
  height: 14px;
  margin: 8px 0 6px;
  border: 1px solid var(--control-edge);
  border-radius: 7px;
  background: var(--paper);
}
.at {
  position: absolute;
  top: -5px;
  bottom: -5px;
  width: 2px;
  background: var(--ink);
}
.at.most {
  background: var(--brick);
}
.marks-words {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  justify-content: space-between;
}
.gives {
  padding-top: 8px;
}
.steps {
  list-style: none;
  padding: 0;
  display: grid;
  gap: 6px;
}
.step {
  display: grid;
  grid-template-columns: 24px minmax(0, 1fr) auto auto;
  gap: 2px 12px;
  align-items: baseline;
  padding: 10px 12px;
}
.number {
  font-family: var(--head);
  font-weight: 650;
  color: var(--spruce);
}
.time-words {
  text-align: right;
  min-width: 52px;
}
.wait {
  display: block;
}
.mends {
  padding: 12px 2px;
}
@media (max-width: 700px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  .step {
    grid-template-columns: 24px minmax(0, 1fr) auto;
  }
  .step .who {
    grid-column: 2;
    grid-row: 2;
  }
}
@media print {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  .step {
    break-inside: avoid;
  }
}
</style>
