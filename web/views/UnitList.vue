<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { isOpen, programDays, addDays } from '@core/calendar'
import { MAX_UNIT_DAYS, STYLES, Unit, type PlanningStyle } from '@core/domain'
import { countWords, fullDate, longDate, STYLE_NAMES } from '@core/format'
import { focusWords } from '@core/sheet'
import FormField from '../parts/FormField.vue'
import PlainFrame from '../parts/PlainFrame.vue'
import { useHouse } from '../stores/house'
import { useSession } from '../stores/session'
import { useWriter } from '../stores/writer'

const house = useHouse()
const session = useSession()
const writer = useWriter()
const router = useRouter()
const route = useRoute()
const starting = ref(false)
const draft = ref({ name: '', start: '', days: 10, style: 'centers' as PlanningStyle })
const tried = ref(false)

const units = computed(() => house.units.map((unit) => {
  try {
    const { days } = programDays(house.home!, unit)
    const last = days[days.length - 1]
    const state = last.date < session.today ? 'past' : days[0].date > session.today ? 'next' : 'running'
    const today = days.find((day) => day.date === session.today)
    return { unit, days, state, words: today ? `Day ${today.number} of ${days.length} is today` : `${longDate(days[0].date)} to ${fullDate(last.date)}` }
  } catch (error) {
    return { unit, days: [], state: 'next', words: error instanceof Error ? error.message : String(error) }
  }
}))
const ORDER = ['running', 'next', 'past']
const TITLES: Record<string, string> = { running: 'Running', next: 'To come', past: 'Past' }
const ordered = computed(() => ORDER.flatMap((state) => units.value.filter((one) => one.state === state)))

function begin() {
  let date = addDays(session.today, 1)
  for (let i = 0; house.home && i < 60 && !isOpen(house.home, date); i++) date = addDays(date, 1)
  draft.value = { name: '', start: date, days: 10, style: house.home?.style ?? 'centers' }
  tried.value = false
  starting.value = true
}
const value = computed<Unit>(() => ({
  id: crypto.randomUUID(), name: draft.value.name.trim(), start: draft.value.start, days: draft.value.days, style: draft.value.style, bigIdea: '', questions: [], words: [], objects: [], books: [],
  focus: { letter: '', number: '', shape: '', colour: '' }, interest: '', budget: null, closureHandling: {}, events: [], slowProjects: [], note: '',
}))
const errors = computed(() => {
  const found: Record<string, string> = {}
  for (const issue of Unit.safeParse(value.value).error?.issues ?? []) found[String(issue.path[0])] ??= issue.message
  return found
})
const covers = computed(() => {
  if (errors.value.start || errors.value.days || !house.home) return ''
  try {
    const { days, closures } = programDays(house.home, value.value)
    return `${longDate(days[0].date)} to ${longDate(days[days.length - 1].date)}${closures.length ? `, past ${countWords(closures.length, 'closure')}` : ''}`
  } catch (error) {
    return error instanceof Error ? error.message : ''
  }
})
async function start() {
  tried.value = true
  if (Object.keys(errors.value).length) return
  const unit = value.value
  starting.value = false
  await house.commit(`Start ${unit.name}`, [{ put: 'unit', value: unit }])
  await router.push({ name: 'spark', params: { unitId: unit.id } })
}
const removing = ref<Unit | null>(null)
function remove() {
  const unit = removing.value
  removing.value = null
  if (unit) void house.commit(`Remove ${unit.name}`, [{ remove: 'unit', id: unit.id }])
}
watch(() => [route.query.new, house.loaded], () => {
  if (route.query.new && house.loaded) begin()
}, { immediate: true })
</script>

