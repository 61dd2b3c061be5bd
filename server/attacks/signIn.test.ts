import { afterEach, describe, expect, it } from 'vitest'
import { Harness, OWNER, TODAY } from '../testing/harness'

/** What was tried at the door, and what comes of it. */

let kobby: Harness
afterEach(() => kobby.stop())
const RIGHT = { signIn: OWNER.signIn, password: OWNER.password }
const wrong = (n: number) => ({ signIn: OWNER.signIn, password: `not this one ${n}` })
const signIn = (who: Harness, body: object, from?: string) =>
  who.call('POST', '/api/v1/session', body, from ? { 'x-forwarded-for': from } : {})
const count = <T>(all: readonly T[], one: T) => all.filter((x) => x === one).length
const BEHIND = { today: TODAY, proxies: ['127.0.0.1'], address: 'https://kobby.example.org' }
/** As whoever asks through the proxy. */
const through = { host: 'kobby.example.org', 'x-forwarded-proto': 'https', 'x-forwarded-for': '203.0.113.7' }

describe('guessing', () => {
  it('many at once are as many tries: of 24, with the right one last, ten are tried', async () => {
    kobby = await Harness.withDemo()
    const thief = kobby.stranger()
    const statuses = (
      await Promise.all([...Array.from({ length: 23 }, (_, i) => signIn(thief, wrong(i))), signIn(thief, RIGHT)])
    ).map((one) => one.status)
    expect([count(statuses, 401), count(statuses, 429), count(statuses, 200)]).toEqual([10, 14, 0])
    expect((await signIn(thief, RIGHT)).status).toBe(429)
  })
  it('a success of another at the same address gives none of the tries back', async () => {
    kobby = await Harness.withDemo()
    for (let i = 0; i < 9; i++) expect((await signIn(kobby.stranger(), wrong(i))).status).toBe(401)
    expect((await signIn(kobby.stranger(), RIGHT)).status).toBe(200)
    expect((await signIn(kobby.stranger(), wrong(9))).status).toBe(401)
    expect((await signIn(kobby.stranger(), RIGHT)).status).toBe(429)
  })
  it('is held against the visitor, not the proxy: ten wrong ones of one do not lock out the owner', async () => {
    kobby = await Harness.withDemo({ today: TODAY, proxies: ['127.0.0.1'] })
    for (let i = 0; i < 12; i++) await signIn(kobby.stranger(), wrong(i), '203.0.113.9')
    expect((await signIn(kobby.stranger(), RIGHT, '203.0.113.9')).status).toBe(429)
    expect((await signIn(kobby.stranger(), RIGHT, '198.51.100.4')).status).toBe(200)
    // Of IPv6 a visitor has a whole network.
    for (let i = 0; i < 12; i++) await signIn(kobby.stranger(), wrong(i), `2001:db8:1:2::${i}`)
    expect((await signIn(kobby.stranger(), RIGHT, '2001:db8:1:2:ffff::1')).status).toBe(429)
    expect((await signIn(kobby.stranger(), RIGHT, '2001:db8:1:3::1')).status).toBe(200)
  })
  it('cannot be spread by writing other addresses where no proxy is named', async () => {
    kobby = await Harness.withDemo()
    for (let i = 0; i < 10; i++) await signIn(kobby.stranger(), wrong(i), `203.0.113.${i}`)
    expect((await signIn(kobby.stranger(), RIGHT, '203.0.113.200')).status).toBe(429)
  })
  it('at the recovery code is counted with the rest', async () => {
    kobby = await Harness.withDemo()
    const guess = () =>
      kobby.stranger().call('POST', '/api/v1/recovery', {
        signIn: OWNER.signIn,
        code: 'AAAAA-AAAAA-AAAAA-AAAAA-AAAAA',
        password: 'four calm green spoons',
      })
    for (let i = 0; i < 10; i++) expect((await guess()).status).toBe(401)
    expect((await guess()).status).toBe(429)
  })
})

