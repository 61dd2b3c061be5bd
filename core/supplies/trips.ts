import { addDays, daysBetween, weekdayOf } from '../calendar/dates'
import type { CalendarDate, Weekday } from '../domain'

/** How far ahead a shopping trip is looked for. With any weekday named, one comes within a week. */
const WEEK = 7

/** The first shopping trip on or after a date; the date itself where the home names no shopping day. */
export function nextTrip(shoppingDays: readonly Weekday[], from: CalendarDate): CalendarDate {
  if (!shoppingDays.length) return from
  for (let ahead = 0; ahead < WEEK; ahead++) {
    const date = addDays(from, ahead)
    if (shoppingDays.includes(weekdayOf(date))) return date
  }
  return from
}

/** When to get something, and whether that is still possible. */
export interface GetBy {
  /** Last trip before the first use; the next trip there is where it is late. */
  date: CalendarDate
  /** Days that the next trip comes too late; 0 where it is in time. */
  lateDays: number
  /** True where even the last trip before the first use is too early for it to keep until the last use. */
  spoils: boolean
}

/**
 * The last shopping trip on a day before the first use. With none left, the line is late by the days from the day before the first
 * use to the next trip. A home without shopping days goes whenever it must.
 *
 * @param shoppingDays weekdays with a trip
 * @param firstUse date of first use
 * @param lastUse date of last use, on or after `firstUse`
 * @param keepsDays days it keeps from the trip; null for good
 * @param today no trip before this is possible
 */
export function getBy(
  shoppingDays: readonly Weekday[], firstUse: CalendarDate, lastUse: CalendarDate, keepsDays: number | null, today: CalendarDate,
): GetBy {
  const spoilsFrom = (trip: CalendarDate) => keepsDays !== null && daysBetween(trip, lastUse) > keepsDays
  for (let back = 1; back <= WEEK; back++) {
    const date = addDays(firstUse, -back)
    if (date < today) break
    if (!shoppingDays.length || shoppingDays.includes(weekdayOf(date))) return { date, lateDays: 0, spoils: spoilsFrom(date) }
  }
  const date = nextTrip(shoppingDays, today)
  const lateDays = Math.max(1, daysBetween(addDays(firstUse, -1), date))
  return { date, lateDays, spoils: spoilsFrom(date) }
}
