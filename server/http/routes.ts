import type { Share, ShareKind, User } from '@core/domain'
import Router from '@koa/router'
import type { Context } from 'koa'
import { z } from 'zod'
import type { SignedIn } from '../services/accounts'
import { readBody, type Size } from './body'
import { invalid, Refusal } from '../services/refusal'
import { Problem } from './problem'

/** What a handler is given: everything already checked. */
export interface Call<P, Q, B> {
  params: P
  query: Q
  body: B
  /** Present on routes for the owner. */
  user: User
  /** The session of {@link user}. */
  sessionId: string
  /** Present on routes of a link. */
  share: Share
  ctx: Context
}

/** One route: what the router serves and what the interface description says, from one place. */
export interface Route {
  method: 'get' | 'post' | 'put' | 'delete'
  path: string
  summary: string
  /** Who may: everyone, whoever has a link of this kind, or the owner. */
  access: 'open' | 'day' | 'ask' | 'calendar' | 'owner'
  /** How large its body may be; small for strangers, unless said otherwise. */
  size: Size
  params: z.ZodType
  query: z.ZodType
  body: z.ZodType | null
  /** What is answered; null where there is nothing to say, or what is no JSON, by its type. */
  answer: z.ZodType | string | null
  /** Looked at before a body is read: refuses by throwing. */
  before: ((ctx: Context) => Promise<void>) | null
  handle: (call: Call<never, never, never>) => Promise<unknown>
}

type Shape = Pick<Route, 'method' | 'path' | 'summary' | 'access'>

/** The secret of a link, in its address. */
export const Token = z.strictObject({ token: z.string().regex(/^[\w-]{10,64}$/, 'This is no link of ours') })

/** What a handler gives that has written its answer itself. */
export const WRITTEN: { readonly written: true } = { written: true }

/** What a handler gives for what its route says: checked by the types here, and by every test that calls it. */
type Given<A> = A extends z.ZodType ? z.input<A> | typeof WRITTEN : A extends string ? unknown : void

/** Declares a route. What its handler gives is the answer; nothing is 204. */
export function route<
  P extends z.ZodType,
  Q extends z.ZodType,
  B extends z.ZodType,
  A extends z.ZodType | string | null = null,
>(
  shape: Shape & { params?: P; query?: Q; body?: B; answer?: A; size?: Size; before?: Route['before'] },
  handle: (call: Call<z.infer<P>, z.infer<Q>, z.infer<B>>) => Promise<Given<A>>,
): Route {
  const {
    params = z.strictObject({}),
    query = z.strictObject({}),
    body = null,
    answer = null,
    size = shape.access === 'owner' ? 'usual' : 'small',
    before = null,
    ...rest
  } = shape
  return { ...rest, params, query, body, answer, size, before, handle: handle as Route['handle'] }
}

/** Checks a value by a schema; a fault names its field by path. */
export function check<S extends z.ZodType>(schema: S, value: unknown): z.infer<S> {
  const result = schema.safeParse(value)
  if (result.success) return result.data
  throw invalid(faultsOf(result.error))
}

/** The faults of a failed check, the first fifty, each with its path. */
export const faultsOf = (error: z.ZodError) =>
  error.issues
    .slice(0, 50)
    .map((issue) => ({ field: issue.path.map(String).join('.') || '(whole)', message: issue.message }))

/** How a router learns who asks. */
export interface Doors {
  whoIs: (ctx: Context) => Promise<SignedIn | null>
  /** The share of a link's secret; throws where there is none, or where too many were tried. */
  shareOf: (ctx: Context, token: string, kind: ShareKind) => Promise<Share>
}

/**
 * A router that serves the routes under /api/v1. Who asks is settled before a body is read: a stranger's costs nothing.
 */
export function serve(routes: readonly Route[], doors: Doors): Router {
  const router = new Router({ prefix: '/api/v1' })
  for (const one of routes) {
    router[one.method](one.path, async (ctx) => {
      const signedIn = one.access === 'owner' ? await doors.whoIs(ctx) : null
      if (one.access === 'owner' && !signedIn) throw new Problem(401, 'Please sign in')
      const params = check(one.params, ctx.params)
      const share =
        one.access === 'day' || one.access === 'ask' || one.access === 'calendar'
          ? await doors.shareOf(ctx, (params as { token: string }).token, one.access)
          : undefined
      await one.before?.(ctx)
      const query = check(one.query, { ...ctx.query })
      const body = one.body ? check(one.body, await readBody(ctx, one.size)) : undefined
      const answer = await one
        .handle({
          params: params as never,
          query: query as never,
          body: body as never,
          ...(signedIn as SignedIn),
          share: share as Share,
          ctx,
        })
        .catch((error: unknown) => {
          throw share ? withoutInsides(error) : error
        })
      if (answer === WRITTEN) return
      if (answer !== undefined) ctx.body = answer
      else if (ctx.body === undefined) ctx.status = 204
    })
  }
  return router
}

/** A conflict shows what stands there now: not to whoever has a link only. */
function withoutInsides(error: unknown): unknown {
  return error instanceof Refusal && ('conflicts' in error.extra || 'now' in error.extra)
    ? new Refusal(error.reason, 'This was changed just now. Please look again.')
    : error
}
