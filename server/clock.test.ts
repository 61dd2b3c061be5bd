import { Writable } from 'node:stream'
import { pino } from 'pino'
import { describe, expect, it } from 'vitest'
import { aChild, aHome } from '@core/testing/build'
import { writePlanFile } from '@core/papers'
import { Clock, dateIn } from './services/clock'
import { change, Harness, OWNER } from './testing/harness'

/**
 * Instants at which a date is easily taken for another: half an hour to either side of midnight, on plain days and on
 * those when clocks change.
 */
const MOMENTS: [zone: string, instant: string, date: string][] = [
  ['America/Los_Angeles', '2026-06-10T06:30:00Z', '2026-06-09'],
  ['America/Los_Angeles', '2026-06-10T07:30:00Z', '2026-06-10'],
  ['America/Los_Angeles', '2026-03-08T08:30:00Z', '2026-03-08'],
  ['America/Los_Angeles', '2026-03-09T06:30:00Z', '2026-03-08'],
  ['America/Los_Angeles', '2026-11-01T07:30:00Z', '2026-11-01'],
  ['America/Los_Angeles', '2026-11-02T07:30:00Z', '2026-11-01'],
  ['Pacific/Auckland', '2026-06-10T11:30:00Z', '2026-06-10'],
  ['Pacific/Auckland', '2026-06-10T12:30:00Z', '2026-06-11'],
  ['Pacific/Auckland', '2026-04-04T11:30:00Z', '2026-04-05'],
  ['Pacific/Auckland', '2026-04-05T11:30:00Z', '2026-04-05'],
  ['Pacific/Auckland', '2026-09-26T12:30:00Z', '2026-09-27'],
  ['Pacific/Auckland', '2026-09-27T10:30:00Z', '2026-09-27'],
  ['Asia/Kathmandu', '2026-03-10T17:45:00Z', '2026-03-10'],
  ['Asia/Kathmandu', '2026-03-10T18:45:00Z', '2026-03-11'],
]

it.each(MOMENTS)('today in %s at %s is %s', (zone, instant, date) => expect(dateIn(zone, new Date(instant))).toBe(date))

describe('a home without a fixed date', () => {
  it.each(MOMENTS)(
    'in %s at %s can be moved into, changed, undone and changed again',
    async (timeZone, instant, date) => {
      const kobby = await Harness.start(undefined, { now: () => new Date(instant) })
      expect((await kobby.call('POST', '/api/v1/owner', OWNER)).status).toBe(200)
      const file = writePlanFile({
        home: aHome({ timeZone }),
        children: [aChild({ id: 'ann' })],
        adults: [],
        centers: [],
        materials: [],
        activities: [],
        recipes: [],
        units: [],
        ideas: [],
        placements: [],
        purchases: [],
        promises: [],
        prepMarks: [],
        printSets: [],
        circles: [],
        pieces: [],
        circleLogs: [],
        books: [],
        stock: [],
        batches: [],
      })
      expect((await kobby.call('POST', '/api/v1/plan-files/apply', file)).status).toBe(200)
      expect((await kobby.call('GET', '/api/v1/house')).body.today).toBe(date)
      const home = await kobby.row('/api/v1/house', 'home', 'home')
      const renamed = await kobby.call(
        'POST',
        '/api/v1/changes',
        change(null, [{ op: 'put', kind: 'home', base: home.version, value: { ...home.value, name: 'Heron Row' } }]),
      )
      expect(renamed.status).toBe(200)
      expect((await kobby.call('POST', '/api/v1/changes/undo', { unitId: null })).status).toBe(200)
      expect((await kobby.row('/api/v1/house', 'home', 'home')).value.name).toBe(home.value.name)
      expect((await kobby.kobby.db('changes').select('at'))[0].at).toBe(new Date(instant).toISOString())
      await kobby.stop()
    },
  )
  it('takes an amount out of the pantry on the date of the home', async () => {
    const kobby = await Harness.withDemo({ now: () => new Date('2026-06-10T02:30:00Z') })
    const [material] = (await kobby.rows('/api/v1/house')).filter((row) => row.kind === 'material')
    const op = {
      op: 'put',
      kind: 'material',
      base: material.version,
      value: { ...material.value, onHand: material.value.onHand + 1 },
    }
    expect((await kobby.call('POST', '/api/v1/changes', change(null, [op]))).status).toBe(200)
    const { body } = await kobby.call('GET', `/api/v1/materials/${material.value.id}/history`)
    expect(body.entries[0]).toMatchObject({ date: '2026-06-09', reason: 'counted' })
    await kobby.stop()
  })
})

it('reads no home where a date is fixed, and the system’s clock once where it is not', async () => {
  let asked = 0
  const clock = new Clock(undefined, () => new Date(Date.UTC(2026, 0, 1, ++asked)))
  expect([clock.now().getUTCHours(), clock.stamp()]).toEqual([1, '2026-01-01T02:00:00.000Z'])
})

it('says what went wrong in the log under a code that the answer shows, without a link’s secret', async () => {
  const lines: string[] = []
  const log = pino({ level: 'warn' }, new Writable({ write: (chunk, _, done) => (lines.push(String(chunk)), done()) }))
  const kobby = await Harness.start(undefined, { today: '2026-03-10', log })
  await kobby.kobby.db.schema.dropTable('ticks')
  await kobby.kobby.db.schema.dropTable('shares')
  const { status, body } = await kobby.call('GET', '/api/v1/shared/abcdefghijklmnop')
  expect(status).toBe(500)
  expect(body.code).toMatch(/^[A-HJ-NP-Z2-9]{6}$/)
  expect(body.title).toContain(body.code)
  const line = JSON.parse(lines[0])
  expect(line).toMatchObject({ code: body.code, method: 'GET', path: '/api/v1/shared/…' })
  expect(line.err.message).toContain('shares')
  expect(JSON.stringify(body)).not.toContain('no such table')
  await kobby.stop()
})
