<script setup lang="ts">
import { ref } from 'vue'
import { CircleTalk } from '@core/domain'
import { useCircle } from '../../stores/circle'
import FormField from '../fields/FormField.vue'
import { numberOrNone } from '../fields/numberOrNone'
import { KIND_NAMES } from './kindNames'

/** Her own line on a circle, with no piece behind it: something to talk about, a guest, a birthday. */
const emit = defineEmits<{ kept: []; close: [] }>()
const circle = useCircle()
const draft = ref<CircleTalk>({ title: '', kind: 'talk', minutes: 3, seated: true, energy: 0 })
const fault = ref<Record<string, string>>({})
const KINDS = Object.entries(KIND_NAMES).map(([value, title]) => ({ title, value }))
async function keep(): Promise<void> {
  const checked = CircleTalk.safeParse({ ...draft.value, title: draft.value.title.trim() })
  fault.value = checked.success
    ? {}
    : Object.fromEntries(checked.error.issues.map((one) => [String(one.path[0]), one.message]))
  if (!checked.success) return
  await circle.addOwn(checked.data)
  emit('kept')
}
</script>

<template>
  <form class="stack" @submit.prevent="keep">
    <h2>A line of your own</h2>
    <FormField label="What it is"
      ><v-text-field
        v-model="draft.title"
        placeholder="Why does it fly?"
        maxlength="120"
        :error-messages="fault.title ? [fault.title] : []"
    /></FormField>
    <FormField label="Kind"><v-select v-model="draft.kind" aria-label="Kind" :items="KINDS" /></FormField>
    <FormField label="Minutes"
      ><v-text-field
        type="number"
        min="0"
        step="0.5"
        :model-value="draft.minutes"
        :error-messages="fault.minutes ? [fault.minutes] : []"
        @change="draft.minutes = numberOrNone(($event.target as HTMLInputElement).value) ?? Number.NaN"
    /></FormField>
    <v-checkbox v-model="draft.seated" label="They sit meanwhile" hide-details density="compact" />
    <div class="inline">
      <v-btn class="primary" type="submit">Put it in</v-btn>
      <TextButton @click="$emit('close')">Leave it</TextButton>
    </div>
  </form>
</template>
