<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { useRoute, useRouter, type RouteLocationRaw } from 'vue-router'
import { ageWords, type Flag } from '@core/plan'
import { newCenter, newChild, type Adult, type Child, type Weekday } from '@core/domain'
import { clockWords, allergenName, CENTER_NAMES, countWords, listWords, weekdaysWords } from '@core/base'
import { markOf } from '@core/papers'
import { newId } from '../api/newId'
import AccountForm from '../parts/house/AccountForm.vue'
import AdultForm from '../parts/house/AdultForm.vue'
import CenterForm from '../parts/house/CenterForm.vue'
import ChildForm from '../parts/house/ChildForm.vue'
import HomeSettings from '../parts/house/HomeSettings.vue'
import PlainFrame from '../parts/frame/PlainFrame.vue'
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
  { id: 'children', title: 'Children' },
  { id: 'adults', title: 'Adults' },
  { id: 'centers', title: 'Centers' },
  { id: 'rhythm', title: 'Rhythm' },
  { id: 'settings', title: 'Settings' },
  { id: 'account', title: 'Account' },
] as const
type Tab = (typeof TABS)[number]['id']
const tab = computed<Tab>(() => TABS.find((one) => one.id === route.query.tab)?.id ?? 'children')
const openId = computed(() => (typeof route.query.open === 'string' ? route.query.open : null))
const pocketOpen = ref(false)
// On a phone the tabs are wider than the screen: the open one is in sight.
watch(
  tab,
  async (id) => {
    await nextTick()
    document.getElementById(`tab-${id}`)?.scrollIntoView({ block: 'nearest', inline: 'nearest' })
  },
  { immediate: true },
)
const go = (query: Record<string, string>) => router.replace({ name: 'home', query })
watch(openId, (id) => (pocketOpen.value = id !== null), { immediate: true })

const child = computed(() => house.children.find((one) => one.id === openId.value))
const adult = computed(() => house.adults.find((one) => one.id === openId.value))
const center = computed(() => house.centers.find((one) => one.id === openId.value))
const open = computed(() =>
  tab.value === 'children'
    ? child.value
    : tab.value === 'adults'
      ? adult.value
      : tab.value === 'centers'
        ? center.value
        : undefined,
)
const names = computed(() => house.children.map((one) => one.name))
const week = (hours: Child['attendance']) => weekdaysWords(Object.keys(hours) as Weekday[]) || 'no day yet'
const childFacts = (one: Child) =>
  [
    one.mouths && 'mouths',
    one.allergens.length && `allergy: ${listWords(one.allergens.map(allergenName))}`,
    one.naps.length && `sleeps ${listWords(one.naps.map((nap) => `${clockWords(nap.from)} to ${clockWords(nap.to)}`))}`,
  ]
    .filter(Boolean)
    .join(' · ')

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
    note: '',
  }
  void house.commit('Add an adult', [{ put: 'adult', value }])
  void go({ tab: 'adults', open: value.id })
}
function addCenter() {
  const value = newCenter(newId(), 'New center', 'art-table')
  void house.commit('Add a center', [{ put: 'center', value }])
  void go({ tab: 'centers', open: value.id })
}
/** Where a flag is mended. */
const placeOf = (flag: Flag): RouteLocationRaw =>
  flag.kind === 'unit'
    ? { name: 'spark', params: { unitId: flag.id } }
    : {
        name: 'home',
        query:
          flag.kind === 'home'
            ? { tab: flag.field.startsWith('rhythm') ? 'rhythm' : 'settings' }
            : { tab: flag.kind === 'child' ? 'children' : flag.kind === 'adult' ? 'adults' : 'centers', open: flag.id },
      }
