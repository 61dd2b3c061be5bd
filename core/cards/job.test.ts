import { describe, expect, it } from 'vitest'
import { newThemeObject, PrintSet, type Child } from '../domain'
import { resolvePlan } from '../plan'
import { aChild, aPlacement, aSnapshot, aUnit, moment } from '../testing/build'
import { fromTemplate, inOrder, newPrintSet, printJob, printThing, templateOf } from './job'
import { cardSvg } from './pen'
import { testSheet } from './testSheet'

const unit = aUnit({
  name: 'Wind and kites',
  objects: ['kite', 'feather', 'bell', 'balloon'].map((name) => newThemeObject(name, 1)),
  focus: { letter: 'k', number: 'five', shape: '', colour: '' },
})
const kids: Child[] = [
  aChild({ id: 'baby', name: 'Pip', born: addMonths(-8) }),
  aChild({ id: 'one', name: 'Oona', born: addMonths(-20) }),
  aChild({ id: 'two', name: 'Idris', born: addMonths(-30) }),
  aChild({ id: 'four', name: 'Bodhi', born: addMonths(-54) }),
]
/** Months from the first day of the unit. */
function addMonths(count: number): string {
  const at = new Date(`${unit.start}T00:00:00Z`)
  at.setUTCMonth(at.getUTCMonth() + count)
  return at.toISOString().slice(0, 10)
}
const snapshot = aSnapshot({ unit, children: kids, placements: [aPlacement(moment(1))] })
const plan = resolvePlan(snapshot)
const job = (over: Partial<PrintSet> & Pick<PrintSet, 'kind'>) =>
  printJob({ ...newPrintSet('s', unit.id, over.kind), ...over }, snapshot, plan)

describe('who it is for', () => {
  it('decides how far it goes: straight paths for the youngest, zigzags for the oldest, none for the baby', () => {
    const { groups, young, pages, made } = job({ kind: 'paths' })
    expect(groups.map((one) => [one.level, one.children.map((child) => child.name)])).toEqual([
      [0, ['Oona']],
      [1, ['Idris']],
      [2, ['Bodhi']],
    ])
    expect(young.map((child) => child.name)).toEqual(['Pip'])
    // A sheet for each.
    expect([pages.length, made.sheets]).toEqual([3, 3])
  })
  it('is as she says, where she says so', () => {
    const { groups } = job({ kind: 'paths', levels: { baby: 0, four: 3 }, children: ['baby', 'four'] })
    expect(groups.map((one) => [one.level, one.children.map((child) => child.name)])).toEqual([
      [0, ['Pip']],
      [3, ['Bodhi']],
    ])
  })
  it('writes a sheet for each name, and says on it for whom the others are', () => {
    const { pages } = job({ kind: 'names' })
    expect(pages.map((page) => ['Idris', 'Bodhi'].find((name) => page.body.includes(`>${name}<`)))).toEqual([
      'Idris',
      'Bodhi',
    ])
    expect(job({ kind: 'count-clip' }).pages[0].body).toContain('1 to 6, for Idris')
  })
  it('is shown all the same where nobody is of an age for it', () => {
    const { groups, pages } = job({ kind: 'wheel', children: ['baby'] })
    expect(groups).toEqual([{ level: 1, children: [] }])
    expect(pages).toEqual([])
    expect(job({ kind: 'number-cards', children: ['baby'] }).pages.length).toBeGreaterThan(0)
  })
})

describe('a run of several sets', () => {
  it('lies set by set, or first what each child gets, and what is for all after it', () => {
    const runs = [job({ kind: 'paths' }), job({ kind: 'names' }), job({ kind: 'count-clip' })].map((one) => one.pages)
    const owners = (order: 'set' | 'child') => inOrder(runs, order, kids).map((page) => page.childId ?? 'all')
    expect(owners('set')).toEqual(['one', 'two', 'four', 'two', 'four', 'all', 'all'])
    expect(owners('child')).toEqual(['one', 'two', 'two', 'four', 'four', 'all', 'all'])
  })
  it('loses no page, whatever the order', () => {
    const runs = [job({ kind: 'bingo' }), job({ kind: 'headband' })].map((one) => one.pages)
    expect(inOrder(runs, 'child', kids)).toHaveLength(runs.flat().length)
    expect(inOrder(runs, 'child', [])).toHaveLength(runs.flat().length)
  })
})

describe('the test sheet', () => {
  it('has its two crosses in the middle of the paper', () => {
    const [front, back] = testSheet({ paper: 'letter', margin: 6, ink: 'color', back: { x: 3, y: 3 } })
    expect([front.back, back.back]).toEqual([false, true])
    expect(front.body).toContain('x1="92.95" y1="139.7" x2="122.95" y2="139.7"')
    // As it comes out of the printer, whatever was set before.
    expect(back.body).toContain('cx="107.95" cy="139.7"')
  })
})

