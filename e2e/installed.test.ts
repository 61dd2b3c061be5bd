import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { createInterface } from 'node:readline'
import type { Browser } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { shareBrowser } from './browser'
import { firstEvening, type Installed } from './walk'

let browser: Browser
let closeBrowser: () => Promise<void>
beforeAll(async () => {
  ;({ browser, close: closeBrowser } = await shareBrowser())
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
