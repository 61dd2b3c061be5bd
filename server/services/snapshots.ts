import type { Knex } from 'knex'
import type { Row, ThingKind, ThingOf, UnitSnapshot } from '@core/domain'
import { lastDayBefore } from '@core/calendar'
import { byId } from '@core/plan'
import { activitiesFor } from '@core/theme'
import { notFound, Problem } from '../http/problem'
import { readHouse, readRows, readUnit } from '../store/rows'
import type { Clock } from './clock'

/** The values of one kind among rows. */
export const valuesOf = <K extends ThingKind>(rows: readonly Row[], kind: K): ThingOf<K>[] =>
  rows.filter((row) => row.kind === kind).map((row) => row.value as ThingOf<K>)

/** The snapshot of a unit as the server computes on it: the same that the browser holds. */
export async function readSnapshot(db: Knex, clock: Clock, unitId: string): Promise<UnitSnapshot> {
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
    today: await clock.today(), lastDayBefore: lastDayBefore(home, valuesOf(await readRows(db, 'unit'), 'unit'), unit),
  }
}
