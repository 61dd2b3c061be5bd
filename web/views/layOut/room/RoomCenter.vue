<script setup lang="ts">
import { computed } from 'vue'
import type { ProgramDay } from '@core/base'
import { standsOn, type CenterBand, type Session } from '@core/plan'

/** One center on the plan of the house: what stands there on the day, and over the days of the unit as a band. */
const props = defineProps<{
  band: CenterBand
  days: readonly ProgramDay[]
  day: number
  /** Weeks that something has stood out. */
  weeksOf: (session: Session) => number
  /** What stood here before, in words. */
  before: string
}>()
const here = computed(() => standsOn(props.band, props.day))
const squares = computed(() =>
  props.days.map((one) => ({
    number: one.number,
    held: one.held,
    standing: standsOn(props.band, one.number).length,
  })),
)
const bandWords = computed(
  () =>
    props.band.standing
      .map((one) => `${one.activity.title} day ${one.days[0].number} to ${one.days[one.days.length - 1].number}`)
      .join('; ') || 'nothing stands here',
)
</script>

<template>
  <button type="button" class="inner" :data-center="band.center.id">
    <span class="k-label name">{{ band.center.name }}</span>
    <span
      v-for="session in here.slice(0, band.center.kind === 'tray-shelf' ? 3 : 1)"
      :key="session.placement.id"
      class="card thing"
      ><span class="card-title" data-title>{{ session.activity.title }}</span
      ><span v-if="weeksOf(session) > 1" class="small mute">week {{ weeksOf(session) }}</span></span
    >
    <span v-if="here.length > 3" class="small mute">and {{ here.length - 3 }} more</span>
    <span v-if="!here.length" class="small mute none">{{
      band.center.kind === 'circle' || band.center.kind === 'outdoors' ? 'for activities' : before || 'nothing out'
    }}</span>
    <span
      v-if="(band.center.kind !== 'circle' && band.center.kind !== 'outdoors') || band.standing.length"
      class="band"
      aria-hidden="true"
      ><i
        v-for="one in squares"
        :key="one.number"
        :class="{ on: one.standing, closed: !one.held, now: one.number === day }"
    /></span>
    <span class="sr-only">. Over the unit: {{ bandWords }}</span>
  </button>
</template>

<style scoped>
.inner {
  display: flex;
  flex-direction: column;
  gap: 4px;
  width: 100%;
  height: 100%;
  padding: 6px 8px;
  background: none;
  border: 0;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
  min-width: 0;
}
.name {
  font-size: 15px;
  line-height: 1.15;
}
.thing {
  padding: 3px 7px;
  display: flex;
  justify-content: space-between;
  gap: 6px;
  align-items: baseline;
  min-width: 0;
}
.thing .small {
  white-space: nowrap;
}
.thing .card-title {
  font-size: 14px;
  line-height: 1.15;
  overflow-wrap: anywhere;
}
.none {
  line-height: 1.2;
}
.inner > .band {
  margin-top: auto;
}
.inner > .band i {
  flex: 1 1 0;
  max-width: 16px;
}
.band i.closed {
  border-style: dashed;
}
.band {
  display: inline-flex;
  gap: 2px;
}
.band i {
  display: block;
  flex: 0 1 14px;
  min-width: 5px;
  height: 8px;
  border: 1px solid var(--control);
  background: var(--paper);
  border-radius: 2px;
}
.band i.on {
  background: var(--spruce);
  border-color: var(--spruce);
}
.band i.now {
  outline: 2px solid var(--apricot);
  outline-offset: 1px;
}
@media (max-width: 720px) {
  .inner {
    min-height: 74px;
  }
}
</style>
