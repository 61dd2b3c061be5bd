<script setup lang="ts">
import { computed, nextTick, onBeforeUnmount, ref } from 'vue'
import { useRouter } from 'vue-router'
import { ATTENTIONS, CENTER_KINDS, DOMAINS, GroupForm, type Activity, type Idea, type Placement } from '@core/domain'
import {
  activityFrom,
  draftOf,
  emptyDraft,
  type ActivityDraft,
  fitOf,
  getWords,
  leadWords,
  inTheme,
  slotsIn,
} from '@core/ideas'
import {
  ATTENTION_NAMES,
  CENTER_NAMES,
  countWords,
  DOMAIN_NAMES,
  ENERGY_NAMES,
  FORM_NAMES,
  listWords,
  MESS_NAMES,
  OUT_WORDS,
} from '@core/base'
import { newId } from '../../api/newId'
import { useFits } from '../../composables/useFits'
import { useKeptDraft } from '../../composables/useKeptDraft'
import { useHouse } from '../../stores/house'
import { useUnit } from '../../stores/unit'
import { useWriter, type Write } from '../../stores/writer'
import ChildMarks from '../lines/ChildMarks.vue'
import FormField from '../fields/FormField.vue'
import NeedRows from './NeedRows.vue'
import OrderedRows from '../fields/OrderedRows.vue'
import PlainFrame from '../frame/PlainFrame.vue'
import TrialCautions from '../lines/TrialCautions.vue'
import VariantGrid from './VariantGrid.vue'

/** The form of a whole idea. What is typed is kept on this device until it is saved; saving is one change. */
const props = defineProps<{
  activityId: string | null
  copyOf: string | null
  ideaId: string | null
  unitId: string | null
}>()
const house = useHouse()
const store = useUnit()
const writer = useWriter()
const router = useRouter()

const known = house.activitiesById.get(props.activityId ?? '')
// What ships is never changed in place: a later version would not know whose words they are.
const copied = house.activitiesById.get(props.copyOf ?? '') ?? (known?.source === 'shipped' ? known : undefined)
const own = known && known !== copied ? known : undefined
const idea: Idea | undefined = [...store.ideas, ...store.loose].find((one) => one.id === props.ideaId)
const lost = Boolean((props.activityId && !known) || (props.copyOf && !copied) || (props.ideaId && !idea))

function begin(): ActivityDraft {
  if (own) return draftOf(own)
  // For a unit, the slots are filled in: what is changed is what was read there.
  if (copied) return draftOf(props.unitId && store.unit ? inTheme([copied], store.unit)[0] : copied)
  const draft = emptyDraft()
  return idea
    ? {
        ...draft,
        title: idea.text
          .split('\n')[0]
          .replace(/https?:\/\/\S+/g, '')
          .trim()
          .slice(0, 120),
        steps: idea.sketch
          .split('\n')
          .map((line) => line.trim())
          .filter(Boolean)
          .slice(0, 9)
          .map((text, i) => ({ id: `s${i}`, text: text.slice(0, 400) })),
      }
    : draft
}
const { draft, pickedUp, forget, startOver, changed, keep } = useKeptDraft(
  `idea-${own?.id ?? copied?.id ?? idea?.id ?? 'new'}`,
  begin,
)
onBeforeUnmount(keep)

const ownId = newId()
const written = computed(() =>
  activityFrom(
    draft.value,
    own
      ? {
          id: own.id,
          source: own.source,
          pattern: own.pattern,
          origin: own.origin,
          archived: own.archived,
          variants: own.variants,
        }
      : {
          id: ownId,
          source: 'own',
          pattern: null,
          origin: copied ? { id: copied.id, title: draftOf(copied).title } : null,
          archived: false,
          variants: copied?.variants,
        },
  ),
)
const tried = ref(false)
const errors = computed<Record<string, string>>(() => (tried.value ? (written.value.errors ?? {}) : {}))
const FIELDS: Record<string, string> = {
  title: 'the name',
  aim: 'the aim',
  centers: 'the center',
  domains: 'what it is for',
  variants: 'who does what',
  steps: 'the steps',
  needs: 'the materials',
  prep: 'the preparation',
  minutes: 'the minutes',
  say: 'what to ask',
  lookFor: 'what to look for',
  easier: 'easier',
  harder: 'harder',
  tidy: 'tidy up',
}
const faulty = computed(() => [
  ...new Set(Object.keys(errors.value).map((field) => FIELDS[field.split('.')[0]] ?? field)),
])

