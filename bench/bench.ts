import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { effectScope, shallowRef } from 'vue'
import { supplyListOf, coverByPacks } from '@core/supplies'
import { schedule } from '@core/prep'
import { readingsOf } from '@core/readings'
import { resolvePlan } from '@core/plan'
import { byId } from '@core/base'
import { ACTIVITIES } from '@core/library'
import { KNOWN_THINGS } from '@core/library/things'
import { newThemeObject, type Activity, type UnitSnapshot } from '@core/domain'
import { fitOf, NO_FILTERS, passes, aboutTheme, applyAll, inOrder, inTheme, readThings, themeOf } from '@core/ideas'
import { demoHome } from '@demo/home'
import { useLibrarySearch } from '@web/composables/useLibrarySearch'
import { openHome } from '../e2e/home'
import { DESK, openBrowser, openPage } from '../e2e/browser'
import { dragOnBoard } from './drag'
import { pdfInPage } from './pages'
import { largeSnapshot } from './large'
import { largeWork, missed } from './schedule'

/** Prints what was measured beside its budget, and beside a lower bound where there is one. No test asserts a time. */

interface Line {
  what: string
  measured: number
  unit: string
  budget: number
  bound?: { what: string; measured: number }
}
const lines: Line[] = []
const quantile = (list: number[], share: number) =>
  [...list].sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(list.length * share))]
function repeat(times: number, work: () => unknown): number {
  for (let i = 0; i < Math.min(25, times); i++) work()
  return quantile(
    Array.from({ length: times }, () => {
      const start = performance.now()
      work()
      return performance.now() - start
    }),
    0.95,
  )
}

const snapshot = largeSnapshot()
const text = JSON.stringify(snapshot)
const reading = { what: 'reading the same data once', measured: repeat(40, () => JSON.parse(text)) }
/** The unit after its i-th move: one card a day later, all else the very same, as the board hands it over. */
const moved = (i: number): UnitSnapshot => ({
  ...snapshot,
  placements: snapshot.placements.map((one, j) =>
    j === i % snapshot.placements.length && one.where.kind === 'moment'
      ? { ...one, where: { ...one.where, day: 1 + (one.where.day % snapshot.unit.days) } }
      : one,
  ),
})
let moves = 0
lines.push({
  what: 'A move to all readings, 15 days, 12 children, 150 placements, 400 materials',
  measured: repeat(60, () => readingsOf(moved(moves++))),
  unit: 'ms',
  budget: 50,
  bound: reading,
})
/** Times work on copies of which nothing is known, as when the unit is opened; each is made before the clock runs. */
function onCopies<T>(times: number, make: (copy: UnitSnapshot) => T, work: (made: T) => unknown): number {
  return quantile(
    Array.from({ length: times + 10 }, () => {
      const made = make(JSON.parse(text) as UnitSnapshot)
      const start = performance.now()
      work(made)
      return performance.now() - start
    }).slice(10),
    0.95,
  )
}
lines.push({
  what: 'All readings of that unit, as it is opened',
  measured: onCopies(40, (copy) => copy, readingsOf),
  unit: 'ms',
  budget: 150,
  bound: reading,
})
const plan = resolvePlan(snapshot)
lines.push({
  what: 'Supplies of that unit, for the first time',
  measured: onCopies(
    40,
    (snapshot) => ({ snapshot, plan: resolvePlan(snapshot) }),
    (source) => supplyListOf([source]),
  ),
  unit: 'ms',
  budget: 20,
  bound: reading,
})
const [fitting, over] = [largeWork(300, 60, 0.6), largeWork(300, 60, 0.9)]
lines.push({
  what: 'Preparation: 300 tasks laid into 60 windows',
  measured: repeat(20, () => schedule(fitting.jobs, fitting.windows)),
  unit: 'ms',
  budget: 100,
})
lines.push({
  what: 'The same where some of it does not fit',
  measured: repeat(20, () => schedule(over.jobs, over.windows)),
  unit: 'ms',
  budget: 150,
})
const small = missed(3000)
lines.push({
  what: `Work that waits or cannot be parted, said not to fit though it would, of ${small.fit} small cases`,
  measured: (100 * small.missed) / small.fit,
  unit: '%',
  budget: 2,
})
const offers = Array.from({ length: 12 }, (_, i) => ({ size: 37 + i * 211, price: 90 + i * 350 }))
lines.push({
  what: 'Cover of 100,000 base units by 12 packs',
  measured: repeat(20, () => coverByPacks(100_000, offers)),
  unit: 'ms',
  budget: 20,
})

