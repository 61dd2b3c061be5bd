import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { INKS, newThemeObject, PAPER_SIZES, PRINT_KINDS, STAGES, type PrintKind } from '../domain'
import { MATERIALS } from '../library/materials'
import { KNOWN_THINGS } from '../library/things'
import { HOUSE_FOR_TESTS } from '../testing/printHouse'
import { LEVELS, type Level, type PrintContext } from './context'
import { along } from './kinds/trace'
import { edgeOfMask } from './edge'
import { printThing } from './job'
import { PRINT_KIND_INFO } from './kinds'
import type { PrinterRules } from './page'
import { newPen } from './pen'

const rules = (over: Partial<PrinterRules> = {}): PrinterRules => ({
  paper: 'letter',
  margin: 6,
  ink: 'color',
  back: { x: 0, y: 0 },
  ...over,
})
const thing = (name: string) => printThing({ ...newThemeObject(name, 1), ...KNOWN_THINGS.get(name) })
const THEMES: Record<string, string[]> = {
  wind: ['kite', 'bird', 'feather', 'leaf', 'balloon', 'windmill', 'umbrella', 'cloud'],
  farm: ['hen', 'cow', 'pig', 'sheep', 'horse', 'goat', 'duck', 'tractor'],
  garden: ['butterfly', 'flower', 'bee', 'apple', 'tree', 'worm', 'snail', 'frog'],
}
const context = (over: Partial<PrintContext> = {}): PrintContext => ({
  theme: { name: 'Wind and kites', letter: 'K', number: 5, shape: 'diamond', color: 'blue', words: [] },
  things: THEMES.wind.map(thing),
  names: ['Juno', 'Bodhi', 'Zoë'],
  level: 2,
  hand: 'plain',
  size: null,
  backs: false,
  house: HOUSE_FOR_TESTS,
  text: '',
  edgeOf: () =>
    edgeOfMask(
      Array.from({ length: 64 }, (_, i) => i % 8 > 1 && i > 15),
      8,
    ),
  title: 'A sheet',
  ...over,
})
const draw = (kind: PrintKind, over: Partial<PrintContext> = {}, by: Partial<PrinterRules> = {}) =>
  PRINT_KIND_INFO[kind].draw(newPen(rules(by)), context(over))
const levelsOf = (kind: PrintKind): readonly Level[] => (PRINT_KIND_INFO[kind].levels ? LEVELS : [2])

/** Numbers of a page that place something outside of the paper; what is turned or moved is placed within its own. */
const beyond = (body: string, width: number, height: number): string[] =>
  [...body.matchAll(/<(?:rect|use|line|circle|text)[^>]*>/g)]
    .map((one) => one[0])
    .filter((tag) => {
      const value = (name: string) => Number(new RegExp(`\\s${name}="(-?[\\d.]+)"`).exec(tag)?.[1] ?? 0)
      const [right, low] = [value('x') + value('width'), value('y') + value('height')]
      return value('x') < -0.1 || value('y') < -0.1 || right > width + 0.1 || low > height + 0.1
    })

