<script setup lang="ts">
import { computed } from 'vue'
import { minutesWords } from '@core/base'
import { atWords, shortStep, timesWords, waitingWords } from '@core/prep'
import type { WindowPlan } from '../../stores/prep'

/** One window as a bar with its tasks: as wide as they take, what waits as a thin line on, what does not fit in red. */
const props = defineProps<{ plan: WindowPlan; chosen: string | null; held: boolean; many: boolean; adult: string }>()
defineEmits<{ choose: [key: string] }>()
const LONG_WAIT = 60
const free = computed(
  () =>
    props.plan.window.to -
    props.plan.window.from -
    props.plan.pieces.reduce((sum, { piece }) => sum + piece.to - piece.from, 0),
)
const waits = (wait: number | 'overnight') => wait === 'overnight' || wait >= LONG_WAIT
const words = (piece: { from: number; to: number; setUp: number }, task: WindowPlan['pieces'][number]['task']) => {
  const minutes = piece.to - piece.from - piece.setUp
  return [
    minutes < task.left ? `${minutes} of ${minutesWords(task.left)}` : minutesWords(minutes),
    piece.setUp ? `${minutesWords(piece.setUp)} to get out` : '',
    waitingWords(task),
    task.mark?.pinned ? 'put here' : '',
    task.session.activity.title,
  ]
    .filter(Boolean)
    .join(', ')
}
</script>

<template>
  <div class="window" role="group" :aria-label="`${plan.window.name}, ${atWords(plan.window.from)}`">
    <div class="when">
      <b>{{ plan.window.name }}</b>
      <span class="small mute">{{ timesWords(plan.window) }}</span>
      <span v-if="many" class="small mute">{{ adult }}</span>
    </div>
    <div class="cubby bar" :class="{ over: held }" :data-slot="plan.index" :data-over="held || undefined">
      <button
        v-for="{ piece, task } in plan.pieces"
        :key="`${task.key} ${piece.from}`"
        type="button"
        class="card task"
        :class="{ 'is-selected': chosen === task.key, waits: waits(task.step.wait) }"
        :style="{ flexGrow: piece.to - piece.from }"
        :data-drag="task.key"
        :aria-pressed="chosen === task.key"
        @click="$emit('choose', task.key)"
      >
        <span class="card-title" data-title>{{ shortStep(task.step.text) }}</span>
        <span class="small">{{ words(piece, task) }}</span>
      </button>
      <button
        v-for="over in plan.overs"
        :key="over.task.key"
        type="button"
        class="card task over"
        :class="{ 'is-selected': chosen === over.task.key }"
        :style="{ flexGrow: over.minutes }"
        :aria-pressed="chosen === over.task.key"
        @click="$emit('choose', over.task.key)"
      >
        <span class="card-title" data-title>{{ shortStep(over.task.step.text) }}</span>
        <span class="small">{{ over.minutes }} of {{ minutesWords(over.task.left) }} do not fit</span>
      </button>
      <span v-if="free > 0" class="free small mute" :style="{ flexGrow: free }">{{
        plan.pieces.length ? '' : `${minutesWords(free)} free`
      }}</span>
    </div>
  </div>
</template>

<style scoped>
.window {
  display: grid;
  grid-template-columns: 122px minmax(0, 1fr);
  gap: 0 12px;
  align-items: start;
}
.when {
  display: grid;
  padding-top: 5px;
}
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding: 6px;
  min-height: 58px;
}
.task {
  flex: 1 1 132px;
  min-width: 0;
  max-width: 100%;
  display: grid;
  align-content: start;
  gap: 1px;
  padding: 4px 9px 5px;
  font: inherit;
  color: var(--ink);
  text-align: left;
  cursor: pointer;
  position: relative;
}
.task .small {
  color: var(--mute);
}
.task:hover {
  border-color: var(--control);
}
.waits {
  border-bottom: 2px dotted var(--apricot);
}
.bar.over {
  outline: 2px solid var(--spruce);
}
.task.over {
  background: var(--brick-tint);
  border-color: var(--brick);
  border-left-width: 3px;
}
.task.over .small {
  color: var(--ink);
}
.free {
  flex: 1 1 0;
  align-self: center;
  padding-left: 6px;
}
@media (max-width: 700px) {
  .window {
    grid-template-columns: minmax(0, 1fr);
    gap: 4px;
  }
  .when {
    display: flex;
    flex-wrap: wrap;
    gap: 0 10px;
    align-items: baseline;
  }
  .task {
    flex-basis: 100%;
  }
}
</style>
