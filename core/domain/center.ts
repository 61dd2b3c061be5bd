import { z } from 'zod'
import { CenterKind, Id, Line, OptionalLine } from './primitives'

/** Squares of the house's plan, across and down. */
export const ROOM = { across: 12, down: 8 } as const

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

/** A center of which only the kind and the name are known. */
export const newCenter = (id: string, name: string, kind: CenterKind): Center => ({
  id,
  name,
  kind,
  atOnce: 4,
  washable: kind !== 'blocks' && kind !== 'pretend' && kind !== 'circle' && kind !== 'book-nook',
  where: kind === 'outdoors' ? 'outdoors' : 'indoors',
  note: '',
  spot: null,
  sleeps: false,
})
