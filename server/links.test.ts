import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { Clock } from './services/clock'
import { hashPassword, passwordMatches } from './services/passwords'
import { newToken } from './services/secrets'
import { change, Harness, OWNER, TODAY } from './testing/harness'

let kobby: Harness
beforeAll(async () => {
  kobby = await Harness.withDemo()
})
afterAll(() => kobby.stop())
const WIND = '/api/v1/units/wind-and-kites'

describe('links', () => {
  it('stop answering someone who tries many that are not known', async () => {
    const guesser = kobby.stranger()
    const statuses: number[] = []
    for (let i = 0; i < 62; i++) statuses.push((await guesser.call('GET', `/api/v1/shared/${newToken()}`)).status)
    expect(statuses.slice(0, 60).every((status) => status === 404)).toBe(true)
    expect(statuses.slice(60)).toEqual([429, 429])
  })
  it('are never the same twice', () => expect(new Set(Array.from({ length: 500 }, newToken)).size).toBe(500))
  it('go with their unit', async () => {
    await kobby.call('POST', `${WIND}/shares`, { day: 5, label: 'Teo', endsOn: TODAY })
    const unit = await kobby.row(WIND, 'unit', 'wind-and-kites')
    const removed = await kobby.call(
      'POST',
      '/api/v1/changes',
      change(null, [{ op: 'remove', kind: 'unit', id: 'wind-and-kites', base: unit.version }]),
    )
    expect(removed.status).toBe(200)
    expect(await kobby.kobby.db('shares')).toEqual([])
    await kobby.call('POST', '/api/v1/changes/undo', { unitId: null })
    expect((await kobby.call('GET', WIND)).status).toBe(200)
  })
})

describe('the log', () => {
  it('says what was changed and by whom, the newest first, and what was taken back', async () => {
    const row = await kobby.row('/api/v1/house', 'center', 'easel')
    const put = (note: string, base: number) =>
      change(null, [{ op: 'put', kind: 'center', base, value: { ...row.value, note } }], `Note ${note}`)
    await kobby.call('POST', '/api/v1/changes', put('one', row.version))
    await kobby.call('POST', '/api/v1/changes', put('two', row.version + 1))
    await kobby.call('POST', '/api/v1/changes/undo', { unitId: null })
    const { changes } = (await kobby.call('GET', '/api/v1/changes')).body
    expect(changes.slice(0, 2)).toMatchObject([
      { label: 'Note two', by: OWNER.name, state: 'undone' },
      { label: 'Note one', by: OWNER.name, state: 'done' },
    ])
    // Something new ends what could be done again.
    const now = await kobby.row('/api/v1/house', 'center', 'easel')
    await kobby.call('POST', '/api/v1/changes', put('three', now.version))
    expect((await kobby.call('GET', '/api/v1/changes/steps')).body).toEqual({ undo: 'Note three', redo: null })
    expect((await kobby.call('POST', '/api/v1/changes/redo', { unitId: null })).status).toBe(409)
  })
  it('keeps the undo of a unit apart from that of the home', async () => {
    expect((await kobby.call('GET', '/api/v1/changes/steps?unit=wind-and-kites')).body).toEqual({
      undo: null,
      redo: null,
    })
    expect((await kobby.call('POST', '/api/v1/changes/undo', { unitId: 'wind-and-kites' })).body.title).toBe(
      'There is nothing to undo',
    )
  })
  it('does not let the move into a home be undone', async () => {
    const fresh = await Harness.withDemo()
    expect((await fresh.call('POST', '/api/v1/changes/undo', { unitId: null })).status).toBe(409)
    await fresh.stop()
  })
})

describe('today', () => {
  it('is the fixed date, or that of the home’s own time zone', async () => {
    expect(await new Clock('2026-03-10').today(kobby.kobby.db)).toBe('2026-03-10')
    const here = new Intl.DateTimeFormat('en-CA', { timeZone: 'America/New_York' }).format(new Date())
    expect(await new Clock().today(kobby.kobby.db)).toBe(here)
  })
  it('refuses a fixed date that does not exist', () => expect(() => new Clock('2026-02-30')).toThrow('KOBBY_TODAY'))
})

it('tells a right password from a wrong one, whatever way its letters were typed', async () => {
  const stored = await hashPassword('caf\u00e9 in the yard')
  expect(await passwordMatches('cafe\u0301 in the yard', stored)).toBe(true)
  expect(await passwordMatches('cafe in the yard', stored)).toBe(false)
  expect(await hashPassword('same words here')).not.toBe(await hashPassword('same words here'))
})
