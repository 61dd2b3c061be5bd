import type { Browser, Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Material } from '@core/domain'
import { moneyWords } from '@core/base'
import { SUPPLY_CHECKED } from '@demo/supplyChecked'
import { DESK, OFTEN, shareBrowser, openPage, PHONE, sees, signIn } from './browser'
import { click, fill, saved, textOf, waitText } from './hands'
import { openGate, type Gate } from './gate'
import { openHome, type OpenHome } from './home'

/**
 * From the plan to the shop and back into the cupboard: at the desk, in the shop without a network, and after the day.
 */

let browser: Browser
let closeBrowser: () => Promise<void>
let home: OpenHome
let desk: Page
let phone: Page
let gate: Gate
const errors: string[][] = []
const UNIT = '/units/wind-and-kites'

beforeAll(async () => {
  ;({ browser, close: closeBrowser } = await shareBrowser())
  home = await openHome(true)
  gate = await openGate(home.base)
  for (const size of [DESK, PHONE]) {
    const opened = await openPage(browser, size, 'light', { besideOthers: true, keepsCopy: true })
    if (size === DESK) desk = opened.page
    else phone = opened.page
    await signIn(opened.page, size === DESK ? home.base : gate.base)
    await sees(opened.page, 'Wheels and Ramps')
    errors.push(opened.errors)
  }
})
afterAll(async () => {
  await closeBrowser()
  await gate.close()
  await home.close()
})

const stored = async (id: string): Promise<Material> =>
  JSON.parse((await home.kobby.db('materials').where({ id }).first()).body) as Material
const onHand = async (id: string) => (await stored(id)).onHand
/** Waits until the server holds so many: what was ticked without a network comes by itself. */
async function waitOnHand(id: string, quantity: number): Promise<void> {
  for (let tries = 0; (await onHand(id)) !== quantity; tries++) {
    if (tries > 300) throw new Error(`${id}: ${await onHand(id)} and not ${quantity}`)
    await new Promise((done) => setTimeout(done, 50))
  }
}
const line = (page: Page, name: string) =>
  page.$$eval(
    '[aria-label="What to get"] section li',
    (all, wanted) => {
      const found = all.find((one) => one.querySelector('button')!.textContent === wanted) as HTMLElement | undefined
      return found
        ? {
            group: found.closest('section')!.getAttribute('aria-label')!,
            cells: ['button b', ':scope > :nth-child(4)', ':scope > :nth-child(5)', ':scope > :nth-child(6)'].map(
              (part) => (found.querySelector(part) as HTMLElement).innerText.split('\n')[0].trim(),
            ),
          }
        : null
    },
    name,
  )

describe('the list', () => {
  it('says what ten lines come to on paper, on the screen, in print and in the table', async () => {
    await desk.goto(home.base + UNIT + '/get-ready')
    await sees(desk, 'float blocks')
    await click(desk, 'Show what is in the house already')
    const csv = await desk.evaluate(async () => (await fetch('/api/v1/units/wind-and-kites/supplies.csv')).text())
    for (const medium of ['screen', 'print'] as const) {
      await desk.emulateMediaType(medium)
      const here = await textOf(desk, '[aria-label="In the house already"]')
      for (const one of SUPPLY_CHECKED) {
        if (!one.get) {
          expect([one.name, here.includes(one.name)]).toEqual([one.name, true])
          continue
        }
        const shown = await line(desk, one.name)
        expect([one.name, shown!.cells.slice(1)]).toEqual([
          one.name,
          [one.packs, one.when, moneyWords(one.cents, 'USD')],
        ])
      }
    }
    await desk.emulateMediaType('screen')
    for (const one of SUPPLY_CHECKED) {
      const row = csv.split('\r\n').find((text) => text.startsWith(`${one.name},`))!
      expect(row.split(',').slice(1, 5)).toEqual([String(one.need), String(one.there), '', String(one.get)])
    }
  })
  it('changes how a thing is got by one key, and remembers it', async () => {
    await desk.focus('[aria-label="What to get"] li button')
    const name = await desk.evaluate(() => document.activeElement!.textContent!)
    await desk.keyboard.press('g')
    await desk.waitForFunction(
      (wanted: string) =>
        [...document.querySelectorAll('[aria-label="What to get"] section li')].some(
          (one) =>
            one.querySelector('button')!.textContent === wanted &&
            one.closest('section')!.getAttribute('aria-label') === 'Gather or make in the house',
        ),
      OFTEN,
      name,
    )
    await saved(desk)
    await desk.keyboard.press('u')
    await desk.waitForFunction(
      (wanted: string) =>
        [...document.querySelectorAll('[aria-label="What to get"] section li')].some(
          (one) =>
            one.querySelector('button')!.textContent === wanted &&
            one.closest('section')!.getAttribute('aria-label') !== 'Gather or make in the house',
        ),
      OFTEN,
      name,
    )
  })
  it('opens every number to its reasons', async () => {
    await click(desk, 'large beads', '[aria-label="What to get"]')
    await waitText(desk, 'aside', 'Most in use at one time: 44')
    await waitText(desk, 'aside', '24 for the set-up, day 1 to 10')
    await waitText(desk, 'aside', '4 short here')
    await waitText(desk, 'aside', 'The cheapest of 20 at $4.50, 60 at $11.90')
  })
  it('leaves to the next unit what this one does not use up, and says so at the line', async () => {
    await desk.goto(`${home.base}/units/wheels-and-ramps/get-ready`)
    await waitText(desk, '[aria-label="What to get"]', '4.62 m − 20 cm free')
    await waitText(desk, '[aria-label="What to get"]', '3 m kept for Wind and Kites')
    await desk.goto(home.base + UNIT + '/get-ready')
  })
  it('takes another unit along, and buys what both need once', async () => {
    await (await desk.waitForSelector('[role=combobox]:has([aria-label="Together with other units"])'))!.click()
    await (await desk.waitForSelector('[role=listbox] [role=option] ::-p-text(Wheels and Ramps)'))!.click()
    await sees(desk, 'What to get for Wind and Kites and Wheels and Ramps')
    await desk.keyboard.press('Escape')
    // Half a banana for five on the 18th and again on the 20th: from Saturday they keep five days, so Friday's come
    // from Wednesday.
    expect((await line(desk, 'bananas'))!.cells).toEqual([
      '6',
      '2 × 6',
      'by Sat 14 and Wed 18: it does not keep',
      '$2.98',
    ])
  })
})

