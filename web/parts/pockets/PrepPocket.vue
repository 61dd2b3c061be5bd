<script setup lang="ts">
import { computed } from 'vue'
import { capital } from '@core/ideas'
import { minutesWords, shortDate } from '@core/base'
import {
  KINDS_OF_WORK,
  dayWindow,
  dueWords,
  minutesReasons,
  overTitle,
  paceOf,
  waitingWords,
  windowWords,
} from '@core/prep'
import { letterTally, makesLetters } from '@core/printing'
import { PREP_KINDS } from '@core/domain'
import { usePrep } from '../../stores/prep'
import { useUnit } from '../../stores/unit'
import { useHouse } from '../../stores/house'
import FormField from '../fields/FormField.vue'
import PrepCures from '../prep/PrepCures.vue'
import LeadLines from '../prep/LeadLines.vue'
import PrepCalendar from '../prep/PrepCalendar.vue'
import PrepNotOn from '../prep/PrepNotOn.vue'

/** One task: where its minutes come from, when and by whom it is done; else what does not fit, and what would cure it. */
const chosen = defineModel<string | null>({ required: true })
const emit = defineEmits<{ move: [key: string, window: number] }>()
const prep = usePrep()
const unit = useUnit()
const house = useHouse()
const task = computed(() => (chosen.value === null ? undefined : prep.byKey.get(chosen.value)))
const letters = computed(() => {
  const now = task.value
  if (!now || !makesLetters(now.step.text)) return ''
  const names = now.session.parts.filter((part) => part.does === 'takes-part').map((part) => part.child.name)
  return letterTally(names)
    .map((one) => (one.count > 1 ? `${one.letter} ${one.count}` : one.letter))
    .join(', ')
})
const overs = computed(() => prep.preparation?.overs ?? [])
const own = computed(() => overs.value.filter((one) => one.task.key === chosen.value))
const first = computed(() => overs.value[0])
/** What is laid into the window that is over, with what does not fit. */
const why = computed(() => {
  const over = first.value
  if (!over) return []
  return prep.open
    .filter((one) => one.session.days[0].date === over.task.session.days[0].date)
    .sort((a, b) => b.left - a.left)
})
const pieces = computed(() =>
  prep.windows.flatMap((one) =>
    one.pieces.filter((each) => each.task.key === chosen.value).map((each) => ({ ...each, window: one.window })),
  ),
)
const openWindows = computed(() =>
  prep.windows
    .filter(
      ({ window }) =>
        task.value &&
        !window.before &&
        window.from < task.value.due &&
        window.to > task.value.release &&
        (!window.lent || window.adultId === task.value.mark?.adultId),
    )
    .map(({ window, index }) => ({
      title: `${shortDate(window.date)}, ${windowWords(window)}`,
      value: index,
    })),
)
const pinnedAt = computed(() => {
  const pin = task.value?.mark?.pinned
  return pin
    ? pieces.value[0]
      ? prep.windows.find((one) => one.window === pieces.value[0].window)!.index
      : null
    : null
})
const whens = computed(() => [{ title: 'Wherever it fits', value: -1 }, ...openWindows.value])
const whos = computed(() => [
  { title: 'Whoever has time', value: '' },
  ...house.adults.map((one) => ({ title: one.name, value: one.id })),
])
const place = (index: number) => {
  if (!task.value) return
  if (index < 0) void prep.pin(task.value, null)
  else emit('move', task.value.key, index)
}
const paces = computed(() => {
  const { home } = unit.snapshot!
  return PREP_KINDS.filter((kind) => home.prep.paces[kind]?.length).map((kind) => {
    const entries = home.prep.paces[kind]!
    const last = entries.at(-1)!
    const usual = Math.round(paceOf(home.prep, kind) * 100)
    const [took, planned] = [last.took, last.planned].map((one) => minutesWords(Math.round(one)))
    return `${KINDS_OF_WORK[kind].title}: ${took} last time, ${planned} by the idea. Kobby reckons with ${usual}%.`
  })
})
</script>

