import { z } from 'zod'
import { Id, MadeShare } from '@core/domain'
import { route, Token, type Route } from '../http/routes'
import type { Calendars } from '../services/calendars'
import { NewAskShare, type Shares } from '../services/shares'

const UnitParams = z.strictObject({ unitId: Id })
const TYPE = 'text/calendar'

/** A unit as a calendar: to download, or to subscribe to by a link that can be withdrawn. */
export const calendarRoutes = (calendars: Calendars, shares: Shares): Route[] => [
  route(
    {
      method: 'get',
      path: '/units/:unitId/calendar.ics',
      summary: 'Special days, preparation, trips and slow projects of a unit as iCalendar',
      access: 'owner',
      params: UnitParams,
      answer: TYPE,
    },
    async ({ params, ctx }) => {
      const text = await calendars.of(params.unitId)
      ctx.attachment(`${params.unitId}.ics`)
      ctx.type = TYPE
      return text
    },
  ),
  route(
    {
      method: 'post',
      path: '/units/:unitId/calendar-links',
      summary: 'Make a link that a calendar subscribes to; its secret is told once',
      access: 'owner',
      params: UnitParams,
      body: NewAskShare,
      answer: MadeShare,
    },
    async ({ params, body }) => shares.createCalendar(params.unitId, body),
  ),
  route(
    {
      method: 'get',
      path: '/calendars/:token',
      summary: 'A unit as iCalendar, by a link',
      access: 'calendar',
      params: Token,
      answer: TYPE,
    },
    async ({ share, ctx }) => {
      await shares.noteOpened(share)
      const text = await calendars.of(share.unitId)
      ctx.type = TYPE
      return text
    },
  ),
]
