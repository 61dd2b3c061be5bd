<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Batch } from '@core/domain'
import { labelSpots, labelWords, LABEL_SHEETS } from '@core/papers'
import { faultOf } from '../../composables/faultOf'
import { KEPT } from '../../composables/kept'
import FormField from '../../parts/fields/FormField.vue'
import { numberOrNone } from '../../parts/fields/numberOrNone'
import { useHouse } from '../../stores/house'
import { useWriter } from '../../stores/writer'

/** The label of a batch as it is printed, and on which sheet. */
const props = defineProps<{ batch: Batch }>()
const house = useHouse()
const writer = useWriter()
const words = computed(() => labelWords(props.batch))
const count = ref<number | null>(Math.max(1, Math.round(props.batch.portions)))
const first = ref<number | null>(1)
const usual = house.thisHome.measures === 'us' ? 'letter-plain' : 'a4-plain'
const kept = useLocalStorage<string>(KEPT.labels, usual)
const sheet = computed(() => LABEL_SHEETS.find((one) => one.id === kept.value) ?? LABEL_SHEETS[0])
const fault = computed(() => faultOf(() => labelSpots(sheet.value, count.value ?? 0, first.value ?? 0)))
const address = computed(
  () =>
    `/api/v1/batches/${props.batch.id}/labels.pdf?sheet=${sheet.value.id}&count=${count.value}&first=${first.value}`,
)
</script>

<template>
  <section class="rows" aria-label="The label">
    <h3>The label</h3>
    <div class="label">
      <b class="title">{{ words.title }}</b>
      <span
        >{{ words.made }}. <b>{{ words.toss }}.</b></span
      >
      <span>{{ words.contains }}. {{ words.tasting }}.</span>
    </div>
    <FormField label="Sheet"
      ><v-select
        v-model="kept"
        aria-label="Sheet"
        :items="LABEL_SHEETS.map((one) => ({ title: one.name, value: one.id }))"
    /></FormField>
    <div class="two">
      <FormField label="How many"
        ><v-text-field
          type="number"
          min="1"
          :model-value="count"
          :error-messages="fault.count"
          @update:model-value="count = numberOrNone($event)"
      /></FormField>
      <FormField v-if="!sheet.cut" label="First free label"
        ><v-text-field
          type="number"
          min="1"
          :model-value="first"
          :error-messages="fault.first"
          @update:model-value="first = numberOrNone($event)"
      /></FormField>
    </div>
    <p v-if="writer.pending" class="small mute" role="status">
      It is not saved yet. Labels can be printed once there is a connection.
    </p>
    <v-btn
      v-else
      :href="address"
      target="_blank"
      rel="noopener"
      :disabled="Object.keys(fault).length > 0"
      :title="Object.values(fault)[0]"
      >Print {{ count === 1 ? '1 label' : `${count ?? 0} labels` }}</v-btn
    >
  </section>
</template>

<style scoped>
.label {
  display: grid;
  gap: 2px;
  padding: 10px 12px;
  background: var(--paper);
  border: 2px solid var(--ink);
  border-radius: 4px;
}
.title {
  font: 650 18px var(--head);
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
</style>
