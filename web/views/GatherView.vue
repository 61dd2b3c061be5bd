<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { mondayOf, countWords } from '@core/base'
import type { Activity } from '@core/domain'
import {
  IDEA_ORDERS,
  inOrder,
  NO_FILTERS,
  ORDER_NAMES,
  passes,
  type IdeaFilters,
  type IdeaOrder,
  type MadeActivity,
} from '@core/ideas'
import { lacksOf, touchesOf } from '@core/readings'
import { useFits, useUsedBefore } from '../composables/useFits'
import { usePictures } from '../composables/usePictures'
import { useLibrarySearch } from '../composables/useLibrarySearch'
import { usePatterns } from '../composables/usePatterns'
import BasketPocket from '../parts/pockets/BasketPocket.vue'
import IdeaFilterBar from '../parts/ideas/IdeaFilterBar.vue'
import IdeaList from '../parts/ideas/IdeaList.vue'
import IdeaPocket from '../parts/pockets/IdeaPocket.vue'
import NotebookList from '../parts/ideas/NotebookList.vue'
import PatternList from '../parts/ideas/PatternList.vue'
import SegmentedTabs from '../parts/frame/SegmentedTabs.vue'
import UnitFrame from '../parts/shell/UnitFrame.vue'
import { useBoard } from '../stores/board'
import { useBasket } from '../stores/basket'
import { useUnit } from '../stores/unit'

/** Ideas into the basket: from the library, out of the theme by patterns, or out of her own head. */
const store = useUnit()
const basket = useBasket()
const board = useBoard()
const route = useRoute()
const router = useRouter()

const TABS = ['library', 'patterns', 'notebook'] as const
type Tab = (typeof TABS)[number]
const tab = computed<Tab>({
  get: () => TABS.find((one) => one === route.query.tab) ?? 'library',
  set: (value) => {
    openId.value = null
    void router.replace({ query: value === 'library' ? {} : { tab: value } })
  },
})
const text = ref<string | null>('')
const wanted = refDebounced(text, 60)
const filters = ref<IdeaFilters>({ ...NO_FILTERS })
const filterBar = ref<InstanceType<typeof IdeaFilterBar>>()
const openId = ref<string | null>(null)
const pocketOpen = ref(false)

const patternsWanted = computed(() => tab.value === 'patterns')
const patterns = usePatterns(patternsWanted)
const { fit, timesOf, context } = useFits(() => patterns.materials.value)
const used = useUsedBefore()
const gathered = computed(() => new Set(store.ideas.flatMap((idea) => idea.activityId ?? [])))
/**
 * What is offered: nothing that was put aside, and of what patterns made only what is in the basket, unless it is asked
 * for by a word.
 */
const offered = computed(() => store.activities.filter((one) => !one.archived))
const { hits, reading } = useLibrarySearch(offered, wanted)
const order = ref<IdeaOrder>('theme')
const { aboutOf, aboutWords, pictureOf } = usePictures()
const found = computed(() => {
  const list = hits.value
    ? hits.value.flatMap((id) => store.activitiesById.get(id) ?? [])
    : offered.value.filter((one) => one.source !== 'pattern' || gathered.value.has(one.id))
  const passing = list.filter((one) => passes(one, filters.value, fit))
  // What was searched for stands in the order in which it was found, unless another is wanted.
  return hits.value && order.value === 'theme' ? passing : inOrder(passing, order.value, { aboutOf, fitOf: fit })
})
const lacks = computed(() => {
  const { readings, snapshot } = store
  const day = store.days.find((one) => one.number === board.day)
  if (!readings || !snapshot || !day) return []
  const week = touchesOf(readings.plan, snapshot).find((one) => one.monday === mondayOf(day.date))
  return week ? lacksOf(week) : []
})

/**
 * What a pattern made stands under its pattern's id until it is gathered; then it is an idea of the library as any
 * other.
 */
const gatheredPatterns = computed(
  () =>
    new Map(
      store.ideas.flatMap((idea) => {
        const activity = idea.activityId ? store.activitiesById.get(idea.activityId) : undefined
        return activity?.pattern ? [[activity.pattern, idea] as const] : []
      }),
    ),
)
const isGathered = (activity: Activity) =>
  tab.value === 'patterns' ? gatheredPatterns.value.has(activity.pattern ?? '') : gathered.value.has(activity.id)
