import type { CalendarDate, Home, Unit } from '../domain'
import { addDays } from './dates'
import { InputError } from './fault'
import { programDays } from './programDays'

/** The last held day of a unit; null where it has none, or where no open day can be found for it. */
function lastHeld(home: Pick<Home, 'open' | 'closures'>, unit: Unit): CalendarDate | null {
  try {
    return programDays(home, unit).days.findLast((day) => day.held)?.date ?? null
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}

/**
 * The last day of the unit that runs before another: of those that began earlier, the latest one. Until then the time
 * for preparing belongs to that unit, so that no window is counted for two. Null where there is none.
 */
export function lastDayBefore(
  home: Pick<Home, 'open' | 'closures'>,
  units: readonly Unit[],
  unit: Pick<Unit, 'id' | 'start'>,
): CalendarDate | null {
  const before = units
    .filter((one) => one.id !== unit.id && one.start < unit.start)
    .sort((a, b) => (a.start < b.start ? 1 : -1))[0]
  return before ? lastHeld(home, before) : null
}

/** Whether all days of a unit lie behind. */
export function isOver(home: Pick<Home, 'open' | 'closures'>, unit: Unit, today: CalendarDate): boolean {
  // A week has an open day, and a closure moves what comes after it by a week at most: years of units need not be laid
  // out to know this.
  if (addDays(unit.start, 7 * (unit.days + home.closures.length)) < today) return true
  const last = lastHeld(home, unit)
  return last === null || last < today
}

/**
 * Units that began before another and are not over: what they still use up is gone when its turn comes. In order of
 * their beginning.
 */
export const runningBefore = (
  home: Pick<Home, 'open' | 'closures'>,
  units: readonly Unit[],
  unit: Pick<Unit, 'id' | 'start'>,
  today: CalendarDate,
): Unit[] =>
  units
    .filter((one) => one.id !== unit.id && one.start < unit.start && !isOver(home, one, today))
    .sort((a, b) => (a.start < b.start ? -1 : 1))
