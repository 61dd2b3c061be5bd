import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { byId, ML_PER_CUP } from '../base'
import { MATERIALS, RECIPES } from '../library'
import { draftOf, made, readIngredient, readStep, recipeOfDraft, type RecipeDraft } from '.'

const materials = byId(MATERIALS)
const nameOf = (id: string) => materials.get(id)?.name ?? id
let count = 0
const newId = () => `new-${++count}`
const KITCHEN_SAND: RecipeDraft = {
  name: 'Kitchen sand',
  kind: 'filler',
  ingredients: '8 parts wheat flour\n1 part sunflower oil',
  steps: 'Rub the oil into the flour, 8 min, kids',
  gives: null,
  portion: 200,
  stages: ['preschool'],
  tasteSafe: false,
  cooked: false,
  storage: 'sealed',
  keepsDays: 14,
}
const read = (over: Partial<RecipeDraft>, base: Parameters<typeof recipeOfDraft>[2] = null) =>
  recipeOfDraft({ ...KITCHEN_SAND, ...over }, 'own', base, MATERIALS, newId)
const faultsOf = (over: Partial<RecipeDraft>) => {
  const answer = read(over)
  return 'faults' in answer ? answer.faults.map((one) => `${one.field}: ${one.message}`) : []
}

describe('an ingredient as it is written', () => {
  it.each([
    ['2 parts flour', 2, 'part', 'flour'],
    ['1 1/2 cups of water', 1.5 * ML_PER_CUP, 'ml', 'water'],
    ['½ cup salt', ML_PER_CUP / 2, 'ml', 'salt'],
    ['1½ cups salt', 1.5 * ML_PER_CUP, 'ml', 'salt'],
    ['250 g sugar', 250, 'g', 'sugar'],
    ['0,5 l milk', 500, 'ml', 'milk'],
    ['2 eggs', 2, 'each', 'eggs'],
    ['1/4 apple', 0.25, 'each', 'apple'],
    ['3 large bowls', 3, 'each', 'large bowls'],
  ])('%s', (text, amount, measure, name) =>
    expect(readIngredient(text).value).toMatchObject({ amount, measure, name, byFeel: false }),
  )
  it('is added by feel, until it is right', () =>
    expect(readIngredient('3/4 cup water, by feel: silky, and it no longer sticks').value).toMatchObject({
      name: 'water',
      byFeel: true,
      until: 'silky, and it no longer sticks',
    }))
  it.each([
    ['flour', 'begin with how much, such as 2 cups'],
    ['0 cups flour', 'more than none of it'],
    ['2', 'say of what'],
  ])('%s says what is wrong', (text, fault) => expect(readIngredient(text).fault).toContain(fault))
})

describe('a step as it is written', () => {
  it.each([
    ['Knead it, 5 min, kids, then wait 30 min', { text: 'Knead it', minutes: 5, who: 'child', wait: 30 }],
    ['Dry it, then wait 2 days.', { text: 'Dry it', minutes: 3, who: 'adult', wait: 2880 }],
    ['Rest, then wait 12 h', { text: 'Rest', wait: 720 }],
    ['Stir flour, salt and oil', { text: 'Stir flour, salt and oil', minutes: 3, who: 'adult', wait: 0 }],
  ])('%s', (text, step) => expect(readStep(text)).toMatchObject(step))
})

