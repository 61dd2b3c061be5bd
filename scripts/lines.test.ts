import { readdirSync, readFileSync } from 'node:fs'
import { expect, it } from 'vitest'

/** Columns that fit beside another file on a usual screen. */
const WIDEST = 140
/** Tables that read better as rows than as one word a line, and what is kept as it once was. */
const MAY_BE_WIDE = [/^core\/library\/(?!index|.*\.test)/, /^demo\/home\.ts$/, /^server\/store\/fixtures\//]

function sources(folder: string): string[] {
  return readdirSync(folder || '.', { withFileTypes: true }).flatMap((entry) => {
    const path = folder ? `${folder}/${entry.name}` : entry.name
    if (/^(node_modules|dist|data|docs|coverage|\..*)$/.test(entry.name)) return []
    if (entry.isDirectory()) return sources(path)
    return /\.(ts|vue|mjs|js|css)$/.test(entry.name) && !MAY_BE_WIDE.some((one) => one.test(path)) ? [path] : []
  })
}

it('no line is wider than 140 columns', () => {
  const files = sources('')
  const wide = files.flatMap((path) =>
    readFileSync(path, 'utf8')
      .split('\n')
      .flatMap((line, i) => (line.length > WIDEST ? [`${path}:${i + 1}`] : [])),
  )
  expect(wide).toEqual([])
  expect(files.length).toBeGreaterThan(300)
})
