import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  aCenter,
  aChild,
  aHome,
  aMaterial,
  anActivity,
  aNeed,
  aPlacement,
  aSnapshot,
  aUnit,
  moment,
  setUp,
  shipped,
} from '../testing/build'
import { readingsOf } from '../readings'
import { canPlace, type Attempt } from './place'
import { resolvePlan } from './resolve'
import type { UnitSnapshot } from '../domain'

const verdict = (attempt: Partial<Attempt>, over: Partial<UnitSnapshot> = {}) => {
  const snapshot = aSnapshot(over)
  return canPlace(snapshot, resolvePlan(snapshot), { activityId: 'act', where: moment(1), ...attempt })
}
const refusal = (...args: Parameters<typeof verdict>) => {
  const answer = verdict(...args)
  if (answer.ok) throw new Error('was not refused')
  return answer.refusal
}

describe('a drop', () => {
  it('lands at the first fitting center', () => expect(verdict({})).toEqual({ ok: true, centerId: 'art' }))
  it('keeps a center that was asked for', () => {
    expect(
      verdict({ centerId: 'art-2' }, { centers: [aCenter(), aCenter({ id: 'art-2', name: 'Second table' })] }),
    ).toEqual({ ok: true, centerId: 'art-2' })
  })
  it('is refused where it takes longer than the block, with places that are long enough', () => {
    const over = { activities: [anActivity({ minutes: { setUp: 0, do: 45, clear: 0 } })] }
    const { code, reason, remedies } = refusal({ where: moment(1, 'circle') }, over)
    expect(code).toBe('too-long')
    expect(reason).toBe('An activity takes 45 minutes; Circle has 30 left.')
    expect(remedies.map((one) => one.words)).toEqual([
      'Choice, Wed 4 (day 1)',
      'Nap, Wed 4 (day 1)',
      'After, Wed 4 (day 1)',
    ])
  })
  it('is refused where nobody could take part, and says why for each', () => {
    const { code, reason, remedies } = refusal(
      { where: moment(1, 'nap') },
      {
        children: [
          aChild({ naps: [{ from: '12:30', to: '14:00' }] }),
          aChild({ id: 'bo', name: 'Bo', attendance: { fri: { from: '08:00', to: '17:00' } } }),
        ],
      },
    )
    expect([code, reason]).toEqual(['nobody', 'Nobody could take part: Ann asleep then and Bo not here then.'])
    expect(remedies).toHaveLength(3)
  })
  it('is refused on lunch, on an unknown block, past the end, and on a dropped day', () => {
    expect(refusal({ where: moment(1, 'lunch') }).code).toBe('block-takes-none')
    expect(refusal({ where: moment(1, 'gone') }).code).toBe('no-such-block')
    expect(refusal({ where: moment(11) }).code).toBe('no-such-day')
    const closed = {
      home: aHome({ closures: [{ date: '2026-03-04', reason: 'Storm' }] }),
      unit: aUnit({ closureHandling: { '2026-03-04': 'drop' as const } }),
    }
    expect(refusal({}, closed)).toMatchObject({ code: 'day-dropped', reason: 'Day 1 is skipped: Storm.' })
    expect(refusal({}, closed).remedies[0].where).toMatchObject({ day: 2 })
  })
  it('is refused outside its block', () =>
    expect(refusal({ where: moment(1, 'choice', '11:00') }).code).toBe('starts-outside'))
  it('is refused where the home has no such center', () => {
    expect(refusal({}, { centers: [] })).toMatchObject({
      code: 'no-center',
      reason: 'An activity needs art table, and this home has none.',
      remedies: [],
    })
  })
  it('is refused twice in one block, but not for itself', () => {
    const over = { placements: [aPlacement(moment(1))] }
    expect(refusal({}, over).code).toBe('twice')
    expect(verdict({ movingId: 'placed' }, over).ok).toBe(true)
  })
  it('is refused at a center that holds something else, and may stand after it', () => {
    const over = {
      activities: [anActivity({ standing: true }), anActivity({ id: 'other', title: 'The other', standing: true })],
      placements: [aPlacement(setUp(1, 3), { centerId: 'art', activityId: 'other' })],
    }
    const { code, reason, remedies } = refusal({ where: setUp(2, 4) }, over)
    expect([code, reason]).toEqual(['center-taken', 'Art table holds The other on those days.'])
    expect(remedies[0].where).toEqual(setUp(4, 6))
  })
  it('cannot stand by itself where it needs its moment', () =>
    expect(refusal({ where: setUp(1, 2) }).code).toBe('cannot-stand'))
  it('is refused for an idea that is gone', () => expect(refusal({ activityId: 'gone' }).code).toBe('unknown-activity'))

  it('offers only places that would be taken', () => {
    const { materials, activities } = shipped()
    const anyWhere = fc.oneof(
      fc.record({
        kind: fc.constant('moment' as const),
        day: fc.integer({ min: 1, max: 12 }),
        blockId: fc.constantFrom('circle', 'choice', 'lunch', 'nap', 'after'),
        from: fc.constant(null),
      }),
      fc
        .tuple(fc.integer({ min: 1, max: 10 }), fc.nat(5))
        .map(([from, more]) => setUp(from, Math.min(10, from + more))),
    )
    fc.assert(
      fc.property(fc.constantFrom(...activities.map((one) => one.id)), anyWhere, (activityId, where) => {
        const snapshot = aSnapshot({
          materials,
          activities,
          centers: [aCenter(), aCenter({ id: 'rug', kind: 'blocks', name: 'Rug' })],
        })
        const plan = resolvePlan(snapshot)
        const answer = canPlace(snapshot, plan, { activityId, where })
        if (!answer.ok)
          for (const slot of answer.refusal.remedies)
            expect(canPlace(snapshot, plan, { activityId, where: slot.where }).ok).toBe(true)
      }),
    )
  })
})

