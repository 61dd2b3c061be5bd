import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { aHome, aPlacement, aUnit, moment, setUp } from '../testing/build'
import {
  addDays,
  aroundAll,
  completedMonths,
  dateOfDay,
  daysBetween,
  laterBy,
  mondayOf,
  timeOf,
  timesIn,
  weekdayOf,
} from './dates'
import { isOpen, placeDates, programDays } from './programDays'
import { isOver, runningBefore } from './unitBefore'

const anyDate = fc.integer({ min: -20_000, max: 60_000 }).map(dateOfDay)

describe('completed months', () => {
  it('are 25 on the last day of February for a child born on the 31st, and 24 the day before', () => {
    expect(completedMonths('2024-01-31', '2026-02-28')).toBe(25)
    expect(completedMonths('2024-01-31', '2026-02-27')).toBe(24)
  })
  it('refuse a date before the birth', () => {
    expect(() => completedMonths('2026-03-02', '2026-03-01')).toThrow('born')
  })
  it('never fall as days go by, and rise by twelve in a year', () => {
    fc.assert(
      fc.property(anyDate, fc.nat(5000), (born, days) => {
        const months = completedMonths(born, addDays(born, days))
        expect(completedMonths(born, addDays(born, days + 1))).toBeGreaterThanOrEqual(months)
        const [year, rest] = [Number(born.slice(0, 4)), born.slice(4)]
        if (rest !== '-02-29') expect(completedMonths(born, `${year + 1}${rest}`)).toBe(12)
      }),
    )
  })
})

describe('dates', () => {
  it('know their weekday and the Monday of their week', () => {
    expect(weekdayOf('2026-03-10')).toBe('tue')
    expect(weekdayOf('1969-12-31')).toBe('wed')
    expect(mondayOf('2026-03-15')).toBe('2026-03-09')
  })
  it('go forth and back over any month end', () => {
    fc.assert(
      fc.property(anyDate, fc.integer({ min: -4000, max: 4000 }), (date, count) => {
        expect(daysBetween(date, addDays(date, count))).toBe(count)
        expect(addDays(addDays(date, count), -count)).toBe(date)
      }),
    )
  })
  it('hold a time of day within the day', () => {
    expect(timeOf(-5)).toBe('00:00')
    expect(timeOf(5000)).toBe('23:59')
  })
})

const MON_9 = { date: '2026-03-09', reason: 'Training day' }

describe('program days', () => {
  it('slide past a closure: day 4 is Tue 10 March and day 10 Wed 18 March', () => {
    const { days, closures } = programDays(aHome({ closures: [MON_9] }), aUnit())
    expect(days.map((day) => day.date).slice(3, 4)).toEqual(['2026-03-10'])
    expect(days.at(-1)).toMatchObject({ number: 10, date: '2026-03-18', held: true })
    expect(closures).toEqual([{ ...MON_9, handling: 'slide' }])
  })
  it('drop the closed day where she says so: day 4 is held by nobody and day 10 is Tue 17 March', () => {
    const { days } = programDays(aHome({ closures: [MON_9] }), aUnit({ closureHandling: { '2026-03-09': 'drop' } }))
    expect(days[3]).toMatchObject({ number: 4, date: '2026-03-09', held: false, reason: 'Training day' })
    expect(days.at(-1)).toMatchObject({ number: 10, date: '2026-03-17' })
  })
  it('name the field when the home is never open', () => {
    expect(() => programDays(aHome({ open: {} }), aUnit())).toThrow('open')
  })
  it('do not look for ever when every open day is closed', () => {
    const closures = Array.from({ length: 1000 }, (_, i) => ({ date: addDays('2026-03-04', i * 7), reason: '' }))
    expect(() => programDays(aHome({ open: { wed: { from: '08:00', to: '12:00' } }, closures }), aUnit())).toThrow(
      'start',
    )
  })
  it('are the k-th open days, whatever is closed', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 0, max: 40 }), { maxLength: 12 }),
        fc.integer({ min: 1, max: 15 }),
        (closed, length) => {
          const home = aHome({ closures: closed.map((ahead) => ({ date: addDays('2026-03-04', ahead), reason: '' })) })
          const { days } = programDays(home, aUnit({ days: length }))
          expect(days).toHaveLength(length)
          expect(days.every((day) => isOpen(home, day.date))).toBe(true)
          const between = Array.from({ length: daysBetween('2026-03-04', days.at(-1)!.date) + 1 }, (_, i) =>
            addDays('2026-03-04', i),
          )
          expect(between.filter((date) => isOpen(home, date))).toEqual(days.map((day) => day.date))
        },
      ),
    )
  })
})

