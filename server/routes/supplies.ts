import { z } from 'zod'
import { AskedPage, HistoryAnswer, Id, MadeShare, PurchasesAnswer } from '@core/domain'
import { route, Token, type Route } from '../http/routes'
import { PromiseInput, type Asks } from '../services/asks'
import { NewAskShare, type Shares } from '../services/shares'
import type { Supplies } from '../services/supplies'

/** Units that one list can be made for. */
const MOST_UNITS = 12

const UnitParams = z.strictObject({ unitId: Id })
/** More units on the same list, separated by commas. */
const Also = z.strictObject({ also: z.string().max(1000).optional() })
const Year = z.strictObject({ year: z.coerce.number().int().min(1900).max(2199) })

const unitsOf = (unitId: string, also: string | undefined): string[] =>
  [
    ...new Set([
      unitId,
      ...(also ?? '')
        .split(',')
        .map((id) => id.trim())
        .filter(Boolean),
    ]),
  ].slice(0, MOST_UNITS)

/** The list as files, the history of a material, the money of a year, and what families are asked for. */
export function supplyRoutes(supplies: Supplies, asks: Asks, shares: Shares): Route[] {
  const file = (path: string, type: string, name: string, summary: string, make: (ids: string[]) => Promise<string>) =>
    route(
      {
        method: 'get',
        path: `/units/:unitId/${path}`,
        summary,
        access: 'owner',
        params: UnitParams,
        query: Also,
        answer: type.split(';')[0],
      },
      async ({ params, query, ctx }) => {
        const text = await make(unitsOf(params.unitId, query.also))
        ctx.attachment(name)
        ctx.type = type
        return text
      },
    )
  return [
    file('supplies.csv', 'text/csv; charset=utf-8', 'supplies.csv', 'The supply list as CSV', (ids) =>
      supplies.csv(ids),
    ),
    file('supplies.md', 'text/markdown; charset=utf-8', 'supplies.md', 'The supply list as Markdown', (ids) =>
      supplies.markdown(ids),
    ),
    file('trips.ics', 'text/calendar; charset=utf-8', 'trips.ics', 'A calendar entry for each trip', (ids) =>
      supplies.calendar(ids),
    ),
    route(
      {
        method: 'get',
        path: '/materials/:materialId/history',
        summary: 'What happened to a material, the latest first',
        access: 'owner',
        params: z.strictObject({ materialId: Id }),
        answer: HistoryAnswer,
      },
      async ({ params }) => supplies.history(params.materialId),
    ),
    route(
      {
        method: 'get',
        path: '/purchases/:year',
        summary: 'Every purchase of a year',
        access: 'owner',
        params: Year,
        answer: PurchasesAnswer,
      },
      async ({ params }) => ({ rows: await supplies.year(params.year) }),
    ),
    route(
      {
        method: 'get',
        path: '/purchases/:year/csv',
        summary: 'Every purchase of a year as CSV, for the tax folder',
        access: 'owner',
        params: Year,
        answer: 'text/csv',
      },
      async ({ params, ctx }) => {
        const text = await supplies.yearCsv(params.year)
        ctx.attachment(`purchases-${params.year}.csv`)
        ctx.type = 'text/csv; charset=utf-8'
        return text
      },
    ),
    route(
      {
        method: 'post',
        path: '/units/:unitId/ask-links',
        summary: 'Make a link on which families sign up; its secret is told once',
        access: 'owner',
        params: UnitParams,
        body: NewAskShare,
        answer: MadeShare,
      },
      async ({ params, body }) => shares.createAsk(params.unitId, body),
    ),
    route(
      {
        method: 'get',
        path: '/asked/:token',
        summary: 'What families are asked for',
        access: 'ask',
        params: Token,
        answer: AskedPage,
      },
      async ({ share }) => asks.open(share),
    ),
    route(
      {
        method: 'post',
        path: '/asked/:token/promises',
        summary: 'Promise to bring something',
        access: 'ask',
        params: Token,
        body: PromiseInput,
        answer: AskedPage,
      },
      async ({ share, body }) => asks.promise(share, body),
    ),
    route(
      {
        method: 'delete',
        path: '/asked/:token/promises/:promiseId',
        summary: 'Take a promise back',
        access: 'ask',
        params: Token.extend({ promiseId: Id }),
        answer: AskedPage,
      },
      async ({ share, params }) => asks.withdraw(share, params.promiseId),
    ),
  ]
}