// The library of a home that has written for years: every idea many times over, each with a name of its own.
const many = Array.from({ length: 5000 }, (_, i): Activity => ({
  ...ACTIVITIES[i % ACTIVITIES.length],
  id: `idea-${i}`,
  title: `${ACTIVITIES[i % ACTIVITIES.length].title} ${i}`,
}))
const words = shallowRef<string | null>('')
const { hits, reading: stillReading } = effectScope().run(() => useLibrarySearch(shallowRef(many), words))!
while (stillReading.value) await new Promise((done) => setTimeout(done, 20))
const search = (text: string) => {
  words.value = text
  return hits.value?.length ?? 0
}
const TYPED = ['ribbon kite', 'sensory bin', 'water play outside', 'a way with leaves', 'sort by color']
const keys = TYPED.flatMap((typed) => Array.from(typed, (_, i) => typed.slice(0, i + 1)))
lines.push({
  what: 'Search over 5,000 activities, a key',
  measured: quantile(
    keys.map((key) => repeat(10, () => search(key) + search(''))),
    0.95,
  ),
  unit: 'ms',
  budget: 30,
})

const fitContext = {
  home: snapshot.home,
  children: snapshot.children,
  centers: snapshot.centers,
  materials: byId(snapshot.materials),
  dates: plan.program.days.map((day) => day.date),
}
const inUnit = inTheme(many, snapshot.unit)
lines.push({
  what: 'Fit of 5,000 activities for 12 children, as a filter asks the first time',
  measured: repeat(
    5,
    () =>
      inUnit.filter((one) =>
        passes(one, { ...NO_FILTERS, everyone: true, nothingToGet: true }, (activity) => fitOf(activity, fitContext)),
      ).length,
  ),
  unit: 'ms',
  budget: 400,
})
const shipped = byId(snapshot.materials)
const wide = themeOf({
  ...snapshot.unit,
  objects: [...KNOWN_THINGS.keys()].slice(0, 40).map((name) => newThemeObject(name)),
})
lines.push({
  what: 'What 5,000 activities are about, of a theme of 40 objects',
  measured: repeat(3, () =>
    inOrder(many, 'theme', {
      aboutOf: (one) => aboutTheme(one, wide, shipped),
      fitOf: () => fitOf(many[0], fitContext),
    }),
  ),
  unit: 'ms',
  budget: 400,
})
const listed = [...KNOWN_THINGS.keys()].slice(0, 800).join(', ')
lines.push({
  what: 'Reading 800 things as they are typed',
  measured: repeat(3, () => readThings(listed, KNOWN_THINGS)),
  unit: 'ms',
  budget: 400,
})
lines.push({
  what: 'All patterns on the objects of a unit',
  measured: repeat(10, () => applyAll(themeOf(snapshot.unit), { paper: 'letter', shipped })),
  unit: 'ms',
  budget: 50,
})

// Start to listening, on an empty folder.
const folder = mkdtempSync(join(tmpdir(), 'kobby-bench-'))
const started = performance.now()
const child = spawn(process.execPath, ['dist/server/main.js'], {
  env: { ...process.env, KOBBY_DATA: folder, PORT: '0' },
  stdio: ['ignore', 'pipe', 'inherit'],
})
await new Promise<void>((done) => child.stdout.once('data', () => done()))
lines.push({ what: 'Start to listening', measured: performance.now() - started, unit: 'ms', budget: 2000 })
child.kill()

