import { forward, type Rule } from './forward'
import { leastOver, spread } from './relaxed'
import { prepared, mirrored, type Instance } from './instance'
import { LEAST_PIECE, type Job, type Schedule, type Stretch } from './jobs'
import type { Offset } from './waits'

export type Style = 'early' | 'just-in-time'

export interface ScheduleOptions {
  /** As early as can be, or as late as can be. */
  style: Style
  offset: Offset
  /** How many orders are tried where the first ones leave something over. */
  tries: number
}

const better = (a: Schedule, b: Schedule): boolean =>
  a.over !== b.over
    ? a.over < b.over
    : a.overs.length !== b.overs.length
      ? a.overs.length < b.overs.length
      : a.setUps < b.setUps

/** Orders by chance: as many as leave a drag of a card free of it, fewer where there is more to lay out. */
const MOST_TRIES = 24
const TRIED_JOBS = 1200
/**
 * Pairs of a job and a window up to which more than one order is tried: five times a unit of 300 tasks and 60 windows.
 * Beyond, the first order is the answer, and only searched.
 */
const MOST_PAIRS = 100_000

const RULES: Rule[] = [{ by: 'due' }, { by: 'kind' }, { by: 'short' }, { by: 'laxity' }, { by: 'scarce' }]

/**
 * Lays work into windows: the earliest due first, in pieces where it may be (preemptive earliest-deadline-first, with
 * due times made earlier by what follows: W. Horn, 1974; P. Baptiste and others on chains). That is the best there is for
 * one adult, work that splits and windows that take anything. Where it leaves something over, other orders are tried
 * (by the time to spare, by what few windows take, by kind, and at random from a fixed seed), and the answer is held
 * against what the windows could take at most, found as a largest flow, which also gives the schedule itself where all
 * work splits and nothing waits.
 *
 * @param jobs ids once each
 * @param windows each with an end after its start
 * @throws InputError naming `windows` or `jobs`: a window that ends before it starts, two of one adult that overlap, a
 *   job without minutes, one after something that is not there, and jobs that wait for each other
 */
export function schedule(
  jobs: readonly Job[],
  windows: readonly Stretch[],
  { style = 'early', offset = () => 0, tries = MOST_TRIES }: Partial<ScheduleOptions> = {},
): Schedule {
  const instance = prepared(jobs, windows, offset)
  let best = forward(instance, RULES[0])
  if (jobs.length * windows.length > MOST_PAIRS) return best
  const pure = jobs.every((job) => job.splits && !job.after.length && !job.setUp?.minutes)
  if (best.over === 0 && jobs.some((job) => job.setUp)) {
    const shared = forward(instance, RULES[1])
    if (better(shared, best)) best = shared
  }
  if (best.over > 0) best = improved(instance, best, pure, tries)
  if (style === 'just-in-time' && best.over === 0) {
    const late = inTime(instance)
    if (late) best = late
  }
  return best
}

/** The best of the other orders, and what is known of it. */
function improved(instance: Instance, first: Schedule, pure: boolean, tries: number): Schedule {
  let best = first
  const bound = leastOver(instance)
  const tryRule = (rule: Rule, least = LEAST_PIECE) => {
    const other = forward(instance, rule, least)
    if (better(other, best)) best = other
  }
  // By the time to spare is the dearest to reckon: it is worth it where there is little.
  const few = instance.jobs.length * 2 <= TRIED_JOBS / 4
  for (const rule of RULES.slice(1)) if (few || rule.by !== 'laxity') tryRule(rule)
  if (pure && best.over > bound.least) {
    // Short pieces are worth it where nothing else fits.
    for (const rule of RULES) tryRule(rule, 1)
    if (best.over > bound.least) best = spread(instance)
  }
  const most = Math.min(tries, Math.floor(TRIED_JOBS / instance.jobs.length))
  for (let seed = 1; seed <= most && best.over > bound.least; seed++) tryRule({ by: 'chance', seed })
  return {
    ...best,
    least: bound.least,
    proof: best.over === 0 ? 'fits' : bound.fits && best.over > 0 ? 'searched' : 'cannot',
  }
}

/** The same work as late as can be: laid out backward from what is due last. Null where that leaves something over. */
function inTime(instance: Instance): Schedule | null {
  const back = mirrored(instance)
  const tried = [forward(back, RULES[0]), forward(back, RULES[1])].filter((one) => one.over === 0)
  const found = tried.sort((a, b) => a.setUps - b.setUps)[0] as Schedule | undefined
  if (!found) return null
  return {
    ...found,
    pieces: found.pieces
      .map((piece) => ({ ...piece, from: -piece.to, to: -piece.from }))
      .sort((a, b) => a.from - b.from || a.window - b.window),
  }
}
