import type { Context, Next } from 'koa'
import type { Logger } from 'pino'
import { InputError } from '@core/base'
import { invalid, Refusal, type Reason } from '../services/refusal'
import { newCode } from '../services/secrets'
import { faultOfDisk, isForeignKeyError } from '../store/dialect'

/** An error with an answer for the client: RFC 9457 problem details. Thrown by http/ and routes/, met in one place. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly extra: Record<string, unknown> = {},
  ) {
    super(title)
  }
}

/** What each reason of the services is in HTTP. */
const STATUS: Record<Reason, number> = {
  'not-found': 404,
  ended: 410,
  'in-the-way': 409,
  invalid: 422,
  full: 429,
  busy: 503,
  'not-kept': 507,
}

function problemOf(error: unknown): Problem | null {
  if (error instanceof Problem) return error
  if (error instanceof InputError) return problemOf(invalid(error.faults))
  if (error instanceof Refusal) return new Problem(STATUS[error.reason], error.title, error.extra)
  if (isForeignKeyError(error)) return new Problem(409, 'Something else still uses this. Nothing was changed.')
  const status = (error as { status?: number }).status
  if (status !== undefined && status >= 400 && status < 500)
    return new Problem(400, 'The request could not be read. Nothing was changed.')
  return null
}

/** Signs of the code by which a fault is found in the log. */
const CODE_SIGNS = 6

/**
 * What is nobody's fault but ours: its cause is logged under a short code, and the answer shows the code and nothing of
 * the cause.
 */
function unexpected(log: Logger, error: unknown, ctx: Context): Problem {
  const code = newCode(1, CODE_SIGNS)
  // The path without what a link's secret or a query says.
  log.error(
    { code, err: error, method: ctx.method, path: ctx.path.replace(/(\/(?:shared|asked)\/)[^/]+/, '$1…') },
    'unexpected',
  )
  return new Problem(
    500,
    `Something went wrong here. Nothing was changed; please try again. If it comes back, look for ${code} where Kobby was started.`,
    { code },
  )
}

/**
 * How long the rest of a body that is too large is let run out, in milliseconds: whoever sends it reads no answer
 * before it is sent.
 */
const RUN_OUT_MS = 3_000

/**
 * Closes the connection after the answer. What still comes is thrown away for a moment, so that the answer is read at
 * all.
 */
function closeAfter(ctx: Context): void {
  ctx.set('Connection', 'close')
  ctx.req.unpipe().resume()
  setTimeout(() => ctx.req.destroy(), RUN_OUT_MS).unref()
}

/** Turns whatever is thrown below into problem details. */
export function problems(log: Logger) {
  return async (ctx: Context, next: Next) => {
    try {
      await next()
      if (ctx.status === 404 && ctx.body === undefined && ctx.respond !== false)
        throw new Problem(404, 'There is no such page')
    } catch (error) {
      const disk = faultOfDisk(error)
      if (disk) log.error({ err: error }, disk)
      const problem = disk
        ? new Problem(507, `${disk} Nothing was changed; Kobby will try again.`)
        : (problemOf(error) ?? unexpected(log, error, ctx))
      if (problem.status === 413) closeAfter(ctx)
      ctx.status = problem.status
      ctx.body = JSON.stringify({ type: 'about:blank', title: problem.title, status: problem.status, ...problem.extra })
      ctx.type = 'application/problem+json'
    }
  }
}
