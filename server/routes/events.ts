import { PassThrough } from 'node:stream'
import type { Context } from 'koa'
import { z } from 'zod'
import { Id, UNIT_KINDS, type ThingKind } from '@core/domain'
import { route, type Route } from '../http/routes'
import type { Live, LiveEvent } from '../services/live'
import type { Shares } from '../services/shares'

/** Keeps proxies from closing a quiet line, in milliseconds. */
const HEARTBEAT_MS = 25_000

/** Opens a line of server-sent events that lasts until either side closes it. */
function stream(ctx: Context, live: Live, pick: (event: LiveEvent) => unknown): void {
  const out = new PassThrough()
  const send = (data: unknown) => out.write(`data: ${JSON.stringify(data)}\n\n`)
  const stop = live.listen((event) => {
    const data = pick(event)
    if (data !== undefined) send(data)
  })
  const beat = setInterval(() => out.write(': here\n\n'), HEARTBEAT_MS)
  beat.unref()
  const close = () => {
    stop()
    clearInterval(beat)
    out.end()
  }
  ctx.req.on('close', close)
  ctx.req.socket.setTimeout(0)
  ctx.compress = false
  ctx.set('Cache-Control', 'no-store')
  ctx.set('X-Accel-Buffering', 'no')
  ctx.type = 'text/event-stream'
  out.write('retry: 1000\n\n')
  ctx.body = out
}

/** Whether a change touches what every unit shares: a unit's own move may bring an adult's hours or a child's absence along. */
const concernsAll = (event: LiveEvent): boolean =>
  event.unitId === null ||
  (event.type === 'change' &&
    event.rows.some((row) => row.kind === 'unit' || !(UNIT_KINDS as readonly ThingKind[]).includes(row.kind)))

/** Lines on which open screens hear of each other's changes. */
export function eventRoutes(live: Live, shares: Shares): Route[] {
  return [
    route(
      {
        method: 'get',
        path: '/events',
        summary: 'Changes as they happen, as server-sent events',
        access: 'owner',
        query: z.strictObject({ unit: Id.optional() }),
      },
      async ({ query, ctx }) => {
        stream(ctx, live, (event) => (concernsAll(event) || event.unitId === query.unit ? event : undefined))
      },
    ),
    route(
      {
        method: 'get',
        path: '/shared/:token/events',
        summary: 'Tells a link that its day has changed',
        access: 'open',
        params: z.strictObject({ token: z.string().regex(/^[\w-]{10,64}$/) }),
      },
      async ({ params, ctx }) => {
        const share = await shares.find(params.token)
        // Only that something changed, never what: the link asks again and gets its own day.
        stream(ctx, live, (event) =>
          concernsAll(event) || event.unitId === share.unitId ? { type: 'again' } : undefined,
        )
      },
    ),
  ]
}
