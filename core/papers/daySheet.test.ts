import { describe, expect, it } from 'vitest'
import type { UnitSnapshot } from '../domain'
import { resolvePlan } from '../plan'
import {
  aHome,
  aMaterial,
  anActivity,
  aNeed,
  aPlacement,
  aSnapshot,
  aUnit,
  children,
  moment,
  setUp,
} from '../testing/build'
import { daySheet, daySheetMarkdown, sheetTitle } from './daySheet'
import { inHandWords } from './sheetWords'

const sheetOf = (over: Partial<UnitSnapshot>, day = 2) => {
  const snapshot = aSnapshot(over)
  return daySheet(snapshot, resolvePlan(snapshot), day)
}
const beads = aMaterial({ id: 'bead', name: 'large beads', onHand: 4, place: 'hall cupboard' })
const rings = aMaterial({ id: 'ring', name: 'wooden rings', onHand: 9, place: 'red tub' })
const thread = anActivity({
  id: 'thread',
  requirements: [aNeed('bead', { quantity: 2, basis: { by: 'child' }, alternatives: ['ring'] })],
})
const handOf = (over: Partial<UnitSnapshot>, day = 2) =>
  sheetOf({ materials: [beads, rings], activities: [thread], ...over }, day).items[0].materials.map(inHandWords)

describe('what to have in hand', () => {
  const placements = [aPlacement(moment(2), { activityId: 'thread' })]
  it('is what the list counts on: an alternative stands beside what is short', () => {
    // Five children take two each: of ten, four beads are there, and six of nine rings are spare.
    expect(handOf({ children: children(5), placements })).toEqual([
      'large beads 4 (hall cupboard)',
      'wooden rings 6 instead of large beads (red tub)',
    ])
    expect(handOf({ children: children(2), placements })).toEqual(['large beads 4 (hall cupboard)'])
  })
  it('keeps what is still to be bought under its own name', () => {
    expect(handOf({ children: children(7), placements })).toEqual([
      'large beads 5 (hall cupboard)',
      'wooden rings 9 instead of large beads (red tub)',
    ])
  })
  it('names only the alternative where nothing of the first is there', () => {
    expect(handOf({ children: children(3), placements, materials: [{ ...beads, onHand: 0 }, rings] })).toEqual([
      'wooden rings 6 instead of large beads (red tub)',
    ])
  })
  it('is for the children of the day where it stands out for several', () => {
    const kids = children(5).map((child, i) =>
      i < 2 ? child : { ...child, attendance: { wed: child.attendance.wed! } },
    )
    const out = [aPlacement(setUp(1, 2), { activityId: 'thread' })]
    // Day 1 is a Wednesday with all five, day 2 a Thursday with two.
    expect([handOf({ children: kids, placements: out }, 1), handOf({ children: kids, placements: out }, 2)]).toEqual([
      ['large beads 4 (hall cupboard)', 'wooden rings 6 instead of large beads (red tub)'],
      ['large beads 4 (hall cupboard)'],
    ])
  })
})

describe('the sheet of a day', () => {
  it('says who is here and who is away, and nothing of them that a helper need not know', () => {
    const [ann, ben] = children(2, {
      allergens: ['egg'],
      mouths: true,
      note: 'private',
      naps: [{ from: '12:30', to: '14:00' }],
    })
    const sheet = sheetOf({ children: [ann, { ...ben, attendance: { mon: ben.attendance.mon! } }], placements: [] })
    expect(sheet.children).toEqual([
      {
        name: 'A',
        stage: 'preschool',
        here: { from: '08:00', to: '17:00' },
        naps: [{ from: '12:30', to: '14:00' }],
        allergies: ['egg'],
        mouths: true,
      },
    ])
    expect(sheet.away).toEqual(['B'])
    expect(JSON.stringify(sheet)).not.toContain('private')
  })
  it('keeps the whole rhythm, so that lunch and nap stand in their place', () => {
    const sheet = sheetOf({ placements: [aPlacement(moment(2))] })
    expect(sheet.blocks.map((block) => [block.name, block.placementIds.length])).toEqual([
      ['Circle', 0],
      ['Choice', 1],
      ['Lunch', 0],
      ['Nap', 0],
      ['After', 0],
    ])
    expect(sheetTitle(sheet)).toBe('Thursday, March 5, day 2 of 10')
  })
  it('names a day that the unit has not, or that was dropped', () => {
    expect(() => sheetOf({}, 11)).toThrow('This unit has no day 11')
    expect(() =>
      sheetOf({
        home: aHome({ closures: [{ date: '2026-03-05', reason: 'a course' }] }),
        unit: aUnit({ closureHandling: { '2026-03-05': 'drop' } }),
      }),
    ).toThrow('Day 2 is skipped: a course')
  })
})

describe('the sheet as Markdown', () => {
  it('keeps the text of users as text, and a box for each step', () => {
    const activity = anActivity({
      title: 'Kites *high*',
      steps: ['Cut <paper>.'],
      requirements: [aNeed('bead', { quantity: 2 })],
      tidy: 'Beads back.',
    })
    const text = daySheetMarkdown(
      sheetOf({ materials: [beads], activities: [activity], placements: [aPlacement(moment(2))] }),
    )
    expect(text).toContain('### Kites \\*high\\*')
    expect(text).toContain('- [ ] Cut \\<paper\\>.')
    expect(text).toContain('- [ ] **Ann**: Do it.')
    expect(text).toContain('In hand: large beads 2 (hall cupboard)')
    expect(text).toContain('Clean up: Beads back.')
  })
})
