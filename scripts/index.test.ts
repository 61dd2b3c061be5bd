import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'

const rows = [
  ...readFileSync('docs/architecture.md', 'utf8').matchAll(/^\| ([^|]+) \| `([^`]+)` \| `([^`]+)` \|$/gm),
].map((match): [what: string, file: string, name: string] => [match[1], match[2], match[3]])

it.each(rows)('%s stands in %s as %s', (_what, file, name) => {
  expect(readFileSync(file, 'utf8')).toMatch(new RegExp(`\\b${name}\\b`))
})
it('the index answers the twelve questions that newcomers were asked, and more', () => {
  expect(rows.length).toBeGreaterThanOrEqual(20)
})
