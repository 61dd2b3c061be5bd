import type { Knex } from 'knex'
import { stepIdsOf, variantStepId, type Tick, type TickOp } from '@core/domain'
import type { Fault } from '@core/fault'
import { invalid } from '../http/problem'
import { readRow } from '../store/rows'
import type { Tx } from '../store/onePool'

const tickOf = (row: { placement_id: string; step: string; done: number | boolean; at: string; by: string }): Tick => ({
  placementId: row.placement_id,
  step: row.step,
  done: Boolean(row.done),
  at: row.at,
  by: row.by,
})

/** All ticks of a unit. */
export async function readTicks(db: Knex, unitId: string): Promise<Tick[]> {
  const rows = await db('ticks')
    .join('placements', 'placements.id', 'ticks.placement_id')
    .where('placements.unit_id', unitId)
    .select('ticks.placement_id', 'ticks.step', 'ticks.done', 'ticks.at', 'ticks.by')
  return rows.map(tickOf)
}

/** Ticks as they are now, of those that were written. */
export const readTicked = async (db: Knex, ops: readonly TickOp[]): Promise<Tick[]> =>
  (await Promise.all(ops.map((op) => db('ticks').where({ placement_id: op.placementId, step: op.step }).first())))
    .filter(Boolean)
    .map(tickOf)

/** Whether a step is one of what stands at a placement. Stretches of the theme are named by their kind. */
async function faultOf(tx: Tx, unitId: string | null, op: TickOp, at: string): Promise<Fault | null> {
  const placement = (await readRow(tx, 'placement', op.placementId))?.value
  if (!placement || placement.unitId !== unitId)
    return { field: `${at}.placementId`, message: 'This is not on the plan any more' }
  const activity = (await readRow(tx, 'activity', placement.activityId))?.value
  const steps = activity
    ? [...stepIdsOf(activity), ...activity.variants.map((variant) => variantStepId(variant.id))]
    : []
  return steps.includes(op.step) || op.step.startsWith('stretch-')
    ? null
    : { field: `${at}.step`, message: 'This is no step of it any more' }
}

/** Writes ticks: of two on one step, the one that was made last stays. */
export async function writeTicks(
  tx: Tx,
  unitId: string | null,
  ops: readonly TickOp[],
  by: string,
  now: Date,
): Promise<void> {
  const faults: Fault[] = []
  for (const [i, op] of ops.entries()) {
    const fault = await faultOf(tx, unitId, op, `ops.${i}`)
    if (fault) faults.push(fault)
  }
  if (faults.length) throw invalid(faults)
  for (const op of ops) {
    const at = new Date(now.getTime() - op.agoMs).toISOString()
    await tx('ticks')
      .insert({ placement_id: op.placementId, step: op.step, done: op.done, at, by })
      .onConflict(['placement_id', 'step'])
      .merge()
      .where('ticks.at', '<=', at)
  }
}
