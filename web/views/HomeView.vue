<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ageWords } from '@core/plan'
import { newBook, newCenter, newChild, type Adult, type Center, type Child, type Weekday } from '@core/domain'
import { spanWords, allergenName, CENTER_NAMES, countWords, listWords, weekdaysWords } from '@core/base'
import { markOf } from '@core/papers'
import { newId } from '../api/newId'
import AccountForm from '../parts/house/AccountForm.vue'
import BookForm from '../parts/house/BookForm.vue'
import BookShelf from '../parts/house/BookShelf.vue'
import AdultForm from '../parts/house/AdultForm.vue'
import CenterForm from '../parts/house/CenterForm.vue'
import ChildForm from '../parts/house/ChildForm.vue'
import HomeSettings from '../parts/house/HomeSettings.vue'
import PlainFrame from '../parts/frame/PlainFrame.vue'
import SegmentedTabs from '../parts/frame/SegmentedTabs.vue'
import ThingCard from '../parts/cards/ThingCard.vue'
import FlagNotes from '../parts/lines/FlagNotes.vue'
import RhythmForm from '../parts/house/RhythmForm.vue'
import { useHouse } from '../stores/house'
import { useSession } from '../stores/session'
import { useWriter } from '../stores/writer'

const house = useHouse()
const session = useSession()
const writer = useWriter()
const route = useRoute()
const router = useRouter()
const TABS = [
  { value: 'children', title: 'Children' },
  { value: 'adults', title: 'Adults' },
  { value: 'centers', title: 'Centers' },
  { value: 'books', title: 'Books' },
  { value: 'rhythm', title: 'Rhythm' },
  { value: 'settings', title: 'Settings' },
  { value: 'account', title: 'Account' },
] as const
type Tab = (typeof TABS)[number]['value']
const tab = computed<Tab>(() => TABS.find((one) => one.value === route.query.tab)?.value ?? 'children')
const openId = computed(() => (typeof route.query.open === 'string' ? route.query.open : null))
const pocketOpen = ref(false)
const go = (query: Record<string, string>) => router.replace({ name: 'home', query })
watch(openId, (id) => (pocketOpen.value = id !== null), { immediate: true })

const child = computed(() => house.children.find((one) => one.id === openId.value))
const adult = computed(() => house.adults.find((one) => one.id === openId.value))
const center = computed(() => house.centers.find((one) => one.id === openId.value))
const book = computed(() => house.books.find((one) => one.id === openId.value))
const open = computed(() =>
  tab.value === 'children'
    ? child.value
    : tab.value === 'adults'
      ? adult.value
      : tab.value === 'centers'
        ? center.value
        : tab.value === 'books'
          ? book.value && { id: book.value.id, name: book.value.title }
          : undefined,
)
const names = computed(() => house.children.map((one) => one.name))
const week = (hours: Child['attendance']) => weekdaysWords(Object.keys(hours) as Weekday[]) || 'no day yet'
const childFacts = (one: Child) =>
  [
    one.mouths && 'mouths',
    one.allergens.length && `allergy: ${listWords(one.allergens.map(allergenName))}`,
    one.naps.length && `sleeps ${listWords(one.naps.map((nap) => spanWords(nap)))}`,
  ]
    .filter(Boolean)
    .join(' · ')
const prepWords = ({ prepWindows }: Adult) =>
  prepWindows.length ? `${countWords(prepWindows.length, 'prep window')} a week` : 'no prep windows'
const centerFacts = (one: Center) => [
  `${CENTER_NAMES[one.kind] === one.name ? '' : `${CENTER_NAMES[one.kind]}, `}${countWords(one.atOnce, 'child', 'children')} at once`,
  `${one.washable ? 'washable' : 'not washable'}, ${one.where}${one.note ? `. ${one.note}` : ''}`,
]

function addChild() {
  const value = newChild(
    newId(),
    'New child',
    `${Number(session.today.slice(0, 4)) - 3}-${session.today.slice(5, 7)}-01`,
    house.home?.open ?? {},
  )
  void house.commit('Add a child', [{ put: 'child', value }])
  void go({ tab: 'children', open: value.id })
}
function addAdult() {
  const value: Adult = {
    id: newId(),
    name: 'New adult',
    role: 'assistant',
    hours: {},
    exceptions: [],
    prepWindows: [],
    prepDays: [],
    note: '',
  }
  void house.commit('Add an adult', [{ put: 'adult', value }])
  void go({ tab: 'adults', open: value.id })
}
function addBook() {
  const value = newBook(newId(), 'New book')
  void house.commit('Add a book', [{ put: 'book', value }])
  void go({ tab: 'books', open: value.id })
}
function addCenter() {
  const value = newCenter(newId(), 'New center', 'art-table')
  void house.commit('Add a center', [{ put: 'center', value }])
  void go({ tab: 'centers', open: value.id })
}
/** What is kept in each tab that keeps things, and what one of them is called while none is chosen. */
const KIND_OF: Partial<Record<Tab, 'child' | 'adult' | 'center' | 'book'>> = {
  children: 'child',
  adults: 'adult',
  centers: 'center',
  books: 'book',
}
const ONE_OF: Partial<Record<Tab, string>> = {
  children: 'A child',
  adults: 'An adult',
  centers: 'A center',
  books: 'A book',
}
const asking = ref(false)
function remove() {
  const kind = KIND_OF[tab.value]
  if (!open.value || !kind) return
  asking.value = false
  void house.commit(`Remove ${open.value.name}`, [{ remove: kind, id: open.value.id }])
  void go({ tab: tab.value })
}
</script>

