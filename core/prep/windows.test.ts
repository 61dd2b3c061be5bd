import { describe, expect, it } from 'vitest'
import { NEW_PREP_RULES, type Adult } from '../domain'
import { ACTIVITIES } from '../library'
import { resolvePlan } from '../plan'
import {
  aCenter,
  aChild,
  aHome,
  aMaterial,
  aNeed,
  aPlacement,
  aSnapshot,
  aUnit,
  anActivity,
  moment,
  setUp,
} from '../testing/build'
import { newMark } from './cures'
import { kindOfStep } from './kinds'
import { preparationOf } from './preparation'
import { holdersFor, roundFor, walkedEarlier } from './round'
import { minutesOfStep, paceOf } from './tasks'
import { prepWindowsOn } from './windows'
import { atWords, shortStep } from './words'

const adult = (over: Partial<Adult> = {}): Adult => ({
  id: 'm',
  name: 'Maren',
  role: 'provider',
  hours: {},
  exceptions: [],
  prepWindows: [{ weekday: 'wed', name: 'Nap', from: '12:45', to: '15:00', naps: true }],
  prepDays: [],
  note: '',
  ...over,
})
const napper = (id: string, from: string, to: string) => aChild({ id, naps: [{ from, to }] })
const WED = '2026-03-04'
const times = (adults: Adult[], children = [aChild()], handed: string[] = []) =>
  prepWindowsOn({ home: aHome(), children, adults }, WED, WED, null, new Set(handed)).map((one) => [
    one.adultId,
    atWords(one.from),
    atWords(one.to),
    one.children,
    one.lent,
  ])

describe('prep windows', () => {
  it('follow the naps of those who come that day', () => {
    const both = [napper('a', '12:30', '14:30'), napper('b', '13:00', '15:00')]
    expect(times([adult()], both)).toEqual([['m', '1:00 PM', '2:30 PM', true, false]])
    const oneAway = [both[0], { ...both[1], exceptions: [{ date: WED, here: null }] }]
    expect(times([adult()], oneAway)).toEqual([['m', '12:45 PM', '2:30 PM', true, false]])
    // Nobody who naps is there: her time is as she wrote it.
    expect(times([adult()], [aChild()])).toEqual([['m', '12:45 PM', '3:00 PM', true, false]])
    // Naps that never meet leave none.
    expect(times([adult()], [napper('a', '09:00', '10:00'), napper('b', '13:00', '15:00')])).toEqual([])
  })
  it('differ on a date, and are none for who is away', () => {
    const evening = { date: WED, windows: [{ name: 'Evening', from: '20:00', to: '21:00' }] }
    expect(times([adult({ prepDays: [evening] })])).toEqual([['m', '8:00 PM', '9:00 PM', false, false]])
    expect(times([adult({ prepDays: [{ date: WED, windows: [] }] })])).toEqual([])
    expect(times([adult({ prepDays: [evening], exceptions: [{ date: WED, here: null }] })])).toEqual([])
  })
  it('count once where two overlap', () => {
    const window = (from: string, to: string) => ({ weekday: 'wed' as const, name: from, from, to, naps: false })
    const overlapping = adult({
      prepWindows: [window('13:00', '14:00'), window('13:30', '14:30'), window('13:10', '13:40')],
    })
    expect(times([overlapping])).toEqual([
      ['m', '1:00 PM', '2:00 PM', true, false],
      ['m', '2:00 PM', '2:30 PM', true, false],
    ])
  })
  it('are lent to whoever was handed something, within the hours of that adult', () => {
    const teo = adult({ id: 't', role: 'assistant', prepWindows: [], hours: { wed: { from: '08:30', to: '14:30' } } })
    expect(times([adult(), teo])).toHaveLength(1)
    expect(times([adult(), teo], [aChild()], ['t'])).toEqual([
      ['m', '12:45 PM', '3:00 PM', true, false],
      ['t', '12:45 PM', '2:30 PM', true, true],
    ])
  })
})

