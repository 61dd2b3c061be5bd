import { describe, expect, it } from 'vitest'
import { PRINT_KINDS, type PrintSet } from '../domain'
import { ACTIVITIES } from '../library'
import { anActivity } from '../testing/build'
import { OFFERED, printOffers } from './offers'
import { isForUnit, isNotInHand, printSum, unitPrints, withPrints } from './placed'

const set = (over: Partial<PrintSet> = {}): PrintSet => ({
  id: 's',
  unitId: 'unit',
  kind: 'count-clip',
  name: 'Count and clip',
  placementId: 'placed',
  instead: [],
  things: [],
  own: [],
  ownOnly: false,
  text: '',
  children: [],
  levels: {},
  size: null,
  copies: 1,
  ink: null,
  stock: 'cardstock',
  laminate: true,
  backs: false,
  blank: false,
  made: { sheets: 2, pieces: 18, with: { materialId: 'clothespin', quantity: 18 } },
  printedOn: null,
  ...over,
})
const need = (id: string, materialId: string) => ({
  id,
  materialId,
  quantity: 4,
  basis: { by: 'set-up' as const },
  spare: 0,
  variants: null,
  reach: 'children' as const,
  alternatives: [],
})
const step = (id: string, uses: string[] = []) => ({
  id,
  text: `Do ${id}`,
  minutes: 20,
  wait: 0 as const,
  splits: true,
  uses,
  kind: null,
  per: null,
})

describe('what a set takes', () => {
  it('is reckoned as on paper: 18 cards on 2 sheets, 2 pouches', () => {
    // 18 pieces of two cuts at 8 s are 288 s; two pouches 3 min; two sheets 40 s.
    expect(printSum(set())).toEqual({
      sheets: 2,
      pieces: 18,
      pouches: 2,
      printMinutes: 1,
      laminateMinutes: 3,
      cutMinutes: 5,
      // 18 pieces at 3 s.
      sortMinutes: 1,
    })
  })
  it('grows with copies, and is cut in stacks where it is not laminated', () => {
    expect(printSum(set({ copies: 3 }))).toMatchObject({ sheets: 6, pieces: 54, pouches: 6, cutMinutes: 15 })
    // Three sheets at once: 18 stacks of 2 x 8 s.
    expect(printSum(set({ copies: 3, laminate: false }))).toMatchObject({
      pouches: 0,
      laminateMinutes: 0,
      cutMinutes: 5,
      // 54 pieces at 3 s.
      sortMinutes: 3,
    })
  })
})

describe('an idea with what is printed for it', () => {
  const idea = anActivity({
    prep: [step('draw-cards', ['card']), step('fill', ['rice'])],
    requirements: [need('card', 'card-stock'), need('rice', 'white-rice')],
  })
  it('is printed, laminated and cut in place of what would be made by hand', () => {
    const printed = withPrints(idea, [set({ instead: ['draw-cards'] })])
    expect(printed.prep.map((one) => [one.text, one.minutes, one.kind])).toEqual([
      ['Do fill', 20, null],
      ['Print Count and clip, 2 sheets', 1, 'print'],
      ['Laminate Count and clip, 2 pouches', 3, 'laminate'],
      ['Cut out Count and clip, 18 pieces', 5, 'cut'],
      ['Sort Count and clip into sets, and into the folder of the day', 1, 'other'],
    ])
    expect(printed.requirements.map((one) => [one.materialId, one.quantity, one.reach])).toEqual([
      ['white-rice', 4, 'children'],
      ['card-stock', 2, 'adult'],
      ['laminating-pouch', 2, 'adult'],
      ['clothespin', 18, 'adult'],
    ])
  })
  it('needs no paper any more once it is printed, and its clothespins all the same', () => {
    const printed = withPrints(idea, [set({ printedOn: '2026-03-09' })])
    expect(printed.prep.map((one) => one.kind)).toEqual([null, null, 'laminate', 'cut', 'other'])
    expect(printed.requirements.map((one) => one.materialId)).toEqual(['card-stock', 'white-rice', 'clothespin'])
  })
  it('asks for nothing that the home does not know', () => {
    const own = withPrints(idea, [set()], (id) => id === 'card-stock')
    expect(own.requirements.map((one) => one.materialId)).toEqual(['card-stock', 'white-rice', 'card-stock'])
  })
  it('keeps its own steps, however many sets there are', () => {
    const many = Array.from({ length: 20 }, (_, i) => set({ id: `s${i}` }))
    const { prep } = withPrints(idea, many)
    expect([prep.length, prep[0].id, prep[1].id]).toEqual([20, 'draw-cards', 'fill'])
  })
})

