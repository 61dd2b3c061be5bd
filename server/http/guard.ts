import { RateLimiterMemory, type RateLimiterRes } from 'rate-limiter-flexible'
import type { Context } from 'koa'
import { Refusal } from '../services/refusal'
import { Problem } from './problem'
import { visitor } from './reach'

/**
 * Links that are not known, from one visitor in an hour: a guesser gets nowhere among 128 bits, and is stopped anyway.
 */
const UNKNOWN_LINKS = { points: 60, duration: 3600 }
/** Ten wrong passwords or codes in fifteen minutes from one visitor, then a wait. */
const WRONG_TRIES = { points: 10, duration: 15 * 60 }

/** Does the work of a link for a visitor, unless that one has asked for too many links that are not known. */
export function guard() {
  const unknown = new RateLimiterMemory(UNKNOWN_LINKS)
  return async <T>(ctx: Context, work: () => Promise<T>): Promise<T> => {
    const who = visitor(ctx.asker.ip)
    const tries = await unknown.get(who)
    if (tries && tries.consumedPoints >= UNKNOWN_LINKS.points)
      throw new Problem(429, 'Too many unknown links. Try again later.')
    try {
      return await work()
    } catch (error) {
      if (error instanceof Refusal && error.reason === 'not-found') await unknown.consume(who).catch(() => undefined)
      throw error
    }
  }
}

const tooMany = (limit: RateLimiterRes) =>
  new Problem(429, `Too many wrong tries. Wait ${Math.max(1, Math.ceil(limit.msBeforeNext / 60_000))} minutes.`)

/**
 * Tries of one visitor at a secret. Each is counted before its slow hash is made, so that many at once are as many; one
 * that was right is given back, and only that one: what others tried from the same address stays counted.
 */
export class Tries {
  private readonly wrong = new RateLimiterMemory(WRONG_TRIES)

  /** Refuses a visitor that has none left, before anything of it is read. */
  before = async (ctx: Context): Promise<void> => {
    const tries = await this.wrong.get(visitor(ctx.asker.ip))
    if (tries && tries.consumedPoints >= WRONG_TRIES.points) throw tooMany(tries)
  }

  /**
   * One try.
   *
   * @param test gives what the right secret opens, or nothing
   * @param refusal what is said of a wrong one
   */
  async one<T>(ctx: Context, test: () => Promise<T | null>, refusal: Error): Promise<T> {
    const who = visitor(ctx.asker.ip)
    await this.wrong.consume(who).catch((limit: RateLimiterRes) => {
      throw tooMany(limit)
    })
    let right = false
    try {
      const opened = await test()
      right = opened !== null
      if (opened === null) throw refusal
      return opened
    } catch (error) {
      // What the server could not try is not held against anyone.
      right ||= error !== refusal
      throw error
    } finally {
      if (right) await this.wrong.reward(who, 1)
    }
  }
}
