import { z } from 'zod'
import * as domain from '../../core/domain'
import type { Route } from './routes'

const asInput = (schema: z.ZodType) => z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' })

/** Every schema of the domain under its own name, as it is answered; each once, and named where another holds it. */
function namedSchemas(): { names: Map<z.ZodType, string>; schemas: Record<string, unknown> } {
  const names = new Map<z.ZodType, string>()
  const registry = z.registry<{ id: string }>()
  for (const [name, schema] of Object.entries(domain)) {
    if (!(schema instanceof z.ZodType) || names.has(schema)) continue
    names.set(schema, name)
    registry.add(schema, { id: name })
  }
  const { schemas } = z.toJSONSchema(registry, { uri: refTo, unrepresentable: 'any' })
  return { names, schemas }
}
const refTo = (name: string) => `#/components/schemas/${name}`

const parameters = (schema: z.ZodType, where: 'path' | 'query') => {
  const json = asInput(schema) as { properties?: Record<string, unknown>; required?: string[] }
  return Object.entries(json.properties ?? {}).map(([name, inner]) => ({
    name,
    in: where,
    required: where === 'path' || (json.required ?? []).includes(name),
    schema: inner,
  }))
}

/** What a route answers when all is well. */
function done({ answer }: Route, names: Map<z.ZodType, string>) {
  if (answer === null) return { 204: { description: 'Done' } }
  if (typeof answer === 'string') return { 200: { description: 'Done', content: { [answer]: {} } } }
  const name = names.get(answer)
  if (!name) throw new Error('An answer stands in core/domain, under a name')
  return { 200: { description: 'Done', content: { 'application/json': { schema: { $ref: refTo(name) } } } } }
}

/**
 * OpenAPI 3.1 of the routes.
 *
 * @param more schemas that are described beside those of the domain
 */
export function openApi(routes: readonly Route[], more: Record<string, z.ZodType>) {
  const { names, schemas } = namedSchemas()
  const problem = { $ref: refTo(names.get(domain.ProblemAnswer)!) }
  const paths: Record<string, Record<string, unknown>> = {}
  for (const one of routes) {
    const path = `/api/v1${one.path.replace(/:(\w+)/g, '{$1}')}`
    paths[path] ??= {}
    paths[path][one.method] = {
      summary: one.summary,
      security: one.access === 'owner' ? [{ session: [] }] : [],
      'x-access': one.access,
      parameters: [...parameters(one.params, 'path'), ...parameters(one.query, 'query')],
      ...(one.body && {
        requestBody: { required: true, content: { 'application/json': { schema: asInput(one.body) } } },
      }),
      responses: {
        ...done(one, names),
        default: { description: 'A problem', content: { 'application/problem+json': { schema: problem } } },
      },
    }
  }
  return {
    openapi: '3.1.0',
    info: { title: 'Kobby', version: '1' },
    paths,
    components: {
      securitySchemes: { session: { type: 'apiKey', in: 'cookie', name: 'kobby_session' } },
      schemas: { ...schemas, ...Object.fromEntries(Object.entries(more).map(([name, one]) => [name, asInput(one)])) },
    },
  }
}