const madeBy = (id: string) => patterns.results.value.find((one) => one.made?.activity.id === id)?.made
const opened = computed(() => {
  const id = openId.value
  return id === null ? undefined : (store.activitiesById.get(id) ?? madeBy(id)?.activity)
})
function showBasket() {
  openId.value = null
  pocketOpen.value = true
}
function open(activity: Activity) {
  openId.value =
    (tab.value === 'patterns' ? gatheredPatterns.value.get(activity.pattern ?? '')?.activityId : null) ?? activity.id
  pocketOpen.value = true
}
function gather(activity: Activity) {
  const made = madeBy(activity.id)
  if (made) gatherMade(made)
  else basket.gather(activity.id)
}
function gatherMade(made: MadeActivity) {
  basket.gatherMade(made)
  const idea = gatheredPatterns.value.get(made.activity.pattern ?? '')
  if (openId.value === made.activity.id && idea) openId.value = idea.activityId
}
function leave(activity: Activity) {
  const idea = basket.ideaOf(activity.id) ?? gatheredPatterns.value.get(activity.pattern ?? '')
  if (idea) basket.leave(idea)
}
const edit = (activity: Activity, copy: boolean) =>
  void router.push(
    copy
      ? { name: 'activity-new', query: { copy: activity.id, unit: store.id } }
      : { name: 'activity-edit', params: { activityId: activity.id }, query: { unit: store.id } },
  )
watch(
  () => route.query.open,
  (id) => {
    if (typeof id === 'string') {
      openId.value = id
      pocketOpen.value = true
    }
  },
  { immediate: true },
)
const halves = computed(() => store.ideas.filter((idea) => !idea.activityId).length + store.loose.length)
</script>

<template>
  <UnitFrame v-model:pocket-open="pocketOpen" title="Gather" pocket-title="Basket">
    <SegmentedTabs
      v-model="tab"
      label="Where ideas come from"
      :tabs="[
        { value: 'library', title: 'Library', figure: String(offered.length) },
        {
          value: 'patterns',
          title: 'Patterns',
          figure: store.theme?.things.length
            ? String(patterns.results.value.filter((one) => one.made).length || '')
            : '',
        },
        { value: 'notebook', title: 'Notebook', figure: halves ? String(halves) : '' },
      ]"
    />
    <TextButton class="phone-only basket" @click="showBasket">
      Basket, {{ countWords(store.ideas.length, 'idea') }}
    </TextButton>
    <template v-if="tab === 'library'">
      <IdeaFilterBar
        ref="filterBar"
        v-model:text="text"
        v-model:filters="filters"
        :count="found.length"
        :reading="reading"
        :lacks="lacks"
        sources
      >
        <v-select
          v-model="order"
          class="order"
          :items="IDEA_ORDERS.map((value) => ({ title: ORDER_NAMES[value], value }))"
          aria-label="Order"
        />
      </IdeaFilterBar>
      <IdeaList
        :activities="found"
        :fit="fit"
        :times-of="timesOf"
        :used="used"
        :open-id="openId"
        :gathered="isGathered"
        :about-of="aboutWords"
        :picture-of="pictureOf"
        @open="open"
        @gather="gather"
        @leave="leave"
      />
      <div v-if="!found.length && !reading" class="stack none">
        <h2>{{ offered.length ? 'Nothing matches all of that' : 'The library is empty' }}</h2>
        <p class="mute">
          {{
            offered.length
              ? 'Take a word or a filter away, or keep the idea in your own words.'
              : 'Bring in the ideas that come with Kobby, write one of your own, or let patterns make some.'
          }}
        </p>
        <div class="inline">
          <v-btn v-if="offered.length" @click="filterBar?.clear()">Clear the filters</v-btn
          ><v-btn v-else to="/library">To the library</v-btn>
        </div>
      </div>
    </template>
    <template v-else-if="tab === 'patterns'">
      <div v-if="patterns.failed.value" class="notice soft stack" role="alert">
        <p>The patterns could not be fetched: there is no connection. Nothing was lost.</p>
        <div><v-btn @click="patterns.fetchKit">Try again</v-btn></div>
      </div>
      <p v-else-if="!patterns.ready.value" class="mute" role="status">Loading the patterns</p>
      <PatternList
        v-else
        :lacks="lacks"
        :results="patterns.results.value"
        :fit="fit"
        :times-of="timesOf"
        :open-id="openId"
        :gathered="isGathered"
        @open="open"
        @gather="gatherMade"
        @leave="leave"
      />
    </template>
    <NotebookList v-else />

    <template #pocket>
      <template v-if="opened && context">
        <TextButton @click="openId = null"> ← Basket, {{ countWords(store.ideas.length, 'idea') }} </TextButton>
        <IdeaPocket
          :key="opened.id"
          :fit="fit(opened)"
          :context="context"
          :used="used[opened.id]"
          :gathered="isGathered(opened) || gathered.has(opened.id)"
          @gather="gather(opened)"
          @leave="leave(opened)"
          @write="edit(opened, $event)"
        />
      </template>
      <BasketPocket v-else @open="openId = $event" @notebook="tab = 'notebook'" />
    </template>
  </UnitFrame>
</template>

<style scoped>
.none {
  padding: 16px 0;
}
.basket {
  margin-bottom: 6px;
}
</style>
