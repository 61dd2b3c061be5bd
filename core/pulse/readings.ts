import { planCautions, type Caution } from '../cautions'
import type { UnitSnapshot } from '../domain'
import { resolvePlan, type ResolvedPlan } from '../plan/resolve'
import { moneyOf, supplyList, type Money, type SupplyLine } from '../supplies'

/** Everything that a view of the plan shows, computed from one snapshot at once. */
export interface Readings {
  plan: ResolvedPlan
  lines: SupplyLine[]
  money: Money
  cautions: Caution[]
}

/** All readings of a unit. The same function serves the board while she drags and the server when it exports. */
export function readingsOf(snapshot: UnitSnapshot): Readings {
  const plan = resolvePlan(snapshot)
  const lines = supplyList(snapshot, plan)
  return { plan, lines, money: moneyOf(snapshot, lines), cautions: planCautions(plan) }
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
