<script setup lang="ts">
import { computed } from 'vue'
import { CAUTION_CLOSING } from '@core/cautions'
import { listWords, moneyWords } from '@core/format'
import { useBoard } from '../stores/board'
import { useUnit } from '../stores/unit'

/** The parts of a reading, and what moves it. */
const props = defineProps<{ name: 'money' | 'cautions' }>()
const store = useUnit()
const board = useBoard()
const words = (cents: number) => moneyWords(cents, store.snapshot!.home.currency)
const money = computed(() => store.readings!.money)
const groups = computed(() => {
  const by = new Map<string, { id: string; title: string; day: string; items: { key: string; severity: string; why: string; setAside: string | null }[] }>()
  for (const one of store.readings!.cautions) {
    const { placement, activity, days } = one.session
    const group = by.get(placement.id) ?? { id: placement.id, title: activity.title, day: days.length > 1 ? `day ${days[0].number} to ${days[days.length - 1].number}` : `day ${days[0].number}`, items: [] }
    if (!group.items.some((item) => item.why === one.why)) group.items.push({ key: one.rule.id + one.requirementId, severity: one.severity, why: one.why, setAside: one.setAside })
    by.set(placement.id, group)
  }
  return [...by.values()]
})
const WORD: Record<string, string> = { stop: 'Stop', change: 'Change', watch: 'Watch' }
</script>

<template>
  <div v-if="props.name === 'money'" class="stack">
    <h2>Money</h2>
    <div class="rows">
      <div class="row"><span>Spent</span><span>{{ words(money.spent) }}</span></div>
      <div class="row"><span>Still to buy</span><span>{{ words(money.planned) }}</span></div>
      <div class="row k-label"><span>Together</span><span>{{ words(money.total) }}</span></div>
      <div class="row"><span>Budget</span><span>{{ money.budget === null ? 'none set' : words(money.budget) }}</span></div>
      <div v-if="money.over" class="row brick"><span>Over</span><span>{{ words(money.over) }}</span></div>
    </div>
    <p v-if="money.unpriced.length" class="small mute">No price is known for {{ listWords(money.unpriced.map((line) => line.material.name)) }}, so it will be more.</p>
    <section v-if="money.savings.length" class="rows"><h3>What would save most</h3>
      <div v-for="saving in money.savings" :key="saving.line.material.id" class="card save"><div class="row"><b>{{ saving.line.material.name }}</b><span>{{ words(saving.saves) }}</span></div><p class="small mute">Without it: no {{ listWords(saving.loses) }}</p></div>
    </section>
    <router-link :to="{ name: 'get-ready', params: { unitId: store.id! } }">The whole list</router-link>
  </div>
  <div v-else class="stack">
    <h2>Cautions</h2>
    <p v-if="!groups.length">None stand on what is still to come.</p>
    <section v-for="group in groups" :key="group.id" class="rows">
      <div class="row"><button type="button" class="why k-label" @click="board.selected = { kind: 'placement', id: group.id }">{{ group.title }}</button><span class="small mute">{{ group.day }}</span></div>
      <p v-for="item in group.items" :key="item.key" class="item"><b :class="item.severity === 'stop' ? 'brick' : item.severity === 'change' ? 'ember' : ''">{{ WORD[item.severity] }}.</b> {{ item.why }}<span v-if="item.setAside" class="mute">&nbsp;Set aside: {{ item.setAside }}</span></p>
    </section>
    <p class="small mute">{{ CAUTION_CLOSING }} <router-link to="/cautions">All rules and their sources</router-link></p>
  </div>
</template>

<style scoped>
.save { padding: 6px 10px; }
.item { font-size: 15px; }
</style>
