<script setup lang="ts">
import { computed, toRef } from 'vue'
import { ageWords } from '@core/plan'
import { Child, DOMAINS, STAGES, type LearningDomain, type Stage } from '@core/domain'
import { allergenChoices, DOMAIN_NAMES, STAGE_NAMES } from '@core/base'
import { useDraft } from '../../composables/useDraft'
import { useFlags } from '../../composables/useFlags'
import { useHouse } from '../../stores/house'
import { useSession } from '../../stores/session'
import DatesThatDiffer from '../fields/DatesThatDiffer.vue'
import FormField from '../fields/FormField.vue'
import WeekHours from '../fields/WeekHours.vue'

const props = defineProps<{ child: Child }>()
const house = useHouse()
const session = useSession()
const { draft, errors, commit } = useDraft(
  toRef(props, 'child'),
  Child,
  (value) => void house.commit(`Change ${value.name}`, [{ put: 'child', value }]),
  useFlags(
    'child',
    toRef(() => props.child.id),
  ),
)
const age = computed(() =>
  draft.value && draft.value.born <= session.today ? ageWords(draft.value, session.today) : '',
)
const allergens = computed(() => allergenChoices(house.home?.moreAllergens))
const SENSORY = [
  { title: 'New to sensory bins', value: 'new' },
  { title: 'Practicing', value: 'practising' },
  { title: 'Ready for rice and sand', value: 'ready' },
]
function setStage(domain: LearningDomain, stage: Stage | null) {
  const next = { ...draft.value!.stageOverrides }
  if (stage) next[domain] = stage
  else delete next[domain]
  draft.value!.stageOverrides = next
  commit()
}
function addNap() {
  draft.value!.naps.push({ from: '12:45', to: '14:45' })
  commit()
}
function dropNap(i: number) {
  draft.value!.naps.splice(i, 1)
  commit()
}
</script>

<template>
  <form v-if="draft" class="stack" @submit.prevent="commit">
    <FormField label="Name or nickname"
      ><v-text-field v-model="draft.name" :error-messages="errors.name" maxlength="120" @blur="commit"
    /></FormField>
    <FormField label="Born" :hint="age"
      ><v-text-field v-model="draft.born" type="date" :error-messages="errors.born" @blur="commit"
    /></FormField>
    <WeekHours
      v-model="draft.attendance"
      legend="Here"
      :errors="errors"
      path="attendance"
      :usual="{ from: '08:00', to: '16:30' }"
      @left="commit"
    />
    <fieldset class="plain">
      <legend class="k-label">Naps</legend>
      <div v-for="(nap, i) in draft.naps" :key="i" class="inline nap">
        <input v-model="nap.from" class="time" type="time" :aria-label="`Nap ${i + 1} from`" @blur="commit" /><span
          >to</span
        ><input v-model="nap.to" class="time" type="time" :aria-label="`Nap ${i + 1} to`" @blur="commit" /><TextButton
          :aria-label="`Remove nap ${i + 1}`"
          @click="dropNap(i)"
        >
          remove</TextButton
        ><span v-if="errors[`naps.${i}.to`] ?? errors[`naps.${i}.from`]" class="small brick">{{
          errors[`naps.${i}.to`] ?? errors[`naps.${i}.from`]
        }}</span>
      </div>
      <TextButton v-if="draft.naps.length < 4" @click="addNap">Add a nap</TextButton>
    </fieldset>
    <v-checkbox v-model="draft.mouths" label="Still puts things in the mouth" @update:model-value="commit" />
    <v-checkbox v-model="draft.asthma" label="Has asthma" @update:model-value="commit" />
    <FormField label="Allergies"
      ><v-select
        v-model="draft.allergens"
        :items="allergens"
        multiple
        aria-label="Allergies"
        placeholder="None"
        @update:model-value="commit"
    /></FormField>
    <FormField label="Diet"
      ><v-text-field v-model="draft.diet" :error-messages="errors.diet" maxlength="120" @blur="commit"
    /></FormField>
    <FormField label="At the sensory bin"
      ><v-select v-model="draft.sensory" :items="SENSORY" aria-label="At the sensory bin" @update:model-value="commit"
    /></FormField>
    <FormField label="Likes"
      ><v-combobox
        v-model="draft.interests"
        multiple
        chips
        closable-chips
        :error-messages="errors.interests"
        aria-label="Likes"
        @update:model-value="commit"
    /></FormField>
    <DatesThatDiffer v-model="draft.exceptions" :today="session.today" :errors="errors" @left="commit" />
    <details>
      <summary>Works at another stage in</summary>
      <div class="overrides">
        <FormField v-for="domain in DOMAINS" :key="domain" :label="DOMAIN_NAMES[domain]"
          ><v-select
            :model-value="draft.stageOverrides[domain] ?? null"
            :items="STAGES.map((stage) => ({ title: STAGE_NAMES[stage], value: stage }))"
            clearable
            placeholder="same as age"
            :aria-label="DOMAIN_NAMES[domain]"
            @update:model-value="setStage(domain, $event)"
        /></FormField>
      </div>
    </details>
    <FormField label="Family" hint="The same word for brothers and sisters: they are asked once. For you only."
      ><v-text-field
        v-model="draft.family"
        :error-messages="errors.family"
        placeholder="No sibling here"
        maxlength="120"
        @blur="commit"
    /></FormField>
    <FormField label="Note" hint="For you only: never on a link or a sheet."
      ><v-textarea v-model="draft.note" :error-messages="errors.note" maxlength="4000" @blur="commit"
    /></FormField>
  </form>
</template>

<style scoped>
.plain {
  border: 0;
  padding: 0;
  margin: 0;
}
.nap {
  margin-bottom: 6px;
}
summary {
  cursor: pointer;
  color: var(--spruce);
}
.overrides {
  display: grid;
  gap: 8px;
  padding-top: 8px;
}
</style>
