<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { countWords } from '@core/base'
import type { PrepTask, PrepWindowOn } from '@core/prep'
import { isToGet, type SupplyLine } from '@core/supplies'
import LinePocket from '../parts/pockets/LinePocket.vue'
import SegmentedTabs from '../parts/frame/SegmentedTabs.vue'
import UnitFrame from '../parts/shell/UnitFrame.vue'
import { usePrep } from '../stores/prep'
import { useSupplies } from '../stores/supplies'
import { useUnit } from '../stores/unit'
import FamilyAsks from './getReady/FamilyAsks.vue'
import SupplyTable from './getReady/SupplyTable.vue'
import TripList from './getReady/TripList.vue'
const UnitMoney = defineAsyncComponent(() => import('./getReady/UnitMoney.vue'))
const PrepTab = defineAsyncComponent(() => import('./getReady/PrepTab.vue'))
const PrepPocket = defineAsyncComponent(() => import('../parts/pockets/PrepPocket.vue'))
const MixTab = defineAsyncComponent(() => import('./getReady/MixTab.vue'))
const MixPocket = defineAsyncComponent(() => import('../parts/pockets/MixPocket.vue'))
const AskLinks = defineAsyncComponent(() => import('./getReady/AskLinks.vue'))

/**
 * From the plan to the shop and back into the cupboard: the list, the trips, what families bring, the money, and the
 * preparation.
 */
const store = useUnit()
const prep = usePrep()
const supplies = useSupplies()
const route = useRoute()
const router = useRouter()
const TABS = ['list', 'trips', 'families', 'money', 'mix', 'time'] as const
type Tab = (typeof TABS)[number]
const view = computed<Tab>({
  get: () => TABS.find((one) => one === route.query.tab) ?? 'list',
  set: (tab) => void router.replace({ query: tab === 'list' ? {} : { tab } }),
})
/** What the button that opens the pocket on a phone says. */
const POCKET_TITLES: Partial<Record<Tab, string>> = { families: 'Links', mix: 'Who can use it', time: 'Does it fit' }
const pocketOpen = ref(false)
/** The task of preparation that is looked at. */
const task = ref<string | null>(null)
const board = ref<{ move: (task: PrepTask, window: PrepWindowOn) => void } | null>(null)
function move(key: string, window: number) {
  const [one, where] = [prep.byKey.get(key), prep.windows[window]]
  if (one && where) board.value?.move(one, where.window)
}
watch(task, (key) => {
  if (key !== null) pocketOpen.value = true
})
const openId = ref<string | null>(null)
const open = computed(() => supplies.lines.find((line) => line.material.id === openId.value))
const missing = computed(() => supplies.lines.filter(isToGet))
const asks = computed(() => missing.value.filter((line) => line.material.way === 'ask' && !line.fellBack).length)
const tabs = computed(() => [
  { value: 'list' as const, title: 'List', figure: String(missing.value.length) },
  { value: 'trips' as const, title: 'Trips', figure: String(supplies.trips.length) },
  { value: 'families' as const, title: 'Families', figure: String(asks.value) },
  { value: 'money' as const, title: 'Money' },
  { value: 'mix' as const, title: 'Mix' },
  { value: 'time' as const, title: 'Preparation' },
])
watch(
  () => supplies.lines,
  () => {
    if (openId.value && !open.value) openId.value = null
  },
)
function select(line: SupplyLine) {
  openId.value = line.material.id
  pocketOpen.value = true
}
</script>

<template>
  <UnitFrame v-model:pocket-open="pocketOpen" title="Get ready" :pocket-title="POCKET_TITLES[view] ?? 'Why'">
    <SegmentedTabs v-model="view" class="no-print" label="What to look at" :tabs="tabs" />
    <PrepTab v-if="view === 'time'" ref="board" v-model="task" />
    <SupplyTable v-else-if="view === 'list'" :open-id="openId" @select="select" />
    <TripList v-else-if="view === 'trips'" @select="select" />
    <FamilyAsks v-else-if="view === 'families'" @links="pocketOpen = true" />
    <MixTab v-else-if="view === 'mix'" />
    <UnitMoney v-else @select="select" />
    <template #pocket>
      <AskLinks v-if="view === 'families'" />
      <MixPocket v-else-if="view === 'mix'" />
      <PrepPocket v-else-if="view === 'time'" v-model="task" @move="move" />
      <LinePocket v-else-if="open" :key="open.material.id" :line="open" />
      <div v-else-if="view === 'money'" class="stack">
        <h2>The budget</h2>
        <p class="mute">
          It stands in <router-link :to="{ name: 'spark', params: { unitId: store.id! } }">Spark</router-link>, with the
          unit's days and words.
        </p>
        <p class="small mute">
          What is spent comes from what you check off in the shop. What is still to buy is the list, in whole packs, at
          the last prices you saw.
        </p>
      </div>
      <div v-else class="stack">
        <h2>Why</h2>
        <p class="mute">Choose a line to see where each of its numbers comes from, how it is got, and when.</p>
        <p v-if="view === 'list'" class="small mute">
          {{ countWords(missing.length, 'thing') }} to get,
          {{ countWords(supplies.lines.length - missing.length, 'thing') }} in the house.
        </p>
        <router-link v-if="store.id" :to="{ name: 'shop', params: { unitId: store.id } }"
          >Open the list for the shop</router-link
        >
      </div>
    </template>
  </UnitFrame>
</template>
