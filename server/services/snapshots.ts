import type { Knex } from 'knex'
import type { Row, SpokenFor, ThingKind, ThingOf, UnitSnapshot } from '@core/domain'
import { lastDayBefore, runningBefore } from '@core/calendar'
import { byId, resolvePlan } from '@core/plan'
import { spokenForBy, type ListSource } from '@core/supplies'
import { activitiesFor } from '@core/theme'
import { notFound, Problem } from '../http/problem'
import { keptHouse, keptUnit, keptUnits, readHouse } from '../store/rows'
import type { Clock } from './clock'

/** The values of one kind among rows. */
export const valuesOf = <K extends ThingKind>(rows: readonly Row[], kind: K): ThingOf<K>[] =>
  rows.filter((row) => row.kind === kind).map((row) => row.value as ThingOf<K>)

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
  const [home] = valuesOf(house.rows, 'home')
  if (!unit) throw notFound('unit')
  if (!home) throw new Problem(409, 'This home is not set up yet')
  const [ideas, materials] = [valuesOf(own.rows, 'idea'), valuesOf(house.rows, 'material')]
  const snapshot: UnitSnapshot = {
    home,
    unit,
    ideas,
    materials,
    children: valuesOf(house.rows, 'child'),
    adults: valuesOf(house.rows, 'adult'),
    centers: valuesOf(house.rows, 'center'),
    activities: activitiesFor(unit, ideas, valuesOf(house.rows, 'activity'), byId(materials)),
    placements: valuesOf(own.rows, 'placement'),
    purchases: valuesOf(own.rows, 'purchase'),
    promises: valuesOf(own.rows, 'promise'),
    today,
    lastDayBefore: lastDayBefore(home, valuesOf(units.rows, 'unit'), unit),
    spokenFor: [],
  }
  const source = { snapshot, plan: resolvePlan(snapshot) }
  if (!all.has(unitId) && all.size >= MOST_KEPT) all.delete(all.keys().next().value!)
  all.set(unitId, { stamp, source })
  return source
}

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
