import { createRequire } from 'node:module'
import { readFileSync } from 'node:fs'
import PDFDocument from 'pdfkit'
import { describe, expect, it } from 'vitest'
import {
  gridOf,
  newPen,
  pageSvg,
  deck,
  PRINT_KIND_INFO,
  SCALE_BAR,
  textIn,
  wholePage,
  type PictureSource,
  type PrinterRules,
} from '@core/cards'
import { HOUSE_FOR_TESTS } from '@core/testing/printHouse'
import { readPdf, type ReadPdf } from './readPdf'
import { drawings, outlineOf } from './drawings'
import { pdfOf, POINTS_PER_MM, type PdfFonts } from '../web/workers/pagesPdf'

const { resolve } = createRequire(import.meta.url)
const file = (part: string, weight: number) =>
  new Uint8Array(
    readFileSync(
      resolve(`@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-${part}-${weight}-normal.woff`),
    ),
  )
const FONTS: PdfFonts = {
  plain: file('latin', 400),
  strong: file('latin', 700),
  plainSecond: file('latin-ext', 400),
  strongSecond: file('latin-ext', 700),
}
const rules = (over: Partial<PrinterRules> = {}): PrinterRules => ({
  paper: 'letter',
  margin: 6,
  ink: 'color',
  back: { x: 0, y: 0 },
  ...over,
})
/** A picture of a single dot, as PNG. */
const DOT = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=='
const PICTURES: ReadonlyMap<string, PictureSource> = new Map<string, PictureSource>([
  ['home/hat', { image: `data:image/png;base64,${DOT}` }],
  ...[...drawings()].flatMap(([name, svg]): [string, PictureSource][] => [
    [name, { svg }],
    [`outline/${name}`, { svg: outlineOf(svg) }],
  ]),
])
async function read(pages: ReturnType<typeof deck>): Promise<ReadPdf> {
  const drawn = pages.map((page) => ({ width: page.width, height: page.height, svg: pageSvg(page, PICTURES) }))
  const pdf = await pdfOf(PDFDocument, drawn, { title: 'Kites', fonts: FONTS, plain: true })
  return readPdf(Buffer.from(pdf!))
}
const thing = (one: string, picture = '') => ({
  one,
  a: `a ${one}`,
  many: `${one}s`,
  picture,
  young: '',
  youngPicture: '',
  stages: [],
  parts: [],
  lives: '',
  colors: [],
  size: null,
  living: null,
})
const context = {
  theme: { name: 'Wind', letter: 'K', number: 5, shape: '', color: '', words: [] },
  things: [thing('kite', 'kite'), thing('bell', 'bell'), thing('leaf', 'fallen-leaf')],
  names: ['Zoë', 'Łucja'],
  level: 2 as const,
  hand: 'plain' as const,
  size: null,
  backs: false,
  house: HOUSE_FOR_TESTS,
  text: '',
  edgeOf: () => [],
  title: 'Count and clip, Wind',
}

