<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { mediumDate } from '@core/base'
import { asksFor } from '@core/making'
import type { Recipe } from '@core/domain'
import { useHotkeys } from '../../composables/useHotkeys'
import { useMixing } from '../../stores/mixing'
import { useUnit } from '../../stores/unit'
import FormField from '../fields/FormField.vue'

/** A recipe on the plan: mixed for one of the day's things, its ingredients are on the list and its steps in prep. */
const props = defineProps<{ recipe: Recipe }>()
const mixing = useMixing()
const unit = useUnit()
const planned = computed(() => mixing.planned)
/**
 * What it could be mixed for on that day; first what asks for what the recipe makes. What stands out already has taken
 * what it takes: for that it is mixed without the plan.
 */
const choices = computed(() =>
  (unit.readings?.plan.sessions ?? [])
    .filter(
      (one) =>
        one.placement.status === 'planned' &&
        one.days[0].date >= unit.snapshot!.today &&
        one.days.some((day) => day.date === mixing.day?.date),
    )
    .map((one) => ({
      id: one.placement.id,
      title: one.activity.title,
      asks: asksFor(one.activity, props.recipe),
    }))
    .sort((a, b) => Number(b.asks) - Number(a.asks)),
)
const chosenId = ref<string | null>(null)
const before = ref(true)
watch(
  () => [props.recipe.id, mixing.day?.date, choices.value.length],
  () => (chosenId.value = choices.value[0]?.asks ? choices.value[0].id : null),
  { immediate: true },
)
watch(
  () => props.recipe.id,
  () => (before.value = !props.recipe.steps.some((step) => step.who === 'child')),
  { immediate: true },
)
const plan = () => {
  if (!chosenId.value || planned.value) return false
  void mixing.planFor(chosenId.value, before.value)
  return true
}
useHotkeys({ p: plan })
</script>

<template>
  <section class="rows" aria-label="On the plan">
    <h3>On the plan</h3>
    <template v-if="planned">
      <p>
        Mixed for <b>{{ planned.activity.title }}</b>, {{ mediumDate(planned.days[0].date) }}.
        {{ planned.placement.mix!.before ? 'An adult mixes it before.' : 'The kids mix it.' }} What goes in is on the
        list, and what is done before is in preparation.
      </p>
      <div><v-btn size="small" @click="mixing.takeOff(planned.placement.id)">Take it off the plan</v-btn></div>
    </template>
    <template v-else-if="choices.length">
      <FormField label="Mix it for"
        ><v-select
          v-model="chosenId"
          aria-label="Mix it for"
          placeholder="Choose what it is for"
          :items="choices.map((one) => ({ title: one.title, value: one.id }))"
      /></FormField>
      <v-checkbox v-model="before" label="An adult mixes it before" />
      <div>
        <v-btn :disabled="!chosenId" :title="chosenId ? undefined : 'Choose what it is for first'" @click="plan"
          >Put it on the plan</v-btn
        >
      </div>
      <p class="small mute">What goes in joins the list, and what is done before joins preparation. Key: p.</p>
    </template>
    <p v-else class="small mute">Nothing begins on that day that it could be mixed for. You can mix it all the same.</p>
  </section>
</template>
