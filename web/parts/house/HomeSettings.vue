<script setup lang="ts">
import { computed } from 'vue'
import { addDays, longWeekday, STYLE_NAMES } from '@core/base'
import { Home, STYLES, WEEKDAYS } from '@core/domain'
import { useDraft } from '../../composables/useDraft'
import { useFlags } from '../../composables/useFlags'
import { useHouse } from '../../stores/house'
import { useSession } from '../../stores/session'
import FormField from '../fields/FormField.vue'
import WeekHours from '../fields/WeekHours.vue'
import ClosedDays from './ClosedDays.vue'
import HomeFile from './HomeFile.vue'
import LicenseForm from './LicenseForm.vue'
import ShopsForm from './ShopsForm.vue'
import WeekAims from './WeekAims.vue'

/** The home's own settings, closures, and its file in and out. */
const house = useHouse()
const session = useSession()
const source = computed(() => house.home)
const { draft, errors, commit } = useDraft(
  source,
  Home,
  (value) => void house.commit('Change the home', [{ put: 'home', value }]),
  useFlags(
    'home',
    computed(() => house.home?.id),
  ),
)
const SITTING_AGES = ['1 year old', '2 years old', '3 years old', '4 years old', '5 and older']
function setIll(ill: boolean) {
  draft.value!.illness = ill ? { from: session.today, to: addDays(session.today, 2) } : null
  commit()
}
</script>

<template>
  <div v-if="draft" class="settings">
    <form class="stack" @submit.prevent="commit">
      <FormField label="Name of the home"
        ><v-text-field v-model="draft.name" :error-messages="errors.name" maxlength="120" @blur="commit"
      /></FormField>
      <WeekHours
        v-model="draft.open"
        legend="Open"
        :errors="errors"
        path="open"
        :usual="{ from: '07:45', to: '17:30' }"
        @left="commit"
      />
      <FormField label="Shopping days"
        ><v-select
          v-model="draft.shoppingDays"
          :items="WEEKDAYS.map((day) => ({ title: longWeekday(day), value: day }))"
          multiple
          aria-label="Shopping days"
          placeholder="Any day"
          @update:model-value="commit"
      /></FormField>
      <FormField label="Ask families this many days ahead"
        ><v-text-field
          v-model.number="draft.askDaysAhead"
          type="number"
          min="0"
          max="60"
          :error-messages="errors.askDaysAhead"
          @blur="commit"
      /></FormField>
      <FormField label="Measures"
        ><v-select
          v-model="draft.measures"
          :items="[
            { title: 'Metric: grams, liters, centimeters', value: 'metric' },
            { title: 'US: ounces, cups, inches', value: 'us' },
          ]"
          aria-label="Measures"
          @update:model-value="commit"
      /></FormField>
      <FormField label="Clock"
        ><v-select
          v-model="draft.clock"
          :items="[
            { title: '3:15 PM', value: '12h' },
            { title: '15:15', value: '24h' },
          ]"
          aria-label="Clock"
          @update:model-value="commit"
      /></FormField>
      <FormField label="Dates"
        ><v-select
          v-model="draft.dates"
          :items="[
            { title: 'March 10', value: 'month-first' },
            { title: '10 March', value: 'day-first' },
          ]"
          aria-label="Dates"
          @update:model-value="commit"
      /></FormField>
      <FormField label="Currency"
        ><v-text-field v-model="draft.currency" :error-messages="errors.currency" maxlength="3" @blur="commit"
      /></FormField>
      <FormField label="Time zone"
        ><v-text-field v-model="draft.timeZone" :error-messages="errors.timeZone" maxlength="64" @blur="commit"
      /></FormField>
      <FormField label="Planning style of new units"
        ><v-select
          v-model="draft.style"
          :items="STYLES.map((style) => ({ title: STYLE_NAMES[style], value: style }))"
          aria-label="Planning style"
          @update:model-value="commit"
      /></FormField>
    </form>
    <div class="stack">
      <ClosedDays v-model="draft" @left="commit" />
      <ShopsForm v-model="draft" :errors="errors" @left="commit" />
      <LicenseForm />
      <WeekAims v-model="draft" :errors="errors" @left="commit" />
      <section class="rows">
        <h2>Circle</h2>
        <p class="small mute">Minutes that children sit at a stretch. Babies lie beside.</p>
        <div class="ages">
          <FormField v-for="(name, i) in SITTING_AGES" :key="name" :label="name"
            ><v-text-field
              v-model.number="draft.circle.sitting[i]"
              type="number"
              min="1"
              max="60"
              :error-messages="errors[`circle.sitting.${i}`]"
              @blur="commit"
          /></FormField>
        </div>
        <v-checkbox
          v-model="draft.circle.sameOpening"
          label="The circles of a week open alike"
          hide-details
          density="compact"
          @update:model-value="commit"
        />
      </section>
      <section class="rows">
        <h2>Drying and illness</h2>
        <FormField label="Places to dry wet work" hint="A line, a rack: each for one activity at a time."
          ><v-text-field
            v-model.number="draft.dryingPlaces"
            type="number"
            min="0"
            max="20"
            :error-messages="errors.dryingPlaces"
            @blur="commit"
        /></FormField>
        <div class="inline">
          <v-checkbox
            :model-value="draft.illness !== null"
            label="A stomach illness is in the home"
            @update:model-value="setIll(Boolean($event))"
          /><template v-if="draft.illness"
            ><input v-model="draft.illness.from" class="time" type="date" aria-label="Ill from" @blur="commit" /><span
              >to</span
            ><input v-model="draft.illness.to" class="time" type="date" aria-label="Ill until" @blur="commit"
          /></template>
        </div>
        <p v-if="errors['illness.to']" class="small brick" role="alert">{{ errors['illness.to'] }}</p>
      </section>
      <HomeFile />
    </div>
  </div>
</template>

<style scoped>
.ages {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(110px, 1fr));
  gap: 8px;
}
.settings {
  display: grid;
  grid-template-columns: minmax(0, 420px) minmax(0, 420px);
  gap: 36px;
  align-items: start;
}
@media (max-width: 1000px) {
  .settings {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
