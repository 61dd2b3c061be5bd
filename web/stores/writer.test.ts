import { createPinia, setActivePinia } from 'pinia'
import { reactive } from 'vue'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Change, RowOp, Applied } from '@core/domain'
import { aCenter, aMaterial, aPurchase } from '@core/testing/build'
import { stockOp } from '@core/supplies'
import { api, ApiError } from '../api/client'
import { withBrowserParts } from '../testing/browserParts'
import { useRows } from './rows'
import { useWriter } from './writer'

let kept: Map<string, string>
beforeEach(() => {
  kept = withBrowserParts()
  setActivePinia(createPinia())
  vi.useFakeTimers()
})
afterEach(() => {
  vi.restoreAllMocks()
  vi.useRealTimers()
})

/** A server that counts versions up as the real one does, and remembers what it was sent. */
function server(answer?: (change: Change) => void) {
  const sent: Change[] = []
  const versions = new Map<string, number>()
  vi.spyOn(api, 'change').mockImplementation(async (change) => {
    answer?.(change)
    sent.push(structuredClone(change))
    const rows = (change.ops as RowOp[]).map((op) => {
      const id = op.op === 'put' ? op.value.id : op.id
      versions.set(id, (versions.get(id) ?? 0) + 1)
      return { kind: op.kind, id, version: versions.get(id)!, value: op.op === 'put' ? op.value : null }
    })
    return { changeId: change.id, label: change.label, rows, steps: { undo: change.label, redo: null } } as Applied
  })
  return sent
}
const art = (over = {}) => ({ put: 'center' as const, value: aCenter(over) })
const offline = () => new ApiError(0, 'No connection')

describe('a change', () => {
  it('shows at once, and is saved with what undo would do', async () => {
    server()
    const [rows, writer] = [useRows(), useWriter()]
    const saving = writer.commit(null, 'Add a center', [art()])
    expect(rows.get('center', 'art')?.name).toBe('Art table')
    expect(writer.pending).toBe(1)
    await saving
    expect([writer.pending, rows.version('center', 'art'), writer.stepsOf(null).undo]).toEqual([0, 1, 'Add a center'])
    expect(kept.size).toBe(0)
  })
  it('stays kept when the session was ended meanwhile: it is saved once she signed in again', async () => {
    let ended = true
    const sent = server(() => {
      if (ended) throw new ApiError(401, 'Please sign in')
    })
    const writer = useWriter()
    await writer.commit(null, 'Add a center', [art()])
    expect([sent.length, writer.pending, writer.problem, kept.size]).toEqual([0, 1, '', 1])
    ended = false
    await writer.flush()
    expect([sent.length, writer.pending]).toEqual([1, 0])
  })
  it('starts from the version that the one before it made', async () => {
    const sent = server()
    const writer = useWriter()
    void writer.commit(null, 'One', [art({ atOnce: 2 })])
    await writer.commit(null, 'Two', [art({ atOnce: 3 })])
    expect(sent.map((change) => (change.ops[0] as { base: number }).base)).toEqual([0, 1])
    expect(useRows().get('center', 'art')?.atOnce).toBe(3)
  })
  it('is kept plain, whatever a form hands over', async () => {
    server()
    await useWriter().commit(null, 'Add a center', [
      { put: 'center', value: reactive(aCenter({ spot: { x: 1, y: 2, wide: 3, high: 2 } })) },
    ])
    expect(structuredClone(useRows().get('center', 'art'))).toEqual(aCenter({ spot: { x: 1, y: 2, wide: 3, high: 2 } }))
  })
  it('that is answered as it was sent is no news for what is computed from the list', async () => {
    server()
    const [rows, writer] = [useRows(), useWriter()]
    const saving = writer.commit(null, 'Add a center', [art()])
    const shown = rows.list('center')
    await saving
    expect([rows.version('center', 'art'), rows.list('center') === shown]).toEqual([1, true])
    rows.accept([{ kind: 'center', id: 'art', version: 2, value: aCenter({ name: 'Another' }) }])
    expect(rows.list('center').map((one) => one.name)).toEqual(['Another'])
  })
  it('takes back a removal that the server refuses, and says why at its field', async () => {
    const [rows, writer] = [useRows(), useWriter()]
    rows.accept([{ kind: 'center', id: 'art', version: 4, value: aCenter() }])
    server(() => {
      throw new ApiError(422, 'Some fields need another look.', [{ field: 'ops.0.value.atOnce', message: 'Too many' }])
    })
    await writer.commit(null, 'Remove it', [{ remove: 'center', id: 'art' }])
    expect(rows.get('center', 'art')).toEqual(aCenter())
    expect(writer.problem).toBe('“Remove it” was not saved. Some fields need another look. atOnce: Too many')
  })
})

