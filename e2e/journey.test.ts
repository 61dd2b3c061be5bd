import type { Browser, Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { DESK, OFTEN, shareBrowser, openPage, PHONE, sees } from './browser'
import { click, drag, fill, keepCode, makeAccount, named, saved, tabTo, textOf, waitText } from './hands'
import { openHome, type OpenHome } from './home'

let browser: Browser
let closeBrowser: () => Promise<void>
beforeAll(async () => {
  ;({ browser, close: closeBrowser } = await shareBrowser())
})
afterAll(() => closeBrowser())

const linkOn = (page: Page) =>
  page.waitForSelector('output').then((element) => element!.evaluate((one) => one.textContent!.trim()))

describe('a new user on an empty folder', () => {
  let home: OpenHome
  let page: Page
  let errors: string[]
  beforeAll(async () => {
    home = await openHome(false)
    ;({ page, errors } = await openPage(browser, DESK, 'light', { besideOthers: true }))
  })
  afterAll(() => home.close())

  it('makes an account and moves into the demo home', async () => {
    await makeAccount(page, home.base, { name: 'Maren', signIn: 'maren', password: 'larkspur-house' })
    await keepCode(page)
    await click(page, 'Open the demo home')
    await sees(page, 'Five little kites')
  })
  it('starts a unit with words and objects', async () => {
    await page.goto(`${home.base}/units`)
    await click(page, 'Start a unit')
    await fill(page, 'Theme', 'Under the Ground')
    await click(page, 'Lay out a first plan')
    await click(page, 'Start', '[role=dialog] form')
    await sees(page, 'Add a slow project')
    for (const word of ['root', 'burrow', 'soil']) {
      await fill(page, 'Words', word)
      await page.keyboard.press('Enter')
    }
    await fill(page, 'Add objects', 'worm')
    await page.keyboard.press('Enter')
    await click(page, 'Gather ideas')
    await waitText(page, '[aria-label="The way through a unit"]', '3 words, 1 object')
  })
  it('picks ideas and sees for each whom it suits', async () => {
    await waitText(page, '[aria-label="Ideas"] > li', 'A bakery of dough')
    await fill(page, 'Search by any word', 'rice rescue')
    await waitText(page, '[role=search] [role=status]', '1 idea')
    const marks = await page.$$eval('[aria-label="Ideas"] > li [aria-label="Who"] span:last-child', (all) =>
      all.map((one) => one.textContent),
    )
    expect(marks).toHaveLength(8)
    expect(marks[0]).toContain('Pip beside: Search for a figure under one of two cloths.')
    expect(marks[2]).toContain('Idris takes part: Dig for large figures')
    await click(page, 'Gather Rice rescue')
    await fill(page, 'Search by any word', 'print with wheels')
    await click(page, 'Gather Print with wheels')
    await fill(page, 'Search by any word', 'bakery')
    await click(page, 'Gather A bakery of dough')
    await fill(page, 'Half an idea', 'A jar of soil on the sill')
    await click(page, 'Keep', 'aside')
    await waitText(page, 'aside', '3 ideas, 3 not scheduled yet, 1 to finish')
  })
  it('drops them onto days, and the money and the list follow', async () => {
    await click(page, 'Put them on the plan')
    await sees(page, '3 ideas not scheduled yet')
    const before = await textOf(page, 'footer')
    expect(before).toContain('$0.00')
    // What the always-have list lacks, and nothing for the unit.
    expect(before).toContain('1 to get')
    await drag(page, 'aside [data-activity="print-with-wheels"]', '[data-slot="1 choice"]')
    await waitText(page, '[data-slot="1 choice"]', 'Print with wheels')
    await drag(page, '[data-slot="1 choice"] [data-activity="print-with-wheels"]', '[data-slot="2 choice"]')
    await waitText(page, '[data-slot="2 choice"]', 'Print with wheels')
    expect(await textOf(page, '[data-slot="1 choice"]')).not.toContain('Print')
    await page.keyboard.press('Escape')
    await drag(page, 'aside [data-activity="rice-rescue"]', '[data-slot="2 choice"]')
    await waitText(page, 'footer', '1 stop')
    await saved(page)
  })
  it('gets a refusal with its reason and a way out', async () => {
    await page.keyboard.press('Escape')
    await drag(page, 'aside [data-activity="dough-bakery"]', '[data-slot="1 circle"]')
    await waitText(page, '[role=alert]:has(button)', 'A bakery of dough takes 30 minutes; Circle has 25 left.')
    await click(page, 'Choice, Wed 11 (day 1)', '[role=alert]:has(button)')
    await waitText(page, '[data-slot="1 choice"]', 'A bakery of dough')
    await drag(page, '[data-slot="2 choice"] [data-activity="rice-rescue"]', '[data-slot="1 outdoors"]')
    await waitText(page, '[data-slot="1 outdoors"]', 'Rice rescue')
  })
  it('solves the stop by one click', async () => {
    await click(page, 'Use large corn pasta', 'aside')
    await page.waitForFunction(() => !document.querySelector<HTMLElement>('footer')!.innerText.includes('stop'), OFTEN)
  })
  it('finds the list with every number explained', async () => {
    await page.keyboard.press('4')
    await waitText(page, '[aria-label="What to get"] section', 'large corn pasta')
    await click(page, 'large corn pasta')
    await waitText(page, 'aside', 'for the set-up, day 1')
    const cover = await textOf(page, 'aside')
    expect(cover).toContain('14 × 340 g')
    await page.click('input[aria-label="Got large corn pasta"]')
    await page.waitForFunction(
      () =>
        ![...document.querySelectorAll('[aria-label="What to get"] section')].some((one) =>
          one.textContent!.includes('large corn pasta'),
        ),
      OFTEN,
    )
    await waitText(page, 'main', '$40.46 spent')
  })
  it('hands a day over, and sees the tick from the phone', async () => {
    await page.keyboard.press('5')
    await click(page, 'Make a link')
    const address = await linkOn(page)
    expect(address).toMatch(/\/day\/[\w-]{22}$/)
    const phone = await openPage(browser, PHONE, 'light', { besideOthers: true })
    await phone.page.goto(address)
    await sees(phone.page, 'Rice rescue')
    expect(await phone.page.evaluate(() => document.body.innerText)).not.toMatch(/Print with wheels|birth/)
    await page.keyboard.press('6')
    await sees(page, 'Rice rescue')
    const box = await phone.page.waitForSelector('label:has(> input[type=checkbox]) input')
    await box!.evaluate((one) => one.scrollIntoView({ block: 'center' }))
    await box!.click()
    await page.waitForSelector('label[data-ticked]')
    expect(await textOf(page, 'label[data-ticked]')).toContain('Teo')
    await page.keyboard.press('5')
    await click(page, 'Withdraw the link for Teo')
    await sees(phone.page, 'This link does not open')
    expect([...errors, ...phone.errors]).toEqual([])
  })
})

describe('by keyboard alone', () => {
  let home: OpenHome
  let page: Page
  beforeAll(async () => {
    home = await openHome(true)
    ;({ page } = await openPage(browser, DESK))
    // No pointer at all in this walk.
    for (const name of ['click', 'move', 'down'] as const)
      Object.defineProperty(page.mouse, name, { value: () => Promise.reject(new Error('no mouse here')) })
  })
  afterAll(() => home.close())
  const press = async (...keys: Parameters<Page['keyboard']['press']>[0][]) => {
    for (const key of keys) await page.keyboard.press(key)
  }

  it('signs in and starts a unit', async () => {
    await page.goto(home.base)
    await page.waitForSelector('input[autocomplete=username]')
    await tabTo(page, 'Your sign-in name')
    await page.keyboard.type('maren')
    await press('Tab')
    await page.keyboard.type('larkspur-house')
    await press('Enter')
    await sees(page, 'Wheels and Ramps')
    await tabTo(page, 'Start a unit')
    await press('Enter')
    await sees(page, 'Planning style')
    await tabTo(page, 'Theme')
    await page.keyboard.type('Bakers')
    await tabTo(page, 'Lay out a first plan')
    await press('Space', 'Enter')
    await sees(page, 'Add a slow project')
  })
  it('gathers an idea', async () => {
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur())
    await press('2')
    await named(page, 'Gather A bakery of dough')
    await tabTo(page, 'Search by any word')
    await page.keyboard.type('statues')
    await waitText(page, '[role=search] [role=status]', '1 idea')
    await tabTo(page, 'Gather Statues')
    await press('Enter')
    await waitText(page, 'aside', '1 idea, 1 not scheduled yet')
  })
  it('picks it up, carries it by the arrows and puts it down', async () => {
    await press('3')
    await sees(page, '1 idea not scheduled yet')
    await tabTo(page, 'Pick up Statues')
    await press('Enter')
    await waitText(page, '[aria-label="What happens here"]', 'Statues')
    await page.waitForFunction(() => document.activeElement?.hasAttribute('data-spot'), OFTEN)
    await press('ArrowRight')
    await page.waitForFunction(() => (document.activeElement as HTMLElement).dataset.spot === '2 circle 0', OFTEN)
    await waitText(page, '[aria-label="What happens here"]', 'Statues fits here')
    await press('m')
    await waitText(page, '[data-slot="2 circle"]', 'Statues')
    await page.waitForFunction(() => (document.activeElement as HTMLElement).dataset.activity === 'freeze-dance', OFTEN)
  })
  it('moves it, pins it, opens it, and takes it all back', async () => {
    await press('m', 'ArrowDown', 'ArrowDown')
    await page.waitForFunction(() => (document.activeElement as HTMLElement).dataset.spot === '2 outdoors 0', OFTEN)
    await press('m')
    await waitText(page, '[data-slot="2 outdoors"]', 'Statues')
    await press('p')
    await page.waitForSelector('[data-slot="2 outdoors"] [aria-label="Pinned"]')
    await press('Enter')
    await waitText(page, 'aside', 'Who does what')
    await saved(page)
    await press('u')
    await page.waitForFunction(() => !document.querySelector('[aria-label="Pinned"]'), OFTEN)
    await press('u')
    await waitText(page, '[data-slot="2 circle"]', 'Statues')
    await page.keyboard.press('U')
    await waitText(page, '[data-slot="2 outdoors"]', 'Statues')
  })
  it('hands the day over', async () => {
    await press('5')
    await sees(page, 'Copy as Markdown')
    await tabTo(page, 'Wed')
    for (
      let i = 0;
      i < 12 && !(await page.evaluate(() => document.querySelector('h2')?.textContent?.includes('day 2')));
      i++
    )
      await press('Tab', 'Enter')
    await sees(page, 'day 2 of 10')
    await tabTo(page, 'Make a link')
    await press('Enter')
    const address = await linkOn(page)
    await page.goto(address)
    await sees(page, 'Statues')
    await tabTo(page, 'Show what standing still looks like.')
    await press('Space')
    await page.waitForSelector('label[data-ticked]')
  })
  it('finds help and anything by key', async () => {
    await page.goto(`${home.base}/units/wind-and-kites/lay-out`)
    await sees(page, 'Five little kites')
    await press('?')
    await sees(page, 'Pick a card up, put it down')
    await press('Escape')
    await page.waitForFunction(() => !document.body.innerText.includes('Keys of this page'), OFTEN)
    await press('/')
    await page.waitForSelector('#find-anything')
    await page.waitForFunction(() => document.activeElement?.id === 'find-anything', OFTEN)
    await page.keyboard.type('oona')
    await waitText(page, '#find-list', 'Oona')
    await press('Enter')
    await sees(page, 'Still puts things in the mouth')
  })
})
