import type { Page } from 'puppeteer-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { OFTEN, sees } from './browser'
import { openDemo, type OpenDemo } from './demo'
import { choose, click, fill, saved, textOf, waitText } from './hands'

/** Cards and sheets of a unit: from what its ideas could use, over the printer, to what is ready and what is left. */
let demo: OpenDemo
let page: Page
const WIND = '/units/wind-and-kites'
beforeAll(async () => {
  demo = await openDemo()
  page = demo.page
})
afterAll(() => demo.close())
const shown = (label: string) => page.waitForSelector(`[role=img][aria-label^="${label}"] svg`)
const onHand = async (name: string): Promise<number> =>
  page.evaluate(async (wanted: string) => {
    const answer = (await (await fetch('/api/v1/house')).json()) as {
      rows: { kind: string; value: { name: string; onHand: number } }[]
    }
    return answer.rows.find((row) => row.kind === 'material' && row.value.name === wanted)!.value.onHand
  }, name)

describe('what is printed for a unit', () => {
  it('is offered by its ideas, and drawn with its own objects', async () => {
    await page.goto(`${demo.base}${WIND}/print`)
    await sees(page, '10 sheets to print')
    await click(page, 'Number cards')
    await shown('Number cards, page 1 of')
    await sees(page, 'for Bead kite strings')
  })
  it('is for an idea of a day: then it stands among what is prepared, and its card among what is got', async () => {
    await page.goto(`${demo.base}${WIND}/print?tab=kinds`)
    await click(page, 'Add Figures for the fingers')
    await shown('Figures for the fingers, page 1')
    await page.waitForSelector('[role=img] symbol path')
    await fill(page, 'For', 'Thu 12, Five')
    await page.waitForSelector('[role=listbox] [role=option]')
    await page.keyboard.press('ArrowDown')
    await page.keyboard.press('Enter')
    await waitText(page, '[aria-label="To print"]', 'for Five little kites')
    await saved(page)
    await page.goto(`${demo.base}${WIND}/get-ready?tab=time`)
    await waitText(page, '[aria-label="Preparation"]', 'Print Figures for the fingers, 1 sheet')
    await waitText(page, '[aria-label="Preparation"]', 'Cut out Figures for the fingers, 9 pieces')
  })
  it('goes as far as she says, for each child', async () => {
    await page.goto(`${demo.base}${WIND}/print`)
    await click(page, 'Count and clip')
    await shown('Count and clip, page 1 of 4')
    await waitText(page, '[role=img][aria-label]', '1 to 6, for Idris and Tamsin')
    await choose(page, 'How far for Tamsin', '1 to 9')
    await waitText(page, '[role=img][aria-label]', '1 to 6, for Idris')
    await click(page, 'Page after')
    await waitText(page, '[role=img][aria-label]', '1 to 9, for Tamsin, Juno, Bodhi and Calla')
    await saved(page)
    await click(page, 'Undo')
    await click(page, 'Page before')
    await waitText(page, '[role=img][aria-label]', '1 to 6, for Idris and Tamsin')
    await saved(page)
  })
  it('saves the work by hand that it takes the place of', async () => {
    await page.goto(`${demo.base}/units/wheels-and-ramps/print`)
    await click(page, 'Picture and word cards')
    await click(page, 'Add to preparation', 'aside')
    await saved(page)
    await page.goto(`${demo.base}/units/wheels-and-ramps/get-ready?tab=time`)
    await waitText(page, '[aria-label="Preparation"]', 'Print Picture and word cards')
    expect(await textOf(page, '[aria-label="Preparation"]')).not.toContain('Draw each figure on a card')
    await page.goto(`${demo.base}${WIND}/print`)
  })
  it('says at the field what cannot be, and keeps what was there', async () => {
    await click(page, 'Count and clip')
    await shown('Count and clip')
    await fill(page, 'Wide, mm', '2')
    await page.keyboard.press('Tab')
    await waitText(page, 'aside', 'too small to cut out')
    await fill(page, 'Wide, mm', '900')
    await page.keyboard.press('Tab')
    await waitText(page, 'aside', 'larger than the paper')
    await fill(page, 'Copies', '10000')
    await page.keyboard.press('Tab')
    await waitText(page, 'aside', 'Write a number from 1 to 60')
    await fill(page, 'Copies', '2')
    await page.keyboard.press('Tab')
    await waitText(page, 'aside', '52 pieces on 8 sheets')
    await saved(page)
    await click(page, 'Undo')
    await waitText(page, 'aside', '26 pieces on 4 sheets')
  })
  it('becomes a PDF beside the page', async () => {
    const made = page.evaluate(
      () =>
        new Promise<string>((settle) => {
          const keep = URL.createObjectURL.bind(URL)
          URL.createObjectURL = (blob: Blob) => {
            void blob
              .slice(0, 5)
              .text()
              .then((head) => settle(`${blob.type} ${head} ${blob.size > 20_000}`))
            return keep(blob)
          }
        }),
    )
    await click(page, 'PDF', 'aside')
    expect(await made).toBe('application/pdf %PDF- true')
    await page.waitForFunction(() => !document.body.innerText.includes('Page 0 of'), OFTEN)
  })
  it('is marked as printed: the paper goes out of the pantry, and comes back if it was a mistake', async () => {
    await click(page, 'Names to trace')
    await shown('Names to trace')
    const before = await onHand('white paper')
    await click(page, 'It is printed', 'aside')
    await waitText(page, 'aside', 'Not printed yet')
    await saved(page)
    expect(await onHand('white paper')).toBe(before - 6)
    await click(page, 'Not printed yet', 'aside')
    await waitText(page, 'aside', 'It is printed')
    await saved(page)
    expect(await onHand('white paper')).toBe(before)
  })
  it('is printed for tomorrow: what is missing goes out as one file, and preparation, list and pantry follow', async () => {
    await page.goto(`${demo.base}${WIND}/print?tab=kinds`)
    await click(page, 'Add Match pairs')
    await shown('Match pairs, page 1')
    await fill(page, 'For', 'Wed 11, The wind tray')
    await page.waitForSelector('[role=listbox] [role=option]')
    await page.keyboard.press('ArrowDown')
    await page.keyboard.press('Enter')
    await waitText(page, 'main', 'of them for the next day')
    await saved(page)
    const sheets = Number(/on (\d+) sheets/.exec(await textOf(page, 'aside'))![1])
    await waitText(page, 'main', `${sheets} of them for the next day`)
    await click(page, `PDF of the ${sheets} sheets for the next day`)
    await waitText(page, 'main', 'Saved as next-day.pdf')
    const [before, pouches] = [await onHand('card'), await onHand('laminating pouches')]
    await page.goto(`${demo.base}${WIND}/get-ready?tab=time`)
    await waitText(page, '[aria-label="Preparation"]', 'Print Match pairs')
    await page.goto(`${demo.base}${WIND}/print`)
    await click(page, 'Match pairs')
    await shown('Match pairs, page 1')
    await click(page, 'It is printed', 'aside')
    await waitText(page, 'aside', 'Not printed yet')
    await saved(page)
    expect(await onHand('card')).toBe(before - sheets)
    expect(await onHand('laminating pouches')).toBe(pouches - sheets)
    await page.goto(`${demo.base}${WIND}/get-ready?tab=time`)
    await waitText(page, '[aria-label="Preparation"]', 'Cut out Match pairs')
    const prep = await textOf(page, '[aria-label="Preparation"]')
    expect(prep).not.toContain('Print Match pairs')
    expect(prep).toContain('Sort Match pairs into sets')
    await page.goto(`${demo.base}${WIND}/print`)
  })
  it('is kept for another year, with its place, and offered then instead of printing anew', async () => {
    await click(page, 'Printed')
    await click(page, 'Memory game')
    await fill(page, 'Keep it for another year', 'blue box')
    await click(page, 'Keep it in the pantry', 'aside')
    await saved(page)
    await page.goto(`${demo.base}/pantry`)
    await sees(page, 'Memory game, Wind and Kites')
    await page.goto(`${demo.base}/units/wheels-and-ramps/print?tab=kinds`)
    await click(page, 'Add Memory game')
    await waitText(page, 'aside', 'You have one already: Memory game, Wind and Kites, blue box')
    await saved(page)
  })
})

