import { spawn, type ChildProcess } from 'node:child_process'
import { randomBytes, randomInt } from 'node:crypto'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { connect } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { createInterface } from 'node:readline'
import { demoHome } from '@demo/home'

/**
 * A crowd at one server for as long as told: writes, live lines, bad requests, bad files, and in the first half kills
 * in the middle of it all. In the second half the same process lives on, so that its memory can be looked at. Prints
 * one line of figures; ends with 1 where something was lost, answered with a 5xx, or took too long.
 *
 * `npm run soak -- SECONDS`, ten minutes without it.
 */

const SECONDS = Number(process.argv[2] ?? 600)
const LINES = 200
const KILL_EVERY_MS = 8_000
const SLOWEST_MS = 5_000
/** How much more memory the last quarter may have than the third, at the median: the collector comes and goes. */
const MORE_MEMORY = 1.25
const OWNER = { name: 'Maren', signIn: 'maren', password: 'larkspur-house' }

const folder = mkdtempSync(join(tmpdir(), 'kobby-soak-'))
const began = Date.now()
const passed = () => (Date.now() - began) / 1000
const halfway = () => passed() > SECONDS / 2
const over = () => passed() > SECONDS

const figures = {
  kills: 0,
  written: 0,
  lost: 0,
  bad: 0,
  files: 0,
  lines: 0,
  fivehundreds: 0,
  slowest: 0,
  refusedToStart: 0,
}
const memory: { at: number; mb: number }[] = []
let base = ''
let cookie = ''
let child: ChildProcess | undefined
let isUp = false

async function start(): Promise<void> {
  child = spawn(process.execPath, ['dist/server/main.js'], {
    env: { ...process.env, KOBBY_DATA: folder, PORT: '0', KOBBY_TODAY: '2026-03-10', KOBBY_LOG: 'error' },
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  const [now] = [child]
  base = await new Promise<string>((resolve, reject) => {
    now.once('exit', (code) => reject(new Error(`The server ended with ${code}`)))
    createInterface({ input: now.stdout! }).on('line', (line) => {
      const found = /^Kobby is at (http:\/\/\S+)\//.exec(line)
      if (found) resolve(found[1])
    })
  })
  isUp = true
}

interface Answered {
  status: number
  text: string
}
/** One request; null where the connection broke, as it does under a kill. */
async function ask(
  method: string,
  path: string,
  body?: string | Buffer,
  headers: Record<string, string> = {},
): Promise<Answered | null> {
  const at = Date.now()
  try {
    const response = await fetch(base + path, {
      method,
      headers: { ...(body === undefined ? {} : { 'content-type': 'application/json' }), cookie, ...headers },
      body: body as never,
    })
    const text = await response.text()
    figures.slowest = Math.max(figures.slowest, Date.now() - at)
    if (response.status >= 500) {
      figures.fivehundreds++
      console.error(`${response.status} from ${method} ${path}: ${text.slice(0, 200)}`)
    }
    return { status: response.status, text }
  } catch {
    return null
  }
}
const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms))

const acknowledged = new Set<string>()
/** Writes one center each time; what was answered with 200 must be there at the end. */
async function writes(): Promise<void> {
  for (let n = 0; !over(); n++) {
    if (!isUp) await wait(50)
    const id = `soak-${process.pid}-${randomBytes(4).toString('hex')}-${n}`
    const value = {
      id,
      name: `Center ${n}`,
      kind: 'art-table',
      atOnce: 2,
      washable: true,
      where: 'indoors',
      note: '',
      spot: null,
      sleeps: false,
    }
    const put = await ask(
      'POST',
      '/api/v1/changes',
      JSON.stringify({ id, unitId: null, label: 'Soak', ops: [{ op: 'put', kind: 'center', base: 0, value }] }),
    )
    if (put?.status === 200) {
      acknowledged.add(id)
      figures.written++
      // Most go again, so that the home does not grow without end.
      if (n % 10) {
        // Whether a kill came before or after it is not known: it is not looked for.
        acknowledged.delete(id)
        await ask(
          'POST',
          '/api/v1/changes',
          JSON.stringify({
            id: `${id}-gone`,
            unitId: null,
            label: 'Soak',
            ops: [{ op: 'remove', kind: 'center', id, base: 1 }],
          }),
        )
      }
    }
    await wait(randomInt(5, 40))
  }
}

