import { mkdirSync } from 'node:fs'
import type { KeyInput } from 'puppeteer-core'
import { DESK, OFTEN, openBrowser, openPage, PHONE } from './browser'
import { click } from './hands'
import { openHome, PASSWORD } from './home'

/** Makes the pictures of docs/screenshots from the demo home, one of each main view. */

const FOLDER = 'docs/screenshots'
const UNIT = '/units/wind-and-kites'
const WHEELS = '/units/wheels-and-ramps'
const KITE_TAILS = '[data-placement="wind-and-kites-21"]'
/** `then` is what the click brings: parts that are fetched when they open come later than the rest. */
interface Shot {
  name: string
  path: string
  wait: string
  click?: string
  then?: string
  /** Pressed after that. */
  keys?: KeyInput[]
  size?: typeof PHONE
  look?: 'dark'
}
/** The box of a line that is still to get. */
const GOT = '[aria-label^="Got "]'
const SHOTS: Shot[] = [
  { name: 'lay-out', path: `${UNIT}/lay-out`, wait: KITE_TAILS, click: KITE_TAILS, then: 'aside [aria-label=Needs]' },
  {
    name: 'room',
    path: `${WHEELS}/lay-out?view=room`,
    wait: '[aria-label="The centers of the house"]',
    click: '[data-center=sensory-bin]',
    then: 'aside h2',
  },
  {
    name: 'well-rounded',
    path: `${WHEELS}/lay-out?view=rounded`,
    wait: '[aria-label="Touches by child and learning area"] text',
  },
  {
    name: 'bin',
    path: `${UNIT}/lay-out?view=room&bin=wind-and-kites-5`,
    wait: '[aria-label="Fillers for these kids"] > li',
  },
  { name: 'spark', path: `${UNIT}/spark`, wait: '[aria-label^="More about "]' },
  { name: 'gather', path: `${UNIT}/gather?open=sail-a-cork`, wait: 'aside h2' },
  {
    name: 'circle',
    path: `${UNIT}/lay-out?view=circle`,
    wait: '[title^="Day 5,"]',
    click: '[title^="Day 5,"]',
    then: '[aria-label="The circle in its minutes"]',
  },
  {
    name: 'get-ready',
    path: `${UNIT}/get-ready`,
    wait: GOT,
    click: '[aria-label="What to get"] section li button',
    then: 'aside h3',
  },
  {
    name: 'mix',
    path: `${UNIT}/get-ready?tab=mix&recipe=no-cook-dough`,
    wait: '[aria-label=Steps]',
    click: '::-p-aria(Start mixing)',
    then: '[aria-current=step]',
    keys: [' ', ' '],
  },
  { name: 'preparation', path: `${WHEELS}/get-ready?tab=time`, wait: 'aside > :not(:first-child) button' },
  {
    name: 'phone-prepare',
    path: `${UNIT}/prepare`,
    wait: '[aria-label="What to do"] li',
    click: '[aria-label="What to do"] button[aria-label^="Start "]',
    then: '[aria-label="What you are doing"]',
    size: PHONE,
  },
  {
    name: 'phone-shop',
    path: `${UNIT}/shop?shop=the craft shop`,
    wait: GOT,
    click: 'main section > div:last-child button[aria-expanded]',
    then: 'main form',
    size: PHONE,
    look: 'dark',
  },
  { name: 'print', path: `${UNIT}/print`, wait: '[role=img] symbol path' },
  { name: 'hand-over', path: `${UNIT}/hand-over`, wait: '[aria-label="The sheet of the day"]' },
  {
    name: 'on-stage',
    path: `${UNIT}/circle/5`,
    wait: '[aria-label="The words"] p',
    keys: ['ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowRight'],
  },
  {
    name: 'pantry',
    path: '/pantry',
    wait: '[aria-label=Pantry] tbody tr',
    click: '[aria-label=Pantry] tbody tr:nth-child(9) button',
    then: 'aside label',
  },
  { name: 'phone-plan', path: `${UNIT}/lay-out`, wait: '[data-placement]', size: PHONE },
]

