import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type {
  Change,
  Material,
  Op,
  Purchase,
  StockOp,
  ThingKind,
  ThingOf,
  Tick,
  TickOp,
  ChangedRow,
  Conflict,
  Steps,
} from '@core/domain'
import { startsFrom, stocked } from '@core/supplies'
import { api, ApiError } from '../api/client'
import { newId } from '../api/newId'
import { KEPT } from '../composables/kept'
import { keptQueue, type Outcome } from './keptQueue'
import { useRows } from './rows'
import { tickBefore, tickOp } from './tickOps'
import { useTicks } from './ticks'

/** A write as a view gives it: the version it starts from is looked up here. */
export type Write =
  { put: ThingKind; value: ThingOf<ThingKind> } | { remove: ThingKind; id: string } | { stock: StockOp }

interface Queued {
  change: Change
  before: ChangedRow[]
  /** When it was made, by this device: a tick says how long ago that was. */
  madeAt?: number
  /** The ticks of it, and what stood there before. */
  ticks?: { tick: Tick; before: Tick | null }[]
}

/** A write of rows; a tick is none. */
type RowWrite = Exclude<Op, TickOp>
const rowWrites = (change: Change): RowWrite[] => change.ops.filter((op) => op.op !== 'tick')
const idOf = (op: RowWrite) => (op.op === 'put' ? op.value.id : op.id)
const keyOf = (kind: ThingKind, id: string) => `${kind} ${id}`
const keysOf = (change: Change) => rowWrites(change).map((op) => keyOf(op.kind, idOf(op)))
/** A row as a write leaves it, until the server says so. */
const written = (op: RowWrite, now: ThingOf<ThingKind> | null): ThingOf<ThingKind> | null =>
  op.op === 'put' ? op.value : op.op === 'remove' ? null : now && stocked(now as Material, op).material

/**
 * Whether a tick in the shop was refused only because the same line was ticked on the same day: then it is bought
 * already.
 */
const isTickedTwice = (change: Change, error: ApiError): boolean =>
  change.ops.some((op) => op.op === 'stock' && op.reason === 'bought') &&
  error.conflicts.every((one) => one.kind === 'purchase' && one.theirs !== null)

/**
 * Sends changes one after the other and shows them at once. What cannot be sent waits, also over a reload; what the
 * server refuses is taken back and said; what someone else changed meanwhile waits for a choice.
 */
