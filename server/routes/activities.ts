import { z } from 'zod'
import { route, type Route } from '../http/routes'
import type { ActivityTables } from '../services/activityTables'

const Table = z.strictObject({ text: z.string().max(30_000_000, 'A table holds at most 30 MB') })

/** Activities as a table, and when each was done before. */
export function activityRoutes(tables: ActivityTables): Route[] {
  return [
    route({ method: 'get', path: '/activities.csv', summary: 'Every activity as CSV', access: 'owner' }, async ({ ctx }) => {
      ctx.attachment('activities.csv')
      ctx.type = 'text/csv; charset=utf-8'
      return tables.write()
    }),
    route({ method: 'get', path: '/activities/used', summary: 'When each activity was done, and how it went', access: 'owner' }, async () => ({ used: await tables.used() })),
    route({ method: 'post', path: '/activities/csv/preview', summary: 'What reading a CSV of activities would change', access: 'owner', body: Table }, async ({ body }) => tables.preview(body.text)),
    route({ method: 'post', path: '/activities/csv/apply', summary: 'Read a CSV of activities, whole or not at all', access: 'owner', body: Table }, async ({ body, user }) => tables.apply(body.text, user)),
  ]
}
