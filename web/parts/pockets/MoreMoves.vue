<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Placement } from '@core/domain'
import { listWords, shortDate } from '@core/base'
import { repeatOn, swapTwo } from '@core/plan'
import { newId } from '../../api/newId'
import { useBoard } from '../../stores/board'
import { useUnit } from '../../stores/unit'

/** A card again on other days, or in place of another. */
const props = defineProps<{ placement: Placement }>()
const store = useUnit()
const board = useBoard()
const days = ref<number[]>([])
const said = ref('')
const isMoment = computed(() => props.placement.where.kind === 'moment')
const own = computed(() => (props.placement.where.kind === 'moment' ? props.placement.where.day : 0))
const choices = computed(() =>
  store.days.filter((day) => day.held && day.number !== own.value && day.date >= store.snapshot!.today),
)
function repeat() {
  if (!store.snapshot || !store.readings || !days.value.length) return
  const { refused, ...move } = repeatOn(store.snapshot, store.readings.plan, props.placement, days.value, newId)
  said.value = refused.map((one) => `Day ${one.day}: ${one.refusal.reason}`).join(' ')
  if (move.puts.length)
    board.make(
      move,
      `${board.titleOf(props.placement.activityId)} again on day ` +
        `${listWords(move.puts.map((one) => String(one.where.kind === 'moment' ? one.where.day : one.where.fromDay)))}`,
    )
  days.value = []
}
/** Moments that it could change places with: still planned and not pinned. */
const others = computed(() =>
  (store.readings?.plan.sessions ?? [])
    .filter(
      (one) =>
        one.block &&
        one.placement.id !== props.placement.id &&
        one.placement.status === 'planned' &&
        one.placement.pinnedDate === null &&
        one.days[0].date >= store.snapshot!.today,
    )
    .map((one) => ({
      title: `${one.activity.title}, ${shortDate(one.days[0].date)}, ${one.block!.name.toLowerCase()}`,
      value: one.placement.id,
    })),
)
function swap(id: string | null) {
  const other = store.placements.find((one) => one.id === id)
  if (!other || !store.snapshot || !store.readings) return
  const move = swapTwo(store.snapshot, store.readings.plan, props.placement, other)
  said.value = 'refused' in move ? move.refused : ''
  if (!('refused' in move))
    board.make(move, `Swap ${board.titleOf(props.placement.activityId)} and ${board.titleOf(other.activityId)}`)
}
</script>

<template>
  <details v-if="isMoment" class="more">
    <summary>Repeat or swap</summary>
    <div class="rows">
      <div class="days" role="group" aria-label="Again on these days">
        <label v-for="day in choices" :key="day.number" class="day" :class="{ on: days.includes(day.number) }"
          ><input
            v-model="days"
            type="checkbox"
            class="sr-only"
            :value="day.number"
            :aria-label="`Again on day ${day.number}`"
          /><span aria-hidden="true">{{ day.number }}</span></label
        >
      </div>
      <div class="inline">
        <v-btn
          size="small"
          :disabled="!days.length"
          :title="days.length ? undefined : 'Choose a day first'"
          @click="repeat"
          >Repeat on these days</v-btn
        ><v-btn
          size="small"
          @click="board.carried = { placementId: null, activityId: placement.activityId, copyOf: placement.id }"
          >Pick up a copy</v-btn
        >
      </div>
      <v-select
        v-if="others.length && !placement.pinnedDate"
        :model-value="null"
        :items="others"
        placeholder="Change places with"
        aria-label="Change places with"
        @update:model-value="swap"
      />
      <p v-if="said" class="small brick" role="alert">{{ said }}</p>
    </div>
  </details>
</template>

<style scoped>
.more .rows {
  gap: 8px;
  padding-top: 6px;
}
summary {
  cursor: pointer;
  color: var(--spruce);
  padding: 4px 0;
}
.days {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
.day {
  min-width: 34px;
  height: 34px;
  display: grid;
  place-items: center;
  border: 1px solid var(--control);
  border-radius: 5px;
  background: var(--paper);
  cursor: pointer;
  font-family: var(--head);
  font-weight: 650;
}
.day.on {
  background: var(--spruce);
  color: var(--on-spruce);
  border-color: var(--spruce);
}
.day:focus-within {
  outline: 2px solid var(--spruce);
  outline-offset: 2px;
}
@media (max-width: 720px) {
  .day {
    min-width: 44px;
    height: 44px;
  }
}
</style>
