import { ref } from 'vue'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Placement, RowOp, ThingKind, Where, Applied } from '@core/domain'
import { FILE_LISTS } from '@core/papers'
import { remediesOf } from '@core/cautions'
import { MATERIALS } from '@core/library'
import { applyAll } from '@core/ideas'
import { byId } from '@core/base'
import { demoHome } from '@demo/home'
import { api } from '../api/client'
import { withBrowserParts } from '../testing/browserParts'
import { pathFiguresOf } from '../composables/pathFigures'
import { usePathFigures } from '../composables/usePathFigures'
import { useBasket } from './basket'
import { useBoard } from './board'
import { useHouse } from './house'
import { useRepertoire } from './repertoire'
import { useRows } from './rows'
import { useSession } from './session'
import { useUnit } from './unit'

const TODAY = '2026-03-10'
const labels: string[] = []
beforeEach(async () => {
  withBrowserParts()
  setActivePinia(createPinia())
  labels.length = 0
  vi.spyOn(api, 'change').mockImplementation(async (change) => {
    labels.push(change.label)
    return {
      changeId: change.id,
      label: change.label,
      rows: (change.ops as RowOp[]).map((op) => ({
        kind: op.kind,
        id: op.op === 'put' ? op.value.id : op.id,
        version: (op as { base: number }).base + 1,
        value: op.op === 'put' ? op.value : null,
      })),
      steps: { undo: change.label, redo: null },
    } as Applied
  })
  const file = demoHome(TODAY)
  const rows = useRows()
  const all = FILE_LISTS.flatMap(([list, kind]) =>
    file[list].map((value) => ({ kind: kind as ThingKind, id: value.id, version: 1, value })),
  )
  rows.accept([{ kind: 'home', id: file.home!.id, version: 1, value: file.home! }, ...all])
  useSession().today = TODAY
  useHouse().loaded = true
  useUnit().id = 'wind-and-kites'
  await Promise.all([useUnit().fetchHeart(), useRepertoire().load()])
})
const choice = (day: number): Where => ({ kind: 'moment', day, blockId: 'choice', from: null })
const kiteTails = () => useUnit().placements.find((one) => one.id === 'wind-and-kites-21')!
const carry = (one: Placement) => ({ placementId: one.id, activityId: one.activityId })

describe('a drop', () => {
  it('moves a card, selects it, and is named for undo', () => {
    const board = useBoard()
    expect(board.drop(carry(kiteTails()), choice(6))).toBe(true)
    expect([kiteTails().where, board.placement?.id]).toEqual([choice(6), 'wind-and-kites-21'])
    expect(labels).toEqual(['Move Kite tails'])
  })
  it('lays a new card where an idea was let go', () => {
    const [board, unit] = [useBoard(), useUnit()]
    const before = unit.placements.length
    expect(board.drop({ placementId: null, activityId: 'wind-letters' }, choice(8))).toBe(true)
    expect([unit.placements.length, unit.placements.at(-1)]).toMatchObject([
      before + 1,
      { activityId: 'wind-letters', centerId: 'mark-making-desk' },
    ])
  })
  it('that cannot work changes nothing, and offers what would', () => {
    const board = useBoard()
    expect(board.drop(carry(kiteTails()), { kind: 'set-up', fromDay: 4, toDay: 5 })).toBe(false)
    expect(kiteTails().where).toEqual(choice(4))
    expect(board.refused?.reason).toContain('cannot stay out by itself')
    const [slot] = board.refused!.remedies
    expect(board.drop(board.refused!.carried, slot.where, slot.centerId)).toBe(true)
    expect(board.refused).toBeNull()
  })
  it('carries a pin along to the new date', () => {
    const board = useBoard()
    board.pin(kiteTails())
    expect(kiteTails().pinnedDate).toBe('2026-03-10')
    board.drop(carry(kiteTails()), choice(6))
    expect(kiteTails().pinnedDate).toBe('2026-03-12')
    board.pin(kiteTails())
    expect(kiteTails().pinnedDate).toBeNull()
  })
})

it('keeps the idea when a card is taken off', () => {
  const [board, unit] = [useBoard(), useUnit()]
  const ideas = unit.ideas.length
  board.remove(kiteTails())
  expect(unit.placements.some((one) => one.id === 'wind-and-kites-21')).toBe(false)
  expect(unit.ideas.length).toBe(ideas)
  expect(unit.unplaced.some((idea) => idea.activityId === 'kite-tails')).toBe(true)
})

it('solves a stop by every remedy that it offers', () => {
  const kinds = ['swap', 'move', 'keep-out'] as const
  for (const kind of kinds) {
    const [board, unit] = [useBoard(), useUnit()]
    const original = kiteTails()
    const stop = unit.readings!.cautions.find((one) => one.severity === 'stop')!
    board.remedy(
      original,
      remediesOf(stop, unit.snapshot!, unit.readings!.plan).find((one) => one.kind === kind)!,
    )
    expect(
      unit.readings!.cautions.filter((one) => one.severity === 'stop' && one.session.placement.id === original.id),
      kind,
    ).toEqual([])
    board.patch(kiteTails(), 'back', original)
  }
})

it('gives each step one honest figure', async () => {
  const figures = pathFiguresOf(useUnit())!
  expect(figures.spark.words).toBe('8 words, 9 objects')
  expect(figures.gather.words).toBe('4 not scheduled yet')
  expect(figures['get-ready']).toEqual({ words: '1 thing late', late: true })
  expect(figures.run.words).toBe('Day 4 of 10')
  const shown = usePathFigures(ref(true))
  await vi.waitFor(() => expect(shown.value).toEqual(figures))
  useUnit().id = 'nowhere'
  expect(shown.value.run.words).toBe('')
})

describe('the basket', () => {
  it('keeps half an idea with the address in it, and nothing of nothing', () => {
    const [basket, unit] = [useBasket(), useUnit()]
    expect([basket.keepHalf('  '), basket.keepHalf(' Moths, see https://moths.example/a ')]).toEqual([false, true])
    expect(unit.ideas.at(-1)).toMatchObject({
      unitId: 'wind-and-kites',
      activityId: null,
      text: 'Moths, see https://moths.example/a',
      link: 'https://moths.example/a',
    })
  })
  it('takes what a pattern made once into the library, however often it is gathered', () => {
    const [basket, unit] = [useBasket(), useUnit()]
    const [{ made }] = applyAll(unit.theme!, { paper: 'a4', shipped: byId(MATERIALS) })
    const before = unit.activities.length
    basket.gatherMade(made!)
    const id = unit.ideas.at(-1)!.activityId!
    basket.leave(basket.ideaOf(id)!)
    expect(basket.ideaOf(id)).toBeUndefined()
    basket.gatherMade(made!)
    expect([unit.ideas.at(-1)!.activityId, unit.activities.length]).toEqual([id, before + 1])
  })
  it('lets a stretch in, leaves it, and asks again', () => {
    const [basket, unit] = [useBasket(), useUnit()]
    const cutters = () =>
      unit.activitiesById.get('dough-diamonds')!.requirements.find((one) => one.materialId === 'dough-cutter')!.quantity
    const answer = (value: 'taken' | 'left' | null) => {
      basket.stretch(basket.ideaOf('dough-diamonds')!, 'number', value)
      return [cutters(), basket.ideaOf('dough-diamonds')!.stretches]
    }
    expect([answer('taken'), answer('left'), answer(null)]).toEqual([
      [5, { number: 'taken' }],
      [2, { number: 'left' }],
      [2, {}],
    ])
  })
})
