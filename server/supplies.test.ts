import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { stockOp, supplyListOf } from '@core/supplies'
import type { SpokenFor, AskedPage } from '@core/domain'
import { aPurchase } from '@core/testing/build'
import { Clock } from './services/clock'
import { readSource } from './services/snapshots'
import { change, Harness, TODAY } from './testing/harness'

let kobby: Harness
beforeAll(async () => {
  kobby = await Harness.withDemo()
})
afterAll(() => kobby.stop())
const WIND = '/api/v1/units/wind-and-kites'
const WHEELS = '/api/v1/units/wheels-and-ramps'
let entries = 0
const stock = (id: string, by: number, over: object = {}) => ({
  ...stockOp(id, { entryId: `entry-${++entries}`, change: by, reason: 'counted', date: TODAY, by: 'Maren' }),
  ...over,
})
const material = async (id: string) =>
  (await kobby.row('/api/v1/house', 'material', id)).value as {
    onHand: number
    packs: { size: number; price: number; seen: string | null }[]
  }
const post = (ops: object[], unitId: string | null = null) =>
  kobby.call('POST', '/api/v1/changes', change(unitId, ops as never))

describe('what is on hand', () => {
  it('adds up from two screens at once, whichever version they started from', async () => {
    const before = (await material('craft-stick')).onHand
    const answers = await Promise.all([
      post([stock('craft-stick', 50)]),
      post([stock('craft-stick', -8)]),
      post([stock('craft-stick', 5)]),
    ])
    expect(answers.map((one) => one.status)).toEqual([200, 200, 200])
    expect((await material('craft-stick')).onHand).toBe(before + 47)
    const { entries: history } = (await kobby.call('GET', '/api/v1/materials/craft-stick/history')).body
    expect(history.map((one: { change: number }) => one.change).sort()).toEqual([-8, 5, 50])
  })
  it('is never less than nothing, and the history says what was really taken', async () => {
    await post([stock('feather', -500)])
    expect((await material('feather')).onHand).toBe(0)
    expect((await kobby.call('GET', '/api/v1/materials/feather/history')).body.entries).toMatchObject([
      { change: -12, after: 0 },
    ])
  })
  it('goes back with undo, history and all', async () => {
    const before = (await material('button')).onHand
    await post([stock('button', -3), stock('large-pom-pom', 4)])
    await kobby.call('POST', '/api/v1/changes/undo', { unitId: null })
    expect((await material('button')).onHand).toBe(before)
    expect((await kobby.call('GET', '/api/v1/materials/button/history')).body.entries).toEqual([])
  })
  it('is written down as well where the whole material was put, and twice in one change adds up', async () => {
    const row = await kobby.row('/api/v1/house', 'material', 'sticker')
    await post([
      { op: 'put', kind: 'material', base: row.version, value: { ...row.value, onHand: 7 } },
      stock(row.value.id, 2),
      stock(row.value.id, 3),
    ])
    expect((await material(row.value.id)).onHand).toBe(12)
  })
  it('of a material that is gone, or by a pack of nothing, is refused at its field, and nothing is written', async () => {
    const before = (await material('button')).onHand
    const gone = await post([stock('button', 1), stock('no-such-thing', 1)])
    expect([gone.status, gone.body.errors]).toEqual([
      422,
      [{ field: 'ops.1.id', message: 'This material is not in the pantry any more' }],
    ])
    const packs = await post([stock('button', 1, { packs: [{ size: 0, price: 10, shop: 'x', seen: null }] })])
    expect([packs.status, packs.body.errors[0].field]).toEqual([422, 'ops.0.packs.0.size'])
    expect((await material('button')).onHand).toBe(before)
  })
})

