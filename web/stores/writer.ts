import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { Change, Material, Op, Purchase, StockOp, ThingKind, ThingOf } from '@core/domain'
import { startsFrom, stocked } from '@core/supplies/stock'
import { api, ApiError, type ChangedRow, type Conflict, type Steps } from '../api/client'
import { useRows } from './rows'

/** A write as a view gives it: the version it starts from is looked up here. */
export type Write = { put: ThingKind; value: ThingOf<ThingKind> } | { remove: ThingKind; id: string } | { stock: StockOp }

interface Queued { change: Change; before: ChangedRow[] }

const KEPT_AS = 'kobby-queue'
const RETRY_MS = 2000

const idOf = (op: Op) => (op.op === 'put' ? op.value.id : op.id)
const keyOf = (kind: ThingKind, id: string) => `${kind} ${id}`
const keysOf = (change: Change) => change.ops.map((op) => keyOf(op.kind, idOf(op)))
/** A row as a write leaves it, until the server says so. */
const written = (op: Op, now: ThingOf<ThingKind> | null): ThingOf<ThingKind> | null =>
  op.op === 'put' ? op.value : op.op === 'remove' ? null : now && stocked(now as Material, op).material

/** Whether a tick in the shop was refused only because the same line was ticked on the same day: then it is bought already. */
const isTickedTwice = (change: Change, error: ApiError): boolean =>
  change.ops.some((op) => op.op === 'stock' && op.reason === 'bought') && error.conflicts.every((one) => one.kind === 'purchase' && one.theirs !== null)

/**
 * Sends changes one after the other and shows them at once. What cannot be sent waits, also over a reload; what the server refuses is
 * taken back and said; what someone else changed meanwhile waits for a choice.
 */
