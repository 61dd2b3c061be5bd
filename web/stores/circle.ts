import { defineStore } from 'pinia'
import { computed } from 'vue'
import { completedMonths, planMinute } from '@core/base'
import {
  calmestOrder,
  endsWell,
  energyLine,
  fillCircle,
  fitCircle,
  groupSitting,
  inCircleOrder,
  pieceTitle,
  partsOn,
  sittingOf,
  stretchesOf,
  suits,
  thingsFor,
  turnOrder,
  USUAL_RANGE,
  whoGetsUp,
  type CircleItem,
  type ComesAfter,
  type Turn,
} from '@core/circle'
import type { Circle, CircleLog, CirclePart, Piece } from '@core/domain'
import { PIECES } from '@core/library/repertoire'
import { blocksOn, presentAt, stageOn } from '@core/plan'
import { newId } from '../api/newId'
import { useBoard } from './board'
import { useHouse } from './house'
import { useSession } from './session'
import { useUnit } from './unit'

/** Turns that a new circle has. */
const USUAL_TURNS = ['Opens the circle', 'Takes one away']

/** The circle of the day that is looked at: what it is made of, how it fits, who sits how long, and whose turn it is. */
export const useCircle = defineStore('circle', () => {
  const unit = useUnit()
  const house = useHouse()
  const board = useBoard()
  const session = useSession()

  const pieces = computed<readonly Piece[]>(() => [...house.pieces, ...PIECES])
  const piecesById = computed(() => new Map(pieces.value.map((one) => [one.id, one])))
  const objects = computed(() => unit.unit?.objects ?? [])
  const day = computed(() => unit.days.find((one) => one.number === board.day))
  const blocks = computed(() =>
    unit.snapshot && day.value?.held ? blocksOn(unit.snapshot.home, unit.snapshot.unit, day.value.number) : [],
  )
  const block = computed(() => blocks.value.find((one) => one.kind === 'circle') ?? null)
  /** What is planned in the block beside the circle's own parts: it takes its time of it. */
  const planned = computed(() =>
    (unit.readings?.plan.sessions ?? []).filter(
      (one) => block.value && one.block?.id === block.value.id && one.days[0].number === board.day,
    ),
  )
  const blockMinutes = computed(() => {
    const [{ value: on }, { value: now }] = [day, block]
    return on && now ? planMinute(on.date, now.to) - planMinute(on.date, now.from) : 0
  })
  const window = computed(() =>
    Math.max(0, blockMinutes.value - planned.value.reduce((sum, one) => sum + one.activity.minutes.do, 0)),
  )
  /** Who is there and awake while it goes, and will stay: the circle is as long as the youngest of them sits. */
  const expected = computed(() => {
    const [{ value: on }, { value: now }] = [day, block]
    if (!on || !now) return []
    return house.children.filter(
      (child) => child.born <= on.date && presentAt(child, on.date, now.from, now.to) === 'here',
    )
  })
  /** Who can have a turn: babies lie beside. */
  const able = computed(() =>
    expected.value.filter((child) => sittingOf(completedMonths(child.born, day.value!.date)) !== null),
  )
  const comesAfter = computed<ComesAfter>(() => {
    const at = blocks.value.findIndex((one) => one.id === block.value?.id)
    const kind = blocks.value[at + 1]?.kind
    return kind === 'meal' || kind === 'nap' || kind === 'outdoors' ? kind : kind === 'choice' ? 'table' : 'other'
  })

  const kept = computed(() => unit.circles.find((one) => one.day === board.day) ?? null)
  const circle = computed<Circle>(
    () =>
      kept.value ?? {
        id: `circle-${unit.id}-${board.day}`.slice(0, 64),
        unitId: unit.id ?? '',
        day: board.day,
        parts: [],
        turns: USUAL_TURNS.map((what) => ({ what, childId: null })),
      },
  )
  const titleOf = (piece: Piece, part: CirclePart): string => {
    const range = part.range ?? (piece.form in USUAL_RANGE ? USUAL_RANGE[piece.form as keyof typeof USUAL_RANGE] : null)
    return pieceTitle(piece, thingsFor(part, objects.value)[0], range ? Math.max(range.from, range.to) : 1)
  }
  const parts = computed(() => inOrder(partsOn(circle.value, piecesById.value, titleOf)))
  const items = computed(() => parts.value.map((one) => one.item))
  const fit = computed(() => fitCircle(items.value, window.value))
  const line = computed(() => energyLine(items.value.map((one) => one.energy)))
  const stretches = computed(() => stretchesOf(items.value, fit.value.minutes))
  const sitting = computed(() => (day.value ? groupSitting(expected.value, day.value.date) : null))
  const getsUp = computed(() =>
    day.value ? whoGetsUp(items.value, fit.value.minutes, expected.value, day.value.date) : [],
  )
  const calmEnd = computed(() => endsWell(line.value, comesAfter.value))
  /** The order in which they sit least at a stretch, where that is better than hers. */
  const calmer = computed(() => {
    const found = calmestOrder(items.value, fit.value.minutes)
    const longest = (list: readonly CircleItem[]) =>
      Math.max(0, ...stretchesOf(list, fit.value.minutes).map((one) => one.minutes))
    const [now, then] = [longest(items.value), longest(found.items)]
    return then < now ? { ids: found.items.map((one) => one.id), now, then } : null
  })

  const turnsHad = computed<Turn[]>(() =>
    house.circleLogs.flatMap((log) =>
      log.turns.map((turn) => ({ kind: turn.what, childId: turn.childId, date: log.date })),
    ),
  )
  const heldDates = computed(() => house.circleLogs.map((log) => log.date))
  /** Whose turn it is for each special thing: as she chose, else as it comes out fair among those who are there. */
  const turns = computed(() => {
    const taken = new Set<string>()
    return circle.value.turns.map((turn) => {
      const order = turnOrder(turn.what, able.value, turnsHad.value, heldDates.value)
      const free = order.filter((one) => !taken.has(one.child.id))
      const chosen = order.find((one) => one.child.id === turn.childId) ?? free[0] ?? order[0]
      const found = chosen as (typeof order)[number] | undefined
      if (found) taken.add(found.child.id)
      return { ...turn, order, next: found ?? null }
    })
  })

  const save = (label: string, over: Partial<Circle>) =>
    unit.commit(label, [{ put: 'circle', value: { ...circle.value, ...over } }])
  const put = (label: string, next: readonly CirclePart[]) => save(label, { parts: [...next] })
  const newPart = (pieceId: string): CirclePart => ({
    id: newId(),
    pieceId,
    own: null,
    thing: '',
    range: null,
    minutes: null,
    pinned: false,
  })
  const current = () => parts.value.map((one) => one.part)
  const add = (piece: Piece) => put(`Circle: ${titleOf(piece, newPart(piece.id))}`, [...current(), newPart(piece.id)])
  const change = (id: string, label: string, over: Partial<CirclePart>) =>
    put(
      label,
      current().map((part) => (part.id === id ? { ...part, ...over } : part)),
    )
  const drop = (id: string, title: string) =>
    put(
      `Circle: without ${title}`,
      current().filter((part) => part.id !== id),
    )
  /** Moves a part up or down; what opens and what closes stays there. */
  function move(id: string, by: -1 | 1): Promise<void> | undefined {
    const list = current()
    const at = list.findIndex((part) => part.id === id)
    if (at < 0 || !(at + by in list)) return
    const next = [...list]
    next.splice(at + by, 0, ...next.splice(at, 1))
    return put('Circle: another order', next)
  }
  const reorder = (ids: readonly string[]) =>
    put(
      'Circle: sitting less at a stretch',
      ids.map((id) => current().find((part) => part.id === id)!),
    )
  const context = computed(() => ({
    date: day.value?.date ?? session.today,
    window: window.value,
    stages: expected.value.map((child) => stageOn(child, day.value!.date, house.thisHome.stageBounds)),
    objects: objects.value,
    logs: house.circleLogs,
    opening: unit.circles
      .filter((one) => one.day !== board.day)
      .flatMap((one) => one.parts)
      .flatMap((part) => {
        const piece = piecesById.value.get(part.pieceId ?? '')
        return piece && (piece.kind === 'gather' || piece.kind === 'greet') ? [piece.id] : []
      }),
  }))
  const why = (piece: Piece): string[] => suits(piece, context.value)?.why ?? []
  function fill(): Promise<void> {
    const pinned = current().filter((part) => part.pinned)
    const proposed = fillCircle(pieces.value, context.value).filter(
      ({ piece }) => !pinned.some((part) => part.pieceId === piece.id),
    )
    return put('Fill the circle', [...pinned, ...proposed.map(({ piece }) => newPart(piece.id))])
  }
  /** Pieces that could come in, the best for the day first. */
  const offers = computed(() =>
    pieces.value
      .filter((piece) => !circle.value.parts.some((part) => part.pieceId === piece.id))
      .flatMap((piece) => {
        const found = suits(piece, context.value)
        return found ? [{ piece, ...found }] : []
      })
      .sort((a, b) => b.score - a.score),
  )
  const copyTo = (number: number) => {
    const there = unit.circles.find((one) => one.day === number)
    return unit.commit(`Circle of day ${board.day} on day ${number} too`, [
      {
        put: 'circle',
        value: {
          ...circle.value,
          id: there?.id ?? newId(),
          day: number,
          parts: current().map((part) => ({ ...part, id: newId() })),
        },
      },
    ])
  }
  /** What was sung today, and who had which turn; one circle a day is written down once. */
  const log = computed(() => house.circleLogs.find((one) => one.id === `log-${circle.value.id}`.slice(0, 64)) ?? null)
  const writeLog = (value: Omit<CircleLog, 'id'>) =>
    house.commit('Circle: what was sung', [
      { put: 'circleLog', value: { id: `log-${circle.value.id}`.slice(0, 64), ...value } },
    ])

  return {
    pieces,
    piecesById,
    objects,
    day,
    block,
    planned,
    window,
    expected,
    comesAfter,
    kept,
    circle,
    parts,
    fit,
    line,
    stretches,
    sitting,
    getsUp,
    calmEnd,
    calmer,
    turns,
    offers,
    why,
    titleOf,
    save,
    add,
    change,
    drop,
    move,
    reorder,
    fill,
    copyTo,
    log,
    writeLog,
  }
})
const inOrder = <T extends { item: CircleItem }>(list: readonly T[]): T[] =>
  inCircleOrder(list.map((one) => ({ kind: one.item.kind, one }))).map(({ one }) => one)
