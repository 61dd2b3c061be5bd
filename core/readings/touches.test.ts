import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DOMAINS } from '../domain'
import { resolvePlan } from '../plan'
import { aCenter, aChild, aHome, anActivity, aPlacement, aSnapshot, aUnit, moment, setUp } from '../testing/build'
import { aimOf, gapsOf, INFANT_DOMAINS, lacksOf, targetFor, touchesOf } from './touches'

const SPAN = { from: '08:00', to: '17:00' }
/** Wednesday, March 4 to Tuesday, March 10: three days of one week and two of the next. */
const unit = aUnit({ start: '2026-03-04', days: 5 })
const ann = aChild()
const halfWeek = aChild({ id: 'bo', name: 'Bo', born: '2023-01-15', attendance: { tue: SPAN, wed: SPAN, thu: SPAN } })
const baby = aChild({ id: 'cy', name: 'Cy', born: '2025-08-01' })
const count = anActivity({
  id: 'count',
  domains: ['early-math', 'language', 'science'],
  minutes: { setUp: 0, do: 20, clear: 0 },
  variants: [
    { id: 'v', stages: ['older-toddler', 'preschool', 'school-age'], kind: 'does', how: 'Count.' },
    { id: 'b', stages: ['infant'], kind: 'beside', how: 'Bang a cup.' },
  ],
})
const blocks = anActivity({
  id: 'blocks',
  centers: ['blocks'],
  domains: ['early-math'],
  standing: true,
  minutes: { setUp: 0, do: 30, clear: 0 },
})
const of = (placements: ReturnType<typeof aPlacement>[]) => {
  const snapshot = aSnapshot({
    home: aHome(),
    children: [ann, halfWeek, baby],
    centers: [aCenter(), aCenter({ id: 'blocks', kind: 'blocks', name: 'Blocks' })],
    activities: [count, blocks],
    unit,
    placements,
  })
  return touchesOf(resolvePlan(snapshot), snapshot)
}
const touch = (weeks: ReturnType<typeof of>, week: number, child: string, domain: string) =>
  weeks[week].children.find((one) => one.child.id === child)!.touches.find((one) => one.domain === domain)!

describe('touches', () => {
  it('count a placement for its first two domains, and only for those who take part', () => {
    const weeks = of([aPlacement(moment(1, 'choice'), { id: 'p', activityId: 'count' })])
    expect(weeks.map((week) => week.monday)).toEqual(['2026-03-02', '2026-03-09'])
    expect(
      ['early-math', 'language', 'science'].map((domain) => touch(weeks, 0, 'ann', domain).sessions.length),
    ).toEqual([1, 1, 0])
    expect(touch(weeks, 0, 'ann', 'early-math').minutes).toBe(20)
    // The baby bangs a cup beside it: that is no touch of early math.
    expect(touch(weeks, 0, 'cy', 'early-math').sessions).toEqual([])
    expect(touch(weeks, 1, 'ann', 'early-math').sessions).toEqual([])
  })
  it('count a set-up once in each week it stands, with its minutes on each day a child comes', () => {
    const weeks = of([aPlacement(setUp(1, 5), { id: 'p', activityId: 'blocks', centerId: 'blocks' })])
    // Wednesday to Friday for Ann, Wednesday and Thursday for Bo; then Monday and Tuesday, of which Bo has the Tuesday.
    expect(
      [0, 1].map((week) => touch(weeks, week, 'ann', 'early-math')).map((one) => [one.sessions.length, one.minutes]),
    ).toEqual([
      [1, 90],
      [1, 60],
    ])
    expect(
      [0, 1].map((week) => touch(weeks, week, 'bo', 'early-math')).map((one) => [one.sessions.length, one.minutes]),
    ).toEqual([
      [1, 60],
      [1, 30],
    ])
  })
  it('leave out what was skipped', () => {
    expect(
      touch(
        of([aPlacement(moment(1, 'choice'), { id: 'p', activityId: 'count', status: 'skipped' })]),
        0,
        'ann',
        'early-math',
      ).sessions,
    ).toEqual([])
  })
})

describe('targets', () => {
  it.each([
    [2, 5, 5, 2],
    [2, 3, 5, 2],
    [2, 2, 5, 1],
    [2, 1, 5, 1],
    [2, 0, 5, 0],
    [3, 2, 4, 2],
    [2, 6, 5, 2],
  ])('%i a week, here %i of %i days, is %i', (target, here, open, expected) =>
    expect(targetFor(target, here, open)).toBe(expected),
  )
  it('give a gap, and a week says what it lacks, the most first', () => {
    const weeks = of([
      aPlacement(moment(1, 'choice'), { id: 'p', activityId: 'count' }),
      aPlacement(setUp(1, 5), { id: 'q', activityId: 'blocks', centerId: 'blocks' }),
    ])
    // Three of five days: Ann's two touches a week stay two, and she has both of early math, one of language.
    expect([touch(weeks, 0, 'ann', 'early-math').gap, touch(weeks, 0, 'ann', 'language').gap]).toEqual([0, 1])
    const lacks = lacksOf(weeks[0])
    expect(lacks.find((one) => one.domain === 'science')).toMatchObject({
      missing: 3,
      children: [{ id: 'ann' }, { id: 'bo' }],
    })
    // The baby is not aimed at early math, and two touches of everything else of a first year are missing.
    expect(lacks.find((one) => one.domain === 'early-math')).toBeUndefined()
  })
  it('are what the home wrote, else two, and in the first year only what a baby meets', () => {
    const home = { targets: { science: 0, 'early-math': 3 } }
    expect([
      aimOf(home, 'science', 'preschool'),
      aimOf(home, 'early-math', 'infant'),
      aimOf(home, 'world', 'preschool'),
      aimOf(home, 'world', 'infant'),
    ]).toEqual([0, 3, 2, 0])
    expect(INFANT_DOMAINS.map((domain) => aimOf(home, domain, 'infant'))).toEqual([2, 2, 2, 2, 2, 2])
  })
  it('name who goes without something for a whole week, and on which days it could still be met', () => {
    const gaps = gapsOf(of([aPlacement(moment(4, 'choice'), { id: 'p', activityId: 'count' })])).filter(
      (gap) => gap.domain === 'early-math',
    )
    // Nobody meets it in the first week, and the baby is not aimed at it. Of the second week the unit holds two days of
    // five: that is no week of its own.
    expect(gaps.map((gap) => [gap.monday, gap.child.id, gap.dates])).toEqual([
      ['2026-03-02', 'ann', ['2026-03-04', '2026-03-05', '2026-03-06']],
      ['2026-03-02', 'bo', ['2026-03-04', '2026-03-05']],
    ])
    expect(gapsOf(of([])).some((gap) => gap.monday === '2026-03-09')).toBe(false)
  })
  it('are met by nobody on an empty plan, and never miss more than the target', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 6 }), (target) => {
        const snapshot = aSnapshot({
          home: aHome({ targets: Object.fromEntries(DOMAINS.map((domain) => [domain, target])) }),
          children: [ann, halfWeek],
          unit,
          placements: [],
        })
        for (const week of touchesOf(resolvePlan(snapshot), snapshot))
          for (const child of week.children)
            expect(child.touches.map((one) => one.gap)).toEqual(
              DOMAINS.map(() => targetFor(target, child.dates.length, 5)),
            )
      }),
    )
  })
})
