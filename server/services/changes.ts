import { randomUUID } from 'node:crypto'
import type { Knex } from 'knex'
import { canonical, countWords, type Fault } from '@core/base'
import {
  REFERRERS,
  referencesOf,
  thingName,
  UNIT_KINDS,
  type ChangesAnswer,
  type Steps,
  type CalendarDate,
  type Change,
  type Idea,
  type Material,
  type Op,
  type Placement,
  type Purchase,
  type RowOp,
  type StockEntry,
  type StockOp,
  type ThingKind,
  type Tick,
  type TickOp,
  type ChangedRow,
  type User,
} from '@core/domain'
import { startsFrom, stocked } from '@core/supplies'
import { invalid, notFound, Refusal } from './refusal'
import {
  endRedo,
  nextChange,
  nextLabel,
  readChange,
  readChanges,
  setChangeState,
  writeChange,
} from '../store/changeLog'
import { deleteRow, readHistory, readRow, readRows, writeRow } from '../store/rows'
import type { Tx } from '../store/onePool'
import type { Clock } from './clock'
import type { Live } from './live'
import { readTicked, writeTicks } from './ticks'

export interface ChangeResult {
  changeId: string
  seq: number
  label: string
  rows: ChangedRow[]
  /** Ticks of the change, as they are now. */
  ticks: Tick[]
}

/** Applies changes whole or not at all, keeps the log, and takes back what the log holds. */
export class Changes {
  constructor(
    private readonly db: Knex,
    private readonly live: Live,
    private readonly clock: Clock,
  ) {}

  /**
   * Applies a change. One that came before, by its id, answers as it did then.
   *
   * @param undoable false for what moves a home in: undoing that would empty the house
   */
  async apply(change: Change, user: User, undoable = true): Promise<ChangeResult> {
    const ticks = change.ops.filter((op) => op.op === 'tick')
    const earlier = await readChange(this.db, change.id)
    if (earlier)
      return {
        changeId: change.id,
        seq: earlier.seq,
        label: earlier.label,
        rows: earlier.after,
        ticks: await readTicked(this.db, ticks),
      }
    const now = this.clock.now()
    const result = await this.db.transaction(async (tx) => {
      await writeTicks(tx, change.unitId, ticks, user.name, now)
      const { before, after } = await writeOps(
        tx,
        change.ops.filter((op) => op.op !== 'tick'),
        { by: user.name, date: await this.clock.today(tx), at: now.toISOString() },
      )
      // A new change ends what could be redone, as everywhere. A tick is taken back by ticking again: it stands beside
      // the plan.
      if (after.length) await endRedo(tx, change.unitId, user.id)
      const seq = await writeChange(
        tx,
        change,
        {
          userId: user.id,
          by: user.name,
          at: now.toISOString(),
          state: undoable && after.length ? 'done' : 'dead',
        },
        before,
        after,
      )
      return { changeId: change.id, seq, label: change.label, rows: after, ticks: await readTicked(tx, ticks) }
    })
    this.announce(change.unitId, user, result)
    return result
  }

  /** Takes back the user's last change on a unit, or on the home where `unitId` is null. */
  undo(unitId: string | null, user: User): Promise<ChangeResult> {
    return this.turn(unitId, user, 'done')
  }

  /** Does again what was last taken back. */
  redo(unitId: string | null, user: User): Promise<ChangeResult> {
    return this.turn(unitId, user, 'undone')
  }

  /** What could be undone and redone next, by its label. */
  async steps(unitId: string | null, user: User): Promise<Steps> {
    return {
      undo: await nextLabel(this.db, unitId, user.id, 'done'),
      redo: await nextLabel(this.db, unitId, user.id, 'undone'),
    }
  }

  /** The newest changes on a unit or the home, for "who changed this". */
  history(unitId: string | null, most: number): Promise<ChangesAnswer['changes']> {
    return readChanges(this.db, unitId, most)
  }

  private async turn(unitId: string | null, user: User, from: 'done' | 'undone'): Promise<ChangeResult> {
    const result = await this.db.transaction(async (tx) => {
      const change = await nextChange(tx, unitId, user.id, from)
      if (!change)
        throw new Refusal('in-the-way', from === 'done' ? 'There is nothing to undo' : 'There is nothing to redo')
      const { before, after } = change
      const [leaves, brings] = from === 'done' ? [after, before] : [before, after]
      const target: ChangedRow[] = []
      for (let i = 0; i < brings.length; i++) {
        const now = await readRow(tx, leaves[i].kind, leaves[i].id)
        if (canonical(now?.value ?? null) !== canonical(leaves[i].value)) {
          throw new Refusal(
            'in-the-way',
            `Someone has changed this since: "${change.label}" cannot be ${from === 'done' ? 'undone' : 'redone'}. Nothing was changed.`,
          )
        }
        target.push({ ...brings[i], version: Math.max(now?.version ?? 0, leaves[i].version, brings[i].version) + 1 })
      }
      // Taking back runs from the last write to the first, so that what refers is gone before what it refers to.
      await writeSides(tx, from === 'done' ? [...target].reverse() : target, this.clock.stamp())
      await setChangeState(tx, change.seq, from === 'done' ? 'undone' : 'done')
      return { changeId: change.id, seq: change.seq, label: change.label, rows: target, ticks: [] }
    })
    this.announce(unitId, user, { ...result, changeId: `${result.changeId}-${from}` })
    return result
  }

