import { ESLint } from 'eslint'
import { expect, it } from 'vitest'

// The files that are judged here are nowhere on the disk, so that no rule can ask for their types.
const eslint = new ESLint({
  overrideConfig: {
    languageOptions: { parserOptions: { projectService: false } },
    rules: {
      '@typescript-eslint/no-floating-promises': 'off',
      '@typescript-eslint/no-misused-promises': 'off',
      '@typescript-eslint/switch-exhaustiveness-check': 'off',
    },
  },
})
const faults = async (filePath: string, code: string) =>
  (await eslint.lintText(code, { filePath })).flatMap((result) => result.messages.map((message) => message.ruleId))

it.each([
  ['core/supplies/x.ts', "import { ref } from 'vue'\nref(1)"],
  ['core/supplies/x.ts', "import { readFileSync } from 'node:fs'\nreadFileSync('x')"],
  ['core/supplies/x.ts', "import Koa from 'koa'\nnew Koa()"],
  ['core/supplies/x.ts', "import knex from 'knex'\nknex({})"],
  ['core/supplies/x.ts', "import { openStore } from '@server/store/open'\nvoid openStore"],
  ['core/supplies/x.ts', "import { useUnit } from '../../web/stores/unit'\nuseUnit()"],
  ['server/services/x.ts', "import { useUnit } from '@web/stores/unit'\nuseUnit()"],
  ['server/store/x.ts', "import { Changes } from '../services/changes'\nvoid Changes"],
  ['web/stores/x.ts', "import Card from '../parts/cards/PlanCard.vue'\nvoid Card"],
  [
    'web/parts/lines/X.vue',
    "<script setup lang='ts'>\nimport { useUnit } from '../../stores/unit'\nuseUnit()\n</script>\n<template><p /></template>",
  ],
  ['web/views/x.ts', "import { createKobby } from '@server/app'\nvoid createKobby"],
])('an arrow that runs backward fails: %s', async (path, code) => {
  expect(await faults(path, code)).toContain('no-restricted-imports')
})

it.each([
  ['export const now = () => Date.now()', 'no-restricted-properties'],
  ['export const now = () => new Date()', 'no-restricted-syntax'],
  ['export const dice = () => Math.random()', 'no-restricted-properties'],
  ['export const title = () => document.title', 'no-restricted-globals'],
  ['export const home = () => process.cwd()', 'no-restricted-globals'],
])('core has no clock, no chance, no browser and no Node: %s', async (code, rule) => {
  expect(await faults('core/base/x.ts', code)).toContain(rule)
})

it('lets through what runs forward', async () => {
  expect(await faults('web/stores/x.ts', "import { isOpen } from '@core/base'\nexport const one = isOpen\n")).toEqual(
    [],
  )
})
