import { describe, expect, it } from 'vitest'
import { byId, InputError } from '../base'
import type { Recipe } from '../domain'
import { MATERIALS, RECIPES } from '../library'
import { withSwaps } from '.'

const materials = byId(MATERIALS)
const density = (id: string) => materials.get(id)?.density ?? null
const recipe = (id: string): Recipe => RECIPES.find((one) => one.id === id)!
const faultOf = (compute: () => unknown): string => {
  try {
    compute()
  } catch (error) {
    if (error instanceof InputError) return error.message
  }
  return 'nothing'
}

describe('a swap', () => {
  it('puts the other ingredient in with its own ratio', () => {
    const paste = withSwaps(recipe('flour-paste'), ['corn-starch'], density)
    expect(paste.ingredients.map((one) => [one.materialId, one.amount])).toEqual([
      ['corn-starch', 0.5],
      ['water', 2],
    ])
  })

  it('goes by volume where things are weighed', () => {
    // Both weigh 1.03 g a ml: gram for gram.
    const paint = withSwaps(recipe('yogurt-paint'), ['oat-yogurt'], density)
    expect(paint.ingredients[0]).toMatchObject({ materialId: 'oat-yogurt', amount: 240 })
    const other = {
      ...recipe('yogurt-paint'),
      swaps: [{ ...recipe('yogurt-paint').swaps[0], materialId: 'cocoa', ratio: 2 }],
    }
    // 240 g of yogurt are 233 ml; twice that of cocoa at 0.36 g a ml.
    expect(withSwaps(other, ['oat-yogurt'], density).ingredients[0].amount).toBeCloseTo((240 / 1.03) * 2 * 0.36, 6)
    expect(faultOf(() => withSwaps(other, ['oat-yogurt'], () => null))).toBe(
      'swaps.oat-yogurt: How much a cup of this weighs is not known',
    )
  })

  it('leaves the rest where it replaces a share', () => {
    const dough = recipe('no-cook-dough')
    const half = { ...dough, swaps: [{ ...dough.swaps[0], share: 0.5 }] }
    const flours = withSwaps(half, ['rice-flour'], density).ingredients.slice(0, 2)
    expect(flours.map((one) => one.materialId)).toEqual(['wheat-flour', 'rice-flour'])
    expect(flours[0].amount).toBeCloseTo(dough.ingredients[0].amount / 2, 9)
    expect(new Set(flours.map((one) => one.id)).size).toBe(2)
  })

  it('is refused twice for one ingredient, in a circle, and where there is none', () => {
    const paste = recipe('flour-paste')
    const two: Recipe = {
      ...paste,
      swaps: [...paste.swaps, { ...paste.swaps[0], id: 'again', materialId: 'rice-flour' }],
    }
    expect(faultOf(() => withSwaps(two, ['corn-starch', 'again'], density))).toBe(
      'swaps.again: This ingredient is already swapped',
    )
    const circle: Recipe = {
      ...paste,
      swaps: [
        { ...paste.swaps[0], id: 'there', materialId: 'water' },
        { ...paste.swaps[0], id: 'back', ingredientId: 'water', materialId: 'wheat-flour' },
      ],
    }
    expect(faultOf(() => withSwaps(circle, ['there', 'back'], density))).toMatch(
      /^swaps\.there: These swaps go in a circle/,
    )
    expect(faultOf(() => withSwaps(paste, ['gold'], density))).toBe('swaps.gold: The recipe has no such swap')
    expect(withSwaps(paste, [], density)).toBe(paste)
  })
})
