<script setup lang="ts">
import { mdiWeatherNight } from '@mdi/js'
import { useElementSize, useMediaQuery } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { sessionCautions, type Caution } from '@core/cautions'
import { countHere } from '@core/papers'
import type { Where } from '@core/domain'
import { clockWords, listWords, shortDate } from '@core/base'
import { eventOn, plannableBlocks, type Session } from '@core/plan'
import { carriedOf, OUT, whereFor } from '../../composables/boardWhere'
import { useBoardKeys } from '../../composables/useBoardKeys'
import { useCardDrag } from '../../composables/useCardDrag'
import { useDayCells } from '../../composables/useDayCells'
import { useEmptyWords } from '../../composables/useEmptyWords'
import { useOutBars } from '../../composables/useOutBars'
import PlanCard from '../../parts/cards/PlanCard.vue'
import { useBoard, type Carried } from '../../stores/board'
import { useHouse } from '../../stores/house'
import { useUnit } from '../../stores/unit'

/** The days of a unit: columns are program days, rows the home's rhythm, with what stands out at the centers below. */
const emit = defineEmits<{ open: [] }>()

const store = useUnit()
const house = useHouse()
const board = useBoard()
const grid = ref<HTMLElement>()
const phone = useMediaQuery('(max-width: 720px)')
const { width } = useElementSize(grid)

const LABELS = 80
const COLUMN = 156

const columns = computed(() => (phone.value ? 1 : Math.max(2, Math.floor((width.value - LABELS) / COLUMN) || 4)))
const firstDay = computed(() => Math.max(1, Math.min(board.day, store.days.length - columns.value + 1)))
const shown = computed(() =>
  store.days.filter((day) => day.number >= firstDay.value && day.number < firstDay.value + columns.value),
)
const nextDay = computed(() => store.days.find((day) => day.number === firstDay.value + columns.value))
const previousDay = computed(() =>
  firstDay.value > 1 ? store.days.find((day) => day.number === firstDay.value - 1) : undefined,
)
const sessions = computed(() => store.readings?.plan.sessions ?? [])
const moments = computed(() => {
  const by = new Map<string, Session[]>()
  for (const session of sessions.value) {
    if (!session.block) continue
    const key = `${session.block.id} ${session.days[0].number}`
    by.set(key, [...(by.get(key) ?? []), session])
  }
  return by
})
const { cell, spotOf, railOf, together } = useDayCells(shown, moments)
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
  (item, slot) => board.drop(carriedOf(item), whereOf(slot)),
)
const pocket = computed(() => [board.selected, store.unplaced, firstDay.value, columns.value, store.placements])

const busy = computed(() => dragging.value !== null || board.carried !== null)
/** Nap is a line between the rows until something lies in it or is about to. */
const rows = computed(() =>
  plannableBlocks(house.thisHome).map((block) => ({
    block,
    thin:
      block.kind === 'nap' &&
      !busy.value &&
      shown.value.every((day) => !cell(block.id, day.number)?.cubbies.some((one) => one.part || one.sessions.length)),
  })),
)
const napWords = computed(() => {
  const nap = house.thisHome.rhythm.find((block) => block.kind === 'nap')
  if (!nap) return ''
  const asleep = house.children
    .filter((child) => child.naps.some((one) => one.from < nap.to && one.to > nap.from))
    .map((child) => child.name)
  return (
    `${nap.name}, ${clockWords(nap.from)} to ${clockWords(nap.to)}. ` +
    `${asleep.length ? `${listWords(asleep)} asleep: small pieces are possible then` : 'Nobody sleeps here'}`
  )
})
const { bars, laneCount } = useOutBars(shown, sessions)

const whereOn = (day: number, slot: string): Where => whereFor(day, slot, store.days.length)
function whereOf(element: HTMLElement): Where {
  const [day, slot] = element.dataset.slot!.split(' ')
  return whereOn(Number(day), slot)
}
const { activeWhere, pickUpOrPutDown, isActive, follow } = useBoardKeys({
  grid,
  firstDay,
  columns,
  open: () => emit('open'),
  blockIds: computed(() => rows.value.filter((row) => !row.thin).map((row) => row.block.id)),
  spotsOf: (block, day) => cell(block, day)?.spots ?? [],
})
const moving = computed<Carried | null>(() => (dragging.value ? carriedOf(dragging.value.item) : board.carried))
const overWhere = computed(() =>
  dragging.value?.slot ? whereOf(dragging.value.slot) : board.carried ? activeWhere.value : null,
)
const overVerdict = computed(() =>
  moving.value && overWhere.value ? board.verdict(moving.value, overWhere.value, null, false) : null,
)
const hint = computed(() => {
  if (!moving.value) return ''
  const title = board.titleOf(moving.value.activityId)
  if (!overVerdict.value) return `${title}: choose a cubby`
  return overVerdict.value.ok ? `${title} fits here` : overVerdict.value.refusal.reason
})
const isOver = (day: number, blockId: string) => {
  const where = overWhere.value
  return (
    where !== null &&
    (where.kind === 'moment'
      ? where.day === day && where.blockId === blockId
      : blockId === OUT && where.fromDay === day)
  )
}

