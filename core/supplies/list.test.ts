import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Activity, FamilyPromise, Material, UnitSnapshot } from '../domain'
import { resolvePlan } from '../plan'
import {
  aCenter,
  aHome,
  aMaterial,
  anActivity,
  aNeed,
  aPlacement,
  aPurchase,
  aSnapshot,
  aUnit,
  children,
  moment,
  setUp,
} from '../testing/build'
import { besidesWords, estimateWords, getByWords, needWords } from './words'
import { childDays, estimateOf, moneyByCenter, moneyOf, shareOut, surenessOf } from './money'
import { isToGet, spokenForBy, supplyList, supplyListOf, type SupplyLine } from './supplyList'
import { savingsOf } from './savings'
import { supplyGroups } from './groups'
import { tripsOf } from './shopping'

const pack = (size: number, price: number, shop = 'the grocer', seen: string | null = null) => ({
  size,
  price,
  shop,
  seen,
})
const idea = (id: string, needs: Activity['requirements'], over: Partial<Activity> = {}) =>
  anActivity({ id, title: id.replace(/^./, (letter) => letter.toUpperCase()), requirements: needs, ...over })
const on = (day: number, activityId: string, over = {}) =>
  aPlacement(moment(day), { id: `${activityId}-${day}`, activityId, ...over })
const world = (over: Partial<UnitSnapshot>) => {
  const snapshot = aSnapshot({ children: children(3), ...over })
  const plan = resolvePlan(snapshot)
  return { snapshot, plan, lines: supplyList(snapshot, plan) }
}
const promise = (over: Partial<FamilyPromise>): FamilyPromise => ({
  id: 'p',
  unitId: 'unit',
  materialId: 'thing',
  quantity: 4,
  family: 'Someone',
  by: '2026-03-05',
  state: 'coming',
  ...over,
})

describe('what of the house can be counted on', () => {
  const twice = {
    activities: [idea('one', [aNeed('thing', { quantity: 5 })])],
    placements: [on(1, 'one'), on(8, 'one')],
  }
  it('is nothing that has to be mended, and everything that is always there', () => {
    const shortOf = (over: Partial<Material>) =>
      world({ ...twice, materials: [aMaterial({ onHand: 20, ...over })] }).lines[0]
    expect([
      shortOf({}).shortage,
      shortOf({ condition: 'mend' }).shortage,
      shortOf({ way: 'have', onHand: 0 }).shortage,
    ]).toEqual([0, 10, 0])
    expect(besidesWords(shortOf({ condition: 'mend' }), 'metric')).toBe('20 in the house to fix first')
  })
  it('is gone once it is past its date, and not before', () => {
    // Day 1 is Wednesday, March 4, day 8 Friday 13: what is good until Thursday 12 serves the first use and not the
    // second.
    const [line] = world({ ...twice, materials: [aMaterial({ onHand: 20, expires: '2026-03-12' })] }).lines
    expect([line.shortage, line.needs.map((need) => need.short)]).toEqual([5, [0, 5]])
  })
  it('is what was promised too, from the day after it is due, until it is late', () => {
    const of = (promises: FamilyPromise[], today = '2026-03-02') =>
      world({ ...twice, today, promises, materials: [aMaterial({ onHand: 3, way: 'ask' })] }).lines[0]
    expect([
      of([]).shortage,
      of([promise({ by: '2026-03-06' })]).shortage,
      of([promise({ by: '2026-03-06' })]).needs.map((need) => need.short),
    ]).toEqual([7, 3, [2, 1]])
    expect(of([promise({ by: '2026-03-03' })]).needs.map((need) => need.short)).toEqual([0, 3])
    expect(of([promise({ by: '2026-03-03' })], '2026-03-04').coming).toBe(0)
    expect(of([promise({ state: 'off' }), promise({ id: 'q', state: 'came' })]).coming).toBe(0)
  })
})

