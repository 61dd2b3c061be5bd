import { describe, expect, it } from 'vitest'
import type { House, Unit, UnitSnapshot } from '../../domain'
import { byId } from '../../base'
import { ACTIVITIES, MATERIALS } from '../../library'
import { CUPBOARD } from '../../library/cupboard'
import { KNOWN_THINGS } from '../../library/things'
import { resolvePlan, type ResolvedPlan } from '../../plan'
import { gapsOf, touchesOf } from '../../readings'
import { isToGet, supplyList } from '../../supplies'
import { aCenter, aChild, aHome, aUnit } from '../../testing/build'
import { TYPED_THEMES } from '../../testing/themes'
import { namesTheme, readThings, themeOf } from '../theme'
import { MOST_TO_GET } from './draft'
import { applyAll } from '../patterns'
import { othersFor } from './others'
import { startOf, type Start } from './start'

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
const usual = new Map(CUPBOARD.flatMap((group) => group.things))
/** A new home with six children from a baby to school age, all centers and the usual cupboard. */
const house: House = {
  home: aHome({
    rhythm: [...aHome().rhythm, { id: 'outdoors', name: 'Outdoors', kind: 'outdoors', from: '10:30', to: '11:30' }],
  }),
  children: ['2025-06-01', '2024-06-01', '2023-11-01', '2022-01-01', '2021-03-01', '2019-12-01'].map((born, i) =>
    aChild({ id: `c${i}`, name: `C${i}`, born }),
  ),
  adults: [],
  centers: KINDS.map((kind) => aCenter({ id: kind, name: kind, kind })),
  materials: MATERIALS.map((one) => ({ ...one, onHand: usual.get(one.id) ?? 0 })),
  activities: [...ACTIVITIES],
  recipes: [],
  pieces: [],
  books: [],
  circleLogs: [],
}
const TODAY = '2026-02-20'
interface Begun {
  unit: Unit
  start: Start
  plan: ResolvedPlan
  about: (kind: 'set-up' | 'moment') => number
  toGet: number
  snapshot: UnitSnapshot
}
function begin(name: string, words: string, objects: string, in_ = house): Begun {
  let count = 0
  const unit = aUnit({
    name,
    words: words.split(', '),
    objects: readThings(objects, KNOWN_THINGS),
    style: 'centers',
    days: 10,
  })
  const start = startOf(unit, in_, TODAY, { paper: 'letter', shipped: byId(MATERIALS), newId: () => `new-${++count}` })
  const snapshot: UnitSnapshot = {
    ...in_,
    materials: [...in_.materials, ...start.materials],
    activities: [...in_.activities, ...start.activities],
    unit,
    placements: start.placements,
    ideas: start.ideas,
    purchases: [],
    promises: [],
    prepMarks: [],
    printSets: [],
    circles: [],
    today: TODAY,
    lastDayBefore: null,
    now: null,
    spokenFor: [],
  }
  const plan = resolvePlan(snapshot)
  const theme = themeOf(unit)
  return {
    unit,
    start,
    plan,
    about: (kind) => {
      const all = plan.sessions.filter((one) => one.placement.where.kind === kind)
      return all.filter((one) => namesTheme(one.activity, theme, plan.materials)).length / all.length
    },
    snapshot,
    toGet: supplyList(snapshot, plan).filter(isToGet).length,
  }
}

const ENOUGH_OBJECTS = 6
describe.each(TYPED_THEMES)('the first plan of “%s”', (name, words, objects) => {
  const begun = begin(name, words, objects)
  it('is about the theme: four set-ups of five, two planned activities of three', () => {
    expect(begun.about('set-up')).toBeGreaterThanOrEqual(0.8)
    expect(begun.about('moment')).toBeGreaterThanOrEqual(2 / 3)
  })
  it('has a set-up at ten centers and two planned activities a day, none of them twice', () => {
    const moments = begun.plan.sessions.filter((one) => one.block)
    expect(begun.plan.sessions.filter((one) => !one.block)).toHaveLength(10)
    expect(moments).toHaveLength(20)
    expect(new Set(begun.plan.sessions.map((one) => one.activity.id)).size).toBe(30)
    expect(new Set(begun.plan.sessions.map((one) => one.activity.title)).size).toBe(30)
  })
  it('leaves at most one thing that somebody goes without, and says it', () => {
    const gaps = gapsOf(touchesOf(begun.plan, house))
    expect(new Set(gaps.map((gap) => `${gap.monday} ${gap.domain}`)).size).toBeLessThanOrEqual(1)
    expect(begun.start.words[1]).toMatch(
      gaps.length ? /^Still missing in some week for / : /^Each child gets to every learning area/,
    )
  })
  it('asks for what fits one trip', () => {
    if (objects.split(',').length >= ENOUGH_OBJECTS) expect(begun.toGet).toBeLessThanOrEqual(MOST_TO_GET)
    expect(begun.start.words[3]).toMatch(new RegExp(`^${begun.toGet} things? to get, all on one trip on `))
  })
  it('makes a piece for the folders on a day when most are here, and says what it did in five sentences', () => {
    expect(begun.start.words).toHaveLength(5)
    expect(begun.start.words[2]).toMatch(/makes a piece for each folder on .*, when 6 children are here\.$/)
    for (const sentence of begun.start.words) expect(sentence).toMatch(/^[\p{Lu}\d].*\.$/u)
  })
})

describe('the first plan of a further theme', () => {
  it('leans on patterns that this home has not used yet', () => {
    const [first, second] = [TYPED_THEMES[0], TYPED_THEMES[10]]
    const before = begin(...first)
    const after = begin(...second, { ...house, activities: [...house.activities, ...before.start.activities] })
    const fresh = begin(...second)
    const used = new Set(before.start.activities.map((one) => one.pattern))
    const again = ({ start }: Begun) => start.activities.filter((one) => used.has(one.pattern)).length
    expect(again(after)).toBeLessThan(again(fresh))
  })
})

describe('what else fits in the place of a card', () => {
  const { unit, plan, snapshot } = begin(...TYPED_THEMES[1])
  const made = applyAll(themeOf(unit), { paper: 'letter', shipped: byId(MATERIALS) }).flatMap((one) => one.made ?? [])
  const others = (id: string) => othersFor(snapshot, plan, id, { house, made })
  const placed = new Set(plan.sessions.flatMap(({ activity }) => [activity.id, activity.pattern]))
  it('is two ideas of the same kind, about the theme, of which none is on the plan', () => {
    for (const { placement, center, block } of [plan.sessions[0], plan.sessions.find((one) => one.block)!]) {
      const found = others(placement.id)
      expect(found).toHaveLength(2)
      for (const { activity, about } of found) {
        expect([placed.has(activity.id), activity.pattern !== null && placed.has(activity.pattern)]).toEqual([
          false,
          false,
        ])
        expect([activity.centers[0], about !== '', block !== null || activity.standing]).toEqual([
          center!.kind,
          true,
          true,
        ])
      }
    }
  })
  it('is nothing for a card that is not there', () => expect(others('nowhere')).toEqual([]))
})
