import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { Change, Op, ThingKind, ThingOf } from '@core/domain'
import { api, ApiError, type ChangedRow, type Conflict, type Steps } from '../api/client'
import { useRows } from './rows'

/** A write as a view gives it: the version it starts from is looked up here. */
export type Write = { put: ThingKind; value: ThingOf<ThingKind> } | { remove: ThingKind; id: string }

interface Queued { change: Change; before: ChangedRow[] }

const KEPT_AS = 'kobby-queue'
const RETRY_MS = 2000

const idOf = (op: Op) => (op.op === 'put' ? op.value.id : op.id)
const keyOf = (kind: ThingKind, id: string) => `${kind} ${id}`

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
      const [kind, id] = 'put' in write ? [write.put, write.value.id] : [write.remove, write.id]
      const base = rows.version(kind, id)
      // What a form hands over may watch over itself; what is kept and sent is plain.
      return ('put' in write ? { op: 'put', kind, base, value: JSON.parse(JSON.stringify(write.value)) } : { op: 'remove', kind, id, base }) as Op
    })
    const before = ops.map((op): ChangedRow => ({ kind: op.kind, id: idOf(op), version: op.base, value: rows.get(op.kind, idOf(op)) ?? null }))
    rows.accept(ops.map((op) => ({ kind: op.kind, id: idOf(op), version: op.base, value: op.op === 'put' ? op.value : null })))
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
        for (const { change } of rest) for (const op of change.ops) op.base = versions.get(keyOf(op.kind, idOf(op))) ?? op.base
        const later = new Set(rest.flatMap(({ change }) => change.ops.map((op) => keyOf(op.kind, idOf(op)))))
        rows.accept(applied.rows.map((row) => (later.has(keyOf(row.kind, row.id)) ? { ...row, value: rows.get(row.kind, row.id) ?? null } : row)))
        setSteps(first.change.unitId, applied.steps)
        keep(rest)
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
      conflict.value = { label: first.change.label, conflicts: error.conflicts }
      return true
    }
    takeBackAll()
    const fields = error.faults.map((fault) => `${fault.field.replace(/^ops\.\d+\.value\.?/, '') || 'this'}: ${fault.message}`)
    problem.value = [`“${first.change.label}” was not saved.`, error.message, ...fields].join(' ')
    return true
  }

  /** Takes back everything that waits, the newest first. */
  function takeBackAll(): void {
    for (const { before } of [...queue.value].reverse()) rows.accept(before)
    keep([])
  }

  /** Settles a conflict: what the other wrote stays, or what was written here goes over it, knowingly. */
  function settle(keepWhose: 'theirs' | 'mine'): Promise<void> {
    const now = conflict.value
    if (!now) return Promise.resolve()
    conflict.value = null
    if (keepWhose === 'theirs') {
      takeBackAll()
      rows.accept(now.conflicts.map((one) => ({ kind: one.kind, id: one.id, version: one.version, value: one.theirs })))
      return Promise.resolve()
    }
    const versions = new Map(now.conflicts.map((one) => [keyOf(one.kind, one.id), one.version]))
    const [first, ...rest] = queue.value
    for (const op of first.change.ops) op.base = versions.get(keyOf(op.kind, idOf(op))) ?? op.base
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
  /** Shows again what was waiting when the page was left. */
  function resume(): void {
    for (const { change } of queue.value) rows.accept(change.ops.map((op) => ({ kind: op.kind, id: idOf(op), version: op.base, value: op.op === 'put' ? op.value : null })))
    void flush()
  }
  globalThis.addEventListener?.('online', () => void flush())

  return { pending, conflict, problem, offline, savedAt, said, commit, flush, settle, undo: (unitId: string | null) => turn('undo', unitId), redo: (unitId: string | null) => turn('redo', unitId), stepsOf, setSteps, hear, resume }
})
