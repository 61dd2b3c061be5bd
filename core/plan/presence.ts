import { minutesOf, weekdayOf } from '../base'
import type { CalendarDate, Child, DateException, TimeOfDay, TimeSpan, WeeklyHours } from '../domain'

/** Someone with a weekly pattern and dates that differ from it: a child or an adult. */
export interface Patterned {
  pattern: WeeklyHours
  exceptions: readonly DateException[]
}

/** The hours on one date: the exception for that date first, else the weekly pattern; null for a day away. */
export function hoursOn(who: Patterned, date: CalendarDate): TimeSpan | null {
  const exception = who.exceptions.find((one) => one.date === date)
  return exception ? exception.here : (who.pattern[weekdayOf(date)] ?? null)
}

/** Minutes that two spans share, 0 or more. */
export function overlapMinutes(a: TimeSpan, b: TimeSpan): number {
  return Math.max(0, Math.min(minutesOf(a.to), minutesOf(b.to)) - Math.max(minutesOf(a.from), minutesOf(b.from)))
}

/** Hours that a child is here on a date; null where the child is away or not born yet. */
export function childHours(
  child: Pick<Child, 'attendance' | 'exceptions' | 'born'>,
  date: CalendarDate,
): TimeSpan | null {
  if (child.born > date) return null
  return hoursOn({ pattern: child.attendance, exceptions: child.exceptions }, date)
}

/** Where a child is during a stretch of a day. */
export type Presence = 'here' | 'asleep' | 'not-here'

/**
 * Where a child is during [from, to) of a date: here for more than half of it or not, and asleep for more than half of
 * it or not. A child who is asleep is in the house and counts for the adults, but takes part in nothing.
 */
export function presentAt(
  child: Pick<Child, 'attendance' | 'exceptions' | 'born' | 'naps'>,
  date: CalendarDate,
  from: TimeOfDay,
  to: TimeOfDay,
): Presence {
  const span = { from, to }
  const half = (minutesOf(to) - minutesOf(from)) / 2
  const hours = childHours(child, date)
  if (!hours || overlapMinutes(hours, span) <= half) return 'not-here'
  const slept = child.naps.reduce((sum, nap) => sum + overlapMinutes(nap, span), 0)
  return slept > half ? 'asleep' : 'here'
}

/**
 * Whether a child sleeps in the house for any minute of a stretch of a date, or of the whole date where there is none.
 */
export function napsDuring(
  child: Pick<Child, 'attendance' | 'exceptions' | 'born' | 'naps'>,
  date: CalendarDate,
  span: TimeSpan | null,
): boolean {
  const hours = childHours(child, date)
  if (!hours) return false
  const here = span
    ? { from: span.from > hours.from ? span.from : hours.from, to: span.to < hours.to ? span.to : hours.to }
    : hours
  return here.from < here.to && child.naps.some((nap) => overlapMinutes(nap, here) > 0)
}

/** Whether a child is in the house and awake for any minute of [from, to): what decides what can reach whose hands. */
export function awakeDuring(
  child: Pick<Child, 'attendance' | 'exceptions' | 'born' | 'naps'>,
  date: CalendarDate,
  from: TimeOfDay,
  to: TimeOfDay,
): boolean {
  const hours = childHours(child, date)
  if (!hours) return false
  const start = Math.max(minutesOf(from), minutesOf(hours.from))
  const end = Math.min(minutesOf(to), minutesOf(hours.to))
  let asleepUntil = start
  for (const nap of [...child.naps].sort((a, b) => (a.from < b.from ? -1 : 1))) {
    if (minutesOf(nap.from) > asleepUntil) break
    asleepUntil = Math.max(asleepUntil, minutesOf(nap.to))
  }
  return start < end && asleepUntil < end
}
