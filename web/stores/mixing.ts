import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { referencesOf, unmeasuredMaterial, type CalendarDate, type Recipe } from '@core/domain'
import { byId, InputError } from '@core/base'
import { MATERIALS } from '@core/library/materials'
import { RECIPES } from '@core/library/recipes'
import {
  asUsualHere,
  batches,
  dietPlan,
  fromCupboard,
  made,
  withSwaps,
  type Ask,
  type Mixing,
  type Eater,
  type RecipeDraft,
  type Ware,
} from '@core/making'
import { eatersOn } from '@core/plan'
import { useHouse } from './house'
import { useRows } from './rows'
import { useUnit } from './unit'
import type { Write } from './writer'

/** A recipe that is still to be written. */
export const EMPTY_RECIPE: RecipeDraft = {
  name: '',
  kind: 'dough',
  ingredients: '',
  steps: '',
  gives: null,
  portion: 120,
  stages: ['preschool', 'school-age'],
  tasteSafe: false,
  cooked: false,
  storage: 'sealed',
  keepsDays: 3,
}

/** How much of a recipe is made. */
export const HOW_MUCH = ['children', 'portions', 'target', 'left', 'factor'] as const
export type HowMuch = (typeof HOW_MUCH)[number]

const SHIPPED = byId(MATERIALS)
const SHIPPED_RECIPES = new Set(RECIPES.map((one) => one.id))

/** What a computation gives, or in her words why it gives nothing, and at which field. */
type Outcome<T> = { value: T; fault?: undefined } | { value: null; fault: { field: string; message: string } }
function outcomeOf<T>(compute: () => T): Outcome<T> {
  try {
    return { value: compute() }
  } catch (error) {
    if (error instanceof InputError) return { value: null, fault: error.faults[0] }
    throw error
  }
}

