import { RateLimiterMemory } from 'rate-limiter-flexible'
import { Problem } from './problem'

/** Links that are not known, from one address in an hour: a guesser gets nowhere among 128 bits, and is stopped anyway. */
const UNKNOWN_LINKS = { points: 60, duration: 3600 }

/** Does the work of a link for an address, unless that address has asked for too many links that are not known. */
export function guard() {
  const unknown = new RateLimiterMemory(UNKNOWN_LINKS)
  return async <T>(ip: string, work: () => Promise<T>): Promise<T> => {
    const tries = await unknown.get(ip)
    if (tries && tries.consumedPoints >= UNKNOWN_LINKS.points)
      throw new Problem(429, 'Too many unknown links. Try again later.')
    try {
      return await work()
    } catch (error) {
      if (error instanceof Problem && error.status === 404) await unknown.consume(ip).catch(() => undefined)
      throw error
    }
  }
}