/** The next file that the page saves, as a picture: its size, and whether anything stands on it. */
const nextPicture = () =>
  page.evaluate(
    () =>
      new Promise<{ width: number; height: number; inked: number }>((settle) => {
        const keep = URL.createObjectURL.bind(URL)
        URL.createObjectURL = (blob: Blob) => {
          if (blob.type === 'image/png')
            void createImageBitmap(blob).then((image) => {
              const canvas = document.createElement('canvas')
              canvas.width = image.width
              canvas.height = image.height
              const pen = canvas.getContext('2d')!
              pen.drawImage(image, 0, 0)
              const { data } = pen.getImageData(0, 0, image.width, image.height)
              let inked = 0
              for (let i = 0; i < data.length; i += 4) if (data[i] + data[i + 1] + data[i + 2] < 600) inked++
              settle({ width: image.width, height: image.height, inked: inked / (image.width * image.height) })
            })
          return keep(blob)
        }
      }),
  )

describe('what is her own', () => {
  it('is her name for it, her cards after those of the theme, and a word where one is missing', async () => {
    await page.goto(`${demo.base}${WIND}/print?tab=kinds`)
    await click(page, 'Add Labels for trays and bins')
    await shown('Labels for trays and bins, page 1')
    await fill(page, 'Name', 'Our trays')
    await page.keyboard.press('Tab')
    await shown('Our trays, page 1')
    await click(page, 'Cards of your own', 'aside')
    await click(page, 'Add the card', 'aside')
    await waitText(page, 'aside', 'Write the word of the card')
    await fill(page, 'Word', 'Lost mittens')
    await click(page, 'Add the card', 'aside')
    await waitText(page, '[aria-label="Its pages"]', 'Lost mittens')
    await waitText(page, 'aside', '10 pieces on 1 sheet')
    await saved(page)
    await click(page, 'Only these, none of the theme', 'aside')
    await waitText(page, 'aside', '1 piece on 1 sheet')
    await saved(page)
  })
  it('stands on a screen: a card alone, with its letters in it', async () => {
    await choose(page, 'What of the page, for a screen', 'Card 1')
    const picture = nextPicture()
    await click(page, 'PNG', 'aside')
    const { width, height, inked } = await picture
    // 85 x 30 mm.
    expect([width, height]).toEqual([1600, 565])
    expect(inked).toBeGreaterThan(0.01)
    await waitText(page, 'aside', 'Saved as our-trays.png')
  })
  it('is kept as a design, and begins a set in another unit', async () => {
    await click(page, 'Keep as a design', 'aside')
    await waitText(page, 'aside', 'Kept under “My own”')
    await saved(page)
    await page.goto(`${demo.base}/units/wheels-and-ramps/print?tab=own`)
    await click(page, 'Add Our trays')
    await shown('Our trays, page 1')
    await waitText(page, 'aside', '1 piece on 1 sheet')
    await saved(page)
    await page.goto(`${demo.base}${WIND}/print?tab=own`)
    await click(page, 'Drop Our trays')
    await sees(page, 'Nothing of your own yet')
    await click(page, 'Undo')
    await sees(page, 'Our trays')
    await saved(page)
  })
})

