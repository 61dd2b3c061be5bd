<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref } from 'vue'
import { useRoute } from 'vue-router'
import { longWeekday } from '@core/format'
import { weekdayOf } from '@core/calendar'
import type { DaySheet } from '@core/sheet'
import { api, ApiError, type Tick } from '../api/client'
import { openLine } from '../api/liveLine'
import DaySheetView from '../parts/DaySheetView.vue'

/** What a helper sees through a link: one day, on a phone, without an account. */
const token = useRoute().params.token as string
const sheet = ref<DaySheet | null>(null)
const ticks = ref<Tick[]>([])
const problem = ref('')
const ended = ref(false)
const unsent = ref<{ placementId: string; step: string; done: boolean }[]>([])
let closeLine = () => {}
const RETRY_MS = 2000

async function load() {
  try {
    const answer = await api.shared(token)
    sheet.value = answer.sheet
    ticks.value = [...answer.ticks.filter((tick) => !unsent.value.some((one) => one.placementId === tick.placementId && one.step === tick.step)), ...unsent.value.map((one) => ({ ...one, at: '', by: 'you' }))]
    problem.value = ''
  } catch (error) {
    ended.value = error instanceof ApiError && error.status >= 400 && error.status < 500
    problem.value = error instanceof Error ? error.message : String(error)
    if (ended.value) {
      sheet.value = null
      closeLine()
    }
  }
}
async function send() {
  while (unsent.value.length) {
    try {
      await api.sharedTick(token, unsent.value[0])
      unsent.value = unsent.value.slice(1)
      problem.value = ''
    } catch (error) {
      if (error instanceof ApiError && error.status >= 400 && error.status < 500) {
        unsent.value = []
        await load()
        return
      }
      problem.value = 'No connection. Your ticks are kept here and sent when it is back.'
      setTimeout(() => void send(), RETRY_MS)
      return
    }
  }
}
function tick(placementId: string, step: string, done: boolean) {
  ticks.value = [...ticks.value.filter((one) => one.placementId !== placementId || one.step !== step), { placementId, step, done, at: new Date().toISOString(), by: 'you' }]
  const sending = unsent.value.length > 0
  unsent.value = [...unsent.value, { placementId, step, done }]
  if (!sending) void send()
}
onMounted(async () => {
  await load()
  if (ended.value) return
  closeLine = openLine(`/api/v1/shared/${encodeURIComponent(token)}/events`, { message: () => void load(), back: () => void load() })
})
onBeforeUnmount(() => closeLine())
</script>

<template>
  <main class="day">
    <template v-if="sheet">
      <header class="row"><h1>{{ longWeekday(weekdayOf(sheet.date)) }}, day {{ sheet.number }}</h1><span class="mute small">{{ sheet.home }}</span></header>
      <p class="mute">{{ sheet.unit }}{{ sheet.event ? `. Today: ${sheet.event}` : '' }}</p>
      <p v-if="problem" class="notice soft" role="status">{{ problem }}</p>
      <DaySheetView :sheet="sheet" :ticks="ticks" can-tick @tick="tick" />
    </template>
    <div v-else-if="problem" class="stack" role="alert"><h1>{{ ended ? 'This link does not open' : 'The day could not be loaded' }}</h1><p>{{ problem }}</p><div v-if="!ended"><v-btn class="primary" @click="load">Try again</v-btn></div></div>
    <p v-else class="mute" role="status">Opening the day</p>
  </main>
</template>

<style scoped>
.day { max-width: 760px; margin: 0 auto; padding: 14px 14px 40px; display: grid; gap: 10px; }
</style>
