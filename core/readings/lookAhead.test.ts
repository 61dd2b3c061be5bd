import { describe, expect, it } from 'vitest'
import type { Activity, Placement, UnitSnapshot } from '../domain'
import { resolvePlan } from '../plan'
import { aCenter, aChild, aHome, anActivity, aPlacement, aSnapshot, aUnit, moment } from '../testing/build'
import { countAhead, lookAhead } from './lookAhead'

const SPAN = { from: '08:00', to: '17:00' }
const ann = aChild()
const bo = aChild({ id: 'bo', name: 'Bo', born: '2021-05-01', attendance: { wed: SPAN, fri: SPAN } })
const cy = aChild({ id: 'cy', name: 'Cy', born: '2021-06-01', attendance: { fri: SPAN, mon: SPAN } })
/** Wednesday 4 to Tuesday, March 10: Ann every day, Bo on days 1 and 3, Cy on days 3 and 4. */
const unit = aUnit({ days: 5 })
const idea = (id: string, over: Partial<Activity> = {}) => anActivity({ id, title: id, form: 'tray', ...over })
const look = (placements: Placement[], activities: Activity[], over: Partial<UnitSnapshot> = {}) => {
  const snapshot = aSnapshot({
    children: [ann, bo, cy],
    unit,
    activities,
    placements,
    centers: [aCenter(), aCenter({ id: 'yard', kind: 'outdoors', where: 'outdoors' })],
    home: aHome({
      rhythm: [...aHome().rhythm, { id: 'outdoors', name: 'Outdoors', kind: 'outdoors', from: '10:30', to: '11:30' }],
    }),
    ...over,
  })
  return lookAhead(snapshot, resolvePlan(snapshot))
}
const at = (id: string, day: number, block = 'choice', from: string | null = null, over: Partial<Placement> = {}) =>
  aPlacement(moment(day, block, from), { id: `${id}-${day}-${block}`, activityId: id, ...over })

describe('a piece for the folders', () => {
  const craft = idea('craft', { folder: true })
  it('waits for the fullest day, and says who would make one there', () => {
    const found = look([at('craft', 2)], [craft])
    expect(found.fullest).toEqual({ date: '2026-03-06', day: 3, count: 3 })
    expect(found.fuller.map((one) => [one.slot.where, one.gains.map((child) => child.name)])).toEqual([
      [moment(3), ['Bo', 'Cy']],
    ])
  })
  it('is left alone on the fullest day, when pinned, and when it is none', () => {
    expect(look([at('craft', 3)], [craft]).fuller).toEqual([])
    expect(look([at('craft', 2, 'choice', null, { pinnedDate: '2026-03-05' })], [craft]).fuller).toEqual([])
    expect(look([at('craft', 2)], [idea('craft')]).fuller).toEqual([])
  })
})

describe('who misses it', () => {
  const song = idea('song', { form: 'whole-group' })
  it('names those who come on other days, and the day that would catch the most', () => {
    const [missed] = look([at('song', 2)], [song]).missed
    expect([
      missed.children.map((child) => child.name),
      missed.again!.slot.where,
      missed.again!.catches.map((child) => child.name),
    ]).toEqual([['Cy', 'Bo'], moment(3), ['Cy', 'Bo']])
  })
  it('is nobody who meets it on another day, and nobody who never comes', () => {
    expect(look([at('song', 1), at('song', 4)], [song]).missed).toEqual([])
    expect(
      look([at('song', 3)], [song], { children: [ann, bo, cy, aChild({ id: 'gone', name: 'Gone', attendance: {} })] })
        .missed,
    ).toEqual([])
  })
  it('is nobody for whom it is too hard on any day', () => {
    const hard = idea('hard', {
      form: 'whole-group',
      variants: [{ id: 'v', stages: ['school-age'], kind: 'does', how: 'Do it.' }],
    })
    expect(look([at('hard', 2)], [hard], { children: [aChild({ born: '2019-01-01' }), bo] }).missed).toEqual([])
  })
})

describe('energy through the day', () => {
  const wild = idea('wild', { energy: 2, minutes: { setUp: 0, do: 10, clear: 0 } })
  const run = idea('run', { energy: 1, centers: ['outdoors'], minutes: { setUp: 0, do: 30, clear: 0 } })
  const sit = idea('sit', { form: 'whole-group', minutes: { setUp: 0, do: 20, clear: 0 } })
  const rows = (placements: Placement[]) =>
    look(placements, [wild, run, sit]).inARow.map((one) => [one.kind, one.first.activity.id, one.second.activity.id])
  it('finds two wild things in a row, and long sitting twice', () => {
    expect(rows([at('wild', 1, 'choice', '10:15'), at('run', 1, 'outdoors')])).toEqual([['high', 'wild', 'run']])
    expect(rows([at('sit', 1, 'circle'), at('sit', 1, 'choice')])).toEqual([['seated', 'sit', 'sit']])
  })
  it('finds nothing where something quiet or a meal lies between, or where nobody does both', () => {
    expect(rows([at('wild', 1, 'circle'), at('sit', 1, 'choice'), at('run', 1, 'outdoors')])).toEqual([])
    expect(rows([at('run', 1, 'outdoors'), at('wild', 1, 'after')])).toEqual([])
    expect(
      rows([at('wild', 1, 'choice', '10:15', { keptOut: ['ann', 'bo', 'cy'] }), at('run', 1, 'outdoors')]),
    ).toEqual([])
  })
})

describe('drying and mess', () => {
  const paint = idea('paint', { dries: 240, mess: 2, minutes: { setUp: 0, do: 20, clear: 0 } })
  const clay = idea('clay', { dries: 2880, mess: 2, minutes: { setUp: 0, do: 20, clear: 0 } })
  it('needs a place for each thing that is wet at once', () => {
    const placements = [at('paint', 1), at('clay', 1, 'after'), at('paint', 2)]
    // Paint from 9:50 to 13:50 and clay from 15:20 for two days; on the second day paint dries beside the clay.
    const clashes = (dryingPlaces: number) =>
      look(placements, [paint, clay], { home: aHome({ dryingPlaces }) }).drying.map((one) =>
        one.sessions.map((session) => session.placement.id),
      )
    expect([clashes(2), clashes(1), clashes(0)]).toEqual([
      [],
      [['clay-1-after', 'paint-2-choice']],
      [['paint-1-choice'], ['clay-1-after'], ['clay-1-after', 'paint-2-choice']],
    ])
  })
  it('finds two messes at the same time, and none after each other', () => {
    const pairs = (from: string) =>
      look([at('paint', 1, 'choice', '09:30'), at('clay', 1, 'choice', from)], [paint, clay]).messes.length
    expect([pairs('09:40'), pairs('09:50')]).toEqual([1, 0])
  })
})

it('looks at nothing that is past or done', () => {
  const found = look(
    [at('song', 2, 'choice', null, { status: 'done' })],
    [idea('song', { form: 'whole-group', folder: true, energy: 2 })],
  )
  expect(countAhead(found)).toBe(0)
  expect(countAhead(look([at('song', 2)], [idea('song', { form: 'whole-group' })], { today: '2026-03-06' }))).toBe(0)
})
