import { daysBetween } from '../base'
import { childHours, type ResolvedPlan } from '../plan'
import type { CalendarDate, Center, Pack, UnitSnapshot } from '../domain'
import { needsOf, type Need } from './needs'
import type { SupplyLine } from './supplyList'

/** How sure a price is: seen lately, seen longer ago, or an example that nobody has seen in that shop. */
export type Sureness = 'seen' | 'old' | 'guess'

/**
 * For how long a price that was seen holds, in days: most of what a home buys changes its price by the season. A
 * judgement.
 */
export const PRICE_HOLDS_DAYS = 120

/**
 * By how much a price may be off, as a share: nothing, about a year's change of prices, and what an example can miss
 * by. Judgements.
 */
const OFF_BY: Record<Sureness, number> = { seen: 0, old: 0.1, guess: 0.25 }

/** How sure a pack's price is on a day. */
export function surenessOf(pack: Pick<Pack, 'seen'>, today: CalendarDate): Sureness {
  if (pack.seen === null) return 'guess'
  return daysBetween(pack.seen, today) <= PRICE_HOLDS_DAYS ? 'seen' : 'old'
}

/** Cents by how sure their prices are, and between what the sum is likely to fall. */
export interface Estimate extends Record<Sureness, number> {
  low: number
  high: number
}

/** How sure the prices of what is on a list are. What has no price at all is not in it. */
export function estimateOf(lines: readonly SupplyLine[], today: CalendarDate): Estimate {
  const sum: Record<Sureness, number> = { seen: 0, old: 0, guess: 0 }
  for (const { cover } of lines)
    for (const { pack, count } of cover?.packs ?? []) sum[surenessOf(pack, today)] += pack.price * count
  const off = Math.round((Object.keys(sum) as Sureness[]).reduce((total, one) => total + sum[one] * OFF_BY[one], 0))
  const total = sum.seen + sum.old + sum.guess
  return { ...sum, low: total - off, high: total + off }
}

/**
 * Parts a sum by weights into whole cents that add up to it: each its share rounded down, the cents left over to the
 * largest remainders.
 *
 * @param cents whole, 0 or more
 * @param weights 0 or more each; where all are 0, the parts are equal
 */
export function shareOut(cents: number, weights: readonly number[]): number[] {
  if (!weights.length) return []
  const sum = weights.reduce((total, one) => total + one, 0)
  const exact = weights.map((one) => (sum > 0 ? (cents * one) / sum : cents / weights.length))
  const parts = exact.map(Math.floor)
  const left = cents - parts.reduce((total, one) => total + one, 0)
  const byRemainder = exact.map((one, i) => [one - parts[i], i] as const).sort((a, b) => b[0] - a[0] || a[1] - b[1])
  for (const [, i] of byRemainder.slice(0, left)) parts[i]++
  return parts
}

/** Money of a unit, in cents. */
export interface Money {
  spent: number
  /** Still to buy for what is planned. */
  planned: number
  total: number
  budget: number | null
  /** Over the budget; 0 where there is none or it holds. */
  over: number
  /** Besides, to bring the house up to its least: no unit's own. */
  standing: number
  /** Lines to be bought whose price is not known: the total is at least this. */
  unpriced: SupplyLine[]
}

/** Spent and planned against the unit's budget. */
export function moneyOf(snapshot: UnitSnapshot, lines: readonly SupplyLine[]): Money {
  const spent = snapshot.purchases.reduce((sum, purchase) => sum + purchase.paid, 0)
  const planned = lines.reduce((sum, line) => sum + line.planCost, 0)
  const { budget } = snapshot.unit
  return {
    spent,
    planned,
    budget,
    total: spent + planned,
    over: budget === null ? 0 : Math.max(0, spent + planned - budget),
    standing: lines.reduce((sum, line) => sum + line.cost - line.planCost, 0),
    unpriced: lines.filter((line) => line.unpriced),
  }
}

/** Child-days of a unit: each child on each held day on which the child comes. */
export const childDays = (snapshot: UnitSnapshot, plan: ResolvedPlan): number =>
  plan.program.days
    .filter((day) => day.held)
    .reduce((sum, day) => sum + snapshot.children.filter((child) => childHours(child, day.date) !== null).length, 0)

/** Money of one center; null for what lies at none, or was bought for nothing that is on the plan. */
export interface CenterMoney {
  center: Center | null
  spent: number
  planned: number
}

/**
 * What each center costs: what was spent on a material is parted over all that takes it in the unit, behind or ahead,
 * by quantity; what is still to buy, over what is short of it. The parts add up to the unit's spent and planned.
 */
export function moneyByCenter(snapshot: UnitSnapshot, plan: ResolvedPlan, lines: readonly SupplyLine[]): CenterMoney[] {
  const found = new Map<string | null, CenterMoney>()
  const add = (center: Center | null, part: Partial<CenterMoney>) => {
    const now = found.get(center?.id ?? null) ?? { center, spent: 0, planned: 0 }
    found.set(center?.id ?? null, {
      ...now,
      spent: now.spent + (part.spent ?? 0),
      planned: now.planned + (part.planned ?? 0),
    })
  }
  const takers = new Map<string, Need[]>()
  for (const need of needsOf(plan)) takers.set(need.material.id, [...(takers.get(need.material.id) ?? []), need])
  for (const purchase of snapshot.purchases) {
    const needs = takers.get(purchase.materialId) ?? []
    if (!needs.length) add(null, { spent: purchase.paid })
    shareOut(
      purchase.paid,
      needs.map((need) => need.quantity),
    ).forEach((spent, i) => add(needs[i].session.center, { spent }))
  }
  for (const line of lines) {
    if (line.planCost === 0) continue
    const short = line.needs.filter((need) => need.short > 0 && need.unitId === snapshot.unit.id)
    if (!short.length) add(null, { planned: line.planCost })
    shareOut(
      line.planCost,
      short.map((need) => need.short),
    ).forEach((planned, i) => add(short[i].session.center, { planned }))
  }
  return [...found.values()]
    .filter((one) => one.spent || one.planned)
    .sort((a, b) => b.spent + b.planned - a.spent - a.planned)
}
