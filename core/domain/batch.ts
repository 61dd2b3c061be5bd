import { z } from 'zod'
import { Storage } from './recipe'
import { Allergen, Amount, CalendarDate, Id, Line, OptionalLine } from './primitives'

/** What of one ingredient really went in, beside what the recipe as written takes for as much. */
export const WentIn = z.strictObject({
  ingredientId: Id,
  materialId: Id,
  quantity: Amount,
  /** What both are counted in. */
  measure: z.enum(['g', 'ml', 'each']),
  /** By the recipe as it is written: what was learned of this home is not in it. */
  written: Amount,
})
export type WentIn = z.infer<typeof WentIn>

/** One batch of something that was mixed, cooked or frozen: what went in, until when it keeps, and when it was tossed. */
export const Batch = z.strictObject({
  id: Id,
  /** The recipe, of the library or the home's own; it may be gone by now. */
  recipeId: Id,
  name: Line,
  madeOn: CalendarDate,
  /** The unit it was made in; it may be gone by now. */
  unitId: Id.nullable(),
  /** What came of it. */
  made: z.strictObject({ quantity: Amount, unit: z.enum(['g', 'ml', 'each']) }),
  portions: z.number().min(0).max(10_000),
  swapIds: z.array(Id).max(20),
  went: z.array(WentIn).max(40),
  storage: Storage,
  /** The day by which it is thrown away: the last on which it is used. */
  throwOn: CalendarDate,
  allergens: z.array(Allergen).max(40),
  tasteSafe: z.boolean(),
  /** The day on which it was thrown away or used up; null while it is in the house. */
  goneOn: CalendarDate.nullable(),
  /** Whether its amounts by feel count for the next time. */
  teaches: z.boolean(),
  note: OptionalLine,
  by: OptionalLine,
})
export type Batch = z.infer<typeof Batch>
