<script setup lang="ts">
import { computed, ref } from 'vue'
import { addDays, DOMAIN_NAMES, longDate, longWeekday, STYLE_NAMES } from '@core/base'
import { DOMAINS, Home, STYLES, WEEKDAYS, type LearningDomain } from '@core/domain'
import { PlanFile } from '@core/papers'
import { api } from '../../api/client'
import { useDraft } from '../../composables/useDraft'
import { FileProblem, useFileIn } from '../../composables/useFileIn'
import { useFlags } from '../../composables/useFlags'
import { useHouse } from '../../stores/house'
import { useSession } from '../../stores/session'
import FileIn from '../fields/FileIn.vue'
import FormField from '../fields/FormField.vue'
import LicenseForm from './LicenseForm.vue'
import ShopsForm from './ShopsForm.vue'
import ImportPreview from './ImportPreview.vue'
import WeekHours from '../fields/WeekHours.vue'

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
const closure = ref({ date: '', reason: '' })
function addClosure() {
  if (!closure.value.date || !draft.value) return
  draft.value.closures = [
    ...draft.value.closures.filter((one) => one.date !== closure.value.date),
    { ...closure.value },
  ].sort((a, b) => (a.date < b.date ? -1 : 1))
  commit()
  closure.value = { date: '', reason: '' }
}
function dropClosure(date: string) {
  draft.value!.closures = draft.value!.closures.filter((one) => one.date !== date)
  commit()
}

function setTarget(domain: LearningDomain, value: unknown) {
  const next = { ...draft.value!.targets }
  if (value === '' || value === null) delete next[domain]
  else next[domain] = Number(value)
  draft.value!.targets = next
}
function setIll(ill: boolean) {
  draft.value!.illness = ill ? { from: session.today, to: addDays(session.today, 2) } : null
  commit()
}

function readPlan({ name, text }: { name: string; text: string }): PlanFile {
  let parsed: unknown
  try {
    parsed = JSON.parse(text)
  } catch {
    throw new FileProblem([`${name} is not a plan file: it is not JSON. Nothing was changed.`])
  }
  const checked = PlanFile.safeParse(parsed)
  if (checked.success) return checked.data
  throw new FileProblem([
    `${name} has mistakes in it, so nothing was changed:`,
    ...checked.error.issues.slice(0, 8).map((issue) => `${issue.path.join('.') || 'the file'}: ${issue.message}`),
  ])
}
const file = useFileIn(readPlan, { preview: api.previewFile, apply: api.applyFile, done: house.load })
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
      <section class="rows">
        <h2>Closed on</h2>
        <p v-if="!draft.closures.length" class="mute">No closures written down.</p>
        <div v-for="one in draft.closures" :key="one.date" class="row">
          <span
            >{{ longDate(one.date) }} {{ one.date.slice(0, 4)
            }}<span v-if="one.reason" class="mute">&nbsp;· {{ one.reason }}</span></span
          ><TextButton :aria-label="`Open on ${longDate(one.date)} after all`" @click="dropClosure(one.date)">
            remove
          </TextButton>
        </div>
        <form class="inline" @submit.prevent="addClosure">
          <input
            v-model="closure.date"
            class="time"
            type="date"
            aria-label="Date closed"
            :min="session.today"
          /><v-text-field v-model="closure.reason" aria-label="Reason" placeholder="Reason" maxlength="120" /><v-btn
            type="submit"
            :disabled="!closure.date"
            :title="closure.date ? undefined : 'Choose the date first'"
            >Close</v-btn
          >
        </form>
        <p class="small mute">Days of a unit slide past a closure, or drop that day: choose in the unit's Spark.</p>
      </section>
      <ShopsForm v-model="draft" :errors="errors" @left="commit" />
      <LicenseForm />
      <section class="rows">
        <h2>What a week aims at</h2>
        <p class="small mute">
          How many times a week each child should get to each learning area, for a child who comes every day. Empty
          means two, and in the first year only what a baby meets. 0 means no goal.
        </p>
        <div class="aims">
          <FormField v-for="domain in DOMAINS" :key="domain" :label="DOMAIN_NAMES[domain]"
            ><v-text-field
              :model-value="draft.targets[domain] ?? ''"
              type="number"
              min="0"
              max="20"
              placeholder="2"
              :error-messages="errors[`targets.${domain}`]"
              @update:model-value="setTarget(domain, $event)"
              @blur="commit"
          /></FormField>
        </div>
      </section>
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
      <section class="rows">
        <h2>Everything as a file</h2>
        <p class="small mute">One open file with the home, the library and every unit. Keep a copy somewhere else.</p>
        <div class="inline">
          <v-btn href="/api/v1/plan-file" download>Save a copy</v-btn
          ><FileIn accept=".json,application/json" label="Bring a file in" @take="file.take" />
        </div>
        <ImportPreview
          :entries="file.entries.value"
          :problems="file.problems.value"
          @apply="file.apply"
          @leave="file.leave"
        />
      </section>
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
.aims {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
  gap: 8px 10px;
  align-items: end;
}
@media (max-width: 1000px) {
  .settings {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
