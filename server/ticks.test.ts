import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { change, Harness, linkTick } from './testing/harness'

const UNIT = 'wind-and-kites'
const PLACEMENT = 'wind-and-kites-21'
let now = new Date('2026-03-10T15:00:00Z')
let kobby: Harness
beforeAll(async () => {
  kobby = await Harness.withDemo({ today: '2026-03-10', now: () => now })
})
afterAll(() => kobby.stop())

const tick = (step: string, done = true, agoMs = 0, placementId = PLACEMENT) => ({
  op: 'tick',
  placementId,
  step,
  done,
  agoMs,
})
const send = (ops: unknown[], id?: string) =>
  kobby.call('POST', '/api/v1/changes', { ...change(UNIT, ops), ...(id && { id }) })
const ticks = async () =>
  (await kobby.call('GET', `/api/v1/units/${UNIT}`)).body.ticks as {
    placementId: string
    step: string
    done: boolean
    by: string
    at: string
  }[]
const tickOf = async (step: string) => (await ticks()).find((one) => one.step === step && one.placementId === PLACEMENT)

describe('a tick', () => {
  it('is a change like every other: in the log, heard by other screens, and taken once however often it is sent', async () => {
    const line = await kobby.listen(`/api/v1/events?unit=${UNIT}`)
    const first = await send([tick('step-1')], 'one-tick')
    expect([first.status, first.body.ticks]).toMatchObject([
      200,
      [{ step: 'step-1', done: true, by: 'Maren', at: now.toISOString() }],
    ])
    await line.until('"type":"tick"')
    line.stop()
    expect((await send([tick('step-1')], 'one-tick')).body).toMatchObject({
      seq: first.body.seq,
      ticks: [{ done: true }],
    })
    expect((await kobby.call('GET', `/api/v1/changes?unit=${UNIT}`)).body.changes[0]).toMatchObject({
      seq: first.body.seq,
      by: 'Maren',
    })
  })
  it('is not what undo takes back, and does not end what could be redone', async () => {
    const { value, version } = await kobby.row(`/api/v1/units/${UNIT}`, 'placement', PLACEMENT)
    expect(
      await send([{ op: 'put', kind: 'placement', base: version, value: { ...value, apart: !value.apart } }]),
    ).toMatchObject({ status: 200 })
    await kobby.call('POST', '/api/v1/changes/undo', { unitId: UNIT })
    const { body } = await send([tick('step-2')])
    expect(body.steps.redo).toBe('A change')
    expect((await kobby.call('POST', '/api/v1/changes/redo', { unitId: UNIT })).status).toBe(200)
    expect((await kobby.call('POST', '/api/v1/changes/undo', { unitId: UNIT })).status).toBe(200)
    expect((await tickOf('step-2'))?.done).toBe(true)
  })
  it('that waited for a network gives way to one that was made after it', async () => {
    await send([tick('step-3', true, 60_000)])
    await send([tick('step-3', false, 10_000)])
    const late = await send([tick('step-3', true, 30_000)])
    expect(late.body.ticks).toMatchObject([{ done: false, at: new Date(now.getTime() - 10_000).toISOString() }])
    now = new Date(now.getTime() + 1000)
    await send([tick('step-3')])
    expect(await tickOf('step-3')).toMatchObject({ done: true, at: now.toISOString() })
  })
  it('of what is no step, or stands in another unit, is refused by its field, with all that came with it', async () => {
    const wrong = await send([tick('step-1', false), tick('step-77')])
    expect([wrong.status, wrong.body.errors]).toEqual([
      422,
      [{ field: 'ops.1.step', message: 'This step is no longer part of it' }],
    ])
    expect((await tickOf('step-1'))?.done).toBe(true)
    const elsewhere = await kobby.call('POST', '/api/v1/changes', change('wheels-and-ramps', [tick('step-1')]))
    expect([elsewhere.status, elsewhere.body.errors[0].field]).toEqual([422, 'ops.0.placementId'])
    for (const bad of [{ agoMs: -1 }, { agoMs: 1e12 }, { agoMs: 0.5 }, { step: 'Not a step' }, { done: 1 }]) {
      expect((await send([{ ...tick('step-1'), ...bad }])).status).toBe(422)
    }
  })
  it('stays with its step when the steps are put in another order, and one is added', async () => {
    const { value: placement } = await kobby.row(`/api/v1/units/${UNIT}`, 'placement', PLACEMENT)
    const { value, version } = await kobby.row('/api/v1/house', 'activity', placement.activityId)
    const sheet = async () =>
      (await kobby.call('GET', `/api/v1/units/${UNIT}/days/4/sheet`)).body.items.find(
        (item: { placementId: string }) => item.placementId === PLACEMENT,
      )
    const ticked = (await sheet()).steps.find((step: { id: string }) => step.id === 'step-1').text
    const moved = {
      ...value,
      steps: ['Wash hands first.', ...[...value.steps].reverse()],
      stepIds: ['wash', ...value.steps.map((_: string, i: number) => `step-${value.steps.length - i}`)],
    }
    expect(
      (
        await kobby.call(
          'POST',
          '/api/v1/changes',
          change(null, [{ op: 'put', kind: 'activity', base: version, value: moved }]),
        )
      ).status,
    ).toBe(200)
    const { steps } = await sheet()
    expect([steps[0].id, steps.find((step: { id: string }) => step.id === 'step-1').text]).toEqual(['wash', ticked])
    expect((await tickOf('step-1'))?.done).toBe(true)
  })
})

describe('a tick through a link', () => {
  it('is the same tick when it is sent twice, and gives way to a later one of the owner', async () => {
    const { body: share } = await kobby.call('POST', `/api/v1/units/${UNIT}/shares`, {
      day: 4,
      label: 'Teo',
      endsOn: '2026-03-10',
    })
    const put = (body: unknown) => kobby.stranger().call('PUT', `/api/v1/shared/${share.token}/ticks`, body)
    const mine = linkTick(PLACEMENT, 'step-2', false, 5000)
    expect((await put(mine)).body).toMatchObject({ done: true })
    const later = linkTick(PLACEMENT, 'step-2', false)
    now = new Date(now.getTime() + 1000)
    expect((await put(later)).body).toMatchObject({ done: false, by: 'Teo' })
    await send([tick('step-2')])
    expect((await put(later)).body).toMatchObject({ done: true, by: 'Maren' })
    expect((await kobby.call('GET', `/api/v1/changes?unit=${UNIT}`)).body.changes[1]).toMatchObject({ by: 'Teo' })
  })
  it('cannot answer with a change of someone else by its id', async () => {
    const { body: share } = await kobby.call('POST', `/api/v1/units/${UNIT}/shares`, {
      day: 4,
      label: 'Teo',
      endsOn: '2026-03-10',
    })
    const { body } = await kobby
      .stranger()
      .call('PUT', `/api/v1/shared/${share.token}/ticks`, { ...linkTick(PLACEMENT, 'step-1', false), id: 'one-tick' })
    expect(body).toEqual({ placementId: PLACEMENT, step: 'step-1', done: false, at: now.toISOString(), by: 'Teo' })
  })
})
