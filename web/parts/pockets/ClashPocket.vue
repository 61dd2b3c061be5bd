<script setup lang="ts">
import { computed } from 'vue'
import { addDays, dateOfDay, quantityWords, shortDate } from '@core/base'
import { clashRemedies, type MaterialClash } from '@core/supplies'
import { capital } from '@core/ideas'
import { useBoard } from '../../stores/board'
import { useUnit } from '../../stores/unit'

/** The same material wanted in two places at once: how much, by whom, when, and what would settle it. */
const props = defineProps<{ clash: MaterialClash }>()
const store = useUnit()
const board = useBoard()
const MINUTES_A_DAY = 1440
const measures = computed(() => store.snapshot!.home.measures)
const amount = (quantity: number) => quantityWords(quantity, props.clash.material.unit, measures.value)
const when = computed(() => {
  const [from, to] = [
    dateOfDay(Math.floor(props.clash.from / MINUTES_A_DAY)),
    dateOfDay(Math.floor((props.clash.to - 1) / MINUTES_A_DAY)),
  ]
  return from === to || addDays(from, 1) > to ? shortDate(from) : `${shortDate(from)} to ${shortDate(to)}`
})
const remedies = computed(() =>
  store.snapshot && store.readings ? clashRemedies(props.clash, store.snapshot, store.readings.plan) : [],
)
</script>

<template>
  <div class="stack">
    <div>
      <h2>{{ capital(clash.material.name) }}</h2>
      <p class="small mute">Wanted in {{ clash.wants.length }} places at once, {{ when }}</p>
    </div>
    <div class="notice">
      <p>
        <b class="brick">{{ amount(clash.short) }} missing.</b> {{ amount(clash.need) }} are wanted then, and
        {{ amount(clash.material.onHand) }} are in the house.
      </p>
    </div>
    <section class="rows">
      <h3>Who wants them</h3>
      <div v-for="need in clash.wants" :key="need.session.placement.id + need.requirement.id" class="row">
        <TextButton @click="board.selected = { kind: 'placement', id: need.session.placement.id }">
          {{ need.session.activity.title }}</TextButton><span>{{ amount(need.quantity) }}</span>
      </div>
    </section>
    <section class="rows remedies">
      <h3>What would settle it</h3>
      <v-btn v-for="one in remedies" :key="one.words" size="small" @click="board.mendClash(one)">{{ one.words }}</v-btn>
      <p class="small mute">
        What you need to buy is on the list in
        <router-link :to="{ name: 'get-ready', params: { unitId: store.id! } }">Get ready</router-link> already.
      </p>
    </section>
  </div>
</template>

<style scoped>
.remedies {
  justify-items: start;
  gap: 6px;
}
</style>
