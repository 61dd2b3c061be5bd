<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { programDays, countWords, longDate, STYLE_NAMES } from '@core/base'
import { MAX_UNIT_DAYS, STYLES, Unit, type PlanningStyle } from '@core/domain'
import { firstStart, nextStart } from '@core/newHome'
import { SKELETONS, readThings } from '@core/ideas'
import type { ThemeStarter } from '@core/library/starters'
import { newId } from '../../api/newId'
import { tellFirstPlan } from '../../composables/useFirstPlan'
import { useKnownThings } from '../../composables/useKnownThings'
import { useStarters } from '../../composables/useStarters'
import { paperOf } from '../../composables/usePatterns'
import { useHouse } from '../../stores/house'
import { useSession } from '../../stores/session'
import type { Write } from '../../stores/writer'
import FormField from '../fields/FormField.vue'
import ObjectNotes from '../lines/ObjectNotes.vue'
import StarterOffer from '../lines/StarterOffer.vue'

/** A new unit: a theme, when, in which style, what it is about; and a first plan of it, if she wants one. */
const emit = defineEmits<{ close: [] }>()
const house = useHouse()
const session = useSession()
const router = useRouter()

/** A first unit leaves time for a shopping trip. */
const usualStart = () =>
  !house.home
    ? session.today
    : house.units.length
      ? nextStart(house.home, session.today)
      : firstStart(house.home, session.today)
const style = ref<PlanningStyle>(house.home?.style ?? 'centers')
const draft = ref({
  name: '',
  start: usualStart(),
  days: SKELETONS[style.value].days as number,
  interest: '',
  words: [] as string[],
  objects: '',
})
const fill = ref(true)
const tried = ref(false)
const busy = ref(false)
const failed = ref('')
function choose(next: PlanningStyle) {
  if (draft.value.days === SKELETONS[style.value].days) draft.value.days = SKELETONS[next].days
  style.value = next
}
const known = useKnownThings()
const objects = computed(() => readThings(draft.value.objects, known.value))
const starters = useStarters(computed(() => draft.value.name))
/** What was taken over from a theme that Kobby knows, and what stood there before. */
const taken = ref<{ starter: ThemeStarter; before: { objects: string; words: string[] } } | null>(null)
function take(starter: ThemeStarter) {
  const { objects, words } = draft.value
  taken.value = { starter, before: { objects, words } }
  draft.value.objects = [objects.trim(), ...starter.objects].filter(Boolean).join(', ')
  draft.value.words = [...new Set([...words, ...starter.words])]
}
function dropTaken() {
  if (taken.value) Object.assign(draft.value, taken.value.before)
  taken.value = null
}
const interests = computed(() => [...new Set(house.children.flatMap((child) => child.interests))])

const unitId = newId()
const unit = computed<Unit>(() => ({
  id: unitId,
  name: draft.value.name.trim(),
  start: draft.value.start,
  days: draft.value.days,
  style: style.value,
  bigIdea: taken.value?.starter.bigIdea ?? '',
  questions: [...(taken.value?.starter.questions ?? [])],
  words: draft.value.words,
  objects: objects.value,
  books: [],
  focus: {
    letter: taken.value?.starter.letter ?? '',
    number: taken.value ? String(taken.value.starter.number) : '',
    shape: '',
    colour: '',
  },
  interest: (draft.value.interest ?? '').trim(),
  budget: null,
  asked: {},
  closureHandling: {},
  events: [],
  slowProjects: [],
  note: '',
}))
const errors = computed(() => {
  const found: Record<string, string> = {}
  for (const issue of Unit.safeParse(unit.value).error?.issues ?? []) found[String(issue.path[0])] ??= issue.message
  return found
})
const SHOWN = ['name', 'start', 'days', 'interest', 'objects', 'words']
const covers = computed(() => {
  if (errors.value.start || errors.value.days || !house.home) return ''
  try {
    const { days, closures } = programDays(house.home, unit.value)
    return (
      `${longDate(days[0].date)} to ` +
      `${longDate(days[days.length - 1].date)}${closures.length ? `, past ${countWords(closures.length, 'closure')}` : ''}`
    )
  } catch (error) {
    return error instanceof Error ? error.message : ''
  }
})
const objectWords = computed(() => {
  const list = objects.value
  if (!list.length) return 'With commas between; a number before one is how many are in the house.'
  const knowledge = list.filter((one) => one.category).length
  return `${countWords(list.length, 'object')}: ${list
    .slice(0, 6)
    .map((one) => `${one.name}${one.onHand ? ` (${one.onHand})` : ''}`)
    .join(', ')}${list.length > 6 ? ' and more' : ''}. ${
    knowledge
      ? `What is commonly known of ${knowledge === list.length ? 'them' : knowledge} is filled in; ` +
        'change it in Spark.'
      : ''
  }`
})

