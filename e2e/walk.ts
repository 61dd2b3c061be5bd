import type { Browser, Page } from 'puppeteer-core'
import { expect } from 'vitest'
import { DESK, goInside, OFTEN, openPage, PHONE, sees, signIn } from './browser'
import { click, fill, keepCode, makeAccount, saved, textOf, waitText } from './hands'

/** A Kobby that was started as a user starts one, and can be stopped and started again on the same folder. */
export interface Installed {
  base: string
  restart: () => Promise<void>
}

const OWNER = { name: 'Ines', signIn: 'ines', password: 'heron-row-seven' }
/** The names that the walk gives, so that what must still be there can be looked for. */
export const HERON_ROW = 'Heron Row'

/** A date as a person types it into a date field. */
const typed = (date: string) => `${date.slice(5, 7)}${date.slice(8, 10)}${date.slice(0, 4)}`
/** The date some months before another. */
function monthsBefore(date: string, months: number): string {
  const at = new Date(`${date}T12:00:00Z`)
  at.setUTCMonth(at.getUTCMonth() - months, 1)
  return at.toISOString().slice(0, 10)
}
const today = (page: Page) =>
  page.evaluate(async () => ((await (await fetch('/api/v1/session')).json()) as { today: string }).today)

/** Account, the questions, the cupboard, license and prep time: to a home that is there. */
async function setUpHome(page: Page, base: string): Promise<void> {
  await makeAccount(page, base, OWNER)
  await keepCode(page)
  await sees(page, 'How would you like to begin?')
  // By the way of Units, which knows of no home yet: what it knows must not stay.
  await page.goto(`${base}/units`)
  await click(page, 'Set it up')
  await click(page, 'Start with my children')
  const now = await today(page)
  await fill(page, 'What is the home called?', HERON_ROW)
  for (const [i, [name, months]] of (
    [
      ['Ada', 9],
      ['Bram', 20],
      ['Cleo', 40],
      ['Dov', 58],
    ] as const
  ).entries()) {
    if (i === 3) await click(page, 'Another child')
    await fill(page, `Child ${i + 1}: first name`, name)
    await fill(page, `Child ${i + 1}: born`, typed(monthsBefore(now, months)))
  }
  await waitText(page, '[aria-label="Child 1"]', 'proposed by age')
  await click(page, 'Next: what you have')
  await click(page, 'Check everything')
  await click(page, 'Next: license and prep time')
  await click(page, 'Move in')
  await sees(page, 'Planning style')
}

/** The first unit with a plan, as the dialog proposes it. */
async function startUnit(page: Page): Promise<void> {
  await fill(page, 'Theme', 'A bakery at night')
  await fill(page, 'Objects of the theme', '6 rolls, 2 ovens, whisk, 12 cookies, apron')
  await click(page, 'Start', '[role=dialog] form')
  await page.waitForSelector('[data-slot^="1 "] [data-placement]')
  await saved(page)
}

const ofPlacement = (page: Page, id: string): Promise<string> =>
  page.$eval(`[data-placement="${id}"]`, (card) => card.closest<HTMLElement>('[data-slot]')!.dataset.slot!)
const inSlot = (page: Page, id: string, slot: string) =>
  page.waitForFunction(
    (one: string, where: string) =>
      document.querySelector(`[data-placement="${one}"]`)?.closest<HTMLElement>('[data-slot]')?.dataset.slot === where,
    OFTEN,
    id,
    slot,
  )

/** Ways to carry a card of day 1, nearest first: a plan that is full has room only somewhere. */
const WAYS = [
  ['ArrowDown'],
  ['ArrowRight'],
  ['ArrowRight', 'ArrowDown'],
  ['ArrowDown', 'ArrowDown'],
  ['ArrowRight', 'ArrowRight', 'ArrowDown'],
  ['ArrowUp'],
  ['ArrowRight', 'ArrowUp'],
] as const

