import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { byId, InputError, ML_PER_CUP, ML_PER_TABLESPOON, ML_PER_TEASPOON } from '../base'
import { Recipe } from '../domain'
import { MATERIALS, RECIPES } from '../library'
import { batches, fromCupboard, kitchenMeasure, made, yieldOf, type Ask, type Made } from '.'

const materials = byId(MATERIALS)
const recipe = (id: string): Recipe => RECIPES.find((one) => one.id === id)!
const make = (id: string, ask: Ask, measures: 'us' | 'metric' = 'us') => made(recipe(id), materials, ask, measures)
const line = (of: Made, id: string) => of.lines.find((one) => one.ingredient.id === id)!
/** Grams as worked on paper, with whole grams for a cup: within a gram of what the densities give. */
const expectGrams = (of: Made, grams: readonly (number | null)[]) =>
  of.lines.forEach((one, index) => {
    if (grams[index] === null) expect(one.g).toBeNull()
    else expect(Math.abs(one.g! - grams[index])).toBeLessThanOrEqual(1)
  })
const kitchenOf = (of: Made) => of.lines.map((one) => one.kitchen?.words ?? one.each)
/** What is wrong, and at which field. */
function faultOf(compute: () => unknown): string {
  try {
    compute()
  } catch (error) {
    if (error instanceof InputError) return error.message
    throw error
  }
  throw new Error('Nothing was wrong')
}

describe('a volume in cups and spoons', () => {
  it.each([
    [3.652 * ML_PER_CUP, '3 2/3 cups'],
    [1.826 * ML_PER_CUP, '1 3/4 cups and 1 tbsp'],
    [ML_PER_CUP, '1 cup'],
    [ML_PER_CUP / 4, '1/4 cup'],
    [2 * ML_PER_TABLESPOON, '2 tbsp'],
    [ML_PER_TEASPOON * 1.5, '1 1/2 tsp'],
    [ML_PER_TEASPOON / 4, '1/4 tsp'],
    [1, '20 drops'],
    [0.05, '1 drop'],
    [0.001, '1 drop'],
    [12 * ML_PER_CUP, '12 cups'],
  ])('%d ml', (ml, words) => {
    expect(kitchenMeasure(ml, 'us').words).toBe(words)
  })

  it('is in cups of 250 ml and spoons of 15 and 5 in a metric kitchen', () => {
    expect(kitchenMeasure(250, 'metric').words).toBe('1 cup')
    expect(kitchenMeasure(45, 'metric').words).toBe('3 tbsp')
    expect(kitchenMeasure(10, 'metric').words).toBe('2 tsp')
  })

  it('says how far off it is', () => {
    const water = kitchenMeasure(1.826 * ML_PER_CUP, 'us')
    expect(water.error).toBeCloseTo((1.75 * ML_PER_CUP + ML_PER_TABLESPOON) / (1.826 * ML_PER_CUP) - 1, 10)
    expect(kitchenMeasure(0.001, 'us').error).toBeCloseTo(49, 6)
  })

  it('is never further off than three percent from a quarter of a cup on, in four kinds of scoop at most', () => {
    fc.assert(
      fc.property(
        fc.double({ min: ML_PER_CUP / 4, max: 20_000, noNaN: true }),
        fc.constantFrom('us' as const, 'metric' as const),
        (ml, measures) => {
          const { words, ml: held, error } = kitchenMeasure(ml, measures)
          expect(Math.abs(error)).toBeLessThanOrEqual(0.03)
          expect(held).toBeCloseTo(ml * (1 + error), 6)
          expect(words.split(/, | and | (?=\d+\/)/).length).toBeLessThanOrEqual(4)
        },
      ),
    )
  })

  it('has four metric tablespoons between three and a quarter of a cup', () => {
    // 58.75 ml is more than three percent below, and 62.5 more than three above.
    expect(kitchenMeasure(60.6, 'metric')).toMatchObject({ words: '4 tbsp', ml: 60 })
    expect(kitchenMeasure(59.15, 'us').words).toBe('1/4 cup')
  })

  it.each([0, -1, NaN, Infinity])('of %d is none', (ml) => {
    expect(faultOf(() => kitchenMeasure(ml, 'us'))).toBe('ml: A volume must be more than 0')
  })
})

describe('the worked examples', () => {
  it('makes oobleck for six portions of 150 g', () => {
    const six = make('oobleck', { by: 'portions', portions: 6 })
    expect(six.factor).toBeCloseTo(1.826, 2)
    expectGrams(six, [467, 433])
    expect(kitchenOf(six)).toEqual(['3 2/3 cups', '1 3/4 cups and 1 tbsp'])
    expect(six.gives).toBeCloseTo(900, 6)
  })

  it('makes salt dough for twelve tags of 35 g', () => {
    const twelve = make('salt-dough', { by: 'portions', portions: 12 })
    expect(twelve.factor).toBeCloseTo(0.542, 3)
    expectGrams(twelve, [135, 156, 128])
    expect(twelve.gives).toBeCloseTo(420, 6)
  })
})

