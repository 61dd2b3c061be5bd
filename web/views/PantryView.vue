<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { unmeasuredMaterial } from '@core/domain'
import { CONDITION_NAMES, countWords, fullDate, moneyWords, quantityWords, WAY_NAMES } from '@core/base'
import { underLeast } from '@core/supplies'
import { api } from '../api/client'
import { newId } from '../api/newId'
import FileIn from '../parts/fields/FileIn.vue'
import ImportPreview from '../parts/house/ImportPreview.vue'
import MaterialForm from '../parts/house/MaterialForm.vue'
import MaterialHistory from '../parts/house/MaterialHistory.vue'
import PlainFrame from '../parts/frame/PlainFrame.vue'
import QuickCount from '../parts/house/QuickCount.vue'
import SegmentedTabs from '../parts/frame/SegmentedTabs.vue'
import StandingList from '../parts/house/StandingList.vue'
import { useFileIn } from '../composables/useFileIn'
import { useHouse } from '../stores/house'
import { useSession } from '../stores/session'
import { useWriter } from '../stores/writer'

/** What is in the house, where, how much of it must always be there, and in which packs it is sold. */
const house = useHouse()
const session = useSession()
const writer = useWriter()
const route = useRoute()
const router = useRouter()
const TABS = ['here', 'standing', 'count'] as const
const view = computed<(typeof TABS)[number]>({
  get: () => TABS.find((one) => one === route.query.tab) ?? 'here',
  set: (tab) => void router.replace({ query: tab === 'here' ? {} : { tab } }),
})
const text = ref(typeof route.query.find === 'string' ? route.query.find : '')
watch(
  () => route.query.find,
  (find) => {
    if (typeof find === 'string') text.value = find
  },
)
const onlyHere = ref(!text.value)
const openId = ref<string | null>(null)
const pocketOpen = ref(false)
const PAGE = 60
const shown = ref(PAGE)
const counted = computed(() => house.materials.filter((one) => one.way !== 'have'))
const list = computed(() => {
  const wanted = text.value?.trim().toLowerCase() ?? ''
  return counted.value
    .filter(
      (one) =>
        (!wanted || `${one.name} ${one.place} ${one.shopPart}`.toLowerCase().includes(wanted)) &&
        (!onlyHere.value || one.onHand > 0),
    )
    .sort((a, b) => a.name.localeCompare(b.name, 'en'))
})
const low = computed(() => house.materials.filter((one) => underLeast(one, session.today) > 0).length)
const tabs = computed(() => [
  { value: 'here' as const, title: 'What is here' },
  { value: 'standing' as const, title: 'Always-have list', figure: low.value ? `${low.value} low` : '' },
  { value: 'count' as const, title: 'Count' },
])
const open = computed(() => house.materials.find((one) => one.id === openId.value))
const measures = computed(() => house.home?.measures ?? 'metric')
function select(id: string) {
  openId.value = id
  pocketOpen.value = true
}
function add() {
  const value = unmeasuredMaterial(newId(), 'New material')
  void house.commit('Add a material', [{ put: 'material', value }])
  onlyHere.value = false
  select(value.id)
}
/** What asks for a look: past its date, or to mend. */
const notes = (one: (typeof list.value)[number]) =>
  [
    one.counted || !one.onHand ? '' : 'not counted yet',
    one.expires !== null && one.expires < session.today ? `past its date since ${fullDate(one.expires)}` : '',
    one.condition === 'good' ? '' : CONDITION_NAMES[one.condition].toLowerCase(),
    underLeast(one, session.today) > 0 ? 'low' : '',
  ]
    .filter(Boolean)
    .join(', ')
const asking = ref(false)
function remove() {
  asking.value = false
  if (open.value) void house.commit(`Remove ${open.value.name}`, [{ remove: 'material', id: open.value.id }])
  openId.value = null
}
const file = useFileIn(({ text: table }: { name: string; text: string }) => table, {
  preview: api.previewPantry,
  apply: api.applyPantry,
  done: house.load,
})
</script>

