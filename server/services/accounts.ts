import { randomUUID } from 'node:crypto'
import type { Knex } from 'knex'
import { z } from 'zod'
import { Line } from '@core/domain'
import { invalid, Problem } from '../http/problem'
import type { Clock } from './clock'
import type { Live } from './live'
import { hashPassword, passwordFault, passwordMatches } from './passwords'
import { codeSigns, hashToken, newCode, newToken } from './secrets'

/** Someone who signs in. */
export interface User {
  id: string
  name: string
  signIn: string
}

/** A user at a device. */
export interface SignedIn {
  user: User
  sessionId: string
}

/** A device at which someone is signed in. */
export interface Device {
  id: string
  device: string
  since: string
  lastSeen: string
  isThis: boolean
}

const Password = z.string().min(10, 'Use at least 10 characters').max(200, 'Use at most 200 characters')
const Given = z.string().min(1, 'Write your password').max(200)
export const NewOwner = z.strictObject({
  name: Line,
  signIn: Line,
  password: Password,
  startCode: z.string().max(40).optional(),
})
export const SignIn = z.strictObject({ signIn: z.string().min(1, 'Write your sign-in name').max(120), password: Given })
export const NewPassword = z.strictObject({ now: Given, password: Password })
export const Recovery = z.strictObject({
  signIn: SignIn.shape.signIn,
  code: z.string().min(1, 'Write the recovery code').max(60),
  password: Password,
})
export const Confirmed = z.strictObject({ password: Given })

/** How long a sign-in lasts: thirty days. */
const SESSION_MS = 30 * 86_400_000
/** How exactly "last seen" is kept, in milliseconds: a write for every request would be one too many. */
const SEEN_MS = 5 * 60_000
/** 25 signs out of 31 are about 124 bits: a hash needs no salt and no stretching. */
const RECOVERY = { groups: 5, signs: 5 }
const newRecovery = () => newCode(RECOVERY.groups, RECOVERY.signs)
const recoveryHash = (code: string) => hashToken(codeSigns(code))

/** What one live line of a session is ended by. */
export const sessionLine = (sessionId: string) => `session ${sessionId}`

/** The owner, the passwords, and the devices at which someone is signed in. */
export class Accounts {
  constructor(
    private readonly db: Knex,
    private readonly clock: Clock,
    private readonly live: Live,
  ) {}

  async hasOwner(): Promise<boolean> {
    return (await this.db('users').first('id')) !== undefined
  }

  /** Makes the owner's account. There is one, made at the first start. Its recovery code is told once, here. */
  async createOwner(input: z.infer<typeof NewOwner>): Promise<{ user: User; recovery: string }> {
    await failOnWeak(input.password, [input.name, input.signIn])
    const password = await hashPassword(input.password)
    const recovery = newRecovery()
    const user: User = { id: randomUUID(), name: input.name, signIn: input.signIn.toLowerCase() }
    await this.db.transaction(async (tx) => {
      if (await tx('users').first('id')) throw hasOwnerAlready()
      await tx('users').insert({
        id: user.id,
        name: user.name,
        sign_in: user.signIn,
        password,
        recovery_hash: recoveryHash(recovery),
        created_at: this.clock.stamp(),
      })
    })
    return { user, recovery }
  }

  async signIn(input: z.infer<typeof SignIn>): Promise<User | null> {
    const row = await this.db('users').where({ sign_in: input.signIn.trim().toLowerCase() }).first()
    return (await passwordMatches(input.password, row?.password)) ? userOf(row) : null
  }

  /**
   * Whether the password of someone who is signed in is right: asked again before what a borrowed device must not do.
   */
  async confirms(user: User, password: string): Promise<boolean> {
    const row = await this.db('users').where({ id: user.id }).first()
    return passwordMatches(password, row?.password)
  }

  /** Sets another password, and ends every other session. */
  async changePassword({ user, sessionId }: SignedIn, password: string): Promise<void> {
    await this.setPassword(user, password, {})
    await this.endSessionsOf(user, sessionId)
  }

  /** Sets another password by the recovery code, which is used up by it, and ends every session. */
  async recover(input: z.infer<typeof Recovery>): Promise<{ user: User; recovery: string } | null> {
    const row = await this.db('users')
      .where({ sign_in: input.signIn.trim().toLowerCase(), recovery_hash: recoveryHash(input.code) })
      .first()
    if (!row) return null
    const user = userOf(row)
    const recovery = newRecovery()
    await this.setPassword(user, input.password, { recovery_hash: recoveryHash(recovery) })
    await this.endSessionsOf(user)
    return { user, recovery }
  }

