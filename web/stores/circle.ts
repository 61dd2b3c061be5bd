import { defineStore } from 'pinia'
import { computed } from 'vue'
import { mondayOf } from '@core/base'
import {
  bookOffers,
  calmestOrder,
  circleDay,
  circleShown,
  fillCircle,
  longestStretch,
  newCircle,
  notOnShelf,
  partTitle,
  scriptOf,
  suits,
  type FillContext,
} from '@core/circle'
import {
  newBook,
  newCirclePart,
  type BookWay,
  type Circle,
  type CircleLog,
  type CirclePart,
  type CircleTalk,
  type Material,
  type Piece,
} from '@core/domain'
import { CIRCLE_TITLE } from '@core/plan'
import { newId } from '../api/newId'
import { useBoard } from './board'
import { useHouse } from './house'
import { useRepertoire } from './repertoire'
import { useSession } from './session'
import { useSupplies } from './supplies'
import { useUnit } from './unit'
import type { Write } from './writer'

/** The circle of the day that is looked at: what it is made of, how it fits, who sits how long, and whose turn it is. */
export const useCircle = defineStore('circle', () => {
  const unit = useUnit()
  const house = useHouse()
  const board = useBoard()
  const session = useSession()
  const repertoire = useRepertoire()
  const supplies = useSupplies()
  void repertoire.load()

  /** To choose from; until all of them are there, those that the circles of the unit name. */
  const pieces = computed<readonly Piece[]>(() => [
    ...house.pieces,
    ...(repertoire.shipped.length ? repertoire.shipped : repertoire.known),
  ])
  const piecesById = computed(() => new Map(pieces.value.map((one) => [one.id, one])))
  const objects = computed(() => unit.unit?.objects ?? [])
  const day = computed(() => unit.days.find((one) => one.number === board.day))
  const on = computed(() =>
    unit.snapshot && unit.readings ? circleDay(unit.snapshot, unit.readings.plan, board.day) : null,
  )
  const block = computed(() => on.value?.block ?? null)
  const planned = computed(() => on.value?.planned ?? [])
  const window = computed(() => on.value?.window ?? 0)
  const expected = computed(() => on.value?.expected ?? [])
  const sitting = computed(() => on.value?.listeners.sitting ?? null)

  const circleOn = (number: number): Circle =>
    unit.circles.find((one) => one.day === number) ?? newCircle(unit.id ?? '', number)
  const circle = computed<Circle>(() => circleOn(board.day))
  const titleOf = (piece: Piece, part: CirclePart): string => partTitle(piece, part, objects.value)
  const shownOf = (one: Circle) => {
    const there = unit.snapshot && unit.readings ? circleDay(unit.snapshot, unit.readings.plan, one.day) : null
    return there && { on: there, ...circleShown(one, there, { ...unit.snapshot!, pieces: [...pieces.value] }) }
  }
  const shown = computed(() => shownOf(circle.value))
  const parts = computed(() => shown.value?.parts ?? [])
  const items = computed(() => parts.value.map((one) => one.item))
  const fit = computed(
    () => shown.value?.fit ?? { minutes: new Map<string, number>(), over: 0, leaveOut: null, left: 0 },
  )
  const line = computed(() => shown.value?.line ?? [])
  const stretches = computed(() => shown.value?.stretches ?? [])
  const getsUp = computed(() => shown.value?.getsUp ?? [])
  const calmEnd = computed(() => shown.value?.calmEnd ?? true)
  const turns = computed(() => shown.value?.turns ?? [])
  /** The order in which they sit least at a stretch, where that is better than hers. */
  const calmer = computed(() => {
    const found = calmestOrder(items.value, fit.value.minutes)
    const [now, then] = [items.value, found.items].map((list) => longestStretch(list, fit.value.minutes))
    return then < now ? { ids: found.items.map((one) => one.id), now, then } : null
  })
  const script = computed(() =>
    shown.value && unit.unit ? scriptOf(shown.value.on, shown.value, { unit: unit.unit }) : null,
  )
  /** The circles of the unit at a glance: what each held day has, in its order. */
  const week = computed(() =>
    unit.days
      .filter((one) => one.held)
      .map((one) => ({
        day: one,
        shown: unit.circles.some((c) => c.day === one.number) ? shownOf(circleOn(one.number)) : null,
      })),
  )

  /** Materials of the library that pieces take and the home has none of yet: they come along. */
  async function withMaterials(list: readonly Piece[]): Promise<Write[]> {
    const wanted = new Set(list.flatMap((piece) => piece.takes.map((take) => take.materialId)))
    for (const id of wanted) if (house.materialsById.has(id)) wanted.delete(id)
    if (!wanted.size) return []
    const { MATERIALS } = await import('@core/library/materials')
    return MATERIALS.filter((one) => wanted.has(one.id)).map((value: Material) => ({ put: 'material' as const, value }))
  }
  const piecesOf = (list: readonly CirclePart[]) =>
    list.flatMap((part) => piecesById.value.get(part.pieceId ?? '') ?? [])
  const save = (label: string, over: Partial<Circle>) =>
    unit.commit(label, [{ put: 'circle', value: { ...circle.value, ...over } }])
  async function put(label: string, next: readonly CirclePart[]): Promise<void> {
    const value = { ...circle.value, parts: [...next] }
    await unit.commit(label, [...(await withMaterials(piecesOf(next))), { put: 'circle', value }])
  }
  /** In the order in which they go; what cannot be shown, as a book that was taken off the shelf, stays behind them. */
  const current = (): CirclePart[] => {
    const shown = parts.value.map((one) => one.part)
    const known = new Set(shown.map((part) => part.id))
    return [...shown, ...circle.value.parts.filter((part) => !known.has(part.id))]
  }
  const addPart = (title: string, of: Parameters<typeof newCirclePart>[1]) =>
    put(`Circle: ${title}`, [...current(), newCirclePart(newId(), of)])
  const add = (piece: Piece) => addPart(titleOf(piece, newCirclePart('', { pieceId: piece.id })), { pieceId: piece.id })
  const addBook = (bookId: string, title: string) => addPart(title, { bookId })
  const addOwn = (own: CircleTalk) => addPart(own.title, { own })
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
  const reorder = (ids: readonly string[]) => {
    const rank = (part: CirclePart) => (ids.includes(part.id) ? ids.indexOf(part.id) : ids.length)
    return put(
      'Circle: sitting less at a stretch',
      [...current()].sort((a, b) => rank(a) - rank(b)),
    )
  }
  /** Moves a part to the place of another. */
  function moveTo(id: string, beforeId: string | null): Promise<void> | undefined {
    const list = current()
    const part = list.find((one) => one.id === id)
    if (!part || id === beforeId) return
    const rest = list.filter((one) => one.id !== id)
    const at = beforeId === null ? rest.length : rest.findIndex((one) => one.id === beforeId)
    if (at < 0) return
    return put('Circle: another order', [...rest.slice(0, at), part, ...rest.slice(at)])
  }
  /** Pieces that the other circles of this week open with, where the home likes that. */
  const opening = computed<string[]>(() => {
    if (!house.home?.circle.sameOpening || !day.value) return []
    const monday = mondayOf(day.value.date)
    const days = new Set(unit.days.filter((one) => mondayOf(one.date) === monday).map((one) => one.number))
    return unit.circles
      .filter((one) => one.day !== board.day && days.has(one.day))
      .flatMap((one) => piecesOf(one.parts))
      .flatMap((piece) => (piece.kind === 'gather' || piece.kind === 'greet' ? [piece.id] : []))
  })
  const context = computed<FillContext>(() => ({
    date: day.value?.date ?? session.today,
    window: window.value,
    stages: on.value?.listeners.stages ?? [],
    objects: objects.value,
    logs: house.circleLogs,
    opening: opening.value,
    focus: unit.unit?.focus ?? null,
  }))
  /** Books that she named for the unit and that are not on the shelf yet. */
  const unshelved = computed(() => (unit.unit ? notOnShelf(unit.unit, house.books) : []))
  const putOnShelf = (title: string) => house.commit('Add a book', [{ put: 'book', value: newBook(newId(), title) }])
  /** Books that could be read on this day, the best first. */
  const shelf = computed(() =>
    unit.unit && on.value
      ? bookOffers(house.books, {
          date: on.value.date,
          unit: unit.unit,
          listeners: on.value.listeners,
          logs: house.circleLogs,
        })
      : [],
  )
  const why = (piece: Piece): string[] => suits(piece, context.value)?.why ?? []
  /** Proposes the circle anew around what is pinned; a book that fits the theme takes the place of the story. */
  async function fill(): Promise<void> {
    await repertoire.load()
    const pinned = current().filter((part) => part.pinned)
    const proposed = fillCircle(pieces.value, context.value).filter(
      ({ piece }) => !pinned.some((part) => part.pieceId === piece.id),
    )
    const book = shelf.value.find((one) => one.fits && !pinned.some((part) => part.bookId))
    const room = proposed.findIndex(({ piece }) => piece.kind === 'story')
    const next = proposed.map(({ piece, range }, i) =>
      book && i === room
        ? newCirclePart(newId(), { bookId: book.book.id })
        : { ...newCirclePart(newId(), { pieceId: piece.id }), range },
    )
    return put('Fill the circle', [...pinned, ...next])
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
  const copyOn = (number: number): Circle => ({
    ...circle.value,
    id: circleOn(number).id,
    day: number,
    parts: current().map((part) => ({ ...part, id: newId() })),
  })
  const copyTo = (number: number) =>
    unit.commit(`Circle of day ${board.day} on day ${number} too`, [{ put: 'circle', value: copyOn(number) }])
  const setSameOpening = (sameOpening: boolean) =>
    house.commit(sameOpening ? 'Circles of a week open alike' : 'Circles open as they like', [
      { put: 'home', value: { ...house.thisHome, circle: { ...house.thisHome.circle, sameOpening } } },
    ])
  const isOpening = (part: CirclePart) => {
    const kind = part.own?.kind ?? piecesById.value.get(part.pieceId ?? '')?.kind
    return kind === 'gather' || kind === 'greet'
  }
  /** Gives other circles the opening of this one, and leaves the rest of them. */
  const openAlike = (numbers: readonly number[]) =>
    unit.commit(
      `Circles open like day ${board.day}`,
      numbers.map((number) => {
        const there = circleOn(number)
        const opening = current().filter(isOpening)
        const parts = [
          ...opening.map((part) => ({ ...part, id: newId() })),
          ...there.parts.filter((one) => !isOpening(one)),
        ]
        return { put: 'circle' as const, value: { ...there, parts } }
      }),
    )
  /** A word that the children said: one verse more, kept with the circle. */
  const addWord = (id: string, word: string) => {
    const part = current().find((one) => one.id === id)
    return part && change(id, `Circle: ${word}`, { more: [...part.more, word] })
  }
  const setWay = (id: string, title: string, way: BookWay | null) => change(id, `${title}: how it is shared`, { way })
  /** What was sung today, and who had which turn; one circle a day is written down once. */
  const logId = computed(() => `log-${circle.value.id}`.slice(0, 64))
  const log = computed(() => house.circleLogs.find((one) => one.id === logId.value) ?? null)
  /** Writes down what was held; what it used up comes out of the pantry. */
  function writeLog(value: Omit<CircleLog, 'id' | 'took'>): Promise<void> {
    const session = unit.readings?.plan.circles.find((one) => one.placement.id === circle.value.id)
    const held = new Set(
      value.parts.flatMap((one) => piecesById.value.get(one.pieceId ?? '')?.takes ?? []).map((take) => take.materialId),
    )
    const all = session ? supplies.takenBy(session) : {}
    const took = Object.fromEntries(Object.entries(all).filter(([id]) => held.has(id)))
    return unit.commit('Circle: what was sung', [
      { put: 'circleLog', value: { id: logId.value, ...value, took } },
      ...supplies.moved(log.value?.took ?? {}, took, CIRCLE_TITLE),
    ])
  }
  /** It was not held after all: what it took comes back. */
  const forgetLog = (one: CircleLog) =>
    unit.commit('Circle: not held after all', [
      { remove: 'circleLog', id: one.id },
      ...supplies.moved(one.took, {}, CIRCLE_TITLE),
    ])

  return {
    pieces,
    piecesById,
    objects,
    day,
    on,
    block,
    planned,
    window,
    expected,
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
    script,
    week,
    offers,
    shelf,
    unshelved,
    putOnShelf,
    why,
    titleOf,
    save,
    add,
    addBook,
    addOwn,
    addWord,
    setWay,
    setSameOpening,
    openAlike,
    change,
    drop,
    move,
    moveTo,
    reorder,
    fill,
    copyTo,
    log,
    writeLog,
    forgetLog,
  }
})
