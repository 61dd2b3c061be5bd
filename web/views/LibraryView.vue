<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Activity } from '@core/domain'
import { NO_FILTERS, passes, usedWords, type IdeaFilters, inTheme } from '@core/ideas'
import { CENTER_NAMES, countWords, DOMAIN_NAMES } from '@core/base'
import { useFits, useUsedBefore } from '../composables/useFits'
import { useFreshIdeas } from '../composables/useFreshIdeas'
import { useLibrarySearch } from '../composables/useLibrarySearch'
import ActivityDetails from '../parts/ideas/ActivityDetails.vue'
import IdeaFilterBar from '../parts/ideas/IdeaFilterBar.vue'
import IdeasAsTable from '../parts/ideas/IdeasAsTable.vue'
import PlainFrame from '../parts/frame/PlainFrame.vue'
import SegmentedTabs from '../parts/frame/SegmentedTabs.vue'
import { useHouse } from '../stores/house'
import { useBasket } from '../stores/basket'
import { useUnit } from '../stores/unit'
import { useWriter } from '../stores/writer'

/**
 * Every idea of the home: what shipped, what she wrote, what patterns made; to change, to put aside, to carry in and
 * out.
 */
const house = useHouse()
const basket = useBasket()
const store = useUnit()
const writer = useWriter()
const route = useRoute()
const router = useRouter()

type Shelf = 'here' | 'aside'
const shelf = ref<Shelf>('here')
const text = ref<string | null>('')
const wanted = refDebounced(text, 60)
const filters = ref<IdeaFilters>({ ...NO_FILTERS })
const openId = ref<string | null>(null)
const pocketOpen = ref(false)
function openIdea(id: string) {
  openId.value = id
  pocketOpen.value = true
}
const PAGE = 60
const count = ref(PAGE)
/** Slots read as they would in any unit: this is no unit's view. */
const all = computed(() => inTheme(house.activities, null))
const byShelf = computed(() => all.value.filter((one) => one.archived === (shelf.value === 'aside')))
const { hits, reading } = useLibrarySearch(byShelf, wanted)
const { fitIfHome } = useFits()
const used = useUsedBefore()
const byKey = computed(() => new Map(byShelf.value.map((one) => [one.id, one])))
const found = computed(() => {
  const list = hits.value
    ? hits.value.flatMap((id) => byKey.value.get(id) ?? [])
    : [...byShelf.value].sort((a, b) => a.title.localeCompare(b.title, 'en'))
  return list.filter((one) => passes(one, filters.value, fitIfHome))
})
watch([wanted, filters, shelf], () => (count.value = PAGE))
const open = computed(() => all.value.find((one) => one.id === openId.value))
watch(
  () => route.query.open,
  (id) => {
    if (typeof id === 'string') {
      openId.value = id
      pocketOpen.value = true
      shelf.value = house.activitiesById.get(id)?.archived ? 'aside' : 'here'
    }
  },
  { immediate: true },
)
const SOURCE_WORDS: Record<Activity['source'], string> = { shipped: 'library', own: 'ours', pattern: 'pattern' }

/** The idea as it is stored, with its slots open: what is written must never be the filled-in text. */
const stored = (one: Activity) => house.activitiesById.get(one.id)!
const setArchived = (one: Activity, archived: boolean) =>
  void house.commit(`${archived ? 'Archive' : 'Restore'}: ${one.title}`.slice(0, 120), [
    { put: 'activity', value: { ...stored(one), archived } },
  ])
const remove = (one: Activity) => void house.commit(`Remove ${one.title}`, [{ remove: 'activity', id: one.id }])
const write = (query: Record<string, string>) => router.push({ name: 'activity-new', query })
const gatheredHere = (one: Activity) => Boolean(basket.ideaOf(one.id))

const { fresh, takeFresh } = useFreshIdeas()
const aside = computed(() => house.activities.filter((one) => one.archived).length)
</script>

