<script setup lang="ts">
import { PREP_KINDS } from '@core/domain'
import type { ActivityDraft } from '@core/ideas'
import { KINDS_OF_WORK, kindOfStep } from '@core/prep'
import { numberOrNone } from '../fields/numberOrNone'
import OrderedRows from '../fields/OrderedRows.vue'

/** What is prepared before, in order: hands-on minutes, and how long it then waits. */
const prep = defineModel<ActivityDraft['prep']>({ required: true })
defineProps<{ errors: Record<string, string> }>()
const MOST = 20
let made = 0
const add = () =>
  prep.value.push({
    id: `prep-${prep.value.length + 1}-${++made}`,
    text: '',
    minutes: 5,
    wait: null,
    overnight: false,
    splits: false,
    uses: [],
    kind: null,
    per: null,
  })
const kinds = (text: string) => [
  { title: `${KINDS_OF_WORK[kindOfStep({ kind: null, text })].title}, as it says`, value: null },
  ...PREP_KINDS.map((value) => ({ title: KINDS_OF_WORK[value].title, value })),
]
</script>

<template>
  <OrderedRows v-model="prep" what="Preparation">
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
          @update:model-value="row.minutes = numberOrNone($event)"
        />
        <v-text-field
          :model-value="row.wait"
          :disabled="row.overnight"
          type="number"
          min="0"
          prefix="then"
          suffix="min"
          :aria-label="`Then wait (minutes), preparation ${i + 1}`"
          placeholder="0"
          :error-messages="errors[`prep.${i}.wait`]"
          @update:model-value="row.wait = numberOrNone($event)"
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
        </div>
        <div class="inline more kinds">
          <v-select v-model="row.kind" :items="kinds(row.text)" :aria-label="`Kind of work, preparation ${i + 1}`" />
          <v-text-field
            :model-value="row.per"
            type="number"
            min="1"
            prefix="for"
            suffix="kids"
            placeholder="any"
            :aria-label="`Minutes are for how many kids, preparation ${i + 1}`"
            :error-messages="errors[`prep.${i}.per`]"
            @update:model-value="row.per = numberOrNone($event)"
          />
        </div></div
    ></template>
  </OrderedRows>
  <div><v-btn size="small" :disabled="prep.length >= MOST" @click="add">Add preparation</v-btn></div>
</template>

<style scoped>
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
.prep .kinds {
  margin-left: 0;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 150px;
  gap: 8px;
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
  .prep .kinds {
    grid-template-columns: minmax(0, 1fr);
  }
  .prep {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
