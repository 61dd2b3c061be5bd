import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { newCenter, ROOM, type Placement, type Unit } from '../domain'
import { resolvePlan } from './resolve'
import { aCenter, aHome, anActivity, aPlacement, aSnapshot, aUnit, setUp } from '../testing/build'
import { bandsOf, outSince, spotFits, spotsFor, standsOn, weeksOutOn } from './room'
import { carriedInto, weeksOut } from './carried'

// Three units of five days, one after the other: from Monday 2, 9 and 16 March.
const units = ['2026-03-02', '2026-03-09', '2026-03-16'].map((start, i) =>
  aUnit({ id: `u${i + 1}`, name: `Unit ${i + 1}`, start, days: 5 }),
) as [Unit, Unit, Unit]
const out = (unitId: string, id: string, from: number, to: number, over: Partial<Placement> = {}) =>
  aPlacement(setUp(from, to), { id, unitId, activityId: 'blocks', centerId: 'art', ...over })

describe('what stays from the unit before', () => {
  it('is what stood on its last day, with the date since when, through every unit in which it stood from end to end', () => {
    const carried = carriedInto(aHome(), units, [out('u1', 'a', 3, 5), out('u2', 'b', 1, 5)], 'u3')
    expect(carried).toEqual([
      {
        activityId: 'blocks',
        centerId: 'art',
        unitId: 'u2',
        unit: 'Unit 2',
        since: '2026-03-04',
        until: '2026-03-13',
        went: null,
      },
    ])
  })
  it('begins anew where it was put away in between, or stood elsewhere', () => {
    expect(carriedInto(aHome(), units, [out('u1', 'a', 1, 4), out('u2', 'b', 1, 5)], 'u3')[0].since).toBe('2026-03-09')
    expect(
      carriedInto(aHome(), units, [out('u1', 'a', 1, 5, { centerId: 'rug' }), out('u2', 'b', 1, 5)], 'u3')[0].since,
    ).toBe('2026-03-09')
    expect(carriedInto(aHome(), units, [out('u1', 'a', 1, 5), out('u2', 'b', 2, 5)], 'u3')[0].since).toBe('2026-03-10')
  })
  it('is nothing of what was put away before the end, skipped, or of the first unit', () => {
    expect(
      carriedInto(aHome(), units, [out('u2', 'b', 1, 4), out('u2', 'c', 1, 5, { status: 'skipped' })], 'u3'),
    ).toEqual([])
    expect(carriedInto(aHome(), units, [out('u1', 'a', 1, 5)], 'u1')).toEqual([])
  })
  it('counts weeks as begun', () =>
    expect(
      ['2026-03-02', '2026-03-06', '2026-03-08', '2026-03-09', '2026-03-16'].map((on) => weeksOut('2026-03-02', on)),
    ).toEqual([1, 1, 1, 2, 3]))
  it('counts on in the new unit only where it stands from the first day', () => {
    const carried = carriedInto(aHome(), units, [out('u1', 'a', 1, 5), out('u2', 'b', 1, 5)], 'u3')
    const at = (from: number) => {
      const plan = resolvePlan(
        aSnapshot({
          unit: units[2],
          activities: [anActivity({ id: 'blocks', standing: true })],
          placements: [out('u3', 'c', from, 5)],
        }),
      )
      return [outSince(plan.sessions[0], carried, plan), weeksOutOn(plan.sessions[0], '2026-03-20', carried, plan)]
    }
    expect([at(1), at(2)]).toEqual([
      ['2026-03-02', 3],
      ['2026-03-17', 1],
    ])
  })
})

describe('the band of a center', () => {
  const centers = [aCenter(), aCenter({ id: 'rug', name: 'Circle rug', kind: 'circle' })]
  it('shows what stands and where nothing does', () => {
    const plan = resolvePlan(
      aSnapshot({
        centers,
        unit: units[0],
        activities: [anActivity({ id: 'blocks', standing: true })],
        placements: [out('u1', 'a', 2, 3)],
      }),
    )
    const [art, rug] = bandsOf(centers, plan)
    expect([art.standing.map((one) => one.placement.id), art.empty]).toEqual([
      ['a'],
      [
        { fromDay: 1, toDay: 1 },
        { fromDay: 4, toDay: 5 },
      ],
    ])
    expect(rug.empty).toEqual([])
    expect([standsOn(art, 1), standsOn(art, 3).length, standsOn(art, 4)]).toEqual([[], 1, []])
  })
})

describe('the plan of the house', () => {
  it('keeps what was arranged and finds a place for the rest, none on another', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 0, max: 9 }),
        fc.integer({ min: 0, max: 6 }),
        (howMany, x, y) => {
          const centers = Array.from({ length: howMany }, (_, i) => ({
            ...newCenter(`c${i}`, `C${i}`, 'art-table'),
            spot: i === 0 ? { x, y, wide: 3, high: 2 } : null,
          }))
          const spots = spotsFor(centers)
          expect(spots.get('c0')).toEqual({ x, y, wide: 3, high: 2 })
          const all = [...spots.values()]
          all.forEach((spot, i) =>
            expect(
              spotFits(
                spot,
                all.filter((_, j) => j !== i),
              ),
            ).toBe(true),
          )
        },
      ),
    )
  })
  it('knows its edges', () => {
    expect(spotFits({ x: ROOM.across - 1, y: 0, wide: 2, high: 1 }, [])).toBe(false)
    expect(spotFits({ x: 0, y: ROOM.down - 1, wide: 1, high: 1 }, [{ x: 0, y: ROOM.down - 1, wide: 1, high: 1 }])).toBe(
      false,
    )
  })
})
