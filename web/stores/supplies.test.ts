import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { startsFrom, stocked } from '@core/supplies'
import type { Change, Material, Row, RowOp, StockOp, ThingKind, Applied } from '@core/domain'
import { FILE_LISTS } from '@core/papers'
import { demoHome } from '@demo/home'
import { api } from '../api/client'
import { withBrowserParts } from '../testing/browserParts'
import { useHouse } from './house'
import { useRepertoire } from './repertoire'
import { useRows } from './rows'
import { useSession } from './session'
import { useSupplies } from './supplies'
import { useUnit } from './unit'

const TODAY = '2026-03-10'
let sent: Change[]
beforeEach(async () => {
  withBrowserParts()
  setActivePinia(createPinia())
  sent = []
  vi.spyOn(api, 'change').mockImplementation(async (change) => {
    sent.push(structuredClone(change))
    const rows = (change.ops as (RowOp | StockOp)[]).map((op) =>
      startsFrom(op)
        ? {
            kind: op.kind,
            id: op.op === 'put' ? op.value.id : op.id,
            version: op.base + 1,
            value: op.op === 'put' ? op.value : null,
          }
        : { kind: 'material' as const, id: op.id, version: 99, value: useRows().get('material', op.id)! },
    )
    return { changeId: change.id, label: change.label, rows, steps: { undo: change.label, redo: null } } as Applied
  })
  const file = demoHome(TODAY)
  useSession().today = TODAY
  useRows().accept([
    { kind: 'home', id: file.home!.id, version: 1, value: file.home! },
    ...FILE_LISTS.flatMap(([list, kind]) =>
      file[list].map((value) => ({ kind: kind as ThingKind, id: value.id, version: 1, value })),
    ),
  ])
  useHouse().loaded = true
  useUnit().id = 'wind-and-kites'
  await Promise.all([useUnit().fetchHeart(), useRepertoire().load()])
})
const onHand = (id: string) => useHouse().materialsById.get(id)!.onHand
const lineOf = (id: string) => useSupplies().lines.find((line) => line.material.id === id)

describe('a tick in the shop', () => {
  it('takes the line off the list, pays for the unit, and can be put back', async () => {
    const supplies = useSupplies()
    const spent = useUnit().readings!.money.spent
    await supplies.tick(lineOf('large-bead')!, 'the craft shop', [{ size: 20, count: 1, price: 480 }])
    expect([onHand('large-bead'), lineOf('large-bead')!.shortage, useUnit().readings!.money.spent - spent]).toEqual([
      60, 0, 480,
    ])
    expect(
      useHouse()
        .materialsById.get('large-bead')!
        .packs.find((pack) => pack.size === 20),
    ).toMatchObject({ price: 480, seen: TODAY })
    await supplies.putBack(useUnit().purchases.filter((one) => one.materialId === 'large-bead'))
    expect([onHand('large-bead'), lineOf('large-bead')!.shortage, useUnit().readings!.money.spent]).toEqual([
      40,
      4,
      spent,
    ])
  })
  it('of less than was wanted leaves the rest on the list, and the next tick is another purchase', async () => {
    const supplies = useSupplies()
    await supplies.tick(lineOf('large-cork')!, 'the craft shop', [{ size: 2, count: 1, price: 90 }])
    expect(lineOf('large-cork')!.shortage).toBe(3)
    await supplies.tick(lineOf('large-cork')!, 'the craft shop', [{ size: 6, count: 1, price: 499 }])
    expect(
      new Set(
        useUnit()
          .purchases.filter((one) => one.materialId === 'large-cork')
          .map((one) => one.id),
      ).size,
    ).toBe(2)
    expect(lineOf('large-cork')!.shortage).toBe(0)
  })
})

