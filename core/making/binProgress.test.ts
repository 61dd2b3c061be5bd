import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { BinMood, BinTime } from '../domain'
import { aChild } from '../testing/build'
import { hiddenSpots, progressOf, sectionOf, withBinTime } from '.'

const RULES = { calmTimes: 3 }
const times = (...said: [fillerId: string, mood: BinMood][]): BinTime[] =>
  said.map(([fillerId, mood], i) => ({ date: `2026-03-${String(i + 1).padStart(2, '0')}`, fillerId, mood }))
const of = (sensory: 'new' | 'practising' | 'ready', ...said: [string, BinMood][]) =>
  progressOf(aChild({ sensory, binTimes: times(...said) }), RULES)

describe('how far a child is at the bin', () => {
  it('stays while nothing was noted', () => expect(of('new')).toEqual({ now: 'new', calm: 0, next: null, last: null }))
  it('goes on after as many calm times in a row as the home chooses', () => {
    expect(of('new', ['crinkle-paper', 'calm'], ['corn-pasta', 'calm']).next).toBeNull()
    expect(of('new', ['crinkle-paper', 'calm'], ['corn-pasta', 'calm'], ['crinkle-paper', 'calm'])).toMatchObject({
      calm: 3,
      next: 'practising',
    })
  })
  it('begins to count anew after a time that was not calm', () =>
    expect(
      of(
        'new',
        ['crinkle-paper', 'calm'],
        ['crinkle-paper', 'calm'],
        ['crinkle-paper', 'watched'],
        ['crinkle-paper', 'calm'],
      ),
    ).toMatchObject({ calm: 1, next: null }))
  it('does not go on by what is easier than what suits now', () =>
    expect(
      of('practising', ['crinkle-paper', 'calm'], ['crinkle-paper', 'calm'], ['crinkle-paper', 'calm']),
    ).toMatchObject({ calm: 0, next: null }))
  it('goes back after two times in a row that it was mouthed or thrown', () => {
    expect(of('practising', ['rolled-oats', 'threw']).next).toBeNull()
    expect(of('practising', ['rolled-oats', 'threw'], ['rolled-oats', 'mouthed']).next).toBe('new')
    expect(of('new', ['crinkle-paper', 'threw'], ['crinkle-paper', 'threw']).next).toBeNull()
  })
  it('has nothing after ready', () =>
    expect(of('ready', ['rice', 'calm'], ['rice', 'calm'], ['rice', 'calm']).next).toBeNull())
  it('keeps one note for a day and a filler, and the latest sixty', () => {
    let child = aChild()
    for (const mood of ['threw', 'calm'] as const)
      child = withBinTime(child, { date: '2026-03-10', fillerId: 'rice', mood })
    expect(child.binTimes).toEqual([{ date: '2026-03-10', fillerId: 'rice', mood: 'calm' }])
    for (let i = 0; i < 90; i++) child = withBinTime(child, { date: '2026-03-11', fillerId: `f${i}`, mood: 'calm' })
    expect([child.binTimes.length, child.binTimes[0].fillerId]).toEqual([60, 'f30'])
  })
})

describe('the section of a bin', () => {
  const container = { id: 'tub', name: 'tub', lengthMm: 580, widthMm: 410, heightMm: 150 }
  // 580 mm over 406 px are 0.7 px to the mm.
  it.each([
    [50, 35],
    [100, 70],
    [150, 105],
    [33, 23],
  ])('at %d mm is filled %d px deep', (depthMm, height) => {
    const { scale, inside, fill } = sectionOf({ container, depthMm }, { width: 406, height: 300 })
    expect(scale).toBeCloseTo(0.7, 10)
    expect(inside).toEqual({ x: 0, y: 195, width: 406, height: 105 })
    expect(fill).toEqual({ x: 0, y: 300 - height, width: 406, height })
  })
  it('of a deep tub is as high as fits, and in the middle', () => {
    const { inside } = sectionOf(
      { container: { ...container, lengthMm: 300, heightMm: 600 }, depthMm: 300 },
      { width: 400, height: 300 },
    )
    expect(inside).toEqual({ x: 125, y: 0, width: 150, height: 300 })
  })
  it('never fills past its walls, and is true to the pixel', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 3000 }),
        fc.integer({ min: 20, max: 1500 }),
        fc.double({ min: 0.01, max: 1, noNaN: true }),
        (lengthMm, heightMm, share) => {
          const depthMm = heightMm * share
          const { scale, inside, fill } = sectionOf(
            { container: { ...container, lengthMm, heightMm }, depthMm },
            { width: 400, height: 260 },
          )
          expect(fill.y + fill.height).toBe(inside.y + inside.height)
          expect(fill.height).toBeLessThanOrEqual(inside.height)
          expect(Math.abs(fill.height - depthMm * scale)).toBeLessThanOrEqual(0.5)
        },
      ),
    ))
  it('shows what is hidden within the filler', () => {
    const { fill } = sectionOf({ container, depthMm: 50 }, { width: 406, height: 300 })
    const spots = hiddenSpots(fill, 8)
    expect(spots).toHaveLength(8)
    for (const { x, y } of spots) {
      expect(x).toBeGreaterThan(fill.x)
      expect(x).toBeLessThan(fill.x + fill.width)
      expect(y).toBeGreaterThan(fill.y)
      expect(y).toBeLessThan(fill.y + fill.height)
    }
    expect(hiddenSpots(fill, 0)).toEqual([])
  })
})
