import type { Browser, Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { DESK, shareBrowser, openPage, sees, signIn } from './browser'
import { choose, click, fill, textOf, waitText } from './hands'
import { openHome, type OpenHome } from './home'

/** A sensory bin, from the room to the kids around it: its section, its filler, its rules, and how far each one is. */

let browser: Browser
let closeBrowser: () => Promise<void>
let home: OpenHome
let page: Page
let errors: string[]

beforeAll(async () => {
  ;({ browser, close: closeBrowser } = await shareBrowser())
  home = await openHome(true)
  ;({ page, errors } = await openPage(browser, DESK, 'light', { besideOthers: true }))
  await signIn(page, home.base)
  await sees(page, 'Wheels and Ramps')
})
afterAll(async () => {
  await closeBrowser()
  await home.close()
})

const BIN = '[aria-label="The bin"]'
const rowOf = (name: string) =>
  page.$$eval(
    '[aria-label="Fillers for these kids"] > li',
    (rows, wanted) => {
      const row = rows.find((one) => (one as HTMLElement).innerText.includes(wanted as string)) as HTMLElement
      return { text: row.innerText, presses: row.querySelector('button') !== null }
    },
    name,
  )
/** How high the filler is drawn, in the pixels of the drawing. */
const drawn = () => page.$eval('[data-fill]', (rect) => rect.getAttribute('height'))

describe('a sensory bin', () => {
  it('is set up from its center, with what the idea speaks of', async () => {
    await page.goto(`${home.base}/units/wind-and-kites/lay-out?view=room`)
    await click(page, 'Sensory bin')
    await click(page, 'Set up the bin')
    await waitText(page, BIN, '10.5 liters of rolled oats')
    await waitText(page, BIN, '4.39 kg')
    await waitText(page, BIN, 'Kids at once')
  })
  it.each([
    ['5', '29'],
    ['10', '59'],
    ['15', '88'],
  ])('is drawn true at %s cm', async (cm, height) => {
    // 58 cm over 340 px: 0.586 px to the mm.
    await fill(page, 'How deep', cm)
    await page.keyboard.press('Enter')
    await page.waitForFunction(
      (wanted: string) => document.querySelector('[data-fill]')?.getAttribute('height') === wanted,
      { polling: 50 },
      height,
    )
    expect(await drawn()).toBe(height)
  })
  it('says what is deeper than its walls, and keeps what was there', async () => {
    await fill(page, 'How deep', '16')
    await page.keyboard.press('Enter')
    await sees(page, 'That is deeper than its walls are high')
    await fill(page, 'How deep', '0')
    await page.keyboard.press('Enter')
    await sees(page, 'Fill it with something')
    await page.reload()
    await waitText(page, BIN, '15 cm')
    await fill(page, 'How deep', '5')
    await page.keyboard.press('Enter')
    await waitText(page, BIN, '4.39 kg')
  })
  it('rules out what could choke someone, and says when it is possible', async () => {
    const rice = await rowOf('Uncooked rice')
    expect(rice.presses).toBe(false)
    expect(rice.text).toContain('while Pip, Oona, Idris and Tamsin are asleep or away')
    expect((await rowOf('Large pasta tubes')).text).toContain('Juno')
    expect((await rowOf('Crinkled paper')).text).toContain('best for Pip and Oona, new to bins')
  })
  it('takes the filler that is chosen: it joins the list, until undo', async () => {
    await click(page, 'Crinkled paper strips', '[aria-label="Fillers for these kids"]')
    await waitText(page, BIN, '321 g')
    await waitText(page, BIN, '6 of 60 g, $7.50')
    await fill(page, 'Hidden in it', '8 figures, shell')
    await page.keyboard.press('Tab')
    await waitText(page, BIN, '9: count them back')
    expect(await page.$$eval('[data-hidden]', (all) => all.length)).toBe(9)
    await waitText(page, 'aside', 'count back 8 figures and 1 shell')
  })
  it('notes how each one was, and proposes the next filler after as many calm times as the home chooses', async () => {
    await page.click('aside summary')
    await fill(page, 'Rules for toddlers, one to a line', 'In the bin.')
    await page.keyboard.press('Tab')
    await waitText(page, '[aria-label="Rules we say first"]', 'To Pip, Oona, Idris and Tamsin, only this: In the bin.')
    await choose(page, 'Calm times before a finer filler', '1')
    await click(page, 'Calm', '[aria-label="Oona at the bin today"]')
    await click(page, 'Go on to oats and the like', 'aside')
    await waitText(page, 'aside', 'Oona practicing: oats and the like')
    await click(page, 'Threw it', '[aria-label="Oona at the bin today"]')
    await waitText(page, 'aside', 'Threw it on Tue, Mar 10, crinkled paper strips')
  })
  it('lives from the day it is filled, and is put away', async () => {
    await click(page, 'Filled today', 'aside')
    await waitText(page, 'aside', 'Out by')
    await waitText(page, 'aside', 'Wed, Mar 18')
    await click(page, 'Back in its box', 'aside')
    await waitText(page, 'aside', 'Not filled yet.')
  })
  it('is put into a container of her own, which every bin can use from then on', async () => {
    await click(page, 'Measure a container of your own')
    await fill(page, 'Name of the container', 'The blue tub')
    await fill(page, 'Inside, long', '70')
    await fill(page, 'Walls, high', '4')
    await click(page, 'Keep this container')
    await sees(page, 'That is deeper than its walls are high')
    await fill(page, 'Walls, high', '20')
    await click(page, 'Keep this container')
    await waitText(page, BIN, '70 cm x 41 cm')
    await page.reload()
    await waitText(page, BIN, '70 cm x 41 cm')
    await choose(page, 'Container', 'Dish tub')
    await waitText(page, BIN, '35 cm x 30 cm')
    await choose(page, 'Container', 'The blue tub')
    await waitText(page, BIN, '70 cm x 41 cm')
  })
  it('is seen from the card, and the way back leads to the room', async () => {
    await click(page, 'Back to the room')
    await sees(page, 'Arrange the house')
    expect(await textOf(page, 'main')).not.toContain('Which filler for these kids')
    expect(errors).toEqual([])
  })
})
