import { describe, expect, it } from 'vitest'
import { svgPathProperties } from 'svg-path-properties'
import { STROKES } from '../library/strokes'
import { endsOf, written, writing, type WritingLook } from './handwriting'

const CAPITALS = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ']
const SMALL = [...'abcdefghijklmnopqrstuvwxyz']
const NUMERALS = [...'0123456789']
/** The points of a stroke, close together. */
const pointsOf = (d: string) => {
  const along = new svgPathProperties(d)
  const length = along.getTotalLength()
  return Array.from({ length: 201 }, (_, i) => along.getPointAtLength((length * i) / 200))
}
const sides = (letter: string) => {
  const points = STROKES.get(letter)!.strokes.flatMap(pointsOf)
  const of = (pick: (point: { x: number; y: number }) => number) => points.map(pick)
  return {
    left: Math.min(...of((one) => one.x)),
    right: Math.max(...of((one) => one.x)),
    top: Math.min(...of((one) => one.y)),
    low: Math.max(...of((one) => one.y)),
  }
}

describe('strokes', () => {
  it('are there for every letter and numeral', () => {
    for (const letter of [...CAPITALS, ...SMALL, ...NUMERALS])
      expect(STROKES.get(letter)?.strokes.length, letter).toBeGreaterThan(0)
  })
  it.each([...CAPITALS, ...NUMERALS])('%s stands between the top line and the one it is written on', (letter) => {
    const { left, right, top, low } = sides(letter)
    expect(top).toBeGreaterThanOrEqual(-1)
    expect(top).toBeLessThanOrEqual(3)
    // Only the tail of a Q goes below.
    expect(low).toBeLessThanOrEqual(letter === 'Q' ? 107 : 101.5)
    expect(low).toBeGreaterThanOrEqual(98)
    expect(left).toBeGreaterThanOrEqual(-1.5)
    expect(Math.abs(right - STROKES.get(letter)!.width)).toBeLessThanOrEqual(4)
  })
  it.each(SMALL)('%s keeps to its lines', (letter) => {
    const { left, right, top, low } = sides(letter)
    const tall = 'bdfhkl'.includes(letter)
    const over = 'ijt'.includes(letter)
    if (tall) expect(top).toBeLessThanOrEqual(2)
    else if (over) expect(top).toBeGreaterThanOrEqual(14)
    else expect(Math.abs(top - 50)).toBeLessThanOrEqual(2)
    if ('gjpqy'.includes(letter)) expect(Math.abs(low - 150)).toBeLessThanOrEqual(2)
    else expect(Math.abs(low - 100)).toBeLessThanOrEqual(2)
    expect(left).toBeGreaterThanOrEqual(-1.5)
    expect(Math.abs(right - STROKES.get(letter)!.width)).toBeLessThanOrEqual(4)
  })

  /** Where a stroke begins (left, right or middle; top, middle or low line) and which way it goes first. */
  const way = (letter: string, stroke = 1) => {
    const d = STROKES.get(letter)!.strokes[stroke - 1]
    const { way: first, to } = endsOf(d)
    return {
      down: first.y > 0.7,
      back: first.x < -0.3,
      right: first.x > 0.7,
      endsLow: to.y > 90,
    }
  }
  it.each([...'BDEFHKLMNPRUT', ...'bhiklmnprtu', '1'])('%s begins with a stroke down', (letter) =>
    expect(way(letter).down).toBe(true),
  )
  it.each([...'CGOQS', ...'acdgoqs', '0', '6', '8', '9'])('%s begins at the right and goes back', (letter) => {
    expect(way(letter).back).toBe(true)
    const { from } = endsOf(STROKES.get(letter)!.strokes[0])
    expect(from.x).toBeGreaterThan(STROKES.get(letter)!.width * 0.45)
  })
  it.each([...'EFHTJIA', ...'ft', '5'])('%s has its bar last, from the left to the right', (letter) => {
    const strokes = STROKES.get(letter)!.strokes
    expect(way(letter, strokes.length).right).toBe(true)
  })
  it.each([...'ij'])('%s has its dot last', (letter) => {
    const strokes = STROKES.get(letter)!.strokes
    expect(endsOf(strokes[strokes.length - 1]).length).toBe(0)
  })
  it('keep e in one stroke that begins in its middle, and b and p in one that goes up again', () => {
    expect(STROKES.get('e')!.strokes).toHaveLength(1)
    expect(way('e').right).toBe(true)
    expect([STROKES.get('b')!.strokes.length, STROKES.get('p')!.strokes.length]).toEqual([1, 1])
  })
})

describe('a word', () => {
  it('is its letters side by side, with what is marked over them', () => {
    const kite = written('kite', 'plain')
    expect(kite.strokes.map((one) => `${one.letter}${one.order}`)).toEqual([
      'k1',
      'k2',
      'k3',
      'i1',
      'i2',
      't1',
      't2',
      'e1',
    ])
    const zoe = written('Zoë', 'plain')
    expect(zoe.missing).toEqual([])
    expect(zoe.strokes.filter((one) => one.letter === 'ë')).toHaveLength(3)
    // The dot of an i makes room for its mark.
    expect(written('í', 'plain').strokes).toHaveLength(2)
    expect(written('Łódź', 'plain').missing).toEqual(['Ł'])
    expect(written('Мира', 'plain')).toMatchObject({ strokes: [], width: 0 })
  })
  it('leans and ends in hooks in the slanted hand, and nowhere else', () => {
    const last = (hand: 'plain' | 'slanted', letter: string) => endsOf(written(letter, hand).strokes[0].d).to
    for (const letter of 'adhilmnu') {
      expect(last('plain', letter).y).toBeCloseTo(100, 6)
      expect(last('slanted', letter).y).toBeLessThan(99)
    }
    expect(written('o', 'slanted').strokes).toEqual(written('o', 'plain').strokes)
  })
  const look: WritingLook = { height: 20, hand: 'plain', strength: 'strong', ink: 'color', guided: true }
  it('says the order of its strokes where it is guided', () => {
    const body = writing(written('H', 'plain'), 0, 100, look)
    expect([...body.matchAll(/>(\d)<\/text>/g)].map((one) => one[1])).toEqual(['1', '2', '3'])
    expect(writing(written('H', 'plain'), 0, 100, { ...look, guided: false })).not.toContain('<text')
  })
  it('leaves less to go over, the weaker it is', () => {
    const gap = (strength: WritingLook['strength']) =>
      Number(
        /stroke-dasharray="[\d.]+ ([\d.]+)"/.exec(writing(written('l', 'plain'), 0, 100, { ...look, strength }))?.[1],
      )
    expect(gap('strong')).toBeLessThan(gap('middle'))
    expect(gap('middle')).toBeLessThan(gap('light'))
    expect(writing(written('l', 'plain'), 0, 100, { ...look, strength: 'none' })).toBe('')
    expect(writing(written('l', 'plain'), 0, 100, { ...look, strength: 'start', guided: false })).toMatch(/^<circle/)
  })
})
