import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Change, TickOp, Applied } from '@core/domain'
import { api, ApiError } from '../api/client'
import { withBrowserParts } from '../testing/browserParts'
import { keptQueue } from './keptQueue'
import { useTicks } from './ticks'
import { useWriter } from './writer'

const NOON = new Date('2026-03-10T12:00:00Z')
let kept: Map<string, string>
beforeEach(() => {
  kept = withBrowserParts()
  setActivePinia(createPinia())
  vi.useFakeTimers({ now: NOON })
})
afterEach(() => {
  vi.restoreAllMocks()
  vi.useRealTimers()
})

/** A server that takes ticks as the real one does. */
function server(fails: () => ApiError | null = () => null): Change[] {
  const sent: Change[] = []
  vi.spyOn(api, 'change').mockImplementation(async (change) => {
    const error = fails()
    if (error) throw error
    sent.push(structuredClone(change))
    const ticks = change.ops.map((op) => ({
      placementId: (op as TickOp).placementId,
      step: (op as TickOp).step,
      done: (op as TickOp).done,
      at: new Date(Date.now() - (op as TickOp).agoMs).toISOString(),
      by: 'Maren',
    }))
    return {
      changeId: change.id,
      seq: sent.length,
      label: change.label,
      rows: [],
      ticks,
      steps: { undo: null, redo: null },
    } satisfies Applied
  })
  return sent
}
const mine = (done = true, step = 'step-1') => ({ placementId: 'p', step, done, by: 'Maren' })
const NO_NETWORK = new ApiError(0, 'No connection')

describe('the owner’s tick', () => {
  it('shows at once, is sent, and says how long ago it was made', async () => {
    const sent = server()
    await useWriter().tick('unit', 'Ticked: One', mine())
    expect(useTicks().all).toEqual([{ ...mine(), at: NOON.toISOString() }])
    expect(sent).toMatchObject([
      {
        unitId: 'unit',
        label: 'Ticked: One',
        ops: [{ op: 'tick', placementId: 'p', step: 'step-1', done: true, agoMs: 0 }],
      },
    ])
  })
  it('made without a network is kept over a reload, still shown, and sent with its age when the network is back', async () => {
    let offline = true
    const sent = server(() => (offline ? NO_NETWORK : null))
    await useWriter().tick('unit', 'Ticked: One', mine())
    expect([useTicks().all.length, useWriter().offline, kept.has('kobby-queue')]).toEqual([1, true, true])
    // The page is left and opened again an hour later.
    setActivePinia(createPinia())
    vi.setSystemTime(new Date(NOON.getTime() + 3_600_000))
    const writer = useWriter()
    writer.showTicks([])
    expect(useTicks().all).toMatchObject([mine()])
    offline = false
    await writer.flush()
    expect(sent).toMatchObject([{ ops: [{ agoMs: 3_600_000 }] }])
    expect([useTicks().all[0].at, kept.has('kobby-queue')]).toEqual([NOON.toISOString(), false])
  })
  it('is not lost to an answer that was on its way when it was taken', async () => {
    server()
    const writer = useWriter()
    const answers = ['older than the tick', 'with the tick']
    let reads = 0
    const answer = await writer.readPast(async () => {
      const now = answers[reads++]
      // The first answer is made before the tick is taken, and arrives after it.
      if (reads === 1) await writer.tick('unit', 'Ticked: One', mine())
      return now
    })
    expect([answer, reads]).toEqual(['with the tick', 2])
  })
  it('that is refused is taken back to what stood there, and said', async () => {
    useTicks().replace([{ ...mine(false), at: 'before' }])
    server(
      () =>
        new ApiError(422, 'Some fields need another look.', [
          { field: 'ops.0.step', message: 'This step is no longer part of it' },
        ]),
    )
    await useWriter().tick('unit', 'Ticked: One', mine())
    expect(useTicks().all).toEqual([{ ...mine(false), at: 'before' }])
    expect(useWriter().problem).toBe(
      '“Ticked: One” was not saved. Some fields need another look. step: This step is no longer part of it',
    )
    await useWriter().tick('unit', 'Ticked: Two', mine(true, 'step-2'))
    expect(useTicks().all.some((one) => one.step === 'step-2')).toBe(false)
  })
  it('that waits is not painted over by what another screen said before it', async () => {
    server(() => NO_NETWORK)
    await useWriter().tick('unit', 'Ticked: One', mine())
    useWriter().takeTicks([
      { ...mine(false), at: 'earlier', by: 'Teo' },
      { ...mine(true, 'step-2'), at: 'earlier', by: 'Teo' },
    ])
    expect(useTicks().all.map((one) => [one.step, one.done, one.by])).toEqual([
      ['step-1', true, 'Maren'],
      ['step-2', true, 'Teo'],
    ])
  })
})

describe('what waits on a device', () => {
  it('is sent in order, one at a time, and again after a while where it must wait', async () => {
    const [tried, sent]: [string[], string[]] = [[], []]
    let fails = 2
    const queue = keptQueue<string>('waits', async (first) => {
      tried.push(first)
      if (fails-- > 0) return 'again'
      sent.push(first)
      queue.set(queue.waiting.value.slice(1))
      return 'next'
    })
    await Promise.all([queue.add('a'), queue.add('b')])
    expect([tried, queue.pending.value]).toEqual([['a'], 2])
    await vi.advanceTimersByTimeAsync(5000)
    expect([sent, queue.pending.value, kept.has('waits')]).toEqual([['a', 'b'], 0, false])
  })
  it('is picked up by whoever opens the page again, whatever lies beside it', async () => {
    keptQueue<number>('one', async () => 'halt').set([1, 2])
    kept.set('broken', '{"not": "a list"}')
    kept.set('cut', '[1,')
    expect(
      ['one', 'broken', 'cut', 'none'].map((name) => keptQueue<number>(name, async () => 'halt').waiting.value),
    ).toEqual([[1, 2], [], [], []])
  })
})
