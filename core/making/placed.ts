import { InputError, listWords } from '../base'
import type { Activity, BinSetUp, Material, Mix, PrepStep, Recipe, Requirement, Stage } from '../domain'
import { RECIPES_OF_IDEAS } from '../library/recipes/ideas'
import { fillerMl, LIFT_G } from './bin'
import { fillerOf, fillerQuantity, fillerWeight } from './fillers'
import { inUnitOf, made } from './scale'
import { withSwaps } from './swaps'

/** What a placement's recipe is looked up in. */
interface Kitchen {
  materials: ReadonlyMap<string, Material>
  measures: 'us' | 'metric'
}

/** What stays in an adult's hands whoever else mixes: the recipe says that an adult doses it. */
const DOSED: readonly string[] = ['chemical', 'hot']

const takenFor = (id: string, materialId: string, quantity: number, reach: Requirement['reach']): Requirement => ({
  id,
  materialId,
  quantity,
  basis: { by: 'set-up' },
  spare: 0,
  variants: null,
  reach,
  alternatives: [],
})

/** The requirement under which a bin's filler stands in its activity. */
export const BIN_FILLER = 'bin-filler'

/** What the steps of a recipe are called among the preparation of a placement. */
export const MIX_STEP = 'mix-step-'

/** Steps of a recipe as preparation: all of them where it is mixed before, else what an adult does before the children. */
export function stepsBefore(recipe: Pick<Recipe, 'steps'>, before: boolean): Recipe['steps'] {
  if (before) return recipe.steps
  const first = recipe.steps.findIndex((step) => step.who === 'child')
  return first < 0 ? recipe.steps : recipe.steps.slice(0, first)
}

const PREP_MOST = 20

function prepOf(recipe: Recipe, before: boolean, uses: string[]): PrepStep[] {
  return stepsBefore(recipe, before).map((step, i) => ({
    id: `${MIX_STEP}${i + 1}`,
    text: step.text,
    minutes: step.minutes,
    wait: step.wait,
    splits: false,
    uses: i === 0 ? uses : [],
    kind: null,
    per: null,
  }))
}

/** What of an idea's own materials a recipe takes care of: what it makes, and all that goes into it. */
const coveredBy = (recipe: Recipe): ReadonlySet<string> =>
  new Set([
    ...(recipe.makes === null ? [] : [recipe.makes]),
    ...recipe.ingredients.map((one) => one.materialId),
    ...recipe.swaps.map((one) => one.materialId),
  ])

/** Whether an idea, or the one that it was copied from, asks for a recipe: by what it makes, or by name. */
export function asksFor(activity: Pick<Activity, 'id' | 'origin' | 'requirements'>, recipe: Recipe): boolean {
  if (recipe.makes !== null && activity.requirements.some((one) => one.materialId === recipe.makes)) return true
  return [activity.id, activity.origin?.id].some((id) => id && RECIPES_OF_IDEAS[id]?.includes(recipe.id))
}

/**
 * An activity with what its recipe takes, for the children who take part: the ingredients join what it needs, the
 * recipe's steps what is prepared, and what the recipe makes, or the idea itself would have mixed, need not be got any
 * more. So the supply list, the
 * preparation, the cautions and the day sheet follow as they do from anything else.
 *
 * Where the recipe cannot be reckoned, since nobody knows how dense something is, the activity stays as it is.
 *
 * @param stages of the children who take part
 */
export function withMix(
  activity: Activity,
  mix: Mix,
  recipe: Recipe,
  stages: readonly Stage[],
  { materials, measures }: Kitchen,
): Activity {
  if (!stages.length) return activity
  try {
    const swapped = withSwaps(recipe, mix.swapIds, (id) => materials.get(id)?.density ?? null)
    const { lines } = made(swapped, materials, { by: 'children', stages }, measures)
    const ingredients = lines.flatMap((line) => {
      const material = materials.get(line.ingredient.materialId)
      const quantity = material && inUnitOf(line, material)
      if (!material || !quantity) return []
      const dosed = material.safety.hazards.some((one) => DOSED.includes(one))
      return [takenFor(`mix-${line.ingredient.id}`, material.id, quantity, dosed ? 'adult' : 'children')]
    })
    const covered = coveredBy(recipe)
    const kept = activity.requirements.filter((one) => !covered.has(one.materialId))
    const gone = activity.requirements.filter((one) => covered.has(one.materialId)).map((one) => one.id)
    // What the idea itself would mix is mixed by the recipe now.
    const stays = (step: PrepStep) => !step.uses.some((id) => gone.includes(id))
    return {
      ...activity,
      requirements: [...kept, ...ingredients],
      prep: [
        ...activity.prep.filter(stays),
        ...prepOf(
          recipe,
          mix.before,
          ingredients.map((one) => one.id),
        ),
      ].slice(0, PREP_MOST),
    }
  } catch (error) {
    if (error instanceof InputError) return activity
    throw error
  }
}

/** Hands-on minutes of filling a bin: opening packs and pouring, and two more where it is filled where it stands. */
const FILL_MINUTES = 4
const IN_PLACE_MINUTES = 2

/** Hands-on minutes of filling a bin that weighs so much, in g; null where nobody knows. */
export const fillMinutes = (weight: number | null): number =>
  FILL_MINUTES + (weight !== null && weight > LIFT_G ? IN_PLACE_MINUTES : 0)

/** What is hidden is counted back, or somebody finds it with the mouth. */
const countBack = (bin: BinSetUp): string =>
  bin.hidden.length ? `Count back ${listWords(bin.hidden.map((one) => `${one.count} ${one.name}`))}.` : ''

/** How much of its filler a bin takes, in ml; null where its measures do not fit together. */
export function binMl(bin: BinSetUp): number | null {
  const { lengthMm, widthMm, heightMm } = bin.container
  try {
    return fillerMl(
      { lengthCm: lengthMm / 10, widthCm: widthMm / 10, heightCm: heightMm / 10 },
      bin.depthMm / 10,
      bin.taken,
    )
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}

/**
 * An activity with the filler of its bin, in place of the filler that the idea speaks of; filling it is preparation
 * until it was done.
 */
export function withBin(activity: Activity, bin: BinSetUp, materials: ReadonlyMap<string, Material>): Activity {
  const ml = binMl(bin)
  const material = materials.get(bin.fillerId)
  if (ml === null || !material) return activity
  const quantity = fillerQuantity(ml, material)
  const kept = activity.requirements.filter(
    (one) => one.materialId !== bin.fillerId && !(fillerOf(one.materialId) && one.basis.by === 'set-up'),
  )
  const gone = activity.requirements.filter((one) => !kept.includes(one)).map((one) => one.id)
  const weight = fillerWeight(ml, material)
  const minutes = fillMinutes(weight)
  return {
    ...activity,
    tidy: [activity.tidy, countBack(bin)].filter(Boolean).join(' '),
    requirements: quantity ? [...kept, takenFor(BIN_FILLER, material.id, quantity, 'children')] : kept,
    prep: [
      ...activity.prep.map((step) => ({ ...step, uses: step.uses.filter((id) => !gone.includes(id)) })),
      ...(bin.filledOn === null
        ? [
            {
              id: 'bin-fill',
              text: `Fill ${bin.container.name} with ${material.name}`,
              minutes,
              wait: 0,
              splits: false,
              uses: quantity ? [BIN_FILLER] : [],
              kind: 'fill' as const,
              per: null,
            },
          ]
        : []),
    ],
  }
}
