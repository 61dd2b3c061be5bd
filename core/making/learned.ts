import type { Batch, Recipe } from '../domain'

/** Of how many own times the latest count (3-computations, section 18). */
const LATEST = 7
/** As how many own times the recipe as written counts (3-computations, section 18). */
const WRITTEN_WEIGHS = 3

/** What usually goes in of an ingredient that is added by feel. */
export interface Learned {
  /** As a share of what the recipe as written takes; 1 while nothing was learned. */
  share: number
  /** The shares of this home that it rests on, the latest last. */
  own: number[]
}

const sameSwaps = (a: readonly string[], b: readonly string[]) =>
  a.length === b.length && a.every((id) => b.includes(id))

/**
 * What this home usually takes of an ingredient by feel: the recipe as written, weighed as three times, and the latest
 * seven times here. Only batches with the same swaps count: another flour drinks another amount of water.
 *
 * @param batches what was made in this home
 * @param ingredientId an ingredient of the recipe as written
 * @param swapIds the swaps of the batch to come
 * @example with 1.2, 1.1 and 1.15 times the water: (3 + 3.45) / 6 = 1.075
 */
export function usualHere(
  batches: readonly Batch[],
  recipeId: string,
  ingredientId: string,
  swapIds: readonly string[],
): Learned {
  const own = batches
    .filter((one) => one.recipeId === recipeId && one.teaches && sameSwaps(one.swapIds, swapIds))
    .sort((a, b) => (a.madeOn < b.madeOn ? -1 : a.madeOn > b.madeOn ? 1 : 0))
    .flatMap((one) => one.went.filter((went) => went.ingredientId === ingredientId && went.written > 0))
    .map((went) => went.quantity / went.written)
    .slice(-LATEST)
  const share = (WRITTEN_WEIGHS + own.reduce((sum, one) => sum + one, 0)) / (WRITTEN_WEIGHS + own.length)
  return { share, own }
}

/**
 * A recipe with the usual amounts of this home for what is added by feel. How it starts and where it stops stay as the
 * recipe says: she has learned where right is, not where too much begins.
 *
 * @param recipe as written, its swaps not made yet
 */
export function asUsualHere(recipe: Recipe, batches: readonly Batch[], swapIds: readonly string[]): Recipe {
  const ingredients = recipe.ingredients.map((one) => {
    if (one.until === null) return one
    const { share, own } = usualHere(batches, recipe.id, one.id, swapIds)
    if (!own.length) return one
    return {
      ...one,
      amount: one.amount * share,
      first: Math.min(1, one.first / share),
      stop: Math.max(1, one.stop / share),
    }
  })
  return { ...recipe, ingredients }
}
