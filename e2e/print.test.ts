import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { DESK, sees } from './browser'
import { openDemo, type OpenDemo } from './demo'

let demo: OpenDemo
let page: Page
beforeAll(async () => {
  demo = await openDemo('dark')
  page = demo.page
})
afterAll(() => demo.close())

/** Widths of A4 and US Letter in CSS pixels, less margins of 1 cm. */
const PAPER = [
  ['A4', 718],
  ['Letter', 740],
] as const

describe.each([
  ['hand-over', 'Tuesday, March 10, day 4 of 10', 'Kite tails'],
  ['get-ready', 'What to get', 'large beads'],
])('%s on paper', (view, title, content) => {
  it.each(PAPER)('fits %s, in black on white, without the frame of the screen', async (_, width) => {
    await page.setViewport(DESK)
    await page.goto(`${demo.base}/units/wind-and-kites/${view}`)
    await sees(page, content)
    await page.emulateMediaType('print')
    await page.setViewport({ width, height: 1000 })
    const seen = await page.evaluate(() => ({
      text: document.body.innerText,
      width: document.documentElement.scrollWidth,
      ground: getComputedStyle(document.querySelector('#app > *')!).backgroundColor,
      ink: getComputedStyle(document.querySelector('main h2')!).color,
      frame: [...document.querySelectorAll<HTMLElement>('nav, header, aside, footer')].filter(
        (one) => one.getClientRects().length > 0,
      ).length,
      high:
        document.querySelector('main')!.scrollHeight > 900 &&
        getComputedStyle(document.querySelector('main')!).overflowY,
    }))
    expect(seen.text).toContain(title)
    expect(seen.text).toContain(content)
    expect(seen.width).toBeLessThanOrEqual(width)
    expect(seen.ground).toBe('rgb(255, 255, 255)')
    expect(seen.ink).toBe('rgb(0, 0, 0)')
    expect(seen.frame).toBe(0)
    // Nothing that is longer than a page is cut off by a box that only a screen can scroll.
    expect([false, 'visible']).toContain(seen.high)
    await page.emulateMediaType('screen')
  })
})

it('prints every page of a day', async () => {
  await page.setViewport(DESK)
  await page.goto(`${demo.base}/units/wind-and-kites/hand-over`)
  await sees(page, 'Kite tails')
  await page.emulateMediaType('print')
  const pdf = await page.pdf({ format: 'letter', margin: { top: '1cm', bottom: '1cm', left: '1cm', right: '1cm' } })
  if (process.env.KOBBY_PDF) (await import('node:fs')).writeFileSync(process.env.KOBBY_PDF, pdf)
  const pages =
    Buffer.from(pdf)
      .toString('latin1')
      .match(/\/Type\s*\/Page\b/g) ?? []
  expect(pages.length).toBe(2)
})