  private announce(unitId: string | null, user: User, { ticks, ...result }: ChangeResult): void {
    if (result.rows.length) this.live.tell({ type: 'change', unitId, by: user.name, ...result })
    if (unitId !== null) for (const tick of ticks) this.live.tell({ type: 'tick', unitId, tick })
  }
}

/** Who makes a change, on which date of the home, at which instant. */
interface Made {
  by: string
  date: CalendarDate
  at: string
}

/** Writes what a change says of rows, with all that follows from it. */
async function writeOps(
  tx: Tx,
  wanted: readonly Exclude<Op, TickOp>[],
  made: Made,
): Promise<{ before: ChangedRow[]; after: ChangedRow[] }> {
  const ops = await withDependents(tx, await withStock(tx, wanted, made))
  const before = await sidesBefore(tx, ops)
  failOnStale(ops, before)
  const after = ops.map((op, i): ChangedRow => ({
    kind: op.kind,
    id: idOf(op),
    version: before[i].version + 1,
    value: op.op === 'put' ? op.value : null,
  }))
  await failOnDangling(tx, ops)
  await writeSides(tx, after, made.at)
  return { before, after }
}

async function sidesBefore(tx: Tx, ops: RowOp[]): Promise<ChangedRow[]> {
  const sides: ChangedRow[] = []
  for (const op of ops) {
    const row = await readRow(tx, op.kind, idOf(op))
    sides.push({ kind: op.kind, id: idOf(op), version: row?.version ?? 0, value: row?.value ?? null })
  }
  return sides
}

const idOf = (op: RowOp): string => (op.op === 'put' ? op.value.id : op.id)

const opKey = (op: RowOp): string => `${op.kind} ${idOf(op)}`

/**
 * Turns every change of what is on hand by an amount into writes of the material as it is now and of its history. What
 * the same change already writes of the material is built on.
 */
async function withStock(tx: Tx, ops: readonly (RowOp | StockOp)[], { by, date }: Made): Promise<RowOp[]> {
  const done: RowOp[] = ops.filter(startsFrom)
  // A count that comes with the whole material, such as from a table, is written down as well.
  for (const op of [...done]) {
    if (op.op !== 'put' || op.kind !== 'material') continue
    const before = (await readRow(tx, 'material', op.value.id))?.value
    if (!before || before.onHand === op.value.onHand) continue
    const entry: StockEntry = {
      id: randomUUID(),
      materialId: op.value.id,
      date,
      reason: 'counted',
      change: op.value.onHand - before.onHand,
      after: op.value.onHand,
      unitId: null,
      note: '',
      by,
    }
    done.push({ op: 'put', kind: 'stock', base: 0, value: entry } as unknown as RowOp)
  }
  for (const [i, op] of ops.entries()) {
    if (startsFrom(op)) continue
    const at = done.findIndex((one) => one.op === 'put' && one.kind === 'material' && one.value.id === op.id)
    const row = at < 0 ? await readRow(tx, 'material', op.id) : undefined
    const now = at < 0 ? row?.value : (done[at] as { value: Material }).value
    if (!now) throw invalid([{ field: `ops.${i}.id`, message: 'This material is not in the pantry any more' }])
    const { material, entry } = stocked(now, op)
    if (at < 0) done.push({ op: 'put', kind: 'material', base: row!.version, value: material })
    else done[at] = { ...done[at], value: material } as RowOp
    done.push({ op: 'put', kind: 'stock', base: 0, value: entry } as unknown as RowOp)
  }
  return done
}

/**
 * Completes a change with what follows from a removal, each as a write of its own so that undo brings all of it back: a
 * removed unit takes what belongs to it along, but for its half ideas; a removed child or adult is let go of by the
 * placements. What else still refers to a removed thing keeps it: that is a problem which names the users.
 */
