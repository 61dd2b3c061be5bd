<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { suits, suitsEveryone, type Part } from '@core/attendance'
import { CENTER_KINDS, DOMAINS, type Activity, type CenterKind, type Idea, type LearningDomain } from '@core/domain'
import { ATTENTION_NAMES, CENTER_NAMES, countWords, DOMAIN_NAMES, MESS_NAMES, moneyWords } from '@core/format'
import { toGet, type ToGet } from '@core/supplies'
import { useLibrarySearch } from '../composables/useLibrarySearch'
import ActivityDetails from '../parts/ActivityDetails.vue'
import ChildMarks from '../parts/ChildMarks.vue'
import UnitFrame from '../parts/UnitFrame.vue'
import { useBoard } from '../stores/board'
import { useHouse } from '../stores/house'
import { useUnit } from '../stores/unit'

const store = useUnit()
const house = useHouse()
const board = useBoard()
const route = useRoute()

const text = ref('')
const wanted = refDebounced(text, 60)
const center = ref<CenterKind | null>(null)
const domain = ref<LearningDomain | null>(null)
const everyone = ref(false)
const inHouse = ref(false)
const quick = ref(false)
const openId = ref<string | null>(null)
const pocketOpen = ref(false)
const half = ref('')
const QUICK_MINUTES = 10
const PAGE = 24
const shownCount = ref(PAGE)

const activities = computed(() => house.activities)
const hits = useLibrarySearch(activities, wanted)

interface Entry { activity: Activity; parts: Part[]; get: ToGet; everyone: boolean; ready: number }
const dates = computed(() => store.days.filter((day) => day.held).map((day) => day.date))
const entries = computed(() => new Map(activities.value.map((activity): [string, Entry] => {
  const parts = dates.value.length ? suits(activity, { home: house.home!, children: house.children, materials: house.materialsById, dates: dates.value }) : []
  const ready = activity.minutes.setUp + activity.prep.reduce((sum, step) => sum + step.minutes + (typeof step.wait === 'number' ? step.wait : 720), 0)
  return [activity.id, { activity, parts, get: toGet(activity, parts, house.materialsById), everyone: suitsEveryone(parts), ready }]
})))
const found = computed(() => {
  const ids = hits.value ?? [...activities.value].sort((a, b) => a.title.localeCompare(b.title, 'en')).map((one) => one.id)
  return ids.flatMap((id) => {
    const entry = entries.value.get(id)
    if (!entry) return []
    const { activity } = entry
    if (center.value && !activity.centers.includes(center.value)) return []
    if (domain.value && !activity.domains.slice(0, 2).includes(domain.value)) return []
    if ((everyone.value && !entry.everyone) || (inHouse.value && entry.get.materials.length) || (quick.value && entry.ready > QUICK_MINUTES)) return []
    return [entry]
  })
})
watch([wanted, center, domain, everyone, inHouse, quick], () => (shownCount.value = PAGE))
const gathered = computed(() => new Map(store.ideas.flatMap((idea) => (idea.activityId ? [[idea.activityId, idea] as const] : []))))
const daysOf = (activityId: string) => store.placements.filter((one) => one.activityId === activityId).map((one) => (one.where.kind === 'moment' ? one.where.day : one.where.fromDay)).sort((a, b) => a - b)
const opened = computed(() => (openId.value ? entries.value.get(openId.value) : undefined))
watch(() => route.query.open, (id) => {
  if (typeof id === 'string') {
    openId.value = id
    pocketOpen.value = true
  }
}, { immediate: true })

const ideas = computed(() => store.ideas.flatMap((idea) => {
  const activity = idea.activityId ? house.activitiesById.get(idea.activityId) : undefined
  return activity ? [{ idea, activity, days: daysOf(activity.id) }] : []
}).sort((a, b) => (a.days[0] ?? 0) - (b.days[0] ?? 0)))
const halves = computed(() => store.ideas.filter((idea) => !idea.activityId))
function getWords(entry: Entry): string {
  const { materials, cost } = entry.get
  if (!materials.length) return 'all in the house'
  return `${countWords(materials.length, 'thing')} to get${cost ? `, ${moneyWords(cost, house.home!.currency)}` : ''}`
}
function readyWords(entry: Entry): string {
  if (entry.ready < 60) return `${entry.ready} min ahead`
  return entry.ready < 600 ? `${Math.round(entry.ready / 60)} h ahead` : 'the day before'
}
function open(id: string) {
  openId.value = id
  pocketOpen.value = true
}
const letGo = (idea: Idea) => store.commit(`Leave ${idea.activityId ? board.titleOf(idea.activityId) : 'an idea'}`, [{ remove: 'idea', id: idea.id }])
function keepHalf() {
  const words = half.value.trim()
  if (!words) return
  half.value = ''
  void store.commit('Keep an idea', [{ put: 'idea', value: newIdea(crypto.randomUUID(), store.id, null, words) }])
}
</script>

