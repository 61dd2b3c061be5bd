import type { Context, Next } from 'koa'
import type { Logger } from 'pino'
import { InputError, type Fault } from '@core/fault'
import { isForeignKeyError } from '../store/dialect'

/** An error with an answer for the client: RFC 9457 problem details. Thrown anywhere, met in one place. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly extra: { detail?: string; errors?: Fault[]; [more: string]: unknown } = {},
  ) {
    super(title)
  }
}

export const notFound = (what: string) => new Problem(404, `There is no such ${what}`)
export const invalid = (errors: Fault[]) => new Problem(422, 'Some fields need another look. Nothing was changed.', { errors })

function problemOf(error: unknown): Problem | null {
  if (error instanceof Problem) return error
  if (error instanceof InputError) return invalid(error.faults)
  if (isForeignKeyError(error)) return new Problem(409, 'Something else still uses this. Nothing was changed.')
  const status = (error as { status?: number }).status
  if (status === 413) return new Problem(413, 'This is larger than 5 MB. Nothing was changed.')
  if (status === 415) return new Problem(415, 'Send JSON, as application/json')
  if (status !== undefined && status >= 400 && status < 500) return new Problem(400, 'The request could not be read. Nothing was changed.')
  return null
}

/** Turns whatever is thrown below into problem details. What is nobody's fault but ours is logged and shown without its insides. */
export function problems(log: Logger) {
  return async (ctx: Context, next: Next) => {
    try {
      await next()
      if (ctx.status === 404 && ctx.body === undefined && ctx.respond !== false) throw notFound('page')
    } catch (error) {
      const known = problemOf(error)
      if (!known) log.error({ err: error, method: ctx.method, path: ctx.path }, 'unexpected')
      const problem = known ?? new Problem(500, 'Something went wrong here. Nothing was changed; please try again.')
      ctx.status = problem.status
      ctx.body = JSON.stringify({ type: 'about:blank', title: problem.title, status: problem.status, ...problem.extra })
      ctx.type = 'application/problem+json'
    }
  }
}
