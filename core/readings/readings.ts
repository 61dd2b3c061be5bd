import { coverOf, minutesShort, type Cover } from './adultCover'
import { planCautions, type Caution } from '../cautions'
import type { UnitSnapshot } from '../domain'
import { resolvePlan, type ResolvedPlan } from '../plan'
import { preparationOf, type Preparation, type ReadyBy } from '../prep'
import { moneyOf, supplyList, type Money, type SupplyLine } from '../supplies'
import { touchesOf, type TouchWeek } from './touches'

/** Everything that a view of the plan shows, computed from one snapshot at once. */
export interface Readings {
  plan: ResolvedPlan
  lines: SupplyLine[]
  money: Money
  cautions: Caution[]
  /** Touches of each domain, by week and child. */
  weeks: TouchWeek[]
  cover: Cover
  preparation: Preparation
}

/**
 * All readings of a unit. The same function serves the board while she drags and the server when it exports.
 *
 * @param plan the plan of that snapshot, and `lines` its list, where they were computed already
 */
export function readingsOf(
  snapshot: UnitSnapshot,
  plan = resolvePlan(snapshot),
  lines = supplyList(snapshot, plan),
): Readings {
  return {
    plan,
    lines,
    money: moneyOf(snapshot, lines),
    cautions: planCautions(plan),
    weeks: touchesOf(plan, snapshot),
    cover: coverOf(plan, snapshot, snapshot.today),
    preparation: preparationOf(snapshot, plan, lines),
  }
}

/** Cautions by what they ask for. One rule on one placement counts once; what was set aside stands apart. */
export interface CautionCount {
  stop: number
  change: number
  watch: number
  setAside: number
}

/** Counts cautions as the pulse shows them. */
export function countCautions(cautions: readonly Caution[]): CautionCount {
  const count: CautionCount = { stop: 0, change: 0, watch: 0, setAside: 0 }
  const seen = new Set<string>()
  for (const caution of cautions) {
    const key = `${caution.rule.id} ${caution.session.placement.id}`
    if (seen.has(key)) continue
    seen.add(key)
    count[caution.setAside === null ? caution.severity : 'setAside']++
  }
  return count
}

/**
 * How well-rounded the weeks are: touches that are there, of those that are aimed at. What goes beyond a target counts
 * for nothing.
 */
export function roundedOf(weeks: readonly TouchWeek[]): { met: number; target: number } {
  const touches = weeks.flatMap((week) => week.children.flatMap((child) => child.touches))
  const target = touches.reduce((sum, touch) => sum + touch.target, 0)
  return { met: target - touches.reduce((sum, touch) => sum + touch.gap, 0), target }
}

/** What of a plan's adults does not hold: minutes with too few or too many in the house, and clashes. */
export const adultsOf = (cover: Cover): { minutes: number; clashes: number } => ({
  minutes: minutesShort(cover.intervals),
  clashes: cover.clashes.length,
})

/** The first day whose preparation does not fit, and all that is to do beside all the time there is. */
export function readyOf({ days }: Preparation): { first: ReadyBy | null; due: number; window: number } {
  const last = days.at(-1)
  return { first: days.find((one) => one.over > 0) ?? null, due: last?.due ?? 0, window: last?.window ?? 0 }
}
