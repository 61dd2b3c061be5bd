import { daysBetween } from '../base'
import type { CalendarDate, Child } from '../domain'

/** A turn that a child had: of which kind, and when. */
export interface Turn {
  kind: string
  childId: string
  date: CalendarDate
}
/** Program days that are looked back on (3-computations, section 10). */
export const TURN_DAYS = 30

/** Why a child is next: how often in that time, and when last. */
export interface NextTurn<T> {
  child: T
  times: number
  last: CalendarDate | null
}

/**
 * Whose turn it is, the next first: who had fewest of this kind in the last 30 program days, then whose last was longest
 * ago, then who is older. Who is away is not among them, and so keeps the turn.
 *
 * @param here those who are there
 * @param programDays dates of program days before today, in any order; the last 30 count
 */
export function turnOrder<T extends Pick<Child, 'id' | 'born'>>(
  kind: string,
  here: readonly T[],
  turns: readonly Turn[],
  programDays: readonly CalendarDate[],
): NextTurn<T>[] {
  const counted = [...new Set(programDays)].sort().slice(-TURN_DAYS)
  const since = counted.length < TURN_DAYS ? '' : counted[0]
  const own = turns.filter((turn) => turn.kind === kind)
  const all = here.map((child) => {
    const had = own.filter((turn) => turn.childId === child.id).map((turn) => turn.date)
    const last = had.length ? had.reduce((a, b) => (a > b ? a : b)) : null
    return { child, times: had.filter((date) => date >= since).length, last }
  })
  return all.sort(
    (a, b) =>
      a.times - b.times ||
      (a.last ?? '').localeCompare(b.last ?? '') ||
      -daysBetween(a.child.born, b.child.born) ||
      (a.child.id < b.child.id ? -1 : 1),
  )
}
