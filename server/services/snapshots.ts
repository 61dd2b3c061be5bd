import type { Knex } from 'knex'
import type { Row, SpokenFor, ThingKind, ThingOf, UnitSnapshot } from '@core/domain'
import { lastDayBefore, runningBefore } from '@core/calendar'
import { byId, resolvePlan } from '@core/plan'
import { spokenForBy } from '@core/supplies'
import { activitiesFor } from '@core/theme'
import { notFound, Problem } from '../http/problem'
import { readHouse, readRows, readUnit } from '../store/rows'
import type { Clock } from './clock'

/** The values of one kind among rows. */
export const valuesOf = <K extends ThingKind>(rows: readonly Row[], kind: K): ThingOf<K>[] =>
  rows.filter((row) => row.kind === kind).map((row) => row.value as ThingOf<K>)

/** What units that run before another will still use up. */
export async function readSpokenFor(db: Knex, clock: Clock, unitId: string): Promise<SpokenFor[]> {
  const [units, [home]] = [valuesOf(await readRows(db, 'unit'), 'unit'), valuesOf(await readRows(db, 'home'), 'home')]
  const unit = units.find((one) => one.id === unitId)
  if (!home || !unit) return []
  const before = await Promise.all(runningBefore(home, units, unit, await clock.today()).map((one) => readAlone(db, clock, one.id)))
  return spokenForBy(before.map((snapshot) => ({ snapshot, plan: resolvePlan(snapshot) })))
}

/** The snapshot of a unit as the server computes on it: the same that the browser holds. */
export async function readSnapshot(db: Knex, clock: Clock, unitId: string): Promise<UnitSnapshot> {
  return { ...(await readAlone(db, clock, unitId)), spokenFor: await readSpokenFor(db, clock, unitId) }
}

/** The snapshot of a unit as if no other ran. */
async function readAlone(db: Knex, clock: Clock, unitId: string): Promise<UnitSnapshot> {
  const [house, own] = [await readHouse(db), await readUnit(db, unitId)]
  const [unit] = valuesOf(own, 'unit')
  const [home] = valuesOf(house, 'home')
  if (!unit) throw notFound('unit')
  if (!home) throw new Problem(409, 'This home is not set up yet')
  const ideas = valuesOf(own, 'idea').filter((idea) => idea.unitId === unitId)
  const materials = valuesOf(house, 'material')
  return {
    home, unit, ideas, materials,
    children: valuesOf(house, 'child'), adults: valuesOf(house, 'adult'), centers: valuesOf(house, 'center'),
    activities: activitiesFor(unit, ideas, valuesOf(house, 'activity'), byId(materials)),
    placements: valuesOf(own, 'placement'), purchases: valuesOf(own, 'purchase').filter((one) => one.unitId === unitId), promises: valuesOf(own, 'promise'),
    today: await clock.today(), lastDayBefore: lastDayBefore(home, valuesOf(await readRows(db, 'unit'), 'unit'), unit), spokenFor: [],
  }
}
