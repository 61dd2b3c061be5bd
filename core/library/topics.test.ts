import { describe, expect, it } from 'vitest'
import { ACTIVITIES } from './index'
import { KNOWN_THINGS } from './things'
import { topicsOf, WITH_TOPICS } from './topics'

describe('what the shipped ideas are about', () => {
  it('is said of each of them, in the order of the library, and of no other', () =>
    expect([...WITH_TOPICS].sort()).toEqual(ACTIVITIES.map((one) => one.id).sort()))
  it('names the main thing first, none twice, in small letters', () => {
    for (const { id, topics } of ACTIVITIES) {
      expect([id, new Set(topics).size]).toEqual([id, topics.length])
      for (const topic of topics) expect([id, topic]).toEqual([id, topic.toLowerCase()])
    }
    expect(topicsOf('bread-shapes')[0]).toBe('bread')
  })
  it('says nothing only of the one idea that is made of whatever the theme is', () =>
    expect(ACTIVITIES.filter((one) => !one.topics.length).map((one) => one.id)).toEqual(['theme-corner']))
  it('speaks mostly of things that a theme is made of', () => {
    const all = ACTIVITIES.flatMap((one) => one.topics)
    expect(all.filter((topic) => KNOWN_THINGS.has(topic)).length / all.length).toBeGreaterThan(0.6)
  })
})
