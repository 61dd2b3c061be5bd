import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { aBatch } from '@core/testing/build'
import { stockOp } from '@core/supplies'
import { change, Harness, TODAY } from './testing/harness'

let kobby: Harness
beforeAll(async () => {
  kobby = await Harness.withDemo()
})
afterAll(() => kobby.stop())

const WIND = 'wind-and-kites'
const made = (over: Parameters<typeof aBatch>[0] = {}) => ({ op: 'put', kind: 'batch', base: 0, value: aBatch(over) })
const post = (...ops: object[]) => kobby.call('POST', '/api/v1/changes', change(WIND, ops as never))
const batches = async (): Promise<string[]> =>
  (await kobby.call('GET', '/api/v1/batches')).body.rows
    .map((row: { value: { id: string } }) => row.value.id)
    // What the demo made stands beside.
    .filter((id: string) => !id.startsWith('demo-'))
const flour = async () => (await kobby.row('/api/v1/house', 'material', 'wheat-flour')).value as { onHand: number }

describe('what was mixed', () => {
  it('is written down with what it took, and undone with it', async () => {
    const before = (await flour()).onHand
    const used = stockOp('wheat-flour', { entryId: 'e1', change: -100, reason: 'used', date: TODAY, by: 'Maren' })
    expect((await post(made({ id: 'with-flour' }), used)).status).toBe(200)
    expect((await flour()).onHand).toBe(Math.max(0, before - 100))
    expect(await batches()).toEqual(['with-flour'])
    await kobby.call('POST', '/api/v1/changes/undo', { unitId: WIND })
    expect([(await flour()).onHand, await batches()]).toEqual([before, []])
  })
  it('comes with what is in the house before what is gone', async () => {
    await post(made({ id: 'gone', goneOn: TODAY }))
    await post(made({ id: 'here' }))
    expect(await batches()).toEqual(['here', 'gone'])
  })
  it('outlives the recipe and the unit that it was made by', async () => {
    const { body } = await post(made({ id: 'alone', recipeId: 'a-recipe-that-went', unitId: 'no-unit' }))
    expect(body.rows[0].value.recipeId).toBe('a-recipe-that-went')
  })
  it('is refused with what is no batch, at its field', async () => {
    const { status, body } = await post(made({ id: 'odd', portions: -1 }))
    expect([status, body.errors[0].field]).toEqual([422, 'ops.0.value.portions'])
  })
  it('goes into the plan file and comes back', async () => {
    const { body: file } = await kobby.call('GET', '/api/v1/plan-file')
    expect(file.batches.map((one: { id: string }) => one.id)).toEqual(expect.arrayContaining(['alone', 'gone', 'here']))
    const { body } = await kobby.call('POST', '/api/v1/plan-files/preview', file)
    expect(body.entries.filter((one: { does: string }) => one.does !== 'same')).toEqual([])
  })
})

describe('labels', () => {
  const labels = (query: string, id = 'here') => kobby.call('GET', `/api/v1/batches/${id}/labels.pdf?${query}`)
  const pages = (pdf: string) => pdf.match(/\/Type \/Page\b/g)?.length

  it('are a PDF of as many sheets as they take', async () => {
    const { status, body, headers } = await labels('count=31&sheet=letter-30')
    expect([status, headers.get('content-type')]).toEqual([200, 'application/pdf'])
    expect(body.slice(0, 5)).toBe('%PDF-')
    expect(pages(body)).toBe(2)
    expect(pages((await labels('count=30&sheet=letter-30')).body)).toBe(1)
    expect(pages((await labels('count=30&sheet=letter-30&first=2')).body)).toBe(2)
  })
  it.each([
    ['count=0', 'count', 'Print at least one label'],
    ['count=201', 'count', 'At most 200 labels at once'],
    ['sheet=letter-30&first=31', 'first', 'This sheet has 30 labels: choose one from 1 to 30'],
  ])('%s is said at its field', async (query, field, message) => {
    const { status, body } = await labels(query)
    expect([status, body.errors]).toEqual([422, [{ field, message }]])
  })
  it('are of a sheet and a batch that there is', async () => {
    expect((await labels('sheet=no-such-sheet')).status).toBe(422)
    expect((await labels('count=1', 'no-batch')).status).toBe(404)
  })
})
