<script setup lang="ts">
import { onKeyStroke, useNow, useWakeLock } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { numberWord } from '@core/ideas'
import { fingersFor, versesFor, type Verse } from '@core/circle'
import { markOf } from '@core/papers'
import { pictureOf } from '@core/library/pictures'
import ThingPicture from '../parts/lines/ThingPicture.vue'
import { useBoard } from '../stores/board'
import { useCircle } from '../stores/circle'
import { useHouse } from '../stores/house'
import { useUnit } from '../stores/unit'

/** The circle as it is led: one verse at a time, large enough for three meters, on by a tap, a key or a pedal. */
const unit = useUnit()
const house = useHouse()
const board = useBoard()
const circle = useCircle()
const route = useRoute()
const router = useRouter()
watch(
  () => [route.params.day, unit.ready] as const,
  () => (board.day = Number(route.params.day)),
  { immediate: true },
)

interface Step {
  partId: string
  title: string
  verse: Verse | null
  at: number
  of: number
}
/** How often a verse is said once more today, by its part and place. */
const more = ref<Record<string, number>>({})
const keyOf = (partId: string, i: number) => `${partId} ${i}`
const steps = computed<Step[]>(() =>
  circle.parts.flatMap((one): Step[] => {
    const base = { partId: one.part.id, title: one.title }
    const verses = one.piece ? versesFor(one.part, one.piece, circle.objects) : []
    if (!verses.length) return [{ ...base, verse: null, at: 1, of: 1 }]
    return verses.flatMap((verse, i) =>
      Array.from({ length: 1 + (more.value[keyOf(one.part.id, i)] ?? 0) }, () => ({
        ...base,
        verse,
        at: i + 1,
        of: verses.length,
      })),
    )
  }),
)
const at = ref(0)
const step = computed(() => steps.value[Math.min(at.value, steps.value.length - 1)] as Step | undefined)
const part = computed(() => circle.parts.find((one) => one.part.id === step.value?.partId))
const after = computed(() => {
  const now = circle.parts.findIndex((one) => one.part.id === step.value?.partId)
  return (circle.parts[now + 1] as (typeof circle.parts)[number] | undefined)?.title ?? ''
})
/** When each part was begun, and how long it took: what the log says of it. */
const begun = ref(Date.now())
const took = ref<Record<string, number>>({})
const now = useNow({ interval: 1000 })
const started = Date.now()
watch(
  () => step.value?.partId,
  (_, was) => {
    if (was) took.value[was] = (took.value[was] ?? 0) + (Date.now() - begun.value) / 60_000
    begun.value = Date.now()
  },
)
/** Since when they sit without a break; null while they are up. */
const satSince = ref<number | null>(null)
watch(
  () => part.value?.item.seated ?? false,
  (sits) => (satSince.value = sits ? (satSince.value ?? Date.now()) : null),
  { immediate: true },
)
const satWords = computed(() => {
  if (satSince.value === null || circle.sitting === null) return ''
  const sat = Math.max(0, Math.floor((now.value.getTime() - satSince.value) / 60_000))
  return `sitting ${sat} min, the youngest sit about ${circle.sitting}`
})
const tooLong = computed(
  () =>
    satSince.value !== null &&
    circle.sitting !== null &&
    now.value.getTime() - satSince.value > circle.sitting * 60_000,
)
const done = ref(false)
/** The count is asked for before it is shown. */
const asked = ref(true)
watch(step, (to, from) => {
  const counted = to?.verse?.count ?? null
  asked.value = !(from?.partId === to?.partId && from?.verse?.ask && counted !== null && counted !== from.verse.count)
})
function next(): void {
  if (!asked.value) {
    asked.value = true
    return
  }
  if (at.value < steps.value.length - 1) at.value++
  else end()
}
const back = () => {
  if (done.value) done.value = false
  else if (at.value > 0) at.value--
}
function skip(): void {
  const from = steps.value.findIndex((one, i) => i > at.value && one.partId !== step.value?.partId)
  if (from < 0) end()
  else at.value = from
}
function onceMore(): void {
  const now = step.value
  if (!now) return
  const key = keyOf(now.partId, now.at - 1)
  more.value = { ...more.value, [key]: (more.value[key] ?? 0) + 1 }
  at.value++
}
function end(): void {
  const id = step.value?.partId
  if (id) took.value[id] = (took.value[id] ?? 0) + (Date.now() - begun.value) / 60_000
  begun.value = Date.now()
  done.value = true
}
/** Space and Enter press what they stand on; arrows and the keys of a pedal go on wherever they stand. */
onKeyStroke(['ArrowRight', 'PageDown', ' ', 'Enter'], (event) => {
  const presses = event.key === ' ' || event.key === 'Enter'
  const own = presses ? 'button, a, input, [role=combobox]' : 'input, [role=combobox]'
  if (done.value || (event.target as HTMLElement).closest(own)) return
  event.preventDefault()
  next()
})
onKeyStroke(['ArrowLeft', 'PageUp', 'Backspace'], (event) => {
  if ((event.target as HTMLElement).closest('input')) return
  event.preventDefault()
  back()
})
onKeyStroke('Escape', () => leave())
const leave = () => void router.push({ name: 'lay-out', params: { unitId: unit.id! }, query: { view: 'circle' } })

