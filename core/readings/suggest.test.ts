import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { newIdea, type Activity, type Placement, type UnitSnapshot } from '../domain'
import { canPlace, resolvePlan } from '../plan'
import { aCenter, aChild, aMaterial, anActivity, aNeed, aPlacement, aSnapshot, aUnit, moment } from '../testing/build'
import { gapsOf, touchesOf } from './touches'
import { bestSlots, closersOf } from './suggest'

const SPAN = { from: '08:00', to: '17:00' }
const ann = aChild({ naps: [{ from: '12:30', to: '15:00' }], born: '2023-06-01', mouths: true })
const bo = aChild({ id: 'bo', name: 'Bo', born: '2021-05-01', attendance: { fri: SPAN } })
const world = (activities: Activity[], placements: Placement[] = [], over: Partial<UnitSnapshot> = {}) => {
  const snapshot = aSnapshot({
    children: [ann, bo],
    adults: [
      {
        id: 'm',
        name: 'Mo',
        role: 'provider',
        hours: { mon: SPAN, tue: SPAN, wed: SPAN, thu: SPAN, fri: SPAN },
        exceptions: [],
        prepWindows: [],
        prepDays: [],
        note: '',
      },
    ],
    unit: aUnit({ days: 5 }),
    activities,
    placements,
    ideas: activities.map((one) => newIdea(`i-${one.id}`, 'unit', one.id)),
    ...over,
  })
  return { snapshot, plan: resolvePlan(snapshot) }
}

describe('place it for me', () => {
  const craft = anActivity({ id: 'craft', title: 'Craft', folder: true })
  it('puts a folder piece first on the day on which all are there, and says why', () => {
    const { snapshot, plan } = world([craft])
    const [best] = bestSlots(snapshot, plan, 'craft')
    // Friday, March 6, day 3: Ann and Bo are both there.
    expect(best.where).toMatchObject({ kind: 'moment', day: 3 })
    expect(best.reasons).toEqual(
      expect.arrayContaining(['all 2 who come have something to do', 'the fullest day: 2 here']),
    )
    expect(best.against).toEqual([])
  })
  it('waits for nap where small pieces would reach a child who mouths', () => {
    const bead = aMaterial({
      id: 'bead',
      name: 'beads',
      use: 'reusable',
      onHand: 99,
      safety: { partMm: [10, 10, 10], ballMm: null, cordMm: null, allergens: [], hazards: [], measured: true },
    })
    const string = anActivity({
      id: 'string',
      title: 'String',
      requirements: [aNeed('bead')],
      variants: [{ id: 'v', stages: ['preschool'], kind: 'does', how: 'Thread.' }],
    })
    const { snapshot, plan } = world([string], [], { materials: [bead] })
    const [best, ...rest] = bestSlots(snapshot, plan, 'string', undefined, 20)
    expect(best.where).toMatchObject({ day: 3, blockId: 'nap' })
    expect(rest.find((one) => one.where.kind === 'moment' && one.where.blockId === 'choice')!.against).toContainEqual({
      kind: 'stop',
      words: 'stop: small parts',
    })
  })
  it('keeps clear of what needs the only hands at that time, and starts after it in the same block', () => {
    const bake = anActivity({
      id: 'bake',
      title: 'Bake',
      attention: 'hands-on',
      minutes: { setUp: 0, do: 25, clear: 0 },
    })
    const cut = anActivity({ id: 'cut', title: 'Cut', attention: 'hands-on', minutes: { setUp: 0, do: 20, clear: 0 } })
    const { snapshot, plan } = world([bake, cut], [aPlacement(moment(3, 'choice'), { id: 'p', activityId: 'bake' })], {
      unit: aUnit({ days: 5, start: '2026-03-04' }),
    })
    const slots = bestSlots(snapshot, plan, 'cut', undefined, 50)
    const at = (from: string | null) =>
      slots.find(
        (one) =>
          one.where.kind === 'moment' &&
          one.where.day === 3 &&
          one.where.blockId === 'choice' &&
          one.where.from === from,
      )!
    expect(at(null).against).toContainEqual({ kind: 'hands', words: 'hands are at Bake then' })
    expect(at('09:55').against.some((one) => one.kind === 'hands')).toBe(false)
    expect(at('09:55').score).toBeGreaterThan(at(null).score)
  })
  it('says when there is no time left to get ready', () => {
    const ice = anActivity({
      id: 'ice',
      title: 'Ice',
      prep: [
        { id: 'freeze', text: 'Freeze', minutes: 10, wait: 3 * 1440, splits: false, uses: [], kind: null, per: null },
      ],
    })
    const { snapshot, plan } = world([ice], [], { today: '2026-03-04' })
    const slots = bestSlots(snapshot, plan, 'ice', undefined, 50)
    const late = (day: number) =>
      slots
        .filter((one) => one.where.kind === 'moment' && one.where.day === day)
        .every((one) => one.against.some(({ kind }) => kind === 'too-soon'))
    // Three days in the freezer from today, Wednesday: Monday, March 9 is the first day that holds.
    expect([1, 2, 3, 4].map(late)).toEqual([true, true, true, false])
  })
  it('offers only places that hold, none in the past, none where it lies already, best first', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('2026-03-02', '2026-03-06', '2026-03-09'),
        fc.integer({ min: 5, max: 70 }),
        (today, minutes) => {
          const one = anActivity({
            id: 'one',
            title: 'One',
            standing: true,
            minutes: { setUp: 0, do: minutes, clear: 0 },
          })
          const { snapshot, plan } = world([one], [aPlacement(moment(4, 'after'), { id: 'p', activityId: 'one' })], {
            today,
            centers: [aCenter()],
          })
          const slots = bestSlots(snapshot, plan, 'one', 'p', 100)
          for (const [i, slot] of slots.entries()) {
            expect(canPlace(snapshot, plan, { activityId: 'one', where: slot.where, movingId: 'p' }).ok).toBe(true)
            expect(slot.where).not.toEqual(moment(4, 'after'))
            const day = slot.where.kind === 'moment' ? slot.where.day : slot.where.fromDay
            expect(plan.program.days[day - 1].date >= today).toBe(true)
            if (i) expect(slots[i - 1].score).toBeGreaterThanOrEqual(slot.score)
          }
        },
      ),
    )
  })
})

