import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { demoHome } from '@demo/home'
import { change, Harness, linkTick, OWNER, TODAY } from './testing/harness'

const WIND = '/api/v1/units/wind-and-kites'
let kobby: Harness
beforeAll(async () => {
  kobby = await Harness.withDemo()
})
afterAll(() => kobby.stop())

const put = (kind: string, row: { version: number; value: any }, over: object) => ({
  op: 'put',
  kind,
  base: row.version,
  value: { ...row.value, ...over },
})
const changes = (body: unknown) => kobby.call('POST', '/api/v1/changes', body)

describe('the first start', () => {
  it('has no owner, makes one, and makes no second', async () => {
    const fresh = await Harness.start()
    expect((await fresh.call('GET', '/api/v1/session')).body).toEqual({
      user: null,
      hasOwner: false,
      asksCode: false,
      todayStands: true,
      links: null,
      today: TODAY,
    })
    const weak = await fresh.call('POST', '/api/v1/owner', { ...OWNER, password: 'short' })
    expect([weak.status, weak.body.errors]).toEqual([
      422,
      [{ field: 'password', message: 'Use at least 10 characters' }],
    ])
    const made = await fresh.call('POST', '/api/v1/owner', OWNER)
    expect(made.status).toBe(200)
    expect(made.headers.getSetCookie()[0]).toMatch(/HttpOnly/i)
    expect(made.headers.getSetCookie()[0]).toMatch(/SameSite=Strict/i)
    expect((await fresh.call('POST', '/api/v1/owner', OWNER)).status).toBe(409)
    await fresh.stop()
  })
})

describe('signing in', () => {
  it('takes the right password, refuses the wrong one, and slows a guesser down', async () => {
    const visitor = kobby.stranger()
    expect((await visitor.call('GET', '/api/v1/house')).status).toBe(401)
    expect((await visitor.call('POST', '/api/v1/session', { signIn: 'MAREN ', password: OWNER.password })).status).toBe(
      200,
    )
    expect((await visitor.call('GET', '/api/v1/house')).status).toBe(200)
    await visitor.call('DELETE', '/api/v1/session')
    expect((await visitor.call('GET', '/api/v1/house')).status).toBe(401)
    const statuses = []
    for (let i = 0; i < 12; i++)
      statuses.push((await visitor.call('POST', '/api/v1/session', { signIn: 'maren', password: `wrong-${i}` })).status)
    expect(statuses.slice(0, 10)).toEqual(Array(10).fill(401))
    expect(statuses.slice(10)).toEqual([429, 429])
  })
  it('keeps no password and no secret in the database', async () => {
    const [user] = await kobby.kobby.db('users')
    expect(user.password).toMatch(/^scrypt\$/)
    expect(JSON.stringify(user)).not.toContain(OWNER.password)
    expect((await kobby.kobby.db('sessions').first()).token_hash).toMatch(/^[0-9a-f]{64}$/)
  })
  it('refuses a write that another site sent', async () => {
    for (const headers of [
      { origin: 'http://elsewhere.example' },
      { origin: 'null' },
      { 'sec-fetch-site': 'cross-site' },
    ]) {
      expect((await kobby.call('POST', '/api/v1/changes/undo', { unitId: null }, headers as never)).status).toBe(403)
    }
  })
  it('sends a policy that allows no scripts but its own', async () => {
    const policy = (await kobby.call('GET', '/health')).headers.get('content-security-policy')!
    expect(policy).toContain("script-src 'self';")
    expect(policy).not.toMatch(/script-src[^;]*unsafe/)
  })
})

