<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { WeeklyHours } from '@core/domain'
import { newHome, prepWindowsFrom } from '@core/newHome'
import { api } from '../api/client'
import { newId } from '../api/newId'
import FormField from '../parts/fields/FormField.vue'
import KobbyMark from '../parts/frame/KobbyMark.vue'
import RecoveryCode from '../parts/house/RecoveryCode.vue'
import { useKeptDraft } from '../composables/useKeptDraft'
import { useTold } from '../composables/useTold'
import { useHouse } from '../stores/house'
import { useSession } from '../stores/session'
import { childOf, faultsOf, newAnswers } from './firstStart/answers'
import CupboardTicks from './firstStart/CupboardTicks.vue'
import LicenseAndPrep from './firstStart/LicenseAndPrep.vue'
import OwnerAccount from './firstStart/OwnerAccount.vue'
import ThreeQuestions from './firstStart/ThreeQuestions.vue'

/** The first start: an account, then the demo home or three questions, what is in the house, and when there is time. */
const session = useSession()
const house = useHouse()
const router = useRouter()
type Step = 'account' | 'code' | 'choose' | 'questions' | 'cupboard' | 'rules'
const step = ref<Step>(session.signedIn ? 'choose' : 'account')
const owner = ref({ name: '', signIn: '', password: '', startCode: '' })
const { draft: answers, forget } = useKeptDraft('first-home', newAnswers)

// A home that is set up is not set up again from here.
onMounted(async () => {
  if (session.signedIn && (await api.house('home').catch(() => ({ rows: [] }))).rows.some((row) => row.kind === 'home'))
    await router.replace('/units')
})
const told = useTold()
const { busy, wrong } = told
const recovery = ref('')
/** Here most faults have no field of their own on the screen: they are named in words. */
const problem = computed(
  () =>
    told.problem.value ||
    Object.entries(wrong.value)
      .filter(([field]) => step.value !== 'account' || !(field in owner.value))
      .map(([field, message]) => `${field}: ${message}`)
      .join(' '),
)
const makeAccount = () =>
  told.tell(async () => {
    const { startCode, ...rest } = owner.value
    recovery.value = await session.createOwner(session.asksCode ? { ...rest, startCode } : rest)
    step.value = 'code'
  })
/** Goes on with the home that was just moved in: what this page knew of it before was that there is none. */
async function moveIn(file: Parameters<typeof api.applyFile>[0], to: string) {
  await api.applyFile(file)
  forget()
  await house.load()
  await router.push(to)
}
const takeDemo = () =>
  told.tell(async () => {
    const { demoHome } = await import('@demo/home')
    await moveIn(demoHome(session.today), '/units/wind-and-kites/lay-out')
  })

const named = computed(() => answers.value.kids.filter((one) => one.name.trim() || one.born))
const missing = computed(() => {
  const { days, centers, hours } = answers.value
  if (!named.value.length) return 'Write down at least one child.'
  if (named.value.some((one) => Object.values(faultsOf(one, session.today)).some(Boolean)))
    return 'A child’s line is not finished.'
  if (!days.length) return 'Choose at least one day you are open.'
  if (!hours.from || !hours.to || hours.from >= hours.to) return 'The day must end after it begins.'
  return centers.length ? '' : 'Choose a center.'
})
const open = computed(
  () => Object.fromEntries(answers.value.days.map((day) => [day, { ...answers.value.hours }])) as WeeklyHours,
)
const kids = computed(() => named.value.map((one) => childOf(one, session.today)))
const windows = computed(() =>
  prepWindowsFrom(
    kids.value.map((one) => ({ naps: one.naps, attendance: open.value })),
    open.value,
  ),
)
const licensed = computed(() => answers.value.license.children ?? 0)
const licenseFault = computed(() =>
  Number.isInteger(licensed.value) && licensed.value >= 1 && licensed.value <= 60
    ? ''
    : 'Write how many children your license allows, 1 to 60.',
)
function goTo(next: Step) {
  step.value = next
  window.scrollTo({ top: 0 })
}
const setUp = () =>
  told.tell(async () => {
    const { ACTIVITIES, MATERIALS } = await import('@core/library')
    const { homeName, centers, cupboard, license, noPrep } = answers.value
    const file = newHome(
      {
        name: homeName,
        timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
        provider: session.user!.name,
        children: kids.value,
        open: open.value,
        centers,
        cupboard,
        license: { children: licensed.value, rule: license.rule },
        prepWindows: windows.value.filter((one) => !noPrep.includes(one.weekday)),
      },
      { materials: MATERIALS, activities: ACTIVITIES },
      newId,
    )
    await moveIn(file, '/units?new=1')
  })