describe('kinds of work', () => {
  it.each([
    ['Shake the rice in bags with color and vinegar, and spread it thin on trays', 'dye'],
    ['Cut a large window in the box', 'blade'],
    ['Cut a kite from each card along the drawn line', 'cut'],
    ['Tape paper over the whole table', 'hang'],
    ['Tape one shape on each card for the younger ones', 'fasten'],
    ['Thin the paint with the same amount of water', 'mix'],
    ['Paint people and places in six colors', 'paint'],
    ['Wash all, quarter the berries lengthwise and peel the orange', 'food'],
    ['Pour hot water on cut cabbage, wait, strain and let it cool', 'cook'],
    ['Laminate 18 wind cards', 'laminate'],
    ['Think of something', 'other'],
    ['Cut the lids off, away from them', 'blade'],
    ['Cut the openings that the kids marked', 'blade'],
  ])('are read from the words: %s', (text, kind) => expect(kindOfStep({ kind: null, text })).toBe(kind))
  it('are as somebody said, first', () => expect(kindOfStep({ kind: 'cut', text: 'Bake it' })).toBe('cut'))
  it('are known for all but a few steps of the library', () => {
    const unknown = ACTIVITIES.flatMap((one) => one.prep).filter((step) => kindOfStep(step) === 'other')
    expect(unknown.map((step) => step.text)).toEqual(['Tear the cups off the boats'])
  })
})

describe('minutes of a step', () => {
  it.each([
    [14, 6, 9, 1, 21],
    [14, 6, 0, 1, 0],
    [14, null, 9, 1, 14],
    // Two share one: four for seven.
    [25, 7, 7, 0.5, 13],
  ])('%i for %s, for %i children and %f of it: %i', (minutes, per, children, fewer, whole) =>
    expect(minutesOfStep({ minutes, per }, children, fewer)).toBe(whole),
  )
  it('learn from the clock: 36 minutes for what should take 20, and 60 for 28', () => {
    const paces = {
      draw: [
        { on: WED, planned: 20, took: 36 },
        { on: WED, planned: 28, took: 60 },
      ],
    }
    expect([paceOf({ paces }, 'draw'), paceOf({ paces }, 'cut')]).toEqual([2, 1])
    expect(paceOf({ paces: { cut: [{ on: WED, planned: 1, took: 90 }] } }, 'cut')).toBe(4)
  })
})

const step = (id: string, over: object = {}) => ({
  id,
  text: 'Draw it.',
  minutes: 20,
  wait: 0,
  splits: true,
  uses: [],
  kind: null,
  per: null,
  ...over,
})
/** Tuesday and Wednesday nap before a Wednesday and a Thursday. */
const week = adult({
  prepWindows: (['tue', 'wed'] as const).map((weekday) => ({
    weekday,
    name: 'Nap',
    from: '13:00',
    to: '13:30',
    naps: false,
  })),
})
const at = (prep: object[], over: object = {}) =>
  aSnapshot({
    adults: [week],
    activities: [anActivity({ prep: prep as never })],
    unit: aUnit({ start: WED, days: 3 }),
    placements: [aPlacement(moment(2))],
    today: '2026-03-03',
    ...over,
  })
const prepared = (snapshot: ReturnType<typeof aSnapshot>) => preparationOf(snapshot, resolvePlan(snapshot), [])

describe('preparation', () => {
  it('leaves what is done done, though the plan grows, and asks for the rest', () => {
    const four = at([step('p', { per: 2 })], { children: ['a', 'b', 'c', 'd'].map((id) => aChild({ id })) })
    const [task] = prepared(four).tasks
    expect([task.minutes, task.left, task.children]).toEqual([40, 40, 4])
    const done = { ...newMark('m', task), done: true, doneMinutes: 20 }
    expect(prepared({ ...four, prepMarks: [done] }).tasks[0].left).toBe(20)
    expect(prepared({ ...four, children: four.children.slice(2), prepMarks: [done] }).tasks[0].left).toBe(0)
  })
  it('lets what was left an hour ago wait from then on', () => {
    const chain = at([step('a', { wait: 1440 }), step('b')], { now: '13:00' })
    const [first] = prepared(chain).tasks
    const left = (at: string) => ({ ...newMark('m', first), done: true, doneMinutes: 20, on: '2026-03-03', at })
    // Left at 13:10 on Tuesday, it is ready for the last twenty minutes of Wednesday's nap.
    expect(prepared({ ...chain, prepMarks: [left('13:10')] }).overs).toEqual([])
    expect(prepared({ ...chain, prepMarks: [left('13:20')] }).overs).toMatchObject([{ minutes: 10 }])
  })
  it('gives back what was handed to someone who is gone, and what was put into a window that is gone', () => {
    const plain = at([step('p')])
    const mark = newMark('m', prepared(plain).tasks[0])
    const marked = (over: object) => prepared({ ...plain, prepMarks: [{ ...mark, ...over }] })
    expect(marked({ adultId: 'nobody' }).overs).toEqual([])
    expect(marked({ pinned: { date: '2026-03-03', from: '09:00' } }).overs).toEqual([])
    const pinned = marked({ pinned: { date: WED, from: '13:00' } })
    expect(pinned.schedule.pieces.map((piece) => pinned.windows[piece.window].date)).toEqual([WED])
  })
  it('keeps work of a kind off the weekdays on which the home does none', () => {
    const notOn = [{ kind: 'draw' as const, weekdays: ['tue' as const] }]
    const off = at([step('p')], { home: aHome({ prep: { ...NEW_PREP_RULES, notOn } }) })
    expect(prepared(off).schedule.pieces.map((piece) => piece.window)).toEqual([1])
    const hot = prepared(at([step('p', { kind: 'cook' })]))
    expect([hot.overs.length, hot.overs[0].window]).toEqual([1, null])
  })
  it('counts of today only what is still to come, and lists what today asks for without calling it late', () => {
    const plain = at([step('p')], { placements: [aPlacement(moment(1))], today: '2026-03-03' })
    expect(prepared(plain).days[0].window).toBe(30)
    expect(prepared({ ...plain, now: '13:20' }).days[0]).toMatchObject({ window: 10, over: 10 })
    const morning = { ...plain, today: WED, now: '08:00' }
    expect([prepared(morning).tasks.length, prepared(morning).overs]).toEqual([1, []])
    expect(prepared({ ...morning, now: null }).tasks).toEqual([])
    expect(prepared({ ...morning, now: '10:00' }).tasks).toEqual([])
  })
})

