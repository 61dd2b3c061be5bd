import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { minutesOf, planMinute } from '../base'
import { resolvePlan, latestPrepStarts } from '../plan'
import {
  aHome,
  aMaterial,
  anActivity,
  aNeed,
  aPlacement,
  aPurchase,
  aSnapshot,
  children,
  moment,
  setUp,
} from '../testing/build'
import { peakInUse, quantityFor } from './needs'
import { coverByPacks, type PackOffer } from './packs'
import { moneyOf } from './money'
import { supplyList } from './supplyList'
import { getBy } from './trips'

const linesOf = (over: Parameters<typeof aSnapshot>[0]) => {
  const snapshot = aSnapshot(over)
  return { snapshot, lines: supplyList(snapshot, resolvePlan(snapshot)) }
}

describe('what is needed', () => {
  it('is 24 streamers for 7 children with 3 each and 10 % spare', () => {
    expect(quantityFor({ quantity: 3, basis: { by: 'child' }, spare: 0.1 }, 7, 'each')).toEqual({
      times: 7,
      quantity: 24,
    })
  })
  it('is 3 bowls for 7 children in groups of 3 with one bowl', () => {
    expect(quantityFor({ quantity: 1, basis: { by: 'group', of: 3 }, spare: 0 }, 7, 'each').quantity).toBe(3)
  })
  it('is 62 pieces for 7 children with 8 each and 10 % spare', () => {
    expect(quantityFor({ quantity: 8, basis: { by: 'child' }, spare: 0.1 }, 7, 'each').quantity).toBe(62)
  })
  it('is not rounded up by what a computer adds: 10 children and 10 % are 11', () => {
    expect(quantityFor({ quantity: 1, basis: { by: 'child' }, spare: 0.1 }, 10, 'each').quantity).toBe(11)
    expect(quantityFor({ quantity: 12.5, basis: { by: 'child' }, spare: 0.1 }, 2, 'g').quantity).toBe(27.5)
  })
  it('is a thousandth exact, so that a third to spare takes no pack that nobody needs', () => {
    const third = { quantity: 12.5, basis: { by: 'child' as const }, spare: 0.33333336 }
    expect(quantityFor(third, 3, 'g').quantity).toBe(50)
    expect(coverByPacks(50.0000004, [{ size: 50, price: 100 }]).packs[0].count).toBe(1)
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 20_000 }),
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 0, max: 12 }),
        fc.integer({ min: 1, max: 12 }),
        (thousandths, users, share, of) => {
          const spare = Math.min(2, share / of)
          // What it comes to in whole numbers, rounded once.
          const exact = Math.round((thousandths * users * (spare === 2 ? 3 * of : of + share)) / of)
          const { quantity } = quantityFor({ quantity: thousandths / 1000, basis: { by: 'child' }, spare }, users, 'g')
          expect(Math.abs(Math.round(quantity * 1000) - exact)).toBeLessThanOrEqual(
            (thousandths * users * (of + share)) % of ? 1 : 0,
          )
          expect(quantity * 1000).toBeCloseTo(Math.round(quantity * 1000), 6)
        },
      ),
      { numRuns: 1000 },
    )
  })
  it('counts only those whose variant uses it, and the beside where it is named', () => {
    const activity = anActivity({
      variants: [
        { id: 'old', stages: ['preschool'], kind: 'does', how: 'x' },
        { id: 'young', stages: ['infant'], kind: 'beside', how: 'y' },
      ],
      requirements: [aNeed('thing', { basis: { by: 'child' }, quantity: 2 }), aNeed('ring', { variants: ['young'] })],
    })
    const kids = [...children(3), ...children(1, { id: 'baby', born: '2025-08-01' })]
    const { lines } = linesOf({
      activities: [activity],
      children: kids,
      materials: [aMaterial(), aMaterial({ id: 'ring', name: 'ring', use: 'reusable' })],
      placements: [aPlacement(moment(1))],
    })
    expect(lines.map((line) => [line.material.id, line.need])).toEqual([
      ['ring', 1],
      ['thing', 6],
    ])
  })
  it('adds consumables over placements and rounds once for each', () => {
    const activity = anActivity({ requirements: [aNeed('thing', { basis: { by: 'child' }, quantity: 3, spare: 0.1 })] })
    const { lines } = linesOf({
      activities: [activity],
      children: children(7),
      materials: [aMaterial({ onHand: 30 })],
      placements: [1, 2].map((day) => aPlacement(moment(day), { id: `p-${day}` })),
    })
    expect(lines[0]).toMatchObject({ need: 48, shortage: 18 })
    expect(lines[0].needs.map((need) => need.short)).toEqual([0, 18])
  })
  it('never shrinks when a child joins', () => {
    const anyNeed = fc.record({
      quantity: fc.integer({ min: 1, max: 50 }),
      spare: fc.constantFrom(0, 0.1, 0.25),
      of: fc.integer({ min: 1, max: 6 }),
      by: fc.constantFrom('child', 'group', 'set-up'),
    })
    fc.assert(
      fc.property(anyNeed, fc.nat(20), ({ quantity, spare, of, by }, users) => {
        const basis = by === 'group' ? { by: 'group' as const, of } : { by: by as 'child' | 'set-up' }
        for (const unit of ['each', 'g'] as const) {
          expect(quantityFor({ quantity, basis, spare }, users + 1, unit).quantity).toBeGreaterThanOrEqual(
            quantityFor({ quantity, basis, spare }, users, unit).quantity,
          )
        }
      }),
    )
  })
})

