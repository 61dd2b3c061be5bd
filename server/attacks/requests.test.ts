import { gzipSync } from 'node:zlib'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { change, Harness } from '../testing/harness'

/** Requests that are out to fill memory, to hang, or to leave half a write. */

let kobby: Harness
beforeAll(async () => {
  kobby = await Harness.withDemo()
})
afterAll(() => kobby.stop())

const head = (line: string, headers: Record<string, string | number> = {}) =>
  `${line} HTTP/1.1\r\n${Object.entries({ Host: 'localhost', ...headers })
    .map(([name, value]) => `${name}: ${value}\r\n`)
    .join('')}\r\n`
const JSON_TYPE = { 'Content-Type': 'application/json' }
const answered = (text: string) => /^HTTP\/1\.1 \d{3}[\s\S]*\r\n\r\n/.test(text)
const owner = () => ({ Cookie: kobby.cookieHeader })
const rows = async () => Number((await kobby.kobby.db('changes').count({ n: '*' }))[0].n)

describe('a stranger', () => {
  it.each([
    '/api/v1/plan-files/apply',
    '/api/v1/plan-files/preview',
    '/api/v1/activities/csv/apply',
    '/api/v1/changes',
    '/api/v1/shared/AAAAAAAAAAAAAAAAAAAAAA/ticks',
  ])('is told no at %s before a byte of the body is read', async (path) => {
    // 30 MB are announced and none are sent: whoever waits for them never answers.
    const { heard } = await kobby.raw(
      head(`${path.endsWith('ticks') ? 'PUT' : 'POST'} ${path}`, { ...JSON_TYPE, 'Content-Length': 30_000_000 }),
      answered,
    )
    expect(heard).toMatch(/^HTTP\/1\.1 (401|404)/)
  })
  it('cannot send much where a body is read of everyone', async () => {
    const { status, body } = await kobby
      .stranger()
      .call('POST', '/api/v1/session', { signIn: 'maren', password: 'x'.repeat(40_000) })
    expect([status, body.title]).toEqual([413, 'This is larger than 32 kB. Nothing was changed.'])
  })
  it('is let guess at live lines no more often than at anything else of a link', async () => {
    const fresh = await Harness.withDemo()
    const statuses: number[] = []
    for (let i = 0; i < 62; i++)
      statuses.push(
        (
          await fresh
            .stranger()
            .call('GET', `/api/v1/${i % 2 ? 'shared' : 'asked'}/${'A'.repeat(20)}${i}${i % 2 ? '/events' : ''}`)
        ).status,
      )
    expect([...new Set(statuses.slice(0, 60)), ...statuses.slice(60)]).toEqual([404, 429, 429])
    await fresh.stop()
  })
})

describe('a body', () => {
  it('that is packed is refused as such, however it is packed and whatever it would come to', async () => {
    const large = gzipSync(JSON.stringify({ unitId: null, label: 'x'.repeat(5_000_000) }))
    expect(large.length * 500).toBeLessThan(5_000_000)
    for (const [encoding, body] of [
      ['gzip', large],
      ['gzip', Buffer.from('no gzip at all')],
      ['br', Buffer.from('x')],
      ['zstd', Buffer.from('x')],
      ['nonsense', Buffer.from('{}')],
      ['gzip, gzip', large],
    ] as const) {
      const { heard } = await kobby.raw(
        [
          head('POST /api/v1/changes', {
            ...owner(),
            ...JSON_TYPE,
            'Content-Encoding': encoding,
            'Content-Length': body.length,
          }),
          body,
        ],
        answered,
      )
      expect(heard, encoding).toMatch(/^HTTP\/1\.1 415/)
      expect(heard.toLowerCase()).toContain('accept-encoding: identity')
    }
  })
  it('over the limit is answered, and the connection is closed rather than left hanging', async () => {
    const chunk = `10000\r\n${'x'.repeat(0x10000)}\r\n`
    const { heard, closed } = await kobby.raw([
      head('POST /api/v1/changes', { ...owner(), ...JSON_TYPE, 'Transfer-Encoding': 'chunked' }),
      ...Array<string>(90).fill(chunk),
    ])
    expect(heard).toMatch(/^HTTP\/1\.1 413/)
    expect(heard.toLowerCase()).toContain('connection: close')
    expect(closed).toBe(true)
  })
  it('that is cut off in the middle writes nothing', async () => {
    const before = await rows()
    const center = await kobby.row('/api/v1/house', 'center', 'easel')
    const whole = JSON.stringify(
      change(null, [{ op: 'put', kind: 'center', base: center.version, value: { ...center.value, note: 'cut off' } }]),
    )
    for (const part of [0.1, 0.5, 0.99]) {
      const sent = kobby.raw(
        [
          head('POST /api/v1/changes', {
            ...owner(),
            ...JSON_TYPE,
            'Content-Length': whole.length,
            Expect: '100-continue',
          }),
          whole.slice(0, Math.floor(whole.length * part)),
        ],
        (text) => text.includes('100 Continue'),
      )
      await sent
    }
    // What came after them is answered, so they are dealt with.
    expect((await kobby.call('GET', '/api/v1/house')).status).toBe(200)
    expect(await rows()).toBe(before)
    expect((await kobby.row('/api/v1/house', 'center', 'easel')).value.note).not.toBe('cut off')
  })
  it('that dribbles is waited for two minutes at most, and keeps nobody else waiting', async () => {
    expect([kobby.kobby.server.headersTimeout, kobby.kobby.server.requestTimeout]).toEqual([20_000, 120_000])
    const slow = kobby.raw(head('POST /api/v1/changes', { ...owner(), ...JSON_TYPE, 'Content-Length': 1000 }), answered)
    expect((await kobby.call('GET', '/api/v1/house')).status).toBe(200)
    kobby.kobby.server.closeAllConnections()
    expect((await slow).closed).toBe(true)
  })
})

describe('headers', () => {
  it('of 64 kB are refused', async () => {
    const { heard } = await kobby.raw(head('GET /api/v1/session', { 'X-Large': 'x'.repeat(65_536) }), answered)
    expect(heard).toMatch(/^HTTP\/1\.1 431/)
  })
  it.each(['identity;q=0', '*;q=0', 'gzip;q=0, identity;q=0', 'br', 'nonsense', ''])(
    'that accept "%s" are answered',
    async (accept) => {
      for (const path of ['/api/v1/house', '/api/v1/session', '/health'])
        expect(
          (await kobby.call('GET', path, undefined, { host: 'localhost', 'accept-encoding': accept })).status,
          path,
        ).toBe(200)
    },
  )
  it('keep answers with names out of every copy', async () => {
    for (const path of [
      '/api/v1/house',
      '/api/v1/units',
      '/api/v1/units/wind-and-kites',
      '/api/v1/plan-file',
      '/api/v1/units/wind-and-kites/days/4/sheet.md',
      '/api/v1/pantry.csv',
    ])
      expect((await kobby.call('GET', path)).headers.get('cache-control'), path).toBe('no-store')
    expect((await kobby.call('GET', '/api/v1/session')).headers.get('strict-transport-security')).toBeNull()
  })
})