describe('in the shop, on a phone', () => {
  it('ticks a line with the price as paid and the pack as found; what is over goes into the pantry', async () => {
    await phone.goto(gate.base + UNIT + '/shop')
    await click(phone, 'The grocer')
    await click(phone, 'bananas')
    await phone.waitForSelector('main form')
    const prices = await phone.$('main form [aria-label="Price of a pack"]')
    await prices!.click({ count: 3 })
    await prices!.type('1.79')
    await click(phone, 'Got it', 'main form')
    await waitText(phone, '[aria-label="In the cart"]', 'bananas')
    await waitOnHand('banana', 6)
    expect((await stored('banana')).packs.find((pack) => pack.size === 6)).toMatchObject({
      price: 179,
      seen: '2026-03-10',
    })
  })
  it('says at the field what is wrong with a pack', async () => {
    await click(phone, 'plain yogurt')
    const size = (await phone.waitForSelector('main form [aria-label="What a pack holds, in g"]'))!
    await size.click({ count: 3 })
    await size.type('0')
    await waitText(phone, 'main form [role=alert]', 'A pack must hold something')
    expect(await phone.$eval('main form button[type=submit]', (button) => (button as HTMLButtonElement).disabled)).toBe(
      true,
    )
  })
  it('offers what else could be done where a thing is not there, and swaps it on the plan', async () => {
    await click(phone, 'Out of stock', 'main form')
    await waitText(phone, '[aria-label="Out of stock"]', 'Without it: Snack sails on Wed 18')
    await click(phone, 'Oat yogurt for Snack sails', '[aria-label="Out of stock"]')
    await waitText(phone, 'main section', 'oat yogurt')
    await phone.waitForFunction(() => localStorage.getItem('kobby-queue') === null, OFTEN)
  })
  it('opens and ticks without a network, keeps it over a reload, and adds up with what was counted at home meanwhile', async () => {
    await phone.evaluate(async () => {
      const { active } = await navigator.serviceWorker.ready
      if (!navigator.serviceWorker.controller && active)
        await new Promise<void>((done) =>
          navigator.serviceWorker.addEventListener('controllerchange', () => done(), { once: true }),
        )
    })
    await phone.goto(`${gate.base}${UNIT}/shop?shop=the craft shop`)
    await sees(phone, 'large beads')
    gate.shut()
    await click(phone, 'Got large beads')
    await sees(phone, '1 check mark kept on this phone')
    await phone.reload()
    await waitText(phone, '[aria-label="In the cart"]', 'large beads')
    await click(phone, 'Got float blocks')
    await sees(phone, '2 check marks kept on this phone')
    expect([await onHand('large-bead'), await onHand('large-cork')]).toEqual([40, 6])
    // A view that this phone never opened is there, too.
    await phone.goto(`${gate.base}/library`)
    await sees(phone, 'A band to wear')
    await phone.goto(`${gate.base}${UNIT}/shop?shop=the craft shop`)
    await sees(phone, '2 check marks kept on this phone')
    // At the desk someone counts the beads: two are lost. And ticks the float blocks, too.
    await desk.goto(`${home.base}/pantry?find=large beads`)
    await click(desk, 'large beads', '[aria-label="Pantry"]')
    await fill(desk, 'On hand', '38')
    await desk.keyboard.press('Enter')
    await waitOnHand('large-bead', 38)
    await desk.goto(`${home.base}${UNIT}/shop?shop=the craft shop`)
    await click(desk, 'Got float blocks')
    await waitOnHand('large-cork', 12)
    gate.open()
    await waitOnHand('large-bead', 58)
    // Ticked by two on one day: bought once, and the second is told.
    await sees(phone, 'had checked off float blocks already: it was bought once')
    expect(await onHand('large-cork')).toBe(12)
    await click(phone, 'I bought it too')
    await waitOnHand('large-cork', 18)
  })
  it('has what only fills up the house in the cart too, over a reload', async () => {
    await phone.goto(`${gate.base}${UNIT}/shop?shop=the dollar aisle`)
    await click(phone, 'Got white paper')
    await waitOnHand('copy-paper', 240)
    await phone.reload()
    await waitText(phone, '[aria-label="In the cart"]', 'white paper')
    await click(phone, 'Put white paper back')
    await waitOnHand('copy-paper', 140)
    await phone.goto(`${gate.base}${UNIT}/shop?shop=the craft shop`)
  })
  it('can be put back, and the money with it', async () => {
    await click(phone, 'Put large beads back')
    await waitOnHand('large-bead', 38)
    expect(await home.kobby.db('purchases').where({ material_id: 'large-bead' })).toEqual([])
  })
})

