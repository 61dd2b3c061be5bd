/** What a spreadsheet would run: a cell that begins so is written with an apostrophe before it. */
const RUNS = /^[=+\-@\t\r]/

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
