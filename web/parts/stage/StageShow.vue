<script setup lang="ts">
import { onKeyStroke, useWakeLock } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, useTemplateRef, watch } from 'vue'
import { endOfPart, isAskedFirst, nextPart, stageSteps, verseKey } from '@core/circle'
import type { CircleScript } from '@core/domain'
import { useFitText } from '../../composables/useFitText'
import { useStageTime } from '../../composables/useStageTime'
import StageButton from './StageButton.vue'
import StageCount from './StageCount.vue'
import StageSaid from './StageSaid.vue'
import StageWords from './StageWords.vue'

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

const { limit, elapsedShare, satShare, satTooLong, satWords, clock, ...time } = useStageTime(
  () => props.script,
  () => part.value,
  () => props.paused,
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
const end = () => emit('over', time.end())

/** What the children say is asked for. */
const saying = ref(false)
const grows = computed(() => (props.keeps ? part.value.grows : 'again'))
const MORE_WORDS = { again: 'Once more', named: 'One more verse', counted: 'One more verse' }
function more(): void {
  if (grows.value === 'named') saying.value = true
  else if (grows.value === 'counted') emit('grow', part.value.id, null)
  else {
    const key = verseKey(part.value.id, step.value.at - 1)
    again.value = { ...again.value, [key]: (again.value[key] ?? 0) + 1 }
    at.value++
  }
}
function said(word: string): void {
  if (word) emit('grow', part.value.id, word)
  saying.value = false
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
onKeyStroke('Escape', () => (saying.value ? (saying.value = false) : emit('leave')))
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
</script>

<template>
  <div class="show">
    <div ref="scene" class="scene" :class="{ counted: isCounted }" @pointerdown="down" @pointerup="up">
      <StageCount v-if="isCounted" :verse="step.verse!" :part="part" :hidden="!asked" />
      <StageWords :step="step" :names="names" :asking="!asked" />
    </div>
    <StageSaid v-if="saying" @said="said" />
    <div class="lines">
      <div class="bar" role="progressbar" aria-label="Time of the circle" :aria-valuenow="Math.round(elapsedShare)">
        <span :style="{ width: `${elapsedShare}%` }" />
      </div>
      <div
        v-if="limit !== null"
        class="bar sat"
        role="progressbar"
        aria-label="Sitting at a stretch"
        :aria-valuenow="Math.round(satShare)"
      >
        <span :class="{ long: satTooLong }" :style="{ width: `${satShare}%` }" />
      </div>
    </div>
    <footer class="controls">
      <div class="acts">
        <StageButton :disabled="at === 0" @click="back">Back</StageButton>
        <StageButton @click="more">{{ MORE_WORDS[grows] }}</StageButton>
        <StageButton :disabled="shortened === null" @click="shorten">Shorten</StageButton>
        <StageButton @click="skip">Skip</StageButton>
      </div>
      <div class="clock-now">
        <b>{{ clock }}</b><span v-if="satWords" class="small" :class="satTooLong ? 'ember' : 'mute'">{{
          satWords
        }}</span
        ><span class="small mute">{{ after ? `next: ${after}` : 'the last one' }}</span>
      </div>
      <div class="acts">
        <StageButton @click="end">End here</StageButton>
        <StageButton primary @click="next">Next</StageButton>
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
  .clock-now {
    display: none;
  }
}
</style>
