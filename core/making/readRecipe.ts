import { ML_PER_CUP, ML_PER_TABLESPOON, ML_PER_TEASPOON, G_PER_OUNCE, G_PER_POUND, type Fault } from '../base'
import {
  newMaterial,
  Recipe,
  type Ingredient,
  type Material,
  type RecipeKind,
  type RecipeMeasure,
  type RecipeStep,
  type Stage,
  type Storage,
} from '../domain'

/** Recipes as people write them: a line for each ingredient and each step. The editor and files from elsewhere share it. */

const FRACTIONS: Readonly<Record<string, string>> = {
  '½': ' 1/2',
  '⅓': ' 1/3',
  '⅔': ' 2/3',
  '¼': ' 1/4',
  '¾': ' 3/4',
  '⅛': ' 1/8',
}
const UNITS: Readonly<Record<string, { measure: RecipeMeasure; size: number }>> = Object.fromEntries(
  (
    [
      ['part', 'part', 1],
      ['cup', 'ml', ML_PER_CUP],
      ['tbsp', 'ml', ML_PER_TABLESPOON],
      ['tablespoon', 'ml', ML_PER_TABLESPOON],
      ['tsp', 'ml', ML_PER_TEASPOON],
      ['teaspoon', 'ml', ML_PER_TEASPOON],
      ['ml', 'ml', 1],
      ['l', 'ml', 1000],
      ['liter', 'ml', 1000],
      ['quart', 'ml', 4 * ML_PER_CUP],
      ['pint', 'ml', 2 * ML_PER_CUP],
      ['drop', 'ml', 0.05],
      ['g', 'g', 1],
      ['gram', 'g', 1],
      ['kg', 'g', 1000],
      ['oz', 'g', G_PER_OUNCE],
      ['ounce', 'g', G_PER_OUNCE],
      ['lb', 'g', G_PER_POUND],
      ['pound', 'g', G_PER_POUND],
    ] as const
  ).flatMap(([word, measure, size]) => [word, `${word}s`].map((one) => [one, { measure, size }])),
)
const NUMBER = /^(\d+)\s+(\d+)\s*\/\s*([1-9]\d*)|^(\d+)\s*\/\s*([1-9]\d*)|^(\d+(?:[.,]\d+)?)/
const BY_FEEL = /,\s*by feel(?:\s*:\s*(.*))?$/i

/** One ingredient as it was written. */
export interface IngredientLine {
  amount: number
  measure: RecipeMeasure
  name: string
  byFeel: boolean
  /** What right looks and feels like; empty where she did not say. */
  until: string
}
type Read<T> = { value: T; fault?: undefined } | { value?: undefined; fault: string }

/**
 * An ingredient as it is written: "2 parts flour", "1 1/2 cups of water, by feel: silky", "2 eggs".
 *
 * @returns what it says, or in words what is wrong
 */
export function readIngredient(text: string): Read<IngredientLine> {
  const plain = text.trim().replace(/[½⅓⅔¼¾⅛]/g, (one) => FRACTIONS[one])
  const feel = BY_FEEL.exec(plain)
  let rest = (feel ? plain.slice(0, feel.index) : plain).trim()
  const number = NUMBER.exec(rest)
  if (!number) return { fault: `“${text.trim().slice(0, 40)}”: begin with how much, such as 2 cups` }
  const [all, whole, top, bottom, above, under, decimal] = number
  const amount = whole
    ? Number(whole) + Number(top) / Number(bottom)
    : above
      ? Number(above) / Number(under)
      : Number(decimal.replace(',', '.'))
  rest = rest.slice(all.length).trim()
  const [, word = '', after = ''] = /^([a-z]+)\.?(?:\s+|$)(.*)$/i.exec(rest) ?? []
  const unit = after ? UNITS[word.toLowerCase()] : undefined
  const name = (unit ? after : rest).replace(/^of\s+/i, '').trim()
  if (!name) return { fault: `“${text.trim().slice(0, 40)}”: say of what` }
  if (!(amount > 0)) return { fault: `“${text.trim().slice(0, 40)}”: more than none of it` }
  return {
    value: {
      amount: amount * (unit?.size ?? 1),
      measure: unit?.measure ?? 'each',
      name: name.slice(0, 120),
      byFeel: feel !== null,
      until: feel?.[1]?.trim() ?? '',
    },
  }
}

const MINUTES = /,\s*(\d{1,4})\s*min(?:utes?)?\b/i
const WAIT = /,\s*then wait (\d{1,5})\s*(min(?:utes?)?|h(?:ours?)?|days?)\b/i
const KIDS = /,\s*(kids|adult)\b/i
const WAIT_MINUTES: Readonly<Record<string, number>> = { m: 1, h: 60, d: 24 * 60 }
const USUAL_MINUTES = 3

