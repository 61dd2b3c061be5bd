import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Activity, Material, Placement, UnitSnapshot } from '../domain'
import { resolvePlan } from '../plan'
import {
  aCenter,
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
import { clashRemedies, materialClashes, remedied } from './clashes'

const beads = (over: Partial<Material> = {}) =>
  aMaterial({
    id: 'bead',
    name: 'large beads',
    use: 'reusable',
    onHand: 40,
    packs: [{ size: 10, price: 150, shop: 'the craft shop', seen: null }],
    ...over,
  })
const rings = aMaterial({ id: 'ring', name: 'rings', use: 'reusable', onHand: 30 })
const idea = (id: string, quantity: number, over: Partial<Activity> = {}) =>
  anActivity({
    id,
    title: id.replace(/^./, (letter) => letter.toUpperCase()),
    standing: true,
    requirements: [aNeed('bead', { quantity })],
    ...over,
  })
const world = (placements: Placement[], activities: Activity[], over: Partial<UnitSnapshot> = {}) => {
  const snapshot = aSnapshot({
    materials: [beads(), rings],
    activities,
    placements,
    unit: aUnit({ days: 10 }),
    children: children(3),
    centers: [aCenter(), aCenter({ id: 'dough', kind: 'dough-table' }), aCenter({ id: 'glow', kind: 'glow-table' })],
    ...over,
  })
  return { snapshot, plan: resolvePlan(snapshot) }
}

describe('the same material wanted in two places', () => {
  // The worked example of 3-computations, section 3: 24 for two weeks, 20 in week one, 12 on day 8.
  const dough = idea('dough', 24, { centers: ['dough-table'] })
  const glow = idea('glow', 20, { centers: ['glow-table'] })
  const tray = idea('tray', 12)
  const { snapshot, plan } = world(
    [
      aPlacement(setUp(1, 10), { id: 'd', activityId: 'dough', centerId: 'dough' }),
      aPlacement(setUp(1, 5), { id: 'g', activityId: 'glow', centerId: 'glow' }),
      aPlacement(moment(8), { id: 't', activityId: 'tray', centerId: 'art' }),
    ],
    [dough, glow, tray],
  )
  const clashes = materialClashes(plan)
  it('clashes by its size, with those who want it then and nobody else', () => {
    expect(
      clashes.map((one) => [one.material.id, one.need, one.short, one.wants.map((need) => need.session.placement.id)]),
    ).toEqual([['bead', 44, 4, ['d', 'g']]])
  })
  it('is mended by later, by fewer, by another material or by buying', () => {
    // The glow table's week lies within the dough table's two: no other days within it would help, so only the dough
    // can wait.
    expect(clashRemedies(clashes[0], snapshot, plan).map((one) => one.words)).toEqual([
      'Put Dough out from day 6',
      'Dough with 20',
      'Glow with 16',
      'Buy 4 more, $1.50',
    ])
  })
  it('is gone after each of them that changes the plan', () => {
    for (const remedy of clashRemedies(clashes[0], snapshot, plan)) {
      if (remedy.kind === 'buy') continue
      const next = snapshot.placements.map((one) => (one.id === remedy.placementId ? remedied(one, remedy)! : one))
      expect([remedy.words, materialClashes(resolvePlan({ ...snapshot, placements: next }))]).toEqual([
        remedy.words,
        [],
      ])
    }
  })
  it('offers another material only where there is enough of it then', () => {
    const withRings = { ...glow, requirements: [aNeed('bead', { quantity: 20, alternatives: ['ring'] })] }
    const words = (onHand: number) => {
      const { snapshot: now, plan: then } = world(snapshot.placements, [dough, withRings, tray], {
        materials: [beads(), { ...rings, onHand }],
      })
      return clashRemedies(materialClashes(then)[0], now, then)
        .filter((one) => one.kind === 'swap')
        .map((one) => one.words)
    }
    expect([words(20), words(19)]).toEqual([['rings for Glow'], []])
  })
})

describe('what is no clash', () => {
  it('one place alone that wants more than there is: that is for the list', () => {
    expect(
      materialClashes(world([aPlacement(moment(1), { id: 'a', activityId: 'many' })], [idea('many', 50)]).plan),
    ).toEqual([])
  })
  it('two moments after each other, and what is used up', () => {
    const { plan } = world(
      [
        aPlacement(moment(1, 'choice'), { id: 'a', activityId: 'one' }),
        aPlacement(moment(1, 'after'), { id: 'b', activityId: 'one' }),
      ],
      [idea('one', 40)],
    )
    expect(materialClashes(plan)).toEqual([])
    const used = world(
      [
        aPlacement(moment(1, 'choice'), { id: 'a', activityId: 'one' }),
        aPlacement(moment(1, 'choice', '09:40'), { id: 'b', activityId: 'two' }),
      ],
      [idea('one', 40), idea('two', 40)],
      { materials: [beads({ use: 'consumable' }), rings] },
    )
    expect(materialClashes(used.plan)).toEqual([])
  })
  it('anything while there is enough for all at once', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.integer({ min: 1, max: 5 }), fc.integer({ min: 0, max: 4 }), fc.integer({ min: 1, max: 30 })),
          { maxLength: 6 },
        ),
        (list) => {
          const activities = list.map(([, , quantity], i) => idea(`idea${i}`, quantity))
          const placements = list.map(([from, length], i) =>
            aPlacement(setUp(from, from + length), { id: `p${i}`, activityId: `idea${i}`, centerId: 'art' }),
          )
          const enough = list.reduce((sum, [, , quantity]) => sum + quantity, 0)
          expect(
            materialClashes(world(placements, activities, { materials: [beads({ onHand: enough }), rings] }).plan),
          ).toEqual([])
        },
      ),
    )
  })
})

it('fewer of a material is what the placement takes, on the list and on the sheet', () => {
  const { plan } = world(
    [
      aPlacement(moment(1), { id: 'a', activityId: 'one', quantities: { bead: 7 } }),
      aPlacement(setUp(1, 2), { id: 'b', activityId: 'two', centerId: 'dough' }),
    ],
    [idea('one', 20), idea('two', 33, { centers: ['dough-table'] })],
  )
  expect(materialClashes(plan)).toEqual([])
})
