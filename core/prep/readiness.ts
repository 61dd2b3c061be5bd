import { planMinute, weekdayOf, addDays, daysBetween } from '../base'
import type { Adult, CalendarDate, UnitSnapshot, Where } from '../domain'
import { canPlace, type ResolvedPlan, type Session } from '../plan'

/**
 * Preparation due by one day, beside the time there is for it. Until the full schedule is built, minutes are only added
 * up.
 */
export interface ReadyBy {
  date: CalendarDate
  /** Program day. */
  day: number
  /** Placements that ask for it. */
  sessions: Session[]
  /** Hands-on minutes that this day's placements ask for. */
  own: number
  /** Hands-on minutes due by the first placement of this day that asks for any, from tomorrow on. */
  due: number
  /** Minutes of the adults' prep windows until then, from today or from the last day of the unit before. */
  window: number
  /** Minutes that do not fit, 0 or more. */
  over: number
}

interface Stretch {
  from: number
  to: number
}

/** Prep windows of all adults between two dates, as plan minutes. */
function windowsBetween(adults: readonly Adult[], from: CalendarDate, to: CalendarDate): Stretch[] {
  const found: Stretch[] = []
  for (let i = 0; i <= daysBetween(from, to); i++) {
    const date = addDays(from, i)
    const weekday = weekdayOf(date)
    for (const adult of adults) {
      // Who is away prepares nothing.
      if (adult.exceptions.some((one) => one.date === date && one.here === null)) continue
      for (const window of adult.prepWindows)
        if (window.weekday === weekday)
          found.push({ from: planMinute(date, window.from), to: planMinute(date, window.to) })
    }
  }
  return found
}

/**
 * Hands-on minutes due by each day, cumulated, against the cumulated minutes of the prep windows before it. What today
 * asks for was got ready before today: nothing here knows whether it was, so it is not counted.
 *
 * @param today the first day whose windows are still to come
 * @param before last day of the unit before: windows before it are that unit's, and not counted here
 * @returns one entry for each later day with preparation, in order
 */
export function readyBy(
  plan: ResolvedPlan,
  adults: readonly Adult[],
  today: CalendarDate,
  before: CalendarDate | null = null,
): ReadyBy[] {
  const first = before !== null && before > today ? before : today
  const asking = plan.sessions
    .filter((session) => !plan.isBehind(session) && session.days[0].date > today)
    .map((session) => ({ session, minutes: session.activity.prep.reduce((sum, step) => sum + step.minutes, 0) }))
    .filter((one) => one.minutes > 0)
  const dates = [...new Set(asking.map((one) => one.session.days[0].date))].sort()
  if (!dates.length) return []
  const windows = windowsBetween(adults, first, dates[dates.length - 1])
  let due = 0
  return dates.map((date) => {
    const ofDay = asking.filter((one) => one.session.days[0].date === date)
    const start = Math.min(...ofDay.map((one) => one.session.start))
    const own = ofDay.reduce((sum, one) => sum + one.minutes, 0)
    due += own
    const window = windows.reduce((sum, one) => sum + Math.max(0, Math.min(one.to, start) - one.from), 0)
    return {
      date,
      day: ofDay[0].session.days[0].number,
      sessions: ofDay.map((one) => one.session),
      own,
      due,
      window,
      over: Math.max(0, due - window),
    }
  })
}

/** What would make preparation fit: a set-up that goes out later, or a moment on a later day. */
export interface ReadyRemedy {
  placementId: string
  where: Where
  /** Minutes that are no longer due by the day that did not fit. */
  minutes: number
  words: string
}

const minutesOfPrep = (session: Session): number => session.activity.prep.reduce((sum, step) => sum + step.minutes, 0)

/**
 * What would make a day's preparation fit: each of its placements on the first later day on which it can lie and
 * everything fits, the least that is enough first.
 *
 * @param entry a day whose preparation is over
 */
export function readyRemedies(entry: ReadyBy, snapshot: UnitSnapshot, plan: ResolvedPlan): ReadyRemedy[] {
  const held = plan.program.days.filter((day) => day.held && day.date > entry.date)
  const due = plan.sessions.filter(
    (one) =>
      !plan.isBehind(one) &&
      one.days[0].date > snapshot.today &&
      one.days[0].date <= entry.date &&
      minutesOfPrep(one) > 0,
  )
  const found = due.flatMap((session): ReadyRemedy[] => {
    const { placement, activity } = session
    for (const day of held) {
      const where: Where | null =
        placement.where.kind === 'moment'
          ? { ...placement.where, day: day.number }
          : day.number <= placement.where.toDay
            ? { ...placement.where, fromDay: day.number }
            : null
      if (
        !where ||
        !canPlace(
          snapshot,
          plan,
          { activityId: activity.id, where, centerId: placement.centerId, movingId: placement.id },
          false,
        ).ok
      )
        continue
      return [
        {
          placementId: placement.id,
          where,
          minutes: minutesOfPrep(session),
          words:
            placement.where.kind === 'moment'
              ? `${activity.title} on day ${day.number}`
              : `Put ${activity.title} out from day ${day.number}`,
        },
      ]
    }
    return []
  })
  // What is enough by itself stands first, the smallest such; then the largest of those that only help.
  return found.sort(
    (a, b) =>
      Number(b.minutes >= entry.over) - Number(a.minutes >= entry.over) ||
      (a.minutes >= entry.over ? a.minutes - b.minutes : b.minutes - a.minutes),
  )
}
