import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, it } from 'vitest'

const files = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory()
      ? files(join(folder, entry.name))
      : /\.(vue|ts)$/.test(entry.name)
        ? [join(folder, entry.name)]
        : [],
  )

it('nothing is taken as HTML in the interface but through chartText, which escapes it', () => {
  const texts = files('web')
    .filter((file) => !/chartText/.test(file))
    .map((file) => ({ file, text: readFileSync(file, 'utf8') }))
  expect(
    texts.filter(({ text }) => /\btooltip:\s*\{(?!\s*\.\.\.tooltipOf)/.test(text)).map(({ file }) => file),
  ).toEqual([])
  expect(
    texts
      .filter(({ text }) => /v-html|innerHTML|outerHTML|insertAdjacentHTML|document\.write/.test(text))
      .map(({ file }) => file),
  ).toEqual([])
})
