import { readFileSync } from 'node:fs'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { MOST_PICTURES } from './services/pictures'
import { Harness } from './testing/harness'

let kobby: Harness
beforeAll(async () => {
  kobby = await Harness.withDemo()
})
afterAll(() => kobby.stop())

const PNG = readFileSync('docs/screenshots/room.png').subarray(0, 2000).toString('base64')
const JPEG = Buffer.from([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3]).toString('base64')
const base64 = (text: string) => Buffer.from(text).toString('base64')
const keep = (data: unknown) => kobby.call('POST', '/api/v1/pictures', { data })

describe('a picture of the home’s own', () => {
  it.each([
    ['PNG', PNG, 'image/png'],
    ['JPEG', JPEG, 'image/jpeg'],
  ])('is kept as it came where it is %s, and served as that and nothing else', async (_, data, type) => {
    const { status, body } = await keep(data)
    expect(status).toBe(200)
    const answer = await kobby.call('GET', `/api/v1/pictures/${body.id}`)
    expect([answer.status, answer.headers.get('content-type'), answer.headers.get('cache-control')]).toEqual([
      200,
      type,
      'no-store',
    ])
    expect(answer.headers.get('x-content-type-options')).toBe('nosniff')
    const { bytes } = (await kobby.kobby.db('pictures').where({ id: body.id }).first()) as { bytes: Buffer }
    expect(bytes.equals(Buffer.from(data, 'base64'))).toBe(true)
  })
  it.each([
    ['an SVG with a script', base64('<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>')],
    ['a page', base64('<!doctype html><script>alert(1)</script>')],
    ['a file that only begins a little like one', base64('\x89PNX not really')],
    ['nothing', ''],
    ['what is no base64', 'not * base64'],
    ['no text', 7],
    ['more than a megabyte', Buffer.alloc(1_000_001, 0xff).toString('base64')],
  ])('is refused where it is %s, in words that name the field', async (_, data) => {
    const before = await kobby.kobby.db('pictures').count({ n: '*' })
    const { status, body } = await keep(data)
    expect([status, body.errors?.[0].field]).toEqual([422, 'data'])
    expect(await kobby.kobby.db('pictures').count({ n: '*' })).toEqual(before)
  })
  it('is found by nobody under a name that it does not have', async () => {
    expect((await kobby.call('GET', '/api/v1/pictures/none')).status).toBe(404)
    expect((await kobby.call('GET', '/api/v1/pictures/..%2Funits')).status).toBeGreaterThanOrEqual(404)
  })
  it('is one too many where the home has as many as it keeps', async () => {
    const [{ n }] = (await kobby.kobby.db('pictures').count({ n: '*' })) as { n: number }[]
    await kobby.kobby.db.batchInsert(
      'pictures',
      Array.from({ length: MOST_PICTURES - n }, (_, i) => ({
        id: `p-${i}`,
        type: 'image/png',
        bytes: '',
        made_at: '',
      })),
      100,
    )
    const { status, body } = await keep(PNG)
    expect([status, body.title]).toEqual([expect.any(Number), expect.stringContaining('500 pictures')])
    expect(status).toBeGreaterThanOrEqual(400)
  })
})