describe('a day that was done', () => {
  it('takes out of the pantry what it used, less what came back', async () => {
    await desk.goto(`${home.base}${UNIT}/look-back`)
    await click(desk, 'Done: Kite tails')
    // 28 buttons of 60, 495 cm of ribbon of 600, 50 ml of glue of 210, 5 sheets of card of 16.
    for (const [id, left] of [
      ['button', 32],
      ['ribbon-strip', 105],
      ['white-glue', 160],
      ['card-stock', 11],
    ] as const)
      await waitOnHand(id, left)
    await click(desk, 'We had leftovers: Kite tails')
    const field = (await desk.waitForSelector('[aria-label="Really used: buttons"]'))!
    await field.click({ count: 3 })
    await field.type('20')
    await desk.keyboard.press('Tab')
    await waitOnHand('button', 40)
    // Taken back, the field says again what it took, and only passing through it writes nothing.
    await click(desk, 'Undo')
    await waitOnHand('button', 32)
    const shown = () => desk.$eval('[aria-label="Really used: buttons"]', (one) => (one as HTMLInputElement).value)
    expect(await shown()).toBe('28')
    await desk.focus('[aria-label="Really used: buttons"]')
    await desk.keyboard.press('Tab')
    expect([await shown(), await onHand('button')]).toEqual(['28', 32])
    await click(desk, 'Redo')
    await waitOnHand('button', 40)
    await desk.goto(`${home.base}/pantry?find=buttons`)
    await click(desk, 'buttons', '[aria-label="Pantry"]')
    await waitText(desk, '[aria-label="Came and went"]', 'Came back, Kite tails')
    await waitText(desk, '[aria-label="Came and went"]', 'Used, Kite tails')
  })
  it('is given back when it was not done after all', async () => {
    await desk.goto(`${home.base}${UNIT}/look-back`)
    await click(desk, 'Done: Kite tails')
    for (const [id, left] of [
      ['button', 60],
      ['ribbon-strip', 600],
    ] as const)
      await waitOnHand(id, left)
  })
})

