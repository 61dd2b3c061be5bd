import { minutesOf } from '../base'
import { type Child, type PrepWindow, type TimeSpan, type WeeklyHours, type Weekday, WEEKDAYS } from '../domain'
import { longestAsleep } from '../plan'

/** A time in which nobody can begin anything, in minutes: less than that while all sleep is none to prepare in. */
const LEAST_MINUTES = 20
/** Children who are there at a minute of a weekday. */
const thereAt = (children: readonly Pick<Child, 'attendance' | 'naps'>[], day: Weekday, minute: number) =>
  children.filter(({ attendance }) => {
    const hours = attendance[day]
    return hours !== undefined && minutesOf(hours.from) <= minute && minute < minutesOf(hours.to)
  })

/**
 * The longest stretch of a weekday in which everyone who naps then is asleep, and somebody is; null where it is too
 * short to begin anything.
 */
function napTime(
  children: readonly Pick<Child, 'attendance' | 'naps'>[],
  day: Weekday,
  open: TimeSpan,
): TimeSpan | null {
  const span = longestAsleep(
    (minute) => thereAt(children, day, minute).filter((child) => child.naps.length > 0),
    open,
    false,
  )
  return span && minutesOf(span.to) - minutesOf(span.from) >= LEAST_MINUTES ? span : null
}

/** An evening of hers, where nobody naps and all else would have no time: a proposal. */
const EVENING: TimeSpan = { from: '20:00', to: '20:40' }

/**
 * Prep windows that the naps leave: on each open weekday the longest stretch in which everyone who naps is asleep.
 * Those who do not nap rest or play quietly then, as in most homes. Where nobody naps, an evening on the same days.
 *
 * @param children with their weekly attendance and naps
 * @param open the home's hours
 */
export function prepWindowsFrom(
  children: readonly Pick<Child, 'attendance' | 'naps'>[],
  open: WeeklyHours,
): PrepWindow[] {
  const days = WEEKDAYS.filter((day) => open[day] !== undefined)
  const atNap = days.flatMap((weekday): PrepWindow[] => {
    const span = napTime(children, weekday, open[weekday]!)
    return span ? [{ weekday, name: 'Nap time', ...span, naps: true }] : []
  })
  return atNap.length
    ? atNap
    : days.map((weekday): PrepWindow => ({ weekday, name: 'Evening', ...EVENING, naps: false }))
}
