<script setup lang="ts">
import { computed, ref } from 'vue'
import { addDays, countWords, longDate, mediumDate, quantityWords, shortDate } from '@core/base'
import { capital } from '@core/ideas'
import { beginBy, careDuties, type SlowNow } from '@core/prep'
import { numberOrNone } from '../fields/numberOrNone'
import { usePrep } from '../../stores/prep'
import { useSession } from '../../stores/session'
import { useUnit } from '../../stores/unit'

/** Something that grows or changes slowly: where it stands against its forecast, who cares for it, and what was seen. */
const props = defineProps<{ now: SlowNow }>()
const prep = usePrep()
const unit = useUnit()
const session = useSession()
const project = computed(() => props.now.project)
const current = computed(() => (props.now.state.is === 'going' ? props.now.state : null))

const span = (from: string, to: string) => (from === to ? mediumDate(from) : `${mediumDate(from)} to ${mediumDate(to)}`)
const stand = computed(() => {
  const { state } = props.now
  if (state.is === 'ahead') return `Begins on ${longDate(state.startsOn)}.`
  if (state.is === 'over') return props.now.stages.length ? `Done. ${capital(project.value.ends || 'It is over')}.` : ''
  const { stage, lateDays } = state
  return lateDays
    ? `${stage.stage.name}: ${countWords(lateDays, 'day')} behind the forecast.`
    : `${stage.stage.name}: over between ${span(stage.over.earliest, stage.over.latest)}.`
})
const IN_TIME = {
  certain: 'in time for sure',
  likely: 'likely in time',
  unlikely: 'hardly in time',
  impossible: 'too late',
}
/** By when it should have begun, where it is not sure to be in time. */
const by = computed(() =>
  props.now.meant && props.now.inTime && props.now.inTime !== 'certain' && props.now.state.is === 'ahead'
    ? beginBy(project.value.stages, props.now.meant)
    : null,
)
const WEEK = 7
/** Closed days of the coming week on which it asks for something. */
const duties = computed(() =>
  careDuties(
    project.value,
    unit.snapshot!.home,
    props.now.start,
    props.now.state.is === 'over'
      ? session.today
      : props.now.over.latest > session.today
        ? props.now.over.latest
        : addDays(session.today, WEEK),
    session.today,
    addDays(session.today, WEEK),
  ).filter((one) => one.closed),
)
const adults = computed(() => unit.snapshot!.adults.map((one) => one.name))
const care = (date: string, name: string) => {
  const { [date]: _, ...rest } = project.value.careBy
  prep.change(project.value, name ? `${shortDate(date)}, ${name}` : shortDate(date), {
    careBy: name ? { ...rest, [date]: name } : rest,
  })
}
const reach = () => {
  const stage = current.value!.stage.stage
  prep.change(project.value, `${stage.name} is over`, {
    reached: { ...project.value.reached, [stage.id]: session.today },
  })
}
const last = computed(() => props.now.stages.findLast((one) => one.reached !== null))
const unreach = () => {
  const { [last.value!.stage.id]: _, ...reached } = project.value.reached
  prep.change(project.value, `${last.value!.stage.name} is not over`, { reached })
}

const looking = ref(false)
const cm = ref<number | null>(null)
const note = ref('')
/** Sent with nothing in it. */
const missing = ref(false)
const isUs = computed(() => unit.snapshot!.home.measures === 'us')
const MM = { us: 25.4, metric: 10 }
const fault = computed(() => (cm.value !== null && !(cm.value > 0 && cm.value < 1000) ? 'Write a height above 0' : ''))
function look() {
  missing.value = cm.value === null && !note.value.trim()
  if (fault.value || missing.value) return
  const mm = cm.value === null ? null : Math.round(cm.value * MM[isUs.value ? 'us' : 'metric'] * 10) / 10
  const entry = { on: session.today, mm, note: note.value.trim(), by: session.user?.name ?? '' }
  prep.change(project.value, 'looked at', { looks: [...project.value.looks, entry].slice(-400) })
  ;[cm.value, note.value, looking.value] = [null, '', false]
}
const looks = computed(() => [...project.value.looks].reverse().slice(0, 4))
</script>

