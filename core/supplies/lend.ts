import { sessionCautions } from '../cautions'
import type { Material } from '../domain'
import { trySession, type ResolvedPlan, type Session } from '../plan'
import { keep } from '../base'
import { byUse, peakOf, type ListSource, type SupplyNeed } from './give'

const keptSafe = keep<SupplyNeed['session'], boolean>()

/** Every stop and change of a session: which rule, about what, for whom. */
const dangers = (session: Session, plan: ResolvedPlan): string[] =>
  sessionCautions(session, plan)
    .filter((caution) => caution.severity !== 'watch')
    .flatMap((caution) =>
      caution.childIds.map((childId) => JSON.stringify([caution.rule.id, caution.requirementId, childId])),
    )

/**
 * Whether a need can be met with another material without harm: each child who takes part still does, and no child
 * meets a stop or a change with it that the child does not meet with the first.
 */
export function isSafe(
  { session, requirement }: Pick<SupplyNeed, 'session' | 'requirement'>,
  other: Material,
  source: ListSource,
): boolean {
  const swapped = trySession(source.snapshot, source.plan, {
    ...session.placement,
    swaps: { ...session.placement.swaps, [requirement.id]: other.id },
  })
  if (!swapped) return false
  const taking = new Set(swapped.parts.filter((part) => part.does === 'takes-part').map((part) => part.child.id))
  if (session.parts.some((part) => part.does === 'takes-part' && !taking.has(part.child.id))) return false
  const before = new Set(dangers(session, source.plan))
  return dangers(swapped, source.plan).every((danger) => before.has(danger))
}

/** What is left over of a material while a need lasts. */
function spareOf(material: Material, there: number, own: readonly SupplyNeed[], need: SupplyNeed): number {
  if (material.use === 'consumable')
    return material.expires !== null && material.expires < need.use.date
      ? 0
      : there - own.reduce((sum, one) => sum + one.quantity, 0)
  const then = own.filter(
    (one) => one.session.start < need.session.freeAgain && one.session.freeAgain > need.session.start,
  )
  return there - peakOf(then).quantity
}

/**
 * Meets what is short with the alternatives that its ideas name, as far as they are in the house, left over, and no
 * less safe for those who take part. The first alternative named goes first, the earliest need before the others.
 *
 * @param needs every need of the list, by material, with what is short of each
 * @param thereOf what of a material can be counted on
 * @returns the same needs, lessened by what was lent, and the lent ones among the needs of what was lent
 */
export function lendAlternatives(
  needs: Map<string, SupplyNeed[]>,
  materials: ReadonlyMap<string, Material>,
  thereOf: (material: Material) => number,
  sources: readonly ListSource[],
): Map<string, SupplyNeed[]> {
  const result = new Map(needs)
  const short = [...needs.values()]
    .flat()
    .filter((need) => need.short > 0 && need.requirement.alternatives.length > 0)
    .sort((a, b) => a.use.minute - b.use.minute)
  for (const need of short) {
    let missing = need.short
    for (const id of need.requirement.alternatives) {
      const other = materials.get(id)
      if (missing <= 0) break
      // What has to be got itself helps nobody, and what is counted in other units does not add up.
      if (!other || id === need.material.id || other.unit !== need.material.unit) continue
      const own = result.get(id) ?? []
      const whole = other.unit === 'each' || other.unit === 'sheet'
      const spare = Math.min(missing, spareOf(other, thereOf(other), own, need))
      const quantity = whole ? Math.floor(spare) : spare
      if (quantity <= 0) continue
      const source = sources.find(({ snapshot }) => snapshot.unit.id === need.unitId)!
      if (!keptSafe(need.session, [need.requirement, other, source.plan.materials], () => isSafe(need, other, source)))
        continue
      missing -= quantity
      const list = result.get(need.material.id)!
      result.set(
        need.material.id,
        list.map((one) =>
          one.session === need.session && one.requirement.id === need.requirement.id
            ? { ...one, quantity: one.quantity - quantity, lent: [...one.lent, { material: other, quantity }] }
            : one,
        ),
      )
      const lent: SupplyNeed = { ...need, material: other, quantity, short: 0, insteadOf: need.material, lent: [] }
      result.set(id, [...own, lent].sort(byUse))
    }
  }
  return result
}
