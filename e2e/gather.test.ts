import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { OFTEN, sees } from './browser'
import { openDemo, type OpenDemo } from './demo'
import { choose, click, fill, named, saved, tabTo, textOf, waitText } from './hands'

let demo: OpenDemo
let page: Page
beforeAll(async () => {
  demo = await openDemo()
  page = demo.page
})
afterAll(() => demo.close())

const UNIT = '/units/wind-and-kites'
const gather = (query = '') => page.goto(`${demo.base}${UNIT}/gather${query}`)
const count = (selector: string) => page.$$eval(selector, (all) => all.length)
describe('a theme typed by hand', () => {
  it('starts with a plan in its style, from eight objects and three words', async () => {
    await click(page, 'Start a unit')
    await fill(page, 'Theme', 'Rock pools')
    await click(page, 'Centers')
    await fill(
      page,
      'Objects of the theme',
      '6 shells, 2 crabs, starfish, seaweed, 12 red pebbles, limpet, bucket, 3 nets',
    )
    await waitText(page, '[role=dialog]', '8 objects: shell (6), crab (2), starfish')
    for (const word of ['tide', 'cling', 'shallow']) {
      await fill(page, 'Words to learn', word)
      await page.keyboard.press('Enter')
    }
    await click(page, 'Start', '[role=dialog] form')
    await sees(page, 'Put out')
    await waitText(page, '[aria-label="The way through a unit"]', '3 words, 8 objects')
    // Something together and something for a small group on every day that is looked at.
    for (const slot of ['1 circle', '1 choice', '2 circle', '2 choice'])
      expect(await count(`[data-slot="${slot}"] [data-placement]`)).toBeGreaterThan(0)
  })
  it('has twenty ideas and more from patterns, each with something for all eight children', async () => {
    await click(page, '2 Gather')
    await click(page, 'Patterns')
    await sees(page, 'out of 8 objects of Rock pools')
    await click(page, 'Show')
    await page.waitForFunction(() => document.querySelectorAll('[aria-label="Ideas"] > li').length > 24, OFTEN)
    const cards = await page.$$eval('[aria-label="Ideas"] > li', (all) =>
      all.map(
        (one) =>
          [
            one.querySelector('[data-title]')!.textContent!,
            one.querySelectorAll('[aria-label="Who"] > li').length,
            one.querySelectorAll('[aria-label="Who"] [data-look=out]').length,
          ] as const,
      ),
    )
    expect(new Set(cards.map(([title]) => title)).size).toBe(cards.length)
    for (const [title, marks, out] of cards) expect([title, marks, out]).toEqual([title, 8, 0])
    // What the theme lacks for the others is said, not papered over.
    await waitText(page, '[aria-label="Patterns that need more"]', 'Needs')
  })
  it('says what to do where a theme has no objects', async () => {
    await page.goto(`${demo.base}/units`)
    await click(page, 'Start a unit')
    await fill(page, 'Theme', 'Nothing yet')
    await click(page, 'Lay out a first plan')
    await click(page, 'Start', '[role=dialog] form')
    await sees(page, 'Add a slow project')
    await click(page, 'Gather ideas')
    await click(page, 'Patterns')
    await sees(page, 'Write down three objects or more')
  })
})

