<script setup lang="ts">
import { onKeyStroke, useNow, useWakeLock } from '@vueuse/core'
import { computed, nextTick, onBeforeUnmount, ref, useTemplateRef, watch } from 'vue'
import { endOfPart, isAskedFirst, minutesHeld, nextPart, stageSteps, verseKey } from '@core/circle'
import { clockWords } from '@core/base'
import type { CircleScript } from '@core/domain'
import { markOf } from '@core/papers'
import { useFitText } from '../../composables/useFitText'
import StageCount from './StageCount.vue'

/** A circle as it is led: one verse at a time, large enough for three meters, on by a tap, a swipe, a key or a pedal. */
const props = defineProps<{
  script: CircleScript
  /** Names of all children, for their marks. */
  names: readonly string[]
  /** Whether a verse more is kept with the circle. */
  keeps?: boolean
  /** It is over, and could go on: no key moves it. */
  paused?: boolean
}>()
const emit = defineEmits<{
  /** A verse more: a word that the children said, or null to count one further. */
  grow: [partId: string, word: string | null]
  /** It is over: minutes of each part that was held. */
  over: [took: Record<string, number>]
  leave: []
}>()

const again = ref<Record<string, number>>({})
const steps = computed(() => stageSteps(props.script, again.value))
const at = ref(0)
const step = computed(() => steps.value[Math.min(at.value, steps.value.length - 1)])
const part = computed(() => step.value.part)
const after = computed(() => {
  const next = nextPart(steps.value, at.value)
  return next === null ? '' : steps.value[next].part.title
})

const now = useNow({ interval: 1000 })
const started = Date.now()
let begun = started
const took: Record<string, number> = {}
function count(partId: string): void {
  took[partId] = (took[partId] ?? 0) + (Date.now() - begun)
  begun = Date.now()
}
watch(
  () => part.value.id,
  (_, was) => count(was),
)
watch(
  () => props.paused,
  () => (begun = Date.now()),
)
/** Since when they sit without a break; null while they are up. */
const satSince = ref<number | null>(null)
watch(
  () => part.value.seated,
  (sits) => (satSince.value = sits ? (satSince.value ?? Date.now()) : null),
  { immediate: true },
)
const MINUTE = 60_000
const sat = computed(() => (satSince.value === null ? 0 : Math.max(0, (now.value.getTime() - satSince.value) / MINUTE)))
const limit = computed(() => props.script.sitting)
const tooLong = computed(() => limit.value !== null && sat.value > limit.value)
const satWords = computed(() =>
  limit.value === null || satSince.value === null
    ? ''
    : `sitting ${Math.floor(sat.value)} min, the youngest sit about ${limit.value}`,
)
const share = (minutes: number, of: number) => Math.min(100, (100 * minutes) / Math.max(1, of))
const elapsed = computed(() => Math.max(0, (now.value.getTime() - started) / MINUTE))
const time = computed(() => share(elapsed.value, props.script.window))
const clock = computed(() =>
  clockWords(`${String(now.value.getHours()).padStart(2, '0')}:${String(now.value.getMinutes()).padStart(2, '0')}`),
)

/** The count is asked for before it is shown. */
const asked = ref(true)
watch(step, (to, from) => (asked.value = !isAskedFirst(from, to)))
function next(): void {
  if (!asked.value) asked.value = true
  else if (at.value < steps.value.length - 1) at.value++
  else end()
}
const back = () => {
  if (at.value > 0) at.value--
}
function skip(): void {
  const found = nextPart(steps.value, at.value)
  if (found === null) end()
  else at.value = found
}
const shortened = computed(() => endOfPart(steps.value, at.value))
const shorten = () => (at.value = shortened.value ?? at.value)
function end(): void {
  count(part.value.id)
  emit('over', Object.fromEntries(Object.entries(took).map(([id, ms]) => [id, minutesHeld(ms)])))
}