describe('what can be printed for an idea', () => {
  it('is known by ideas and steps that there are', () => {
    for (const [id, offers] of OFFERED.ideas) {
      const idea = ACTIVITIES.find((one) => one.id === id)
      expect(idea, id).toBeDefined()
      for (const offer of offers) {
        expect(PRINT_KINDS).toContain(offer.kind)
        for (const saved of offer.instead)
          expect(
            idea!.prep.map((one) => one.id),
            `${id} ${saved}`,
          ).toContain(saved)
      }
      expect(printOffers(idea!)).toEqual(offers)
    }
    for (const [, kinds] of OFFERED.patterns) for (const kind of kinds) expect(PRINT_KINDS).toContain(kind)
  })
  it('follows a copy of an idea, and names only steps that it still has', () => {
    const copy = anActivity({ id: 'mine', origin: { id: 'rice-rescue', title: 'Rice rescue' }, prep: [] })
    expect(printOffers(copy)).toEqual([{ kind: 'three-parts', instead: [] }])
    expect(printOffers(anActivity({ id: 'mine', pattern: 'memory-pairs' }))).toEqual([{ kind: 'memory', instead: [] }])
    expect(printOffers(anActivity())).toEqual([])
  })
})

describe('what is printed for the whole unit', () => {
  const starts = [
    { id: 'c', date: '2026-03-12', open: true },
    { id: 'a', date: '2026-03-10', open: true },
    { id: 'b', date: '2026-03-10', open: true },
  ]
  const own = (over: Partial<PrintSet> = {}) => set({ placementId: null, ...over })
  const counts = (sets: PrintSet[], today: string) =>
    [...unitPrints(sets, starts, today)].map(([id, found]) => [id, found.map((one) => one.id)])
  it('counts with the first thing on the plan from today on', () => {
    expect(counts([own()], '2026-03-01')).toEqual([['a', ['s']]])
    expect(counts([own()], '2026-03-11')).toEqual([['c', ['s']]])
  })
  it('goes on to the next where the first is done, as long as it is not printed', () => {
    const done = starts.map((one) => (one.id === 'a' ? { ...one, open: false } : one))
    expect([...unitPrints([own()], done, '2026-03-10').keys()]).toEqual(['b'])
    expect([...unitPrints([own({ printedOn: '2026-03-10' })], done, '2026-03-10').keys()]).toEqual(['a'])
  })
  it('stays there once it is printed, while the days go by', () => {
    const printed = own({ printedOn: '2026-03-09' })
    expect(counts([printed], '2026-03-09')).toEqual([['a', ['s']]])
    expect(counts([printed], '2026-03-20')).toEqual([['a', ['s']]])
  })
  it('counts nowhere when nothing comes any more, and never where it has an idea of its own', () => {
    expect(counts([own(), set({ id: 't' })], '2026-03-13')).toEqual([])
    expect(counts([set()], '2026-03-01')).toEqual([])
  })
  it('says that it is for the unit, and is in nobody’s hand at the idea that it counts with', () => {
    const idea = anActivity({ id: 'idea', prep: [], requirements: [need('rice', 'white-rice')] })
    const { prep, requirements } = withPrints(idea, [own()])
    expect(prep[0].text).toBe('Print Count and clip for the unit, 2 sheets')
    expect(requirements.filter((one) => isForUnit(one.id)).map((one) => one.materialId)).toEqual([
      'card-stock',
      'laminating-pouch',
      'clothespin',
    ])
    expect(requirements.filter((one) => !isNotInHand(one.id)).map((one) => one.id)).toEqual(['rice'])
    // Of one's own set, the paper is gone by then, and the clothespins are there.
    const placed = withPrints(idea, [set()]).requirements.filter((one) => !isNotInHand(one.id))
    expect(placed.map((one) => one.materialId)).toEqual(['white-rice', 'clothespin'])
  })
})
