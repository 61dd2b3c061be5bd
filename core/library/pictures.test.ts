import { describe, expect, it } from 'vitest'
import { drawings as everyDrawing } from '../../scripts/drawings'
import { pictureOf } from './pictures'
import { KNOWN_THINGS } from './things'

const drawings = everyDrawing()
const drawn = [...KNOWN_THINGS].flatMap(([name, { picture }]) => (picture ? [[name, picture] as const] : []))

describe('the drawings of things', () => {
  it('are in the set, each of them', () => expect(drawn.filter(([, picture]) => !drawings.has(picture))).toEqual([]))
  it('are there for eight things of ten, and for none that only something else comes near', () => {
    expect(drawn.length / KNOWN_THINGS.size).toBeGreaterThan(0.8)
    expect(['frog', 'loaf', 'Fire truck', 'squirrel', 'Excavator', 'gizmo'].map(pictureOf)).toEqual([
      'frog',
      'bread',
      'fire-engine',
      'squirrel',
      'digger',
      '',
    ])
  })
})
