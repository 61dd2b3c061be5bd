import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Browser, ElementHandle, Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { DESK, shareBrowser, openPage, sees, signIn } from './browser'
import { choose, click, fill, textOf, waitText } from './hands'
import { openHome, type OpenHome } from './home'

/** A recipe in the amounts of the day: for who is there, with the swap that one of them needs. */

let browser: Browser
let closeBrowser: () => Promise<void>
let home: OpenHome
let page: Page
let errors: string[]

beforeAll(async () => {
  ;({ browser, close: closeBrowser } = await shareBrowser())
  home = await openHome(true)
  ;({ page, errors } = await openPage(browser, DESK, 'light', { besideOthers: true }))
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
    await waitText(page, '[aria-label="Recipes"] li button', 'not Pip, Oona or Juno')
    expect(await textOf(page, '[aria-label="Doughs and clay"]')).toContain('Oat dough for those who taste')
    await choose(page, 'For which day', 'Day 3, Mon, Mar 9')
    // Juno does not come on Mondays, and Idris, who mouths things, does.
    await waitText(page, '[aria-label="Recipes"] li button', 'not Pip, Oona or Idris')
  })

  it('finds a recipe by what goes into it', async () => {
    await fill(page, 'Find a recipe', 'lens')
    await page.waitForFunction(() => document.querySelectorAll('[aria-label="Recipes"] li button').length === 1, {
      polling: 50,
    })
    await fill(page, 'Find a recipe', 'no such thing')
    await sees(page, 'No recipe like that')
    await fill(page, 'Find a recipe', 'oobleck')
    await click(page, 'Oobleck', '[aria-label="Recipes"]')
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

  it('says the same in the cups of a US kitchen, and by how much of it there shall be', async () => {
    await click(page, 'US cups')
    await waitText(page, IN, '3 2/3 cups')
    await waitText(page, IN, '468 g')
    await page.emulateMediaType('print')
    expect(await textOf(page, IN)).toContain('3 2/3 cups')
    expect(await textOf(page, 'main')).not.toContain('Start mixing')
    await page.emulateMediaType('screen')
    await choose(page, 'How much', 'By how much of it')
    await fill(page, 'So much of it (g)', '900')
    await waitText(page, IN, 'Makes 900 g: 6 usual portions.')
    await fill(page, 'So much of it (g)', '300000')
    await sees(page, 'That is more than 50 liters: nobody mixes that much at home.')
    await fill(page, 'So much of it (g)', '0.05')
    await waitText(page, IN, 'drop')
    await click(page, 'Metric cups')
    await choose(page, 'How much', 'By portions')
    await fill(page, 'Portions', '6')
    await waitText(page, IN, '3 1/2 cups')
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
    await waitText(page, 'aside', 'because of Juno')
    // Made on Tuesday, March 10, shared by four: raw flour keeps three days then.
    await waitText(page, 'aside', 'Friday, March 13, since several children share it')
    await waitText(page, 'aside', '252 g short')
    await click(page, 'Rice flour for wheat flour', 'aside')
    await waitText(page, IN, 'Wheat flour')
    await waitText(page, 'aside', 'Wheat flour')
  })

  it('keeps the recipe over a reload, and goes back to all of them', async () => {
    await page.reload()
    await waitText(page, 'main', 'Dough without cooking')
    await click(page, 'All recipes')
    await waitText(page, '[aria-label="Recipes"] li button', 'for all')
    expect(errors).toEqual([])
  })
})

describe('what is in the house', () => {
  it('says what must go, and what was learned of a slime', async () => {
    await waitText(page, '[aria-label="In the house"]', 'Cooked dough without wheat')
    await waitText(page, '[aria-label="In the house"]', 'toss by Wed, Mar 11')
    await page.goto(`${home.base}/units/wind-and-kites/get-ready?tab=mix&recipe=starch-slime`)
    await waitText(page, IN, 'Usual here: the last 2 times took')
  })
})