</script>

<template>
  <main class="door">
    <OwnerAccount
      v-if="step === 'account'"
      v-model="owner"
      :wrong="wrong"
      :problem="problem"
      :busy="busy"
      :asks-code="session.asksCode"
      @done="makeAccount"
    />
    <div v-else-if="step === 'code'" class="cubby box stack">
      <KobbyMark />
      <h1>Keep this code</h1>
      <RecoveryCode :code="recovery" button="I have kept it" @done="step = 'choose'" />
    </div>
    <div v-else-if="step === 'choose'" class="cubby box stack">
      <KobbyMark />
      <h1>How would you like to begin?</h1>
      <div class="card choice stack">
        <h2>Look around first</h2>
        <p>An invented home with eight children and a unit that is running. Everything in it can be tried.</p>
        <div>
          <v-btn class="primary" :disabled="busy" @click="takeDemo">{{
            busy ? 'Setting up' : 'Open the demo home'
          }}</v-btn>
        </div>
      </div>
      <div class="card choice stack">
        <h2>Set up my own</h2>
        <p>Three questions: who, which days, which centers. Then what you have in the house, and your first unit.</p>
        <div><v-btn :disabled="busy" @click="goTo('questions')">Start with my children</v-btn></div>
      </div>
      <p v-if="problem" class="notice" role="alert">{{ problem }}</p>
    </div>
    <form
      v-else-if="step === 'questions'"
      class="cubby box stack wide"
      novalidate
      @submit.prevent="missing || goTo('cupboard')"
    >
      <KobbyMark />
      <h1>Three questions</h1>
      <FormField label="What is the home called?" class="few"
        ><v-text-field v-model="answers.homeName" maxlength="120"
      /></FormField>
      <ThreeQuestions v-model="answers" />
      <div class="inline">
        <v-btn class="primary" type="submit" :disabled="missing !== ''">Next: what you have</v-btn
        ><v-btn class="plain" @click="goTo('choose')">Back</v-btn
        ><span v-if="missing" class="small mute" role="status">{{ missing }}</span>
      </div>
    </form>
    <form v-else-if="step === 'cupboard'" class="cubby box stack wide" @submit.prevent="goTo('rules')">
      <KobbyMark />
      <h1>What do you already have?</h1>
      <p class="mute">
        Check off what is in the house, so that your first shopping list asks only for the rest. The amounts are usual
        ones; you can count them later in the Pantry.
      </p>
      <CupboardTicks v-model="answers.cupboard" />
      <div class="inline">
        <v-btn class="primary" type="submit">Next: license and prep time</v-btn
        ><v-btn class="plain" @click="goTo('questions')">Back</v-btn>
      </div>
    </form>
    <form v-else class="cubby box stack wide" novalidate @submit.prevent="licenseFault || setUp()">
      <KobbyMark />
      <h1>Two more things</h1>
      <LicenseAndPrep v-model:license="answers.license" v-model:no-prep="answers.noPrep" :windows="windows" />
      <p v-if="problem" class="notice" role="alert">{{ problem }} Your answers are still here.</p>
      <div class="inline">
        <v-btn class="primary" type="submit" :disabled="busy || licenseFault !== ''">{{
          busy ? 'Setting up' : 'Move in'
        }}</v-btn><v-btn class="plain" :disabled="busy" @click="goTo('cupboard')">Back</v-btn
        ><span v-if="licenseFault" class="small brick" role="status">{{ licenseFault }}</span>
      </div>
    </form>
  </main>
</template>

<style scoped>
.choice {
  padding: 14px 16px;
  gap: 8px;
}
.door .box.wide {
  width: min(1060px, 100%);
}
.few {
  max-width: 360px;
}
</style>
