import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { anActivity } from '@core/testing/build'
import { openPage, OFTEN, PHONE, sees, signIn } from './browser'
import { openDemo, type OpenDemo } from './demo'
import { choose, click, drag, fill, saved, textOf, waitText } from './hands'

/** Preparing, on a made-up Tuesday: from what comes too late, over an evening in the kitchen, to a day that is ready. */
let demo: OpenDemo
let page: Page
const WIND = '/units/wind-and-kites'
const WHEELS = '/units/wheels-and-ramps'
beforeAll(async () => {
  demo = await openDemo()
  page = demo.page
})
afterAll(() => demo.close())

/** An idea of hers, put into the house as a form would. */
async function keepIdea(id: string, over: Parameters<typeof anActivity>[0]): Promise<void> {
  const answer = await page.evaluate(
    async (value) => {
      const change = {
        id: `keep-${value.id}`,
        unitId: null,
        label: 'Keep an idea',
        ops: [{ op: 'put', kind: 'activity', base: 0, value }],
      }
      const sent = await fetch('/api/v1/changes', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(change),
      })
      return sent.status
    },
    anActivity({ id, ...over }),
  )
  expect(answer).toBe(200)
}
const barOf = (day: string, window: string) => `[aria-label="${day}"] [aria-label^="${window}"] [data-slot]`
const minutes = async (selector: string) => textOf(page, selector)

describe('a basket with what takes three weeks and what takes a night', () => {
  it('tells the truth about their dates', async () => {
    await keepIdea('leaf-prints', {
      title: 'Prints of pressed leaves',
      centers: ['sensory-bin', 'art-table'],
      domains: ['sensory', 'creative-arts'],
      prep: [
        {
          id: 'press',
          text: 'Press the leaves under books',
          minutes: 10,
          wait: 30_240,
          splits: false,
          uses: [],
          kind: null,
          per: null,
        },
      ],
    })
    await keepIdea('ice-sticks', {
      title: 'Sticks of ice',
      centers: ['art-table'],
      domains: ['science', 'sensory'],
      prep: [
        {
          id: 'freeze',
          text: 'Freeze colored water in cups',
          minutes: 10,
          wait: 'overnight',
          splits: false,
          uses: [],
          kind: null,
          per: null,
        },
      ],
    })
    await page.goto(`${demo.base}${WIND}/gather`)
    for (const title of ['Prints of pressed leaves', 'Sticks of ice']) {
      await fill(page, 'Search by any word', title)
      await page.waitForFunction(
        (wanted: string) => document.querySelector('[aria-label="Ideas"] [data-title]')?.textContent?.trim() === wanted,
        OFTEN,
        title,
      )
      await click(page, `Gather ${title}`)
    }
    await waitText(page, 'aside', 'too late for this unit: 21 days before, so Tue, Mar 31 at the earliest')
    await waitText(page, 'aside', 'begins the day before: day 5 at the earliest')
    // Beside the grass there is no room for it on the ribbon.
    await waitText(page, '[aria-label="Program days"]', '+1 ahead')
  })
  it('takes another idea in its place', async () => {
    const other = await page.$$eval('[aria-label="What begins ahead"] button', (all) =>
      all.map((one) => one.textContent.trim()),
    )
    expect(other.every((words) => words.endsWith('in its place'))).toBe(true)
    await click(page, other[0])
    await page.waitForFunction(() => !document.body.innerText.includes('too late for this unit'), OFTEN)
    await saved(page)
  })
  it('puts the ice on the plan for tomorrow, and freezing them into tonight', async () => {
    await page.goto(`${demo.base}${WIND}/lay-out`)
    await waitText(page, 'footer', 'Well-rounded')
    const before = await minutes('[data-reading=preparation] b')
    await drag(page, 'aside [data-activity="ice-sticks"]', '[data-slot="5 after"]')
    await waitText(page, '[data-slot="5 after"]', 'Sticks of ice')
    await saved(page)
    expect(await minutes('[data-reading=preparation] b')).not.toBe(before)
    await page.goto(`${demo.base}${WIND}/get-ready?tab=time`)
    await waitText(page, '[aria-label="Preparation"]', 'Freeze colored water in cups')
  })
})

