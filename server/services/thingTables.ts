import { randomUUID } from 'node:crypto'
import type { Knex } from 'knex'
import {
  type Home,
  type Material,
  type Op,
  type Row,
  type ThingKind,
  type ThingOf,
  thingName,
  type User,
  type ImportEntry,
  type UsedBefore,
} from '@core/domain'
import { activityRows, pantryRows, readActivityRows, readPantryRows, type RowFault } from '@core/papers'
import { canonical, byId } from '@core/base'
import { usedBefore } from '@core/ideas'
import { readDone, readRows } from '../store/rows'
import type { Changes } from './changes'
import { cellsOf, csvOf, faultyTable } from './csvText'

/** What reading a table must know of the house. */
interface TableHouse {
  materials: Material[]
  measures: Home['measures']
}
interface Plan {
  entries: ImportEntry[]
  ops: Op[]
}

/** Things of one kind as CSV out of the store and into it: shown first, then read whole or not at all. */
export class ThingTable<K extends 'activity' | 'material'> {
  /**
   * @param label what the import is called in the log
   * @param write rows of cells of all things
   * @param read things of rows of cells, or every fault
   */
  constructor(
    private readonly db: Knex,
    private readonly changes: Changes,
    private readonly kind: K,
    private readonly label: string,
    private readonly write: (things: ThingOf<K>[], materials: Material[]) => string[][],
    private readonly read: (
      cells: string[][],
      things: ThingOf<K>[],
      house: TableHouse,
    ) => { things: ThingOf<K>[] } | { faults: RowFault[] },
  ) {}

  async text(): Promise<string> {
    return csvOf(this.write(await valuesIn(this.db, this.kind), await valuesIn(this.db, 'material')))
  }

  /** What reading a table would do, without doing it. */
  async preview(text: string): Promise<{ entries: ImportEntry[] }> {
    return { entries: (await this.plan(text)).entries }
  }

  /** Reads a table as one change, whole or not at all. */
  async apply(text: string, user: User): Promise<{ entries: ImportEntry[] }> {
    const { entries, ops } = await this.plan(text)
    if (ops.length) await this.changes.apply({ id: randomUUID(), unitId: null, label: this.label, ops }, user)
    return { entries }
  }

  private async plan(text: string): Promise<Plan> {
    const rows = new Map((await readRows(this.db, this.kind)).map((row) => [row.value.id, row] as const))
    const [home] = await valuesIn(this.db, 'home')
    const house = { materials: await valuesIn(this.db, 'material'), measures: home?.measures ?? 'metric' }
    const result = this.read(
      cellsOf(text),
      [...rows.values()].map((row) => row.value),
      house,
    )
    if ('faults' in result) throw faultyTable(result.faults)
    const entries = result.things.map((thing) => this.entry(thing, rows.get(thing.id)))
    const ops = result.things.flatMap((value, i): Op[] =>
      entries[i].does === 'same'
        ? []
        : [{ op: 'put', kind: this.kind, base: rows.get(value.id)?.version ?? 0, value } as Op],
    )
    return { entries, ops }
  }

  private entry(thing: ThingOf<K>, row: Row<K> | undefined): ImportEntry {
    return {
      kind: this.kind,
      id: thing.id,
      name: thingName(this.kind, thing),
      does: !row ? 'add' : canonical(row.value) === canonical(thing) ? 'same' : 'replace',
    }
  }
}

const valuesIn = async <K extends ThingKind>(db: Knex, kind: K): Promise<ThingOf<K>[]> =>
  (await readRows(db, kind)).map((row) => row.value)

/** Activities as a table. */
export const activityTable = (db: Knex, changes: Changes) =>
  new ThingTable(
    db,
    changes,
    'activity',
    'Import of activities',
    (activities, materials) => activityRows(activities, byId(materials)),
    (cells, activities, { materials }) => {
      const result = readActivityRows(cells, { materials, activities, newId: randomUUID })
      return result.faults ? { faults: result.faults } : { things: result.activities }
    },
  )

/** The pantry as a table. */
export const pantryTable = (db: Knex, changes: Changes) =>
  new ThingTable(db, changes, 'material', 'Import of the pantry', pantryRows, (cells, materials, { measures }) => {
    const result = readPantryRows(cells, { materials, measures, newId: randomUUID })
    return result.faults ? { faults: result.faults } : { things: result.materials }
  })

/** When each activity was done, the latest first. */
export async function usedActivities(db: Knex): Promise<Record<string, UsedBefore[]>> {
  const [home] = (await valuesIn(db, 'home')) as Home[]
  if (!home) return {}
  const placements = (await readDone(db)).map((row) => row.value)
  return Object.fromEntries(usedBefore(home, await valuesIn(db, 'unit'), placements))
}
