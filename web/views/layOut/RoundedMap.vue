<script setup lang="ts">
import { HeatmapChart } from 'echarts/charts'
import { AriaComponent, GridComponent, TooltipComponent, VisualMapComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { computed, ref } from 'vue'
import VChart from 'vue-echarts'
import { countWords, DOMAIN_NAMES, shortDate } from '@core/base'
import type { Session } from '@core/plan'
import { gapsOf, type Touch } from '@core/readings'
import GapLine from '../../parts/lines/GapLine.vue'
import SegmentedTabs from '../../parts/frame/SegmentedTabs.vue'
import { useOpenSession } from '../../composables/useOpenSession'
import { touchWords, useTouchChart } from '../../composables/useTouchChart'
import { useBoard } from '../../stores/board'
import { useUnit } from '../../stores/unit'
import TouchTable from './TouchTable.vue'

use([HeatmapChart, GridComponent, TooltipComponent, VisualMapComponent, AriaComponent, SVGRenderer])

/**
 * What each child meets of each domain, week by week: how often stands in the square, so that no colour has to be told
 * from another.
 */
const emit = defineEmits<{ open: [] }>()
const store = useUnit()
const board = useBoard()
const opening = useOpenSession()
const weeks = computed(() => store.readings!.weeks)
const chosen = ref<string | null>(null)
const monday = computed<string>({
  get: () =>
    weeks.value.some((week) => week.monday === chosen.value)
      ? chosen.value!
      : (weeks.value.find(
          (week) =>
            week.held * 2 >= week.open &&
            (store.days.at(-1)?.date ?? '') >= store.snapshot!.today &&
            week.children.some((one) => one.dates.some((date) => date >= store.snapshot!.today)),
        )?.monday ??
        weeks.value[0]?.monday ??
        ''),
  set: (value) => (chosen.value = value),
})
const week = computed(() => weeks.value.find((one) => one.monday === monday.value))
const children = computed(() => (week.value?.children ?? []).filter((one) => one.dates.length))
const gaps = computed(() => gapsOf(weeks.value).filter((gap) => gap.monday === monday.value))
const isGap = (childId: string, touch: Touch) =>
  gaps.value.some((gap) => gap.child.id === childId && gap.domain === touch.domain)
const { cells, option } = useTouchChart(monday, children, isGap)
function select(session: Session) {
  opening.open(session)
  emit('open')
}
function pick({ dataIndex }: { dataIndex?: number }) {
  const one = dataIndex === undefined ? undefined : cells.value[dataIndex]
  if (!one) return
  picked.value = { childId: one.child.id, domain: one.touch.domain }
  emit('open')
}
const picked = ref<{ childId: string; domain: string } | null>(null)
const cell = computed(() =>
  cells.value.find((one) => one.child.id === picked.value?.childId && one.touch.domain === picked.value.domain),
)
const pickedGap = computed(() =>
  gaps.value.find((gap) => gap.child.id === picked.value?.childId && gap.domain === picked.value?.domain),
)
</script>

<template>
  <div class="rounded">
    <SegmentedTabs
      v-if="weeks.length > 1"
      v-model="monday"
      label="Week"
      :tabs="
        weeks.map((one) => ({
          value: one.monday,
          title: `Week of ${shortDate(one.monday)}`,
          figure: one.held < one.open ? countWords(one.held, 'day') : '',
        }))
      "
    />
    <p v-if="!children.length" class="mute">Nobody comes in this week yet.</p>
    <template v-else>
      <VChart
        class="map"
        role="group"
        aria-label="Touches by child and learning area"
        :style="{ height: `${children.length * 46 + 52}px` }"
        :option="option"
        autoresize
        @click="pick"
      />
      <p class="small mute">
        Touches in the week: planned things that the child takes part in and that are for the learning area, first or
        second.
        <b class="brick">none</b> is a week without any; a dot is not aimed at, as in the first year.<template
          v-if="week && week.held * 2 < week.open"
        >
          The unit holds less than half of this week, so nothing in it is called a gap.</template
        >
      </p>
      <section v-if="cell" class="card picked rows" aria-live="polite">
        <div class="row">
          <h2>{{ cell.child.name }}, {{ DOMAIN_NAMES[cell.touch.domain].toLowerCase() }}</h2>
          <span class="small mute">{{ touchWords(cell.touch) }}</span>
        </div>
        <p v-if="cell.touch.sessions.length">
          {{ ''
          }}<template v-for="(session, i) in cell.touch.sessions" :key="session.placement.id"
            ><template v-if="i">, </template
            ><TextButton @click="select(session)">
              {{ session.activity.title }}
            </TextButton></template
          >
        </p>
        <GapLine
          v-if="pickedGap"
          :key="`${pickedGap.child.id} ${pickedGap.domain}`"
          :gap="pickedGap"
          :snapshot="store.snapshot!"
          :plan="store.readings!.plan"
          :title-of="store.titleOf"
          open
          @place="board.place"
        />
      </section>
      <section class="rows">
        <h2>{{ gaps.length ? 'Who goes without this week' : 'Every child is covered this week' }}</h2>
        <div class="gaps" role="group" aria-label="Gaps">
          <GapLine
            v-for="gap in gaps"
            :key="`${gap.child.id} ${gap.domain}`"
            :gap="gap"
            :snapshot="store.snapshot!"
            :plan="store.readings!.plan"
            :title-of="store.titleOf"
            @place="board.place"
          />
        </div>
      </section>
      <TouchTable :monday="monday" :children="children" :is-gap="isGap" />
    </template>
  </div>
</template>

<style scoped>
.rounded {
  display: grid;
  gap: 10px;
  grid-template-columns: minmax(0, 1fr);
}
.map {
  width: 100%;
  min-width: 640px;
}
.picked {
  padding: 8px 12px;
}
.gaps {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(280px, 1fr));
  gap: 6px;
  align-items: start;
}
@media (max-width: 720px) {
  .rounded {
    overflow-x: auto;
  }
  .gaps {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
