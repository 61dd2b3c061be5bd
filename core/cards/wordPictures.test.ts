import { describe, expect, it } from 'vitest'
import { RECIPES } from '../library'
import { picturesIn } from './wordPictures'

describe('pictures of a sentence', () => {
  it('show what a rule names, and what one does not do', () => {
    expect(picturesIn('It all stays in the bin.', 2)).toEqual([{ picture: 'bucket', not: false }])
    expect(picturesIn('Hands and scoops, no mouths.', 2)).toEqual([
      { picture: 'waving-hand', not: false },
      { picture: 'mouth', not: true },
    ])
    expect(picturesIn('We pick up what falls, together.', 2)).toEqual([{ picture: 'broom', not: false }])
    expect(picturesIn('Be as you like.', 2)).toEqual([])
  })
  it('show what goes in, by its two words where it has two', () => {
    expect(picturesIn('Pour the flour into the mixing bowl.', 3).map((one) => one.picture)).toEqual([
      'measuring-cup',
      'flour',
      'mixing-bowl',
    ])
  })
  it('help with most steps of what ships', () => {
    const steps = RECIPES.flatMap((recipe) => recipe.steps.filter((step) => step.who === 'child'))
    const shown = steps.filter((step) => picturesIn(step.text, 2).length)
    expect(shown.length / steps.length).toBeGreaterThan(0.5)
  })
})
