import { describe, expect, it } from 'vitest'
import { newCirclePart, newThemeObject, type Circle, type CircleLog, type UnitSnapshot } from '../domain'
import { PIECES } from '../library/repertoire'
import { resolvePlan } from '../plan'
import { aChild, aHome, anAdult, aSnapshot, aUnit } from '../testing/build'
import { circleDay, circleShown, newCircle, sittingLimits } from './day'
import { endOfPart, isAskedFirst, minutesHeld, nextPart, scriptOf, stageSteps, verseKey } from './stage'

const BLOCK = { id: 'circle', name: 'Circle', kind: 'circle' as const, from: '09:15', to: '09:40' }
const OUT = { id: 'out', name: 'Outdoors', kind: 'outdoors' as const, from: '09:40', to: '10:30' }
const kids = [
  aChild({ id: 'cal', name: 'Calla', born: '2021-06-01' }),
  aChild({ id: 'oona', name: 'Oona', born: '2024-05-01' }),
  aChild({ id: 'pip', name: 'Pip', born: '2025-08-01' }),
]
const circle = (parts: Circle['parts']): Circle => ({ ...newCircle('unit', 1), parts })
const snapshotWith = (parts: Circle['parts'], over: Partial<UnitSnapshot> = {}) =>
  aSnapshot({
    home: aHome({ rhythm: [BLOCK, OUT] }),
    unit: aUnit({ start: '2026-03-04', days: 3, objects: [newThemeObject('kite'), newThemeObject('feather')] }),
    children: kids,
    activities: [],
    pieces: [...PIECES],
    circles: [circle(parts)],
    ...over,
  })
const part = (pieceId: string, over: Partial<Circle['parts'][number]> = {}) => ({
  ...newCirclePart(pieceId, { pieceId }),
  ...over,
})
function scriptWith(parts: Circle['parts'], over: Partial<UnitSnapshot> = {}) {
  const snapshot = snapshotWith(parts, over)
  const on = circleDay(snapshot, resolvePlan(snapshot), 1)!
  return scriptOf(on, circleShown(snapshot.circles[0], on, snapshot), snapshot)
}
const USUAL = [part('hello-around'), part('on-the-hill'), part('wind-and-leaves'), part('see-you-soon')]

describe('the circle of a day', () => {
  const at = (snapshot: UnitSnapshot) => circleDay(snapshot, resolvePlan(snapshot), 1)
  it('is as long as its block, for those who are there, and as calm as what follows asks', () => {
    const on = at(snapshotWith(USUAL))!
    expect([on.window, on.after, on.listeners.sitting]).toEqual([25, 'outdoors', 4])
    expect(on.expected.map((child) => child.name)).toEqual(['Calla', 'Oona', 'Pip'])
    expect(on.able.map((child) => child.name)).toEqual(['Calla', 'Oona'])
  })
  it('knows who could go along with those who get up: whoever is there for all of it and does not lead', () => {
    const adult = (id: string, role: 'provider' | 'assistant', from: string) =>
      anAdult({ id, name: id, role, hours: { wed: { from, to: '17:00' } } })
    const adults = [
      adult('Teo', 'assistant', '08:00'),
      adult('Maren', 'provider', '08:00'),
      adult('Late', 'assistant', '09:30'),
    ]
    expect(at(snapshotWith(USUAL, { adults }))!.helpers.map((one) => one.name)).toEqual(['Teo'])
    expect(at(snapshotWith(USUAL, { adults: adults.slice(1) }))!.helpers).toEqual([])
  })
  it('sits as long as the home says', () => {
    const home = aHome({ rhythm: [BLOCK], circle: { sitting: [6, 7, 8, 9, 10], sameOpening: false } })
    expect(at(snapshotWith(USUAL, { home }))!.listeners.sitting).toBe(6)
    expect(sittingLimits(home.circle)[4]).toEqual({ fromMonths: 60, minutes: 10 })
  })
  it('is none where the rhythm has none, or the day is not held; of infants alone nobody sits', () => {
    expect(at(snapshotWith(USUAL, { home: aHome({ rhythm: [OUT] }) }))).toBeNull()
    const snapshot = snapshotWith(USUAL)
    expect(circleDay(snapshot, resolvePlan(snapshot), 9)).toBeNull()
    const infants = at(snapshotWith(USUAL, { children: [kids[2]] }))!
    expect([infants.listeners, infants.able]).toEqual([{ sitting: null, stages: [] }, []])
    expect(at(snapshotWith(USUAL, { children: [] }))!.expected).toEqual([])
  })
})

