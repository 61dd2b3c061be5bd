<script setup lang="ts">
import { BarChart } from 'echarts/charts'
import { AriaComponent, GridComponent, LegendComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { computed } from 'vue'
import VChart from 'vue-echarts'
import { fullDate, moneyWords, quantityWords } from '@core/base'
import { childDays, estimateOf, estimateWords, moneyByCenter, type SupplyLine } from '@core/supplies'
import MoneyReading from '../../parts/pockets/readings/MoneyReading.vue'
import { tooltipOf } from '../../composables/chartText'
import { useColours } from '../../composables/useColours'
import { useHouse } from '../../stores/house'
import { useSession } from '../../stores/session'
import { useUnit } from '../../stores/unit'

use([BarChart, GridComponent, LegendComponent, TooltipComponent, AriaComponent, SVGRenderer])

/** What the unit costs: against its budget, for each child and day, and by center. */
defineEmits<{ select: [line: SupplyLine] }>()
const store = useUnit()
const house = useHouse()
const session = useSession()
const colours = useColours()
const currency = computed(() => house.thisHome.currency)
const words = (cents: number) => moneyWords(cents, currency.value)
const money = computed(() => store.readings!.money)
const estimate = computed(() => estimateOf(store.readings!.lines, session.today))
const days = computed(() => (store.snapshot ? childDays(store.snapshot, store.readings!.plan) : 0))
const centers = computed(() =>
  store.snapshot ? moneyByCenter(store.snapshot, store.readings!.plan, store.readings!.lines) : [],
)
const nameOf = (one: (typeof centers.value)[number]) => one.center?.name ?? 'No center'
const ROW = 34
const option = computed(() => {
  const c = colours.value
  const names = centers.value.map(nameOf)
  const series = (name: string, of: 'spent' | 'planned', color: string, hatched: boolean) => ({
    name,
    type: 'bar' as const,
    stack: 'all',
    barWidth: 18,
    data: centers.value.map((one) => one[of]),
    itemStyle: {
      color,
      borderColor: c.spruce,
      borderWidth: 1,
      ...(hatched
        ? { decal: { symbol: 'rect', dashArrayX: [1, 0], dashArrayY: [2, 4], rotation: -0.8, color: c.spruce } }
        : {}),
    },
  })
  return {
    animation: false,
    textStyle: { fontFamily: 'Atkinson Hyperlegible Next Variable, sans-serif', color: c.ink },
    aria: {
      enabled: true,
      label: { description: 'Spent and still to buy for each center. The table below says the same.' },
    },
    grid: { left: 128, right: 16, top: 34, bottom: 26 },
    legend: { top: 0, left: 0, textStyle: { color: c.ink, fontSize: 14 }, itemWidth: 18, itemHeight: 12 },
    tooltip: {
      ...tooltipOf(c, (at: { dataIndex: number }[]) => {
        const one = centers.value[at[0].dataIndex]
        return [nameOf(one), `Spent ${words(one.spent)}`, `Still to buy ${words(one.planned)}`]
      }),
      trigger: 'axis',
      axisPointer: { type: 'none' },
    },
    xAxis: {
      type: 'value',
      axisLabel: {
        color: c.mute,
        fontSize: 14,
        formatter: (value: number) => words(value).replace(/\.00$/, ''),
        hideOverlap: true,
      },
      splitLine: { lineStyle: { color: c.edge } },
    },
    yAxis: {
      type: 'category',
      inverse: true,
      data: names,
      axisLine: { show: false },
      axisTick: { show: false },
      axisLabel: { color: c.ink, fontSize: 15 },
    },
    series: [series('Spent', 'spent', c.spruce, false), series('Still to buy', 'planned', c.paper, true)],
  }
})
const bought = computed(() =>
  [...store.purchases]
    .sort((a, b) => (a.date < b.date ? 1 : -1))
    .map((one) => ({ ...one, material: house.materialsById.get(one.materialId) })),
)
</script>

<template>
  <div class="money">
    <div class="stack">
      <MoneyReading />
      <p v-if="money.planned" class="small mute">Still to buy: {{ estimateWords(estimate, currency) }}.</p>
      <p v-if="days" class="small mute">
        {{ words(Math.round(money.total / days)) }} for each child and day: {{ words(money.total) }} over
        {{ days }} days on which a child comes.
      </p>
      <p><router-link to="/money">The whole year, for the tax folder</router-link></p>
    </div>
    <div class="stack">
      <section v-if="centers.length" class="cubby chart keep" aria-labelledby="by-center">
        <h3 id="by-center">By center</h3>
        <VChart class="bars" :option="option" autoresize :style="{ height: `${centers.length * ROW + 64}px` }" />
        <table class="sr-only">
          <caption>
            Money by center
          </caption>
          <thead>
            <tr>
              <th scope="col">Center</th>
              <th scope="col">Spent</th>
              <th scope="col">Still to buy</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in centers" :key="nameOf(one)">
              <th scope="row">{{ nameOf(one) }}</th>
              <td>{{ words(one.spent) }}</td>
              <td>{{ words(one.planned) }}</td>
            </tr>
          </tbody>
        </table>
      </section>
      <section class="rows">
        <h3>Bought for this unit</h3>
        <p v-if="!bought.length" class="mute">Nothing yet.</p>
        <div v-for="one in bought" :key="one.id" class="row bought">
          <span
            >{{ one.material?.name ?? one.materialId }}
            <span class="mute small"
              >{{ quantityWords(one.quantity, one.material?.unit ?? 'each', house.thisHome.measures)
              }}<template v-if="one.shop">, {{ one.shop }}</template
              >, {{ fullDate(one.date) }}</span
            ></span
          ><span>{{ words(one.paid) }}</span>
        </div>
      </section>
    </div>
  </div>
</template>

<style scoped>
.money {
  display: grid;
  grid-template-columns: minmax(0, 320px) minmax(0, 1fr);
  gap: 24px;
  align-items: start;
  max-width: 960px;
}
.chart {
  padding: 8px 14px;
}
.bars {
  width: 100%;
}
.bought {
  border-top: 1px solid var(--edge);
  padding: 4px 0;
}
@media (max-width: 1000px) {
  .money {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
