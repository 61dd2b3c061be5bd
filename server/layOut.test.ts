import fc from 'fast-check'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { demoHome } from '@demo/home'
import type { Placement, Unit, UnitSnapshot } from '@core/domain'
import { endEarly, repeatOn, resolvePlan, slideFrom, stretchUnit, swapTwo, type Move } from '@core/plan'
import { pulseOf, readingsOf } from '@core/readings'
import { Clock } from './services/clock'
import { readSource } from './services/snapshots'
import { change, Harness, TODAY } from './testing/harness'

let harness: Harness
beforeAll(async () => {
  harness = await Harness.withDemo()
})
afterAll(() => harness.stop())
const UNIT = 'wheels-and-ramps'
const snapshot = async (): Promise<UnitSnapshot> =>
  (await readSource(harness.kobby.db, new Clock(TODAY), UNIT)).snapshot

describe('what stood before', () => {
  it('comes from the unit before, with since when', async () => {
    const { body } = await harness.call('GET', `/api/v1/units/${UNIT}/before`)
    // Wind and Kites ends on the 18th; Fields of oats stood from its day 4, the 10th.
    expect(body.carried.find((one: { activityId: string }) => one.activityId === 'oat-fields')).toMatchObject({
      centerId: 'sensory-bin',
      unit: 'Wind and Kites',
      since: '2026-03-10',
      until: '2026-03-18',
    })
    expect(body.carried.some((one: { activityId: string }) => one.activityId === 'glow-shapes')).toBe(false)
  })
  it('is nothing for the first unit, and not found for none', async () => {
    expect((await harness.call('GET', '/api/v1/units/market-day/before')).body.carried).toEqual([])
    expect((await harness.call('GET', '/api/v1/units/nowhere/before')).status).toBe(404)
  })
})

describe('moves on the plan', () => {
  let count = 0
  const newId = () => `m-${process.pid}-${++count}`
  /** One of the moves, as the board makes it. */
  function moveOf(now: UnitSnapshot, pick: { kind: number; a: number; b: number; day: number }): Move | null {
    const plan = resolvePlan(now)
    const moments = now.placements.filter((one) => one.where.kind === 'moment')
    const [a, b] = [moments[pick.a % moments.length], moments[pick.b % moments.length]]
    if (pick.kind === 0) return stretchUnit(now.unit, now.placements, 1)
    if (pick.kind === 1)
      return now.unit.days > 2 ? endEarly(now.unit, now.placements, 1 + (pick.day % (now.unit.days - 1))) : null
    if (pick.kind === 2) return slideFrom(now.unit, now.placements, 1 + (pick.day % now.unit.days), 1)
    if (!a || !b || a === b) return null
    if (pick.kind === 3) return repeatOn(now, plan, a, [1, 2, 3, 4, 5], newId)
    const swapped = swapTwo(now, plan, a, b)
    return 'refused' in swapped ? null : swapped
  }
  async function send(move: Move): Promise<boolean> {
    const now = await harness.rows(`/api/v1/units/${UNIT}`)
    const base = (kind: string, id: string) => now.find((row) => row.kind === kind && row.value.id === id)?.version ?? 0
    const ops = [
      ...(move.unit ? [{ op: 'put', kind: 'unit', base: base('unit', UNIT), value: move.unit }] : []),
      ...move.puts.map((value: Placement) => ({
        op: 'put',
        kind: 'placement',
        base: base('placement', value.id),
        value,
      })),
      ...move.removes.map((one) => ({ op: 'remove', kind: 'placement', id: one.id, base: base('placement', one.id) })),
    ]
    if (!ops.length) return false
    const answer = await harness.call('POST', '/api/v1/changes', change(UNIT, ops, 'A move'))
    expect([answer.status, answer.body.errors]).toEqual([200, undefined])
    return true
  }
  const turn = async (which: 'undo' | 'redo') =>
    expect((await harness.call('POST', `/api/v1/changes/${which}`, { unitId: UNIT })).status).toBe(200)
  const inOrder = (one: UnitSnapshot) => ({
    ...one,
    placements: [...one.placements].sort((a, b) => (a.id < b.id ? -1 : 1)),
  })

  it('and their undo give the same snapshot, and doing them again the same readings, whatever they are', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.record({ kind: fc.integer({ min: 0, max: 4 }), a: fc.nat(30), b: fc.nat(30), day: fc.nat(20) }), {
          minLength: 1,
          maxLength: 5,
        }),
        async (picks) => {
          const before = inOrder(await snapshot())
          let made = 0
          for (const pick of picks) {
            const move = moveOf(await snapshot(), pick)
            if (move && (await send(move))) made++
          }
          const after = inOrder(await snapshot())
          for (let i = 0; i < made; i++) await turn('undo')
          expect(inOrder(await snapshot())).toEqual(before)
          for (let i = 0; i < made; i++) await turn('redo')
          const again = inOrder(await snapshot())
          expect(again).toEqual(after)
          expect(pulseOf(readingsOf(again))).toEqual(pulseOf(readingsOf(after)))
          for (let i = 0; i < made; i++) await turn('undo')
        },
      ),
      { numRuns: 25 },
    )
  }, 180_000)
})

