import type { Knex } from 'knex'
import { stepIdsOf, variantStepId, type Tick, type TickOp } from '@core/domain'
import type { Fault } from '@core/base'
import { invalid } from './refusal'
import { readRow } from '../store/rows'
import type { Tx } from '../store/onePool'
import { readTick, writeTick } from '../store/ticks'

/** Ticks as they are now, of those that were written. */
export const readTicked = async (db: Knex, ops: readonly TickOp[]): Promise<Tick[]> =>
  (await Promise.all(ops.map((op) => readTick(db, op.placementId, op.step)))).filter((tick) => tick !== undefined)

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
    : { field: `${at}.step`, message: 'This step is no longer part of it' }
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
  for (const { placementId, step, done, agoMs } of ops)
    await writeTick(tx, { placementId, step, done, at: new Date(now.getTime() - agoMs).toISOString(), by })
}
