import { demand, ML_PER_CUP } from '../base'
import type { Ingredient, Material, Recipe, RecipeMeasure, Stage } from '../domain'
import { kitchenMeasure, type KitchenMeasure } from './kitchen'

/** Largest volume that is mixed at home in one go, in ml: a bathtub is a quarter of the way to it. */
export const MOST_ML = 50_000
/** How full a bowl may be for something to be stirred in it (3-computations, section 5). */
export const BOWL_SHARE = 0.6

/** What a recipe asks of a material. */
export type Ware = Pick<Material, 'id' | 'name' | 'unit' | 'density' | 'packs' | 'way' | 'onHand'>
type Materials = ReadonlyMap<string, Ware>

/** How much of one ingredient, in every way that it can be said. */
export interface Quantity {
  /** Null where the density is not known, or it is counted. */
  g: number | null
  ml: number | null
  each: number | null
}

/** One ingredient as it goes in. */
export interface Scaled extends Quantity {
  ingredient: Ingredient
  /** In cups and spoons; null where it is counted, or its volume is not known. */
  kitchen: KitchenMeasure | null
  /** The same three, for an ingredient that is added by feel. */
  first: Quantity | null
  stop: Quantity | null
  /** Cents for what goes in, by the cheapest pack that is known; null where no pack is. */
  cost: number | null
}

/** How much of a recipe is wanted. */
export type Ask =
  /** So many times the recipe as written. A recipe in parts is written with a cup for each part. */
  | { by: 'factor'; factor: number }
  /** So many usual portions. */
  | { by: 'portions'; portions: number }
  /** A portion for each child, by stage. */
  | { by: 'children'; stages: readonly Stage[] }
  /** So much of what it gives, in the unit of its yield. */
  | { by: 'target'; quantity: number }
  /** As much as what is left of one ingredient makes, in the base unit of its material. */
  | { by: 'left'; ingredientId: string; quantity: number }

/** A recipe in the amounts that were asked for. */
export interface Made {
  factor: number
  lines: Scaled[]
  /** What comes of it, in `unit`. */
  gives: number
  unit: 'g' | 'ml' | 'each'
  /** How many usual portions that is. */
  portions: number
  /** What goes into the bowl, in ml; null where some of it has no known volume. */
  bowlMl: number | null
  /** Cents for all of it; null where a price is missing. */
  cost: number | null
  /** Ingredients whose weight or volume is left out, since nobody knows how dense they are. */
  unweighed: string[]
}

const ML_OF: Record<RecipeMeasure, number> = { part: ML_PER_CUP, ml: 1, g: 0, each: 0 }

/** An amount in every way that its density allows. */
function quantityOf(amount: number, measure: RecipeMeasure, density: number | null): Quantity {
  if (measure === 'each') return { g: null, ml: null, each: amount }
  if (measure === 'g') return { g: amount, ml: density === null ? null : amount / density, each: null }
  const ml = amount * ML_OF[measure]
  return { g: density === null ? null : ml * density, ml, each: null }
}

const densityOf = (ingredient: Ingredient, materials: Materials): number | null =>
  materials.get(ingredient.materialId)?.density ?? null

const written = (ingredient: Ingredient, materials: Materials): Quantity =>
  quantityOf(ingredient.amount, ingredient.measure, densityOf(ingredient, materials))

/**
 * What the recipe gives as it is written. Where it does not say so, it is the sum of the weights that go in, less what
 * is lost; things that are counted weigh nothing here.
 *
 * @throws InputError naming `ingredients.N` where a weight is needed and no density is known
 */
export function yieldOf(recipe: Recipe, materials: Materials): { quantity: number; unit: 'g' | 'ml' | 'each' } {
  if (recipe.gives) return recipe.gives
  const total = recipe.ingredients.reduce((sum, one, index) => {
    if (one.measure === 'each') return sum
    const { g } = written(one, materials)
    demand(
      g !== null,
      `ingredients.${index}`,
      'How much a cup of this weighs is not known: say it, or say what it gives',
    )
    return sum + g
  }, 0)
  demand(total > 0, 'ingredients', 'Something that can be weighed must go in')
  return { quantity: total * (1 - recipe.lost), unit: 'g' }
}

/** A quantity in the base unit of a material; null where nobody knows how dense it is. */
export const inUnitOf = (quantity: Quantity, material: Pick<Ware, 'unit'> | undefined): number | null =>
  material?.unit === 'g' ? quantity.g : material?.unit === 'ml' ? quantity.ml : quantity.each

/** What one child of each stage gets, added up. */
const portionsOf = (recipe: Recipe, stages: readonly Stage[]): number =>
  stages.reduce((sum, stage) => sum + (recipe.portion.byStage[stage] ?? recipe.portion.usual), 0)

/** What is left of an ingredient, as a factor of what the recipe takes. */
function factorOfLeft(recipe: Recipe, materials: Materials, ingredientId: string, quantity: number): number {
  const ingredient = recipe.ingredients.find((one) => one.id === ingredientId)
  demand(ingredient, 'ingredientId', 'The recipe has no such ingredient')
  const takes = written(ingredient, materials)
  const inUnit = inUnitOf(takes, materials.get(ingredient.materialId))
  demand(inUnit !== null && inUnit > 0, 'ingredientId', 'How much a cup of this weighs is not known')
  return quantity / inUnit
}

/**
 * How many times the recipe as written an ask is.
 *
 * @throws InputError naming the field of the ask
 */
