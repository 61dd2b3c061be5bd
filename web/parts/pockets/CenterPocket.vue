<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { countWords, shortDate } from '@core/base'
import { canPlace, centersFor, rotate, bandsOf, standsOn, weeksOutOn, type Session } from '@core/plan'
import type { Placement } from '@core/domain'
import { newId } from '../../api/newId'
import BinLink from './BinLink.vue'
import { useBoard } from '../../stores/board'
import { useCarried } from '../../composables/useCarried'
import { useHouse } from '../../stores/house'
import { useUnit } from '../../stores/unit'

/**
 * One center of the house: what stands there today, how long already, what could stay or come, and when it is put away.
 */
const props = defineProps<{ centerId: string }>()
const store = useUnit()
const house = useHouse()
const board = useBoard()
const carried = useCarried()
onMounted(carried.load)

const center = computed(() => house.centers.find((one) => one.id === props.centerId))
const plan = computed(() => store.readings!.plan)
const day = computed(() => plan.value.program.days.find((one) => one.number === board.day))
const band = computed(() => (center.value ? bandsOf([center.value], plan.value)[0] : undefined))
const here = computed(() => (band.value ? standsOn(band.value, board.day) : []))
const weeks = (session: Session) =>
  day.value ? weeksOutOn(session, day.value.date, carried.list.value, plan.value) : 1
/** What stood here when the unit before ended and does not stand here now. */
const begun = computed(() => (store.days.find((one) => one.held)?.date ?? '') < store.snapshot!.today)
const stays = computed(() =>
  (begun.value ? [] : carried.list.value).filter(
    (one) =>
      one.centerId === props.centerId &&
      !band.value?.standing.some((session) => session.activity.id === one.activityId) &&
      store.activitiesById.has(one.activityId),
  ),
)
const lastDay = computed(() => store.days.length)
const from = computed(() => Math.min(board.day, lastDay.value))
/** Ideas of the basket that could stand here from the day you are looking at. */
const could = computed(() => {
  if (!store.snapshot || !center.value) return []
  const ids = [...new Set(store.ideas.flatMap((idea) => idea.activityId ?? []))].filter(
    (id) => !here.value.some((session) => session.activity.id === id),
  )
  return ids.flatMap((activityId) => {
    const activity = store.activitiesById.get(activityId)
    if (!activity?.standing || !centersFor(activity, [center.value!]).length) return []
    const free = canPlace(
      store.snapshot!,
      plan.value,
      { activityId, where: { kind: 'set-up', fromDay: from.value, toDay: lastDay.value }, centerId: props.centerId },
      false,
    ).ok
    return [{ activity, free }]
  })
})
const chosen = ref<string | null>(null)
const putOut = (activityId: string, fromDay: number) =>
  board.drop({ placementId: null, activityId }, { kind: 'set-up', fromDay, toDay: lastDay.value }, props.centerId)
function putAway(placement: Placement) {
  if (placement.where.kind !== 'set-up') return
  if (board.day <= placement.where.fromDay) board.remove(placement)
  else
    board.patch(placement, `Put ${board.titleOf(placement.activityId)} away after day ${board.day - 1}`, {
      where: { ...placement.where, toDay: board.day - 1 },
    })
  board.selected = { kind: 'center', id: props.centerId }
}
function keep(placement: Placement) {
  if (placement.where.kind === 'set-up')
    board.drop(
      { placementId: placement.id, activityId: placement.activityId },
      { ...placement.where, toDay: lastDay.value },
      props.centerId,
    )
  board.selected = { kind: 'center', id: props.centerId }
}
function rotateTo(placement: Placement) {
  if (!chosen.value || !store.snapshot) return
  const move = rotate(store.snapshot, plan.value, placement, chosen.value, board.day, newId)
  if ('refused' in move)
    board.refused = { carried: { placementId: null, activityId: chosen.value }, reason: move.refused, remedies: [] }
  else board.make(move, `${board.titleOf(chosen.value)} in place of ${board.titleOf(placement.activityId)}`)
  chosen.value = null
}
</script>

<template>
  <div v-if="center" class="stack">
    <div>
      <h2>{{ center.name }}</h2>
      <p class="small mute">
        {{ center.where }}, {{ countWords(center.atOnce, 'child', 'children') }} at once<template v-if="center.sleeps"
          >, someone naps here</template
        >. Day {{ board.day }}<template v-if="day">, {{ shortDate(day.date) }}</template>
      </p>
    </div>
    <section v-for="session in here" :key="session.placement.id" class="card thing rows">
      <div class="row">
        <TextButton class="k-label" @click="board.selected = { kind: 'placement', id: session.placement.id }">
          {{ session.activity.title }}</TextButton><span class="small mute">week {{ weeks(session) }}</span>
      </div>
      <p class="small mute">
        Out day {{ session.days[0].number }} to {{ session.days[session.days.length - 1].number }}
      </p>
      <div class="inline">
        <v-btn size="small" @click="putAway(session.placement)">{{
          board.day <= session.days[0].number ? 'Take it off' : `Put away before day ${board.day}`
        }}</v-btn><v-btn
          v-if="session.days[session.days.length - 1].number < lastDay"
          size="small"
          @click="keep(session.placement)"
          >Keep to the end</v-btn
        >
      </div>
      <BinLink :placement="session.placement" />
      <label v-if="could.length && center.kind !== 'tray-shelf'" class="small"
        >Swap in on day {{ board.day
        }}<v-select
          v-model="chosen"
          :items="could.map((one) => ({ title: one.activity.title, value: one.activity.id }))"
          placeholder="what comes instead"
          :aria-label="`Instead of ${session.activity.title}`"
          @update:model-value="rotateTo(session.placement)"
      /></label>
    </section>
    <p v-if="!here.length" class="mute">Nothing is out here on day {{ board.day }}.</p>
    <section v-if="stays.length" class="rows">
      <h3>It was here before</h3>
      <div v-for="one in stays" :key="one.activityId" class="card thing rows">
        <b>{{ board.titleOf(one.activityId) }}</b>
        <p class="small mute">since {{ shortDate(one.since) }}, in {{ one.unit }}</p>
        <div><v-btn size="small" @click="putOut(one.activityId, 1)">Keep it out</v-btn></div>
      </div>
    </section>
    <section v-if="could.some((one) => one.free)" class="rows">
      <h3>Could come out on day {{ from }}</h3>
      <v-btn
        v-for="one in could.filter((idea) => idea.free)"
        :key="one.activity.id"
        class="idea"
        block
        @click="putOut(one.activity.id, from)"
        >{{ one.activity.title }}</v-btn
      >
    </section>
    <router-link :to="{ name: 'home', query: { tab: 'centers', open: center.id } }">Change the center</router-link>
  </div>
</template>

<style scoped>
.thing {
  padding: 6px 10px 8px;
}
.idea {
  justify-content: start;
}
.inline {
  gap: 6px;
}
label {
  display: grid;
  gap: 2px;
  color: var(--mute);
}
</style>
