<script setup lang="ts">
import { computed } from 'vue'
import { listWords, moneyWords } from '@core/format'
import { useBoard } from '../../stores/board'
import { useUnit } from '../../stores/unit'

/** Spent and still to buy against the budget, and what would save most. */
const store = useUnit()
const board = useBoard()
const words = (cents: number) => moneyWords(cents, store.snapshot!.home.currency)
const money = computed(() => store.readings!.money)
const savings = computed(() => money.value.savings.map((saving) => {
  const needs = saving.line.needs
  return { ...saving, ids: [...new Set(needs.map((need) => need.session.placement.id))] }
}))
</script>

<template>
  <div class="stack">
    <h2>Money</h2>
    <div class="rows">
      <div class="row"><span>Spent</span><span>{{ words(money.spent) }}</span></div>
      <div class="row"><span>Still to buy</span><span>{{ words(money.planned) }}</span></div>
      <div class="row k-label"><span>Together</span><span>{{ words(money.total) }}</span></div>
      <div class="row"><span>Budget</span><span>{{ money.budget === null ? 'none set' : words(money.budget) }}</span></div>
      <div v-if="money.over" class="row brick"><span>Over</span><span>{{ words(money.over) }}</span></div>
    </div>
    <p v-if="money.unpriced.length" class="small mute">No price is known for {{ listWords(money.unpriced.map((line) => line.material.name)) }}, so it will be more.</p>
    <section v-if="savings.length" class="rows"><h3>What would save most</h3>
      <div v-for="saving in savings" :key="saving.line.material.id" class="card save"><div class="row"><b>{{ saving.line.material.name }}</b><span>{{ words(saving.saves) }}</span></div><p class="small mute">Without it: no {{ listWords(saving.loses) }}</p><v-btn v-if="saving.ids.length <= 2" size="small" @click="board.leaveOut(saving.ids, `Leave out ${listWords(saving.loses)}`)">Leave out {{ listWords(saving.loses) }}</v-btn></div>
    </section>
    <router-link :to="{ name: 'get-ready', params: { unitId: store.id! } }">What is to get, the whole list</router-link>
  </div>
</template>

<style scoped>
.save { padding: 6px 10px 8px; display: grid; gap: 4px; justify-items: start; }
.save .row { width: 100%; }
</style>