export function factorFor(recipe: Recipe, materials: Materials, ask: Ask): number {
  const isAbove = (value: number, field: string, message: string) =>
    demand(Number.isFinite(value) && value > 0, field, message)
  switch (ask.by) {
    case 'factor':
      isAbove(ask.factor, 'factor', 'Make more than none of it')
      return ask.factor
    case 'portions':
      isAbove(ask.portions, 'portions', 'Make at least one portion')
      return (ask.portions * recipe.portion.usual) / yieldOf(recipe, materials).quantity
    case 'children':
      demand(ask.stages.length, 'children', 'Nobody is there to make it for')
      return portionsOf(recipe, ask.stages) / yieldOf(recipe, materials).quantity
    case 'target':
      isAbove(ask.quantity, 'quantity', 'Say how much of it you want')
      return ask.quantity / yieldOf(recipe, materials).quantity
    case 'left':
      isAbove(ask.quantity, 'quantity', 'There is none left of it')
      return factorOfLeft(recipe, materials, ask.ingredientId, ask.quantity)
  }
}

const times = (quantity: Quantity, factor: number): Quantity => ({
  g: quantity.g === null ? null : quantity.g * factor,
  ml: quantity.ml === null ? null : quantity.ml * factor,
  each: quantity.each === null ? null : quantity.each * factor,
})

/** Cents for a quantity, by the cheapest pack for its size. What the house always has costs nothing that is counted. */
function costOf(quantity: Quantity, material: Ware | undefined): number | null {
  if (material?.way === 'have') return 0
  const used = inUnitOf(quantity, material)
  if (used === null || !material?.packs.length) return null
  return used * Math.min(...material.packs.map((pack) => pack.price / pack.size))
}

function scaled(ingredient: Ingredient, factor: number, materials: Materials, measures: 'us' | 'metric'): Scaled {
  const quantity = times(written(ingredient, materials), factor)
  return {
    ingredient,
    ...quantity,
    kitchen: quantity.ml === null ? null : kitchenMeasure(quantity.ml, measures),
    first: ingredient.first < 1 ? times(quantity, ingredient.first) : null,
    stop: ingredient.stop > 1 ? times(quantity, ingredient.stop) : null,
    cost: costOf(quantity, materials.get(ingredient.materialId)),
  }
}

/** The sum, or null where one of them is not known. */
const sumOf = (values: readonly (number | null)[]): number | null =>
  values.reduce<number | null>((sum, value) => (sum === null || value === null ? null : sum + value), 0)

/**
 * A recipe in the amounts that are wanted.
 *
 * @param recipe with its swaps already made, see {@link withSwaps}
 * @param materials of its ingredients by id; densities in g/ml, pack prices in cents
 * @param ask how much of it
 * @param measures whose cups and spoons
 * @throws InputError naming the field of the ask, or the ingredient whose density is needed and not known; `ask` where
 *   more than 50 liters would be mixed
 */
export function made(recipe: Recipe, materials: Materials, ask: Ask, measures: 'us' | 'metric'): Made {
  const factor = factorFor(recipe, materials, ask)
  const written = yieldOf(recipe, materials)
  const lines = recipe.ingredients.map((one) => scaled(one, factor, materials, measures))
  const liquids = lines.filter((line) => line.each === null)
  const known = liquids.reduce((sum, line) => sum + (line.ml ?? line.g ?? 0), 0)
  demand(known <= MOST_ML, 'ask', 'That is more than 50 liters: nobody mixes that much at home')
  return {
    factor,
    lines,
    gives: written.quantity * factor,
    unit: written.unit,
    portions: (written.quantity * factor) / recipe.portion.usual,
    bowlMl: sumOf(liquids.map((line) => line.ml)),
    cost: sumOf(lines.map((line) => line.cost)),
    unweighed: liquids.filter((line) => line.g === null || line.ml === null).map((line) => line.ingredient.materialId),
  }
}

/**
 * How many times the bowl is filled, and how much of it each time.
 *
 * @param made what is mixed
 * @param bowlMl what the bowl holds to its rim, in ml, above 0
 * @throws InputError naming `bowl` where one portion does not fit into it with room to stir, or where what goes in has
 *   no known volume
 */
export function batches(made: Pick<Made, 'bowlMl' | 'portions'>, bowlMl: number): number {
  demand(Number.isFinite(bowlMl) && bowlMl > 0, 'bowl', 'A bowl must hold something')
  demand(made.bowlMl !== null, 'bowl', 'How much room this takes is not known')
  const room = bowlMl * BOWL_SHARE
  const onePortion = made.bowlMl / Math.max(1, made.portions)
  demand(onePortion <= room, 'bowl', 'Not even one portion fits into this bowl with room to stir')
  // What fits to a thousandth fits: a sum of thirds is no reason for one more bowl.
  return Math.max(1, Math.ceil(made.bowlMl / room - 1e-9))
}

/** One ingredient against what is in the house. */
export interface FromCupboard {
  material: Ware
  /** In the material's base unit; null where that is not known. */
  takes: number | null
  /** What is left of it afterwards; less than 0 is how much is short. Null where it is not known. */
  left: number | null
}

/**
 * What a mixture takes out of the cupboard. What the house always has is left out, and so is what stands nowhere.
 *
 * @param made what is mixed
 * @param materials of its ingredients, with what is on hand in their base units
 */
export function fromCupboard(made: Pick<Made, 'lines'>, materials: Materials): FromCupboard[] {
  const taken = new Map<string, FromCupboard>()
  for (const line of made.lines) {
    const material = materials.get(line.ingredient.materialId)
    if (!material || material.way === 'have') continue
    const before = taken.get(material.id)
    const takes = sumOf([before ? before.takes : 0, inUnitOf(line, material)])
    taken.set(material.id, { material, takes, left: takes === null ? null : material.onHand - takes })
  }
  return [...taken.values()]
}
