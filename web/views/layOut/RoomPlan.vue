<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { ROOM, type Center, type RoomSpot } from '@core/domain'
import { listWords, shortDate } from '@core/base'
import { bandsOf, spotsFor, weeksOutOn, type Session } from '@core/plan'
import type { MaterialClash } from '@core/supplies'
import { capital } from '@core/ideas'
import { useArranging } from '../../composables/useArranging'
import { useCarried } from '../../composables/useCarried'
import { useBoard } from '../../stores/board'
import { useHouse } from '../../stores/house'
import { useUnit } from '../../stores/unit'
import RoomCenter from './room/RoomCenter.vue'

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
const weeks = (session: Session) =>
  day.value ? weeksOutOn(session, day.value.date, carried.list.value, plan.value) : 1
/** What stood at a center when the unit before ended. */
const stoodAt = (centerId: string) => carried.list.value.find((one) => one.centerId === centerId)
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

const grid = ref<HTMLElement>()
const { held, take, drag, drop, letGo, shownAt } = useArranging(grid, arranging, spots)
</script>

<template>
  <div class="room">
    <div class="row bar">
      <h2>
        Day {{ board.day }}<span v-if="day" class="mute small">&nbsp;{{ shortDate(day.date) }}</span>
      </h2>
      <v-btn size="small" :class="{ primary: arranging }" :aria-pressed="arranging" @click="arranging = !arranging">{{
        arranging ? 'Done arranging' : 'Arrange the house'
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
      data-clash
      @click="openClash(clash)"
    >
      <b class="brick">{{ capital(clash.material.name) }}, {{ clash.short }} missing:</b>
      {{ listWords(clash.wants.map((need) => need.session.activity.title)) }} need them at the same time.
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
        <RoomCenter
          :band="band"
          :days="plan.program.days"
          :day="board.day"
          :weeks-of="weeks"
          :before="stoodAt(band.center.id) ? `${board.titleOf(stoodAt(band.center.id)!.activityId)} was here` : ''"
          @click="open(band.center)"
          @pointerdown="take($event, band.center)"
          @pointermove="drag"
          @pointerup="drop"
          @pointercancel="letGo"
        />
      </div>
    </div>
    <div v-if="below.length" class="rows">
      <h3>No room left on the plan</h3>
      <TextButton v-for="band in below" :key="band.center.id" @click="open(band.center)">
        {{ band.center.name }}
      </TextButton>
    </div>
    <p class="small mute legend">
      <span class="band"><i class="on" /></span> something is out &nbsp; <span class="band"><i /></span> nothing &nbsp;
      <span class="band"><i class="now on" /></span> the day you are looking at
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
.center.small :deep(.thing) {
  padding: 1px 6px;
}
.arranging :deep(.inner) {
  cursor: grab;
  touch-action: none;
}
.legend .band i {
  width: 12px;
  flex: none;
}
.band i.on {
  background: var(--spruce);
  border-color: var(--spruce);
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
  .bar .v-btn {
    display: none;
  }
}
</style>
