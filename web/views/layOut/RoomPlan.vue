<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { ROOM, type Center, type RoomSpot } from '@core/domain'
import { listWords, shortDate } from '@core/base'
import { type Session, bandsOf, spotFits, spotsFor, standsOn, weeksOutOn } from '@core/plan'
import type { MaterialClash } from '@core/supplies'
import { capital } from '@core/ideas'
import { useCarried } from '../../composables/useCarried'
import { useHotkeys } from '../../composables/useHotkeys'
import { useBoard } from '../../stores/board'
import { useHouse } from '../../stores/house'
import { useUnit } from '../../stores/unit'

/**
 * The house's centers as cubbies on a plan that she arranges once: what stands there on a day, and over the days of the
 * unit as a band.
 */
const props = defineProps<{ clashes: readonly MaterialClash[] }>()
const emit = defineEmits<{ open: [] }>()
const store = useUnit()
const house = useHouse()
const board = useBoard()
const carried = useCarried()
onMounted(carried.load)
watch(() => store.id, carried.load)

const arranging = ref(false)
const plan = computed(() => store.readings!.plan)
const day = computed(() => plan.value.program.days.find((one) => one.number === board.day))
const bands = computed(() => bandsOf(house.centers, plan.value))
const spots = computed(() => spotsFor(house.centers))
const atPlan = computed(() =>
  bands.value.filter((band) => spots.value.has(band.center.id)).sort((a, b) => order(a.center) - order(b.center)),
)
const below = computed(() => bands.value.filter((band) => !spots.value.has(band.center.id)))
const order = (center: Center) => {
  const spot = spots.value.get(center.id)!
  return spot.y * ROOM.across + spot.x
}
/** Centers that want more of something than there is. */
const troubled = computed(
  () => new Set(props.clashes.flatMap((clash) => clash.wants.map((need) => need.session.center?.id))),
)
const here = (band: (typeof bands.value)[number]) => standsOn(band, board.day)
const weeks = (session: Session) =>
  day.value ? weeksOutOn(session, day.value.date, carried.list.value, plan.value) : 1
const staying = (centerId: string) => carried.list.value.filter((one) => one.centerId === centerId)
const squares = (band: (typeof bands.value)[number]) =>
  plan.value.program.days.map((one) => ({
    number: one.number,
    held: one.held,
    standing: standsOn(band, one.number).length,
  }))
const bandWords = (band: (typeof bands.value)[number]) =>
  band.standing
    .map((one) => `${one.activity.title} day ${one.days[0].number} to ${one.days[one.days.length - 1].number}`)
    .join('; ') || 'nothing stands here'
const style = (spot: RoomSpot) => ({
  gridColumn: `${spot.x + 1} / span ${spot.wide}`,
  gridRow: `${spot.y + 1} / span ${spot.high}`,
})

function open(center: Center) {
  if (arranging.value) return
  board.selected = { kind: 'center', id: center.id }
  emit('open')
}
function openClash(clash: MaterialClash) {
  board.selected = { kind: 'clash', materialId: clash.material.id }
  emit('open')
}

