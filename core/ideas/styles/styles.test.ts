import { describe, expect, it } from 'vitest'
import { STYLES, type PlanningStyle, type UnitSnapshot } from '../../domain'
import { ACTIVITIES, MATERIALS } from '../../library'
import { KNOWN_THINGS } from '../../library/things'
import { byId } from '../../base'
import { resolvePlan } from '../../plan'
import { aCenter, aChild, aHome, aUnit } from '../../testing/build'
import { readThings } from '../theme'
import { SKELETONS } from './skeleton'
import { startOf } from './start'

const KINDS = [
  'blocks',
  'pretend',
  'discovery',
  'mark-making',
  'glow-table',
  'easel',
  'sensory-bin',
  'tray-shelf',
  'art-table',
  'dough-table',
  'book-nook',
  'circle',
  'outdoors',
] as const
const house = {
  home: aHome({
    rhythm: [...aHome().rhythm, { id: 'outdoors', name: 'Outdoors', kind: 'outdoors', from: '10:30', to: '11:30' }],
  }),
  children: ['2025-06-01', '2023-11-01', '2022-01-01', '2019-12-01'].map((born, i) =>
    aChild({ id: `c${i}`, name: `C${i}`, born }),
  ),
  adults: [],
  centers: KINDS.map((kind) => aCenter({ id: kind, name: kind, kind })),
  materials: [...MATERIALS],
  activities: [...ACTIVITIES],
  recipes: [],
  pieces: [],
  books: [],
  circleLogs: [],
}
const unitOf = (style: PlanningStyle, over = {}) =>
  aUnit({
    name: 'Under the ground',
    words: ['burrow', 'root'],
    objects: readThings('worm, mole, 10 stones, ant, fox, potato', KNOWN_THINGS),
    style,
    days: SKELETONS[style].days,
    ...over,
  })
const begin = (style: PlanningStyle, over = {}) => {
  let count = 0
  const unit = unitOf(style, over)
  const start = startOf(unit, house, '2026-03-01', {
    paper: 'letter',
    shipped: byId(MATERIALS),
    newId: () => `new-${++count}`,
  })
  const snapshot: UnitSnapshot = {
    ...house,
    materials: [...house.materials, ...start.materials],
    activities: [...house.activities, ...start.activities],
    unit,
    placements: start.placements,
    ideas: start.ideas,
    purchases: [],
    promises: [],
    prepMarks: [],
    printSets: [],
    circles: [],
    today: '2026-03-01',
    lastDayBefore: null,
    now: null,
    spokenFor: [],
  }
  return { unit, start, plan: resolvePlan(snapshot) }
}
const at = (plan: ReturnType<typeof begin>['plan'], kind: string) =>
  plan.sessions.filter((one) => one.placement.where.kind === 'set-up' && one.center?.kind === kind)

describe('a new unit', () => {
  it.each(STYLES)('in the style %s lies where it can lie, each idea in the basket, none twice', (style) => {
    const { start, plan } = begin(style)
    expect(plan.problems).toEqual([])
    expect(plan.sessions).toHaveLength(start.placements.length)
    expect(start.placements.length).toBeGreaterThanOrEqual(5)
    const gathered = start.ideas.map((idea) => idea.activityId)
    expect(new Set(gathered).size).toBe(gathered.length)
    for (const placement of start.placements) expect(gathered).toContain(placement.activityId)
    for (const session of plan.sessions) expect(session.parts.some((part) => part.does === 'takes-part')).toBe(true)
  })
  it('in Centers has a set-up at every center, something together and something for a small group every day', () => {
    const { plan } = begin('centers')
    for (const kind of [
      'sensory-bin',
      'dough-table',
      'blocks',
      'pretend',
      'discovery',
      'glow-table',
      'easel',
      'mark-making',
      'book-nook',
      'tray-shelf',
    ])
      expect([kind, at(plan, kind).length]).toEqual([kind, 1])
    for (let day = 1; day <= 10; day++)
      expect(
        plan.sessions.filter((one) => one.block && one.days[0].number === day).map((one) => one.block!.kind),
      ).toEqual(['circle', 'choice'])
  })
  it('in Shelf has twelve trays, most of them made from its own things', () => {
    const { plan } = begin('shelf')
    expect(at(plan, 'tray-shelf')).toHaveLength(12)
    expect(at(plan, 'tray-shelf').filter((one) => one.activity.source === 'pattern').length).toBeGreaterThanOrEqual(6)
    expect(at(plan, 'dough-table')).toEqual([])
  })
  it('in Focus keeps one opening all week and a new table work and craft each day', () => {
    const { plan } = begin('focus')
    const titles = (kind: string) =>
      plan.sessions.filter((one) => one.block?.kind === kind).map((one) => one.activity.title)
    expect([titles('circle').length, new Set(titles('circle')).size]).toEqual([5, 1])
    expect([titles('choice').length, new Set(titles('choice')).size]).toEqual([5, 5])
    expect([titles('after').length, new Set(titles('after')).size, titles('outdoors').length]).toEqual([5, 5, 5])
  })
  it('in Follow offers pattern after pattern on its things', () => {
    const { plan } = begin('follow', { interest: 'things that dig' })
    expect(plan.sessions.filter((one) => one.block?.kind === 'choice').map((one) => one.activity.source)).toEqual(
      Array(5).fill('pattern'),
    )
  })
  it('differs visibly from style to style', () => {
    const sets = STYLES.map((style) => begin(style).plan.sessions.map((one) => one.activity.title))
    for (let i = 0; i < sets.length; i++)
      for (let j = i + 1; j < sets.length; j++)
        expect(sets[i].filter((title) => sets[j].includes(title)).length / sets[i].length).toBeLessThan(0.6)
  })
  it('is the same for the same theme, and puts no archived idea out', () => {
    expect(begin('centers').start).toEqual(begin('centers').start)
    const gone = begin('centers').start.ideas[0].activityId
    const without = { ...house, activities: house.activities.map((one) => ({ ...one, archived: one.id === gone })) }
    let count = 0
    expect(
      startOf(unitOf('centers'), without, '2026-03-01', {
        paper: 'letter',
        shipped: byId(MATERIALS),
        newId: () => `n-${++count}`,
      }).ideas.map((idea) => idea.activityId),
    ).not.toContain(gone)
  })
  it('begins in a home with nothing in it: no center, no child, no library', () => {
    const bare = { ...house, centers: [], children: [], activities: [] }
    for (const style of STYLES)
      expect(
        startOf(unitOf(style), bare, '2026-03-01', { paper: 'a4', shipped: byId(MATERIALS), newId: () => 'x' })
          .placements,
      ).toEqual([])
  })
})
