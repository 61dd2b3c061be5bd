import type { Child, CalendarDate } from '../domain'
import { completedMonths } from '../base'
import { partsOfCircle, type CircleItem } from './items'

/** Minutes that a child sits at a stretch, by completed months from which on it holds: 3-computations, section 10. */
export type SittingLimits = readonly { fromMonths: number; minutes: number }[]
export const USUAL_SITTING: SittingLimits = [
  { fromMonths: 12, minutes: 4 },
  { fromMonths: 24, minutes: 7 },
  { fromMonths: 36, minutes: 10 },
  { fromMonths: 48, minutes: 14 },
  { fromMonths: 60, minutes: 18 },
]

/**
 * How long a child sits at a stretch.
 *
 * @returns minutes; null for a baby, who lies beside and counts for nothing
 */
export function sittingOf(months: number, limits: SittingLimits = USUAL_SITTING): number | null {
  let minutes: number | null = null
  for (const one of limits) if (months >= one.fromMonths) minutes = one.minutes
  return minutes
}
/** The limit of a group: that of the youngest who is expected to stay; null where only babies are there, or nobody. */
export function groupSitting(
  children: readonly Pick<Child, 'born'>[],
  date: CalendarDate,
  limits: SittingLimits = USUAL_SITTING,
): number | null {
  const all = children.flatMap((child) => sittingOf(completedMonths(child.born, date), limits) ?? [])
  return all.length ? Math.min(...all) : null
}

/** A stretch of sitting: from which minute of the circle, how long, and what it is made of. */
export interface Stretch {
  from: number
  minutes: number
  ids: readonly string[]
}
const tidy = (minutes: number): number => Math.round(minutes * 100) / 100
type Timed = Pick<CircleItem, 'id' | 'seated'>

/** Stretches of sitting in a circle as it goes; whatever takes no time parts nothing. */
export function stretchesOf(items: readonly Timed[], minutes: ReadonlyMap<string, number>): Stretch[] {
  const out: Stretch[] = []
  let [at, going] = [0, false]
  for (const one of items) {
    const long = minutes.get(one.id) ?? 0
    if (long <= 0) continue
    const last = out[out.length - 1] as Stretch | undefined
    if (!one.seated) going = false
    else if (going && last)
      out[out.length - 1] = { ...last, minutes: tidy(last.minutes + long), ids: [...last.ids, one.id] }
    else {
      out.push({ from: tidy(at), minutes: tidy(long), ids: [one.id] })
      going = true
    }
    at += long
  }
  return out
}
export const longestStretch = (items: readonly Timed[], minutes: ReadonlyMap<string, number>): number =>
  Math.max(0, ...stretchesOf(items, minutes).map((one) => one.minutes))

/** Middle items up to which every order is tried. */
export const MOST_EXACT = 9

/**
 * Puts the middle in the order in which the longest stretch of sitting is least; among equals the one with the fewest
 * pairs out of her order. What is pinned stays at its place. Exact up to nine items in the middle; with more, only items
 * near each other change places.
 *
 * @param items in her order
 * @param minutes of each, as fitted
 * @returns the whole circle in its order, and how many pairs are out of hers
 */
export function calmestOrder(
  items: readonly CircleItem[],
  minutes: ReadonlyMap<string, number>,
): { items: CircleItem[]; swapped: number } {
  const { open, middle, close } = partsOfCircle(items)
  const stretch = (order: readonly CircleItem[]) => longestStretch([...open, ...order, ...close], minutes)
  const order = middle.length <= MOST_EXACT ? best(open, middle, close, minutes) : nearBest(middle, stretch)
  return { items: [...open, ...order, ...close], swapped: pairsOut(order, middle) }
}

const pairsOut = (order: readonly CircleItem[], hers: readonly CircleItem[]): number => {
  const at = order.map((one) => hers.indexOf(one))
  let pairs = 0
  for (let i = 0; i < at.length; i++) for (let j = i + 1; j < at.length; j++) if (at[i] > at[j]) pairs++
  return pairs
}