describe('what is led', () => {
  it('has every part in its order, in words, with minutes that fit', () => {
    const script = scriptWith([
      part('see-you-soon'),
      part('on-the-hill'),
      part('hello-around'),
      part('wind-and-leaves'),
    ])
    expect(script.parts.map((one) => one.kind)).toEqual(['greet', 'rhyme', 'movement', 'goodbye'])
    expect(script.parts.reduce((sum, one) => sum + one.minutes, 0)).toBeLessThanOrEqual(25)
    const rhyme = script.parts[1]
    expect(rhyme.title).toBe('Five on the hill')
    expect(rhyme.verses.map((verse) => [verse.count, verse.word])).toEqual([
      [5, 'five'],
      [4, 'four'],
      [3, 'three'],
      [2, 'two'],
      [1, 'one'],
      [0, 'zero'],
    ])
    expect([rhyme.counted, rhyme.picture]).toEqual([5, 'kite'])
  })
  it('gives the first turn to what opens, the next to what counts, and the rest to what is left', () => {
    const turns = ['Opens the circle', 'Takes one away', 'Rings the bell'].map((what) => ({ what, childId: null }))
    const snapshot = snapshotWith(USUAL)
    snapshot.circles[0].turns = turns
    const on = circleDay(snapshot, resolvePlan(snapshot), 1)!
    const script = scriptOf(on, circleShown(snapshot.circles[0], on, snapshot), snapshot)
    // The older first, since nobody had one; with two children the third turn is anybody's again.
    expect(script.parts.map((one) => one.turn)).toEqual([
      { what: 'Opens the circle', name: 'Calla' },
      { what: 'Takes one away', name: 'Oona' },
      { what: 'Rings the bell', name: 'Calla' },
      null,
    ])
  })
  it('knows of who had a turn from what was held', () => {
    const held: CircleLog = {
      id: 'a',
      date: '2026-03-03',
      unit: '',
      parts: [],
      turns: [{ what: 'Opens the circle', childId: 'cal' }],
      took: {},
    }
    expect(scriptWith(USUAL, { circleLogs: [held] }).parts[0].turn?.name).toBe('Oona')
  })
  it('names no child by more than a name, and no id, birth date or note', () => {
    const text = JSON.stringify(scriptWith(USUAL))
    for (const child of kids) for (const secret of [child.born, `"${child.id}"`]) expect(text).not.toContain(secret)
  })
  it('grows as its form does: one more is named, one more is counted, or it is said again', () => {
    const script = scriptWith([part('i-packed-my-bag'), part('can-you-do-it-too'), ...USUAL])
    const grows = new Map(script.parts.map((one) => [one.id, one.grows]))
    expect([grows.get('i-packed-my-bag'), grows.get('on-the-hill'), grows.get('can-you-do-it-too')]).toEqual([
      'named',
      'again',
      'again',
    ])
    const up = PIECES.find((one) => one.form === 'up')!
    expect(scriptWith([part(up.id)]).parts[0].grows).toBe('counted')
    const more = scriptWith([part('i-packed-my-bag', { more: ['a sandwich', 'snow'] })]).parts[0]
    expect(more.verses.some((verse) => verse.lines.join(' ').includes('sandwich'))).toBe(true)
    expect(more.verses.length).toBe(scriptWith([part('i-packed-my-bag')]).parts[0].verses.length + 2)
  })
  it('tells a book as long as they sit', () => {
    const book = {
      id: 'b',
      title: 'The Mill on the Biscuit Tin',
      author: 'Noor Adeyemi',
      kind: 'story' as const,
      from: 'young-toddler' as const,
      minutes: 7,
      place: 'up' as const,
      lent: null,
      topics: [],
      note: '',
    }
    const [one] = scriptWith([newCirclePart('p', { bookId: 'b' })], { books: [book] }).parts
    expect(one).toMatchObject({
      title: book.title,
      kind: 'story',
      say: 'By Noor Adeyemi. To be told shorter.',
      verses: [],
    })
    expect(scriptWith([newCirclePart('p', { bookId: 'gone' })], { books: [book] }).parts).toEqual([])
  })
})

describe('step by step', () => {
  const script = scriptWith(USUAL)
  const steps = stageSteps(script)
  it('goes verse by verse, again where it was asked for, to the next part and to the end of one', () => {
    expect(steps.map((one) => one.part.id).filter((id) => id === 'on-the-hill')).toHaveLength(6)
    const first = steps.findIndex((one) => one.part.id === 'on-the-hill')
    expect(nextPart(steps, first)).toBe(first + 6)
    expect(endOfPart(steps, first)).toBe(first + 5)
    expect(endOfPart(steps, first + 5)).toBeNull()
    expect(nextPart(steps, steps.length - 1)).toBeNull()
    const again = stageSteps(script, { [verseKey('on-the-hill', 1)]: 2 })
    expect(again).toHaveLength(steps.length + 2)
    expect(again.slice(first, first + 5).map((one) => one.at)).toEqual([1, 2, 2, 2, 3])
  })
  it('asks how many there are before it shows another number, and not at the first or between parts', () => {
    const first = steps.findIndex((one) => one.part.id === 'on-the-hill')
    expect(isAskedFirst(steps[first - 1], steps[first])).toBe(false)
    expect(isAskedFirst(steps[first], steps[first + 1])).toBe(true)
    expect(isAskedFirst(steps[first], steps[first])).toBe(false)
    expect(isAskedFirst(undefined, steps[0])).toBe(false)
  })
  it('writes down minutes to the half, from a half to two hours', () => {
    expect([0, 40_000, 100_000, 3 * 60_000, 9e9].map(minutesHeld)).toEqual([0.5, 0.5, 1.5, 3, 120])
  })
})
