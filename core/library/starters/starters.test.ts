import { describe, expect, it } from 'vitest'
import { MOST_OBJECTS, readThings } from '../../ideas'
import { Unit } from '../../domain'
import { aUnit } from '../../testing/build'
import { KNOWN_THINGS } from '../things'
import { STARTERS, startersFor } from './index'

const named = (text: string) => startersFor(text).map((one) => one.name)

describe('what a theme can begin with', () => {
  it('is sixty themes or more, each with a name of its own', () => {
    expect(STARTERS.length).toBeGreaterThanOrEqual(60)
    expect(new Set(STARTERS.map((one) => one.name.toLowerCase())).size).toBe(STARTERS.length)
  })
  it.each(STARTERS.map((one) => [one.name, one] as const))('%s says something for every corner', (_, one) => {
    expect(one.objects.length).toBeGreaterThanOrEqual(8)
    expect(one.words.length).toBeGreaterThanOrEqual(5)
    expect(one.questions.length).toBeGreaterThanOrEqual(3)
    expect(one.questions.every((question) => question.endsWith('?'))).toBe(true)
    expect(one.science.endsWith('?')).toBe(true)
    expect([one.place.roles.length, one.place.props.length, one.place.signs.length].every((count) => count >= 3)).toBe(true)
    expect(one.doing.length).toBeGreaterThanOrEqual(5)
    expect(one.letter).toMatch(/^[A-Z]$/)
    expect(one.number >= 1 && one.number <= 20).toBe(true)
    // It goes into a unit as it is.
    const objects = readThings(one.objects.join(', '), KNOWN_THINGS)
    expect(objects.length).toBe(one.objects.length)
    expect(objects.length).toBeLessThan(MOST_OBJECTS)
    expect(
      Unit.safeParse(
        aUnit({ name: one.name, bigIdea: one.bigIdea, objects, words: [...one.words], questions: [...one.questions] }),
      ).success,
    ).toBe(true)
  })
  it('is made of things that Kobby knows', () => {
    const unknown = STARTERS.flatMap((one) =>
      readThings(one.objects.join(', '), KNOWN_THINGS).flatMap((thing) => (thing.known ? [] : [`${one.name}: ${thing.name}`])),
    )
    expect(unknown).toEqual([])
  })
})

describe('a theme that is typed', () => {
  it('finds what fits, the best first', () => {
    expect(named('A bakery at night')).toEqual(['A bakery', 'Day and night'])
    expect(named('dinosaurs')[0]).toBe('Dinosaurs')
    expect(named('Fire station')[0]).toBe('Firefighters')
    expect(named('Life in the pond')[0]).toBe('Life in the pond')
    expect(named('cam')).toContain('Camping')
  })
  it('finds nothing where nothing fits', () => {
    expect(named('')).toEqual([])
    expect(named('zz')).toEqual([])
    expect(named('Grandma’s accordion')).toEqual([])
    expect(named('carpet')).toEqual([])
  })
})
