import type { Context } from 'koa'
import type { Knex } from 'knex'
import { z } from 'zod'
import {
  DevicesAnswer,
  Id,
  NewOwnerAnswer,
  RecoveryAnswer,
  SessionAnswer,
  SignedInAnswer,
  type User,
} from '@core/domain'
import { Tries } from '../http/guard'
import { Problem } from '../http/problem'
import type { Reach } from '../http/reach'
import { route, type Route } from '../http/routes'
import {
  Confirmed,
  hasOwnerAlready,
  NewOwner,
  NewPassword,
  Recovery,
  SignIn,
  type Accounts,
} from '../services/accounts'
import type { Clock } from '../services/clock'
import { invalid } from '../services/refusal'
import { codeSigns } from '../services/secrets'

export const COOKIE = 'kobby_session'

const wrongPassword = () => invalid([{ field: 'now', message: 'This is not the password' }])

/**
 * Signing in and out, the password, and where one is signed in.
 *
 * @param startCode asked for by whoever makes the owner's account from another machine
 */
export function sessionRoutes(db: Knex, accounts: Accounts, clock: Clock, reach: Reach, startCode: string): Route[] {
  const tries = new Tries()
  const cookie = (ctx: Context, token: string | null, maxAge?: number) => {
    ctx.cookies.secure = ctx.asker.secure
    ctx.cookies.set(COOKIE, token, {
      httpOnly: true,
      sameSite: 'strict',
      secure: ctx.asker.secure,
      maxAge,
      path: '/',
      overwrite: true,
    })
  }
  const start = async (ctx: Context, user: User) => {
    const { token, lastsMs } = await accounts.startSession(user, deviceOf(ctx.get('user-agent')))
    cookie(ctx, token, lastsMs)
    return { user, today: await clock.today(db) }
  }
  const needsCode = (ctx: Context) => !ctx.asker.fromHere
  const failIfOwned = async () => {
    if (await accounts.hasOwner()) throw hasOwnerAlready()
  }
  return [
    route(
      {
        method: 'get',
        path: '/session',
        summary: 'Who is signed in, whether there is an owner yet, and today',
        access: 'open',
        answer: SessionAnswer,
      },
      async ({ ctx }) => {
        const [signedIn, hasOwner] = [await accounts.whoHas(ctx.cookies.get(COOKIE)), await accounts.hasOwner()]
        return {
          user: signedIn?.user ?? null,
          hasOwner,
          asksCode: !hasOwner && needsCode(ctx),
          today: await clock.today(db),
          todayStands: clock.stands,
          links: signedIn ? reach.links(ctx) : null,
        }
      },
    ),
    route(
      {
        method: 'post',
        path: '/owner',
        summary: 'Make the owner account, at first start; its recovery code is told once',
        access: 'open',
        body: NewOwner,
        before: async (ctx) => {
          await failIfOwned()
          await tries.before(ctx)
        },
        answer: NewOwnerAnswer,
      },
      async ({ body, ctx }) => {
        await failIfOwned()
        const right = async () => (codeSigns(body.startCode ?? '') === codeSigns(startCode) ? true : null)
        if (needsCode(ctx))
          await tries.one(
            ctx,
            right,
            invalid([{ field: 'startCode', message: 'This is not the start code. It shows where Kobby was started.' }]),
          )
        const { user, recovery } = await accounts.createOwner(body)
        return { ...(await start(ctx, user)), recovery }
      },
    ),
    route(
      {
        method: 'post',
        path: '/session',
        summary: 'Sign in',
        access: 'open',
        body: SignIn,
        before: tries.before,
        answer: SignedInAnswer,
      },
      async ({ body, ctx }) =>
        start(
          ctx,
          await tries.one(ctx, () => accounts.signIn(body), new Problem(401, 'The name or the password is not right')),
        ),
    ),
    route(
      {
        method: 'post',
        path: '/recovery',
        summary: 'Set another password by the recovery code; ends every session and tells a new code',
        access: 'open',
        body: Recovery,
        before: tries.before,
        answer: NewOwnerAnswer,
      },
      async ({ body, ctx }) => {
        const { user, recovery } = await tries.one(
          ctx,
          () => accounts.recover(body),
          new Problem(401, 'The name or the recovery code is not right'),
        )
        return { ...(await start(ctx, user)), recovery }
      },
    ),
    route({ method: 'delete', path: '/session', summary: 'Sign out', access: 'open' }, async ({ ctx }) => {
      await accounts.endSession(ctx.cookies.get(COOKIE))
      cookie(ctx, null)
    }),
    route(
      {
        method: 'put',
        path: '/password',
        summary: 'Set another password; ends every other session',
        access: 'owner',
        body: NewPassword,
        before: tries.before,
        size: 'small',
      },
      async ({ body, ctx, user, sessionId }) => {
        await tries.one(ctx, async () => ((await accounts.confirms(user, body.now)) ? true : null), wrongPassword())
        await accounts.changePassword({ user, sessionId }, body.password)
      },
    ),
    route(
      {
        method: 'post',
        path: '/recovery-code',
        summary: 'Make a new recovery code in place of the one before; it is told once',
        access: 'owner',
        body: Confirmed,
        before: tries.before,
        size: 'small',
        answer: RecoveryAnswer,
      },
      async ({ body, ctx, user }) => {
        await tries.one(
          ctx,
          async () => ((await accounts.confirms(user, body.password)) ? true : null),
          invalid([{ field: 'password', message: 'This is not the password' }]),
        )
        return { recovery: await accounts.renewRecovery(user) }
      },
    ),
    route(
      { method: 'get', path: '/sessions', summary: 'Where you are signed in', access: 'owner', answer: DevicesAnswer },
      async ({ user, sessionId }) => ({ devices: await accounts.devices({ user, sessionId }) }),
    ),
    route(
      {
        method: 'delete',
        path: '/sessions/:sessionId',
        summary: 'Sign out another device',
        access: 'owner',
        params: z.strictObject({ sessionId: Id }),
      },
      async ({ params, user }) => accounts.endDevice(user, params.sessionId),
    ),
  ]
}

/** A browser and its system in two words, as far as it says: enough to tell a phone from the kitchen computer. */
export function deviceOf(agent: string): string {
  const found = (all: readonly (readonly [string, RegExp])[]) => all.find(([, sign]) => sign.test(agent))?.[0]
  const browser = found([
    ['Firefox', /firefox|fxios/i],
    ['Edge', /edg/i],
    ['Opera', /opr\//i],
    ['Samsung Internet', /samsungbrowser/i],
    ['Chrome', /chrom|crios/i],
    ['Safari', /safari/i],
  ])
  const system = found([
    ['iPhone', /iphone/i],
    ['iPad', /ipad/i],
    ['Android', /android/i],
    ['Chromebook', /cros/i],
    ['Windows', /windows/i],
    ['Mac', /mac os/i],
    ['Linux', /linux/i],
  ])
  return browser && system ? `${browser} on ${system}` : (browser ?? system ?? 'A program')
}