describe('the basket', () => {
  it('takes an idea of a pattern with what it needs, and gives it back as it was', async () => {
    await gather('?tab=patterns')
    // Decks of cards come after what each center becomes.
    for (const shown of [24, 48]) {
      await page.waitForFunction(
        (least: number) => document.querySelectorAll('[aria-label="Ideas"] > li').length >= least,
        OFTEN,
        shown,
      )
      await click(page, 'Show')
    }
    await click(page, 'Gather Two alike: Wind and Kites')
    await waitText(page, 'aside', 'Two alike: Wind and Kites')
    await saved(page)
    await click(page, 'In the basket: Two alike: Wind and Kites')
    await named(page, 'Gather Two alike: Wind and Kites')
    await click(page, 'Gather Two alike: Wind and Kites')
    await saved(page)
    await page.goto(`${demo.base}/library`)
    await fill(page, 'Search by any word', 'two alike')
    await waitText(page, '[aria-label="Ideas"]', 'Two alike: Wind and Kites')
    // Gathered twice, it is one idea of the library.
    expect(
      await page.$$eval(
        '[aria-label="Ideas"] td button',
        (all) => all.filter((one) => one.textContent === 'Two alike: Wind and Kites').length,
      ),
    ).toBe(1)
  })
  it('lets the number of the unit reach into an idea, or leaves it', async () => {
    await gather('?open=dough-diamonds')
    await click(page, 'take it: Five dough cutters each')
    await waitText(page, 'aside', 'Count five dough cutters out with each child.')
    await waitText(page, 'aside', '5 each child')
    await click(page, 'leave it: Cut out a diamond')
    await saved(page)
    await page.reload()
    await waitText(page, 'aside [data-answer=left]', 'Left')
    await click(page, 'ask again: Five dough cutters each')
    await waitText(page, 'aside', '2 each child')
  })
  it('is narrowed down by what suits, by what the week lacks and by what a child likes', async () => {
    await gather()
    await waitText(page, '[aria-label="Ideas"]', 'Kite tails')
    const all = await textOf(page, '[role=search] [role=status]')
    await click(page, 'Have everything')
    await page.waitForFunction(
      (before: string) => document.querySelector<HTMLElement>('[role=search] [role=status]')!.innerText !== before,
      OFTEN,
      all,
    )
    expect(
      await page.$$eval(
        '[aria-label="Ideas"] > li > div:last-child',
        (ends) => ends.filter((one) => !one.textContent!.includes('all in the house')).length,
      ),
    ).toBe(0)
    await click(page, 'Clear')
    await waitText(page, '[role=search] [role=status]', all)
    await choose(page, 'Learning area', 'What this week is short on')
    await waitText(page, '[role=search]', 'Too little of it this week')
    await click(page, 'Clear')
    await click(page, 'More filters')
    await choose(page, 'Interest of a child', 'Bodhi: anything that spins')
    await page.waitForFunction(
      () => /^\d{1,2} ideas?$/.test(document.querySelector<HTMLElement>('[role=search] [role=status]')!.innerText),
      OFTEN,
    )
    expect(await textOf(page, '[aria-label="Ideas"]')).toMatch(/spin/i)
  })
})

