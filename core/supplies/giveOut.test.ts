import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Activity, UnitSnapshot } from '../domain'
import { resolvePlan } from '../plan'
import { aMaterial, anActivity, aNeed, aPlacement, aSnapshot, moment } from '../testing/build'
import { isToGet, supplyList } from './supplyList'
import { underLeast } from './give'

const world = (over: Partial<UnitSnapshot>) => {
  const snapshot = aSnapshot(over)
  return supplyList(snapshot, resolvePlan(snapshot))
}
const early = (id: string, minutes: number, wait: number | 'overnight' = 0): Activity =>
  anActivity({
    id,
    requirements: [aNeed('thing', { quantity: 5 })],
    prep: [{ id: 'make', text: 'Make it', minutes, wait, splits: false, uses: ['thing'], kind: null, per: null }],
  })

describe('what is on hand', () => {
  it('goes to what is prepared first, though another placement starts before it', () => {
    // The salt dough of Monday dries for three days: it is kneaded on Friday at nine, before Friday’s choice time.
    const activities = [
      anActivity({ id: 'print', requirements: [aNeed('thing', { quantity: 5 })] }),
      early('dough', 30, 4320),
    ]
    const [line] = world({
      activities,
      materials: [aMaterial({ onHand: 5 })],
      placements: [
        aPlacement(moment(3), { id: 'a', activityId: 'print' }),
        aPlacement(moment(4), { id: 'b', activityId: 'dough' }),
      ],
    })
    expect(line.needs.map((need) => [need.session.activity.id, need.short])).toEqual([
      ['dough', 0],
      ['print', 5],
    ])
    expect(line.firstUse).toMatchObject({ by: 'prep', step: 'Make it' })
  })
  it('is given in order of first use, whatever is prepared when', () => {
    const some = fc.record({
      day: fc.integer({ min: 1, max: 10 }),
      minutes: fc.integer({ min: 0, max: 90 }),
      wait: fc.constantFrom(0, 600, 2880, 'overnight' as const),
    })
    fc.assert(
      fc.property(
        fc.array(some, { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 0, max: 40 }),
        fc.constantFrom('consumable' as const, 'reusable' as const),
        (list, onHand, use) => {
          const activities = list.map((one, i) => early(`act-${i}`, one.minutes, one.wait))
          const placements = list.map((one, i) => aPlacement(moment(one.day), { id: `p-${i}`, activityId: `act-${i}` }))
          const [line] = world({ activities, placements, materials: [aMaterial({ onHand, use })] })
          const minutes = line.needs.map((need) => need.use.minute)
          expect(minutes).toEqual([...minutes].sort((a, b) => a - b))
          if (use === 'reusable') return
          const given = line.needs.map((need) => need.quantity - need.short)
          // Nobody gets anything once somebody before was short.
          const firstShort = line.needs.findIndex((need) => need.short > 0)
          if (firstShort >= 0) expect(given.slice(firstShort + 1).every((one) => one === 0)).toBe(true)
          expect(given.reduce((sum, one) => sum + one, 0)).toBe(Math.min(onHand, list.length * 5))
        },
      ),
      { numRuns: 200 },
    )
  })
})

describe('what is past its date', () => {
  const use = {
    activities: [anActivity({ requirements: [aNeed('thing', { quantity: 3 })] })],
    placements: [aPlacement(moment(5))],
  }
  it('is not short where the house always has it', () => {
    const [line] = world({ ...use, materials: [aMaterial({ way: 'have', expires: '2026-03-03' })] })
    expect([line.shortage, isToGet(line)]).toEqual([0, false])
  })
  it('does not count toward the least that the house keeps', () => {
    const salt = aMaterial({ onHand: 20, par: 10, expires: '2026-03-01' })
    const [line] = world({ materials: [salt] })
    expect([line.topUp, underLeast(salt, '2026-03-02'), underLeast(salt, '2026-03-01')]).toEqual([10, 10, 0])
    expect(world({ materials: [{ ...salt, expires: '2026-03-02' }] })).toEqual([])
    expect(underLeast({ ...salt, way: 'have', onHand: 0 }, '2026-03-02')).toBe(0)
    expect(underLeast({ ...salt, condition: 'mend', expires: null }, '2026-03-02')).toBe(10)
  })
  it('does not count with what is planned either', () => {
    const [line] = world({ ...use, materials: [aMaterial({ onHand: 20, par: 10, expires: '2026-03-01' })] })
    expect([line.shortage, line.topUp]).toEqual([3, 10])
  })
})