describe('an alternative that an idea names', () => {
  const rings = aMaterial({ id: 'ring', name: 'wooden rings', onHand: 9 })
  const beads = aMaterial({ id: 'bead', name: 'large beads', onHand: 4, packs: [pack(10, 300)] })
  const either = idea('either', [aNeed('bead', { quantity: 10, alternatives: ['ring'] })])
  it('is used where it is in the house, as far as nobody else needs it', () => {
    const own = idea('own', [aNeed('ring', { quantity: 5 })])
    const { lines } = world({
      materials: [beads, rings],
      activities: [either, own],
      placements: [on(2, 'either'), on(3, 'own')],
    })
    const [bead, ring] = [
      lines.find((line) => line.material.id === 'bead')!,
      lines.find((line) => line.material.id === 'ring')!,
    ]
    // Ten wanted, four beads there; of nine rings five are spoken for, so four rings help and two beads are bought.
    expect([bead.need, bead.shortage, ring.need, ring.shortage]).toEqual([6, 2, 9, 0])
    expect(needWords(bead.needs[0], 'metric')).toBe('10 for the set-up, day 2, 4 of it wooden rings from the house')
    expect(
      needWords(
        ring.needs.find((need) => need.insteadOf)!,
        'metric',
      ),
    ).toBe('instead of large beads on day 2, which are short')
  })
  it('is not used where it would harm: a smaller part near a child who mouths', () => {
    const small = { ...rings, safety: { ...rings.safety, partMm: [10, 10, 10] as [number, number, number] } }
    const kids = children(3, { mouths: true })
    const { lines } = world({
      children: kids,
      materials: [beads, small],
      activities: [either],
      placements: [on(2, 'either')],
    })
    expect(lines.find((line) => line.material.id === 'bead')!.shortage).toBe(6)
  })
  it('is not used where it is counted in other units, or is short itself', () => {
    for (const over of [{ unit: 'g' as const }, { onHand: 0 }, { condition: 'mend' as const }]) {
      expect(
        world({
          materials: [beads, { ...rings, ...over }],
          activities: [either],
          placements: [on(2, 'either')],
        }).lines.find((line) => line.material.id === 'bead')!.shortage,
      ).toBe(6)
    }
  })
})

describe('where and when to buy', () => {
  const home = aHome({
    shoppingDays: ['wed', 'sat'],
    shops: [
      { name: 'Online', weekdays: [], deliveryDays: 4 },
      { name: 'the craft shop', weekdays: ['sat'], deliveryDays: 0 },
    ],
  })
  const lineOf = (over: Partial<Material>, day = 4, today = '2026-03-02') =>
    world({
      home,
      today,
      materials: [aMaterial(over)],
      activities: [idea('one', [aNeed('thing', { quantity: 10 })])],
      placements: [on(day, 'one')],
    }).lines[0]
  it('is the last trip of that shop before the first use', () => {
    // Day 4 is Monday, March 9.
    expect(lineOf({ packs: [pack(10, 100, 'the craft shop')] }).buys).toMatchObject([
      { shop: 'the craft shop', trip: { date: '2026-03-07', lateDays: 0 } },
    ])
    expect(lineOf({ packs: [pack(10, 100, 'the grocer')] }, 3).buys[0].trip.date).toBe('2026-03-04')
  })
  it('is an order in time to come', () => {
    const line = lineOf({ packs: [pack(10, 100, 'online')] })
    expect(line.buys[0].trip).toEqual({ date: '2026-03-04', here: '2026-03-08', lateDays: 0, spoils: false })
    expect(getByWords(line)).toBe('order Wed 4, here Sun 8')
  })
  it('is the dearer shop where the cheaper comes too late', () => {
    const packs = [pack(10, 100, 'online'), pack(10, 180, 'the craft shop')]
    expect(lineOf({ packs }).buys.map((buy) => buy.shop)).toEqual(['online'])
    expect(lineOf({ packs }, 4, '2026-03-06').buys.map((buy) => buy.shop)).toEqual(['the craft shop'])
  })
  it('is several trips for what does not keep: each from which it still keeps', () => {
    const berries = aMaterial({ packs: [pack(5, 200)], keepsDays: 3 })
    const { lines } = world({
      home,
      materials: [berries],
      activities: [idea('one', [aNeed('thing', { quantity: 5 })])],
      placements: [on(2, 'one'), on(8, 'one')],
    })
    // Thursday 5 and Friday, March 13: from Wednesday 4 they keep until Saturday 7, so Friday's are bought on Wednesday
    // 11.
    expect(lines[0].buys.map((buy) => [buy.trip.date, buy.quantity])).toEqual([
      ['2026-03-04', 5],
      ['2026-03-11', 5],
    ])
    expect([getByWords(lines[0]), lines[0].cost, tripsOf(lines).map((trip) => trip.date)]).toEqual([
      'by Wed 4 and Wed 11: it does not keep',
      400,
      ['2026-03-04', '2026-03-11'],
    ])
  })
  it('is walked by part of the shop', () => {
    const materials = [
      aMaterial({ id: 'a', name: 'a', shopPart: 'paper', packs: [pack(1, 10)] }),
      aMaterial({ id: 'b', name: 'b', shopPart: 'baking', packs: [pack(1, 20)] }),
    ]
    const { lines } = world({
      home,
      materials,
      activities: [idea('one', [aNeed('a'), aNeed('b')])],
      placements: [on(4, 'one')],
    })
    expect(tripsOf(lines)).toMatchObject([
      {
        shop: 'the grocer',
        date: '2026-03-07',
        cost: 30,
        items: [{ line: { material: { id: 'b' } } }, { line: { material: { id: 'a' } } }],
      },
    ])
    expect(supplyGroups(lines).map((group) => [group.title, group.cost, group.entries.length])).toEqual([
      ['The grocer', 30, 2],
    ])
  })
})