async function withDependents(tx: Tx, ops: readonly RowOp[]): Promise<RowOp[]> {
  const named = new Set(ops.map(opKey))
  if (named.size < ops.length) throw invalid([{ field: 'ops', message: 'One change writes each thing once' }])
  const removed = ops.filter((op) => op.op === 'remove')
  if (!removed.length) return [...ops]

  const before: RowOp[] = []
  const goes = new Set(removed.map(opKey))
  for (const unit of removed.filter((op) => op.kind === 'unit')) {
    for (const kind of UNIT_KINDS.filter((one) => one !== 'unit')) {
      for (const row of await readRows(tx, kind as ThingKind, idOf(unit))) {
        if (named.has(`${kind} ${row.value.id}`)) continue
        // A half idea outlives its unit: it goes back into the notebook.
        if (kind === 'idea' && (row.value as Idea).activityId === null) {
          before.push({ op: 'put', kind, base: row.version, value: { ...(row.value as Idea), unitId: null } })
          continue
        }
        // What was paid was paid: the year's sum keeps it.
        if (kind === 'purchase') {
          before.push({ op: 'put', kind, base: row.version, value: { ...(row.value as Purchase), unitId: null } })
          continue
        }
        const op: RowOp = { op: 'remove', kind, id: row.value.id, base: row.version }
        before.push(op)
        goes.add(opKey(op))
      }
    }
  }
  for (const material of removed.filter((op) => op.kind === 'material')) {
    for (const row of await readHistory(tx, idOf(material)))
      before.push({ op: 'remove', kind: 'stock', id: row.value.id, base: row.version })
  }
  const users: string[] = []
  // Only what can hold on to it is looked through: nothing refers to a placement.
  const referring = new Set(removed.flatMap((op) => REFERRERS[op.kind]).filter((kind) => kind !== 'stock'))
  for (const kind of referring) {
    for (const row of await readRows(tx, kind)) {
      const key = `${kind} ${row.value.id}`
      const broken = referencesOf(kind, row.value).filter((reference) => goes.has(`${reference.kind} ${reference.id}`))
      if (!broken.length || named.has(key) || goes.has(key) || before.some((op) => opKey(op) === key)) continue
      if (
        kind === 'placement' &&
        broken.every((reference) => reference.kind === 'child' || reference.kind === 'adult')
      ) {
        const placement = row.value as Placement
        before.push({
          op: 'put',
          kind,
          base: row.version,
          value: {
            ...placement,
            leadId: goes.has(`adult ${placement.leadId}`) ? null : placement.leadId,
            keptOut: placement.keptOut.filter((id) => !goes.has(`child ${id}`)),
          },
        })
      } else users.push(thingName(kind, row.value))
    }
  }
  if (users.length) {
    const some = [...new Set(users)].slice(0, 5)
    throw new Refusal(
      'in-the-way',
      `Still in use by ${countWords(users.length, 'other thing')}: ` +
        `${some.join(', ')}${users.length > some.length ? ' and more' : ''}. Nothing was changed.`,
    )
  }
  return [...before, ...ops]
}

function failOnStale(ops: RowOp[], before: ChangedRow[]): void {
  const gone = ops.find((op, i) => op.op === 'remove' && op.base === 0 && before[i].value === null)
  if (gone) throw notFound(gone.kind)
  const conflicts = ops.flatMap((op, i) =>
    op.base === before[i].version
      ? []
      : [
          {
            kind: op.kind,
            id: idOf(op),
            yours: op.op === 'put' ? op.value : null,
            theirs: before[i].value,
            version: before[i].version,
          },
        ],
  )
  if (conflicts.length)
    throw new Refusal('in-the-way', 'Someone changed this while you were. Nothing was overwritten.', {
      conflicts,
      now: before.map(({ kind, id, version, value }) => ({ kind, id, version, value })),
    })
}

async function writeSides(tx: Tx, sides: readonly ChangedRow[], at: string): Promise<void> {
  for (const side of sides) {
    if (side.value === null) await deleteRow(tx, side.kind, side.id)
    else await writeRow(tx, side.kind, side.value, side.version, at)
  }
}

/** Every reference of what is written must be there, or come with the same change. */
async function failOnDangling(tx: Tx, ops: RowOp[]): Promise<void> {
  const faults: Fault[] = []
  const written = new Map(ops.map((op) => [opKey(op), op.op === 'put']))
  const known = new Map<string, boolean>()
  const exists = async (kind: ThingKind, id: string): Promise<boolean> => {
    const key = `${kind} ${id}`
    const here = written.get(key) ?? known.get(key) ?? (await readRow(tx, kind, id)) !== undefined
    known.set(key, here)
    return here
  }
  for (const [i, op] of ops.entries()) {
    if (op.op !== 'put') continue
    for (const reference of referencesOf(op.kind, op.value)) {
      if (!(await exists(reference.kind, reference.id))) {
        faults.push({
          field: `ops.${i}.value.${reference.field}`,
          message: `No ${reference.kind} has the id ${reference.id}`,
        })
      }
    }
  }
  if (faults.length) throw invalid(faults)
}
