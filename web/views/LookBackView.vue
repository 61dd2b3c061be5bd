<script setup lang="ts">
import { computed } from 'vue'
import type { Placement } from '@core/domain'
import { countWords, longDate } from '@core/format'
import UnitFrame from '../parts/UnitFrame.vue'
import { useBoard } from '../stores/board'
import { useUnit } from '../stores/unit'

/** What was done and what was not, day by day. */
const store = useUnit()
const board = useBoard()
const days = computed(() => store.days.filter((day) => day.held && day.date <= store.snapshot!.today).map((day) => ({
  ...day,
  placements: store.placements.filter((one) => one.where.kind === 'moment' && one.where.day === day.number).map((one) => {
    const steps = store.activitiesById.get(one.activityId)?.steps.length ?? 0
    return { one, title: board.titleOf(one.activityId), ticks: store.ticks.filter((tick) => tick.placementId === one.id && tick.done).length, steps }
  }),
})).reverse())
const done = computed(() => store.placements.filter((one) => one.status === 'done').length)
const setStatus = (one: Placement, status: Placement['status']) => board.patch(one, `${board.titleOf(one.activityId)}: ${status}`, { status: one.status === status ? 'planned' : status })
</script>

<template>
  <UnitFrame title="Look back">
    <h2>{{ done ? `${countWords(done, 'thing')} done so far` : 'Nothing is marked as done yet' }}</h2>
    <p class="mute lead">Mark what was done and what was skipped: the supply list leaves both out of what is still to come.</p>
    <section v-for="day in days" :key="day.number" class="cubby day" :aria-label="`Day ${day.number}`">
      <h3>Day {{ day.number }}, {{ longDate(day.date) }}</h3>
      <p v-if="!day.placements.length" class="mute">Nothing was laid out.</p>
      <div v-for="{ one, title, ticks } in day.placements" :key="one.id" class="card row done">
        <span><b>{{ title }}</b><span v-if="ticks" class="small mute">&nbsp;· {{ countWords(ticks, 'step') }} ticked</span></span>
        <span class="inline"><v-btn size="small" :class="{ primary: one.status === 'done' }" :aria-pressed="one.status === 'done'" :aria-label="`Done: ${title}`" @click="setStatus(one, 'done')">Done</v-btn><v-btn size="small" :class="{ primary: one.status === 'skipped' }" :aria-pressed="one.status === 'skipped'" :aria-label="`Skipped: ${title}`" @click="setStatus(one, 'skipped')">Skipped</v-btn></span>
      </div>
    </section>
    <p v-if="!days.length" class="mute">The unit has not begun: there is nothing to look back on.</p>
  </UnitFrame>
</template>

<style scoped>
.lead { margin-bottom: 12px; }
.day { padding: 8px 10px 10px; display: grid; gap: 6px; margin-bottom: 10px; max-width: 760px; }
.done { padding: 5px 6px 5px 12px; align-items: center; }
</style>