describe('asking families', () => {
  const home = aHome({ shoppingDays: ['sat'], askDaysAhead: 5 })
  const of = (today: string, over: Partial<UnitSnapshot> = {}) =>
    world({
      home,
      today,
      materials: [aMaterial({ way: 'ask', packs: [pack(10, 150)] })],
      activities: [idea('one', [aNeed('thing', { quantity: 6 })])],
      placements: [on(4, 'one')],
      ...over,
    }).lines[0]
  it('is due on the last open day before the trip that can still make up for it', () => {
    expect(of('2026-02-25').ask).toEqual({ on: '2026-03-01', bringBy: '2026-03-06', asked: null })
  })
  it('falls back to the shop, in time, when nobody brought it', () => {
    const line = of('2026-03-07', { unit: aUnit({ asked: { thing: '2026-02-28' } }) })
    expect([line.fellBack, line.buys[0].trip, line.late, line.cost]).toMatchObject([
      true,
      { date: '2026-03-07', lateDays: 0 },
      false,
      150,
    ])
    expect(besidesWords(line, 'metric')).toBe('families were asked and 6 did not come')
    expect(supplyGroups([line])[0].title).toBe('The grocer')
  })
  it('is late only while they were not asked', () => {
    expect([of('2026-03-02').late, of('2026-03-02', { unit: aUnit({ asked: { thing: '2026-03-01' } }) }).late]).toEqual(
      [true, false],
    )
    expect(getByWords(of('2026-03-02', { unit: aUnit({ asked: { thing: '2026-03-01' } }) }))).toBe('asked, due Fri 6')
  })
  it('buys only what was not promised', () => {
    expect(of('2026-02-25', { promises: [promise({ by: '2026-03-06', quantity: 4 })] })).toMatchObject({
      shortage: 2,
      coming: 4,
      cost: 0,
    })
  })
})

describe('the always-have list', () => {
  const wipes = aMaterial({ id: 'wipe', name: 'wipes', onHand: 30, par: 80, packs: [pack(100, 250)] })
  it('joins the list when it is low, though nothing planned takes it', () => {
    const { lines, snapshot } = world({ materials: [wipes], placements: [] })
    expect(lines).toMatchObject([{ shortage: 0, topUp: 50, cost: 250, planCost: 0, firstUse: null, late: false }])
    expect([isToGet(lines[0]), besidesWords(lines[0], 'metric'), moneyOf(snapshot, lines)]).toMatchObject([
      true,
      'to have 80 in the house',
      { planned: 0, standing: 250 },
    ])
  })
  it('counts from what the plan leaves, in the same packs', () => {
    const { lines } = world({
      materials: [{ ...wipes, onHand: 100 }],
      activities: [idea('one', [aNeed('wipe', { quantity: 120 })])],
      placements: [on(4, 'one')],
    })
    // 120 of 100: 20 short, and 80 to be back at the least; one pack of 100 does both, where the plan alone would take
    // it too.
    expect(lines[0]).toMatchObject({ shortage: 20, topUp: 80, cost: 250, planCost: 250 })
  })
  it('is left alone while there is enough', () =>
    expect(world({ materials: [{ ...wipes, onHand: 80 }], placements: [] }).lines).toEqual([]))
})

