import { createHash } from 'node:crypto'
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs'
import { join } from 'node:path'
import type { Browser } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { OfflineCopy } from '../web/offlineFiles'
import { OFTEN, shareBrowser, openPage, PHONE, sees } from './browser'
import { click, fill, waitText } from './hands'
import { openHome, PASSWORD, type OpenHome } from './home'

/** The page of a link: what a stranger's phone opens, without an account. */

const WEB = 'dist/web'
/** Kilobytes of compressed script that it may be. */
const LIGHT_KB = 90

/** Kilobytes of compressed script that the application may be with the view that stands first. */
const FIRST_VIEW_KB = 270
/** Files that these may be: a phone asks for six at a time, and each takes a way to the server and back. */
const FIRST_VIEW_FILES = 12

/** The scripts that one of the build names. */
const importsOf = (name: string): string[] =>
  [...readFileSync(join(WEB, 'assets', name), 'utf8').matchAll(/(?:from|import)\s*["'`]\.\/([\w.-]+\.js)["'`]/g)].map(
    ([, other]) => other,
  )
/** Every script that a page of the build brings along before anything is pressed, by what names what. */
function scriptsOf(page: string, view?: string): string[] {
  const found = new Set<string>()
  const add = (name: string) => {
    if (found.has(name)) return
    found.add(name)
    for (const other of importsOf(name)) add(other)
  }
  for (const [, name] of readFileSync(join(WEB, page), 'utf8').matchAll(/"\/assets\/([\w.-]+\.js)"/g)) add(name)
  for (const name of readdirSync(join(WEB, 'assets')))
    if (view && name.startsWith(`${view}-`) && name.endsWith('.js')) add(name)
  return [...found]
}
const weightOf = (page: string, view?: string): number =>
  scriptsOf(page, view).reduce((sum, name) => {
    const path = join(WEB, 'assets', name)
    return sum + statSync(existsSync(`${path}.gz`) ? `${path}.gz` : path).size
  }, 0) / 1000

describe('the page of a link', () => {
  it('is light, and brings nothing of the frame, the stores or the component library', () => {
    const scripts = scriptsOf('link.html')
    expect(scripts.length).toBeGreaterThan(1)
    expect(weightOf('link.html')).toBeLessThan(LIGHT_KB)
    expect(weightOf('index.html')).toBeGreaterThan(LIGHT_KB)
    for (const name of scripts)
      expect(readFileSync(join(WEB, 'assets', name), 'utf8'), name).not.toMatch(/v-overlay|defineStore|createRouter/)
  })
  it('leads to the application by nothing that it fetches later: that would open over it', () => {
    const found = new Set<string>()
    const open = scriptsOf('link.html')
    for (let name = open.pop(); name; name = open.pop()) {
      if (found.has(name)) continue
      found.add(name)
      const later = readFileSync(join(WEB, 'assets', name), 'utf8').matchAll(/import\(["'`]\.\/([\w.-]+\.js)["'`]\)/g)
      open.push(...importsOf(name), ...[...later].map(([, other]) => other))
    }
    const [application] = scriptsOf('index.html')
    expect(application).toMatch(/^index-/)
    expect([...found].some((name) => name.startsWith('StageShow-'))).toBe(true)
    expect(found).not.toContain(application)
  })
})

describe('the application', () => {
  it.each(['UnitList', 'LayOutView', 'RunView'])('opens %s light, without what only checks a form', (view) => {
    const scripts = scriptsOf('index.html', view)
    expect(scripts.some((name) => name.startsWith(`${view}-`))).toBe(true)
    expect(weightOf('index.html', view)).toBeLessThan(FIRST_VIEW_KB)
    expect(scripts.length).toBeLessThan(FIRST_VIEW_FILES)
    for (const name of scripts)
      expect(readFileSync(join(WEB, 'assets', name), 'utf8'), name).not.toMatch(/ZodError|v-select__|sortable-ghost/)
  })
})

describe('the files of the build', () => {
  it('lead in no circle: what stands in one may be asked for before it is there', () => {
    const names = readdirSync(join(WEB, 'assets')).filter((name) => name.endsWith('.js'))
    const open = new Map(names.map((name) => [name, importsOf(name)]))
    // Whoever leads nowhere is taken away, until only circles are left.
    for (let before = 0; before !== open.size;) {
      before = open.size
      for (const [name, others] of open) if (!others.some((one) => open.has(one))) open.delete(name)
    }
    expect(names.length).toBeGreaterThan(50)
    expect([...open.keys()]).toEqual([])
  })
})

describe('what a page asks for ahead', () => {
  let home: OpenHome
  beforeAll(async () => {
    home = await openHome(true)
  })
  afterAll(() => home.close())
  const linkOf = async (path: string, cookie = '') =>
    (await fetch(home.base + path, { headers: { cookie } })).headers.get('link') ?? ''

  it('is there, and nobody is asked for it who is not signed in', async () => {
    const session = await fetch(`${home.base}/api/v1/session`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ signIn: 'maren', password: PASSWORD }),
    })
    const cookie = session.headers.getSetCookie()[0].split(';')[0]
    const asked = await linkOf('/units/wind-and-kites/lay-out', cookie)
    const addresses = [...asked.matchAll(/<([^>]+)>/g)].map(([, address]) => address)
    expect(addresses.some((one) => /^\/assets\/LayOutView-.*\.css$/.test(one))).toBe(true)
    for (const address of addresses) {
      const { status } = await fetch(home.base + address, { headers: { cookie } })
      expect(status, address).toBe(200)
    }
    // Of the scripts that the view brings along, none is asked for later.
    const first = new Set([
      ...scriptsOf('index.html'),
      ...addresses.filter((one) => one.endsWith('.js')).map((one) => one.replace('/assets/', '')),
    ])
    expect(scriptsOf('index.html', 'LayOutView').filter((name) => !first.has(name))).toEqual([])
    expect(await linkOf('/units/wind-and-kites/lay-out')).toBe('')
    expect(await linkOf('/sign-in', cookie)).toBe('')
  })
})

describe('the copy that a device keeps', () => {
  const copy = JSON.parse(readFileSync(join(WEB, 'offline.json'), 'utf8')) as OfflineCopy
  it('is the page, every script and every style of this build', () => {
    expect(copy['/'].text).toBe(readFileSync(join(WEB, 'index.html'), 'utf8'))
    const files = readdirSync(join(WEB, 'assets')).filter((name) => /\.(js|css|woff2)$/.test(name))
    expect(files.length).toBeGreaterThan(100)
    expect(Object.keys(copy).sort()).toEqual(['/', ...files.map((name) => `/assets/${name}`)].sort())
    for (const name of files) {
      const { text, base64 } = copy[`/assets/${name}`]
      expect(Buffer.from(text, base64 ? 'base64' : 'utf8').equals(readFileSync(join(WEB, 'assets', name))), name).toBe(
        true,
      )
    }
  })
  it('is fetched anew after an update, since the browser finds another worker', () => {
    const print = createHash('sha256')
      .update(readFileSync(join(WEB, 'offline.json')))
      .digest('hex')
    expect(readFileSync(join(WEB, 'sw.js'), 'utf8').trimEnd().split('\n').at(-1)).toBe(`// ${print.slice(0, 16)}`)
  })
})

describe('a family', () => {
  let home: OpenHome
  let browser: Browser
  let close: () => Promise<void>
  let token = ''
  beforeAll(async () => {
    home = await openHome(true)
    ;({ browser, close } = await shareBrowser())
    const send = (path: string, body: unknown, cookie = '') =>
      fetch(`${home.base}/api/v1${path}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', cookie },
        body: JSON.stringify(body),
      })
    const cookie = (await send('/session', { signIn: 'maren', password: PASSWORD })).headers.getSetCookie()[0]
    const made = await send(
      '/units/wheels-and-ramps/ask-links',
      { label: 'All families', endsOn: '2026-03-18' },
      cookie.split(';')[0],
    )
    token = ((await made.json()) as { token: string }).token
  })
  afterAll(async () => {
    await close()
    await home.close()
  })

  it('is told what is wrong with what it wrote, and promises what it means', async () => {
    const { page, errors } = await openPage(browser, PHONE, 'dark')
    await page.goto(`${home.base}/bring/${token}`)
    await sees(page, 'flat cardboard')
    expect(await page.title()).toBe('What we could use · Kobby')
    expect(await page.evaluate(() => document.documentElement.dataset.theme)).toBe('dark')
    await click(page, 'I can bring some')
    const open = await page.$eval('form input[inputmode=decimal]', (field) => (field as HTMLInputElement).value)
    expect(Number(open)).toBeGreaterThan(0)
    await click(page, 'I’ll bring it')
    await waitText(page, '[role=alert]', 'Write your name')
    await fill(page, 'Your name', 'Family of Juno')
    for (const [written, said] of [
      ['some', 'number'],
      ['0', 'Say how many you bring'],
      ['99999', 'still open'],
    ]) {
      await fill(page, 'How many', written)
      await click(page, 'I’ll bring it')
      await waitText(page, '[role=alert]', said)
    }
    await fill(page, 'How many', '1')
    await click(page, 'I’ll bring it')
    await waitText(page, '[aria-label="You bring"]', '1 ')
    await page.reload()
    await waitText(page, '[aria-label="You bring"]', '1 ')
    expect(errors).toEqual([])
    await page.browserContext().close()
  })
})

describe('the door', () => {
  let home: OpenHome
  let browser: Browser
  let close: () => Promise<void>
  beforeAll(async () => {
    home = await openHome(true)
    ;({ browser, close } = await shareBrowser())
  })
  afterAll(async () => {
    await close()
    await home.close()
  })

  it('leads back to where she was, never to another house, and lets through who is in already', async () => {
    const { page, errors } = await openPage(browser, PHONE)
    const at = (path: string) => page.waitForFunction((to: string) => location.pathname === to, OFTEN, path)
    await page.goto(`${home.base}/pantry?tab=count`)
    await at('/sign-in')
    await sees(page, 'I forgot the password')
    expect(await page.evaluate(() => document.activeElement?.getAttribute('autocomplete'))).toBe('username')
    await fill(page, 'Your sign-in name', 'maren')
    await fill(page, 'Password', 'not the password')
    await click(page, 'Sign in', 'form')
    await sees(page, 'The name or the password is not right')
    await fill(page, 'Password', PASSWORD)
    await click(page, 'Sign in', 'form')
    await at('/pantry')
    for (const other of ['//elsewhere.example/', '/\\elsewhere.example', 'https://elsewhere.example/']) {
      await page.goto(`${home.base}/sign-in?to=${encodeURIComponent(other)}`)
      await at('/units')
    }
    expect(errors).toEqual([])
  })
})