async function start() {
  tried.value = true
  failed.value = ''
  if (!house.home) failed.value = 'This home is not set up yet: do that first, in Units.'
  // What has a field in this form says so there.
  const elsewhere = Object.entries(errors.value).filter(([field]) => !SHOWN.includes(field))
  if (elsewhere.length) failed.value = elsewhere.map(([field, message]) => `${field}: ${message}.`).join(' ')
  if (failed.value || Object.keys(errors.value).length) return
  busy.value = true
  try {
    const writes: Write[] = [{ put: 'unit', value: unit.value }]
    let said: string[] = []
    if (fill.value) {
      const [{ startOf }, { MATERIALS }] = await Promise.all([
        import('@core/ideas/styles/start'),
        import('@core/library/materials'),
      ])
      const begun = startOf(unit.value, house.house, session.today, {
        paper: paperOf(house.thisHome.measures),
        shipped: new Map(MATERIALS.map((one) => [one.id, one])),
        newId: newId,
      })
      said = begun.words
      writes.push(
        ...begun.materials.map((value) => ({ put: 'material' as const, value })),
        ...begun.activities.map((value) => ({ put: 'activity' as const, value })),
        ...begun.ideas.map((value) => ({ put: 'idea' as const, value })),
        ...begun.placements.map((value) => ({ put: 'placement' as const, value })),
      )
    }
    await house.commit(`Start ${unit.value.name}`, writes)
    if (said.length) tellFirstPlan(unitId, said)
    emit('close')
    await router.push({ name: fill.value ? 'lay-out' : 'spark', params: { unitId } })
  } catch (error) {
    failed.value = error instanceof Error ? error.message : String(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <form class="k-sheet" novalidate @submit.prevent="start">
    <h2 id="start-title">Start a unit</h2>
    <div class="when">
      <FormField label="Theme" class="theme"
        ><v-text-field
          v-model="draft.name"
          v-start-here
          placeholder="Wind and kites, bakers, under the ground"
          maxlength="120"
          :error-messages="tried ? errors.name : undefined"
      /></FormField>
      <FormField label="Starts on"
        ><v-text-field v-model="draft.start" type="date" :error-messages="errors.start"
      /></FormField>
      <FormField label="Program days"
        ><v-text-field
          v-model.number="draft.days"
          type="number"
          min="1"
          :max="MAX_UNIT_DAYS"
          :error-messages="errors.days"
      /></FormField>
    </div>
    <p class="small mute covers">{{ covers }}</p>
    <fieldset class="plain">
      <legend class="k-label">Planning style</legend>
      <div class="styles" role="radiogroup" aria-label="Planning style">
        <label v-for="one in STYLES" :key="one" class="card style" :class="{ here: style === one }"
          ><input type="radio" name="style" class="sr-only" :checked="style === one" @change="choose(one)" /><span
            class="k-label"
            >{{ STYLE_NAMES[one] }}</span
          ><span class="small mute">{{ SKELETONS[one].about }}</span></label
        >
      </div>
    </fieldset>
    <FormField
      v-if="style === 'follow'"
      label="The interest it follows"
      hint="One child’s or the group’s, without a name."
      ><v-combobox
        v-model="draft.interest"
        :items="interests"
        aria-label="The interest it follows"
        placeholder="things that dig"
        :error-messages="tried ? errors.interest : undefined"
    /></FormField>
    <StarterOffer :starters="starters" :taken="taken?.starter ?? null" @take="take" @drop="dropTaken" />
    <FormField label="Objects of the theme" :hint="objectWords"
      ><v-text-field
        v-model="draft.objects"
        placeholder="6 shells, crab, 2 boats, seaweed, 12 red pebbles"
        :error-messages="tried ? errors.objects : undefined"
    /></FormField>
    <ObjectNotes v-model="draft.objects" :known="known" />
    <FormField label="Words to learn"
      ><v-combobox
        v-model="draft.words"
        multiple
        chips
        closable-chips
        aria-label="Words to learn"
        placeholder="Type one, press Enter"
        :error-messages="tried ? errors.words : undefined"
    /></FormField>
    <v-checkbox v-model="fill" label="Lay out a first plan in this style, to change as you like" />
    <p v-if="failed" class="notice" role="alert">{{ failed }} Nothing was lost.</p>
    <div class="inline">
      <v-btn class="primary" type="submit" :disabled="busy">{{ busy ? 'Laying it out' : 'Start' }}</v-btn><v-btn
        class="plain"
        @click="emit('close')"
        >Cancel</v-btn
      >
    </div>
  </form>
</template>

<style scoped>
.when {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr) minmax(0, 0.8fr);
  gap: 10px 14px;
}
.covers {
  margin-top: -10px;
  min-height: 20px;
}
.plain {
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
}
.styles {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 8px;
  margin-top: 4px;
}
.style {
  display: grid;
  gap: 3px;
  align-content: start;
  padding: 8px 10px;
  cursor: pointer;
  border-top-width: 2px;
  position: relative;
  line-height: 1.3;
}
.style.here {
  border-color: var(--spruce);
  background: var(--spruce-tint);
}
.style:focus-within {
  outline: 2px solid var(--spruce);
  outline-offset: 2px;
}
.style.here .mute {
  color: var(--ink);
}
@media (max-width: 720px) {
  .when {
    grid-template-columns: 1.6fr 1fr;
  }
  .theme {
    grid-column: 1 / -1;
  }
  .styles {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
