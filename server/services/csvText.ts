import { CsvError, parse } from 'csv-parse/sync'
import { stringify } from 'csv-stringify/sync'
import { neutralised, plainCell, separatorOf, type RowFault } from '@core/papers'
import { invalid, type Refusal } from './refusal'

/** Faults that one answer lists; a file of swapped columns has as many as rows. */
const MOST_FAULTS = 50

/** Rows as RFC 4180, in UTF-8 with a mark that spreadsheets look for; no cell is run as a formula. */
export const csvOf = (rows: readonly (readonly string[])[]): string =>
  `\uFEFF${stringify(
    rows.map((row) => row.map(neutralised)),
    { record_delimiter: '\r\n' },
  )}`

/** The cells of a table, whatever separates them; a quote that never ends is a fault with its line. */
export function cellsOf(text: string): string[][] {
  try {
    const cells = parse(text, {
      bom: true,
      delimiter: separatorOf(text.replace(/^\uFEFF/, '')),
      relax_column_count: true,
      skip_empty_lines: false,
    }) as string[][]
    return cells.map((row) => row.map(plainCell))
  } catch (error) {
    if (!(error instanceof CsvError)) throw error
    throw invalid([
      {
        field: `line ${String((error as { lines?: number }).lines ?? 1)}`,
        message: 'A quotation mark is opened and not closed, or closed too early',
      },
    ])
  }
}

/** The answer to a table with faults: each by its line and column. */
export const faultyTable = (faults: readonly RowFault[]): Refusal =>
  invalid(
    faults.slice(0, MOST_FAULTS).map((fault) => ({
      field: `line ${fault.line}${fault.column ? `, ${fault.column}` : ''}`,
      message: fault.message,
    })),
  )