/** What is to be mixed, for whom and how much of it: one recipe at a time, for a day of the open unit. */
export const useMixing = defineStore('mixing', () => {
  const unit = useUnit()
  const house = useHouse()
  const rows = useRows()
  const recipeId = ref('')
  const date = ref<CalendarDate | ''>('')
  /** A recipe from a file, before it is looked over. */
  const incoming = ref<RecipeDraft | null>(null)
  const howMuch = ref<HowMuch>('children')
  const portions = ref<number | null>(null)
  const factor = ref<number | null>(1)
  /** How much of it there shall be, in the unit of what it gives. */
  const target = ref<number | null>(null)
  /** In which kitchen its amounts are said; null is the home's. */
  const kitchenOf = ref<'us' | 'metric' | null>(null)
  const measures = computed(() => kitchenOf.value ?? house.thisHome.measures)
  const leftOf = ref('')
  const left = ref<number | null>(null)
  const bowlMl = ref<number | null>(null)
  /** What she chose herself; null while the swaps are those that the children need. */
  const chosen = ref<readonly string[] | null>(null)

  /** The materials of this house, and the shipped ones that it has never had. */
  const materials = computed<ReadonlyMap<string, Ware & (typeof MATERIALS)[number]>>(() => {
    const own = house.materials.map((one) => ({ ...one, density: one.density ?? SHIPPED.get(one.id)?.density ?? null }))
    return new Map([...SHIPPED, ...byId(own)])
  })
  const nameOf = (materialId: string) => materials.value.get(materialId)?.name ?? materialId
  const densityOf = (materialId: string) => materials.value.get(materialId)?.density ?? null
  const days = computed(() => unit.days.filter((one) => one.held))
  const day = computed(
    () =>
      days.value.find((one) => one.date === date.value) ??
      days.value.find((one) => one.date >= unit.snapshot!.today) ??
      days.value.at(-1),
  )
  /** What on that day the recipe is mixed for, by the plan. */
  const planned = computed(() =>
    unit.readings?.plan.sessions.find(
      (one) =>
        one.placement.mix?.recipeId === recipeId.value && one.days.some((other) => other.date === day.value?.date),
    ),
  )
  /** Who takes part in what it is mixed for; everybody who is there, where it is mixed for nothing yet. */
  const eaters = computed<Eater[]>(() => {
    if (planned.value)
      return planned.value.parts.flatMap(({ child, stage, does }) => (does === 'takes-part' ? [{ child, stage }] : []))
    return day.value ? eatersOn(house.children, day.value.date, house.thisHome.stageBounds) : []
  })
  /** The home's own recipes, and those of the library that it has not changed. */
  const recipes = computed(() => {
    const own = new Set(house.recipes.map((one) => one.id))
    return [...house.recipes, ...RECIPES.filter((one) => !own.has(one.id))]
  })
  const recipe = computed<Recipe | undefined>(() => recipes.value.find((one) => one.id === recipeId.value))
  const dietsOf = (one: Recipe) => dietPlan(one, eaters.value, materials.value)
  const diets = computed(() => recipe.value && dietsOf(recipe.value))
  const swapIds = computed(() => chosen.value ?? planned.value?.placement.mix?.swapIds ?? diets.value?.swapIds ?? [])
  /** Whether it is of the home's own, rather than of the library. */
  const isOwn = (id: string) => house.recipes.some((one) => one.id === id) && !SHIPPED_RECIPES.has(id)
  /** The recipe with what this home usually takes by feel. */
  const recipeHere = computed(() => recipe.value && asUsualHere(recipe.value, rows.list('batch'), swapIds.value))
  const served = computed(() => {
    const without = new Set(diets.value?.without.map((one) => one.child.id))
    return eaters.value.filter((one) => !without.has(one.child.id))
  })
  const ask = computed<Ask>(() => {
    switch (howMuch.value) {
      case 'children':
        return { by: 'children', stages: served.value.map((one) => one.stage) }
      case 'portions':
        return { by: 'portions', portions: portions.value ?? 0 }
      case 'target':
        return { by: 'target', quantity: target.value ?? 0 }
      case 'left':
        return { by: 'left', ingredientId: leftOf.value, quantity: left.value ?? 0 }
      case 'factor':
        return { by: 'factor', factor: factor.value ?? 0 }
    }
  })
  const mixed = computed(() =>
    recipeHere.value
      ? outcomeOf(() =>
          made(withSwaps(recipeHere.value!, swapIds.value, densityOf), materials.value, ask.value, measures.value),
        )
      : null,
  )
  const bowls = computed(() =>
    mixed.value?.value && bowlMl.value !== null ? outcomeOf(() => batches(mixed.value!.value!, bowlMl.value!)) : null,
  )
  const cupboard = computed(() => (mixed.value?.value ? fromCupboard(mixed.value.value, materials.value) : []))

  /** Opens a recipe as it is written, for those who are there. */
  function open(id: string): void {
    recipeId.value = id
    howMuch.value = 'children'
    portions.value = null
    factor.value = 1
    leftOf.value = recipe.value?.ingredients[0].id ?? ''
    left.value = null
    target.value = null
    chosen.value = null
  }
  /** Shows the amounts of what is being made: they stay as they were when it was begun. */
  function hold(of: Pick<Mixing, 'date' | 'factor' | 'swapIds'>): void {
    date.value = of.date
    howMuch.value = 'factor'
    factor.value = of.factor
    chosen.value = of.swapIds
  }
  /** Makes a swap, or takes it back; one for each ingredient. */
  function toggle(swapId: string): void {
    const swap = recipe.value?.swaps.find((one) => one.id === swapId)
    if (!swap) return
    const others = swapIds.value.filter(
      (id) => id !== swapId && recipe.value!.swaps.find((one) => one.id === id)?.ingredientId !== swap.ingredientId,
    )
    chosen.value = swapIds.value.includes(swapId) ? others : [...others, swapId]
  }

  /** What the house must know before a plan can be mixed by the recipe: the recipe, and what goes into it. */
  function neededBy(of: Recipe): Write[] {
    const ids = referencesOf('recipe', of).map((one) => one.id)
    const materials = [...new Set(ids)].flatMap((id): Write[] => {
      const [mine, shipped] = [house.materialsById.get(id), SHIPPED.get(id)]
      if (!mine) return shipped ? [{ put: 'material', value: shipped }] : []
      // What nobody weighed yet weighs what it usually does.
      return mine.density === null && shipped?.density
        ? [{ put: 'material', value: { ...mine, density: shipped.density } }]
        : []
    })
    return house.recipes.some((one) => one.id === of.id) ? materials : [...materials, { put: 'recipe', value: of }]
  }
  /** A recipe of another home, with what it is made of by name where this home does not know it. */
  function bringIn(of: Recipe, names: Readonly<Record<string, string>>): Write[] {
    const ids = new Set(referencesOf('recipe', of).map((one) => one.id))
    const fresh = [...ids].filter((id) => !house.materialsById.has(id) && !SHIPPED.has(id))
    return [
      ...fresh.map((id): Write => ({ put: 'material', value: unmeasuredMaterial(id, names[id] ?? id) })),
      ...neededBy(of),
    ]
  }
  /** Mixes the open recipe for a placement: the list, preparation, cautions and the day sheet follow. */
  function planFor(placementId: string, before: boolean): Promise<void> {
    const placement = unit.placements.find((one) => one.id === placementId)
    if (!placement || !recipe.value) return Promise.resolve()
    const mix = { recipeId: recipe.value.id, swapIds: [...swapIds.value], before }
    return unit.commit(`Mix ${recipe.value.name}`, [
      ...neededBy(recipe.value),
      { put: 'placement', value: { ...placement, mix } },
    ])
  }
  function takeOff(placementId: string): Promise<void> {
    const placement = unit.placements.find((one) => one.id === placementId)
    if (!placement) return Promise.resolve()
    return unit.commit(`Do not mix for it`, [{ put: 'placement', value: { ...placement, mix: null } }])
  }

  return {
    incoming,
    planned,
    neededBy,
    bringIn,
    isOwn,
    planFor,
    takeOff,
    recipeId,
    recipe,
    recipes,
    recipeHere,
    densityOf,
    date,
    day,
    days,
    eaters,
    diets,
    dietsOf,
    served,
    howMuch,
    portions,
    factor,
    target,
    kitchenOf,
    measures,
    leftOf,
    left,
    bowlMl,
    bowls,
    swapIds,
    mixed,
    cupboard,
    materials,
    nameOf,
    open,
    hold,
    toggle,
  }
})