<template>
  <PlainFrame
    v-model:pocket-open="pocketOpen"
    title="Library"
    :lead="
      `${countWords(house.activities.length - aside, 'idea')}, ` +
      `${house.activities.filter((one) => one.source === 'own').length} of them our own`
    "
    pocket-title="An idea"
  >
    <template #acts
      ><v-btn v-if="writer.stepsOf(null).undo" :title="`Undo: ${writer.stepsOf(null).undo}`" @click="writer.undo(null)"
        >Undo</v-btn
      ><v-btn class="primary" :to="{ name: 'activity-new' }">Write an idea</v-btn></template
    >
    <div v-if="fresh.activities.length && house.activities.length" class="notice soft fresh">
      <p>
        <b
          >{{ countWords(fresh.activities.length, 'idea') }} of the library
          {{ fresh.activities.length === 1 ? 'is' : 'are' }} not in this home yet.</b
        >
        Yours stay as they are.
      </p>
      <v-btn size="small" @click="takeFresh">Add {{ fresh.activities.length === 1 ? 'it' : 'them' }}</v-btn>
    </div>
    <SegmentedTabs
      v-model="shelf"
      label="Which ideas"
      :tabs="[
        { value: 'here', title: 'On the shelf', figure: String(house.activities.length - aside) },
        { value: 'aside', title: 'Archive', figure: aside ? String(aside) : '' },
      ]"
    />
    <IdeaFilterBar v-model:text="text" v-model:filters="filters" :count="found.length" :reading="reading" sources />
    <table v-if="found.length" class="ideas" aria-label="Ideas">
      <thead>
        <tr>
          <th scope="col">Idea</th>
          <th scope="col" class="wide">Center</th>
          <th scope="col" class="wide">For</th>
          <th scope="col" class="num">Minutes</th>
          <th scope="col" class="from">From</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in found.slice(0, count)" :key="one.id" :class="{ on: openId === one.id }">
          <td>
            <TextButton class="name" @click="openIdea(one.id)"> {{ one.title }}</TextButton><span
              v-if="used[one.id]"
              class="small used"
              >{{ usedWords(used[one.id]) }}</span
            >
          </td>
          <td class="wide">{{ CENTER_NAMES[one.centers[0]] }}</td>
          <td class="wide mute">{{ DOMAIN_NAMES[one.domains[0]] }}</td>
          <td class="num">{{ one.minutes.do }}</td>
          <td class="from mute">{{ SOURCE_WORDS[one.source] }}</td>
        </tr>
      </tbody>
    </table>
    <div v-else-if="!reading" class="stack none">
      <template v-if="!house.activities.length"
        ><h2>The library is empty</h2>
        <p class="mute">Bring in the ideas that come with Kobby, or write one of your own.</p>
        <div v-if="fresh.activities.length">
          <v-btn class="primary" @click="takeFresh">Bring in {{ countWords(fresh.activities.length, 'idea') }}</v-btn>
        </div></template
      >
      <template v-else-if="shelf === 'aside' && !aside"
        ><h2>Nothing is put aside</h2>
        <p class="mute">
          An idea that no longer suits can be put aside: it stays in the plans that use it, and is offered no more.
        </p></template
      >
      <template v-else
        ><h2>Nothing matches all of that</h2>
        <p class="mute">Take a word or a filter away.</p></template
      >
    </div>
    <div v-if="found.length > count" class="none"><v-btn @click="count += PAGE">Show more</v-btn></div>

    <template #pocket>
      <ActivityDetails v-if="open" :key="open.id" :activity="open" :parts="fitIfHome(open)?.parts ?? []">
        <p v-if="open.origin" class="small mute">Changed from {{ open.origin.title }}.</p>
        <p v-if="used[open.id]" class="small spruce">{{ usedWords(used[open.id]) }}.</p>
        <div class="inline">
          <v-btn
            v-if="store.unit && !open.archived && !gatheredHere(open)"
            class="primary"
            @click="basket.gather(open.id)"
            >Gather for {{ store.unit.name }}</v-btn
          >
          <v-btn v-if="open.source !== 'shipped'" :to="{ name: 'activity-edit', params: { activityId: open.id } }"
            >Change</v-btn
          >
          <v-btn @click="write({ copy: open.id })">Copy and change</v-btn>
          <v-btn class="plain" @click="setArchived(open, !open.archived)">{{
            open.archived ? 'Restore' : 'Archive'
          }}</v-btn>
          <v-btn v-if="open.source !== 'shipped'" class="plain danger" @click="remove(open)">Remove</v-btn>
        </div>
        <p v-if="store.unit && gatheredHere(open)" class="small mute">In the basket of {{ store.unit.name }}.</p>
      </ActivityDetails>
      <div v-else class="stack">
        <h2>Ideas in and out</h2>
        <p class="mute">Choose an idea to read it, to change a copy of it, or to put it aside.</p>
        <IdeasAsTable />
      </div>
      <TextButton v-if="open" @click="openId = null">Ideas in and out, as a table</TextButton>
    </template>
  </PlainFrame>
</template>

<style scoped>
.ideas {
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
  z-index: 1;
}
td {
  padding: 5px 10px;
  border-bottom: 1px solid var(--edge);
  vertical-align: baseline;
}
.num {
  text-align: right;
}
tr.on td {
  background: var(--spruce-tint);
}
.name {
  color: var(--ink);
  font-weight: 650;
  text-decoration: none;
  padding: 2px 0;
  display: block;
}
.used,
.spruce {
  color: var(--spruce);
}
.fresh {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  margin-bottom: 12px;
  flex-wrap: wrap;
}
.none {
  padding: 16px 0;
}
@media (max-width: 720px) {
  .wide {
    display: none;
  }
  .from {
    display: none;
  }
  td,
  th {
    padding: 7px 6px;
  }
}
</style>
