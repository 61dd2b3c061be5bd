<script setup lang="ts">
import { ATTENTIONS, GroupForm } from '@core/domain'
import { ATTENTION_NAMES, ENERGY_NAMES, FORM_NAMES, MESS_NAMES } from '@core/base'
import type { ActivityDraft } from '@core/ideas'
import FormField from '../fields/FormField.vue'
import { numberOrNone } from '../fields/numberOrNone'

/** How long an idea takes, with how many together, how lively and messy it is, and what it wants of an adult. */
const draft = defineModel<ActivityDraft>({ required: true })
defineProps<{ errors: Record<string, string> }>()
</script>

<template>
  <section class="facts">
    <FormField label="Set up"
      ><v-text-field
        suffix="min"
        :model-value="draft.minutes.setUp"
        type="number"
        min="0"
        :error-messages="errors['minutes.setUp']"
        @update:model-value="draft.minutes.setUp = numberOrNone($event)"
    /></FormField>
    <FormField label="Do"
      ><v-text-field
        suffix="min"
        :model-value="draft.minutes.do"
        type="number"
        min="1"
        :error-messages="errors['minutes.do']"
        @update:model-value="draft.minutes.do = numberOrNone($event)"
    /></FormField>
    <FormField label="Clean up"
      ><v-text-field
        suffix="min"
        :model-value="draft.minutes.clear"
        type="number"
        min="0"
        :error-messages="errors['minutes.clear']"
        @update:model-value="draft.minutes.clear = numberOrNone($event)"
    /></FormField>
    <FormField label="Together"
      ><v-select
        v-model="draft.form"
        :items="GroupForm.options.map((value) => ({ title: FORM_NAMES[value], value }))"
        aria-label="Together"
    /></FormField>
    <FormField label="Energy"
      ><v-select
        v-model="draft.energy"
        :items="[-1, 0, 1, 2].map((value) => ({ title: ENERGY_NAMES[value], value }))"
        aria-label="Energy"
    /></FormField>
    <FormField label="Mess"
      ><v-select
        v-model="draft.mess"
        :items="MESS_NAMES.map((name, value) => ({ title: name, value }))"
        aria-label="Mess"
    /></FormField>
    <FormField label="Adult"
      ><v-select
        v-model="draft.attention"
        :items="ATTENTIONS.map((value) => ({ title: ATTENTION_NAMES[value], value }))"
        aria-label="Adult"
    /></FormField>
    <FormField label="Dries"
      ><v-text-field
        suffix="min"
        :model-value="draft.dries"
        type="number"
        min="0"
        placeholder="not wet"
        :error-messages="errors.dries"
        @update:model-value="draft.dries = numberOrNone($event)"
    /></FormField>
    <v-checkbox v-model="draft.standing" class="standing" label="Can stay out" />
    <v-checkbox v-model="draft.folder" class="standing folder" label="Goes in each child’s folder" />
  </section>
</template>

<style scoped>
.facts {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 10px 14px;
  align-items: end;
}
.standing {
  margin-left: -8px;
}
.folder {
  grid-column: span 2;
}
@media (max-width: 720px) {
  .facts {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
