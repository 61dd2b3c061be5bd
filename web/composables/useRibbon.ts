import { computed } from 'vue'
import { addDays, daysBetween, longDate } from '@core/base'
import type { CalendarDate, Unit } from '@core/domain'
import type { ResolvedPlan } from '@core/plan'

/** Pixels of a tab, and from one to the next. */
export const TAB_WIDTH = 50
export const TAB_STEP = 54
/** What a closure between two tabs takes more. */
const GAP = 14
/** About how wide a letter of a lane's name is, and what stands free after one. */
const LETTER = 7.5
const FREE = 16

export interface RibbonOf {
  unit: Unit
  program: ResolvedPlan['program']
  today: CalendarDate
  /** What must begin days ahead, from when to when. */
  ahead?: { name: string; from: CalendarDate; to: CalendarDate; late: boolean }[]
}

/** What shows a special day: the thing of the theme that its name speaks of, else that there is something to celebrate. */
function drawingOf(event: string, unit: Unit): string {
  const name = event.toLowerCase()
  const thing = unit.objects.find((one) => one.picture && name.includes(one.name.trim().toLowerCase()))
  return thing?.picture ?? 'party-popper'
}

/** The days of a unit as tabs, and what runs through them in a line above. */
export function useRibbon(props: RibbonOf) {
  const tabs = computed(() => {
    const closed = new Map(
      props.program.closures.filter((one) => one.handling === 'slide').map((one) => [one.date, one.reason]),
    )
    return props.program.days.map((day, i) => {
      const before = props.program.days[i - 1]
      const between = before
        ? Array.from({ length: Math.max(0, daysBetween(before.date, day.date) - 1) }, (_, n) =>
            addDays(before.date, n + 1),
          )
        : []
      const event = props.unit.events
        .filter((one) => one.day === day.number)
        .map((one) => one.name)
        .join(', ')
      const isToday = day.date === props.today
      const shut = between.filter((date) => closed.has(date))
      const words = [
        `Day ${day.number}, ${longDate(day.date)}`,
        isToday && 'today',
        event,
        !day.held && `dropped: ${day.reason}`,
      ]
        .filter(Boolean)
        .join(', ')
      return {
        ...day,
        event,
        drawing: event && drawingOf(event, props.unit),
        isToday,
        past: day.date < props.today,
        gap: between.length > 0,
        shut: shut.length
          ? `Closed ${shut.map((date) => `${longDate(date)} ${closed.get(date) ?? ''}`).join(', ')}`
          : '',
        words,
      }
    })
  })
  const edgeOf = (i: number) => i * TAB_STEP + tabs.value.slice(0, i + 1).filter((tab) => tab.gap).length * GAP
  /** What runs through the days, in one line: slow projects, then what must begin ahead; how many found no room in it. */
  const lanes = computed(() => {
    const all = tabs.value
    const spanOf = (first: number, last: number) => ({
      from: edgeOf(first),
      width: edgeOf(last) + TAB_WIDTH - edgeOf(first),
    })
    const slow = props.unit.slowProjects.flatMap((project) => {
      const [first, last] = [project.fromDay, Math.min(project.toDay, all.length)].map((number) =>
        all.findIndex((tab) => tab.number === number),
      )
      return first < 0 || last < 0 ? [] : [{ name: project.name, late: false, slow: true, ...spanOf(first, last) }]
    })
    const ahead = (props.ahead ?? []).flatMap((one) => {
      const first = all.findIndex((tab) => tab.date >= one.from)
      const last = all.findLastIndex((tab) => tab.date <= one.to)
      return first < 0 || last < first ? [] : [{ name: one.name, late: one.late, slow: false, ...spanOf(first, last) }]
    })
    const shown: (typeof slow)[number][] = []
    for (const lane of [...slow, ...ahead]) {
      const [from, to] = [lane.from, lane.from + Math.max(lane.width, lane.name.length * LETTER + FREE)]
      const free = shown.every((one) => {
        const end = one.from + Math.max(one.width, one.name.length * LETTER + FREE)
        return from >= end + FREE || to + FREE <= one.from
      })
      if (free) shown.push(lane)
    }
    return { shown, more: slow.length + ahead.length - shown.length }
  })
  return { tabs, lanes, edgeOf }
}
