import type { Knex } from 'knex'
import type { Context } from 'koa'
import { RateLimiterMemory, type RateLimiterRes } from 'rate-limiter-flexible'
import { route, type Route } from '../http/routes'
import { Problem } from '../http/problem'
import { NewOwner, SignIn, type Accounts, type User } from '../services/accounts'
import type { Clock } from '../services/clock'

export const COOKIE = 'kobby_session'

/** Ten wrong passwords in fifteen minutes from one address, then a wait. */
const ATTEMPTS = { points: 10, duration: 15 * 60 }

export function sessionRoutes(db: Knex, accounts: Accounts, clock: Clock): Route[] {
  const wrong = new RateLimiterMemory(ATTEMPTS)
  const start = async (ctx: Context, user: User) => {
    const { token, lastsMs } = await accounts.startSession(user)
    ctx.cookies.set(COOKIE, token, {
      httpOnly: true,
      sameSite: 'strict',
      secure: ctx.secure,
      maxAge: lastsMs,
      path: '/',
      overwrite: true,
    })
    return { user, today: await clock.today(db) }
  }
  const failIfLimited = async (key: string) => {
    const tries = await wrong.get(key)
    if (tries && tries.consumedPoints >= ATTEMPTS.points) throw tooMany(tries)
  }
  return [
    route(
      {
        method: 'get',
        path: '/session',
        summary: 'Who is signed in, whether there is an owner yet, and today',
        access: 'open',
      },
      async ({ ctx }) => ({
        user: await accounts.whoHas(ctx.cookies.get(COOKIE)),
        hasOwner: await accounts.hasOwner(),
        today: await clock.today(db),
      }),
    ),
    route(
      {
        method: 'post',
        path: '/owner',
        summary: 'Make the owner account, at first start',
        access: 'open',
        body: NewOwner,
      },
      async ({ body, ctx }) => start(ctx, await accounts.createOwner(body)),
    ),
    route(
      { method: 'post', path: '/session', summary: 'Sign in', access: 'open', body: SignIn },
      async ({ body, ctx }) => {
        await failIfLimited(ctx.ip)
        const user = await accounts.signIn(body)
        if (!user) {
          await wrong.consume(ctx.ip).catch((limit: RateLimiterRes) => {
            throw tooMany(limit)
          })
          throw new Problem(401, 'The name or the password is not right')
        }
        await wrong.delete(ctx.ip)
        return start(ctx, user)
      },
    ),
    route({ method: 'delete', path: '/session', summary: 'Sign out', access: 'open' }, async ({ ctx }) => {
      await accounts.endSession(ctx.cookies.get(COOKIE))
      ctx.cookies.set(COOKIE, null, { httpOnly: true, sameSite: 'strict', path: '/' })
    }),
  ]
}

const tooMany = (limit: RateLimiterRes) =>
  new Problem(429, `Too many wrong tries. Wait ${Math.max(1, Math.ceil(limit.msBeforeNext / 60_000))} minutes.`)