describe.each(Object.keys(THEMES))('every kind, for a theme of %s', (theme) => {
  const things = THEMES[theme].map(thing)
  it.each(PRINT_KINDS)('%s is made at each level, in each ink, on both papers', (kind) => {
    for (const level of levelsOf(kind))
      for (const ink of INKS)
        for (const paper of PAPER_SIZES) {
          const own = context({ things, level })
          const lacks = PRINT_KIND_INFO[kind].lacks(own)
          if (lacks) {
            expect(lacks).toMatch(/[.]$/)
            continue
          }
          const pages = draw(kind, { things, level }, { ink, paper })
          expect(pages.length, `${kind} ${level}`).toBeGreaterThan(0)
          for (const page of pages) {
            expect(page.body).not.toMatch(/NaN|undefined|Infinity|\[object/)
            expect(page.body.length).toBeGreaterThan(200)
            expect([page.width, page.height]).toEqual(paper === 'a4' ? [210, 297] : [215.9, 279.4])
            expect(beyond(page.body, page.width, page.height)).toEqual([])
            // Black and white is black and white.
            if (ink === 'black')
              expect(page.body).not.toMatch(/fill="#(?!000000|ffffff|3a3a3a|555555|d9d9d9)[0-9a-f]{6}"/)
          }
        }
  })
})

describe('kinds', () => {
  it('are all there, each with its words, and say what goes with them by materials of the library', () => {
    const ids = new Set(MATERIALS.map((material) => material.id))
    for (const kind of PRINT_KINDS) {
      const info = PRINT_KIND_INFO[kind]
      expect(info.title.length).toBeGreaterThan(3)
      expect(info.about).toMatch(/[.?]$/)
      expect(STAGES).toContain(info.from)
      if (info.with) expect(ids.has(info.with.materialId), info.with.materialId).toBe(true)
    }
    expect(new Set(PRINT_KINDS.map((kind) => PRINT_KIND_INFO[kind].title)).size).toBe(PRINT_KINDS.length)
  })
  it('say what is lacking where the theme has no objects, and never draw an empty sheet', () => {
    const none = context({ things: [] })
    const asking = PRINT_KINDS.filter((kind) => PRINT_KIND_INFO[kind].lacks(none))
    expect(asking.length).toBeGreaterThan(25)
    for (const kind of PRINT_KINDS.filter((one) => !asking.includes(one)))
      for (const page of draw(kind, { things: [] })) expect(page.body).not.toMatch(/NaN|undefined/)
  })
  it('take 60 objects', () => {
    const things = Array.from({ length: 60 }, (_, i) => ({ ...thing('kite'), one: `kite ${i + 1}` }))
    // Of each its picture and both, nine a sheet, and its word.
    const pages = draw('three-parts', { things })
    expect(pages.reduce((sum, page) => sum + page.pieces, 0)).toBe(180)
    expect(pages.filter((page) => page.pieces === 9)).toHaveLength(13)
    for (const kind of PRINT_KINDS) if (!PRINT_KIND_INFO[kind].lacks(context({ things }))) draw(kind, { things })
  })
  it('make 9 count-and-clip cards from 1 to 9 on one sheet, each with its right answer once', () => {
    const pages = draw('count-clip', { size: [60, 76], level: 2 })
    expect(pages.map((page) => page.pieces)).toEqual([9])
    expect(draw('count-clip', { level: 0 }).map((page) => page.pieces)).toEqual([3])
  })
  it('tally the letters of names once for all', () => {
    expect(draw('name-letters', { names: ['Pip', 'Idris'] }).reduce((sum, page) => sum + page.pieces, 0)).toBe(8)
  })
  it('draw blank ones, names of 80 letters, and names that nobody can write, without a fault', () => {
    const long = 'Bartholomew'.repeat(8).slice(0, 80)
    fc.assert(
      fc.property(
        fc.constantFrom(...PRINT_KINDS),
        fc.constantFrom(...LEVELS),
        fc.constantFrom(long, 'Мира', 'Z', '<b>&'),
        (kind, level, name) => {
          const own = context({
            names: [name],
            level,
            things: context().things.map((one) => ({ ...one, one: name, picture: '' })),
          })
          if (PRINT_KIND_INFO[kind].lacks(own)) return
          for (const page of PRINT_KIND_INFO[kind].draw(newPen(rules()), own)) {
            expect(page.body).not.toMatch(/NaN|undefined|Infinity/)
            expect(page.body).not.toContain('<b>')
          }
        },
      ),
      { numRuns: 150 },
    )
  })
  it('are the same each time they are printed', () => {
    for (const kind of PRINT_KINDS) if (!PRINT_KIND_INFO[kind].lacks(context())) expect(draw(kind)).toEqual(draw(kind))
  })
  it('make paths longer and narrower, the older the child', () => {
    const width = (level: Level) =>
      Math.max(
        ...[...draw('paths', { level })[0].body.matchAll(/stroke-width="([\d.]+)"/g)].map((one) => Number(one[1])),
      )
    expect([width(0), width(1), width(2)]).toEqual([20, 15, 11])
    expect(width(3)).toBeLessThan(2)
    const turns = (level: Level) => draw('paths', { level })[0].body.match(/[CLQ]/g)!.length
    expect(turns(0)).toBeLessThan(turns(1))
    expect(turns(1)).toBeLessThan(turns(2))
    expect(turns(2)).toBeLessThan(turns(3))
  })
})

describe('what a look at the pages found', () => {
  const growing = ['frog', 'butterfly', 'flower', 'tree', 'hen'].map(thing)
  it('lays the cards of several objects on shared sheets, and the strips too', () => {
    const pages = draw('sequence', { things: growing, level: 2 })
    const stages = growing.reduce((sum, one) => sum + one.stages.length, 0)
    expect(pages.reduce((sum, page) => sum + page.pieces, 0)).toBe(stages + growing.length)
    // Nine cards a sheet, and strips of four stages five to a sheet.
    expect(pages.length).toBeLessThanOrEqual(Math.ceil(stages / 9) + 1)
  })
  it('writes sentences as one says them', () => {
    const words = draw('step-book', { things: growing, level: 3 })
      .map((page) => page.body)
      .join('')
    expect(words).toContain('Then it is a chrysalis.')
    expect(words).toContain('First it is frogspawn.')
    expect(words).toContain('First it is an egg.')
    expect(words).not.toMatch(/chrysali\b|a frogspawn/)
  })
  it('draws three books and wheels at most, unless she chooses the objects', () => {
    const books = (things = growing) =>
      draw('step-book', { things, level: 3 }).filter((page) => page.body.includes('>By ')).length
    expect([books(), books(growing.slice(0, 1))]).toEqual([3, 1])
    expect(draw('wheel', { things: growing })).toHaveLength(6)
  })
  it('sorts by color with things in that color, whatever their drawing shows', () => {
    const fish = { ...thing('fish'), colors: ['orange'] }
    const leaf = { ...thing('leaf'), colors: ['green'] }
    const pages = draw('sorting', { things: [fish, leaf], level: 1 })
    const keys = new Set(pages.flatMap((page) => [...page.pictures]))
    expect(keys).toEqual(new Set([`tint-ee8a2a/${fish.picture}`, `tint-3f9a4a/${leaf.picture}`]))
    expect(pages[0].body).toContain('fill="#ee8a2a"')
    const plain = draw('sorting', { things: [fish, leaf], level: 1 }, { ink: 'black' })
    expect([...plain[1].pictures].every((key) => key.startsWith('outline/'))).toBe(true)
  })
  it('draws a young one smaller that has no picture of its own', () => {
    const sheep = { ...thing('sheep'), young: 'lamb', youngPicture: thing('sheep').picture }
    const sizes = [
      ...draw('young', { things: [sheep, thing('hen')], level: 0 })[0].body.matchAll(/<use[^>]* width="([\d.]+)"/g),
    ]
    expect(Number(sizes[1][1])).toBeLessThan(Number(sizes[0][1]) * 0.7)
  })
  it('cuts slits inside the edge to weave through, more and closer ones at each level', () => {
    const slits = (level: Level) =>
      [...draw('weaving', { level })[0].body.matchAll(/<line[^>]*stroke-dasharray="3 2"/g)].length
    const counts = LEVELS.map(slits)
    expect(counts[0]).toBeGreaterThan(0)
    expect(counts).toEqual([...counts].sort((a, b) => a - b))
    expect(counts[3]).toBeGreaterThan(counts[0])
  })
})

describe('the edge of a picture', () => {
  const mask = (...rows: string[]) => rows.flatMap((row) => [...row].map((one) => one === '#'))
  it('goes once around a square', () => {
    const points = edgeOfMask(mask('....', '.##.', '.##.', '....'), 4)
    expect(points).toHaveLength(8)
    expect(points[0]).toEqual({ x: 8, y: 8 })
    expect(new Set(points.map(({ x, y }) => `${x},${y}`)).size).toBe(8)
  })
  it('follows the largest area only, and ends where a picture is empty or full', () => {
    expect(edgeOfMask(mask('#...', '....', '..##', '..##'), 4)[0]).toEqual({ x: 16, y: 16 })
    expect(edgeOfMask(mask('..', '..'), 2)).toEqual([])
    expect(edgeOfMask(mask('##', '##'), 2)).toHaveLength(8)
  })
  it('ends for whatever is drawn', () => {
    fc.assert(
      fc.property(fc.array(fc.boolean(), { minLength: 64, maxLength: 64 }), (filled) => {
        const points = edgeOfMask(filled, 8)
        expect(points.length > 0).toBe(filled.some(Boolean))
        expect(points.length).toBeLessThan(256)
      }),
    )
  })
  it('is parted evenly for dots', () => {
    const ring = [
      { x: 0, y: 0 },
      { x: 10, y: 0 },
      { x: 10, y: 10 },
      { x: 0, y: 10 },
    ]
    expect(along(ring, 8)[1]).toEqual({ x: 5, y: 0 })
    expect(along(ring, 8)).toHaveLength(8)
    expect(along(ring.slice(0, 2), 8)).toEqual([])
  })
})