describe('passwords', () => {
  it('that others would try first are refused, and say so at the field', async () => {
    kobby = await Harness.start()
    for (const password of ['password12', 'qwertyuiop', '1234567890', 'Sunshine2024', 'maren12345']) {
      const { status, body } = await kobby.call('POST', '/api/v1/owner', { ...OWNER, password })
      expect([password, status, body.errors[0].field]).toEqual([password, 422, 'password'])
    }
    expect((await kobby.call('POST', '/api/v1/owner', OWNER)).status).toBe(200)
  })
  it('changed end every other session and its line, and nothing else opens the door from then on', async () => {
    kobby = await Harness.withDemo()
    const phone = kobby.stranger()
    await signIn(phone, RIGHT)
    const line = await phone.listen('/api/v1/events')
    const change = (body: object) => kobby.call('PUT', '/api/v1/password', body)
    expect((await change({ now: 'not the password', password: 'four calm green spoons' })).body.errors).toEqual([
      { field: 'now', message: 'This is not the password' },
    ])
    expect((await change({ now: OWNER.password, password: 'password12' })).body.errors[0].field).toBe('password')
    expect((await change({ now: OWNER.password, password: 'four calm green spoons' })).status).toBe(204)
    expect(await line.ended()).toBe(true)
    expect((await phone.call('GET', '/api/v1/house')).status).toBe(401)
    expect((await kobby.call('GET', '/api/v1/house')).status).toBe(200)
    expect((await signIn(kobby.stranger(), RIGHT)).status).toBe(401)
    expect((await signIn(kobby.stranger(), { ...RIGHT, password: 'four calm green spoons' })).status).toBe(200)
  })
  it('lost are set anew by the code that was told once, which is spent by it', async () => {
    kobby = await Harness.start()
    const { recovery } = (await kobby.call('POST', '/api/v1/owner', OWNER)).body
    expect(recovery).toMatch(/^([A-Z2-9]{5}-){4}[A-Z2-9]{5}$/)
    expect(JSON.stringify(await kobby.kobby.db('users'))).not.toContain(recovery)
    const other = kobby.stranger()
    const recover = (code: string, password: string) =>
      other.call('POST', '/api/v1/recovery', { signIn: 'Maren', code, password })
    const typed = ` ${recovery.toLowerCase().replace(/-/g, ' ')} `
    expect((await recover(typed, 'password12')).status).toBe(422)
    const done = await recover(typed, 'four calm green spoons')
    expect([done.status, done.body.recovery === recovery]).toEqual([200, false])
    expect((await kobby.call('GET', '/api/v1/house')).status).toBe(401)
    expect((await other.call('GET', '/api/v1/house')).status).toBe(200)
    expect((await recover(typed, 'four other green spoons')).status).toBe(401)
    const renewed = await other.call('POST', '/api/v1/recovery-code', { password: 'four calm green spoons' })
    expect((await recover(done.body.recovery, 'four other green spoons')).status).toBe(401)
    expect((await recover(renewed.body.recovery, 'four other green spoons')).status).toBe(200)
  })
})

