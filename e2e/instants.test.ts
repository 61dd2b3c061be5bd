import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import type { Browser } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { createKobby, type Kobby } from '@server/app'
import { shareBrowser } from './browser'
import { firstEvening, type Installed } from './walk'

let browser: Browser
let closeBrowser: () => Promise<void>
beforeAll(async () => {
  ;({ browser, close: closeBrowser } = await shareBrowser())
})
afterAll(() => closeBrowser())

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

  it.concurrent.each(MOMENTS)('in %s at %s', async (zone, _local, instant) => {
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
