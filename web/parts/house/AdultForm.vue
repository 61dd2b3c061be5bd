<script setup lang="ts">
import { ref, toRef } from 'vue'
import { Adult, WEEKDAYS } from '@core/domain'
import { mediumDate, shortWeekday, spanWords, weekdayOf } from '@core/base'
import { withPrepDay } from '@core/prep'
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
const other = ref({ date: '', from: '20:00', to: '21:00' })
const otherFault = ref('')
/** On one date her prep time is another, besides what of it is as usual, or there is none. */
function differ(some: boolean) {
  const { date, from, to } = other.value
  otherFault.value = !date ? 'Choose a date' : some && from >= to ? 'The end must come after the start' : ''
  if (otherFault.value || !draft.value) return
  const known = draft.value.prepDays.find((one) => one.date === date)
  const usual = draft.value.prepWindows
    .filter((one) => one.weekday === weekdayOf(date))
    .map(({ name, from: start, to: end }) => ({ name, from: start, to: end }))
  const windows = some ? [...(known?.windows ?? usual), { name: 'More time', from, to }] : []
  draft.value.prepDays = withPrepDay(draft.value, { date, windows }).prepDays
  other.value.date = ''
  commit()
}
function asUsual(i: number) {
  draft.value!.prepDays.splice(i, 1)
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
        /><v-checkbox
          v-model="one.naps"
          class="naps"
          label="Only while they all nap"
          :aria-label="`Window ${i + 1} only while everyone who naps is asleep`"
          hide-details
          @update:model-value="commit"
        /><TextButton :aria-label="`Remove window ${i + 1}`" @click="dropWindow(i)"> remove</TextButton
        ><span v-if="errors[`prepWindows.${i}.to`] ?? errors[`prepWindows.${i}.from`]" class="small brick wide">{{
          errors[`prepWindows.${i}.to`] ?? errors[`prepWindows.${i}.from`]
        }}</span>
      </div>
      <TextButton @click="addWindow">Add a window</TextButton>
      <p v-if="draft.prepDays.length" class="k-label dates">Dates with other prep time</p>
      <div v-for="(day, i) in draft.prepDays" :key="day.date" class="row">
        <span
          >{{ mediumDate(day.date) }}:
          {{
            day.windows.length ? day.windows.map((one) => `${one.name}, ${spanWords(one)}`).join('; ') : 'none'
          }}</span
        ><TextButton :aria-label="`As usual on ${mediumDate(day.date)}`" @click="asUsual(i)">as usual</TextButton>
      </div>
      <p class="k-label dates">On one date only</p>
      <div class="differs">
        <input
          v-model="other.date"
          class="time"
          type="date"
          :min="session.today"
          aria-label="Date with other prep time"
        />
        <input v-model="other.from" class="time" type="time" aria-label="Prep time on that date from" />
        <input v-model="other.to" class="time" type="time" aria-label="Prep time on that date to" />
        <v-btn size="small" @click="differ(true)">Add it</v-btn>
        <v-btn size="small" @click="differ(false)">None that day</v-btn>
        <span v-if="otherFault" class="small brick wide" role="alert">{{ otherFault }}</span>
      </div>
    </fieldset>
    <DatesThatDiffer v-model="draft.exceptions" :today="session.today" :errors="errors" @left="commit" />
    <FormField label="Note"
      ><v-textarea v-model="draft.note" :error-messages="errors.note" maxlength="4000" @blur="commit"
    /></FormField>
  </form>
</template>

<style scoped>
.naps {
  grid-column: 1 / 3;
  margin: -6px 0 0 -8px;
}
.dates {
  margin-top: 10px;
}
.differs {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  margin-top: 8px;
}
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
