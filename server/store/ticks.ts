import type { Knex } from 'knex'
import type { Tick } from '@core/domain'

interface Stored {
  placement_id: string
  step: string
  done: number | boolean
  at: string
  by: string
}
const tickOf = (row: Stored): Tick => ({
  placementId: row.placement_id,
  step: row.step,
  done: Boolean(row.done),
  at: row.at,
  by: row.by,
})

/** All ticks of a unit. */
export const readTicks = async (db: Knex, unitId: string): Promise<Tick[]> =>
  (
    await db('ticks')
      .join('placements', 'placements.id', 'ticks.placement_id')
      .where('placements.unit_id', unitId)
      .select('ticks.placement_id', 'ticks.step', 'ticks.done', 'ticks.at', 'ticks.by')
  ).map(tickOf)

/** The tick of one step, or undefined. */
export async function readTick(db: Knex, placementId: string, step: string): Promise<Tick | undefined> {
  const row = (await db('ticks').where({ placement_id: placementId, step }).first()) as Stored | undefined
  return row && tickOf(row)
}

/** Writes a tick, unless one that was made later stands there. */
export async function writeTick(db: Knex, { placementId, ...tick }: Tick): Promise<void> {
  await db('ticks')
    .insert({ placement_id: placementId, ...tick })
    .onConflict(['placement_id', 'step'])
    .merge()
    .where('ticks.at', '<=', tick.at)
}
