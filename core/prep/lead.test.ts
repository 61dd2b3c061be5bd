import { describe, expect, it } from 'vitest'
import { newIdea, newSlowProject, type PrepStep, type UnitSnapshot } from '../domain'
import { slowKind } from '../library'
import { resolvePlan } from '../plan'
import { aPlacement, aSnapshot, aUnit, anActivity, moment } from '../testing/build'
import { newMark } from './cures'
import { leadDays, leadsOf, slowNow } from './lead'
import { prepTasks } from './tasks'
import { NO_CHANGE } from './waits'

const step = (id: string, minutes: number, wait: PrepStep['wait']): PrepStep => ({
  id,
  text: id,
  minutes,
  wait,
  splits: false,
  uses: [],
  kind: null,
  per: null,
})
const DAY = 1440
const press = anActivity({ id: 'press', title: 'Leaf prints', prep: [step('press', 10, 21 * DAY)] })
const freeze = anActivity({ id: 'freeze', title: 'Ice sticks', prep: [step('freeze', 10, 'overnight')] })
const quick = anActivity({ id: 'quick', title: 'Quick prints', prep: [step('cut', 10, 0)] })
const bread = anActivity({ id: 'bread', title: 'Bread', prep: [step('start', 15, 60)] })
/** Ten days from Wednesday, March 4 on. */
const snapshot = (over: Partial<UnitSnapshot> = {}) =>
  aSnapshot({ unit: aUnit({ start: '2026-03-04', days: 10 }), activities: [press, freeze, quick, bread], ...over })
const leads = (one: UnitSnapshot) => leadsOf(one, resolvePlan(one))

describe('what begins ahead', () => {
  it('counts whole days: none for a morning, one for a night, 21 for three weeks', () => {
    expect([quick, bread, freeze, press].map(leadDays)).toEqual([0, 0, 1, 21])
  })
  it('says of the basket what is too late for the unit, from which start it would not be, and what could take its place', () => {
    const ideas = ['press', 'freeze', 'quick'].map((id) => newIdea(`i-${id}`, 'unit', id))
    const [late, night] = leads(snapshot({ ideas, today: '2026-03-02' }))
    expect([late.activity.id, late.late, late.earliest, late.day]).toEqual(['press', true, '2026-03-23', null])
    // Ten days that end no earlier than March 23 begin on Tuesday, March 10.
    expect([late.unitStart, late.instead.map((one) => one.id)]).toEqual(['2026-03-10', ['quick', 'freeze', 'bread']])
    expect([night.activity.id, night.late, night.day]).toEqual(['freeze', false, 1])
    expect(leads(snapshot({ ideas, today: '2026-03-05' }))[0].unitStart).toBeNull()
  })
  it('says of the plan when it must begin, and from which day on it could still be', () => {
    const on = (day: number, today: string) =>
      leads(snapshot({ placements: [aPlacement(moment(day), { activityId: 'freeze' })], today }))
    expect(on(3, '2026-03-02')).toMatchObject([{ begins: '2026-03-05', late: false }])
    expect(on(3, '2026-03-06')).toEqual([])
    const salt = anActivity({ id: 'salt', prep: [step('dry', 10, 3 * DAY)] })
    const tight = snapshot({
      activities: [salt],
      placements: [aPlacement(moment(3), { activityId: 'salt' })],
      today: '2026-03-05',
    })
    // Wanted on Friday the 6th, three days and a noon before it: it comes on Sunday at the earliest, so on day 4.
    expect(leads(tight)).toMatchObject([{ begins: '2026-03-03', late: true, earliest: '2026-03-08', day: 4 }])
    const [task] = prepTasks(tight, resolvePlan(tight), [], NO_CHANGE)
    expect(leads({ ...tight, prepMarks: [{ ...newMark('m', task), doneMinutes: 10, done: true }] })).toEqual([])
  })
})

describe('slow projects', () => {
  const grass = { ...newSlowProject('g', 'Grass', 1, 10), stages: [...slowKind('grass-tray')!.stages] }
  const now = (over: object, today: string) => {
    const one = snapshot({ today })
    const unit = { ...one.unit, slowProjects: [{ ...grass, ...over }] }
    return slowNow({ ...one, unit }, resolvePlan({ ...one, unit }))[0]
  }
  it('stand against a forecast from the day on which they really began', () => {
    // From Wednesday the 4th, 9 to 18 days: between the 13th and the 22nd, for the 17th.
    expect(now({}, '2026-03-05')).toMatchObject({
      over: { earliest: '2026-03-13', latest: '2026-03-22' },
      inTime: 'likely',
    })
    expect(now({ startOn: '2026-02-25' }, '2026-03-05')).toMatchObject({ inTime: 'certain' })
    expect(now({ startOn: '2026-03-12' }, '2026-03-05')).toMatchObject({ inTime: 'impossible' })
  })
  it('are behind where a stage should be over at the latest, and what follows moves on', () => {
    const late = now({}, '2026-03-14')
    expect(late.state).toMatchObject({ is: 'going', lateDays: 2 })
    expect(late.over).toEqual({ earliest: '2026-03-19', latest: '2026-03-24' })
  })
})