describe('other screens', () => {
  it('of another unit, and a shared day, hear of an adult’s hours that a move on this unit changed, and not of its cards', async () => {
    const share = await harness.call('POST', '/api/v1/units/wind-and-kites/shares', {
      day: 5,
      label: 'Teo',
      endsOn: '2026-03-12',
    })
    const [screen, link] = [
      await harness.listen('/api/v1/events?unit=wind-and-kites'),
      await harness.listen(`/api/v1/shared/${share.body.token}/events`),
    ]
    const [card, teo] = [
      await harness.row(`/api/v1/units/${UNIT}`, 'placement', 'wheels-and-ramps-9'),
      await harness.row('/api/v1/house', 'adult', 'teo'),
    ]
    await harness.call(
      'POST',
      '/api/v1/changes',
      change(
        UNIT,
        [{ op: 'put', kind: 'placement', base: card.version, value: { ...card.value, apart: true } }],
        'A card',
      ),
    )
    await harness.call(
      'POST',
      '/api/v1/changes',
      change(
        UNIT,
        [
          {
            op: 'put',
            kind: 'adult',
            base: teo.version,
            value: { ...teo.value, exceptions: [{ date: '2026-03-11', here: null }] },
          },
        ],
        'Teo on Wed 11',
      ),
    )
    expect(await screen.until('Teo on Wed 11')).not.toContain('A card')
    expect((await link.until('again')).match(/again/g)).toHaveLength(1)
    screen.stop()
    link.stop()
  })
})

describe('bad input', () => {
  it('of another home is refused whole, at its field, and a unit of it is taken', async () => {
    const other = demoHome(TODAY)
    const file = { ...other, home: { ...other.home!, id: 'elsewhere', name: 'Elsewhere' } }
    const answer = await harness.call('POST', '/api/v1/plan-files/preview', file)
    expect([answer.status, answer.body.errors]).toEqual([
      422,
      [{ field: 'home.id', message: expect.stringContaining('another home, Elsewhere') }],
    ])
    const unit = {
      ...other,
      home: null,
      children: [],
      adults: [],
      units: [{ ...other.units[0], id: 'theirs' } as Unit],
      placements: [],
      ideas: [],
      purchases: [],
    }
    expect((await harness.call('POST', '/api/v1/plan-files/preview', unit)).status).toBe(200)
  })
  it('of a home comes into a house that nobody lives in yet', async () => {
    const fresh = await Harness.start()
    await fresh.call('POST', '/api/v1/owner', { name: 'A', signIn: 'a', password: 'a-long-password' })
    const { home } = demoHome(TODAY)
    const nobody = {
      format: 'kobby-plan',
      version: 1,
      children: [],
      adults: [],
      centers: [],
      materials: [],
      activities: [],
      units: [],
      ideas: [],
      placements: [],
      purchases: [],
    }
    expect(
      (await fresh.call('POST', '/api/v1/plan-files/apply', { ...nobody, home: { ...home!, id: 'mine' } })).status,
    ).toBe(200)
    expect((await fresh.call('POST', '/api/v1/plan-files/apply', demoHome(TODAY))).status).toBe(200)
    await fresh.stop()
  })
  it('attendance at 25:00 is refused at its field; what an older database holds of the kind still opens', async () => {
    const row = await harness.row('/api/v1/house', 'child', 'oona')
    const wrong = { ...row.value, attendance: { mon: { from: '08:00', to: '25:00' } } }
    const refused = await harness.call(
      'POST',
      '/api/v1/changes',
      change(null, [{ op: 'put', kind: 'child', base: row.version, value: wrong }]),
    )
    expect([refused.status, refused.body.errors[0].field]).toEqual([422, 'ops.0.value.attendance.mon.to'])
    harness.holdsToSchemas = false
    await harness.kobby
      .db('children')
      .where({ id: 'oona' })
      .update({ body: JSON.stringify(wrong), version: row.version + 1, updated_at: new Date(0).toISOString() })
    expect((await harness.row('/api/v1/house', 'child', 'oona')).value.attendance.mon.to).toBe('25:00')
    expect((await harness.call('GET', `/api/v1/units/${UNIT}/days/3/sheet`)).status).toBe(200)
  })
})
