<script setup lang="ts">
import { useNow } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { countWords, longDate, shortDate, minutesWords, quantityWords } from '@core/base'
import { capital } from '@core/ideas'
import {
  dueWords,
  holdersFor,
  roundFor,
  walkedEarlier,
  type Holder,
  waitingWords,
  windowWords,
  type PrepTask,
} from '@core/prep'
import PlainFrame from '../parts/frame/PlainFrame.vue'
import { useHouse } from '../stores/house'
import { usePrep } from '../stores/prep'
import { useSession } from '../stores/session'
import { useUnit } from '../stores/unit'
import { useWriter } from '../stores/writer'

/** Preparing, with the phone on the kitchen table: one window's work to check off, with a clock, and what tomorrow needs. */
const unit = useUnit()
const house = useHouse()
const prep = usePrep()
const session = useSession()
const writer = useWriter()
const route = useRoute()
const router = useRouter()
const now = useNow({ interval: 1000 })

const windows = computed(() => prep.windows.filter((one) => one.pieces.length))
const keyOf = (index: number) => `${prep.windows[index].window.date} ${prep.windows[index].window.from % 1440}`
const chosen = computed({
  get: () => windows.value.find((one) => keyOf(one.index) === route.query.at) ?? windows.value[0],
  set: (one) => void router.replace({ query: { at: keyOf(one.index) } }),
})
const labelOf = (one: (typeof windows.value)[number]) =>
  `${one.window.date === session.today ? 'Today' : shortDate(one.window.date)}: ${windowWords(one.window)}`
const choices = computed(() => windows.value.map((one) => ({ title: labelOf(one), value: one.index })))
const overs = computed(() => chosen.value?.overs ?? [])

/** What must be at hand for the work of the window, each once. */
const atHand = computed(() => {
  const ids = new Set<string>()
  for (const { task } of chosen.value?.pieces ?? [])
    for (const use of task.step.uses) {
      const requirement = task.session.activity.requirements.find((one) => one.id === use)
      if (requirement) ids.add(task.session.placement.swaps[use] ?? requirement.materialId)
    }
  return [...ids].flatMap((id) => house.materialsById.get(id) ?? [])
})

const current = computed(() => (prep.going?.unitId === unit.id ? prep.byKey.get(prep.going?.key ?? '') : undefined))
const spent = computed(() => Math.max(0, Math.floor(prep.spentMs(now.value.getTime()) / 1000)))
const clock = computed(() => `${Math.floor(spent.value / 60)}:${String(spent.value % 60).padStart(2, '0')}`)
const LEAST_SECONDS = 20
/** What the clock says, in minutes; null where it was begun and ended at once, which says nothing of how long it takes. */
const took = () => (spent.value < LEAST_SECONDS ? null : Math.max(0.5, Math.round(spent.value / 6) / 10))
function ready(task: PrepTask) {
  const next = chosen.value?.pieces.find((one) => one.task.key !== task.key)?.task
  const timed = current.value?.key === task.key
  void prep.finish(task, timed ? took() : null)
  if (timed && next) prep.start(next)
}
const part = ref<number | null>(null)
const partFault = ref('')
function leavePart(task: PrepTask) {
  partFault.value = typeof part.value === 'number' && part.value > 0 ? '' : 'Write minutes above 0'
  if (partFault.value || part.value === null) return
  void prep.leave(task, Math.min(part.value, task.left))
  part.value = null
  prep.stop()
}

/** The next day with children, and what of it is ready. */
const next = computed(() => unit.days.find((day) => day.held && day.date > session.today))
const ofNext = computed(() => prep.tasks.filter((task) => task.session.days[0].date === next.value?.date))
const notReady = computed(() => ofNext.value.filter((task) => task.left > 0))
const firstNeeded = computed(() => [...notReady.value].sort((a, b) => a.due - b.due)[0] as PrepTask | undefined)
const stops = computed(() =>
  next.value && unit.readings ? roundFor(unit.readings.plan, next.value.date, house.thisHome.prep.round) : [],
)
const holders = computed(() => (next.value && unit.readings ? holdersFor(unit.readings.plan, next.value.date) : []))
const HOLDERS: Record<Holder, string> = {
  'circle-basket': 'in the circle basket',
  tray: 'on a tray',
  bin: 'in the bin',
  folder: 'in the folder of the day',
  out: 'set out at its center',
}
const earlier = (place: string) => {
  const places = stops.value.map((stop) => stop.place).filter(Boolean)
  void prep.setRules(`${capital(place)} earlier on the round`, {
    round: walkedEarlier(house.thisHome.prep.round, places, place),
  })
}
const whenOf = (task: PrepTask) => {
  const one = prep.windows.find(({ pieces }) => pieces.some((piece) => piece.task.key === task.key))
  return one
    ? `${one.window.date === session.today ? 'today' : shortDate(one.window.date)}, ${one.window.name.toLowerCase()}`
    : 'in no prep time'
}
</script>

