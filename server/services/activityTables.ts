import { randomUUID } from 'node:crypto'
import { CsvError, parse } from 'csv-parse/sync'
import { stringify } from 'csv-stringify/sync'
import type { Knex } from 'knex'
import type { Activity, Home, Op, Placement, Row } from '@core/domain'
import { activityRows, canonical, neutralised, plainCell, readActivityRows, separatorOf, type ImportEntry } from '@core/files'
import { usedBefore, type UsedBefore } from '@core/fit'
import { byId } from '@core/plan'
import { invalid } from '../http/problem'
import { readRows } from '../store/rows'
import type { User } from './accounts'
import type { Changes } from './changes'

/** Faults that one answer lists; a file of swapped columns has as many as rows. */
const MOST_FAULTS = 50

/** Activities as CSV out of the store and into it, and when each was done before. */
export class ActivityTables {
  constructor(private readonly db: Knex, private readonly changes: Changes) {}

  /** Every activity as RFC 4180, in UTF-8 with a mark that spreadsheets look for. */
  async write(): Promise<string> {
    const [activities, materials] = [await this.values('activity'), await this.values('material')]
    const rows = activityRows(activities, byId(materials)).map((row) => row.map(neutralised))
    return `\uFEFF${stringify(rows, { record_delimiter: '\r\n' })}`
  }

  /** What reading a table would do, without doing it. */
  async preview(text: string): Promise<{ entries: ImportEntry[] }> {
    return { entries: (await this.plan(text)).entries }
  }

  /** Reads a table as one change, whole or not at all. */
  async apply(text: string, user: User): Promise<{ entries: ImportEntry[] }> {
    const { entries, ops } = await this.plan(text)
    if (ops.length) await this.changes.apply({ id: randomUUID(), unitId: null, label: 'Import of activities', ops }, user)
    return { entries }
  }

  /** When each activity was done, the latest first. */
  async used(): Promise<Record<string, UsedBefore[]>> {
    const [home] = (await this.values('home')) as Home[]
    if (!home) return {}
    const placements = (await this.db('placements').where('body', 'like', '%"status":"done"%').select('body')).map((row: { body: string }) => JSON.parse(row.body) as Placement)
    return Object.fromEntries(usedBefore(home, await this.values('unit'), placements))
  }

  private async values<K extends 'activity' | 'material' | 'unit' | 'home'>(kind: K) {
    return (await readRows(this.db, kind)).map((row) => row.value)
  }

  private async plan(text: string): Promise<{ entries: ImportEntry[]; ops: Op[] }> {
    const rows = new Map((await readRows(this.db, 'activity')).map((row) => [row.value.id, row] as const))
    const result = readActivityRows(cellsOf(text), { materials: await this.values('material'), activities: [...rows.values()].map((row) => row.value), newId: () => randomUUID() })
    if (result.faults) throw invalid(result.faults.slice(0, MOST_FAULTS).map((fault) => ({ field: `line ${fault.line}${fault.column ? `, ${fault.column}` : ''}`, message: fault.message })))
    const entries = result.activities.map((activity) => entryOf(activity, rows.get(activity.id)))
    const ops = result.activities.flatMap((value, i): Op[] => (entries[i].does === 'same' ? [] : [{ op: 'put', kind: 'activity', base: rows.get(value.id)?.version ?? 0, value }]))
    return { entries, ops }
  }
}

const entryOf = (activity: Activity, row: Row<'activity'> | undefined): ImportEntry =>
  ({ kind: 'activity', id: activity.id, name: activity.title, does: !row ? 'add' : canonical(row.value) === canonical(activity) ? 'same' : 'replace' })

/** The cells of a table, whatever separates them; a quote that never ends is a fault with its line. */
function cellsOf(text: string): string[][] {
  try {
    const cells = parse(text, { bom: true, delimiter: separatorOf(text.replace(/^\uFEFF/, '')), relax_column_count: true, skip_empty_lines: false }) as string[][]
    return cells.map((row) => row.map(plainCell))
  } catch (error) {
    if (!(error instanceof CsvError)) throw error
    throw invalid([{ field: `line ${String((error as { lines?: number }).lines ?? 1)}`, message: 'A quotation mark is opened and not closed, or closed too early' }])
  }
}