describe('changes', () => {
  it('write, raise the version, undo and redo, over a restart too', async () => {
    const row = await kobby.row(WIND, 'unit', 'wind-and-kites')
    const answer = await changes(change('wind-and-kites', [put('unit', row, { name: 'Wind' })], 'Rename'))
    expect(answer.body).toMatchObject({ rows: [{ version: row.version + 1 }], steps: { undo: 'Rename', redo: null } })
    const undone = await kobby.call('POST', '/api/v1/changes/undo', { unitId: 'wind-and-kites' })
    expect(undone.body.rows[0].value.name).toBe('Wind and Kites')
    expect((await kobby.call('GET', WIND)).body.steps.redo).toBe('Rename')
    const redone = await kobby.call('POST', '/api/v1/changes/redo', { unitId: 'wind-and-kites' })
    expect(redone.body.rows[0].value.name).toBe('Wind')
    await kobby.call('POST', '/api/v1/changes/undo', { unitId: 'wind-and-kites' })
    expect((await kobby.row(WIND, 'unit', 'wind-and-kites')).value).toEqual(row.value)
  })
  it('refuse a stale write with both versions and change nothing', async () => {
    const row = await kobby.row('/api/v1/house', 'center', 'easel')
    await changes(change(null, [put('center', row, { atOnce: 3 })]))
    const late = await changes(change(null, [put('center', row, { atOnce: 1 })]))
    expect(late.status).toBe(409)
    expect(late.body.conflicts).toMatchObject([
      { kind: 'center', id: 'easel', version: row.version + 1, yours: { atOnce: 1 }, theirs: { atOnce: 3 } },
    ])
    expect((await kobby.row('/api/v1/house', 'center', 'easel')).value.atOnce).toBe(3)
  })
  it('are applied once, even when they are sent twice', async () => {
    const row = await kobby.row('/api/v1/house', 'center', 'easel')
    const one = change(null, [put('center', row, { atOnce: 4 })])
    const [first, second] = [await changes(one), await changes(one)]
    expect(second.body.rows).toEqual(first.body.rows)
  })
  it('leave the other part of the house as it was: home and library, which together are all of it', async () => {
    const part = (which: string) => kobby.call('GET', `/api/v1/house?part=${which}`)
    const kindsOf = (rows: { kind: string }[]) => [...new Set(rows.map((row) => row.kind))].sort()
    const [all, home, library] = [await kobby.call('GET', '/api/v1/house'), await part('home'), await part('library')]
    expect(kindsOf(library.body.rows)).toEqual(['activity', 'material'])
    expect(kindsOf(home.body.rows)).toEqual(expect.arrayContaining(['adult', 'center', 'child', 'home']))
    const sorted = (rows: unknown[]) => rows.map((row) => JSON.stringify(row)).sort()
    expect(sorted([...home.body.rows, ...library.body.rows])).toEqual(sorted(all.body.rows))
    const etags = [home, library].map((one) => one.headers.get('etag')!)
    const row = await kobby.row('/api/v1/house', 'center', 'easel')
    await changes(change(null, [put('center', row, { atOnce: 2 })]))
    expect([
      await kobby.again('/api/v1/house?part=home', etags[0]),
      await kobby.again('/api/v1/house?part=library', etags[1]),
    ]).toEqual([200, 304])
    expect((await part('attic')).body).toMatchObject({ status: 422, errors: [{ field: 'part' }] })
  })
  it('are in the next answer of the house, which is not sent again while nothing changed', async () => {
    const ask = (headers: Record<string, string>) => kobby.call('GET', '/api/v1/house', undefined, headers as never)
    const ways = ['gzip, deflate', 'gzip, deflate, br', 'br;q=0, gzip', 'identity']
    const [packed, ...others] = await Promise.all(ways.map((way) => ask({ 'accept-encoding': way })))
    const encodings = [packed, ...others].map((one) => one.headers.get('content-encoding'))
    expect(encodings).toEqual(['gzip', 'br', 'gzip', null])
    for (const other of others) expect(other.body).toEqual(packed.body)
    const etag = packed.headers.get('etag')!
    expect(await kobby.again('/api/v1/house', etag)).toBe(304)
    const row = await kobby.row('/api/v1/house', 'center', 'easel')
    await changes(change(null, [put('center', row, { name: 'Tall easel' })]))
    expect(await kobby.again('/api/v1/house', etag)).toBe(200)
    const next = await ask({})
    expect([
      next.status,
      next.body.rows.find((one: { value: { id: string } }) => one.value.id === 'easel').value.name,
    ]).toEqual([200, 'Tall easel'])
    await kobby.call('POST', '/api/v1/changes/undo', { unitId: null })
    expect((await kobby.row('/api/v1/house', 'center', 'easel')).value.name).toBe(row.value.name)
  })
  it('hold together: one bad write undoes the good ones', async () => {
    const row = await kobby.row(WIND, 'placement', 'wind-and-kites-1')
    const answer = await changes(
      change('wind-and-kites', [
        put('placement', row, { apart: true }),
        put('placement', { version: 0, value: row.value }, { id: 'new', activityId: 'nowhere' }),
      ]),
    )
    expect([answer.status, answer.body.errors]).toEqual([
      422,
      [{ field: 'ops.1.value.activityId', message: 'No activity has the id nowhere' }],
    ])
    expect((await kobby.row(WIND, 'placement', 'wind-and-kites-1')).value.apart).toBe(false)
  })
  it('name every wrong field by its path', async () => {
    const row = await kobby.row('/api/v1/house', 'child', 'pip')
    const answer = await changes(
      change(null, [
        put('child', row, { born: '2025-02-30', attendance: { mon: { from: '25:00', to: '09:00' } }, name: '' }),
      ]),
    )
    expect(answer.status).toBe(422)
    expect(answer.body.errors.map((one: any) => one.field)).toEqual(
      expect.arrayContaining(['ops.0.value.attendance.mon.from', 'ops.0.value.born', 'ops.0.value.name']),
    )
  })
  it('cannot be undone once someone else has gone on from them', async () => {
    const row = await kobby.row('/api/v1/house', 'center', 'book-nook')
    await changes(change(null, [put('center', row, { note: 'mine' })], 'Mine'))
    await kobby.kobby
      .db('users')
      .insert({ id: 'other', name: 'Other', sign_in: 'other', password: 'x', created_at: '' })
    await kobby.kobby
      .db('centers')
      .where({ id: 'book-nook' })
      .update({ version: row.version + 2, body: JSON.stringify({ ...row.value, note: 'theirs' }) })
    const answer = await kobby.call('POST', '/api/v1/changes/undo', { unitId: null })
    expect([answer.status, answer.body.title]).toEqual([
      409,
      'Someone has changed this since: "Mine" cannot be undone. Nothing was changed.',
    ])
    await kobby.kobby
      .db('centers')
      .where({ id: 'book-nook' })
      .update({ body: JSON.stringify({ ...row.value, note: 'mine' }) })
    expect((await kobby.call('POST', '/api/v1/changes/undo', { unitId: null })).status).toBe(200)
  })
  it('remove a unit with all that is in it, and bring all of it back', async () => {
    const before = await kobby.rows('/api/v1/units/market-day')
    const unit = before.find((row) => row.kind === 'unit')!
    await changes(
      change(null, [{ op: 'remove', kind: 'unit', id: 'market-day', base: unit.version }], 'Remove Market Day'),
    )
    expect((await kobby.call('GET', '/api/v1/units/market-day')).status).toBe(404)
    expect(await kobby.kobby.db('placements').where({ unit_id: 'market-day' })).toEqual([])
    await kobby.call('POST', '/api/v1/changes/undo', { unitId: null })
    const values = (rows: any[]) => rows.map((row) => row.value).sort((a, b) => (a.id < b.id ? -1 : 1))
    expect(values(await kobby.rows('/api/v1/units/market-day'))).toEqual(values(before))
  })
  it('keep what is in use, and say by what', async () => {
    const beads = await kobby.row('/api/v1/house', 'material', 'large-bead')
    const answer = await changes(
      change(null, [{ op: 'remove', kind: 'material', id: 'large-bead', base: beads.version }]),
    )
    expect(answer.status).toBe(409)
    expect(answer.body.title).toContain('Dough and diamonds')
  })
  it('let go of a child who leaves, in one step that undo takes back', async () => {
    const placement = await kobby.row(WIND, 'placement', 'wind-and-kites-2')
    await changes(change('wind-and-kites', [put('placement', placement, { keptOut: ['oona'], leadId: 'teo' })]))
    const child = await kobby.row('/api/v1/house', 'child', 'oona')
    const adult = await kobby.row('/api/v1/house', 'adult', 'teo')
    expect(
      (
        await changes(
          change(null, [
            { op: 'remove', kind: 'child', id: 'oona', base: child.version },
            { op: 'remove', kind: 'adult', id: 'teo', base: adult.version },
          ]),
        )
      ).status,
    ).toBe(200)
    expect((await kobby.row(WIND, 'placement', 'wind-and-kites-2')).value).toMatchObject({ keptOut: [], leadId: null })
    await kobby.call('POST', '/api/v1/changes/undo', { unitId: null })
    expect((await kobby.row(WIND, 'placement', 'wind-and-kites-2')).value).toMatchObject({
      keptOut: ['oona'],
      leadId: 'teo',
    })
    expect((await kobby.row('/api/v1/house', 'child', 'oona')).value).toEqual(child.value)
  })
})

