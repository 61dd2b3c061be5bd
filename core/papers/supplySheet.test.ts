import { describe, expect, it } from 'vitest'
import { byId } from '../base'
import { resolvePlan } from '../plan'
import { supplyList, tripsOf } from '../supplies'
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
} from '../testing/build'
import { byCategory, categoryOf, supplyMarkdown, supplyRows, tripWords, yearRows } from './supplySheet'

const sticks = aMaterial({
  name: '*craft* sticks',
  onHand: 20,
  packs: [{ size: 50, price: 125, shop: 'the dollar aisle', seen: null }],
})
const flour = aMaterial({ id: 'flour', name: 'flour', unit: 'g', onHand: 5000, shopPart: 'baking' })
const snapshot = aSnapshot({
  home: aHome({ shops: [{ name: 'online', weekdays: [], deliveryDays: 2 }] }),
  children: children(7),
  materials: [sticks, flour],
  activities: [
    anActivity({
      title: 'Build',
      requirements: [aNeed('thing', { quantity: 8, basis: { by: 'child' } }), aNeed('flour', { quantity: 300 })],
    }),
  ],
  placements: [aPlacement(moment(4))],
})
const lines = supplyList(snapshot, resolvePlan(snapshot))

describe('the list on paper', () => {
  it('is a table from which every sum can be made again', () => {
    expect(supplyRows(lines, snapshot.home)).toEqual([
      [
        'what',
        'needed',
        'on hand',
        'for other units',
        'to get',
        'unit',
        'how',
        'packs',
        'shop',
        'part of the shop',
        'cost',
        'first used',
        'when',
        'for',
      ],
      [
        '*craft* sticks',
        '56',
        '20',
        '',
        '36',
        'each',
        'Buy it',
        '1 × 50',
        'the dollar aisle',
        'craft pieces',
        '1.25',
        '2026-03-09',
        'by Sat 7',
        'Build',
      ],
      ['flour', '300', '5000', '', '0', 'g', 'In the house', '', '', 'baking', '', '2026-03-09', '', 'Build'],
    ])
  })
  it('is Markdown with boxes to tick, its text kept as text', () => {
    expect(supplyMarkdown('What to get: Kites', lines, snapshot.home)).toBe(
      '# What to get: Kites\n\n## The dollar aisle, $1.25\n\n- [ ] \\*craft\\* sticks: 36 (1 × 50), by Sat 7\n',
    )
    expect(supplyMarkdown('What to get', [], snapshot.home)).toContain('Have everything')
  })
  it('is an entry of the calendar for each trip, and an order says when it is here', () => {
    expect(tripWords(tripsOf(lines)[0], snapshot.home)).toEqual({
      title: 'Shop: the dollar aisle, 1 thing',
      text: '*craft* sticks: 1 × 50\n$1.25 in all',
    })
    const sent = { ...snapshot, materials: [{ ...sticks, packs: [{ ...sticks.packs[0], shop: 'online' }] }, flour] }
    expect(tripWords(tripsOf(supplyList(sent, resolvePlan(sent)))[0], snapshot.home).title).toBe(
      'Order: online, 1 thing',
    )
  })
})

describe('the year', () => {
  it('is by date, with a category that the purchase can say itself', () => {
    const rows = yearRows(
      [
        aPurchase({ id: 'b', date: '2026-03-02', paid: 499, shop: 'the grocer', category: 'Gifts' }),
        aPurchase({ id: 'a', materialId: 'flour', date: '2026-02-01', paid: 190 }),
        aPurchase({ id: 'c', materialId: 'gone', date: '2026-04-01' }),
      ],
      byId(snapshot.materials),
    )
    expect(rows).toEqual([
      ['date', 'shop', 'item', 'amount', 'category'],
      ['2026-02-01', '', 'flour', '1.90', 'Food'],
      ['2026-03-02', 'the grocer', '*craft* sticks', '4.99', 'Gifts'],
      ['2026-04-01', '', 'gone', '1.00', 'Activity supplies'],
    ])
  })
  it('tells what stays from what is used up', () =>
    expect(categoryOf({ category: ' ' }, { shopPart: 'toys and tools', use: 'reusable' })).toBe('Toys and equipment'))
})

it('adds a year up by category, the dearest first', () => {
  const paint = aMaterial({ id: 'paint', shopPart: 'art supplies' })
  const bought = (id: string, paid: number, category = '') => aPurchase({ id, materialId: 'paint', paid, category })
  const own = categoryOf({ category: '' }, paint)
  expect(byCategory([bought('a', 300), bought('b', 1200, 'Field trips'), bought('c', 250)], byId([paint]))).toEqual([
    { name: 'Field trips', paid: 1200, count: 1 },
    { name: own, paid: 550, count: 2 },
  ])
})
