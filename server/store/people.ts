import type { Knex } from 'knex'
import type { User } from '@core/domain'

/** Whoever has an account, and the sessions in which they are signed in. Secrets come here as hashes only. */

export interface StoredUser {
  user: User
  password: string
}
interface UserRow {
  id: string
  name: string
  sign_in: string
  password: string
}
const userOf = (row: Pick<UserRow, 'id' | 'name' | 'sign_in'>): User => ({
  id: row.id,
  name: row.name,
  signIn: row.sign_in,
})
const stored = (row: UserRow | undefined): StoredUser | undefined =>
  row && { user: userOf(row), password: row.password }

export const hasUsers = async (db: Knex): Promise<boolean> => (await db('users').first('id')) !== undefined

/** @param signIn as it is kept: trimmed, in lower case */
export const userBySignIn = async (db: Knex, signIn: string): Promise<StoredUser | undefined> =>
  stored((await db('users').where({ sign_in: signIn }).first()) as UserRow | undefined)
export const userById = async (db: Knex, id: string): Promise<StoredUser | undefined> =>
  stored((await db('users').where({ id }).first()) as UserRow | undefined)
export const userByRecovery = async (db: Knex, signIn: string, recoveryHash: string): Promise<StoredUser | undefined> =>
  stored((await db('users').where({ sign_in: signIn, recovery_hash: recoveryHash }).first()) as UserRow | undefined)

export async function writeUser(
  db: Knex,
  user: User,
  secrets: { password: string; recoveryHash: string },
  at: string,
): Promise<void> {
  await db('users').insert({
    id: user.id,
    name: user.name,
    sign_in: user.signIn,
    password: secrets.password,
    recovery_hash: secrets.recoveryHash,
    created_at: at,
  })
}

/** Sets what is given. */
export async function setSecrets(
  db: Knex,
  userId: string,
  secrets: { password?: string; recoveryHash?: string },
): Promise<void> {
  await db('users')
    .where({ id: userId })
    .update({
      ...(secrets.password !== undefined && { password: secrets.password }),
      ...(secrets.recoveryHash !== undefined && { recovery_hash: secrets.recoveryHash }),
    })
}

export interface Session {
  id: string
  device: string
  createdAt: string
  seenAt: string
}

/** Begins a session, and lets go of those that are over. */
export async function writeSession(
  db: Knex,
  session: Session & { tokenHash: string; userId: string; endsAt: string },
): Promise<void> {
  await db('sessions').where('ends_at', '<', session.createdAt).delete()
  await db('sessions').insert({
    id: session.id,
    token_hash: session.tokenHash,
    user_id: session.userId,
    ends_at: session.endsAt,
    created_at: session.createdAt,
    seen_at: session.seenAt,
    device: session.device,
  })
}

/** Whoever has a session that still holds, and when they were last seen in it. */
export async function userOfSession(
  db: Knex,
  tokenHash: string,
  now: string,
): Promise<{ user: User; sessionId: string; seenAt: string } | null> {
  const row = await db('sessions')
    .join('users', 'users.id', 'sessions.user_id')
    .where({ token_hash: tokenHash })
    .where('ends_at', '>', now)
    .first('users.id', 'users.name', 'users.sign_in', 'sessions.id as session_id', 'sessions.seen_at')
  return row ? { user: userOf(row), sessionId: row.session_id, seenAt: row.seen_at } : null
}

export async function setSeen(db: Knex, sessionId: string, at: string): Promise<void> {
  await db('sessions').where({ id: sessionId }).update({ seen_at: at })
}

export const holdsSession = async (db: Knex, sessionId: string, now: string): Promise<boolean> =>
  (await db('sessions').where({ id: sessionId }).where('ends_at', '>', now).first('id')) !== undefined

/** Sessions of a user that hold, the one seen last first. */
export const sessionsOf = async (db: Knex, userId: string, now: string): Promise<Session[]> =>
  (await db('sessions').where({ user_id: userId }).where('ends_at', '>', now).orderBy('seen_at', 'desc')).map(
    (row): Session => ({ id: row.id, device: row.device, createdAt: row.created_at, seenAt: row.seen_at }),
  )

/** Ends one session of a user; whether there was one. */
export const endSessionOf = async (db: Knex, userId: string, sessionId: string): Promise<boolean> =>
  (await db('sessions').where({ id: sessionId, user_id: userId }).delete()) > 0

/** Ends the session of a secret; gives its id, or null where there was none. */
export async function endSessionBy(db: Knex, tokenHash: string): Promise<string | null> {
  const row = (await db('sessions').where({ token_hash: tokenHash }).first('id')) as { id: string } | undefined
  if (!row) return null
  await db('sessions').where({ id: row.id }).delete()
  return row.id
}

/** Ends every session of a user, but for one; gives their ids. */
export async function endSessionsOf(db: Knex, userId: string, but?: string): Promise<string[]> {
  const ids = ((await db('sessions').where({ user_id: userId }).select('id')) as { id: string }[])
    .map((row) => row.id)
    .filter((id) => id !== but)
  await db('sessions').whereIn('id', ids).delete()
  return ids
}
