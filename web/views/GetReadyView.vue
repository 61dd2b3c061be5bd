<script setup lang="ts">
import { mdiPrinterOutline } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import type { Purchase, Way } from '@core/domain'
import { countWords, listWords, moneyWords, quantityWords, shortDate } from '@core/format'
import { getByWords, packWords, type SupplyLine } from '@core/supplies'
import LinePocket from '../parts/LinePocket.vue'
import PreparationReading from '../parts/readings/PreparationReading.vue'
import SegmentedTabs from '../parts/SegmentedTabs.vue'
import ReadingPocket from '../parts/ReadingPocket.vue'
import UnitFrame from '../parts/UnitFrame.vue'
import { useHouse } from '../stores/house'
import { useUnit } from '../stores/unit'

const store = useUnit()
const house = useHouse()
const view = ref<'list' | 'time'>('list')
const openId = ref<string | null>(null)
const pocketOpen = ref(false)
const showHave = ref(false)
const measures = computed(() => house.home?.measures ?? 'metric')
const lines = computed(() => store.readings?.lines ?? [])
const missing = computed(() => lines.value.filter((line) => line.shortage > 0))
const have = computed(() => lines.value.filter((line) => line.shortage === 0 && line.material.id !== 'water'))
const open = computed(() => lines.value.find((line) => line.material.id === openId.value))

const WAY_TITLES: Record<Way, string> = { buy: 'Buy', gather: 'Gather or make in the house', borrow: 'Borrow', ask: 'Ask families' }
interface Group { title: string; lines: SupplyLine[]; cost: number }
/** By where she gets it: the shop of the packs chosen, or the other way; late ones first within. */
const groups = computed<Group[]>(() => {
  const by = new Map<string, SupplyLine[]>()
  for (const line of missing.value) {
    const title = line.material.way === 'buy' ? (line.cover?.packs[0]?.pack.shop.replace(/^./, (c) => c.toUpperCase()) ?? 'Anywhere: no price known') : WAY_TITLES[line.material.way]
    by.set(title, [...(by.get(title) ?? []), line])
  }
  return [...by.entries()].map(([title, list]) => ({
    title, cost: list.reduce((sum, line) => sum + line.cost, 0),
    lines: [...list].sort((a, b) => Number(b.late) - Number(a.late) || a.material.shopPart.localeCompare(b.material.shopPart, 'en') || a.material.name.localeCompare(b.material.name, 'en')),
  })).sort((a, b) => b.cost - a.cost)
})
const late = computed(() => missing.value.filter((line) => line.late))
const money = computed(() => store.readings?.money)
const words = (cents: number) => moneyWords(cents, house.home!.currency)
const amount = (line: SupplyLine, quantity: number) => quantityWords(quantity, line.material.unit, measures.value)
watch(lines, () => {
  if (openId.value && !open.value) openId.value = null
})
function select(line: SupplyLine) {
  openId.value = line.material.id
  pocketOpen.value = true
}
/** Got it: the packs go into the cupboard, what was paid onto the unit. */
function got(line: SupplyLine) {
  const quantity = line.cover?.total ?? line.shortage
  const purchase: Purchase = { id: crypto.randomUUID(), unitId: store.id!, materialId: line.material.id, quantity, paid: line.cost, date: store.snapshot!.today }
  void store.commit(`Got ${line.material.name}`, [
    { put: 'material', value: { ...line.material, onHand: line.material.onHand + quantity } },
    ...(line.material.way === 'buy' ? [{ put: 'purchase' as const, value: purchase }] : []),
  ])
}
const print = () => window.print()
const bought = computed(() => store.purchases.map((one) => ({ ...one, name: house.materialsById.get(one.materialId)?.name ?? one.materialId, unit: house.materialsById.get(one.materialId)?.unit ?? 'each' as const })))
</script>