// The API with five years of units: 130 units of 40 placements.
const home = await openHome(true)
const signIn = await fetch(`${home.base}/api/v1/session`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({ signIn: 'maren', password: 'larkspur-house' }),
})
const cookie = signIn.headers.getSetCookie()[0].split(';')[0]
const demo = demoHome('2026-03-10')
for (let batch = 0; batch < 13; batch++) {
  const nothing = { children: [], adults: [], centers: [], materials: [], activities: [], ideas: [], purchases: [] }
  const units = Array.from({ length: 10 }, (_, i) => ({
    ...demo.units[1],
    id: `old-${batch}-${i}`,
    name: `Old ${batch} ${i}`,
    start: `${2021 + (batch % 5)}-0${1 + (i % 9)}-11`,
  }))
  const placements = units.flatMap((unit) =>
    demo.placements
      .filter((one) => one.unitId === 'wind-and-kites')
      .map((one, i) => ({ ...one, id: `${unit.id}-${i}`, unitId: unit.id })),
  )
  const answer = await fetch(`${home.base}/api/v1/plan-files/apply`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', cookie },
    body: JSON.stringify({ format: 'kobby-plan', version: 1, home: null, ...nothing, units, placements }),
  })
  if (!answer.ok) throw new Error(await answer.text())
}
const PATHS = [
  '/units/wind-and-kites',
  '/units',
  '/units/old-3-4',
  '/units/wind-and-kites/days/4/sheet',
  '/house',
  '/changes/steps',
]
const RATE = 50
const SECONDS = 6
async function apiTimes(): Promise<number[]> {
  const times: number[] = []
  await Promise.all(
    Array.from({ length: RATE * SECONDS }, async (_, i) => {
      await new Promise((done) => setTimeout(done, (i * 1000) / RATE))
      const start = performance.now()
      const answer = await fetch(`${home.base}/api/v1${PATHS[i % PATHS.length]}`, { headers: { cookie } })
      await answer.arrayBuffer()
      times.push(performance.now() - start)
    }),
  )
  return times
}
lines.push({
  what: `API, 95 of 100, ${RATE} requests a second, five years of units`,
  measured: quantile(await apiTimes(), 0.95),
  unit: 'ms',
  budget: 50,
})
const shared = await fetch(`${home.base}/api/v1/units/wind-and-kites/shares`, {
  method: 'POST',
  headers: { 'content-type': 'application/json', cookie },
  body: JSON.stringify({ day: 4, label: 'Teo', endsOn: '2026-03-12' }),
})
const { token } = (await shared.json()) as { token: string }

/** Open screens, each with its line. */
const LIVE_LINES = 200
const ends = new AbortController()
const live = await Promise.all(
  Array.from({ length: LIVE_LINES }, () =>
    fetch(`${home.base}/api/v1/events?unit=wind-and-kites`, { headers: { cookie }, signal: ends.signal }),
  ),
)
if (live.some((line) => !line.ok)) throw new Error('A live line was refused')
lines.push({
  what: `The same with ${LIVE_LINES} live lines open`,
  measured: quantile(await apiTimes(), 0.95),
  unit: 'ms',
  budget: 50,
})
ends.abort()

// The first view in Chromium: script that comes over the wire, and when it can be used.
const { browser, close } = await openBrowser()
/** Opens an address in a browser that has nothing of it yet; kB of script that come, and ms until it can be used. */
async function firstOpening(address: string, ready: string, signedIn: boolean) {
  const { page } = await openPage(browser, DESK)
  const [name, value] = cookie.split('=')
  if (signedIn) await page.setCookie({ name, value, url: home.base })
  const network = await page.createCDPSession()
  await network.send('Network.enable')
  const scripts = new Set<string>()
  let bytes = 0
  network.on('Network.responseReceived', (event: { requestId: string; response: { mimeType: string } }) => {
    if (event.response.mimeType.includes('javascript')) scripts.add(event.requestId)
  })
  network.on('Network.loadingFinished', (event: { requestId: string; encodedDataLength: number }) => {
    if (scripts.has(event.requestId)) bytes += event.encodedDataLength
  })
  const opened = performance.now()
  await page.goto(home.base + address)
  await page.waitForSelector(ready)
  return { page, kB: bytes / 1000, usable: performance.now() - opened }
}
const ofLink = await firstOpening(`/day/${token}`, 'label.step input', false)
lines.push({ what: 'The page of a link, script compressed', measured: ofLink.kB, unit: 'kB', budget: 90 })
lines.push({ what: 'The page of a link, usable', measured: ofLink.usable, unit: 'ms', budget: 1500 })
await ofLink.page.browserContext().close()
const { page, kB, usable } = await firstOpening('/units/wind-and-kites/lay-out', '[data-placement]', true)
lines.push({ what: 'First view, script compressed', measured: kB, unit: 'kB', budget: 270 })
lines.push({ what: 'First view, usable', measured: usable, unit: 'ms', budget: 1500 })
const byKey: number[] = []
const ribbonRun = '[data-placement="wind-and-kites-23"]'
for (let i = 0; i < 8; i++) {
  const day = i % 2 ? 4 : 5
  await page.focus(ribbonRun)
  await page.keyboard.press('m')
  await page.keyboard.press(i % 2 ? 'ArrowLeft' : 'ArrowRight')
  const start = performance.now()
  await page.keyboard.press('m')
  await page.waitForSelector(`[data-slot="${day} outdoors"] ${ribbonRun}`)
  byKey.push(performance.now() - start)
}
lines.push({
  what: 'A card put down by key, to the card shown there (demo unit, with the driver)',
  measured: quantile(byKey, 0.5),
  unit: 'ms',
  budget: 100,
})

