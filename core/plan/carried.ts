import { programDays, daysBetween } from '../base'
import type { CalendarDate, Carried, Home, Placement, Unit } from '../domain'

const DAYS_IN_WEEK = 7
/** Weeks that something has been out, begun ones counted: out since Monday and looked at on Friday is the first. */
export const weeksOut = (since: CalendarDate, on: CalendarDate): number =>
  Math.max(1, Math.ceil((daysBetween(since, on) + 1) / DAYS_IN_WEEK))

interface Stood extends Omit<Carried, 'since' | 'unitId' | 'unit'> {
  firstDay: boolean
  from: CalendarDate
}

/** Set-ups that stood on the last held day of a unit. */
function stoodAtEnd(home: Pick<Home, 'open' | 'closures'>, unit: Unit, placements: readonly Placement[]): Stood[] {
  const held = programDays(home, unit).days.filter((day) => day.held)
  const last = held[held.length - 1]
  if (!last) return []
  return placements.flatMap((one): Stood[] => {
    const { where } = one
    if (
      one.unitId !== unit.id ||
      where.kind !== 'set-up' ||
      one.status === 'skipped' ||
      one.centerId === null ||
      where.toDay < last.number ||
      where.fromDay > last.number
    )
      return []
    const from = held.find((day) => day.number >= where.fromDay)!
    return [
      {
        activityId: one.activityId,
        centerId: one.centerId,
        until: last.date,
        went: one.went,
        from: from.date,
        firstDay: from.number === held[0].number,
      },
    ]
  })
}

/**
 * What stood at the end of the unit before this one, with the date since when: back through earlier units for as long
 * as the same idea stood at the same center from a unit's first day to its last.
 *
 * @param units all units of the home
 * @param placements of all units
 */
export function carriedInto(
  home: Pick<Home, 'open' | 'closures'>,
  units: readonly Unit[],
  placements: readonly Placement[],
  unitId: string,
): Carried[] {
  const inOrder = [...units].sort((a, b) => (a.start < b.start ? -1 : a.start > b.start ? 1 : 0))
  const at = inOrder.findIndex((one) => one.id === unitId)
  if (at < 1) return []
  const before = inOrder[at - 1]
  return stoodAtEnd(home, before, placements).map(({ firstDay, from, ...stood }) => {
    let since = from
    let whole = firstDay
    for (let i = at - 2; i >= 0 && whole; i--) {
      const earlier = stoodAtEnd(home, inOrder[i], placements).find(
        (one) => one.activityId === stood.activityId && one.centerId === stood.centerId,
      )
      if (!earlier) break
      since = earlier.from
      whole = earlier.firstDay
    }
    return { ...stood, unitId: before.id, unit: before.name, since }
  })
}