<template>
  <UnitFrame v-model:pocket-open="pocketOpen" title="Get ready" pocket-title="Why">
    <SegmentedTabs v-model="view" class="no-print" label="What to look at" :tabs="[{ value: 'list', title: 'What to get' }, { value: 'time', title: 'Preparation' }]" />
    <PreparationReading v-if="view === 'time'" class="prep-page" />
    <template v-else>
    <div class="row top">
      <div><h2>What to get</h2><p class="mute">{{ missing.length ? `${countWords(missing.length, 'thing')} to get` : 'Nothing to get: all of it is in the house' }}<template v-if="late.length">, <span class="brick">{{ late.length }} late</span></template><template v-if="money">. {{ words(money.planned) }} still to buy, {{ words(money.spent) }} spent<template v-if="money.budget !== null"> of {{ words(money.budget) }}</template></template></p></div>
      <div class="inline no-print"><v-btn @click="openId = null; pocketOpen = true">Money</v-btn><v-btn @click="print"><v-icon :icon="mdiPrinterOutline" size="20" start />Print</v-btn></div>
    </div>

    <section v-for="group in groups" :key="group.title" class="cubby group keep" :aria-label="group.title">
      <div class="row paper"><h3>{{ group.title }}</h3><span class="mute">{{ countWords(group.lines.length, 'thing') }}<template v-if="group.cost"> · {{ words(group.cost) }}</template></span></div>
      <ul>
        <li v-for="line in group.lines" :key="line.material.id" class="card line" :class="{ 'is-selected': openId === line.material.id }">
          <v-checkbox class="tick" :model-value="false" :aria-label="`Got ${line.material.name}`" @update:model-value="got(line)" />
          <div class="what"><button type="button" class="why name" @click="select(line)">{{ line.material.name }}</button><span class="small mute">{{ line.material.shopPart }}</span></div>
          <button type="button" class="why num" @click="select(line)"><span class="sr-only">Why, {{ line.material.name }}: </span><b>{{ amount(line, line.shortage) }}</b><span class="small mute">{{ amount(line, line.need) }} − {{ amount(line, line.onHand) }}</span></button>
          <div class="packs">{{ packWords(line, measures) || (line.unpriced ? 'no pack known' : '') }}<span v-if="line.cover && line.cover.leftover > 0" class="small mute">{{ amount(line, line.cover.leftover) }} left over</span></div>
          <div class="when" :class="line.late ? 'brick' : ''">{{ getByWords(line) }}<span v-if="!line.getBy && !line.askOn" class="mute small">for {{ shortDate(line.firstUse.date) }}</span></div>
          <div class="cost">{{ line.cost ? words(line.cost) : '' }}</div>
        </li>
      </ul>
    </section>

    <section v-if="have.length" class="have">
      <button type="button" class="why k-label no-print" :aria-expanded="showHave" @click="showHave = !showHave">{{ showHave ? 'Hide' : 'Show' }} what is in the house already, {{ countWords(have.length, 'thing') }}</button>
      <ul v-if="showHave" class="have-list"><li v-for="line in have" :key="line.material.id"><button type="button" class="why name" @click="select(line)">{{ line.material.name }}</button> <span class="mute small">{{ amount(line, line.need) }} of {{ amount(line, line.onHand) }}{{ line.material.place ? `, ${line.material.place}` : '' }}</span></li></ul>
    </section>
    <section v-if="bought.length" class="rows bought"><h3>Bought for this unit</h3><p class="mute">{{ listWords(bought.map((one) => `${one.name} (${quantityWords(one.quantity, one.unit, measures)}, ${words(one.paid)})`)) }}</p></section>
    <div v-if="!lines.length" class="stack"><p class="mute">Nothing is laid out yet that takes anything.</p><div><v-btn class="primary" :to="{ name: 'lay-out', params: { unitId: store.id! } }">Lay out the days</v-btn></div></div>
    </template>

    <template #pocket>
      <LinePocket v-if="open" :key="open.material.id" :line="open" />
      <ReadingPocket v-else name="money" />
    </template>
  </UnitFrame>
</template>

<style scoped>
.prep-page { max-width: 640px; }
.top { margin-bottom: 12px; align-items: center; flex-wrap: wrap; }
.group { padding: 6px; margin-bottom: 12px; }
.group ul { display: grid; gap: 5px; }
.paper { padding: 2px 8px 6px; }
.line { display: grid; grid-template-columns: 34px minmax(0, 1.3fr) minmax(0, 1.1fr) minmax(0, 1fr) minmax(0, 1.2fr) 64px; gap: 10px; align-items: center; padding: 4px 12px 4px 4px; }
.name { font-weight: 650; color: var(--ink); text-decoration: none; padding: 0; font-size: 16px; }
.name:hover { text-decoration: underline; }
.what, .num, .packs, .when { display: grid; line-height: 1.25; }
.what .small { color: var(--mute); }
.num { padding: 2px 0; text-decoration: none; color: var(--ink); }
.num b { text-decoration: underline; text-underline-offset: 2px; color: var(--spruce); }
.cost { text-align: right; }
.have { margin-top: 4px; }
.have-list { columns: 2; column-gap: 24px; padding-top: 8px; }
.have-list li { break-inside: avoid; padding: 2px 0; }
.bought { margin-top: 16px; }
@media (max-width: 720px) {
  .line { grid-template-columns: 44px minmax(0, 1fr) auto; gap: 2px 8px; padding: 6px 10px 6px 2px; }
  .tick { grid-row: 1 / 3; }
  .num { text-align: right; justify-items: end; }
  .packs { grid-column: 2; font-size: 15px; }
  .when { grid-column: 2 / -1; font-size: 15px; }
  .packs:empty, .when:empty, .cost:empty { display: none; }
  .cost { grid-column: 3; grid-row: 2; }
  .have-list { columns: 1; }
}
@media print { .line { grid-template-columns: 26px 2fr 1.2fr 1.3fr 1.6fr 60px; } }
</style>
