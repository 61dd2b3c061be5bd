import { copyFileSync, mkdtempSync, rmSync } from 'node:fs'
import { get, request } from 'node:http'
import { connect, type AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { brotliDecompressSync } from 'node:zlib'
import { ProblemAnswer } from '@core/domain'
import { demoHome } from '@demo/home'
import { createKobby, type Kobby, type Settings } from '../app'

export const TODAY = '2026-03-10'
export const OWNER = { name: 'Maren', signIn: 'maren', password: 'larkspur-house' }

export interface Answer {
  status: number
  body: any
  headers: Headers
}

/** A running server on a database file of its own, and a client that keeps its cookie. */
export class Harness {
  private cookie = ''
  /** False where a test puts something wrong into the database by hand. */
  holdsToSchemas = true
  private constructor(
    readonly kobby: Kobby,
    readonly folder: string,
    readonly base: string,
  ) {}

  /** @param settings what differs: `today: undefined` is the real clock, or the one that `now` gives */
  static async start(
    folder = mkdtempSync(join(tmpdir(), 'kobby-')),
    settings: Partial<Settings> = { today: TODAY },
  ): Promise<Harness> {
    const kobby = await createKobby({ file: join(folder, 'kobby.sqlite'), web: join(folder, 'no-web'), ...settings })
    await new Promise<void>((resolve) => kobby.server.listen(0, '127.0.0.1', () => resolve()))
    return new Harness(kobby, folder, `http://127.0.0.1:${(kobby.server.address() as AddressInfo).port}`)
  }

  /** With an owner who is signed in, and the demo home imported. */
  static async withDemo(settings?: Partial<Settings>): Promise<Harness> {
    if (settings) return movedIn(await Harness.start(undefined, settings))
    const { file, cookie } = await demoFile()
    const folder = mkdtempSync(join(tmpdir(), 'kobby-'))
    copyFileSync(file, join(folder, 'kobby.sqlite'))
    const harness = await Harness.start(folder)
    harness.keepCookie(cookie)
    return harness
  }

  async call(method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<Answer> {
    const sent: Record<string, string> = {
      ...(body === undefined ? {} : { 'content-type': 'application/json' }),
      ...(this.cookie ? { cookie: this.cookie } : {}),
      ...headers,
    }
    const text = body === undefined ? undefined : typeof body === 'string' ? body : JSON.stringify(body)
    const response = await ('host' in sent
      ? byName(method, this.base + path, sent, text)
      : fetch(this.base + path, { method, headers: sent, body: text }))
    const set = response.headers.getSetCookie().find((one) => one.startsWith('kobby_session='))
    if (set) this.cookie = set.split(';')[0]
    const answered = await response.text()
    let parsed: unknown = answered
    try {
      parsed = JSON.parse(answered)
    } catch {
      // Markdown and empty answers stay text.
    }
    this.failOnUnsaid(method, path, response, parsed)
    return { status: response.status, body: parsed, headers: response.headers }
  }

  /** Every answer is what its route says that it is: no field is missing, and none is there that is not said. */
  private failOnUnsaid(method: string, path: string, { status, headers }: Response, body: unknown): void {
    const type = headers.get('content-type') ?? ''
    const at = path.replace('/api/v1', '').split('?')[0]
    // A path that is spelled out stands before one that takes anything, as in the router.
    const said = this.kobby.routes.find(
      (one) => one.method === method.toLowerCase() && new RegExp(`^${one.path.replace(/:\w+/g, '[^/]+')}$`).test(at),
    )
    const schema =
      status >= 400 && type.startsWith('application/problem+json')
        ? ProblemAnswer
        : status === 200 && typeof said?.answer === 'object'
          ? said.answer
          : null
    const result = this.holdsToSchemas ? schema?.safeParse(body) : undefined
    if (result && !result.success)
      throw new Error(`${method} ${path} answered what it does not say: ${result.error.message}`)
  }

  /**
   * The status for someone who has an answer already. By node's own client: fetch marks such a request as not to be
   * answered from any copy.
   */
  again(path: string, etag: string): Promise<number> {
    return new Promise((resolve) =>
      get(this.base + path, { headers: { 'if-none-match': etag, cookie: this.cookie } }, (answer) =>
        resolve(answer.resume().statusCode!),
      ),
    )
  }

  /** A live line, open until it is stopped: `until` reads it to the first event that says so. */
  async listen(
    path: string,
  ): Promise<{ until: (part: string) => Promise<string>; ended: () => Promise<boolean>; stop: () => void }> {
    const ends = new AbortController()
    const line = await fetch(this.base + path, { headers: { cookie: this.cookie }, signal: ends.signal })
    const reader = line.body!.getReader()
    const decoder = new TextDecoder()
    let heard = ''
    return {
      until: async (part) => {
        while (!heard.includes(part)) heard += decoder.decode((await reader.read()).value)
        return heard
      },
      /** Reads to the end that the server makes. */
      ended: async () => {
        while (!(await reader.read()).done) continue
        return true
      },
      stop: () => ends.abort(),
    }
  }

  /**
   * What is sent byte by byte on a connection of its own, and what comes back until the other side closes it or
   * `enough` of it is there.
   */
  raw(
    text: string | readonly (string | Buffer)[],
    enough: (heard: string) => boolean = () => false,
  ): Promise<{ heard: string; closed: boolean }> {
    return new Promise((resolve) => {
      const socket = connect(Number(new URL(this.base).port), '127.0.0.1')
      let heard = ''
      const done = (closed: boolean) => {
        resolve({ heard, closed })
        socket.destroy()
      }
      socket.on('data', (data) => {
        heard += data.toString('latin1')
        if (enough(heard)) done(false)
      })
      socket.on('close', () => done(true))
      socket.on('error', () => done(true))
      for (const part of typeof text === 'string' ? [text] : text) socket.write(part)
    })
  }

  /** The cookie of whoever this is, for requests that are put together by hand. */
  get cookieHeader(): string {
    return this.cookie
  }

  keepCookie(cookie: string): void {
    this.cookie = cookie
  }

  /** The same server for someone without a cookie. */
  stranger(): Harness {
    return new Harness(this.kobby, this.folder, this.base)
  }

  async rows(path: string): Promise<{ kind: string; version: number; value: any }[]> {
    return (await this.call('GET', path)).body.rows
  }

  async row(path: string, kind: string, id: string) {
    return (await this.rows(path)).find((row) => row.kind === kind && row.value.id === id)!
  }

  async stop(): Promise<void> {
    await this.kobby.close()
    rmSync(this.folder, { recursive: true, force: true })
  }
}

/** The same home once its owner and the demo home have moved in. */
async function movedIn(harness: Harness): Promise<Harness> {
  await harness.call('POST', '/api/v1/owner', { ...OWNER, startCode: harness.kobby.startCode! })
  const answer = await harness.call('POST', '/api/v1/plan-files/apply', demoHome(TODAY))
  if (answer.status !== 200) throw new Error(JSON.stringify(answer.body))
  return harness
}

let demo: Promise<{ file: string; cookie: string }> | undefined
/** A database with the demo home, made once in a process, and the cookie of its owner. */
const demoFile = () =>
  (demo ??= (async () => {
    const harness = await movedIn(await Harness.start())
    process.once('exit', () => rmSync(harness.folder, { recursive: true, force: true }))
    const file = join(harness.folder, 'moved-in.sqlite')
    await harness.kobby.db.raw('VACUUM INTO ?', [file])
    await harness.kobby.close()
    return { file, cookie: harness.cookieHeader }
  })())

/** A request under another name than the one it goes to: fetch writes the name itself. */
const byName = (method: string, address: string, headers: Record<string, string>, body?: string): Promise<Response> =>
  new Promise((resolve, reject) => {
    const asked = request(address, { method, headers }, (answer) => {
      const parts: Buffer[] = []
      answer
        .on('data', (part: Buffer) => parts.push(part))
        .on('end', () => {
          const given = Object.entries(answer.headersDistinct).flatMap(([name, values = []]) =>
            values.map((value): [string, string] => [name, value]),
          )
          const unpack = answer.headers['content-encoding'] === 'br' ? brotliDecompressSync : (same: Buffer) => same
          resolve(
            new Response(parts.length > 0 ? new Uint8Array(unpack(Buffer.concat(parts))) : null, {
              status: answer.statusCode,
              headers: given,
            }),
          )
        })
    })
    asked.on('error', reject).end(body)
  })

/** A tick through a link, with an id of its own. */
export const linkTick = (placementId: string, step: string, done = true, agoMs = 0) => ({
  id: `tick-${++count}`,
  placementId,
  step,
  done,
  agoMs,
})

let count = 0
/** A change with an id of its own. */
export const change = (unitId: string | null, ops: unknown[], label = 'A change') => ({
  id: `change-${process.pid}-${++count}`,
  unitId,
  label,
  ops,
})