describe('reusables', () => {
  const beads = aMaterial({
    id: 'bead',
    name: 'large beads',
    use: 'reusable',
    onHand: 40,
    packs: [{ size: 20, price: 450, shop: 'the craft shop', seen: null }],
  })
  const take = (id: string, quantity: number, standing: boolean) =>
    anActivity({ id, standing, requirements: [aNeed('bead', { quantity })] })
  const placements = [
    aPlacement(setUp(1, 10), { id: 'dough', activityId: 'dough' }),
    aPlacement(setUp(1, 5), { id: 'glow', activityId: 'glow' }),
    aPlacement(moment(8), { id: 'tray', activityId: 'tray' }),
  ]
  const over = {
    materials: [beads],
    activities: [take('dough', 24, true), take('glow', 20, true), take('tray', 12, false)],
    placements,
  }
  it('peak at 44 in week one, 4 short of 40; on day 8 it is 36', () => {
    const { lines } = linesOf(over)
    expect(lines[0]).toMatchObject({ need: 44, shortage: 4, peak: { from: '2026-03-04', to: '2026-03-10' } })
    const later = linesOf({ ...over, placements: placements.filter((one) => one.id !== 'glow') })
    expect(later.lines[0]).toMatchObject({ need: 36, shortage: 0 })
  })
  it('go to the earliest use first, so the glow table is 4 short and the tray is not', () => {
    const [line] = linesOf(over).lines
    expect(line.needs.map((need) => [need.session.placement.id, need.short])).toEqual([
      ['dough', 0],
      ['glow', 4],
      ['tray', 0],
    ])
  })
  it('are free again after tidying, and not before', () => {
    expect(
      peakInUse([
        { from: 0, to: 25, quantity: 10 },
        { from: 25, to: 40, quantity: 10 },
      ]).quantity,
    ).toBe(10)
    expect(
      peakInUse([
        { from: 0, to: 26, quantity: 10 },
        { from: 25, to: 40, quantity: 10 },
      ]),
    ).toMatchObject({ quantity: 20, from: 25, to: 26 })
  })
  it('peak no higher than all together and no lower than the largest', () => {
    const use = fc
      .tuple(fc.nat(100), fc.integer({ min: 1, max: 50 }), fc.nat(30))
      .map(([from, length, quantity]) => ({ from, to: from + length, quantity }))
    fc.assert(
      fc.property(fc.array(use, { minLength: 1, maxLength: 12 }), (uses) => {
        const peak = peakInUse(uses).quantity
        expect(peak).toBeLessThanOrEqual(uses.reduce((sum, one) => sum + one.quantity, 0))
        const atMinute = Array.from({ length: 160 }, (_, t) =>
          uses.filter((one) => one.from <= t && t < one.to).reduce((sum, one) => sum + one.quantity, 0),
        )
        expect(peak).toBe(Math.max(...atMinute))
      }),
    )
  })
})

