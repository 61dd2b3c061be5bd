import { addDays, mondayOf, isOpen } from '../base'
import type { CalendarDate, Home } from '../domain'
import { nextTrip, shopDays } from '../supplies'

/** How far ahead an open day is looked for: past the longest closure. */
const HORIZON_DAYS = 400

/** The first day on or after a date on which the home is open; the date itself where there is none. */
function firstOpenFrom(home: Pick<Home, 'open' | 'closures'>, date: CalendarDate): CalendarDate {
  for (let ahead = 0; ahead < HORIZON_DAYS; ahead++) if (isOpen(home, addDays(date, ahead))) return addDays(date, ahead)
  return date
}

/**
 * When the first unit of a home could begin: the first Monday before which there is still a shopping trip, not counting
 * today's; the next open day after it where that Monday is closed.
 *
 * @example today Wednesday 2026-11-25, shopping on Saturdays: Monday 2026-11-30; on Saturday 28 itself: Monday
 *   2026-12-07
 */
export function firstStart(
  home: Pick<Home, 'open' | 'closures' | 'shops' | 'shoppingDays'>,
  today: CalendarDate,
): CalendarDate {
  const trip = nextTrip(shopDays(home, ''), addDays(today, 1))
  return firstOpenFrom(home, addDays(mondayOf(trip), 7))
}

/** When a further unit could begin: the next open day. */
export const nextStart = (home: Pick<Home, 'open' | 'closures'>, today: CalendarDate): CalendarDate =>
  firstOpenFrom(home, addDays(today, 1))
