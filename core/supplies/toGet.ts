import { type Part, usersOf } from '../plan'
import type { Activity, Material } from '../domain'
import { quantityFor } from './needs'
import { coverByPacks } from './packs'

/** What an idea would take beyond what is in the house, were it done once with these children. */
export interface ToGet {
  /** Materials that are short. */
  materials: Material[]
  /** Cents for those that are bought and priced. */
  cost: number
}

/**
 * What one idea would take beyond what is in the house, before it has a day and looked at alone.
 *
 * @param parts who would do it, from `suits`
 */
export function toGet(activity: Activity, parts: readonly Part[], materials: ReadonlyMap<string, Material>): ToGet {
  const found: ToGet = { materials: [], cost: 0 }
  for (const requirement of activity.requirements) {
    const material = materials.get(requirement.materialId)
    if (!material || material.way === 'have') continue
    const { quantity } = quantityFor(requirement, usersOf(requirement, parts), material.unit)
    const short = quantity - material.onHand
    if (short <= 0) continue
    found.materials.push(material)
    if (material.way === 'buy' && material.packs.length) found.cost += coverByPacks(short, material.packs).cost
  }
  return found
}