const { context } = useFits()
/** What stands so far, seen as the home would meet it; the missing is filled in for the look. */
const fit = computed(() => {
  const probe = activityFrom(
    {
      ...draft.value,
      title: draft.value.title || 'Idea',
      aim: draft.value.aim || '.',
      centers: draft.value.centers.length ? draft.value.centers : ['art-table'],
      domains: draft.value.domains.length ? draft.value.domains : ['sensory'],
      steps: [{ id: 'probe', text: 'x' }],
      prep: draft.value.prep.filter((one) => one.text.trim() && one.minutes !== null),
      needs: draft.value.needs.filter((one) => one.materialId && one.quantity),
    },
    { id: 'probe', source: 'own', pattern: null, origin: null, archived: false },
  )
  return probe.activity && context.value ? fitOf(probe.activity, context.value) : null
})
const out = computed(
  () =>
    fit.value?.parts.flatMap((part) => (part.does === 'out' ? [`${part.child.name} ${OUT_WORDS[part.reason]}`] : [])) ??
    [],
)
const slots = computed(() =>
  listWords([...new Set(slotsIn(JSON.stringify(draft.value)))].slice(0, 2).map((slot) => `{${slot}}`)),
)

let made = 0
const fresh = () => `new-${Date.now().toString(36)}-${++made}`
const addStep = () => draft.value.steps.push({ id: fresh(), text: '' })
const addPrep = () =>
  draft.value.prep.push({
    id: `prep-${draft.value.prep.length + 1}-${++made}`,
    text: '',
    minutes: 5,
    wait: null,
    overnight: false,
    splits: false,
    uses: [],
  })
const number = (value: unknown) => (value === '' || value === null ? null : Number(value))

/**
 * Everything that goes with saving: the idea takes its place in the basket, and on the plan where it was copied for
 * this unit.
 */
function writesFor(activity: Activity): Write[] {
  const unitId = props.unitId && store.unit ? store.id : null
  const writes: Write[] = [{ put: 'activity', value: activity }]
  if (!unitId) return writes
  if (idea) return [...writes, { put: 'idea', value: { ...idea, unitId, activityId: activity.id } }]
  const gathered = copied && store.ideas.find((one) => one.activityId === copied.id)
  if (!gathered || !copied) return writes
  const planned = store.placements.filter((one) => one.activityId === copied.id && one.status === 'planned')
  return [
    ...writes,
    { put: 'idea', value: { ...gathered, activityId: activity.id } },
    ...planned.map((value) => ({
      put: 'placement' as const,
      value: { ...value, activityId: activity.id } as Placement,
    })),
  ]
}
const back = (id: string | null) =>
  router.push(
    props.unitId
      ? { name: 'gather', params: { unitId: props.unitId }, query: id ? { open: id } : idea ? { tab: 'notebook' } : {} }
      : { name: 'library', query: id ? { open: id } : {} },
  )
async function save() {
  tried.value = true
  const { activity } = written.value
  if (!activity) {
    await nextTick()
    document.querySelector<HTMLElement>('.v-field--error input, .v-field--error textarea, .faults')?.focus()
    return
  }
  forget()
  void writer.commit(
    props.unitId && store.unit ? store.id : null,
    `${own ? 'Change' : 'Write'} ${activity.title}`,
    writesFor(activity),
  )
  await back(activity.id)
}
const pocketOpen = ref(false)
const leaving = ref(false)
function keepForLater() {
  leaving.value = false
  back(null)
}
async function cancel() {
  if (changed()) leaving.value = true
  else await back(own?.id ?? copied?.id ?? null)
}
async function letGo() {
  leaving.value = false
  forget()
  await back(own?.id ?? copied?.id ?? null)
}
const title = computed(() =>
  own ? `Change ${own.title}` : copied ? `A copy of ${copied.title}` : idea ? 'Write it out' : 'Write an idea',
)
const takesPlace = computed(() =>
  Boolean(copied && props.unitId && store.ideas.some((one) => one.activityId === copied.id)),
)
</script>

