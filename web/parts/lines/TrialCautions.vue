<script setup lang="ts">
import { SEVERITY_NAMES } from '@core/base'
import { computed } from 'vue'
import { CAUTION_CLOSING } from '@core/cautions'
import { trialCautions, type Fit, type FitContext } from '@core/ideas'

/** What an idea would meet while all are awake, each reason once. */
const props = defineProps<{ fit: Fit; context: FitContext }>()
const cautions = computed(() => [
  ...new Map(trialCautions(props.fit, props.context).map((one) => [one.why, one])).values(),
])
</script>

<template>
  <section v-if="cautions.length" class="rows" aria-label="Cautions while everyone is awake">
    <h3>While everyone is awake</h3>
    <p v-for="one in cautions" :key="one.why" class="notice small" :class="{ soft: one.severity !== 'stop' }">
      <b :class="one.severity === 'stop' ? 'brick' : 'ember'"
        >{{ SEVERITY_NAMES[one.severity] }}: {{ one.rule.title.toLowerCase() }}.</b
      >
      {{ one.why }}
    </p>
    <p class="small mute">What can be done about it shows once it has a day. {{ CAUTION_CLOSING }}</p>
  </section>
</template>
