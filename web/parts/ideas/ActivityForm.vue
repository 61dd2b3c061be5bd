<script setup lang="ts">
import { computed, nextTick, onBeforeUnmount, ref } from 'vue'
import { useRouter } from 'vue-router'
import { CENTER_KINDS, DOMAINS } from '@core/domain'
import { slotsIn } from '@core/ideas'
import { CENTER_NAMES, DOMAIN_NAMES, listWords } from '@core/base'
import { useActivityDraft } from '../../composables/useActivityDraft'
import { useUnit } from '../../stores/unit'
import { useWriter } from '../../stores/writer'
import FormField from '../fields/FormField.vue'
import OrderedRows from '../fields/OrderedRows.vue'
import PlainFrame from '../frame/PlainFrame.vue'
import FactFields from './FactFields.vue'
import IdeaTrial from './IdeaTrial.vue'
import LeaveIdea from './LeaveIdea.vue'
import NeedRows from './NeedRows.vue'
import PrepRows from './PrepRows.vue'
import VariantGrid from './VariantGrid.vue'

/** The form of a whole idea. What is typed is kept on this device until it is saved; saving is one change. */
const props = defineProps<{
  activityId: string | null
  copyOf: string | null
  ideaId: string | null
  unitId: string | null
}>()
const store = useUnit()
const writer = useWriter()
const router = useRouter()

const { own, copied, idea, lost, draft, written, kept, tried, errors, faulty, writesFor } = useActivityDraft(props)
const { pickedUp, startOver } = kept
onBeforeUnmount(kept.keep)
const slots = computed(() =>
  listWords([...new Set(slotsIn(JSON.stringify(draft.value)))].slice(0, 2).map((slot) => `{${slot}}`)),
)

let made = 0
const fresh = () => `new-${Date.now().toString(36)}-${++made}`
const addStep = () => draft.value.steps.push({ id: fresh(), text: '' })
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
  kept.forget()
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
  if (kept.changed()) leaving.value = true
  else await back(own?.id ?? copied?.id ?? null)
}
async function letGo() {
  leaving.value = false
  kept.forget()
  await back(own?.id ?? copied?.id ?? null)
}
const title = computed(() =>
  own ? `Change ${own.title}` : copied ? `A copy of ${copied.title}` : idea ? 'Finish this idea' : 'Write an idea',
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
    <TextButton class="phone-only" @click="pocketOpen = true">How it would be in your home</TextButton>
    <form class="editor" novalidate @submit.prevent="save">
      <div v-if="pickedUp" class="notice soft row">
        <span>Picked up where you left it.</span><TextButton @click="startOver">Start over</TextButton>
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
        <FormField label="Learning areas, main one first"
          ><v-select
            v-model="draft.domains"
            :items="DOMAINS.map((one) => ({ title: DOMAIN_NAMES[one], value: one }))"
            multiple
            aria-label="Learning areas, main one first"
            placeholder="Learning areas"
            :error-messages="errors.domains"
        /></FormField>
        <FormField class="wide" label="About" hint="Things and words, with commas. Units about them show it first."
          ><v-text-field
            v-model="draft.topics"
            :error-messages="errors.topics"
            maxlength="400"
            placeholder="bread, baking"
        /></FormField>
      </section>
      <FactFields v-model="draft" :errors="errors" />
      <section class="block" aria-label="Who does what">
        <h2>Who does what</h2>
        <VariantGrid v-model="draft" :error="errors.variants" />
      </section>
      <section class="block" aria-label="Materials">
        <h2>Materials</h2>
        <NeedRows v-model="draft" :errors="errors" />
      </section>
      <section class="block" aria-label="Prep">
        <h2>Prep</h2>
        <PrepRows v-model="draft.prep" :errors="errors" />
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
        <FormField label="Clean up"
          ><v-textarea v-model="draft.tidy" :error-messages="errors.tidy" maxlength="400"
        /></FormField>
      </section>
      <div class="inline">
        <v-btn class="primary" type="submit">Save the idea</v-btn><v-btn class="plain" @click="cancel">Cancel</v-btn>
      </div>
    </form>
    <template #pocket>
      <IdeaTrial :draft="draft" :idea="idea" />
    </template>
  </PlainFrame>
  <LeaveIdea v-model="leaving" @keep="keepForLater" @throw-away="letGo" />
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
.wide {
  grid-column: 1 / -1;
}
.block {
  display: grid;
  gap: 8px;
  grid-template-columns: minmax(0, 1fr);
}
.notice.row {
  align-items: center;
}
@media (max-width: 720px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