<template>
  <PlainFrame v-if="lost" title="This idea is not here"
    ><div class="stack">
      <p>It was removed, or the address is not right. Nothing was lost.</p>
      <div><v-btn to="/library">To the library</v-btn></div>
    </div></PlainFrame
  >
  <PlainFrame
    v-else
    v-model:pocket-open="pocketOpen"
    :title="title.length > 60 ? `${title.slice(0, 58)}…` : title"
    :lead="
      takesPlace
        ? `In ${store.unit?.name} it takes the place of the one it is copied from`
        : copied
          ? 'The one it is copied from stays as it is'
          : 'Kept on this device as you type'
    "
    pocket-title="In your home"
  >
    <template #acts
      ><v-btn class="wide-only" @click="cancel">Cancel</v-btn
      ><v-btn class="primary wide-only" @click="save">Save the idea</v-btn></template
    >
    <button type="button" class="why phone-only" @click="pocketOpen = true">How it would be in your home</button>
    <form class="editor" novalidate @submit.prevent="save">
      <div v-if="pickedUp" class="notice soft row">
        <span>Picked up where you left it.</span
        ><button type="button" class="why" @click="startOver">Start over</button>
      </div>
      <div v-if="faulty.length" class="notice faults" role="alert" tabindex="-1">
        Not saved yet: look at {{ listWords(faulty) }}. Nothing is lost.
      </div>
      <p v-if="slots" class="notice soft small">
        Words in braces, such as {{ slots }}, are filled in by each unit from its own things and words.
      </p>
      <section class="two">
        <FormField label="Name"
          ><v-text-field v-model="draft.title" :error-messages="errors.title" maxlength="120"
        /></FormField>
        <FormField label="Aim, in one sentence"
          ><v-text-field
            v-model="draft.aim"
            :error-messages="errors.aim"
            maxlength="400"
            placeholder="Find out what the wind can carry"
        /></FormField>
        <FormField label="Centers, best place first"
          ><v-select
            v-model="draft.centers"
            :items="CENTER_KINDS.map((kind) => ({ title: CENTER_NAMES[kind], value: kind }))"
            multiple
            aria-label="Centers, best place first"
            placeholder="Where it is done"
            :error-messages="errors.centers"
        /></FormField>
        <FormField label="What it is for, most first"
          ><v-select
            v-model="draft.domains"
            :items="DOMAINS.map((one) => ({ title: DOMAIN_NAMES[one], value: one }))"
            multiple
            aria-label="What it is for, most first"
            placeholder="Domains"
            :error-messages="errors.domains"
        /></FormField>
      </section>
      <section class="facts">
        <FormField label="Set up"
          ><v-text-field
            suffix="min"
            :model-value="draft.minutes.setUp"
            type="number"
            min="0"
            :error-messages="errors['minutes.setUp']"
            @update:model-value="draft.minutes.setUp = number($event)"
        /></FormField>
        <FormField label="Do"
          ><v-text-field
            suffix="min"
            :model-value="draft.minutes.do"
            type="number"
            min="1"
            :error-messages="errors['minutes.do']"
            @update:model-value="draft.minutes.do = number($event)"
        /></FormField>
        <FormField label="Clear"
          ><v-text-field
            suffix="min"
            :model-value="draft.minutes.clear"
            type="number"
            min="0"
            :error-messages="errors['minutes.clear']"
            @update:model-value="draft.minutes.clear = number($event)"
        /></FormField>
        <FormField label="Together"
          ><v-select
            v-model="draft.form"
            :items="GroupForm.options.map((value) => ({ title: FORM_NAMES[value], value }))"
            aria-label="Together"
        /></FormField>
        <FormField label="Energy"
          ><v-select
            v-model="draft.energy"
            :items="[-1, 0, 1, 2].map((value) => ({ title: ENERGY_NAMES[value], value }))"
            aria-label="Energy"
        /></FormField>
        <FormField label="Mess"
          ><v-select
            v-model="draft.mess"
            :items="MESS_NAMES.map((name, value) => ({ title: name, value }))"
            aria-label="Mess"
        /></FormField>
        <FormField label="Adult"
          ><v-select
            v-model="draft.attention"
            :items="ATTENTIONS.map((value) => ({ title: ATTENTION_NAMES[value], value }))"
            aria-label="Adult"
        /></FormField>
        <FormField label="Dries"
          ><v-text-field
            suffix="min"
            :model-value="draft.dries"
            type="number"
            min="0"
            placeholder="not wet"
            :error-messages="errors.dries"
            @update:model-value="draft.dries = number($event)"
        /></FormField>
        <v-checkbox v-model="draft.standing" class="standing" label="Can stay out" />
        <v-checkbox v-model="draft.folder" class="standing folder" label="A piece for the folder" />
      </section>
      <section class="block" aria-label="Who does what">
        <h2>Who does what</h2>
        <VariantGrid v-model="draft" :error="errors.variants" />
      </section>
      <section class="block" aria-label="What it takes">
        <h2>What it takes</h2>
        <NeedRows v-model="draft" :errors="errors" />
      </section>
      <section class="block" aria-label="Before">
        <h2>Before</h2>
        <OrderedRows v-model="draft.prep" what="Preparation">
          <template #row="{ row, i }"
            ><div class="prep">
              <v-text-field
                v-model="row.text"
                :aria-label="`Preparation ${i + 1}`"
                placeholder="Cut the strips"
                :error-messages="errors[`prep.${i}.text`]"
                maxlength="400"
              />
              <v-text-field
                :model-value="row.minutes"
                type="number"
                min="0"
                suffix="min"
                :aria-label="`Hands-on minutes of preparation ${i + 1}`"
                :error-messages="errors[`prep.${i}.minutes`]"
                @update:model-value="row.minutes = number($event)"
              />
              <v-text-field
                :model-value="row.wait"
                :disabled="row.overnight"
                type="number"
                min="0"
                prefix="then"
                suffix="min"
                :aria-label="`Then a wait of minutes, preparation ${i + 1}`"
                placeholder="0"
                :error-messages="errors[`prep.${i}.wait`]"
                @update:model-value="row.wait = number($event)"
              />
              <div class="inline more">
                <v-checkbox
                  v-model="row.overnight"
                  label="Until the next morning"
                  :aria-label="`Until the next morning, preparation ${i + 1}`"
                /><v-checkbox
                  v-model="row.splits"
                  label="Can be done in pieces"
                  :aria-label="`Can be done in pieces, preparation ${i + 1}`"
                />
              </div></div
          ></template>
        </OrderedRows>
        <div><v-btn size="small" :disabled="draft.prep.length >= 20" @click="addPrep">Add preparation</v-btn></div>
      </section>
      <section class="block" aria-label="How it goes">
        <h2>How it goes</h2>
        <OrderedRows v-model="draft.steps" what="Step">
          <template #row="{ row, i }"
            ><v-textarea
              v-model="row.text"
              rows="1"
              auto-grow
              :aria-label="`Step ${i + 1}`"
              :error-messages="errors[`steps.${i}`]"
              maxlength="400"
          /></template>
        </OrderedRows>
        <p v-if="errors.steps" class="brick small">{{ errors.steps }}</p>
        <div><v-btn size="small" :disabled="draft.steps.length >= 9" @click="addStep">Add a step</v-btn></div>
      </section>
      <section class="two">
        <FormField label="Ask, one to a line"
          ><v-textarea v-model="draft.say" :error-messages="errors.say" placeholder="What would happen if …?"
        /></FormField>
        <FormField label="Look for, one to a line"
          ><v-textarea v-model="draft.lookFor" :error-messages="errors.lookFor"
        /></FormField>
        <FormField label="Easier"
          ><v-textarea v-model="draft.easier" :error-messages="errors.easier" maxlength="400"
        /></FormField>
        <FormField label="Harder"
          ><v-textarea v-model="draft.harder" :error-messages="errors.harder" maxlength="400"
        /></FormField>
        <FormField label="Tidy up"
          ><v-textarea v-model="draft.tidy" :error-messages="errors.tidy" maxlength="400"
        /></FormField>
      </section>
      <div class="inline">
        <v-btn class="primary" type="submit">Save the idea</v-btn><v-btn class="plain" @click="cancel">Cancel</v-btn>
      </div>
    </form>
    <template #pocket>
      <h2>In your home</h2>
      <section v-if="idea" class="note rows">
        <h3>Your note</h3>
        <p>{{ idea.text }}</p>
        <p v-if="idea.page" class="small">Page {{ idea.page }}</p>
        <a v-if="idea.link" :href="idea.link" target="_blank" rel="noreferrer noopener" class="small">{{
          idea.link
        }}</a>
        <p v-if="idea.sketch" class="small sketch">{{ idea.sketch }}</p>
      </section>
      <template v-if="fit">
        <ChildMarks :parts="fit.parts" all />
        <p v-if="!fit.parts.some((part) => part.does === 'takes-part')" class="ember">
          Nobody of yours can do it as it stands.
        </p>
        <p v-for="words in out" :key="words" class="small ember">{{ words }}</p>
        <p class="small mute">{{ leadWords(fit.lead) }}, {{ getWords(fit.get, house.thisHome.currency) }}</p>
        <TrialCautions v-if="context" :fit="fit" :context="context" />
      </template>
      <p v-else class="mute">Write what one stage does, and the children who could do it show here.</p>
      <p class="small mute">
        {{ countWords(draft.needs.length, 'material') }}, {{ countWords(draft.prep.length, 'step') }} before,
        {{ countWords(draft.steps.length, 'step') }} in it.
      </p>
    </template>
  </PlainFrame>
  <v-dialog v-model="leaving" aria-labelledby="leave-idea"
    ><div class="k-sheet">
      <h2 id="leave-idea">Leave without saving?</h2>
      <p>What you wrote stays on this device until you come back to it, or is thrown away.</p>
      <div class="inline">
        <v-btn class="primary" @click="keepForLater">Keep it for later</v-btn
        ><v-btn class="danger" @click="letGo">Throw it away</v-btn
        ><v-btn class="plain" @click="leaving = false">Go on writing</v-btn>
      </div>
    </div></v-dialog
  >
</template>

<style scoped>
.editor {
  display: grid;
  gap: 18px;
  grid-template-columns: minmax(0, 1fr);
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 14px;
}
.facts {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 10px 14px;
  align-items: end;
}
.standing {
  margin-left: -8px;
}
.folder {
  grid-column: span 2;
}
.block {
  display: grid;
  gap: 8px;
  grid-template-columns: minmax(0, 1fr);
}
.prep {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 92px 132px;
  gap: 8px;
  align-items: center;
}
.prep .more {
  grid-column: 1 / -1;
  margin-left: -8px;
}
.note {
  border-left: 3px solid var(--apricot);
  padding-left: 10px;
  overflow-wrap: anywhere;
}
.sketch {
  white-space: pre-line;
}
.notice.row {
  align-items: center;
}
@media (max-width: 1180px) {
  .prep {
    grid-template-columns: 1fr 1fr;
  }
  .prep > :first-child {
    grid-column: 1 / -1;
  }
}
@media (max-width: 720px) {
  .prep {
    grid-template-columns: minmax(0, 1fr);
  }
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  .facts {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