describe('the readings', () => {
  it('are the same after a move and its way back, and do not change what they read', () => {
    const { materials, activities } = shipped()
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.nat(activities.length - 1),
            fc.integer({ min: 1, max: 10 }),
            fc.constantFrom('circle', 'choice', 'nap', 'after'),
          ),
          { minLength: 1, maxLength: 12 },
        ),
        (list) => {
          const placements = list.map(([i, day, block], n) =>
            aPlacement(moment(day, block), { id: `p-${n}`, activityId: activities[i].id }),
          )
          const snapshot = Object.freeze(
            aSnapshot({
              materials,
              activities,
              placements,
              children: [aChild(), aChild({ id: 'bo', name: 'Bo', born: '2024-10-01', mouths: true })],
            }),
          )
          const show = (one: UnitSnapshot) => {
            const { lines, money, cautions } = readingsOf(one)
            return JSON.stringify({
              lines: lines.map((line) => [line.material.id, line.need, line.shortage, line.cost]),
              money: money.total,
              cautions: cautions.map((one) => one.why),
            })
          }
          const before = show(snapshot)
          show({ ...snapshot, placements: placements.slice(1) })
          expect(show(snapshot)).toBe(before)
        },
      ),
      { numRuns: 40 },
    )
  })
  it('report a placement whose block has gone from the rhythm', () => {
    expect(resolvePlan(aSnapshot({ placements: [aPlacement(moment(1, 'gone'))] })).problems).toMatchObject([
      { placementId: 'placed' },
    ])
  })
  it('do not fail on a swap to a material that is gone', () => {
    const { lines } = readingsOf(
      aSnapshot({
        materials: [aMaterial()],
        activities: [anActivity({ requirements: [aNeed('thing')] })],
        placements: [aPlacement(moment(1), { swaps: { thing: 'gone' } })],
      }),
    )
    expect(lines).toEqual([])
  })
})
