import type { CalendarDate, Home, Placement, Unit } from '../domain'
import { demand } from './fault'
import { addDays, weekdayOf } from './dates'

/** One numbered day of a unit. */
export interface ProgramDay {
  /** 1 for the first. */
  number: number
  date: CalendarDate
  /** False for a day that was dropped because the home is closed: it keeps its number and holds nothing. */
  held: boolean
  /** Why it was dropped. */
  reason: string
}

/** A closure that falls between the first and the last day. */
export interface ClosedInside {
  date: CalendarDate
  reason: string
  handling: 'slide' | 'drop'
}

export interface ProgramDays {
  days: ProgramDay[]
  closures: ClosedInside[]
}

/** How far ahead open days are looked for: five years, past any unit of 60 days in a home open one day a week. */
const HORIZON_DAYS = 1826

/** Whether the home takes children on a date: a weekday with opening hours that is no closure. */
export function isOpen(home: Pick<Home, 'open' | 'closures'>, date: CalendarDate): boolean {
  return Boolean(home.open[weekdayOf(date)]) && !home.closures.some((closure) => closure.date === date)
}

/**
 * The program days of a unit: the k-th is the k-th open day on or after the start. A closure slides the later days
 * unless the unit says that it drops that day.
 *
 * @param home opening hours and closures
 * @param unit start, length in program days (1 to 60) and how closures are handled
 * @throws InputError naming `open` where the home has no open weekday, `start` where no open day can be found
 * @example open Mon-Fri, start Wed 2026-03-04, 10 days, closed Mon 9 March, slide: day 4 is Tue 10, day 10 Wed 18 March
 */
export function programDays(
  home: Pick<Home, 'open' | 'closures'>,
  unit: Pick<Unit, 'start' | 'days' | 'closureHandling'>,
): ProgramDays {
  demand(Object.values(home.open).some(Boolean), 'open', 'The home has no open weekday yet')
  const reasons = new Map(home.closures.map((closure) => [closure.date, closure.reason]))
  const days: ProgramDay[] = []
  const closures: ClosedInside[] = []
  for (let ahead = 0; days.length < unit.days; ahead++) {
    demand(ahead < HORIZON_DAYS, 'start', 'There are not enough open days after this start')
    const date = addDays(unit.start, ahead)
    if (!home.open[weekdayOf(date)]) continue
    const reason = reasons.get(date)
    if (reason === undefined) {
      days.push({ number: days.length + 1, date, held: true, reason: '' })
      continue
    }
    const handling = unit.closureHandling[date] ?? 'slide'
    closures.push({ date, reason, handling })
    if (handling === 'drop') days.push({ number: days.length + 1, date, held: false, reason: reason || 'Closed' })
  }
  return { days, closures }
}

/** Why a placement has no date, or the wrong one. */
export interface DateProblem {
  placementId: string
  kind: 'day-dropped' | 'no-block' | 'past-end' | 'pin-not-a-program-day' | 'pin-moved'
  message: string
}

/** Dates of a placement: all that it covers, in order; none where its day is skipped or past the end. */
export interface PlacedDates {
  placement: Placement
  days: ProgramDay[]
  problem: DateProblem | null
}

/**
 * Gives every placement its dates. None is ever lost: one whose day was dropped, or lies past the end of the unit,
 * comes back without dates and with the problem named. A pinned placement follows its date, not its number.
 */
export function placeDates(placements: readonly Placement[], program: ProgramDays): PlacedDates[] {
  const byDate = new Map(program.days.filter((day) => day.held).map((day) => [day.date, day]))
  const byNumber = new Map(program.days.map((day) => [day.number, day]))
  return placements.map((placement) => {
    const { where, pinnedDate } = placement
    const problem = (kind: DateProblem['kind'], message: string): PlacedDates => ({
      placement,
      days: [],
      problem: { placementId: placement.id, kind, message },
    })
    if (where.kind === 'set-up') {
      const covered = program.days.filter((day) => day.held && day.number >= where.fromDay && day.number <= where.toDay)
      return covered.length
        ? { placement, days: covered, problem: null }
        : problem('past-end', 'All of its days are skipped')
    }
    if (pinnedDate !== null) {
      const day = byDate.get(pinnedDate)
      if (!day)
        return problem('pin-not-a-program-day', `It is pinned to ${pinnedDate}, which is not a day of this unit`)
      if (day.number === where.day) return { placement, days: [day], problem: null }
      const message = `It is pinned to ${pinnedDate}, now day ${day.number} and not day ${where.day}`
      return { placement, days: [day], problem: { placementId: placement.id, kind: 'pin-moved', message } }
    }
    const day = byNumber.get(where.day)
    if (!day) return problem('past-end', `The unit ends before day ${where.day}`)
    if (!day.held) return problem('day-dropped', `Day ${where.day} is skipped: ${day.reason}`)
    return { placement, days: [day], problem: null }
  })
}