<template>
  <PlainFrame title="Getting ready" :lead="unit.unit?.name ?? ''">
    <template #acts
      ><v-btn
        v-if="unit.id && writer.stepsOf(unit.id).undo"
        :title="`Undo: ${writer.stepsOf(unit.id).undo}`"
        @click="writer.undo(unit.id)"
        >Undo</v-btn
      ><v-btn v-if="unit.id" :to="{ name: 'get-ready', params: { unitId: unit.id }, query: { tab: 'time' } }"
        >All of it</v-btn
      ></template
    >
    <p v-if="!unit.ready" class="mute" role="status">Opening the unit</p>
    <div v-else class="prepare">
      <p v-if="writer.pending" class="notice soft" role="status">
        {{
          writer.offline
            ? `No connection. ${countWords(writer.pending, 'change')} kept on this phone, sent when it is back.`
            : 'Saving'
        }}
      </p>
      <section v-if="current" class="card current" aria-label="What you are doing">
        <h2>{{ current.step.text }}</h2>
        <p class="mute">{{ current.session.activity.title }}, {{ dueWords(current) }}</p>
        <p class="clock" role="timer">
          {{ clock }} <span class="small mute">of about {{ minutesWords(current.left) }}</span>
        </p>
        <div class="inline">
          <v-btn class="primary" size="large" @click="ready(current)">Ready</v-btn>
          <v-btn v-if="prep.going?.since" size="large" @click="prep.rest()">Pause</v-btn>
          <v-btn v-else size="large" @click="prep.resume()">Go on</v-btn>
          <TextButton @click="part = part === null ? Math.max(1, Math.round(spent / 60)) : null"
            >Only a part of it</TextButton
          >
          <TextButton @click="prep.stop()">Stop the clock</TextButton>
        </div>
        <form v-if="part !== null" class="inline" @submit.prevent="leavePart(current)">
          <label
            >Minutes of it that are done
            <input v-model.number="part" type="number" min="1" :max="current.left" class="minutes"
          /></label>
          <v-btn size="small" type="submit">Write it down</v-btn>
          <span v-if="partFault" class="small brick" role="alert">{{ partFault }}</span>
        </form>
      </section>
      <template v-if="chosen">
        <v-select
          :model-value="chosen.index"
          :items="choices"
          aria-label="Prep time"
          @update:model-value="chosen = windows.find((one) => one.index === $event)!"
        />
        <p v-if="chosen.window.children" class="small mute">Kids are in the house: this is quiet and safe work.</p>
        <ul class="cubby work" aria-label="What to do">
          <li v-for="{ piece, task } in chosen.pieces" :key="`${task.key} ${piece.from}`" class="card item">
            <button
              type="button"
              class="box"
              :aria-label="`${task.step.text}, ${task.session.activity.title}: ready`"
              @click="ready(task)"
            />
            <div class="what">
              <b>{{ task.step.text }}</b>
              <span class="small mute"
                >{{ task.session.activity.title }}, {{ dueWords(task)
                }}<template v-if="waitingWords(task)">. {{ capital(waitingWords(task)) }}</template></span
              >
            </div>
            <span class="minutes-of">{{ minutesWords(piece.to - piece.from - piece.setUp) }}</span>
            <TextButton
              v-if="task.key !== current?.key"
              :aria-label="`Start ${task.step.text}, ${task.session.activity.title}`"
              @click="prep.start(task)"
              >Start</TextButton
            >
          </li>
        </ul>
        <p v-for="over in overs" :key="over.task.key" class="notice small">
          {{ over.task.step.text }}: {{ minutesWords(over.minutes) }} do not fit.
        </p>
        <section v-if="atHand.length" class="rows">
          <h3>Have at hand</h3>
          <div v-for="one in atHand" :key="one.id" class="row">
            <span>{{ one.name }}</span><span class="mute small">{{ one.place || 'no place written down' }}</span>
          </div>
        </section>
      </template>
      <p v-else class="mute">Everything ahead is ready, or needs nothing.</p>
      <section v-if="next" class="card tomorrow rows" aria-label="The next day">
        <h2>{{ longDate(next.date) }}, day {{ next.number }}</h2>
        <p v-if="!ofNext.length" class="mute">Nothing has to be prepared for it.</p>
        <p v-else-if="!notReady.length" class="good">All {{ ofNext.length }} of its tasks are ready.</p>
        <template v-else>
          <p>
            {{ ofNext.length - notReady.length }} of {{ countWords(ofNext.length, 'task') }} ready.
            <template v-if="firstNeeded">First: {{ firstNeeded.step.text.toLowerCase() }}.</template>
          </p>
          <div v-for="task in notReady" :key="task.key" class="row">
            <span>{{ task.step.text }}</span><span class="small mute">{{ whenOf(task) }}</span>
          </div>
        </template>
        <details v-if="holders.length">
          <summary>What lies in which basket, tray and folder</summary>
          <div v-for="one in holders" :key="one.session.placement.id" class="stop">
            <h3>
              {{ one.session.activity.title }} <span class="small mute">{{ HOLDERS[one.holder] }}</span>
            </h3>
            <p>
              {{
                [
                  ...one.things.map(
                    ({ material, quantity }) =>
                      `${quantityWords(quantity, material.unit, house.thisHome.measures)} ${material.name}`,
                  ),
                  ...one.besides,
                ].join(', ')
              }}
            </p>
          </div>
        </details>
        <details v-if="stops.length">
          <summary>What it takes, in one round through the house</summary>
          <div v-for="(stop, i) in stops" :key="stop.place" class="stop">
            <div class="row">
              <h3>{{ stop.place ? capital(stop.place) : 'No place written down' }}</h3>
              <TextButton
                v-if="i > 0 && stop.place"
                :aria-label="`${capital(stop.place)} earlier`"
                @click="earlier(stop.place)"
                >Earlier</TextButton
              >
            </div>
            <div v-for="one in stop.things" :key="one.material.id" class="row">
              <span
                ><b>{{ quantityWords(one.quantity, one.material.unit, house.thisHome.measures) }}</b>
                {{ one.material.name }}</span
              ><span class="small mute">{{ one.sessions.map((each) => each.activity.title).join(', ') }}</span>
            </div>
          </div>
        </details>
      </section>
    </div>
  </PlainFrame>