/** What the children say when they are asked for a verse more; null while nobody is asked. */
const word = ref<string | null>(null)
const wordField = useTemplateRef('wordField')
const grows = computed(() => (props.keeps ? part.value.grows : 'again'))
const MORE_WORDS = { again: 'Once more', named: 'One more verse', counted: 'One more verse' }
async function more(): Promise<void> {
  if (grows.value === 'named') {
    word.value = ''
    await nextTick()
    wordField.value?.focus()
  } else if (grows.value === 'counted') emit('grow', part.value.id, null)
  else {
    const key = verseKey(part.value.id, step.value.at - 1)
    again.value = { ...again.value, [key]: (again.value[key] ?? 0) + 1 }
    at.value++
  }
}
function say(): void {
  const said = word.value?.trim()
  if (said) emit('grow', part.value.id, said)
  word.value = null
}

/** Space and Enter press what they stand on; arrows and the keys of a pedal go on wherever they stand. */
const isWriting = (event: KeyboardEvent) => (event.target as HTMLElement).closest('input') !== null
onKeyStroke(['ArrowRight', 'PageDown', ' ', 'Enter'], (event) => {
  const presses = event.key === ' ' || event.key === 'Enter'
  if (props.paused || isWriting(event) || (presses && (event.target as HTMLElement).closest('button, a'))) return
  event.preventDefault()
  next()
})
onKeyStroke(['ArrowLeft', 'PageUp', 'Backspace'], (event) => {
  if (props.paused || isWriting(event)) return
  event.preventDefault()
  back()
})
onKeyStroke('Escape', () => (word.value === null ? emit('leave') : (word.value = null)))
/** A tap goes on; a swipe to the right goes back. */
const SWIPE_PX = 60
let downX = 0
const down = (event: PointerEvent) => (downX = event.clientX)
const up = (event: PointerEvent) => (event.clientX - downX > SWIPE_PX ? back() : next())

const awake = useWakeLock()
if (awake.isSupported.value) void awake.request('screen').catch(() => undefined)
onBeforeUnmount(() => void awake.release().catch(() => undefined))

const scene = useTemplateRef('scene')
useFitText(scene, [step, asked, () => props.paused])
const isCounted = computed(() => step.value.verse?.count !== null && step.value.verse !== null)
const turn = computed(() => (step.value.at === 1 ? part.value.turn : null))
</script>

<template>
  <div class="show">
    <div ref="scene" class="scene" :class="{ counted: isCounted }" @pointerdown="down" @pointerup="up">
      <StageCount v-if="isCounted" :verse="step.verse!" :part="part" :hidden="!asked" />
      <div class="words" role="group" aria-label="The words">
        <p class="mute title">
          {{ part.title }}<template v-if="step.of > 1">, verse {{ step.at }} of {{ step.of }}</template>
        </p>
        <template v-if="!asked">
          <p class="verse ask">How many now?</p>
          <p class="moves">Wait for their answer, then go on.</p>
        </template>
        <template v-else>
          <p v-for="(line, i) in step.verse?.lines ?? [part.title]" :key="i" class="verse">{{ line }}</p>
          <p v-if="step.verse?.moves || part.say" class="moves">{{ step.verse?.moves || part.say }}</p>
          <p v-if="turn || step.verse?.ask" class="prompt">
            <template v-if="turn">
              <span class="mark large takes-part inline-mark" aria-hidden="true">{{ markOf(turn.name, names) }}</span>
              {{ turn.name }} {{ turn.what.toLowerCase() }}.
            </template>
            <b v-if="step.verse?.ask">{{ step.verse.ask }}</b>
          </p>
          <p v-if="step.at === 1 && part.props.length" class="mute hand">In hand: {{ part.props.join(', ') }}</p>
        </template>
      </div>
    </div>
    <form v-if="word !== null" class="say" @submit.prevent="say">
      <label
        >What do they say?
        <input ref="wordField" v-model="word" maxlength="60" autocomplete="off" />
      </label>
      <button type="submit" class="act primary">Add the verse</button>
      <button type="button" class="act" @click="word = null">Leave it</button>
    </form>
    <div class="lines">
      <div class="bar" role="progressbar" aria-label="Time of the circle" :aria-valuenow="Math.round(time)">
        <span :style="{ width: `${time}%` }" />
      </div>
      <div
        v-if="limit !== null"
        class="bar sat"
        role="progressbar"
        aria-label="Sitting at a stretch"
        :aria-valuenow="Math.round(share(sat, limit))"
      >
        <span :class="{ long: tooLong }" :style="{ width: `${share(sat, limit)}%` }" />
      </div>
    </div>
    <footer class="controls">
      <div class="acts">
        <button type="button" class="act" :disabled="at === 0" @click="back">Back</button>
        <button type="button" class="act" @click="more">{{ MORE_WORDS[grows] }}</button>
        <button type="button" class="act" :disabled="shortened === null" @click="shorten">Shorten</button>
        <button type="button" class="act" @click="skip">Skip</button>
      </div>
      <div class="clock-now">
        <b>{{ clock }}</b><span v-if="satWords" class="small" :class="tooLong ? 'ember' : 'mute'">{{ satWords }}</span
        ><span class="small mute">{{ after ? `next: ${after}` : 'the last one' }}</span>
      </div>
      <div class="acts">
        <button type="button" class="act" @click="end">End here</button>
        <button type="button" class="act primary" @click="next">Next</button>
      </div>
    </footer>
  </div>