/** Every order, except those that are no better already when only their beginning stands. */
function best(
  open: readonly CircleItem[],
  middle: readonly CircleItem[],
  close: readonly CircleItem[],
  minutes: ReadonlyMap<string, number>,
): CircleItem[] {
  const count = middle.length
  const long = (one: CircleItem) => minutes.get(one.id) ?? 0
  /** How the longest and the running stretch go on with one more. */
  const step = (run: number, most: number, one: CircleItem): [number, number] => {
    const next = one.seated ? run + long(one) : long(one) > 0 ? 0 : run
    return [next, Math.max(most, next)]
  }
  const through = (run: number, most: number, list: readonly CircleItem[]) =>
    list.reduce<[number, number]>(([r, m], one) => step(r, m, one), [run, most])
  const [run0, most0] = through(0, 0, open)
  let [bestMost, bestPairs, found] = [Infinity, Infinity, [...middle]]
  const order: number[] = []
  const used = Array<boolean>(count).fill(false)
  const EPSILON = 1e-9
  const search = (run: number, most: number, pairs: number): void => {
    if (most > bestMost + EPSILON || (most > bestMost - EPSILON && pairs >= bestPairs)) return
    if (order.length === count) {
      const [, whole] = through(run, most, close)
      if (whole < bestMost - EPSILON || (whole < bestMost + EPSILON && pairs < bestPairs)) {
        bestMost = whole
        bestPairs = pairs
        found = order.map((i) => middle[i])
      }
      return
    }
    const place = order.length
    for (let i = 0; i < count; i++) {
      if (used[i] || (middle[place].pinned ? i !== place : middle[i].pinned)) continue
      used[i] = true
      order.push(i)
      // Those before it in her order that come after it now.
      let out = 0
      for (let j = 0; j < i; j++) if (!used[j]) out++
      const [next, longest] = step(run, most, middle[i])
      search(next, longest, pairs + out)
      order.pop()
      used[i] = false
    }
  }
  search(run0, most0, 0)
  return found
}

/** Changes places of two, near each other first, as long as that helps. */
function nearBest(middle: readonly CircleItem[], stretch: (order: readonly CircleItem[]) => number): CircleItem[] {
  const order = [...middle]
  let now = stretch(order)
  for (let again = true; again;) {
    again = false
    for (let apart = 1; apart < order.length && !again; apart++)
      for (let i = 0; i + apart < order.length && !again; i++) {
        const j = i + apart
        if (order[i].pinned || order[j].pinned) continue
        const tried = [...order]
        ;[tried[i], tried[j]] = [order[j], order[i]]
        const then = stretch(tried)
        if (then < now - 1e-9) {
          order.splice(0, order.length, ...tried)
          now = then
          again = true
        }
      }
  }
  return order
}

/** Children who cannot sit so long, and the minute of the circle at which they get up. */
export interface GetsUp<T> {
  children: readonly T[]
  at: number
  /** How long they sat until then. */
  minutes: number
}
/** Who gets up when, the first first: at the first stretch that is longer than they sit. Babies are beside anyway. */
export function whoGetsUp<T extends Pick<Child, 'born'>>(
  items: readonly Timed[],
  minutes: ReadonlyMap<string, number>,
  children: readonly T[],
  date: CalendarDate,
  limits: SittingLimits = USUAL_SITTING,
): GetsUp<T>[] {
  const stretches = stretchesOf(items, minutes)
  const groups = new Map<number, { children: T[]; minutes: number }>()
  for (const child of children) {
    const limit = sittingOf(completedMonths(child.born, date), limits)
    if (limit === null) continue
    const over = stretches.find((one) => one.minutes > limit + 1e-9)
    if (!over) continue
    const at = tidy(over.from + limit)
    groups.set(at, { children: [...(groups.get(at)?.children ?? []), child], minutes: limit })
  }
  return [...groups].map(([at, group]) => ({ at, ...group })).sort((a, b) => a.at - b.at)
}