<template>
  <div v-if="task" class="stack">
    <div class="row">
      <h2>{{ task.step.text }}</h2>
      <TextButton @click="chosen = null">Close</TextButton>
    </div>
    <p class="mute">
      {{ task.session.activity.title }}, {{ dueWords(task) }}. {{ KINDS_OF_WORK[task.kind].title
      }}<template v-if="!KINDS_OF_WORK[task.kind].withChildren">, only without kids in the house</template>.
    </p>
    <v-checkbox
      v-if="task.left > 0"
      :model-value="false"
      label="Ready"
      hide-details
      @update:model-value="prep.finish(task)"
    />
    <div class="rows">
      <div class="row">
        <b>{{ task.left < task.minutes ? 'Still to do' : 'Hands on it' }}</b><b>{{ minutesWords(task.left) }}</b>
      </div>
      <p v-for="line in minutesReasons(task)" :key="line" class="small mute">{{ line }}</p>
      <p v-if="waitingWords(task)" class="small">{{ capital(waitingWords(task)) }} after it.</p>
      <p v-if="!task.step.splits" class="small mute">It is done in one go.</p>
    </div>
    <p v-if="letters" class="small">Letters for those who take part: {{ letters }}.</p>
    <div v-if="pieces.length" class="rows">
      <b>When</b>
      <p v-for="one in pieces" :key="one.piece.from" class="small">
        {{ dayWindow(one.window) }}: {{ minutesWords(one.piece.to - one.piece.from - one.piece.setUp)
        }}<template v-if="task.mark?.adultId || one.window.lent"> by {{ prep.adultName(one.window.adultId) }}</template>
      </p>
    </div>
    <template v-if="own.length">
      <p class="brick" role="status">{{ minutesWords(own[0].minutes) }} do not fit.</p>
      <h3>What would cure it</h3>
      <PrepCures :key="own[0].task.key" :over="own[0]" />
    </template>
    <FormField v-if="task.left > 0" label="Do it"
      ><v-select :model-value="pinnedAt ?? -1" :items="whens" aria-label="Do it" @update:model-value="place($event)"
    /></FormField>
    <FormField v-if="task.left > 0" label="Who"
      ><v-select
        :model-value="task.mark?.adultId ?? ''"
        :items="whos"
        aria-label="Who"
        @update:model-value="prep.hand(task, $event || null)"
    /></FormField>
  </div>
  <div v-else class="stack">
    <template v-if="first">
      <h2>{{ overTitle(first.window, first.minutes, first.task.session.days[0].date) }}</h2>
      <p class="mute">“{{ first.task.step.text }}” for {{ first.task.session.activity.title }} does not fit.</p>
      <h3>What would cure it</h3>
      <PrepCures :key="first.task.key" :over="first" />
      <h3>Why so much</h3>
      <div class="rows">
        <button v-for="one in why" :key="one.key" type="button" class="row plain" @click="chosen = one.key">
          <span>{{ one.step.text }}</span><span class="mute nowrap">{{ minutesWords(one.left) }}</span>
        </button>
      </div>
      <p v-if="prep.preparation?.schedule.proof === 'searched'" class="small mute">
        Kobby tried many orders and found none in which all fits; one may still be there.
      </p>
    </template>
    <template v-else>
      <h2>Preparation</h2>
      <p class="mute">
        {{ prep.open.length ? 'All of it fits into your prep time.' : 'Everything ahead is ready, or needs nothing.' }}
        Choose a task to see where its minutes come from, who does it and when.
      </p>
    </template>
    <template v-if="paces.length">
      <h3>Learned from you</h3>
      <p v-for="line in paces" :key="line" class="small">{{ line }}</p>
    </template>
    <LeadLines />
    <PrepNotOn />
    <PrepCalendar />
    <router-link :to="{ name: 'home', query: { tab: 'adults' } }">Prep time, in Home</router-link>
  </div>
</template>

<style scoped>
.plain {
  border: 0;
  border-bottom: 1px solid var(--edge);
  background: none;
  padding: 5px 0;
  font: inherit;
  font-size: 15px;
  color: var(--ink);
  text-align: left;
  cursor: pointer;
  width: 100%;
}
.plain:hover span:first-child {
  text-decoration: underline;
}
.nowrap {
  white-space: nowrap;
}
</style>