</template>

<style scoped>
.show {
  min-height: 0;
  height: 100%;
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto auto auto;
}
.scene {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 32px;
  padding: clamp(16px, 4vw, 48px);
  overflow: auto;
  align-content: start;
  cursor: pointer;
  touch-action: pan-y;
  user-select: none;
}
.counted {
  grid-template-columns: minmax(180px, 28vw) minmax(0, 1fr);
}
.title {
  font-size: clamp(16px, 2.2vw, 24px);
  margin-bottom: 14px;
}
.verse {
  font-size: var(--fit);
  text-wrap: balance;
  font-weight: 700;
  line-height: 1.28;
}
.moves {
  margin-top: 0.7em;
  font-size: clamp(18px, calc(var(--fit) * 0.6), 34px);
  color: var(--spruce);
}
.prompt {
  margin-top: 0.5em;
  font-size: clamp(18px, calc(var(--fit) * 0.6), 34px);
}
.hand {
  margin-top: 14px;
  font-size: clamp(16px, 2vw, 22px);
}
.inline-mark {
  display: inline-grid;
  vertical-align: middle;
  margin-right: 8px;
}
.say {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
  padding: 12px 20px;
  background: var(--shelf);
}
.say label {
  display: grid;
  gap: 4px;
  flex: 1 1 220px;
}
.say input {
  min-height: 44px;
  padding: 0 12px;
  border: 1px solid var(--control);
  border-radius: 5px;
  background: var(--paper);
  font: inherit;
  color: inherit;
}
.lines {
  display: grid;
  gap: 2px;
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
.sat {
  height: 4px;
}
.sat span {
  background: var(--apricot);
}
.sat .long {
  background: var(--brick);
}
.controls {
  background: var(--shelf);
  padding: 12px 20px;
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  flex-wrap: wrap;
}
.acts {
  display: flex;
  gap: 8px;
}
.act {
  font: inherit;
  font-weight: 650;
  font-size: 16px;
  color: inherit;
  min-height: 44px;
  padding: 6px 16px;
  border: 1px solid var(--edge-strong);
  border-radius: 8px;
  background: var(--paper);
  cursor: pointer;
}
.act.primary {
  background: var(--spruce);
  border-color: var(--spruce);
  color: var(--on-spruce);
}
.act:disabled {
  color: var(--mute);
  background: var(--well);
  cursor: default;
}
.clock-now {
  display: grid;
  justify-items: center;
}
@media (max-width: 720px) {
  .counted {
    grid-template-columns: minmax(0, 1fr);
    gap: 14px;
  }
  .controls {
    padding: 8px;
    gap: 8px;
  }
  .acts {
    flex: 1 1 100%;
  }
  .act {
    padding: 6px 10px;
    flex: 1 1 auto;
  }
  .clock-now {
    display: none;
  }
}
</style>