describe('the board of windows', () => {
  it('says what would break before a task is moved, moves it by hand, and takes that back', async () => {
    await page.goto(`${demo.base}${WHEELS}/get-ready?tab=time`)
    await waitText(page, '[aria-label="Preparation"]', 'Draw each figure on a card')
    await waitText(page, 'aside', '9 min over: Thursday, before')
    // Cutting the wheels takes nearly two hours: an evening is far too short for it.
    await drag(page, '[data-drag="wheels-and-ramps-9:cut-wheels"]', barOf('Wednesday, March 18', 'Evening'))
    await waitText(page, 'main [role=alert]', '“Cut 24 wheels')
    await click(page, 'Leave it', 'main')
    await drag(page, '[data-drag="wheels-and-ramps-14:draw-cards"]', barOf('Thursday, March 19', 'Evening'))
    await waitText(page, barOf('Thursday, March 19', 'Evening'), 'Draw each figure on a card')
    await waitText(page, barOf('Thursday, March 19', 'Evening'), 'put here')
    await saved(page)
    await click(page, 'Undo')
    await page.waitForFunction(() => !document.body.innerText.includes('put here'), OFTEN)
  })
  it('is moved without a mouse as well, and handed on', async () => {
    await click(page, 'Draw each figure on a card')
    await choose(page, 'Do it', 'Thu 19, Nap, 1:15 to 2:45')
    await waitText(page, '[aria-label="Preparation"]', 'put here')
    await choose(page, 'Who', 'Teo')
    await waitText(page, 'aside', 'by Teo')
    await saved(page)
  })
  it('cures what does not fit by one click', async () => {
    await click(page, 'Close', 'aside')
    await click(page, 'A wall of wheels on day 2', 'aside')
    await waitText(page, 'aside', 'All of it fits into your prep time.')
    await page.waitForFunction(
      () => ![...document.querySelectorAll('main button')].some((one) => one.textContent!.includes('do not fit')),
      OFTEN,
    )
    await saved(page)
  })
  it('begins as late as can be where she likes that better', async () => {
    const wednesday = () => textOf(page, '[aria-label="Wednesday, March 18"]')
    expect(await wednesday()).toContain('Cut 24 wheels')
    await click(page, 'Just in time')
    await page.waitForFunction(
      () => !document.querySelector('[aria-label="Wednesday, March 18"]')?.textContent.includes('Cut 24 wheels'),
      OFTEN,
    )
    await saved(page)
    await click(page, 'Early')
    await waitText(page, '[aria-label="Wednesday, March 18"]', 'Cut 24 wheels')
    await saved(page)
  })
  it('keeps what waits for other days', async () => {
    await click(page, 'Add a kind of work', 'aside')
    await choose(page, 'Kind of work', 'Drawing and writing')
    await click(page, 'Keep it so', 'aside')
    await waitText(page, 'aside', 'Drawing and writing: not on Mon, Tue, Wed, Thu and Fri')
    // Her prep time is on weekdays only: nothing takes it now.
    await waitText(page, '[aria-label="Preparation"]', 'Fits in no prep time')
    await click(page, 'Drawing and writing on any day', 'aside')
    await page.waitForFunction(() => !document.body.innerText.includes('Fits in no prep time'), OFTEN)
    await saved(page)
  })
})

describe('a slow project', () => {
  it('is behind its forecast, moves on with what really happened, and is looked after on closed days', async () => {
    await page.goto(`${demo.base}${WIND}/get-ready?tab=time`)
    await waitText(page, 'article', 'Sprouting: 1 day behind the forecast.')
    await click(page, 'Sprouting is over today', 'article')
    await waitText(page, 'article', 'Growing a hand high: over between Sun, Mar 15 to Fri, Mar 20')
    await choose(page, 'Mist it until the soil is damp, Saturday, March 14', 'Teo')
    await click(page, 'Look and measure', 'article')
    await fill(page, 'How tall is Grass in the wind', '1.5')
    await fill(page, 'What you saw', 'first green')
    await click(page, 'Write it down', 'article')
    await waitText(page, 'article', '1.5 cm, first green')
    await saved(page)
  })
})

