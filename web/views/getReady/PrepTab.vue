<script setup lang="ts">
import { computed, ref } from 'vue'
import { countWords, listWords, longDate, minutesWords } from '@core/base'
import { waitingWords, windowWords, type PrepOver, type PrepTask, type PrepWindowOn } from '@core/prep'
import SlowCard from '../../parts/prep/SlowCard.vue'
import PrepBar from '../../parts/prep/PrepBar.vue'
import { useCardDrag } from '../../composables/useCardDrag'
import { usePrep, type WindowPlan } from '../../stores/prep'
import { useSession } from '../../stores/session'
import { useUnit } from '../../stores/unit'

/** What is prepared in which window, day by day, and what does not fit. */
const chosen = defineModel<string | null>({ required: true })
const unit = useUnit()
const prep = usePrep()
const session = useSession()

/** Days on which something is to do, with all the windows of each, and what else the day asks for. */
const days = computed(() => {
  const dates = new Map<string, WindowPlan[]>()
  for (const { date } of prep.also) dates.set(date, [])
  for (const one of prep.windows)
    if (!one.window.lent || one.pieces.length) dates.set(one.window.date, [...(dates.get(one.window.date) ?? []), one])
  return [...dates]
    .filter(([date, list]) => alsoOn(date) || list.some((one) => one.pieces.length || one.overs.length))
    .sort(([one], [other]) => (one < other ? -1 : 1))
})
const alsoOn = (date: string) => prep.also.find((one) => one.date === date)
const sumOf = (list: readonly { minutes: number }[]) => minutesWords(list.reduce((sum, one) => sum + one.minutes, 0))
const titles = (list: readonly { session: { activity: { title: string } } }[]) =>
  listWords(list.map((one) => one.session.activity.title))
const manyAdults = computed(() => new Set(prep.windows.map((one) => one.window.adultId)).size > 1)
const remark = (list: WindowPlan[]) => {
  const over = list.flatMap((one) => one.overs)
  if (over.length) return { words: overWords(list), brick: true }
  return {
    words: list.some((one) => one.window.children && one.pieces.length) ? 'quiet work only with kids in the house' : '',
    brick: false,
  }
}
const overWords = (list: WindowPlan[]) =>
  list
    .filter((one) => one.overs.length)
    .map(
      (one) =>
        `${one.window.name.toLowerCase()} ${minutesWords(one.overs.reduce((sum, over) => sum + over.minutes, 0))} over`,
    )
    .join(', ')
const heading = (date: string) => (date === session.today ? `Today, ${longDate(date)}` : longDate(date))
const toDo = computed(() => prep.open.reduce((sum, task) => sum + task.left, 0))
const style = computed(() => unit.snapshot!.home.prep.style)
const early = computed({
  get: () => style.value === 'early',
  set: (on: boolean) =>
    void prep.setRules(on ? 'Prepare as early as possible' : 'Prepare just in time', {
      style: on ? 'early' : 'just-in-time',
    }),
})

/** A task that was let go over a window where something else would then not fit. */
const held = ref<{ task: PrepTask; window: PrepWindowOn; breaks: PrepOver[] } | null>(null)
const lists = ref<HTMLElement[]>([])
function move(task: PrepTask, window: PrepWindowOn) {
  const breaks = prep.breaks(task, window)
  if (breaks.length) held.value = { task, window, breaks }
  else {
    held.value = null
    void prep.pin(task, window)
  }
}
const { dragging } = useCardDrag(lists, (item, slot) => {
  const task = prep.byKey.get(item.dataset.drag ?? '')
  const window = prep.windows[Number(slot.dataset.slot)]?.window
  if (task && window) move(task, window)
})
defineExpose({ move })
const listOf = (element: unknown) => {
  const bar = (element as { $el?: HTMLElement } | null)?.$el?.querySelector<HTMLElement>('.bar')
  if (bar && !lists.value.includes(bar)) lists.value = [...lists.value.filter((one) => one.isConnected), bar]
}
</script>