describe('a recipe of her own', () => {
  it('works at once from parts: kitchen sand of eight to one', () => {
    const answer = read({})
    if ('faults' in answer) throw new Error(JSON.stringify(answer.faults))
    const { lines, gives } = made(answer.recipe, materials, { by: 'portions', portions: 6 }, 'us')
    // 8 x 125 g of flour to 1 x 218 g of oil: 1,200 g are 985 g and 215 g.
    expect(gives).toBeCloseTo(1200, 6)
    expect(lines[0].ml! / lines[1].ml!).toBeCloseTo(8, 9)
    expect(lines[0].g! + lines[1].g!).toBeCloseTo(1200, 6)
    expect(answer.materials).toEqual([])
  })
  it('brings what the house does not know, weighed and measured by nobody', () => {
    const answer = read({ ingredients: '2 cups moon dust', gives: { quantity: 500, unit: 'g' } })
    if ('faults' in answer) throw new Error(JSON.stringify(answer.faults))
    expect(answer.materials).toMatchObject([
      { name: 'moon dust', unit: 'ml', density: null, safety: { measured: false } },
    ])
    expect(answer.recipe.ingredients[0].materialId).toBe(answer.materials[0].id)
  })
  it('can take one thing twice, also once it is changed', () => {
    const first = read({ ingredients: '2 parts wheat flour\n1 part water\n1 part wheat flour' })
    if ('faults' in first) throw new Error(JSON.stringify(first.faults))
    const again = read(draftOf(first.recipe, nameOf), first.recipe)
    expect('recipe' in again && again.recipe.ingredients).toEqual(first.recipe.ingredients)
  })
  it('is added by feel in the step that names it', () => {
    const answer = read({
      ingredients: '2 cups wheat flour\n1 cup water, by feel: silky',
      steps: 'Measure the flour\nAdd water by the spoon',
    })
    if ('faults' in answer) throw new Error(JSON.stringify(answer.faults))
    expect(answer.recipe.steps.map((step) => step.feels)).toEqual([null, 'in-2'])
    expect(answer.recipe.ingredients[1]).toMatchObject({ first: 0.5, stop: 1.5, until: 'silky' })
  })
  it.each<[Partial<RecipeDraft>, string]>([
    [
      { ingredients: '2 parts wheat flour\n1 cup water' },
      'ingredients: Line 2: Write all of a recipe in parts, or none of it',
    ],
    [{ ingredients: 'flour' }, 'ingredients: Line 1: “flour”: begin with how much, such as 2 cups'],
    [{ ingredients: '' }, 'ingredients: Name at least one ingredient'],
    [{ ingredients: '0 parts wheat flour' }, 'ingredients: Line 1: “0 parts wheat flour”: more than none of it'],
    [{ steps: '' }, 'steps: Write at least one step'],
    [{ name: ' ' }, 'name: This cannot be empty'],
    [{ portion: null }, 'portion: An amount must be more than 0'],
    [{ gives: { quantity: null, unit: 'g' } }, 'gives: An amount must be more than 0'],
    [{ stages: [] }, 'stages: Name at least one stage'],
  ])('%j says what is wrong, at its field', (over, fault) => expect(faultsOf(over)).toContain(fault))

  it.each(RECIPES.map((one) => [one.name, one] as const))(
    '%s is the same once it is written out and read again',
    (_, recipe) => {
      const answer = recipeOfDraft(draftOf(recipe, nameOf), recipe.id, recipe, MATERIALS, newId)
      if ('faults' in answer) throw new Error(JSON.stringify(answer.faults))
      expect(answer.materials).toEqual([])
      expect(answer.recipe.ingredients.map((one) => [one.materialId, one.measure, one.until])).toEqual(
        recipe.ingredients.map((one) => [one.materialId, one.measure, one.until]),
      )
      answer.recipe.ingredients.forEach((one, i) =>
        expect(Math.abs(one.amount / recipe.ingredients[i].amount - 1)).toBeLessThan(0.005),
      )
      expect(answer.recipe.steps.map((step) => ({ ...step, feels: null }))).toEqual(
        recipe.steps.map((step) => ({ ...step, feels: null })),
      )
    },
  )
  it('never loses an amount that was written', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 400 }),
        fc.constantFrom('cups', 'tbsp', 'tsp', 'g', 'parts'),
        (quarters, unit) => {
          const amount = quarters / 4
          const { value } = readIngredient(`${amount} ${unit} water`)
          expect(value!.name).toBe('water')
          expect(value!.amount).toBeGreaterThan(0)
        },
      ),
    ))
})
