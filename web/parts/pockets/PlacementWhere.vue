<script setup lang="ts">
import { computed } from 'vue'
import type { Activity, Placement } from '@core/domain'
import { clockWords, timesIn } from '@core/base'
import { blockOn, centersFor } from '@core/plan'
import { useBoard } from '../../stores/board'
import { useHouse } from '../../stores/house'
import { useUnit } from '../../stores/unit'
import MoreMoves from './MoreMoves.vue'

/** Where and when a placement is, who leads it, and who is kept out of it. */
const props = defineProps<{ placement: Placement; activity: Activity }>()
const store = useUnit()
const house = useHouse()
const board = useBoard()
const patch = (label: string, over: Partial<Placement>) =>
  board.patch(props.placement, `${props.activity.title}: ${label}`, over)
const centers = computed(() => centersFor(props.activity, house.centers))
/** Minutes between the times at which something can begin. */
const START_STEP = 5
const times = computed(() => {
  const where = props.placement.where
  const block =
    where.kind === 'moment' && house.home && store.unit
      ? blockOn(house.home, store.unit, where.day, where.blockId)
      : undefined
  return block ? timesIn(block, START_STEP) : []
})
const setFrom = (from: string) => {
  const where = props.placement.where
  if (where.kind === 'moment')
    board.drop(
      { placementId: props.placement.id, activityId: props.placement.activityId },
      { ...where, from: times.value[0] === from ? null : from },
      props.placement.centerId,
    )
}
const setSpan = (key: 'fromDay' | 'toDay', day: number) => {
  const where = props.placement.where
  if (where.kind !== 'set-up') return
  const next =
    key === 'fromDay'
      ? { ...where, fromDay: day, toDay: Math.max(day, where.toDay) }
      : { ...where, toDay: day, fromDay: Math.min(day, where.fromDay) }
  board.drop(
    { placementId: props.placement.id, activityId: props.placement.activityId },
    next,
    props.placement.centerId,
  )
}
const toggleOut = (id: string) => {
  const kept = props.placement.keptOut
  patch(kept.includes(id) ? 'back in' : 'keep out', {
    keptOut: kept.includes(id) ? kept.filter((one) => one !== id) : [...kept, id],
  })
}
</script>

<template>
  <section class="rows form" aria-label="Where, when and who leads">
    <h3>Where and who leads</h3>
    <label
      >Center<v-select
        :model-value="placement.centerId"
        :items="centers.map((one) => ({ title: one.name, value: one.id }))"
        aria-label="Center"
        @update:model-value="patch('center', { centerId: $event })"
    /></label>
    <label v-if="placement.where.kind === 'moment'"
      >Starts<v-select
        :model-value="placement.where.from ?? times[0]"
        :items="times.map((time) => ({ title: clockWords(time), value: time }))"
        aria-label="Starts"
        @update:model-value="setFrom"
    /></label>
    <template v-else>
      <label
        >Out from day<v-select
          :model-value="placement.where.fromDay"
          :items="store.days.map((day) => day.number)"
          aria-label="Out from day"
          @update:model-value="setSpan('fromDay', $event)"
      /></label>
      <label
        >to day<v-select
          :model-value="placement.where.toDay"
          :items="store.days.map((day) => day.number)"
          aria-label="Out to day"
          @update:model-value="setSpan('toDay', $event)"
      /></label>
    </template>
    <label
      >Who leads<v-select
        :model-value="placement.leadId"
        :items="[
          { title: 'Nobody yet', value: null },
          ...house.adults.map((one) => ({ title: one.name, value: one.id })),
        ]"
        aria-label="Who leads"
        @update:model-value="patch('who leads', { leadId: $event })"
    /></label>
    <v-checkbox
      :model-value="placement.apart"
      label="Behind the gate or at the high table"
      @update:model-value="patch('apart', { apart: Boolean($event) })"
    />
    <MoreMoves :placement="placement" />
    <details>
      <summary>Leave a child out</summary>
      <v-checkbox
        v-for="child in house.children"
        :key="child.id"
        :model-value="placement.keptOut.includes(child.id)"
        :label="child.name"
        @update:model-value="toggleOut(child.id)"
      />
    </details>
  </section>
</template>

<style scoped>
.form {
  gap: 8px;
}
.form label {
  display: grid;
  gap: 2px;
  font-size: 14px;
  color: var(--mute);
}
summary {
  cursor: pointer;
  color: var(--spruce);
  padding: 4px 0;
}
</style>
