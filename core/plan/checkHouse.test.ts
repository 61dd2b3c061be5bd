import { describe, expect, it } from 'vitest'
import { newEvent, type House, type Unit } from '../domain'
import { aCenter, aChild, aHome, aUnit } from '../testing/build'
import { checkHouse } from './checkHouse'

const TODAY = '2026-03-10'
const adult = {
  id: 'mo',
  name: 'Mo',
  role: 'provider' as const,
  hours: { mon: { from: '08:00', to: '17:00' } },
  exceptions: [],
  prepWindows: [],
  prepDays: [],
  note: '',
}
const flags = (over: Partial<House>, units: Unit[] = []) =>
  checkHouse(
    {
      home: aHome(),
      children: [],
      adults: [],
      centers: [],
      materials: [],
      activities: [],
      recipes: [],
      pieces: [],
      books: [],
      circleLogs: [],
      ...over,
    },
    units,
    TODAY,
  ).map((one) => [one.kind, one.field, one.message])

describe('what does not fit together is flagged at its field', () => {
  it('nothing in a house that fits', () =>
    expect(flags({ children: [aChild()], adults: [adult], centers: [aCenter()] }, [aUnit()])).toEqual([]))
  it('blocks that overlap', () => {
    const rhythm = [
      { id: 'a', name: 'Circle', kind: 'circle' as const, from: '09:00', to: '09:40' },
      { id: 'b', name: 'Choice', kind: 'choice' as const, from: '09:30', to: '10:30' },
    ]
    expect(flags({ home: aHome({ rhythm }) })).toEqual([['home', 'rhythm.1.from', 'Choice overlaps Circle, 9 to 9:40']])
  })
  it('a child who is still to be born, and one who comes when the home is closed', () => {
    expect(flags({ children: [aChild({ born: '2026-03-11' })] })).toEqual([
      ['child', 'born', 'Ann has a birth date that is still to come, so nothing counts on Ann yet'],
    ])
    expect(
      flags({
        children: [
          aChild({ attendance: { sat: { from: '09:00', to: '12:00' }, mon: { from: '07:00', to: '12:00' } } }),
        ],
      }).map(([, field]) => field),
    ).toEqual(['attendance.mon.from', 'attendance.sat'])
  })
  it('an adult with hours outside opening, and windows that count twice', () => {
    const windows = [
      { weekday: 'mon' as const, name: 'Nap', from: '13:00', to: '14:00', naps: false },
      { weekday: 'mon' as const, name: 'Quiet', from: '13:30', to: '14:30', naps: false },
    ]
    expect(
      flags({ adults: [{ ...adult, hours: { mon: { from: '08:00', to: '18:00' } }, prepWindows: windows }] }).map(
        ([, field]) => field,
      ),
    ).toEqual(['hours.mon.to', 'prepWindows.1.from'])
  })
  it('naps and dates that stand twice', () => {
    const child = aChild({
      naps: [
        { from: '12:00', to: '14:00' },
        { from: '13:00', to: '15:00' },
      ],
      exceptions: [
        { date: TODAY, here: null },
        { date: TODAY, here: { from: '09:00', to: '10:00' } },
      ],
    })
    expect(flags({ children: [child] }).map(([, field]) => field)).toEqual(['naps.1.from', 'exceptions.1.date'])
  })
  it('a unit without an open day, and a special day past its end', () => {
    expect(flags({ home: aHome({ open: {} }) }, [aUnit()]).map(([kind, field]) => [kind, field])).toEqual([
      ['home', 'open'],
      ['unit', 'start'],
    ])
    const party = {
      ...newEvent(12, 'Party'),
      inviteOn: 12,
      parts: [
        { id: 'a', kind: 'game' as const, name: 'Game', from: '09:00', to: '10:00' },
        { id: 'b', kind: 'snack' as const, name: 'Snack', from: '09:30', to: '10:30' },
      ],
    }
    expect(flags({}, [aUnit({ days: 10, events: [party] })]).map(([, field]) => field)).toEqual([
      'events.0.day',
      'events.0.parts.1.from',
      'events.0.inviteOn',
    ])
  })
  it('centers that lie on each other', () => {
    const spot = { x: 0, y: 0, wide: 3, high: 2 }
    expect(
      flags({ centers: [aCenter({ spot }), aCenter({ id: 'block', name: 'Block rug', spot: { ...spot, x: 2 } })] }).map(
        ([, , message]) => message,
      ),
    ).toEqual(['Block rug lies on another center of the plan, or beyond its edge'])
  })
  it('what an older database holds and the form refuses today', () => {
    const child = { ...aChild(), attendance: { mon: { from: '08:00', to: '25:00' } } }
    expect(flags({ children: [child] })).toEqual([
      ['child', 'attendance.mon.to', 'Write the time as HH:mm, between 00:00 and 23:59'],
    ])
  })
})
