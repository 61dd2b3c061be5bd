<script setup lang="ts">
import { computed } from 'vue'
import { countWords, moneyWords } from '@core/format'
import { countCautions } from '@core/pulse'
import { useBoard } from '../stores/board'
import { useUnit } from '../stores/unit'

/** The readings that follow every move: each one honest figure, the same as its page shows. */
const store = useUnit()
const board = useBoard()
const emit = defineEmits<{ opened: [] }>()

const money = computed(() => {
  const now = store.readings?.money
  if (!now || !store.snapshot) return null
  const words = (cents: number) => moneyWords(cents, store.snapshot!.home.currency)
  const share = now.budget ? Math.min(1, now.total / now.budget) : 0
  return {
    words: now.budget === null ? words(now.total) : `${words(now.total)} of ${words(now.budget)}`, share, over: now.over > 0,
    more: [now.over ? `${words(now.over)} over` : '', now.unpriced.length ? `${countWords(now.unpriced.length, 'price')} not known` : ''].filter(Boolean).join(', '),
  }
})
const toGet = computed(() => {
  const lines = store.readings?.lines.filter((line) => line.shortage > 0) ?? []
  const late = lines.filter((line) => line.late).length
  return { words: lines.length ? countWords(lines.length, 'thing') : 'All in the house', late }
})
const cautions = computed(() => {
  const count = countCautions(store.readings?.cautions ?? [])
  const parts = [count.stop && countWords(count.stop, 'stop'), count.change && `${count.change} to change`, count.watch && `${count.watch} to watch`].filter(Boolean)
  return { words: parts.join(', ') || 'None stand', stop: count.stop > 0, change: count.change > 0 }
})
function open(name: 'money' | 'cautions') {
  board.selected = { kind: 'reading', name }
  emit('opened')
}
</script>

<template>
  <div class="readings">
    <button type="button" class="reading" @click="open('money')">
      <span class="top">Money <span class="bar" aria-hidden="true"><i :class="{ over: money?.over }" :style="{ width: `${(money?.share ?? 0) * 100}%` }" /></span></span>
      <b :class="{ brick: money?.over }">{{ money?.words }}</b><span v-if="money?.more" class="small" :class="money.over ? 'brick' : 'mute'">{{ money.more }}</span>
    </button>
    <router-link class="reading" :to="{ name: 'get-ready', params: { unitId: store.id! } }">
      <span class="top">To get</span><b>{{ toGet.words }}</b><span v-if="toGet.late" class="small brick">{{ toGet.late }} late</span>
    </router-link>
    <button type="button" class="reading" @click="open('cautions')">
      <span class="top">Cautions</span><b :class="cautions.stop ? 'brick' : cautions.change ? 'ember' : ''">{{ cautions.words }}</b>
    </button>
  </div>
</template>

<style scoped>
.readings { display: grid; grid-template-columns: repeat(3, minmax(0, 1fr)); }
.reading { height: 65px; padding: 8px 18px; border: 0; border-right: 1px solid var(--edge-strong); background: none; color: var(--ink); font: inherit; text-align: left; text-decoration: none; cursor: pointer; display: grid; grid-template-columns: auto 1fr; column-gap: 10px; align-items: baseline; align-content: center; }
.reading:last-child { border-right: 0; }
.reading:hover { background: var(--well); }
.reading:focus-visible { outline-offset: -3px; }
.top { grid-column: 1 / -1; display: flex; justify-content: space-between; align-items: center; font-size: 15px; color: var(--mute); }
b { font-family: var(--head); font-weight: 650; font-size: 17px; line-height: 1.3; }
.bar { width: 62px; height: 8px; border: 1px solid var(--control); background: var(--paper); }
.bar i { display: block; height: 100%; background: var(--spruce); }
.bar i.over { background: var(--brick); }
@media (max-width: 720px) { .reading { padding: 8px 10px; height: auto; min-height: 65px; grid-template-columns: 1fr; } .bar { display: none; } b { font-size: 15px; } }
</style>
