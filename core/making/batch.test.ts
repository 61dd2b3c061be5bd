import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { byId } from '../base'
import { Batch } from '../domain'
import { MATERIALS, RECIPES } from '../library'
import { aMaterial } from '../testing/build'
import {
  asUsualHere,
  batchOf,
  inTheHouse,
  made,
  pantryMoves,
  standing,
  usualHere,
  wentIn,
  withSwaps,
  type Ask,
} from '.'

const materials = byId(MATERIALS)
const density = (id: string) => materials.get(id)?.density ?? null
const recipe = (id: string) => RECIPES.find((one) => one.id === id)!
const CHILDREN: Ask = { by: 'portions', portions: 7 }

/** A batch as the mixing view makes it, with what was added by feel. */
function mixed(id: string, felt: Record<string, number>, over: Partial<Batch> = {}, ask = CHILDREN): Batch {
  const swapIds = over.swapIds ?? []
  const written = made(withSwaps(recipe(id), swapIds, density), materials, ask, 'us')
  const batch = batchOf(recipe(id), written, wentIn(written, written, felt), materials, {
    id: 'b1',
    madeOn: '2026-03-10',
    storage: recipe(id).keeps[0].storage,
    children: 7,
    swapIds,
    unitId: null,
    note: '',
    by: 'Maren',
  })
  return Batch.parse({ ...batch, ...over })
}
const waterOf = (batch: Batch) => batch.went.find((one) => one.ingredientId === 'water')!

describe('what was mixed', () => {
  it('is what was planned, but for what was added by feel', () => {
    const batch = mixed('no-cook-dough', { water: 400 })
    expect(waterOf(batch)).toMatchObject({ measure: 'ml', quantity: 400 })
    for (const one of batch.went.filter((went) => went.ingredientId !== 'water'))
      expect(one.quantity).toBeCloseTo(one.written, 9)
  })
  it('names every allergen in it once, after its swaps', () => {
    expect(mixed('no-cook-dough', {}).allergens).toEqual(['wheat'])
    const swap = recipe('no-cook-dough').swaps.find(
      (one) => one.ingredientId === 'wheat-flour' && !materials.get(one.materialId)!.safety.allergens.length,
    )!
    expect(mixed('no-cook-dough', {}, { swapIds: [swap.id] }).allergens).toEqual([])
  })
  it('is thrown away by the shorter of how it is stored and how many share it', () =>
    expect(mixed('cooked-dough', {}).throwOn).toBe('2026-03-24'))
})

describe('what this home usually takes by feel', () => {
  const own = (shares: number[], over: Partial<Batch> = {}) =>
    shares.map((share, i) => {
      const batch = mixed('no-cook-dough', {}, { id: `b${i}`, madeOn: `2026-02-${10 + i}`, ...over })
      const water = waterOf(batch)
      return {
        ...batch,
        went: batch.went.map((one) => (one === water ? { ...one, quantity: one.written * share } : one)),
      }
    })
  const usual = (batches: Batch[], swapIds: string[] = []) =>
    usualHere(batches, 'no-cook-dough', 'water', swapIds).share

  it('is the recipe as written while nothing was made', () => expect(usual([])).toBe(1))
  it('weighs the recipe as three times: (3 + 1.2 + 1.1 + 1.15) / 6 = 1.075', () =>
    expect(usual(own([1.2, 1.1, 1.15]))).toBeCloseTo(1.075, 10))
  it('lets go of all but the latest seven', () => {
    const eight = own([9, 1.2, 1.2, 1.2, 1.2, 1.2, 1.2, 1.2])
    expect(usual([...eight].reverse())).toBeCloseTo((3 + 7 * 1.2) / 10, 10)
  })
  it('counts only batches with the same swaps, and those that teach', () => {
    expect(usual(own([2]), ['rice-flour'])).toBe(1)
    expect(usual(own([2], { teaches: false }))).toBe(1)
  })
  it('moves the usual mark and leaves where to start and where to stop', () => {
    const before = recipe('no-cook-dough')
    const after = asUsualHere(before, own([1.2, 1.1, 1.15]), [])
    const [was, is] = [before, after].map((one) => one.ingredients.find((part) => part.id === 'water')!)
    expect(is.amount).toBeCloseTo(was.amount * 1.075, 9)
    expect(is.amount * is.first).toBeCloseTo(was.amount * was.first, 9)
    expect(is.amount * is.stop).toBeCloseTo(was.amount * was.stop, 9)
    expect(after.ingredients.filter((one) => one.id !== 'water')).toEqual(
      before.ingredients.filter((one) => one.id !== 'water'),
    )
  })
  it('lies between the recipe as written and what was taken here', () =>
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0.3, max: 3, noNaN: true }), { minLength: 1, maxLength: 20 }), (shares) => {
        const share = usual(own(shares.slice(0, 15)))
        expect(share).toBeGreaterThanOrEqual(Math.min(1, ...shares) - 1e-9)
        expect(share).toBeLessThanOrEqual(Math.max(1, ...shares) + 1e-9)
      }),
    ))
})

describe('what a batch does to the pantry', () => {
  const flour = aMaterial({ id: 'wheat-flour', unit: 'g', onHand: 5000, density: 125 / 236.588 })
  const salt = aMaterial({ id: 'fine-salt', unit: 'g', onHand: 20, density: 288 / 236.588 })
  const dough = aMaterial({ id: 'salt-dough', unit: 'g', onHand: 0 })
  const pantry = byId([flour, salt, dough, aMaterial({ id: 'water', unit: 'ml', way: 'have' })])
  const batch = mixed('salt-dough', {}, {}, { by: 'target', quantity: 420 })

  it('takes out what went in by weight: 135 g of flour for 12 tags of 35 g', () => {
    const [taken] = pantryMoves(batch, null, pantry)
    expect(taken.materialId).toBe('wheat-flour')
    expect(Math.abs(taken.change + 135)).toBeLessThan(1)
  })
  it('never takes out more than is there, and nothing of what is always there', () =>
    expect(pantryMoves(batch, null, pantry).slice(1)).toEqual([{ materialId: 'fine-salt', change: -20 }]))
  it('puts in what it makes', () => {
    const moves = pantryMoves(batch, 'salt-dough', pantry)
    expect(moves[moves.length - 1].materialId).toBe('salt-dough')
    expect(moves[moves.length - 1].change).toBeCloseTo(420, 6)
  })
  it('leaves alone what has no known density and is counted otherwise', () =>
    expect(pantryMoves(batch, null, byId([{ ...flour, density: null }]))).toEqual([]))
})

describe('what is in the house', () => {
  it('begins with what must go first, and leaves out what is gone', () => {
    const list = [
      mixed('oobleck', {}, { id: 'late', throwOn: '2026-03-20' }),
      mixed('oobleck', {}, { id: 'gone', goneOn: '2026-03-11' }),
      mixed('oobleck', {}, { id: 'first', throwOn: '2026-03-12' }),
    ]
    expect(inTheHouse(list).map((one) => one.id)).toEqual(['first', 'late'])
  })
  it('is good, on its last day, or over', () =>
    expect(['2026-03-13', '2026-03-12', '2026-03-11'].map((throwOn) => standing({ throwOn }, '2026-03-12'))).toEqual([
      'good',
      'last-day',
      'over',
    ]))
})