describe('half an idea', () => {
  it('is kept with where it was seen, waits without a unit, and comes back', async () => {
    await gather('?tab=notebook')
    await (await page.waitForSelector('main [aria-label="Half an idea"]'))!.type('Paper moths that hang from the lamp')
    await page.keyboard.press('Enter')
    await waitText(page, 'article', 'Paper moths')
    await page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('article [aria-expanded]')]
        .find((one) => one.innerText.startsWith('Paper moths'))!
        .click(),
    )
    await fill(page, 'Link', 'moths.example')
    await fill(page, 'Page', '17')
    await waitText(page, 'article', 'Paste the whole address, with https://')
    await fill(page, 'Link', 'https://moths.example/paper')
    await fill(page, 'How it would look', 'A branch over the table')
    await page.keyboard.press('Tab')
    await saved(page)
    await click(page, 'For some other time: Paper moths')
    await waitText(page, '[aria-label="For some other time"]', 'Paper moths')
    await page.goto(`${demo.base}/units/wheels-and-ramps/gather?tab=notebook`)
    await waitText(page, '[aria-label="For some other time"]', 'Paper moths')
    await click(page, 'Take into the unit: Paper moths')
    await waitText(page, 'aside', 'Paper moths')
  })
  it('is written out over a reload, with errors at their fields, and becomes an idea in place', async () => {
    await click(page, 'Finish this idea: Paper moths')
    await waitText(page, 'aside', 'Page 17')
    expect(await page.$eval('[aria-label="Step 1"]', (one) => (one as HTMLTextAreaElement).value)).toBe(
      'A branch over the table',
    )
    await click(page, 'Save the idea')
    await waitText(
      page,
      'main [role=alert]',
      'Not saved yet: look at the aim, the center, what it is for and who does what.',
    )
    await fill(page, 'Aim, in one sentence', 'Fold a moth that moves in the air.')
    await choose(page, 'Centers, best place first', 'Art table')
    await page.keyboard.press('Escape')
    await choose(page, 'Learning areas, main one first', 'Fine motor')
    await page.keyboard.press('Escape')
    await page.type('[aria-label="Preschool does it"]', 'Fold a square twice and draw the eyes.')
    await page.type('[aria-label="Infant beside it"]', 'Watch a ribbon turn.')
    await waitText(page, 'aside', 'Oona too young for this')
    await click(page, 'Add a material')
    await page.type('[aria-label="Material 1"]', 'moth wings')
    await click(page, 'Add it to the pantry')
    await waitText(page, '[aria-label="Material 1"], main', 'moth wings')
    for (const text of ['Hang the branch.', 'Fold the wings.']) {
      await click(page, 'Add a step')
      const steps = await page.$$('[aria-label="How it goes"] textarea:not([aria-hidden])')
      await steps[steps.length - 1].type(text)
    }
    await page.waitForFunction(
      () =>
        Object.keys(localStorage).some(
          (key) => key.startsWith('kobby-draft') && localStorage.getItem(key)!.includes('Fold the wings.'),
        ),
      OFTEN,
    )
    await page.reload()
    await sees(page, 'Picked up where you left it.')
    // The handle moves a step by key, and by hand.
    await tabTo(page, 'Move step 3')
    await page.keyboard.press('ArrowUp')
    const order = () =>
      page.$$eval('[aria-label^="Step "]', (all) => all.map((one) => (one as HTMLTextAreaElement).value))
    expect(await order()).toEqual(['A branch over the table', 'Fold the wings.', 'Hang the branch.'])
    const handles = await page.$$('[aria-label="How it goes"] button[aria-label^="Move "]')
    await handles[0].evaluate((one) => one.scrollIntoView({ block: 'center' }))
    const [from, to] = [(await handles[0].boundingBox())!, (await handles[2].boundingBox())!]
    await page.mouse.move(from.x + 8, from.y + 12)
    await page.mouse.down()
    await page.mouse.move(from.x + 10, from.y + 24, { steps: 4 })
    await page.mouse.move(to.x + 8, to.y + 24, { steps: 12 })
    await page.mouse.up()
    await page.waitForFunction(
      () =>
        document.querySelectorAll<HTMLTextAreaElement>('[aria-label="Step 3"]')[0].value === 'A branch over the table',
      OFTEN,
    )
    await click(page, 'Save the idea')
    await waitText(page, 'aside', 'Watch a ribbon turn.')
    await waitText(page, 'aside', 'https://moths.example/paper')
    await saved(page)
    await click(page, '← Basket')
    await waitText(page, 'aside [aria-label="Gathered"]', 'Paper moths that hang from the lamp')
    // What nobody measured is asked for.
    await gather()
    await page.goto(`${demo.base}/pantry?find=moth wings`)
    await click(page, 'moth wings')
    await choose(page, 'Does the smallest piece fit through a toilet-paper tube?', 'no, it is too big')
    await saved(page)
    const [wings] = await demo.kobby.db('materials').where('body', 'like', '%moth wings%')
    expect(JSON.parse(wings.body).safety).toMatchObject({ partMm: [80, 60, 50], measured: true })
  })
})