<template>
  <div class="prep stack" role="group" aria-label="Preparation">
    <div class="row head">
      <p class="mute">
        <template v-if="prep.open.length"
          >{{ countWords(prep.open.length, 'task') }}, {{ minutesWords(toDo) }} of hands</template
        ><template v-else>Nothing ahead needs preparing.</template>
      </p>
      <div class="inline no-print">
        <div class="styles" role="group" aria-label="When work is done">
          <button type="button" :aria-pressed="early" @click="early = true">Early</button
          ><button type="button" :aria-pressed="!early" @click="early = false">Just in time</button>
        </div>
        <router-link v-if="unit.id" :to="{ name: 'print', params: { unitId: unit.id } }">Cards and sheets</router-link>
        <v-btn v-if="unit.id && prep.open.length" class="primary" :to="{ name: 'prepare', params: { unitId: unit.id } }"
          >Start preparing</v-btn
        >
      </div>
    </div>
    <div v-if="held" class="notice rows" role="alert">
      <p>
        With “{{ held.task.step.text }}” in {{ windowWords(held.window) }},
        {{ held.breaks.map((one) => `“${one.task.step.text}” is ${minutesWords(one.minutes)} over`).join(', and ') }}.
      </p>
      <div class="inline">
        <v-btn size="small" @click="(void prep.pin(held.task, held.window), (held = null))">Move it anyway</v-btn
        ><v-btn size="small" @click="held = null">Leave it</v-btn>
      </div>
    </div>
    <p v-if="prep.preparation?.schedule.stopped" class="notice" role="alert">
      There is more here than Kobby lays out at once. What is shown is the beginning.
    </p>
    <section v-for="[date, list] in days" :key="date" class="day" :aria-label="heading(date)">
      <div class="row">
        <h2>{{ heading(date) }}</h2>
        <span class="small" :class="remark(list).brick ? 'brick' : 'mute'">{{ remark(list).words }}</span>
      </div>
      <PrepBar
        v-for="plan in list"
        :key="plan.index"
        :ref="listOf"
        :plan="plan"
        :chosen="chosen"
        :held="dragging?.slot?.dataset.slot === String(plan.index)"
        :many="manyAdults"
        :adult="prep.adultName(plan.window.adultId)"
        @choose="chosen = $event"
      />
      <ul v-if="alsoOn(date)" class="also small" :aria-label="`Besides, ${heading(date)}`">
        <li v-if="alsoOn(date)!.setUp.length">
          <b>Set up, {{ sumOf(alsoOn(date)!.setUp) }}:</b> {{ titles(alsoOn(date)!.setUp) }}
        </li>
        <li v-if="alsoOn(date)!.takeDown.length">
          <b>Clear away, {{ sumOf(alsoOn(date)!.takeDown) }}:</b> {{ titles(alsoOn(date)!.takeDown) }}
        </li>
        <li v-for="trip in alsoOn(date)!.trips" :key="trip.shop">
          <b>Buy:</b>&nbsp;
          <router-link :to="{ name: 'get-ready', params: { unitId: unit.id! }, query: { tab: 'trips' } }"
            >{{ countWords(trip.items, 'thing') }} at {{ trip.shop }}</router-link
          >
        </li>
        <li v-if="alsoOn(date)!.asks.length">
          <b>Ask families for</b>&nbsp;
          <router-link :to="{ name: 'get-ready', params: { unitId: unit.id! }, query: { tab: 'families' } }">{{
            listWords(alsoOn(date)!.asks)
          }}</router-link>
        </li>
      </ul>
    </section>
    <section v-if="prep.nowhere.length" class="day" aria-label="Fits nowhere">
      <h2>Fits in no prep time</h2>
      <button
        v-for="over in prep.nowhere"
        :key="over.task.key"
        type="button"
        class="card line over"
        @click="chosen = over.task.key"
      >
        <span class="card-title" data-title>{{ over.task.step.text }}</span>
        <span class="small">{{ minutesWords(over.minutes) }} for {{ over.task.session.activity.title }}</span>
      </button>
    </section>
    <section v-if="prep.slow.length" class="day" aria-label="Slow projects">
      <h2>Slow projects</h2>
      <SlowCard v-for="one in prep.slow" :key="one.project.id" :now="one" />
    </section>
    <details v-if="prep.done.length" class="ready">
      <summary>{{ countWords(prep.done.length, 'task') }} ready</summary>
      <div v-for="task in prep.done" :key="task.key" class="row">
        <span
          >{{ task.step.text }} <span class="small mute">{{ waitingWords(task) }}</span></span
        >
        <TextButton @click="prep.notYet(task)">Not ready yet</TextButton>
      </div>
    </details>
  </div>
</template>

<style scoped>
.also {
  list-style: none;
  padding: 0;
  display: grid;
  gap: 2px;
  color: var(--mute);
}
.prep {
  gap: 16px;
}
.head {
  align-items: center;
}
.day {
  display: grid;
  gap: 8px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0 12px;
  padding: 7px 11px;
  font: inherit;
  color: var(--ink);
  text-align: left;
  cursor: pointer;
}
.over {
  background: var(--brick-tint);
  border-color: var(--brick);
  border-left-width: 3px;
}
.ready summary {
  cursor: pointer;
  min-height: 32px;
}
.ready .row {
  padding: 4px 0;
  border-top: 1px solid var(--edge);
}
.styles {
  display: flex;
}
.styles button {
  min-height: 38px;
  padding: 0 12px;
  border: 1px solid var(--control);
  background: var(--paper);
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}
.styles button:first-child {
  border-radius: 4px 0 0 4px;
  border-right: 0;
}
.styles button:last-child {
  border-radius: 0 4px 4px 0;
}
.styles [aria-pressed='true'] {
  background: var(--spruce-tint);
  font-weight: 650;
}
@media (max-width: 700px) {
  .head,
  .day > .row {
    display: grid;
  }
}
</style>
