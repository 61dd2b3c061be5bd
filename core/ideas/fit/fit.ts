import { partOf, suits, suitsEveryone, type Part, childHours, centersFor, plannableBlocks } from '../../plan'
import { minutesOf, timeOf } from '../../base'
import { sessionCautions, type Caution } from '../../cautions'
import {
  newPlacement,
  type Activity,
  type CalendarDate,
  type Center,
  type Child,
  type Home,
  type Material,
  type RhythmBlock,
  type TimeOfDay,
} from '../../domain'
import { toGet, type ToGet } from '../../supplies'

/** What an idea would meet in this home, before it has a day. */
export interface FitContext {
  home: Home
  children: readonly Child[]
  centers: readonly Center[]
  materials: ReadonlyMap<string, Material>
  /** Held days of the unit; without any, nobody is expected. */
  dates: readonly CalendarDate[]
}

/** How one idea fits this home and these days. */
export interface Fit {
  activity: Activity
  parts: Part[]
  everyone: boolean
  get: ToGet
  /** Minutes of hands and waits before it can begin. */
  lead: number
}

/** Minutes that stand for a wait until the next morning. */
export const OVERNIGHT_MINUTES = 12 * 60

/**
 * Minutes from the first preparation step to the first child at it: every step with its wait, then setting up. What it
 * takes to have the materials is not in it.
 */
export const leadMinutes = (activity: Pick<Activity, 'minutes' | 'prep'>): number =>
  activity.prep.reduce(
    (sum, step) => sum + step.minutes + (step.wait === 'overnight' ? OVERNIGHT_MINUTES : step.wait),
    activity.minutes.setUp,
  )

/** For whom an idea is, what it takes beyond the house, and how long before. */
export function fitOf(activity: Activity, context: FitContext): Fit {
  const parts = context.dates.length ? suits(activity, context) : []
  return {
    activity,
    parts,
    everyone: suitsEveryone(parts),
    get: toGet(activity, parts, context.materials),
    lead: leadMinutes(activity),
  }
}

/** A time of day at which an idea could be done, with those whom it would leave out. */
export interface TimeFit {
  block: RhythmBlock
  from: TimeOfDay
  /** Children with nothing to do then, on any of the dates on which they come. */
  without: Child[]
}

/**
 * Dates on which the home differs: one of each weekday is enough to know when children come and sleep, and every date
 * with an exception.
 */
function telling(dates: readonly CalendarDate[], children: readonly Child[]): CalendarDate[] {
  const seen = new Set<string>()
  return dates.filter((date) => {
    const key = children.map((child) => JSON.stringify(childHours(child, date))).join()
    return seen.has(key) ? false : Boolean(seen.add(key))
  })
}

/**
 * The times of day at which an idea would suit the most, best first: in each block that is long enough, who of those
 * that come on these dates would have neither the idea nor a beside, being asleep or not here then. Blocks in which
 * nobody takes part are left out.
 */
export function timesFor(activity: Activity, context: FitContext): TimeFit[] {
  if (!centersFor(activity, context.centers).length) return []
  const dates = telling(context.dates, context.children)
  const found = plannableBlocks(context.home).flatMap((block): TimeFit[] => {
    if (minutesOf(block.to) - minutesOf(block.from) < activity.minutes.do) return []
    const span = { from: block.from, to: timeOf(minutesOf(block.from) + activity.minutes.do) }
    const without = new Set<Child>()
    let anyone = false
    for (const date of dates) {
      for (const child of context.children) {
        if (childHours(child, date) === null) continue
        const part = partOf(activity, child, { ...context, date, ...span })
        if (part.does === 'takes-part') anyone = true
        if (part.does === 'out') without.add(child)
      }
    }
    return anyone ? [{ block, from: block.from, without: context.children.filter((child) => without.has(child)) }] : []
  })
  return found.sort((a, b) => a.without.length - b.without.length || (a.block.from < b.block.from ? -1 : 1))
}

/** The whole of a day: nobody can be asleep through it. */
const ALL_DAY = { from: '00:00', to: '23:59' }

/**
 * Cautions that an idea would meet while all who come on these days are awake and near it. What a gate, another time or
 * another material does about one shows once the idea has a day.
 */
export function trialCautions(fit: Fit, context: FitContext): Caution[] {
  if (!context.dates.length) return []
  const days = context.dates.map((date, i) => ({ number: i + 1, date, held: true, reason: '' }))
  const placement = newPlacement(
    'trial',
    'trial',
    fit.activity.id,
    { kind: 'set-up', fromDay: 1, toDay: days.length },
    null,
  )
  return sessionCautions(
    {
      placement,
      activity: fit.activity,
      center: null,
      block: null,
      days,
      ...ALL_DAY,
      start: 0,
      end: 0,
      freeAgain: 0,
      parts: fit.parts,
      cooked: false,
    },
    { materials: context.materials, illness: context.home.illness },
  )
}
