import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { newEvent, newSlowProject, type Placement, type UnitSnapshot } from '../domain'
import { aCenter, aChild, aHome, anActivity, aPlacement, aSnapshot, aUnit, moment, setUp } from '../testing/build'
import { blocksOn, eventOn, replacedOn } from './blocks'
import { copyOf, endEarly, repeatOn, rotate, slideFrom, stretchUnit, swapTwo, type Move } from './moves'
import { lanesOf } from './lanes'
import { resolvePlan } from './resolve'

let count = 0
const newId = () => `new-${++count}`
const short = anActivity({ id: 'short', title: 'Short', minutes: { setUp: 0, do: 10, clear: 0 } })
const long = anActivity({ id: 'long', title: 'Long', minutes: { setUp: 0, do: 50, clear: 0 } })
const stands = anActivity({ id: 'stands', title: 'Stands', standing: true })
const other = anActivity({ id: 'other', title: 'Other', standing: true })
const world = (placements: Placement[], over: Partial<UnitSnapshot> = {}) => {
  const snapshot = aSnapshot({
    activities: [short, long, stands, other],
    unit: aUnit({ days: 5 }),
    placements,
    ...over,
  })
  return { snapshot, plan: resolvePlan(snapshot) }
}
const where = (move: Move) => move.puts.map((one) => one.where)

describe('repeat', () => {
  const { snapshot, plan } = world([
    aPlacement(moment(1, 'choice', '09:40'), {
      id: 'a',
      activityId: 'short',
      status: 'done',
      went: { liked: 3, note: '' },
    }),
    aPlacement(moment(3), { id: 'b', activityId: 'short' }),
  ])
  it('lays a copy on each chosen day at the same time, planned and with nothing of how it went', () => {
    const repeat = repeatOn(snapshot, plan, snapshot.placements[0], [4, 2, 2, 1], newId)
    expect(where(repeat)).toEqual([moment(2, 'choice', '09:40'), moment(4, 'choice', '09:40')])
    expect(repeat.puts.map((one) => [one.status, one.went, one.activityId])).toEqual([
      ['planned', null, 'short'],
      ['planned', null, 'short'],
    ])
  })
  it('says which days would not take one, and why', () => {
    const repeat = repeatOn(snapshot, plan, snapshot.placements[0], [3, 9], newId)
    expect([repeat.puts, repeat.refused.map((one) => [one.day, one.refusal.code])]).toEqual([
      [],
      [
        [3, 'twice'],
        [9, 'no-such-day'],
      ],
    ])
  })
})

describe('swap', () => {
  it('gives each the other’s day, block and start', () => {
    const { snapshot, plan } = world([
      aPlacement(moment(1, 'choice', '10:00'), { id: 'a', activityId: 'short' }),
      aPlacement(moment(2, 'after', '15:30'), { id: 'b', activityId: 'long' }),
    ])
    // Long takes 50 minutes and choice has 30 left from 10:00: it starts with the block instead.
    expect(where(swapTwo(snapshot, plan, snapshot.placements[0], snapshot.placements[1]) as Move)).toEqual([
      moment(2, 'after', '15:30'),
      moment(1, 'choice'),
    ])
  })
  it('is refused with the reason where one cannot lie there, and leaves a pin alone', () => {
    const { snapshot, plan } = world([
      aPlacement(moment(1, 'circle'), { id: 'a', activityId: 'short' }),
      aPlacement(moment(2, 'after'), { id: 'b', activityId: 'long' }),
    ])
    expect(swapTwo(snapshot, plan, snapshot.placements[0], snapshot.placements[1])).toEqual({
      refused: 'Long takes 50 minutes; Circle has 30 left.',
    })
    expect(() =>
      swapTwo(snapshot, plan, { ...snapshot.placements[0], pinnedDate: '2026-03-04' }, snapshot.placements[1]),
    ).toThrow('unpin')
  })
  it('twice is as it was', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 5 }),
        fc.integer({ min: 1, max: 5 }),
        fc.constantFrom('choice', 'after', 'nap'),
        fc.constantFrom('choice', 'after', 'nap'),
        (d1, d2, b1, b2) => {
          const first = world([
            aPlacement(moment(d1, b1), { id: 'a', activityId: 'short', centerId: 'art' }),
            aPlacement(moment(d2, b2), { id: 'b', activityId: 'long', centerId: 'art' }),
          ]).snapshot
          const once = swapTwo(first, resolvePlan(first), first.placements[0], first.placements[1])
          if ('refused' in once) return
          const second = { ...first, placements: once.puts }
          expect(
            (swapTwo(second, resolvePlan(second), second.placements[0], second.placements[1]) as Move).puts,
          ).toEqual(first.placements)
        },
      ),
    )
  })
})