describe('a link to a day', () => {
  const share = async (over = {}) =>
    (await kobby.call('POST', `${WIND}/shares`, { day: 4, label: 'Teo', endsOn: TODAY, ...over })).body
  it('opens without an account, and shows one day without private data', async () => {
    const { token } = await share()
    expect(Buffer.from(token, 'base64url')).toHaveLength(16)
    const visitor = kobby.stranger()
    const { status, body } = await visitor.call('GET', `/api/v1/shared/${token}`)
    expect(status).toBe(200)
    expect(body.sheet.number).toBe(4)
    const text = JSON.stringify(body)
    for (const child of demoHome(TODAY).children)
      for (const secret of [child.born, child.note]) if (secret) expect(text).not.toContain(secret)
    expect(JSON.stringify(await kobby.kobby.db('shares'))).not.toContain(token)
    for (const path of ['/api/v1/house', WIND, '/api/v1/plan-file', `${WIND}/days/4/sheet`])
      expect((await visitor.call('GET', path)).status).toBe(401)
  })
  it('can tick a step, which a listening screen hears', async () => {
    const { token } = await share()
    const line = await kobby.listen('/api/v1/events?unit=wind-and-kites')
    const placementId = 'wind-and-kites-21'
    const ticked = await kobby.stranger().call('PUT', `/api/v1/shared/${token}/ticks`, linkTick(placementId, 'step-1'))
    expect([ticked.status, ticked.body]).toMatchObject([200, { by: 'Teo', done: true }])
    await line.until('"type":"tick"')
    line.stop()
    expect((await kobby.call('GET', WIND)).body.ticks).toMatchObject([
      { placementId, step: 'step-1', done: true, by: 'Teo' },
    ])
    const wrong = await kobby.stranger().call('PUT', `/api/v1/shared/${token}/ticks`, linkTick(placementId, 'step-99'))
    expect([wrong.status, wrong.body.errors[0].field]).toEqual([422, 'step'])
    const other = await kobby
      .stranger()
      .call('PUT', `/api/v1/shared/${token}/ticks`, linkTick('wind-and-kites-34', 'step-1'))
    expect(other.status).toBe(422)
  })
  it('ends when it is withdrawn and when its date has passed', async () => {
    const { id, token } = await share()
    expect((await kobby.call('DELETE', `${WIND}/shares/${id}`)).status).toBe(204)
    expect((await kobby.stranger().call('GET', `/api/v1/shared/${token}`)).status).toBe(410)
    const old = await share()
    await kobby.kobby.db('shares').where({ id: old.id }).update({ ends_on: '2026-03-09' })
    expect((await kobby.stranger().call('GET', `/api/v1/shared/${old.token}`)).status).toBe(410)
    expect((await kobby.stranger().call('GET', '/api/v1/shared/AAAAAAAAAAAAAAAAAAAAAA')).status).toBe(404)
  })
  it('is not made for a day that is not, or an end that has passed', async () => {
    expect((await share({ day: 11 })).errors[0].field).toBe('day')
    expect((await share({ endsOn: '2026-03-01' })).errors[0].field).toBe('endsOn')
    expect((await share({ endsOn: '2030-03-01' })).errors[0].field).toBe('endsOn')
  })
})

