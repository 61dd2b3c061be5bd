<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { countWords, listWords, minutesWords } from '@core/base'
import { KIND_GROUPS, type KindGroup, type RunOrder } from '@core/cards'
import type { PrintSet } from '@core/domain'
import { printSum } from '@core/printing'
import SegmentedTabs from '../parts/frame/SegmentedTabs.vue'
import DesignCard from '../parts/printing/DesignCard.vue'
import HouseSheets from '../parts/printing/HouseSheets.vue'
import OwnDesigns from '../parts/printing/OwnDesigns.vue'
import PageSheet from '../parts/printing/PageSheet.vue'
import PdfProgress from '../parts/printing/PdfProgress.vue'
import PrinterRules from '../parts/printing/PrinterRules.vue'
import PrintList from '../parts/printing/PrintList.vue'
import PrintPocket from '../parts/pockets/PrintPocket.vue'
import UnitFrame from '../parts/shell/UnitFrame.vue'
import { NEEDS_EDGES, usePrinting } from '../stores/printing'
import { useUnit } from '../stores/unit'

/** Everything on paper for the unit: what its ideas want, every kind that the theme can fill, and what is printed. */
const unit = useUnit()
const printing = usePrinting()
const route = useRoute()
const router = useRouter()
type Tab = (typeof TABS)[number]
const TABS = ['unit', 'kinds', 'own', 'printed', 'sheets', 'printer'] as const
/** Tabs on which one set is looked at. */
const OF_SETS: readonly Tab[] = ['unit', 'printed']
const tab = computed<Tab>({
  get: () => TABS.find((one) => one === route.query.tab) ?? 'unit',
  set: (value) => void router.replace({ query: { ...route.query, tab: value === 'unit' ? undefined : value } }),
})
const pocketOpen = ref(false)
const chosen = computed<string | null>({
  get: () => (typeof route.query.set === 'string' ? route.query.set : null),
  set: (set) => void router.replace({ query: { ...route.query, set: set ?? undefined } }),
})
/** A card on the plan asks for what can be printed for it. */
const wantedFor = computed(() => (typeof route.query.for === 'string' ? route.query.for : null))
const rows = computed(() => (tab.value === 'printed' ? printing.printed : [...printing.toPrint, ...printing.offers]))
const row = computed(
  () =>
    printing.rows.find((one) => one.set.id === chosen.value) ??
    rows.value.find((one) => one.set.placementId === wantedFor.value && wantedFor.value) ??
    rows.value.find((one) => one.kept || !printing.sums.get(one.set.id)?.lacks) ??
    null,
)
const job = computed(() => (row.value ? printing.jobOf(row.value.set).job : null))
const at = ref(0)
watch(
  () => [row.value?.set.id, job.value?.pages.length],
  () => (at.value = 0),
)
const page = computed(() => job.value?.pages[Math.min(at.value, job.value.pages.length - 1)])
const fetching = ref(false)
const offline = ref('')
watch(
  job,
  async (now) => {
    if (!now) return
    fetching.value = true
    offline.value = ''
    try {
      await Promise.all([
        printing.pictures.want(new Set(now.pages.flatMap((one) => [...one.pictures]))),
        NEEDS_EDGES.has(now.set.kind) ? printing.wantEdges([now.set]) : null,
      ])
    } catch {
      offline.value = 'Some pictures could not be fetched. They come when there is a connection.'
    } finally {
      fetching.value = false
    }
  },
  { immediate: true },
)
const sums = computed(() => {
  const all = printing.toPrint.map((one) => printSum(one.set))
  const add = (of: (sum: (typeof all)[number]) => number) => all.reduce((total, one) => total + of(one), 0)
  return { sheets: add((one) => one.sheets), cut: add((one) => one.cutMinutes), pouches: add((one) => one.pouches) }
})
const nextSheets = computed(() => printing.sheetsOf(printing.forNext))
const groups = computed(() =>
  (Object.keys(KIND_GROUPS) as KindGroup[]).map((group) => ({
    title: KIND_GROUPS[group],
    kinds: printing.kinds.filter((one) => one.info.group === group),
  })),
)
async function open(set: PrintSet): Promise<void> {
  tab.value = 'unit'
  await router.replace({ query: { set: set.id } })
  pocketOpen.value = true
}
function choose(id: string | null): void {
  chosen.value = id
  pocketOpen.value = id !== null
}
/** Everything that is to print at once: the next day's alone, or all; laid together set by set, or child by child. */
const order = ref<RunOrder>('set')
function printAll(next: boolean): void {
  printing.asked = 'run'
  void printing.keepPdf(
    next ? 'next-day.pdf' : 'to-print.pdf',
    printing.pdf(
      (next ? printing.forNext : printing.toPrint).map((one) => one.set),
      `${unit.unit?.name ?? 'Unit'}, ${next ? 'the next day' : 'to print'}`,
      order.value,
    ),
  )
}
const tabs = computed(() => [
  { value: 'unit' as const, title: 'For this unit', figure: String(printing.toPrint.length || '') },
  { value: 'kinds' as const, title: 'All kinds' },
  { value: 'own' as const, title: 'My own', figure: String(printing.designs.length || '') },
  { value: 'printed' as const, title: 'Printed', figure: String(printing.printed.length || '') },
  { value: 'sheets' as const, title: 'Day, week, lists' },
  { value: 'printer' as const, title: 'Printer' },
])
</script>

