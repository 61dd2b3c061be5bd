import { bodyParser } from '@koa/bodyparser'
import type { Context } from 'koa'
import { Problem } from './problem'

/**
 * How large the body of a request may be: of strangers, usually, and where whole homes and tables of thousands of
 * activities come in.
 */
const SIZES = { small: ['32kb', '32 kB'], usual: ['5mb', '5 MB'], file: ['40mb', '40 MB'] } as const
export type Size = keyof typeof SIZES

const parsers = Object.fromEntries(
  Object.entries(SIZES).map(([size, [jsonLimit]]) => [
    size,
    bodyParser({ enableTypes: ['json'], jsonLimit, jsonStrict: true }),
  ]),
) as unknown as Record<Size, ReturnType<typeof bodyParser>>

/**
 * Reads the JSON body of a request; refuses any other, and one that is too large. A packed one is refused as such: a
 * kilobyte can unpack to a megabyte.
 */
export async function readBody(ctx: Context, size: Size): Promise<unknown> {
  const packing = ctx.get('content-encoding').trim().toLowerCase()
  if (packing !== '' && packing !== 'identity') {
    ctx.set('Accept-Encoding', 'identity')
    throw new Problem(415, 'Send it as it is, not packed')
  }
  const hasBody = Number(ctx.get('content-length')) > 0 || ctx.get('transfer-encoding') !== ''
  if (hasBody && !ctx.is('application/json')) throw new Problem(415, 'Send JSON, as application/json')
  try {
    await parsers[size](ctx as never, async () => {})
  } catch (error) {
    const status = (error as { status?: number }).status
    if (status === 413) throw new Problem(413, `This is larger than ${SIZES[size][1]}. Nothing was changed.`)
    if (status === undefined || status >= 500) throw error
    throw new Problem(400, 'The request could not be read. Nothing was changed.')
  }
  return ctx.request.body
}
