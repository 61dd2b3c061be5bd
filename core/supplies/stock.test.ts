import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Material, type StockOp, Op, Purchase, StockEntry } from '../domain'
import { byId } from '../base'
import { resolvePlan } from '../plan'
import {
  aChild,
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
} from '../testing/build'
import { cartOf, notThere, packSum, purchaseId, sumOf, tickInShop } from './shopping'
import { stocked, stockOp } from './stock'
import { supplyList, supplyListOf } from './supplyList'
import { takeOut, tookChange } from './takeOut'

const op = (change: number, over: Partial<StockOp> = {}): StockOp =>
  stockOp('thing', { entryId: 'entry', change, reason: 'counted', date: '2026-03-10', by: 'Maren', ...over })
const pack = (size: number, price: number, shop = 'the grocer') => ({ size, price, shop, seen: null })

describe('a change of what is on hand', () => {
  it('adds and takes, and never leaves less than nothing: the entry says what was really taken', () => {
    expect(stocked(aMaterial({ onHand: 12 }), op(8))).toMatchObject({
      material: { onHand: 20 },
      entry: { change: 8, after: 20 },
    })
    expect(stocked(aMaterial({ onHand: 12 }), op(-20))).toMatchObject({
      material: { onHand: 0 },
      entry: { change: -12, after: 0 },
    })
  })
  it('makes entries that the store takes, and adds up in any order', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 500 }), { maxLength: 8 }), (adds) => {
        const end = (list: number[]) =>
          list.reduce<Material>((now, change) => stocked(now, op(change)).material, aMaterial({ onHand: 3 })).onHand
        expect(end(adds)).toBe(end([...adds].reverse()))
        for (const change of adds)
          expect(StockEntry.safeParse(stocked(aMaterial(), op(change)).entry).success).toBe(true)
      }),
    )
  })
  it('remembers a pack as it was found: its price and day, or a new one', () => {
    const found = { size: 50, price: 140, shop: 'The grocer', seen: '2026-03-10' }
    const known = aMaterial({ packs: [pack(50, 125), pack(120, 275)] })
    expect(stocked(known, op(50, { packs: [found] })).material.packs).toEqual([found, pack(120, 275)])
    expect(stocked(known, op(30, { packs: [{ ...found, size: 30 }] })).material.packs).toHaveLength(3)
  })
  it('forgets the pack that nobody has seen for longest, where there are twelve', () => {
    const many = aMaterial({
      packs: Array.from({ length: 12 }, (_, i) => ({
        ...pack(i + 1, 100),
        seen: i === 4 ? '2020-01-01' : '2026-01-01',
      })),
    })
    const packs = stocked(many, op(99, { packs: [{ ...pack(99, 500), seen: '2026-03-10' }] })).material.packs
    expect([packs.length, packs.some((one) => one.size === 5), packs.some((one) => one.size === 99)]).toEqual([
      12,
      false,
      true,
    ])
  })
  it.each([
    ['a pack of nothing', { packs: [{ ...pack(0, 100) }] }, 'packs.0.size'],
    ['a price below 0', { packs: [pack(5, -1)] }, 'packs.0.price'],
    ['ten million and one', { change: 10_000_001 }, 'change'],
    ['no reason of ours', { reason: 'lost' }, 'reason'],
  ])('is refused with %s, at its field', (_, over, field) => {
    const checked = Op.safeParse({ ...op(1), ...over })
    expect(checked.error?.issues.map((issue) => issue.path.join('.'))).toContain(field)
  })
  it('takes a price of 0 and a thousand packs, and refuses more', () => {
    const purchase = (packs: object[]) =>
      Purchase.safeParse({
        id: 'p',
        unitId: null,
        materialId: 'thing',
        quantity: 1,
        paid: 0,
        date: '2026-03-10',
        packs,
      })
    expect([
      purchase([{ size: 1, count: 1000, price: 0 }]).success,
      purchase([{ size: 1, count: 1001, price: 0 }]).error?.issues[0].path.join('.'),
    ]).toEqual([true, 'packs.0.count'])
  })
})

