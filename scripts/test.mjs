import { spawn } from 'node:child_process'
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { availableParallelism, tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium } from './chromium.mjs'
import { build, buildServer, install, root, say } from './prepare.mjs'

/**
 * Everything that must hold before a change lands: types, lint, unit and API tests, and the real interface in Chromium.
 */

const folder = mkdtempSync(join(tmpdir(), 'kobby-test-'))
const count = { passed: 0, failed: 0 }
/** What did not hold: said once more at the end, where it is found without reading all that passed. */
const failures = []
const LONGEST_MESSAGE = 1500

/** Runs one step with its output shown; true where it ended well. */
function step(words, script, args, env = {}) {
  say(`\n${words}`)
  return new Promise((done) => {
    const child = spawn(process.execPath, [join(root, 'node_modules', script), ...args], {
      cwd: root,
      stdio: 'inherit',
      env: { ...process.env, ...env },
    })
    child.on('close', (code) => done(code === 0))
  })
}

/** Runs one step beside others: what it says is kept until it has ended, so that it stands together. */
function check(what, script, args) {
  return new Promise((done) => {
    const child = spawn(process.execPath, [join(root, 'node_modules', script), ...args], {
      cwd: root,
      stdio: ['ignore', 'pipe', 'pipe'],
    })
    const said = []
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (data) => said.push(data))
    child.on('close', (code) => {
      if (said.length) say(`\n${Buffer.concat(said)}`)
      if (code === 0) say(`Held: ${what}.`)
      else {
        count.failed++
        failures.push(`${what}, as said above`)
      }
      done()
    })
  })
}

/** Runs a part of the tests and adds what it counted. */
async function tests(words, paths, more = [], env = {}) {
  const report = join(folder, `${words.replace(/\W/g, '')}.json`)
  const ok = await step(
    words,
    'vitest/vitest.mjs',
    ['run', ...paths, ...more, '--reporter=default', '--reporter=json', `--outputFile.json=${report}`],
    env,
  )
  const result = existsSync(report)
    ? JSON.parse(readFileSync(report, 'utf8'))
    : { numPassedTests: 0, numFailedTests: 0 }
  count.passed += result.numPassedTests
  // A file that cannot even be read counts too.
  count.failed += ok ? 0 : Math.max(1, result.numFailedTests)
  if (!ok) failures.push(...failedIn(result, words))
}

/** The tests of a report that failed, and the files that could not be read, each with why. */
function failedIn({ testResults = [] }, words) {
  const found = testResults.flatMap((file) => {
    const tests = file.assertionResults.filter((one) => one.status === 'failed')
    const named = tests.map((one) => `${one.fullName}\n${one.failureMessages.join('\n')}`)
    return (named.length || file.status !== 'failed' ? named : [file.message]).map((text) => `${file.name}: ${text}`)
  })
  return found.length ? found : [`${words} ended with a fault outside of the tests`]
}

try {
  await install()
  await buildServer()
  say('\nChecking the types, the style with the boundaries, and the format, beside the tests.')
  // None of these waits for another, and none is left while the others go on.
  let fault = null
  await Promise.all([
    check('the types', 'vue-tsc/bin/vue-tsc.js', ['--noEmit']),
    check('the style and the boundaries', 'eslint/bin/eslint.js', ['.', '--max-warnings', '0']),
    check('the format', 'prettier/bin/prettier.cjs', ['--check', '--log-level', 'warn', '**/*.{ts,vue,mjs,css,js}']),
    tests('Unit and API tests.', ['core', 'server', 'web', 'demo', 'scripts']),
    build().catch((error) => (fault = error)),
  ])
  if (fault) throw fault
  const path = chromium()
  // A walk waits for its page now and then: one more than there are processors keeps them busy.
  await tests('The interface in Chromium.', ['e2e'], ['--maxWorkers', String(availableParallelism() + 1)], {
    CHROMIUM: path,
  })
} catch (error) {
  failures.push(error.message)
  count.failed++
} finally {
  rmSync(folder, { recursive: true, force: true })
}
for (const text of failures) say(`\nDid not hold: ${text.slice(0, LONGEST_MESSAGE)}`)
say(`\n${count.passed} passed, ${count.failed} failed`)
process.exitCode = count.failed ? 1 : 0