describe('dates of placements', () => {
  it('keep a pinned date, and report that its number has moved', () => {
    const program = programDays(aHome({ closures: [MON_9] }), aUnit())
    const [placed] = placeDates([aPlacement(moment(5), { pinnedDate: '2026-03-10' })], program)
    expect(placed.days).toMatchObject([{ number: 4, date: '2026-03-10' }])
    expect(placed.problem?.kind).toBe('pin-moved')
  })
  it('report a pin on a closed day', () => {
    const program = programDays(aHome({ closures: [MON_9] }), aUnit())
    expect(placeDates([aPlacement(moment(4), { pinnedDate: '2026-03-09' })], program)[0].problem?.kind).toBe(
      'pin-not-a-program-day',
    )
  })
  it('never lose a placement when a day closes, slid or dropped', () => {
    const wheres = fc.array(
      fc.oneof(
        fc.integer({ min: 1, max: 12 }).map((day) => moment(day)),
        fc.tuple(fc.integer({ min: 1, max: 6 }), fc.integer({ min: 6, max: 12 })).map(([a, b]) => setUp(a, b)),
      ),
      { maxLength: 20 },
    )
    fc.assert(
      fc.property(
        wheres,
        fc.integer({ min: 0, max: 14 }),
        fc.constantFrom('slide' as const, 'drop' as const),
        fc.boolean(),
        (list, ahead, handling, pin) => {
          const date = addDays('2026-03-04', ahead)
          const placements = list.map((where, i) =>
            aPlacement(where, { id: `p-${i}`, pinnedDate: pin && where.kind === 'moment' ? date : null }),
          )
          const program = programDays(
            aHome({ closures: [{ date, reason: '' }] }),
            aUnit({ closureHandling: { [date]: handling } }),
          )
          const placed = placeDates(placements, program)
          expect(placed.map((one) => one.placement)).toEqual(placements)
          for (const one of placed) expect(one.days.length > 0 || one.problem !== null).toBe(true)
          for (const one of placed) expect(one.days.every((day) => day.held && day.date !== date)).toBe(true)
        },
      ),
    )
  })
})

describe('units that run before another', () => {
  // Ten program days from Wednesday, March 4: the last is Tuesday 17.
  const first = aUnit({ id: 'first' })
  const next = aUnit({ id: 'next', start: '2026-03-18' })
  it('are those that began earlier and are not over', () => {
    const before = (today: string) => runningBefore(aHome(), [next, first], next, today).map((one) => one.id)
    expect([before('2026-03-01'), before('2026-03-17'), before('2026-03-18')]).toEqual([['first'], ['first'], []])
    expect(runningBefore(aHome(), [next, first], first, '2026-03-04')).toEqual([])
  })
  it('are over when their last day is past, whatever was closed and however long ago they began', () => {
    const anyClosures = fc
      .uniqueArray(fc.integer({ min: 0, max: 40 }), { maxLength: 12 })
      .map((days) => days.map((day) => ({ date: addDays('2026-03-04', day), reason: '' })))
    fc.assert(
      fc.property(
        anyClosures,
        fc.integer({ min: 1, max: 15 }),
        fc.integer({ min: 0, max: 200 }),
        (closures, days, ahead) => {
          const [home, unit, today] = [aHome({ closures }), aUnit({ days }), addDays('2026-03-04', ahead)]
          const last = programDays(home, unit).days.findLast((day) => day.held)
          expect(isOver(home, unit, today)).toBe(last === undefined || last.date < today)
        },
      ),
    )
  })
})

describe('times of a day', () => {
  it('some minutes later stay on the day', () => {
    expect([laterBy('09:30', 60), laterBy('22:45', 60), laterBy('23:10', 60)]).toEqual(['10:30', '23:45', '23:59'])
  })
  it('at which something can begin lie within the span, its end not among them', () => {
    expect(timesIn({ from: '09:50', to: '10:10' }, 5)).toEqual(['09:50', '09:55', '10:00', '10:05'])
    expect(timesIn({ from: '09:00', to: '09:01' }, 30)).toEqual(['09:00'])
  })
  it('around several spans go from the earliest start to the latest end', () => {
    expect(
      aroundAll([
        { from: '10:00', to: '11:30' },
        { from: '09:15', to: '10:00' },
      ]),
    ).toEqual({ from: '09:15', to: '11:30' })
    expect(aroundAll([])).toBeNull()
  })
})
