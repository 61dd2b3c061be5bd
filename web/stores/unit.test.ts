import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { UnitAnswer } from '@core/domain'
import { api } from '../api/client'
import * as line from '../api/liveLine'
import { readingsOf, type Readings } from '@core/readings'
import { openDemoStores } from '../testing/demoStores'
import { useRows } from './rows'
import { useUnit } from './unit'

const [RUNS, NEXT] = ['wind-and-kites', 'wheels-and-ramps']

describe('a unit that is opened while another one is on its way', () => {
  /** Answers that have been asked for, by unit, to be given when the test says so. */
  let answers: Map<string, () => void>
  let heard: string[]
  beforeEach(async () => {
    await openDemoStores(RUNS, '2026-03-10')
    const rows = useRows()
    const ideas = rows.list('idea').map((value) => ({ kind: 'idea' as const, id: value.id, version: 1, value }))
    answers = new Map()
    heard = []
    vi.spyOn(api, 'unit').mockImplementation(
      (unitId) =>
        new Promise((give) =>
          answers.set(unitId, () =>
            give({
              rows: ideas.filter((one) => one.value.unitId === unitId),
              ticks: [],
              spokenFor: [],
              steps: { undo: null, redo: null },
            } as unknown as UnitAnswer),
          ),
        ),
    )
    vi.spyOn(line, 'openLine').mockImplementation((address) => {
      heard.push(address)
      return () => undefined
    })
    useUnit().id = null
  })

  it.each([
    ['the first answer comes last', [NEXT, RUNS]],
    ['the first answer comes first', [RUNS, NEXT]],
  ])('is the one that was asked for last, where %s', async (_, order) => {
    const store = useUnit()
    const both = [store.open(RUNS), store.open(NEXT)]
    for (const unitId of order) {
      answers.get(unitId)!()
      await new Promise((taken) => setTimeout(taken))
      // It is not there before its own answer is, whatever else was answered.
      expect(store.loading).toBe(unitId === RUNS && order[0] === RUNS)
    }
    await Promise.all(both)
    expect(store.id).toBe(NEXT)
    expect(store.loading).toBe(false)
    expect(store.ideas.length).toBeGreaterThan(0)
    expect(store.ideas.every((one) => one.unitId === NEXT)).toBe(true)
    expect(heard.map((address) => new URL(address, 'http://kobby').searchParams.get('unit'))).toEqual([NEXT])
  })
})

describe('the first plan', () => {
  const isReady = async () => {
    const store = useUnit()
    while (!store.ready) await new Promise((next) => setTimeout(next))
    return store
  }
  it('that is worked out in pieces is what it is at once', async () => {
    await openDemoStores(RUNS, '2026-03-10')
    const store = await isReady()
    expect(store.fault).toBe('')
    expect(store.readings!.lines.length).toBeGreaterThan(20)
    // A plan answers questions, too: what it holds can be compared, and what was computed from it.
    const held = ({ plan, ...rest }: Readings) => ({ ...rest, program: plan.program, sessions: plan.sessions })
    expect(held(store.readings!)).toEqual(held(readingsOf(store.snapshot!)))
  })
  it('that cannot be worked out is there with what keeps it', async () => {
    await openDemoStores(RUNS, '2026-03-10')
    const rows = useRows()
    rows.accept([
      { kind: 'home', id: rows.list('home')[0].id, version: 9, value: { ...rows.list('home')[0], open: {} } },
    ])
    const store = await isReady()
    expect([store.readings, store.fault]).toEqual([null, expect.stringMatching(/open/i)])
  })
})
