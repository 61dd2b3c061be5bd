import { childHours } from '../attendance/presence'
import { mondayOf } from '../calendar/dates'
import type { CalendarDate, Child, LearningDomain } from '../domain'
import { DOMAINS, WEEKDAYS, type Home } from '../domain'
import type { ResolvedPlan, Session } from '../plan/resolve'

/** Touches of a domain that a child who comes every day should have in a week, where the home says nothing else. */
export const DEFAULT_TARGET = 2

/** Placements whose first two domains count as touched. */
const TOUCHING = 2

/** What a child met of one domain in one week. */
export interface Touch {
  domain: LearningDomain
  /** Placements in which the child takes part and that name the domain first or second. */
  sessions: Session[]
  /** Minutes of them: of a set-up, its minutes once for each day on which the child comes. */
  minutes: number
  target: number
  /** Touches that are missing, 0 or more. */
  gap: number
}

export interface ChildWeek {
  child: Child
  /** Held days of the week on which the child comes. */
  dates: CalendarDate[]
  touches: Touch[]
}

/** One calendar week of a unit. */
export interface TouchWeek {
  monday: CalendarDate
  children: ChildWeek[]
}

/**
 * A child's target for a week (3-computations, section 11): the home's, scaled by the days on which the child comes beside the days on
 * which the home is open in a full week, rounded up. A child who does not come that week has none.
 *
 * @param daysHere 0 to 7
 * @param daysOpen 1 to 7
 */
export const targetFor = (target: number, daysHere: number, daysOpen: number): number => Math.ceil((target * Math.min(daysHere, daysOpen)) / daysOpen)

/**
 * Touches per week, child and domain. Skipped placements touch nobody.
 *
 * @param plan the resolved plan of a unit
 * @param house its children, and the opening hours that a full week is counted by
 */
export function touchesOf(plan: ResolvedPlan, house: { home: Pick<Home, 'open'>; children: readonly Child[] }, target: number = DEFAULT_TARGET): TouchWeek[] {
  const daysOpen = Math.max(1, WEEKDAYS.filter((day) => house.home.open[day]).length)
  const held = plan.program.days.filter((day) => day.held)
  const sessions = plan.sessions.filter((session) => session.placement.status !== 'skipped')
  return [...new Set(held.map((day) => mondayOf(day.date)))].map((monday) => ({
    monday,
    children: house.children.map((child): ChildWeek => {
      const dates = held.filter((day) => mondayOf(day.date) === monday && childHours(child, day.date) !== null).map((day) => day.date)
      const met = sessions.flatMap((session) => {
        const days = session.days.filter((day) => dates.includes(day.date)).length
        return days && session.parts.some((part) => part.child.id === child.id && part.does === 'takes-part') ? [{ session, minutes: session.activity.minutes.do * days }] : []
      })
      const wanted = targetFor(target, dates.length, daysOpen)
      return {
        child, dates,
        touches: DOMAINS.map((domain) => {
          const of = met.filter(({ session }) => session.activity.domains.slice(0, TOUCHING).includes(domain))
          return { domain, sessions: of.map((one) => one.session), minutes: of.reduce((sum, one) => sum + one.minutes, 0), target: wanted, gap: Math.max(0, wanted - of.length) }
        }),
      }
    }),
  }))
}

/** A domain that a week has too little of. */
export interface Lack {
  domain: LearningDomain
  /** Touches missing over all children. */
  missing: number
  children: Child[]
}

/** What a week lacks, the most missing first. */
export function lacksOf(week: TouchWeek): Lack[] {
  return DOMAINS.map((domain): Lack => {
    const short = week.children.filter((one) => one.touches.some((touch) => touch.domain === domain && touch.gap > 0))
    return { domain, missing: short.reduce((sum, one) => sum + one.touches.find((touch) => touch.domain === domain)!.gap, 0), children: short.map((one) => one.child) }
  }).filter((lack) => lack.missing > 0).sort((a, b) => b.missing - a.missing)
}