describe('several units at once', () => {
  const things = aMaterial({ onHand: 6, packs: [pack(10, 200)] })
  const one = (id: string, start: string) => {
    const snapshot = aSnapshot({
      unit: aUnit({ id, start }),
      materials: [things],
      activities: [idea('act', [aNeed('thing', { quantity: 5 })])],
      placements: [{ ...on(1, 'act'), id: `${id}-1`, unitId: id }],
    })
    return { snapshot, plan: resolvePlan(snapshot) }
  }
  const [first, second] = [one('first', '2026-03-04'), one('second', '2026-03-18')]
  it('share what is on hand, the earliest use first, and buy once', () => {
    const [line] = supplyListOf([second, first])
    expect([line.need, line.shortage, line.cost, line.needs.map((need) => [need.unitId, need.short])]).toEqual([
      10,
      4,
      200,
      [
        ['first', 0],
        ['second', 4],
      ],
    ])
    // Each alone has enough: only together are they short.
    expect([supplyListOf([first])[0].shortage, supplyListOf([second])[0].shortage]).toEqual([0, 0])
  })
  it('leave to the one that comes after what they do not use up, though they are on no list with it', () => {
    const after = (over: Partial<Material>, before = [first]) => {
      const materials = [{ ...things, ...over }]
      const again = (source: typeof first) => ({
        ...source,
        snapshot: { ...source.snapshot, materials },
        plan: resolvePlan({ ...source.snapshot, materials }),
      })
      const snapshot = { ...second.snapshot, materials, spokenFor: spokenForBy(before.map(again)) }
      return supplyList(snapshot, resolvePlan(snapshot))[0]
    }
    const line = after({})
    expect([line.onHand, line.shortage, line.spokenFor]).toEqual([
      1,
      4,
      [{ materialId: 'thing', unitId: 'first', unit: 'A unit', quantity: 5 }],
    ])
    expect(besidesWords(line, 'metric')).toBe('5 kept for A unit')
    // What comes back is there again; what is always there is without end; what the first is short of it gets itself.
    expect([after({ use: 'reusable' }).shortage, after({ way: 'have' }).shortage, after({ onHand: 3 })]).toMatchObject([
      0,
      0,
      { onHand: 0, shortage: 5, spokenFor: [{ quantity: 3 }] },
    ])
    expect(after({}, []).shortage).toBe(0)
    // On one list with it, it is not taken twice.
    const both = supplyListOf([first, { ...second, snapshot: { ...second.snapshot, spokenFor: spokenForBy([first]) } }])
    expect([both[0].shortage, both[0].spokenFor]).toEqual([4, []])
  })
})

