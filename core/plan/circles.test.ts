import { describe, expect, it } from 'vitest'
import { newCirclePart, type Circle, type CirclePart, type Piece, type UnitSnapshot } from '../domain'
import { newPrintSet } from '../cards'
import { PIECES } from '../library/repertoire'
import { holdersFor, prepTasks, roundFor } from '../prep'
import { readingsOf, touchesOf } from '../readings'
import { supplyList } from '../supplies'
import { sessionCautions } from '../cautions'
import { aCenter, aChild, aHome, aMaterial, aSnapshot, aUnit } from '../testing/build'
import { isCircle } from './circles'
import { resolvePlan } from './resolve'

const BLOCK = { id: 'circle', name: 'Circle', kind: 'circle' as const, from: '09:15', to: '09:40' }
const piece = (id: string, over: Partial<Piece> = {}): Piece => ({ ...PIECES[0], id, props: [], takes: [], ...over })
const bell = aMaterial({ id: 'bell', name: 'bells', use: 'reusable', unit: 'each', onHand: 1, place: 'shelf' })
const paper = aMaterial({ id: 'paper', name: 'paper', use: 'consumable', unit: 'sheet', onHand: 0, place: 'blue box' })
const block = aMaterial({ id: 'block', name: 'blocks', use: 'reusable', unit: 'each', onHand: 4, place: 'shelf' })
const PIECES_OF_IT: Piece[] = [
  piece('ring', {
    kind: 'greet',
    props: ['a bell'],
    takes: [{ materialId: 'bell', quantity: 1, by: 'circle' }],
    teaches: ['music-movement', 'language', 'science'],
    minutes: { shortest: 1, planned: 2, longest: 3 },
  }),
  piece('ring-again', {
    kind: 'goodbye',
    props: ['a bell', 'paper'],
    takes: [
      { materialId: 'bell', quantity: 1, by: 'circle' },
      { materialId: 'paper', quantity: 2, by: 'child' },
      { materialId: 'nobody-has-it', quantity: 2, by: 'child' },
    ],
    teaches: ['social-emotional'],
    minutes: { shortest: 1, planned: 1, longest: 1 },
  }),
  piece('stack', {
    kind: 'rhyme',
    form: 'up',
    text: '{N} {things}',
    props: ['as many blocks'],
    takes: [{ materialId: 'block', quantity: 1, by: 'count' }],
    teaches: ['early-math'],
    minutes: { shortest: 2, planned: 5, longest: 6 },
  }),
]
const part = (pieceId: string, over: Partial<CirclePart> = {}) => ({ ...newCirclePart(pieceId, { pieceId }), ...over })
const circle = (parts: CirclePart[], day = 2): Circle => ({
  id: `circle-${day}`,
  unitId: 'unit',
  day,
  parts,
  turns: [],
  setAside: [],
})
const snapshotWith = (circles: Circle[], over: Partial<UnitSnapshot> = {}): UnitSnapshot =>
  aSnapshot({
    home: aHome({ rhythm: [BLOCK] }),
    unit: aUnit({ start: '2026-03-04', days: 3 }),
    children: [
      aChild({ id: 'a', name: 'Ann', born: '2021-06-01' }),
      aChild({ id: 'b', name: 'Bo', born: '2022-06-01' }),
      aChild({ id: 'p', name: 'Pip', born: '2025-08-01' }),
    ],
    centers: [aCenter({ id: 'rug', kind: 'circle', name: 'Rug' })],
    materials: [bell, paper, block],
    activities: [],
    pieces: PIECES_OF_IT,
    circles,
    ...over,
  })
const ALL = circle([part('ring'), part('stack', { range: { from: 1, to: 7, step: 1 } }), part('ring-again')])

