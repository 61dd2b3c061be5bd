import { WEEKDAYS, type CalendarDate, type TimeOfDay, type TimeSpan, type Weekday } from '../domain'
import { fail } from './fault'

const MS_PER_DAY = 86_400_000
const ZERO = '0'.charCodeAt(0)

/**
 * The number in a stretch of digits. Dates and times are read many thousand times while she drags, so this makes no
 * garbage.
 */
function digits(text: string, from: number, to: number): number {
  let value = 0
  for (let i = from; i < to; i++) value = value * 10 + text.charCodeAt(i) - ZERO
  return value
}

/**
 * Calendar dates are counted as days since 1970-01-01 in UTC, so no time zone and no clock change can move one.
 * The usual date packages work on local instants and count a month end differently from the domain (see
 * docs/decisions/0002-calendar-dates.md); these few lines are all that core needs.
 */
export function dayNumber(date: CalendarDate): number {
  const days = Date.UTC(digits(date, 0, 4), digits(date, 5, 7) - 1, digits(date, 8, 10)) / MS_PER_DAY
  if (!Number.isInteger(days)) fail('date', `${date} is not a date`)
  return days
}

/**
 * Dates that were written out before, by their day count. There are as many as a plan has days: a list of a unit asks
 * for the same few thousand times.
 */
const written = new Map<number, CalendarDate>()

/** The calendar date of a day count made by {@link dayNumber}. */
export function dateOfDay(days: number): CalendarDate {
  const known = written.get(days)
  if (known !== undefined) return known
  const date = new Date(days * MS_PER_DAY).toISOString().slice(0, 10)
  written.set(days, date)
  return date
}

/**
 * The date `count` days after `date`; before it where `count` is negative. `addDays('2026-02-27', 2)` is `2026-03-01`.
 */
export const addDays = (date: CalendarDate, count: number): CalendarDate => dateOfDay(dayNumber(date) + count)

/** Whole days from `from` to `to`; negative where `to` is earlier. */
export const daysBetween = (from: CalendarDate, to: CalendarDate): number => dayNumber(to) - dayNumber(from)

/** The weekday of a date. 1970-01-01 was a Thursday. */
export const weekdayOf = (date: CalendarDate): Weekday => WEEKDAYS[(((dayNumber(date) + 3) % 7) + 7) % 7]

/** The Monday on or before a date. */
export const mondayOf = (date: CalendarDate): CalendarDate => addDays(date, -WEEKDAYS.indexOf(weekdayOf(date)))

/** Number of days in a month, 1 to 12. */
export const daysInMonth = (year: number, month: number): number => new Date(Date.UTC(year, month, 0)).getUTCDate()

/**
 * Completed months from birth to a date. A child born on the 31st completes a month on the last day of a shorter one.
 *
 * @param born date of birth
 * @param on date to count to, on or after `born`
 * @returns whole months, 0 or more
 * @throws InputError where `on` lies before `born`
 * @example completedMonths('2024-01-31', '2026-02-28') // 25
 */
export function completedMonths(born: CalendarDate, on: CalendarDate): number {
  if (born > on) fail('born', `This child is born on ${born}, after ${on}`)
  const [year, month, day] = [digits(on, 0, 4), digits(on, 5, 7), digits(on, 8, 10)]
  const anniversary = Math.min(digits(born, 8, 10), daysInMonth(year, month))
  return (year - digits(born, 0, 4)) * 12 + (month - digits(born, 5, 7)) - (day < anniversary ? 1 : 0)
}

/** Minutes since midnight of a time of day, 0 to 1439. */
export function minutesOf(time: TimeOfDay): number {
  return digits(time, 0, 2) * 60 + digits(time, 3, 5)
}

/** Time of day of minutes since midnight; held within 00:00 and 23:59. */
export function timeOf(minutes: number): TimeOfDay {
  const held = Math.max(0, Math.min(1439, Math.round(minutes)))
  return `${String(Math.floor(held / 60)).padStart(2, '0')}:${String(held % 60).padStart(2, '0')}`
}

/** A time some minutes later on the same day; 23:59 at the latest. */
export const laterBy = (time: TimeOfDay, minutes: number): TimeOfDay => timeOf(minutesOf(time) + minutes)

/**
 * Times within a span at which something can begin.
 *
 * @param step minutes between them, 1 or more
 */
export function timesIn({ from, to }: TimeSpan, step: number): TimeOfDay[] {
  const times: TimeOfDay[] = []
  for (let minute = minutesOf(from); minute < minutesOf(to); minute += step) times.push(timeOf(minute))
  return times
}

/** From the earliest start of some spans to the latest end; null where there are none. */
export function aroundAll(spans: readonly TimeSpan[]): TimeSpan | null {
  if (!spans.length) return null
  const [from, to] = [
    spans.map((one) => one.from).sort()[0],
    spans
      .map((one) => one.to)
      .sort()
      .at(-1)!,
  ]
  return { from, to }
}

/** Minutes since 1970-01-01 00:00 of a date and a time of day, both in the home's own zone. */
export const planMinute = (date: CalendarDate, time: TimeOfDay): number => dayNumber(date) * 1440 + minutesOf(time)
