import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Adult } from '../domain'
import type { UnitSnapshot } from '../domain'
import { resolvePlan } from '../plan'
import { aCenter, aHome, anActivity, aPlacement, aSnapshot, aUnit, moment } from '../testing/build'
import { curesFor, withCure } from './cures'
import { preparationOf } from './preparation'

const WINDOWS = (['mon', 'tue', 'wed', 'thu', 'fri'] as const).flatMap((weekday) => [
  { weekday, name: 'Nap', from: '13:15', to: '14:45', naps: false },
  { weekday, name: 'Evening', from: '20:00', to: '20:40', naps: false },
])
const maren: Adult = {
  id: 'm',
  name: 'Maren',
  role: 'provider',
  hours: {},
  exceptions: [],
  prepWindows: WINDOWS,
  prepDays: [],
  note: '',
}
const idea = (minutes: number) =>
  anActivity({
    id: `i${minutes}`,
    prep: minutes ? [{ id: 'p', text: 'Cut.', minutes, wait: 0, splits: true, uses: [], kind: null, per: null }] : [],
  })
/** Wednesday 4 to Friday, March 6. */
const of = (placements: [day: number, minutes: number, over?: object][], today = '2026-03-03', adults = [maren]) => {
  const snapshot = aSnapshot({
    home: aHome(),
    adults,
    centers: [aCenter()],
    activities: [...new Set(placements.map(([, minutes]) => minutes))].map(idea),
    unit: aUnit({ start: '2026-03-04', days: 3 }),
    placements: placements.map(([day, minutes, over], i) =>
      aPlacement(moment(day), { id: `p${i}`, activityId: `i${minutes}`, ...over }),
    ),
    today,
  })
  const { days } = preparationOf(snapshot, resolvePlan(snapshot), [])
  return days.map(({ day, own, due, window, over }) => [day, own, due, window, over])
}

const prepared = (snapshot: UnitSnapshot) => preparationOf(snapshot, resolvePlan(snapshot), [])

describe('preparation by day', () => {
  it('adds up what is due and the windows before it', () => {
    // Tuesday's nap and evening are 130 minutes before Wednesday at 9:30; each further day brings 130 more.
    expect(
      of([
        [1, 60],
        [2, 90],
        [3, 45],
      ]),
    ).toEqual([
      [1, 60, 60, 130, 0],
      [2, 90, 150, 260, 0],
      [3, 45, 195, 390, 0],
    ])
  })
  it('names the first day that does not fit, with its overrun', () => {
    expect(
      of([
        [1, 60],
        [1, 90],
        [2, 100],
      ]),
    ).toEqual([
      [1, 150, 150, 130, 20],
      [2, 100, 250, 260, 0],
    ])
  })
  it('counts a window of the day itself only as far as it lies before the start', () => {
    const early = {
      ...maren,
      prepWindows: [{ weekday: 'wed' as const, name: 'Before', from: '09:10', to: '10:00', naps: false }],
    }
    expect(of([[1, 30]], '2026-03-03', [early])).toEqual([[1, 30, 30, 20, 10]])
  })
  it('leaves out today, what is done and what needs nothing', () => {
    expect(
      of(
        [
          [1, 60],
          [2, 45],
        ],
        '2026-03-04',
      ),
    ).toEqual([[2, 45, 45, 130, 0]])
    expect(
      of([
        [1, 60, { status: 'done' }],
        [2, 0],
      ]),
    ).toEqual([])
  })
  it('leaves the windows before the unit before has ended to that unit, and those of a day on which someone is away', () => {
    const snapshot = aSnapshot({
      adults: [maren],
      activities: [idea(60)],
      unit: aUnit({ start: '2026-03-04', days: 3 }),
      placements: [aPlacement(moment(3), { activityId: 'i60' })],
    })
    const window = (before: string | null, adult = maren) =>
      prepared({ ...snapshot, adults: [adult], lastDayBefore: before }).days[0].window
    // Friday at 9:30, with 130 minutes of every day before it from Monday on, from Wednesday on, and without Thursday.
    expect([
      window(null),
      window('2026-03-04'),
      window(null, { ...maren, exceptions: [{ date: '2026-03-05', here: null }] }),
    ]).toEqual([520, 260, 390])
  })
  it('is mended by what goes to a later day, the least that is enough first', () => {
    const big = { ...idea(90), title: 'Big' }
    const small = { ...idea(60), title: 'Small' }
    const snapshot = aSnapshot({
      adults: [maren],
      activities: [big, small, { ...idea(15), title: 'Tiny' }],
      unit: aUnit({ start: '2026-03-04', days: 3 }),
      today: '2026-03-03',
      placements: [90, 60, 15].map((minutes) =>
        aPlacement(moment(1), { id: `p${minutes}`, activityId: `i${minutes}` }),
      ),
    })
    const preparation = prepared(snapshot)
    const [over] = preparation.overs
    const cures = curesFor(over, snapshot, resolvePlan(snapshot), preparation, [])
    // 165 minutes in 130: 35 over. To leave Tiny out is not enough; whoever is enough, the card that moves is named.
    expect([over.minutes, over.window?.name]).toEqual([35, 'Evening'])
    expect(cures.filter((one) => one.over === 0 && one.move.kind === 'place').map((one) => one.words)).toEqual([
      'Big on day 2',
      'Small on day 2',
    ])
    expect(cures.filter((one) => one.over > 0).map((one) => [one.words, one.helps])).toEqual([['Tiny on day 2', 15]])
    for (const cure of cures) {
      const after = prepared(withCure(snapshot, cure.move))
      expect(after.overs.reduce((sum, one) => sum + one.minutes, 0)).toBe(cure.over)
    }
    expect(cures[0]).toMatchObject({ over: 0, helps: 35, move: { kind: 'place' } })
  })
  it('never grows when something is taken out', () => {
    const placement = fc.tuple(fc.integer({ min: 1, max: 3 }), fc.constantFrom(15, 40, 90))
    fc.assert(
      fc.property(fc.array(placement, { minLength: 1, maxLength: 6 }), (all) => {
        const over = (list: typeof all) => Math.max(0, ...of(list).map((one) => one[4]))
        expect(over(all.slice(1))).toBeLessThanOrEqual(over(all))
      }),
      { numRuns: 40 },
    )
  })
})
