import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Browser, Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { newHome, NAP_HABITS } from '@core/newHome'
import { ACTIVITIES, MATERIALS } from '@core/library'
import { DESK, goInside, NOWHERE, NOWHERE_SAYS, OFTEN, shareBrowser, openPage, PHONE } from './browser'
import { cameOfIt, controlsOf, press, settled, watchControls, type Control } from './controls'
import { openHome, PASSWORD, type OpenHome } from './home'

/**
 * No control does nothing: in four states of a home every button and link of every view is pressed, one of each kind.
 * Each must change something or ask for something; or it is disabled and something near it says why. None ends in an
 * error.
 */

let browser: Browser
let closeBrowser: () => Promise<void>
beforeAll(async () => {
  ;({ browser, close: closeBrowser } = await shareBrowser())
})
afterAll(() => closeBrowser())

const HOUSE_VIEWS = [
  '/units',
  ...['children', 'adults', 'centers', 'books', 'rhythm', 'settings', 'account'].map((tab) => `/home?tab=${tab}`),
  '/library',
  '/library/new',
  '/pantry',
  '/pantry?tab=standing',
  '/pantry?tab=count',
  '/money',
  '/cautions',
  NOWHERE,
]
const steps = (unit: string) =>
  [
    'spark',
    'gather',
    'gather?tab=patterns',
    'gather?tab=notebook',
    'lay-out',
    'lay-out?view=room',
    'lay-out?view=rounded',
    'lay-out?view=adults',
    'lay-out?view=ahead',
    'get-ready',
    'get-ready?tab=trips',
    'get-ready?tab=families',
    'get-ready?tab=money',
    'get-ready?tab=mix',
    'lay-out?view=room&bin=wind-and-kites-5',
    'get-ready?tab=mix&recipe=no-cook-dough',
    'get-ready?tab=time',
    'prepare',
    'lay-out?view=circle',
    'print',
    'print?tab=own',
    'print?tab=sheets',
    'print?tab=printer',
    'hand-over',
    'run',
    'look-back',
    'shop',
    'notes',
  ].map((step) => `/units/${unit}/${step}`)

/** How long something may take to come of a press before it counts as nothing, in milliseconds. */
const PATIENCE = 8000
/**
 * The same where another control was pressed on that page before, which may have done the same already: it is pressed
 * once more on a fresh one before it counts as nothing.
 */
const PATIENCE_AFTER_OTHERS = 1500
/** How deep it is gone into what a press opens: a dialog or a pocket, and what is in it. */
const DEPTH = 2

interface State {
  views: string[]
  size?: typeof DESK | typeof PHONE
  /** Shared by walks of one state. */
  known?: Set<string>
  fill?: (send: (path: string, body: unknown) => Promise<unknown>) => Promise<unknown>
}

const answers = (kids: number) => ({
  name: 'Heron Row',
  timeZone: 'UTC',
  provider: 'Maren',
  open: { mon: { from: '08:00', to: '17:00' }, tue: { from: '08:00', to: '17:00' } },
  centers: ['blocks', 'art-table', 'circle'] as const,
  cupboard: ['rice'],
  license: { children: 4, rule: 'ratios' as const },
  prepWindows: [],
  children: Array.from({ length: kids }, (_, i) => ({
    name: `Kid ${i}`,
    born: `202${2 + i}-05-01`,
    naps: [...NAP_HABITS['after-lunch']],
    allergens: [],
    mouths: i > 1,
  })),
})
let ids = 0
const home = (kids: number) =>
  newHome(
    { ...answers(kids), centers: [...answers(kids).centers] },
    { materials: MATERIALS, activities: ACTIVITIES },
    () => `made-${++ids}`,
  )

/** Puts every table back as it was, so that one press does not change what the next one finds. */
async function keepCopy({ kobby: { db } }: OpenHome, folder: string): Promise<() => Promise<void>> {
  const copy = join(folder, 'copy.sqlite')
  await db.raw(`VACUUM INTO '${copy}'`)
  await db.raw(`ATTACH '${copy}' AS copy`)
  const tables = ((await db('sqlite_master').where({ type: 'table' }).select('name')) as { name: string }[])
    .map((row) => row.name)
    .filter((name) => !name.startsWith('sqlite_'))
  return async () => {
    await db.raw('PRAGMA foreign_keys = OFF')
    await db.transaction(async (tx) => {
      for (const table of tables) {
        await tx.raw(`DELETE FROM main.${table}`)
        await tx.raw(`INSERT INTO main.${table} SELECT * FROM copy.${table}`)
      }
    })
    await db.raw('PRAGMA foreign_keys = ON')
  }
}

interface Step {
  view: string
  way: Control[]
  control: Control
}