const asking = ref(false)
function remove() {
  const kind = tab.value === 'children' ? 'child' : tab.value === 'adults' ? 'adult' : 'center'
  if (!open.value) return
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
    <section v-if="house.flags.length" class="notice soft flags" aria-label="To put right">
      <b>{{ countWords(house.flags.length, 'thing') }} to put right</b>
      <ul>
        <li v-for="flag in house.flags.slice(0, 6)" :key="`${flag.kind} ${flag.id} ${flag.field}`">
          <router-link :to="placeOf(flag)">{{ flag.name }}</router-link>: {{ flag.message }}
        </li>
      </ul>
      <p v-if="house.flags.length > 6" class="small mute">and {{ house.flags.length - 6 }} more</p>
    </section>
    <div class="tabs" role="tablist" aria-label="Parts of the home">
      <button
        v-for="one in TABS"
        :id="`tab-${one.id}`"
        :key="one.id"
        type="button"
        role="tab"
        class="tab"
        :class="{ on: tab === one.id }"
        :aria-selected="tab === one.id"
        aria-controls="home-panel"
        :tabindex="tab === one.id ? 0 : -1"
        @click="go({ tab: one.id })"
        @keydown.right.prevent="go({ tab: TABS[(TABS.indexOf(one) + 1) % TABS.length].id })"
        @keydown.left.prevent="go({ tab: TABS[(TABS.indexOf(one) + TABS.length - 1) % TABS.length].id })"
      >
        {{ one.title }}
      </button>
    </div>
    <div id="home-panel" role="tabpanel" :aria-labelledby="`tab-${tab}`">
      <template v-if="tab === 'children'">
        <ul class="things">
          <li
            v-for="one in house.children"
            :key="one.id"
            class="cubby thing"
            :class="{ 'is-selected': openId === one.id }"
          >
            <button type="button" class="inner" @click="go({ tab: 'children', open: one.id })">
              <span class="mark large takes-part" aria-hidden="true">{{ markOf(one.name, names) }}</span><span
                ><b class="k-label big">{{ one.name }}</b
                ><span class="mute"
                  >&nbsp;{{ one.born <= session.today ? ageWords(one, session.today) : 'not born yet' }}</span
                ><span class="block small">{{ week(one.attendance) }}</span
                ><span class="block small mute">{{ childFacts(one) }}</span></span
              >
            </button>
          </li>
        </ul>
        <p v-if="!house.children.length" class="mute">Nobody is written down yet.</p>
        <v-btn class="primary" @click="addChild">Add a child</v-btn>
      </template>
      <template v-else-if="tab === 'adults'">
        <ul class="things">
          <li
            v-for="one in house.adults"
            :key="one.id"
            class="cubby thing"
            :class="{ 'is-selected': openId === one.id }"
          >
            <button type="button" class="inner single" @click="go({ tab: 'adults', open: one.id })">
              <span
                ><b class="k-label big">{{ one.name }}</b
                ><span class="mute">&nbsp;{{ one.role }}</span
                ><span class="block small">{{ week(one.hours) }}</span
                ><span class="block small mute">{{
                  one.prepWindows.length
                    ? `${countWords(one.prepWindows.length, 'prep window')} a week`
                    : 'no prep windows'
                }}</span></span
              >
            </button>
          </li>
        </ul>
        <p v-if="!house.adults.length" class="mute">Nobody is written down yet.</p>
        <v-btn class="primary" @click="addAdult">Add an adult</v-btn>
      </template>
      <template v-else-if="tab === 'centers'">
        <ul class="things">
          <li
            v-for="one in house.centers"
            :key="one.id"
            class="cubby thing"
            :class="{ 'is-selected': openId === one.id }"
          >
            <button type="button" class="inner single" @click="go({ tab: 'centers', open: one.id })">
              <span
                ><b class="k-label big">{{ one.name }}</b
                ><span class="block small"
                  >{{ CENTER_NAMES[one.kind] === one.name ? '' : `${CENTER_NAMES[one.kind]}, `
                  }}{{ countWords(one.atOnce, 'child', 'children') }} at once</span
                ><span class="block small mute"
                  >{{ one.washable ? 'washable' : 'not washable' }}, {{ one.where
                  }}{{ one.note ? `. ${one.note}` : '' }}</span
                ></span
              >
            </button>
          </li>
        </ul>
        <p v-if="!house.centers.length" class="mute">No center yet.</p>
        <v-btn class="primary" @click="addCenter">Add a center</v-btn>
      </template>
      <RhythmForm v-else-if="tab === 'rhythm'" />
      <HomeSettings v-else-if="tab === 'settings'" />
      <AccountForm v-else />
    </div>
    <template v-if="tab === 'children' || tab === 'adults' || tab === 'centers'" #pocket>
      <template v-if="open">
        <h2>{{ open.name }}</h2>
        <ChildForm v-if="child" :key="child.id" :child="child" /><AdultForm
          v-else-if="adult"
          :key="adult.id"
          :adult="adult"
        /><CenterForm v-else-if="center" :key="center.id" :center="center" />
        <div>
          <v-btn class="danger" @click="asking = true">Remove {{ open.name }}</v-btn>
        </div>
      </template>
      <div v-else class="stack">
        <h2>{{ tab === 'children' ? 'A child' : tab === 'adults' ? 'An adult' : 'A center' }}</h2>
        <p class="mute">Choose one to see and change it. What you change is saved as you leave the field.</p>
      </div>
    </template>
  </PlainFrame>
  <v-dialog v-model="asking" aria-labelledby="remove-title">
    <div class="k-sheet">
      <h2 id="remove-title">Remove {{ open?.name }}?</h2>
      <p>The plans let go of {{ tab === 'centers' ? 'it' : 'them' }}. Undo brings it back.</p>
      <div class="inline">
        <v-btn class="primary" @click="remove">Remove</v-btn><v-btn @click="asking = false">Keep</v-btn>
      </div>
    </div>
  </v-dialog>
</template>

<style scoped>
.flags {
  margin-bottom: 12px;
  display: grid;
  gap: 2px;
}
.tabs {
  display: flex;
  gap: 4px;
  border-bottom: 1px solid var(--edge-strong);
  margin-bottom: 16px;
  overflow-x: auto;
}
.tab {
  border: 1px solid transparent;
  border-bottom: 0;
  border-radius: 5px 5px 0 0;
  background: none;
  font: inherit;
  font-weight: 650;
  color: var(--mute);
  padding: 9px 16px;
  cursor: pointer;
  min-height: 44px;
}
.tab.on {
  background: var(--paper);
  border-color: var(--edge-strong);
  color: var(--ink);
}
.tab:focus-visible {
  outline-offset: -3px;
}
.things {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 10px;
  margin-bottom: 14px;
}
.inner {
  display: grid;
  grid-template-columns: 34px 1fr;
  gap: 10px;
  width: 100%;
  height: 100%;
  text-align: left;
  background: none;
  border: 0;
  font: inherit;
  color: inherit;
  padding: 10px 12px;
  cursor: pointer;
  line-height: 1.3;
  align-items: start;
}
.inner.single {
  grid-template-columns: 1fr;
}
.big {
  font-size: 17px;
}
.block {
  display: block;
}
</style>
