import { describe, expect, it } from 'vitest'
import { resolvePlan } from '../plan'
import { supplyList } from '../supplies'
import { aHome, aMaterial, aPlacement, aSnapshot, aUnit, anActivity, moment, setUp } from '../testing/build'
import { alsoOf } from './also'

const need = (materialId: string) => ({
  id: materialId,
  materialId,
  quantity: 4,
  basis: { by: 'set-up' as const },
  spare: 0,
  variants: null,
  reach: 'children' as const,
  alternatives: [],
})
const EVERY = { from: '08:00', to: '17:00' }
/** Wednesday, March 4 to Friday; a bin that stays out two days, and a painting on the last. */
const snapshot = (today: string) =>
  aSnapshot({
    home: aHome({
      open: { mon: EVERY, tue: EVERY, wed: EVERY, thu: EVERY, fri: EVERY },
      shoppingDays: ['tue'],
      askDaysAhead: 2,
    }),
    unit: aUnit({ start: '2026-03-04', days: 3 }),
    materials: [
      aMaterial({
        id: 'paint',
        name: 'paint',
        way: 'buy',
        onHand: 0,
        packs: [{ size: 500, price: 300, shop: 'the grocer', seen: null }],
      }),
      aMaterial({ id: 'tubes', name: 'cardboard tubes', way: 'ask', onHand: 0 }),
    ],
    activities: [
      anActivity({ id: 'bin', title: 'Bin', minutes: { setUp: 10, do: 20, clear: 5 } }),
      anActivity({
        id: 'easel',
        title: 'Easel',
        minutes: { setUp: 0, do: 20, clear: 15 },
        requirements: [need('paint'), need('tubes')],
      }),
    ],
    placements: [
      aPlacement(setUp(1, 2), { id: 'a', activityId: 'bin' }),
      aPlacement(moment(3), { id: 'b', activityId: 'easel' }),
    ],
    today,
  })
const also = (today: string) => {
  const one = snapshot(today)
  const plan = resolvePlan(one)
  return alsoOf(plan, supplyList(one, plan), today).map((day) => ({
    date: day.date,
    setUp: day.setUp.map((each) => [each.session.activity.title, each.minutes]),
    takeDown: day.takeDown.map((each) => [each.session.activity.title, each.minutes]),
    trips: day.trips.map((trip) => trip.items),
    asks: day.asks,
  }))
}

describe('what else a day asks for', () => {
  it('is set up on the first day, taken down on the last, bought on the trip before, and asked for ahead', () => {
    const days = also('2026-03-02')
    expect(days.find((day) => day.date === '2026-03-04')).toMatchObject({ setUp: [['Bin', 10]], takeDown: [] })
    expect(days.find((day) => day.date === '2026-03-05')).toMatchObject({ setUp: [], takeDown: [['Bin', 5]] })
    expect(days.find((day) => day.date === '2026-03-06')).toMatchObject({ setUp: [], takeDown: [['Easel', 15]] })
    expect(days.find((day) => day.trips.length)).toMatchObject({ date: '2026-03-03', trips: [1] })
    expect(days.flatMap((day) => day.asks)).toEqual(['cardboard tubes'])
    expect(days.map((day) => day.date)).toEqual([...days.map((day) => day.date)].sort())
  })
  it('is over when its day is', () => {
    const later = also('2026-03-06')
    expect(later.flatMap((day) => day.setUp)).toEqual([])
    expect(later.flatMap((day) => day.takeDown)).toEqual([['Easel', 15]])
  })
})
