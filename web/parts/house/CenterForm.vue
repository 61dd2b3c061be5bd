<script setup lang="ts">
import { toRef } from 'vue'
import { Center, CENTER_KINDS } from '@core/domain'
import { CENTER_NAMES } from '@core/base'
import { useDraft } from '../../composables/useDraft'
import { useFlags } from '../../composables/useFlags'
import { useHouse } from '../../stores/house'
import FormField from '../fields/FormField.vue'

const props = defineProps<{ center: Center }>()
const house = useHouse()
const { draft, errors, commit } = useDraft(
  toRef(props, 'center'),
  Center,
  (value) => void house.commit(`Change ${value.name}`, [{ put: 'center', value }]),
  useFlags(
    'center',
    toRef(() => props.center.id),
  ),
)
</script>

<template>
  <form v-if="draft" class="stack" @submit.prevent="commit">
    <FormField label="Name"
      ><v-text-field v-model="draft.name" :error-messages="errors.name" maxlength="120" @blur="commit"
    /></FormField>
    <FormField label="Kind"
      ><v-select
        v-model="draft.kind"
        :items="CENTER_KINDS.map((kind) => ({ title: CENTER_NAMES[kind], value: kind }))"
        aria-label="Kind"
        @update:model-value="commit"
    /></FormField>
    <FormField label="Children at once"
      ><v-text-field
        v-model.number="draft.atOnce"
        type="number"
        min="1"
        max="30"
        :error-messages="errors.atOnce"
        @blur="commit"
    /></FormField>
    <FormField label="Where"
      ><v-select
        v-model="draft.where"
        :items="[
          { title: 'Indoors', value: 'indoors' },
          { title: 'Outdoors', value: 'outdoors' },
        ]"
        aria-label="Where"
        @update:model-value="commit"
    /></FormField>
    <v-checkbox v-model="draft.washable" label="Can be wiped or washed" @update:model-value="commit" />
    <v-checkbox v-model="draft.sleeps" label="Someone sleeps here at nap" @update:model-value="commit" />
    <p v-if="errors.spot" class="small brick" role="alert">{{ errors.spot }}</p>
    <FormField label="What stands there"
      ><v-text-field v-model="draft.note" :error-messages="errors.note" maxlength="120" @blur="commit"
    /></FormField>
  </form>
</template>
