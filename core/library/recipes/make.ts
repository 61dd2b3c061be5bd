import { type Ingredient, type Keeping, type Portion, type Recipe, type RecipeKind, type RecipeMeasure, type RecipeStep, type RecipeSwap, type Stage, type Storage, STAGES } from '../../domain'

/** Short forms in which the recipes are written. US cups and spoons, in ml (2-domain). */
export const cup = (count: number) => count * 236.588
export const tbsp = (count: number) => count * 14.787
export const tsp = (count: number) => count * 4.929

type IngredientFacts = Partial<Pick<Ingredient, 'first' | 'stop' | 'until'>> & { as?: string }

/** One ingredient; its id is the material's unless another is given. */
export const takes = (materialId: string, amount: number, measure: RecipeMeasure, facts: IngredientFacts = {}): Ingredient => ({
  id: facts.as ?? materialId, materialId, amount, measure,
  first: facts.first ?? 1, stop: facts.stop ?? 1, until: facts.until ?? null,
})

/** Another ingredient in place of one, all of it, by volume. Its id is the new material's. */
export const swap = (ingredientId: string, materialId: string, ratio = 1, note: string | null = null): RecipeSwap =>
  ({ id: materialId, ingredientId, materialId, ratio, share: 1, note })

const step = (who: RecipeStep['who']) => (text: string, minutes: number, wait = 0): RecipeStep => ({ text, minutes, wait, who, feels: null })
/** A step that children do, with its hands-on minutes and the wait after it. */
export const child = step('child')
/** A step that an adult does. */
export const adult = step('adult')

/** A step in which an ingredient is added by feel. */
export const feel = (ingredientId: string, step: RecipeStep): RecipeStep => ({ ...step, feels: ingredientId })

export const HOURS = 60
export const OVERNIGHT = 12 * HOURS
export const DAYS = 24 * HOURS

/** What each child gets, and what those get who get more or less. */
export const portion = (usual: number, byStage: Portion['byStage'] = {}): Portion => ({ usual, byStage })

export const keep = (storage: Storage, days: number): Keeping => ({ storage, days })

/** The stages from one on. */
export const from = (stage: Stage): Stage[] => STAGES.slice(STAGES.indexOf(stage))

export interface RecipeFacts {
  takes: Ingredient[]
  gives?: [quantity: number, unit: 'g' | 'ml' | 'each']
  lost?: number
  portion: Portion
  stages: Stage[]
  cooked?: boolean
  tasteSafe?: boolean
  with: string[]
  steps: RecipeStep[]
  mends: [wrong: string, mend: string][]
  swaps?: RecipeSwap[]
  keeps: Keeping[]
  sharedDays?: number
  /** The material of the library that it makes. */
  makes?: string
  notes: string[]
}

/** A recipe of the library. */
export const recipe = (id: string, name: string, kind: RecipeKind, facts: RecipeFacts): Recipe => ({
  id, name, kind,
  makes: facts.makes ?? null,
  ingredients: facts.takes,
  gives: facts.gives ? { quantity: facts.gives[0], unit: facts.gives[1] } : null,
  lost: facts.lost ?? 0,
  portion: facts.portion,
  stages: facts.stages,
  cooked: facts.cooked ?? false,
  tasteSafe: facts.tasteSafe ?? false,
  equipment: facts.with,
  steps: facts.steps,
  mends: facts.mends.map(([wrong, mend]) => ({ wrong, mend })),
  swaps: facts.swaps ?? [],
  keeps: facts.keeps,
  sharedDays: facts.sharedDays ?? null,
  notes: facts.notes,
})
