import { randomUUID } from 'node:crypto'
import type { Knex } from 'knex'
import { PlanFile, planImport, unitPlanFile, writePlanFile } from '@core/papers'
import {
  LOG_KINDS,
  UNIT_KINDS,
  valuesOf,
  type ImportEntry,
  type Op,
  type Row,
  type ThingKind,
  type User,
} from '@core/domain'
import { invalid, notFound } from './refusal'
import { readHouse, readRows } from '../store/rows'
import type { Changes } from './changes'

/** Plan files out of the store and into it: whole or not at all. */
export class PlanFiles {
  constructor(
    private readonly db: Knex,
    private readonly changes: Changes,
  ) {}

  private async readAll(): Promise<Row[]> {
    const house = await readHouse(this.db)
    const own = await Promise.all([...UNIT_KINDS, ...LOG_KINDS].map((kind) => readRows(this.db, kind)))
    return [...house, ...(own.flat() as Row[])]
  }

  private contents(rows: Row[]): Omit<PlanFile, 'format' | 'version'> {
    return {
      home: valuesOf(rows, 'home')[0] ?? null,
      children: valuesOf(rows, 'child'),
      adults: valuesOf(rows, 'adult'),
      centers: valuesOf(rows, 'center'),
      materials: valuesOf(rows, 'material'),
      activities: valuesOf(rows, 'activity'),
      recipes: valuesOf(rows, 'recipe'),
      units: valuesOf(rows, 'unit'),
      ideas: valuesOf(rows, 'idea'),
      placements: valuesOf(rows, 'placement'),
      purchases: valuesOf(rows, 'purchase'),
      promises: valuesOf(rows, 'promise'),
      prepMarks: valuesOf(rows, 'prepMark'),
      printSets: valuesOf(rows, 'printSet'),
      circles: valuesOf(rows, 'circle'),
      pieces: valuesOf(rows, 'piece'),
      circleLogs: valuesOf(rows, 'circleLog'),
      books: valuesOf(rows, 'book'),
      stock: valuesOf(rows, 'stock'),
      batches: valuesOf(rows, 'batch'),
    }
  }

  async exportHome(): Promise<PlanFile> {
    return writePlanFile(this.contents(await this.readAll()))
  }

  async exportUnit(unitId: string): Promise<PlanFile> {
    const rows = await this.readAll()
    if (!rows.some((row) => row.kind === 'unit' && row.value.id === unitId)) throw notFound('unit')
    return unitPlanFile(this.contents(rows), unitId)
  }

  /** What an import would do, without doing it. */
  async preview(file: PlanFile): Promise<{ entries: ImportEntry[] }> {
    return { entries: (await this.plan(file)).entries }
  }

  /** Applies a file as one change, which undo takes back whole; the one that moves a home in stays. */
  async apply(file: PlanFile, user: User): Promise<{ entries: ImportEntry[] }> {
    const { entries, ops } = await this.plan(file)
    const isFirst = (await readRows(this.db, 'home')).length === 0
    if (ops.length)
      await this.changes.apply({ id: randomUUID(), unitId: null, label: 'Import of a plan file', ops }, user, !isFirst)
    return { entries }
  }

  private async plan(file: PlanFile): Promise<{ entries: ImportEntry[]; ops: Op[] }> {
    const rows = await this.readAll()
    const byKey = new Map(rows.map((row) => [`${row.kind} ${row.value.id}`, row]))
    const home = rows.find((row) => row.kind === 'home') as Row<'home'> | undefined
    const lived = rows.some((row) => row.kind === 'child' || row.kind === 'unit')
    const plan = planImport(file, (kind: ThingKind, id: string) => byKey.get(`${kind} ${id}`), home, lived)
    if ('faults' in plan) throw invalid(plan.faults.slice(0, 50))
    return plan
  }
}
