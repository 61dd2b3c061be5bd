<script setup lang="ts">
import { downloadText } from '../composables/downloadText'
import { mdiContentCopy, mdiDownloadOutline, mdiPrinterOutline } from '@mdi/js'
import { useClipboard } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import { longDate } from '@core/base'
import { daySheet, daySheetMarkdown, sheetTitle } from '@core/papers'
import { api } from '../api/client'
import DaySheetView from '../parts/papers/DaySheetView.vue'
import MadeLink from '../parts/house/MadeLink.vue'
import ShareList from '../parts/lines/ShareList.vue'
import UnitFrame from '../parts/shell/UnitFrame.vue'
import { useShares } from '../composables/useShares'
import { useBoard } from '../stores/board'
import { useHouse } from '../stores/house'
import { useUnit } from '../stores/unit'

const store = useUnit()
const house = useHouse()
const board = useBoard()
const pocketOpen = ref(false)
const label = ref('')
const endsOn = ref('')
const { shares, made, problem, busy, create, revoke, state } = useShares(
  'day',
  (unitId, what) => api.share(unitId, { day: board.day, ...what }),
  '/day',
)
const { copy, copied } = useClipboard({ legacy: true })
const copiedWhat = ref('')

const day = computed(() => store.days.find((one) => one.number === board.day))
const sheet = computed(() =>
  store.snapshot && store.readings && day.value?.held
    ? daySheet(store.snapshot, store.readings.plan, day.value.number)
    : null,
)
const ofDay = computed(() => shares.value.filter((one) => one.day === board.day))
/** Special days ahead to which families are invited. */
const invitations = computed(() =>
  (store.unit?.events ?? []).filter(
    (event) =>
      event.inviteOn !== null &&
      (store.days.find((one) => one.number === event.day)?.date ?? '') >= (store.snapshot?.today ?? ''),
  ),
)
const helpers = computed(() => house.adults.filter((one) => one.role !== 'provider').map((one) => one.name))

watch(
  () => [board.day, day.value?.date],
  () => {
    made.value = null
    problem.value = ''
    const today = store.snapshot?.today ?? ''
    endsOn.value = day.value && day.value.date > today ? day.value.date : today
    if (!label.value) label.value = helpers.value[0] ?? 'A helper'
  },
  { immediate: true },
)

function copyText(what: string, text: string) {
  copiedWhat.value = what
  void copy(text)
}
function download() {
  if (!sheet.value) return
  downloadText(`${store.unit!.id}-day-${sheet.value.number}.md`, daySheetMarkdown(sheet.value), 'text/markdown')
}
/** Without what stands at the centers: then the fullest day fits one page. */
const short = ref(false)
async function print(onePage: boolean): Promise<void> {
  short.value = onePage
  await nextTick()
  window.print()
  short.value = false
}
</script>

<template>
  <UnitFrame v-model:pocket-open="pocketOpen" title="Hand over" pocket-title="Links">
    <template v-if="sheet">
      <div class="row top">
        <div>
          <h2>{{ sheetTitle(sheet) }}</h2>
          <p class="mute">
            {{ sheet.unit }}<template v-if="sheet.event">. Today: {{ sheet.event }}</template>
          </p>
        </div>
        <div class="inline no-print">
          <v-btn class="phone-links" @click="pocketOpen = true">Links</v-btn
          ><v-btn @click="print(false)"><v-icon :icon="mdiPrinterOutline" size="20" start />Print</v-btn
          ><v-btn title="Without what stands at the centers" @click="print(true)">Print one page</v-btn
          ><v-btn @click="copyText('sheet', daySheetMarkdown(sheet))"
            ><v-icon :icon="mdiContentCopy" size="18" start />{{
              copied && copiedWhat === 'sheet' ? 'Copied' : 'Copy as Markdown'
            }}</v-btn
          ><v-btn aria-label="Download as Markdown" @click="download"
            ><v-icon :icon="mdiDownloadOutline" size="20"
          /></v-btn>
        </div>
      </div>
      <DaySheetView :sheet="sheet" :ticks="store.ticks" :short="short" />
    </template>
    <p v-else-if="day" class="mute">{{ longDate(day.date) }} is skipped: {{ day.reason }}. Choose another day above.</p>

    <template #pocket>
      <div>
        <h2>Hand day {{ board.day }} to someone</h2>
        <p class="mute small">
          A link opens on a phone without an account. It shows this day only: first names, stage, allergies and
          cautions.
        </p>
      </div>
      <form class="stack" @submit.prevent="create({ label, endsOn })">
        <label class="rows"
          ><span class="k-label">Who it is for</span
          ><v-combobox v-model="label" :items="helpers" aria-label="Who it is for" maxlength="120"
        /></label>
        <label class="rows"
          ><span class="k-label">Until the end of</span
          ><v-text-field v-model="endsOn" type="date" aria-label="Until the end of"
        /></label>
        <div>
          <v-btn class="primary" type="submit" :disabled="busy || !label || !sheet">Make a link</v-btn>
          <p v-if="!label || !sheet" class="small mute">
            {{ sheet ? 'Write who it is for.' : 'This day is skipped.' }}
          </p>
        </div>
      </form>
      <p v-if="problem" class="notice soft" role="alert">{{ problem }}</p>
      <MadeLink v-if="made" :address="made.address" :label="made.label" />
      <section class="rows">
        <h3>Cards and sheets</h3>
        <router-link :to="{ name: 'print', params: { unitId: store.id! } }">What is printed for this unit</router-link>
      </section>
      <section v-for="event in invitations" :key="event.day" class="rows">
        <h3>{{ event.name }}, day {{ event.day }}</h3>
        <router-link :to="{ name: 'invitation', params: { unitId: store.id!, day: event.day } }"
          >Invitations to print<template v-if="event.inviteOn">, for day {{ event.inviteOn }}</template></router-link
        >
      </section>
      <ShareList title="Links to this day" :shares="ofDay" :state="state" @revoke="revoke" />
    </template>
  </UnitFrame>
</template>

<style scoped>
.top {
  margin-bottom: 14px;
  align-items: start;
  flex-wrap: wrap;
  max-width: 760px;
}
@media print {
  .top {
    margin-bottom: 5px;
  }
}
@media (min-width: 721px) {
  .phone-links {
    display: none;
  }
}
</style>
