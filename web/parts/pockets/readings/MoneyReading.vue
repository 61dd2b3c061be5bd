<script setup lang="ts">
import { computed } from 'vue'
import { listWords, moneyWords } from '@core/base'
import { savingsOf, type Saving } from '@core/supplies'
import { useBoard } from '../../../stores/board'
import { useSupplies } from '../../../stores/supplies'
import { useUnit } from '../../../stores/unit'

/** Spent and still to buy against the budget, and what would save without costing the children much. */
const store = useUnit()
const board = useBoard()
const supplies = useSupplies()
const words = (cents: number) => moneyWords(cents, store.snapshot!.home.currency)
const money = computed(() => store.readings!.money)
const savings = computed(() => savingsOf(store.snapshot!, store.readings!.plan, store.readings!.lines))
function take(saving: Saving) {
  if (saving.kind === 'leave-out') board.leaveOut(saving.placementIds, `Leave out ${saving.title}`)
  else void supplies.useInstead(saving.swap, saving.swap[0].material)
}
</script>

<template>
  <div class="stack">
    <h2>Money</h2>
    <div class="rows">
      <div class="row">
        <span>Spent</span><span>{{ words(money.spent) }}</span>
      </div>
      <div class="row">
        <span>Still to buy</span><span>{{ words(money.planned) }}</span>
      </div>
      <div class="row k-label">
        <span>Total</span><span>{{ words(money.total) }}</span>
      </div>
      <div class="row">
        <span>Budget</span><span>{{ money.budget === null ? 'none set' : words(money.budget) }}</span>
      </div>
      <div v-if="money.over" class="row brick">
        <span>Over</span><span>{{ words(money.over) }}</span>
      </div>
      <div v-if="money.standing" class="row mute">
        <span>Also, for the house</span><span>{{ words(money.standing) }}</span>
      </div>
    </div>
    <p v-if="money.unpriced.length" class="small mute">
      No price is known for {{ listWords(money.unpriced.map((line) => line.material.name)) }}, so it will be more.
    </p>
    <section v-if="savings.length" class="rows">
      <h3>Saves the most, costs them the least</h3>
      <div v-for="saving in savings" :key="saving.words" class="card save">
        <div class="row">
          <b>{{ saving.title }}</b><span>{{ words(saving.saves) }}</span>
        </div>
        <p class="small mute">
          {{
            saving.words.replace(/^[^:]*: /, saving.kind === 'swap' ? `${saving.swap[0].material.name} instead: ` : '')
          }}
        </p>
        <v-btn size="small" @click="take(saving)">{{
          saving.kind === 'swap' ? `Use ${saving.swap[0].material.name}` : `Leave out ${saving.title}`
        }}</v-btn>
      </div>
    </section>
    <router-link :to="{ name: 'get-ready', params: { unitId: store.id! } }">What is to get, the whole list</router-link>
  </div>
</template>

<style scoped>
.save {
  padding: 6px 10px 8px;
  display: grid;
  gap: 4px;
  justify-items: start;
}
.save .row {
  width: 100%;
}
</style>