/** The page has just gone elsewhere: what was opened is not there to be walked. */
function elsewhere(error: Error): void {
  if (!/context was destroyed|detached/i.test(error.message)) throw error
}

/**
 * Walks views of a state of a home; what is wrong, one line each.
 *
 * @param known kinds of controls that were pressed already in this state, here or in a walk beside this one
 */
async function walk(
  open: OpenHome,
  page: Page,
  errors: string[],
  views: readonly string[],
  restore: () => Promise<void>,
  known: Set<string>,
): Promise<{ faults: string[]; pressed: number }> {
  const cookies = await page.cookies(open.base)
  const faults: string[] = []
  let wrote = false
  let pressed = 0
  page.on('request', (request) => {
    if (request.method() !== 'GET') wrote = true
  })
  const fault = (words: string) => {
    if (process.env.WALK_SAYS) console.log(words)
    faults.push(words)
  }
  /**
   * Comes to a view from inside the application, by way of an address that has none: what the view kept while it stood
   * is gone. False where it cannot be gone to so, since the page is not the application any more.
   */
  async function comeBackTo(view: string): Promise<boolean> {
    const go = async (path: string) => {
      await page.evaluate(() => {
        const { activeElement } = document
        if (activeElement instanceof HTMLElement) activeElement.blur()
        localStorage.clear()
      })
      await goInside(page, path)
    }
    const stands = async (path: string, lost: boolean) =>
      (await settled(page)) !== undefined &&
      (await page.evaluate(
        (at: string, nowhere: string, isLost: boolean) =>
          location.pathname + location.search === at &&
          document.querySelector('h1, h2') !== null &&
          document.querySelector('[role=dialog], [role=menu], [role=listbox]') === null &&
          document.body.innerText.includes(nowhere) === isLost,
        path,
        NOWHERE_SAYS,
        lost,
      ))
    try {
      await go(NOWHERE)
      if (!(await stands(NOWHERE, true))) return false
      await go(view)
      return await stands(view, view === NOWHERE)
    } catch (error) {
      elsewhere(error as Error)
      return false
    }
  }
  async function goTo(view: string, anew = false): Promise<void> {
    if (!anew && !wrote && page.url().startsWith(open.base) && (await comeBackTo(view))) return
    if (wrote) {
      await settled(page)
      await restore()
    }
    wrote = false
    await page.evaluate(() => localStorage.clear()).catch(() => undefined)
    await page.setCookie(...cookies)
    const visit = () => page.goto(open.base + view, { waitUntil: 'domcontentloaded' })
    // What was just pressed may be leading elsewhere still: its way there gives up first.
    await visit().catch((error: Error) => (/ERR_ABORTED/.test(error.message) ? visit() : Promise.reject(error)))
    await page.waitForFunction(
      () => document.querySelector('h1, h2') !== null && !/^Opening/m.test(document.body.innerText),
      OFTEN,
    )
    await settled(page)
  }
  const where = ({ view, way, control }: Step) =>
    [view, ...way.map((one) => one.name), control.name || control.kind].join(' > ')
  const queue: Step[] = []
  /** Whether anything comes of what was just pressed. */
  const something = (view: string, patience = PATIENCE): Promise<boolean> =>
    page
      .waitForFunction(
        (from: string) => {
          const seen = (window as unknown as { kobbySeen?: () => { moved: boolean; asked: boolean } }).kobbySeen?.()
          return !seen || seen.moved || seen.asked || location.pathname + location.search !== from
        },
        { ...OFTEN, timeout: patience },
        view,
      )
      .then(
        () => true,
        () => cameOfIt(page).catch(() => true),
      )
  async function take(view: string, way: Control[]): Promise<void> {
    for (const control of await controlsOf(page)) {
      // Frames and rows come again in every view: one of each kind is pressed in each state.
      if (known.has(control.kind)) continue
      known.add(control.kind)
      if (control.disabled) {
        if (!control.reason) fault(`${where({ view, way, control })}: disabled, and nothing says why`)
      } else if (!control.chosen) queue.push({ view, way, control })
    }
  }
  for (const view of views) {
    await goTo(view)
    await take(view, [])
    if (process.env.WALK_SAYS) console.log(new Date().toISOString().slice(14, 19), view, queue.length)
    let stays = ''
    for (let step = queue.shift(); step; step = queue.shift()) {
      const at = JSON.stringify([step.view, step.way])
      errors.length = 0
      const afresh = async (anew = false): Promise<boolean> => {
        await goTo(step.view, anew)
        errors.length = 0
        for (const one of step.way) {
          await press(page, one)
          await settled(page)
        }
        return press(page, step.control)
      }
      // A page on which the next control still stands serves for that one too, whatever the one before did.
      const goesOn =
        stays === at && (await press(page, step.control).catch((error: Error) => (elsewhere(error), false)))
      // It is gone where it came and went with the day, or with another press.
      if (!goesOn && !(await afresh()) && !(await afresh(true))) continue
      pressed++
      if (
        !(await something(step.view, goesOn ? PATIENCE_AFTER_OTHERS : PATIENCE)) &&
        (await afresh(true)) &&
        !(await something(step.view))
      )
        fault(`${where(step)}: nothing came of it`)
      await settled(page)
      if (errors.length) fault(`${where(step)}: ${errors[0]}`)
      const isHere = page.url() === open.base + step.view
      stays = isHere ? at : ''
      if (step.way.length < DEPTH - 1 && isHere) await take(step.view, [...step.way, step.control]).catch(elsewhere)
    }
  }
  if (process.env.WALK_SAYS) console.log(`${pressed} pressed on ${views.length} views`)
  return { faults, pressed }
}

