import { randomUUID } from 'node:crypto'
import type { Knex } from 'knex'
import { z } from 'zod'
import { Line, type Device, type User } from '@core/domain'
import { invalid, Refusal } from './refusal'
import {
  endSessionBy,
  endSessionOf,
  endSessionsOf,
  hasUsers,
  holdsSession,
  sessionsOf,
  setSecrets,
  setSeen,
  userById,
  userByRecovery,
  userBySignIn,
  userOfSession,
  writeSession,
  writeUser,
} from '../store/people'
import type { Clock } from './clock'
import type { Live } from './live'
import { hashPassword, passwordFault, passwordMatches } from './passwords'
import { codeSigns, hashToken, newCode, newToken } from './secrets'

/** A user at a device. */
export interface SignedIn {
  user: User
  sessionId: string
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
    return hasUsers(this.db)
  }

  /** Makes the owner's account. There is one, made at the first start. Its recovery code is told once, here. */
  async createOwner(input: z.infer<typeof NewOwner>): Promise<{ user: User; recovery: string }> {
    await failOnWeak(input.password, [input.name, input.signIn])
    const password = await hashPassword(input.password)
    const recovery = newRecovery()
    const user: User = { id: randomUUID(), name: input.name, signIn: input.signIn.toLowerCase() }
    await this.db.transaction(async (tx) => {
      if (await hasUsers(tx)) throw hasOwnerAlready()
      await writeUser(tx, user, { password, recoveryHash: recoveryHash(recovery) }, this.clock.stamp())
    })
    return { user, recovery }
  }

  async signIn(input: z.infer<typeof SignIn>): Promise<User | null> {
    const found = await userBySignIn(this.db, signInOf(input))
    return (await passwordMatches(input.password, found?.password)) ? found!.user : null
  }

  /**
   * Whether the password of someone who is signed in is right: asked again before what a borrowed device must not do.
   */
  async confirms(user: User, password: string): Promise<boolean> {
    return passwordMatches(password, (await userById(this.db, user.id))?.password)
  }

  /** Sets another password, and ends every other session. */
  async changePassword({ user, sessionId }: SignedIn, password: string): Promise<void> {
    await this.setPassword(user, password, {})
    await this.endSessionsOf(user, sessionId)
  }

  /** Sets another password by the recovery code, which is used up by it, and ends every session. */
  async recover(input: z.infer<typeof Recovery>): Promise<{ user: User; recovery: string } | null> {
    const found = await userByRecovery(this.db, signInOf(input), recoveryHash(input.code))
    if (!found) return null
    const { user } = found
    const recovery = newRecovery()
    await this.setPassword(user, input.password, { recoveryHash: recoveryHash(recovery) })
    await this.endSessionsOf(user)
    return { user, recovery }
  }

  /** A new recovery code in place of the one before. */
  async renewRecovery(user: User): Promise<string> {
    const recovery = newRecovery()
    await setSecrets(this.db, user.id, { recoveryHash: recoveryHash(recovery) })
    return recovery
  }

  private async setPassword(user: User, password: string, more: { recoveryHash?: string }): Promise<void> {
    await failOnWeak(password, [user.name, user.signIn])
    await setSecrets(this.db, user.id, { password: await hashPassword(password), ...more })
  }

  /** @param device the browser and system, as the browser names them */
  async startSession(user: User, device: string): Promise<{ token: string; lastsMs: number }> {
    const token = newToken()
    const [now, endsAt] = [this.clock.stamp(), new Date(this.clock.now().getTime() + SESSION_MS)]
    await writeSession(this.db, {
      id: randomUUID(),
      tokenHash: hashToken(token),
      userId: user.id,
      endsAt: endsAt.toISOString(),
      createdAt: now,
      seenAt: now,
      device: device.slice(0, 120),
    })
    return { token, lastsMs: SESSION_MS }
  }

  async whoHas(token: string | undefined): Promise<SignedIn | null> {
    if (!token) return null
    const now = this.clock.now()
    const found = await userOfSession(this.db, hashToken(token), now.toISOString())
    if (!found) return null
    const { user, sessionId, seenAt } = found
    // A clock that was set back must not stop the writing down; nor may a full disk stop the reading.
    if (Math.abs(now.getTime() - Date.parse(seenAt)) > SEEN_MS)
      await setSeen(this.db, sessionId, now.toISOString()).catch(() => undefined)
    return { user, sessionId }
  }

  /** Whether a session still holds. */
  holds(sessionId: string): Promise<boolean> {
    return holdsSession(this.db, sessionId, this.clock.stamp())
  }

  async devices({ user, sessionId }: SignedIn): Promise<Device[]> {
    return (await sessionsOf(this.db, user.id, this.clock.stamp())).map((one) => ({
      id: one.id,
      device: one.device,
      since: one.createdAt,
      lastSeen: one.seenAt,
      isThis: one.id === sessionId,
    }))
  }

  /** Ends one session of a user. */
  async endDevice(user: User, sessionId: string): Promise<void> {
    if (!(await endSessionOf(this.db, user.id, sessionId)))
      throw new Refusal('not-found', 'There is nobody signed in there any more')
    this.live.end(sessionLine(sessionId))
  }

  async endSession(token: string | undefined): Promise<void> {
    const ended = token ? await endSessionBy(this.db, hashToken(token)) : null
    if (ended !== null) this.live.end(sessionLine(ended))
  }

  private async endSessionsOf(user: User, but?: string): Promise<void> {
    for (const id of await endSessionsOf(this.db, user.id, but)) this.live.end(sessionLine(id))
  }
}

const signInOf = ({ signIn }: { signIn: string }): string => signIn.trim().toLowerCase()

export const hasOwnerAlready = () => new Refusal('in-the-way', 'This home already has an owner. Sign in instead.')

async function failOnWeak(password: string, known: readonly string[]): Promise<void> {
  const fault = await passwordFault(password, known)
  if (fault) throw invalid([{ field: 'password', message: fault }])
}
