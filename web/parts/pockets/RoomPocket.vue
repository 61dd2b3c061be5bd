<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { listWords, shortDate } from '@core/base'
import { bandsOf } from '@core/plan'
import { useBoard } from '../../stores/board'
import { useCarried } from '../../composables/useCarried'
import { useHouse } from '../../stores/house'
import { useUnit } from '../../stores/unit'

/** What was still out when the unit before ended, and which centers stand empty. */
const store = useUnit()
const house = useHouse()
const board = useBoard()
const carried = useCarried()
onMounted(carried.load)
const nameOf = (centerId: string) => house.centers.find((one) => one.id === centerId)?.name ?? 'a center'
const stands = (activityId: string, centerId: string) =>
  store.placements.some(
    (one) => one.activityId === activityId && one.centerId === centerId && one.where.kind === 'set-up',
  )
/** Once the unit has begun, what stood before it is history. */
const begun = computed(() => (store.days.find((day) => day.held)?.date ?? '') < store.snapshot!.today)
const stays = computed(() =>
  (begun.value ? [] : carried.list.value)
    .filter((one) => store.activitiesById.has(one.activityId))
    .map((one) => ({ ...one, kept: stands(one.activityId, one.centerId) })),
)
const empty = computed(() =>
  store.readings
    ? bandsOf(house.centers, store.readings.plan)
        .filter((band) => band.empty.some((one) => one.fromDay <= board.day && one.toDay >= board.day))
        .map((band) => band.center)
    : [],
)
const keep = (activityId: string, centerId: string) =>
  board.drop({ placementId: null, activityId }, { kind: 'set-up', fromDay: 1, toDay: store.days.length }, centerId)
</script>

<template>
  <div class="stack">
    <div>
      <h2>The room</h2>
      <p class="small mute">
        Choose a center to see what stands there, for how long already, and what could come next.
      </p>
    </div>
    <section v-if="stays.length" class="rows">
      <h3>Still out from {{ stays[0].unit }}</h3>
      <div v-for="one in stays" :key="one.activityId + one.centerId" class="row line">
        <span
          ><b>{{ board.titleOf(one.activityId) }}</b
          ><span class="small mute block">{{ nameOf(one.centerId) }}, since {{ shortDate(one.since) }}</span></span
        ><span v-if="one.kept" class="small mute">stays</span
        ><TextButton v-else class="small" @click="keep(one.activityId, one.centerId)">keep it out</TextButton>
      </div>
    </section>
    <p v-if="empty.length">On day {{ board.day }} nothing stands at {{ listWords(empty.map((one) => one.name)) }}.</p>
  </div>
</template>

<style scoped>
.block {
  display: block;
}
.line {
  align-items: center;
}
</style>