describe('what is done', () => {
  it('takes its consumables out once, and gives them back when it was not done after all', async () => {
    const [supplies, unit] = [useSupplies(), useUnit()]
    const session = unit.readings!.plan.sessions.find(
      (one) =>
        one.activity.requirements.some(
          (need) =>
            unit.readings!.plan.materials.get(need.materialId)?.use === 'consumable' && onHand(need.materialId) > 20,
        ) && one.placement.status === 'planned',
    )!
    const took = supplies.takenBy(session)
    const before = Object.fromEntries(Object.keys(took).map((id) => [id, onHand(id)]))
    expect(Object.keys(took).length).toBeGreaterThan(0)
    await supplies.setStatus(session.placement, 'done', 'It')
    for (const [id, quantity] of Object.entries(took)) expect(onHand(id)).toBeCloseTo(before[id] - quantity, 5)
    const [id] = Object.keys(took)
    const done = () => unit.placements.find((one) => one.id === session.placement.id)!
    await supplies.setTook(done(), { ...done().took, [id]: 0 }, 'It')
    expect(onHand(id)).toBeCloseTo(before[id], 5)
    await supplies.setStatus(done(), 'planned', 'It')
    for (const one of Object.keys(took)) expect(onHand(one)).toBeCloseTo(before[one], 5)
    expect(done().took).toEqual({})
  })
})

describe('a count', () => {
  it('is written down as a change, and the same number is none', async () => {
    const supplies = useSupplies()
    await supplies.count(useHouse().materialsById.get('button')!, 48)
    await supplies.count(useHouse().materialsById.get('button')!, 48)
    expect(sent.map((change) => change.ops)).toMatchObject([
      [{ op: 'stock', id: 'button', change: -12, reason: 'counted' }],
    ])
    expect(stocked({ onHand: 60, packs: [] } as unknown as Material, sent[0].ops[0] as never).material.onHand).toBe(48)
  })
})

it('throws away what is past its date, date and all', async () => {
  const [supplies, house] = [useSupplies(), useHouse()]
  await supplies.throwAway({ ...house.materialsById.get('vinegar')!, expires: '2026-03-01' })
  expect(house.materialsById.get('vinegar')).toMatchObject({ onHand: 0, expires: null })
  expect(sent[0].ops).toMatchObject([{ op: 'put' }, { op: 'stock', change: -700, reason: 'thrown' }])
})

describe('asking families', () => {
  it('remembers the day, and what came is in the house', async () => {
    const [supplies, unit] = [useSupplies(), useUnit()]
    unit.id = 'wheels-and-ramps'
    expect(lineOf('cardboard-sheet')).toMatchObject({ shortage: 2, ask: { asked: null } })
    await supplies.markAsked(['cardboard-sheet'])
    expect(lineOf('cardboard-sheet')!.ask!.asked).toBe(TODAY)
    await supplies.promise({
      id: 'p',
      unitId: unit.id,
      materialId: 'cardboard-sheet',
      quantity: 2,
      family: 'Neighbor',
      by: '2026-03-18',
      state: 'coming',
    })
    expect([lineOf('cardboard-sheet')!.shortage, lineOf('cardboard-sheet')!.coming]).toEqual([0, 2])
    await supplies.settlePromise(unit.promises[0], 2)
    expect([onHand('cardboard-sheet'), lineOf('cardboard-sheet')!.coming, unit.promises[0].state]).toEqual([
      3,
      0,
      'came',
    ])
  })
})

describe('another unit on the same list', () => {
  it('is read when it is taken along, and says so when it cannot be', async () => {
    const supplies = useSupplies()
    const file = demoHome(TODAY)
    const of = (kind: 'placement' | 'idea') =>
      (kind === 'placement' ? file.placements : file.ideas)
        .filter((one) => one.unitId === 'wheels-and-ramps')
        .map((value) => ({ kind, version: 1, value }))
    vi.spyOn(api, 'unit').mockResolvedValueOnce({
      rows: [...of('placement'), ...of('idea')] as Row[],
      pieces: [],
      spokenFor: [],
      ticks: [],
      steps: { undo: null, redo: null },
    })
    const alone = supplies.lines.length
    await supplies.takeAlong('wheels-and-ramps', true)
    expect([supplies.sources.length, supplies.lines.length > alone, supplies.also]).toEqual([
      2,
      true,
      ['wheels-and-ramps'],
    ])
    await supplies.takeAlong('wheels-and-ramps', false)
    expect(supplies.lines.length).toBe(alone)
    vi.spyOn(api, 'unit').mockRejectedValueOnce(new Error('No connection'))
    await supplies.takeAlong('wheels-and-ramps', true)
    expect([supplies.failed, supplies.sources.length]).toEqual(['No connection', 1])
  })
})