const PATHS = [
  '/api/v1/changes',
  '/api/v1/session',
  '/api/v1/plan-files/preview',
  '/api/v1/activities/csv/preview',
  '/api/v1/pantry/csv/preview',
  '/api/v1/shared/AAAAAAAAAAAAAAAA',
  '/api/v1/units/none',
  '/api/v1/units/wind-and-kites/days/99/sheet',
  '/api/v1/nothing',
  '/%00',
  '/api/v1/units/..%2f..',
]
const BODIES = [
  '{"',
  '[]',
  'null',
  '"x"',
  '{"id":1}',
  JSON.stringify({ ops: Array(500).fill({}) }),
  '{"__proto__":{"a":1}}',
  'x'.repeat(50_000),
  JSON.stringify({ text: 'title\n"' }),
]
const pick = <T>(all: readonly T[]): T => all[randomInt(all.length)]
async function badRequests(): Promise<void> {
  while (!over()) {
    if (!isUp) await wait(50)
    const stranger = randomInt(2) === 0
    const headers: Record<string, string> = {
      ...(stranger && { cookie: `kobby_session=${randomBytes(12).toString('base64url')}` }),
      ...(randomInt(8) === 0 && { 'content-type': 'text/plain' }),
      ...(randomInt(8) === 0 && { 'content-encoding': 'gzip' }),
      ...(randomInt(8) === 0 && { 'if-none-match': '"x"' }),
    }
    const method = pick(['GET', 'POST', 'PUT', 'DELETE', 'PATCH'])
    const path = pick(PATHS)
    // The owner's own session must live to the end.
    if (method === 'DELETE' && path.endsWith('/session')) continue
    if (await ask(method, path, method === 'GET' ? undefined : pick(BODIES), headers)) figures.bad++
    if (randomInt(6) === 0) cutOff()
    await wait(randomInt(1, 20))
  }
}
/** A request that ends in the middle. */
function cutOff(): void {
  const socket = connect(Number(new URL(base).port), '127.0.0.1', () => {
    socket.write(
      `POST /api/v1/changes HTTP/1.1\r\nHost: localhost\r\nCookie: ${cookie}\r\nContent-Type: ` +
        `application/json\r\nContent-Length: 5000\r\n\r\n{"id":"`,
    )
    setTimeout(() => socket.destroy(), randomInt(1, 50))
  })
  socket.on('error', () => undefined)
}

const whole = JSON.stringify(demoHome('2026-03-10'))
async function badFiles(): Promise<void> {
  while (!over()) {
    if (!isUp) await wait(50)
    const at = randomInt(whole.length)
    const broken = pick([
      () => whole.slice(0, at),
      () => whole.slice(0, at) + randomBytes(4).toString('latin1') + whole.slice(at + 4),
      () => whole.replace(/"name":"[^"]{2,}"/, '"name":7'),
    ])()
    const answer = await ask('POST', '/api/v1/plan-files/preview', broken)
    if (answer) figures.files++
    if (answer && answer.status >= 300 && ![400, 409, 422].includes(answer.status))
      console.error(`A bad file was answered with ${answer.status}`)
    await wait(randomInt(200, 800))
  }
}

/** One live line, opened again whenever it ends. */
async function line(): Promise<void> {
  while (!over()) {
    const ends = new AbortController()
    const limit = setTimeout(() => ends.abort(), randomInt(2_000, 20_000))
    try {
      const response = await fetch(`${base}/api/v1/events?unit=wind-and-kites`, {
        headers: { cookie },
        signal: ends.signal,
      })
      figures.lines++
      const reader = response.body!.getReader()
      while (!over() && !(await reader.read()).done) continue
    } catch {
      // It was let go, or the server was killed.
    }
    clearTimeout(limit)
    ends.abort()
    await wait(randomInt(50, 400))
  }
}

async function kills(): Promise<void> {
  while (!over() && !halfway()) {
    await wait(randomInt(KILL_EVERY_MS / 2, KILL_EVERY_MS))
    if (halfway()) return
    isUp = false
    const gone = new Promise((resolve) => child!.once('exit', resolve))
    child!.kill('SIGKILL')
    await gone
    figures.kills++
    await start().catch((error: Error) => {
      figures.refusedToStart++
      throw error
    })
  }
}
async function watchMemory(): Promise<void> {
  while (!over()) {
    await wait(1000)
    if (!halfway() || !isUp) continue
    const found = /^VmRSS:\s+(\d+)/m.exec(readFileSync(`/proc/${child!.pid}/status`, 'utf8'))
    if (found) memory.push({ at: passed(), mb: Number(found[1]) / 1024 })
  }
}

await start()
const made = await fetch(`${base}/api/v1/owner`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify(OWNER),
})
cookie = made.headers.getSetCookie()[0].split(';')[0]
await ask('POST', '/api/v1/plan-files/apply', whole)
figures.slowest = 0
await Promise.all([
  writes(),
  writes(),
  writes(),
  badRequests(),
  badRequests(),
  badFiles(),
  kills(),
  watchMemory(),
  ...Array.from({ length: LINES }, line),
])

const house = await ask('GET', '/api/v1/house')
const there = new Set(
  (JSON.parse(house!.text) as { rows: { kind: string; value: { id: string } }[] }).rows
    .filter((row) => row.kind === 'center')
    .map((row) => row.value.id),
)
figures.lost = [...acknowledged].filter((id) => !there.has(id)).length
child!.kill('SIGTERM')
rmSync(folder, { recursive: true, force: true })

const median = (all: number[]) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)] ?? 0
const [third, last] = [
  memory.filter((one) => one.at < SECONDS * 0.75),
  memory.filter((one) => one.at >= SECONDS * 0.75),
].map((part) => median(part.map((one) => one.mb)))
const flat = last <= third * MORE_MEMORY
console.log(
  `${Math.round(passed())} s: ${figures.kills} kills, ${figures.written} writes answered and ` +
    `${figures.lost} lost (${acknowledged.size} looked for), ${figures.bad} bad requests, ` +
    `${figures.files} bad files, ${figures.lines} live lines; ${figures.fivehundreds} answers of ` +
    `5xx, the slowest ${figures.slowest} ms; memory ${third.toFixed(0)} MB in the third quarter, ` +
    `${last.toFixed(0)} MB in the last`,
)
process.exit(
  figures.lost || figures.fivehundreds || figures.refusedToStart || figures.slowest > SLOWEST_MS || !flat ? 1 : 0,
)
