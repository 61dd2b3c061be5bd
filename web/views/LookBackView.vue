<script setup lang="ts">
import { computed } from 'vue'
import { countWords, longDate } from '@core/base'
import CircleHeld from '../parts/circle/CircleHeld.vue'
import HowItWent from '../parts/pockets/HowItWent.vue'
import UnitFrame from '../parts/shell/UnitFrame.vue'
import { useHouse } from '../stores/house'
import { useUnit } from '../stores/unit'

/** What was done and what was not, day by day. */
const store = useUnit()
const house = useHouse()
const ticksOf = (id: string) => store.ticks.filter((tick) => tick.placementId === id && tick.done).length
const days = computed(() =>
  store.days
    .filter((day) => day.held && day.date <= store.snapshot!.today)
    .map((day) => ({
      ...day,
      placements: store.placements.filter((one) => one.where.kind === 'moment' && one.where.day === day.number),
      circles: house.circleLogs.filter((one) => one.date === day.date),
    }))
    .reverse(),
)
/** What stands out, from the day on which it was put out. */
const out = computed(() => {
  const begun = new Set(days.value.map((day) => day.number))
  return store.placements.filter((one) => one.where.kind === 'set-up' && begun.has(one.where.fromDay))
})
const done = computed(() => store.placements.filter((one) => one.status === 'done').length)
</script>

<template>
  <UnitFrame title="Look back">
    <h2>{{ done ? `${countWords(done, 'thing')} done so far` : 'Nothing is marked as done yet' }}</h2>
    <p class="mute lead">
      Mark what was done and what was skipped. What was done comes out of the pantry, and the supply list stops counting
      both. How it went shows the next time you look at the idea.
    </p>
    <section v-for="day in days" :key="day.number" class="cubby day" :aria-label="`Day ${day.number}`">
      <h3>Day {{ day.number }}, {{ longDate(day.date) }}</h3>
      <p v-if="!day.placements.length && !day.circles.length" class="mute">Nothing was laid out.</p>
      <CircleHeld v-for="one in day.circles" :key="one.id" :log="one" />
      <HowItWent v-for="one in day.placements" :key="one.id" :placement="one" :ticks="ticksOf(one.id)" />
    </section>
    <section v-if="out.length" class="cubby day" aria-label="Out at the centers">
      <h3>Out at the centers</h3>
      <HowItWent v-for="one in out" :key="one.id" :placement="one" :ticks="ticksOf(one.id)" />
    </section>
    <p v-if="!days.length" class="mute">The unit has not started: there is nothing to look back on.</p>
  </UnitFrame>
</template>

<style scoped>
.lead {
  margin-bottom: 12px;
}
.day {
  padding: 8px 10px 10px;
  display: grid;
  gap: 6px;
  margin-bottom: 10px;
  max-width: 760px;
}
</style>
