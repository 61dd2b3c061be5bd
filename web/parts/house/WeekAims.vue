<script setup lang="ts">
import { DOMAIN_NAMES } from '@core/base'
import { DOMAINS, type Home, type LearningDomain } from '@core/domain'
import FormField from '../fields/FormField.vue'

/** How often a week each child should get to each learning area. */
const draft = defineModel<Home>({ required: true })
defineProps<{ errors: Record<string, string> }>()
defineEmits<{ left: [] }>()
function setTarget(domain: LearningDomain, value: unknown) {
  const next = { ...draft.value.targets }
  if (value === '' || value === null) delete next[domain]
  else next[domain] = Number(value)
  draft.value.targets = next
}
</script>

<template>
  <section class="rows">
    <h2>What a week aims at</h2>
    <p class="small mute">
      How many times a week each child should get to each learning area, for a child who comes every day. Empty means
      two, and in the first year only what a baby meets. 0 means no goal.
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
          @blur="$emit('left')"
      /></FormField>
    </div>
  </section>
</template>

<style scoped>
.aims {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
  gap: 8px 10px;
  align-items: end;
}
</style>