describe('the other sheets of the house', () => {
  it('print from the same page: the week without a name, the list by shop', async () => {
    await page.goto(`${demo.base}${WIND}/print?tab=sheets`)
    await click(page, 'The week')
    await waitText(page, 'article', 'Parachute waves')
    const week = await textOf(page, 'article')
    for (const name of ['Juno', 'Tamsin', 'Pip']) expect(week).not.toContain(name)
    await choose(page, 'Which week', 'Week 3, from Mon 16')
    await waitText(page, 'article', 'Kite picnic')
    await click(page, 'What to get')
    await waitText(page, 'article', 'large beads')
    await click(page, 'Notes for families')
    await waitText(page, 'article', 'Nothing is asked of families right now')
  })
  it('put the fullest day on two pages, and on one without what stands at the centers', async () => {
    const pagesOf = async (format: 'letter' | 'a4') => {
      const pdf = await page.pdf({ format, margin: { top: '10mm', bottom: '10mm', left: '12mm', right: '12mm' } })
      return (
        Buffer.from(pdf)
          .toString('latin1')
          .match(/\/Type\s*\/Page\b/g) ?? []
      ).length
    }
    await click(page, 'The day For whoever')
    await waitText(page, 'article', 'Out at the centers')
    expect([await pagesOf('letter'), await pagesOf('a4')]).toEqual([2, 2])
    await click(page, 'The day on one page')
    await page.waitForFunction(
      () => !document.querySelector<HTMLElement>('article')!.innerText.includes('Out at the centers'),
      OFTEN,
    )
    expect([await pagesOf('letter'), await pagesOf('a4')]).toEqual([1, 1])
  })
})

