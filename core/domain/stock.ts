import { z } from 'zod'
import { STOCK_REASONS } from './lists'
import { Amount, CalendarDate, Id, OptionalLine } from './primitives'
import { Pack } from './material'

export const StockReason = z.enum(STOCK_REASONS)
export type StockReason = z.infer<typeof StockReason>

const Change = z.number().min(-10_000_000).max(10_000_000)

/** One change of what is on hand of a material: the material's history is all of them. Written once, never changed. */
export const StockEntry = z.strictObject({
  id: Id,
  materialId: Id,
  date: CalendarDate,
  reason: StockReason,
  change: Change,
  /** On hand once it was made. */
  after: Amount,
  unitId: Id.nullable(),
  note: OptionalLine,
  by: OptionalLine,
})
export type StockEntry = z.infer<typeof StockEntry>

/**
 * A change of what is on hand by an amount rather than to one: two people who take and bring at once add up, also when
 * one of them was without a network.
 */
export const StockOp = z.strictObject({
  op: z.literal('stock'),
  kind: z.literal('material'),
  /** The material. */
  id: Id,
  entryId: Id,
  change: Change,
  reason: StockReason,
  date: CalendarDate,
  unitId: Id.nullable(),
  note: OptionalLine,
  by: OptionalLine,
  /** A pack as it was found: the material remembers its price, shop and day. */
  packs: z.array(Pack).max(12),
})
export type StockOp = z.infer<typeof StockOp>
