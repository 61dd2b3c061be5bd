import { z } from 'zod'
import type { Knex } from 'knex'
import { BatchesAnswer, Id } from '@core/domain'
import { LABEL_SHEETS } from '@core/papers'
import { route, type Route } from '../http/routes'
import type { Labels } from '../services/labels'
import { readBatches } from '../store/rows'

const LabelQuery = z.strictObject({
  count: z.coerce.number().int().default(1),
  sheet: z.enum(LABEL_SHEETS.map((one) => one.id) as [string, ...string[]]).default(LABEL_SHEETS[0].id),
  /** The first free label of the sheet. */
  first: z.coerce.number().int().default(1),
})

/** What was mixed, and its labels. */
export const mixingRoutes = (db: Knex, labels: Labels): Route[] => [
  route(
    {
      method: 'get',
      path: '/batches',
      summary: 'What was mixed: all that is in the house, and the latest of what is gone',
      access: 'owner',
      answer: BatchesAnswer,
    },
    async () => ({ rows: await readBatches(db) }),
  ),
  route(
    {
      method: 'get',
      path: '/batches/:batchId/labels.pdf',
      summary: 'Labels of a batch as PDF, on a sheet of labels or on paper to cut',
      access: 'owner',
      params: z.strictObject({ batchId: Id }),
      query: LabelQuery,
      answer: 'application/pdf',
    },
    async ({ params, query, ctx }) => {
      const sheet = LABEL_SHEETS.find((one) => one.id === query.sheet)!
      const pdf = await labels.pdf({ ...params, count: query.count, first: query.first, sheet })
      ctx.attachment('labels.pdf', { type: 'inline' })
      ctx.type = 'application/pdf'
      return pdf
    },
  ),
]
