<script setup lang="ts">
import { computed, defineAsyncComponent, onBeforeUnmount, onMounted, ref } from 'vue'
import { longWeekday, sayLike, weekdayOf } from '@core/base'
import type { DaySheet, Tick } from '@core/domain'
import { api, ApiError } from '../api/client'
import { newId } from '../api/newId'
import { openLine } from '../api/liveLine'
import DaySheetView from '../parts/papers/DaySheetView.vue'
import { KEPT } from '../composables/kept'
import { keptQueue, type Outcome } from '../stores/keptQueue'
import { tickOp, withTick } from '../stores/tickOps'

/** What a helper sees through a link: one day, on a phone, without an account. */
const props = defineProps<{ token: string }>()
const sheet = ref<DaySheet | null>(null)
const ticks = ref<Tick[]>([])
const problem = ref('')
const ended = ref(false)
/** Fetched once the day is there, so that it opens where there is no network. */
const fetchStage = () => import('../parts/stage/StageShow.vue')
const StageShow = defineAsyncComponent(fetchStage)
/** The circle fills the screen: it is led from here. */
const leads = ref(false)
const names = computed(() => sheet.value?.children.map((child) => child.name) ?? [])
let closeLine = () => {}

/**
 * A tick that waits to be sent: kept on this phone, over a reload and a restart too, under a name that does not give
 * the link away.
 */
interface Waits {
  id: string
  placementId: string
  step: string
  done: boolean
  madeAt: number
}
const queue = keptQueue<Waits>(KEPT.ticks(props.token), send)
const waits = (): Tick[] =>
  queue.waiting.value.map(({ placementId, step, done, madeAt }) => ({
    placementId,
    step,
    done,
    at: new Date(madeAt).toISOString(),
    by: 'you',
  }))

async function load() {
  try {
    const answer = await api.shared(props.token)
    sayLike(answer)
    sheet.value = answer.sheet
    ticks.value = waits().reduce(withTick, answer.ticks)
    problem.value = ''
    if (answer.sheet.circle) fetchStage().catch(() => undefined)
    void queue.flush()
  } catch (error) {
    ended.value = error instanceof ApiError && error.status >= 400 && error.status < 500
    problem.value = error instanceof Error ? error.message : String(error)
    if (ended.value) {
      sheet.value = null
      queue.set([])
      closeLine()
    }
  }
}
async function send({ id, madeAt, ...tick }: Waits): Promise<Outcome> {
  try {
    const { op: _, ...sent } = tickOp(tick, madeAt)
    await api.sharedTick(props.token, { id, ...sent })
    queue.set(queue.waiting.value.slice(1))
    problem.value = ''
    return 'next'
  } catch (error) {
    if (error instanceof ApiError && error.status >= 400 && error.status < 500) {
      queue.set(queue.waiting.value.slice(1))
      await load()
      // Said after the page is read anew: it shows what stands there now.
      if (!ended.value)
        problem.value = [
          'A check mark was not kept, because the plan has changed.',
          ...error.faults.map((fault) => fault.message),
        ].join(' ')
      return 'next'
    }
    problem.value = 'No connection. Your check marks are kept on this phone and sent when it is back.'
    return 'again'
  }
}
function tick(placementId: string, step: string, done: boolean) {
  const made: Waits = { id: newId(), placementId, step, done, madeAt: Date.now() }
  ticks.value = withTick(ticks.value, { placementId, step, done, at: new Date(made.madeAt).toISOString(), by: 'you' })
  void queue.add(made)
}
onMounted(async () => {
  await load()
  if (ended.value) return
  closeLine = openLine(`/api/v1/shared/${encodeURIComponent(props.token)}/events`, {
    message: () => void load(),
    back: () => void load(),
    refused: () => void load(),
  })
})
onBeforeUnmount(() => {
  closeLine()
  queue.stop()
})
</script>

<template>
  <main class="day">
    <template v-if="sheet">
      <header class="row">
        <h1>{{ longWeekday(weekdayOf(sheet.date)) }}, day {{ sheet.number }}</h1>
        <span class="mute small">{{ sheet.home }}</span>
      </header>
      <p class="mute">{{ sheet.unit }}{{ sheet.event ? `. Today: ${sheet.event}` : '' }}</p>
      <p v-if="problem" class="notice soft" role="status">{{ problem }}</p>
      <DaySheetView :sheet="sheet" :ticks="ticks" can-tick can-lead @tick="tick" @lead="leads = true" />
      <div v-if="leads && sheet.circle" class="stage" role="region" aria-label="Circle on stage">
        <StageShow :script="sheet.circle" :names="names" @over="leads = false" @leave="leads = false" />
      </div>
    </template>
    <div v-else-if="problem" class="stack" role="alert">
      <h1>{{ ended ? 'This link does not open' : 'The day could not be loaded' }}</h1>
      <p>{{ problem }}</p>
      <div v-if="!ended"><button type="button" class="btn primary" @click="load">Try again</button></div>
    </div>
    <p v-else class="mute" role="status">Opening the day</p>
  </main>
</template>

<style scoped>
.day {
  max-width: 760px;
  margin: 0 auto;
  padding: 14px 14px 40px;
  display: grid;
  gap: 10px;
}
.stage {
  position: fixed;
  inset: 0;
  background: var(--paper);
}
</style>