describe('what is done takes out', () => {
  const session = (
    materials: Material[],
    requirements = [aNeed('thing', { quantity: 2, basis: { by: 'child' }, alternatives: ['ring'] })],
  ) => {
    const snapshot = aSnapshot({
      children: children(5),
      materials,
      activities: [anActivity({ requirements })],
      placements: [aPlacement(moment(1))],
    })
    return { session: resolvePlan(snapshot).sessions[0], materials: byId(materials) }
  }
  const took = (...list: Material[]) => {
    const { session: one, materials } = session(list)
    return takeOut(one, materials)
  }
  it('its consumables for those who took part, and no reusable', () => {
    expect(took(aMaterial({ onHand: 40 }))).toEqual({ thing: 10 })
    expect(took(aMaterial({ onHand: 40, use: 'reusable' }))).toEqual({})
  })
  it('no more than was there, then the alternative that its idea names', () => {
    expect(took(aMaterial({ onHand: 4 }), aMaterial({ id: 'ring', onHand: 5 }))).toEqual({ thing: 4, ring: 5 })
    expect(took(aMaterial({ onHand: 4 }))).toEqual({ thing: 4 })
    expect(took(aMaterial({ onHand: 0, way: 'have' }))).toEqual({})
  })
  it('once where two requirements take the same', () => {
    const { session: one, materials } = session(
      [aMaterial({ onHand: 12 })],
      [aNeed('thing', { id: 'a', quantity: 8 }), aNeed('thing', { id: 'b', quantity: 8 })],
    )
    expect(takeOut(one, materials)).toEqual({ thing: 12 })
  })
  it('and gives back what came back, or all of it when it was not done after all', () => {
    expect(tookChange({}, { thing: 10 })).toEqual([{ materialId: 'thing', change: -10 }])
    expect(tookChange({ thing: 10 }, { thing: 7 })).toEqual([{ materialId: 'thing', change: 3 }])
    expect(tookChange({ thing: 10, ring: 2 }, {})).toEqual([
      { materialId: 'thing', change: 10 },
      { materialId: 'ring', change: 2 },
    ])
    expect(tookChange({ thing: 10 }, { thing: 10 })).toEqual([])
  })
})

describe('a tick in the shop', () => {
  const material = aMaterial({ packs: [pack(10, 200)] })
  const source = (id: string, quantity: number) => {
    const snapshot = aSnapshot({
      unit: aUnit({ id }),
      materials: [material],
      activities: [anActivity({ requirements: [aNeed('thing', { quantity })] })],
      placements: [aPlacement(moment(1), { id: `p-${id}`, unitId: id })],
    })
    return { snapshot, plan: resolvePlan(snapshot) }
  }
  const found = { shop: 'the grocer', date: '2026-03-03', by: 'Teo', number: 0, entryId: 'entry' }
  it('puts whole packs in, remembers their price, and pays for the unit', () => {
    const [line] = supplyListOf([source('one', 12)])
    const { purchases, stock } = tickInShop(line, { ...found, packs: [{ size: 10, count: 2, price: 210 }] })
    expect(stock).toMatchObject({
      change: 20,
      reason: 'bought',
      packs: [{ size: 10, price: 210, shop: 'the grocer', seen: '2026-03-03' }],
    })
    expect(purchases).toMatchObject([{ unitId: 'one', quantity: 20, paid: 420, packs: [{ count: 2 }], by: 'Teo' }])
  })
  it('is parted over the units by what each is short, to the cent', () => {
    const [line] = supplyListOf([source('one', 3), source('two', 6)])
    const { purchases } = tickInShop(line, { ...found, packs: [{ size: 10, count: 1, price: 100 }] })
    expect(purchases.map((one) => [one.unitId, one.paid, one.quantity])).toEqual([
      ['one', 33, 3.333],
      ['two', 67, 6.667],
    ])
  })
  it("is the house's own where it only fills up", () => {
    const snapshot = aSnapshot({ materials: [{ ...material, par: 8 }], placements: [] })
    const [line] = supplyList(snapshot, resolvePlan(snapshot))
    expect(tickInShop(line, { ...found, packs: [{ size: 10, count: 1, price: 200 }] }).purchases).toMatchObject([
      { unitId: null, paid: 200 },
    ])
  })
  it('has one id for whoever ticks the same line on the same day, and another for the next', () => {
    const long = 'a'.repeat(64)
    expect(purchaseId('2026-03-03', 0, 'one', long)).toBe(purchaseId('2026-03-03', 0, 'one', long))
    const ids = [
      purchaseId('2026-03-03', 0, 'one', 'thing'),
      purchaseId('2026-03-03', 1, 'one', 'thing'),
      purchaseId('2026-03-03', 0, null, 'thing'),
      purchaseId('2026-03-04', 0, 'one', 'thing'),
      purchaseId('2026-03-03', 0, 'one', long),
    ]
    expect(new Set(ids).size).toBe(5)
    for (const id of ids) expect(id).toMatch(/^[a-z0-9][a-z0-9-]{0,63}$/)
  })
})