describe('devices', () => {
  it('are told apart, and each can be signed out, with its line', async () => {
    kobby = await Harness.withDemo()
    const phone = kobby.stranger()
    await phone.call('POST', '/api/v1/session', RIGHT, {
      'user-agent': 'Mozilla/5.0 (iPhone; CPU iPhone OS 19_0 like Mac OS X) Version/19.0 Mobile Safari/604.1',
    })
    const line = await phone.listen('/api/v1/events')
    const { devices } = (await kobby.call('GET', '/api/v1/sessions')).body
    expect(devices.map((one: { device: string; isThis: boolean }) => [one.device, one.isThis]).sort()).toEqual([
      ['A program', true],
      ['Safari on iPhone', false],
    ])
    expect(
      (await kobby.call('DELETE', `/api/v1/sessions/${devices.find((one: { isThis: boolean }) => !one.isThis).id}`))
        .status,
    ).toBe(204)
    expect(await line.ended()).toBe(true)
    expect((await phone.call('GET', '/api/v1/house')).status).toBe(401)
    expect((await kobby.call('DELETE', '/api/v1/sessions/none')).status).toBe(404)
  })
  it('close their own line by signing out, and a withdrawn link loses its', async () => {
    kobby = await Harness.withDemo()
    const phone = kobby.stranger()
    await signIn(phone, RIGHT)
    const own = await phone.listen('/api/v1/events')
    const share = (
      await kobby.call('POST', '/api/v1/units/wind-and-kites/shares', { day: 4, label: 'Teo', endsOn: TODAY })
    ).body
    const linked = await kobby.stranger().listen(`/api/v1/shared/${share.token}/events`)
    await phone.call('DELETE', '/api/v1/session')
    expect(await own.ended()).toBe(true)
    await kobby.call('DELETE', `/api/v1/units/wind-and-kites/shares/${share.id}`)
    expect(await linked.ended()).toBe(true)
    expect((await kobby.stranger().call('GET', `/api/v1/shared/${share.token}/events`)).status).toBe(410)
  })
  it('outlive a clock that was set back by a day, and end when their time is over', async () => {
    let now = new Date('2026-03-10T12:00:00Z')
    kobby = await Harness.start(undefined, { now: () => now })
    await kobby.call('POST', '/api/v1/owner', OWNER)
    now = new Date('2026-03-09T12:00:00Z')
    expect((await kobby.call('GET', '/api/v1/house')).status).toBe(200)
    expect((await kobby.call('GET', '/api/v1/sessions')).body.devices[0].lastSeen).toBe('2026-03-09T12:00:00.000Z')
    now = new Date('2026-04-10T12:00:00Z')
    expect((await kobby.call('GET', '/api/v1/house')).status).toBe(401)
  })
})

describe('a fresh Kobby', () => {
  it('asks whoever comes from another machine for its start code, and counts the guesses', async () => {
    kobby = await Harness.start(undefined, BEHIND)
    const make = (startCode?: string) =>
      kobby.call('POST', '/api/v1/owner', { ...OWNER, ...(startCode && { startCode }) }, through)
    expect((await kobby.call('GET', '/api/v1/session', undefined, through)).body.asksCode).toBe(true)
    expect((await make()).body.errors).toMatchObject([{ field: 'startCode' }])
    expect((await make('AAAA-AAAA')).status).toBe(422)
    const made = await make(kobby.kobby.startCode!.toLowerCase().replace('-', ''))
    expect(made.status).toBe(200)
    expect(made.headers.getSetCookie().join()).toMatch(/; secure/i)
    expect(made.headers.get('strict-transport-security')).toBe('max-age=15552000')
    for (let i = 0; i < 12; i++) await make('AAAA-AAAA')
    // There is an owner: nothing is hashed, and nothing is read.
    const { heard } = await kobby.raw(
      [
        'POST /api/v1/owner HTTP/1.1\r\nHost: kobby.example.org\r\nContent-Type: application/json\r\nContent-Length: 1000\r\n\r\n{',
      ],
      (text) => text.includes('owner already'),
    )
    expect(heard).toContain('HTTP/1.1 409')
  })
  it('is not claimed by another site: it does not go by that name', async () => {
    kobby = await Harness.start()
    const evil = await kobby.call('POST', '/api/v1/owner', OWNER, { host: 'rebound.example.com' })
    expect([evil.status, evil.body.title]).toEqual([
      421,
      'Kobby does not go by this name here. Whoever runs it sets the name with KOBBY_ADDRESS.',
    ])
    for (const host of ['localhost:4180', '127.0.0.1', '192.168.1.20:4180', '[::1]:80', 'kitchen', 'kitchen.local'])
      expect([host, (await kobby.call('GET', '/api/v1/session', undefined, { host })).status]).toEqual([host, 200])
    expect((await kobby.call('GET', '/api/v1/session')).body.hasOwner).toBe(false)
    await kobby.stop()
    kobby = await Harness.start(undefined, BEHIND)
    for (const host of ['rebound.example.com', 'kitchen.local', '192.168.1.20'])
      expect((await kobby.call('GET', '/api/v1/session', undefined, { ...through, host })).status).toBe(421)
    expect((await kobby.call('GET', '/health', undefined, { host: 'rebound.example.com' })).status).toBe(200)
  })
})