const awake = useWakeLock()
if (awake.isSupported.value) void awake.request('screen').catch(() => undefined)
onBeforeUnmount(() => void awake.release().catch(() => undefined))

const count = computed(() => step.value?.verse?.count ?? null)
const highest = computed(() =>
  Math.max(0, ...steps.value.filter((one) => one.partId === step.value?.partId).map((one) => one.verse?.count ?? 0)),
)
const thing = computed(() => {
  const name = part.value?.part.thing || circle.objects.find((one) => one.form === 'thing')?.name || ''
  const object = circle.objects.find((one) => one.name === name)
  return object?.picture || pictureOf(name) || ''
})
const fingers = computed(() => (highest.value && fingersFor(highest.value) !== 'props' ? (count.value ?? 0) : null))
/** The first turn opens the circle; the others come where something is counted, one after the other. */
const turn = computed(() => {
  const now = step.value
  if (!now || now.at !== 1) return null
  const all = circle.turns.filter((one) => one.next)
  if (at.value === 0) return all[0] ?? null
  const counting = circle.parts.filter((one) => one.piece && one.piece.form !== 'text')
  const nth = counting.findIndex((one) => one.part.id === now.partId)
  return nth < 0 ? null : (all[1 + nth] ?? null)
})
const names = computed(() => house.children.map((child) => child.name))
const elapsed = computed(() => Math.max(0, (now.value.getTime() - started) / 60_000))
const clock = computed(() => now.value.toLocaleTimeString('en', { hour: 'numeric', minute: '2-digit' }))
const share = computed(() => Math.min(100, (100 * elapsed.value) / Math.max(1, circle.window)))
const again = ref<Record<string, boolean>>({})
const turnsHad = ref<Record<string, string>>({})
watch(done, (is) => {
  if (is)
    turnsHad.value = Object.fromEntries(
      circle.turns.flatMap((one) => (one.next ? [[one.what, one.next.child.id]] : [])),
    )
})
async function write(): Promise<void> {
  const rounded = (minutes: number) => Math.min(120, Math.max(0.5, Math.round(minutes * 2) / 2))
  await circle.writeLog({
    date: circle.day!.date,
    unit: unit.unit?.name ?? '',
    parts: circle.parts
      .filter((one) => took.value[one.part.id])
      .map((one) => ({
        pieceId: one.piece?.id ?? null,
        title: one.title,
        kind: one.item.kind,
        minutes: rounded(took.value[one.part.id]),
        again: again.value[one.part.id] ?? false,
      })),
    turns: Object.entries(turnsHad.value)
      .filter(([, childId]) => childId)
      .map(([what, childId]) => ({ what, childId })),
  })
  leave()
}
</script>

<template>
  <div class="stage">
    <h1 class="sr-only">Circle on stage</h1>
    <p v-if="!unit.ready" class="mute" role="status">Opening the circle</p>
    <div v-else-if="!steps.length" class="stack plain">
      <p>There is nothing in this circle yet.</p>
      <div><v-btn @click="leave">Put it together</v-btn></div>
    </div>
    <section v-else-if="done" class="stack plain" aria-label="Afterward">
      <h2>How it went</h2>
      <p class="mute">One tap each: it is remembered for the next circle.</p>
      <ul class="rows">
        <li v-for="one in circle.parts.filter((part) => took[part.part.id])" :key="one.part.id" class="sung">
          <span>{{ one.title }}</span>
          <v-checkbox v-model="again[one.part.id]" label="Again, please" hide-details density="compact" />
        </li>
      </ul>
      <div v-for="one in circle.turns" :key="one.what" class="sung">
        <span>{{ one.what }}</span>
        <v-select
          v-model="turnsHad[one.what]"
          :items="[
            { title: 'nobody', value: '' },
            ...one.order.map((child) => ({ title: child.child.name, value: child.child.id })),
          ]"
          :aria-label="one.what"
        />
      </div>
      <div class="inline">
        <v-btn class="primary" @click="write">Write it down</v-btn>
        <v-btn @click="back">Back to the circle</v-btn>
        <v-btn @click="leave">Leave without</v-btn>
      </div>
    </section>
    <template v-else-if="step">
      <div class="scene" :class="{ counted: count !== null }" @click="next">
        <div v-if="count !== null" class="count">
          <template v-if="asked">
            <span class="numeral">{{ count }}</span>
            <span class="word">{{ numberWord(count) }}</span>
            <span v-if="thing && highest <= 12" class="pictures" aria-hidden="true">
              <ThingPicture v-for="i in highest" :key="i" :name="thing" :size="56" :class="{ gone: i > count }" />
            </span>
            <svg v-if="fingers !== null" class="hand" viewBox="0 0 150 110" aria-hidden="true">
              <rect
                v-for="i in highest > 5 ? 10 : 5"
                :key="i"
                :x="6 + (i - 1) * (highest > 5 ? 14 : 27)"
                :y="[36, 14, 6, 14, 34][(i - 1) % 5]"
                :width="highest > 5 ? 11 : 20"
                :height="66 - [36, 14, 6, 14, 34][(i - 1) % 5] + 20"
                rx="8"
                :class="{ up: i <= fingers! }"
              />
            </svg>
          </template>
        </div>
        <div class="words">
          <p class="mute title">
            {{ step.title }}<template v-if="step.of > 1">, verse {{ step.at }} of {{ step.of }}</template>
          </p>
          <template v-if="!asked">
            <p class="verse ask">How many now?</p>
            <p class="moves">Wait for their answer, then go on.</p>
          </template>
          <template v-else>
            <p v-for="(words, i) in step.verse?.lines ?? [step.title]" :key="i" class="verse">{{ words }}</p>
            <p v-if="step.verse?.moves" class="moves">{{ step.verse.moves }}</p>
            <p v-if="(step.verse?.ask || turn?.next) && step.verse" class="prompt">
              <template v-if="turn?.next">
                <span class="mark large takes-part inline-mark" aria-hidden="true">{{
                  markOf(turn.next.child.name, names)
                }}</span>
                {{ turn.next.child.name }} {{ turn.what.toLowerCase() }}.
              </template>
              <b v-if="step.verse.ask">{{ step.verse.ask }}</b>
            </p>
          </template>
        </div>
      </div>
      <div class="bar" role="progressbar" aria-label="Time of the circle" :aria-valuenow="Math.round(share)">
        <span :style="{ width: `${share}%` }" />
      </div>
      <footer class="foot">
        <div class="inline">
          <v-btn :disabled="at === 0" @click="back">Back</v-btn>
          <v-btn @click="onceMore">Once more</v-btn>
          <v-btn @click="skip">Skip</v-btn>
        </div>
        <div class="clock-now">
          <b>{{ clock }}</b><span v-if="satWords" class="small" :class="tooLong ? 'ember' : 'mute'">{{ satWords }}</span
          ><span class="small mute">{{ after ? `next: ${after}` : 'the last one' }}</span>
        </div>
        <div class="inline">
          <v-btn @click="end">End here</v-btn>
          <v-btn class="primary" @click="next">Next</v-btn>
        </div>
      </footer>
    </template>
  </div>
