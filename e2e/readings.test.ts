import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { sees } from './browser'
import { openDemo, type OpenDemo } from './demo'
import { click, fill, saved, textOf, waitText } from './hands'

let demo: OpenDemo
let page: Page
beforeAll(async () => {
  demo = await openDemo()
  page = demo.page
})
afterAll(() => demo.close())
const layOut = async () => {
  await page.goto(`${demo.base}/units/wind-and-kites/lay-out`)
  await sees(page, 'Five little kites')
}

it('names the afternoons on which one adult is not enough, and says by which rule', async () => {
  await layOut()
  // Wednesdays and Mondays after 15:15 Ravi comes: seven are 0.25 + 3 x 1/6 + 2 x 1/10 + 1/12 = 1.03 adults, and Maren
  // is alone. Idris comes on both, Calla on Mondays, Juno on Wednesdays.
  await waitText(page, 'footer', '3 h 45 min short')
  await waitText(page, 'footer', 'by an example rule')
  await click(page, 'Adults', 'footer')
  await waitText(page, 'aside', 'Wednesday, March 11, 3:15 to 4:30 7 children need 2 adults; Maren is here.')
})
it('follows the license that the home writes down, and refuses what is none', async () => {
  await page.goto(`${demo.base}/home?tab=settings`)
  await sees(page, 'These numbers are only an example')
  await fill(page, 'Infant', '0')
  await page.keyboard.press('Tab')
  await waitText(page, '[aria-label="License"]', 'At least one child to an adult')
  await fill(page, 'Infant', '8')
  await page.keyboard.press('Tab')
  await saved(page)
  await layOut()
  await waitText(page, 'footer', 'Enough')
  expect(await textOf(page, 'footer')).not.toContain('example')
  await page.goto(`${demo.base}/home?tab=settings`)
  await fill(page, 'Children at once', '6')
  await page.keyboard.press('Tab')
  await saved(page)
  await layOut()
  await click(page, 'Adults', 'footer')
  await waitText(page, 'aside', '1 more than the license allows at once.')
})
it('shows the minutes of preparation by day beside the windows before it', async () => {
  await click(page, 'Preparation', 'footer')
  await waitText(page, 'aside', 'by then')
  await waitText(page, 'footer', '1 h 13 min to do')
})
it('loses touches when a card is taken off, and gets them back by undo', async () => {
  const before = await textOf(page, '[data-reading=rounded]')
  await click(page, 'Well-rounded', 'footer')
  await waitText(page, 'aside', 'week of Monday, March 9')
  await page.$eval('[data-placement="wind-and-kites-23"]', (card) => (card as HTMLElement).click())
  await click(page, 'Take off')
  await page.waitForFunction(
    (was: string) =>
      document.querySelector<HTMLElement>('[data-reading=rounded]')!.innerText.replace(/\s+/g, ' ').trim() !== was,
    { polling: 50 },
    before,
  )
  await click(page, 'Undo')
  await waitText(page, '[data-reading=rounded]', before)
})
it('has met no error on the way', () => expect(demo.errors).toEqual([]))
