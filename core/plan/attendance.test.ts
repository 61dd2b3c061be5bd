import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays } from '../base'
import { STAGES } from '../domain'
import { aChild, aHome, aMaterial, anActivity, aNeed, children } from '../testing/build'
import { byAge } from './byAge'
import { ageWords, participants, type Occasion } from './participants'
import { awakeDuring, presentAt } from './presence'
import { stageOfMonths, stageOn } from './stageOn'

const BOUNDS = aHome().stageBounds
const WED = '2026-03-04'
const occasion = (over: Partial<Occasion>): Occasion => ({
  home: aHome(),
  children: [],
  materials: new Map(),
  date: WED,
  from: '09:30',
  to: '10:00',
  ...over,
})

describe('stage', () => {
  it.each([
    [0, 'infant'],
    [11, 'infant'],
    [12, 'young-toddler'],
    [23, 'young-toddler'],
    [24, 'older-toddler'],
    [35, 'older-toddler'],
    [36, 'preschool'],
    [59, 'preschool'],
    [60, 'school-age'],
  ])('at %i months is %s', (months, stage) => expect(stageOfMonths(months, BOUNDS)).toBe(stage))
  it('takes the override of that domain first, and of no other', () => {
    const child = aChild({ born: '2022-01-15', stageOverrides: { 'early-math': 'school-age' } })
    expect(stageOn(child, WED, BOUNDS, 'early-math')).toBe('school-age')
    expect(stageOn(child, WED, BOUNDS, 'language')).toBe('preschool')
  })
})

describe('who is there', () => {
  const napper = aChild({ naps: [{ from: '12:45', to: '15:00' }] })
  it('is asleep when the nap takes more than half of the time, here when it takes half', () => {
    expect(presentAt(napper, WED, '12:00', '14:00')).toBe('asleep')
    expect(presentAt(napper, WED, '12:15', '13:15')).toBe('here')
  })
  it('counts an absence and a drop-in by date', () => {
    const child = aChild({
      attendance: { wed: { from: '08:00', to: '17:00' } },
      exceptions: [
        { date: WED, here: null },
        { date: '2026-03-05', here: { from: '09:00', to: '12:00' } },
      ],
    })
    expect(presentAt(child, WED, '09:00', '10:00')).toBe('not-here')
    expect(presentAt(child, '2026-03-05', '09:00', '10:00')).toBe('here')
    expect(presentAt(child, '2026-03-05', '13:00', '14:00')).toBe('not-here')
  })
  it('is not here before being born', () =>
    expect(presentAt(aChild({ born: '2026-04-01' }), WED, '09:00', '10:00')).toBe('not-here'))
  it('is awake when the nap leaves any minute free', () => {
    expect(awakeDuring(napper, WED, '13:00', '14:00')).toBe(false)
    expect(awakeDuring(napper, WED, '12:44', '14:00')).toBe(true)
    expect(awakeDuring(napper, WED, '14:00', '15:01')).toBe(true)
    expect(
      awakeDuring(
        aChild({
          naps: [
            { from: '13:30', to: '15:00' },
            { from: '12:45', to: '13:30' },
          ],
        }),
        WED,
        '13:00',
        '14:30',
      ),
    ).toBe(false)
  })
})

const withBeside = anActivity({
  variants: [
    { id: 'old', stages: ['preschool', 'school-age'], kind: 'does', how: 'Do it.' },
    { id: 'young', stages: ['infant', 'young-toddler'], kind: 'beside', how: 'Watch it.' },
  ],
})

describe('participants', () => {
  it('list each reason: too young with a beside, too young without, asleep, not here, kept out, allergy', () => {
    const nuts = aMaterial({ id: 'nuts', safety: { ...aMaterial().safety, allergens: ['peanuts'] } })
    const kids = [
      aChild({ id: 'baby', born: '2025-06-01' }),
      aChild({ id: 'two', born: '2023-12-01' }),
      aChild({ id: 'sleeper', naps: [{ from: '09:00', to: '11:00' }] }),
      aChild({ id: 'away', attendance: {} }),
      aChild({ id: 'out' }),
      aChild({ id: 'nutty', allergens: ['peanuts'] }),
      aChild({ id: 'fine' }),
    ]
    const parts = participants(
      { ...withBeside, requirements: [aNeed('nuts')] },
      occasion({ children: kids, keptOut: ['out'], materials: new Map([['nuts', nuts]]) }),
    )
    const seen = Object.fromEntries(
      parts.map((part) => [part.child.id, part.does === 'takes-part' ? 'takes-part' : `${part.does} ${part.reason}`]),
    )
    expect(seen).toEqual({
      baby: 'beside too-young',
      two: 'out too-young',
      sleeper: 'out asleep',
      away: 'out not-here',
      out: 'out kept-out',
      nutty: 'out allergy',
      fine: 'takes-part',
    })
  })
  it('let a swapped material bring an allergic child back in', () => {
    const nuts = aMaterial({ id: 'nuts', safety: { ...aMaterial().safety, allergens: ['peanuts'] } })
    const parts = participants(
      anActivity({ requirements: [aNeed('nuts')] }),
      occasion({
        children: [aChild({ allergens: ['peanuts'] })],
        materials: new Map([
          ['nuts', nuts],
          ['oats', aMaterial({ id: 'oats' })],
        ]),
        swaps: { nuts: 'oats' },
      }),
    )
    expect(parts[0].does).toBe('takes-part')
  })
  it('name every child once, youngest first, and nobody twice', () => {
    const anyChild = fc.record({
      born: fc.nat(3000).map((days) => addDays('2018-01-01', days)),
      nap: fc.boolean(),
      wed: fc.boolean(),
    })
    fc.assert(
      fc.property(fc.array(anyChild, { maxLength: 12 }), (facts) => {
        const kids = facts.map((one, i) =>
          aChild({
            id: `c-${i}`,
            born: one.born,
            naps: one.nap ? [{ from: '09:00', to: '10:00' }] : [],
            attendance: one.wed ? { wed: { from: '08:00', to: '17:00' } } : {},
          }),
        )
        const parts = participants(withBeside, occasion({ children: kids }))
        expect(parts.map((part) => part.child.id).sort()).toEqual(kids.map((child) => child.id).sort())
        expect(parts.map((part) => part.child)).toEqual(byAge(kids))
        for (const part of parts) if (part.does === 'takes-part') expect(part.variant.stages).toContain(part.stage)
      }),
    )
  })
  it('know every stage of an activity that names all', () => {
    const parts = participants(
      anActivity(),
      occasion({
        children: children(5).map((child, i) => ({
          ...child,
          born: ['2025-06-01', '2024-08-01', '2023-08-01', '2022-08-01', '2019-08-01'][i],
        })),
      }),
    )
    expect(parts.map((part) => part.stage)).toEqual([...STAGES])
  })
})

it('says ages as she does', () => {
  expect(ageWords(aChild({ born: '2025-05-01' }), WED)).toBe('10 months')
  expect(ageWords(aChild({ born: '2023-11-01' }), WED)).toBe('2 y 4 m')
})
