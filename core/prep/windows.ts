import { addDays, daysBetween, isOpen, minutesOf, planMinute, weekdayOf } from '../base'
import type { Adult, CalendarDate, Child, Home, TimeSpan } from '../domain'
import { childHours, hoursOn, longestAsleep, overlapMinutes } from '../plan'

/** A stretch of an adult's time for preparing, on one date. */
export interface PrepWindowOn {
  adultId: string
  date: CalendarDate
  name: string
  /** As plan minutes. */
  from: number
  to: number
  /** Children are in the house: only what is quiet and safe. */
  children: boolean
  /** Time of the unit before: only for what cannot begin later. */
  before: boolean
  /** Not the adult's own prep time: only for what was handed to this adult. */
  lent: boolean
}

type House = { home: Home; children: readonly Child[]; adults: readonly Adult[] }

/** What of a time is prep time while everyone sleeps who naps that day and is there; all of it where nobody does. */
const whileAsleep = (children: readonly Child[], date: CalendarDate, span: TimeSpan): TimeSpan | null =>
  longestAsleep(
    (minute) =>
      children.filter((child) => {
        const hours = child.naps.length ? childHours(child, date) : null
        return hours && minutesOf(hours.from) <= minute && minute < minutesOf(hours.to)
      }),
    span,
    true,
  )

/** An adult's own prep time on a date. */
function ownOn({ children }: House, adult: Adult, date: CalendarDate): (TimeSpan & { name: string })[] {
  // Who is away prepares nothing.
  if (adult.exceptions.some((one) => one.date === date && one.here === null)) return []
  const differs = adult.prepDays.find((one) => one.date === date)
  if (differs) return differs.windows
  return adult.prepWindows
    .filter((one) => one.weekday === weekdayOf(date))
    .flatMap(({ name, from, to, naps }) => {
      const span = naps ? whileAsleep(children, date, { from, to }) : { from, to }
      return span ? [{ name, ...span }] : []
    })
}

/** Whether any child is in the house for a minute of a time. */
const childrenIn = ({ home, children }: House, date: CalendarDate, span: TimeSpan): boolean =>
  isOpen(home, date) &&
  children.some((child) => {
    const hours = childHours(child, date)
    return hours !== null && overlapMinutes(hours, span) > 0
  })

/**
 * Prep windows of a home between two dates, in order of time. Where two of one adult overlap, what both cover counts
 * once, for the earlier.
 *
 * @param unitBefore last day of the unit before; null where none runs
 * @param handed adults to whom something was handed: those without prep time of their own on a date get what of the
 *   others' time with the children falls into their hours
 */
export function prepWindowsOn(
  house: House,
  from: CalendarDate,
  to: CalendarDate,
  unitBefore: CalendarDate | null = null,
  handed: ReadonlySet<string> = new Set(),
): PrepWindowOn[] {
  const found: PrepWindowOn[] = []
  for (let i = 0; i <= daysBetween(from, to); i++) {
    const date = addDays(from, i)
    const before = unitBefore !== null && date < unitBefore
    const own = house.adults.map((adult) => ({ adult, spans: ownOn(house, adult, date) }))
    const shared = own.flatMap(({ spans }) => spans).filter((span) => childrenIn(house, date, span))
    for (const { adult, spans } of own) {
      const lent = !spans.length && handed.has(adult.id)
      const hours = lent ? hoursOn({ pattern: adult.hours, exceptions: adult.exceptions }, date) : null
      const all = hours
        ? shared.flatMap(({ name, ...span }) => {
            const within = {
              from: span.from > hours.from ? span.from : hours.from,
              to: span.to < hours.to ? span.to : hours.to,
            }
            return within.from < within.to ? [{ name, ...within }] : []
          })
        : spans
      let free = -Infinity
      for (const span of [...all].sort((a, b) => (a.from < b.from ? -1 : 1))) {
        const start = Math.max(free, planMinute(date, span.from))
        const end = planMinute(date, span.to)
        if (start >= end) continue
        free = end
        const children = childrenIn(house, date, span)
        found.push({ adultId: adult.id, date, name: span.name, from: start, to: end, children, before, lent })
      }
    }
  }
  return found.sort((a, b) => a.from - b.from || (a.adultId < b.adultId ? -1 : 1))
}