describe('a material on a list', () => {
  it('cannot be removed while ideas use it, and says who does', async () => {
    const row = await kobby.row('/api/v1/house', 'material', 'large-bead')
    const answer = await post([{ op: 'remove', kind: 'material', id: 'large-bead', base: row.version }])
    expect([answer.status, answer.body.title]).toEqual([409, expect.stringContaining('Still in use by')])
  })
  it('goes with its history when nothing uses it', async () => {
    const value = { ...(await kobby.row('/api/v1/house', 'material', 'button')).value, id: 'lone', name: 'lone thing' }
    await post([{ op: 'put', kind: 'material', base: 0, value }])
    await post([stock('lone', 4)])
    const row = await kobby.row('/api/v1/house', 'material', 'lone')
    expect((await post([{ op: 'remove', kind: 'material', id: 'lone', base: row.version }])).status).toBe(200)
    expect((await kobby.call('GET', '/api/v1/materials/lone/history')).status).toBe(404)
    await kobby.call('POST', '/api/v1/changes/undo', { unitId: null })
    expect((await kobby.call('GET', '/api/v1/materials/lone/history')).body.entries).toHaveLength(1)
  })
})

describe('a line that two people tick', () => {
  const tick = (by: string) => [
    {
      op: 'put',
      kind: 'purchase',
      base: 0,
      value: aPurchase({
        id: 'buy-same-line',
        unitId: 'wind-and-kites',
        materialId: 'large-cork',
        quantity: 6,
        paid: 499,
        date: TODAY,
        by,
      }),
    },
    stock('large-cork', 6, { reason: 'bought', packs: [{ size: 6, price: 520, shop: 'the craft shop', seen: TODAY }] }),
  ]
  it('is bought once: the second is told who was first, and what is there now', async () => {
    const before = (await material('large-cork')).onHand
    expect((await post(tick('Maren'), 'wind-and-kites')).status).toBe(200)
    const second = await post(tick('Teo'), 'wind-and-kites')
    expect([second.status, second.body.conflicts]).toMatchObject([409, [{ kind: 'purchase', theirs: { by: 'Maren' } }]])
    expect(second.body.now.map((row: { kind: string }) => row.kind)).toEqual(['purchase', 'material', 'stock'])
    const after = await material('large-cork')
    expect([after.onHand, after.packs.find((pack) => pack.seen === TODAY)]).toMatchObject([
      before + 6,
      { size: 6, price: 520 },
    ])
  })
})

describe('what is bought for the house', () => {
  it("comes with every unit for a day or two, since it lies in the same cart, and is no unit's money", async () => {
    await post([
      {
        op: 'put',
        kind: 'purchase',
        base: 0,
        value: aPurchase({
          id: 'buy-for-the-house',
          unitId: null,
          materialId: 'copy-paper',
          quantity: 100,
          paid: 200,
          date: TODAY,
        }),
      },
    ])
    expect((await kobby.rows(WIND)).some((row) => row.value.id === 'buy-for-the-house')).toBe(true)
    const { snapshot } = await readSource(kobby.kobby.db, new Clock(TODAY), 'wind-and-kites')
    expect(snapshot.purchases.some((one) => one.id === 'buy-for-the-house')).toBe(false)
    await kobby.kobby
      .db('purchases')
      .where({ id: 'buy-for-the-house' })
      .update({ updated_at: '2026-01-01T00:00:00.000Z' })
    expect((await kobby.rows(WIND)).some((row) => row.value.id === 'buy-for-the-house')).toBe(false)
  })
})

describe('the list as a file', () => {
  it('is the list that the screen computes, as a table, as text, and as entries of a calendar', async () => {
    const csv = (await kobby.call('GET', `${WHEELS}/supplies.csv`)).body as string
    const lines = supplyListOf([await readSource(kobby.kobby.db, new Clock(TODAY), 'wheels-and-ramps')])
    expect(csv.trim().split('\r\n')).toHaveLength(lines.length + 1)
    const markdown = (await kobby.call('GET', `${WHEELS}/supplies.md`)).body as string
    expect(markdown).toContain('# What to get: Wheels and Ramps')
    // 4.62 m, and of the 3.20 m there Wind and Kites uses 3.00 before.
    expect(markdown).toContain('- [ ] paper from the roll: 4.42 m (1 × 9 m), by Wed 18')
    const calendar = (await kobby.call('GET', `${WHEELS}/trips.ics`)).body as string
    expect(calendar).toContain('DTSTART;VALUE=DATE:20260314')
    expect(calendar).toContain('SUMMARY:Shop: the craft shop\\, 1 thing')
  })
  it('takes other units along, and names one that is not there', async () => {
    const both = (await kobby.call('GET', `${WIND}/supplies.md?also=wheels-and-ramps`)).body as string
    expect(both).toContain('# What to get: Wind and Kites and Wheels and Ramps')
    expect((await kobby.call('GET', `${WIND}/supplies.csv?also=nowhere`)).status).toBe(404)
  })
})