describe('what is not in the shop', () => {
  const paper = aMaterial({ id: 'paper', name: 'paper', packs: [pack(10, 90)] })
  const silk = aMaterial({
    name: 'silk',
    packs: [pack(4, 300), pack(4, 350, 'the craft shop'), pack(4, 100, 'online')],
  })
  const home = aHome({ shops: [{ name: 'online', weekdays: [], deliveryDays: 30 }] })
  const snapshot = aSnapshot({
    home,
    materials: [silk, paper],
    activities: [
      anActivity({ title: 'Kite', requirements: [aNeed('thing', { quantity: 3, alternatives: ['paper'] })] }),
    ],
    placements: [aPlacement(moment(4))],
  })
  const [line] = supplyList(snapshot, resolvePlan(snapshot))
  it('is got elsewhere, met with another material, or done without: each with what it means', () => {
    expect(
      notThere(line, 'the grocer', home, '2026-03-02', [{ snapshot, plan: resolvePlan(snapshot) }]).map((one) => [
        one.kind,
        one.words,
      ]),
    ).toEqual([
      ['elsewhere', 'The craft shop, Sat 7, $3.50'],
      ['elsewhere', 'Online, Mon 2, $1.00: 24 days too late'],
      ['instead', 'Paper for Kite, $0.90'],
      ['without', 'Without it: Kite on Mon 9'],
    ])
  })
  it('is not met with what is an allergen for one who takes part', () => {
    const nutty = {
      ...snapshot,
      children: [aChild({ allergens: ['milk'] })],
      materials: [silk, { ...paper, safety: { ...paper.safety, allergens: ['milk' as const] } }],
    }
    const source = { snapshot: nutty, plan: resolvePlan(nutty) }
    expect(
      notThere(supplyList(nutty, source.plan)[0], 'the grocer', home, '2026-03-02', [source]).map((one) => one.kind),
    ).toEqual(['elsewhere', 'elsewhere', 'without'])
  })
})

describe('the cart', () => {
  const bought = (id: string, materialId: string, quantity: number, paid: number, over = {}) =>
    aPurchase({ id, materialId, quantity, paid, date: '2026-03-04', shop: 'the grocer', ...over })
  const all = [
    bought('a', 'flour', 1000, 190),
    bought('b', 'rice', 500, 120),
    bought('c', 'flour', 250.5, 60, { unitId: null }),
    bought('d', 'salt', 737, 99, { shop: 'the dollar aisle' }),
    bought('e', 'salt', 737, 99, { date: '2026-03-03' }),
  ]
  it('holds what was bought in this shop today, a line that was parted over units once', () => {
    expect(
      cartOf(all, '2026-03-04', 'the grocer').map(({ materialId, quantity, paid, purchases }) => [
        materialId,
        quantity,
        paid,
        purchases.map((one) => one.id),
      ]),
    ).toEqual([
      ['flour', 1250.5, 250, ['a', 'c']],
      ['rice', 500, 120, ['b']],
    ])
    expect(cartOf(all, '2026-03-05', 'the grocer')).toEqual([])
  })
  it('adds up to a thousandth, whatever the computer would add', () => {
    expect(sumOf([0.1, 0.2].map((quantity) => ({ quantity, paid: 1 })))).toEqual({ quantity: 0.3, paid: 2 })
    expect(
      packSum([
        { size: 1.1, count: 3, price: 250 },
        { size: 50, count: 0, price: 100 },
      ]),
    ).toEqual({ quantity: 3.3, price: 750 })
  })
})
