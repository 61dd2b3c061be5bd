import { PIECES } from '@core/library/repertoire'
import type { Knex } from 'knex'
import { houseOf, valuesOf, type Row, type SpokenFor } from '@core/domain'
import { runningBefore, sayLike } from '@core/base'
import { resolvePlan } from '@core/plan'
import { spokenForBy, type ListSource } from '@core/supplies'
import { snapshotOf, type UnitOwn } from '@core/ideas'
import { notFound, Refusal } from './refusal'
import { keptHouse, keptUnit, keptUnits, readHouse } from '../store/rows'
import type { Clock } from './clock'

/**
 * Units as they were last computed, by the database that they lie in: what says whether they still are, and what they
 * came to.
 */
const kept = new WeakMap<Knex, Map<string, { stamp: string; source: ListSource }>>()
/** Units whose plan is kept. */
const MOST_KEPT = 8

/** A unit as if no other ran, and its plan. Kept until a row of it or of the house, a unit, or the day changes. */
async function readAlone(db: Knex, clock: Clock, unitId: string): Promise<ListSource> {
  const [house, units, own, today] = [
    await keptHouse(db),
    await keptUnits(db),
    await keptUnit(db, unitId),
    await clock.today(db),
  ]
  const stamp = [house.stamp, units.stamp, own.stamp, today].join()
  const all = kept.get(db) ?? new Map<string, { stamp: string; source: ListSource }>()
  kept.set(db, all)
  const known = all.get(unitId)
  if (known?.stamp === stamp) return known.source
  const [unit] = valuesOf(own.rows, 'unit')
  const home = houseOf(house.rows)
  if (!unit) throw notFound('unit')
  if (!home) throw new Refusal('in-the-way', 'This home is not set up yet')
  sayLike(home.home)
  const snapshot = snapshotOf(home, valuesOf(units.rows, 'unit'), unit, ownOf(own.rows), today, { shipped: PIECES })
  const source = { snapshot, plan: resolvePlan(snapshot) }
  if (!all.has(unitId) && all.size >= MOST_KEPT) all.delete(all.keys().next().value!)
  all.set(unitId, { stamp, source })
  return source
}

const ownOf = (rows: readonly Row[]): UnitOwn => ({
  placements: valuesOf(rows, 'placement'),
  ideas: valuesOf(rows, 'idea'),
  purchases: valuesOf(rows, 'purchase'),
  promises: valuesOf(rows, 'promise'),
  prepMarks: valuesOf(rows, 'prepMark'),
  printSets: valuesOf(rows, 'printSet'),
  circles: valuesOf(rows, 'circle'),
})

/** What units that run before another will still use up. */
export async function readSpokenFor(db: Knex, clock: Clock, unitId: string): Promise<SpokenFor[]> {
  const [units, [home]] = [valuesOf((await keptUnits(db)).rows, 'unit'), valuesOf(await readHouse(db), 'home')]
  const unit = units.find((one) => one.id === unitId)
  if (!home || !unit) return []
  return spokenForBy(
    await Promise.all(
      runningBefore(home, units, unit, await clock.today(db)).map((one) => readAlone(db, clock, one.id)),
    ),
  )
}

/** A unit as the server computes on it, the same that the browser holds, and its plan. */
export async function readSource(db: Knex, clock: Clock, unitId: string): Promise<ListSource> {
  const [alone, spokenFor] = [await readAlone(db, clock, unitId), await readSpokenFor(db, clock, unitId)]
  return spokenFor.length ? { snapshot: { ...alone.snapshot, spokenFor }, plan: alone.plan } : alone
}
