import { existsSync } from 'node:fs'
import { join } from 'node:path'
import type { Context, Next } from 'koa'
import send from 'koa-send'

/** Files whose name holds a hash of what is in them never change. */
const FOREVER = 'public, max-age=31536000, immutable'

/** Pages of a link and the door, which are an entry of their own: light enough for a stranger's phone. */
const OF_LINK = /^\/((day|bring)\/[^/]+|sign-in)\/?$/

/** Serves the built interface: its files, and its page for every address of its own. */
export function webFiles(root: string) {
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
    await send(ctx, OF_LINK.test(ctx.path) ? 'link.html' : 'index.html', { root })
    ctx.set('Cache-Control', 'no-cache')
  }
}
