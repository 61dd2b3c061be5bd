<script setup lang="ts">
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { countWords, minutesWords, shortDate } from '@core/base'
import { capital } from '@core/ideas'
import { dueWords, waitingWords, windowWords, type PrepTask } from '@core/prep'
import PlainFrame from '../parts/frame/PlainFrame.vue'
import { useHouse } from '../stores/house'
import { usePrep } from '../stores/prep'
import { useSession } from '../stores/session'
import { useUnit } from '../stores/unit'
import { useWriter } from '../stores/writer'
import PrepClock from './getReady/PrepClock.vue'
import PrepNextDay from './getReady/PrepNextDay.vue'

/** Preparing, with the phone on the kitchen table: one window's work to check off, with a clock, and what tomorrow needs. */
const unit = useUnit()
const house = useHouse()
const prep = usePrep()
const session = useSession()
const writer = useWriter()
const route = useRoute()
const router = useRouter()

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
const LEAST_SECONDS = 20
/** What the clock says, in minutes; null where it was begun and ended at once, which says nothing of how long it takes. */
function took(): number | null {
  const seconds = Math.floor(prep.spentMs(Date.now()) / 1000)
  return seconds < LEAST_SECONDS ? null : Math.max(0.5, Math.round(seconds / 6) / 10)
}
function ready(task: PrepTask) {
  const next = chosen.value?.pieces.find((one) => one.task.key !== task.key)?.task
  const timed = current.value?.key === task.key
  void prep.finish(task, timed ? took() : null)
  if (timed && next) prep.start(next)
}
/** The next day with children. */
const next = computed(() => unit.days.find((day) => day.held && day.date > session.today))
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
      <PrepClock v-if="current" :task="current" @ready="ready(current)" />
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
      <PrepNextDay v-if="next" :day="next" />
    </div>
  </PlainFrame>
</template>

<style scoped>
.prepare {
  max-width: 620px;
  display: grid;
  gap: 12px;
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
