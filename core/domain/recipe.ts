import { z } from 'zod'
import { STAGES, RECIPE_KINDS, STORAGES } from './lists'
import { Id, Line, Minutes, PositiveAmount, Sentence, Stage } from './primitives'

export const RecipeKind = z.enum(RECIPE_KINDS)
export type RecipeKind = z.infer<typeof RecipeKind>

/**
 * What an ingredient is measured in. `part` is a share by volume, and a recipe is written in parts altogether or not at
 * all.
 */
export const RecipeMeasure = z.enum(['part', 'ml', 'g', 'each'])
export type RecipeMeasure = z.infer<typeof RecipeMeasure>

/** One ingredient, as the recipe is written. */
export const Ingredient = z.strictObject({
  id: Id,
  materialId: Id,
  amount: PositiveAmount,
  measure: RecipeMeasure,
  /** With how much of it she starts, as a share of the usual amount; 1 where all goes in at once. */
  first: z.number().gt(0, 'Start with something').max(1, 'Start with at most all of it').default(1),
  /** How much of it is the most, as a share of the usual amount. */
  stop: z.number().min(1, 'The most is at least the usual amount').max(4, 'At most four times the usual').default(1),
  /** What right looks and feels like, where it is added by feel. */
  until: Sentence.nullable().default(null),
})
export type Ingredient = z.infer<typeof Ingredient>

/** Another ingredient in place of one, with its own ratio. */
export const RecipeSwap = z.strictObject({
  id: Id,
  ingredientId: Id,
  materialId: Id,
  /** Volume of the new one for one volume of the old; pieces for pieces. */
  ratio: z.number().gt(0, 'A ratio is more than 0').max(10, 'At most ten for one'),
  /** How much of the old one goes: 1 is all of it. */
  share: z.number().gt(0, 'Replace something').max(1, 'Replace at most all of it').default(1),
  /** What changes with it, in her words. */
  note: Sentence.nullable().default(null),
})
export type RecipeSwap = z.infer<typeof RecipeSwap>

/** One step, with the minutes that hands are on it and the wait after it. */
export const RecipeStep = z.strictObject({
  text: Sentence,
  minutes: Minutes,
  /** Minutes of waiting after it, up to 60 days. */
  wait: z.number().int().min(0).max(86_400),
  who: z.enum(['child', 'adult']),
  /** The ingredient that is added by feel in this step; null where none is. */
  feels: Id.nullable().default(null),
})
export type RecipeStep = z.infer<typeof RecipeStep>

export const Storage = z.enum(STORAGES)
export type Storage = z.infer<typeof Storage>

/** Days that it keeps in one way. 0: it is used on the day it is made. */
export const Keeping = z.strictObject({ storage: Storage, days: z.number().int().min(0).max(730) })
export type Keeping = z.infer<typeof Keeping>

/** What one child gets, in the unit of the yield; a stage that is not named gets the usual. */
export const Portion = z.strictObject({
  usual: PositiveAmount,
  byStage: z.partialRecord(Stage, PositiveAmount),
})
export type Portion = z.infer<typeof Portion>

/** A recipe for something that is mixed, cooked or frozen. */
export const Recipe = z
  .strictObject({
    id: Id,
    name: Line,
    kind: RecipeKind,
    /** The material that it makes, where an idea or the pantry asks for it by name; null where none does. */
    makes: Id.nullable(),
    ingredients: z.array(Ingredient).min(1, 'Name at least one ingredient').max(20),
    /** What the recipe as written gives; null where it is the sum of what goes in, less what is lost. */
    gives: z.strictObject({ quantity: PositiveAmount, unit: z.enum(['g', 'ml', 'each']) }).nullable(),
    /** What of the sum is gone when it is done, by steam or drying: 0.1 is a tenth. */
    lost: z.number().min(0).max(0.9).default(0),
    /** In the unit of what it gives; grams where that is the sum of what goes in. */
    portion: Portion,
    stages: z.array(Stage).min(1, 'Name at least one stage').max(STAGES.length),
    /** Whether heat goes through all of it, so that raw flour is raw no longer. */
    cooked: z.boolean().default(false),
    /** Whether a taste of it harms nobody. It is still no food unless it is one. */
    tasteSafe: z.boolean(),
    equipment: z.array(Line).max(20),
    steps: z.array(RecipeStep).min(1, 'Write at least one step').max(40),
    /** What goes wrong, and how to mend it. */
    mends: z.array(z.strictObject({ wrong: Line, mend: Sentence })).max(12),
    swaps: z.array(RecipeSwap).max(20),
    keeps: z.array(Keeping).min(1, 'Say how long it keeps').max(STORAGES.length),
    /** Most days that it is kept once several children had their hands in it; null where that does not matter. */
    sharedDays: z.number().int().min(0).max(730).nullable(),
    /** Scents, colors and their limits, and what else to know. */
    notes: z.array(Sentence).max(12),
  })
  .superRefine((recipe, context) => {
    recipe.steps.forEach((step, index) => {
      if (step.feels !== null && !recipe.ingredients.some((one) => one.id === step.feels))
        context.addIssue({
          code: 'custom',
          path: ['steps', index, 'feels'],
          message: 'The recipe has no such ingredient',
        })
    })
    const inParts = recipe.ingredients.filter((one) => one.measure === 'part').length
    recipe.ingredients.forEach((one, index) => {
      if (inParts && one.measure !== 'part')
        context.addIssue({
          code: 'custom',
          path: ['ingredients', index, 'measure'],
          message: 'Write all of a recipe in parts, or none of it',
        })
    })
    const ids = new Set(recipe.ingredients.map((one) => one.id))
    if (ids.size < recipe.ingredients.length)
      context.addIssue({ code: 'custom', path: ['ingredients'], message: 'Name each ingredient once' })
    recipe.swaps.forEach((swap, index) => {
      if (!ids.has(swap.ingredientId))
        context.addIssue({
          code: 'custom',
          path: ['swaps', index, 'ingredientId'],
          message: 'This swaps an ingredient that the recipe does not have',
        })
    })
  })
export type Recipe = z.infer<typeof Recipe>
