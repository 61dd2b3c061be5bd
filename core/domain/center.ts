import { z } from 'zod'
import { CenterKind, Id, Line, OptionalLine } from './primitives'

/** A learning center in the house. */
export const Center = z.strictObject({
  id: Id,
  name: Line,
  kind: CenterKind,
  /** How many children fit at once. */
  atOnce: z.number().int().min(1).max(30),
  washable: z.boolean(),
  where: z.enum(['indoors', 'outdoors']),
  note: OptionalLine,
})
export type Center = z.infer<typeof Center>
