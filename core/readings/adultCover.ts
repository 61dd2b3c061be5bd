import { childHours, hoursOn, stageOfMonths, type ResolvedPlan, type Session } from '../plan'
import { completedMonths, minutesOf, planMinute, timeOf } from '../base'
import type { Adult, CalendarDate, Child, Home, TimeOfDay } from '../domain'
import { adultsRequired } from './adultRatio'

/** A stretch of a day during which nobody comes or goes. */
export interface CoverInterval {
  date: CalendarDate
  from: TimeOfDay
  to: TimeOfDay
  /** In the house, awake or asleep. */
  children: Child[]
  underTwo: number
  required: number
  adults: Adult[]
  /** Adults that are missing, 0 or more. */
  short: number
  /** Children beyond what the license allows at once, in all or under two. */
  over: number
}

/** Placements that want more adults at one time than there are, or one who is not there. */
export interface Clash {
  kind: 'hands' | 'lead-twice' | 'lead-away'
  date: CalendarDate
  from: TimeOfDay
  to: TimeOfDay
  sessions: Session[]
  adult: Adult | null
}

export interface Cover {
  /** In order of time. */
  intervals: CoverInterval[]
  clashes: Clash[]
}

const MONTHS_OF_TWO_YEARS = 24
const WANTS_HANDS = new Set(['hands-on', 'one-to-one'])

interface Here<T> {
  who: T
  from: number
  to: number
}
/** Hours of an adult on a date; null for a day away. */
export const adultHours = (adult: Adult, date: CalendarDate) =>
  hoursOn({ pattern: adult.hours, exceptions: adult.exceptions }, date)
const herePeople = <T>(people: readonly T[], hours: (one: T) => { from: TimeOfDay; to: TimeOfDay } | null): Here<T>[] =>
  people.flatMap((who) => {
    const span = hours(who)
    return span ? [{ who, from: minutesOf(span.from), to: minutesOf(span.to) }] : []
  })
const at = <T>(here: readonly Here<T>[], from: number, to: number): T[] =>
  here.filter((one) => one.from <= from && one.to >= to).map((one) => one.who)

/**
 * Required and present adults through one day: an interval for each stretch between two comings or goings in which a
 * child is there.
 */
export function coverOn(
  date: CalendarDate,
  house: { home: Pick<Home, 'license' | 'stageBounds'>; children: readonly Child[]; adults: readonly Adult[] },
): CoverInterval[] {
  const children = herePeople(house.children, (child) => childHours(child, date))
  const adults = herePeople(house.adults, (adult) => adultHours(adult, date))
  const { license, stageBounds } = house.home
  const months = new Map(children.map(({ who }) => [who.id, completedMonths(who.born, date)]))
  const cuts = [...new Set([...children, ...adults].flatMap((one) => [one.from, one.to]))].sort((a, b) => a - b)
  return cuts.slice(1).flatMap((to, i): CoverInterval[] => {
    const from = cuts[i]
    const there = at(children, from, to)
    if (!there.length) return []
    const present = at(adults, from, to)
    const underTwo = there.filter((child) => months.get(child.id)! < MONTHS_OF_TWO_YEARS).length
    const required = adultsRequired(
      license.rule,
      there.map((child) => stageOfMonths(months.get(child.id)!, stageBounds)),
    )
    return [
      {
        date,
        from: timeOf(from),
        to: timeOf(to),
        children: there,
        underTwo,
        required,
        adults: present,
        short: Math.max(0, required - present.length),
        over: Math.max(0, there.length - license.children, license.underTwo === null ? 0 : underTwo - license.underTwo),
      },
    ]
  })
}

/** Clashes of attention among the moments of one day. */
export function clashesOn(date: CalendarDate, sessions: readonly Session[], adults: readonly Adult[]): Clash[] {
  const found: Clash[] = []
  const here = herePeople(adults, (adult) => adultHours(adult, date))
  const wanting = sessions.filter((session) => WANTS_HANDS.has(session.activity.attention))
  const cuts = [
    ...new Set([
      ...wanting.flatMap((one) => [minutesOf(one.from), minutesOf(one.to)]),
      ...here.flatMap((one) => [one.from, one.to]),
    ]),
  ].sort((a, b) => a - b)
  for (let i = 1; i < cuts.length; i++) {
    const [from, to] = [cuts[i - 1], cuts[i]]
    const now = wanting.filter((one) => minutesOf(one.from) <= from && minutesOf(one.to) >= to)
    if (now.length <= at(here, from, to).length) continue
    const last = found.at(-1)
    // The same clash goes on while the same placements overlap.
    if (
      last?.to === timeOf(from) &&
      last.sessions.length === now.length &&
      last.sessions.every((one, j) => one === now[j])
    )
      last.to = timeOf(to)
    else found.push({ kind: 'hands', date, from: timeOf(from), to: timeOf(to), sessions: now, adult: null })
  }
  for (const adult of adults) {
    const led = sessions.filter((session) => session.placement.leadId === adult.id)
    const hours = adultHours(adult, date)
    for (const session of led)
      if (!hours || hours.from > session.from || hours.to < session.to)
        found.push({ kind: 'lead-away', date, from: session.from, to: session.to, sessions: [session], adult })
    const hands = led.filter((session) => WANTS_HANDS.has(session.activity.attention))
    for (let i = 0; i < hands.length; i++) {
      for (const other of hands.slice(i + 1)) {
        const [from, to] = [
          hands[i].from > other.from ? hands[i].from : other.from,
          hands[i].to < other.to ? hands[i].to : other.to,
        ]
        if (from < to) found.push({ kind: 'lead-twice', date, from, to, sessions: [hands[i], other], adult })
      }
    }
  }
  return found
}

/**
 * Whether there are enough adults, for every interval of every held day from today on, and where placements want more
 * hands than there are.
 *
 * @param today what lies before it is not asked any more
 */
export function coverOf(
  plan: ResolvedPlan,
  house: { home: Pick<Home, 'license' | 'stageBounds'>; children: readonly Child[]; adults: readonly Adult[] },
  today: CalendarDate,
): Cover {
  const dates = plan.program.days.filter((day) => day.held && day.date >= today).map((day) => day.date)
  const moments = new Map<CalendarDate, Session[]>()
  for (const session of plan.sessions) {
    if (!session.block || plan.isBehind(session)) continue
    const { date } = session.days[0]
    moments.set(date, [...(moments.get(date) ?? []), session])
  }
  const intervals = dates.flatMap((date) => coverOn(date, house))
  const clashes = dates.flatMap((date) => clashesOn(date, moments.get(date) ?? [], house.adults))
  return { intervals, clashes: clashes.sort((a, b) => planMinute(a.date, a.from) - planMinute(b.date, b.from)) }
}

/** Minutes during which adults are missing or too many children are there. */
export const minutesShort = (intervals: readonly CoverInterval[]): number =>
  intervals
    .filter((one) => one.short > 0 || one.over > 0)
    .reduce((sum, one) => sum + minutesOf(one.to) - minutesOf(one.from), 0)
