import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { OFTEN, sees } from './browser'
import { choose, click, fill, named, saved, waitText } from './hands'
import { openDemo, type OpenDemo } from './demo'

/**
 * The room, the special day and the moves on the board, as a provider makes them; and old data that does not fit
 * together.
 */
let demo: OpenDemo
let page: Page
beforeAll(async () => {
  demo = await openDemo()
  page = demo.page
})
afterAll(() => demo.close())
const WHEELS = '/units/wheels-and-ramps'
const go = async (path: string, shows: string) => {
  await page.goto(demo.base + path)
  await sees(page, shows)
}
const stored = async (table: string, id: string) => JSON.parse((await demo.kobby.db(table).where({ id }).first()).body)
const placed = async (activityId: string) =>
  (await demo.kobby.db('placements').where({ unit_id: 'wheels-and-ramps', activity_id: activityId })).map(
    (row: { body: string }) => JSON.parse(row.body).where,
  )
describe('the room', () => {
  it('shows what stands where, for how long, and what stays from the unit before', async () => {
    await go(`${WHEELS}/lay-out?view=room`, 'Down the gutter')
    await waitText(page, '[data-center=sensory-bin]', 'Fields of oats week 2')
    await waitText(page, 'aside', 'Still out from Wind and Kites')
    await click(page, 'keep it out', 'aside')
    await waitText(page, '[data-center=dough-table]', 'Dough and diamonds')
    await saved(page)
    expect(await placed('dough-diamonds')).toEqual([{ kind: 'set-up', fromDay: 1, toDay: 5 }])
  })
  it('is arranged once, by arrows, and nothing lies on anything else', async () => {
    await click(page, 'Arrange the house')
    await page.focus('[data-center=tray-shelf]')
    const before = (await stored('centers', 'tray-shelf')).spot
    await page.keyboard.press('ArrowRight')
    await waitText(page, '[role=status]', 'Tray shelf has no room there')
    await page.keyboard.down('Shift')
    await page.keyboard.press('ArrowLeft')
    await page.keyboard.up('Shift')
    await waitText(page, '[role=status]', 'Tray shelf lies 1 across')
    await page.keyboard.press('ArrowRight')
    await waitText(page, '[role=status]', 'Tray shelf lies 2 across')
    await saved(page)
    expect((await stored('centers', 'tray-shelf')).spot).toEqual({ ...before, wide: before.wide - 1, x: before.x + 1 })
    await page.keyboard.press('Escape')
    await named(page, 'Arrange the house')
  })
  it('puts a thing away, and rotates another in', async () => {
    await page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('[aria-label="Program days"] button')][2].click(),
    )
    await click(page, 'Block rug')
    await choose(page, 'Instead of Down the gutter', 'A road in a pattern')
    await waitText(page, '[data-center=block-rug]', 'A road in a pattern')
    await saved(page)
    expect([await placed('gutter-run'), await placed('brick-pattern-road')]).toEqual([
      [{ kind: 'set-up', fromDay: 1, toDay: 2 }],
      [{ kind: 'set-up', fromDay: 3, toDay: 5 }],
    ])
    await click(page, 'Pretend corner')
    await click(page, 'Put away before day 3')
    await waitText(page, '[data-center=pretend-corner]', 'nothing out')
  })
})

