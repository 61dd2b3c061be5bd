<script setup lang="ts">
import { computed } from 'vue'
import { coverRemedies, type AdultRemedy, type CoverInterval } from '@core/readings'
import { spanWords, countWords, listWords, longDate } from '@core/base'
import type { Adult } from '@core/domain'

/** One stretch of a day with too few adults or too many children, why, and who could come. */
const props = defineProps<{ interval: CoverInterval; adults: readonly Adult[] }>()
defineEmits<{ mend: [remedy: AdultRemedy] }>()
const remedies = computed(() => coverRemedies(props.interval, props.adults))
const why = computed(() => {
  const { children, required, adults, short, over } = props.interval
  const here = adults.length
    ? `${listWords(adults.map((adult) => adult.name))} ${adults.length === 1 ? 'is' : 'are'} here`
    : 'nobody is here'
  return [
    short ? `${countWords(children.length, 'child', 'children')} need ${countWords(required, 'adult')}; ${here}.` : '',
    over ? `${over} more than the license allows at once.` : '',
  ]
    .filter(Boolean)
    .join(' ')
})
</script>

<template>
  <div class="rows cover">
    <b class="brick">{{ longDate(interval.date) }}, {{ spanWords(interval) }}</b>
    <p class="item">{{ why }}</p>
    <div v-if="remedies.length" class="inline">
      <v-btn v-for="one in remedies" :key="one.words" size="small" @click="$emit('mend', one)">{{ one.words }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.item {
  font-size: 15px;
}
.inline {
  gap: 6px;
}
</style>
