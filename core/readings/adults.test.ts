import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { EXAMPLE_LICENSE, STAGES, type Adult, type LicenseRule, type Stage } from '../domain'
import { resolvePlan } from '../plan'
import { aCenter, aChild, aHome, anActivity, aPlacement, aSnapshot, aUnit, moment } from '../testing/build'
import { adultsRequired } from './adultRatio'
import { coverOf, coverOn, minutesShort } from './adultCover'

const ratios = {
  kind: 'ratios' as const,
  perAdult: { infant: 4, 'young-toddler': 6, 'older-toddler': 6, preschool: 10, 'school-age': 12 },
}
const youngest = { ...ratios, kind: 'youngest' as const }
const points: LicenseRule = {
  kind: 'points',
  points: { infant: 3, 'young-toddler': 2, 'older-toddler': 2, preschool: 1, 'school-age': 0 },
  perAdult: 8,
}
const group = (infants: number, toddlers: number, preschool: number): Stage[] => [
  ...Array(infants).fill('infant'),
  ...Array(toddlers).fill('young-toddler'),
  ...Array(preschool).fill('preschool'),
]

describe('adults required', () => {
  it.each<[string, LicenseRule, Stage[], number]>([
    // 1/4 + 2/6 + 4/10 = 0.983; with one infant more 1.233.
    ['parts add up to less than one', ratios, group(1, 2, 4), 1],
    ['one infant more', ratios, group(2, 2, 4), 2],
    // 2/4 + 3/6 is one, and thirds and tenths do not push it over.
    ['exactly one', ratios, group(2, 3, 0), 1],
    ['three times a third of six, and tenths', ratios, [...group(0, 3, 5)], 1],
    // Seven there, the youngest an infant at 1:4; without the infant 1:6; preschoolers alone 1:10.
    ['the youngest decides: an infant', youngest, group(1, 2, 4), 2],
    ['the youngest decides: a toddler', youngest, group(0, 2, 4), 1],
    ['the youngest decides: seven with a toddler', youngest, group(0, 3, 4), 2],
    // 3 + 4 + 4 = 11 points of 8.
    ['points', points, group(1, 2, 4), 2],
    ['eight points', points, group(0, 2, 4), 1],
    ['nobody counts, and still not alone', points, ['school-age'], 1],
    ['nobody there', ratios, [], 0],
  ])('%s', (_, rule, stages, expected) => expect(adultsRequired(rule, stages)).toBe(expected))
  it('never falls when one more child comes', () => {
    const stage = fc.constantFrom(...STAGES)
    fc.assert(
      fc.property(
        fc.array(stage, { maxLength: 12 }),
        stage,
        fc.constantFrom<LicenseRule>(ratios, points),
        (there, more, rule) => {
          expect(adultsRequired(rule, [...there, more])).toBeGreaterThanOrEqual(adultsRequired(rule, there))
        },
      ),
    )
  })
})

const adult = (id: string, from: string, to: string, over: Partial<Adult> = {}): Adult => ({
  id,
  name: id,
  role: 'assistant',
  hours: { wed: { from, to }, thu: { from, to } },
  exceptions: [],
  prepWindows: [],
  prepDays: [],
  note: '',
  ...over,
})
const kids = [
  aChild({ id: 'a', born: '2025-06-01' }),
  aChild({ id: 'b', born: '2024-06-01', attendance: { wed: { from: '09:00', to: '12:00' } } }),
  aChild({ id: 'c', born: '2022-06-01', attendance: { wed: { from: '08:00', to: '10:00' } } }),
]
const WED = '2026-03-04'

