<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { sayLike } from '@core/base'
import { provideHomeWords } from './composables/homeWords'
import { keepOfflineCopy } from './composables/offlineCopy'
import { useCalm } from './composables/useCalm'
import { useLook } from './composables/useLook'
import { useHotkeys } from './composables/useHotkeys'
import { useOnce } from './composables/useOnce'
import { usePathFigures } from './composables/usePathFigures'
import { savedWords } from './composables/savedWords'
import PathNav from './parts/frame/PathNav.vue'
import PhoneBar from './parts/frame/PhoneBar.vue'
import SaveState from './parts/shell/SaveState.vue'
import { STEPS, toTheDoor } from './router'
import { useHouse } from './stores/house'
import { useSession } from './stores/session'
import { useUnit } from './stores/unit'
import { useWriter } from './stores/writer'

/** Asked for by a key or a button: fetched once the page has come to rest, so that they are there without a network. */
const PARTS = {
  find: () => import('./parts/shell/FindAnything.vue'),
  keys: () => import('./parts/frame/KeysHelp.vue'),
  leave: () => import('./parts/shell/LeaveAsk.vue'),
}
const FindAnything = defineAsyncComponent(PARTS.find)
const KeysHelp = defineAsyncComponent(PARTS.keys)
const LeaveAsk = defineAsyncComponent(PARTS.leave)
const MixAlarm = defineAsyncComponent(() => import('./parts/shell/MixAlarm.vue'))

const { look, toggle } = useLook()
const route = useRoute()
const router = useRouter()
const session = useSession()
const house = useHouse()
const unit = useUnit()
const writer = useWriter()

/** Only one of them is there at a time: the path's figures are a second of work for a phone that does not show them. */
const narrow = useMediaQuery('screen and (max-width: 720px)')
const figures = usePathFigures(useCalm(() => !narrow.value && house.loaded && unit.unit !== undefined))
/** What was asked for is drawn, and the page has come to rest: only then is fetched what is not asked for yet. */
const rested = useCalm(() => house.loaded && (!route.params.unitId || unit.ready || unit.failed !== ''))
watch(rested, () => Object.values(PARTS).forEach((part) => void part().catch(() => undefined)))

provideHomeWords(
  computed(() => ({
    measures: house.home?.measures ?? 'metric',
    currency: house.home?.currency ?? 'USD',
    childNames: house.children.map((child) => child.name),
  })),
)

/** Times and dates are said as the home says them; where that changes, every view is drawn anew. */
const said = computed(() => `${house.home?.clock} ${house.home?.dates}`)
watch(said, () => sayLike(house.home ?? null), { immediate: true, flush: 'sync' })

const failed = ref('')
const helping = ref(false)
const finding = ref(false)
const leaving = ref(false)
const [helped, found, left] = [helping, finding, leaving].map((one) => useOnce(() => one.value))
const bare = computed(() => Boolean(route.meta.bare))
/** Until the way to the first view is open, the address says which it is. */
const isLight = computed(() => Boolean((route.name ? route : router.resolve(location.pathname)).meta.light))

/** Asked for once, whatever else changes before the answer is here. */
let opening: Promise<void> | null = null
const loadHouse = () => (opening ??= openHouse().finally(() => (opening = null)))
async function openHouse() {
  failed.value = ''
  try {
    // Asked for beside each other: each question takes a way to the server and back.
    const reading = house.loaded ? null : house.load(isLight.value).then(keepOfflineCopy)
    reading?.catch(() => undefined)
    await session.askOnce()
    if (session.signedIn) await reading
    openCurrent()
  } catch (error) {
    failed.value = error instanceof Error ? error.message : String(error)
  }
}
/** Where no unit was asked for, the path shows the one that runs, else the next one. */
function openCurrent() {
  if (unit.id || !house.opened || !session.signedIn) return
  const current = house.units.findLast((one) => one.start <= session.today) ?? house.units[0]
  if (current) void unit.open(current.id)
}
// It is known before the library is here.
watch(() => house.opened && session.signedIn, openCurrent)
watch(
  () => [session.signedIn, route.name],
  () => {
    if (!bare.value) void loadHouse()
  },
  { immediate: true },
)
// The address names the unit before the way to its view is open.
const named = router.resolve(location.pathname).params.unitId
if (typeof named === 'string' && named) void unit.open(named)
watch(
  () => route.params.unitId,
  (id) => {
    if (typeof id === 'string' && id) void unit.open(id)
  },
  { immediate: true },
)

