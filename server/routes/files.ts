import { z } from 'zod'
import { Id, ImportAnswer } from '@core/domain'
import { jsonSchemaOf, PlanFile } from '@core/papers'
import { route, type Route } from '../http/routes'
import type { PlanFiles } from '../services/planFiles'

/** A file to keep: its form is that of PlanFile. */
const JSON_FILE = 'application/json'

/** Plan files in and out, and the schema they follow. */
export function fileRoutes(files: PlanFiles): Route[] {
  return [
    route(
      {
        method: 'get',
        path: '/plan-file',
        summary: 'The whole home as a plan file',
        access: 'owner',
        answer: JSON_FILE,
      },
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
        answer: JSON_FILE,
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
        answer: ImportAnswer,
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
        answer: ImportAnswer,
      },
      async ({ body, user }) => files.apply(body, user),
    ),
    route(
      {
        method: 'get',
        path: '/plan-file.schema.json',
        summary: 'JSON Schema of the plan file',
        access: 'open',
        answer: 'application/schema+json',
      },
      async () => jsonSchemaOf(PlanFile),
    ),
  ]
}