<template>
  <UnitFrame v-model:pocket-open="pocketOpen" title="Gather" pocket-title="Basket">
    <div class="filters" role="search">
      <v-text-field v-model="text" class="grow" aria-label="Search the library by any word" placeholder="Search by any word" clearable type="search" />
      <v-select v-model="center" class="pick" :items="CENTER_KINDS.map((kind) => ({ title: CENTER_NAMES[kind], value: kind }))" clearable aria-label="Center" placeholder="Every center" />
      <v-select v-model="domain" class="pick" :items="DOMAINS.map((one) => ({ title: DOMAIN_NAMES[one], value: one }))" clearable aria-label="Domain" placeholder="Every domain" />
      <div class="checks">
        <v-checkbox v-model="everyone" label="Suits everyone" /><v-checkbox v-model="inHouse" label="Nothing to get" /><v-checkbox v-model="quick" label="Ready in 10 min" />
        <span class="mute small count" role="status">{{ countWords(found.length, 'idea') }}</span>
      </div>
    </div>
    <ul class="ideas">
      <li v-for="entry in found.slice(0, shownCount)" :key="entry.activity.id" class="card idea" :class="{ 'is-selected': openId === entry.activity.id }">
        <button type="button" class="open" @click="open(entry.activity.id)"><span class="card-title">{{ entry.activity.title }}</span></button>
        <p class="aim">{{ entry.activity.aim }}</p>
        <ChildMarks :parts="entry.parts" all />
        <p class="small mute facts">{{ CENTER_NAMES[entry.activity.centers[0]] }} · {{ entry.activity.minutes.do }} min · {{ readyWords(entry) }} · {{ ATTENTION_NAMES[entry.activity.attention] }} · {{ MESS_NAMES[entry.activity.mess] }}</p>
        <div class="row end">
          <span class="small" :class="entry.get.materials.length ? 'ember' : 'mute'">{{ getWords(entry) }}</span>
          <v-btn v-if="gathered.has(entry.activity.id)" size="small" class="plain" :aria-label="`In the basket: ${entry.activity.title}. Take it out`" @click="letGo(gathered.get(entry.activity.id)!)">In the basket</v-btn>
          <v-btn v-else size="small" :aria-label="`Gather ${entry.activity.title}`" @click="board.gather(entry.activity.id)">Gather</v-btn>
        </div>
      </li>
    </ul>
    <div v-if="found.length > shownCount" class="more"><v-btn @click="shownCount += PAGE">Show {{ Math.min(PAGE, found.length - shownCount) }} more</v-btn></div>
    <div v-if="!found.length" class="stack none"><h2>Nothing matches all of that</h2><p class="mute">Take a word or a filter away, or keep the idea in your own words.</p><div><v-btn @click="text = ''; center = null; domain = null; everyone = inHouse = quick = false">Clear the filters</v-btn></div></div>

    <template #pocket>
      <template v-if="opened">
        <button type="button" class="why" @click="openId = null">← Basket, {{ countWords(store.ideas.length, 'idea') }}</button>
        <ActivityDetails :activity="opened.activity" :parts="opened.parts" />
        <div class="inline"><v-btn v-if="!gathered.has(opened.activity.id)" class="primary" @click="board.gather(opened.activity.id)">Gather it</v-btn><v-btn v-else @click="letGo(gathered.get(opened.activity.id)!)">Take it out of the basket</v-btn></div>
      </template>
      <template v-else>
        <div><h2>Basket</h2><p class="mute small">{{ countWords(store.ideas.length, 'idea') }}, {{ store.unplaced.length }} without a day</p></div>
        <form class="half" @submit.prevent="keepHalf"><v-text-field v-model="half" aria-label="Half an idea" placeholder="Half an idea, a page, a link" maxlength="2000" /><v-btn type="submit" :disabled="!half.trim()">Keep</v-btn></form>
        <ul class="rows"><li v-for="one in halves" :key="one.id" class="row basket-row"><span class="half-text">{{ one.text }}</span><button type="button" class="why small" :aria-label="`Leave: ${one.text}`" @click="letGo(one)">leave</button></li></ul>
        <ul class="rows"><li v-for="one in ideas" :key="one.idea.id" class="row basket-row"><button type="button" class="why name" @click="open(one.activity.id)">{{ one.activity.title }}</button><span class="small" :class="one.days.length ? 'mute' : 'ember'">{{ one.days.length ? `day ${one.days.join(', ')}` : 'no day' }}</span></li></ul>
        <p v-if="!store.ideas.length" class="mute">The basket is empty. Gather an idea from the library, or write half of one above.</p>
        <v-btn v-else class="primary" :to="{ name: 'lay-out', params: { unitId: store.id! } }">Lay them out</v-btn>
      </template>
    </template>
  </UnitFrame>
</template>

<style scoped>
.filters { display: flex; flex-wrap: wrap; gap: 8px; margin-bottom: 14px; }
.grow { flex: 2 1 200px; }
.pick { flex: 1 1 160px; }
.checks { flex: 1 0 100%; display: flex; flex-wrap: wrap; gap: 0 14px; align-items: center; margin-left: -8px; }
.count { margin-left: auto; }
.ideas { display: grid; grid-template-columns: repeat(auto-fill, minmax(250px, 1fr)); gap: 10px; }
.idea { padding: 9px 12px 8px; display: grid; gap: 5px; grid-template-rows: auto 1fr auto auto auto; position: relative; }
.open { background: none; border: 0; padding: 0; font: inherit; color: inherit; text-align: left; cursor: pointer; }
.open .card-title { font-size: 16px; }
.open:hover { color: var(--spruce); }
.aim { font-size: 15px; line-height: 1.3; }
.facts { line-height: 1.3; }
.end { align-items: center; min-height: 36px; }
.more, .none { padding: 16px 0; }
.half { display: grid; grid-template-columns: 1fr auto; gap: 6px; }
.half-text { border-left: 3px solid var(--apricot); padding-left: 8px; font-size: 15px; overflow-wrap: anywhere; }
.basket-row { padding: 2px 0; align-items: baseline; }
.basket-row .name { text-decoration: none; color: var(--ink); font-weight: 650; padding: 0; }
</style>
