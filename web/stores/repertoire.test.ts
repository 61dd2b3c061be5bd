import { beforeEach, describe, expect, it } from 'vitest'
import { createPinia, setActivePinia } from 'pinia'
import { newCirclePart, type Circle } from '@core/domain'
import { PIECES } from '@core/library/repertoire'
import { withBrowserParts } from '../testing/browserParts'
import { useRepertoire } from './repertoire'

const [first, second, third] = PIECES
const circle = (...ids: string[]): Circle => ({
  id: 'c',
  unitId: 'unit',
  day: 1,
  parts: ids.map((id, i) => newCirclePart(`p${i}`, { pieceId: id })),
  turns: [],
  setAside: [],
})
beforeEach(() => {
  withBrowserParts()
  setActivePinia(createPinia())
})

describe('what circles sing', () => {
  it('is what came with the unit, as long as that is enough: the rest is not fetched for it', async () => {
    const repertoire = useRepertoire()
    repertoire.take([first, second])
    repertoire.take([second])
    expect(repertoire.forCircles([circle(first.id), circle(second.id, first.id)])).toEqual([first, second])
    // Asked again, it is the same list: whatever was computed from it holds.
    expect(repertoire.forCircles([circle(first.id)])).toBe(repertoire.forCircles([circle(second.id)]))
    await new Promise((done) => setTimeout(done))
    expect(repertoire.shipped).toEqual([])
  })
  it('is fetched where a circle names something else, as one does that was changed on another screen', async () => {
    const repertoire = useRepertoire()
    repertoire.take([first])
    expect(repertoire.forCircles([circle(first.id, third.id)])).toEqual([])
    await repertoire.load()
    expect(repertoire.forCircles([circle(first.id, third.id)])).toEqual(PIECES)
  })
  it('is nothing where nothing is sung, or where an answer that was kept knows of none', () => {
    const repertoire = useRepertoire()
    repertoire.take(undefined)
    expect([repertoire.forCircles([]), repertoire.forCircles([circle()])]).toEqual([[], []])
  })
})
