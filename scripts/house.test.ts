import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { arrowsIn, fileOf, importsOf, picture, PICTURE, roomOf, ROOMS, sentenceOf, type Arrow } from './house'

const core = arrowsIn('core')

/** A way through the files that comes back to where it began, if there is one. */
function circleIn(arrows: readonly Arrow[]): string[] | null {
  const next = new Map<string, Arrow[]>()
  for (const arrow of arrows) next.set(arrow.from, [...(next.get(arrow.from) ?? []), arrow])
  const done = new Set<string>()
  const look = (file: string, way: string[]): string[] | null => {
    if (way.includes(file)) return [...way.slice(way.indexOf(file)), file]
    if (done.has(file)) return null
    for (const { to } of next.get(file) ?? []) {
      const found = look(to, [...way, file])
      if (found) return found
    }
    done.add(file)
    return null
  }
  for (const file of next.keys()) {
    const found = look(file, [])
    if (found) return found
  }
  return null
}

describe('the rooms of core', () => {
  it('are all named, in the order in which they know each other', () => {
    const back = core.filter(({ from, to }) => {
      const [one, other] = [roomOf(from), roomOf(to)]
      return !one || !other || ROOMS.indexOf(other) > ROOMS.indexOf(one)
    })
    expect(back).toEqual([])
    expect(core.length).toBeGreaterThan(200)
  })
  it('are entered by their door', () => {
    // The library is large: what is in it is asked for piece by piece.
    const byWindow = core.filter(
      ({ from, to }) =>
        roomOf(from) !== roomOf(to) && roomOf(to) !== 'library' && !to.endsWith(`${roomOf(to)}/index.ts`),
    )
    expect(byWindow).toEqual([])
    // Nor from outside, but for what comes only when it is asked for.
    const fromOutside = arrowsIn('web', 'server', 'demo')
      .filter(({ to }) => to.startsWith('core/') && roomOf(to) !== 'library')
      .map(({ to }) => to)
      .filter((to) => to !== `core/${roomOf(to)}/index.ts`)
    expect([...new Set(fromOutside)].sort()).toEqual([
      'core/ideas/patterns/index.ts',
      'core/ideas/styles/others.ts',
      'core/ideas/styles/start.ts',
      'core/plan/checkHouse.ts',
    ])
  })
  it.each(ROOMS)('%s says in one sentence what is inside', (room) => {
    expect(sentenceOf(room)).toMatch(/^[A-Z].{20,}\.$/)
  })
  it('are drawn as they are', () => {
    expect(readFileSync(PICTURE, 'utf8')).toBe(picture())
  })
})

describe('imports', () => {
  it('are read from scripts and components, of types too', () => {
    expect(importsOf('web/views/GatherView.vue')).toContain('@core/domain')
    expect(fileOf('core/plan/place.ts', '../base')).toBe('core/base/index.ts')
    expect(fileOf('web/main.ts', 'vue')).toBeUndefined()
  })
  it('run in no circle', () => {
    expect(circleIn([...core, ...arrowsIn('server')])).toBeNull()
    expect(
      circleIn([
        { from: 'a', to: 'b' },
        { from: 'b', to: 'c' },
        { from: 'c', to: 'b' },
      ]),
    ).toEqual(['b', 'c', 'b'])
  })
})
