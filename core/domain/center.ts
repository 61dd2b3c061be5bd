import { z } from 'zod'
import { ROOM } from './lists'
import { CenterKind, Id, Line, OptionalLine } from './primitives'

/** Where a center lies on the plan of the house, in squares from the upper left. */
export const RoomSpot = z.strictObject({
  x: z
    .number()
    .int()
    .min(0)
    .max(ROOM.across - 1),
  y: z
    .number()
    .int()
    .min(0)
    .max(ROOM.down - 1),
  wide: z.number().int().min(1).max(ROOM.across),
  high: z.number().int().min(1).max(ROOM.down),
})
export type RoomSpot = z.infer<typeof RoomSpot>

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
  /** Null until it was arranged. */
  spot: RoomSpot.nullable().default(null),
  /** Someone sleeps here at nap. */
  sleeps: z.boolean().default(false),
})
export type Center = z.infer<typeof Center>
