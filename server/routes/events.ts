import { PassThrough } from 'node:stream'
import type { Context } from 'koa'
import { z } from 'zod'
import { Id, UNIT_KINDS, type ThingKind } from '@core/domain'
import { route, Token, type Route } from '../http/routes'
import { sessionLine, type Accounts } from '../services/accounts'
import type { Live, LiveEvent } from '../services/live'
import { shareLine, type Shares } from '../services/shares'

const EVENTS = 'text/event-stream'
/** Keeps proxies from closing a quiet line, in milliseconds. */
const HEARTBEAT_MS = 25_000

/** What a line stands on: heard of at once when it ends, and looked after at every beat, since a date ends it too. */
interface Ground {
  name: string
  holds: () => Promise<boolean>
}

/** Opens a line of server-sent events that lasts until either side closes it, or what it stands on ends. */
function stream(ctx: Context, live: Live, ground: Ground, pick: (event: LiveEvent) => unknown): void {
  const out = new PassThrough()
  const send = (data: unknown) => out.write(`data: ${JSON.stringify(data)}\n\n`)
  const close = () => {
    stop()
    unhear()
    clearInterval(beat)
    out.end()
  }
  const stop = live.listen((event) => {
    const data = pick(event)
    if (data !== undefined) send(data)
  })
  const unhear = live.whenEnds(ground.name, close)
  const beat = setInterval(() => {
    out.write(': here\n\n')
    // What cannot be asked just now is asked at the next beat.
    void ground.holds().then(
      (holds) => holds || close(),
      () => undefined,
    )
  }, HEARTBEAT_MS)
  beat.unref()
  ctx.req.on('close', close)
  ctx.req.socket.setTimeout(0)
  ctx.compress = false
  ctx.set('Cache-Control', 'no-store')
  ctx.set('X-Accel-Buffering', 'no')
  ctx.type = 'text/event-stream'
  out.write('retry: 1000\n\n')
  ctx.body = out
}

/**
 * Whether a change touches what every unit shares: a unit's own move may bring an adult's hours or a child's absence
 * along.
 */
const concernsAll = (event: LiveEvent): boolean =>
  event.unitId === null ||
  (event.type === 'change' &&
    event.rows.some((row) => row.kind === 'unit' || !(UNIT_KINDS as readonly ThingKind[]).includes(row.kind)))

/** Lines on which open screens hear of each other's changes. */
export function eventRoutes(live: Live, accounts: Accounts, shares: Shares): Route[] {
  return [
    route(
      {
        method: 'get',
        path: '/events',
        summary: 'Changes as they happen, as server-sent events',
        access: 'owner',
        query: z.strictObject({ unit: Id.optional() }),
        answer: EVENTS,
      },
      async ({ query, ctx, sessionId }) => {
        stream(ctx, live, { name: sessionLine(sessionId), holds: () => accounts.holds(sessionId) }, (event) =>
          concernsAll(event) || event.unitId === query.unit ? event : undefined,
        )
      },
    ),
    route(
      {
        method: 'get',
        path: '/shared/:token/events',
        summary: 'Tells a link that its day has changed',
        access: 'day',
        params: Token,
        answer: EVENTS,
      },
      async ({ share, ctx }) => {
        // Only that something changed, never what: the link asks again and gets its own day.
        stream(ctx, live, { name: shareLine(share.id), holds: () => shares.holds(share.id) }, (event) =>
          concernsAll(event) || event.unitId === share.unitId ? { type: 'again' } : undefined,
        )
      },
    ),
  ]
}
