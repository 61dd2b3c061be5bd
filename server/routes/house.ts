import { z } from 'zod'
import type { Knex } from 'knex'
import {
  Applied,
  BeforeAnswer,
  Change,
  ChangesAnswer,
  HOME_KINDS,
  HouseAnswer,
  HousePart,
  Id,
  LIBRARY_KINDS,
  Steps,
  UnitAnswer,
  UnitsAnswer,
  valuesOf,
} from '@core/domain'
import { PIECES } from '@core/library/repertoire'
import { carriedInto, piecesIn } from '@core/plan'
import { notFound } from '../services/refusal'
import { Packed } from '../http/packed'
import { route, type Route } from '../http/routes'
import type { Changes } from '../services/changes'
import type { Clock } from '../services/clock'
import { readSpokenFor } from '../services/snapshots'
import { readTicks } from '../store/ticks'
import { keptHouse, keptUnits, readHouse, readRows, readUnit } from '../store/rows'

const Scope = z.strictObject({ unitId: Id.nullable() })
const UnitParams = z.strictObject({ unitId: Id })
const HISTORY_MOST = 200

/** Reading the home and its units, and every change on them. */
export function houseRoutes(db: Knex, clock: Clock, changes: Changes): Route[] {
  const partKinds = { home: HOME_KINDS, library: LIBRARY_KINDS }
  const packedParts = { home: new Packed<HouseAnswer>(), library: new Packed<HouseAnswer>() }
  const packed = new Packed<HouseAnswer>()
  const packedUnits = new Packed<UnitsAnswer>()
  return [
    route(
      {
        method: 'get',
        path: '/house',
        summary: 'Everything of the home, or one part of it, and today',
        access: 'owner',
        query: z.strictObject({ part: HousePart.optional() }),
        answer: HouseAnswer,
      },
      async ({ ctx, query: { part } }) => {
        const [house, today] = [await keptHouse(db, part && partKinds[part]), await clock.today(db)]
        const answer = part ? packedParts[part] : packed
        return answer.answer(ctx, `${house.stamp} ${today}`, () => ({ today, rows: [...house.rows] }))
      },
    ),
    route(
      { method: 'get', path: '/units', summary: 'All units', access: 'owner', answer: UnitsAnswer },
      async ({ ctx }) => {
        const { stamp, rows } = await keptUnits(db)
        return packedUnits.answer(ctx, stamp, () => ({ rows: [...rows] }))
      },
    ),
    route(
      {
        method: 'get',
        path: '/units/:unitId',
        summary: 'One unit with its ideas, placements, purchases and ticks',
        access: 'owner',
        params: UnitParams,
        answer: UnitAnswer,
      },
      async ({ params, user }) => {
        const rows = await readUnit(db, params.unitId, clock.now())
        if (!rows.some((row) => row.kind === 'unit')) throw notFound('unit')
        return {
          rows,
          pieces: piecesIn(valuesOf(rows, 'circle'), PIECES),
          spokenFor: await readSpokenFor(db, clock, params.unitId),
          ticks: await readTicks(db, params.unitId),
          steps: await changes.steps(params.unitId, user),
        }
      },
    ),
    route(
      {
        method: 'get',
        path: '/units/:unitId/before',
        summary: 'What still stood at the centers when the unit before ended, and since when',
        access: 'owner',
        params: UnitParams,
        answer: BeforeAnswer,
      },
      async ({ params }) => {
        const [house, units, placements] = await Promise.all([
          readHouse(db),
          readRows(db, 'unit'),
          readRows(db, 'placement'),
        ])
        const [home] = valuesOf(house, 'home')
        if (!home || !units.some((row) => row.value.id === params.unitId)) throw notFound('unit')
        return { carried: carriedInto(home, valuesOf(units, 'unit'), valuesOf(placements, 'placement'), params.unitId) }
      },
    ),
    route(
      {
        method: 'get',
        path: '/changes',
        summary: 'The newest changes on a unit, or on the home',
        access: 'owner',
        query: z.strictObject({ unit: Id.optional() }),
        answer: ChangesAnswer,
      },
      async ({ query }) => ({
        changes: await changes.history(query.unit ?? null, HISTORY_MOST),
      }),
    ),
    route(
      {
        method: 'post',
        path: '/changes',
        summary: 'Apply a change, whole or not at all',
        access: 'owner',
        body: Change,
        answer: Applied,
      },
      async ({ body, user }) => {
        const result = await changes.apply(body, user)
        return { ...result, steps: await changes.steps(body.unitId, user) }
      },
    ),
    route(
      {
        method: 'get',
        path: '/changes/steps',
        summary: 'What undo and redo would do',
        access: 'owner',
        query: z.strictObject({ unit: Id.optional() }),
        answer: Steps,
      },
      async ({ query, user }) => changes.steps(query.unit ?? null, user),
    ),
    route(
      {
        method: 'post',
        path: '/changes/undo',
        summary: 'Take back your last change',
        access: 'owner',
        body: Scope,
        answer: Applied,
      },
      async ({ body, user }) => {
        const result = await changes.undo(body.unitId, user)
        return { ...result, steps: await changes.steps(body.unitId, user) }
      },
    ),
    route(
      {
        method: 'post',
        path: '/changes/redo',
        summary: 'Do again what was taken back',
        access: 'owner',
        body: Scope,
        answer: Applied,
      },
      async ({ body, user }) => {
        const result = await changes.redo(body.unitId, user)
        return { ...result, steps: await changes.steps(body.unitId, user) }
      },
    ),
  ]
}
