<script setup lang="ts">
import { computed } from 'vue'
import { listWords, countWords } from '@core/base'
import { capital } from '@core/ideas'
import { measureOf, scaleWords, usualHere, type Scaled } from '@core/making'
import { useMixWords } from '../../composables/mixWords'
import { useKitchen } from '../../stores/kitchen'
import { useMixing } from '../../stores/mixing'

/** What goes in: by cups and spoons, by the scale beside it, and what is added by feel as a gauge. */
const mixing = useMixing()
const kitchen = useKitchen()
const { main, beside, errorWords } = useMixWords()
const recipe = computed(() => mixing.recipe!)
const made = computed(() => mixing.mixed?.value ?? null)
const feels = computed(() => made.value?.lines.filter((line) => line.ingredient.until) ?? [])
/** What went in of it so far, while it is being mixed. */
const soFar = (line: Scaled) => kitchen.current?.felt[line.ingredient.id] ?? null
/** An amount in the measure of a line, in every way it can be said. */
const times = (line: Scaled, share: number) => ({
  g: line.g === null ? null : line.g * share,
  ml: line.ml === null ? null : line.ml * share,
  each: line.each === null ? null : line.each * share,
})
const shareOf = (line: Scaled) => {
  const all = line[measureOf(line)]
  const felt = soFar(line)
  return felt === null || !all ? null : felt / all
}
/** Where on the gauge an amount stands, with a little room after the most. */
const along = (line: Scaled, share: number) => `${Math.min(100, (100 * share) / (line.ingredient.stop * 1.1))}%`
const LATELY = 3
/** What this home took the last times, in the amounts of today. */
function usualWords(line: Scaled): string {
  const { own, share } = usualHere(kitchen.batches, recipe.value.id, line.ingredient.id, mixing.swapIds)
  if (!own.length) return ''
  const said = own.slice(-LATELY).map((one) => main(times(line, one / share)))
  const lately = own.length === 1 ? 'time' : countWords(said.length, 'time')
  return `Usual here: the last ${lately} took ${listWords(said)}. By the recipe it is ${main(times(line, 1 / share))}.`
}
const givesWords = computed(() => {
  if (!made.value) return ''
  const { gives, unit, portions } = made.value
  const amount = scaleWords({ g: null, ml: null, each: null, [unit]: gives })
  const count = Math.round(portions * 10) / 10
  return unit === 'each' && recipe.value.portion.usual === 1
    ? `Makes ${amount}.`
    : `Makes ${unit === 'each' ? `${amount} pieces` : amount}: ${countWords(count, 'usual portion')}.`
})
const bowlWords = computed(() => {
  const bowls = mixing.bowls
  if (!bowls) return ''
  if (bowls.fault) return bowls.fault.message
  const count = bowls.value
  return count === 1 ? 'It all fits, with room to stir.' : `Mix it in ${count} equal batches.`
})
</script>

<template>
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
        <p v-if="shareOf(line) !== null" class="so-far" role="status">
          <b>{{ main(times(line, shareOf(line)!)) }}</b> so far
        </p>
        <div class="gauge" aria-hidden="true">
          <span v-if="shareOf(line) !== null" class="fill" :style="{ width: along(line, shareOf(line)!) }" />
          <span v-if="line.first" class="at" :style="{ left: along(line, line.ingredient.first) }" />
          <span class="at" :style="{ left: along(line, 1) }" />
          <span v-if="line.stop" class="at most" :style="{ left: along(line, line.ingredient.stop) }" />
        </div>
        <p class="small marks-words">
          <span v-if="line.first">first {{ main(line.first) }}</span
          ><span>usual {{ main(line) }}</span
          ><span v-if="line.stop" class="brick">stop at {{ main(line.stop) }}</span>
        </p>
        <p v-if="usualWords(line)" class="small mute usual">
          {{ usualWords(line) }}
          <TextButton v-if="!kitchen.current" class="no-print" @click="kitchen.setBack(recipe.id)"
            >Go by the recipe again</TextButton
          >
        </p>
      </div>
      <p class="gives">
        {{ givesWords }} <span v-if="bowlWords" :class="{ brick: mixing.bowls?.fault }">{{ bowlWords }}</span>
      </p>
      <p v-if="made.unweighed.length" class="small mute">
        By the scale there is no figure for {{ listWords(made.unweighed.map(mixing.nameOf)) }}: nobody has said how much
        a cup of it weighs.
      </p>
    </template>
  </section>
</template>

<style scoped>
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
.so-far {
  padding-top: 6px;
  text-align: right;
}
.gauge {
  position: relative;
  height: 14px;
  margin: 8px 0 6px;
  border: 1px solid var(--control);
  border-radius: 7px;
  background: var(--paper);
}
.fill {
  position: absolute;
  inset: 0 auto 0 0;
  border-radius: 6px;
  background: var(--spruce-tint);
  border-right: 2px solid var(--spruce);
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
.usual {
  padding-top: 6px;
}
.gives {
  padding-top: 8px;
}
</style>
