/**
 * What a spreadsheet would run, or what stands for such with apostrophes before it: a cell that begins so is written
 * with one more.
 */
const RUNS = /^'*[=+\-@\t\r]/

/** A cell that no spreadsheet runs as a formula. */
export const neutralised = (cell: string): string => (RUNS.test(cell) ? `'${cell}` : cell)
/** A cell as it was before {@link neutralised}. */
export const plainCell = (cell: string): string =>
  cell.startsWith("'") && RUNS.test(cell.slice(1)) ? cell.slice(1) : cell

/** The separator that a header line uses most: comma, semicolon or tab. */
export function separatorOf(text: string): ',' | ';' | '\t' {
  const header = text.slice(0, text.search(/\r?\n|$/))
  const outside = header.replace(/"[^"]*"/g, '')
  const count = (sign: string) => outside.split(sign).length
  return ([',', ';', '\t'] as const).reduce((best, sign) => (count(sign) > count(best) ? sign : best))
}

/** A number without an exponent, as people write it. */
export const plainNumber = (value: number): string =>
  value.toLocaleString('en-US', { useGrouping: false, maximumFractionDigits: 20 })
