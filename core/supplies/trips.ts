import { addDays, daysBetween, weekdayOf } from '../base'
import type { CalendarDate, Home, Weekday } from '../domain'

/** How far ahead a shopping trip is looked for. With any weekday named, one comes within a week. */
const WEEK = 7

/** On which weekdays something can be got in a shop, and how many days later it is in the house. */
export interface ShopDays {
  /** None: any day. */
  weekdays: readonly Weekday[]
  deliveryDays: number
}

/** The days of a shop: its own, or the home's shopping days. */
export function shopDays(home: Pick<Home, 'shops' | 'shoppingDays'>, shop: string): ShopDays {
  const own = home.shops.find((one) => one.name.toLowerCase() === shop.toLowerCase())
  if (!own) return { weekdays: home.shoppingDays, deliveryDays: 0 }
  return {
    weekdays: own.weekdays.length || own.deliveryDays ? own.weekdays : home.shoppingDays,
    deliveryDays: own.deliveryDays,
  }
}

const goesOn = (days: ShopDays, date: CalendarDate) => !days.weekdays.length || days.weekdays.includes(weekdayOf(date))

/** The first trip on or after a date; the date itself where there are no days for it. */
export function nextTrip(days: ShopDays, from: CalendarDate): CalendarDate {
  for (let ahead = 0; ahead < WEEK; ahead++) {
    const date = addDays(from, ahead)
    if (goesOn(days, date)) return date
  }
  return from
}

/** When to get something, and whether that is still possible. */
export interface GetBy {
  /** Last trip, or order, that is early enough; the next one where it is late. */
  date: CalendarDate
  /** The day it is in the house. */
  here: CalendarDate
  /** Days that the next trip comes too late; 0 where it is in time. */
  lateDays: number
  /** True where even the last trip before the first use is too early for it to keep until the last use. */
  spoils: boolean
}

/**
 * The last trip or order from which something is in the house on a day before the first use. With none left, it is late
 * by the days from the day before the first use to when the next one brings it. A home without shopping days goes
 * whenever it must.
 *
 * @param days when one goes there, and how long it takes
 * @param firstUse date of first use
 * @param lastUse date of last use, on or after `firstUse`
 * @param keepsDays days it keeps once it is in the house; null for good
 * @param today no trip before this is possible
 */
export function getBy(
  days: ShopDays,
  firstUse: CalendarDate,
  lastUse: CalendarDate,
  keepsDays: number | null,
  today: CalendarDate,
): GetBy {
  const at = (date: CalendarDate, lateDays: number): GetBy => {
    const here = addDays(date, days.deliveryDays)
    return { date, here, lateDays, spoils: keepsDays !== null && daysBetween(here, lastUse) > keepsDays }
  }
  for (let back = 1; back <= WEEK; back++) {
    const date = addDays(firstUse, -back - days.deliveryDays)
    if (date < today) break
    if (goesOn(days, date)) return at(date, 0)
  }
  const date = nextTrip(days, today)
  return at(date, Math.max(1, daysBetween(addDays(firstUse, -1), addDays(date, days.deliveryDays))))
}
