import type { Batch, CalendarDate, Child, Material, Recipe, Storage, WentIn } from '../domain'
import type { Made, Scaled } from './scale'
import { throwAway } from './throwAway'

/** What an ingredient is counted in when it goes in: pieces, the scale where the recipe goes by it, else the cup. */
export function measureOf(line: Scaled): WentIn['measure'] {
  if (line.each !== null) return 'each'
  return line.ml === null || line.ingredient.measure === 'g' ? 'g' : 'ml'
}
const amountOf = (line: Scaled): number => line[measureOf(line)] ?? 0

/**
 * What went in of everything: as much as was planned, or for what was added by feel as much as it came to.
 *
 * @param made the mixture as it was planned
 * @param written the same amounts by the recipe as it is written, line for line
 * @param felt what really went in, by ingredient, in what {@link measureOf} says
 */
export const wentIn = (
  made: Pick<Made, 'lines'>,
  written: Pick<Made, 'lines'>,
  felt: Readonly<Record<string, number>>,
): WentIn[] =>
  made.lines.map((line, i) => ({
    ingredientId: line.ingredient.id,
    materialId: line.ingredient.materialId,
    measure: measureOf(line),
    quantity: felt[line.ingredient.id] ?? amountOf(line),
    written: amountOf(written.lines[i]),
  }))

/** Who makes a batch of what, when, and how it is kept. */
export interface Making {
  id: string
  madeOn: CalendarDate
  storage: Storage
  /** How many children have their hands in it. */
  children: number
  swapIds: readonly string[]
  unitId: string | null
  note: string
  by: string
}

/**
 * What was mixed, as it is kept: until when, and what is in it that matters to someone.
 *
 * @param recipe with its swaps made
 * @param materials of its ingredients by id
 * @throws InputError naming `storage` where the recipe does not say how long it keeps in that way
 */
export function batchOf(
  recipe: Recipe,
  made: Pick<Made, 'gives' | 'unit' | 'portions'>,
  went: readonly WentIn[],
  materials: ReadonlyMap<string, Pick<Material, 'safety'>>,
  making: Making,
): Batch {
  const { children, swapIds, note, ...facts } = making
  const allergens = went.flatMap((one) => materials.get(one.materialId)?.safety.allergens ?? [])
  return {
    ...facts,
    recipeId: recipe.id,
    name: recipe.name,
    made: { quantity: made.gives, unit: made.unit },
    portions: made.portions,
    swapIds: [...swapIds],
    went: [...went],
    throwOn: throwAway(recipe, making.madeOn, making.storage, children).date,
    allergens: [...new Set(allergens)].sort(),
    tasteSafe: recipe.tasteSafe,
    goneOn: null,
    teaches: true,
    note: note.trim(),
  }
}

/** How much of a material a batch moves, in its base unit: less than 0 is taken out of the pantry. */
export interface Moves {
  materialId: string
  change: number
}

const inBase = (one: WentIn, material: Pick<Material, 'unit' | 'density'>): number | null => {
  if (one.measure === material.unit) return one.quantity
  if (material.density === null) return null
  if (one.measure === 'g' && material.unit === 'ml') return one.quantity / material.density
  return one.measure === 'ml' && material.unit === 'g' ? one.quantity * material.density : null
}

/**
 * What a batch does to the pantry: it takes out what went in, never more than is written down as being there, and puts
 * in what it makes where the pantry knows that. What the house always has is not counted, and what cannot be weighed is
 * left as it is.
 *
 * @param batch what was made
 * @param makes the material that the recipe makes; null where none
 * @param materials of the pantry by id
 */
export function pantryMoves(
  batch: Pick<Batch, 'went' | 'made'>,
  makes: string | null,
  materials: ReadonlyMap<string, Material>,
): Moves[] {
  const out = new Map<string, number>()
  for (const one of batch.went) {
    const material = materials.get(one.materialId)
    const quantity = material && material.way !== 'have' ? inBase(one, material) : null
    if (quantity) out.set(one.materialId, (out.get(one.materialId) ?? 0) + quantity)
  }
  const moves = [...out].map(([materialId, quantity]) => ({
    materialId,
    change: -Math.min(quantity, materials.get(materialId)!.onHand),
  }))
  const made = makes === null ? undefined : materials.get(makes)
  const brings =
    made &&
    inBase({ ...batch.made, measure: batch.made.unit, ingredientId: made.id, materialId: made.id, written: 0 }, made)
  if (made && brings) moves.push({ materialId: made.id, change: brings })
  return moves.filter((one) => one.change !== 0)
}

/** Children for whom a batch is not: an allergy, or hands that go to the mouth with what must not be tasted. */
export const unsafeFor = <C extends Pick<Child, 'allergens' | 'mouths'>>(
  batch: Pick<Batch, 'allergens' | 'tasteSafe'>,
  children: readonly C[],
): C[] =>
  children.filter(
    (child) => batch.allergens.some((one) => child.allergens.includes(one)) || (child.mouths && !batch.tasteSafe),
  )

/** What is in the house of what was mixed, what must go first. */
export const inTheHouse = (batches: readonly Batch[]): Batch[] =>
  batches
    .filter((one) => one.goneOn === null)
    .sort((a, b) => (a.throwOn === b.throwOn ? a.name.localeCompare(b.name, 'en') : a.throwOn < b.throwOn ? -1 : 1))

/** Whether a batch is used up to today, for the last time today, or is past its day. */
export const standing = (batch: Pick<Batch, 'throwOn'>, today: CalendarDate): 'good' | 'last-day' | 'over' =>
  batch.throwOn > today ? 'good' : batch.throwOn === today ? 'last-day' : 'over'
