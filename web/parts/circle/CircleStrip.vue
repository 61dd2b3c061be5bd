<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed } from 'vue'
import { listWords } from '@core/base'
import { useCircle } from '../../stores/circle'

/** The circle drawn to its minutes: how lively they are above it, how long they sit below, and where that is too long. */
const chosen = defineModel<string | null>({ required: true })
const circle = useCircle()
/** On a phone a minute is too narrow for words: the list below has them. */
const narrow = useMediaQuery('(max-width: 720px)')
/** The whole width: the window, or what the circle takes where that is more. */
const whole = computed(() => Math.max(circle.window, taken.value, 1))
const minutesOf = (id: string) => circle.fit.minutes.get(id) ?? 0
const taken = computed(() => circle.parts.reduce((sum, one) => sum + minutesOf(one.part.id), 0))
const share = (minutes: number) => (100 * minutes) / whole.value
const starts = computed(() => {
  let at = 0
  return circle.parts.map((one) => {
    const from = at
    at += minutesOf(one.part.id)
    return from
  })
})
/** Of the width, in percent: below that a title would be cut, and stands in the list alone. */
const LEAST_SHARE = 13
/** From -2 to 3, the liveliest above. */
const HIGH = 3
const LOW = -2
const y = (energy: number) => 4 + ((HIGH - energy) / (HIGH - LOW)) * 46
const line = computed(() =>
  circle.parts
    .map((one, i) => {
      const [x0, x1] = [share(starts.value[i]), share(starts.value[i] + minutesOf(one.part.id))]
      return `${i ? 'L' : 'M'}${x0} ${y(circle.line[i])}L${x1} ${y(circle.line[i])}`
    })
    .join(''),
)
const longest = computed(() => Math.max(0, ...circle.stretches.map((one) => one.minutes)))
const minuteWords = (minutes: number) => `${minutes} min`
const names = (list: readonly { name: string }[]) => listWords(list.map((child) => child.name))
/** Who goes along, at the cost of an adult; said where nobody is there for it. */
const withWhom = (count: number) => {
  const helper = circle.on?.helpers[0]
  return helper
    ? ` and ${count === 1 ? 'goes' : 'go'} to the basket with ${helper.name}: that takes one adult.`
    : ': nobody else is on duty then, so have a basket within reach.'
}
const sitWords = computed(() => {
  const limit = circle.sitting
  const sits = `Sitting at a stretch, longest ${minuteWords(longest.value)}.`
  if (limit === null) return `${sits} Nobody comes of whom sitting is expected.`
  return `${sits} The youngest who come sit about ${minuteWords(limit)}.`
})
</script>

<template>
  <div class="strip cubby">
    <div class="lively" aria-hidden="true">
      <svg viewBox="0 0 100 54" preserveAspectRatio="none">
        <line x1="0" :y1="y(0)" x2="100" :y2="y(0)" class="zero" />
        <path :d="line" class="line" />
      </svg>
      <span class="small mute top">lively</span><span class="small mute low">calm</span>
    </div>
    <div class="parts" role="group" aria-label="The circle in its minutes">
      <button
        v-for="one in circle.parts"
        :key="one.part.id"
        type="button"
        class="card part"
        :class="{ 'is-selected': chosen === one.part.id, up: !one.item.seated }"
        :style="{ width: `${share(minutesOf(one.part.id))}%` }"
        :aria-pressed="chosen === one.part.id"
        :title="`${one.title}, ${minuteWords(minutesOf(one.part.id))}`"
        @click="chosen = one.part.id"
      >
        <span class="title" :class="{ 'sr-only': narrow || share(minutesOf(one.part.id)) < LEAST_SHARE }"
          >{{ one.title }}<span class="sr-only">, </span></span
        ><span class="mute">{{ minutesOf(one.part.id) }} <span :class="narrow ? 'sr-only' : 'unit'">min</span></span>
      </button>
      <span v-if="circle.fit.left > 0" class="free" :style="{ width: `${share(circle.fit.left)}%` }"
        ><span class="small mute"
          >{{ circle.fit.left }}<span :class="{ 'sr-only': narrow }"> min left</span></span
        ></span
      >
    </div>
    <div class="sits" aria-hidden="true">
      <template v-for="one in circle.stretches" :key="one.from">
        <span class="sit" :style="{ left: `${share(one.from)}%`, width: `${share(one.minutes)}%` }" />
        <span
          v-if="circle.sitting !== null && one.minutes > circle.sitting"
          class="limit"
          :style="{ left: `${share(one.from + circle.sitting)}%` }"
        />
      </template>
    </div>
    <p class="small">
      {{ sitWords }}
      <template v-for="up in circle.getsUp" :key="up.at">
        After {{ minuteWords(up.minutes) }} of it {{ names(up.children) }}
        {{ up.children.length === 1 ? 'gets' : 'get' }} up{{ withWhom(up.children.length) }}
      </template>
    </p>
  </div>
</template>

<style scoped>
.strip {
  padding: 10px 14px 12px;
  display: grid;
  gap: 8px;
}
.lively {
  position: relative;
  height: 54px;
}
.lively svg {
  width: 100%;
  height: 100%;
  overflow: visible;
}
.line {
  fill: none;
  stroke: var(--apricot);
  stroke-width: 2.5;
  vector-effect: non-scaling-stroke;
}
.zero {
  stroke: var(--edge-strong);
  stroke-dasharray: 4 4;
  vector-effect: non-scaling-stroke;
}
.top,
.low {
  position: absolute;
  right: 0;
  background: var(--well);
  padding-left: 6px;
}
.top {
  top: -4px;
}
.low {
  bottom: -4px;
}
.parts {
  display: flex;
  min-height: 62px;
}
.part {
  font: inherit;
  font-size: 14px;
  color: inherit;
  text-align: left;
  padding: 4px 6px;
  cursor: pointer;
  display: grid;
  align-content: space-between;
  min-width: 0;
}
.part.up {
  border-top: 3px solid var(--apricot);
}
.title {
  font-weight: 700;
  line-height: 1.15;
  overflow-wrap: anywhere;
}
.unit {
  white-space: nowrap;
}
.free {
  border: 1px dashed var(--edge-strong);
  border-radius: 4px;
  padding: 4px 6px;
  overflow: hidden;
}
.sits {
  position: relative;
  height: 8px;
}
.sit {
  position: absolute;
  top: 1px;
  height: 6px;
  border-radius: 3px;
  background: var(--spruce);
}
.limit {
  position: absolute;
  top: -3px;
  width: 2px;
  height: 14px;
  background: var(--brick);
}
@media (max-width: 720px) {
  /* Wide enough for a finger, even where a minute is not. */
  .part {
    min-width: 24px;
  }
  .part,
  .free {
    padding: 4px 2px;
    text-align: center;
    align-content: center;
  }
}
</style>
