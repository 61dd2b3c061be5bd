import fc from 'fast-check'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { Harness } from './testing/harness'

let kobby: Harness
beforeAll(async () => {
  kobby = await Harness.withDemo()
})
afterAll(() => kobby.stop())

const MEGABYTE = 'x'.repeat(1_000_000)

const contents = async () => {
  const tables = [
    'homes',
    'children',
    'adults',
    'centers',
    'materials',
    'activities',
    'units',
    'ideas',
    'placements',
    'purchases',
    'changes',
    'ticks',
    'shares',
  ]
  return Promise.all(tables.map((table) => kobby.kobby.db(table).count({ n: '*' })))
}

describe('bad input', () => {
  it('that is no JSON, too large, or of another type is refused in plain words', async () => {
    expect((await kobby.call('POST', '/api/v1/changes', '{"unitId": ')).status).toBe(400)
    expect((await kobby.call('POST', '/api/v1/changes', '"text"')).status).toBe(400)
    const large = await kobby.call('POST', '/api/v1/changes', JSON.stringify({ id: 'x'.repeat(5_300_000) }))
    expect([large.status, large.body.title]).toEqual([413, 'This is larger than 5 MB. Nothing was changed.'])
    expect((await kobby.call('POST', '/api/v1/changes', 'a=b', { 'content-type': 'text/plain' })).status).toBe(415)
    expect((await kobby.call('PATCH', '/api/v1/changes', {})).status).toBe(405)
    expect((await kobby.call('GET', '/api/v1/nothing')).status).toBe(404)
  })
  it.each([
    ['children', { id: 'x', name: MEGABYTE }],
    ['materials', { id: 'x', onHand: -1 }],
    ['materials', { id: 'x', onHand: 1e300 }],
    ['units', { id: 'x', start: '2026-02-30', days: 1.5 }],
    ['units', { id: 'x', start: MEGABYTE }],
    ['placements', null],
    ['home', 7],
    ['activities', 'many'],
    ['children', Array(500).fill({})],
  ])('in a plan file under %s gets a 422 that names the field', async (list, value) => {
    const file = {
      format: 'kobby-plan',
      version: 1,
      home: null,
      children: [],
      adults: [],
      centers: [],
      materials: [],
      activities: [],
      units: [],
      ideas: [],
      placements: [],
      purchases: [],
      [list]: list === 'home' || typeof value === 'string' || Array.isArray(value) ? value : [value],
    }
    const before = await contents()
    const answer = await kobby.call('POST', '/api/v1/plan-files/apply', file)
    expect(answer.status).toBe(422)
    expect(answer.body.errors.length).toBeGreaterThan(0)
    for (const error of answer.body.errors) expect(error.field).toMatch(new RegExp(`^${list}`))
    expect(JSON.stringify(answer.body).length).toBeLessThan(20_000)
    expect(await contents()).toEqual(before)
  })

  const scalar = fc.oneof(
    fc.string(),
    fc.double(),
    fc.integer(),
    fc.boolean(),
    fc.constant(null),
    fc.constantFrom(
      '2026-02-30',
      '25:00',
      '../../etc/passwd',
      '__proto__',
      'wind-and-kites',
      'put',
      'remove',
      'child',
      'placement',
      MEGABYTE.slice(0, 5000),
    ),
  )
  const rubbish = fc.oneof(
    { depthSize: 'small' },
    scalar,
    fc.array(scalar, { maxLength: 4 }),
    fc.dictionary(
      fc.constantFrom(
        'id',
        'unitId',
        'label',
        'ops',
        'op',
        'kind',
        'base',
        'value',
        'day',
        'endsOn',
        'name',
        'signIn',
        'password',
        'format',
        'version',
        'home',
        'placementId',
        'step',
        'done',
        '__proto__',
      ),
      fc.oneof(scalar, fc.array(fc.dictionary(fc.string(), scalar), { maxLength: 3 })),
    ),
  )
  const segment = fc.oneof(
    fc.constantFrom('wind-and-kites', '4', '0', '-1', '99999999999', '%00', '..%2f..', 'NaN', '%F0%9F%92%A9'),
    fc.string({ minLength: 1, maxLength: 80 }).map(encodeURIComponent),
  )

  it('of any kind at any route gets a 4xx with problem details, shows no insides, and writes nothing', async () => {
    const before = await contents()
    const routes = kobby.kobby.routes.filter(
      (route) => !route.path.endsWith('/events') && route.path !== '/session' && route.path !== '/owner',
    )
    await fc.assert(
      fc.asyncProperty(
        fc.constantFrom(...routes),
        rubbish,
        fc.array(segment, { minLength: 3, maxLength: 3 }),
        fc.option(fc.string({ maxLength: 20 })),
        async (route, body, segments, query) => {
          if (route.path === '/changes/undo' || route.path === '/changes/redo') return
          let i = 0
          const path = route.path.replace(/:\w+/g, () => segments[i++])
          const answer = await kobby.call(
            route.method.toUpperCase(),
            `/api/v1${path}${query === null ? '' : `?unit=${encodeURIComponent(query)}`}`,
            route.method === 'get' || route.method === 'delete' ? undefined : body,
          )
          expect(answer.status).toBeLessThan(500)
          if (answer.status >= 400) {
            expect(answer.headers.get('content-type')).toContain('application/problem+json')
            expect(answer.body.title.length).toBeGreaterThan(3)
            expect(JSON.stringify(answer.body)).not.toMatch(/node_modules|\.ts:\d|at \w+ \(|SQLITE|select |insert /)
          } else expect(route.method).toBe('get')
        },
      ),
      { numRuns: 500 },
    )
    expect(await contents()).toEqual(before)
    expect((await kobby.call('GET', '/health')).body).toEqual({ status: 'ok' })
  })
  it('at the sign-in gets a 4xx too', async () => {
    await fc.assert(
      fc.asyncProperty(rubbish, async (body) => {
        const { status } = await kobby.stranger().call('POST', '/api/v1/session', body)
        expect(status).toBeGreaterThanOrEqual(400)
        expect(status).toBeLessThan(500)
      }),
      { numRuns: 60 },
    )
  })
})