// The large unit on the board: a card dragged over many cubbies and dropped, measured in the page.
const nothing = { children: [], adults: [], centers: [], ideas: [], purchases: [] }
const movedIn = await fetch(`${home.base}/api/v1/plan-files/apply`, {
  method: 'POST',
  headers: { 'content-type': 'application/json', cookie },
  body: JSON.stringify({
    format: 'kobby-plan',
    version: 1,
    home: null,
    ...nothing,
    children: snapshot.children,
    materials: snapshot.materials,
    activities: snapshot.activities,
    units: [snapshot.unit],
    placements: snapshot.placements,
  }),
})
if (!movedIn.ok) throw new Error(await movedIn.text())
await page.goto(`${home.base}/units/large/lay-out`)
await page.waitForSelector('.reading.cautions')
const drag = await dragOnBoard(page)
lines.push({
  what: 'A drop on the board to all readings shown, 15 days, 12 children, 150 placements',
  measured: quantile(drag.drops, 0.5),
  unit: 'ms',
  budget: 50,
  bound: { what: 'its readings alone, in Node', measured: lines[0].measured },
})
lines.push({ what: 'Longest frame while dragging over it', measured: drag.longestFrame, unit: 'ms', budget: 100 })

// Forty pages to print: four copies of what the demo has to print.
const sets = demoHome('2026-03-10').printSets.filter((set) => !set.printedOn)
const copies = await fetch(`${home.base}/api/v1/changes`, {
  method: 'POST',
  headers: { 'content-type': 'application/json', cookie },
  body: JSON.stringify({
    id: 'forty-pages',
    unitId: 'wind-and-kites',
    label: 'Four copies',
    ops: sets.map((set) => ({ op: 'put', kind: 'printSet', base: 1, value: { ...set, copies: 4 } })),
  }),
})
if (!copies.ok) throw new Error(await copies.text())
await page.goto(`${home.base}/units/wind-and-kites/print`)
await page.waitForSelector('[role=img] symbol path')
const printed = await pdfInPage(page, 'PDF of all 40')
lines.push({ what: '40 pages as PDF, in a worker, fonts fetched', measured: printed.took, unit: 'ms', budget: 5000 })
lines.push({ what: 'Longest frame while they are made', measured: printed.longestFrame, unit: 'ms', budget: 50 })
await close()
await home.close()
rmSync(folder, { recursive: true, force: true })

const pad = (words: string, width: number) => words.padEnd(width)
console.log(`\n${pad('What', 78)}${'measured'.padStart(12)}${'budget'.padStart(12)}`)
for (const one of lines) {
  const number = one.measured >= 100 ? one.measured.toFixed(0) : one.measured.toFixed(1)
  const bound = one.bound
    ? `   ${(one.measured / one.bound.measured).toFixed(1)} x ${one.bound.what} (${one.bound.measured.toFixed(1)} ms)`
    : ''
  console.log(
    `${pad(one.what, 78)}${`${number} ${one.unit}`.padStart(12)}${`${one.budget} ${one.unit}`.padStart(12)}` +
      `${one.measured > one.budget ? '   MISSED' : ''}${bound}`,
  )
}
process.exit(0)
