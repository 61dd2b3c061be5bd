import type { Material, SpokenFor } from '../domain'
import { countedOn, type ListSource } from './give'
import { tidy } from './tidy'

/**
 * What of a material is free: what can be counted on, less what units before will still use up of it. Never less than
 * nothing.
 */
export const freeOf = (material: Material, spokenFor: readonly SpokenFor[]): number =>
  spokenFor.length
    ? tidy(Math.max(0, countedOn(material) - spokenFor.reduce((sum, one) => sum + one.quantity, 0)))
    : countedOn(material)

/** Materials with only what is free of them on hand, for an idea that is looked at before it has a place on a plan. */
export function freeMaterials(materials: readonly Material[], spokenFor: readonly SpokenFor[]): readonly Material[] {
  if (!spokenFor.length) return materials
  return materials.map((one) => {
    const others = spokenFor.filter(({ materialId }) => materialId === one.id)
    return others.length && one.way !== 'have' ? { ...one, onHand: freeOf(one, others) } : one
  })
}

/**
 * What is spoken for as far as the house has it: the unit that begins first takes first. What they are short of they
 * get themselves.
 */
export function inHouse(material: Material, spokenFor: SpokenFor[]): SpokenFor[] {
  if (!spokenFor.length || material.way === 'have') return []
  let left = countedOn(material)
  return spokenFor.flatMap((one) => {
    const quantity = Math.min(left, one.quantity)
    left = tidy(left - quantity)
    return quantity > 0 ? [{ ...one, quantity }] : []
  })
}

/**
 * What is spoken for by units that are not on a list themselves, by material: each unit once, however many sources name
 * it.
 */
export function spokenForIn(sources: readonly ListSource[]): Map<string, SpokenFor[]> {
  const onList = new Set(sources.map(({ snapshot }) => snapshot.unit.id))
  const found = new Map<string, SpokenFor[]>()
  for (const one of sources.flatMap(({ snapshot }) => snapshot.spokenFor)) {
    const list = found.get(one.materialId) ?? []
    if (onList.has(one.unitId) || list.some((other) => other.unitId === one.unitId)) continue
    found.set(one.materialId, [...list, one])
  }
  return found
}
