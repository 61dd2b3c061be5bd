import { createServer, type Server } from 'node:http'
import { bodyParser } from '@koa/bodyparser'
import Koa from 'koa'
import compress from 'koa-compress'
import etag from '@koa/etag'
import type { Knex } from 'knex'
import { pino, type Logger } from 'pino'
import { jsonSchemaOf, PlanFile, thingSchemas } from '@core/files'
import { Problem, problems } from './http/problem'
import { openApi, serve, type Route } from './http/routes'
import { sameOrigin, securityHeaders } from './http/security'
import { webFiles } from './http/web'
import { eventRoutes } from './routes/events'
import { fileRoutes } from './routes/files'
import { handOverRoutes } from './routes/handOver'
import { houseRoutes } from './routes/house'
import { COOKIE, sessionRoutes } from './routes/session'
import { supplyRoutes } from './routes/supplies'
import { tablesRoutes } from './routes/tables'
import { Accounts } from './services/accounts'
import { Asks } from './services/asks'
import { Changes } from './services/changes'
import { Clock } from './services/clock'
import { Live } from './services/live'
import { PlanFiles } from './services/planFiles'
import { Shares } from './services/shares'
import { Supplies } from './services/supplies'
import { openStore } from './store/open'

export interface Settings {
  /** The database of this home. */
  file: string
  /** Folder of the built interface. */
  web: string
  /** Fixed date for demos and tests. */
  today?: string
  /** Where the system's clock is read; the system's own without it. */
  now?: () => Date
  log?: Logger
}

export interface Kobby {
  server: Server
  db: Knex
  routes: Route[]
  close: () => Promise<void>
}

const LARGEST_BODY = '5mb'
/** Whole homes and tables of thousands of activities come through these. */
const FILE_PATHS = /^\/api\/v1\/(plan-files|activities|pantry)\//
const LARGEST_FILE = '40mb'

/** Puts the application together on one database. The caller listens. */
export async function createKobby(settings: Settings): Promise<Kobby> {
  const log = settings.log ?? pino({ level: 'silent' })
  const db = await openStore(settings.file, undefined, settings.now)
  const clock = new Clock(settings.today, settings.now)
  const live = new Live()
  const accounts = new Accounts(db, clock)
  const changes = new Changes(db, live, clock)
  const shares = new Shares(db, clock, live, changes)
  const supplies = new Supplies(db, clock)
  const routes = [
    ...sessionRoutes(db, accounts, clock),
    ...houseRoutes(db, clock, changes),
    ...handOverRoutes(db, clock, shares),
    ...fileRoutes(new PlanFiles(db, changes)),
    ...tablesRoutes(db, changes),
    ...eventRoutes(live, shares),
    ...supplyRoutes(supplies, new Asks(db, supplies, shares, changes), shares),
  ]
  const description = openApi(routes, { ...thingSchemas(), PlanFile: jsonSchemaOf(PlanFile) })
  const router = serve(routes, (ctx) => accounts.whoHas(ctx.cookies.get(COOKIE)))
  router.get('/openapi.json', (ctx) => {
    ctx.body = description
  })

  const app = new Koa()
  app.silent = true
  app.use(problems(log))
  app.use(securityHeaders)
  // Fast rather than small: this usually serves one house, and the processor is shared with everything else there.
  app.use(compress({ br: false, gzip: { level: 2 }, threshold: 4096 }))
  app.use(async (ctx, next) => {
    await next()
    if (ctx.fresh) ctx.status = 304
  })
  app.use(etag())
  app.use(async (ctx, next) => {
    if (ctx.path !== '/health') return next()
    await db.raw('select 1')
    ctx.body = { status: 'ok' }
  })
  app.use(webFiles(settings.web))
  app.use(sameOrigin)
  app.use(async (ctx, next) => {
    const hasBody = Number(ctx.get('content-length')) > 0 || ctx.get('transfer-encoding') !== ''
    if (hasBody && !ctx.is('application/json')) throw new Problem(415, 'Send JSON, as application/json')
    if (ctx.path.startsWith('/api/')) ctx.set('Cache-Control', 'no-cache')
    await next()
  })
  const [small, large] = [LARGEST_BODY, LARGEST_FILE].map((jsonLimit) =>
    bodyParser({ enableTypes: ['json'], jsonLimit, jsonStrict: true }),
  )
  app.use((ctx, next) => (FILE_PATHS.test(ctx.path) ? large : small)(ctx, next))
  app.use(router.routes())
  app.use(
    router.allowedMethods({
      throw: true,
      methodNotAllowed: () => new Problem(405, 'This address takes another method'),
      notImplemented: () => new Problem(405, 'This address takes another method'),
    }),
  )

  const server = createServer(app.callback())
  return {
    server,
    db,
    routes,
    close: async () => {
      server.closeAllConnections()
      await new Promise<void>((resolve) => server.close(() => resolve()))
      await db.destroy()
    },
  }
}
