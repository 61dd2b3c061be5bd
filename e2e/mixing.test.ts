import type { Browser, Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { DESK, openBrowser, openPage, sees, signIn } from './browser'
import { choose, click, fill, textOf, waitText } from './hands'
import { openHome, type OpenHome } from './home'

/** A recipe in the amounts of the day: for who is there, with the swap that one of them needs. */

let browser: Browser
let closeBrowser: () => Promise<void>
let home: OpenHome
let page: Page
let errors: string[]

beforeAll(async () => {
  ;({ browser, close: closeBrowser } = await openBrowser())
  home = await openHome(true)
  ;({ page, errors } = await openPage(browser, DESK, 'light', true))
  await signIn(page, home.base)
  await sees(page, 'Wheels and Ramps')
})
afterAll(async () => {
  await closeBrowser()
  await home.close()
})

const IN = '[aria-label="What goes in"]'

describe('mixing for the day', () => {
  it('says for whom each recipe is, on the day that is chosen', async () => {
    await page.goto(`${home.base}/units/wind-and-kites/get-ready?tab=mix`)
    await waitText(page, '.recipe', 'not Pip, Oona or Juno')
    expect(await textOf(page, '[aria-label="Doughs and clay"]')).toContain('Oat dough for those who taste')
    await choose(page, 'For which day', 'Day 3, Mon, Mar 9')
    // Juno does not come on Mondays, and Idris, who mouths things, does.
    await waitText(page, '.recipe', 'not Pip, Oona or Idris')
  })

  it('finds a recipe by what goes into it', async () => {
    await fill(page, 'Find a recipe', 'lens')
    await page.waitForFunction(() => document.querySelectorAll('.recipe').length === 1, { polling: 50 })
    await fill(page, 'Find a recipe', 'no such thing')
    await sees(page, 'No recipe like that')
    await fill(page, 'Find a recipe', 'oobleck')
    await click(page, 'Oobleck', '.groups')
    await sees(page, 'What goes in')
  })

  it('makes the amounts of the worked example', async () => {
    await choose(page, 'How much', 'By portions')
    await fill(page, 'Portions', '6')
    // The demo home is metric: its cup holds 250 ml. In a US kitchen it is 3 2/3.
    await waitText(page, IN, '3 1/2 cups')
    const amounts = await textOf(page, IN)
    expect(amounts).toContain('468 g')
    expect(amounts).toContain('432 g')
    expect(amounts).toContain('Makes 900 g: 6 usual portions.')
  })

  it('parts it into batches by the bowl, and says what does not fit', async () => {
    await fill(page, 'The bowl holds', '700')
    await waitText(page, IN, 'Mix it in 4 equal batches.')
    await fill(page, 'The bowl holds', '100')
    await waitText(page, IN, 'Not even one portion fits into this bowl with room to stir')
  })

  it('says what is wrong with none of it, and keeps what is there', async () => {
    await fill(page, 'Portions', '0')
    await sees(page, 'Make at least one portion.')
    expect(await textOf(page, 'main')).toContain('Pour the starch into the tub.')
  })

  it('swaps for the child who needs it, takes it from the cupboard, and says when it is thrown away', async () => {
    await page.goto(`${home.base}/units/wind-and-kites/get-ready?tab=mix&recipe=no-cook-dough`)
    await waitText(page, IN, 'Rice flour')
    await waitText(page, '.pocket', 'because of Juno')
    // Made on Tuesday, March 10, shared by four: raw flour keeps three days then.
    await waitText(page, '.pocket', 'Friday, March 13, since several children share it')
    await waitText(page, '.pocket', '252 g short')
    await click(page, 'Rice flour for wheat flour', '.pocket')
    await waitText(page, IN, 'Wheat flour')
    await waitText(page, '.pocket', 'Wheat flour')
  })

  it('keeps the recipe over a reload, and goes back to all of them', async () => {
    await page.reload()
    await waitText(page, 'main', 'Dough without cooking')
    await click(page, 'All recipes')
    await waitText(page, '.recipe', 'for all')
    expect(errors).toEqual([])
  })
})