describe('packs', () => {
  it('are three of 50 for 130 craft sticks, not 120 and 50', () => {
    const cover = coverByPacks(130, [
      { size: 50, price: 125 },
      { size: 120, price: 275 },
    ])
    expect(cover).toMatchObject({ cost: 375, leftover: 20, packs: [{ count: 3, pack: { size: 50 } }] })
  })
  it('are one of 2.5 kg for 2,460 g of flour', () => {
    expect(
      coverByPacks(2460, [
        { size: 1000, price: 190 },
        { size: 2500, price: 410 },
        { size: 5000, price: 790 },
      ]),
    ).toMatchObject({ cost: 410, leftover: 40, packs: [{ count: 1 }] })
  })
  it('are none for nothing', () =>
    expect(coverByPacks(0, [{ size: 5, price: 1 }])).toEqual({ packs: [], total: 0, leftover: 0, cost: 0 }))
  it('hold whole units, so part of one takes one more', () =>
    expect(coverByPacks(10.5, [{ size: 1, price: 3 }])).toMatchObject({ total: 11, cost: 33, leftover: 0.5 }))
  it.each([
    ['packs.0.size', 5, [{ size: 0, price: 1 }]],
    [
      'packs.1.price',
      5,
      [
        { size: 1, price: 1 },
        { size: 1, price: -1 },
      ],
    ],
    ['need', -1, [{ size: 1, price: 1 }]],
    ['need', Number.NaN, [{ size: 1, price: 1 }]],
    ['need', 10_000_001, [{ size: 1, price: 1 }]],
    ['packs', 5, []],
  ])('name %s when it is wrong', (field, need, offers) =>
    expect(() => coverByPacks(need, offers as PackOffer[])).toThrow(field),
  )
  it('cost as much, times a thousand, where prices are so large that they are compared on their own', () => {
    const dear = (price: number) => [
      { size: 7, price: 3 * price },
      { size: 12, price: 5 * price },
      { size: 50, price: 20 * price },
    ]
    for (const need of [1, 6, 13, 49, 51, 99, 4321]) {
      const [small, large] = [coverByPacks(need, dear(1)), coverByPacks(need, dear(3_000_000))]
      expect([large.cost, large.total, large.packs.map((one) => one.count)]).toEqual([
        small.cost * 3_000_000,
        small.total,
        small.packs.map((one) => one.count),
      ])
    }
  })
  it('are found for ten million, the most there can be, and for a pack that holds as much', () => {
    expect(
      coverByPacks(10_000_000, [
        { size: 7, price: 3 },
        { size: 11, price: 4 },
      ]),
    ).toMatchObject({ cost: 3_636_364, total: 10_000_001, leftover: 1 })
    expect(coverByPacks(3, [{ size: 10_000_000, price: 0 }])).toMatchObject({ cost: 0, leftover: 9_999_997 })
  })
  it('are free where a pack is free', () =>
    expect(
      coverByPacks(7, [
        { size: 3, price: 0 },
        { size: 7, price: 5 },
      ]),
    ).toMatchObject({ cost: 0, total: 9 }))

  const offers = fc.array(
    fc.record({ size: fc.integer({ min: 1, max: 12 }), price: fc.integer({ min: 0, max: 40 }) }),
    { minLength: 1, maxLength: 4 },
  )
  /** Every multiset of packs up to the need, the best by price, then leftover, then number. */
  const bruteForce = (need: number, packs: PackOffer[]): [number, number, number] => {
    let best: [number, number, number] = [Infinity, Infinity, Infinity]
    const walk = (i: number, total: number, cost: number, count: number) => {
      const better =
        cost < best[0] ||
        (cost === best[0] && (total - need < best[1] || (total - need === best[1] && count < best[2])))
      if (total >= need) {
        if (better) best = [cost, total - need, count]
        return
      }
      for (let j = i; j < packs.length; j++) walk(j, total + packs[j].size, cost + packs[j].price, count + 1)
    }
    walk(0, 0, 0, 0)
    return best
  }
  it('are never dearer, fuller or more than any other found by brute force', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 30 }), offers, (need, packs) => {
        const cover = coverByPacks(need, packs)
        expect([cover.cost, cover.leftover, cover.packs.reduce((sum, one) => sum + one.count, 0)]).toEqual(
          bruteForce(need, packs),
        )
      }),
      { numRuns: 300 },
    )
  })
  it('cost the same for a great need as dynamic programming over all of it would find', () => {
    fc.assert(
      fc.property(fc.integer({ min: 150, max: 900 }), offers, (need, packs) => {
        const cost = [0]
        for (let q = 1; q <= need; q++)
          cost[q] = Math.min(...packs.map((pack) => cost[Math.max(0, q - pack.size)] + pack.price))
        expect(coverByPacks(need, packs).cost).toBe(cost[need])
      }),
    )
  })
})

