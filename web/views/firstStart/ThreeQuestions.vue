<script setup lang="ts">
import { CENTER_KINDS, WEEKDAYS } from '@core/domain'
import { CENTER_NAMES, longWeekday } from '@core/base'
import { newChildDraft, type Answers } from './answers'
import ChildLine from './ChildLine.vue'

/** Who comes, on which days, and which centers there are. */
const answers = defineModel<Answers>({ required: true })
</script>

<template>
  <fieldset class="plain rows">
    <legend><h2>1. Who comes?</h2></legend>
    <p class="heads k-label" aria-hidden="true">
      <span>First name</span><span>Born</span><span>Naps</span><span>Allergies</span>
    </p>
    <ChildLine v-for="(_, i) in answers.kids" :key="i" v-model="answers.kids[i]" :number="i + 1" />
    <div>
      <v-btn size="small" :disabled="answers.kids.length >= 30" @click="answers.kids.push(newChildDraft())"
        >Another child</v-btn
      >
    </div>
  </fieldset>
  <fieldset class="plain rows">
    <legend><h2>2. Which days are you open?</h2></legend>
    <div class="inline">
      <v-checkbox v-for="day in WEEKDAYS" :key="day" v-model="answers.days" :value="day" :label="longWeekday(day)" />
    </div>
    <div class="inline">
      <input v-model="answers.hours.from" class="time" type="time" aria-label="Open from" /><span>to</span
      ><input v-model="answers.hours.to" class="time" type="time" aria-label="Open to" />
    </div>
  </fieldset>
  <fieldset class="plain rows">
    <legend><h2>3. Which centers do you have?</h2></legend>
    <div class="centers">
      <v-checkbox
        v-for="kind in CENTER_KINDS"
        :key="kind"
        v-model="answers.centers"
        :value="kind"
        :label="CENTER_NAMES[kind]"
      />
    </div>
  </fieldset>
</template>

<style scoped>
.plain {
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
}
legend {
  margin-bottom: 4px;
}
/* The same columns as a child’s line. */
.heads {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 160px minmax(0, 1.2fr) minmax(0, 1.2fr) 216px;
  gap: 8px;
}
.centers {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
}
@media (max-width: 900px) {
  .heads {
    display: none;
  }
}
</style>
