<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { CENTER_KINDS, CalendarDate, DEFAULT_STAGE_BOUNDS, NEW_HOME_RULES, newCenter, newChild, WEEKDAYS, type CenterKind, type Child, type Home, type WeeklyHours, type Weekday } from '@core/domain'
import { CENTER_NAMES, longWeekday } from '@core/format'
import { writePlanFile } from '@core/files'
import { api, ApiError } from '../api/client'
import { newId } from '../api/newId'
import FormField from '../parts/FormField.vue'
import KobbyMark from '../parts/KobbyMark.vue'
import { useSession } from '../stores/session'

/** The first start: an account, then the demo home or three questions. */
const session = useSession()
const router = useRouter()
const step = ref<'account' | 'choose' | 'questions'>(session.signedIn ? 'choose' : 'account')
const owner = ref({ name: '', signIn: '', password: '' })
const wrong = ref<Record<string, string>>({})
const problem = ref('')
const busy = ref(false)
const homeName = ref('My home')
const kids = ref([{ name: '', born: '' }, { name: '', born: '' }, { name: '', born: '' }])
const days = ref<Weekday[]>(['mon', 'tue', 'wed', 'thu', 'fri'])
const hours = ref({ from: '07:45', to: '17:30' })
const centers = ref<CenterKind[]>(['blocks', 'pretend', 'art-table', 'sensory-bin', 'book-nook', 'circle', 'outdoors'])

// A home that is set up is not set up again from here.
onMounted(async () => {
  if (session.signedIn && (await api.house().catch(() => ({ rows: [] }))).rows.some((row) => row.kind === 'home')) await router.replace('/units')
})
async function guarded(work: () => Promise<void>) {
  busy.value = true
  problem.value = ''
  wrong.value = {}
  try {
    await work()
  } catch (error) {
    problem.value = error instanceof Error ? error.message : String(error)
    if (error instanceof ApiError) wrong.value = Object.fromEntries(error.faults.map((fault) => [fault.field, fault.message]))
  } finally {
    busy.value = false
  }
}
const makeAccount = () => guarded(async () => {
  await session.createOwner(owner.value)
  step.value = 'choose'
})
const takeDemo = () => guarded(async () => {
  const { demoHome } = await import('@demo/home')
  await api.applyFile(demoHome(session.today))
  await router.push('/units/wind-and-kites/lay-out')
})
const named = computed(() => kids.value.filter((one) => one.name.trim()))
const kidProblem = (one: { name: string; born: string }) =>
  one.name.trim() && !CalendarDate.safeParse(one.born).success ? 'Write the birth date' : one.born > session.today ? 'This date is still to come' : ''
const ready = computed(() => named.value.length > 0 && named.value.every((one) => !kidProblem(one)) && days.value.length > 0 && centers.value.length > 0 && hours.value.from < hours.value.to)
const setUp = () => guarded(async () => {
  const { ACTIVITIES, MATERIALS } = await import('@core/library')
  const open = Object.fromEntries(days.value.map((day) => [day, { ...hours.value }])) as WeeklyHours
  const block = (id: string, name: string, kind: Home['rhythm'][number]['kind'], from: string, to: string) => ({ id, name, kind, from, to })
  const home: Home = {
    id: newId(), name: homeName.value.trim() || 'My home', timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone, currency: 'USD', measures: 'us', open, closures: [],
    rhythm: [
      block('circle', 'Circle', 'circle', '09:15', '09:40'), block('choice', 'Choice', 'choice', '09:40', '10:30'), block('outdoors', 'Outdoors', 'outdoors', '10:30', '11:30'),
      block('lunch', 'Lunch', 'meal', '11:30', '12:45'), block('nap', 'Nap', 'nap', '12:45', '15:00'), block('after', 'After', 'after', '15:15', '16:30'),
    ],
    stageBounds: DEFAULT_STAGE_BOUNDS, shoppingDays: ['sat'], askDaysAhead: 5, style: 'centers', moreAllergens: [], ...NEW_HOME_RULES,
  }
  const children = named.value.map((one): Child => ({
    ...newChild(newId(), one.name.trim(), one.born, open), mouths: session.today.slice(0, 4) <= String(Number(one.born.slice(0, 4)) + 2), sensory: 'practising',
  }))
  await api.applyFile(writePlanFile({
    home, children, adults: [{ id: newId(), name: session.user!.name, role: 'provider', hours: open, exceptions: [], prepWindows: [], note: '' }],
    centers: centers.value.map((kind) => ({ ...newCenter(kind, CENTER_NAMES[kind], kind), atOnce: kind === 'circle' || kind === 'outdoors' ? 12 : 4 })),
    materials: [...MATERIALS], activities: [...ACTIVITIES], units: [], ideas: [], placements: [], purchases: [], promises: [], stock: [],
  }))
  await router.push('/units?new=1')
})
</script>

