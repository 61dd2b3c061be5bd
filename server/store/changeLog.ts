import type { Knex } from 'knex'
import type { Change, ChangedRow, ChangesAnswer } from '@core/domain'

/** Done, taken back, or no longer of either. */
export type ChangeState = ChangesAnswer['changes'][number]['state']

/** A change as it was written down, with its rows on both sides. */
export interface LoggedChange {
  id: string
  seq: number
  label: string
  before: ChangedRow[]
  after: ChangedRow[]
}

interface Stored {
  id: string
  seq: number
  label: string
  before: string
  after: string
}
const logged = (row: Stored | undefined): LoggedChange | undefined =>
  row && {
    id: row.id,
    seq: row.seq,
    label: row.label,
    before: JSON.parse(row.before) as ChangedRow[],
    after: JSON.parse(row.after) as ChangedRow[],
  }

/** Changes of a user on a unit, or on the home where `unitId` is null. */
const scope = (db: Knex, unitId: string | null, userId: string) =>
  db('changes').where({ unit_id: unitId, user_id: userId })

/** A change by its id, or undefined. */
export const readChange = async (db: Knex, id: string): Promise<LoggedChange | undefined> =>
  logged((await db('changes').where({ id }).first('id', 'seq', 'label', 'before', 'after')) as Stored | undefined)

const next = (db: Knex, unitId: string | null, userId: string, state: 'done' | 'undone') =>
  scope(db, unitId, userId)
    .where({ state })
    .orderBy('seq', state === 'done' ? 'desc' : 'asc')

/** What would be undone next (the last that is done), or redone (the first that was taken back). */
export const nextChange = async (
  db: Knex,
  unitId: string | null,
  userId: string,
  state: 'done' | 'undone',
): Promise<LoggedChange | undefined> =>
  logged((await next(db, unitId, userId, state).first('id', 'seq', 'label', 'before', 'after')) as Stored | undefined)

/** What that is called, without its rows: they can be a whole home. */
export const nextLabel = async (
  db: Knex,
  unitId: string | null,
  userId: string,
  state: 'done' | 'undone',
): Promise<string | null> =>
  ((await next(db, unitId, userId, state).first('label')) as { label: string } | undefined)?.label ?? null

/** The newest changes on a unit or the home. */
export const readChanges = (db: Knex, unitId: string | null, most: number): Promise<ChangesAnswer['changes']> =>
  db('changes')
    .where({ unit_id: unitId })
    .orderBy('seq', 'desc')
    .limit(most)
    .select('seq', 'label', 'by', 'at', 'state')

/** Writes a change down; gives its number. */
export async function writeChange(
  db: Knex,
  change: Pick<Change, 'id' | 'unitId' | 'label'>,
  made: { userId: string; by: string; at: string; state: ChangeState },
  before: readonly ChangedRow[],
  after: readonly ChangedRow[],
): Promise<number> {
  const [inserted] = await db('changes').insert(
    {
      id: change.id,
      unit_id: change.unitId,
      user_id: made.userId,
      by: made.by,
      at: made.at,
      label: change.label,
      before: JSON.stringify(before),
      after: JSON.stringify(after),
      state: made.state,
    },
    ['seq'],
  )
  return typeof inserted === 'number' ? inserted : (inserted as { seq: number }).seq
}

export async function setChangeState(db: Knex, seq: number, state: ChangeState): Promise<void> {
  await db('changes').where({ seq }).update({ state })
}

/** Lets go of what a user could have redone. */
export async function endRedo(db: Knex, unitId: string | null, userId: string): Promise<void> {
  await scope(db, unitId, userId).where({ state: 'undone' }).update({ state: 'dead' })
}
