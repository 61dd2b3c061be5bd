import { demand, mondayOf } from '../base'
import { circleOn } from '../circle'
import type { CalendarDate, PieceKind, RhythmBlock, TimeOfDay, UnitSnapshot } from '../domain'
import { blocksOn, type ResolvedPlan } from '../plan'
import { focusWords } from './sheetWords'

/** One week of a unit on one sheet, for the fridge and for families: no child is named on it. */
export interface WeekSheet {
  unit: string
  home: string
  focus: string
  days: readonly { number: number; date: CalendarDate; event: string; skipped: string }[]
  /** Parts of the day, in order, with what is planned in them on each of the days; null where a day has no such part. */
  rows: readonly { name: string; from: TimeOfDay; to: TimeOfDay; cells: readonly (readonly string[] | null)[] }[]
  /** What stands out at the centers, and on which of the days. */
  standing: readonly { center: string; title: string; days: readonly number[] }[]
}

/** What of a circle is worth telling those at home. */
const TOLD: readonly PieceKind[] = ['rhyme', 'finger-play', 'story']

/** The first program days of the weeks that a unit reaches into. */
export function weeksOf(plan: ResolvedPlan): readonly { from: CalendarDate; numbers: readonly number[] }[] {
  const weeks = new Map<CalendarDate, number[]>()
  for (const day of plan.program.days) {
    const monday = mondayOf(day.date)
    weeks.set(monday, [...(weeks.get(monday) ?? []), day.number])
  }
  return [...weeks].map(([from, numbers]) => ({ from, numbers }))
}

/**
 * A week of a unit. Parts of the day stand in order, those of special days among them.
 *
 * @param monday the first day of the week, as {@link weeksOf} gives it
 * @throws InputError naming `week`, where the unit has no day in it
 */
export function weekSheet(snapshot: UnitSnapshot, plan: ResolvedPlan, monday: CalendarDate): WeekSheet {
  const { unit, home } = snapshot
  const days = plan.program.days.filter((day) => mondayOf(day.date) === monday)
  demand(days.length, 'week', 'The unit has no day in this week')
  const blocks = days.map((day) => (day.held ? blocksOn(home, unit, day.number) : []))
  const all = new Map(blocks.flat().map((block) => [block.id, block]))
  const inOrder = [...all.values()].sort((a, b) =>
    a.from !== b.from ? (a.from < b.from ? -1 : 1) : a.to < b.to ? -1 : 1,
  )
  // What families can sing and read too; her own lines may name a child.
  const sungIn = (block: RhythmBlock, number: number) =>
    block.kind === 'circle'
      ? (circleOn(snapshot, plan, number)?.shown.parts ?? []).filter(({ piece, book }) =>
          book ? true : piece !== null && TOLD.includes(piece.kind),
        )
      : []
  const titlesIn = (block: RhythmBlock, number: number) => [
    ...plan.sessions
      .filter((session) => session.block?.id === block.id && session.days[0].number === number)
      .map((session) => session.activity.title),
    ...sungIn(block, number).map(({ title, book }) => (book ? `“${title}”` : title)),
  ]
  const standing = plan.sessions
    .filter((session) => session.placement.where.kind === 'set-up')
    .map((session) => ({
      center: session.center?.name ?? '',
      title: session.activity.title,
      days: session.days.filter((day) => mondayOf(day.date) === monday).map((day) => day.number),
    }))
    .filter((one) => one.days.length)
  return {
    unit: unit.name,
    home: home.name,
    focus: focusWords(unit.focus),
    days: days.map((day) => ({
      number: day.number,
      date: day.date,
      event: unit.events
        .filter((event) => event.day === day.number)
        .map((event) => event.name)
        .join(', '),
      skipped: day.held ? '' : day.reason,
    })),
    rows: inOrder.map((block) => ({
      name: block.name,
      from: block.from,
      to: block.to,
      cells: days.map((day, i) => (blocks[i].some((one) => one.id === block.id) ? titlesIn(block, day.number) : null)),
    })),
    standing,
  }
}
