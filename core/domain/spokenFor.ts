import { z } from 'zod'
import { Id } from './primitives'

/**
 * What another unit will still use up of a material, in base units: as far as the house has it, it is not there for
 * later ones.
 */
export const SpokenFor = z.strictObject({
  materialId: Id,
  unitId: Id,
  /** The unit's name. */
  unit: z.string(),
  quantity: z.number(),
})
export type SpokenFor = z.infer<typeof SpokenFor>