describe('moves on the board', () => {
  it('places a card for her, with the reason beside it', async () => {
    await go(`${WHEELS}/lay-out`, 'A wall of wheels')
    await click(page, 'Place it for me')
    await waitText(page, 'aside ol', '1. ')
    const card = await page.$eval('aside [data-activity]:has(ol)', (one) => (one as HTMLElement).dataset.activity!)
    await click(page, '1. ', 'aside ol')
    await saved(page)
    expect(await placed(card)).toHaveLength(1)
  })
  it('copies a card by key, with all that was said about it', async () => {
    await page.focus('[data-activity="snack-sails"]')
    await page.keyboard.press('c')
    await waitText(page, '[aria-label="What happens here"]', 'Snack sails')
    await page.keyboard.press('ArrowRight')
    await page.keyboard.press('m')
    await page.waitForSelector('[data-slot="3 choice"] [data-activity="snack-sails"]')
    await saved(page)
    const copies = (
      await demo.kobby.db('placements').where({ unit_id: 'wheels-and-ramps', activity_id: 'snack-sails' })
    ).map((row: { body: string }) => JSON.parse(row.body))
    expect(copies.map((one: { where: { day: number }; leadId: string }) => [one.where.day, one.leadId]).sort()).toEqual(
      [
        [2, 'teo'],
        [3, 'teo'],
      ],
    )
  })
  it('repeats one on other days, and says on which it would not go', async () => {
    await page.$eval('[data-activity="freeze-dance"]', (one) => (one as HTMLElement).click())
    await page.$eval(
      'aside details:has([aria-label^="Again on day"])',
      (one) => ((one as HTMLDetailsElement).open = true),
    )
    await page.waitForSelector('[aria-label="Again on day 1"]')
    for (const day of [1, 4])
      await page.$eval(`[aria-label="Again on day ${day}"]`, (one) => (one as HTMLInputElement).click())
    await click(page, 'Repeat on these days')
    await saved(page)
    expect((await placed('freeze-dance')).map((one: { day: number }) => one.day).sort()).toEqual([1, 2, 4])
  })
  it('swaps two, stretches, slides and ends early after asking; undo brings all of it back', async () => {
    const before = await demo.kobby.db('placements').where({ unit_id: 'wheels-and-ramps' }).orderBy('id').select('body')
    await page.$eval('[data-activity="wall-of-wheels"]', (one) => (one as HTMLElement).click())
    await page.$eval(
      'aside details:has([aria-label^="Again on day"])',
      (one) => ((one as HTMLDetailsElement).open = true),
    )
    await choose(page, 'Change places with', 'Straw blowing')
    await page.waitForSelector('[data-slot="3 choice"] [data-activity="wall-of-wheels"]')
    await click(page, 'Stretch by a day')
    await page.waitForFunction(
      () => document.querySelectorAll('[aria-label="Program days"] button').length === 6,
      OFTEN,
    )
    await page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('[aria-label="Program days"] button')][1].click(),
    )
    await click(page, 'Slide day 2 and what follows')
    await waitText(page, '[role=status]', 'Slide day 2')
    await click(page, 'End with day 2')
    await sees(page, 'go back into the basket')
    await click(page, 'End it')
    await page.waitForFunction(
      () => document.querySelectorAll('[aria-label="Program days"] button').length === 2,
      OFTEN,
    )
    await saved(page)
    for (const label of ['End with day 2', 'Slide day 2 and what follows', 'Stretch by a day', 'Swap']) {
      const undo = await named(page, 'Undo')
      await page.waitForFunction(
        (wanted: string) => document.querySelector<HTMLElement>('[aria-label=Undo]')!.title.includes(wanted),
        OFTEN,
        label,
      )
      await undo.click()
    }
    await page.waitForFunction(
      () => !document.querySelector<HTMLElement>('[aria-label=Undo]')!.title.includes('Swap'),
      OFTEN,
    )
    expect(
      (await demo.kobby.db('placements').where({ unit_id: 'wheels-and-ramps' }).orderBy('id').select('body')).map(
        (row) => JSON.parse(row.body),
      ),
    ).toEqual(before.map((row) => JSON.parse(row.body)))
  })
})

