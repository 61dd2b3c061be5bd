import { z } from 'zod'
import { Id } from '@core/domain'
import { jsonSchemaOf, PlanFile } from '@core/files'
import { route, type Route } from '../http/routes'
import type { PlanFiles } from '../services/planFiles'

/** Plan files in and out, and the schema they follow. */
export function fileRoutes(files: PlanFiles): Route[] {
  return [
    route(
      { method: 'get', path: '/plan-file', summary: 'The whole home as a plan file', access: 'owner' },
      async ({ ctx }) => {
        ctx.attachment('home.kobby.json')
        ctx.type = 'application/json'
        return files.exportHome()
      },
    ),
    route(
      {
        method: 'get',
        path: '/units/:unitId/plan-file',
        summary: 'One unit as a plan file, without children',
        access: 'owner',
        params: z.strictObject({ unitId: Id }),
      },
      async ({ params, ctx }) => {
        const file = await files.exportUnit(params.unitId)
        ctx.attachment(`${params.unitId}.kobby.json`)
        ctx.type = 'application/json'
        return file
      },
    ),
    route(
      {
        method: 'post',
        path: '/plan-files/preview',
        summary: 'What importing a plan file would change',
        access: 'owner',
        size: 'file',
        body: PlanFile,
      },
      async ({ body }) => files.preview(body),
    ),
    route(
      {
        method: 'post',
        path: '/plan-files/apply',
        summary: 'Import a plan file, whole or not at all',
        access: 'owner',
        size: 'file',
        body: PlanFile,
      },
      async ({ body, user }) => files.apply(body, user),
    ),
    route(
      { method: 'get', path: '/plan-file.schema.json', summary: 'JSON Schema of the plan file', access: 'open' },
      async () => jsonSchemaOf(PlanFile),
    ),
  ]
}
