import fc from 'fast-check'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { UnitSnapshot, Where } from '@core/domain'
import { endEarly, slideFrom } from '@core/plan'
import { pulseOf, readingsOf } from '@core/readings'
import { clashRemedies, materialClashes } from '@core/supplies'
import { openDemoStores } from '../testing/demoStores'
import { useBasket } from './basket'
import { thingMaterial } from '@core/ideas'
import { useBoard } from './board'
import { usePresence } from './presence'
import { useHouse } from './house'
import { useRows } from './rows'
import { useUnit } from './unit'

const TODAY = '2026-03-10'
beforeEach(async () => {
  await openDemoStores('wheels-and-ramps', TODAY)
  vi.useFakeTimers()
})
afterEach(() => vi.useRealTimers())
const at = (day: number, blockId = 'choice'): Where => ({ kind: 'moment', day, blockId, from: null })
const placementOf = (activityId: string) => useUnit().placements.find((one) => one.activityId === activityId)!
const carry = (activityId: string) => ({ placementId: placementOf(activityId).id, activityId })
const scratch = () => readingsOf(JSON.parse(JSON.stringify(useUnit().snapshot)) as UnitSnapshot)

describe('before a drop', () => {
  it('what it would change is said, once the card is held there for a moment', () => {
    const board = useBoard()
    board.look(carry('wall-of-wheels'), at(2))
    expect(board.preview).toBeNull()
    vi.advanceTimersByTime(100)
    expect(board.preview!.preparation).toEqual({ words: '9 min over less', better: true })
    board.look(null, null)
    expect(board.preview).toBeNull()
  })
  it('and what was computed for it is what the plan has after it', () => {
    const [board, unit] = [useBoard(), useUnit()]
    board.look(carry('wall-of-wheels'), at(2))
    vi.advanceTimersByTime(100)
    expect(board.preview).not.toBeNull()
    board.drop(carry('wall-of-wheels'), at(2))
    expect(pulseOf(unit.readings!)).toEqual(pulseOf(scratch()))
    expect(unit.readings!.plan.sessions.map((one) => [one.placement.id, one.from])).toEqual(
      scratch().plan.sessions.map((one) => [one.placement.id, one.from]),
    )
  })
})

it('readings after any run of looks and drops are those computed from the plan as it stands', async () => {
  const ideas = ['wall-of-wheels', 'straw-blowing', 'rice-rescue', 'road-signs', 'freeze-dance']
  await fc.assert(
    fc.asyncProperty(
      fc.array(
        fc.record({
          idea: fc.constantFrom(...ideas),
          day: fc.integer({ min: 1, max: 5 }),
          block: fc.constantFrom('circle', 'choice', 'outdoors', 'after'),
          looks: fc.boolean(),
        }),
        { minLength: 1, maxLength: 5 },
      ),
      async (moves) => {
        await openDemoStores('wheels-and-ramps', TODAY)
        const board = useBoard()
        for (const { idea, day, block, looks } of moves) {
          const what = { placementId: placementOf(idea)?.id ?? null, activityId: idea }
          if (looks) {
            board.look(what, at(day, block))
            vi.advanceTimersByTime(100)
            void board.preview
          }
          board.drop(what, at(day, block))
          expect(JSON.stringify(pulseOf(useUnit().readings!))).toBe(JSON.stringify(pulseOf(scratch())))
        }
      },
    ),
    { numRuns: 12 },
  )
})

describe('a whole move', () => {
  it('that ends the unit early keeps in the basket what was planned later', () => {
    const [board, unit] = [useBoard(), useUnit()]
    for (const idea of unit.ideas.filter((one) => one.activityId === 'salt-dough-tags')) useBasket().leave(idea)
    board.make(endEarly(unit.unit!, unit.placements, 3), 'End with day 3')
    expect(unit.unit!.days).toBe(3)
    expect(unit.placements.some((one) => one.activityId === 'salt-dough-tags')).toBe(false)
    expect(unit.unplaced.map((idea) => idea.activityId)).toContain('salt-dough-tags')
    expect(unit.readings!.plan.problems).toEqual([])
  })
  it('that slides the rest loses no card', () => {
    const [board, unit] = [useBoard(), useUnit()]
    const before = unit.placements.length
    board.make(slideFrom(unit.unit!, unit.placements, 4, 1), 'Slide')
    expect([unit.placements.length, unit.unit!.days, placementOf('rice-rescue').where]).toEqual([before, 6, at(5)])
  })
  it('copies a card to where it fits, and says why where it does not', () => {
    const [board, unit] = [useBoard(), useUnit()]
    expect(board.copyTo(placementOf('freeze-dance'), at(4, 'circle'))).toBe(true)
    expect(unit.placements.filter((one) => one.activityId === 'freeze-dance')).toHaveLength(2)
    expect(board.copyTo(placementOf('freeze-dance'), at(9, 'circle'))).toBe(false)
    expect(board.refused!.reason).toContain('5 days')
  })
})

describe('who is here', () => {
  it('changes the readings at once, for that date only, and as usual again is no exception', () => {
    const [presence, unit, house] = [usePresence(), useUnit(), useHouse()]
    const short = () => pulseOf(unit.readings!).adults.minutes
    expect(short()).toBe(150)
    presence.setChild('idris', '2026-03-23', null)
    expect(short()).toBe(75)
    presence.setChild('idris', '2026-03-23', undefined)
    expect([short(), house.children.find((one) => one.id === 'idris')!.exceptions]).toEqual([150, []])
    presence.setHours('teo', '2026-03-25', { from: '08:30', to: '16:30' })
    expect(short()).toBe(75)
  })
})

it('mends a clash of materials, and buying leaves the plan as it is', () => {
  const [board, unit] = [useBoard(), useUnit()]
  const [clash] = materialClashes(unit.readings!.plan)
  const remedies = clashRemedies(clash, unit.snapshot!, unit.readings!.plan)
  const plan = JSON.stringify(unit.placements)
  board.mendClash(remedies.find((one) => one.kind === 'buy')!)
  expect(JSON.stringify(unit.placements)).toBe(plan)
  board.mendClash(remedies.find((one) => one.kind === 'fewer')!)
  expect(materialClashes(unit.readings!.plan)).toEqual([])
})

describe('a size that somebody saw at a paper tube', () => {
  it('is kept of the material, and of the object of the theme where it is one', () => {
    const [board, unit, rows, house] = [useBoard(), useUnit(), useRows(), useHouse()]
    const thing = unit.theme!.things[0]
    const value = { ...thingMaterial(thing), safety: { ...thingMaterial(thing).safety, partMm: null, measured: false } }
    rows.accept([{ kind: 'material', id: value.id, version: 1, value }])
    const answer = (materialId: string, goesThrough: boolean) =>
      board.remedy(unit.placements[0], { kind: 'measure', materialId, goesThrough, words: '' })
    answer(value.id, false)
    expect(house.materialsById.get(value.id)!.safety).toMatchObject({ partMm: [80, 60, 50], measured: true })
    expect(unit.theme!.things[0]).toMatchObject({ one: thing.one, pieceMm: [80, 60, 50], asked: true, piece: 'large' })
    const other = house.materials.find((one) => !one.id.startsWith('thing-'))!
    const objects = unit.unit!.objects
    answer(other.id, true)
    expect(house.materialsById.get(other.id)!.safety).toMatchObject({ partMm: [30, 25, 25], measured: true })
    expect(unit.unit!.objects).toEqual(objects)
  })
})
