import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { letterTally, makesLetters } from './letters'
import { CARD_MM, cuttingMinutes, PAPERS, piecesPerSheet, sheetsFor } from './sheets'

describe('pieces on sheets', () => {
  it('lays 9 cards of 60 by 85 mm on either paper; the other way around it would be 8', () => {
    expect([piecesPerSheet(PAPERS.letter, CARD_MM, 6, 4), piecesPerSheet(PAPERS.a4, CARD_MM, 6, 4)]).toEqual([9, 9])
  })
  it('lays all that fit where lengths in inches only look as if they did not', () => {
    // 10 by 7.5 in of Letter are free: 127 by 54 mm lie three across and two deep.
    expect(piecesPerSheet(PAPERS.letter, [127, 54], 12.7, 0)).toBe(6)
    expect(piecesPerSheet([8.5 * 25.4, 11 * 25.4], [3.5 * 25.4, 2 * 25.4], 12.7, 0)).toBe(10)
  })
  it('counts like whole numbers, for lengths in tenths of a millimeter', () => {
    const tenths = (min: number, max: number) => fc.integer({ min, max })
    fc.assert(
      fc.property(
        tenths(500, 4000),
        tenths(500, 4000),
        tenths(50, 2000),
        tenths(50, 2000),
        tenths(0, 300),
        tenths(0, 100),
        (W, H, w, h, m, g) => {
          const along = (length: number, side: number) => Math.max(0, Math.floor((length - 2 * m + g) / (side + g)))
          const exact = Math.max(along(W, w) * along(H, h), along(W, h) * along(H, w))
          expect(piecesPerSheet([W / 10, H / 10], [w / 10, h / 10], m / 10, g / 10)).toBe(exact)
        },
      ),
      { numRuns: 2000 },
    )
  })
  it('needs 3 sheets for 62 sails at 24 a sheet', () => expect(sheetsFor(62, 24)).toBe(3))
  it('names what it cannot work with', () => {
    expect(() => piecesPerSheet([0, 10], [1, 1])).toThrow('sheet')
    expect(() => piecesPerSheet([10, 10], [1, -1])).toThrow('piece')
    expect(() => sheetsFor(3, 0)).toThrow('Nothing fits')
    expect(piecesPerSheet([50, 50], [60, 60])).toBe(0)
  })
  it('never lays more than the paper has room for, and turning the piece changes nothing', () => {
    const side = fc.integer({ min: 5, max: 200 })
    fc.assert(
      fc.property(side, side, fc.integer({ min: 0, max: 20 }), fc.integer({ min: 0, max: 10 }), (w, h, margin, gap) => {
        const count = piecesPerSheet(PAPERS.a4, [w, h], margin, gap)
        expect(count * w * h).toBeLessThanOrEqual(PAPERS.a4[0] * PAPERS.a4[1])
        expect(piecesPerSheet(PAPERS.a4, [h, w], margin, gap)).toBe(count)
      }),
    )
  })
  it('cuts several sheets as one stack', () =>
    expect([cuttingMinutes(0), cuttingMinutes(16), cuttingMinutes(16, 2)]).toEqual([0, 5, 3]))
})

describe('letters of names', () => {
  it('are counted over all of them, the most wanted first', () => {
    expect(letterTally(['Pip', 'Idris']).map((one) => `${one.letter}${one.count}`)).toEqual([
      'I3',
      'P2',
      'D1',
      'R1',
      'S1',
    ])
    expect(letterTally(['Zoë-Mae', 'ZO\u0045\u0308']).map((one) => `${one.letter}${one.count}`)).toEqual([
      'Ë2',
      'O2',
      'Z2',
      'A1',
      'E1',
      'M1',
    ])
    expect(letterTally([])).toEqual([])
  })
  it('are as many as the names have, in whatever order they come', () => {
    fc.assert(
      fc.property(fc.array(fc.stringMatching(/^[A-Za-z]{1,12}$/), { maxLength: 12 }), (names) => {
        const tally = letterTally(names)
        expect(tally.reduce((sum, one) => sum + one.count, 0)).toBe(names.join('').length)
        expect(letterTally([...names].reverse())).toEqual(tally)
      }),
    )
  })
  it('are made by steps that say so', () => {
    expect(
      ['Cut the letters of each name', 'Write each child’s letters on cards, one on each'].map(makesLetters),
    ).toEqual([true, true])
    expect(['Write large letters on cards, a dot where each begins', 'Cut a kite'].map(makesLetters)).toEqual([
      false,
      false,
    ])
  })
})
