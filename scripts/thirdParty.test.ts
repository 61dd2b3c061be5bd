import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { FILE, packages, text, WELCOME } from './thirdParty.mjs'

it('everyone whose work goes out with Kobby is named, as the lock file has it', () => {
  expect(readFileSync(FILE, 'utf8'), 'npm run third-party writes it anew').toBe(text())
})

it('nothing comes in under a license that asks for more than its text', () => {
  expect(packages().length).toBeGreaterThan(50)
  expect(packages().filter((one) => !WELCOME.has(one.license))).toEqual([])
})
