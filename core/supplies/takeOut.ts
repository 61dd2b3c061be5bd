import type { Material } from '../domain'
import type { Session } from '../plan'
import { isNotInHand } from '../printing'
import { countedOn } from './give'
import { sessionNeeds } from './needs'
import { tidy } from './tidy'

/** What doing a placement takes out of the cupboard, by material. */
export type Took = Record<string, number>

/**
 * What a placement that was done takes out of the pantry: its consumables, for those who took part. What was not there
 * by the count is taken from the alternatives that its idea names, as far as they are there; never more than there is.
 * What the house always has is not counted.
 */
export function takeOut(session: Session, materials: ReadonlyMap<string, Material>): Took {
  const took: Took = {}
  const leftOf = (material: Material) => tidy(material.onHand - (took[material.id] ?? 0))
  const take = (material: Material, wanted: number): number => {
    if (material.use !== 'consumable') return 0
    if (countedOn(material) === Infinity) return wanted
    const quantity = Math.min(wanted, Math.max(0, leftOf(material)))
    if (quantity > 0) took[material.id] = tidy((took[material.id] ?? 0) + quantity)
    return quantity
  }
  for (const need of sessionNeeds(session, materials)) {
    // Paper goes out when its sheets are printed: were it taken here as well, it would be gone twice.
    if (need.material.use !== 'consumable' || isNotInHand(need.requirement.id)) continue
    let missing = need.quantity - take(need.material, need.quantity)
    for (const id of need.requirement.alternatives) {
      const other = materials.get(id)
      if (missing <= 0 || !other || other.unit !== need.material.unit) continue
      missing -= take(other, missing)
    }
  }
  return took
}

/** By how much the pantry changes when what a placement took goes from one count to another. */
export function tookChange(before: Took, after: Took): { materialId: string; change: number }[] {
  return [...new Set([...Object.keys(before), ...Object.keys(after)])].flatMap((materialId) => {
    const change = tidy((before[materialId] ?? 0) - (after[materialId] ?? 0))
    return change === 0 ? [] : [{ materialId, change }]
  })
}
