import { randomBytes, randomUUID, scrypt, timingSafeEqual, type ScryptOptions } from 'node:crypto'
import type { ZxcvbnFactory } from '@zxcvbn-ts/core'
import pLimit from 'p-limit'
import { Refusal } from './refusal'

/** scrypt with 32 MiB a hash (N 2^15, r 8, p 1), as OWASP's password storage guidance gives it at the least. */
const SCRYPT: ScryptOptions = { N: 32_768, r: 8, p: 1, maxmem: 96 * 1024 * 1024 }
const KEY_BYTES = 32

/** One hash at a time, whoever asks: a crowd at the door waits in line instead of filling memory and processor. */
const inLine = pLimit(1)
/** How many may wait for a hash; a home has a handful of people. */
const MOST_WAITING = 20

function derive(password: string, salt: Buffer): Promise<Buffer> {
  if (inLine.pendingCount >= MOST_WAITING)
    throw new Refusal('busy', 'Many people are signing in just now. Try again in a moment.')
  return inLine(
    () =>
      new Promise<Buffer>((resolve, reject) =>
        scrypt(password.normalize('NFKC'), salt, KEY_BYTES, SCRYPT, (error, key) =>
          error ? reject(error) : resolve(key),
        ),
      ),
  )
}

export async function hashPassword(password: string): Promise<string> {
  const salt = randomBytes(16)
  return `scrypt$${salt.toString('base64')}$${(await derive(password, salt)).toString('base64')}`
}

async function matches(password: string, stored: string): Promise<boolean> {
  const [, salt, key] = stored.split('$')
  return timingSafeEqual(await derive(password, Buffer.from(salt, 'base64')), Buffer.from(key, 'base64'))
}

/** Made at the first guess at a name that nobody has. */
let decoy: Promise<string> | undefined

/**
 * Whether a password is the stored one. Where there is none, it takes as long all the same, so that a name cannot be
 * told from a password.
 */
export async function passwordMatches(password: string, stored: string | undefined): Promise<boolean> {
  const against = stored ?? (await (decoy ??= hashPassword(randomUUID())))
  return (await matches(password, against)) && stored !== undefined
}

/** Lists of common passwords take a while to unpack, and a password is set once in years: they are read when one is. */
let estimator: Promise<ZxcvbnFactory> | undefined
async function readLists(): Promise<ZxcvbnFactory> {
  const [{ ZxcvbnFactory: Estimator }, { adjacencyGraphs, dictionary }] = await Promise.all([
    import('@zxcvbn-ts/core'),
    import('@zxcvbn-ts/language-common'),
  ])
  return new Estimator({ dictionary, graphs: adjacencyGraphs })
}
/** A million guesses and fewer: what lists of common passwords and their usual variations hold. */
const COMMON = 2
/** How much of a password is looked at; longer ones are no easier to guess. */
const LOOKED_AT = 100

/**
 * What is wrong with a password, in words, or nothing.
 *
 * @param known words that others would try first, such as the names of who signs in
 */
export async function passwordFault(password: string, known: readonly string[]): Promise<string | null> {
  const { score } = (await (estimator ??= readLists())).check(password.slice(0, LOOKED_AT), [...known])
  return score < COMMON
    ? 'This is one of the first passwords others would try. Four words that do not belong together are hard to guess and easy to remember.'
    : null
}