/** Amounts worked on paper: cups and spoons as written, weights by the densities of the materials. */
describe('twelve further recipes', () => {
  it.each<[string, Ask, (string | number)[], (number | null)[]]>([
    // 125 g + 144 g + 6 g + 237 g + 14 g, less a tenth: 473 g. Two of it.
    [
      'cooked-dough',
      { by: 'factor', factor: 2 },
      ['2 cups', '1 cup', '1 tbsp and 1 tsp', '2 cups', '2 tbsp'],
      [250, 288, 12, 473, 27],
    ],
    [
      'cooked-dough-wheat-free',
      { by: 'factor', factor: 0.5 },
      ['1/2 cup', '1/4 cup', '1/4 cup', '1 tsp', '1/2 cup', '1/2 tsp'],
      [79, 32, 72, 3, 118, 2],
    ],
    ['no-cook-dough', { by: 'factor', factor: 1 }, ['2 cups', '1/2 cup', '1 tbsp', '3/4 cup'], [250, 144, 14, 177]],
    // Six parts to one: a kilogram is 1.321 times 757 g.
    ['oat-cloud-dough', { by: 'target', quantity: 1000 }, ['8 cups', '1 1/3 cups'], [713, 288]],
    ['cloud-dough', { by: 'factor', factor: 0.25 }, ['2 cups', '1/4 cup'], [250, 54]],
    ['soda-clay', { by: 'factor', factor: 1.5 }, ['3 cups', '1 1/2 cups', '1 3/4 cups and 2 tbsp'], [660, 192, 444]],
    ['bubbles', { by: 'target', quantity: 560 }, ['2 cups', '1/4 cup', '1/4 cup'], [473, 50, null]],
    [
      'finger-paint',
      { by: 'factor', factor: 2 },
      ['1 cup', '1/4 cup and 2 tbsp', '1 tsp', '4 cups', '1 tsp'],
      [128, 75, 6, 946, null],
    ],
    // 2.4 l of rice is ten times 240 ml.
    ['colored-rice', { by: 'factor', factor: 10 }, ['10 cups', '3 tbsp and 1 tsp', '2 tsp'], [2040, 50, null]],
    [
      'bread-in-a-bag',
      { by: 'portions', portions: 24 },
      ['6 cups', '1 tbsp and 1 1/2 tsp', '1/4 cup and 2 tbsp', '2 cups', '1/4 cup and 2 tbsp', '1 tbsp'],
      [750, 14, 75, 473, 82, 18],
    ],
    ['flour-paste', { by: 'factor', factor: 0.5 }, ['1/2 cup', '1 cup'], [62, 237]],
    ['ice-paint', { by: 'target', quantity: 470 }, ['1 1/2 cups', '1/2 cup'], [null, 118]],
    ['fizzy-snow', { by: 'factor', factor: 3 }, ['6 cups', '1/4 cup and 2 tbsp'], [1320, 89]],
  ])('%s', (id, ask, kitchen, grams) => {
    const of = make(id, ask)
    expect(kitchenOf(of)).toEqual(kitchen)
    expectGrams(of, grams)
  })
})