describe('without a connection', () => {
  it('waits, is kept over a reload, and goes when it is back', async () => {
    let down = true
    const sent = server(() => {
      if (down) throw offline()
    })
    const writer = useWriter()
    await writer.commit(null, 'Away', [art()])
    expect([writer.offline, writer.pending]).toEqual([true, 1])
    expect(kept.get('kobby-queue')).toContain('Away')

    setActivePinia(createPinia())
    const again = useWriter()
    again.resume(['center'])
    expect(useRows().get('center', 'art')?.name).toBe('Art table')
    down = false
    await vi.runAllTimersAsync()
    await again.flush()
    expect([again.pending, again.offline, kept.size]).toEqual([0, false, 0])
    // It went under the id that it was made with, so that a lost answer is not written twice.
    expect(new Set(sent.map((change) => change.id)).size).toBe(1)
  })
})

describe('a change by an amount', () => {
  const take = (by: number, over = {}) => ({
    stock: stockOp('thing', {
      entryId: `entry-${by}`,
      change: by,
      reason: 'bought',
      date: '2026-03-10',
      by: 'Maren',
      ...over,
    }),
  })
  const thing = (onHand: number, version: number) => ({
    kind: 'material' as const,
    id: 'thing',
    version,
    value: aMaterial({ onHand }),
  })
  const onHand = () => useRows().get('material', 'thing')?.onHand
  it('shows at once, and is laid over what the server has, however many still wait', async () => {
    let down = true
    const [rows, writer] = [useRows(), useWriter()]
    rows.accept([thing(10, 3)])
    let now = 100
    vi.spyOn(api, 'change').mockImplementation(async (change) => {
      if (down) throw offline()
      const [op] = change.ops
      // Someone else counted a hundred meanwhile.
      now += op.op === 'stock' ? op.change : 0
      return {
        changeId: change.id,
        label: change.label,
        rows: [thing(now, 7)],
        steps: { undo: null, redo: null },
      } as Applied
    })
    await writer.commit(null, 'Got 5', [take(5)])
    await writer.commit(null, 'Got 2', [take(2)])
    expect(onHand()).toBe(17)
    // The house is read anew while both wait: they are laid over it once.
    rows.accept([thing(100, 6)])
    writer.resume(['material'])
    expect(onHand()).toBe(107)
    writer.resume(['placement'])
    expect(onHand()).toBe(107)
    down = false
    await vi.runAllTimersAsync()
    await writer.flush()
    expect([onHand(), writer.pending]).toEqual([107, 0])
  })
  const tick = (by: string) => [{ put: 'purchase' as const, value: aPurchase({ id: 'line', by }) }, take(20)]
  it('that ticks a line which someone has ticked is bought once, and the rest of what waits goes on', async () => {
    const [rows, writer] = [useRows(), useWriter()]
    rows.accept([thing(10, 3)])
    const theirs = aPurchase({ id: 'line', by: 'Teo' })
    const sent: string[] = []
    vi.spyOn(api, 'change').mockImplementation(async (change) => {
      if (change.label === 'Got it')
        throw new ApiError(
          409,
          'Someone changed this',
          [],
          [{ kind: 'purchase', id: 'line', version: 1, yours: null, theirs }],
          [{ kind: 'purchase', id: 'line', version: 1, value: theirs }, thing(30, 4)],
        )
      sent.push(change.label)
      return {
        changeId: change.id,
        label: change.label,
        rows: [thing(33, 5)],
        steps: { undo: null, redo: null },
      } as Applied
    })
    void writer.commit(null, 'Got it', tick('Maren'))
    await writer.commit(null, 'Got 3', [take(3)])
    expect([onHand(), sent, writer.conflict, writer.pending]).toEqual([33, ['Got 3'], null, 0])
    expect(writer.twice).toMatchObject([{ materialId: 'thing', by: 'Teo' }])
    expect(useRows().get('purchase', 'line')?.by).toBe('Teo')
    writer.forget(0)
    expect(writer.twice).toEqual([])
  })
  it('that is refused is taken back alone: other ticks that wait are kept', async () => {
    const [rows, writer] = [useRows(), useWriter()]
    rows.accept([
      thing(10, 3),
      { kind: 'material', id: 'gone', version: 1, value: aMaterial({ id: 'gone', onHand: 1 }) },
    ])
    let down = true
    vi.spyOn(api, 'change').mockImplementation(async (change) => {
      if (down) throw offline()
      if (change.ops[0].op === 'stock' && change.ops[0].id === 'gone')
        throw new ApiError(422, 'Some fields need another look.', [
          { field: 'ops.0.id', message: 'This material is not in the pantry any more' },
        ])
      return {
        changeId: change.id,
        label: change.label,
        rows: [thing(15, 4)],
        steps: { undo: null, redo: null },
      } as Applied
    })
    await writer.commit(null, 'Got the gone', [{ stock: { ...take(4).stock, id: 'gone' } }])
    await writer.commit(null, 'Got 5', [take(5)])
    down = false
    await writer.flush()
    expect([onHand(), rows.get('material', 'gone')?.onHand, writer.pending]).toEqual([15, 1, 0])
    expect(writer.problem).toBe(
      '“Got the gone” was not saved. Some fields need another look. id: This material is not in the pantry any more',
    )
  })
})

