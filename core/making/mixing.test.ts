import { describe, expect, it } from 'vitest'
import { byId } from '../base'
import { MATERIALS, RECIPES } from '../library'
import {
  isLong,
  latestStart,
  timelineOf,
  feel,
  feltAtFirst,
  isMost,
  leftWords,
  made,
  spoonOf,
  stepBack,
  stepOn,
  type Mixing,
} from '.'

const bread = RECIPES.find((one) => one.steps.some((step) => step.wait > 0))!
const dough = made(
  RECIPES.find((one) => one.id === 'no-cook-dough')!,
  byId(MATERIALS),
  { by: 'portions', portions: 6 },
  'us',
)
const water = dough.lines.find((line) => line.ingredient.id === 'water')!
const NOW = 1_800_000_000_000
const begun = (over: Partial<Mixing> = {}): Mixing => ({
  id: 'm',
  recipeId: bread.id,
  name: bread.name,
  unitId: null,
  date: '2026-03-10',
  swapIds: [],
  factor: 1,
  children: 4,
  step: 0,
  felt: feltAtFirst(dough),
  timers: [],
  ...over,
})

describe('mixing step by step', () => {
  const waits = bread.steps.findIndex((step) => step.wait > 0)
  it('starts the wait of a step when it is done, and goes no further than the last', () => {
    const after = stepOn(begun({ step: waits }), bread, NOW)
    expect(after).toMatchObject({
      step: waits + 1,
      timers: [{ step: waits, endsAt: NOW + bread.steps[waits].wait * 60_000 }],
    })
    const done = begun({ step: bread.steps.length })
    expect(stepOn(done, bread, NOW)).toBe(done)
  })
  it('takes the wait back with the step, and goes no further back than the first', () => {
    expect(stepBack(stepOn(begun({ step: waits }), bread, NOW))).toMatchObject({ step: waits, timers: [] })
    expect(stepBack(begun()).step).toBe(0)
  })
  it('begins with the first of the water, adds to it, and never comes to less than none', () => {
    const first = begun().felt.water
    expect(first).toBeCloseTo(water.ml! * 0.25, 9)
    expect(feel(begun(), 'water', 15).felt.water).toBeCloseTo(first + 15, 9)
    expect(feel(begun(), 'water', -10_000).felt.water).toBe(0)
  })
})

describe('a spoon', () => {
  it('is a tablespoon of much and a teaspoon of little, in the cups of the home', () => {
    expect(spoonOf(water, 'metric')).toEqual({ words: '1 tbsp', amount: 15 })
    expect(spoonOf(water, 'us').amount).toBeCloseTo(14.787, 3)
    expect(spoonOf({ ...water, ml: 20, g: 20 }, 'metric')).toEqual({ words: '1 tsp', amount: 5 })
  })
  it('is weighed where the recipe goes by the scale, and counted where pieces go in', () => {
    const byScale = { ...water, ingredient: { ...water.ingredient, measure: 'g' as const }, ml: 100, g: 50 }
    expect(spoonOf(byScale, 'metric')).toEqual({ words: '1 tsp', amount: 2.5 })
    expect(spoonOf({ ...byScale, ml: null }, 'metric')).toEqual({ words: '5 g', amount: 5 })
    expect(spoonOf({ ...water, each: 4 }, 'us')).toEqual({ words: '1 more', amount: 1 })
  })
  it('too many is said at the most that the recipe allows', () => {
    expect(isMost(water, water.stop!.ml! - 1)).toBe(false)
    expect(isMost(water, water.stop!.ml!)).toBe(true)
    expect(isMost({ ...water, stop: null }, 1e9)).toBe(false)
  })
})

describe('a wait', () => {
  const ends = (ms: number) => ({ step: 0, endsAt: NOW + ms })
  it.each([
    [160_000, '2:40 left'],
    [59_000, '0:59 left'],
    [3_600_000, '1 h 0 min left'],
    [11_400_000, '3 h 10 min left'],
    [3 * 86_400_000, '3 days left'],
    [0, 'ready'],
    [-5000, 'ready'],
  ])('of %d ms is said as %s', (ms, words) => expect(leftWords(ends(ms), NOW)).toBe(words))
})

describe('a recipe on the clock', () => {
  const boats = RECIPES.find((one) => one.id === 'ice-boats')!
  const long = boats.steps.reduce((sum, step) => sum + step.minutes + step.wait, 0) * 60_000
  it('is ready once every step and every wait is over', () => {
    const line = timelineOf(boats, NOW)
    expect(line[0].from).toBe(NOW)
    expect(line[line.length - 1].ready).toBe(NOW + long)
    for (const [i, step] of line.entries()) {
      expect(step.ready - step.to).toBe(boats.steps[i].wait * 60_000)
      if (i) expect(step.from).toBe(line[i - 1].ready)
    }
  })
  it('must be begun so long before it is needed', () => {
    const due = NOW + 5 * long
    expect(timelineOf(boats, latestStart(boats, due)).at(-1)!.ready).toBe(due)
  })
  it('is long where it freezes over night, and not where it is stirred', () => {
    expect(isLong(boats)).toBe(true)
    expect(isLong(RECIPES.find((one) => one.id === 'oobleck')!)).toBe(false)
  })
})