describe('mixing a batch from the plan of the week', () => {
  it('goes onto the plan by one key, in place of what the idea would mix, and off it again', async () => {
    await page.goto(`${home.base}/units/wind-and-kites/get-ready?tab=mix&recipe=salt-dough`)
    await waitText(page, IN, 'Fine salt')
    await choose(page, 'For which day', 'Day 8, Mon, Mar 16')
    await waitText(page, '[aria-label="On the plan"]', 'Salt dough tags')
    await click(page, 'Oat flour labeled gluten-free for wheat flour', 'aside')
    await waitText(page, IN, 'Oat flour')
    await page.keyboard.press('p')
    await waitText(page, '[aria-label="On the plan"]', 'Mixed for Salt dough tags, Mon, Mar 16. The kids mix it.')
    // For those who take part in it, who are fewer than are in the house that day.
    await page.goto(`${home.base}/units/wind-and-kites/get-ready`)
    await click(page, 'Show what is in the house already')
    await sees(page, 'oat flour')
    await page.goto(`${home.base}/units/wind-and-kites/get-ready?tab=mix&recipe=salt-dough`)
    await choose(page, 'For which day', 'Day 8, Mon, Mar 16')
    await click(page, 'Take it off the plan')
    await waitText(page, '[aria-label="On the plan"]', 'Put it on the plan')
    await click(page, 'Undo')
    await waitText(page, '[aria-label="On the plan"]', 'Mixed for Salt dough tags')
  })

  it('is mixed from there, with its swap and by feel, and what went in is out of the pantry', async () => {
    await click(page, 'Start mixing')
    await click(page, 'Done')
    await waitText(page, '[aria-current=step]', 'Firm, and it leaves the bowl clean')
    await click(page, 'Add 1 tsp')
    await click(page, 'It’s right')
    await click(page, 'Done')
    await click(page, 'Done, start the timer')
    await sees(page, 'It is mixed')
    await click(page, 'Write it down')
    await sees(page, 'Salt dough to bake or dry is written down.')
    await waitText(page, '[aria-label="The label"]', 'No allergen that this home watches. Not for eating.')
    await waitText(page, IN, 'Usual here: the last time took')
    // Of 500 g of oat flour: what went in for the three who take part.
    const rows = await page.evaluate(async () => {
      const batches = (await (await fetch('/api/v1/batches')).json()) as {
        rows: { value: { name: string; went: { materialId: string; quantity: number }[] } }[]
      }
      const house = (await (await fetch('/api/v1/house')).json()) as {
        rows: { kind: string; value: { id: string; onHand: number; density: number } }[]
      }
      const batch = batches.rows.find((one) => one.value.name.startsWith('Salt dough'))!
      const flour = house.rows.find((one) => one.kind === 'material' && one.value.id === 'oat-flour')!.value
      return { ml: batch.value.went.find((one) => one.materialId === 'oat-flour')!.quantity, ...flour }
    })
    expect(rows.onHand).toBeCloseTo(500 - rows.ml * rows.density, 1)
    await click(page, 'All recipes')
    await waitText(page, '[aria-label="In the house"]', 'Salt dough to bake or dry')
    // Undo takes back the batch and what it took, in one step.
    await click(page, 'Undo')
    await page.waitForFunction(
      () =>
        !document
          .querySelector<HTMLElement>('[aria-label="In the house"]')
          ?.innerText.includes('Salt dough to bake or dry'),
      { polling: 50 },
    )
  })

  it('is told of where it stands on the plan', async () => {
    await page.goto(`${home.base}/units/wind-and-kites/lay-out`)
    await click(page, 'Mon 8')
    const card = await page.waitForFunction(
      () =>
        [...document.querySelectorAll<HTMLElement>('[data-placement]')].find((one) =>
          one.innerText.includes('Salt dough tags'),
        ),
      { polling: 50 },
    )
    await (card.asElement() as ElementHandle<HTMLElement>).click()
    await waitText(page, 'aside', 'Mixed by Salt dough to bake or dry')
    await click(page, 'Salt dough to bake or dry', 'aside')
    await sees(page, 'What goes in')
  })

  const DOUGH = 'get-ready?tab=mix&recipe=no-cook-dough'

  it('goes by space, by a tap beside the buttons, and back', async () => {
    await page.goto(`${home.base}/units/wind-and-kites/${DOUGH}`)
    await waitText(page, IN, 'Rice flour')
    await click(page, 'Start mixing')
    await waitText(page, '[aria-current=step]', 'Stir flour and salt')
    await page.keyboard.press(' ')
    await waitText(page, '[aria-current=step]', 'the first of the water')
    await page.click('[aria-label="What goes in"] h3')
    await waitText(page, '[aria-current=step]', 'Add water a spoonful')
    await click(page, 'Back a step')
    await waitText(page, '[aria-current=step]', 'the first of the water')
    await click(page, 'Done')
    await waitText(page, '[aria-current=step]', 'Silky, and it no longer sticks')
  })

  it('adds by feel, over a reload, and says when it is the most', async () => {
    await waitText(page, 'main [role=status]', '2 tbsp and 1 tsp')
    await click(page, 'Add 1 tbsp')
    await waitText(page, 'main [role=status]', '3 tbsp and 1 tsp')
    await page.reload()
    await waitText(page, 'main [role=status]', '3 tbsp and 1 tsp')
    for (let i = 0; i < 9; i++) await click(page, 'Add 1 tbsp')
    await waitText(page, '[aria-current=step]', 'That is the most.')
    await click(page, 'Take 1 tbsp back')
    await waitText(page, 'main [role=status]', '2/3 cup')
    await click(page, 'It’s right')
    await click(page, 'Done')
  })

  it('is written down with how it is kept, and offers its label', async () => {
    await sees(page, 'It is mixed')
    await fill(page, 'For next time', 'Softer with fresh flour')
    await click(page, 'Write it down')
    await sees(page, 'Dough without cooking is written down.')
    await waitText(page, '[aria-label="The label"]', 'Toss by Fri, Mar 13.')
    await waitText(page, '[aria-label="The label"]', 'No allergen that this home watches. Not for eating.')
    const address = await page.$eval('[aria-label="The label"] a', (link) => link.getAttribute('href')!)
    const pdf = await page.evaluate(async (at) => {
      const answer = await fetch(at)
      return [answer.status, answer.headers.get('content-type'), (await answer.text()).slice(0, 5)]
    }, address)
    expect(pdf).toEqual([200, 'application/pdf', '%PDF-'])
    await fill(page, 'How many', '0')
    await sees(page, 'Print at least one label')
  })

  it('leaves less in the pantry, and what is usual here is nearer to what was right', async () => {
    // 115 g of salt went in, of 900.
    await page.goto(`${home.base}/pantry`)
    await fill(page, 'Search the pantry', 'fine salt')
    await waitText(page, 'main', '785 g')
    await page.goto(`${home.base}/units/wind-and-kites/${DOUGH}`)
    await waitText(page, IN, 'Usual here: the last time took')
    await waitText(page, IN, 'By the recipe it is')
    await click(page, 'Go by the recipe again')
    await page.waitForFunction(() => !document.body.innerText.includes('Usual here'), { polling: 50 })
    await click(page, 'Undo')
    await waitText(page, IN, 'Usual here')
  })

  it('is on the fridge list, for whom it is not, until it is gone', async () => {
    await click(page, 'All recipes')
    await waitText(page, '[aria-label="In the house"]', 'Dough without cooking')
    await waitText(page, '[aria-label="In the house"]', 'not for Pip, Oona or Idris')
    await waitText(page, '[aria-label="In the house"]', 'Softer with fresh flour')
    await click(page, 'Labels for Dough without cooking')
    await waitText(page, '[aria-label="In the house"]', 'A4 paper, 10 to cut apart')
    await choose(page, 'Sheet', 'A4 sheet of 21, 63.5 x 38.1 mm')
    await sees(page, 'First free label')
    await click(page, 'It’s gone: Dough without cooking')
    await page.waitForFunction(
      () =>
        !document
          .querySelector<HTMLElement>('[aria-label="In the house"]')
          ?.innerText.includes('Dough without cooking'),
      { polling: 50 },
    )
    await click(page, 'Undo')
    await waitText(page, '[aria-label="In the house"]', 'Dough without cooking')
  })

  it('keeps the waits of several mixtures at once, and stops one without a trace', async () => {
    await page.goto(`${home.base}/units/wind-and-kites/get-ready?tab=mix&recipe=bread-in-a-bag`)
    await click(page, 'Start mixing')
    await click(page, 'Done, start the timer')
    await page.goto(`${home.base}/units/wind-and-kites/get-ready?tab=mix&recipe=ice-boats`)
    await click(page, 'Start mixing')
    await click(page, 'Done')
    await click(page, 'Done, start the timer')
    await page.reload()
    await waitText(page, '[aria-label="Timers"]', 'h')
    expect(await page.$$eval('[aria-label="Timers"] [role=timer]', (all) => all.length)).toBe(2)
    await waitText(page, '[aria-label="Timers"]', 'Ice boats')
    // What takes a night is on the clock too.
    await waitText(page, '[aria-label="On the clock"]', 'Ready, begun now')
    await click(page, 'Bread in a bag', '[aria-label="Timers"]')
    await waitText(page, 'main h2', 'Bread in a bag')
    await click(page, 'Stop mixing')
    await sees(page, 'Nothing of it is written down.')
    await click(page, 'Stop mixing it')
    await sees(page, 'Start mixing')
    expect(errors).toEqual([])
  })
})

