import type { ElementHandle, Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { OFTEN, shareBrowser, openPage, PHONE, sees } from './browser'
import { openDemo, type OpenDemo } from './demo'
import { choose, click, fill, saved, textOf, waitText } from './hands'

/** A circle: put together in a minute, led from the page without a network, and remembered. */
let demo: OpenDemo
let page: Page
/** The verse on stage, below the title of the piece. */
const VERSE = '[aria-label="The words"] p:nth-child(2)'
const CIRCLE = '/units/wind-and-kites/lay-out?view=circle'
beforeAll(async () => {
  demo = await openDemo()
  page = demo.page
})
afterAll(() => demo.close())
const titles = () =>
  page.$$eval('[aria-label="The circle in order"] [data-title]', (all) => all.map((one) => one.textContent!.trim()))
const verse = () => textOf(page, '[aria-label="The words"] p:first-child')

it('is filled for who comes, with the objects of the theme, and fits its time', async () => {
  await page.goto(demo.base + CIRCLE)
  await sees(page, 'Nothing yet for these 13 minutes')
  await click(page, 'Fill the circle')
  await page.waitForSelector('[aria-label="The circle in order"]')
  await saved(page)
  const minutes = await page.$$eval('[aria-label="The circle in order"] > li > button > span:last-child', (all) =>
    all.map((one) => parseFloat(one.textContent!)),
  )
  expect(minutes.reduce((sum, one) => sum + one, 0)).toBeLessThanOrEqual(13)
  expect(minutes.length).toBeGreaterThan(5)
  await sees(page, 'The youngest who come sit about 4 min')
})
it('takes a counting rhyme, counts as she says, and refuses at the field what cannot be counted', async () => {
  await click(page, 'Add Five on the hill')
  await saved(page)
  await click(page, 'Five on the hill', '[aria-label="The circle in its minutes"]')
  await waitText(page, 'aside', 'Five little kites in a row on the hill,')
  await waitText(page, 'aside', 'one hand')
  await fill(page, 'Count to', '5')
  await page.keyboard.press('Tab')
  await waitText(page, 'aside', 'From 5 to 5 there is nothing to count')
  await fill(page, 'Count by', '0')
  await page.keyboard.press('Tab')
  await waitText(page, 'aside', 'A step is 1 or more')
  await fill(page, 'Count from', '3')
  await page.keyboard.press('Tab')
  await waitText(page, 'aside', 'Three little kites in a row on the hill,')
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
      document.querySelectorAll('[aria-label="The circle in order"] [data-title]')[3]?.textContent !== was,
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
  await page.waitForSelector(VERSE)
  await page.setOfflineMode(true)
  await waitText(page, '[aria-label="Circle on stage"]', ' opens the circle')
  await waitText(page, '[aria-label="Circle on stage"]', 'the youngest sit about 4')
  const all: string[] = []
  const sizes: number[] = []
  for (let i = 0; i < 60 && !(await page.$('[aria-label="Afterward"]')); i++) {
    all.push(await verse())
    // As large as it can stand without scrolling.
    await page.waitForFunction(() => {
      const scene = document.querySelector('[aria-label="Circle on stage"] :has(> [aria-label="The words"])')!
      return scene.scrollHeight <= scene.clientHeight
    }, OFTEN)
    sizes.push(await page.$eval(VERSE, (one) => parseFloat(getComputedStyle(one).fontSize)))
    // How many there are now is asked before it is shown: one key more.
    if ((await textOf(page, VERSE)) === 'How many now?') {
      expect(await page.$('output')).toBeNull()
      await page.keyboard.press('PageDown')
      await page.waitForSelector('output')
    }
    const before = all[all.length - 1]
    if (i % 2) await page.keyboard.press('ArrowRight')
    else await click(page, 'Next', '[aria-label="Circle on stage"]')
    await page.waitForFunction(
      (was: string) =>
        document.querySelector('[aria-label="Afterward"]') !== null ||
        (document
          .querySelector<HTMLElement>('[aria-label="The words"] p:first-child')
          ?.innerText.trim()
          .replace(/\s+/g, ' ') ?? '') !== was,
      OFTEN,
      before,
    )
  }
  expect(Math.max(...sizes)).toBeGreaterThan(60)
  expect(Math.min(...sizes)).toBeGreaterThanOrEqual(36)
  // From three: three verses and an end.
  expect(all.filter((one) => one.startsWith('Three on the hill'))).toHaveLength(4)
  await page.waitForSelector('[aria-label="Afterward"]')
  await page.keyboard.press('ArrowLeft')
  await page.waitForSelector(VERSE)
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
      [...document.querySelectorAll<HTMLElement>('[role=menuitem]')].find((one) =>
        one.innerText.trim().startsWith('Day 5'),
      ),
    OFTEN,
  )
  await (other.asElement() as ElementHandle<HTMLElement>).evaluate((one) => one.click())
  await saved(page)
  await page.goto(`${demo.base}/units/wind-and-kites/circle/5`)
  await page.waitForSelector(VERSE)
  await page.goto(`${demo.base}/units/wind-and-kites/circle/9`)
  await sees(page, 'There is nothing in this circle yet')
})
it('takes a piece of her own, says at the field what is missing, and counts with it', async () => {
  await page.goto(demo.base + CIRCLE)
  await click(page, 'Write your own')
  await click(page, 'Keep it')
  await waitText(page, 'aside', 'This cannot be empty')
  await fill(page, 'Title', 'Out on the wire')
  await fill(page, 'Link', 'a link that is none')
  await choose(page, 'How it goes', 'Counts down, a verse each')
  await fill(page, 'One verse', '{N} {things} out on the wire')
  await click(page, 'Keep it')
  await waitText(page, 'aside', 'A link begins with http')
  await fill(page, 'Link', 'https://example.org/wire')
  await click(page, 'Keep it')
  await saved(page)
  await click(page, 'Out on the wire', '[aria-label="The circle in its minutes"]')
  await waitText(page, 'aside', 'Five kites out on the wire')
  await click(page, 'Change its words')
  await fill(page, 'One verse', '{N} {things} up on the wire')
  await click(page, 'Keep it')
  await waitText(page, 'aside', 'Five kites up on the wire')
  await saved(page)
})

