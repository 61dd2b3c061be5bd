import type { Context, Next } from 'koa'
import helmet from 'koa-helmet'
import { Problem } from './problem'

/**
 * Scripts come from the application's own files only. Styles may stand in the page, since the interface library sets
 * its theme that way; nothing is loaded from elsewhere. No upgrade to https: a home runs this on its own network, often
 * without a certificate.
 */
export const securityHeaders = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'self'"],
      scriptSrc: ["'self'"],
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'data:'],
      fontSrc: ["'self'"],
      connectSrc: ["'self'"],
      workerSrc: ["'self'"],
      objectSrc: ["'none'"],
      baseUri: ["'none'"],
      formAction: ["'self'"],
      frameAncestors: ["'none'"],
    },
  },
  strictTransportSecurity: false,
  referrerPolicy: { policy: 'no-referrer' },
})

const WRITES = new Set(['POST', 'PUT', 'PATCH', 'DELETE'])

/** Refuses a write that another site's page sent. Browsers name the origin of every such request. */
export async function sameOrigin(ctx: Context, next: Next): Promise<void> {
  if (WRITES.has(ctx.method)) {
    const origin = ctx.get('origin')
    const site = ctx.get('sec-fetch-site')
    let foreign = site !== '' && site !== 'same-origin' && site !== 'none'
    if (origin) {
      try {
        foreign ||= new URL(origin).host !== ctx.host
      } catch {
        foreign = true
      }
    }
    if (foreign) throw new Problem(403, 'This request came from another site')
  }
  await next()
}
