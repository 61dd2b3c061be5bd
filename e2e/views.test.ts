import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import type { Browser, Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { DESK, goInside, NOWHERE, NOWHERE_SAYS, shareBrowser, openPage, PHONE, sees, signIn, wear } from './browser'
import { click, fill } from './hands'
import { openHome, PASSWORD, type OpenHome } from './home'

const axeSource = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')

let home: OpenHome
let empty: OpenHome
/** A Kobby with an owner and no home yet. */
let unanswered: OpenHome
let browser: Browser
let closeBrowser: () => Promise<void>
let token = ''
let asked = ''
beforeAll(async () => {
  ;[home, empty, unanswered] = [await openHome(true), await openHome(false), await openHome(false)]
  await fetch(`${unanswered.base}/api/v1/owner`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ name: 'Ines', signIn: 'ines', password: PASSWORD }),
  })
  ;({ browser, close: closeBrowser } = await shareBrowser())
  const session = await fetch(`${home.base}/api/v1/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ signIn: 'maren', password: PASSWORD }),
  })
  const cookie = session.headers.getSetCookie()[0].split(';')[0]
  const share = await fetch(`${home.base}/api/v1/units/wind-and-kites/shares`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', cookie },
    body: JSON.stringify({ day: 4, label: 'Teo', endsOn: '2026-03-12' }),
  })
  token = ((await share.json()) as { token: string }).token
  const ask = await fetch(`${home.base}/api/v1/units/wheels-and-ramps/ask-links`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', cookie },
    body: JSON.stringify({ label: 'All families', endsOn: '2026-03-18' }),
  })
  asked = ((await ask.json()) as { token: string }).token
})
afterAll(async () => {
  await closeBrowser()
  await Promise.all([home.close(), empty.close(), unanswered.close()])
})

/** The path at the side, and the bar of a phone. */
const [WAY, BAR] = ['nav[aria-label="The way through a unit"]', 'nav[aria-label=Main]']
const UNIT = '/units/wind-and-kites'
const WHEELS = '/units/wheels-and-ramps'
/** Every view with its address, a text that shows it is there, and what to click first. */
const VIEWS: [name: string, path: string, shows: string, click?: string][] = [
  ['units', '/units', 'Wheels and Ramps'],
  ['start a unit', '/units?new=1', 'Planning style'],
  ['spark', `${UNIT}/spark`, 'Objects of the theme'],
  ['spark, an object', `${UNIT}/spark`, 'Objects of the theme', '[aria-label^="More about "]'],
  ['gather', `${UNIT}/gather`, 'A corner for “Wind and Kites”'],
  ['gather, more filters', `${UNIT}/gather`, 'A corner for “Wind and Kites”', '[role=search] [aria-expanded]'],
  ['gather, patterns', `${UNIT}/gather?tab=patterns`, 'Welcome to', '[aria-label="Ideas"] button'],
  ['gather, the notebook', `${UNIT}/gather?tab=notebook`, 'For some other time', 'article [aria-expanded]'],
  ['gather, an idea in the basket', `${UNIT}/gather?open=dough-diamonds`, 'focus in it'],
  ['library', '/library', 'A bakery of dough'],
  ['library, an idea', '/library?open=kite-tails', 'Copy and change'],
  ['write an idea', '/library/new', 'Who does what'],
  [
    'copy an idea',
    `/library/new?copy=dough-diamonds&unit=wind-and-kites`,
    'takes the place of the one',
    '[aria-label="More about material 1: with alternatives"]',
  ],
  [
    'finish a half idea',
    `/library/new?idea=wind-and-kites-half-2&unit=wind-and-kites`,
    'Who does what',
    'header button:last-child',
  ],
  ['gather, an idea', `${UNIT}/gather?open=kite-tails`, 'Who it’s for'],
  ['lay out', `${UNIT}/lay-out`, 'Five little kites'],
  ['lay out, a card', `${UNIT}/lay-out`, 'Five little kites', '[data-placement="wind-and-kites-21"]'],
  ['lay out, an empty cubby', `${UNIT}/lay-out`, 'Five little kites', 'button[data-spot]'],
  ['lay out, preparation', `${UNIT}/lay-out`, 'Five little kites', '[data-reading=preparation]'],
  ['lay out, well-rounded', `${UNIT}/lay-out`, 'Five little kites', '[data-reading=rounded]'],
  ['lay out, adults', `${UNIT}/lay-out`, 'Five little kites', '[data-reading=adults]'],
  ['lay out, money', `${WHEELS}/lay-out`, 'A wall of wheels', '[data-reading=money]'],
  ['lay out, preparation over', `${WHEELS}/lay-out`, 'A wall of wheels', '[data-reading=preparation]'],
  ['lay out, cautions to solve', `${WHEELS}/lay-out`, 'A wall of wheels', '[data-reading=cautions]'],
  [
    'lay out, a special day',
    `${UNIT}/lay-out`,
    'Five little kites',
    '[aria-label="Program days"] [title*="Kite picnic"]',
  ],
  ['lay out, place it for me', `${WHEELS}/lay-out`, 'A wall of wheels', 'aside [data-activity] [aria-expanded]'],
  ['room', `${UNIT}/lay-out?view=room`, 'Glowing shapes'],
  ['room, a center', `${WHEELS}/lay-out?view=room`, 'Down the gutter', '[data-center=sensory-bin]'],
  ['room, arranging', `${UNIT}/lay-out?view=room`, 'Glowing shapes', 'main button[aria-pressed]'],
  ['room, a clash', `${WHEELS}/lay-out?view=room`, 'Down the gutter', '[data-clash]'],
  ['well-rounded', `${WHEELS}/lay-out?view=rounded`, 'No early math', '[aria-label="Gaps"] button'],
  ['adults', `${WHEELS}/lay-out?view=adults`, 'Teo stays', 'main section button[aria-expanded]'],
  ['look ahead', `${WHEELS}/lay-out?view=ahead`, 'Who misses it'],
  ['get ready, preparation', `${WHEELS}/get-ready?tab=time`, 'A wall of wheels'],
  ['get ready, a task', `${WHEELS}/get-ready?tab=time`, 'A wall of wheels', 'main [data-slot] > button'],
  ['preparing', `${WHEELS}/prepare`, 'Have at hand', '[aria-label="What to do"] button[aria-label^="Start "]'],
  ['lay out, the circle', `${UNIT}/lay-out?view=circle`, 'Nothing yet for these'],
  ['lay out, a circle that is filled', `${UNIT}/lay-out?view=circle`, 'Nothing yet for these', '[title^="Day 5,"]'],
  ['the circle on stage', `${UNIT}/circle/5`, 'Ten of them up where I can see'],
  ['the circle on stage, still empty', `${UNIT}/circle/4`, 'There is nothing in this circle yet'],
  ['print', `${UNIT}/print`, '10 sheets to print'],
  ['print, what an idea could use', `${UNIT}/print`, 'Number cards', '[aria-label="What ideas could use"] button'],
  ['print, all kinds', `${UNIT}/print?tab=kinds`, 'Shadow match'],
  ['print, printed', `${UNIT}/print?tab=printed`, 'Memory game'],
  ['print, own designs', `${UNIT}/print?tab=own`, 'Nothing of your own yet'],
  ['print, the day', `${UNIT}/print?tab=sheets`, 'Out at the centers'],
  [
    'print, the week',
    `${UNIT}/print?tab=sheets`,
    'For the fridge and for families',
    '[aria-label="Sheets of the house"] li:nth-child(3) button',
  ],
  ['print, the printer', `${UNIT}/print?tab=printer`, 'Edge that stays white'],
  ['slow projects', `${UNIT}/get-ready?tab=time`, 'behind the forecast', 'article [aria-expanded]'],
  ['get ready, trips', `${WHEELS}/get-ready?tab=trips`, 'paper from the roll', 'main section li button'],
  ['get ready, families', `${WHEELS}/get-ready?tab=families`, 'flat cardboard', 'main section button'],
  ['lay out, a bin', `${UNIT}/lay-out?view=room&bin=wind-and-kites-5`, 'Which filler for these kids'],
  ['get ready, mix', `${UNIT}/get-ready?tab=mix`, 'Doughs and clay'],
  ['get ready, a recipe', `${UNIT}/get-ready?tab=mix&recipe=no-cook-dough`, 'What goes in'],
  [
    'get ready, mixing in progress',
    `${UNIT}/get-ready?tab=mix&recipe=no-cook-dough`,
    'What goes in',
    '::-p-aria(Start mixing)',
  ],
  ['get ready, a recipe of her own', `${UNIT}/get-ready?tab=mix&edit=new`, 'A recipe of your own'],
  ['get ready, money', `${UNIT}/get-ready?tab=money`, 'Discovery shelf'],
  ['notes for families', `${WHEELS}/notes`, 'Could you bring'],
  ['in the shop', `${UNIT}/shop`, 'In the shop', 'main button[aria-expanded]'],
  ['in the shop, not there', `${WHEELS}/shop?shop=the grocer`, 'plain yogurt', 'main button[aria-expanded]'],
  ['money of the year', '/money', 'By category', 'td button'],
  [
    'pantry, the always-have list',
    '/pantry?tab=standing',
    'white paper',
    '[aria-label="The always-have list"] td button',
  ],
  ['pantry, counting', '/pantry?tab=count', 'blue box', '[aria-label="Counting"] li button'],
  ['invitations', `${UNIT}/invitation/10`, 'Kite picnic'],
  ['get ready', `${UNIT}/get-ready`, 'large beads'],
  ['get ready, a line', `${UNIT}/get-ready`, 'large beads', '[aria-label="What to get"] section li button'],
  ['hand over', `${UNIT}/hand-over`, 'Copy as Markdown'],
  ['run', `${UNIT}/run`, 'Tuesday, March 10'],
  ['look back', `${UNIT}/look-back`, 'done so far'],
  ['home, children', '/home?tab=children&open=juno', 'Still puts things'],
  ['home, adults', '/home?tab=adults&open=maren', 'Prep time'],
  ['home, centers', '/home?tab=centers&open=easel', 'Children at once'],
  ['home, books', '/home?tab=books&open=book-sock', 'Lent from'],
  ['home, rhythm', '/home?tab=rhythm', 'Add a block'],
  ['home, settings', '/home?tab=settings', 'Everything as a file'],
  ['home, account', '/home?tab=account', 'last seen'],
  ['pantry', '/pantry', 'aprons', '[aria-label="Pantry"] td button'],
  ['cautions', '/cautions', '16 CFR 1501'],
  ['not found', '/nowhere', 'There is no such page'],
]
const OPEN_VIEWS: [name: string, base: () => string, path: () => string, shows: string][] = [
  ['sign in', () => home.base, () => '/sign-in', 'Password'],
  ['a shared day', () => home.base, () => `/day/${token}`, 'Kite tails'],
  ['what families are asked for', () => home.base, () => `/bring/${asked}`, 'flat cardboard'],
  ['a link that is not known', () => home.base, () => '/day/AAAAAAAAAAAAAAAAAAAAAA', 'This link does not open'],
  ['first start', () => empty.base, () => '/start', 'Your account'],
]

/** Text that is cut, boxes that lie over each other, and pages that scroll sideways, as a person would see them. */
function measure(): string[] {
  const found: string[] = []
  const root = document.documentElement
  if (root.scrollWidth > root.clientWidth + 1)
    found.push(`the page scrolls sideways: ${root.scrollWidth} in ${root.clientWidth}`)
  const visible = (element: Element) => {
    const box = element.getBoundingClientRect()
    const style = getComputedStyle(element)
    return (
      box.width > 1 &&
      box.height > 1 &&
      style.visibility !== 'hidden' &&
      style.opacity !== '0' &&
      !element.closest('.sr-only, .skip')
    )
  }
  const scrolls = (element: Element) => /auto|scroll/.test(getComputedStyle(element).overflowX)
  const text = (element: Element) => (element.textContent ?? '').trim().replace(/\s+/g, ' ').slice(0, 50)
  for (const element of document.querySelectorAll<HTMLElement>('body *')) {
    if (!visible(element) || element.closest('svg')) continue
    const own = [...element.childNodes].some((node) => node.nodeType === Node.TEXT_NODE && node.textContent!.trim())
    if (
      /^(VIEW|POCKET|MAIN)$/.test(element.className.toString().toUpperCase().split(' ')[0]) &&
      element.scrollWidth > element.clientWidth + 1
    )
      found.push(`${element.className} scrolls sideways`)
    if (!own || element.tagName === 'OPTION') continue
    const size = parseFloat(getComputedStyle(element).fontSize)
    if (size < 13.9) found.push(`small text, ${size}px: ${text(element)}`)
    const clips = getComputedStyle(element).overflow !== 'visible'
    if (
      clips &&
      !scrolls(element) &&
      (element.scrollWidth > element.clientWidth + 1 || element.scrollHeight > element.clientHeight + 3)
    )
      found.push(`cut: ${text(element)}`)
    const range = document.createRange()
    range.selectNodeContents(element)
    const box = range.getBoundingClientRect()
    // Text that runs out of the nearest box that clips it, unless that box scrolls.
    for (let parent = element.parentElement; parent && parent !== document.body; parent = parent.parentElement) {
      const style = getComputedStyle(parent)
      if (style.overflowX === 'visible' && style.overflow === 'visible') continue
      if (scrolls(parent)) break
      const frame = parent.getBoundingClientRect()
      if (box.right > frame.right + 1.5 || box.left < frame.left - 1.5)
        found.push(`runs out of its box: ${text(element)}`)
      break
    }
  }
  for (const input of document.querySelectorAll<HTMLInputElement>(
    'input[type=number], input[type=date], input[type=time]',
  )) {
    if (visible(input) && input.scrollWidth > input.clientWidth + 1) found.push(`cut in its field: ${input.value}`)
  }
  const cards = [...document.querySelectorAll('.card, .cubby, .v-btn, .mark')].filter(visible)
  for (let i = 0; i < cards.length; i++) {
    for (let j = i + 1; j < cards.length; j++) {
      if (
        cards[i].contains(cards[j]) ||
        cards[j].contains(cards[i]) ||
        cards[i].closest('.v-overlay-container, .states, .bars, .bar') ||
        cards[j].closest('.v-overlay-container, .states, .bars, .bar')
      )
        continue
      if (
        getComputedStyle(cards[i]).position === 'fixed' ||
        cards[i].closest('.pocket, .more, nav') !== cards[j].closest('.pocket, .more, nav')
      )
        continue
      const [a, b] = [cards[i].getBoundingClientRect(), cards[j].getBoundingClientRect()]
      const [x, y] = [
        Math.min(a.right, b.right) - Math.max(a.left, b.left),
        Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top),
      ]
      if (x > 2 && y > 2) found.push(`overlap: ${text(cards[i])} / ${text(cards[j])}`)
    }
  }
  return [...new Set(found)].slice(0, 8)
}

/** @param only rules to look for; all of them where none is named */
async function axe(page: Page, only: string[] = []): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axeSource)
  return page.evaluate(async (rules) => {
    const { violations } = await (
      window as unknown as {
        axe: {
          run: (
            options: object,
          ) => Promise<{ violations: { id: string; nodes: { target: string[]; failureSummary: string }[] }[] }>
        }
      }
    ).axe.run({
      // What passes is not described node by node: that is most of the work.
      resultTypes: ['violations'],
      runOnly: rules.length ? rules : ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'],
    })
    return violations.flatMap((one) =>
      one.nodes
        .slice(0, 3)
        .map((node) => `${one.id}: ${node.target.join(' ')} ${node.failureSummary.replace(/\s+/g, ' ').slice(0, 200)}`),
    )
  }, only)
}

/** In the dark look all stands where it stands in the light one: only its colours are another matter. */
const DARK_RULES = ['color-contrast', 'link-in-text-block']

async function settle(page: Page): Promise<void> {
  await page.evaluate(async () => {
    await document.fonts.ready
    await new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))
  })
}

/** Looks at what a page shows: as it is, and in the dark where colours are looked at. */
async function holds(page: Page, size: typeof DESK | typeof PHONE, what = ''): Promise<void> {
  await settle(page)
  expect(await axe(page), what).toEqual([])
  expect(await page.evaluate(measure), what).toEqual([])
  // Colours are the same at every size, so the dark look is held at the desk.
  if (size !== DESK) return
  await wear(page, 'dark')
  await settle(page)
  expect(await page.evaluate(() => document.documentElement.dataset.theme), what).toBe('dark')
  expect(await axe(page, DARK_RULES), `${what} in the dark`).toEqual([])
  await wear(page, 'light')
}

describe.each([
  ['at the desk, in the light and in the dark', DESK],
  ['on the phone', PHONE],
] as const)('%s', (_, size) => {
  let page: Page
  let errors: string[]
  beforeAll(async () => {
    ;({ page, errors } = await openPage(browser, size))
  })
  it.each(OPEN_VIEWS)('%s is free of what axe finds, and nothing is cut', async (_name, base, path, shows) => {
    await page.goto(base() + path())
    await sees(page, shows)
    await holds(page, size)
  })
  it('lets the provider in', async () => {
    await signIn(page, home.base)
    await sees(page, 'Wind and Kites')
  })
  it('shows the path or the bar, whichever there is room for', async () => {
    const shown = await page.evaluate(
      (all: string[]) => all.map((one) => (document.querySelector(one)?.getClientRects().length ? one : '')),
      [WAY, BAR],
    )
    expect(shown).toEqual(size === PHONE ? ['', BAR] : [WAY, ''])
  })
  it.each(VIEWS)('%s is free of what axe finds, and nothing is cut', async (_name, path, shows, click) => {
    // At the desk it is opened by its address; on the phone from inside, by way of where nothing is. What is pressed
    // in it counts on nothing having been pressed before.
    if (size === DESK || click) await page.goto(home.base + path)
    else {
      await goInside(page, NOWHERE)
      await sees(page, NOWHERE_SAYS)
      await goInside(page, path)
    }
    await sees(page, shows)
    if (click) {
      // Parts of a view that are fetched when it opens may come after the text.
      await page.waitForSelector(click)
      await page.$eval(click, (element) => (element as HTMLElement).click())
    }
    await holds(page, size)
  })
  it('the questions of the first start are free of what axe finds, page by page, and nothing is cut', async () => {
    const { page: door, errors: atDoor } = await openPage(browser, size)
    await signIn(door, unanswered.base, 'ines', PASSWORD)
    await door.evaluate(() =>
      localStorage.setItem(
        'kobby-draft-first-home',
        JSON.stringify({
          kids: [
            {
              name: 'Ada',
              born: '2025-05-02',
              naps: null,
              ownNap: { from: '12:30', to: '14:30' },
              allergens: ['egg', 'milk'],
              mouths: null,
            },
            { name: 'Bo', born: '', naps: 'own', ownNap: { from: '12:30', to: '11:30' }, allergens: [], mouths: null },
          ],
        }),
      ),
    )
    await door.goto(`${unanswered.base}/start`)
    await sees(door, 'How would you like to begin?')
    const pages: [before: () => Promise<unknown>, shows: string][] = [
      [async () => undefined, 'Set up my own'],
      [() => click(door, 'Start with my children'), 'Write the birth date'],
      [
        async () => {
          await fill(door, 'Child 2: born', '06012022')
          await fill(door, 'Child 2: nap to', '0230PM')
          await click(door, 'Next: what you have')
        },
        'Food basics',
      ],
      [() => click(door, 'Next: license and prep time'), 'Example numbers'],
    ]
    for (const [before, shows] of pages) {
      await before()
      await sees(door, shows)
      await holds(door, size, shows)
    }
    expect(atDoor).toEqual([])
    await door.browserContext().close()
  })
  it('made no error in the page', () => expect(errors).toEqual([]))
})
