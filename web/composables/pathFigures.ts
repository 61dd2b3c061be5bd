import { countWords, minutesWords, shortWeekday, weekdayOf } from '@core/base'
import { plannableBlocks } from '@core/plan'
import { readyOf } from '@core/readings'
import { isToGet } from '@core/supplies'
import type { PathFigures } from './usePathFigures'
import type { useUnit } from '../stores/unit'

/** One honest figure for each step of the open unit; `late` where it needs her now. Nothing until there are readings. */
export function pathFiguresOf(store: ReturnType<typeof useUnit>): PathFigures | null {
  const { unit, readings, ideas, unplaced, halves, today, days } = store
  if (!unit || !readings) return null
  const blockIds = plannableBlocks(store.snapshot!.home)
    .filter((block) => block.kind === 'circle' || block.kind === 'choice')
    .map((block) => block.id)
  const open = days.filter(
    (day) =>
      day.held &&
      day.date >= store.snapshot!.today &&
      !blockIds.every((id) =>
        readings.plan.sessions.some((one) => one.block?.id === id && one.days[0].number === day.number),
      ),
  )
  const late = readings.lines.filter((line) => line.late).length
  const over = readyOf(readings.preparation).first?.over ?? 0
  const toGet = readings.lines.filter(isToGet).length
  const dated = new Set(readings.plan.sessions.map((session) => session.placement.id))
  const stranded = store.placements.filter((one) => !dated.has(one.id)).length
  const next = today ?? days.find((day) => day.held && day.date > store.snapshot!.today)
  const done = store.placements.filter((one) => one.status === 'done').length
  return {
    spark: { words: `${countWords(unit.words.length, 'word')}, ${countWords(unit.objects.length, 'object')}` },
    gather: {
      words: unplaced.length
        ? `${unplaced.length} not scheduled yet`
        : countWords(ideas.length - halves.length, 'idea'),
    },
    'lay-out': stranded
      ? { words: `${countWords(stranded, 'card')} without a date`, late: true }
      : { words: open.length ? `${countWords(open.length, 'day')} still open` : 'Every day laid out' },
    'get-ready': late
      ? { words: `${countWords(late, 'thing')} late`, late: true }
      : over
        ? { words: `Prep ${minutesWords(over)} over`, late: true }
        : { words: toGet ? `${countWords(toGet, 'thing')} to get` : 'All in the house' },
    'hand-over': { words: next ? `Next: ${shortWeekday(weekdayOf(next.date))}, day ${next.number}` : 'No day ahead' },
    run: { words: today ? `Day ${today.number} of ${days.length}` : 'Not today' },
    'look-back': { words: `${done} done` },
  }
}