describe('a special day', () => {
  it('gets a list of its own in Spark, and takes cards into its parts', async () => {
    await go(`${WHEELS}/spark`, 'Objects of the theme')
    await click(page, 'Add a special day')
    await click(page, 'Give it its own schedule')
    await saved(page)
    const { events } = await stored('units', 'wheels-and-ramps')
    expect(events[0]).toMatchObject({ day: 5, parts: [{ kind: 'game', from: '09:30', to: '10:30' }] })
    await go(`${WHEELS}/lay-out`, 'A wall of wheels')
    // Salt dough tags lay in choice time of day 5, which gave way: it is kept, and says so.
    await waitText(page, '[aria-label="Without a date"]', 'Special day takes its place on day 5')
    await page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('[aria-label="Program days"] button')].at(-1)!.click(),
    )
    await click(page, 'Pick up Salt dough tags', '[aria-label="Without a date"]')
    await click(page, 'Day 5, A game', '[aria-label^="The plan."]')
    await waitText(page, '[data-slot]', 'Salt dough tags')
  })
  it('is on the sheet of the day on which invitations go out, and prints one for each child who comes', async () => {
    await go('/units/wind-and-kites/hand-over', 'Copy as Markdown')
    await page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('[aria-label="Program days"] button')][5].click(),
    )
    await waitText(page, '[aria-label="The sheet of the day"]', 'Hand out the invitations to Kite picnic, day 10.')
    await click(page, 'Invitations to print')
    await sees(page, 'Please bring: A blanket to sit on, a hat')
    // Wednesday, March 18: all but Calla.
    expect(await page.$$eval('main article', (all) => all.length)).toBe(7)
    const text = await page.$eval('main', (one) => (one as HTMLElement).innerText)
    for (const name of ['Pip', 'Oona', 'Idris', 'Tamsin', 'Juno', 'Bodhi', 'Calla', 'Ravi'])
      expect(text).not.toContain(name)
  })
})

describe('who is here on a date', () => {
  it('is said on the page of adults, and the readings follow', async () => {
    await go(`${WHEELS}/lay-out?view=adults`, 'Who is here')
    await waitText(page, '[data-reading=adults]', '2 h 30 min short')
    const buttons = await page.$$('main section button[aria-expanded]')
    await buttons[2].click()
    await click(page, 'Idris, 8:15 to 4:30')
    await waitText(page, '[data-reading=adults]', '1 h 15 min short')
    await waitText(page, 'main section', 'Idris away')
    await saved(page)
  })
})

describe('data that does not fit together', () => {
  it('opens, is listed in Home, and is said at its field', async () => {
    const child = await stored('children', 'oona')
    await demo.kobby
      .db('children')
      .where({ id: 'oona' })
      .update({
        body: JSON.stringify({ ...child, attendance: { ...child.attendance, mon: { from: '08:00', to: '25:00' } } }),
        version: 50,
      })
    const adult = await stored('adults', 'teo')
    await demo.kobby
      .db('adults')
      .where({ id: 'teo' })
      .update({
        body: JSON.stringify({ ...adult, hours: { ...adult.hours, mon: { from: '06:00', to: '14:30' } } }),
        version: 50,
      })
    const house = await stored('homes', 'larkspur-house')
    await demo.kobby
      .db('homes')
      .where({ id: 'larkspur-house' })
      .update({
        body: JSON.stringify({
          ...house,
          rhythm: house.rhythm.map((block: { id: string }) =>
            block.id === 'choice' ? { ...block, from: '09:20' } : block,
          ),
        }),
        version: 50,
      })
    await go('/home?tab=children', '3 things to fix')
    await waitText(page, '[aria-label="To fix"]', 'Oona: Write the time as HH:mm')
    await waitText(page, '[aria-label="To fix"]', 'Teo: Monday 6 to 2:30 lies outside the opening hours')
    await waitText(page, '[aria-label="To fix"]', 'Choice overlaps Circle, 9:15 to 9:40')
    await click(page, 'Oona', '[aria-label="To fix"]')
    await waitText(page, 'aside', 'Write the time as HH:mm, between 00:00 and 23:59')
    await click(page, 'Teo', '[aria-label="To fix"]')
    await waitText(page, 'aside', 'lies outside the opening hours')
    await go(`${WHEELS}/lay-out`, 'A wall of wheels')
  })
  it('goes once it is put right', async () => {
    await go('/home?tab=adults&open=teo', 'lies outside the opening hours')
    const field = (await page.waitForSelector('[aria-label="Monday from"]'))!
    await field.focus()
    await field.type('0830AM')
    await page.keyboard.press('Tab')
    await waitText(page, '[aria-label="To fix"]', '2 things to fix')
  })
  it('of a child who is still to be born is said, and nothing counts on the child', async () => {
    await go('/home?tab=children&open=pip', 'Born')
    await fill(page, 'Born', '01012027')
    // The first Tab stays in the field, on its calendar.
    await page.keyboard.press('Tab')
    await page.keyboard.press('Tab')
    await waitText(page, 'aside', 'has a birth date that is still to come')
  })
})
it('has met no error on the way', () => expect(demo.errors).toEqual([]))