describe('a day’s cover', () => {
  const home = aHome({
    license: { ...EXAMPLE_LICENSE, rule: { ...ratios, perAdult: { ...ratios.perAdult, infant: 1 } } },
  })
  it('is cut where someone comes or goes, and says who is missing', () => {
    // a is here 8 to 17 and fills one adult; b from 9 to 12 asks for a second; Teo comes at 9:30 and goes at 11.
    const intervals = coverOn(WED, {
      home,
      children: kids,
      adults: [adult('maren', '08:00', '17:00'), adult('teo', '09:30', '11:00')],
    })
    expect(
      intervals.map((one) => [one.from, one.to, one.children.length, one.required, one.adults.length, one.short]),
    ).toEqual([
      ['08:00', '09:00', 2, 2, 1, 1],
      ['09:00', '09:30', 3, 2, 1, 1],
      ['09:30', '10:00', 3, 2, 2, 0],
      ['10:00', '11:00', 2, 2, 2, 0],
      ['11:00', '12:00', 2, 2, 1, 1],
      ['12:00', '17:00', 1, 1, 1, 0],
    ])
    expect(minutesShort(intervals)).toBe(150)
  })
  it('follows an absence of a child and of an adult at once', () => {
    const away = { date: WED, here: null }
    const without = coverOn(WED, {
      home,
      children: [{ ...kids[0], exceptions: [away] }, kids[1]],
      adults: [adult('maren', '08:00', '17:00', { exceptions: [away] })],
    })
    expect(without.map((one) => [one.from, one.to, one.required, one.short])).toEqual([['09:00', '12:00', 1, 1]])
  })
  it('holds the number of children at once, in all and under two', () => {
    const over = (license: Partial<typeof EXAMPLE_LICENSE>) =>
      coverOn(WED, { home: { ...home, license: { ...EXAMPLE_LICENSE, ...license } }, children: kids, adults: [] }).map(
        (one) => one.over,
      )
    expect(over({ children: 2 })).toEqual([0, 1, 0, 0])
    expect(over({ underTwo: 1 })).toEqual([0, 1, 1, 0])
  })
})

describe('clashes of attention', () => {
  const hands = anActivity({ id: 'hands', attention: 'hands-on', minutes: { setUp: 0, do: 30, clear: 0 } })
  const near = anActivity({ id: 'near', attention: 'nearby', minutes: { setUp: 0, do: 30, clear: 0 } })
  const of = (adults: Adult[], ...placements: ReturnType<typeof aPlacement>[]) => {
    const snapshot = aSnapshot({
      home: aHome(),
      adults,
      centers: [aCenter({ atOnce: 12 })],
      activities: [hands, near],
      unit: aUnit({ start: WED, days: 2 }),
      placements,
    })
    return coverOf(resolvePlan(snapshot), snapshot, '2026-03-02').clashes.map((one) => [
      one.kind,
      one.date,
      one.from,
      one.to,
      one.adult?.id ?? null,
    ])
  }
  const at = (id: string, activityId: string, from: string, over = {}) =>
    aPlacement(moment(1, 'choice', from), { id, activityId, centerId: 'art', ...over })
  const maren = adult('maren', '08:00', '17:00')
  it('are found while two want hands and one adult is there', () => {
    expect(of([maren], at('x', 'hands', '09:30'), at('y', 'hands', '09:40'))).toEqual([
      ['hands', WED, '09:40', '10:00', null],
    ])
    expect(of([maren, adult('teo', '09:45', '14:00')], at('x', 'hands', '09:30'), at('y', 'hands', '09:40'))).toEqual([
      ['hands', WED, '09:40', '09:45', null],
    ])
  })
  it('are none for what only wants someone near, nor one after the other', () => {
    expect(of([maren], at('x', 'hands', '09:30'), at('y', 'near', '09:30'))).toEqual([])
    expect(of([maren], at('x', 'hands', '09:30'), at('y', 'hands', '10:00'))).toEqual([])
  })
  it('name who leads two things at once, or is away', () => {
    const teo = adult('teo', '09:45', '14:00')
    expect(
      of([maren, teo], at('x', 'hands', '09:50', { leadId: 'teo' }), at('y', 'hands', '10:00', { leadId: 'teo' })),
    ).toEqual([['lead-twice', WED, '10:00', '10:20', 'teo']])
    expect(of([maren, teo], at('x', 'near', '09:30', { leadId: 'teo' }))).toEqual([
      ['lead-away', WED, '09:30', '10:00', 'teo'],
    ])
  })
  it('are not looked for in what is behind', () => {
    expect(of([maren], at('x', 'hands', '09:30', { status: 'done' }), at('y', 'hands', '09:40'))).toEqual([])
  })
})