describe('when to get it', () => {
  it('is the last trip before the first use', () =>
    expect(
      getBy({ weekdays: ['sat', 'wed'], deliveryDays: 0 }, '2026-03-10', '2026-03-12', null, '2026-03-02'),
    ).toEqual({ date: '2026-03-07', here: '2026-03-07', lateDays: 0, spoils: false }))
  it('is not the day itself, since she shops after the children have gone', () =>
    expect(getBy({ weekdays: ['tue'], deliveryDays: 0 }, '2026-03-10', '2026-03-10', null, '2026-03-01').date).toBe(
      '2026-03-03',
    ))
  it('says by how many days it is late when no trip is left', () =>
    expect(getBy({ weekdays: ['sat'], deliveryDays: 0 }, '2026-03-10', '2026-03-10', null, '2026-03-09')).toEqual({
      date: '2026-03-14',
      here: '2026-03-14',
      lateDays: 5,
      spoils: false,
    }))
  it('says when it will not keep until the last use', () => {
    expect(getBy({ weekdays: ['sat'], deliveryDays: 0 }, '2026-03-10', '2026-03-18', 5, '2026-03-02').spoils).toBe(true)
    expect(getBy({ weekdays: ['sat'], deliveryDays: 0 }, '2026-03-10', '2026-03-12', 5, '2026-03-02').spoils).toBe(
      false,
    )
  })
  it('counts preparation as the first use: ice boats for Thursday at ten need their cups on Wednesday evening at the latest', () => {
    const activity = anActivity({
      prep: [
        { id: 'fill', text: 'Fill', minutes: 15, wait: 720, splits: false, uses: ['thing'], kind: null, per: null },
        { id: 'unmould', text: 'Unmould', minutes: 10, wait: 0, splits: false, uses: [], kind: null, per: null },
      ],
      requirements: [aNeed('thing', { quantity: 4 })],
    })
    const starts = latestPrepStarts(activity, planMinute('2026-03-05', '10:00'))
    expect(starts).toEqual([planMinute('2026-03-04', '21:35'), planMinute('2026-03-05', '09:50')])
    // With the morning window ending at 7:50, unmoulding starts at 7:40 at the latest and filling ends by 19:40.
    expect(latestPrepStarts(activity, planMinute('2026-03-05', '07:50'))[0] + 15).toBe(
      planMinute('2026-03-04', '19:40'),
    )
    const { lines } = linesOf({
      activities: [activity],
      materials: [aMaterial()],
      placements: [aPlacement(moment(2, 'choice', '10:00'))],
    })
    expect(lines[0].firstUse).toMatchObject({ by: 'prep', step: 'Fill', date: '2026-03-04' })
    expect(minutesOf('21:35')).toBe(lines[0].firstUse!.minute % 1440)
  })
  it('ends an overnight step the evening before', () => {
    const activity = anActivity({
      prep: [
        { id: 'dry', text: 'Paint', minutes: 20, wait: 'overnight', splits: false, uses: [], kind: null, per: null },
      ],
    })
    expect(latestPrepStarts(activity, planMinute('2026-03-05', '09:30'))).toEqual([planMinute('2026-03-04', '20:40')])
  })
  it('asks families five days before they bring it, on the last open day before the first use, and is late when that has passed', () => {
    const over = {
      activities: [anActivity({ requirements: [aNeed('thing')] })],
      materials: [aMaterial({ way: 'ask' as const })],
      placements: [aPlacement(moment(5))],
    }
    expect(linesOf(over).lines[0]).toMatchObject({
      ask: { on: '2026-03-04', bringBy: '2026-03-09', asked: null },
      late: false,
      cost: 0,
    })
    expect(linesOf({ ...over, today: '2026-03-05' }).lines[0].late).toBe(true)
  })
})