/** Moves a card of day 1 by keys: picks it up, carries it to where it may lie, puts it down. */
async function moveByKeys(page: Page): Promise<{ id: string; from: string; to: string }> {
  const cards = await page.$$eval('[data-slot^="1 "] [data-placement]', (all) =>
    all.map((card) => (card as HTMLElement).dataset.placement!),
  )
  for (const id of cards) {
    const from = await ofPlacement(page, id)
    for (const way of WAYS) {
      await page.focus(`[data-placement="${id}"]`)
      await page.keyboard.press('m')
      for (const key of way) await page.keyboard.press(key)
      await page.keyboard.press('m')
      await page.waitForFunction(
        (one: string, where: string) =>
          document.querySelector(`[data-placement="${one}"]`)?.closest<HTMLElement>('[data-slot]')?.dataset.slot !==
            where || document.querySelector('[role=alert]:has(button)') !== null,
        OFTEN,
        id,
        from,
      )
      const to = await ofPlacement(page, id)
      if (to !== from) return { id, from, to }
      await page.keyboard.press('Escape')
      await page.waitForFunction(() => document.querySelector('[role=alert]:has(button)') === null, OFTEN)
    }
  }
  throw new Error('No card of day 1 can lie anywhere else')
}

/**
 * What a new home does on its first evening, in Chromium: an account, the questions, a unit with a plan, a move and its
 * undo, a helper's tick by a link on another device, a tick in the shop, a change on a second screen; then Kobby is
 * stopped and started, and all of it is still there.
 *
 * @param zone the time zone of everyone's devices; without, they are as installed, and every view is opened by its
 *   address rather than from inside
 */
