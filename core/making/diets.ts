import { listWords } from '../base'
import type { Child, Ingredient, Material, Recipe, RecipeSwap, Stage } from '../domain'

/** Who is expected, at the stage of that day. */
export interface Eater {
  child: Pick<Child, 'id' | 'name' | 'allergens' | 'mouths'>
  stage: Stage
}

/** Whether a recipe is right for a child as it is, with some swaps, or not at all. */
export type Verdict =
  | { child: Eater['child']; is: 'fine' }
  | { child: Eater['child']; is: 'swap'; swapIds: string[] }
  | { child: Eater['child']; is: 'not'; why: string }

export interface DietPlan {
  /** For each child, by itself. */
  verdicts: Verdict[]
  /** The fewest swaps with which one batch is right for all who can have it at all. */
  swapIds: string[]
  /** Whom no batch is right for. */
  without: { child: Eater['child']; why: string }[]
}

type Materials = ReadonlyMap<string, Pick<Material, 'name' | 'safety'>>

const allergensOf = (materialId: string, materials: Materials): readonly string[] =>
  materials.get(materialId)?.safety.allergens ?? []

/** Allergens of the child in one material: a material that nobody knows is taken to hold none, as everywhere. */
const clashes = (child: Eater['child'], materialId: string, materials: Materials): boolean =>
  allergensOf(materialId, materials).some((one) => child.allergens.includes(one))

/**
 * The swap of an ingredient, or none, that leaves the fewest of these without; the recipe as written first, then its
 * swaps in their order.
 */
function leastHarm(
  recipe: Recipe,
  ingredient: Ingredient,
  children: readonly Eater['child'][],
  materials: Materials,
): { swap: RecipeSwap | null; harmed: readonly Eater['child'][] } {
  const swaps = recipe.swaps.filter((swap) => swap.ingredientId === ingredient.id && swap.share === 1)
  const ways = [null, ...swaps].map((swap) => {
    const materialId = swap?.materialId ?? ingredient.materialId
    return { swap, harmed: children.filter((child) => clashes(child, materialId, materials)) }
  })
  return ways.reduce((best, way) => (way.harmed.length < best.harmed.length ? way : best))
}

function verdictFor(recipe: Recipe, { child, stage }: Eater, materials: Materials): Verdict {
  if (!recipe.stages.includes(stage)) return { child, is: 'not', why: 'It is not for this age' }
  if (child.mouths && !recipe.tasteSafe)
    return { child, is: 'not', why: 'It is not for tasting, and hands still go to the mouth' }
  const ways = recipe.ingredients.map((one) => ({ one, ...leastHarm(recipe, one, [child], materials) }))
  const open = ways.filter((way) => way.harmed.length)
  if (open.length) {
    const names = open.map(({ one }) => materials.get(one.materialId)?.name ?? one.materialId)
    return { child, is: 'not', why: `It takes ${listWords(names)}, and nothing here takes its place` }
  }
  const swapIds = ways.flatMap(({ swap }) => (swap ? [swap.id] : []))
  return swapIds.length ? { child, is: 'swap', swapIds } : { child, is: 'fine' }
}

/**
 * For each child expected, whether the recipe is right, and the swaps that make one batch right for all. What touches
 * the hands counts as what is eaten: dough and paint go where fingers go.
 *
 * Where nothing is right for all, the batch is the one that leaves the fewest without, and says whom and why.
 *
 * @param recipe as written
 * @param expected the children who are there, with the stage of that day
 * @param materials of its ingredients and swaps by id
 */
export function dietPlan(recipe: Recipe, expected: readonly Eater[], materials: Materials): DietPlan {
  const verdicts = expected.map((one) => verdictFor(recipe, one, materials))
  const without = verdicts.flatMap((one) => (one.is === 'not' ? [{ child: one.child, why: one.why }] : []))
  const swapIds: string[] = []
  let served = verdicts.filter((one) => one.is !== 'not').map((one) => one.child)
  for (const ingredient of recipe.ingredients) {
    const { swap, harmed } = leastHarm(recipe, ingredient, served, materials)
    if (swap) swapIds.push(swap.id)
    const name = materials.get(swap?.materialId ?? ingredient.materialId)?.name ?? 'something'
    without.push(...harmed.map((child) => ({ child, why: `The batch for the others has ${name} in it` })))
    served = served.filter((child) => !harmed.includes(child))
  }
  return { verdicts, swapIds, without }
}