describe('one round through the house', () => {
  it('remembers in which order she walks, also past places that this day leaves out', () => {
    expect(walkedEarlier([], ['a', 'b', 'c'], 'c')).toEqual(['a', 'c', 'b'])
    expect(walkedEarlier(['x', 'a', 'y', 'b'], ['a', 'b'], 'b')).toEqual(['x', 'b', 'y', 'a'])
    expect(walkedEarlier(['b'], ['b', 'a'], 'b')).toEqual(['b', 'a'])
  })
  it('passes each place once, adds up what is used and takes the most of what comes back', () => {
    const material = (id: string, place: string, use: 'consumable' | 'reusable') =>
      aMaterial({ id, name: id, place, use })
    const snapshot = aSnapshot({
      materials: [
        material('scissors', 'drawer', 'reusable'),
        material('paper', 'shelf', 'consumable'),
        material('glue', '', 'consumable'),
      ],
      centers: [aCenter(), aCenter({ id: 'rug', kind: 'circle' })],
      activities: [
        anActivity({ id: 'a', requirements: [aNeed('scissors', { quantity: 4 }), aNeed('paper', { quantity: 3 })] }),
        anActivity({
          id: 'b',
          requirements: [aNeed('scissors', { quantity: 2 }), aNeed('paper', { quantity: 5 }), aNeed('glue')],
        }),
        anActivity({ id: 'c', standing: true, requirements: [aNeed('paper')] }),
      ],
      unit: aUnit({ start: WED, days: 3 }),
      placements: [
        aPlacement(moment(1), { id: 'one', activityId: 'a' }),
        aPlacement(moment(1, 'circle'), { id: 'two', activityId: 'b', centerId: 'rug' }),
        aPlacement(setUp(1, 2), { id: 'three', activityId: 'c' }),
        aPlacement(moment(2), { id: 'later', activityId: 'b' }),
      ],
      today: '2026-03-03',
    })
    const plan = resolvePlan(snapshot)
    const stops = roundFor(plan, WED, ['shelf', 'drawer'])
    expect(stops.map((stop) => [stop.place, ...stop.things.map((one) => [one.material.id, one.quantity])])).toEqual([
      ['shelf', ['paper', 9]],
      ['drawer', ['scissors', 4]],
      ['', ['glue', 1]],
    ])
    expect(roundFor(plan, WED).map((stop) => stop.place)).toEqual(['drawer', 'shelf', ''])
    expect(holdersFor(plan, WED).map((one) => [one.session.placement.id, one.holder])).toEqual([
      ['three', 'out'],
      ['two', 'circle-basket'],
      ['one', 'folder'],
    ])
  })
})

it.each([
  [
    'Mix flour, salt and water to a firm dough: two parts flour, one part salt',
    'Mix flour, salt and water to a firm dough',
  ],
  ['Draw or print 5 cards, 60 by 85 mm each, one picture on each', 'Draw or print 5 cards'],
  ['Cut it, and dry it', 'Cut it, and dry it'],
  ['Tape it. Then wait', 'Tape it'],
])('a card says of “%s” no more than it must', (text, short) => expect(shortStep(text)).toBe(short))
