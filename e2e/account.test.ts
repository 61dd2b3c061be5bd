import type { Browser, Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { DESK, OFTEN, shareBrowser, openPage, sees, signIn } from './browser'
import { click, fill, keepCode, saved, textOf, waitText } from './hands'
import { openHome, PASSWORD, type OpenHome } from './home'

let browser: Browser
let closeBrowser: () => Promise<void>
/** The chart of the touches. */
const MAP = '[aria-label="Touches by child and learning area"]'
let home: OpenHome
let here: Page
let there: Page
const errors: string[][] = []
const NEW = 'four calm green spoons'
const at = (page: Page, path: string) =>
  page.waitForFunction((wanted: string) => location.pathname.startsWith(wanted), OFTEN, path)

beforeAll(async () => {
  ;({ browser, close: closeBrowser } = await shareBrowser())
  home = await openHome(true)
  for (const set of [(page: Page) => (here = page), (page: Page) => (there = page)]) {
    const opened = await openPage(browser, DESK, 'light', { besideOthers: true, keepsCopy: true })
    set(opened.page)
    errors.push(opened.errors)
    await signIn(opened.page, home.base)
  }
})
afterAll(async () => {
  await closeBrowser()
  await home.close()
})

describe('the account', () => {
  it(
    'shows where she is signed in, and signs out a device, which leaves nothing on its screen and ' +
      'keeps what it had not sent',
    async () => {
      await there.goto(`${home.base}/home?tab=children`)
      await sees(there, 'Add a child')
      // What is written there from now on waits: the door closes under it.
      await there.setRequestInterception(true)
      let hold = true
      there.on(
        'request',
        (request) =>
          void (hold && request.url().endsWith('/api/v1/changes')
            ? request.respond({ status: 503, contentType: 'application/json', body: '{"title":"later"}' })
            : request.continue()),
      )
      await click(there, 'Add a child')
      await there.waitForFunction(() => (localStorage.getItem('kobby-queue') ?? '').includes('New child'), OFTEN)
      await here.goto(`${home.base}/home?tab=account`)
      await sees(here, 'Chrome on Linux, this one')
      const others = await here.$$('button[aria-label^="Sign out Chrome"]')
      expect(others.length).toBeGreaterThan(0)
      hold = false
      for (const one of others) await one.click()
      await here.waitForFunction(() => !document.querySelector('button[aria-label^="Sign out Chrome"]'), OFTEN)
      await at(there, '/sign-in')
      expect(
        await there.evaluate(async () => [
          (localStorage.getItem('kobby-queue') ?? '').includes('New child'),
          await caches.has('kobby-data'),
        ]),
      ).toEqual([true, false])
      await fill(there, 'Your sign-in name', 'maren')
      await fill(there, 'Password', PASSWORD)
      await click(there, 'Sign in', 'form')
      await at(there, '/home')
      await sees(there, 'New child')
      await there.waitForFunction(() => localStorage.getItem('kobby-queue') === null, OFTEN)
      const rows = await there.evaluate(async () =>
        ((await (await fetch('/api/v1/house')).json()) as { rows: { value: { name?: string } }[] }).rows.map(
          (row) => row.value.name,
        ),
      )
      expect(rows).toContain('New child')
    },
  )
  it('makes a copy of everything, and says where it lies', async () => {
    await click(here, 'Copy everything now')
    await waitText(here, 'main', 'The copy is made')
    expect(await textOf(here, 'main')).toMatch(/The copy is made: kobby-\d{4}-\d\d-\d\d-\d{6}\.sqlite/)
  })
  it('names a password that is wrong or common at its field, and says when the new one holds', async () => {
    await fill(here, 'Password now', 'not this one at all')
    await fill(here, 'New password', NEW)
    await click(here, 'Change it')
    await sees(here, 'This is not the password')
    await fill(here, 'Password now', PASSWORD)
    await fill(here, 'New password', 'password12')
    await click(here, 'Change it')
    await sees(here, 'This is one of the first passwords others would try')
    await fill(here, 'New password', NEW)
    await click(here, 'Change it')
    await sees(here, 'The new password works from now on.')
    await at(there, '/sign-in')
  })
  it('shows a new recovery code once, which sets a new password at the door and is spent by it', async () => {
    await click(here, 'Make a new code')
    await fill(here, 'Your password', NEW)
    await click(here, 'Make a new code')
    const code = await keepCode(here)
    await sees(here, 'Make a new code')
    const recover = async (typed: string, password: string) => {
      await there.goto(`${home.base}/sign-in`)
      await click(there, 'I forgot the password')
      await fill(there, 'Your sign-in name', 'maren')
      await fill(there, 'Recovery code', typed)
      await fill(there, 'New password', password)
      await click(there, 'Set it')
    }
    await recover('AAAAA-BBBBB', PASSWORD)
    await sees(there, 'The name or the recovery code is not right')
    await recover(code.toLowerCase(), PASSWORD)
    await sees(there, 'The new password is set')
    expect(await keepCode(there)).not.toBe(code)
    await at(there, '/units')
    await at(here, '/sign-in')
  })
  it('signs out with all that this device kept, and asks first where something is not saved', async () => {
    await there.evaluate(() => localStorage.setItem('kobby-draft-idea', '{"title":"Secret"}'))
    await there.goto(`${home.base}/home?tab=children`)
    await sees(there, 'Add a child')
    await there.setOfflineMode(true)
    await click(there, 'Add a child')
    await click(there, 'Sign out')
    await sees(there, 'Sign out and lose what is not saved?')
    await click(there, 'Stay')
    await there.setOfflineMode(false)
    await saved(there)
    await click(there, 'Sign out')
    await at(there, '/sign-in')
    expect(
      await there.evaluate(async () => [
        Object.keys(localStorage).filter((key) => key !== 'kobby-look'),
        await caches.has('kobby-data'),
      ]),
    ).toEqual([[], false])
    expect(errors.flat()).toEqual([])
  })
})

it('a child’s name is text in the window of a chart', async () => {
  await signIn(here, home.base)
  const name = '<meta http-equiv=refresh content="0;url=/x"><i>Pip'
  await here.evaluate(async (to: string) => {
    const { rows } = (await (await fetch('/api/v1/house')).json()) as {
      rows: { kind: string; version: number; value: object }[]
    }
    const ops = rows
      .filter((row) => row.kind === 'child')
      .map((row, i) => ({ op: 'put', kind: 'child', base: row.version, value: { ...row.value, name: `${to} ${i}` } }))
    await fetch('/api/v1/changes', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ id: 'hostile-names', unitId: null, label: 'Names', ops }),
    })
  }, name)
  await here.goto(`${home.base}/units/wind-and-kites/lay-out?tab=rounded`)
  await click(here, 'Well-rounded')
  const map = await here.waitForSelector(`${MAP} svg`)
  const box = (await map!.boundingBox())!
  await here.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await here.mouse.move(box.x + box.width / 2 + 3, box.y + box.height / 2 + 3)
  await here.waitForFunction(
    (map: string) =>
      [...document.querySelectorAll(`${map} div`)].some((one) => one.textContent?.includes('http-equiv')),
    OFTEN,
    MAP,
  )
  expect(
    await here.evaluate(
      (within: string) => [
        document.querySelectorAll('body meta').length,
        document.querySelectorAll(`${within} i`).length,
        location.pathname,
      ],
      MAP,
    ),
  ).toEqual([0, 0, '/units/wind-and-kites/lay-out'])
})