describe('the pantry', () => {
  it('is counted place by place with a number and Enter', async () => {
    await desk.goto(`${home.base}/pantry?tab=count`)
    await click(desk, 'blue box', '[aria-label="Counting"]')
    await waitText(desk, '[aria-label="Counting"]', '1 of')
    const name = await textOf(desk, '[aria-label="Counting"] h3')
    const before = await textOf(desk, '[aria-label="Counting"] [role=status]')
    await desk.keyboard.type('7')
    await desk.keyboard.press('Enter')
    await desk.waitForFunction(
      (was: string) => document.querySelector('[aria-label="Counting"] [role=status]')!.textContent !== was,
      OFTEN,
      before,
    )
    const { id } = JSON.parse(
      (await home.kobby.db('materials').where('body', 'like', `%"name":"${name}"%`).first()).body,
    ) as Material
    await waitOnHand(id, 7)
  })
  it('takes an amount as it is written, and says where a unit does not fit', async () => {
    await desk.goto(`${home.base}/pantry?find=uncooked rice`)
    await click(desk, 'uncooked rice', '[aria-label="Pantry"]')
    await fill(desk, 'On hand', '2 lb 4 oz')
    await desk.keyboard.press('Tab')
    await waitOnHand('rice', 1020.584)
    await fill(desk, 'On hand', '3 ft')
    await waitText(desk, 'aside', 'This is counted by weight, not in ft')
    expect(await onHand('rice')).toBe(1020.584)
  })
  it('refuses a count below nothing, at its field', async () => {
    await desk.goto(`${home.base}/pantry?find=dice`)
    await click(desk, 'big foam dice', '[aria-label="Pantry"]')
    await fill(desk, 'On hand', '-3')
    await desk.keyboard.press('Tab')
    await waitText(desk, 'aside', 'An amount cannot be negative')
    expect(await onHand('dice')).toBe(2)
  })
  it('keeps the least of what must never run out, and says what is low', async () => {
    await desk.goto(`${home.base}/pantry?tab=standing`)
    await waitText(desk, '[aria-label="The always-have list"]', 'white paper')
    const field = (await desk.waitForSelector('[aria-label="Keep at least of glue sticks"]'))!
    await field.click({ count: 3 })
    await field.type('nine')
    await desk.keyboard.press('Tab')
    await waitText(desk, '[aria-label="The always-have list"]', 'Write a number')
    expect(await field.evaluate((one) => (one as HTMLInputElement).value)).toBe('nine')
    await field.click({ count: 3 })
    await field.type('9')
    await desk.keyboard.press('Tab')
    await waitText(desk, '[aria-label="The always-have list"]', '2 low')
    await desk.goto(home.base + UNIT + '/get-ready')
    await waitText(desk, '[aria-label="What to get"]', 'to have 9 in the house')
  })
})

describe('asking families', () => {
  it('goes by a link without an account, counts what is promised, and buys or fetches what is not', async () => {
    await desk.goto(`${home.base}/units/wheels-and-ramps/get-ready?tab=families`)
    for (const thing of ['flat cardboard', 'cardboard tubes', 'old shiny discs']) await sees(desk, thing)
    await sees(desk, '3 things asked for, all still open')
    await click(desk, 'They were asked')
    await sees(desk, 'Asked Tue, Mar 10')
    await click(desk, 'Make a link')
    const address = await (await desk.waitForSelector('output'))!.evaluate((one) => one.textContent!)
    const { page: guest } = await openPage(browser, PHONE, 'light', { besideOthers: true, keepsCopy: true })
    await guest.goto(address)
    await sees(guest, '2 sheets still open')
    await sees(guest, '12 still open')
    const text = await guest.evaluate(() => document.body.innerText)
    for (const child of ['Pip', 'Oona', 'Idris', 'Tamsin', 'Juno', 'Bodhi', 'Calla', 'Ravi'])
      expect(text).not.toContain(child)
    await click(guest, 'I can bring some', '[aria-label="flat cardboard"]')
    await click(guest, 'I’ll bring it')
    await waitText(guest, '[role=alert]', 'Write your name')
    await guest.type('[aria-label="Your name"]', 'The neighbors')
    await click(guest, 'I’ll bring it')
    await waitText(guest, '[aria-label="You bring"]', '2 sheets flat cardboard')
    await waitText(desk, 'main section', 'All of it is promised')
    await click(desk, 'The neighbors brought it')
    await waitOnHand('cardboard-sheet', 3)
    await sees(desk, '2 things asked for, all still open')
  })
})

it('adds the year up, with a category that can be changed', async () => {
  await desk.goto(`${home.base}/money`)
  await sees(desk, 'By category')
  await click(desk, 'Category of bananas: Food')
  await desk.focus('input[aria-label="Category of bananas"]')
  await desk.keyboard.down('Control')
  await desk.keyboard.press('a')
  await desk.keyboard.up('Control')
  await desk.keyboard.type('Snacks')
  await desk.keyboard.press('Enter')
  await waitText(desk, '[aria-label="By category"]', 'Snacks')
  const csv = await desk.evaluate(async () => (await fetch('/api/v1/purchases/2026/csv')).text())
  expect(csv).toContain('2026-03-10,the grocer,bananas,1.79,Snacks')
  expect(errors.flat()).toEqual([])
})