async function everyControl(
  { views, fill, size = DESK, known = new Set() }: State,
  withDemo = false,
): Promise<{ faults: string[]; pressed: number }> {
  const [open, folder] = [await openHome(withDemo), mkdtempSync(join(tmpdir(), 'kobby-controls-'))]
  const { page, errors } = await openPage(browser, size, 'light', { besideOthers: true })
  try {
    await watchControls(page)
    const send = async (path: string, body: unknown) => {
      const answer = await page.evaluate(
        async (to: string, text: string) => {
          const response = await fetch(`/api/v1${to}`, {
            method: 'POST',
            headers: { 'content-type': 'application/json' },
            body: text,
          })
          return { ok: response.ok, text: await response.text() }
        },
        path,
        JSON.stringify(body),
      )
      if (!answer.ok) throw new Error(answer.text)
      return JSON.parse(answer.text)
    }
    // A page of the same origin that leads nowhere.
    await page.goto(`${open.base}/icon.svg`)
    await send(
      withDemo ? '/session' : '/owner',
      withDemo ? { signIn: 'maren', password: PASSWORD } : { name: 'Maren', signIn: 'maren', password: PASSWORD },
    )
    await fill?.(send)
    const restore = await keepCopy(open, folder)
    return await walk(open, page, errors, views, restore, known)
  } finally {
    await page.browserContext().close()
    await open.close()
    rmSync(folder, { recursive: true, force: true })
  }
}

/** Hundreds of presses, each on a page of its own, in milliseconds. */
const LONG = 1_800_000

it.concurrent(
  'no home',
  async () => {
    const { faults, pressed } = await everyControl({ views: ['/start', ...HOUSE_VIEWS] })
    expect(faults).toEqual([])
    expect(pressed).toBeGreaterThan(20)
  },
  LONG,
)
it.concurrent(
  'a home without children',
  async () => {
    const { faults, pressed } = await everyControl({
      views: HOUSE_VIEWS,
      fill: (send) => send('/plan-files/apply', home(0)),
    })
    expect(faults).toEqual([])
    expect(pressed).toBeGreaterThan(60)
  },
  LONG,
)
it.concurrent(
  'a home without a unit',
  async () => {
    const { faults, pressed } = await everyControl({
      views: HOUSE_VIEWS,
      fill: (send) => send('/plan-files/apply', home(3)),
    })
    expect(faults).toEqual([])
    expect(pressed).toBeGreaterThan(60)
  },
  LONG,
)
/** The demo home is walked by three at a time, each in a home of its own, that press each kind of control once among them. */
const inDemo = new Set<string>()
let pressedInDemo = 0
it.concurrent.each([
  ['the house', HOUSE_VIEWS],
  ['the unit that runs', [...steps('wind-and-kites'), '/units/wind-and-kites/invitation/10']],
  ['the unit after it', steps('wheels-and-ramps')],
])(
  'the demo home, %s',
  async (_, views) => {
    const { faults, pressed } = await everyControl({ views, known: inDemo }, true)
    expect(faults).toEqual([])
    pressedInDemo += pressed
  },
  LONG,
)
// Where only some of the walks are asked for, those of the demo may not be among them.
afterAll(() => {
  if (inDemo.size) expect(pressedInDemo).toBeGreaterThan(180)
})
it.concurrent(
  'the demo home on a phone',
  async () => {
    const { faults, pressed } = await everyControl(
      {
        size: PHONE,
        views: [
          '/units',
          '/units/wind-and-kites/lay-out',
          '/units/wind-and-kites/run',
          '/units/wind-and-kites/get-ready',
          '/units/wind-and-kites/shop',
          '/pantry?tab=count',
        ],
      },
      true,
    )
    expect(faults).toEqual([])
    expect(pressed).toBeGreaterThan(30)
  },
  LONG,
)
