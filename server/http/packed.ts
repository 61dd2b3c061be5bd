import { createHash } from 'node:crypto'
import { promisify } from 'node:util'
import { gzip } from 'node:zlib'
import type { Context } from 'koa'
import { WRITTEN } from './routes'

const pack = promisify(gzip)

/** One large JSON answer, packed once for as long as its key stays the same. */
export class Packed<T> {
  private kept: { key: string; etag: string; text: string; packed: Buffer } | undefined

  /**
   * Writes the answer of a key, or that it has not changed.
   *
   * @param key changes whenever the answer would
   * @param make the answer; asked only for a new key
   */
  async answer(ctx: Context, key: string, make: () => T): Promise<typeof WRITTEN> {
    if (this.kept?.key !== key) {
      const text = JSON.stringify(make())
      this.kept = {
        key,
        text,
        etag: `"${createHash('sha1').update(key).digest('base64url')}"`,
        packed: await pack(text),
      }
    }
    const { etag, text, packed } = this.kept
    ctx.status = 200
    ctx.set('ETag', etag)
    ctx.vary('Accept-Encoding')
    ctx.type = 'json'
    if (ctx.fresh) {
      ctx.status = 304
      ctx.body = null
      return WRITTEN
    }
    if (ctx.acceptsEncodings('gzip', 'identity') === 'gzip') {
      ctx.set('Content-Encoding', 'gzip')
      ctx.body = packed
    } else ctx.body = text
    return WRITTEN
  }
}