describe('two people', () => {
  const theirs = aCenter({ name: 'Theirs' })
  function conflictOnce() {
    let first = true
    return server(() => {
      if (!first) return
      first = false
      throw new ApiError(
        409,
        'Someone changed this',
        [],
        [{ kind: 'center', id: 'art', version: 7, yours: null, theirs }],
      )
    })
  }
  it('are asked, and nothing is overwritten meanwhile', async () => {
    const sent = conflictOnce()
    const writer = useWriter()
    await writer.commit(null, 'Mine', [art({ name: 'Mine' })])
    expect(writer.conflict?.label).toBe('Mine')
    expect(sent).toEqual([])
  })
  it('can keep what the other wrote', async () => {
    conflictOnce()
    const writer = useWriter()
    await writer.commit(null, 'Mine', [art({ name: 'Mine' })])
    await writer.settle('theirs')
    expect([useRows().get('center', 'art')?.name, useRows().version('center', 'art'), writer.pending]).toEqual([
      'Theirs',
      7,
      0,
    ])
  })
  it('can put their own over it, from the version that is there', async () => {
    const sent = conflictOnce()
    const writer = useWriter()
    await writer.commit(null, 'Mine', [art({ name: 'Mine' })])
    await writer.settle('mine')
    expect([(sent[0].ops[0] as { base: number }).base, writer.conflict]).toEqual([7, null])
  })
  it('hear each other, but not over what still waits here', async () => {
    server(() => {
      throw offline()
    })
    const [rows, writer] = [useRows(), useWriter()]
    await writer.commit(null, 'Mine', [art({ name: 'Mine' })])
    writer.hear('another', [
      { kind: 'center', id: 'art', version: 9, value: theirs },
      { kind: 'center', id: 'easel', version: 2, value: aCenter({ id: 'easel' }) },
    ])
    expect(rows.get('center', 'art')?.name).toBe('Mine')
    expect(rows.get('center', 'easel')).toBeDefined()
    writer.hear('late', [{ kind: 'center', id: 'easel', version: 1, value: aCenter({ id: 'easel', name: 'Older' }) }])
    expect(rows.get('center', 'easel')?.name).toBe('Art table')
  })
})

it('undoes and redoes by what the server answers, and says which', async () => {
  const [rows, writer] = [useRows(), useWriter()]
  rows.accept([{ kind: 'center', id: 'art', version: 2, value: aCenter({ name: 'After' }) }])
  vi.spyOn(api, 'undo').mockResolvedValue({
    changeId: 'c',
    seq: 2,
    label: 'Rename',
    rows: [{ kind: 'center', id: 'art', version: 3, value: aCenter({ name: 'Before' }) }],
    ticks: [],
    steps: { undo: null, redo: 'Rename' },
  })
  await writer.undo(null)
  expect([rows.get('center', 'art')?.name, writer.said, writer.stepsOf(null).redo]).toEqual([
    'Before',
    'Undone: Rename',
    'Rename',
  ])
  vi.spyOn(api, 'redo').mockRejectedValue(new ApiError(409, 'There is nothing to redo'))
  await writer.redo(null)
  expect(writer.said).toBe('There is nothing to redo')
})
