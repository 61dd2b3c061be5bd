import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { OFTEN, sees } from './browser'
import { click, fill, saved, textOf, waitText } from './hands'
import { openDemo, type OpenDemo } from './demo'

let demo: OpenDemo
let page: Page
beforeAll(async () => {
  demo = await openDemo()
  page = demo.page
})
afterAll(() => demo.close())

const PLAN = '/units/wind-and-kites/lay-out'
const onDay = (day: number) =>
  page.$$eval(`[data-slot^="${day} "] [data-title]`, (all) => all.map((one) => one.textContent))
const DAY_SIX = ['Five little kites', 'Sail a cork', 'Wind finder', 'Shadow stories']
const openPlan = async () => {
  await page.goto(demo.base + PLAN)
  await sees(page, 'Five little kites')
}

it('slides the rest of the unit past a closure', async () => {
  await openPlan()
  expect(await onDay(6)).toEqual(DAY_SIX)
  await page.goto(`${demo.base}/home?tab=settings`)
  const date = (await page.waitForSelector('input[aria-label="Date closed"]'))!
  await date.focus()
  await date.type('03122026')
  await page.type('input[placeholder="Reason"]', 'Storm')
  await click(page, 'Close', 'form:has([aria-label="Date closed"])')
  await waitText(page, 'main', 'Thursday, March 12 2026')
  await saved(page)
  await openPlan()
  await waitText(page, '[aria-label="The days that are shown"]', 'Fri 13')
  expect(await onDay(6)).toEqual(DAY_SIX)
  expect(await textOf(page, '[aria-label="The days that are shown"]')).toContain('Day 6 Fri 13')
})

it('drops the day instead, and loses none of its cards', async () => {
  await page.goto(`${demo.base}/units/wind-and-kites/spark`)
  await click(page, 'Drop that day')
  await saved(page)
  await page.keyboard.press('Escape')
  await openPlan()
  await waitText(page, '[aria-label="Without a date"]', '4 cards without a date')
  await waitText(page, '[aria-label="Without a date"]', 'Day 6 is skipped: Storm')
  await waitText(page, '[aria-label="The days that are shown"]', 'Day 6 Thu 12 · closed')
  await waitText(page, '[aria-label="The way through a unit"]', '4 cards without a date')
})

it('lets each be put where it fits now', async () => {
  await click(page, 'Pick up Sail a cork', '[aria-label="Without a date"]')
  await waitText(page, '[aria-label="What happens here"]', 'Sail a cork')
  await click(page, 'Day 7, Circle', '[aria-label^="The plan."]')
  await waitText(page, '[data-slot="7 circle"]', 'Sail a cork')
  await page.keyboard.press('Escape')
  await click(page, 'Pick up Wind finder', '[aria-label="Without a date"]')
  await waitText(page, '[aria-label="What happens here"]', 'Wind finder')
  await page.focus('[data-spot="5 outdoors 0"]')
  await page.keyboard.press('m')
  await waitText(page, '[data-slot="5 outdoors"]', 'Wind finder')
  await page.keyboard.press('Escape')
  await waitText(page, '[aria-label="The way through a unit"]', '2 cards without a date')
  await saved(page)
  const row = await demo.kobby.db('placements').where({ id: 'wind-and-kites-32' }).first()
  expect(JSON.parse(row.body)).toMatchObject({ activityId: 'wind-finder', where: { day: 5, blockId: 'outdoors' } })
})

it('marks a day as done, and the list stops asking for it', async () => {
  await page.goto(`${demo.base}/units/wind-and-kites/get-ready`)
  await waitText(page, '[aria-label="What to get"] section', 'plain yogurt')
  await openPlan()
  await page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('[aria-label="Program days"] button')].at(-1)!.click(),
  )
  await (await page.waitForSelector('[data-slot="10 picnic"] [data-placement]'))!.click()
  await click(page, 'Done', 'aside')
  await saved(page)
  await page.keyboard.press('4')
  await page.waitForFunction(() => !document.body.innerText.includes('plain yogurt'), OFTEN)
})

it('counts the pantry, and the list follows', async () => {
  await page.goto(`${demo.base}/units/wind-and-kites/get-ready`)
  await waitText(page, '[aria-label="What to get"] section', 'large beads')
  await page.goto(`${demo.base}/pantry?find=large%20beads`)
  await click(page, 'large beads')
  await fill(page, 'On hand', '44')
  await page.keyboard.press('Tab')
  await saved(page)
  await page.goto(`${demo.base}/units/wind-and-kites/get-ready`)
  await sees(page, 'What to get')
  await page.waitForFunction(
    () =>
      ![...document.querySelectorAll('[aria-label="What to get"] section')].some((one) =>
        one.textContent!.includes('large beads'),
      ),
    OFTEN,
  )
})

it('looks back on what was done, and changes its mind', async () => {
  await page.goto(`${demo.base}/units/wind-and-kites/look-back`)
  await waitText(page, 'main section', 'Kite tails')
  const before = await textOf(page, 'main h2')
  await click(page, 'Done: Kite tails')
  await page.waitForFunction((was: string) => document.querySelector('main h2')!.textContent !== was, OFTEN, before)
  await saved(page)
  await page.keyboard.press('u')
  await page.waitForFunction((was: string) => document.querySelector('main h2')!.textContent === was, OFTEN, before)
})