// Arranging: by pointer or by arrows, square by square; Shift makes larger and smaller. Only where there is room.
const others = (id: string) => [...spots.value].filter(([other]) => other !== id).map(([, spot]) => spot)
function put(center: Center, spot: RoomSpot) {
  if (!spotFits(spot, others(center.id)) || spot.x < 0 || spot.y < 0 || spot.wide < 1 || spot.high < 1) {
    board.said = `${center.name} has no room there`
    return
  }
  board.said = `${center.name} lies ${spot.x + 1} across, ${spot.y + 1} down`
  void store.commit(`Arrange ${center.name}`, [{ put: 'center', value: { ...center, spot } }])
}
function nudge(dx: number, dy: number, sizing: boolean): boolean {
  const id = (document.activeElement as HTMLElement | null)?.dataset.center
  const center = house.centers.find((one) => one.id === id)
  const spot = center && spots.value.get(center.id)
  if (!arranging.value || !center || !spot) return false
  put(
    center,
    sizing ? { ...spot, wide: spot.wide + dx, high: spot.high + dy } : { ...spot, x: spot.x + dx, y: spot.y + dy },
  )
  return true
}
useHotkeys({
  ArrowLeft: (event) => nudge(-1, 0, event.shiftKey),
  ArrowRight: (event) => nudge(1, 0, event.shiftKey),
  ArrowUp: (event) => nudge(0, -1, event.shiftKey),
  ArrowDown: (event) => nudge(0, 1, event.shiftKey),
  Escape: () => (arranging.value ? !(arranging.value = false) : false),
})
const grid = ref<HTMLElement>()
const held = ref<{ center: Center; spot: RoomSpot; x: number; y: number; now: RoomSpot } | null>(null)
function take(event: PointerEvent, center: Center) {
  const spot = spots.value.get(center.id)
  if (!arranging.value || !spot) return
  ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
  held.value = { center, spot, x: event.clientX, y: event.clientY, now: spot }
}
function drag(event: PointerEvent) {
  const box = grid.value?.getBoundingClientRect()
  if (!held.value || !box) return
  const [dx, dy] = [
    Math.round(((event.clientX - held.value.x) / box.width) * ROOM.across),
    Math.round(((event.clientY - held.value.y) / box.height) * ROOM.down),
  ]
  const now = { ...held.value.spot, x: held.value.spot.x + dx, y: held.value.spot.y + dy }
  if (now.x !== held.value.now.x || now.y !== held.value.now.y) held.value = { ...held.value, now }
}
function drop() {
  if (!held.value) return
  const { center, spot, now } = held.value
  held.value = null
  if (now.x !== spot.x || now.y !== spot.y) put(center, now)
}
const shownAt = (center: Center) => (held.value?.center.id === center.id ? held.value.now : spots.value.get(center.id)!)
</script>

<template>
  <div class="room">
    <div class="row bar">
      <h2>
        Day {{ board.day }}<span v-if="day" class="mute small">&nbsp;{{ shortDate(day.date) }}</span>
      </h2>
      <v-btn size="small" :class="{ primary: arranging }" :aria-pressed="arranging" @click="arranging = !arranging">{{
        arranging ? 'Arranged' : 'Arrange the house'
      }}</v-btn>
    </div>
    <p v-if="arranging" class="notice soft small">
      Drag a center to where it is in the house, or move it by arrows; with Shift the arrows change its size.
    </p>
    <button
      v-for="clash in clashes"
      :key="clash.material.id"
      type="button"
      class="notice clash"
      @click="openClash(clash)"
    >
      <b class="brick">{{ capital(clash.material.name) }}, {{ clash.short }} missing:</b>
      {{ listWords(clash.wants.map((need) => need.session.activity.title)) }} want them at once.
      <span class="why">What would settle it</span>
    </button>
    <div ref="grid" class="plan" :class="{ arranging }" role="group" aria-label="The centers of the house">
      <div
        v-for="band in atPlan"
        :key="band.center.id"
        class="cubby center"
        :class="{
          outdoors: band.center.where === 'outdoors',
          held: held?.center.id === band.center.id,
          trouble: troubled.has(band.center.id),
          selected: board.selected?.kind === 'center' && board.selected.id === band.center.id,
          small: shownAt(band.center).high < 2,
        }"
        :style="style(shownAt(band.center))"
      >
        <button
          type="button"
          class="inner"
          :data-center="band.center.id"
          @click="open(band.center)"
          @pointerdown="take($event, band.center)"
          @pointermove="drag"
          @pointerup="drop"
          @pointercancel="held = null"
        >
          <span class="k-label name">{{ band.center.name }}</span>
          <span
            v-for="session in here(band).slice(0, band.center.kind === 'tray-shelf' ? 3 : 1)"
            :key="session.placement.id"
            class="card thing"
            ><span class="card-title">{{ session.activity.title }}</span
            ><span v-if="weeks(session) > 1" class="small mute">week {{ weeks(session) }}</span></span
          >
          <span v-if="here(band).length > 3" class="small mute">and {{ here(band).length - 3 }} more</span>
          <span v-if="!here(band).length" class="small mute none">{{
            band.center.kind === 'circle' || band.center.kind === 'outdoors'
              ? 'for moments'
              : staying(band.center.id).length
                ? `${board.titleOf(staying(band.center.id)[0].activityId)} stood here`
                : 'nothing out'
          }}</span>
          <span
            v-if="(band.center.kind !== 'circle' && band.center.kind !== 'outdoors') || band.standing.length"
            class="band"
            aria-hidden="true"
            ><i
              v-for="one in squares(band)"
              :key="one.number"
              :class="{ on: one.standing, closed: !one.held, now: one.number === board.day }"
          /></span>
          <span class="sr-only">. Over the unit: {{ bandWords(band) }}</span>
        </button>
      </div>
    </div>
    <div v-if="below.length" class="rows">
      <h3>No room left on the plan</h3>
      <button v-for="band in below" :key="band.center.id" type="button" class="why" @click="open(band.center)">
        {{ band.center.name }}
      </button>
    </div>
    <p class="small mute legend">
      <span class="band"><i class="on" /></span> something stands there &nbsp; <span class="band"><i /></span> nothing
      &nbsp; <span class="band"><i class="now on" /></span> the day that is looked at
    </p>
  </div>
