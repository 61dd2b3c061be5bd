import { z } from 'zod'
import type { Knex } from 'knex'
import { DaySheet, Id, LinkTick, MadeShare, SharedDay, SharesAnswer, Tick } from '@core/domain'
import { daySheet, daySheetMarkdown } from '@core/papers'
import { route, Token, type Route } from '../http/routes'
import type { Clock } from '../services/clock'
import { NewShare, type Shares } from '../services/shares'
import { readSource } from '../services/snapshots'

const DayParams = z.strictObject({ unitId: Id, day: z.coerce.number().int().min(1).max(60) })

/** Day sheets, links to them, and ticks. */
export function handOverRoutes(db: Knex, clock: Clock, shares: Shares): Route[] {
  return [
    route(
      {
        method: 'get',
        path: '/units/:unitId/days/:day/sheet',
        summary: 'The sheet of one day',
        access: 'owner',
        params: DayParams,
        answer: DaySheet,
      },
      async ({ params }) => {
        const { snapshot, plan } = await readSource(db, clock, params.unitId)
        return daySheet(snapshot, plan, params.day)
      },
    ),
    route(
      {
        method: 'get',
        path: '/units/:unitId/days/:day/sheet.md',
        summary: 'The sheet of one day as Markdown',
        access: 'owner',
        params: DayParams,
        answer: 'text/markdown',
      },
      async ({ params, ctx }) => {
        const { snapshot, plan } = await readSource(db, clock, params.unitId)
        const text = daySheetMarkdown(daySheet(snapshot, plan, params.day))
        ctx.type = 'text/markdown; charset=utf-8'
        ctx.attachment(`day-${params.day}.md`)
        ctx.body = text
      },
    ),
    route(
      {
        method: 'get',
        path: '/units/:unitId/shares',
        summary: 'Links of a unit',
        access: 'owner',
        params: z.strictObject({ unitId: Id }),
        answer: SharesAnswer,
      },
      async ({ params }) => ({ shares: await shares.list(params.unitId) }),
    ),
    route(
      {
        method: 'post',
        path: '/units/:unitId/shares',
        summary: 'Make a link to one day; its secret is told once',
        access: 'owner',
        params: z.strictObject({ unitId: Id }),
        body: NewShare,
        answer: MadeShare,
      },
      async ({ params, body }) => shares.create(params.unitId, body),
    ),
    route(
      {
        method: 'delete',
        path: '/units/:unitId/shares/:shareId',
        summary: 'Withdraw a link',
        access: 'owner',
        params: z.strictObject({ unitId: Id, shareId: Id }),
      },
      async ({ params }) => shares.revoke(params.unitId, params.shareId),
    ),
    route(
      {
        method: 'get',
        path: '/shared/:token',
        summary: 'What a link shows: one day',
        access: 'day',
        params: Token,
        answer: SharedDay,
      },
      async ({ share }) => shares.open(share),
    ),
    route(
      {
        method: 'put',
        path: '/shared/:token/ticks',
        summary: 'Tick a step through a link',
        access: 'day',
        params: Token,
        body: LinkTick,
        answer: Tick,
      },
      async ({ share, body }) => shares.tick(share, body),
    ),
  ]
}