<template>
  <PlainFrame title="Units" :lead="house.home?.name">
    <template #acts><v-btn v-if="writer.stepsOf(null).undo" :title="`Undo: ${writer.stepsOf(null).undo}`" @click="writer.undo(null)">Undo</v-btn><v-btn class="primary" @click="begin">Start a unit</v-btn></template>
    <div v-if="!house.home" class="stack"><h2>This home is not set up yet</h2><p class="mute">Three questions, or the demo home to look round.</p><div><v-btn class="primary" to="/start">Set it up</v-btn></div></div>
    <div v-else-if="!ordered.length" class="stack"><h2>No unit yet</h2><p class="mute">A name, a start and a length are enough to begin.</p><div><v-btn class="primary" @click="begin">Start a unit</v-btn></div></div>
      <ul v-else class="units">
        <li v-for="one in ordered" :key="one.unit.id" class="cubby unit" :class="one.state">
          <span class="paper-label small">{{ TITLES[one.state] }}</span>
          <router-link :to="{ name: 'lay-out', params: { unitId: one.unit.id } }" class="name k-label">{{ one.unit.name }}</router-link>
          <p>{{ one.words }}</p><p class="small mute">{{ countWords(one.unit.days, 'program day') }} · {{ STYLE_NAMES[one.unit.style] }}{{ focusWords(one.unit.focus) ? ` · ${focusWords(one.unit.focus)}` : '' }}</p>
          <p v-if="one.unit.bigIdea" class="idea">{{ one.unit.bigIdea }}</p>
          <div class="row"><router-link :to="{ name: 'spark', params: { unitId: one.unit.id } }">Spark</router-link><a :href="`/api/v1/units/${one.unit.id}/plan-file`" download :aria-label="`Save as a file: ${one.unit.name}`">Save as a file</a><button type="button" class="why" :aria-label="`Remove ${one.unit.name}`" @click="removing = one.unit">remove</button></div>
        </li>
      </ul>
  </PlainFrame>
  <v-dialog v-model="starting" aria-labelledby="start-title">
    <form class="k-sheet" novalidate @submit.prevent="start">
      <h2 id="start-title">Start a unit</h2>
      <FormField label="Theme"><v-text-field v-model="draft.name" v-start-here placeholder="Wind and kites, bakers, under the ground" maxlength="120" :error-messages="tried ? errors.name : undefined" /></FormField>
      <FormField label="Starts on" :hint="covers"><v-text-field v-model="draft.start" type="date" :error-messages="errors.start" /></FormField>
      <FormField label="Length in program days"><v-text-field v-model.number="draft.days" type="number" min="1" :max="MAX_UNIT_DAYS" :error-messages="errors.days" /></FormField>
      <FormField label="Planning style"><v-select v-model="draft.style" :items="STYLES.map((style) => ({ title: STYLE_NAMES[style], value: style }))" aria-label="Planning style" /></FormField>
      <div class="inline"><v-btn class="primary" type="submit">Start</v-btn><v-btn class="plain" @click="starting = false">Cancel</v-btn></div>
    </form>
  </v-dialog>
  <v-dialog :model-value="removing !== null" aria-labelledby="remove-unit" @update:model-value="removing = null">
    <div class="k-sheet"><h2 id="remove-unit">Remove {{ removing?.name }}?</h2><p>Its ideas, its plan, its links and its ticks go with it. Undo brings the plan back; links and ticks are gone for good.</p><div class="inline"><v-btn class="danger" @click="remove">Remove the unit</v-btn><v-btn @click="removing = null">Keep it</v-btn></div></div>
  </v-dialog>
</template>

<style scoped>
.units { display: grid; grid-template-columns: repeat(auto-fill, minmax(300px, 1fr)); gap: 26px 14px; padding-top: 12px; }
.unit { position: relative; padding: 20px 16px 12px; display: grid; gap: 6px; grid-template-rows: auto auto auto 1fr; }
.unit.running { border-color: var(--apricot); }
.paper-label { position: absolute; top: -12px; left: 14px; background: var(--paper); border: 1px solid var(--edge-strong); border-radius: 3px; padding: 1px 10px; font-weight: 650; }
.running .paper-label { color: var(--ember); border-color: var(--apricot); }
.name { font-size: 19px; color: var(--ink); text-decoration: none; }
.name:hover { text-decoration: underline; color: var(--spruce); }
.idea { font-size: 15px; }
.row { margin-top: 4px; border-top: 1px solid var(--edge); padding-top: 6px; }
</style>
