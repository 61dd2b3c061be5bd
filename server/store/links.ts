import type { Knex } from 'knex'
import type { Share, ShareKind } from '@core/domain'

/** Links without an account. Their secrets are kept as hashes. */

const shareOf = (row: Record<string, never>): Share => ({
  id: row.id,
  unitId: row.unit_id,
  kind: row.kind,
  day: row.day,
  label: row.label,
  createdAt: row.created_at,
  endsOn: row.ends_on,
  revokedAt: row.revoked_at,
  openedAt: row.opened_at,
})

export async function writeLink(db: Knex, share: Share, tokenHash: string): Promise<void> {
  await db('shares').insert({
    id: share.id,
    unit_id: share.unitId,
    kind: share.kind,
    day: share.day,
    label: share.label,
    token_hash: tokenHash,
    created_at: share.createdAt,
    ends_on: share.endsOn,
    revoked_at: share.revokedAt,
    opened_at: share.openedAt,
  })
}

/** Links of a unit, the newest first. */
export const linksOf = async (db: Knex, unitId: string): Promise<Share[]> =>
  (await db('shares').where({ unit_id: unitId }).orderBy('created_at', 'desc')).map(shareOf)

export async function linkBy(db: Knex, tokenHash: string, kind: ShareKind): Promise<Share | undefined> {
  const row = await db('shares').where({ token_hash: tokenHash, kind }).first()
  return row && shareOf(row)
}

/** Withdraws a link; whether there was one to withdraw. */
export const withdrawLink = async (db: Knex, unitId: string, id: string, at: string): Promise<boolean> =>
  (await db('shares').where({ id, unit_id: unitId }).whereNull('revoked_at').update({ revoked_at: at })) > 0

/** Until when a link opens that was not withdrawn. */
export async function linkEnds(db: Knex, id: string): Promise<string | undefined> {
  const row = (await db('shares').where({ id }).whereNull('revoked_at').first('ends_on')) as
    { ends_on: string } | undefined
  return row?.ends_on
}

export async function setLinkOpened(db: Knex, id: string, at: string): Promise<void> {
  await db('shares').where({ id }).update({ opened_at: at })
}