/** A step as it is written: "Knead it, 5 min, kids, then wait 30 min". What is not said is three minutes, by an adult. */
export function readStep(text: string): RecipeStep {
  const wait = WAIT.exec(text)
  const minutes = MINUTES.exec(text.replace(WAIT, ''))
  const who = KIDS.exec(text)
  const said = text
    .replace(WAIT, '')
    .replace(MINUTES, '')
    .replace(KIDS, '')
    .trim()
    .replace(/[.,]+$/, '')
  return {
    text: said.slice(0, 400),
    minutes: minutes ? Math.min(1440, Number(minutes[1])) : USUAL_MINUTES,
    wait: wait ? Math.min(86_400, Number(wait[1]) * WAIT_MINUTES[wait[2][0].toLowerCase()]) : 0,
    who: who?.[1].toLowerCase() === 'kids' ? 'child' : 'adult',
    feels: null,
  }
}

/** A recipe as its editor has it. */
export interface RecipeDraft {
  name: string
  kind: RecipeKind
  /** A line for each. */
  ingredients: string
  steps: string
  /** What it gives, where that is not the sum of what goes in. */
  gives: { quantity: number | null; unit: 'g' | 'ml' | 'each' } | null
  /** What one child gets, in the unit of what it gives. */
  portion: number | null
  stages: Stage[]
  tasteSafe: boolean
  cooked: boolean
  storage: Storage
  keepsDays: number | null
}

const linesOf = (text: string): string[] => text.split('\n').filter((line) => line.trim())
const sameName = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase()
/** A little room on both sides of what is added by feel, where she did not say how much. */
const FEEL = { first: 0.5, stop: 1.5 } as const

/** What goes in, read line by line, with what of it the house does not know yet and what cannot be read. */
function ingredientsOf(
  text: string,
  base: Recipe | null,
  known: readonly Pick<Material, 'id' | 'name'>[],
  newId: () => string,
): { ingredients: Ingredient[]; materials: Material[]; faults: Fault[] } {
  const faults: Fault[] = []
  const materials: Material[] = []
  const materialFor = (line: IngredientLine): string => {
    const found =
      known.find((one) => sameName(one.name, line.name)) ?? materials.find((one) => sameName(one.name, line.name))
    if (found) return found.id
    const unit = line.measure === 'each' ? 'each' : line.measure === 'g' ? 'g' : 'ml'
    const material: Material = { ...newMaterial(newId(), line.name), unit, way: 'buy', shopPart: 'baking' }
    materials.push({ ...material, safety: { ...material.safety, measured: false } })
    return material.id
  }
  const taken = new Set<string>()
  const freshId = (number: number): string => {
    const id = `in-${number}`
    const isUsed = taken.has(id) || base?.ingredients.some((one) => one.id === id)
    if (isUsed) return freshId(number + 100)
    taken.add(id)
    return id
  }
  const ingredients = linesOf(text).flatMap((written, i): Ingredient[] => {
    const { value: line, fault } = readIngredient(written)
    if (fault !== undefined) {
      faults.push({ field: 'ingredients', message: `Line ${i + 1}: ${fault}` })
      return []
    }
    const materialId = materialFor(line)
    // What goes in twice is two ingredients: each of what stood there before is taken once.
    const before = base?.ingredients.find((one) => one.materialId === materialId && !taken.has(one.id))
    if (before) taken.add(before.id)
    const feel = line.byFeel
      ? {
          first: before?.until ? before.first : FEEL.first,
          stop: before?.until ? before.stop : FEEL.stop,
          until: line.until || before?.until || 'Right to the eye and the hand',
        }
      : { first: 1, stop: 1, until: null }
    return [{ id: before?.id ?? freshId(i + 1), materialId, amount: line.amount, measure: line.measure, ...feel }]
  })
  return { ingredients, materials, faults }
}

/**
 * The recipe that a draft is, with what it is made of that the house does not know yet: that is weighed by nobody, and
 * its pieces are measured by nobody.
 *
 * @param base the recipe that is changed: what the editor does not show stays as it was; null for a new one
 * @param known materials of the house and the library, by whose names its lines are read
 * @param newId makes an id for a new material
 */
