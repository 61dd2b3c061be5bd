<script setup lang="ts">
import { HeatmapChart } from 'echarts/charts'
import { AriaComponent, GridComponent, TooltipComponent, VisualMapComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { computed, ref } from 'vue'
import VChart from 'vue-echarts'
import { DOMAINS } from '@core/domain'
import { countWords, DOMAIN_NAMES, listWords, longDate, minutesWords, shortDate } from '@core/base'
import type { Session } from '@core/plan'
import { gapsOf, type Touch } from '@core/readings'
import GapLine from '../../parts/lines/GapLine.vue'
import SegmentedTabs from '../../parts/frame/SegmentedTabs.vue'
import { tooltipOf } from '../../composables/chartText'
import { mixed, useColours } from '../../composables/useColours'
import { useOpenSession } from '../../composables/useOpenSession'
import { useBoard } from '../../stores/board'
import { useUnit } from '../../stores/unit'

use([HeatmapChart, GridComponent, TooltipComponent, VisualMapComponent, AriaComponent, SVGRenderer])

/**
 * What each child meets of each domain, week by week: how often stands in the square, so that no colour has to be told
 * from another.
 */
const emit = defineEmits<{ open: [] }>()
const store = useUnit()
const board = useBoard()
const opening = useOpenSession()
const colours = useColours()
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
const SHORT: Record<string, string> = {
  language: 'Language',
  'early-math': 'Math',
  science: 'Science',
  'creative-arts': 'Arts',
  'music-movement': 'Music',
  sensory: 'Sensory',
  'fine-motor': 'Fine motor',
  'gross-motor': 'Gross motor',
  'practical-life': 'Practical',
  'social-emotional': 'Social',
  world: 'World',
}
/**
 * From here on a square is filled as far as it goes. The steps keep each number at 4.5 to 1 against its square, in both
 * looks.
 */
const FULL = 4
const ground = (count: number) => {
  const { paper, tint, spruce } = colours.value
  return count >= FULL ? spruce : [paper, mixed(paper, tint, 0.6), tint, mixed(tint, spruce, 0.3)][count]
}
const cells = computed(() =>
  children.value.flatMap((one, y) =>
    one.touches.map((touch, x) => ({ x, y, touch, child: one.child, gap: isGap(one.child.id, touch) })),
  ),
)
const words = (touch: Touch) =>
  touch.target
    ? `${countWords(touch.sessions.length, 'touch', 'touches')} of ${touch.target}, ${minutesWords(touch.minutes)}`
    : `${countWords(touch.sessions.length, 'touch', 'touches')}, not aimed at`
const option = computed(() => {
  const c = colours.value
  return {
    animation: false,
    textStyle: { fontFamily: 'Atkinson Hyperlegible Next Variable, sans-serif', color: c.ink },
    aria: {
      enabled: true,
      label: {
        description:
          'Touches of each learning area for each child in the week of ' +
          `${monday.value ? longDate(monday.value) : ''}. The table below says the same.`,
      },
    },
    grid: { left: 68, right: 6, top: 44, bottom: 4 },
    tooltip: tooltipOf(c, ({ dataIndex }: { dataIndex: number }) => {
      const one = cells.value[dataIndex]
      return [one.child.name, DOMAIN_NAMES[one.touch.domain], words(one.touch)]
    }),
    xAxis: {
      type: 'category',
      position: 'top',
      data: DOMAINS.map((domain) => SHORT[domain]),
      axisLine: { show: false },
      axisTick: { show: false },
      axisLabel: { color: c.ink, fontSize: 14, interval: 0, width: 62, overflow: 'break', lineHeight: 15 },
    },
    yAxis: {
      type: 'category',
      inverse: true,
      data: children.value.map((one) => one.child.name),
      axisLine: { show: false },
      axisTick: { show: false },
      axisLabel: { color: c.ink, fontSize: 15 },
    },
    visualMap: { show: false, min: 0, max: FULL },
    series: [
      {
        type: 'heatmap',
        label: { show: true, fontSize: 16, fontWeight: 650 },
        data: cells.value.map((one) => {
          const count = one.touch.sessions.length
          return {
            value: [one.x, one.y, Math.min(FULL, count)],
            label: {
              formatter: one.gap ? 'none' : one.touch.target || count ? String(count) : '·',
              color: one.gap ? c.brick : count >= FULL ? c.onSpruce : c.ink,
              fontSize: one.gap ? 14 : 16,
            },
            itemStyle: {
              borderColor: one.gap ? c.brick : c.edge,
              borderWidth: one.gap ? 2 : 1,
              borderRadius: 3,
              color: one.gap ? c.brickTint : ground(count),
            },
          }
        }),
      },
    ],
  }
})
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
          <span class="small mute">{{ words(cell.touch) }}</span>
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
      <div class="sr-only">
        <table>
          <caption>
            Touches of each learning area for each child, week of
            {{
              longDate(monday)
            }}
          </caption>
          <thead>
            <tr>
              <th scope="col">Child</th>
              <th v-for="domain in DOMAINS" :key="domain" scope="col">{{ DOMAIN_NAMES[domain] }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in children" :key="one.child.id">
              <th scope="row">{{ one.child.name }}, here {{ listWords(one.dates.map(shortDate)) }}</th>
              <td v-for="touch in one.touches" :key="touch.domain">
                {{ isGap(one.child.id, touch) ? 'none' : words(touch) }}
              </td>
            </tr>
          </tbody>
        </table>
      </div>
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
