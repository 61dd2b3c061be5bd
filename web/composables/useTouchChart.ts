import { computed, type Ref } from 'vue'
import { countWords, DOMAIN_NAMES, longDate, minutesWords } from '@core/base'
import { DOMAINS } from '@core/domain'
import type { Touch, TouchWeek } from '@core/readings'
import { tooltipOf } from './chartText'
import { mixed, useColours } from './useColours'

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

/** "2 touches of 3, 45 min". */
export const touchWords = (touch: Touch): string =>
  touch.target
    ? `${countWords(touch.sessions.length, 'touch', 'touches')} of ${touch.target}, ${minutesWords(touch.minutes)}`
    : `${countWords(touch.sessions.length, 'touch', 'touches')}, not aimed at`

/**
 * The map of what each child meets of each learning area in a week, as the chart takes it.
 *
 * @param monday of the week
 * @param isGap whether the child goes without in a week in which it should not
 */
export function useTouchChart(
  monday: Ref<string>,
  children: Ref<TouchWeek['children']>,
  isGap: (childId: string, touch: Touch) => boolean,
) {
  const colours = useColours()
  const ground = (count: number) => {
    const { paper, tint, spruce } = colours.value
    return count >= FULL ? spruce : [paper, mixed(paper, tint, 0.6), tint, mixed(tint, spruce, 0.3)][count]
  }
  const cells = computed(() =>
    children.value.flatMap((one, y) =>
      one.touches.map((touch, x) => ({ x, y, touch, child: one.child, gap: isGap(one.child.id, touch) })),
    ),
  )
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
        return [one.child.name, DOMAIN_NAMES[one.touch.domain], touchWords(one.touch)]
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
  return { cells, option }
}