</template>

<style scoped>
.prepare {
  max-width: 620px;
  display: grid;
  gap: 12px;
}
.current {
  padding: 12px 14px;
  display: grid;
  gap: 8px;
  border-color: var(--spruce);
  border-width: 2px;
}
.clock {
  font-family: var(--head);
  font-size: 34px;
  font-weight: 650;
  line-height: 1.1;
}
.clock .small {
  font-family: var(--text);
  font-weight: 400;
}
.inline {
  align-items: center;
  gap: 8px 14px;
}
.minutes {
  width: 84px;
  min-height: 40px;
  padding: 4px 8px;
  border: 1px solid var(--control);
  border-radius: 4px;
  background: var(--paper);
  color: var(--ink);
  font: inherit;
}
.work {
  display: grid;
  gap: 6px;
  padding: 6px;
}
.item {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto auto;
  gap: 4px 12px;
  align-items: center;
  padding: 8px 12px 8px 8px;
}
.box {
  width: 44px;
  height: 44px;
  border: 0;
  background: none;
  cursor: pointer;
  display: grid;
  place-items: center;
}
.box::before {
  content: '';
  width: 24px;
  height: 24px;
  border: 2px solid var(--control);
  border-radius: 4px;
  background: var(--paper);
}
.what {
  display: grid;
  gap: 1px;
}
.what b {
  line-height: 1.25;
}
.minutes-of {
  white-space: nowrap;
}
.tomorrow {
  padding: 12px 14px;
  gap: 6px;
}
.good {
  color: var(--spruce);
  font-weight: 650;
}
.stop {
  padding-top: 8px;
}
summary {
  cursor: pointer;
  min-height: 32px;
  color: var(--spruce);
}
@media (max-width: 480px) {
  .item {
    grid-template-columns: auto minmax(0, 1fr) auto;
  }
  .item > .why {
    grid-column: 2;
    justify-self: start;
  }
}
</style>