export const useWriter = defineStore('writer', () => {
  const rows = useRows()
  const ticks = useTicks()
  const queue = keptQueue<Queued>(KEPT.queue, send)
  const { pending, set: keep, flush } = queue
  const conflict = shallowRef<{ label: string; conflicts: Conflict[] } | null>(null)
  const problem = ref('')
  const offline = ref(false)
  const savedAt = ref<Date | null>(null)
  const steps = ref<Record<string, Steps>>({})
  const said = ref('')
  /** Lines that someone else had checked off already: they were bought once, and she is told. */
  const twice = shallowRef<{ materialId: string; date: string; by: string; change: Change }[]>([])
  const forget = (i: number) => void (twice.value = twice.value.filter((_, j) => j !== i))
  const own = new Set<string>()
  /** How many of our changes the server has taken. */
  let taken = 0

  const isPending = (kind: ThingKind, id: string) =>
    queue.waiting.value.some(({ change }) => rowWrites(change).some((op) => op.kind === kind && idOf(op) === id))
  const stepsOf = (unitId: string | null): Steps => steps.value[unitId ?? ''] ?? { undo: null, redo: null }
  const setSteps = (unitId: string | null, to: Steps) => {
    steps.value = { ...steps.value, [unitId ?? '']: to }
  }

  /** Shows a change at once and sends it. */
  function commit(unitId: string | null, label: string, writes: Write[]): Promise<void> {
    if (!writes.length) return Promise.resolve()
    const ops = writes.map((write): RowWrite => {
      if ('stock' in write) return write.stock
      const [kind, id] = 'put' in write ? [write.put, write.value.id] : [write.remove, write.id]
      const base = rows.version(kind, id)
      // What a form hands over may watch over itself; what is kept and sent is plain.
      return (
        'put' in write
          ? { op: 'put', kind, base, value: JSON.parse(JSON.stringify(write.value)) }
          : { op: 'remove', kind, id, base }
      ) as RowWrite
    })
    const before = ops.map((op): ChangedRow => ({
      kind: op.kind,
      id: idOf(op),
      version: rows.version(op.kind, idOf(op)),
      value: rows.get(op.kind, idOf(op)) ?? null,
    }))
    show(ops)
    const change: Change = { id: newId(), unitId, label: label.slice(0, 120), ops }
    problem.value = ''
    return queue.add({ change, before })
  }

  /** Shows a tick at once and sends it. */
  function tick(unitId: string, label: string, made: Omit<Tick, 'at'>): Promise<void> {
    const madeAt = Date.now()
    const now: Tick = { ...made, at: new Date(madeAt).toISOString() }
    const change: Change = { id: newId(), unitId, label: label.slice(0, 120), ops: [tickOp(now, madeAt)] }
    problem.value = ''
    const before = tickBefore(ticks.all, now)
    ticks.take(now)
    return queue.add({ change, before: [], madeAt, ticks: [{ tick: now, before }] })
  }

  /**
   * Reads something that our own changes are in. An answer that was on its way while one of them was taken is older than
   * what is shown: it is read again.
   */
  async function readPast<T>(read: () => Promise<T>): Promise<T> {
    for (;;) {
      const before = taken
      const answer = await read()
      if (before === taken) return answer
    }
  }

  async function send(first: Queued): Promise<Outcome> {
    if (conflict.value) return 'halt'
    own.add(first.change.id)
    try {
      const applied = await api.change(asSentNow(first))
      taken++
      offline.value = false
      savedAt.value = new Date()
      const rest = queue.waiting.value.slice(1)
      const versions = new Map(applied.rows.map((row) => [keyOf(row.kind, row.id), row.version]))
      // Later changes of the same rows start from what was just written.
      for (const { change } of rest)
        for (const op of change.ops) if (startsFrom(op)) op.base = versions.get(keyOf(op.kind, idOf(op))) ?? op.base
      keep(rest)
      acceptUnder(applied.rows)
      takeTicks(applied.ticks ?? [])
      setSteps(first.change.unitId, applied.steps)
      return 'next'
    } catch (error) {
      if (!(error instanceof ApiError)) throw error
      return met(error, first)
    }
  }
  const asSentNow = ({ change, madeAt }: Queued): Change =>
    madeAt === undefined
      ? change
      : { ...change, ops: change.ops.map((op) => (op.op === 'tick' ? tickOp(op, madeAt) : op)) }
  /** Takes ticks as the server has them, unless one of ours on the same step still waits. */
  function takeTicks(now: readonly Tick[]): void {
    const waits = queue.waiting.value.flatMap((one) => one.ticks ?? []).map((one) => one.tick)
    for (const tick of now) if (!tickBefore(waits, tick)) ticks.take(tick)
  }
  /** The ticks of a unit as they were read, with what still waits on top. */
  function showTicks(read: Tick[]): void {
    ticks.replace(read)
    for (const { ticks: waits = [] } of queue.waiting.value) for (const { tick } of waits) ticks.take(tick)
  }

  /** Meets a refusal. */
  function met(error: ApiError, first: Queued): Outcome {
    if (error.status === 0 || error.status >= 500) {
      offline.value = true
      return 'again'
    }
    offline.value = false
    // Not refused: nobody is signed in here any more. It waits until somebody is.
    if (error.status === 401) return 'halt'
    if (error.status === 409 && error.conflicts.length) {
      if (isTickedTwice(first.change, error)) {
        const theirs = error.conflicts[0].theirs as Purchase
        twice.value = [
          ...twice.value,
          { materialId: theirs.materialId, date: theirs.date, by: theirs.by, change: first.change },
        ]
        keep(queue.waiting.value.slice(1))
        acceptUnder(error.now)
        return 'next'
      }
      conflict.value = { label: first.change.label, conflicts: error.conflicts }
      return 'halt'
    }
    takeBack(first)
    const fields = error.faults.map(
      (fault) => `${fault.field.replace(/^ops\.\d+\.(value\.?)?/, '') || 'this'}: ${fault.message}`,
    )
    problem.value = [problem.value, `“${first.change.label}” was not saved.`, error.message, ...fields]
      .filter(Boolean)
      .join(' ')
    return 'next'
  }

  /** Shows writes as they will be, once they are saved. */
  function show(ops: readonly RowWrite[]): void {
    for (const op of ops)
      rows.accept([
        {
          kind: op.kind,
          id: idOf(op),
          version: rows.version(op.kind, idOf(op)),
          value: written(op, rows.get(op.kind, idOf(op)) ?? null),
        },
      ])
  }
  /** Takes rows as the server has them, and shows what still waits on top. */
  function acceptUnder(now: readonly ChangedRow[]): void {
    const waiting = queue.waiting.value.flatMap(({ change }) => rowWrites(change))
    const over = new Map(now.map((row) => [keyOf(row.kind, row.id), row.value]))
    for (const op of waiting)
      if (over.has(keyOf(op.kind, idOf(op))))
        over.set(keyOf(op.kind, idOf(op)), written(op, over.get(keyOf(op.kind, idOf(op)))!))
    rows.accept(now.map((row) => ({ ...row, value: over.get(keyOf(row.kind, row.id))! })))
  }
  /** Takes back a refused change, and what was built on it; all else that waits stays. */
  function takeBack(refused: Queued): void {
    const gone = new Set(keysOf(refused.change))
    const stays: Queued[] = []
    const goes: Queued[] = []
    for (const queued of queue.waiting.value) {
      const built =
        queued === refused || queued.change.ops.some((op) => startsFrom(op) && gone.has(keyOf(op.kind, idOf(op))))
      if (built) for (const key of keysOf(queued.change)) gone.add(key)
      ;(built ? goes : stays).push(queued)
    }
    const before = new Map<string, ChangedRow>()
    for (const { before: rowsBefore } of goes)
      for (const row of rowsBefore) if (!before.has(keyOf(row.kind, row.id))) before.set(keyOf(row.kind, row.id), row)
    keep(stays)
    acceptUnder([...before.values()])
    for (const { tick, before: was } of refused.ticks ?? []) {
      if (was) takeTicks([was])
      else ticks.drop(tick)
    }
  }

  /** Settles a conflict: what the other wrote stays, or what was written here goes over it, knowingly. */
  function settle(keepWhose: 'theirs' | 'mine'): Promise<void> {
    const now = conflict.value
    if (!now) return Promise.resolve()
    conflict.value = null
    if (keepWhose === 'theirs') {
      takeBack(queue.waiting.value[0])
      rows.accept(now.conflicts.map((one) => ({ kind: one.kind, id: one.id, version: one.version, value: one.theirs })))
      return flush()
    }
    const versions = new Map(now.conflicts.map((one) => [keyOf(one.kind, one.id), one.version]))
    const [first, ...rest] = queue.waiting.value
    for (const op of first.change.ops) if (startsFrom(op)) op.base = versions.get(keyOf(op.kind, idOf(op))) ?? op.base
    // A refused change was never applied, so it may go again under a new id.
    keep([{ ...first, change: { ...first.change, id: newId() } }, ...rest])
    return flush()
  }

  async function turn(which: 'undo' | 'redo', unitId: string | null): Promise<void> {
    await flush()
    if (pending.value) return
    try {
      const applied = await api[which](unitId)
      own.add(`${applied.changeId}-${which === 'undo' ? 'done' : 'undone'}`)
      rows.accept(applied.rows)
      setSteps(unitId, applied.steps)
      savedAt.value = new Date()
      said.value = `${which === 'undo' ? 'Undone' : 'Done again'}: ${applied.label}`
    } catch (error) {
      if (!(error instanceof ApiError)) throw error
      said.value = error.message
    }
  }

  /** Takes what another screen wrote, unless something of ours on that row still waits. */
  function hear(changeId: string, changed: readonly ChangedRow[]): void {
    if (own.has(changeId)) return
    rows.accept(
      changed.filter(
        (row) => !isPending(row.kind, row.id) && (row.value === null || row.version > rows.version(row.kind, row.id)),
      ),
    )
  }
  /**
   * Shows again what was waiting when the page was left, over rows that were just read.
   *
   * @param kinds what was read: an amount that is added to anything else would be added twice
   */
  function resume(kinds: readonly ThingKind[]): void {
    show(queue.waiting.value.flatMap(({ change }) => rowWrites(change)).filter((op) => kinds.includes(op.kind)))
    void flush()
  }

  return {
    twice,
    forget,
    pending,
    conflict,
    problem,
    offline,
    savedAt,
    said,
    commit,
    tick,
    takeTicks,
    showTicks,
    readPast,
    flush,
    settle,
    undo: (unitId: string | null) => turn('undo', unitId),
    redo: (unitId: string | null) => turn('redo', unitId),
    stepsOf,
    setSteps,
    hear,
    resume,
  }
})
