<script setup lang="ts">
import { computed } from 'vue'
import { countWords, minutesWords, moneyWords, shortDate } from '@core/format'
import { adultsOf, countCautions, preparationOf, roundedOf } from '@core/pulse'
import { useBoard, type ReadingName } from '../stores/board'
import { useUnit } from '../stores/unit'

/** The readings that follow every move: each one honest figure, the same as its page shows. */
const store = useUnit()
const board = useBoard()
const emit = defineEmits<{ opened: [] }>()

const toGet = computed(() => {
  const lines = store.readings?.lines.filter((line) => line.shortage > 0) ?? []
  const late = lines.filter((line) => line.late).length
  return lines.length ? `${lines.length} to get${late ? `, ${late} late` : ''}` : 'all in the house'
})
const money = computed(() => {
  const now = store.readings?.money
  if (!now || !store.snapshot) return null
  const words = (cents: number) => moneyWords(cents, store.snapshot!.home.currency)
  const share = now.budget ? Math.min(1, now.total / now.budget) : 0
  return {
    words: now.budget === null ? words(now.total) : `${words(now.total)} of ${words(now.budget)}`, share, over: now.over > 0,
    more: [now.over ? `${words(now.over)} over` : '', toGet.value, now.unpriced.length ? `${countWords(now.unpriced.length, 'price')} not known` : ''].filter(Boolean).join(', '),
  }
})
const preparation = computed(() => {
  const { first, due, window } = preparationOf(store.readings?.ready ?? [])
  if (first) return { words: `${shortDate(first.date)}: ${minutesWords(first.over)} over`, more: `${minutesWords(first.due)} due by then`, over: true }
  return due ? { words: `${minutesWords(due)} to do`, more: `in ${minutesWords(window)} of windows`, over: false } : { words: 'Nothing ahead', more: '', over: false }
})
const rounded = computed(() => {
  const { met, target } = roundedOf(store.readings?.weeks ?? [])
  return { words: `${met} of ${target} touches`, share: target ? met / target : 1 }
})
const adults = computed(() => {
  const { minutes, clashes } = adultsOf(store.readings?.cover ?? { intervals: [], clashes: [] })
  const parts = [minutes && `${minutesWords(minutes)} short`, clashes && countWords(clashes, 'clash', 'clashes')].filter(Boolean)
  return { words: parts.join(', ') || 'Enough', short: minutes > 0 || clashes > 0, more: store.snapshot?.home.license.example ? 'by an example rule' : '' }
})
const cautions = computed(() => {
  const count = countCautions(store.readings?.cautions ?? [])
  const parts = [count.stop && countWords(count.stop, 'stop'), count.change && `${count.change} to change`, count.watch && `${count.watch} to watch`].filter(Boolean)
  return { words: parts.join(', ') || 'None stand', stop: count.stop > 0, change: count.change > 0 }
})
function open(name: ReadingName) {
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
    <button type="button" class="reading" @click="open('preparation')">
      <span class="top">Preparation</span><b :class="{ brick: preparation.over }">{{ preparation.words }}</b><span v-if="preparation.more" class="small" :class="preparation.over ? 'brick' : 'mute'">{{ preparation.more }}</span>
    </button>
    <button type="button" class="reading" @click="open('rounded')">
      <span class="top">Well-rounded <span class="bar" aria-hidden="true"><i :style="{ width: `${rounded.share * 100}%` }" /></span></span><b>{{ rounded.words }}</b>
    </button>
    <button type="button" class="reading" @click="open('adults')">
      <span class="top">Adults</span><b :class="{ brick: adults.short }">{{ adults.words }}</b><span v-if="adults.more" class="small mute">{{ adults.more }}</span>
    </button>
    <button type="button" class="reading" @click="open('cautions')">
      <span class="top">Cautions</span><b :class="cautions.stop ? 'brick' : cautions.change ? 'ember' : ''">{{ cautions.words }}</b>
    </button>
  </div>
</template>

<style scoped>
.readings { display: grid; grid-template-columns: repeat(5, minmax(0, 1fr)); }
.reading { min-height: 76px; padding: 6px 14px; border: 0; border-right: 1px solid var(--edge-strong); background: none; color: var(--ink); font: inherit; text-align: left; text-decoration: none; cursor: pointer; display: grid; grid-template-columns: minmax(0, 1fr); row-gap: 0; align-items: baseline; align-content: center; }
.reading:last-child { border-right: 0; }
.reading:hover { background: var(--well); }
.reading:focus-visible { outline-offset: -3px; }
.top { grid-column: 1 / -1; display: flex; justify-content: space-between; align-items: center; font-size: 15px; color: var(--mute); }
b { font-family: var(--head); font-weight: 650; font-size: 16px; line-height: 1.25; }
.bar { width: 62px; height: 8px; border: 1px solid var(--control); background: var(--paper); }
.bar i { display: block; height: 100%; background: var(--spruce); }
.bar i.over { background: var(--brick); }
@media (max-width: 720px) { .readings { grid-template-columns: 1fr 1fr; } .reading { padding: 8px 12px; min-height: 0; border-bottom: 1px solid var(--edge); } .reading:nth-child(2n) { border-right: 0; } .bar { display: none; } b { font-size: 15px; } }
</style>