export async function firstEvening(browser: Browser, kobby: Installed, zone?: string): Promise<void> {
  const errors: string[][] = []
  const open = async (size: typeof DESK | typeof PHONE) => {
    const opened = await openPage(browser, size, 'light', { besideOthers: true, keepsCopy: !zone })
    if (zone) await opened.page.emulateTimezone(zone)
    errors.push(opened.errors)
    return opened.page
  }
  const go = (page: Page, path: string): Promise<unknown> =>
    zone ? goInside(page, path) : page.goto(kobby.base + path)
  const desk = await open(DESK)
  await setUpHome(desk, kobby.base)
  await startUnit(desk)
  const plan = new URL(desk.url()).pathname

  // A move, undone, and done again.
  const { id, from, to } = await moveByKeys(desk)
  expect(to).not.toBe(from)
  await saved(desk)
  await desk.keyboard.press('u')
  await inSlot(desk, id, from)
  await desk.keyboard.press('U')
  await inSlot(desk, id, to)
  await saved(desk)

  // A change on a second screen shows on the first.
  const tablet = await open(DESK)
  await signIn(tablet, kobby.base, OWNER.signIn, OWNER.password)
  await tablet.goto(kobby.base + plan)
  await inSlot(tablet, id, to)
  await tablet.click(`[data-placement="${id}"]`)
  await click(tablet, 'Pin', 'aside')
  await desk.waitForSelector(`[data-placement="${id}"] [aria-label="Pinned"]`)

  // A helper ticks by a link, without an account.
  await go(desk, plan.replace('lay-out', 'hand-over'))
  await click(desk, 'Make a link')
  const link = await desk
    .waitForSelector('output')
    .then((element) => element!.evaluate((one) => one.textContent!.trim()))
  const helper = await open(PHONE)
  await helper.goto(link)
  const box = await helper.waitForSelector('label:has(> input[type=checkbox]) input')
  await box!.evaluate((one) => one.scrollIntoView({ block: 'center' }))
  await box!.click()
  await helper.waitForSelector('label[data-ticked]')
  const stepTicked = () =>
    textOf(helper, 'label[data-ticked] span:last-child').then((text) => text.replace(/ (you|A helper)$/, ''))
  const step = await stepTicked()
  await desk.waitForSelector('[data-ticked]')

  // A tick on the list, as in the shop.
  await go(desk, plan.replace('lay-out', 'get-ready'))
  const got = await desk.waitForSelector('input[aria-label^="Got "]')
  const bought = (await got!.evaluate((one) => one.getAttribute('aria-label')))!
  await got!.click()
  await desk.waitForFunction((label: string) => !document.querySelector(`input[aria-label="${label}"]`), OFTEN, bought)
  await saved(desk)
  const spent = /\$[\d.]+ spent/.exec(await textOf(desk, 'main'))![0]
  expect(spent).not.toBe('$0.00 spent')

  // Something is prepared that evening, on the phone in the kitchen.
  const prepare = plan.replace('lay-out', 'prepare')
  const toPrepare = (opened: Promise<unknown>) =>
    opened
      .then(() => tablet.waitForSelector('[aria-label="The next day"]'))
      .then(() =>
        tablet.$$eval('[aria-label="What to do"] button[aria-label$=": ready"]', (all) =>
          all.map((one) => one.getAttribute('aria-label')!),
        ),
      )
  const [prepared] = await toPrepare(go(tablet, prepare))
  expect(prepared).toMatch(/: ready$/)
  await click(tablet, prepared)
  await tablet.waitForFunction(
    (label: string) =>
      ![...document.querySelectorAll('[aria-label="What to do"] button[aria-label$=": ready"]')].some(
        (one) => one.ariaLabel === label,
      ),
    OFTEN,
    prepared,
  )
  await saved(tablet)

  // Name tags are printed for the unit, and marked so.
  const print = plan.replace('lay-out', 'print')
  await go(desk, `${print}?tab=kinds`)
  await click(desk, 'Add Name tags')
  await desk.waitForSelector('[role=img][aria-label^="Name tags, page 1"] svg')
  await waitText(desk, 'aside', 'on 1 sheet')
  await click(desk, 'SVG', 'aside')
  await waitText(desk, 'aside', 'Saved as name-tags.svg')
  await click(desk, 'It is printed', 'aside')
  await waitText(desk, 'aside', 'Not printed yet')
  await saved(desk)

  // A circle is put together, led for a moment and written down.
  const inCircle = () =>
    desk
      .waitForSelector('[aria-label="The circle in order"] li')
      .then(() =>
        desk.$$eval('[aria-label="The circle in order"] [data-title]', (all) => all.map((one) => one.textContent)),
      )
  await go(desk, `${plan}?view=circle`)
  await click(desk, 'Fill the circle')
  const circle = await inCircle()
  expect(circle.length).toBeGreaterThan(2)
  await saved(desk)
  await click(desk, 'On stage')
  await desk.waitForSelector('[aria-label="The words"] p:nth-child(2)')
  await desk.keyboard.press('PageDown')
  await click(desk, 'End here')
  await click(desk, 'Write it down')
  await inCircle()
  await saved(desk)

  await kobby.restart()

  expect(await toPrepare(tablet.goto(kobby.base + prepare))).not.toContain(prepared)
  await desk.goto(kobby.base + plan)
  await inSlot(desk, id, to)
  await desk.waitForSelector(`[data-placement="${id}"] [aria-label="Pinned"]`)
  await go(desk, plan.replace('lay-out', 'get-ready'))
  await waitText(desk, 'main', spent)
  expect(await desk.$(`input[aria-label="${bought}"]`)).toBeNull()
  await go(desk, `${print}?tab=printed`)
  await waitText(desk, '[aria-label="Printed"]', 'Name tags')
  await go(desk, `${plan}?view=circle`)
  expect(await inCircle()).toEqual(circle)
  await helper.goto(kobby.base + new URL(link).pathname)
  await helper.waitForSelector('label[data-ticked]')
  expect(await stepTicked()).toBe(step)
  await go(desk, '/home')
  await sees(desk, HERON_ROW)
  expect(errors.flat()).toEqual([])
  for (const page of [desk, tablet, helper]) await page.browserContext().close()
}