</template>

<style scoped>
.stage {
  position: fixed;
  inset: 0;
  z-index: 1500;
  background: var(--paper);
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto auto;
}
.plain {
  padding: 32px;
  max-width: 640px;
  overflow: auto;
}
.scene {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 32px;
  padding: clamp(16px, 4vw, 48px);
  overflow: auto;
  align-content: start;
  cursor: pointer;
}
.counted {
  grid-template-columns: minmax(180px, 28vw) minmax(0, 1fr);
}
.count {
  display: grid;
  justify-items: center;
  align-content: start;
  gap: 12px;
}
.numeral {
  font-size: clamp(96px, 19vw, 240px);
  line-height: 0.9;
  font-weight: 800;
  color: var(--spruce);
}
.word {
  font-size: clamp(26px, 4vw, 46px);
  font-weight: 700;
}
.pictures {
  display: flex;
  flex-wrap: wrap;
  justify-content: center;
  gap: 6px;
}
.gone {
  filter: grayscale(1);
  opacity: 0.25;
}
.hand {
  width: min(220px, 100%);
}
.hand rect {
  fill: none;
  stroke: var(--edge-strong);
  stroke-width: 2;
}
.hand rect.up {
  fill: var(--spruce-tint);
  stroke: var(--spruce);
}
.ask {
  font-size: 22px;
}
.title {
  font-size: clamp(16px, 2.2vw, 24px);
  margin-bottom: 14px;
}
.verse {
  font-size: clamp(26px, 3.9vw, 46px);
  font-weight: 700;
  line-height: 1.28;
}
.moves {
  margin-top: 22px;
  font-size: clamp(18px, 2.5vw, 28px);
  color: var(--spruce);
}
.prompt {
  margin-top: 14px;
  font-size: clamp(18px, 2.5vw, 28px);
}
.inline-mark {
  display: inline-grid;
  vertical-align: middle;
  margin-right: 8px;
}
.bar {
  height: 6px;
  background: var(--edge-strong);
}
.bar span {
  display: block;
  height: 100%;
  background: var(--spruce);
}
.foot {
  background: var(--shelf);
  padding: 12px 20px;
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  flex-wrap: wrap;
}
.clock-now {
  display: grid;
  justify-items: center;
}
.sung {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(150px, auto);
  align-items: center;
  gap: 10px;
}
ul {
  list-style: none;
  padding: 0;
}
@media (max-width: 720px) {
  .counted {
    grid-template-columns: minmax(0, 1fr);
    gap: 14px;
  }
  .count {
    grid-template-columns: auto auto;
    align-items: center;
  }
  .numeral {
    font-size: 76px;
  }
  .pictures,
  .hand {
    display: none;
  }
  .foot {
    padding: 8px;
  }
  .foot > .inline {
    flex: 1 1 100%;
  }
  .foot .primary {
    flex: 1;
  }
  .clock-now {
    display: none;
  }
}
</style>