<template>
  <main class="door">
    <form v-if="step === 'account'" class="cubby box stack" @submit.prevent="makeAccount">
      <KobbyMark /><h1>Your account</h1><p class="mute">Kobby keeps everything on this machine. This account opens it.</p>
      <FormField label="Your first name"><v-text-field v-model="owner.name" v-start-here autocomplete="given-name" :error-messages="wrong.name" maxlength="120" /></FormField>
      <FormField label="A name to sign in with"><v-text-field v-model="owner.signIn" autocomplete="username" :error-messages="wrong.signIn" maxlength="120" /></FormField>
      <FormField label="A password" hint="At least 10 characters. It cannot be sent to you again: write it down."><v-text-field v-model="owner.password" type="password" autocomplete="new-password" :error-messages="wrong.password" maxlength="200" /></FormField>
      <p v-if="problem" class="notice" role="alert">{{ problem }}</p>
      <div><v-btn class="primary" type="submit" :disabled="busy || !owner.name || !owner.signIn || !owner.password">Go on</v-btn></div>
    </form>
    <div v-else-if="step === 'choose'" class="cubby box stack">
      <KobbyMark /><h1>How would you like to begin?</h1>
      <div class="card choice stack"><h2>Look round first</h2><p>An invented home with eight children and a unit that is running. Everything in it can be tried.</p><div><v-btn class="primary" :disabled="busy" @click="takeDemo">{{ busy ? 'Moving in' : 'Open the demo home' }}</v-btn></div></div>
      <div class="card choice stack"><h2>Set up my own</h2><p>Three questions: who, which days, which centers. Then the first unit.</p><div><v-btn :disabled="busy" @click="step = 'questions'">Start with my children</v-btn></div></div>
      <p v-if="problem" class="notice" role="alert">{{ problem }}</p>
    </div>
    <form v-else class="cubby box stack wide" @submit.prevent="setUp">
      <KobbyMark /><h1>Three questions</h1>
      <FormField label="What is the home called?"><v-text-field v-model="homeName" maxlength="120" /></FormField>
      <fieldset class="plain rows"><legend><h2>1. Who comes?</h2></legend>
        <div v-for="(kid, i) in kids" :key="i" class="kid"><v-text-field v-model="kid.name" :aria-label="`Child ${i + 1}: first name`" placeholder="First name" maxlength="120" /><v-text-field v-model="kid.born" type="date" :aria-label="`Child ${i + 1}: born`" :error-messages="kidProblem(kid)" /></div>
        <div><v-btn size="small" @click="kids.push({ name: '', born: '' })">Another child</v-btn></div>
      </fieldset>
      <fieldset class="plain rows"><legend><h2>2. Which days are you open?</h2></legend>
        <div class="inline"><v-checkbox v-for="day in WEEKDAYS" :key="day" v-model="days" :value="day" :label="longWeekday(day)" /></div>
        <div class="inline"><input v-model="hours.from" class="time" type="time" aria-label="Open from" /><span>to</span><input v-model="hours.to" class="time" type="time" aria-label="Open to" /></div>
      </fieldset>
      <fieldset class="plain rows"><legend><h2>3. Which centers do you have?</h2></legend><div class="inline"><v-checkbox v-for="kind in CENTER_KINDS" :key="kind" v-model="centers" :value="kind" :label="CENTER_NAMES[kind]" /></div></fieldset>
      <p v-if="problem" class="notice" role="alert">{{ problem }}</p>
      <div class="inline"><v-btn class="primary" type="submit" :disabled="busy || !ready">{{ busy ? 'Moving in' : 'Move in' }}</v-btn><v-btn class="plain" @click="step = 'choose'">Back</v-btn><span v-if="!ready" class="small mute">A child with a birth date, a day and a center are enough.</span></div>
    </form>
  </main>
</template>

<style scoped>
.choice { padding: 14px 16px; gap: 8px; }
.door .box.wide { width: min(680px, 100%); }
.plain { border: 0; padding: 0; margin: 0; }
.kid { display: grid; grid-template-columns: 1fr 1fr; gap: 8px; align-items: start; }
</style>