describe('a wait that is over', () => {
  it('is said on whatever page she is, until she has seen it', async () => {
    await page.evaluate(() => {
      const going = JSON.parse(localStorage.getItem('kobby-mixing')!) as { timers: { endsAt: number }[] }[]
      for (const one of going) for (const timer of one.timers) timer.endsAt = Date.now() - 60_000
      localStorage.setItem('kobby-mixing', JSON.stringify(going))
    })
    await page.goto(`${home.base}/pantry`)
    await waitText(page, '[aria-label="Timers that are over"]', 'Ice boats is ready since')
    await click(page, 'Got it', '[aria-label="Timers that are over"]')
    await page.waitForFunction(() => !document.querySelector('[aria-label="Timers that are over"]'), { polling: 50 })
    expect(errors).toEqual([])
  })
})

describe('recipes of her own', () => {
  it('work at once from parts, with what is wrong said at its field', async () => {
    await page.goto(`${home.base}/units/wind-and-kites/get-ready?tab=mix`)
    await click(page, 'Write a recipe')
    await click(page, 'Save the recipe')
    await sees(page, 'Name at least one ingredient')
    await fill(page, 'Name', 'Kitchen sand')
    await fill(page, 'What goes in, one to a line', '8 parts wheat flour\n1 cup sunflower oil')
    await sees(page, 'Line 2: Write all of a recipe in parts, or none of it')
    await fill(page, 'What goes in, one to a line', '8 parts wheat flour\n1 part sunflower oil')
    await fill(page, 'Steps, one to a line', 'Rub the oil into the flour, 8 min, kids')
    await waitText(page, '[aria-label="What it comes to"]', 'Makes 720 g.')
    await page.waitForFunction(() => localStorage.getItem('kobby-draft-recipe-new')?.includes('8 min, kids'), {
      polling: 50,
    })
    await page.reload()
    await sees(page, 'Picked up where you left it.')
    await click(page, 'Save the recipe')
    await waitText(page, IN, 'Wheat flour')
    await sees(page, 'Kitchen sand')
  })
  it('are changed, kept as a file, removed, and brought back by undo', async () => {
    await click(page, 'Change it', 'aside')
    await fill(page, 'Name', 'Moon sand of ours')
    await click(page, 'Save the recipe')
    await waitText(page, 'main h2', 'Moon sand of ours')
    await click(page, 'Remove it', 'aside')
    await sees(page, 'Doughs and clay')
    await page.waitForFunction(() => !document.body.innerText.includes('Moon sand of ours'), { polling: 50 })
    await page.evaluate(() =>
      fetch('/api/v1/changes/undo', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ unitId: null }),
      }),
    )
    await page.reload()
    await sees(page, 'Moon sand of ours')
  })
  it('are copied from the library, and come in from a file of elsewhere', async () => {
    await page.goto(`${home.base}/units/wind-and-kites/get-ready?tab=mix&recipe=oobleck`)
    await click(page, 'Copy and change it', 'aside')
    await waitText(page, 'main', 'A recipe of your own')
    await page.goto(`${home.base}/units/wind-and-kites/get-ready?tab=mix`)
    const input = (await page.waitForSelector('main input[type=file]'))! as ElementHandle<HTMLInputElement>
    const folder = mkdtempSync(join(tmpdir(), 'kobby-recipe-'))
    const file = (name: string, text: string) => (writeFileSync(join(folder, name), text), join(folder, name))
    await input.uploadFile(file('odd.json', 'no json'))
    await sees(page, 'odd.json is not a recipe file: it is not JSON. Nothing was changed.')
    await input.uploadFile(file('empty.json', '{"@type":"Recipe","name":"A"}'))
    await sees(page, 'It names nothing that goes in')
    await input.uploadFile(
      file(
        'flat.jsonld',
        JSON.stringify({
          '@type': 'Recipe',
          name: 'Flat breads',
          recipeYield: '8 breads',
          recipeIngredient: ['2 cups wheat flour', '1 cup plain yogurt'],
          recipeInstructions: ['Knead it.', 'Bake it in a pan.'],
        }),
      ),
    )
    await waitText(page, '[aria-label="What it comes to"]', 'Wheat flour')
    await click(page, 'Save the recipe')
    await waitText(page, 'main h2', 'Flat breads')
    rmSync(folder, { recursive: true, force: true })
    expect(errors).toEqual([])
  })
})