describe('a unit that comes after one that runs', () => {
  const spokenFor = async (path: string) =>
    ((await kobby.call('GET', path)).body as { spokenFor: SpokenFor[] }).spokenFor
  it('is told what that one will still use up, and what it used up already is gone from the cupboard instead', async () => {
    expect(await spokenFor(WIND)).toEqual([])
    expect(await spokenFor(WHEELS)).toContainEqual({
      materialId: 'butcher-paper',
      unitId: 'wind-and-kites',
      unit: 'Wind and Kites',
      quantity: 300,
    })
    const row = (await kobby.rows(WIND)).find(
      (one) => one.kind === 'placement' && one.value.activityId === 'print-with-wheels',
    )!
    await kobby.call(
      'POST',
      '/api/v1/changes',
      change('wind-and-kites', [
        { op: 'put', kind: 'placement', base: row.version, value: { ...row.value, status: 'skipped' } },
      ]),
    )
    expect((await spokenFor(WHEELS)).some((one) => one.materialId === 'butcher-paper')).toBe(false)
  })
})

describe('the year', () => {
  it('is every purchase of it, and outlives the unit that it was for', async () => {
    const sum = async () =>
      (
        (await kobby.call('GET', '/api/v1/purchases/2026')).body.rows as {
          value: { paid: number; unitId: string | null }
        }[]
      ).reduce((total, row) => total + row.value.paid, 0)
    const before = await sum()
    const unit = await kobby.row('/api/v1/units/market-day', 'unit', 'market-day')
    expect((await post([{ op: 'remove', kind: 'unit', id: 'market-day', base: unit.version }])).status).toBe(200)
    expect(await sum()).toBe(before)
    await kobby.call('POST', '/api/v1/changes/undo', { unitId: null })
    const csv = (await kobby.call('GET', '/api/v1/purchases/2026/csv')).body as string
    expect(csv).toContain('2026-03-04,the grocer,grass seed,3.99,Activity supplies')
    expect((await kobby.call('GET', '/api/v1/purchases/1800')).status).toBe(422)
  })
})

describe('the pantry as a table', () => {
  it('goes out, shows what it would change, and comes in whole or not at all', async () => {
    const csv = (await kobby.call('GET', '/api/v1/pantry.csv')).body as string
    expect(
      (await kobby.call('POST', '/api/v1/pantry/csv/preview', { text: csv })).body.entries.every(
        (one: { does: string }) => one.does === 'same',
      ),
    ).toBe(true)
    const change = 'name,on hand,least\r\nbuttons,33,10\r\nnew lids,4,\r\n'
    expect(
      (await kobby.call('POST', '/api/v1/pantry/csv/preview', { text: change })).body.entries.map(
        (one: { does: string }) => one.does,
      ),
    ).toEqual(['replace', 'add'])
    await kobby.call('POST', '/api/v1/pantry/csv/apply', { text: change })
    expect((await material('button')).onHand).toBe(33)
    expect((await kobby.call('GET', '/api/v1/materials/button/history')).body.entries[0]).toMatchObject({
      reason: 'counted',
      after: 33,
      by: 'Maren',
    })
    const faulty = await kobby.call('POST', '/api/v1/pantry/csv/apply', { text: 'name,on hand\nbuttons,1\nlids,-4\n' })
    expect([faulty.status, faulty.body.errors[0].field, (await material('button')).onHand]).toEqual([
      422,
      'line 3, on hand',
      33,
    ])
  })
})