<template>
  <PlainFrame
    v-model:pocket-open="pocketOpen"
    title="Pantry"
    :lead="`${countWords(counted.filter((one) => one.onHand > 0).length, 'thing')} in the house, ${counted.length} known`"
    :pocket-title="open?.name"
  >
    <template #acts
      ><v-btn v-if="writer.stepsOf(null).undo" :title="`Undo: ${writer.stepsOf(null).undo}`" @click="writer.undo(null)"
        >Undo</v-btn
      ><v-btn class="primary" @click="add">Add</v-btn></template
    >
    <SegmentedTabs v-model="view" class="no-print" label="What to look at" :tabs="tabs" />
    <template v-if="view === 'here'">
      <div class="filters" role="search">
        <v-text-field
          v-model="text"
          aria-label="Search the pantry"
          placeholder="Search by name or place"
          clearable
          type="search"
        /><v-checkbox v-model="onlyHere" label="Only what is here" /><span class="inline files"
          ><v-btn href="/api/v1/pantry.csv" download>Save as a table</v-btn
          ><FileIn accept=".csv,text/csv" label="Bring a table in" @take="file.take"
        /></span>
      </div>
      <ImportPreview
        :entries="file.entries.value"
        :problems="file.problems.value"
        @apply="file.apply"
        @leave="file.leave"
      />
      <table class="pantry" aria-label="Pantry">
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col" class="num">On hand</th>
            <th scope="col">Where</th>
            <th scope="col" class="wide">Sold as</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in list.slice(0, shown)" :key="one.id" :class="{ on: openId === one.id }">
            <td>
              <TextButton class="name" :aria-current="openId === one.id || undefined" @click="select(one.id)">
                {{ one.name }}</TextButton><span v-if="notes(one)" class="small ember">&nbsp; {{ notes(one) }}</span>
            </td>
            <td class="num">{{ quantityWords(one.onHand, one.unit, measures) }}</td>
            <td>{{ one.place }}</td>
            <td class="wide mute">
              {{
                one.packs
                  .map(
                    (pack) =>
                      `${quantityWords(pack.size, one.unit, measures)} for ${moneyWords(pack.price, house.thisHome.currency)}`,
                  )
                  .join(', ') || WAY_NAMES[one.way].toLowerCase()
              }}
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="!list.length" class="mute">Nothing in the pantry has that name or place.</p>
      <v-btn v-if="list.length > shown" @click="shown += PAGE">Show more</v-btn>
    </template>
    <StandingList v-else-if="view === 'standing'" :open-id="openId" @open="select" />
    <QuickCount v-else :materials="counted.filter((one) => one.onHand > 0 || one.place || one.par !== null)" />

    <template #pocket>
      <div v-if="open" :key="open.id" class="stack">
        <h2>{{ open.name }}</h2>
        <MaterialForm :material="open" /><MaterialHistory :material="open" />
        <div><v-btn class="danger" @click="asking = true">Remove</v-btn></div>
      </div>
      <div v-else class="stack">
        <h2>A material</h2>
        <p class="mute">
          Choose one to count it, to write down where it is kept, its packs and what the cautions need to know.
        </p>
      </div>
    </template>
  </PlainFrame>
  <v-dialog v-model="asking" aria-labelledby="remove-material">
    <div class="k-sheet">
      <h2 id="remove-material">Remove {{ open?.name }}?</h2>
      <p>Its history goes with it. What ideas or purchases still use stays, and says so. Undo brings it back.</p>
      <div class="inline">
        <v-btn class="primary" @click="remove">Remove</v-btn><v-btn @click="asking = false">Keep</v-btn>
      </div>
    </div>
  </v-dialog>
</template>

<style scoped>
.filters {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: 12px;
  margin-bottom: 10px;
  align-items: center;
}
.files {
  flex-wrap: nowrap;
}
.pantry {
  width: 100%;
  border-collapse: collapse;
}
th {
  text-align: left;
  font-family: var(--head);
  font-weight: 650;
  padding: 6px 10px;
  border-bottom: 2px solid var(--edge-strong);
  position: sticky;
  top: -16px;
  background: var(--linen);
}
td {
  padding: 5px 10px;
  border-bottom: 1px solid var(--edge);
  vertical-align: baseline;
}
.num {
  text-align: right;
  white-space: nowrap;
}
tr.on td {
  background: var(--spruce-tint);
}
.name {
  color: var(--ink);
  font-weight: 650;
  text-decoration: none;
  padding: 2px 0;
}
@media (max-width: 1000px) {
  .filters {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .files {
    grid-column: 1 / -1;
    justify-self: start;
  }
}
@media (max-width: 720px) {
  .wide {
    display: none;
  }
  .filters {
    grid-template-columns: minmax(0, 1fr);
    gap: 2px;
  }
  td,
  th {
    padding: 7px 6px;
  }
}
</style>