describe('plan files', () => {
  it('come out as they went in', async () => {
    const other = await Harness.withDemo()
    const out = (await other.call('GET', '/api/v1/plan-file')).body
    const sorted = (file: any) =>
      Object.fromEntries(
        Object.entries(file).map(([key, list]) => [
          key,
          Array.isArray(list) ? [...list].sort((a, b) => (a.id < b.id ? -1 : 1)) : list,
        ]),
      )
    expect(sorted(out)).toEqual(JSON.parse(JSON.stringify(sorted(demoHome(TODAY)))))
    expect(
      (await other.call('POST', '/api/v1/plan-files/preview', out)).body.entries.every(
        (entry: any) => entry.does === 'same',
      ),
    ).toBe(true)
    await other.stop()
  })
  it('say what they would change before they change it', async () => {
    const file = demoHome(TODAY)
    file.units[0] = { ...file.units[0], name: 'Market Week' }
    const { entries } = (await kobby.call('POST', '/api/v1/plan-files/preview', file)).body
    expect(entries.find((entry: any) => entry.id === 'market-day' && entry.kind === 'unit')).toEqual({
      kind: 'unit',
      id: 'market-day',
      name: 'Market Week',
      does: 'replace',
    })
    expect((await kobby.row('/api/v1/units/market-day', 'unit', 'market-day')).value.name).toBe('Market Day')
  })
  it('are refused whole, naming each wrong path', async () => {
    const file = demoHome(TODAY) as any
    file.placements[0].activityId = 'gone'
    file.units.push(file.units[0])
    const before = await kobby.kobby.db('changes').count()
    const dangling = await kobby.call('POST', '/api/v1/plan-files/apply', file)
    expect([dangling.status, dangling.body.errors.map((one: any) => one.field)]).toEqual([
      422,
      ['units.3.id', 'placements.0.activityId'],
    ])
    const malformed = await kobby.call('POST', '/api/v1/plan-files/apply', {
      ...file,
      version: 2,
      children: [{ id: 'A B' }],
    })
    expect(malformed.body.errors.map((one: any) => one.field)).toEqual(
      expect.arrayContaining(['version', 'children.0.id', 'children.0.born']),
    )
    expect(await kobby.kobby.db('changes').count()).toEqual(before)
  })
  it('of one unit hold no child and no adult', async () => {
    const { body } = await kobby.call('GET', `${WIND}/plan-file`)
    expect([body.home, body.children, body.adults]).toEqual([null, [], []])
    expect(body.placements.length).toBeGreaterThan(30)
    expect(JSON.stringify(body)).not.toContain('maren')
  })
})

