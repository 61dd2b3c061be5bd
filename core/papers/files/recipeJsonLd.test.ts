import { describe, expect, it } from 'vitest'
import { byId } from '../../base'
import { MATERIALS, RECIPES } from '../../library'
import { recipeOfDraft } from '../../making'
import { readJsonLd, recipeJsonLd } from '..'

const materials = byId(MATERIALS)
const nameOf = (id: string) => materials.get(id)?.name ?? id
const FROM_ELSEWHERE = {
  '@context': 'https://schema.org',
  '@graph': [
    { '@type': 'WebPage', name: 'A page' },
    {
      '@type': ['Recipe'],
      name: 'Flat breads',
      recipeYield: ['8 breads'],
      recipeIngredient: ['2 cups wheat flour', '1/2 cup yogurt'],
      recipeInstructions: [
        { '@type': 'HowToSection', itemListElement: [{ '@type': 'HowToStep', text: 'Knead it.' }] },
        { '@type': 'HowToStep', text: 'Bake it in a pan.' },
      ],
    },
  ],
}

describe('a recipe as JSON-LD', () => {
  it('says to every program what it is, what goes in and what is done', () => {
    const file = recipeJsonLd(
      RECIPES.find((one) => one.id === 'oobleck')!,
      nameOf,
    )
    expect(file).toMatchObject({
      '@type': 'Recipe',
      name: 'Oobleck',
      recipeIngredient: ['2 parts corn starch', expect.stringMatching(/^1 parts water, by feel: /)],
    })
    expect((file.recipeInstructions as unknown[])[0]).toEqual({
      '@type': 'HowToStep',
      text: 'Pour the starch into the tub.',
    })
  })
  it.each(RECIPES.map((one) => [one.name, one] as const))('%s comes back as it went out', (_, recipe) =>
    expect(readJsonLd(JSON.parse(JSON.stringify(recipeJsonLd(recipe, nameOf))))).toMatchObject({ recipe }),
  )
  it('from elsewhere is a draft to look over', () => {
    const read = readJsonLd(FROM_ELSEWHERE)
    expect(read).toMatchObject({
      draft: {
        name: 'Flat breads',
        ingredients: '2 cups wheat flour\n1/2 cup yogurt',
        steps: 'Knead it.\nBake it in a pan.',
        gives: { quantity: 8, unit: 'each' },
      },
    })
    if (!('draft' in read)) throw new Error('No draft')
    const made = recipeOfDraft(read.draft, 'own', null, MATERIALS, () => 'new-1')
    expect('recipe' in made && made.recipe.steps.map((step) => step.text)).toEqual(['Knead it', 'Bake it in a pan'])
  })
  it('reads steps that are one text', () => {
    const read = readJsonLd({
      '@type': 'Recipe',
      name: 'Soup',
      ingredients: ['1 l water'],
      recipeInstructions: 'Boil it. Let it cool.',
    })
    expect('draft' in read && read.draft.steps).toBe('Boil it.\nLet it cool.')
  })
  it.each([
    [null, '@type: There is no recipe in this file'],
    [{ '@type': 'Person', name: 'A' }, '@type: There is no recipe in this file'],
    [{ '@type': 'Recipe', name: 'A' }, 'recipeIngredient: It names nothing that goes in'],
    [{ '@type': 'Recipe', name: 'A', recipeIngredient: ['1 egg'] }, 'recipeInstructions: It says no step'],
    [{ '@type': 'Recipe', name: 7 }, 'name: '],
  ])('%j says what is wrong', (value, fault) => {
    const read = readJsonLd(value)
    expect('faults' in read && read.faults.map((one) => `${one.field}: ${one.message}`).join()).toContain(fault)
  })
})