describe('what it comes to', () => {
  it('counts sheets, pieces and clothespins as the pages have them', () => {
    const { made, pages } = job({ kind: 'count-clip', children: ['two', 'four'] })
    // 1 to 6 for one, 1 to 9 for the other.
    expect(made).toEqual({ sheets: 2, pieces: 15, with: { materialId: 'clothespin', quantity: 15 } })
    expect(pages.map((page) => page.pieces)).toEqual([6, 9])
  })
  it('prints on both sides of a sheet, which stays one', () => {
    const { made, pages } = job({ kind: 'memory', backs: true, children: ['two'] })
    expect([made.sheets, pages.map((page) => page.back)]).toEqual([1, [false, true]])
  })
  it('takes the objects that were chosen, or none for a blank one', () => {
    expect(job({ kind: 'pairs', things: ['kite', 'Bell'], children: ['four'] }).made.pieces).toBe(4)
    const { made, pages } = job({ kind: 'pairs', blank: true, children: ['two'] })
    expect(made.pieces).toBe(8)
    expect(pages.every((page) => page.pictures.size === 0)).toBe(true)
  })
  it('says what is lacking, and names a size that cannot be', () => {
    expect(job({ kind: 'wheel' }).lacks).toContain('three stages')
    expect(job({ kind: 'pairs', things: ['kite'] }).lacks).toBe('It takes 2 objects; the theme has 1.')
    expect(() => job({ kind: 'pairs', size: [2, 2] })).toThrow(
      expect.objectContaining({ faults: [expect.objectContaining({ field: 'size' })] }),
    )
    expect(() => job({ kind: 'pairs', size: [500, 500] })).toThrow(/larger than the paper/)
  })
  it('has the pictures of things, of their young and of their stages', () => {
    const hen = printThing({ ...newThemeObject('hen'), young: 'chick', stages: ['egg', 'chick', 'hen'] })
    expect([hen.picture, hen.youngPicture].every(Boolean)).toBe(true)
    expect(hen.stages.map((stage) => Boolean(stage.picture))).toEqual([true, true, true])
    expect(printThing({ ...newThemeObject('hens') }).one).toBe('hen')
  })
})

describe('what is her own', () => {
  const own = [
    { word: 'Granny’s red hat', picture: '' },
    { word: 'top', picture: 'home/our-hat' },
  ]
  it('stands after the objects of the theme, or alone', () => {
    const { made, pages } = job({ kind: 'trays', own })
    // Four objects and two cards.
    expect(made.pieces).toBe(6)
    expect(pages.some((page) => page.body.includes('Granny’s red hat'))).toBe(true)
    expect([...pages[0].pictures]).toContain('home/our-hat')
    expect(job({ kind: 'trays', own, ownOnly: true }).made.pieces).toBe(2)
  })
  it.each([
    ['name-tags', 3],
    ['folders', 1],
    ['shelves', 0],
    ['centers', 0],
  ] as const)('joins what the house gives for %s', (kind, least) => {
    const without = job({ kind, children: ['one', 'two', 'four'] }).made.pieces
    expect(without).toBeGreaterThanOrEqual(least)
    expect(job({ kind, own, children: ['one', 'two', 'four'] }).made.pieces).toBe(without + 2)
    expect(job({ kind, own, ownOnly: true, children: ['one', 'two', 'four'] }).made.pieces).toBe(2)
  })
  it('has room for a line where the kind asks for one', () => {
    expect(job({ kind: 'predictions', text: 'Will it fly?' }).pages[0].body).toContain('Will it fly?')
    expect(job({ kind: 'thanks', text: 'for the string', children: ['four'] }).pages[0].body).toContain(
      'for the string',
    )
  })
  it('is kept as a design, and begins another unit’s set', () => {
    const set: PrintSet = {
      ...newPrintSet('s', unit.id, 'trays'),
      name: 'Our trays',
      own,
      size: [120, 40],
      placementId: 'placed',
      printedOn: '2026-03-09',
    }
    const again = fromTemplate('t', 'other', templateOf('design', set))
    expect(PrintSet.parse(again)).toEqual(again)
    expect(again).toMatchObject({ id: 't', unitId: 'other', name: 'Our trays', own, size: [120, 40] })
    expect([again.placementId, again.printedOn, again.made.sheets]).toEqual([null, null, 0])
  })
  it('stands on a screen as one card, upright', () => {
    const [page] = job({ kind: 'trays', own }).pages
    expect(page.cards).toHaveLength(6)
    const svg = cardSvg(page, 2, new Map())
    expect(svg).toContain('width="85mm" height="30mm" viewBox="0 0 85 30"')
    const [lying] = job({ kind: 'trays', size: [200, 90] }).pages
    expect(lying.cards![0]).toMatchObject({ turned: true, width: 200, height: 90 })
    expect(cardSvg(lying, 0, new Map())).toContain('viewBox="0 0 200 90"')
  })
})

describe('a page for one day', () => {
  it('names the day in its foot, so that it finds its folder', () => {
    const placed = aSnapshot({ unit, children: kids, placements: [aPlacement(moment(1))] })
    const of = placed.placements[0].id
    const { pages } = printJob({ ...newPrintSet('s', unit.id, 'pairs'), placementId: of }, placed, resolvePlan(placed))
    expect(pages[0].body).toContain(', day 1')
    expect(job({ kind: 'pairs' }).pages[0].body).not.toContain(', day 1')
  })
})
