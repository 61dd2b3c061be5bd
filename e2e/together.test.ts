import type { Browser, Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { DESK, OFTEN, shareBrowser, openPage, sees, signIn } from './browser'
import { click, drag, saved, textOf, waitText } from './hands'
import { openHome, type OpenHome } from './home'

let browser: Browser
let closeBrowser: () => Promise<void>
let home: OpenHome
let here: Page
let there: Page
const PLAN = '/units/wind-and-kites/lay-out'
const KITE_TAILS = '[data-placement="wind-and-kites-21"]'

beforeAll(async () => {
  ;({ browser, close: closeBrowser } = await shareBrowser())
  home = await openHome(true)
  ;[here, there] = [
    (await openPage(browser, DESK, 'light', { besideOthers: true, keepsCopy: true })).page,
    (await openPage(browser, DESK, 'light', { besideOthers: true, keepsCopy: true })).page,
  ]
  for (const page of [here, there]) {
    await signIn(page, home.base)
    await page.goto(home.base + PLAN)
    await sees(page, 'Five little kites')
  }
})
afterAll(async () => {
  await closeBrowser()
  await home.close()
})

it('shows a move on the other screen', async () => {
  await drag(here, KITE_TAILS, '[data-slot="6 choice"]')
  await waitText(there, '[data-slot="6 choice"]', 'Kite tails')
  await saved(here)
})

it('takes the move back after a reload, on both screens', async () => {
  await here.reload()
  await waitText(here, '[data-slot="6 choice"]', 'Kite tails')
  await here.keyboard.press('u')
  await waitText(here, '[data-slot="4 choice"]', 'Kite tails')
  await waitText(there, '[data-slot="4 choice"]', 'Kite tails')
  await here.reload()
  await waitText(here, '[data-slot="4 choice"]', 'Kite tails')
  await here.keyboard.press('U')
  await waitText(there, '[data-slot="6 choice"]', 'Kite tails')
  await here.keyboard.press('u')
  await waitText(there, '[data-slot="4 choice"]', 'Kite tails')
})

/** Both change one placement: here without a connection, so that neither knows of the other. */
async function bothChange(label: string) {
  await here.click(KITE_TAILS)
  await waitText(here, 'aside', 'Who does what')
  await here.setOfflineMode(true)
  await click(here, 'Behind the gate or at the high table', 'aside')
  await waitText(here, 'nav', 'Not saved yet')
  await there.click(KITE_TAILS)
  await click(there, label, 'aside')
  await saved(there)
  await here.setOfflineMode(false)
  await waitText(here, '[role=alertdialog]', 'Someone changed “Kite tails” while you did')
}
const placement = async () =>
  JSON.parse((await home.kobby.db('placements').where({ id: 'wind-and-kites-21' }).first()).body)

it('asks who is right when two people change one thing, and keeps theirs', async () => {
  await bothChange('Pin')
  expect(await placement()).toMatchObject({ apart: false, pinnedDate: '2026-03-10' })
  await click(here, 'Keep theirs')
  await here.waitForSelector(`${KITE_TAILS} [aria-label="Pinned"]`)
  await saved(here)
  expect(await placement()).toMatchObject({ apart: false, pinnedDate: '2026-03-10' })
})

it('asks who is right, and puts mine over it, knowingly', async () => {
  await bothChange('Unpin')
  await click(here, 'Use mine')
  await saved(here)
  expect(await placement()).toMatchObject({ apart: true })
  await there.waitForFunction(
    () => document.querySelector<HTMLInputElement>('aside input[type=checkbox]')?.checked,
    OFTEN,
  )
})

it('keeps what is written without a connection, and saves it when it is back', async () => {
  await here.setOfflineMode(true)
  await drag(here, '[data-placement="wind-and-kites-24"]', '[data-slot="5 nap"]')
  await waitText(here, '[data-slot="5 nap"]', 'Bead kite strings')
  await waitText(here, '[aria-label="What is saved"]', 'No connection')
  expect(await here.evaluate(() => localStorage.getItem('kobby-queue'))).toContain('wind-and-kites-24')
  await here.setOfflineMode(false)
  await saved(here)
  await waitText(there, '[data-slot="5 nap"]', 'Bead kite strings')
})

it('takes back and names what the server refuses', async () => {
  await home.kobby
    .db('centers')
    .where({ id: 'easel' })
    .delete()
    .catch(() => undefined)
  await here.goto(`${home.base}/home?tab=rhythm`)
  await sees(here, 'Add a block')
  const [name] = await here.$$('input[aria-label="Name of block 1"]')
  await name.click({ count: 3 })
  await name.press('Backspace')
  await name.press('Tab')
  await waitText(here, '[role=alert]', 'This cannot be empty')
  const kept = await fetch(`${home.base}/health`)
  expect(kept.ok).toBe(true)
  expect(JSON.parse((await home.kobby.db('homes').first()).body).rhythm[0].name).toBe('Arrival')
})

it('shows the caution and its remedy where it stands', async () => {
  await here.goto(home.base + PLAN)
  await sees(here, 'Five little kites')
  await here.click('[data-reading=cautions]')
  await waitText(here, 'aside', 'Your licensing rules')
  expect(await textOf(here, 'aside')).toContain('ribbon of 30 cm')
})
