import { describe, expect, it } from 'vitest'
import { byId } from '@core/base'
import { Recipe } from '@core/domain'
import { MATERIALS, RECIPES } from '@core/library'
import { dietPlan, made, withSwaps } from '@core/making'
import { eatersOn } from '@core/plan'
import { demoHome } from './home'
import { MIX_CHECKED, THERE } from './mixChecked'

const { home, children } = demoHome('2026-03-10')
const usual = children.map((child) => ({ ...child, exceptions: [] }))
const materials = byId(MATERIALS)
const eaters = (date: string) => eatersOn(usual, date, home!.stageBounds)

describe('who can use what in the demo home', () => {
  it.each(THERE)('%s, a %s: everybody of the table is there, youngest first', (date, _, who) => {
    expect(eaters(date).map((one) => one.child.id)).toEqual(who)
  })

  it.each(RECIPES.map((one) => [one.id, one] as const))('%s, on each weekday', (id, recipe) => {
    const checked = MIX_CHECKED[id]
    for (const [date, weekday, who] of THERE) {
      const plan = dietPlan(recipe, eaters(date), materials)
      const said = {
        without: plan.without.map((one) => one.child.id).sort(),
        swaps: plan.swapIds,
        juno: plan.verdicts.find((one) => one.child.id === 'juno')?.is,
      }
      const juno = who.includes('juno')
      expect(said, weekday).toEqual({
        without: checked.without.filter((one) => who.includes(one)).sort(),
        swaps: juno && checked.forJuno ? [checked.forJuno] : [],
        juno: juno ? (checked.without.includes('juno') ? 'not' : checked.forJuno ? 'swap' : 'fine') : undefined,
      })
    }
  })

  it('has every recipe in the table, and none besides', () => {
    expect(Object.keys(MIX_CHECKED).sort()).toEqual(RECIPES.map((one) => one.id).sort())
  })

  it('says why somebody goes without', () => {
    const bread = dietPlan(
      RECIPES.find((one) => one.id === 'bread-in-a-bag')!,
      eaters('2026-03-10'),
      materials,
    )
    expect(bread.without.map((one) => `${one.child.name}: ${one.why}`)).toEqual([
      'Pip: It is not for this age',
      'Oona: It is not for tasting, and hands still go to the mouth',
      'Juno: It takes wheat flour, and nothing here takes its place',
    ])
  })

  it('makes the batch that leaves the fewest without, where nothing is right for all', () => {
    const recipe = RECIPES.find((one) => one.id === 'flour-paste')!
    const eater = (id: string, allergens: string[]) => ({
      child: { id, name: id, allergens, mouths: false },
      stage: 'preschool' as const,
    })
    const corn = byId(
      MATERIALS.map((one) =>
        one.id === 'corn-starch' ? { ...one, safety: { ...one.safety, allergens: ['corn'] } } : one,
      ),
    )
    const plan = (...who: ReturnType<typeof eater>[]) => {
      const { swapIds, without } = dietPlan(recipe, who, corn)
      return { swapIds, without: without.map((one) => `${one.child.id}: ${one.why}`) }
    }
    expect(plan(eater('a', ['wheat']), eater('b', ['wheat']), eater('c', ['corn']))).toEqual({
      swapIds: ['corn-starch'],
      without: ['c: The batch for the others has corn starch in it'],
    })
    expect(plan(eater('a', ['wheat']), eater('b', ['corn']), eater('c', ['corn']))).toEqual({
      swapIds: [],
      without: ['a: The batch for the others has wheat flour in it'],
    })
  })
})

describe('the recipes of the library', () => {
  it.each(RECIPES.map((one) => [one.id, one] as const))('%s is whole', (_, recipe) => {
    expect(Recipe.parse(recipe)).toEqual(recipe)
    for (const { materialId } of [...recipe.ingredients, ...recipe.swaps])
      expect(materials.has(materialId), materialId).toBe(true)
    if (recipe.makes) expect(materials.has(recipe.makes), recipe.makes).toBe(true)
    // As it is written, and with each of its swaps.
    for (const swaps of [[], ...recipe.swaps.map((one) => [one.id])]) {
      const swapped = withSwaps(recipe, swaps, (id) => materials.get(id)!.density)
      expect(made(swapped, materials, { by: 'children', stages: recipe.stages }, 'us').gives).toBeGreaterThan(0)
    }
    // What is added by feel says what right looks like, and what is not has no other amounts.
    for (const one of recipe.ingredients) expect(Boolean(one.until)).toBe(one.first < 1 || one.stop > 1)
    // Raw flour and what is no food is never said to be safe to taste.
    const hazards = recipe.ingredients.flatMap((one) => materials.get(one.materialId)!.safety.hazards)
    expect(recipe.tasteSafe && hazards.some((one) => one === 'raw-flour' || one === 'chemical')).toBe(false)
  })

  it('counts at least 36, each with its own name', () => {
    expect(RECIPES.length).toBeGreaterThanOrEqual(36)
    expect(new Set(RECIPES.map((one) => one.name)).size).toBe(RECIPES.length)
  })
})