describe('what is behind us', () => {
  it('is not needed again: done, skipped and past placements are left out', () => {
    const placements = [
      aPlacement(moment(1), { id: 'past' }),
      aPlacement(moment(4), { id: 'done', status: 'done' }),
      aPlacement(moment(5), { id: 'next' }),
    ]
    const { lines } = linesOf({
      today: '2026-03-09',
      activities: [anActivity({ requirements: [aNeed('thing', { quantity: 3 })] })],
      materials: [aMaterial()],
      placements,
    })
    expect(lines[0].needs.map((need) => need.session.placement.id)).toEqual(['next'])
  })
})

describe('money', () => {
  const pack = (price: number) => [{ size: 1, price, shop: 'the grocer', seen: null }]
  it('adds what was spent and what is planned, and names what has no price', () => {
    const materials = [100, 400, 300, 200].map((price, i) =>
      aMaterial({ id: `m-${i}`, name: `thing ${i}`, packs: pack(price) }),
    )
    const activities = materials.map((one, i) =>
      anActivity({ id: `a-${i}`, title: `Activity ${i}`, requirements: [aNeed(one.id)] }),
    )
    const { snapshot, lines } = linesOf({
      materials: [...materials, aMaterial({ id: 'odd', name: 'odd' })],
      activities: [...activities, anActivity({ id: 'a-odd', requirements: [aNeed('odd')] })],
      placements: [...activities, { id: 'a-odd' }].map((one, i) =>
        aPlacement(moment(i + 1), { id: `p-${i}`, activityId: one.id }),
      ),
      purchases: [aPurchase({ materialId: 'm-0', paid: 250 })],
    })
    const money = moneyOf({ ...snapshot, unit: { ...snapshot.unit, budget: 1000 } }, lines)
    expect(money).toMatchObject({ spent: 250, planned: 1000, total: 1250, over: 250 })
    expect(money.unpriced.map((line) => line.material.id)).toEqual(['odd'])
  })
})

it('orders the list by first use, then by name', () => {
  const materials = ['b', 'a', 'c'].map((id) => aMaterial({ id, name: id }))
  const activities = [
    anActivity({ id: 'one', requirements: [aNeed('c')] }),
    anActivity({ id: 'two', requirements: [aNeed('b'), aNeed('a')] }),
  ]
  const { lines } = linesOf({
    home: aHome(),
    materials,
    activities,
    placements: [
      aPlacement(moment(2), { id: 'p1', activityId: 'two' }),
      aPlacement(moment(1), { id: 'p2', activityId: 'one' }),
    ],
  })
  expect(lines.map((line) => line.material.id)).toEqual(['c', 'a', 'b'])
})