describe('a longer or shorter unit', () => {
  const unit = aUnit({
    days: 5,
    events: [newEvent(5, 'Picnic')],
    slowProjects: [newSlowProject('sprouts', 'Sprouts', 1, 5)],
  })
  const placements = [
    aPlacement(setUp(1, 5), { id: 'out', activityId: 'stands' }),
    aPlacement(setUp(1, 3), { id: 'part', activityId: 'other' }),
    aPlacement(moment(4), { id: 'late', activityId: 'short' }),
  ]
  it('stretched, keeps out what stood until its end', () => {
    const move = stretchUnit(unit, placements, 3)
    expect([move.unit!.days, move.puts.map((one) => one.id), where(move)]).toEqual([8, ['out'], [setUp(1, 8)]])
  })
  it('ended early, puts away what stands and gives back what would lie later', () => {
    const move = endEarly(unit, placements, 2)
    expect([
      where(move),
      move.removes.map((one) => one.id),
      move.unit!.days,
      move.unit!.events,
      move.unit!.slowProjects,
    ]).toEqual([[setUp(1, 2), setUp(1, 2)], ['late'], 2, [], [newSlowProject('sprouts', 'Sprouts', 1, 2)]])
  })
  it('takes no day that is none', () => {
    for (const day of [0, 5, 2.5, NaN]) expect(() => endEarly(unit, placements, day)).toThrow('days')
    expect(() => stretchUnit(unit, placements, 60)).toThrow('at most 60')
  })
})

describe('sliding', () => {
  const placements = [
    aPlacement(moment(1), { id: 'before', activityId: 'short' }),
    aPlacement(moment(3), { id: 'moves', activityId: 'short' }),
    aPlacement(moment(3, 'after'), { id: 'pinned', activityId: 'long', pinnedDate: '2026-03-06' }),
    aPlacement(moment(4), { id: 'done', activityId: 'short', status: 'done' }),
    aPlacement(setUp(1, 5), { id: 'out', activityId: 'stands' }),
    aPlacement(setUp(4, 5), { id: 'later', activityId: 'other' }),
  ]
  it('moves what is still planned from a day on, lets the pinned, the done and the standing be, and lengthens the unit for it', () => {
    const move = slideFrom(aUnit({ days: 5 }), placements, 3, 1)
    expect(move.puts.map((one) => [one.id, one.where])).toEqual([
      ['moves', moment(4)],
      ['later', setUp(5, 6)],
    ])
    expect(move.unit!.days).toBe(6)
  })
  it('loses nothing, whatever is slid', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 6 }), fc.integer({ min: 1, max: 9 }), (from, by) => {
        const move = slideFrom(aUnit({ days: 5 }), placements, from, by)
        const days = move.unit?.days ?? 5
        for (const one of move.puts)
          expect(one.where.kind === 'moment' ? one.where.day : one.where.toDay).toBeLessThanOrEqual(days)
        expect(move.removes).toEqual([])
      }),
    )
  })
})

describe('rotating', () => {
  it('puts the old one away the day before and the new one out', () => {
    const { snapshot, plan } = world([aPlacement(setUp(1, 5), { id: 'out', activityId: 'stands', centerId: 'art' })])
    const move = rotate(snapshot, plan, snapshot.placements[0], 'other', 3, newId) as Move
    expect(move.puts.map((one) => [one.activityId, one.where, one.centerId])).toEqual([
      ['stands', setUp(1, 2), 'art'],
      ['other', setUp(3, 5), 'art'],
    ])
    expect(rotate(snapshot, plan, snapshot.placements[0], 'short', 3, newId)).toMatchObject({
      refused: expect.stringContaining('cannot stay out'),
    })
  })
})