<template>
  <PlainFrame
    v-model:pocket-open="pocketOpen"
    title="Home"
    :lead="
      `${house.home?.name ?? ''}: ${countWords(house.children.length, 'child', 'children')}, ` +
      `${countWords(house.adults.length, 'adult')}, ${countWords(house.centers.length, 'center')}`
    "
    :pocket-title="open?.name"
  >
    <template #acts
      ><v-btn v-if="writer.stepsOf(null).undo" :title="`Undo: ${writer.stepsOf(null).undo}`" @click="writer.undo(null)"
        >Undo</v-btn
      ></template
    >
    <FlagNotes v-if="house.flags.length" :flags="house.flags" />
    <SegmentedTabs
      :model-value="tab"
      :tabs="TABS"
      label="Parts of the home"
      panel="home-panel"
      @update:model-value="(value) => go({ tab: value })"
    />
    <div id="home-panel" role="tabpanel" :aria-labelledby="`home-panel-${tab}`">
      <template v-if="tab === 'children'">
        <ul class="things">
          <ThingCard
            v-for="one in house.children"
            :key="one.id"
            :name="one.name"
            :mark="markOf(one.name, names)"
            :aside="one.born <= session.today ? ageWords(one, session.today) : 'not born yet'"
            :lines="[week(one.attendance), childFacts(one)]"
            :selected="openId === one.id"
            @open="go({ tab: 'children', open: one.id })"
          />
        </ul>
        <p v-if="!house.children.length" class="mute">No children yet.</p>
        <v-btn class="primary" @click="addChild">Add a child</v-btn>
      </template>
      <template v-else-if="tab === 'adults'">
        <ul class="things">
          <ThingCard
            v-for="one in house.adults"
            :key="one.id"
            :name="one.name"
            :aside="one.role"
            :lines="[week(one.hours), prepWords(one)]"
            :selected="openId === one.id"
            @open="go({ tab: 'adults', open: one.id })"
          />
        </ul>
        <p v-if="!house.adults.length" class="mute">No children yet.</p>
        <v-btn class="primary" @click="addAdult">Add an adult</v-btn>
      </template>
      <template v-else-if="tab === 'centers'">
        <ul class="things">
          <ThingCard
            v-for="one in house.centers"
            :key="one.id"
            :name="one.name"
            :lines="centerFacts(one)"
            :selected="openId === one.id"
            @open="go({ tab: 'centers', open: one.id })"
          />
        </ul>
        <p v-if="!house.centers.length" class="mute">No center yet.</p>
        <v-btn class="primary" @click="addCenter">Add a center</v-btn>
      </template>
      <BookShelf
        v-else-if="tab === 'books'"
        :open-id="openId"
        @open="(id) => go({ tab: 'books', open: id })"
        @add="addBook"
      />
      <RhythmForm v-else-if="tab === 'rhythm'" />
      <HomeSettings v-else-if="tab === 'settings'" />
      <AccountForm v-else />
    </div>
    <template v-if="ONE_OF[tab]" #pocket>
      <template v-if="open">
        <h2>{{ open.name }}</h2>
        <ChildForm v-if="child" :key="child.id" :child="child" /><AdultForm
          v-else-if="adult"
          :key="adult.id"
          :adult="adult"
        /><CenterForm v-else-if="center" :key="center.id" :center="center" /><BookForm
          v-else-if="book"
          :key="book.id"
          :book="book"
        />
        <div>
          <v-btn class="danger" @click="asking = true">Remove {{ open.name }}</v-btn>
        </div>
      </template>
      <div v-else class="stack">
        <h2>{{ ONE_OF[tab] }}</h2>
        <p class="mute">Choose one to see and change it. What you change is saved as you leave the field.</p>
      </div>
    </template>
  </PlainFrame>
  <v-dialog v-model="asking" aria-labelledby="remove-title">
    <div class="k-sheet">
      <h2 id="remove-title">Remove {{ open?.name }}?</h2>
      <p>Plans let go of {{ tab === 'centers' || tab === 'books' ? 'it' : 'them' }}. Undo brings it back.</p>
      <div class="inline">
        <v-btn class="primary" @click="remove">Remove</v-btn><v-btn @click="asking = false">Keep</v-btn>
      </div>
    </div>
  </v-dialog>
</template>

<style scoped>
.things {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 10px;
  margin-bottom: 14px;
}
</style>