describe('a theme that Kobby knows', () => {
  it('is offered as it is typed, filled in by one click, and taken out again', async () => {
    await page.goto(`${demo.base}/units`)
    await click(page, 'Start a unit')
    await fill(page, 'Theme', 'A bakery at night')
    await click(page, 'A bakery', '[aria-label="Kobby can fill this in"]')
    await sees(page, 'Filled in from “A bakery”: 10 objects, 6 words, a big idea and 3 questions.')
    const objects = () =>
      page.$eval(
        '[role=dialog] form',
        (form) => (form.querySelector('[placeholder^="6 shells"]') as HTMLInputElement).value,
      )
    expect(await objects()).toContain('loaf, roll, pretzel')
    await click(page, 'Take it out again')
    expect(await objects()).toBe('')
    await click(page, 'Cancel')
  })
})

describe('the objects of the theme', () => {
  it('are read as they are typed, say what was meant, and leave out what is not for play', async () => {
    await page.goto(`${demo.base}${UNIT}/spark`)
    await page.waitForSelector('[aria-label="Add objects"]')
    await page.type('[aria-label="Add objects"]', '5 gizmos, 3 mushrom, a gun')
    await sees(page, 'Kobby makes no ideas about weapons.')
    await click(page, 'Use “mushroom”')
    await click(page, 'Add')
    await saved(page)
    const objects = await page.$$eval('[aria-label^="Object "]', (all) =>
      all.map((one) => (one as HTMLInputElement).value),
    )
    expect(objects.slice(-2)).toEqual(['gizmo', 'mushroom'])
  })
  it('are asked for their size once, where nobody knows it', async () => {
    await click(page, 'Too big to go through', '[aria-label="Size of gizmo"]')
    await saved(page)
    const unit = JSON.parse((await demo.kobby.db('units').where({ id: 'wind-and-kites' }).first()).body)
    expect(unit.objects.find((one: { name: string }) => one.name === 'gizmo')).toMatchObject({
      onHand: 5,
      pieceMm: [80, 60, 50],
      asked: true,
    })
    expect(await count('[aria-label="Size of gizmo"]')).toBe(0)
    // What is known is not asked for: a toy mushroom has a usual size.
    expect(await count('[aria-label="Size of mushroom"]')).toBe(0)
  })
  it('can be given a picture of her own, in which nothing runs, and say what is wrong with a file', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'kobby-pictures-'))
    const file = (name: string, content: string | Buffer) => {
      writeFileSync(join(folder, name), content)
      return join(folder, name)
    }
    try {
      await click(page, 'More about gizmo')
      const input = (await page.waitForSelector('main input[type=file]'))!
      await input.uploadFile(file('notes.png', 'no picture at all'))
      await sees(page, 'notes.png is not a picture Kobby can read. It takes PNG, JPEG and SVG.')
      await input.uploadFile(file('huge.png', Buffer.alloc(50_000_000)))
      await sees(page, 'huge.png has 50.0 MB; a picture can have up to 30 MB. Take a smaller one.')
      await input.uploadFile(file('half.png', readFileSync('docs/screenshots/room.png').subarray(0, 20)))
      await sees(page, 'half.png could not be opened: it may be damaged.')
      await input.uploadFile(
        file(
          'gizmo.svg',
          '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 20" onload="parent.ran = true">' +
            '<script>parent.ran = true; fetch("https://elsewhere.example/")</script>' +
            '<image href="https://elsewhere.example/x.png" width="9" height="9"/><rect width="40" height="20" fill="red"/></svg>',
        ),
      )
      await page.waitForSelector('.drawing img[src^="/api/v1/pictures/"]')
      await saved(page)
      const kept = (await demo.kobby.db('pictures').select('type', 'bytes')) as { type: string; bytes: Buffer }[]
      expect(kept.map(({ type, bytes }) => [type, bytes.subarray(1, 4).toString()])).toEqual([['image/png', 'PNG']])
      expect(await page.evaluate(() => (window as { ran?: boolean }).ran)).toBeUndefined()
      const { width, height } = await page.$eval('main img[src^="/api/v1/pictures/"]', (one) => ({
        width: (one as HTMLImageElement).naturalWidth,
        height: (one as HTMLImageElement).naturalHeight,
      }))
      expect([width, height]).toEqual([480, 240])
    } finally {
      rmSync(folder, { recursive: true, force: true })
    }
  })
})

