<script setup lang="ts">
import { computed } from 'vue'
import { listWords, minutesWords, waitWords } from '@core/base'
import { isMost, spoonOf, type Scaled } from '@core/making'
import { useKitchen } from '../../stores/kitchen'
import { useMixing } from '../../stores/mixing'

/** The steps of a recipe; while it is mixed, the one that is on is large, and the next is a space or a tap away. */
const mixing = useMixing()
const kitchen = useKitchen()
const recipe = computed(() => mixing.recipe!)
const at = computed(() => kitchen.current?.step ?? -1)
const lineOf = (ingredientId: string | null): Scaled | undefined =>
  mixing.mixed?.value?.lines.find((line) => line.ingredient.id === ingredientId)
const stateOf = (index: number) =>
  at.value < 0 ? 'plain' : index < at.value ? 'done' : index === at.value ? 'on' : 'later'
</script>

<template>
  <section aria-label="Steps">
    <ol class="steps">
      <li
        v-for="(step, index) in recipe.steps"
        :key="index"
        class="card step"
        :class="stateOf(index)"
        :aria-current="stateOf(index) === 'on' ? 'step' : undefined"
      >
        <span class="number" :aria-label="stateOf(index) === 'done' ? 'done' : undefined">{{
          stateOf(index) === 'done' ? '✓' : index + 1
        }}</span>
        <span class="text">{{ step.text }}.</span>
        <span class="small mute who">{{ step.who === 'child' ? 'children' : 'adult' }}</span>
        <span class="small time-words"
          >{{ minutesWords(step.minutes)
          }}<span v-if="step.wait" class="ember wait">then wait {{ waitWords(step.wait) }}</span></span
        >
        <div v-if="stateOf(index) === 'on'" class="now">
          <template v-if="lineOf(step.feels)">
            <p>{{ lineOf(step.feels)!.ingredient.until }}</p>
            <p v-for="one in recipe.mends" :key="one.wrong" class="small mute">
              <b>{{ one.wrong }}.</b> {{ one.mend }}
            </p>
            <p v-if="isMost(lineOf(step.feels)!, kitchen.current!.felt[step.feels!] ?? 0)" class="notice" role="alert">
              That is the most. If it is not right now, more of it will not help: see what goes wrong.
            </p>
            <div class="buttons">
              <v-btn @click="kitchen.add(step.feels!, spoonOf(lineOf(step.feels)!, mixing.measures).amount)"
                >Add {{ spoonOf(lineOf(step.feels)!, mixing.measures).words }}</v-btn
              ><v-btn @click="kitchen.add(step.feels!, -spoonOf(lineOf(step.feels)!, mixing.measures).amount)"
                >Take {{ spoonOf(lineOf(step.feels)!, mixing.measures).words }} back</v-btn
              >
            </div>
          </template>
          <div class="buttons">
            <v-btn class="primary" @click="kitchen.next()">{{
              step.feels ? 'It’s right' : step.wait ? 'Done, start the timer' : 'Done'
            }}</v-btn><TextButton v-if="index" class="back" @click="kitchen.back()">Back a step</TextButton>
          </div>
        </div>
      </li>
    </ol>
    <div v-if="at < 0" class="rows mends">
      <p v-for="one in recipe.mends" :key="one.wrong">
        <b>{{ one.wrong }}.</b> {{ one.mend }}
      </p>
    </div>
    <p v-if="recipe.equipment.length" class="small mute">You need {{ listWords(recipe.equipment) }}.</p>
  </section>
</template>

<style scoped>
.steps {
  list-style: none;
  padding: 0;
  display: grid;
  gap: 6px;
  margin-bottom: 10px;
}
.step {
  display: grid;
  grid-template-columns: 24px minmax(0, 1fr) auto auto;
  gap: 2px 12px;
  align-items: baseline;
  padding: 10px 12px;
}
.step.done {
  color: var(--mute);
}
.step.on {
  outline: 2px solid var(--spruce);
  outline-offset: -2px;
  padding: 16px 14px;
  scroll-margin: 20px;
}
.step.on > .text {
  font-size: 20px;
  line-height: 1.35;
}
.now {
  grid-column: 2 / -1;
  display: grid;
  gap: 8px;
  padding-top: 8px;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
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
  padding: 2px 2px 12px;
}
@media (max-width: 700px) {
  .step {
    grid-template-columns: 24px minmax(0, 1fr) auto;
  }
  .step .who {
    grid-column: 2;
    grid-row: 2;
  }
}
@media print {
  .step {
    break-inside: avoid;
  }
}
</style>
