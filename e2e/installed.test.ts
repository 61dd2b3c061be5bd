import { spawn, type ChildProcess } from 'node:child_process'
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { createInterface } from 'node:readline'
import type { Browser } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { createKobby, type Kobby } from '@server/app'
import { openBrowser } from './browser'
import { firstEvening, type Installed } from './walk'

let browser: Browser
let closeBrowser: () => Promise<void>
beforeAll(async () => {
  ;({ browser, close: closeBrowser } = await openBrowser())
})
afterAll(() => closeBrowser())

/** `npm start` as a person types it: no fixed date, nothing but a folder and a port. */
class Started implements Installed {
  base = ''
  /** All that it printed. */
  said = ''
  private child: ChildProcess | undefined
  readonly folder = mkdtempSync(join(tmpdir(), 'kobby-installed-'))

  async start(): Promise<void> {
    const { KOBBY_TODAY: _today, KOBBY_LOG: _log, ...env } = process.env
    // The same port after a restart: a tablet has it in its history.
    const port = this.base ? new URL(this.base).port : '0'
    const child = spawn('npm', ['start', '--silent'], {
      cwd: resolve('.'),
      env: { ...env, KOBBY_DATA: join(this.folder, 'data'), PORT: port, HOST: '127.0.0.1' },
      stdio: ['ignore', 'pipe', 'pipe'],
      detached: true,
    })
    this.child = child
    child.stderr.on('data', (data) => (this.said += String(data)))
    this.base = await new Promise<string>((done, fail) => {
      child.once('exit', () => fail(new Error(this.said)))
      createInterface({ input: child.stdout }).on('line', (line) => {
        this.said += `${line}\n`
        const found = /^Kobby is at (http:\S+)\/ with its data in/.exec(line)
        if (found) done(found[1])
      })
    })
  }
  /** As Ctrl+C does it: every process of it gets the signal. */
  async stop(): Promise<void> {
    const { child } = this
    if (!child || child.exitCode !== null) return
    const ended = new Promise<void>((done) => child.once('exit', () => done()))
    process.kill(-child.pid!, 'SIGINT')
    await ended
  }
  async restart(): Promise<void> {
    await this.stop()
    await this.start()
  }
  async end(): Promise<void> {
    await this.stop()
    rmSync(this.folder, { recursive: true, force: true })
  }
}

describe('as installed, by npm start on an empty folder with the real clock', () => {
  const kobby = new Started()
  beforeAll(() => kobby.start())
  afterAll(() => kobby.end())

  it('takes a new home through its first evening, and has all of it after a stop and a start', () =>
    firstEvening(browser, kobby))
  it('says nothing on the way but where it is and who can open it', () => {
    const lines = kobby.said
      .trim()
      .split('\n')
      .filter((line) => !line.startsWith('npm '))
    // Once for the start and once for the one after the stop.
    const started = [
      `Kobby is at ${kobby.base}/ with its data in ${join(kobby.folder, 'data')}`,
      'Only this machine can open it. For phones and tablets in the house: npm start -- --house',
    ]
    expect(lines).toEqual([...started, ...started])
  })
  it('passes on what the server logs, under the code that the answer shows', async () => {
    // A table that went missing is a fault of ours: no request of anyone’s is wrong.
    const { default: Database } = await import('better-sqlite3')
    const db = new Database(join(kobby.folder, 'data', 'kobby.sqlite'))
    db.exec('ALTER TABLE shares RENAME TO shares_away')
    const answer = await fetch(`${kobby.base}/api/v1/shared/abcdefghijklmnopqrstuv`)
    const { code } = (await answer.json()) as { code: string }
    db.exec('ALTER TABLE shares_away RENAME TO shares')
    db.close()
    expect([answer.status, code]).toEqual([500, expect.stringMatching(/^[A-Z2-9]{6}$/)])
    await expect.poll(() => kobby.said).toContain(`"code":"${code}"`)
    expect(kobby.said).toContain('no such table: shares')
  })
})

/** Half an hour to either side of midnight, on a plain day and on both days on which clocks change, where they do. */
const MOMENTS: [zone: string, local: string, instant: string][] = [
  ['America/Los_Angeles', '23:30', '2027-06-10T06:30:00Z'],
  ['America/Los_Angeles', '0:30', '2027-06-10T07:30:00Z'],
  ['America/Los_Angeles', '0:30 as clocks go forward', '2027-03-14T08:30:00Z'],
  ['America/Los_Angeles', '23:30 as clocks go back', '2027-11-08T07:30:00Z'],
  ['Pacific/Auckland', '23:30', '2027-06-10T11:30:00Z'],
  ['Pacific/Auckland', '0:30', '2027-06-10T12:30:00Z'],
  ['Pacific/Auckland', '0:30 as clocks go back', '2027-04-03T11:30:00Z'],
  ['Pacific/Auckland', '23:30 as clocks go forward', '2027-09-26T10:30:00Z'],
  ['Asia/Kathmandu', '23:30', '2027-03-10T17:45:00Z'],
  ['Asia/Kathmandu', '0:30', '2027-03-10T18:45:00Z'],
]

describe('as installed, at set instants, with the server in UTC', () => {
  let zoneBefore: string | undefined
  beforeAll(() => {
    zoneBefore = process.env.TZ
    process.env.TZ = 'UTC'
  })
  afterAll(() => {
    if (zoneBefore === undefined) delete process.env.TZ
    else process.env.TZ = zoneBefore
  })

  it.each(MOMENTS)('in %s at %s', async (zone, _local, instant) => {
    expect(
      existsSync(resolve('dist/web/index.html')) && readFileSync(resolve('dist/web/index.html'), 'utf8').length,
    ).toBeGreaterThan(0)
    const folder = mkdtempSync(join(tmpdir(), 'kobby-instant-'))
    // The clock goes on from the instant, as a clock does.
    const [began, from] = [Date.now(), new Date(instant).getTime()]
    let running: Kobby | undefined
    const kobby: Installed = {
      base: '',
      async restart() {
        await running?.close()
        running = await createKobby({
          file: join(folder, 'kobby.sqlite'),
          web: resolve('dist/web'),
          now: () => new Date(from + Date.now() - began),
        })
        const port = kobby.base ? Number(new URL(kobby.base).port) : 0
        await new Promise<void>((done) => running!.server.listen(port, '127.0.0.1', () => done()))
        kobby.base = `http://127.0.0.1:${(running.server.address() as AddressInfo).port}`
      },
    }
    try {
      await kobby.restart()
      await firstEvening(browser, kobby, zone)
    } finally {
      await running?.close()
      rmSync(folder, { recursive: true, force: true })
    }
  })
})
