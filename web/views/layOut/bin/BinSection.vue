<script setup lang="ts">
import { computed } from 'vue'
import type { BinSetUp } from '@core/domain'
import { listWords } from '@core/base'
import { fillerOf, hiddenSpots, lengthWords, sectionOf } from '@core/making'
import { useHomeWords } from '../../../composables/homeWords'

/** The bin cut lengthwise, true to its measures and its depth. */
const props = defineProps<{ bin: BinSetUp; fillerName: string }>()
const words = useHomeWords()
const SPACE = { width: 340, height: 170 }
/** Room at the edges for the measures. */
const EDGE = { left: 12, right: 64, top: 10, bottom: 34 }
const section = computed(() => sectionOf(props.bin, SPACE))
const spots = computed(() =>
  hiddenSpots(
    section.value.fill,
    props.bin.hidden.reduce((sum, one) => sum + one.count, 0),
  ),
)
const length = (mm: number) => lengthWords(mm / 10, words.value.measures)
const size = computed(() => {
  const { lengthMm, widthMm } = props.bin.container
  return `${length(lengthMm)} x ${length(widthMm)}`
})
/** What is above the walls is left out. */
const view = computed(() => {
  const top = section.value.inside.y - EDGE.top
  return [-EDGE.left, top, SPACE.width + EDGE.left + EDGE.right, SPACE.height - top + EDGE.bottom].join(' ')
})
const walls = computed(() => {
  const { x, y, width, height } = section.value.inside
  return `M${x} ${y} V${y + height} H${x + width} V${y}`
})
const grain = computed(() => fillerOf(props.bin.fillerId)?.grain ?? 'mixed')
const said = computed(
  () =>
    `${props.bin.container.name}, ${size.value}, ${length(props.bin.container.heightMm)} high, ` +
    `filled ${length(props.bin.depthMm)} deep with ${props.fillerName}` +
    (props.bin.hidden.length
      ? `; hidden: ${listWords(props.bin.hidden.map((one) => `${one.count} ${one.name}`))}`
      : ''),
)
</script>

<template>
  <svg class="section" role="img" :aria-label="said" :viewBox="view">
    <defs>
      <pattern id="bin-large" width="26" height="14" patternUnits="userSpaceOnUse">
        <path d="M2 10 q5 -9 10 0 t10 0" class="mark" />
        <path d="M14 4 q4 -5 8 0" class="mark" />
      </pattern>
      <pattern id="bin-mixed" width="18" height="12" patternUnits="userSpaceOnUse">
        <ellipse cx="4" cy="4" rx="3" ry="1.6" class="dot" />
        <ellipse cx="12" cy="9" rx="3" ry="1.6" class="dot" />
      </pattern>
      <pattern id="bin-fine" width="9" height="7" patternUnits="userSpaceOnUse">
        <circle cx="2" cy="2" r="0.9" class="dot" />
        <circle cx="6.5" cy="5" r="0.9" class="dot" />
      </pattern>
    </defs>
    <rect class="fill" data-fill v-bind="section.fill" />
    <rect :fill="`url(#bin-${grain})`" v-bind="section.fill" />
    <circle v-for="(spot, i) in spots" :key="i" class="hidden" data-hidden :cx="spot.x" :cy="spot.y" r="5" />
    <path class="walls" :d="walls" />
    <g class="measure">
      <path
        :d="`M${section.inside.x + section.inside.width + 12} ${section.fill.y} h10 m-5 0 v${section.fill.height} m-5 0 h10`"
      />
      <text :x="section.inside.x + section.inside.width + 28" :y="section.fill.y + section.fill.height / 2 + 5">
        {{ length(bin.depthMm) }}
      </text>
      <path :d="`M${section.inside.x} ${SPACE.height + 8} v8 m0 -4 h${section.inside.width} m0 -4 v8`" />
      <text :x="section.inside.x + section.inside.width / 2" :y="SPACE.height + 30" text-anchor="middle">
        {{ size }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.section {
  width: 100%;
  max-width: 420px;
  height: auto;
}
.fill {
  fill: var(--edge);
}
.mark {
  fill: none;
  stroke: var(--control);
  stroke-width: 1.4;
}
.dot {
  fill: var(--control);
}
.hidden {
  fill: var(--apricot);
  stroke: var(--ink);
}
.walls {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3;
  stroke-linejoin: round;
}
.measure path {
  fill: none;
  stroke: var(--ink);
}
.measure text {
  fill: var(--ink);
  font-size: 15px;
}
</style>
