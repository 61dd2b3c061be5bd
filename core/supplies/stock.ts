import type { Material, Op, RowOp, StockEntry, StockOp } from '../domain'
import { tidy } from './tidy'

/**
 * A material and its history after a change of what is on hand. Never less than nothing is left: what was not there, by
 * the count, cannot be taken, and the entry says what was.
 *
 * @example 12 on hand, 20 taken: none left, an entry of -12
 */
export function stocked(material: Material, op: StockOp): { material: Material; entry: StockEntry } {
  const after = tidy(Math.max(0, material.onHand + op.change))
  const packs = op.packs.reduce((known, found) => withPack(known, found), material.packs)
  return {
    material: { ...material, onHand: after, packs, counted: material.counted || op.reason === 'counted' },
    entry: {
      id: op.entryId,
      materialId: op.id,
      date: op.date,
      reason: op.reason,
      change: tidy(after - material.onHand),
      after,
      unitId: op.unitId,
      note: op.note,
      by: op.by,
    },
  }
}

/** How many packs a material remembers. */
const MOST_PACKS = 12

/**
 * A pack as it was found takes the place of the one of its size in that shop; a new one drops the one that nobody has
 * seen for longest.
 */
function withPack(known: readonly Material['packs'][number][], found: Material['packs'][number]): Material['packs'] {
  const same = known.findIndex(
    (pack) => pack.size === found.size && pack.shop.toLowerCase() === found.shop.toLowerCase(),
  )
  if (same >= 0) return known.map((pack, i) => (i === same ? found : pack))
  const byAge = [...known].sort((a, b) => ((a.seen ?? '') < (b.seen ?? '') ? -1 : 1))
  const dropped = known.length >= MOST_PACKS ? byAge[0] : null
  return [...known.filter((pack) => pack !== dropped), found]
}

/** What a change of the count is about. */
export type StockFacts = Omit<StockOp, 'op' | 'kind' | 'id' | 'note' | 'packs' | 'unitId'> &
  Partial<Pick<StockOp, 'note' | 'packs' | 'unitId'>>

/** A change of what is on hand of a material, as a write. */
export const stockOp = (materialId: string, facts: StockFacts): StockOp => ({
  op: 'stock',
  kind: 'material',
  id: materialId,
  note: '',
  packs: [],
  unitId: null,
  ...facts,
})

/** Whether a write starts from a version: a change by an amount does not, and a tick does not. */
export const startsFrom = (op: Op): op is RowOp => op.op !== 'stock' && op.op !== 'tick'
