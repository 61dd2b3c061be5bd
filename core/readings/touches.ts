import { childHours, stageOn, type ResolvedPlan, type Session } from '../plan'
import { mondayOf } from '../base'
import { type CalendarDate, type Child, type LearningDomain, type Stage, DOMAINS, WEEKDAYS, type Home } from '../domain'

/** Touches of a domain that a child who comes every day should have in a week, where the home says nothing else. */
export const DEFAULT_TARGET = 2

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
  /** Days of it that the unit holds, and on which the home is open in a full week. */
  held: number
  open: number
  children: ChildWeek[]
}

/**
 * A child's target for a week (3-computations, section 11): the home's, scaled by the days on which the child comes
 * beside the days on which the home is open in a full week, rounded up. A child who does not come that week has none.
 *
 * @param daysHere 0 to 7
 * @param daysOpen 1 to 7
 */
export const targetFor = (target: number, daysHere: number, daysOpen: number): number =>
  Math.ceil((target * Math.min(daysHere, daysOpen)) / daysOpen)

/**
 * Domains that are aimed at in the first year: what a baby meets on a lap and on the floor. The others come with the
 * first steps.
 */
export const INFANT_DOMAINS: readonly LearningDomain[] = [
  'language',
  'music-movement',
  'sensory',
  'fine-motor',
  'gross-motor',
  'social-emotional',
]

/**
 * Touches of a domain that are aimed at for a child who comes every day; 0 where it is not aimed at. What the home
 * wrote holds for all; else it is two, and for infants only what {@link INFANT_DOMAINS} names
 * (docs/decisions/0011-gaps-and-aims.md).
 *
 * @param stage of the child by age
 */
export const aimOf = (home: Pick<Home, 'targets'>, domain: LearningDomain, stage: Stage): number =>
  home.targets[domain] ?? (stage === 'infant' && !INFANT_DOMAINS.includes(domain) ? 0 : DEFAULT_TARGET)

/**
 * Touches per week, child and domain. Skipped placements touch nobody; a circle touches what most of it teaches.
 *
 * @param plan the resolved plan of a unit
 * @param house its children, its targets, and the opening hours that a full week is counted by
 */
export function touchesOf(
  plan: ResolvedPlan,
  house: { home: Pick<Home, 'open' | 'targets' | 'stageBounds'>; children: readonly Child[] },
): TouchWeek[] {
  const daysOpen = Math.max(1, WEEKDAYS.filter((day) => house.home.open[day]).length)
  const held = plan.program.days.filter((day) => day.held)
  const sessions = [...plan.sessions.filter((session) => session.placement.status !== 'skipped'), ...plan.circles]
  return [...new Set(held.map((day) => mondayOf(day.date)))].map((monday) => ({
    monday,
    open: daysOpen,
    held: held.filter((day) => mondayOf(day.date) === monday).length,
    children: house.children.map((child): ChildWeek => {
      const dates = held
        .filter((day) => mondayOf(day.date) === monday && childHours(child, day.date) !== null)
        .map((day) => day.date)
      const met = sessions.flatMap((session) => {
        const days = session.days.filter((day) => dates.includes(day.date)).length
        return days && session.parts.some((part) => part.child.id === child.id && part.does === 'takes-part')
          ? [{ session, minutes: session.activity.minutes.do * days }]
          : []
      })
      const stage = dates.length ? stageOn(child, dates[0], house.home.stageBounds) : 'infant'
      return {
        child,
        dates,
        touches: DOMAINS.map((domain) => {
          const of = met.filter(
            ({ session: { activity } }) => activity.domains[0] === domain || activity.domains[1] === domain,
          )
          const wanted = targetFor(aimOf(house.home, domain, stage), dates.length, daysOpen)
          return {
            domain,
            sessions: of.map((one) => one.session),
            minutes: of.reduce((sum, one) => sum + one.minutes, 0),
            target: wanted,
            gap: Math.max(0, wanted - of.length),
          }
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
    return {
      domain,
      missing: short.reduce((sum, one) => sum + one.touches.find((touch) => touch.domain === domain)!.gap, 0),
      children: short.map((one) => one.child),
    }
  })
    .filter((lack) => lack.missing > 0)
    .sort((a, b) => b.missing - a.missing)
}

/** A domain that a child does not meet at all in a week in which the child comes, though it is aimed at. */
export interface Gap {
  monday: CalendarDate
  child: Child
  domain: LearningDomain
  /** Held days of that week on which the child comes. */
  dates: CalendarDate[]
  target: number
}

/**
 * What somebody goes without, in order of weeks, children and domains. A week of which the unit holds less than half
 * belongs as much to another unit: nothing in it is called a gap.
 */
export const gapsOf = (weeks: readonly TouchWeek[]): Gap[] =>
  weeks
    .filter((week) => week.held * 2 >= week.open)
    .flatMap((week) =>
      week.children.flatMap(({ child, dates, touches }) =>
        touches
          .filter((touch) => touch.target > 0 && !touch.sessions.length)
          .map(({ domain, target }): Gap => ({ monday: week.monday, child, domain, dates, target })),
      ),
    )