describe('money', () => {
  it('is parted into whole cents that add up', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 100_000 }),
        fc.array(fc.nat(50), { minLength: 1, maxLength: 12 }),
        (cents, weights) => {
          const parts = shareOut(cents, weights)
          expect(parts.reduce((sum, one) => sum + one, 0)).toBe(cents)
          const total = weights.reduce((sum, one) => sum + one, 0)
          if (total) parts.forEach((part, i) => expect(Math.abs(part - (cents * weights[i]) / total)).toBeLessThan(1))
        },
      ),
    )
    expect(shareOut(100, [1, 1, 1])).toEqual([34, 33, 33])
  })
  it('is by center what was spent and what is short there', () => {
    const centers = [aCenter(), aCenter({ id: 'easel', name: 'Easel', kind: 'easel' })]
    const { snapshot, plan, lines } = world({
      centers,
      materials: [aMaterial({ onHand: 2, packs: [pack(10, 400)] })],
      purchases: [aPurchase({ paid: 300 }), aPurchase({ id: 'q', materialId: 'other', paid: 50 })],
      activities: [idea('one', [aNeed('thing', { quantity: 2 })])],
      placements: [on(1, 'one', { centerId: 'art' }), on(2, 'one', { centerId: 'easel' })],
    })
    // Both take two: half of the 3.00 each. The first takes the two on hand, so all of the pack is the easel's.
    expect(moneyByCenter(snapshot, plan, lines).map((one) => [one.center?.id ?? null, one.spent, one.planned])).toEqual(
      [
        ['easel', 150, 400],
        ['art', 150, 0],
        [null, 50, 0],
      ],
    )
    // Three children on ten days.
    expect(childDays(snapshot, plan)).toBe(30)
  })
  it('says how sure it is', () => {
    expect([
      surenessOf(pack(1, 1), '2026-03-02'),
      surenessOf(pack(1, 1, 'x', '2026-01-01'), '2026-03-02'),
      surenessOf(pack(1, 1, 'x', '2025-09-01'), '2026-03-02'),
    ]).toEqual(['guess', 'seen', 'old'])
    const materials = [
      aMaterial({ id: 'a', packs: [pack(1, 1000, 'x', '2026-02-20')] }),
      aMaterial({ id: 'b', packs: [pack(1, 400)] }),
      aMaterial({ id: 'c', packs: [pack(1, 200, 'x', '2025-01-01')] }),
    ]
    const { lines } = world({
      materials,
      activities: [idea('one', [aNeed('a'), aNeed('b'), aNeed('c')])],
      placements: [on(4, 'one')],
    })
    // A quarter of 4.00 and a tenth of 2.00 either way.
    expect(estimateOf(lines, '2026-03-02')).toEqual({ seen: 1000, old: 200, guess: 400, low: 1480, high: 1720 })
    expect(estimateWords(estimateOf(lines, '2026-03-02'), 'USD')).toBe(
      '$16.00, likely $14.80 to $17.20: $2.00 at older prices, $4.00 at example prices',
    )
  })
  it('saves where least is lost: another material before leaving out, and what nobody else gives last', () => {
    const dear = aMaterial({ id: 'dear', name: 'silk', packs: [pack(1, 900)] })
    const cheap = aMaterial({ id: 'cheap', name: 'paper', packs: [pack(1, 100)] })
    const paint = aMaterial({ id: 'paint', name: 'paint', packs: [pack(1, 500)] })
    const activities = [
      idea('kite', [aNeed('dear', { alternatives: ['cheap'] })], { domains: ['creative-arts'] }),
      idea('mural', [aNeed('paint')], { domains: ['creative-arts'] }),
      idea('count', [aNeed('other')], { domains: ['early-math'] }),
    ]
    const materials = [dear, cheap, paint, aMaterial({ id: 'other', name: 'other', packs: [pack(1, 500)] })]
    const { snapshot, plan, lines } = world({
      materials,
      activities,
      placements: [on(1, 'kite'), on(2, 'mural'), on(3, 'count')],
    })
    const savings = savingsOf(snapshot, plan, lines, 10)
    expect(savings.map((one) => [one.kind, one.title, one.saves, one.touches, one.onlyOnes])).toEqual([
      ['swap', 'Kite', 800, 0, 0],
      ['leave-out', 'Kite', 900, 3, 0],
      ['leave-out', 'Mural', 500, 3, 0],
      ['leave-out', 'Count', 500, 3, 3],
    ])
    expect(savings[0].words).toBe('paper instead of silk for Kite: nothing is lost')
  })
  it('saves a pack only where the rest needs fewer of it', () => {
    const shared = aMaterial({ packs: [pack(10, 300)] })
    const { snapshot, plan, lines } = world({
      materials: [shared],
      activities: [idea('a', [aNeed('thing', { quantity: 2 })]), idea('b', [aNeed('thing', { quantity: 3 })])],
      placements: [on(1, 'a'), on(2, 'b')],
    })
    // One pack serves both: without either of them it is still bought.
    expect(savingsOf(snapshot, plan, lines)).toEqual([])
  })
})

