<script setup lang="ts">
import { toRef } from 'vue'
import { Adult, WEEKDAYS } from '@core/domain'
import { shortWeekday } from '@core/base'
import { useDraft } from '../../composables/useDraft'
import { useFlags } from '../../composables/useFlags'
import { useHouse } from '../../stores/house'
import { useSession } from '../../stores/session'
import DatesThatDiffer from '../fields/DatesThatDiffer.vue'
import FormField from '../fields/FormField.vue'
import WeekHours from '../fields/WeekHours.vue'

const props = defineProps<{ adult: Adult }>()
const house = useHouse()
const session = useSession()
const { draft, errors, commit } = useDraft(
  toRef(props, 'adult'),
  Adult,
  (value) => void house.commit(`Change ${value.name}`, [{ put: 'adult', value }]),
  useFlags(
    'adult',
    toRef(() => props.adult.id),
  ),
)
const ROLES = [
  { title: 'Provider', value: 'provider' },
  { title: 'Assistant', value: 'assistant' },
  { title: 'Substitute', value: 'substitute' },
]
function addWindow() {
  draft.value!.prepWindows.push({ weekday: 'mon', name: 'Nap', from: '13:15', to: '14:45', naps: false })
  commit()
}
function dropWindow(i: number) {
  draft.value!.prepWindows.splice(i, 1)
  commit()
}
</script>

<template>
  <form v-if="draft" class="stack" @submit.prevent="commit">
    <FormField label="Name"
      ><v-text-field v-model="draft.name" :error-messages="errors.name" maxlength="120" @blur="commit"
    /></FormField>
    <FormField label="Role"
      ><v-select v-model="draft.role" :items="ROLES" aria-label="Role" @update:model-value="commit"
    /></FormField>
    <WeekHours v-model="draft.hours" legend="Here" :errors="errors" path="hours" @left="commit" />
    <fieldset class="plain">
      <legend class="k-label">Prep time</legend>
      <div v-for="(one, i) in draft.prepWindows" :key="i" class="window">
        <v-select
          v-model="one.weekday"
          :items="WEEKDAYS.map((day) => ({ title: shortWeekday(day), value: day }))"
          :aria-label="`Window ${i + 1}, weekday`"
          @update:model-value="commit"
        /><input
          v-model="one.from"
          class="time"
          type="time"
          :aria-label="`Window ${i + 1} from`"
          @blur="commit"
        /><input
          v-model="one.to"
          class="time"
          type="time"
          :aria-label="`Window ${i + 1} to`"
          @blur="commit"
        /><TextButton :aria-label="`Remove window ${i + 1}`" @click="dropWindow(i)"> remove</TextButton
        ><span v-if="errors[`prepWindows.${i}.to`] ?? errors[`prepWindows.${i}.from`]" class="small brick wide">{{
          errors[`prepWindows.${i}.to`] ?? errors[`prepWindows.${i}.from`]
        }}</span>
      </div>
      <TextButton @click="addWindow">Add a window</TextButton>
    </fieldset>
    <DatesThatDiffer v-model="draft.exceptions" :today="session.today" :errors="errors" @left="commit" />
    <FormField label="Note"
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
.wide {
  grid-column: 1 / -1;
}
.window {
  display: grid;
  grid-template-columns: minmax(92px, 1fr) auto auto;
  gap: 4px 6px;
  margin-bottom: 8px;
  align-items: center;
}
</style>
