import { createHash, randomBytes, randomUUID, scrypt, timingSafeEqual, type ScryptOptions } from 'node:crypto'
import type { Knex } from 'knex'
import { z } from 'zod'
import { Line } from '@core/domain'
import { Problem } from '../http/problem'
import type { Clock } from './clock'

/** Someone who signs in. */
export interface User {
  id: string
  name: string
  signIn: string
}

export const NewOwner = z.strictObject({
  name: Line,
  signIn: Line,
  password: z.string().min(10, 'Use at least 10 characters').max(200, 'Use at most 200 characters'),
})
export const SignIn = z.strictObject({
  signIn: z.string().min(1, 'Write your sign-in name').max(120),
  password: z.string().min(1, 'Write your password').max(200),
})

/** scrypt with 32 MiB a hash (N 2^15, r 8, p 1), as OWASP's password storage guidance gives it at the least. */
const SCRYPT: ScryptOptions = { N: 32_768, r: 8, p: 1, maxmem: 96 * 1024 * 1024 }
const KEY_BYTES = 32
/** How long a sign-in lasts: thirty days. */
const SESSION_MS = 30 * 86_400_000

const derive = (password: string, salt: Buffer) =>
  new Promise<Buffer>((resolve, reject) =>
    scrypt(password.normalize('NFKC'), salt, KEY_BYTES, SCRYPT, (error, key) => (error ? reject(error) : resolve(key))),
  )

export async function hashPassword(password: string): Promise<string> {
  const salt = randomBytes(16)
  return `scrypt$${salt.toString('base64')}$${(await derive(password, salt)).toString('base64')}`
}

export async function passwordMatches(password: string, stored: string): Promise<boolean> {
  const [, salt, key] = stored.split('$')
  return timingSafeEqual(await derive(password, Buffer.from(salt, 'base64')), Buffer.from(key, 'base64'))
}

/** Secrets of sessions and links are kept as hashes only: a copy of the database opens nothing. */
export const hashToken = (token: string): string => createHash('sha256').update(token).digest('hex')
/** 128 random bits, as text for an address. */
export const newToken = (): string => randomBytes(16).toString('base64url')

/** Compared against when there is no such user, so that a wrong name takes as long as a wrong password. */
const decoy = hashPassword(randomUUID())

export class Accounts {
  constructor(
    private readonly db: Knex,
    private readonly clock: Clock,
  ) {}

  async hasOwner(): Promise<boolean> {
    return (await this.db('users').first('id')) !== undefined
  }

  /** Makes the owner's account. There is one, made at the first start. */
  async createOwner(input: z.infer<typeof NewOwner>): Promise<User> {
    const password = await hashPassword(input.password)
    const user: User = { id: randomUUID(), name: input.name, signIn: input.signIn.toLowerCase() }
    await this.db.transaction(async (tx) => {
      if (await tx('users').first('id')) throw new Problem(409, 'This home has an owner already. Sign in instead.')
      await tx('users').insert({
        id: user.id,
        name: user.name,
        sign_in: user.signIn,
        password,
        created_at: this.clock.stamp(),
      })
    })
    return user
  }

  async signIn(input: z.infer<typeof SignIn>): Promise<User | null> {
    const row = await this.db('users').where({ sign_in: input.signIn.trim().toLowerCase() }).first()
    const matches = await passwordMatches(input.password, row?.password ?? (await decoy))
    return row && matches ? { id: row.id, name: row.name, signIn: row.sign_in } : null
  }

  async startSession(user: User): Promise<{ token: string; lastsMs: number }> {
    const token = newToken()
    const endsAt = new Date(this.clock.now().getTime() + SESSION_MS)
    await this.db('sessions').where('ends_at', '<', this.clock.stamp()).delete()
    await this.db('sessions').insert({ token_hash: hashToken(token), user_id: user.id, ends_at: endsAt.toISOString() })
    return { token, lastsMs: SESSION_MS }
  }

  async whoHas(token: string | undefined): Promise<User | null> {
    if (!token) return null
    const row = await this.db('sessions')
      .join('users', 'users.id', 'sessions.user_id')
      .where({ token_hash: hashToken(token) })
      .where('ends_at', '>', this.clock.stamp())
      .first('users.id', 'users.name', 'users.sign_in')
    return row ? { id: row.id, name: row.name, signIn: row.sign_in } : null
  }

  async endSession(token: string | undefined): Promise<void> {
    if (token)
      await this.db('sessions')
        .where({ token_hash: hashToken(token) })
        .delete()
  }
}
