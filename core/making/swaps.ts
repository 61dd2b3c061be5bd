import { demand } from '../base'
import type { Ingredient, Recipe, RecipeSwap } from '../domain'

/** The part of an ingredient that stays, and what comes in its place. */
function swapped(ingredient: Ingredient, swap: RecipeSwap, density: DensityOf): Ingredient[] {
  const goes = ingredient.amount * swap.share
  const stays: Ingredient[] = swap.share < 1 ? [{ ...ingredient, amount: ingredient.amount - goes }] : []
  return [
    ...stays,
    {
      ...ingredient,
      id: stays.length ? `${ingredient.id}-${swap.id}` : ingredient.id,
      materialId: swap.materialId,
      amount: inMeasure(ingredient, swap, goes, density),
    },
  ]
}

/** Densities in g/ml by material; null where it is not known. */
type DensityOf = (materialId: string) => number | null

/**
 * A ratio goes by volume. Grams of the one are therefore as many grams of the other as that volume of it weighs.
 */
function inMeasure(ingredient: Ingredient, swap: RecipeSwap, goes: number, density: DensityOf): number {
  if (ingredient.measure !== 'g') return goes * swap.ratio
  const [from, to] = [density(ingredient.materialId), density(swap.materialId)]
  demand(from !== null && to !== null, `swaps.${swap.id}`, 'How much a cup of this weighs is not known')
  return (goes / from) * swap.ratio * to
}

/**
 * A recipe with some of its swaps made. Each ingredient is swapped once, and what was taken out does not come back in
 * by another swap.
 *
 * @param recipe as written
 * @param swapIds ids of its swaps
 * @param density densities in g/ml by material id; needed where an ingredient is weighed
 * @throws InputError naming `swaps.ID` where there is no such swap, an ingredient is swapped twice, swaps go in a
 *   circle, or a density that is needed is not known
 */
export function withSwaps(recipe: Recipe, swapIds: readonly string[], density: DensityOf): Recipe {
  const swaps = swapIds.map((id) => {
    const swap = recipe.swaps.find((one) => one.id === id)
    demand(swap, `swaps.${id}`, 'The recipe has no such swap')
    return swap
  })
  const byIngredient = new Map<string, RecipeSwap>()
  for (const swap of swaps) {
    demand(!byIngredient.has(swap.ingredientId), `swaps.${swap.id}`, 'This ingredient is already swapped')
    byIngredient.set(swap.ingredientId, swap)
  }
  const gone = new Set(
    recipe.ingredients.filter((one) => byIngredient.get(one.id)?.share === 1).map((one) => one.materialId),
  )
  for (const swap of swaps)
    demand(
      !gone.has(swap.materialId),
      `swaps.${swap.id}`,
      'These swaps go in a circle: what one takes out, another puts in',
    )
  const ingredients = recipe.ingredients.flatMap((one) => {
    const swap = byIngredient.get(one.id)
    return swap ? swapped(one, swap, density) : [one]
  })
  return swaps.length ? { ...recipe, ingredients } : recipe
}
