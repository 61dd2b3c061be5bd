import { z } from 'zod'
import { ImportAnswer, UsedAnswer } from '@core/domain'
import type { Knex } from 'knex'
import { route, type Route } from '../http/routes'
import { activityTable, pantryTable, usedActivities, type ThingTable } from '../services/thingTables'
import type { Changes } from '../services/changes'

const Table = z.strictObject({ text: z.string().max(30_000_000, 'A table holds at most 30 MB') })

const tableRoutes = (
  path: string,
  what: string,
  file: string,
  table: ThingTable<'activity'> | ThingTable<'material'>,
): Route[] => [
  route(
    { method: 'get', path: `${path}.csv`, summary: `${what} as CSV`, access: 'owner', answer: 'text/csv' },
    async ({ ctx }) => {
      ctx.attachment(file)
      ctx.type = 'text/csv; charset=utf-8'
      return table.text()
    },
  ),
  route(
    {
      method: 'post',
      path: `${path}/csv/preview`,
      summary: `What reading a CSV would change: ${what.toLowerCase()}`,
      access: 'owner',
      size: 'file',
      body: Table,
      answer: ImportAnswer,
    },
    async ({ body }) => table.preview(body.text),
  ),
  route(
    {
      method: 'post',
      path: `${path}/csv/apply`,
      summary: `Read a CSV, whole or not at all: ${what.toLowerCase()}`,
      access: 'owner',
      size: 'file',
      body: Table,
      answer: ImportAnswer,
    },
    async ({ body, user }) => table.apply(body.text, user),
  ),
]

/** Activities and the pantry as tables, and when each activity was done before. */
export const tablesRoutes = (db: Knex, changes: Changes): Route[] => [
  ...tableRoutes('/activities', 'Every activity', 'activities.csv', activityTable(db, changes)),
  ...tableRoutes('/pantry', 'The pantry', 'pantry.csv', pantryTable(db, changes)),
  route(
    {
      method: 'get',
      path: '/activities/used',
      summary: 'When each activity was done, and how it went',
      access: 'owner',
      answer: UsedAnswer,
    },
    async () => ({ used: await usedActivities(db) }),
  ),
]