mkdirSync(FOLDER, { recursive: true })
const home = await openHome(true)
const { browser, close } = await openBrowser()
const send = (path: string, body: unknown, cookie = '', method = 'POST') =>
  fetch(`${home.base}/api/v1${path}`, {
    method,
    headers: { 'content-type': 'application/json', cookie },
    body: JSON.stringify(body),
  })
const cookie = (await send('/session', { signIn: 'maren', password: PASSWORD })).headers.getSetCookie()[0].split(';')[0]
const [name, value] = cookie.split('=')
const ticks = ['step-1', 'step-2'].map((step) => ({
  op: 'tick',
  placementId: 'wind-and-kites-20',
  step,
  done: true,
  agoMs: 0,
}))
await send('/changes', { id: 'two-ticks', unitId: 'wind-and-kites', label: 'Ticked', ops: ticks }, cookie)
const { token } = (await (
  await send(`${UNIT}/shares`, { day: 4, label: 'Teo', endsOn: '2026-03-11' }, cookie)
).json()) as { token: string }

for (const shot of [
  ...SHOTS,
  { name: 'phone-day', path: `/day/${token}`, wait: '[aria-label="The sheet of the day"]', size: PHONE },
] as Shot[]) {
  const { page, errors } = await openPage(browser, shot.size ?? DESK, shot.look ?? 'light')
  await page.setCookie({ name, value, url: home.base })
  await page.goto(home.base + shot.path)
  await page.waitForSelector(shot.wait)
  if (shot.click) await page.$eval(shot.click, (element) => (element as HTMLElement).click())
  if (shot.then) await page.waitForSelector(shot.then)
  for (const key of shot.keys ?? []) await page.keyboard.press(key)
  // The figures of the path come once the page is at rest.
  await page.waitForFunction(() => {
    const way = document.querySelector('nav[aria-label="The way through a unit"]')
    return !way?.getClientRects().length || /\d objects/.test(way.textContent ?? '')
  }, OFTEN)
  await page.evaluate(
    'document.fonts.ready.then(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))))',
  )
  await page.screenshot({ path: `${FOLDER}/${shot.name}.png` })
  if (errors.length) throw new Error(`${shot.name}: ${errors.join('; ')}`)
  console.log(`${FOLDER}/${shot.name}.png`)
  await page.close()
}

// The first start has no home yet: it is pictured as it is being answered.
const empty = await openHome(false)
const { page } = await openPage(browser, DESK)
await page.evaluateOnNewDocument('window.__name = (one) => one')
await page.goto(`${empty.base}/icon.svg`)
await page.evaluate(
  async (body: string, draft: string) => {
    await fetch('/api/v1/owner', { method: 'POST', headers: { 'content-type': 'application/json' }, body })
    localStorage.setItem('kobby-draft-first-home', draft)
  },
  JSON.stringify({ name: 'Maren', signIn: 'maren', password: PASSWORD }),
  JSON.stringify({
    homeName: 'Larkspur House',
    kids: [
      ['Pip', '2025-05-02', 'twice'],
      ['Oona', '2024-08-01', null],
      ['Juno', '2022-10-05', 'none'],
      ['Bodhi', '2022-02-06', null],
    ].map(([name, born, naps]) => ({
      name,
      born,
      naps,
      ownNap: { from: '12:30', to: '14:30' },
      allergens: name === 'Juno' ? ['wheat'] : [],
      mouths: null,
    })),
  }),
)
await page.goto(`${empty.base}/start`)
await click(page, 'Start with my children')
await page.waitForSelector('[aria-label="Child 1"]')
await page.evaluate('document.fonts.ready.then(() => document.activeElement?.blur())')
await page.screenshot({ path: `${FOLDER}/first-start.png` })
console.log(`${FOLDER}/first-start.png`)
await empty.close()
await close()
await home.close()
process.exit(0)
