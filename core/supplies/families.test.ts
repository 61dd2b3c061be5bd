import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { aChild, aMaterial } from '../testing/build'
import { asksOf, DEAR_CENTS, familiesOf, inTurn, spreadAsks, type AskLine } from './families'

const ask = (id: string, open: number, price = 0, over: Partial<AskLine> = {}): AskLine => ({
  material: aMaterial({ id, name: id, way: 'ask', packs: price ? [{ size: 1, price, shop: 'x', seen: null }] : [] }),
  quantity: open,
  open,
  bringBy: '2026-03-06',
  promises: [],
  ...over,
})
const families = (count: number) =>
  familiesOf(Array.from({ length: count }, (_, i) => aChild({ id: `c${i}`, name: `C${i}` })))

describe('families', () => {
  it('are asked once for brothers and sisters, and once for each other child', () => {
    const kids = [
      aChild({ id: 'a', family: 'Lark' }),
      aChild({ id: 'b', family: ' lark ' }),
      aChild({ id: 'c' }),
      aChild({ id: 'd' }),
    ]
    expect(familiesOf(kids).map((one) => one.children.map((child) => child.id))).toEqual([['a', 'b'], ['c'], ['d']])
  })
  it('share what is counted in pieces, a handful each', () => {
    const { notes } = spreadAsks([ask('tube', 20)], families(8))
    expect(notes.map((note) => note.asks.map((one) => one.quantity)).flat()).toEqual([5, 5, 5, 5])
    expect(notes.filter((note) => !note.asks.length)).toHaveLength(4)
  })
  it('are never asked for two dear things: what is left is said', () => {
    const { notes, left } = spreadAsks([ask('drum', 1, 900), ask('cloth', 1, 700), ask('lamp', 1, 500)], families(2))
    expect([notes.map((note) => note.asks.map((one) => one.material.id)), left.map((one) => one.material.id)]).toEqual([
      [['drum'], ['cloth']],
      ['lamp'],
    ])
  })
  it('come first in turn: over as many units as there are families, each is asked for the one thing once', () => {
    const asked = Array.from({ length: 3 }, (_, unit) =>
      spreadAsks([ask('cloth', 1, 200)], inTurn(families(3), unit))
        .notes.filter((note) => note.asks.length)
        .map((note) => note.family.key),
    )
    expect(asked).toEqual([['c0'], ['c1'], ['c2']])
    expect([inTurn(families(3), 4).map((one) => one.key), inTurn([], 4)]).toEqual([['c1', 'c2', 'c0'], []])
  })
  it('get everything that is asked, nobody twice the same, and no two far apart', () => {
    const anyAsk = fc.tuple(fc.integer({ min: 1, max: 30 }), fc.integer({ min: 0, max: 200 }))
    fc.assert(
      fc.property(fc.array(anyAsk, { minLength: 1, maxLength: 6 }), fc.integer({ min: 1, max: 9 }), (list, count) => {
        const asks = list.map(([open, price], i) => ask(`m${i}`, open, price))
        const { notes, left } = spreadAsks(asks, families(count))
        for (const one of asks) {
          const given = [...notes.flatMap((note) => note.asks), ...left].filter(
            (part) => part.material.id === one.material.id,
          )
          expect(given.reduce((sum, part) => sum + part.quantity, 0)).toBe(one.open)
        }
        for (const note of notes) {
          expect(new Set(note.asks.map((one) => one.material.id)).size).toBe(note.asks.length)
          expect(note.asks.filter((one) => one.worth >= DEAR_CENTS).length).toBeLessThanOrEqual(1)
        }
      }),
    )
  })
  it('are asked for nothing that is bought or has fallen back', () => expect(asksOf([], [])).toEqual([]))
})