describe('a special day', () => {
  const picnic = {
    ...newEvent(2, 'Picnic'),
    parts: [
      { id: 'parade', kind: 'game' as const, name: 'Parade', from: '09:15', to: '10:00' },
      { id: 'food', kind: 'snack' as const, name: 'Food', from: '10:00', to: '10:30' },
    ],
  }
  const unit = aUnit({ days: 5, events: [picnic] })
  it('has its own list in place of the blocks that it overlaps, and lunch and nap where they were', () => {
    expect(blocksOn(aHome(), unit, 2).map((block) => block.name)).toEqual(['Parade', 'Food', 'Lunch', 'Nap', 'After'])
    expect(replacedOn(aHome(), unit, 2).map((block) => block.name)).toEqual(['Circle', 'Choice'])
    expect(blocksOn(aHome(), unit, 3)).toEqual(aHome().rhythm)
    expect([eventOn(unit, 2)?.name, eventOn(aUnit({ events: [newEvent(2, 'Plain')] }), 2)]).toEqual([
      'Picnic',
      undefined,
    ])
  })
  it('takes cards into its own parts, and says of a card of the routine that its place is taken', () => {
    const { plan } = world(
      [
        aPlacement(moment(2, 'parade'), { id: 'in', activityId: 'short' }),
        aPlacement(moment(2, 'choice'), { id: 'lost', activityId: 'short' }),
      ],
      { unit },
    )
    expect(plan.sessions.map((one) => [one.placement.id, one.from, one.to])).toEqual([['in', '09:15', '09:25']])
    expect(plan.problems).toEqual([
      { placementId: 'lost', kind: 'no-block', message: 'Picnic takes its place on day 2' },
    ])
  })
  it('that fills all free time leaves set-ups standing for the days beside it', () => {
    const all = {
      ...picnic,
      parts: [{ id: 'all', kind: 'outing' as const, name: 'Outing', from: '08:00', to: '17:00' }],
    }
    const { plan } = world([aPlacement(setUp(2, 2), { id: 'out', activityId: 'stands', centerId: 'art' })], {
      unit: aUnit({ days: 5, events: [all] }),
      children: [aChild()],
      centers: [aCenter()],
    })
    expect(plan.sessions).toHaveLength(1)
  })
})

describe('lanes', () => {
  it('put what goes on at once side by side, and what follows into the first free one', () => {
    const items = [
      { id: 'a', start: 0, end: 20 },
      { id: 'b', start: 5, end: 10 },
      { id: 'c', start: 10, end: 30 },
      { id: 'd', start: 30, end: 40 },
    ]
    expect(lanesOf(items).map((one) => [one.item.id, one.lane, one.of])).toEqual([
      ['a', 0, 2],
      ['b', 1, 2],
      ['c', 1, 2],
      ['d', 0, 1],
    ])
  })
  it('never lay two things that overlap into one lane, and use no lane that nobody needs', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ start: fc.integer({ min: 0, max: 60 }), length: fc.integer({ min: 1, max: 30 }) }), {
          maxLength: 12,
        }),
        (spans) => {
          const lanes = lanesOf(spans.map((one) => ({ start: one.start, end: one.start + one.length })))
          for (const a of lanes) {
            expect(a.lane).toBeLessThan(a.of)
            for (const b of lanes)
              if (a !== b && a.lane === b.lane)
                expect(a.item.end <= b.item.start || b.item.end <= a.item.start).toBe(true)
          }
          const most = Math.max(
            0,
            ...spans.map(
              (one) => spans.filter((two) => two.start <= one.start && two.start + two.length > one.start).length,
            ),
          )
          expect(Math.max(0, ...lanes.map((one) => one.of))).toBe(most)
        },
      ),
    )
  })
})

it('a copy of what was done is still to be done, and took nothing out of the pantry yet', () => {
  const done = aPlacement(moment(1), { status: 'done', took: { thing: 5 }, went: { liked: 3, note: '' } })
  const copy = copyOf(done, 'copy', moment(2), null)
  expect([copy.id, copy.status, copy.took, copy.went]).toEqual(['copy', 'planned', {}, null])
})
