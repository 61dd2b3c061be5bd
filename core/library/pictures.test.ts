import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { pictureOf } from './pictures'
import { KNOWN_THINGS } from './things'

const drawings = new Set(
  Object.keys(
    (
      JSON.parse(readFileSync('node_modules/@iconify-json/fluent-emoji-flat/icons.json', 'utf8')) as {
        icons: Record<string, unknown>
      }
    ).icons,
  ),
)
const drawn = [...KNOWN_THINGS].flatMap(([name, { picture }]) => (picture ? [[name, picture] as const] : []))

describe('the drawings of things', () => {
  it('are in the set, each of them', () => expect(drawn.filter(([, picture]) => !drawings.has(picture))).toEqual([]))
  it('are there for six things of ten, and for none that only something else comes near', () => {
    expect(drawn.length / KNOWN_THINGS.size).toBeGreaterThan(0.55)
    expect(['frog', 'loaf', 'Fire truck', 'squirrel', 'acorn', 'gizmo'].map(pictureOf)).toEqual([
      'frog',
      'bread',
      'fire-engine',
      '',
      '',
      '',
    ])
  })
})