describe('how much is made', () => {
  it('is a portion for each child, by stage', () => {
    const of = make('oobleck', { by: 'children', stages: ['infant', 'young-toddler', 'preschool'] })
    expect(of.gives).toBeCloseTo(60 + 90 + 150, 6)
  })

  it('is what is left of one ingredient, in the unit of its material', () => {
    // 1 cup of wheat flour is 124.9 g: half of that makes half of it.
    const of = make('cooked-dough', { by: 'left', ingredientId: 'wheat-flour', quantity: 62.46 })
    expect(of.factor).toBeCloseTo(0.5, 3)
  })

  it('has a first, a usual and a most where it is added by feel', () => {
    const water = line(make('no-cook-dough', { by: 'factor', factor: 1 }), 'water')
    expect([water.first!.ml, water.ml, water.stop!.ml].map((ml) => Math.round(ml!))).toEqual([44, 177, 222])
  })

  it('comes back to the same when it is made larger and smaller again, and keeps its mass', () => {
    fc.assert(
      fc.property(fc.constantFrom(...RECIPES), fc.double({ min: 0.05, max: 8, noNaN: true }), (one, factor) => {
        const once = made(one, materials, { by: 'factor', factor: 1 }, 'us')
        const more = made(one, materials, { by: 'factor', factor }, 'us')
        more.lines.forEach((scaled, index) => {
          const before = once.lines[index]
          for (const key of ['g', 'ml', 'each'] as const)
            if (before[key] === null) expect(scaled[key]).toBeNull()
            else expect(scaled[key]! / factor).toBeCloseTo(before[key], 6)
          const density = materials.get(scaled.ingredient.materialId)!.density
          if (scaled.g !== null && scaled.ml !== null) expect(scaled.g / scaled.ml).toBeCloseTo(density!, 6)
        })
        const again = made(one, materials, { by: 'target', quantity: more.gives }, 'us')
        expect(again.factor).toBeCloseTo(factor, 6)
      }),
      { numRuns: 300 },
    )
  })

  it.each<[string, Ask]>([
    ['factor: Make more than none of it', { by: 'factor', factor: 0 }],
    ['factor: Make more than none of it', { by: 'factor', factor: NaN }],
    ['portions: Make at least one portion', { by: 'portions', portions: 0 }],
    ['children: Nobody is there to make it for', { by: 'children', stages: [] }],
    ['quantity: Say how much of it you want', { by: 'target', quantity: -5 }],
    ['quantity: There is none left of it', { by: 'left', ingredientId: 'corn-starch', quantity: 0 }],
    ['ingredientId: The recipe has no such ingredient', { by: 'left', ingredientId: 'gold', quantity: 5 }],
    ['ask: That is more than 50 liters: nobody mixes that much at home', { by: 'target', quantity: 200_000 }],
  ])('says “%s”', (message, ask) => {
    expect(faultOf(() => make('oobleck', ask))).toBe(message)
  })

  it('has a defined outcome for one drop', () => {
    const drop = make('oobleck', { by: 'target', quantity: 0.05 })
    expect(kitchenOf(drop)).toEqual(['1 drop', '1 drop'])
  })

  it('asks for a density and never guesses one', () => {
    const bare = byId(MATERIALS.map((one) => (one.id === 'corn-starch' ? { ...one, density: null } : one)))
    expect(faultOf(() => yieldOf(recipe('oobleck'), bare))).toMatch(/^ingredients\.0: How much a cup of this weighs/)
    expect(
      faultOf(() => made(recipe('oobleck'), bare, { by: 'left', ingredientId: 'corn-starch', quantity: 5 }, 'us')),
    ).toMatch(/^ingredientId: How much a cup/)
    const slime = make('starch-slime', { by: 'factor', factor: 1 })
    expect(slime.unweighed).toEqual(['clear-glue', 'food-colour', 'liquid-starch'])
    expect(line(slime, 'clear-glue').g).toBeNull()
  })

  it('costs what goes in at the cheapest pack, and nothing is said where a price is missing', () => {
    // 256 g of corn starch at $3.89 for a kilogram; water is always there.
    expect(make('oobleck', { by: 'factor', factor: 1 }).cost).toBeCloseTo(256 * 0.389, 0)
    const unpriced = byId(MATERIALS.map((one) => (one.id === 'corn-starch' ? { ...one, packs: [] } : one)))
    expect(made(recipe('oobleck'), unpriced, { by: 'factor', factor: 1 }, 'us').cost).toBeNull()
  })
})

describe('the bowl', () => {
  const dough = make('no-cook-dough', { by: 'factor', factor: 4 })

  it('is filled to six tenths, as many times as it takes', () => {
    // Four times 2 cups, 1/2 cup, 1 tbsp and 3/4 cup: 3,136 ml. A bowl of 3 l takes 1,800 ml.
    expect(dough.bowlMl).toBeCloseTo(4 * (3.25 * ML_PER_CUP + ML_PER_TABLESPOON), 6)
    expect(batches(dough, 3000)).toBe(2)
    expect(batches(dough, dough.bowlMl! / 0.6)).toBe(1)
  })

  it('is too small where one portion does not fit', () => {
    expect(faultOf(() => batches(dough, 100))).toBe('bowl: Not even one portion fits into this bowl with room to stir')
    expect(faultOf(() => batches(dough, 0))).toBe('bowl: A bowl must hold something')
    expect(faultOf(() => batches({ bowlMl: null, portions: 3 }, 100))).toBe(
      'bowl: How much room this takes is not known',
    )
  })
})

describe('the cupboard', () => {
  it('has what is left after the mixing, and less than nothing where it is short', () => {
    const stocked = byId(MATERIALS.map((one) => ({ ...one, onHand: one.id === 'corn-starch' ? 300 : 0 })))
    const of = (factor: number) =>
      fromCupboard(made(recipe('oobleck'), stocked, { by: 'factor', factor }, 'us'), stocked)
    expect(of(1).map((one) => [one.material.id, Math.round(one.left!)])).toEqual([['corn-starch', 44]])
    expect(Math.round(of(2)[0].left!)).toBe(-212)
  })
})

describe('a recipe as it is written', () => {
  const base = recipe('oobleck')
  it.each<[string, unknown]>([
    ['An amount must be more than 0', { ...base, ingredients: base.ingredients.map((one) => ({ ...one, amount: 0 })) }],
    [
      'Write all of a recipe in parts, or none of it',
      { ...base, ingredients: [base.ingredients[0], { ...base.ingredients[1], measure: 'ml' }] },
    ],
    ['Name each ingredient once', { ...base, ingredients: [base.ingredients[0], base.ingredients[0]] }],
    ['Name at least one ingredient', { ...base, ingredients: [] }],
    ['The most is at least the usual amount', { ...base, ingredients: [{ ...base.ingredients[0], stop: 0.5 }] }],
  ])('is refused: %s', (message, value) => {
    expect(Recipe.safeParse(value).error!.issues.map((issue) => issue.message)).toContain(message)
  })
})
