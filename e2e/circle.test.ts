import type { ElementHandle, Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { OFTEN, sees } from './browser'
import { openDemo, type OpenDemo } from './demo'
import { choose, click, fill, saved, textOf, waitText } from './hands'

/** A circle: put together in a minute, led from the page without a network, and remembered. */
let demo: OpenDemo
let page: Page
const CIRCLE = '/units/wind-and-kites/lay-out?view=circle'
beforeAll(async () => {
  demo = await openDemo()
  page = demo.page
})
afterAll(() => demo.close())
const titles = () =>
  page.$$eval('[aria-label="The circle in order"] .card-title', (all) => all.map((one) => one.textContent!.trim()))
const verse = () => textOf(page, '.words .title')

it('is filled for who comes, with the objects of the theme, and fits its time', async () => {
  await page.goto(demo.base + CIRCLE)
  await sees(page, 'Nothing yet for these 13 minutes')
  await click(page, 'Fill the circle')
  await page.waitForSelector('[aria-label="The circle in order"]')
  await saved(page)
  const minutes = await page.$$eval('[aria-label="The circle in order"] .line span:last-child', (all) =>
    all.map((one) => parseFloat(one.textContent!)),
  )
  expect(minutes.reduce((sum, one) => sum + one, 0)).toBeLessThanOrEqual(13)
  expect(minutes.length).toBeGreaterThan(5)
  await sees(page, 'The youngest who come sit about 4 min')
})
it('takes a counting rhyme, counts as she says, and refuses at the field what cannot be counted', async () => {
  await click(page, 'Add Five on the hill')
  await saved(page)
  await click(page, 'Five on the hill', '.strip')
  await waitText(page, '.pocket', 'Five little kites in a row on the hill,')
  await waitText(page, '.pocket', 'one hand')
  await fill(page, 'Count to', '5')
  await page.keyboard.press('Tab')
  await waitText(page, '.pocket', 'From 5 to 5 there is nothing to count')
  await fill(page, 'Count by', '0')
  await page.keyboard.press('Tab')
  await waitText(page, '.pocket', 'A step is 1 or more')
  await fill(page, 'Count from', '3')
  await page.keyboard.press('Tab')
  await waitText(page, '.pocket', 'Three little kites in a row on the hill,')
  await saved(page)
})
it('is ordered by keys, and says whose turn it is and why', async () => {
  const before = await titles()
  await page.focus('[aria-label="The circle in order"] li:nth-child(4) button')
  await page.keyboard.down('Alt')
  await page.keyboard.press('ArrowUp')
  await page.keyboard.up('Alt')
  await page.waitForFunction(
    (was: string) =>
      document.querySelectorAll('[aria-label="The circle in order"] .card-title')[3]?.textContent !== was,
    OFTEN,
    before[3],
  )
  expect(new Set(await titles())).toEqual(new Set(before))
  await saved(page)
  await waitText(page, '[aria-label="Turns"]', 'Juno has not had it yet')
  await choose(page, 'Takes one away', 'Oona')
  await saved(page)
})
it('is led by keys and by a tap with no network, and counts along', async () => {
  await click(page, 'On stage')
  await page.waitForSelector('.stage .verse')
  await page.setOfflineMode(true)
  await waitText(page, '.stage', ' opens the circle')
  await waitText(page, '.stage', 'the youngest sit about 4')
  const all: string[] = []
  for (let i = 0; i < 60 && !(await page.$('[aria-label="Afterward"]')); i++) {
    all.push(await verse())
    // How many there are now is asked before it is shown: one key more.
    if (await page.$('.ask')) {
      expect(await page.$('.numeral')).toBeNull()
      await page.keyboard.press('PageDown')
      await page.waitForSelector('.numeral')
    }
    const before = all[all.length - 1]
    if (i % 2) await page.keyboard.press('ArrowRight')
    else await click(page, 'Next', '.stage')
    await page.waitForFunction(
      (was: string) =>
        document.querySelector('[aria-label="Afterward"]') !== null ||
        (document.querySelector<HTMLElement>('.words .title')?.innerText.trim().replace(/\s+/g, ' ') ?? '') !== was,
      OFTEN,
      before,
    )
  }
  // From three: three verses and an end.
  expect(all.filter((one) => one.startsWith('Three on the hill'))).toHaveLength(4)
  await page.waitForSelector('[aria-label="Afterward"]')
  await page.keyboard.press('ArrowLeft')
  await page.waitForSelector('.stage .verse')
  await click(page, 'End here')
  await page.waitForSelector('[aria-label="Afterward"]')
})
it('is remembered: what was sung, who had which turn, and what they want again', async () => {
  await click(page, 'Again, please')
  await click(page, 'Write it down')
  await page.setOfflineMode(false)
  await page.waitForFunction(() => location.search.includes('view=circle'), OFTEN)
  await saved(page)
  const log = await page.evaluate(async () => {
    const house = (await (await fetch('/api/v1/house')).json()) as {
      rows: {
        kind: string
        value: { date: string; parts: { again: boolean }[]; turns: { what: string; childId: string }[] }
      }[]
    }
    return house.rows.find((row) => row.kind === 'circleLog' && row.value.date === '2026-03-10')!.value
  })
  expect(log.parts.filter((part) => part.again)).toHaveLength(1)
  expect(log.turns.map((turn) => turn.what)).toEqual(['Opens the circle', 'Takes one away'])
  expect(new Set(log.turns.map((turn) => turn.childId)).size).toBe(2)
  // Whoever opened is not the next.
  await page.goto(demo.base + CIRCLE)
  await page.waitForSelector('[aria-label="Turns"]')
  expect(await textOf(page, '[aria-label="Turns"]')).not.toContain('Juno has not had it yet')
})
it('can be the same on another day, and has a plain word where there is none', async () => {
  await click(page, 'The same on another day')
  const other = await page.waitForFunction(
    () =>
      [...document.querySelectorAll<HTMLElement>('.v-overlay--active .v-list-item')].find((one) =>
        one.innerText.trim().startsWith('Day 5'),
      ),
    OFTEN,
  )
  await (other.asElement() as ElementHandle<HTMLElement>).evaluate((one) => one.click())
  await saved(page)
  await page.goto(`${demo.base}/units/wind-and-kites/circle/5`)
  await page.waitForSelector('.stage .verse')
  await page.goto(`${demo.base}/units/wind-and-kites/circle/9`)
  await sees(page, 'There is nothing in this circle yet')
})
it('takes a piece of her own, says at the field what is missing, and counts with it', async () => {
  await page.goto(demo.base + CIRCLE)
  await click(page, 'Write your own')
  await click(page, 'Keep it')
  await waitText(page, '.pocket', 'This cannot be empty')
  await fill(page, 'Title', 'Out on the wire')
  await fill(page, 'Link', 'a link that is none')
  await choose(page, 'How it goes', 'Counts down, a verse each')
  await fill(page, 'One verse', '{N} {things} out on the wire')
  await click(page, 'Keep it')
  await waitText(page, '.pocket', 'A link begins with http')
  await fill(page, 'Link', 'https://example.org/wire')
  await click(page, 'Keep it')
  await saved(page)
  await click(page, 'Out on the wire', '.strip')
  await waitText(page, '.pocket', 'Five kites out on the wire')
  await click(page, 'Change its words')
  await fill(page, 'One verse', '{N} {things} up on the wire')
  await click(page, 'Keep it')
  await waitText(page, '.pocket', 'Five kites up on the wire')
  await saved(page)
})
