import { z } from 'zod'
import type { Fault } from '../../base'
import { Recipe, STAGES } from '../../domain'
import { draftOf, RECIPE_KIND_NAMES, type RecipeDraft } from '../../making'

/** Recipes as JSON-LD of schema.org: what every recipe program reads, with the whole of ours beside it. */

const KOBBY = 'urn:kobby:'

/** ISO 8601 of minutes. */
const duration = (minutes: number): string => `PT${minutes}M`

/**
 * A recipe as JSON-LD `schema.org/Recipe`. Its amounts are written as people write them; the whole recipe stands beside
 * them under a name of our own, so that nothing is lost on the way back.
 */
export function recipeJsonLd(recipe: Recipe, nameOf: (materialId: string) => string): Record<string, unknown> {
  const draft = draftOf(recipe, nameOf)
  const own = recipe.steps.reduce((sum, step) => sum + step.minutes, 0)
  const waits = recipe.steps.reduce((sum, step) => sum + step.wait, 0)
  return {
    '@context': ['https://schema.org', { kobby: KOBBY }],
    '@type': 'Recipe',
    name: recipe.name,
    recipeCategory: RECIPE_KIND_NAMES[recipe.kind],
    ...(recipe.gives && {
      recipeYield: `${recipe.gives.quantity} ${recipe.gives.unit === 'each' ? 'pieces' : recipe.gives.unit}`,
    }),
    prepTime: duration(own),
    totalTime: duration(own + waits),
    recipeIngredient: draft.ingredients.split('\n'),
    tool: recipe.equipment,
    recipeInstructions: recipe.steps.map((step) => ({ '@type': 'HowToStep', text: `${step.text}.` })),
    'kobby:recipe': recipe,
    'kobby:materials': Object.fromEntries(
      [...recipe.ingredients, ...recipe.swaps].map((one) => [one.materialId, nameOf(one.materialId)]),
    ),
  }
}

const Text = z.string().max(4000)
const Step: z.ZodType<unknown> = z.union([Text, z.looseObject({})])
const JsonLd = z.looseObject({
  '@type': z.union([z.string(), z.array(z.string())]),
  name: Text,
  recipeIngredient: z.array(Text).max(60).optional(),
  ingredients: z.array(Text).max(60).optional(),
  recipeInstructions: z.union([Text, z.array(Step).max(60)]).optional(),
  recipeYield: z.union([z.string(), z.number(), z.array(z.union([z.string(), z.number()]))]).optional(),
})

/** What a file of a recipe says: one of ours, whole, or one from elsewhere as a draft to look over. */
export type ReadJsonLd =
  { recipe: Recipe; materials: Record<string, string> } | { draft: RecipeDraft } | { faults: Fault[] }

const isRecipe = (value: unknown): boolean => {
  const type = (value as { '@type'?: unknown } | null)?.['@type']
  return Array.isArray(type) ? type.includes('Recipe') : type === 'Recipe'
}
/** The recipe of a page: alone, in a list, or in its graph. */
function recipeIn(value: unknown): unknown {
  if (isRecipe(value)) return value
  const inside = Array.isArray(value) ? value : (value as { '@graph'?: unknown } | null)?.['@graph']
  return Array.isArray(inside) ? inside.find(isRecipe) : undefined
}

/** Sentences of steps, also of those that are parted into sections. */
function stepsOf(value: unknown): string[] {
  if (typeof value === 'string')
    return value
      .split(/\n+|(?<=[.!?])\s+(?=\p{Lu})/u)
      .map((one) => one.trim())
      .filter(Boolean)
  if (Array.isArray(value)) return value.flatMap((one) => (typeof one === 'string' ? [one.trim()] : stepsOf(one)))
  const step = value as { text?: unknown; itemListElement?: unknown } | null
  if (typeof step?.text === 'string') return [step.text.trim()]
  return step?.itemListElement ? stepsOf(step.itemListElement) : []
}

/**
 * Reads a recipe file.
 *
 * @param value parsed JSON
 * @returns a recipe that Kobby wrote, a draft of any other, or what is wrong with it and where
 */
export function readJsonLd(value: unknown): ReadJsonLd {
  const found = recipeIn(value)
  if (!found) return { faults: [{ field: '@type', message: 'There is no recipe in this file' }] }
  const read = JsonLd.safeParse(found)
  if (!read.success)
    return {
      faults: read.error.issues.map((issue) => ({ field: issue.path.map(String).join('.'), message: issue.message })),
    }
  const own = Recipe.safeParse(read.data['kobby:recipe'])
  const names = z.record(z.string(), z.string().max(120)).safeParse(read.data['kobby:materials'])
  if (own.success) return { recipe: own.data, materials: names.data ?? {} }
  const ingredients = (read.data.recipeIngredient ?? read.data.ingredients ?? []).map((one) =>
    one.replace(/\s+/g, ' ').trim(),
  )
  const steps = stepsOf(read.data.recipeInstructions)
  const faults: Fault[] = []
  if (!ingredients.length) faults.push({ field: 'recipeIngredient', message: 'It names nothing that goes in' })
  if (!steps.length) faults.push({ field: 'recipeInstructions', message: 'It says no step' })
  if (faults.length) return { faults }
  const pieces = /\d+/.exec(String([read.data.recipeYield].flat()[0] ?? ''))
  return {
    draft: {
      name: read.data.name.slice(0, 120),
      kind: 'food',
      ingredients: ingredients.join('\n'),
      steps: steps.map((one) => one.replace(/\s+/g, ' ').slice(0, 400)).join('\n'),
      gives: pieces ? { quantity: Number(pieces[0]), unit: 'each' } : null,
      portion: 1,
      stages: STAGES.slice(1),
      tasteSafe: false,
      cooked: false,
      storage: 'fridge',
      keepsDays: 1,
    },
  }
}
