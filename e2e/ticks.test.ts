import type { Browser, Page } from 'puppeteer-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { DESK, OFTEN, shareBrowser, openPage, PHONE, sees, signIn } from './browser'
import { openGate, type Gate } from './gate'
import { textOf, waitText } from './hands'
import { openHome, type OpenHome } from './home'

/**
 * Ticks without a network, on the helper's phone and on the owner's: kept over a reload, sent when it is back, seen by
 * the other.
 */

let browser: Browser
let closeBrowser: () => Promise<void>
let home: OpenHome
let gate: Gate
let owner: Page
let helper: Page
let link: string
beforeAll(async () => {
  ;({ browser, close: closeBrowser } = await shareBrowser())
  home = await openHome(true)
  gate = await openGate(home.base)
  owner = (await openPage(browser, DESK, 'light', { besideOthers: true, keepsCopy: true })).page
  await signIn(owner, home.base)
  const token = await owner.evaluate(async () => {
    const answer = await fetch('/api/v1/units/wind-and-kites/shares', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ day: 4, label: 'Teo', endsOn: '2026-03-10' }),
    })
    return ((await answer.json()) as { token: string }).token
  })
  link = `${gate.base}/day/${token}`
  helper = (await openPage(browser, PHONE, 'light', { besideOthers: true, keepsCopy: true })).page
  await helper.goto(link)
  await helper.waitForSelector('label:has(> input[type=checkbox])')
  await owner.goto(`${home.base}/units/wind-and-kites/run`)
  await owner.waitForSelector('label:has(> input[type=checkbox])')
})
afterAll(async () => {
  await closeBrowser()
  await gate.close()
  await home.close()
})

const tickStep = async (page: Page, index: number) => {
  const box = (await page.$$('label:has(> input[type=checkbox]) input'))[index]
  await box.evaluate((one) => one.scrollIntoView({ block: 'center' }))
  await box.click()
}
const tickedCount = (page: Page, count: number) =>
  page.waitForFunction(
    (wanted: number) => document.querySelectorAll('label[data-ticked]').length === wanted,
    OFTEN,
    count,
  )
const ticksKept = () => home.kobby.db('ticks').where({ done: true })

it('of a helper are kept on the phone over a reload, and sent when the network is back', async () => {
  gate.shut()
  await tickStep(helper, 0)
  await tickStep(helper, 1)
  await tickedCount(helper, 2)
  await sees(helper, 'Your check marks are kept on this phone and sent when it is back.')
  const kept = await helper.evaluate(() =>
    Object.entries(localStorage).find(([name]) => name.startsWith('kobby-ticks-')),
  )
  expect(JSON.parse(kept![1])).toHaveLength(2)
  expect(link).not.toContain(kept![0].replace('kobby-ticks-', ''))
  expect(await ticksKept()).toHaveLength(0)
  await helper.reload().catch(() => undefined)
  gate.open()
  await helper.goto(link)
  await tickedCount(helper, 2)
  await tickedCount(owner, 2)
  expect(await textOf(owner, 'label[data-ticked]')).toContain('Teo')
  await helper.waitForFunction(() => !Object.keys(localStorage).some((name) => name.startsWith('kobby-ticks-')), OFTEN)
  expect(await ticksKept()).toHaveLength(2)
})

it('of the owner wait in the same queue as every change, over a reload too', async () => {
  const phone = (await openPage(browser, DESK, 'light', { besideOthers: true, keepsCopy: true })).page
  await signIn(phone, gate.base)
  await phone.goto(`${gate.base}/units/wind-and-kites/run`)
  await tickedCount(phone, 2)
  gate.shut()
  await tickStep(phone, 2)
  await tickedCount(phone, 3)
  await waitText(phone, '[aria-label="What is saved"]', 'No connection')
  expect(await phone.evaluate(() => localStorage.getItem('kobby-queue'))).toContain('"op":"tick"')
  gate.open()
  await phone.goto(`${gate.base}/units/wind-and-kites/run`)
  await tickedCount(phone, 3)
  await tickedCount(owner, 3)
  await phone.waitForFunction(() => localStorage.getItem('kobby-queue') === null, OFTEN)
  expect(await home.kobby.db('changes').orderBy('seq', 'desc').first()).toMatchObject({
    by: 'Maren',
    state: 'dead',
    label: expect.stringMatching(/^Checked off: /),
  })
})

it('of a helper whose step is gone are not kept silently: the page says so and shows what stands there', async () => {
  gate.shut()
  await tickStep(helper, 5)
  await sees(helper, 'Your check marks are kept on this phone')
  const id = await helper.evaluate(
    () =>
      (
        JSON.parse(Object.entries(localStorage).find(([name]) => name.startsWith('kobby-ticks-'))![1]) as {
          placementId: string
        }[]
      )[0].placementId,
  )
  const { body } = await home.kobby.db('placements').where({ id }).first()
  const placement = JSON.parse(body)
  await owner.evaluate(async (value) => {
    const rows = (
      (await (await fetch('/api/v1/units/wind-and-kites')).json()) as {
        rows: { kind: string; version: number; value: { id: string } }[]
      }
    ).rows
    const { version } = rows.find((row) => row.kind === 'placement' && row.value.id === value.id)!
    await fetch('/api/v1/changes', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({
        id: 'taken-off',
        unitId: 'wind-and-kites',
        label: 'Take it off',
        ops: [{ op: 'remove', kind: 'placement', id: value.id, base: version }],
      }),
    })
  }, placement)
  gate.open()
  await sees(helper, 'A check mark was not kept, because the plan has changed.')
})