describe('what families are asked for', () => {
  const link = async () =>
    (await kobby.call('POST', `${WHEELS}/ask-links`, { label: 'All families', endsOn: '2026-03-18' })).body
      .token as string
  it('opens without an account, and names no child, no family and no price', async () => {
    const token = await link()
    const page = await kobby.stranger().call('GET', `/api/v1/asked/${token}`)
    const pieces = (materialId: string, name: string, open: number) => ({
      materialId,
      name,
      wanted: String(open),
      open,
      openWords: String(open),
      unit: 'each',
      bringBy: '2026-03-18',
    })
    expect(page.body).toEqual({
      home: 'Larkspur House',
      unit: 'Wheels and Ramps',
      measures: 'metric',
      clock: '12h',
      dates: 'month-first',
      endsOn: '2026-03-18',
      things: [
        pieces('cardboard-tube', 'cardboard tubes', 8),
        { ...pieces('cardboard-sheet', 'flat cardboard', 2), unit: 'sheet', wanted: '2 sheets', openWords: '2 sheets' },
        pieces('cd-disc', 'old shiny discs', 12),
      ],
    })
  })
  it('is promised once, counts as coming, and can be taken back by whoever promised it', async () => {
    const [token, guest] = [await link(), kobby.stranger()]
    const promise = { id: 'promise-one', materialId: 'cardboard-sheet', quantity: 1, family: 'A. Family' }
    const openOf = (answer: { body: AskedPage }) =>
      answer.body.things.find((thing) => thing.materialId === 'cardboard-sheet')?.open
    expect(openOf(await guest.call('POST', `/api/v1/asked/${token}/promises`, promise))).toBe(1)
    // The answer was lost and it is sent again: still one.
    expect(openOf(await guest.call('POST', `/api/v1/asked/${token}/promises`, promise))).toBe(1)
    const tooMany = await guest.call('POST', `/api/v1/asked/${token}/promises`, {
      ...promise,
      id: 'promise-two',
      quantity: 2,
    })
    expect([tooMany.status, tooMany.body.errors]).toEqual([
      422,
      [{ field: 'quantity', message: 'Only 1 sheet still open' }],
    ])
    expect(openOf(await guest.call('DELETE', `/api/v1/asked/${token}/promises/promise-one`))).toBe(2)
    expect((await guest.call('DELETE', `/api/v1/asked/${token}/promises/promise-one`)).status).toBe(404)
  })
  it('refuses nothing at all, no name, and a thing that is not asked for', async () => {
    const [token, guest] = [await link(), kobby.stranger()]
    const send = (over: object) =>
      guest.call('POST', `/api/v1/asked/${token}/promises`, {
        id: 'promise-x',
        materialId: 'cardboard-sheet',
        quantity: 1,
        family: 'A',
        ...over,
      })
    expect([
      (await send({ quantity: 0 })).body.errors[0].field,
      (await send({ family: ' ' })).body.errors[0].field,
      (await send({ materialId: 'large-bead' })).status,
    ]).toEqual(['quantity', 'family', 409])
  })
  it('does not open a day, nor a day what is asked; and ends when it is withdrawn', async () => {
    const guest = kobby.stranger()
    const day = (await kobby.call('POST', `${WIND}/shares`, { day: 5, label: 'Teo', endsOn: TODAY })).body.token
    const asked = await link()
    expect([
      (await guest.call('GET', `/api/v1/asked/${day}`)).status,
      (await guest.call('GET', `/api/v1/shared/${asked}`)).status,
    ]).toEqual([404, 404])
    const { shares } = (await kobby.call('GET', `${WHEELS}/shares`)).body
    for (const share of shares) await kobby.call('DELETE', `${WHEELS}/shares/${share.id}`)
    expect((await guest.call('GET', `/api/v1/asked/${asked}`)).status).toBe(410)
  })
})