describe('the shelf of all kinds', () => {
  it('shows each kind with the objects of the theme, or says what it lacks', async () => {
    await page.goto(`${demo.base}${WIND}/print?tab=kinds`)
    await shown('A page of Picture and word cards')
    await waitText(page, 'main li', 'It takes 2 objects whose young have a name')
  })
  it('keeps how the home prints, and refuses an edge that leaves nothing', async () => {
    await click(page, 'Printer')
    await fill(page, 'Edge that stays white, mm', '100')
    await page.keyboard.press('Tab')
    await sees(page, 'leaves nothing to print on')
    await fill(page, 'Edge that stays white, mm', '8')
    await page.keyboard.press('Tab')
    await choose(page, 'Paper', 'US Letter')
    await saved(page)
    await page.reload()
    await page.waitForFunction(
      () =>
        document.querySelector<HTMLInputElement>('[aria-label="The printer of the home"] input[type=number]')?.value ===
        '8',
      OFTEN,
    )
    await sees(page, 'US Letter')
  })
})

it('counts anew when the theme has other objects since, and not before she says so', async () => {
  await page.goto(`${demo.base}${WIND}/print?tab=kinds`)
  await click(page, 'Add Labels for trays and bins')
  await waitText(page, 'aside', '9 pieces on 1 sheet')
  await saved(page)
  const status = await page.evaluate(async () => {
    const unit = (await (await fetch('/api/v1/units/wind-and-kites')).json()) as {
      rows: { kind: string; version: number; value: { objects: unknown[] } }[]
    }
    const { version, value } = unit.rows.find((row) => row.kind === 'unit')!
    const answer = await fetch('/api/v1/changes', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({
        id: 'fewer-objects',
        unitId: 'wind-and-kites',
        label: 'Fewer objects',
        ops: [{ op: 'put', kind: 'unit', base: version, value: { ...value, objects: value.objects.slice(0, 4) } }],
      }),
    })
    return answer.status
  })
  expect(status).toBe(200)
  await page.goto(`${demo.base}${WIND}/print`)
  await waitText(page, 'main', 'to another number of sheets now')
  await click(page, 'Count anew')
  await page.waitForFunction(() => !document.body.innerText.includes('to another number of sheets now'), OFTEN)
  await saved(page)
  await page.reload()
  await click(page, 'Labels for trays and bins')
  await waitText(page, 'aside', '4 pieces on 1 sheet')
})
