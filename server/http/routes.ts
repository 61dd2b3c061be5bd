import Router from '@koa/router'
import type { Context } from 'koa'
import { z } from 'zod'
import type { User } from '../services/accounts'
import { invalid, Problem } from './problem'

/** What a handler is given: everything already checked. */
export interface Call<P, Q, B> {
  params: P
  query: Q
  body: B
  /** Present on routes for the owner. */
  user: User
  ctx: Context
}

/** One route: what the router serves and what the interface description says, from one place. */
export interface Route {
  method: 'get' | 'post' | 'put' | 'delete'
  path: string
  summary: string
  access: 'open' | 'owner'
  params: z.ZodType
  query: z.ZodType
  body: z.ZodType | null
  handle: (call: Call<never, never, never>) => Promise<unknown>
}

type Shape = Pick<Route, 'method' | 'path' | 'summary' | 'access'>

/** Declares a route. A handler's return value is the JSON answer; undefined is 204, unless it wrote the answer itself. */
export function route<P extends z.ZodType, Q extends z.ZodType, B extends z.ZodType>(
  shape: Shape & { params?: P; query?: Q; body?: B },
  handle: (call: Call<z.infer<P>, z.infer<Q>, z.infer<B>>) => Promise<unknown>,
): Route {
  const { params = z.strictObject({}), query = z.strictObject({}), body = null, ...rest } = shape
  return { ...rest, params, query, body, handle: handle as Route['handle'] }
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

/** A router that serves the routes under /api/v1. */
export function serve(routes: readonly Route[], whoIs: (ctx: Context) => Promise<User | null>): Router {
  const router = new Router({ prefix: '/api/v1' })
  for (const one of routes) {
    router[one.method](one.path, async (ctx) => {
      const user = one.access === 'owner' ? await whoIs(ctx) : null
      if (one.access === 'owner' && !user) throw new Problem(401, 'Please sign in')
      const params = check(one.params, ctx.params) as never
      const query = check(one.query, { ...ctx.query }) as never
      const body = (one.body ? check(one.body, ctx.request.body) : undefined) as never
      const answer = await one.handle({ params, query, body, user: user as User, ctx })
      if (answer !== undefined) ctx.body = answer
      else if (ctx.body === undefined && ctx.respond !== false) ctx.status = 204
    })
  }
  return router
}

/** OpenAPI 3.1 of the routes. */
export function openApi(routes: readonly Route[], schemas: Record<string, unknown>) {
  const paths: Record<string, Record<string, unknown>> = {}
  const asJson = (schema: z.ZodType) => z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' })
  const parameters = (schema: z.ZodType, where: 'path' | 'query') => {
    const json = asJson(schema) as { properties?: Record<string, unknown>; required?: string[] }
    return Object.entries(json.properties ?? {}).map(([name, inner]) => ({
      name,
      in: where,
      required: where === 'path' || (json.required ?? []).includes(name),
      schema: inner,
    }))
  }
  for (const one of routes) {
    const path = `/api/v1${one.path.replace(/:(\w+)/g, '{$1}')}`
    paths[path] ??= {}
    paths[path][one.method] = {
      summary: one.summary,
      security: one.access === 'owner' ? [{ session: [] }] : [],
      parameters: [...parameters(one.params, 'path'), ...parameters(one.query, 'query')],
      ...(one.body && {
        requestBody: { required: true, content: { 'application/json': { schema: asJson(one.body) } } },
      }),
      responses: {
        200: { description: 'Done' },
        default: {
          description: 'A problem',
          content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
        },
      },
    }
  }
  return {
    openapi: '3.1.0',
    info: { title: 'Kobby', version: '1' },
    paths,
    components: {
      securitySchemes: { session: { type: 'apiKey', in: 'cookie', name: 'kobby_session' } },
      schemas: {
        ...schemas,
        Problem: {
          type: 'object',
          required: ['title', 'status'],
          properties: {
            type: { type: 'string' },
            title: { type: 'string' },
            status: { type: 'integer' },
            detail: { type: 'string' },
            errors: {
              type: 'array',
              items: { type: 'object', properties: { field: { type: 'string' }, message: { type: 'string' } } },
            },
          },
        },
      },
    },
  }
}
