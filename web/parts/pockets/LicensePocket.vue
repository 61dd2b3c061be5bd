<script setup lang="ts">
import { computed } from 'vue'
import { STAGES } from '@core/domain'
import { countWords, STAGE_NAMES } from '@core/base'
import { useHouse } from '../../stores/house'

/** The rule by which adults are asked for: what the numbers of the page come from. */
const house = useHouse()
const license = computed(() => house.thisHome.license)
const about = computed(
  () =>
    ({
      ratios: 'Each age counts as a share of one adult; the shares are added up and rounded up.',
      youngest: 'The ratio of the youngest who is there holds for all.',
      points: 'Each child counts points, and an adult may have so many.',
    })[license.value.rule.kind],
)
const rows = computed(() => {
  const { rule } = license.value
  return STAGES.map((stage) => ({
    name: STAGE_NAMES[stage],
    words: rule.kind === 'points' ? countWords(rule.points[stage], 'point') : `1 to ${rule.perAdult[stage]}`,
  }))
})
</script>

<template>
  <div class="stack">
    <div>
      <h2>By which rule</h2>
      <p class="small mute">{{ license.example ? 'An example that Kobby came with' : 'As you wrote it down' }}</p>
    </div>
    <p>{{ about }}</p>
    <div class="rows">
      <div v-for="one in rows" :key="one.name" class="row">
        <span>{{ one.name }}</span><span>{{ one.words }}</span>
      </div>
      <div v-if="license.rule.kind === 'points'" class="row k-label">
        <span>An adult may have</span><span>{{ countWords(license.rule.perAdult, 'point') }}</span>
      </div>
    </div>
    <div class="rows">
      <div class="row">
        <span>Children at once</span><span>{{ license.children }}</span>
      </div>
      <div class="row">
        <span>Under two at once</span><span>{{ license.underTwo ?? 'no limit' }}</span>
      </div>
    </div>
    <router-link :to="{ name: 'home', query: { tab: 'settings' } }">Write down what your license says</router-link>
    <p class="small mute">A child who sleeps counts as one who plays. Your licensing rules come first.</p>
  </div>
</template>