describe('a PDF, read back', () => {
  it.each(['letter', 'a4'] as const)(
    'has pages of the size of %s, and the cards where they are cut, to 0.2 mm',
    async (paper) => {
      const own = rules({ paper })
      const cards = Array.from(
        { length: 12 },
        (_, i) => (box: Parameters<typeof textIn>[1]) => textIn(`card ${i + 1}`, box, { most: 8 }),
      )
      const pdf = await read(deck(newPen(own), cards, { size: [60, 85], title: 'Kites' }))
      expect(pdf.pages).toHaveLength(2)
      const [width, height] = paper === 'a4' ? [210, 297] : [215.9, 279.4]
      for (const page of pdf.pages) {
        expect(page.width / POINTS_PER_MM).toBeCloseTo(width, 1)
        expect(page.height / POINTS_PER_MM).toBeCloseTo(height, 1)
      }
      const grid = gridOf(paper, [60, 85], 6)
      const frames = pdf.pages[0].boxes.filter((box) => Math.abs(box.width / POINTS_PER_MM - 60) < 0.2)
      expect(frames).toHaveLength(9)
      frames.forEach((frame, i) => {
        expect(Math.abs(frame.x / POINTS_PER_MM - grid.spots[i].x)).toBeLessThan(0.2)
        expect(Math.abs(frame.y / POINTS_PER_MM - grid.spots[i].y)).toBeLessThan(0.2)
        expect(Math.abs(frame.height / POINTS_PER_MM - 85)).toBeLessThan(0.2)
      })
      expect(pdf.pages[1].boxes.filter((box) => Math.abs(box.width / POINTS_PER_MM - 60) < 0.2)).toHaveLength(3)
    },
  )
  it.each(['letter', 'a4'] as const)('has a scale bar that is true on %s', async (paper) => {
    const pdf = await read([wholePage(newPen(rules({ paper })), 'Kites', '')])
    const ends = pdf.pages[0].lines.filter((line) => Math.abs(line.x1 - line.x2) < 0.01)
    const xs = ends.map((line) => line.x1 / POINTS_PER_MM).sort((a, b) => a - b)
    expect(xs[xs.length - 1] - xs[0]).toBeCloseTo(SCALE_BAR[paper].mm, 1)
    expect(pdf.text).toContain(SCALE_BAR[paper].words)
  })
  it('has its fonts in it, and its words as words, in both files of the font', async () => {
    const pdf = await read(PRINT_KIND_INFO['name-tags'].draw(newPen(rules()), context))
    expect(pdf.fonts.length).toBeGreaterThanOrEqual(2)
    expect(pdf.fonts.every((font) => font.embedded && font.name.includes('Atkinson'))).toBe(true)
    expect(pdf.text).toContain('Zoë')
    expect(pdf.text).toContain('Ł')
    expect(pdf.text).toContain('ucja')
    expect(pdf.text).toContain('Count and clip, Wind')
  })
  it('has as many sheets as are counted, and pictures as areas rather than dots', async () => {
    const pages = PRINT_KIND_INFO['count-clip'].draw(newPen(rules()), context)
    const pdf = await read(pages)
    expect(pdf.pages).toHaveLength(pages.length)
    expect(pdf.images).toBe(0)
    // 45 pictures of several areas each.
    expect(pdf.pages[0].areas).toBeGreaterThan(100)
  })
  it('shows a picture of her own as it is, were it one dot', async () => {
    const own = { ...thing('our hat', 'home/hat'), picture: 'home/hat' }
    const pages = PRINT_KIND_INFO.trays.draw(newPen(rules()), { ...context, things: [own] })
    expect([...pages[0].pictures]).toEqual(['home/hat'])
    const back = await read(pages)
    expect([back.pages.length, back.images > 0, back.text.includes('Our hats')]).toEqual([1, true, true])
  })
  it('stops where it is told to, and says how far it is', async () => {
    const pages = Array.from({ length: 5 }, () => ({
      width: 210,
      height: 297,
      svg: '<svg xmlns="http://www.w3.org/2000/svg"/>',
    }))
    const seen: number[] = []
    const stopped = await pdfOf(PDFDocument, pages, {
      title: '',
      fonts: FONTS,
      onPage: (done) => (seen.push(done), done < 3),
    })
    expect([stopped, seen]).toEqual([null, [1, 2, 3]])
  })
  it('is made of whatever somebody calls a thing', async () => {
    const names = ['<script>&"\'', 'Мира', 'a'.repeat(80), '\u0001\uFFFE']
    const pages = names.map((name) =>
      wholePage(newPen(rules()), name, textIn(name, { x: 20, y: 20, width: 100, height: 30 }, { most: 9 })),
    )
    const pdf = await read(pages)
    expect(pdf.pages).toHaveLength(4)
    expect(pdf.text).toContain('<script>')
  })
})