describe('what closes a gap', () => {
  const count = anActivity({
    id: 'count',
    title: 'Count',
    domains: ['early-math'],
    variants: [{ id: 'v', stages: ['preschool'], kind: 'does', how: 'Count.' }],
  })
  const sing = anActivity({ id: 'sing', title: 'Sing', domains: ['music-movement'] })
  const gap = (snapshot: UnitSnapshot, child: string) =>
    gapsOf(touchesOf(resolvePlan(snapshot), snapshot)).find(
      (one) => one.child.id === child && one.domain === 'early-math' && one.monday === '2026-03-02',
    )!
  it('is an idea of the basket for that domain, on a day on which the child comes and takes part', () => {
    const { snapshot, plan } = world([count, sing])
    const closers = closersOf(gap(snapshot, 'bo'), snapshot, plan)
    expect(closers.map((one) => [one.activityId, one.slot.where])).toEqual([
      ['count', expect.objectContaining({ day: 3 })],
    ])
    const [{ slot }] = closers
    const after = {
      ...snapshot,
      placements: [aPlacement(slot.where, { activityId: 'count', centerId: slot.centerId })],
    }
    expect(gap(after, 'bo')).toBeUndefined()
  })
  it('is nothing where the child could not take part, or nothing of the kind was gathered', () => {
    const { snapshot, plan } = world([count, sing])
    expect(closersOf(gap(snapshot, 'ann'), snapshot, plan)).toEqual([])
    const bare = world([count, sing], [], { ideas: [] })
    expect(closersOf(gap(bare.snapshot, 'bo'), bare.snapshot, bare.plan)).toEqual([])
  })
})
