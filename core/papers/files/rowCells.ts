import { CalendarDate } from '../../domain'
import { readNumber, readQuantity, type Measured } from '../../base'

/** What is wrong with a row: its line as a spreadsheet numbers it, its column and why. */
export interface RowFault {
  line: number
  column: string
  message: string
}

/** How two cells are compared: by their words, not by capitals or spaces. */
export const normal = (text: string): string => text.trim().toLowerCase().replace(/\s+/g, ' ')

/** The code that a text names, by its name or itself. */
export function codeOf<T extends string | number>(
  text: string,
  names: readonly (readonly [T, string])[],
): T | undefined {
  const wanted = normal(text)
  return names.find(([code, name]) => normal(name) === wanted || normal(String(code)) === wanted)?.[0]
}

/** Where each column stands, by the header; those that are not there are left out. */
export function columnsAt<C extends string>(header: readonly string[], columns: readonly C[]): Map<C, number> {
  const names = header.map(normal)
  return new Map(
    columns.flatMap((column) => (names.includes(column) ? [[column, names.indexOf(column)] as const] : [])),
  )
}

/** One row of a table, read cell by cell; what cannot be read is a fault of its line and column. */
export class RowCells<C extends string> {
  private readonly before: number

  /**
   * @param at where each column stands
   * @param line of the row as a spreadsheet numbers it, from 1
   * @param faults gets what is wrong
   */
  constructor(
    private readonly row: readonly string[],
    private readonly at: ReadonlyMap<C, number>,
    private readonly line: number,
    private readonly faults: RowFault[],
  ) {
    this.before = faults.length
  }

  /** Whether nothing was wrong with the row so far. */
  get sound(): boolean {
    return this.faults.length === this.before
  }
  fail(column: string, message: string): void {
    this.faults.push({ line: this.line, column, message })
  }
  /** What a schema found, by the column it is about; one that was already named is not named twice. */
  failAll(
    issues: readonly { path: readonly PropertyKey[]; message: string }[],
    columnOf: (path: readonly PropertyKey[]) => string,
  ): void {
    const named = new Set(this.faults.slice(this.before).map((fault) => fault.column))
    for (const issue of issues) {
      const column = columnOf(issue.path)
      if (!named.has(column)) this.fail(column, issue.message)
      named.add(column)
    }
  }

  /** The words of a cell; undefined where the table has no such column. */
  cell(column: C): string | undefined {
    const index = this.at.get(column)
    return index === undefined ? undefined : (this.row[index] ?? '').trim()
  }
  text(column: C): string {
    return this.cell(column) ?? ''
  }
  number(column: C): number | undefined {
    const text = this.text(column)
    if (!text) return undefined
    const value = readNumber(text)
    if (Number.isFinite(value)) return value
    this.fail(column, `“${text.slice(0, 40)}” is not a number`)
    return undefined
  }
  /** A column that is there and empty says that there is none. */
  optional(column: C, otherwise: number | null): number | null {
    return this.cell(column) === undefined ? otherwise : (this.number(column) ?? null)
  }
  /** An amount in base units. A bare number is one, since the file says of what; "2 lb" and "1 1/2 cups" are read too. */
  amount(column: C, of: Measured, measures: 'metric' | 'us'): number | undefined {
    const text = this.text(column)
    if (!text) return undefined
    const { quantity, fault } = readQuantity(text, of, measures, of.unit)
    if (fault !== undefined)
      this.fail(column, fault === 'Write a number' ? `“${text.slice(0, 40)}” is not a number` : fault)
    return quantity
  }
  minutes(column: C): number {
    const text = this.text(column)
    if (text && !/^\d{1,4}$/.test(text)) this.fail(column, `“${text.slice(0, 40)}” is not a number of minutes`)
    return Number(text) || 0
  }
  yes(column: C): boolean {
    const text = this.text(column)
    if (text && !/^(yes|no|true|false|0|1)$/i.test(text)) this.fail(column, 'Write yes or no')
    return /^(yes|true|1)$/i.test(text)
  }
  date(column: C, otherwise: string | null): string | null {
    const text = this.cell(column)
    if (text === undefined) return otherwise
    if (text && !CalendarDate.safeParse(text).success) this.fail(column, 'Write a date that exists, as YYYY-MM-DD')
    return text || null
  }
  code<T extends string | number>(column: C, names: readonly (readonly [T, string])[], otherwise: T): T {
    const text = this.text(column)
    return text ? (this.oneOf(column, text, names) ?? otherwise) : otherwise
  }
  codes<T extends string>(column: C, names: readonly (readonly [T, string])[]): T[] {
    return this.text(column)
      .split(/[;\n]/)
      .map((text) => text.trim())
      .filter(Boolean)
      .flatMap((text) => this.oneOf(column, text, names) ?? [])
  }
  private oneOf<T extends string | number>(
    column: C,
    text: string,
    names: readonly (readonly [T, string])[],
  ): T | undefined {
    const found = codeOf(text, names)
    if (found === undefined)
      this.fail(column, `“${text.slice(0, 40)}” is not one of: ${names.map(([, name]) => name).join(', ')}`)
    return found
  }
}
