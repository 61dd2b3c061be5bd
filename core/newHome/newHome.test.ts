import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays, isOpen, weekdayOf } from '../base'
import { WEEKDAYS, type Weekday } from '../domain'
import { MATERIALS } from '../library'
import { CUPBOARD } from '../library/cupboard'
import { aChild, aHome } from '../testing/build'
import { firstStart, nextStart } from './firstStart'
import { NAP_HABITS, usualNaps, usuallyMouths } from './naps'
import { prepWindowsFrom } from './prepTime'
import { stockedCupboard } from './cupboard'

const TODAY = '2026-11-25'
const hours = { from: '07:45', to: '17:30' }

describe('what is proposed for a child', () => {
  it.each([
    ['2027-01-02', 'twice', true],
    ['2026-01-25', 'twice', true],
    ['2025-08-25', 'after-lunch', true],
    ['2024-11-26', 'after-lunch', true],
    ['2024-11-25', 'after-lunch', false],
    ['2022-11-26', 'after-lunch', false],
    ['2022-11-25', 'none', false],
    ['2019-05-01', 'none', false],
  ])('born %s: naps %s, mouths %s', (born, naps, mouths) =>
    expect([usualNaps(born, TODAY), usuallyMouths(born, TODAY)]).toEqual([naps, mouths]),
  )
})

describe('prep windows', () => {
  const kid = (habit: keyof typeof NAP_HABITS, days: Weekday[] = ['mon', 'tue']) =>
    aChild({ naps: [...NAP_HABITS[habit]], attendance: Object.fromEntries(days.map((day) => [day, hours])) })
  const open = { mon: hours, tue: hours }
  it('lie where all who nap are asleep, on each open day', () => {
    expect(prepWindowsFrom([kid('twice'), kid('after-lunch'), kid('none')], open)).toEqual([
      { weekday: 'mon', name: 'Nap time', from: '13:00', to: '14:45', naps: true },
      { weekday: 'tue', name: 'Nap time', from: '13:00', to: '14:45', naps: true },
    ])
  })
  it('go by who is there that day, and never past closing', () => {
    const short = { mon: { from: '08:00', to: '14:00' }, tue: hours }
    expect(
      prepWindowsFrom([kid('twice', ['tue']), kid('after-lunch', ['mon'])], short).map((one) => [
        one.weekday,
        one.from,
        one.to,
      ]),
    ).toEqual([
      ['mon', '12:45', '14:00'],
      ['tue', '13:00', '15:00'],
    ])
  })
  it('are evenings where nobody naps, since there must be some time', () => {
    expect(prepWindowsFrom([kid('none')], open).map((one) => [one.weekday, one.name])).toEqual([
      ['mon', 'Evening'],
      ['tue', 'Evening'],
    ])
    expect(prepWindowsFrom([kid('after-lunch')], {})).toEqual([])
  })
  it('hold nobody who naps and is awake, whoever comes', () => {
    const habit = fc.constantFrom('none' as const, 'after-lunch' as const, 'twice' as const)
    fc.assert(
      fc.property(
        fc.array(habit, { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 700, max: 1050 }),
        (habits, closes) => {
          const to = `${String(Math.floor(closes / 60)).padStart(2, '0')}:${String(closes % 60).padStart(2, '0')}`
          const kids = habits.map((one) => kid(one))
          for (const window of prepWindowsFrom(kids, { mon: { from: '07:45', to } }).filter(
            (one) => one.name === 'Nap time',
          )) {
            for (const { naps } of kids.filter((one) => one.naps.length))
              expect(naps.some((nap) => nap.from <= window.from && nap.to >= window.to)).toBe(true)
          }
        },
      ),
    )
  })
})

describe('the usual cupboard', () => {
  const ids = CUPBOARD.flatMap((group) => group.things.map(([id]) => id))
  it('has about 110 things of the library in nine groups, each once', () => {
    expect(CUPBOARD).toHaveLength(9)
    expect(ids.length).toBeGreaterThanOrEqual(105)
    expect(new Set(ids).size).toBe(ids.length)
    const known = new Map(MATERIALS.map((one) => [one.id, one]))
    for (const group of CUPBOARD) {
      for (const [id, amount] of group.things) {
        expect(known.has(id), id).toBe(true)
        expect(known.get(id)!.way, id).not.toBe('have')
        if (known.get(id)!.unit === 'each' || known.get(id)!.unit === 'sheet')
          expect(Number.isInteger(amount), id).toBe(true)
      }
    }
  })
  it('is on hand where it was ticked, uncounted, and nothing else is', () => {
    const stocked = stockedCupboard(MATERIALS, new Set(['rice', 'glitter']))
    const at = (id: string) => stocked.find((one) => one.id === id)!
    expect([
      at('rice').onHand,
      at('rice').counted,
      at('glitter').onHand,
      at('tray').onHand,
      at('tray').counted,
    ]).toEqual([2268, false, 0, 0, true])
  })
})

describe('the first unit', () => {
  it.each([
    // Wednesday, Friday, Saturday with the trip, Sunday, Monday.
    ['2026-11-25', '2026-11-30'],
    ['2026-11-27', '2026-11-30'],
    ['2026-11-28', '2026-12-07'],
    ['2026-11-29', '2026-12-07'],
    ['2026-11-30', '2026-12-07'],
  ])('on %s begins on Monday %s, after a trip on Saturday', (today, monday) =>
    expect(firstStart(aHome(), today)).toBe(monday),
  )
  it('begins on the next open day where that Monday is closed, and a further one on the next open day', () => {
    const home = aHome({ closures: [{ date: '2026-11-30', reason: 'Holiday' }] })
    expect([firstStart(home, TODAY), nextStart(home, '2026-11-27')]).toEqual(['2026-12-01', '2026-12-01'])
    expect(firstStart(aHome({ open: {} }), TODAY)).toBe('2026-11-30')
  })
  it('always leaves a trip between, and begins on an open day within three weeks', () => {
    const days = fc.subarray([...WEEKDAYS], { minLength: 1 })
    fc.assert(
      fc.property(days, fc.subarray([...WEEKDAYS]), fc.integer({ min: 0, max: 400 }), (openOn, shopping, ahead) => {
        const [home, today] = [
          aHome({ open: Object.fromEntries(openOn.map((day) => [day, hours])), shoppingDays: shopping }),
          addDays('2026-01-01', ahead),
        ]
        const start = firstStart(home, today)
        const between = Array.from({ length: 30 }, (_, i) => addDays(today, i + 1)).filter((date) => date < start)
        expect(between.some((date) => !shopping.length || shopping.includes(weekdayOf(date)))).toBe(true)
        expect([isOpen(home, start), start <= addDays(today, 21)]).toEqual([true, true])
      }),
    )
  })
})
