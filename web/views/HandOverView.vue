<script setup lang="ts">
import { mdiContentCopy, mdiDownloadOutline, mdiPrinterOutline } from '@mdi/js'
import { useClipboard } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { longDate, mediumDate } from '@core/format'
import { daySheet, daySheetMarkdown, sheetTitle } from '@core/sheet'
import { api, ApiError, type Share } from '../api/client'
import DaySheetView from '../parts/DaySheetView.vue'
import UnitFrame from '../parts/UnitFrame.vue'
import { useBoard } from '../stores/board'
import { useHouse } from '../stores/house'
import { useUnit } from '../stores/unit'

const store = useUnit()
const house = useHouse()
const board = useBoard()
const pocketOpen = ref(false)
const shares = ref<Share[]>([])
const made = ref<{ address: string; label: string } | null>(null)
const label = ref('')
const endsOn = ref('')
const problem = ref('')
const busy = ref(false)
const { copy, copied } = useClipboard({ legacy: true })
const copiedWhat = ref('')

const day = computed(() => store.days.find((one) => one.number === board.day))
const sheet = computed(() => (store.snapshot && store.readings && day.value?.held ? daySheet(store.snapshot, store.readings.plan, day.value.number) : null))
const ofDay = computed(() => shares.value.filter((one) => one.day === board.day))
/** Special days ahead to which families are invited. */
const invitations = computed(() => (store.unit?.events ?? []).filter((event) => event.inviteOn !== null && (store.days.find((one) => one.number === event.day)?.date ?? '') >= (store.snapshot?.today ?? '')))
const helpers = computed(() => house.adults.filter((one) => one.role !== 'provider').map((one) => one.name))

async function load() {
  if (!store.id) return
  try {
    shares.value = (await api.shares(store.id)).shares
  } catch (error) {
    problem.value = error instanceof Error ? error.message : String(error)
  }
}
watch(() => [store.id, store.sharesChanged], load, { immediate: true })
watch(() => [board.day, day.value?.date], () => {
  made.value = null
  problem.value = ''
  const today = store.snapshot?.today ?? ''
  endsOn.value = day.value && day.value.date > today ? day.value.date : today
  if (!label.value) label.value = helpers.value[0] ?? ''
}, { immediate: true })

async function makeLink() {
  busy.value = true
  problem.value = ''
  try {
    const share = await api.share(store.id!, { day: board.day, label: label.value, endsOn: endsOn.value })
    made.value = { address: `${location.origin}/day/${share.token}`, label: share.label }
    await load()
  } catch (error) {
    problem.value = error instanceof ApiError ? [error.message, ...error.faults.map((fault) => `${fault.field === 'label' ? 'For whom' : fault.field === 'endsOn' ? 'Until' : fault.field}: ${fault.message}`)].join(' ') : String(error)
  } finally {
    busy.value = false
  }
}
async function revoke(share: Share) {
  await api.revoke(store.id!, share.id).catch((error: Error) => (problem.value = error.message))
  await load()
}
function copyText(what: string, text: string) {
  copiedWhat.value = what
  void copy(text)
}
function download() {
  if (!sheet.value) return
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([daySheetMarkdown(sheet.value)], { type: 'text/markdown' }))
  link.download = `${store.unit!.id}-day-${sheet.value.number}.md`
  link.click()
  URL.revokeObjectURL(link.href)
}
const state = (share: Share) => (share.revokedAt ? 'withdrawn' : share.endsOn < (store.snapshot?.today ?? '') ? 'ended' : share.openedAt ? `opened, until ${mediumDate(share.endsOn)}` : `not opened yet, until ${mediumDate(share.endsOn)}`)
const print = () => window.print()
</script>

<template>
  <UnitFrame v-model:pocket-open="pocketOpen" title="Hand over" pocket-title="Links">
    <template v-if="sheet">
      <div class="row top"><div><h2>{{ sheetTitle(sheet) }}</h2><p class="mute">{{ sheet.unit }}<template v-if="sheet.event">. Today: {{ sheet.event }}</template></p></div>
        <div class="inline no-print"><v-btn class="phone-links" @click="pocketOpen = true">Links</v-btn><v-btn @click="print"><v-icon :icon="mdiPrinterOutline" size="20" start />Print</v-btn><v-btn @click="copyText('sheet', daySheetMarkdown(sheet))"><v-icon :icon="mdiContentCopy" size="18" start />{{ copied && copiedWhat === 'sheet' ? 'Copied' : 'Copy as Markdown' }}</v-btn><v-btn aria-label="Download as Markdown" @click="download"><v-icon :icon="mdiDownloadOutline" size="20" /></v-btn></div>
      </div>
      <DaySheetView :sheet="sheet" :ticks="store.ticks" />
    </template>
    <p v-else-if="day" class="mute">{{ longDate(day.date) }} is dropped: {{ day.reason }}. Choose another day above.</p>

    <template #pocket>
      <div><h2>Hand day {{ board.day }} to someone</h2><p class="mute small">A link opens on a phone without an account. It shows this day only: first names, stage, allergies and cautions.</p></div>
      <form class="stack" @submit.prevent="makeLink">
        <label class="rows"><span class="k-label">For whom</span><v-combobox v-model="label" :items="helpers" aria-label="For whom" maxlength="120" /></label>
        <label class="rows"><span class="k-label">Until the end of</span><v-text-field v-model="endsOn" type="date" aria-label="Until the end of" /></label>
        <div><v-btn class="primary" type="submit" :disabled="busy || !label || !sheet">Make a link</v-btn></div>
      </form>
      <p v-if="problem" class="notice soft" role="alert">{{ problem }}</p>
      <div v-if="made" class="notice soft stack" role="status">
        <p>The link for {{ made.label }}. It is shown only now: copy it or send it.</p>
        <output class="address">{{ made.address }}</output>
        <div class="inline"><v-btn class="primary" @click="copyText('link', made.address)">{{ copied && copiedWhat === 'link' ? 'Copied' : 'Copy the link' }}</v-btn><a :href="made.address" target="_blank" rel="noopener">Open it</a></div>
      </div>
      <section v-for="event in invitations" :key="event.day" class="rows"><h3>{{ event.name }}, day {{ event.day }}</h3><router-link :to="{ name: 'invitation', params: { unitId: store.id!, day: event.day } }">Invitations to print<template v-if="event.inviteOn">, for day {{ event.inviteOn }}</template></router-link></section>
      <section class="rows"><h3>Links to this day</h3>
        <p v-if="!ofDay.length" class="mute small">None yet.</p>
        <div v-for="share in ofDay" :key="share.id" class="row share"><span><b>{{ share.label }}</b> <span class="small mute">{{ state(share) }}</span></span><button v-if="!share.revokedAt" type="button" class="why" :aria-label="`Withdraw the link for ${share.label}`" @click="revoke(share)">withdraw</button></div>
      </section>
    </template>
  </UnitFrame>
</template>

<style scoped>
.top { margin-bottom: 14px; align-items: start; flex-wrap: wrap; max-width: 760px; }
.address { display: block; overflow-wrap: anywhere; font-size: 14px; background: var(--paper); border: 1px solid var(--edge); padding: 6px 8px; border-radius: 4px; }
.share { border-top: 1px solid var(--edge); padding: 4px 0; }
.share .small { display: block; }
@media (min-width: 721px) { .phone-links { display: none; } }
</style>