  /** A new recovery code in place of the one before. */
  async renewRecovery(user: User): Promise<string> {
    const recovery = newRecovery()
    await this.db('users')
      .where({ id: user.id })
      .update({ recovery_hash: recoveryHash(recovery) })
    return recovery
  }

  private async setPassword(user: User, password: string, more: object): Promise<void> {
    await failOnWeak(password, [user.name, user.signIn])
    await this.db('users')
      .where({ id: user.id })
      .update({ password: await hashPassword(password), ...more })
  }

  /** @param device the browser and system, as the browser names them */
  async startSession(user: User, device: string): Promise<{ token: string; lastsMs: number }> {
    const token = newToken()
    const [now, endsAt] = [this.clock.stamp(), new Date(this.clock.now().getTime() + SESSION_MS)]
    await this.db('sessions').where('ends_at', '<', now).delete()
    await this.db('sessions').insert({
      id: randomUUID(),
      token_hash: hashToken(token),
      user_id: user.id,
      ends_at: endsAt.toISOString(),
      created_at: now,
      seen_at: now,
      device: device.slice(0, 120),
    })
    return { token, lastsMs: SESSION_MS }
  }

  async whoHas(token: string | undefined): Promise<SignedIn | null> {
    if (!token) return null
    const now = this.clock.now()
    const row = await this.db('sessions')
      .join('users', 'users.id', 'sessions.user_id')
      .where({ token_hash: hashToken(token) })
      .where('ends_at', '>', now.toISOString())
      .first('users.id', 'users.name', 'users.sign_in', 'sessions.id as session_id', 'sessions.seen_at')
    if (!row) return null
    // A clock that was set back must not stop the writing down; nor may a full disk stop the reading.
    if (Math.abs(now.getTime() - Date.parse(row.seen_at)) > SEEN_MS)
      await this.db('sessions')
        .where({ id: row.session_id })
        .update({ seen_at: now.toISOString() })
        .catch(() => undefined)
    return { user: userOf(row), sessionId: row.session_id }
  }

  /** Whether a session still holds. */
  async holds(sessionId: string): Promise<boolean> {
    return (
      (await this.db('sessions').where({ id: sessionId }).where('ends_at', '>', this.clock.stamp()).first('id')) !==
      undefined
    )
  }

  async devices({ user, sessionId }: SignedIn): Promise<Device[]> {
    const rows = await this.db('sessions')
      .where({ user_id: user.id })
      .where('ends_at', '>', this.clock.stamp())
      .orderBy('seen_at', 'desc')
    return rows.map((row) => ({
      id: row.id,
      device: row.device,
      since: row.created_at,
      lastSeen: row.seen_at,
      isThis: row.id === sessionId,
    }))
  }

  /** Ends one session of a user. */
  async endDevice(user: User, sessionId: string): Promise<void> {
    const ended = await this.db('sessions').where({ id: sessionId, user_id: user.id }).delete()
    if (!ended) throw new Problem(404, 'There is nobody signed in there any more')
    this.live.end(sessionLine(sessionId))
  }

  async endSession(token: string | undefined): Promise<void> {
    const row = token
      ? await this.db('sessions')
          .where({ token_hash: hashToken(token) })
          .first('id')
      : undefined
    if (!row) return
    await this.db('sessions').where({ id: row.id }).delete()
    this.live.end(sessionLine(row.id))
  }

  private async endSessionsOf(user: User, but?: string): Promise<void> {
    const ids = ((await this.db('sessions').where({ user_id: user.id }).select('id')) as { id: string }[])
      .map((row) => row.id)
      .filter((id) => id !== but)
    await this.db('sessions').whereIn('id', ids).delete()
    for (const id of ids) this.live.end(sessionLine(id))
  }
}

const userOf = (row: { id: string; name: string; sign_in: string }): User => ({
  id: row.id,
  name: row.name,
  signIn: row.sign_in,
})

export const hasOwnerAlready = () => new Problem(409, 'This home has an owner already. Sign in instead.')

async function failOnWeak(password: string, known: readonly string[]): Promise<void> {
  const fault = await passwordFault(password, known)
  if (fault) throw invalid([{ field: 'password', message: fault }])
}
