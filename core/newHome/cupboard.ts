import { CUPBOARD } from '../library/cupboard'
import type { Material } from '../domain'

/** Every thing of the usual cupboard with its amount, by material. */
const USUAL: ReadonlyMap<string, number> = new Map(CUPBOARD.flatMap((group) => group.things))

/**
 * Materials of a new home: those that were ticked have a usual amount on hand, which is marked as not counted.
 *
 * @param materials the shipped ones
 * @param ticked ids of materials that are in the house
 */
export const stockedCupboard = (materials: readonly Material[], ticked: ReadonlySet<string>): Material[] =>
  materials.map((one) =>
    ticked.has(one.id) && USUAL.has(one.id) ? { ...one, onHand: USUAL.get(one.id)!, counted: false } : one,
  )