// A session that was ended from elsewhere leaves nothing on the screen.
watch(
  () => session.signedIn,
  (now, before) => {
    if (before && !now && !bare.value) toTheDoor(route.fullPath)
  },
)

const unitScope = () => (route.params.unitId ? unit.id : null)
useHotkeys({
  '?': () => (helping.value = true),
  '/': () => (session.signedIn && !bare.value ? (finding.value = true) : false),
  u: () => (session.signedIn && !bare.value ? writer.undo(unitScope()) : false),
  U: () => (session.signedIn && !bare.value ? writer.redo(unitScope()) : false),
  ...Object.fromEntries(
    STEPS.map((step, i) => [
      String(i + 1),
      () => (unit.id && !bare.value ? router.push({ name: step.name, params: { unitId: unit.id } }) : false),
    ]),
  ),
})
</script>

<template>
  <v-app>
    <a v-if="!bare" class="skip no-print" href="#main">Skip to the page</a>
    <div v-if="bare" class="bare"><router-view /></div>
    <div v-else class="shell">
      <PathNav
        v-if="!narrow"
        class="no-print"
        :look="look"
        :unit="unit.unit"
        :figures="figures"
        :saved="savedWords(writer)"
        @look="toggle"
        @help="helping = true"
        @find="finding = true"
        @leave="leaving = true"
      />
      <div class="page">
        <main id="main" tabindex="-1">
          <div v-if="failed" class="centre stack" role="alert">
            <h1>The home could not be opened</h1>
            <p>{{ failed }}</p>
            <div><v-btn class="primary" @click="loadHouse">Try again</v-btn></div>
          </div>
          <p v-else-if="!(isLight ? house.opened : house.loaded)" class="centre mute" role="status">Opening the home</p>
          <router-view v-else :key="said" />
        </main>
      </div>
      <PhoneBar v-if="narrow" class="no-print" :look="look" :unit="unit.unit" @look="toggle" @leave="leaving = true" />
    </div>
    <SaveState v-if="!bare" class="no-print" />
    <MixAlarm v-if="!bare && rested" />
    <KeysHelp v-if="helped" v-model="helping" />
    <LeaveAsk v-if="left" v-model="leaving" />
    <FindAnything v-if="found && !bare" v-model="finding" />
  </v-app>
</template>

<style>
.shell {
  display: grid;
  grid-template-columns: 196px minmax(0, 1fr);
  height: 100dvh;
}
.page,
.page > main {
  min-width: 0;
  height: 100dvh;
  overflow: hidden;
}
.page > main:focus {
  outline: none;
}
.bare {
  min-height: 100dvh;
}
.centre {
  padding: 48px 24px;
  max-width: 560px;
}
.skip {
  position: absolute;
  left: -999px;
  top: 0;
  background: var(--paper);
  padding: 8px 12px;
  z-index: 3000;
}
.skip:focus {
  left: 8px;
  top: 8px;
}
.phone-only {
  display: none !important;
}
@media (max-width: 720px) {
  .shell {
    display: block;
    height: auto;
    padding-bottom: 66px;
  }
  .page,
  .page > main {
    height: auto;
    overflow: visible;
  }
  .wide-only {
    display: none !important;
  }
  .phone-only {
    display: flex !important;
  }
}
@media print {
  .shell {
    display: block;
    height: auto;
  }
  .page,
  .page > main {
    height: auto;
    overflow: visible;
  }
}
</style>
