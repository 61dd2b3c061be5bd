<script setup lang="ts">
import type { ProgramDay } from '@core/base'
import type { Caution } from '@core/cautions'
import type { CalendarDate } from '@core/domain'
import type { Session } from '@core/plan'
import { OUT } from '../../../composables/boardWhere'
import type { OutBar } from '../../../composables/useOutBars'

/** What stands out at the centers, as bars over the days that are looked at. */
defineProps<{
  days: readonly ProgramDay[]
  bars: readonly OutBar[]
  /** Lanes that the bars take. */
  laneCount: number
  today: CalendarDate | undefined
  selectedId: string | null
  cautionsOf: (session: Session) => readonly Caution[]
  isActive: (day: number) => boolean
  /** Whether something is held over a day, and whether it could be put out then. */
  overOf: (day: number) => 'fits' | 'no' | null
}>()
defineEmits<{ choose: [day: number]; open: [placementId: string] }>()
const LANE = 34
const FOOT = 42
</script>

<template>
  <div class="line">
    <div class="label">
      <h3>Out</h3>
      <span class="small mute">at the centers</span>
    </div>
    <div class="out-cells">
      <button
        v-for="day in days"
        :key="day.number"
        type="button"
        class="cubby slot out-slot"
        :class="{ today: day.date === today, over: overOf(day.number), no: overOf(day.number) === 'no' }"
        :style="{ height: `${Math.max(1, laneCount) * LANE + FOOT}px` }"
        :data-slot="`${day.number} ${OUT}`"
        :data-spot="`${day.number} ${OUT} 0`"
        :tabindex="isActive(day.number) ? 0 : -1"
        :aria-label="`Put out from day ${day.number}`"
        @click="$emit('choose', day.number)"
      >
        <span class="put">Put out</span>
      </button>
      <div class="bars" data-list>
        <div
          v-for="bar in bars"
          :key="bar.session.placement.id"
          data-drag
          role="button"
          tabindex="0"
          class="card bar"
          :class="{
            short: bar.span === 1,
            'is-selected': selectedId === bar.session.placement.id,
            stopped: cautionsOf(bar.session).some((one) => one.severity !== 'watch' && one.setAside === null),
          }"
          :data-placement="bar.session.placement.id"
          :data-activity="bar.session.activity.id"
          :data-slot="`${bar.from} ${OUT}`"
          :style="{ gridColumn: `${bar.column + 1} / span ${bar.span}`, gridRow: bar.lane + 1 }"
          @click="$emit('open', bar.session.placement.id)"
          @keydown.enter.prevent.stop="$emit('open', bar.session.placement.id)"
        >
          <span v-if="bar.before" aria-label="since earlier">←</span
          ><span class="card-title" data-title>{{ bar.session.activity.title }}</span
          ><span v-if="bar.span > 1" class="small mute bar-center">{{ bar.session.center?.name }}</span
          ><b v-if="cautionsOf(bar.session).some((one) => one.severity === 'stop')" class="brick small">Stop</b
          ><span v-if="bar.after" class="to-end" aria-label="until later">→</span>
        </div>
      </div>
    </div>
  </div>
</template>

<style scoped>
.out-cells {
  grid-column: 2 / -1;
  position: relative;
  display: grid;
  grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
  gap: 6px;
}
.out-slot {
  font: inherit;
  color: var(--mute);
  cursor: pointer;
  align-content: end;
  justify-items: stretch;
}
.put {
  font-size: 14px;
  border: 1px dashed var(--edge-strong);
  border-radius: 4px;
  padding: 3px;
}
.bars {
  position: absolute;
  inset: 6px 5px auto;
  display: grid;
  grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
  gap: 4px 14px;
  pointer-events: none;
}
.bar {
  pointer-events: auto;
  height: 30px;
  padding: 0 8px;
  display: flex;
  align-items: center;
  gap: 8px;
  min-width: 0;
  overflow: hidden;
  cursor: grab;
  white-space: nowrap;
}
.bar.short {
  padding: 0 5px;
  gap: 4px;
}
.bar.short .card-title {
  font-size: 14px;
}
.bar .card-title {
  overflow: hidden;
  text-overflow: ellipsis;
  flex: 0 1 auto;
}
.bar-center {
  overflow: hidden;
  text-overflow: ellipsis;
  flex: 0 2 auto;
}
.to-end {
  margin-left: auto;
}
.bar.stopped {
  border-left: 3px solid var(--brick);
}
@media (max-width: 720px) {
  .out-cells {
    grid-column: 1;
  }
}
</style>