<template>
  <article class="card slow" :aria-label="project.name">
    <div class="row">
      <h3>{{ project.name }}</h3>
      <span
        class="small"
        :class="now.inTime === 'impossible' ? 'brick' : now.inTime === 'unlikely' ? 'ember' : 'mute'"
        >{{
          now.inTime && now.meant
            ? `${IN_TIME[now.inTime]} for ${shortDate(now.meant)}`
            : `until ${shortDate(now.over.latest)}`
        }}</span
      >
    </div>
    <p :class="{ ember: current?.lateDays }">{{ stand }}</p>
    <p v-if="by" class="small mute">
      To be there on {{ shortDate(now.meant!) }} for sure it would begin by {{ mediumDate(by.surely) }}, and likely by
      {{ mediumDate(by.likely) }}.
    </p>
    <p v-if="current?.stage.stage.look" class="small mute">It is over with {{ current.stage.stage.look }}.</p>
    <ol v-if="now.stages.length > 1" class="chain small">
      <li v-for="one in now.stages" :key="one.stage.id" :class="{ done: one.reached }">
        <b>{{ one.stage.name }}</b><span class="mute">{{
          one.reached ? shortDate(one.reached) : span(one.over.earliest, one.over.latest)
        }}</span>
      </li>
    </ol>
    <div class="inline no-print">
      <v-btn v-if="current" size="small" @click="reach">{{ current.stage.stage.name }} is over today</v-btn>
      <TextButton v-if="last" @click="unreach">{{ last.stage.name }} is not over</TextButton>
      <v-btn size="small" :aria-expanded="looking" @click="looking = !looking">Look and measure</v-btn>
    </div>
    <form v-if="looking" class="look" @submit.prevent="look">
      <v-text-field
        :model-value="cm"
        type="number"
        min="0"
        step="any"
        :suffix="isUs ? 'in' : 'cm'"
        :aria-label="`How tall is ${project.name}`"
        placeholder="tall"
        :error-messages="fault"
        @update:model-value="cm = numberOrNone($event)"
      />
      <v-text-field v-model="note" aria-label="What you saw" placeholder="What you saw" maxlength="120" />
      <v-btn size="small" type="submit">Write it down</v-btn>
      <p v-if="missing" class="small brick wide" role="alert">Write how tall it is, or what you saw.</p>
    </form>
    <ul v-if="looks.length" class="small">
      <li v-for="(one, i) in looks" :key="i">
        <span class="mute">{{ mediumDate(one.on) }}</span>
        {{
          [one.mm === null ? '' : quantityWords(one.mm / 10, 'cm', unit.snapshot!.home.measures), one.note]
            .filter(Boolean)
            .join(', ')
        }}
      </li>
    </ul>
    <div v-if="duties.length" class="rows">
      <div v-for="duty in duties" :key="duty.date" class="row care">
        <span>{{ project.care }} on {{ longDate(duty.date) }}: who?</span>
        <v-select
          :model-value="duty.by"
          :items="[{ title: 'nobody yet', value: '' }, ...adults.map((name) => ({ title: name, value: name }))]"
          :aria-label="`${project.care}, ${longDate(duty.date)}`"
          @update:model-value="care(duty.date, $event)"
        />
      </div>
    </div>
    <p v-for="caution in project.cautions" :key="caution" class="small mute">{{ caution }}</p>
    <p v-if="project.cautions.length" class="small mute">
      Your licensing rules, and what the supplier and your state say, come first.
    </p>
  </article>
</template>

<style scoped>
.slow {
  padding: 10px 14px;
  display: grid;
  gap: 6px;
}
.chain {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
}
.chain li {
  display: grid;
  border-left: 3px solid var(--edge-strong);
  padding-left: 8px;
}
.chain .done {
  border-color: var(--spruce);
}
.inline {
  gap: 8px 14px;
  flex-wrap: wrap;
}
.look {
  display: grid;
  grid-template-columns: 130px minmax(0, 1fr) auto;
  gap: 8px;
  align-items: start;
}
.wide {
  grid-column: 1 / -1;
}
.care {
  align-items: center;
}
.care > :last-child {
  max-width: 170px;
}
@media (max-width: 700px) {
  .look,
  .care {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
