import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays, daysBetween, isOpen, weekdayOf } from '../base'
import { WEEKDAYS, type Home, type Material, type UnitSnapshot, type Weekday } from '../domain'
import { resolvePlan } from '../plan'
import { aHome, aMaterial, anActivity, aNeed, aPlacement, aSnapshot, moment } from '../testing/build'
import { supplyList, type SupplyLine } from './supplyList'

const pack = (size: number, price: number, shop: string) => ({ size, price, shop, seen: null })
const shop = (name: string, weekdays: Weekday[], deliveryDays = 0) => ({ name, weekdays, deliveryDays })
/** Placements on program days of a unit that starts on Wednesday, March 4 2026. */
const lineOf = (
  material: Partial<Material>,
  days: number[],
  home: Partial<Home>,
  over: Partial<UnitSnapshot> = {},
  quantity = 10,
): SupplyLine => {
  const snapshot = aSnapshot({
    home: aHome(home),
    materials: [aMaterial(material)],
    activities: [anActivity({ requirements: [aNeed('thing', { quantity })] })],
    placements: days.map((day) => aPlacement(moment(day), { id: `on-${day}` })),
    ...over,
  })
  return supplyList(snapshot, resolvePlan(snapshot))[0]
}
const tripsOf = (line: SupplyLine) => line.buys.map((buy) => [buy.shop, buy.trip.date, buy.trip.spoils])

describe('what does not keep', () => {
  const shops = [shop('early', ['mon']), shop('late', ['thu'])]
  it('is bought where a later trip keeps it fresh, though it is dearer there', () => {
    // Day 3 is Friday, March 6. Monday’s keeps two days and would be gone; Thursday’s is there on the day before.
    const line = lineOf({ keepsDays: 2, packs: [pack(10, 100, 'early'), pack(10, 400, 'late')] }, [3], { shops })
    expect([tripsOf(line), line.cost]).toEqual([[['late', '2026-03-05', false]], 400])
  })
  it('is bought where it is cheap when it keeps, and spoiled only where nothing else can be had', () => {
    expect(
      tripsOf(lineOf({ keepsDays: 5, packs: [pack(10, 100, 'early'), pack(10, 400, 'late')] }, [3], { shops })),
    ).toEqual([['early', '2026-03-02', false]])
    expect(tripsOf(lineOf({ keepsDays: 2, packs: [pack(10, 100, 'early')] }, [3], { shops }))).toEqual([
      ['early', '2026-03-02', true],
    ])
  })
  it('is not bought twice where one trip to a shop that is not named first keeps it for both', () => {
    // Friday 6 and Monday, March 9: from Thursday four days, from Monday seven.
    const line = lineOf({ keepsDays: 4, packs: [pack(10, 100, 'early'), pack(10, 100, 'late')] }, [3, 4], { shops })
    expect(tripsOf(line)).toEqual([['late', '2026-03-05', false]])
  })
  it('never spoils where each use could be bought fresh by itself, in any home', () => {
    const weekdays = fc.subarray([...WEEKDAYS], { minLength: 1, maxLength: 3 })
    const someShop = fc.record({
      weekdays,
      deliveryDays: fc.integer({ min: 0, max: 3 }),
      price: fc.integer({ min: 50, max: 900 }),
    })
    fc.assert(
      fc.property(
        fc.array(someShop, { minLength: 1, maxLength: 3 }),
        fc.integer({ min: 1, max: 8 }),
        fc.uniqueArray(fc.integer({ min: 1, max: 10 }), { minLength: 1, maxLength: 4 }),
        (list, keepsDays, days) => {
          const all = list.map((one, i) => ({ ...one, name: `shop ${i}` }))
          const today = '2026-02-20'
          const line = lineOf(
            { keepsDays, packs: all.map((one) => pack(10, one.price, one.name)) },
            days,
            { shops: all.map((one) => shop(one.name, one.weekdays, one.deliveryDays)) },
            { today },
          )
          const fresh = line.needs.every((need) =>
            all.some((one) => {
              for (let ahead = 0; ahead < 40; ahead++) {
                const [ordered, here] = [addDays(today, ahead), addDays(today, ahead + one.deliveryDays)]
                if (
                  here < need.use.date &&
                  one.weekdays.includes(weekdayOf(ordered)) &&
                  daysBetween(here, need.use.date) <= keepsDays
                )
                  return true
              }
              return false
            }),
          )
          if (fresh) for (const buy of line.buys) expect([buy.trip.spoils, buy.trip.lateDays]).toEqual([false, 0])
        },
      ),
      { numRuns: 400 },
    )
  })
})

describe('what is planned, beside what brings the house up to its least', () => {
  it('is priced at the shop that comes in time, not at one that comes too late', () => {
    const line = lineOf(
      { par: 10, packs: [pack(10, 100, 'slow'), pack(10, 400, 'quick')] },
      [1],
      { shops: [shop('slow', ['sun']), shop('quick', ['tue'])] },
      { today: '2026-03-02' },
    )
    expect([line.shortage, line.topUp, line.planCost, line.cost]).toEqual([10, 10, 400, 800])
  })
  it('is priced trip by trip, as it is bought', () => {
    // Two uses a week apart that do not keep together: a pack of ten each, not the one of twenty that both at once
    // would take.
    const line = lineOf(
      { keepsDays: 3, par: 5, packs: [pack(10, 300, 'grocer'), pack(20, 400, 'grocer')] },
      [2, 7],
      { shops: [shop('grocer', ['tue'])] },
      { today: '2026-03-02' },
    )
    expect([line.buys.length, line.planCost, line.cost]).toEqual([2, 600, 700])
  })
})

it('an order that only brings the house up to its least is there once it is delivered', () => {
  const home = aHome({ shops: [shop('online', ['mon'], 3)] })
  const snapshot = aSnapshot({
    home,
    materials: [aMaterial({ par: 5, packs: [pack(10, 100, 'online')] })],
    today: '2026-03-03',
  })
  const [line] = supplyList(snapshot, resolvePlan(snapshot))
  expect(line.buys[0].trip).toEqual({ date: '2026-03-09', here: '2026-03-12', lateDays: 0, spoils: false })
})

describe('what families bring', () => {
  const asked = (closures: Home['closures']) =>
    lineOf(
      { way: 'ask' },
      [1],
      { closures },
      { today: '2026-02-01', unit: { ...aSnapshot().unit, start: '2026-03-23' } },
    )
  it('comes on an open day, also after a closure of three weeks', () => {
    const home = aHome({
      closures: Array.from({ length: 21 }, (_, i) => ({ date: addDays('2026-03-02', i), reason: 'Spring' })),
    })
    const line = asked(home.closures)
    expect(isOpen(home, line.ask!.bringBy)).toBe(true)
    expect(line.ask!.bringBy).toBe('2026-02-27')
  })
})
