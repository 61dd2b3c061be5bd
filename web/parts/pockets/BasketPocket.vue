<script setup lang="ts">
import { computed } from 'vue'
import { countWords } from '@core/base'
import { useBasket } from '../../stores/basket'
import { useUnit } from '../../stores/unit'
import LeadLines from '../prep/LeadLines.vue'
import HalfIdeaLine from '../lines/HalfIdeaLine.vue'

/** What is gathered for the unit: half ideas, and whole ones with their days. */
defineEmits<{ open: [activityId: string]; notebook: [] }>()
const store = useUnit()
const basket = useBasket()
const daysOf = (activityId: string) =>
  store.placements
    .filter((one) => one.activityId === activityId)
    .map((one) => (one.where.kind === 'moment' ? one.where.day : one.where.fromDay))
    .sort((a, b) => a - b)
const ideas = computed(() =>
  store.ideas
    .flatMap((idea) => {
      const activity = idea.activityId ? store.activitiesById.get(idea.activityId) : undefined
      return activity ? [{ idea, activity, days: daysOf(activity.id) }] : []
    })
    .sort((a, b) => (a.days[0] ?? 0) - (b.days[0] ?? 0)),
)
const halves = computed(() => store.halves)
</script>

<template>
  <div>
    <h2>Basket</h2>
    <p class="mute small">
      {{ countWords(ideas.length, 'idea') }}, {{ store.unplaced.length }} not scheduled yet{{
        halves.length ? `, ${halves.length} to finish` : ''
      }}
    </p>
  </div>
  <LeadLines />
  <HalfIdeaLine @keep="basket.keepHalf" />
  <ul v-if="halves.length" class="rows" aria-label="Half ideas">
    <li v-for="one in halves" :key="one.id" class="row line">
      <TextButton class="half-text" :aria-label="`Half an idea: ${one.text}`" @click="$emit('notebook')">
        {{ one.text }}</TextButton><TextButton
        class="small"
        :aria-label="`Leave: ${one.text}`"
        @click="basket.leave(one)"
      >
        leave
      </TextButton>
    </li>
  </ul>
  <ul class="rows" aria-label="Gathered">
    <li v-for="one in ideas" :key="one.idea.id" class="row line">
      <TextButton class="name" @click="$emit('open', one.activity.id)"> {{ one.activity.title }}</TextButton><span
        class="small day"
        :class="one.days.length ? 'mute' : 'ember'"
        >{{ one.days.length ? `day ${one.days.join(', ')}` : 'not yet' }}</span
      >
    </li>
  </ul>
  <p v-if="!store.ideas.length" class="mute">
    The basket is empty. Gather an idea from the library, let a pattern make one, or write half of one above.
  </p>
  <v-btn v-else class="primary" :to="{ name: 'lay-out', params: { unitId: store.id! } }">Put them on the plan</v-btn>
</template>

<style scoped>
.line {
  padding: 2px 0;
  align-items: baseline;
}
.name {
  text-decoration: none;
  color: var(--ink);
  font-weight: 650;
  padding: 0;
}
.half-text {
  border-left: 3px solid var(--apricot);
  border-radius: 0;
  padding-left: 8px;
  font-size: 15px;
  overflow-wrap: anywhere;
  color: var(--ink);
  text-decoration: none;
}
.name:hover,
.half-text:hover {
  text-decoration: underline;
}
.day {
  white-space: nowrap;
}
</style>
