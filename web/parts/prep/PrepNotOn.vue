<script setup lang="ts">
import { computed, ref } from 'vue'
import { capital } from '@core/ideas'
import { listWords, shortWeekday } from '@core/base'
import { PREP_KINDS, WEEKDAYS, type PrepKind, type Weekday } from '@core/domain'
import { KINDS_OF_WORK } from '@core/prep'
import { usePrep } from '../../stores/prep'
import { useUnit } from '../../stores/unit'

/** Work that waits for other days in this home: no paint on weekdays. */
const unit = useUnit()
const prep = usePrep()
const rules = computed(() => unit.snapshot!.home.prep.notOn)
const adding = ref(false)
const kind = ref<PrepKind>('paint')
const days = ref<Weekday[]>(['mon', 'tue', 'wed', 'thu', 'fri'])
const titleOf = (one: PrepKind) => KINDS_OF_WORK[one].title
function add() {
  if (!days.value.length) return
  const others = rules.value.filter((one) => one.kind !== kind.value)
  void prep.setRules(`${titleOf(kind.value)} waits for other days`, {
    notOn: [...others, { kind: kind.value, weekdays: WEEKDAYS.filter((day) => days.value.includes(day)) }],
  })
  adding.value = false
}
const drop = (one: PrepKind) =>
  prep.setRules(`${titleOf(one)} on any day`, { notOn: rules.value.filter((rule) => rule.kind !== one) })
</script>

<template>
  <section class="rows" aria-label="What waits for other days">
    <h3>What waits for other days</h3>
    <p v-if="!rules.length && !adding" class="small mute">
      Nothing. The laminator, heat, dye and a blade wait until no kids are in the house.
    </p>
    <div v-for="one in rules" :key="one.kind" class="row">
      <span>{{ capital(titleOf(one.kind)) }}: not on {{ listWords(one.weekdays.map(shortWeekday)) }}</span
      ><TextButton :aria-label="`${titleOf(one.kind)} on any day`" @click="drop(one.kind)">remove</TextButton>
    </div>
    <form v-if="adding" class="rows" @submit.prevent="add">
      <v-select
        v-model="kind"
        :items="PREP_KINDS.map((value) => ({ title: titleOf(value), value }))"
        aria-label="Kind of work"
      />
      <v-select
        v-model="days"
        multiple
        :items="WEEKDAYS.map((value) => ({ title: shortWeekday(value), value }))"
        aria-label="Not on"
        :error-messages="days.length ? '' : 'Name at least one weekday'"
      />
      <div class="inline">
        <v-btn size="small" class="primary" type="submit">Keep it so</v-btn
        ><v-btn size="small" @click="adding = false">Cancel</v-btn>
      </div>
    </form>
    <TextButton v-else @click="adding = true">Add a kind of work</TextButton>
  </section>
</template>
