import { createHash } from 'node:crypto'
import { promisify } from 'node:util'
import { gzip } from 'node:zlib'
import type { Context } from 'koa'

const pack = promisify(gzip)

/** One large JSON answer, packed once for as long as its key stays the same. */
export class Packed {
  private kept: { key: string; etag: string; text: string; packed: Buffer } | undefined

  /**
   * Answers with the text of a key, or that it has not changed.
   *
   * @param key changes whenever the text would
   * @param make the text; asked only for a new key
   */
  async answer(ctx: Context, key: string, make: () => string): Promise<void> {
    if (this.kept?.key !== key) {
      const text = make()
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
      return
    }
    if (ctx.acceptsEncodings('gzip', 'identity') === 'gzip') {
      ctx.set('Content-Encoding', 'gzip')
      ctx.body = packed
    } else ctx.body = text
  }
}