describe('an idea of the library', () => {
  it('is copied and changed, and takes its place on the plan with its origin kept', async () => {
    await gather('?open=kite-tails')
    await click(page, 'Copy and change')
    await sees(page, 'In Wind and Kites it takes the place of the one it is copied from')
    await fill(page, 'Name', 'Kite tails with rings')
    await click(page, 'Save the idea')
    await waitText(page, 'aside', 'Changed from Kite tails.')
    await saved(page)
    await page.goto(`${demo.base}${UNIT}/lay-out`)
    await waitText(page, '[data-placement="wind-and-kites-21"]', 'Kite tails with rings')
    await click(page, 'Undo')
    await page.waitForFunction(
      () =>
        document.querySelector('[data-placement="wind-and-kites-21"] [data-title]')?.textContent?.trim() ===
        'Kite tails',
      OFTEN,
    )
  })
  it('is put aside and offered no more, and taken out again', async () => {
    await page.goto(`${demo.base}/library?open=freeze-dance`)
    await click(page, 'Archive', 'aside')
    await waitText(page, '[role=tablist]', 'Archive 1')
    await saved(page)
    await gather()
    await fill(page, 'Search by any word', 'statues')
    await sees(page, 'Nothing matches all of that')
    await page.goto(`${demo.base}/library?open=freeze-dance`)
    await click(page, 'Restore')
    await saved(page)
  })
  it('says when it was done and how it went', async () => {
    await page.goto(`${demo.base}${UNIT}/look-back`)
    await choose(page, 'How did it go: Statues', 'they asked for more')
    await fill(page, 'A note for next time: Statues', 'slower music')
    await page.keyboard.press('Enter')
    await saved(page)
    await gather('?open=freeze-dance')
    await waitText(page, 'aside', 'in Wind and Kites: they asked for more (slower music)')
  })
})

describe('a table of ideas', () => {
  const drop = async (name: string, text: string) => {
    const input = (await page.waitForSelector('aside input[type=file]'))!
    await input.evaluate(
      (one, file: { name: string; text: string }) => {
        const data = new DataTransfer()
        data.items.add(new File([file.text], file.name, { type: 'text/csv' }))
        ;(one as HTMLInputElement).files = data.files
        one.dispatchEvent(new Event('change'))
      },
      { name, text },
    )
  }
  it('names the line and the column of what is wrong, and changes nothing', async () => {
    await page.goto(`${demo.base}/library`)
    await sees(page, 'As a table')
    const before = await textOf(page, 'header')
    await drop(
      'ours.csv',
      'title;aim;centers;domains;do minutes;steps;preschool\nMud pies;Mix until it holds.;Moon;Sensory;20;Mix.;Stir.\n',
    )
    await waitText(page, 'main [role=alert]', 'line 2, centers: “Moon” is not one of')
    expect(await textOf(page, 'header')).toBe(before)
  })
  it('is shown before it is brought in, and then it is there', async () => {
    await drop(
      'ours.csv',
      '\uFEFFtitle;aim;centers;domains;do minutes;steps;preschool\nMud pies;Mix until it holds.;Yard;Sensory;20;Mix.;Stir.\n',
    )
    await waitText(page, 'aside', '1 added, 0 replaced, 0 the same.')
    await click(page, 'Bring it in')
    await fill(page, 'Search by any word', 'mud pies')
    await waitText(page, '[aria-label="Ideas"]', 'Mud pies')
  })
})

it('has met no error on the way', () => expect(demo.errors).toEqual([]))