it('takes a book of the shelf, says how it is shared and why, and a line of her own', async () => {
  await page.goto(`${demo.base}/home?tab=books`)
  await click(page, 'Add a book')
  await waitText(page, 'aside', 'New book')
  await fill(page, 'Title', 'A Ladder for the Goose')
  await fill(page, 'Minutes to read it aloud', '0')
  await page.keyboard.press('Tab')
  await waitText(page, 'aside', 'At least 1 minute')
  await fill(page, 'Minutes to read it aloud', '9')
  await fill(page, 'What it is about', 'goose, wind')
  await page.keyboard.press('Tab')
  await click(page, 'It is lent, and goes back')
  await waitText(page, 'aside', 'Goes back to')
  await saved(page)
  await page.goto(demo.base + CIRCLE)
  await fill(page, 'Look for a word', 'ladder for')
  await click(page, 'Add A Ladder for the Goose')
  await saved(page)
  await page.waitForFunction(
    () =>
      [...document.querySelectorAll('[aria-label="The circle in order"] [data-title]')].some((one) =>
        one.textContent!.includes('A Ladder for the Goose'),
      ),
    OFTEN,
  )
  // Nine minutes for those who sit four: its pictures.
  await click(page, 'A Ladder for the Goose', '[aria-label="The circle in its minutes"]')
  await waitText(page, 'aside', 'Reading it takes 9 min, and the youngest sit about 4.')
  await waitText(page, 'aside', 'Only looked at.')
  await choose(page, 'How it is shared', 'Told shorter')
  await waitText(page, 'aside', 'Told shorter.')
  await saved(page)
  await click(page, 'Add something')
  await click(page, 'Only a line')
  await click(page, 'Put it in')
  await waitText(page, 'aside', 'This cannot be empty')
  await fill(page, 'What it is', 'A feather from the gate')
  await click(page, 'Put it in')
  await saved(page)
  expect(await titles()).toContain('A feather from the gate')
})
it('is ordered by hand', async () => {
  const before = await titles()
  const middle = before.length - 3
  const rowOf = async (at: number) =>
    (await (await page.$$('[aria-label="The circle in order"] > li'))[at].boundingBox())!
  await page.$$eval(
    '[aria-label="The circle in order"] > li',
    (all, at) => all[at].scrollIntoView({ block: 'center' }),
    middle,
  )
  const [from, to] = [await rowOf(middle), await rowOf(middle - 1)]
  await page.mouse.move(from.x + 60, from.y + from.height / 2)
  await page.mouse.down()
  await page.mouse.move(from.x + 64, from.y + from.height / 2 - 8, { steps: 4 })
  await page.mouse.move(to.x + 60, to.y + 4, { steps: 12 })
  await page.mouse.up()
  await page.waitForFunction(
    (was: string, at: number) =>
      document.querySelectorAll('[aria-label="The circle in order"] [data-title]')[at]?.textContent?.trim() !== was,
    OFTEN,
    before[middle - 1],
    middle - 1,
  )
  expect(new Set(await titles())).toEqual(new Set(before))
  await saved(page)
})
it('stands beside the others of its week, and gives them its opening', async () => {
  await click(page, 'The week at a glance')
  await sees(page, 'Circles of the week')
  await waitText(page, '[aria-label="The circles of the week"]', 'They sit')
  await click(page, 'Open 1 other like day 4')
  await saved(page)
  await click(page, 'The circles of a week open alike')
  await saved(page)
  await click(page, 'Wed 11')
  await sees(page, 'Circle, day 5')
  const opening = (await titles()).slice(0, 2)
  await page.goto(demo.base + CIRCLE)
  await page.waitForSelector('[aria-label="The circle in order"]')
  expect((await titles()).slice(0, 2)).toEqual(opening)
})
it('grows by what the kids say, and has its figures and things on paper, on the list and in the basket', async () => {
  // Tomorrow's: what was held today asks for nothing more.
  await click(page, 'The week at a glance')
  await click(page, 'Wed 11')
  await sees(page, 'Circle, day 5')
  await fill(page, 'Look for a word', 'packed')
  await click(page, 'Add I packed my bag')
  await saved(page)
  await fill(page, 'Look for a word', 'slow parcel')
  await click(page, 'Add The slow parcel')
  await saved(page)
  await click(page, 'On stage')
  await page.waitForSelector(VERSE)
  for (let i = 0; i < 30 && !(await verse()).startsWith('I packed my bag'); i++) {
    await click(page, 'Skip', '[aria-label="Circle on stage"]')
    await page.waitForSelector(VERSE)
  }
  const of = async () => Number(/of (\d+)/.exec(await verse())![1])
  const verses = await of()
  await click(page, 'One more verse')
  await fill(page, 'What do they say?', 'a wheelbarrow')
  await page.keyboard.press('Enter')
  await page.waitForFunction(
    (was: number) =>
      Number(
        /of (\d+)/.exec(document.querySelector<HTMLElement>('[aria-label="The words"] p:first-child')!.innerText)?.[1],
      ) ===
      was + 1,
    OFTEN,
    verses,
  )
  await click(page, 'Shorten')
  expect(await verse()).toContain(`verse ${verses + 1} of ${verses + 1}`)
  await click(page, 'Back', '[aria-label="Circle on stage"]')
  await waitText(page, '[aria-label="Circle on stage"]', 'a wheelbarrow')
  await saved(page)
  await page.keyboard.press('Escape')
  await page.waitForSelector('[aria-label="The circle in order"]')
  await click(page, 'The slow parcel', '[aria-label="The circle in its minutes"]')
  await click(page, 'Print them')
  await sees(page, 'The slow parcel: figures')
  await page.goto(`${demo.base}/units/wind-and-kites/prepare`)
  await sees(page, 'Lay into the circle basket')
})
it('is led by touch on the phone of a helper, by a link, with no network', async () => {
  await page.goto(`${demo.base}/units/wind-and-kites/hand-over`)
  await click(page, 'Make a link')
  const address = await page.waitForSelector('output')
  const link = await address!.evaluate((one) => one.textContent!.trim())
  const { browser, close } = await shareBrowser()
  const { page: phone, errors } = await openPage(browser, PHONE, 'light')
  await phone.goto(link)
  await sees(phone, 'Lead it from here')
  await phone.waitForNetworkIdle({ idleTime: 300 })
  await phone.setOfflineMode(true)
  await click(phone, 'Lead it from here')
  await phone.waitForSelector(VERSE)
  const shown = () => textOf(phone, '[aria-label="The words"]')
  const before = await shown()
  const { x, y, width } = (await (await phone.$(
    '[aria-label="Circle on stage"] :has(> [aria-label="The words"])',
  ))!.boundingBox())!
  await phone.touchscreen.tap(x + width / 2, y + 120)
  await phone.waitForFunction(
    (was: string) =>
      document.querySelector<HTMLElement>('[aria-label="The words"]')!.innerText.replace(/\s+/g, ' ').trim() !== was,
    OFTEN,
    before,
  )
  // A swipe to the right goes back.
  const touch = await phone.touchscreen.touchStart(x + 60, y + 120)
  await touch.move(x + 160, y + 120)
  await touch.move(x + 260, y + 122)
  await touch.end()
  await waitText(phone, '[aria-label="The words"]', before.slice(0, 30))
  await click(phone, 'End here')
  await phone.waitForSelector('[aria-label="Circle on stage"]', { hidden: true })
  expect(errors.filter((one) => !/ERR_INTERNET_DISCONNECTED|Failed to fetch/.test(one))).toEqual([])
  await close()
})
