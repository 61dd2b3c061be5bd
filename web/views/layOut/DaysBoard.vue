<script setup lang="ts">
import { computed, ref } from 'vue'
import { sessionCautions, type Caution } from '@core/cautions'
import { hourWords } from '@core/base'
import { eventOn, type Session } from '@core/plan'
import { carriedOf, OUT, whereFor } from '../../composables/boardWhere'
import { useBoardKeys } from '../../composables/useBoardKeys'
import { useBoardPresses } from '../../composables/useBoardPresses'
import { useCardDrag } from '../../composables/useCardDrag'
import { useDayCells } from '../../composables/useDayCells'
import { useEmptyWords } from '../../composables/useEmptyWords'
import { useHeldCard, whereOf } from '../../composables/useHeldCard'
import { useShownDays } from '../../composables/useShownDays'
import { useOutBars } from '../../composables/useOutBars'
import { useBoard } from '../../stores/board'
import { useUnit } from '../../stores/unit'
import BoardCubby from './board/BoardCubby.vue'
import DayHeads from './board/DayHeads.vue'
import NapLine from './board/NapLine.vue'
import NextDays from './board/NextDays.vue'
import OutRow from './board/OutRow.vue'

/** The days of a unit: columns are program days, rows the home's rhythm, with what stands out at the centers below. */
const emit = defineEmits<{ open: [] }>()

const store = useUnit()
const board = useBoard()
const grid = ref<HTMLElement>()
const { phone, columns, firstDay, shown, nextDay, previousDay } = useShownDays(grid)
const sessions = computed(() => store.readings?.plan.sessions ?? [])
const { cell, spotOf, rowsOf } = useDayCells(shown, sessions)
const NONE: readonly Caution[] = []
const cautionsOf = (session: Session): readonly Caution[] => {
  const plan = store.readings?.plan
  return !plan || plan.isBehind(session) ? NONE : sessionCautions(session, plan)
}
const { dragging } = useCardDrag(
  computed(() =>
    grid.value && sessions.value && shown.value && pocket.value
      ? [
          ...grid.value.querySelectorAll<HTMLElement>('[data-list]'),
          ...document.querySelectorAll<HTMLElement>('.pocket [data-list]'),
        ]
      : [],
  ),
  (item, slot) => board.drop(carriedOf(item), whereOf(slot, store.days.length)),
)
const pocket = computed(() => [
  store.hasBeside,
  board.selected,
  store.unplaced,
  firstDay.value,
  columns.value,
  store.placements,
])

const busy = computed(() => dragging.value !== null || board.carried !== null)
const rows = rowsOf(busy)
const { bars, laneCount } = useOutBars(shown, sessions)

const { activeWhere, pickUpOrPutDown, activeIndex, follow } = useBoardKeys({
  grid,
  firstDay,
  columns,
  open: () => emit('open'),
  blockIds: computed(() => rows.value.filter((row) => !row.thin).map((row) => row.block.id)),
  spotsOf: (block, day) => cell(block, day)?.spots ?? [],
})
const { hint, refused, overOf } = useHeldCard(dragging, activeWhere, () => store.days.length)

const emptyWords = useEmptyWords(
  shown,
  computed(() => rows.value.map(({ block }) => block)),
  (blockId, day) => cell(blockId, day)?.cubbies ?? [],
  busy,
)

const { openCard, openSlot, cardClicked, cardEntered, cardFocused } = useBoardPresses({
  open: () => emit('open'),
  pickUpOrPutDown,
  follow,
  whereOn: (day, slot) => whereFor(day, slot, store.days.length),
})
</script>