const emptyWords = useEmptyWords(
  shown,
  computed(() => rows.value.map(({ block }) => block)),
  (blockId, day) => cell(blockId, day)?.cubbies ?? [],
  busy,
)

function select(next: typeof board.selected) {
  if (board.carried) return
  board.selected = next
  emit('open')
}
// Cards have no listeners of their own: a move then leaves as they are drawn all that it does not touch.
const cardOf = (event: Event) => (event.target as HTMLElement).closest<HTMLElement>('.plan-card[data-placement]')
function cardClicked(event: MouseEvent) {
  const card = cardOf(event)
  if (card) select({ kind: 'placement', id: card.dataset.placement! })
}
function cardEntered(event: KeyboardEvent) {
  const card = cardOf(event)
  if (!card) return
  event.preventDefault()
  event.stopPropagation()
  if (board.carried) pickUpOrPutDown()
  else select({ kind: 'placement', id: card.dataset.placement! })
}
const cardFocused = (event: FocusEvent) => follow((event.target as HTMLElement).closest<HTMLElement>('[data-spot]'))
function openSlot(day: number, blockId: string) {
  if (board.carried) board.drop(board.carried, whereOn(day, blockId))
  else select({ kind: 'slot', where: whereOn(day, blockId) })
}
watch([moving, overWhere], ([what, where]) => board.look(what, where))
onBeforeUnmount(() => board.look(null, null))
watch(
  () => board.refused,
  (now) => {
    if (now) emit('open')
  },
)
</script>

