import type { Knex } from 'knex'
import { HOUSE_KINDS, UNIT_KINDS, type Row, type ThingKind, type ThingOf } from '@core/domain'
import { KEY_COLUMNS, TABLES } from './schema'

interface Stored {
  id: string
  version: number
  body: string
}

const toRow = <K extends ThingKind>(kind: K, stored: Stored): Row<K> => ({
  kind,
  version: stored.version,
  value: JSON.parse(stored.body) as ThingOf<K>,
})

/** One row, or undefined. */
export async function readRow<K extends ThingKind>(db: Knex, kind: K, id: string): Promise<Row<K> | undefined> {
  const stored = await db(TABLES[kind]).where({ id }).first('id', 'version', 'body')
  return stored && toRow(kind, stored)
}

/** All rows of a kind; of one unit where its id is given. */
export async function readRows<K extends ThingKind>(db: Knex, kind: K, unitId?: string): Promise<Row<K>[]> {
  const query = db(TABLES[kind]).select('id', 'version', 'body').orderBy('id')
  if (unitId !== undefined) query.where(kind === 'unit' ? { id: unitId } : { unit_id: unitId })
  return (await query).map((stored: Stored) => toRow(kind, stored))
}

/** Rows as they were read, and what says whether they still are. */
export interface KeptRows<K extends ThingKind = ThingKind> {
  stamp: string
  rows: readonly Row<K>[]
}
const kept = new WeakMap<Knex, Map<string, KeptRows>>()
/** Units whose rows are kept: those that screens and sheets ask for at the same time, and some more. */
const MOST_KEPT = 12

/**
 * Changes with every write on the rows: how many each table has of them, their versions in all, and when the last was
 * written.
 */
async function stampOf(db: Knex, kinds: readonly ThingKind[], unitId?: string): Promise<string> {
  const parts = kinds.map((kind) => {
    const query = db(TABLES[kind]).select(db.raw('count(*) as n, sum(version) as v, max(updated_at) as at'))
    return unitId === undefined ? query : query.where(kind === 'unit' ? { id: unitId } : { unit_id: unitId })
  })
  const [first, ...rest] = parts
  return JSON.stringify(await (rest.length ? first.unionAll(rest) : first))
}

/**
 * Rows of some kinds, all of them or those of a unit. They are asked for often and seldom differ, and a library of
 * hundreds of ideas takes long to parse, so what was read is kept until one of the tables changes. What is returned is
 * shared: nobody changes it.
 */
async function keptRows(db: Knex, kinds: readonly ThingKind[], unitId?: string): Promise<KeptRows> {
  const key = unitId ?? kinds.join()
  const all = kept.get(db) ?? new Map<string, KeptRows>()
  kept.set(db, all)
  const stamp = await stampOf(db, kinds, unitId)
  const known = all.get(key)
  const now: KeptRows =
    known?.stamp === stamp
      ? known
      : { stamp, rows: (await Promise.all(kinds.map((kind) => readRows(db, kind, unitId)))).flat() }
  // The one asked for last stands last, so that the first is the one to let go.
  all.delete(key)
  all.set(key, now)
  if (all.size > MOST_KEPT) all.delete(all.keys().next().value!)
  return now
}

/** Everything of the house, or some kinds of it. */
export const keptHouse = (db: Knex, kinds: readonly ThingKind[] = HOUSE_KINDS): Promise<KeptRows> => keptRows(db, kinds)
/** All units, by themselves. */
export const keptUnits = (db: Knex) => keptRows(db, ['unit']) as Promise<KeptRows<'unit'>>
/** What belongs to one unit. */
export const keptUnit = (db: Knex, unitId: string): Promise<KeptRows> => keptRows(db, UNIT_KINDS, unitId)

/** The rows of {@link keptHouse}. */
export const readHouse = async (db: Knex): Promise<readonly Row[]> => (await keptHouse(db)).rows

/**
 * Everything of one unit, the half ideas that belong to none, and what was bought for the house lately: it lies in the
 * same cart.
 */
export const readUnit = async (db: Knex, unitId: string, now: Date): Promise<Row[]> => {
  const { rows } = await keptUnit(db, unitId)
  return [...rows, ...(await readLooseIdeas(db)), ...(await readHousePurchases(db, now))]
}

/** For how long what was bought for the house comes with a unit, in milliseconds: two days, whatever the time zone. */
const LATELY_MS = 2 * 86_400_000

const readHousePurchases = async (db: Knex, now: Date): Promise<Row<'purchase'>[]> =>
  (
    await db(TABLES.purchase)
      .whereNull('unit_id')
      .where('updated_at', '>', new Date(now.getTime() - LATELY_MS).toISOString())
      .select('id', 'version', 'body')
      .orderBy('id')
  ).map((stored: Stored) => toRow('purchase', stored))

/** Half ideas that belong to no unit: the notebook of the home. */
export const readLooseIdeas = async (db: Knex): Promise<Row<'idea'>[]> =>
  (await db(TABLES.idea).whereNull('unit_id').select('id', 'version', 'body').orderBy('id')).map((stored: Stored) =>
    toRow('idea', stored),
  )

/** Placements that were done, of all units. */
export const readDone = async (db: Knex): Promise<Row<'placement'>[]> =>
  (await db(TABLES.placement).where({ status: 'done' }).select('id', 'version', 'body').orderBy('id')).map(
    (stored: Stored) => toRow('placement', stored),
  )

/** Every purchase of a material. */
export const readPurchasesOf = async (db: Knex, materialId: string): Promise<Row<'purchase'>[]> =>
  (await db(TABLES.purchase).where({ material_id: materialId }).select('id', 'version', 'body').orderBy('id')).map(
    (stored: Stored) => toRow('purchase', stored),
  )

/** Batches that one answer has: what is in the house, and what the next ones learn from. */
const MOST_BATCHES = 300

/** What was mixed: all that is in the house still, and the latest of what is gone. */
export const readBatches = async (db: Knex): Promise<Row<'batch'>[]> =>
  (
    await db(TABLES.batch)
      .select('id', 'version', 'body')
      .orderByRaw('case when gone_on is null then 0 else 1 end')
      .orderBy([{ column: 'updated_at', order: 'desc' }, { column: 'id' }])
      .limit(MOST_BATCHES)
  ).map((stored: Stored) => toRow('batch', stored))

/** Every entry of a material's history, the latest first. */
export const readHistory = async (db: Knex, materialId: string, most?: number): Promise<Row<'stock'>[]> => {
  const query = db(TABLES.stock)
    .where({ material_id: materialId })
    .select('id', 'version', 'body')
    .orderBy([{ column: 'updated_at', order: 'desc' }, { column: 'id' }])
  if (most !== undefined) query.limit(most)
  return (await query).map((stored: Stored) => toRow('stock', stored))
}

/** Writes a row with its version, whether it is there or not; `at` is the instant in UTC. */
export async function writeRow(
  db: Knex,
  kind: ThingKind,
  value: ThingOf<ThingKind>,
  version: number,
  at: string,
): Promise<void> {
  const keys = Object.fromEntries(
    Object.entries(KEY_COLUMNS[kind] ?? {}).map(([column, field]) => [
      column,
      (value as unknown as Record<string, string | null>)[field],
    ]),
  )
  const row = { id: value.id, version, body: JSON.stringify(value), updated_at: at, ...keys }
  await db(TABLES[kind]).insert(row).onConflict('id').merge()
}

export async function deleteRow(db: Knex, kind: ThingKind, id: string): Promise<void> {
  await db(TABLES[kind]).where({ id }).delete()
}