export function recipeOfDraft(
  draft: RecipeDraft,
  id: string,
  base: Recipe | null,
  known: readonly Pick<Material, 'id' | 'name'>[],
  newId: () => string,
): { recipe: Recipe; materials: Material[] } | { faults: Fault[] } {
  const { ingredients, materials, faults } = ingredientsOf(draft.ingredients, base, known, newId)
  const felt = ingredients.filter((one) => one.until !== null)
  const steps = linesOf(draft.steps).map((text) => {
    const step = readStep(text)
    const feels = felt.find((one) => {
      const name = [...known, ...materials].find((other) => other.id === one.materialId)?.name ?? ''
      return step.text.toLowerCase().includes(name.toLowerCase())
    })
    return { ...step, feels: feels?.id ?? null }
  })
  // The hand says when it is right in some step: in the last of the mixing, where none names it.
  if (felt.length && steps.length && !steps.some((step) => step.feels)) steps[0].feels = felt[0].id
  const ids = new Set(ingredients.map((one) => one.id))
  const read = Recipe.safeParse({
    id,
    name: draft.name.trim(),
    kind: draft.kind,
    makes: base?.makes ?? null,
    ingredients,
    gives: draft.gives && { quantity: draft.gives.quantity ?? 0, unit: draft.gives.unit },
    lost: draft.gives ? 0 : (base?.lost ?? 0),
    portion: {
      usual: draft.portion ?? 0,
      byStage: base && base.portion.usual === draft.portion ? base.portion.byStage : {},
    },
    stages: draft.stages,
    cooked: draft.cooked,
    tasteSafe: draft.tasteSafe,
    equipment: base?.equipment ?? [],
    steps,
    mends: base?.mends ?? [],
    swaps: (base?.swaps ?? []).filter((one) => ids.has(one.ingredientId)),
    keeps: [{ storage: draft.storage, days: draft.keepsDays ?? 0 }],
    sharedDays: base?.sharedDays ?? null,
    notes: base?.notes ?? [],
  })
  for (const issue of read.error?.issues ?? []) faults.push(draftFault(issue.path, issue.message))
  return faults.length || !read.success ? { faults } : { recipe: read.data, materials }
}

/** A fault of a recipe at the field of the editor that it comes from. */
function draftFault(path: readonly PropertyKey[], message: string): Fault {
  const [field, index] = path
  const line = typeof index === 'number' ? `Line ${index + 1}: ` : ''
  return { field: field === 'keeps' ? 'keepsDays' : String(field), message: `${line}${message}` }
}

/** A number as it is written back: to a thousandth. */
const numberText = (value: number): string => String(Number(value.toFixed(3)))

const SPOKEN: readonly [word: string, ml: number][] = [
  ['cups', ML_PER_CUP],
  ['tbsp', ML_PER_TABLESPOON],
  ['tsp', ML_PER_TEASPOON],
]
/** Shares of a spoon or cup that are written as they are said. */
const SHARES = [
  [1 / 8, '1/8'],
  [1 / 4, '1/4'],
  [1 / 3, '1/3'],
  [1 / 2, '1/2'],
  [2 / 3, '2/3'],
  [3 / 4, '3/4'],
] as const
/** How near is even, of what is counted. */
const NEAR = 0.003

/** A count of cups or spoons where it comes out even; null where it does not. */
function evenText(count: number): string | null {
  const near = NEAR * Math.min(1, count)
  const whole = Math.floor(count + near)
  const rest = count - whole
  if (Math.abs(rest) <= near) return whole ? String(whole) : null
  const share = SHARES.find(([value]) => Math.abs(value - rest) <= near)
  return share ? [whole || '', share[1]].filter(Boolean).join(' ') : null
}
function amountText({ amount, measure }: Pick<Ingredient, 'amount' | 'measure'>): string {
  if (measure === 'part') return `${evenText(amount) ?? numberText(amount)} parts`
  if (measure === 'g') return `${numberText(amount)} g`
  if (measure === 'each') return evenText(amount) ?? numberText(amount)
  for (const [word, ml] of SPOKEN) {
    const said = evenText(amount / ml)
    if (said) return `${said} ${word}`
  }
  return `${numberText(amount)} ml`
}
function stepText(step: RecipeStep): string {
  const day = 24 * 60
  const wait =
    step.wait === 0
      ? ''
      : step.wait % day === 0
        ? `, then wait ${step.wait / day} days`
        : step.wait % 60 === 0
          ? `, then wait ${step.wait / 60} h`
          : `, then wait ${step.wait} min`
  return `${step.text}, ${step.minutes} min, ${step.who === 'child' ? 'kids' : 'adult'}${wait}`
}

/** A recipe as its editor has it: read again, it is the same. */
export const draftOf = (recipe: Recipe, nameOf: (materialId: string) => string): RecipeDraft => ({
  name: recipe.name,
  kind: recipe.kind,
  ingredients: recipe.ingredients
    .map((one) => `${amountText(one)} ${nameOf(one.materialId)}${one.until === null ? '' : `, by feel: ${one.until}`}`)
    .join('\n'),
  steps: recipe.steps.map(stepText).join('\n'),
  gives: recipe.gives,
  portion: recipe.portion.usual,
  stages: recipe.stages,
  tasteSafe: recipe.tasteSafe,
  cooked: recipe.cooked,
  storage: recipe.keeps[0].storage,
  keepsDays: recipe.keeps[0].days,
})