</template>

<style scoped>
.room {
  display: grid;
  gap: 8px;
}
.bar {
  align-items: center;
}
.clash {
  font: inherit;
  color: inherit;
  border: 0;
  border-left: 3px solid var(--brick);
  text-align: left;
  cursor: pointer;
  width: 100%;
}
.plan {
  display: grid;
  grid-template-columns: repeat(12, minmax(0, 1fr));
  grid-template-rows: repeat(8, minmax(48px, auto));
  gap: 5px;
}
.plan.arranging {
  background: repeating-linear-gradient(0deg, transparent 0 52px, var(--edge) 52px 53px);
}
.center {
  min-width: 0;
  overflow: hidden;
}
.center.outdoors {
  border-style: dashed;
}
.center.trouble {
  border-left: 3px solid var(--brick);
}
.center.selected {
  outline: 2px solid var(--spruce);
  outline-offset: 1px;
}
.center.held {
  outline: 2px dashed var(--spruce);
  opacity: 0.9;
}
.inner {
  display: flex;
  flex-direction: column;
  gap: 4px;
  width: 100%;
  height: 100%;
  padding: 6px 8px;
  background: none;
  border: 0;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
  min-width: 0;
}
.arranging .inner {
  cursor: grab;
  touch-action: none;
}
.name {
  font-size: 15px;
  line-height: 1.15;
}
.thing {
  padding: 3px 7px;
  display: flex;
  justify-content: space-between;
  gap: 6px;
  align-items: baseline;
  min-width: 0;
}
.thing .small {
  white-space: nowrap;
}
.thing .card-title {
  font-size: 14px;
  line-height: 1.15;
  overflow-wrap: anywhere;
}
.center.small .thing {
  padding: 1px 6px;
}
.none {
  line-height: 1.2;
}
.inner > .band {
  margin-top: auto;
}
.band {
  display: inline-flex;
  gap: 2px;
}
.band i {
  display: block;
  flex: 0 1 14px;
  min-width: 5px;
  height: 8px;
  border: 1px solid var(--control);
  background: var(--paper);
  border-radius: 2px;
}
.inner > .band i {
  flex: 1 1 0;
  max-width: 16px;
}
.legend .band i {
  width: 12px;
  flex: none;
}
.band i.on {
  background: var(--spruce);
  border-color: var(--spruce);
}
.band i.closed {
  border-style: dashed;
}
.band i.now {
  outline: 2px solid var(--apricot);
  outline-offset: 1px;
}
@media (max-width: 720px) {
  .plan {
    display: grid;
    grid-template: none;
  }
  .center {
    grid-area: auto !important;
  }
  .inner {
    min-height: 74px;
  }
  .bar .v-btn {
    display: none;
  }
}
</style>