describe('any plan', () => {
  const anyMaterial = fc.record({
    onHand: fc.integer({ min: 0, max: 20 }),
    use: fc.constantFrom('consumable' as const, 'reusable' as const),
    keepsDays: fc.constantFrom(null, 2, 9),
    par: fc.constantFrom(null, 5, 15),
  })
  const anyUse = fc.record({
    day: fc.integer({ min: 1, max: 10 }),
    material: fc.integer({ min: 0, max: 2 }),
    quantity: fc.integer({ min: 1, max: 9 }),
    long: fc.boolean(),
  })
  const build = (
    stock: { onHand: number; use: Material['use']; keepsDays: number | null; par: number | null }[],
    uses: { day: number; material: number; quantity: number; long: boolean }[],
  ) => {
    const materials = stock.map((one, i) =>
      aMaterial({ id: `m${i}`, name: `m${i}`, packs: [pack(4, 130), pack(7, 200, 'the craft shop')], ...one }),
    )
    const activities = uses.map((one, i) =>
      idea(`a${i}`, [aNeed(`m${one.material}`, { quantity: one.quantity })], { standing: true }),
    )
    const placements = uses.map((one, i) =>
      aPlacement(one.long ? setUp(one.day, Math.min(10, one.day + 3)) : moment(one.day), {
        id: `p${i}`,
        activityId: `a${i}`,
      }),
    )
    return aSnapshot({ materials, activities, placements })
  }
  const plans = [
    fc.array(anyMaterial, { minLength: 3, maxLength: 3 }),
    fc.array(anyUse, { minLength: 1, maxLength: 8 }),
  ] as const
  it('has needs that add up over any split of it', () => {
    fc.assert(
      fc.property(...plans, fc.array(fc.boolean(), { minLength: 8, maxLength: 8 }), (stock, uses, left) => {
        const whole = build(stock, uses)
        const half = (which: boolean) => ({
          ...whole,
          placements: whole.placements.filter((_, i) => left[i] === which),
        })
        const needOf = (snapshot: UnitSnapshot, id: string) =>
          supplyList(snapshot, resolvePlan(snapshot)).find((line) => line.material.id === id)?.need ?? 0
        for (const material of whole.materials.filter((one) => one.use === 'consumable')) {
          expect(needOf(half(true), material.id) + needOf(half(false), material.id)).toBe(needOf(whole, material.id))
        }
      }),
      { numRuns: 60 },
    )
  })
  it('is as short after another unit as it is on one list with it', () => {
    fc.assert(
      fc.property(...plans, plans[1], (stock, uses, later) => {
        const source = (snapshot: UnitSnapshot) => ({ snapshot, plan: resolvePlan(snapshot) })
        const first = source(build(stock, uses))
        const after = build(stock, later)
        const second = source({
          ...after,
          unit: { ...after.unit, id: 'later', start: '2026-03-18' },
          placements: after.placements.map((one) => ({ ...one, id: `later-${one.id}`, unitId: 'later' })),
          spokenFor: spokenForBy([first]),
        })
        const shortOf = (lines: SupplyLine[], id: string) =>
          lines.find((line) => line.material.id === id)?.shortage ?? 0
        const [alone, together, before] = [supplyListOf([second]), supplyListOf([first, second]), supplyListOf([first])]
        for (const { id } of first.snapshot.materials.filter((one) => one.use === 'consumable'))
          expect(shortOf(before, id) + shortOf(alone, id)).toBe(shortOf(together, id))
      }),
      { numRuns: 60 },
    )
  })
  it('has nothing short and no negative count once all is bought that is listed, and all is done that is planned', () => {
    fc.assert(
      fc.property(...plans, (stock, uses) => {
        const before = build(stock, uses)
        const lines = supplyList(before, resolvePlan(before))
        const bought = {
          ...before,
          materials: before.materials.map((one) => {
            const line = lines.find((other) => other.material.id === one.id)
            return { ...one, onHand: one.onHand + (line?.buys.reduce((sum, buy) => sum + buy.quantity, 0) ?? 0) }
          }),
        }
        const then = supplyList(bought, resolvePlan(bought))
        expect(then.filter(isToGet)).toEqual([])
        for (const line of then) {
          const left = line.onHand - (line.material.use === 'consumable' ? line.need : 0)
          expect(left).toBeGreaterThanOrEqual(line.material.par ?? 0)
        }
      }),
      { numRuns: 100 },
    )
  })
  it('costs what its trips cost, and no more than each shop alone would, bought at once', () => {
    fc.assert(
      fc.property(...plans, (stock, uses) => {
        const snapshot = build(stock, uses)
        const lines = supplyList(snapshot, resolvePlan(snapshot))
        expect(tripsOf(lines).reduce((sum, trip) => sum + trip.cost, 0)).toBe(
          lines.reduce((sum, line) => sum + line.cost, 0),
        )
        for (const line of lines.filter((one) => one.buys.length && one.material.keepsDays === null)) {
          const greedy = Math.ceil((line.shortage + line.topUp) / 4) * 130
          expect(line.cost).toBeLessThanOrEqual(greedy)
          expect(line.planCost).toBeLessThanOrEqual(line.cost)
        }
        expect(supplyGroups(lines).reduce((sum, group) => sum + group.cost, 0)).toBe(
          lines.reduce((sum, line) => sum + line.cost, 0),
        )
      }),
      { numRuns: 60 },
    )
  })
})
