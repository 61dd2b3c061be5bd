import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { PrepMark } from '@core/domain'
import { change, Harness, TODAY } from './testing/harness'

let kobby: Harness
beforeAll(async () => {
  kobby = await Harness.withDemo()
})
afterAll(() => kobby.stop())

const WIND = 'wind-and-kites'
const UNIT = `/api/v1/units/${WIND}`
const mark: PrepMark = {
  id: 'mark',
  unitId: WIND,
  placementId: 'wind-and-kites-34',
  step: 'fill-ice-boats',
  doneMinutes: 12.5,
  done: false,
  on: TODAY,
  at: '13:40',
  by: 'Maren',
  adultId: 'teo',
  pinned: { date: TODAY, from: '13:15' },
}
const put = (value: PrepMark, base = 0) =>
  kobby.call('POST', '/api/v1/changes', change(WIND, [{ op: 'put', kind: 'prepMark', base, value }]))
const marks = async (): Promise<PrepMark[]> =>
  (await kobby.call('GET', UNIT)).body.rows
    .filter((row: { kind: string }) => row.kind === 'prepMark')
    .map((row: { value: PrepMark }) => row.value)

describe('what was prepared', () => {
  it('is kept with its unit, and undone', async () => {
    expect((await put(mark)).status).toBe(200)
    expect(await marks()).toEqual([mark])
    await kobby.call('POST', '/api/v1/changes/undo', { unitId: WIND })
    expect(await marks()).toEqual([])
    await kobby.call('POST', '/api/v1/changes/redo', { unitId: WIND })
    expect(await marks()).toEqual([mark])
  })
  it('stays when its card is taken off the plan, since that may come back', async () => {
    const card = await kobby.row(UNIT, 'placement', mark.placementId)
    const taken = await kobby.call(
      'POST',
      '/api/v1/changes',
      change(WIND, [{ op: 'remove', kind: 'placement', id: mark.placementId, base: card.version }]),
    )
    expect([taken.status, await marks()]).toEqual([200, [mark]])
    await kobby.call('POST', '/api/v1/changes/undo', { unitId: WIND })
  })
  it('goes into the plan file and comes back, and not into that of the unit for others', async () => {
    const { body: file } = await kobby.call('GET', '/api/v1/plan-file')
    expect(file.prepMarks).toEqual([mark])
    const { body } = await kobby.call('POST', '/api/v1/plan-files/preview', file)
    expect(body.entries.filter((one: { does: string }) => one.does !== 'same')).toEqual([])
    expect((await kobby.call('GET', `${UNIT}/plan-file`)).body.prepMarks).toEqual([])
  })
  it.each([
    ['doneMinutes', { doneMinutes: -1 }],
    ['at', { at: '25:00' }],
    ['pinned.date', { pinned: { date: '2026-02-30', from: '13:15' } }],
    ['unitId', { unitId: 'no-unit' }],
  ])('is refused at %s', async (field, over) => {
    const { status, body } = await put({ ...mark, id: 'odd', ...over })
    expect([status, body.errors[0].field]).toEqual([422, `ops.0.value.${field}`])
  })
})

describe('the calendar of a unit', () => {
  const events = (text: string) =>
    text
      .replace(/\r\n /g, '')
      .split('BEGIN:VEVENT')
      .slice(1)
      .map(
        (one) =>
          Object.fromEntries(one.split('\r\n').map((line) => line.split(/:(.*)/s).slice(0, 2))) as Record<
            string,
            string
          >,
      )

  it('holds what is prepared when, trips, the special day and what grows, at the times of the house', async () => {
    const { status, body, headers } = await kobby.call('GET', `${UNIT}/calendar.ics`)
    expect([status, headers.get('content-type')?.split(';')[0]]).toEqual([200, 'text/calendar'])
    const all = events(body)
    expect(all.find((one) => one.SUMMARY === 'Tear the cups off the boats')).toMatchObject({
      DTSTART: expect.stringMatching(/^2026031\dT\d{6}$/),
    })
    expect(all.find((one) => one.SUMMARY === 'Kite picnic')).toMatchObject({ 'DTSTART;VALUE=DATE': '20260318' })
    expect(all.some((one) => one.SUMMARY?.startsWith('Buy: '))).toBe(true)
    expect(all.filter((one) => one.SUMMARY?.startsWith('Grass in the wind')).length).toBeGreaterThan(2)
    expect(new Set(all.map((one) => one.UID)).size).toBe(all.length)
    // No child is named in it.
    for (const name of ['Pip', 'Oona', 'Idris', 'Tamsin', 'Juno', 'Bodhi', 'Calla', 'Ravi'])
      expect(body).not.toContain(name)
  })
  it('is subscribed to by a link, until that is withdrawn', async () => {
    const { status, body: share } = await kobby.call('POST', `${UNIT}/calendar-links`, {
      label: 'Mine',
      endsOn: '2026-03-25',
    })
    expect(status).toBe(200)
    const phone = kobby.stranger()
    const { body } = await phone.call('GET', `/api/v1/calendars/${share.token}`)
    expect(events(body).length).toBeGreaterThan(5)
    // It opens nothing else.
    expect((await phone.call('GET', `/api/v1/shared/${share.token}`)).status).toBe(404)
    await kobby.call('DELETE', `${UNIT}/shares/${share.id}`)
    expect((await phone.call('GET', `/api/v1/calendars/${share.token}`)).status).toBe(410)
  })
  it('is made for no date that has passed', async () => {
    const { status, body } = await kobby.call('POST', `${UNIT}/calendar-links`, { label: 'Mine', endsOn: '2026-03-09' })
    expect([status, body.errors[0].field]).toEqual([422, 'endsOn'])
  })
})
