import { existsSync } from 'node:fs'
import { join } from 'node:path'
import type { Context, Next } from 'koa'
import send from 'koa-send'
import { askedAhead } from './ahead'

/** Files whose name holds a hash of what is in them never change. */
const FOREVER = 'public, max-age=31536000, immutable'

/** Pages of a link and the door, which are an entry of their own: light enough for a stranger's phone. */
const OF_LINK = /^\/((day|bring)\/[^/]+|sign-in)\/?$/

/**
 * Serves the built interface: its files, and its page for every address of its own.
 *
 * @param session the name of the cookie of who is signed in: who is not is sent to the door, and asks for nothing ahead
 */
export function webFiles(root: string, session: string) {
  const ahead = askedAhead(root)
  // It may still be being built when the server starts.
  let built = false
  const isBuilt = () => (built ||= existsSync(join(root, 'index.html')))
  return async (ctx: Context, next: Next) => {
    const reads = ctx.method === 'GET' || ctx.method === 'HEAD'
    if (!reads || ctx.path.startsWith('/api/') || ctx.path === '/health' || !isBuilt()) return next()
    const isFile = /\.[a-z0-9]+$/i.test(ctx.path)
    if (isFile) {
      try {
        await send(ctx, ctx.path, { root })
      } catch (error) {
        if ((error as { status?: number }).status !== 404) throw error
        return next()
      }
      ctx.set('Cache-Control', ctx.path.startsWith('/assets/') ? FOREVER : 'no-cache')
      return
    }
    const isOfLink = OF_LINK.test(ctx.path)
    await send(ctx, isOfLink ? 'link.html' : 'index.html', { root })
    if (!isOfLink && ctx.cookies.get(session)) ctx.set('Link', ahead(ctx.path).join(', '))
    ctx.set('Cache-Control', 'no-cache')
  }
}