describe('the interface description', () => {
  it('names every route, and the schema of the plan file', async () => {
    const { body } = await kobby.call('GET', '/api/v1/openapi.json')
    expect(body.openapi).toBe('3.1.0')
    const named = Object.entries(body.paths).flatMap(([path, methods]) =>
      Object.keys(methods as object).map((method) => `${method} ${path}`),
    )
    expect(named.sort()).toEqual(
      kobby.kobby.routes.map((one) => `${one.method} /api/v1${one.path.replace(/:(\w+)/g, '{$1}')}`).sort(),
    )
    expect((await kobby.call('GET', '/api/v1/plan-file.schema.json')).body.properties.units).toBeDefined()
  })
  it('shows what each answers, by names that lead somewhere', async () => {
    const { body } = await kobby.call('GET', '/api/v1/openapi.json')
    const done = (path: string, method = 'get') => body.paths[path][method].responses
    expect(done('/api/v1/units/{unitId}')[200].content['application/json'].schema).toEqual({
      $ref: '#/components/schemas/UnitAnswer',
    })
    expect(done('/api/v1/units/{unitId}/supplies.csv')[200].content).toEqual({ 'text/csv': {} })
    expect(Object.keys(done('/api/v1/session', 'delete'))).toEqual(['204', 'default'])
    expect(body.components.schemas.UnitAnswer.properties.ticks.items).toEqual({ $ref: '#/components/schemas/Tick' })
    const names = [...JSON.stringify(body).matchAll(/"#\/components\/schemas\/(\w+)"/g)].map((found) => found[1])
    expect(names.filter((name) => !(name in body.components.schemas))).toEqual([])
    expect(new Set(names).size).toBeGreaterThan(30)
  })
  it('answers again only when something changed', async () => {
    const first = await kobby.call('GET', '/api/v1/units')
    expect(await kobby.again('/api/v1/units', first.headers.get('etag')!)).toBe(304)
  })
  it('gives the sheet of a day as Markdown', async () => {
    const answer = await kobby.call('GET', `${WIND}/days/4/sheet.md`)
    expect(answer.headers.get('content-type')).toContain('text/markdown')
    expect(answer.body).toContain('# Tuesday, March 10, day 4 of 10')
  })
})
