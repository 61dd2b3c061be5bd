import type { Browser, Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { DESK, shareBrowser, openPage, sees } from './browser'
import { click, fill, keepCode, makeAccount, saved, waitText } from './hands'
import { openHome, type OpenHome } from './home'

let browser: Browser
let closeBrowser: () => Promise<void>
let home: OpenHome
let page: Page
beforeAll(async () => {
  ;({ browser, close: closeBrowser } = await shareBrowser())
  home = await openHome(false)
  ;({ page } = await openPage(browser, DESK))
})
afterAll(async () => {
  await closeBrowser()
  await home.close()
})

it('asks three questions and makes a working home of the answers', async () => {
  await makeAccount(page, home.base, { name: 'Ines', signIn: 'ines', password: 'too short' })
  await waitText(page, 'form', 'Use at least 10 characters')
  await fill(page, 'A password', 'long enough now')
  await click(page, 'Go on')
  await keepCode(page)
  await click(page, 'Start with my children')
  await sees(page, 'Write down at least one child.')
  await fill(page, 'Child 1: first name', 'Noor')
  await waitText(page, 'form', 'Write the birth date')
  await fill(page, 'Child 1: born', '06012022')
  await fill(page, 'Child 2: first name', 'Emil')
  await fill(page, 'Child 2: born', '02152025')
  await waitText(page, '[aria-label="Child 2"]', 'naps and mouthing proposed by age')
  // What she has answered is there again when she comes back, over a reload too.
  await page.waitForFunction(() => localStorage.getItem('kobby-draft-first-home')?.includes('Emil'))
  await page.reload()
  await click(page, 'Start with my children')
  await waitText(page, '[aria-label="Child 2"]', 'naps and mouthing proposed by age')
  await click(page, 'Next: what you have')
  await click(page, 'Kitchen')
  await sees(page, '24 of 123 checked')
  await click(page, 'Next: license and prep time')
  await sees(page, 'Example numbers, nobody’s law:')
  await sees(page, 'Monday, 1 to 2:45')
  await click(page, 'Friday, 1 to 2:45')
  await click(page, 'Move in')
  await sees(page, 'Planning style')
  await fill(page, 'Theme', 'Bakers')
  await click(page, 'Lay out a first plan')
  await click(page, 'Start', '[role=dialog] form')
  await sees(page, 'Add a slow project')
})

it('knows for whom an idea is, from the first day', async () => {
  await click(page, 'Gather ideas')
  await waitText(page, '[aria-label="Ideas"]', 'A bakery of dough')
  const marks = await page.$$eval('[aria-label="Ideas"] > li:first-child [aria-label="Who"] span:last-child', (all) =>
    all.map((one) => one.textContent),
  )
  expect(marks).toEqual([
    'Emil takes part: Drop dough rolls into the muffin tin, one in each cup.',
    'Noor takes part: Take an order of up to five rolls and count them out.',
  ])
})

it('mixes a recipe for the children of its own home', async () => {
  await page.goto(page.url().replace(/gather.*$/, 'get-ready?tab=mix'))
  await click(page, 'Oobleck', '[aria-label="Recipes"]')
  await sees(page, 'for Emil and Noor')
  // 90 g and 150 g: 125 g of corn starch and 115 g of water, by US cups.
  await waitText(page, '[aria-label="What goes in"]', '1 cup')
  await waitText(page, '[aria-label="What goes in"]', '1/2 cup')
  // The kitchen was ticked at the start, the food was not.
  await waitText(page, 'aside', '4.4 oz short')
  // By the real clock: mixed today, and for today only.
  await click(page, 'Start mixing')
  await click(page, 'Done')
  await waitText(page, '[aria-current=step]', 'It runs like syrup')
  await click(page, 'Add 1 tbsp')
  await click(page, 'It’s right')
  await waitText(page, 'main', 'It is mixed')
  await click(page, 'Write it down')
  await waitText(page, '[aria-label="The label"]', 'For today only')
  await click(page, 'All recipes')
  await waitText(page, '[aria-label="In the house"]', 'Oobleck')
  await page.reload()
  await waitText(page, '[aria-label="In the house"]', 'Oobleck')
  await waitText(page, '[aria-label="In the house"]', 'fine for everyone')
  await click(page, 'It’s gone: Oobleck')
  await page.waitForFunction(() => !document.querySelector('[aria-label="In the house"]'))
})

it('keeps what is changed in Home, and takes it back', async () => {
  await page.goto(`${home.base}/home?tab=children`)
  await click(page, 'E Emil')
  await click(page, 'Still puts things in the mouth')
  await saved(page)
  await click(page, 'Remove nap 2')
  await saved(page)
  await page.reload()
  await waitText(page, 'main ul', 'sleeps 9:30 to 10:45')
  await page.waitForFunction(() => !document.body.innerText.includes('1 to 3'))
  await click(page, 'Undo')
  await waitText(page, 'main ul', '1 to 3')
})

it('says what is wrong with a file, names the place, and changes nothing', async () => {
  await page.goto(`${home.base}/home?tab=settings`)
  await sees(page, 'Everything as a file')
  const input = await page.$('input[type=file]')
  await page.evaluate(() => {
    const file = new File(
      [JSON.stringify({ format: 'kobby-plan', version: 1, home: null, children: [{ id: 'x' }] })],
      'broken.kobby.json',
      { type: 'application/json' },
    )
    const list = new DataTransfer()
    list.items.add(file)
    const field = document.querySelector<HTMLInputElement>('input[type=file]')!
    field.files = list.files
    field.dispatchEvent(new Event('change'))
  })
  expect(input).not.toBeNull()
  await waitText(page, '[role=alert]', 'broken.kobby.json has mistakes in it, so nothing was changed')
  await waitText(page, '[role=alert]', 'children.0.born')
})

it('does not set a home up twice', async () => {
  await page.goto(`${home.base}/start`)
  await sees(page, 'Bakers')
  expect(new URL(page.url()).pathname).toBe('/units')
})