describe('what a helper prepares', () => {
  it('stands on the sheet of the day, and so on the link to it', async () => {
    await click(page, 'Cut one length of streamer for each child')
    await choose(page, 'Who', 'Teo')
    await waitText(page, 'aside', 'by Teo')
    await saved(page)
    await page.goto(`${demo.base}${WIND}/hand-over`)
    await sees(
      page,
      'Teo prepares, 1:15 to 2:30: Cut one length of streamer for each child (3 min, for Wind finder on Thu 12).',
    )
    await page.goto(`${demo.base}${WIND}/get-ready?tab=time`)
    await waitText(page, '[aria-label="Preparation"]', 'Cut five kites from felt')
  })
})

describe('an evening in the kitchen, on a phone', () => {
  let phone: Page
  let errors: string[]
  beforeAll(async () => {
    ;({ page: phone, errors } = await openPage(page.browser(), PHONE, 'light', { besideOthers: true }))
    await signIn(phone, demo.base)
    await sees(phone, 'Wheels and Ramps')
    await phone.goto(`${demo.base}${WIND}/prepare`)
    await waitText(phone, '[aria-label="The next day"]', 'Wednesday, March 11, day 5')
  })
  it('shows what to do now, what to have at hand, and what tomorrow still needs', async () => {
    await waitText(phone, '[aria-label="The next day"]', '0 of 4 tasks ready.')
    await waitText(phone, '[aria-label="What to do"]', 'Freeze colored water in cups')
    await waitText(phone, 'main', 'Have at hand')
  })
  it('runs one task by the clock, which a reload does not stop', async () => {
    await click(phone, 'Start Tape paper over the whole table, Print with wheels')
    await sees(phone, 'of about 5 min')
    await phone.reload()
    await sees(phone, 'of about 5 min')
    await click(phone, 'Only a part of it')
    await fill(phone, 'Minutes of it that are done', '2')
    await click(phone, 'Write it down', '[aria-label="What you are doing"]')
    await waitText(phone, '[aria-label="What to do"]', '3 min')
    await saved(phone)
  })
  it('learns how long it takes here, from a clock that ran nine minutes for what should take three', async () => {
    await click(phone, 'Start Tape paper over the whole table, Print with wheels')
    await phone.evaluate(() => {
      const kept = JSON.parse(localStorage.getItem('kobby-preparing')!) as { spent: number }
      localStorage.setItem('kobby-preparing', JSON.stringify({ ...kept, spent: 9 * 60_000 }))
    })
    await phone.reload()
    await sees(phone, 'of about 3 min')
    await click(phone, 'Ready', '[aria-label="What you are doing"]')
    await waitText(phone, '[aria-label="The next day"]', '1 of 4 tasks ready.')
    await saved(phone)
  })
  it('ends with tomorrow ready', async () => {
    for (const step of [
      'Thin the paint with the same amount of water, Straw blowing',
      'Freeze colored water in cups, Sticks of ice',
      'Lay into the circle basket: snail, parcel and sprout, Circle',
    ])
      await click(phone, `${step}: ready`)
    await waitText(phone, '[aria-label="The next day"]', 'All 4 of its tasks are ready.')
    await saved(phone)
    await phone.click('[aria-label="The next day"] summary')
    await waitText(phone, '[aria-label="The next day"]', 'Print with wheels')
    // The other screen hears of it.
    await waitText(page, '[aria-label="Preparation"]', '4 tasks ready')
    await page.reload()
    await waitText(page, 'aside', 'Setting up the room: 9 min last time, 3 min by the idea.')
    expect([...errors, ...demo.errors]).toEqual([])
  })
})
