import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { PAPERS, piecesPerSheet, type PaperSize } from '../printing'
import { deck, newPen, pageSvg, shadowOf } from './pen'
import { foot, gridOf, printable, SCALE_BAR, type PrinterRules } from './page'

const rules = (over: Partial<PrinterRules> = {}): PrinterRules => ({
  paper: 'letter',
  margin: 6,
  ink: 'color',
  back: { x: 0, y: 0 },
  ...over,
})
const faultOf = (work: () => unknown): string => {
  try {
    work()
    return ''
  } catch (error) {
    return (error as { faults: { field: string; message: string }[] }).faults
      .map((one) => `${one.field}: ${one.message}`)
      .join()
  }
}

describe('cards on a sheet', () => {
  it.each<[PaperSize, number]>([
    ['letter', 9],
    ['a4', 9],
  ])('lie as section 9 says: %s, %i of 60 by 85 mm', (paper, count) => {
    const grid = gridOf(paper, [60, 85], 6)
    expect([grid.spots.length, grid.turned]).toEqual([count, false])
    // The same cards, given the other way around.
    expect(gridOf(paper, [85, 60], 6)).toMatchObject({ turned: true, columns: 3, rows: 3 })
  })
  it('are as many as are counted, all of them where the printer reaches, and none over another', () => {
    const side = fc.double({ min: 12, max: 200, noNaN: true }).map((value) => Math.round(value * 10) / 10)
    fc.assert(
      fc.property(
        fc.constantFrom<PaperSize>('letter', 'a4'),
        side,
        side,
        fc.integer({ min: 0, max: 30 }),
        (paper, wide, high, margin) => {
          const count = piecesPerSheet(PAPERS[paper], [wide, high], margin, 4)
          fc.pre(count > 0)
          const grid = gridOf(paper, [wide, high], margin)
          expect(grid.spots.length).toBe(count)
          const area = printable(paper, margin)
          const [w, h] = grid.turned ? [high, wide] : [wide, high]
          for (const [i, spot] of grid.spots.entries()) {
            expect(spot.x).toBeGreaterThanOrEqual(area.x - 1e-6)
            expect(spot.y).toBeGreaterThanOrEqual(area.y - 1e-6)
            expect(spot.x + w).toBeLessThanOrEqual(area.x + area.width + 1e-6)
            expect(spot.y + h).toBeLessThanOrEqual(area.y + area.height + 1e-6)
            const next = grid.spots[i + 1] as { x: number; y: number } | undefined
            if (next) expect(next.x - spot.x >= w + 3.999 || next.y - spot.y >= h + 3.999).toBe(true)
          }
        },
      ),
    )
  })
  it('say in plain words what cannot be cut, or does not fit', () => {
    expect(faultOf(() => gridOf('letter', [2, 40], 6))).toBe(
      'size: A card of 2 mm is too small to cut out; take 12 mm or more',
    )
    expect(faultOf(() => gridOf('a4', [300, 300], 6))).toBe('size: A card of 300 x 300 mm is larger than the paper')
    expect(faultOf(() => printable('letter', 100))).toBe('margin: A margin of 100 mm leaves nothing to print on')
    expect(faultOf(() => printable('letter', -1))).toBe('margin: A margin is 0 or more')
  })
  it('take as many sheets as they need, each with its pieces', () => {
    const cards = Array.from({ length: 20 }, () => () => '')
    const pages = deck(newPen(rules()), cards, { size: [60, 85], title: 'Kites' })
    expect(pages.map((page) => page.pieces)).toEqual([9, 9, 2])
    expect(deck(newPen(rules()), [], { size: [60, 85], title: 'Kites' })).toEqual([])
  })
  it('have backs that lie behind their fronts when the sheet is turned over, moved by what the test sheet showed', () => {
    const at = (page: { body: string }) =>
      [...page.body.matchAll(/translate\(([\d.-]+) ([\d.-]+)\)/g)].map((one) => [Number(one[1]), Number(one[2])])
    const marked = () => '<rect/>'
    const [front, back] = deck(newPen(rules()), [marked, marked], { size: [60, 60], title: '', back: marked })
    expect([front.back, back.back, back.pieces]).toEqual([false, true, 0])
    const fronts = at(front)
    at(back).forEach(([x, y], i) => {
      expect(x).toBeCloseTo(PAPERS.letter[0] - fronts[i][0] - 60, 1)
      expect(y).toBeCloseTo(fronts[i][1], 1)
    })
    const [, moved] = deck(newPen(rules({ back: { x: 1.5, y: -1 } })), [marked], {
      size: [60, 60],
      title: '',
      back: marked,
    })
    expect(at(moved)[0][0]).toBeCloseTo(at(back)[0][0] - 1.5, 2)
    expect(at(moved)[0][1]).toBeCloseTo(at(back)[0][1] + 1, 2)
  })
})

describe('the foot of a page', () => {
  const used = (height: number, width = 190) => ({ x: 6, y: 6, width, height })
  it('has a bar of two inches, or of five centimeters', () => {
    expect([SCALE_BAR.letter.mm, SCALE_BAR.a4.mm]).toEqual([50.8, 50])
    expect(foot(rules(), 'Kites', used(200))).toContain('2 in')
    expect(foot(rules({ paper: 'a4' }), 'Kites', used(200))).toContain('5 cm')
  })
  it('stands below, else beside, else not at all', () => {
    expect(foot(rules(), 'Kites', used(200))).not.toContain('rotate')
    expect(foot(rules(), 'Kites', used(266, 190))).toContain('rotate(-90)')
    expect(foot(rules(), 'Kites', used(267, 203))).toBe('')
  })
})

describe('a page as SVG', () => {
  const page = (body: string, pictures: string[]) => ({
    width: 210,
    height: 297,
    body,
    pieces: 0,
    back: false,
    pictures: new Set(pictures),
  })
  it('is of its true size, holds each picture once, and gives its ids names of their own', () => {
    const svg =
      '<svg xmlns="http://www.w3.org/2000/svg"><defs><linearGradient id="a"/></defs><path fill="url(#a)" d="M0 0"/></svg>'
    const drawn = pageSvg(
      page('<use href="#p-kite"/><use href="#p-kite"/>', ['kite', 'unused']),
      new Map([['kite', { svg }]]),
    )
    expect(drawn).toContain('width="210mm" height="297mm" viewBox="0 0 210 297"')
    expect(drawn.match(/<symbol/g)).toHaveLength(1)
    expect(drawn).toContain('id="p-kite-a"')
    expect(drawn).toContain('url(#p-kite-a)')
  })
  it('leaves white what was not fetched, and shows a photo as a picture', () => {
    expect(pageSvg(page('<use href="#p-kite"/>', ['kite']), new Map())).toContain('<symbol id="p-kite"')
    const own = pageSvg(
      page('<use href="#p-home-a"/>', ['home/a']),
      new Map([['home/a', { image: 'data:image/png;base64,AA' }]]),
    )
    expect(own).toContain('<image href="data:image/png;base64,AA"')
  })
  it('makes the shadow of a drawing of one color', () => {
    expect(shadowOf('<g fill="none"><path fill="#f00" stroke="#0f0" opacity=".5"/></g>', '#333')).toBe(
      '<g fill="none"><path fill="#333" stroke="#333"/></g>',
    )
  })
})