<template>
  <UnitFrame v-model:pocket-open="pocketOpen" title="Print" pocket-title="How it is printed">
    <SegmentedTabs v-model="tab" class="no-print" label="What is printed" :tabs="tabs" />
    <PrinterRules v-if="tab === 'printer'" />
    <OwnDesigns v-else-if="tab === 'own'" @take="printing.takeDesign($event).then(open)" />
    <HouseSheets v-else-if="tab === 'sheets'" />
    <div v-else-if="tab === 'kinds'" class="stack">
      <p class="mute intro">
        Each page is filled with the objects of {{ unit.unit?.name }}. Add one, and say for whom it is.
      </p>
      <section v-for="group in groups" :key="group.title" class="stack">
        <h2>{{ group.title }}</h2>
        <ul class="shelf">
          <DesignCard
            v-for="{ kind, info } in group.kinds"
            :key="kind"
            :title="info.title"
            :about="info.about"
            :set="printing.trial(kind)"
            @add="printing.take(kind).then(open)"
          />
        </ul>
      </section>
    </div>
    <div v-else class="shop">
      <div class="stack">
        <div v-if="tab === 'unit'">
          <h2>{{ sums.sheets ? `${countWords(sums.sheets, 'sheet')} to print` : 'Nothing to print yet' }}</h2>
          <p class="mute small">
            <template v-if="sums.sheets"
              >{{ nextSheets ? `${nextSheets} of them for the next day. ` : '' }}{{ minutesWords(sums.cut) }} to cut,
              {{ countWords(sums.pouches, 'pouch', 'pouches') }}.</template
            >
            <template v-else>Add what your ideas could use, or any kind from “All kinds”.</template>
          </p>
        </div>
        <div v-if="tab === 'unit' && printing.changed.length" class="notice soft" role="status">
          {{ listWords(printing.changed.map((one) => one.set.name)) }}
          {{ printing.changed.length === 1 ? 'comes' : 'come' }} to another number of sheets now: other kids take part,
          or the theme has other objects.
          <TextButton @click="printing.countAnew()">Count anew</TextButton>
        </div>
        <PrintList
          v-if="tab === 'unit' && printing.toPrint.length"
          :model-value="row?.set.id ?? null"
          :rows="printing.toPrint"
          label="To print"
          @update:model-value="choose"
        />
        <div v-if="tab === 'unit' && sums.sheets" class="stack run">
          <div class="inline">
            <v-btn v-if="nextSheets" class="primary" @click="printAll(true)"
              >PDF of the {{ countWords(nextSheets, 'sheet') }} for the next day</v-btn
            >
            <v-btn @click="printAll(false)">PDF of all {{ sums.sheets }}</v-btn>
          </div>
          <v-radio-group v-model="order" inline hide-details aria-label="In which order">
            <v-radio label="By day" value="set" />
            <v-radio label="Kid by kid" value="child" />
          </v-radio-group>
          <PdfProgress of="run" />
        </div>
        <template v-if="tab === 'unit' && printing.offers.length">
          <h3>Your ideas could use</h3>
          <PrintList
            :model-value="row?.set.id ?? null"
            :rows="printing.offers"
            label="What ideas could use"
            @update:model-value="choose"
          />
        </template>
        <template v-if="tab === 'printed'">
          <PrintList
            v-if="printing.printed.length"
            :model-value="row?.set.id ?? null"
            :rows="printing.printed"
            label="Printed"
            @update:model-value="choose"
          />
          <p v-else class="mute">Nothing of this unit is printed yet.</p>
        </template>
      </div>
      <div v-if="row" class="pages" role="group" aria-label="Its pages">
        <p v-if="offline" class="brick small" role="alert">{{ offline }}</p>
        <PageSheet
          v-if="page"
          :page="page"
          :sources="printing.pictures.sources"
          :words="`${row.set.name}, page ${at + 1} of ${job!.pages.length}`"
          :aria-busy="fetching"
        />
        <p v-else class="mute">{{ job?.lacks || 'This cannot be drawn as it is.' }}</p>
        <div v-if="job && job.pages.length > 1" class="inline turn">
          <v-btn size="small" :disabled="at === 0" @click="at--">Page before</v-btn>
          <span class="mute">Page {{ at + 1 }} of {{ job.pages.length }}</span>
          <v-btn size="small" :disabled="at >= job.pages.length - 1" @click="at++">Page after</v-btn>
        </div>
      </div>
    </div>
    <template v-if="OF_SETS.includes(tab)" #pocket>
      <PrintPocket v-if="row" :set="row.set" :kept="row.kept" :at="at" @kept="choose" />
      <p v-else class="mute">Choose something to see for whom it is and what it takes.</p>
    </template>
  </UnitFrame>
</template>

<style scoped>
.intro {
  margin-top: 12px;
}
.shop {
  display: grid;
  grid-template-columns: minmax(250px, 318px) minmax(0, 1fr);
  gap: 16px;
  margin-top: 12px;
  align-items: start;
}
.pages {
  padding: 12px;
  background: var(--well);
  border: 1px solid var(--edge);
  border-top: 2px solid var(--edge-strong);
  border-radius: 6px;
  display: grid;
  gap: 10px;
}
.turn {
  justify-content: center;
}
.shelf {
  list-style: none;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 330px), 1fr));
  gap: 10px;
}
@media (max-width: 720px) {
  .shop {
    grid-template-columns: minmax(0, 1fr);
  }
}
.run {
  gap: 4px;
}
</style>
