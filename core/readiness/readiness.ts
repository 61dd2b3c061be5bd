import { planMinute, weekdayOf, addDays, daysBetween } from '../calendar/dates'
import type { Adult, CalendarDate } from '../domain'
import type { ResolvedPlan } from '../plan/resolve'

/** Preparation due by one day, beside the time there is for it. Until the full schedule is built, minutes are only added up. */
export interface ReadyBy {
  date: CalendarDate
  /** Program day. */
  day: number
  /** Hands-on minutes that this day's placements ask for. */
  own: number
  /** Hands-on minutes due by the first placement of this day that asks for any, from tomorrow on. */
  due: number
  /** Minutes of the adults' prep windows from today until then. */
  window: number
  /** Minutes that do not fit, 0 or more. */
  over: number
}

interface Stretch { from: number; to: number }

/** Prep windows of all adults between two dates, as plan minutes. */
function windowsBetween(adults: readonly Adult[], from: CalendarDate, to: CalendarDate): Stretch[] {
  const found: Stretch[] = []
  for (let i = 0; i <= daysBetween(from, to); i++) {
    const date = addDays(from, i)
    const weekday = weekdayOf(date)
    for (const adult of adults) {
      for (const window of adult.prepWindows) if (window.weekday === weekday) found.push({ from: planMinute(date, window.from), to: planMinute(date, window.to) })
    }
  }
  return found
}

/**
 * Hands-on minutes due by each day, cumulated, against the cumulated minutes of the prep windows before it. What today asks for was got
 * ready before today: nothing here knows whether it was, so it is not counted.
 *
 * @param today the first day whose windows are still to come
 * @returns one entry for each later day with preparation, in order
 */
export function readyBy(plan: ResolvedPlan, adults: readonly Adult[], today: CalendarDate): ReadyBy[] {
  const asking = plan.sessions
    .filter((session) => !plan.isBehind(session) && session.days[0].date > today)
    .map((session) => ({ session, minutes: session.activity.prep.reduce((sum, step) => sum + step.minutes, 0) }))
    .filter((one) => one.minutes > 0)
  const dates = [...new Set(asking.map((one) => one.session.days[0].date))].sort()
  if (!dates.length) return []
  const windows = windowsBetween(adults, today, dates[dates.length - 1])
  let due = 0
  return dates.map((date) => {
    const ofDay = asking.filter((one) => one.session.days[0].date === date)
    const start = Math.min(...ofDay.map((one) => one.session.start))
    const own = ofDay.reduce((sum, one) => sum + one.minutes, 0)
    due += own
    const window = windows.reduce((sum, one) => sum + Math.max(0, Math.min(one.to, start) - one.from), 0)
    return { date, day: ofDay[0].session.days[0].number, own, due, window, over: Math.max(0, due - window) }
  })
}