<template>
  <div>
    <p v-if="hint" class="hint card" :class="{ no: overVerdict && !overVerdict.ok }">{{ hint }}</p>
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
      <div class="heads line">
        <span class="label"
          ><v-btn
            v-if="previousDay && !phone"
            class="plain"
            size="small"
            @click="board.day = Math.max(1, firstDay - columns)"
            >← Day {{ previousDay.number }}</v-btn
          ></span
        >
        <div
          v-for="day in shown"
          :key="day.number"
          class="day-head"
          :class="{ today: day.date === store.snapshot?.today }"
        >
          <h2>Day {{ day.number }}</h2>
          <span class="small mute"
            >{{ shortDate(day.date) }} ·
            {{ day.held ? `${countHere(store.snapshot!, day.date, '09:40', '10:30')}` : 'closed'
            }}<template v-if="day.held && day.number === shown[0].number"> here</template></span
          >
        </div>
      </div>

      <template v-for="{ block, thin } in rows" :key="block.id">
        <p v-if="block.kind === 'nap'" class="nap">
          <v-icon :icon="mdiWeatherNight" size="18" aria-hidden="true" />{{ napWords }}
        </p>
        <div v-if="!thin" class="line">
          <div class="label">
            <h3>{{ block.name }}</h3>
            <span class="small mute"
              >{{ clockWords(block.from)
              }}<template v-if="block.kind === 'choice' || block.kind === 'nap'">
                to {{ clockWords(block.to) }}</template
              ></span
            >
          </div>
          <div v-for="day in shown" :key="day.number" class="cell">
            <div
              v-for="cubby in cell(block.id, day.number)?.cubbies"
              :key="cubby.slot"
              class="cubby slot"
              :class="{
                today: day.date === store.snapshot?.today,
                event: cubby.part,
                over: isOver(day.number, cubby.slot),
                no: isOver(day.number, cubby.slot) && overVerdict && !overVerdict.ok,
              }"
              :data-slot="`${day.number} ${cubby.slot}`"
            >
              <p v-if="cubby.part" class="part">
                <b>{{ cubby.part.name }}</b> <span class="small mute">{{ clockWords(cubby.part.from) }}</span>
              </p>
              <div v-if="cubby.sessions.length" class="rail" aria-hidden="true">
                <i
                  v-for="one in railOf(cubby)"
                  :key="one.id"
                  :title="one.words"
                  :style="{ top: `${one.top}%`, height: `${one.height}%`, left: `${one.lane * 3}px` }"
                />
              </div>
              <div class="list" data-list>
                <PlanCard
                  v-for="(session, i) in cubby.sessions"
                  :key="session.placement.id"
                  data-drag
                  role="group"
                  :aria-label="
                    `${session.activity.title}, day ${day.number}, ${cubby.part?.name ?? block.name}. Enter opens ` +
                    'it, m picks it up'
                  "
                  :data-spot="`${day.number} ${block.id} ${spotOf(block.id, day.number, cubby, i)}`"
                  :tabindex="isActive(day.number, block.id, spotOf(block.id, day.number, cubby, i)) ? 0 : -1"
                  :session="session"
                  :cautions="cautionsOf(session)"
                  :timed="cubby.sessions.length > 1"
                  :together="together(cubby).has(session.placement.id)"
                  :selected="board.placement?.id === session.placement.id"
                  :carried="board.carried?.placementId === session.placement.id"
                />
              </div>
              <p v-if="!day.held" class="empty">Closed</p>
              <button
                v-else-if="!cubby.sessions.length"
                type="button"
                class="empty"
                :data-spot="`${day.number} ${block.id} ${spotOf(block.id, day.number, cubby)}`"
                :tabindex="isActive(day.number, block.id, spotOf(block.id, day.number, cubby)) ? 0 : -1"
                :aria-label="`Day ${day.number}, ${cubby.part?.name ?? block.name}: ${emptyWords(cubby, day.number)}`"
                @click="openSlot(day.number, cubby.slot)"
              >
                {{ emptyWords(cubby, day.number) }}
              </button>
            </div>
            <p v-if="!cell(block.id, day.number)?.cubbies.length" class="gone small mute">
              {{ eventOn(store.unit!, day.number)?.name }}
            </p>
          </div>
        </div>
      </template>

      <div class="line out-line">
        <div class="label">
          <h3>Out</h3>
          <span class="small mute">at the centers</span>
        </div>
        <div class="out-cells">
          <button
            v-for="day in shown"
            :key="day.number"
            type="button"
            class="cubby slot out-slot"
            :class="{
              today: day.date === store.snapshot?.today,
              over: isOver(day.number, OUT),
              no: isOver(day.number, OUT) && overVerdict && !overVerdict.ok,
            }"
            :style="{ height: `${Math.max(1, laneCount) * 34 + 42}px` }"
            :data-slot="`${day.number} ${OUT}`"
            :data-spot="`${day.number} ${OUT} 0`"
            :tabindex="isActive(day.number, OUT, 0) ? 0 : -1"
            :aria-label="`Put out from day ${day.number}`"
            @click="openSlot(day.number, OUT)"
          >
            <span class="put">Put out</span>
          </button>
          <div class="bars" data-list>
            <div
              v-for="bar in bars"
              :key="bar.session.placement.id"
              data-drag
              role="button"
              tabindex="0"
              class="card bar"
              :class="{
                short: bar.span === 1,
                'is-selected': board.placement?.id === bar.session.placement.id,
                stopped: cautionsOf(bar.session).some((one) => one.severity !== 'watch' && one.setAside === null),
              }"
              :data-placement="bar.session.placement.id"
              :data-activity="bar.session.activity.id"
              :data-slot="`${bar.from} ${OUT}`"
              :style="{ gridColumn: `${bar.column + 1} / span ${bar.span}`, gridRow: bar.lane + 1 }"
              @click="select({ kind: 'placement', id: bar.session.placement.id })"
              @keydown.enter.prevent.stop="select({ kind: 'placement', id: bar.session.placement.id })"
            >
              <span v-if="bar.before" aria-label="since earlier">←</span
              ><span class="card-title">{{ bar.session.activity.title }}</span
              ><span v-if="bar.span > 1" class="small mute bar-center">{{ bar.session.center?.name }}</span
              ><b v-if="cautionsOf(bar.session).some((one) => one.severity === 'stop')" class="brick small">Stop</b
              ><span v-if="bar.after" class="to-end" aria-label="until later">→</span>
            </div>
          </div>
        </div>
      </div>
      <button
        v-if="nextDay && !phone"
        type="button"
        class="more"
        @click="board.day = Math.min(store.days.length, firstDay + columns)"
      >
        <span>Day {{ nextDay.number }} →</span>
      </button>
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
.line {
  display: grid;
  grid-template-columns: 74px repeat(var(--columns), minmax(0, 1fr));
  gap: 6px;
}
.label {
  padding-top: 8px;
}
.heads .label {
  padding-top: 0;
}
.heads :deep(.v-btn.k-btn) {
  min-height: 24px;
  padding: 0;
  font-size: 14px;
}
.label h3 {
  font-size: 16px;
}
.day-head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 6px;
  padding: 0 4px;
  white-space: nowrap;
  overflow: hidden;
}
.day-head h2 {
  font-size: 17px;
}
.day-head.today h2 {
  color: var(--ember);
}
.slot {
  padding: 4px;
  min-height: 86px;
  display: grid;
  align-content: start;
  gap: 5px;
  min-width: 0;
}
.slot.today {
  border-color: var(--apricot);
}
.cell {
  display: grid;
  gap: 5px;
  min-width: 0;
  align-content: stretch;
}
.slot {
  position: relative;
  padding-left: 7px;
}
.slot.event {
  border-style: dashed;
  border-color: var(--apricot);
}
.part {
  font-size: 15px;
  padding: 0 4px;
}
.part b {
  font-family: var(--head);
  font-weight: 650;
}
.gone {
  align-self: center;
  text-align: center;
  border: 1px dashed var(--edge-strong);
  border-radius: 4px;
  padding: 8px 4px;
}
.rail {
  position: absolute;
  left: 1px;
  top: 4px;
  bottom: 4px;
  width: 5px;
}
.rail i {
  position: absolute;
  width: 2px;
  border-radius: 2px;
  background: var(--spruce);
  min-height: 6px;
}
.slot.over {
  outline: 2px solid var(--spruce);
  outline-offset: -1px;
}
.slot.over.no {
  outline-color: var(--brick);
}
.list {
  display: grid;
  gap: 5px;
}
.list:empty {
  display: none;
}
.empty {
  border: 1px dashed var(--edge-strong);
  border-radius: 4px;
  background: none;
  color: var(--mute);
  font: inherit;
  font-size: 15px;
  line-height: 1.3;
  padding: 8px 6px;
  min-height: 46px;
  text-align: center;
  cursor: pointer;
  width: 100%;
}
.empty:hover {
  border-color: var(--spruce);
  color: var(--spruce);
}
.nap {
  display: flex;
  gap: 8px;
  align-items: center;
  color: var(--mute);
  font-size: 15px;
  border-block: 1px dashed var(--edge-strong);
  padding: 4px 6px;
}
.out-cells {
  grid-column: 2 / -1;
  position: relative;
  display: grid;
  grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
  gap: 6px;
}
.out-slot {
  font: inherit;
  color: var(--mute);
  cursor: pointer;
  align-content: end;
  justify-items: stretch;
}
.put {
  font-size: 14px;
  border: 1px dashed var(--edge-strong);
  border-radius: 4px;
  padding: 3px;
}
.bars {
  position: absolute;
  inset: 6px 5px auto;
  display: grid;
  grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
  gap: 4px 14px;
  pointer-events: none;
}
.bar {
  pointer-events: auto;
  height: 30px;
  padding: 0 8px;
  display: flex;
  align-items: center;
  gap: 8px;
  min-width: 0;
  overflow: hidden;
  cursor: grab;
  white-space: nowrap;
}
.bar.short {
  padding: 0 5px;
  gap: 4px;
}
.bar.short .card-title {
  font-size: 14px;
}
.bar .card-title {
  overflow: hidden;
  text-overflow: ellipsis;
  flex: 0 1 auto;
}
.bar-center {
  overflow: hidden;
  text-overflow: ellipsis;
  flex: 0 2 auto;
}
.to-end {
  margin-left: auto;
}
.bar.stopped {
  border-left: 3px solid var(--brick);
}
.more {
  position: absolute;
  right: -4px;
  top: 30px;
  bottom: 0;
  width: 22px;
  background: var(--well);
  border: 1px solid var(--edge);
  border-top: 2px solid var(--edge-strong);
  border-radius: 5px;
  color: var(--mute);
  font: inherit;
  font-weight: 650;
  cursor: pointer;
}
.more span {
  writing-mode: vertical-rl;
  position: sticky;
  top: 300px;
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
  .line {
    grid-template-columns: minmax(0, 1fr);
    gap: 4px;
  }
  .label {
    display: flex;
    gap: 8px;
    align-items: baseline;
    padding-top: 4px;
  }
  .out-cells {
    grid-column: 1;
  }
  .slot {
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