export const useWriter = defineStore('writer', () => {
  const rows = useRows()
  const queue = shallowRef<Queued[]>(JSON.parse(localStorage.getItem(KEPT_AS) ?? '[]') as Queued[])
  const conflict = shallowRef<{ label: string; conflicts: Conflict[] } | null>(null)
  const problem = ref('')
  const offline = ref(false)
  const savedAt = ref<Date | null>(null)
  const steps = ref<Record<string, Steps>>({})
  const said = ref('')
  /** Lines that someone else had ticked already: they were bought once, and she is told. */
  const twice = shallowRef<{ materialId: string; date: string; by: string; change: Change }[]>([])
  const forget = (i: number) => void (twice.value = twice.value.filter((_, j) => j !== i))
  const own = new Set<string>()
  let sending: Promise<void> | null = null

  const pending = computed(() => queue.value.length)
  const keep = (list: Queued[]) => {
    queue.value = list
    if (list.length) localStorage.setItem(KEPT_AS, JSON.stringify(list))
    else localStorage.removeItem(KEPT_AS)
  }
  const isPending = (kind: ThingKind, id: string) => queue.value.some(({ change }) => change.ops.some((op) => op.kind === kind && idOf(op) === id))
  const stepsOf = (unitId: string | null): Steps => steps.value[unitId ?? ''] ?? { undo: null, redo: null }
  const setSteps = (unitId: string | null, to: Steps) => {
    steps.value = { ...steps.value, [unitId ?? '']: to }
  }

  /** Shows a change at once and sends it. */
  function commit(unitId: string | null, label: string, writes: Write[]): Promise<void> {
    if (!writes.length) return Promise.resolve()
    const ops = writes.map((write): Op => {
      if ('stock' in write) return write.stock
      const [kind, id] = 'put' in write ? [write.put, write.value.id] : [write.remove, write.id]
      const base = rows.version(kind, id)
      // What a form hands over may watch over itself; what is kept and sent is plain.
      return ('put' in write ? { op: 'put', kind, base, value: JSON.parse(JSON.stringify(write.value)) } : { op: 'remove', kind, id, base }) as Op
    })
    const before = ops.map((op): ChangedRow => ({ kind: op.kind, id: idOf(op), version: rows.version(op.kind, idOf(op)), value: rows.get(op.kind, idOf(op)) ?? null }))
    show(ops)
    const change: Change = { id: crypto.randomUUID(), unitId, label: label.slice(0, 120), ops }
    problem.value = ''
    keep([...queue.value, { change, before }])
    return flush()
  }

  /** Sends what waits, in order. */
  function flush(): Promise<void> {
    sending ??= send().finally(() => {
      sending = null
    })
    return sending
  }

  async function send(): Promise<void> {
    while (queue.value.length && !conflict.value) {
      const [first] = queue.value
      own.add(first.change.id)
      try {
        const applied = await api.change(first.change)
        offline.value = false
        savedAt.value = new Date()
        const rest = queue.value.slice(1)
        const versions = new Map(applied.rows.map((row) => [keyOf(row.kind, row.id), row.version]))
        // Later changes of the same rows start from what was just written.
        for (const { change } of rest) for (const op of change.ops) if (startsFrom(op)) op.base = versions.get(keyOf(op.kind, idOf(op))) ?? op.base
        keep(rest)
        acceptUnder(applied.rows)
        setSteps(first.change.unitId, applied.steps)
      } catch (error) {
        if (!(error instanceof ApiError) || !met(error, first)) throw error
        if (offline.value) return
      }
    }
  }

  /** Meets a refusal; true where it was one that can be met. */
  function met(error: ApiError, first: Queued): boolean {
    if (error.status === 0 || error.status >= 500) {
      offline.value = true
      setTimeout(() => void flush(), RETRY_MS)
      return true
    }
    offline.value = false
    if (error.status === 409 && error.conflicts.length) {
      if (isTickedTwice(first.change, error)) {
        const theirs = error.conflicts[0].theirs as Purchase
        twice.value = [...twice.value, { materialId: theirs.materialId, date: theirs.date, by: theirs.by, change: first.change }]
        keep(queue.value.slice(1))
        acceptUnder(error.now)
        return true
      }
      conflict.value = { label: first.change.label, conflicts: error.conflicts }
      return true
    }
    takeBack(first)
    const fields = error.faults.map((fault) => `${fault.field.replace(/^ops\.\d+\.(value\.?)?/, '') || 'this'}: ${fault.message}`)
    problem.value = [problem.value, `“${first.change.label}” was not saved.`, error.message, ...fields].filter(Boolean).join(' ')
    return true
  }

  /** Shows writes as they will be, once they are saved. */
  function show(ops: readonly Op[]): void {
    for (const op of ops) rows.accept([{ kind: op.kind, id: idOf(op), version: rows.version(op.kind, idOf(op)), value: written(op, rows.get(op.kind, idOf(op)) ?? null) }])
  }
  /** Takes rows as the server has them, and shows what still waits on top. */
  function acceptUnder(now: readonly ChangedRow[]): void {
    const waiting = queue.value.flatMap(({ change }) => change.ops)
    const over = new Map(now.map((row) => [keyOf(row.kind, row.id), row.value]))
    for (const op of waiting) if (over.has(keyOf(op.kind, idOf(op)))) over.set(keyOf(op.kind, idOf(op)), written(op, over.get(keyOf(op.kind, idOf(op)))!))
    rows.accept(now.map((row) => ({ ...row, value: over.get(keyOf(row.kind, row.id))! })))
  }
  /** Takes back a refused change, and what was built on it; all else that waits stays. */
  function takeBack(refused: Queued): void {
    const gone = new Set(keysOf(refused.change))
    const stays: Queued[] = []
    const goes: Queued[] = []
    for (const queued of queue.value) {
      const built = queued === refused || queued.change.ops.some((op) => startsFrom(op) && gone.has(keyOf(op.kind, idOf(op))))
      if (built) for (const key of keysOf(queued.change)) gone.add(key)
      ;(built ? goes : stays).push(queued)
    }
    const before = new Map<string, ChangedRow>()
    for (const { before: rowsBefore } of goes) for (const row of rowsBefore) if (!before.has(keyOf(row.kind, row.id))) before.set(keyOf(row.kind, row.id), row)
    keep(stays)
    acceptUnder([...before.values()])
  }

  /** Settles a conflict: what the other wrote stays, or what was written here goes over it, knowingly. */
  function settle(keepWhose: 'theirs' | 'mine'): Promise<void> {
    const now = conflict.value
    if (!now) return Promise.resolve()
    conflict.value = null
    if (keepWhose === 'theirs') {
      takeBack(queue.value[0])
      rows.accept(now.conflicts.map((one) => ({ kind: one.kind, id: one.id, version: one.version, value: one.theirs })))
      return flush()
    }
    const versions = new Map(now.conflicts.map((one) => [keyOf(one.kind, one.id), one.version]))
    const [first, ...rest] = queue.value
    for (const op of first.change.ops) if (startsFrom(op)) op.base = versions.get(keyOf(op.kind, idOf(op))) ?? op.base
    // A refused change was never applied, so it may go again under a new id.
    keep([{ ...first, change: { ...first.change, id: crypto.randomUUID() } }, ...rest])
    return flush()
  }

  async function turn(which: 'undo' | 'redo', unitId: string | null): Promise<void> {
    await flush()
    if (queue.value.length) return
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
    rows.accept(changed.filter((row) => !isPending(row.kind, row.id) && (row.value === null || row.version > rows.version(row.kind, row.id))))
  }
  /**
   * Shows again what was waiting when the page was left, over rows that were just read.
   *
   * @param kinds what was read: an amount that is added to anything else would be added twice
   */
  function resume(kinds: readonly ThingKind[]): void {
    show(queue.value.flatMap(({ change }) => change.ops).filter((op) => kinds.includes(op.kind)))
    void flush()
  }
  globalThis.addEventListener?.('online', () => void flush())

  return { twice, forget, pending, conflict, problem, offline, savedAt, said, commit, flush, settle, undo: (unitId: string | null) => turn('undo', unitId), redo: (unitId: string | null) => turn('redo', unitId), stepsOf, setSteps, hear, resume }
})
