import { createServer, type Server } from 'node:http'
import type Router from '@koa/router'
import Koa from 'koa'
import compress from 'koa-compress'
import etag from '@koa/etag'
import type { Knex } from 'knex'
import { pino, type Logger } from 'pino'
import { PlanFile } from '@core/papers'
import { guard } from './http/guard'
import { Problem, problems } from './http/problem'
import { Reach, type ReachSettings } from './http/reach'
import { openApi } from './http/openApi'
import { serve, type Route } from './http/routes'
import { sameOrigin, securityHeaders } from './http/security'
import { webFiles } from './http/web'
import { backupRoutes } from './routes/backups'
import { pictureRoutes } from './routes/pictures'
import { eventRoutes } from './routes/events'
import { fileRoutes } from './routes/files'
import { handOverRoutes } from './routes/handOver'
import { houseRoutes } from './routes/house'
import { calendarRoutes } from './routes/calendars'
import { mixingRoutes } from './routes/mixing'
import { COOKIE, sessionRoutes } from './routes/session'
import { supplyRoutes } from './routes/supplies'
import { tablesRoutes } from './routes/tables'
import { Accounts } from './services/accounts'
import { Asks } from './services/asks'
import { Backups } from './services/backups'
import { Pictures } from './services/pictures'
import { Changes } from './services/changes'
import { Clock } from './services/clock'
import { Calendars } from './services/calendars'
import { Labels } from './services/labels'
import { Live } from './services/live'
import { PlanFiles } from './services/planFiles'
import { Shares } from './services/shares'
import { Supplies } from './services/supplies'
import { newCode } from './services/secrets'
import { openStore } from './store/open'
import { Writable } from './store/writable'

export interface Settings extends ReachSettings {
  /** The database of this home. */
  file: string
  /** Folder of the built interface. */
  web: string
  /** Fixed date for demos and tests. */
  today?: string
  /** Where the system's clock is read; the system's own without it. */
  now?: () => Date
  /** Folder of the nightly copies; none are made without it. */
  backups?: string
  log?: Logger
}

export interface Kobby {
  server: Server
  db: Knex
  routes: Route[]
  reach: Reach
  backups: Backups
  /** Asked for by whoever makes the owner's account from another machine; nothing once there is an owner. */
  startCode: string | null
  close: () => Promise<void>
}

/** A start code is typed from one screen to another. */
const START_CODE = { groups: 2, signs: 4 }
/** Headers come at once, and a whole home within two minutes, or the connection is closed; in milliseconds. */
const HEADERS_MS = 20_000
const REQUEST_MS = 120_000

/** What every question goes through on its way to a route, and every answer on its way back. */
function pipeline(
  settings: Settings,
  { log, reach, writable, router }: { log: Logger; reach: Reach; writable: Writable; router: Router },
): Koa {
  const app = new Koa()
  app.silent = true
  app.use(problems(log))
  app.use(securityHeaders)
  app.use(reach.middleware)
  // Fast rather than small: this usually serves one house, and the processor is shared with everything else there.
  // Whoever refuses every way to send an answer gets it as it is.
  app.use((ctx, next) => {
    if (!ctx.acceptsEncodings('gzip', 'identity')) delete ctx.req.headers['accept-encoding']
    return next()
  })
  app.use(compress({ br: false, gzip: { level: 2 }, threshold: 4096 }))
  app.use(async (ctx, next) => {
    await next()
    if (ctx.fresh) ctx.status = 304
  })
  app.use(etag())
  app.use(async (ctx, next) => {
    if (ctx.path !== '/health') return next()
    const fault = await writable.fault()
    ctx.status = fault === null ? 200 : 503
    ctx.set('Cache-Control', 'no-store')
    ctx.body = fault === null ? { status: 'ok' } : { status: 'cannot write', title: fault }
  })
  app.use(webFiles(settings.web, COOKIE))
  app.use(sameOrigin)
  app.use(async (ctx, next) => {
    // Children's names are in nearly every answer: none stays behind on a device that several people use.
    if (ctx.path.startsWith('/api/')) ctx.set('Cache-Control', 'no-store')
    await next()
  })
  app.use(router.routes())
  app.use(
    router.allowedMethods({
      throw: true,
      methodNotAllowed: () => new Problem(405, 'This address takes another method'),
      notImplemented: () => new Problem(405, 'This address takes another method'),
    }),
  )
  return app
}

/** Puts the application together on one database. The caller listens. */
export async function createKobby(settings: Settings): Promise<Kobby> {
  const log = settings.log ?? pino({ level: 'silent' })
  const db = await openStore(settings.file, undefined, settings.now, settings.backups)
  const clock = new Clock(settings.today, settings.now)
  const live = new Live()
  const reach = new Reach(settings)
  const accounts = new Accounts(db, clock, live)
  const changes = new Changes(db, live, clock)
  const shares = new Shares(db, clock, live, changes)
  const supplies = new Supplies(db, clock)
  const backups = new Backups(db, clock, log, settings.backups)
  const startCode = newCode(START_CODE.groups, START_CODE.signs)
  const routes = [
    ...sessionRoutes(db, accounts, clock, reach, startCode),
    ...houseRoutes(db, clock, changes),
    ...handOverRoutes(db, clock, shares),
    ...fileRoutes(new PlanFiles(db, changes)),
    ...tablesRoutes(db, changes),
    ...eventRoutes(live, accounts, shares),
    ...supplyRoutes(supplies, new Asks(db, supplies, shares, changes), shares),
    ...mixingRoutes(db, new Labels(db)),
    ...calendarRoutes(new Calendars(db, clock), shares),
    ...backupRoutes(backups),
    ...pictureRoutes(new Pictures(db, clock)),
  ]
  const description = openApi(routes, { PlanFile })
  const guarded = guard()
  const router = serve(routes, {
    whoIs: (ctx) => accounts.whoHas(ctx.cookies.get(COOKIE)),
    shareOf: (ctx, token, kind) => guarded(ctx, () => shares.find(token, kind)),
  })
  router.get('/openapi.json', (ctx) => {
    ctx.body = description
  })

  const app = pipeline(settings, { log, reach, writable: new Writable(db, () => clock.now()), router })
  const server = createServer({ headersTimeout: HEADERS_MS, requestTimeout: REQUEST_MS }, app.callback())
  reach.listensAs(server)
  backups.everyNight()
  return {
    server,
    db,
    routes,
    reach,
    backups,
    startCode: (await accounts.hasOwner()) ? null : startCode,
    close: async () => {
      backups.stop()
      server.closeAllConnections()
      await new Promise<void>((resolve) => server.close(() => resolve()))
      await db.destroy()
    },
  }
}