<template>
  <div>
    <p v-if="hint" class="hint card" role="status" aria-label="What happens here" :class="{ no: refused }">
      {{ hint }}
    </p>
    <div
      ref="grid"
      class="board"
      :style="{ '--columns': shown.length }"
      role="group"
      aria-label="The plan. Arrow keys move between the cubbies, m picks a card up."
      @click="cardClicked"
      @keydown.enter="cardEntered"
      @focusin="cardFocused"
    >
      <DayHeads
        :days="shown"
        :snapshot="store.snapshot!"
        :previous-day="phone ? null : (previousDay ?? null)"
        @back="board.day = Math.max(1, firstDay - columns)"
      />
      <template v-for="{ block, thin } in rows" :key="block.id">
        <NapLine v-if="block.kind === 'nap'" />
        <div v-if="!thin" class="line">
          <div class="label">
            <h3>{{ block.name }}</h3>
            <span class="small mute"
              >{{ hourWords(block.from)
              }}<template v-if="block.kind === 'choice' || block.kind === 'nap'">
                to {{ hourWords(block.to) }}</template
              ></span
            >
          </div>
          <div v-for="day in shown" :key="day.number" class="cell">
            <BoardCubby
              v-for="cubby in cell(block.id, day.number)?.cubbies"
              :key="cubby.slot"
              :cubby="cubby"
              :day="day"
              :spot="spotOf(block.id, day.number, cubby)"
              :active-spot="activeIndex(day.number, block.id)"
              :cautions-of="cautionsOf"
              :selected-id="board.placement?.id ?? null"
              :carried-id="board.carried?.placementId ?? null"
              :empty="cubby.sessions.length ? '' : emptyWords(cubby, day.number)"
              :is-today="day.date === store.snapshot?.today"
              :over="overOf(day.number, cubby.slot)"
              @choose="openSlot(day.number, cubby.slot)"
            />
            <p v-if="!cell(block.id, day.number)?.cubbies.length" class="gone small mute">
              {{ eventOn(store.unit!, day.number)?.name }}
            </p>
          </div>
        </div>
      </template>
      <OutRow
        :days="shown"
        :bars="bars"
        :lane-count="laneCount"
        :today="store.snapshot?.today"
        :selected-id="board.placement?.id ?? null"
        :cautions-of="cautionsOf"
        :is-active="(day) => activeIndex(day, OUT) === 0"
        :over-of="(day) => overOf(day, OUT)"
        @choose="(day) => openSlot(day, OUT)"
        @open="openCard"
      />
      <NextDays
        v-if="nextDay && !phone"
        :day="nextDay.number"
        @click="board.day = Math.min(store.days.length, firstDay + columns)"
      />
    </div>
  </div>
</template>

<style scoped>
.board {
  position: relative;
  padding-right: 24px;
  display: grid;
  gap: 7px;
  align-content: start;
}
.board :deep(.line) {
  display: grid;
  grid-template-columns: 74px repeat(var(--columns), minmax(0, 1fr));
  gap: 6px;
}
.board :deep(.label) {
  padding-top: 8px;
}
.board :deep(.heads .label) {
  padding-top: 0;
}
.board :deep(.label h3) {
  font-size: 16px;
}
.board :deep(.slot) {
  padding: 4px 4px 4px 7px;
  min-height: 86px;
  display: grid;
  align-content: start;
  gap: 5px;
  min-width: 0;
  position: relative;
}
.board :deep(.slot.today) {
  border-color: var(--apricot);
}
.cell {
  display: grid;
  gap: 5px;
  min-width: 0;
  align-content: stretch;
}
.gone {
  align-self: center;
  text-align: center;
  border: 1px dashed var(--edge-strong);
  border-radius: 4px;
  padding: 8px 4px;
}
.board :deep(.slot.over) {
  outline: 2px solid var(--spruce);
  outline-offset: -1px;
}
.board :deep(.slot.over.no) {
  outline-color: var(--brick);
}
.hint {
  position: sticky;
  top: 0;
  z-index: 5;
  padding: 6px 12px;
  margin-bottom: 8px;
  border-left: 3px solid var(--spruce);
}
.hint.no {
  border-left-color: var(--brick);
}
@media (max-width: 720px) {
  .board {
    padding-right: 0;
  }
  .board :deep(.line) {
    grid-template-columns: minmax(0, 1fr);
    gap: 4px;
  }
  .board :deep(.label) {
    display: flex;
    gap: 8px;
    align-items: baseline;
    padding-top: 4px;
  }
  .board :deep(.slot) {
    min-height: 60px;
  }
}
</style>
<style>
.drag-copy {
  opacity: 1 !important;
  background: var(--paper);
  pointer-events: none;
  outline: 2px solid var(--spruce);
  border-radius: 4px;
  z-index: 3000;
}
.drag-source {
  opacity: 0.5;
}
</style>
