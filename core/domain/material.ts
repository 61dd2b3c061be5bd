import { z } from 'zod'
import { UNITS, HAZARDS, WAYS, CONDITIONS } from './lists'
import { Allergen, Amount, CalendarDate, Cents, Id, Line, OptionalLine, PositiveAmount } from './primitives'

export const BaseUnit = z.enum(UNITS)
export type BaseUnit = z.infer<typeof BaseUnit>

/** A pack as a shop sells it. */
export const Pack = z.strictObject({
  /** Content in whole base units. */
  size: z
    .number()
    .int('A pack holds whole units')
    .min(1, 'A pack must hold something')
    .max(10_000_000, 'At most 10,000,000 in a pack'),
  price: Cents,
  shop: Line,
  /** When that price was last seen in that shop; null for an example that nobody has seen. */
  seen: CalendarDate.nullable().default(null),
})
export type Pack = z.infer<typeof Pack>

export const Hazard = z.enum(HAZARDS)
export type Hazard = z.infer<typeof Hazard>

/**
 * What the cautions need to know. Every material states each of these: null and an empty list are statements
 * ("no loose piece", "no hazard"), not gaps.
 */
export const MaterialSafety = z.strictObject({
  /** Length, width and height in mm of the smallest loose piece; null where there is no loose solid piece. */
  partMm: z.tuple([PositiveAmount, PositiveAmount, PositiveAmount]).nullable(),
  /** Diameter in mm of the smallest ball; null where it is no ball. */
  ballMm: PositiveAmount.nullable(),
  /** Longest free cord, ribbon or elastic in mm; null where there is none. */
  cordMm: PositiveAmount.nullable(),
  allergens: z.array(Allergen).max(20),
  hazards: z.array(Hazard).max(HAZARDS.length),
  /** Whether somebody looked at its pieces: where nobody did, no piece is known, rather than none there. */
  measured: z.boolean().default(true),
})
export type MaterialSafety = z.infer<typeof MaterialSafety>

export const Way = z.enum(WAYS)
export type Way = z.infer<typeof Way>

export const Condition = z.enum(CONDITIONS)
export type Condition = z.infer<typeof Condition>

/** A thing that activities use. */
export const Material = z.strictObject({
  id: Id,
  name: Line,
  unit: BaseUnit,
  /** A consumable is used up; a reusable comes back after each placement. */
  use: z.enum(['consumable', 'reusable']),
  /** Where it is kept in the house. */
  place: OptionalLine,
  onHand: Amount,
  /** False while what is on hand is a usual amount that was ticked at the start, and nobody has counted it. */
  counted: z.boolean().default(true),
  /**
   * Keep at least that the house keeps of it, whatever is planned: it stands on the always-have list. Null where none is kept.
   */
  par: Amount.nullable().default(null),
  condition: Condition.default('good'),
  /** Last day on which what is on hand is good; null where it keeps, or nobody looked. */
  expires: CalendarDate.nullable().default(null),
  packs: z.array(Pack).max(12),
  way: Way,
  /** Part of the shop: "paper and craft", "baking", "produce". */
  shopPart: Line,
  /** Days it keeps from the day it is bought; null where it keeps for good. */
  keepsDays: z.number().int().min(0).max(3650).nullable(),
  /** Grams per millilitre, where volume and mass must meet. */
  density: PositiveAmount.max(25).nullable(),
  safety: MaterialSafety,
})
export type Material = z.infer<typeof Material>