describe('a circle among what is planned', () => {
  const snapshot = snapshotWith([ALL])
  const plan = resolvePlan(snapshot)
  it('is held in its block on its day, at the center for it, babies beside', () => {
    const [one] = plan.circles
    expect(plan.sessions).toEqual([])
    expect([isCircle(one), one.days[0].number, one.from, one.to, one.center?.name]).toEqual([
      true,
      2,
      '09:15',
      '09:40',
      'Rug',
    ])
    expect(one.parts.map(({ child, does }) => [child.name, does])).toEqual([
      ['Pip', 'beside'],
      ['Bo', 'takes-part'],
      ['Ann', 'takes-part'],
    ])
  })
  it('takes one bell for all of it, as many blocks as are counted, and paper for each who takes part', () => {
    const lines = new Map(supplyList(snapshot, plan).map((line) => [line.material.id, line]))
    expect([...lines].map(([id, line]) => [id, line.need, line.shortage])).toEqual(
      expect.arrayContaining([
        ['bell', 1, 0],
        ['block', 7, 3],
        ['paper', 4, 4],
      ]),
    )
    expect(lines.size).toBe(3)
    expect(lines.get('bell')!.needs[0].session.activity.title).toBe('Circle')
  })
  it('is on the round of its day, and in the circle basket', () => {
    const date = plan.circles[0].days[0].date
    expect(roundFor(plan, date, ['shelf', 'blue box']).map(({ place, things }) => [place, things.length])).toEqual([
      ['shelf', 2],
      ['blue box', 1],
    ])
    expect(holdersFor(plan, date).map(({ holder, things }) => [holder, things.length])).toEqual([['circle-basket', 3]])
    expect(roundFor(plan, '2026-03-04')).toEqual([])
    const told = snapshotWith([circle([part('story')])], {
      pieces: [piece('story', { kind: 'story', props: ['a shoe'], figures: ['cat'] })],
    })
    expect(holdersFor(resolvePlan(told), date).map(({ things, besides }) => [things, besides])).toEqual([
      [[], ['a shoe', 'cat']],
    ])
  })
  it('has its basket laid out before: a minute, and half a one for each thing more', () => {
    const [task] = prepTasks(snapshot, plan, [], () => 0)
    expect([task.step.text, task.minutes]).toEqual(['Lay into the circle basket: a bell, as many blocks and paper', 2])
    expect(readingsOf(snapshot).preparation.tasks).toHaveLength(1)
  })
  it('has what is printed for it on the list and in its work', () => {
    const set = {
      ...newPrintSet('figures', 'unit', 'stick', ALL.id),
      laminate: false,
      made: { sheets: 2, pieces: 3, with: null },
    }
    const card = aMaterial({ id: 'card-stock', name: 'card', use: 'consumable', unit: 'sheet', onHand: 0 })
    const printed = snapshotWith([ALL], { printSets: [set], materials: [bell, paper, block, card] })
    const { lines, preparation } = readingsOf(printed)
    expect(lines.find((line) => line.material.id === 'card-stock')?.need).toBe(2)
    expect(preparation.tasks.map((task) => task.step.text)).toEqual([
      'Lay into the circle basket: a bell, as many blocks and paper',
      'Print Figures on a stick, 2 sheets',
      'Cut out Figures on a stick, 3 pieces',
    ])
    // What is printed from is gone before: it is not fetched for the day.
    expect(roundFor(resolvePlan(printed), plan.circles[0].days[0].date).flatMap(({ things }) => things)).toHaveLength(3)
  })
  it('is behind us once it was held: nothing is got, fetched or laid out for it, and what it touched stays', () => {
    const date = plan.circles[0].days[0].date
    const log = { id: 'log', date, unit: '', parts: [], turns: [], took: {} }
    const over = snapshotWith([ALL], { circleLogs: [log] })
    const { lines, preparation, plan: after } = readingsOf(over)
    expect([after.isBehind(after.circles[0]), lines, preparation.tasks, roundFor(after, date)]).toEqual([
      true,
      [],
      [],
      [],
    ])
    expect(touchesOf(after, over)).toEqual(
      touchesOf(plan, snapshot).map((week) => expect.objectContaining({ monday: week.monday })),
    )
    expect(touchesOf(after, over)[0].children[0].touches.map((one) => one.sessions.length)).toEqual(
      touchesOf(plan, snapshot)[0].children[0].touches.map((one) => one.sessions.length),
    )
  })
  it('touches the two areas that most of it teaches, of those who take part', () => {
    const [week] = touchesOf(plan, snapshot)
    const touched = (id: string) =>
      week.children
        .find((one) => one.child.id === id)!
        .touches.filter((one) => one.sessions.length)
        .map((one) => one.domain)
    // Early math 5 minutes; music and language 2 each, the one that is listed first.
    expect(touched('a')).toHaveLength(2)
    expect(touched('a')).toContain('early-math')
    expect(touched('p')).toEqual([])
  })
  it('brings the cautions of what is in hand', () => {
    const small = { ...bell, safety: { ...bell.safety, partMm: [20, 20, 20] as [number, number, number] } }
    const other = snapshotWith([ALL], {
      materials: [small, paper, block],
      children: [aChild({ id: 't', name: 'Tot', born: '2024-09-01', mouths: true })],
    })
    const found = resolvePlan(other)
    expect(sessionCautions(found.circles[0], found).length).toBeGreaterThan(0)
    expect(readingsOf(other).cautions.length).toBeGreaterThan(0)
  })
})

describe('no circle', () => {
  it('comes of nothing in it, of pieces that are gone, of a day that is none, or of a rhythm without one', () => {
    const of = (circles: Circle[], over: Partial<UnitSnapshot> = {}) => resolvePlan(snapshotWith(circles, over)).circles
    expect(of([circle([])])).toEqual([])
    expect(of([circle([part('gone')])])).toEqual([])
    expect(of([circle([part('ring')], 40)])).toEqual([])
    expect(of([ALL], { home: aHome({ rhythm: [] }) })).toEqual([])
  })
  it('takes anything of the pantry by her own line alone', () => {
    const own = newCirclePart('o', { own: { title: 'A guest', kind: 'talk', minutes: 4, seated: true, energy: 0 } })
    const plan = resolvePlan(snapshotWith([circle([own])]))
    expect(plan.circles[0].activity).toMatchObject({ requirements: [], prep: [], domains: ['social-emotional'] })
  })
})
