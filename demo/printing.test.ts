import { describe, expect, it } from 'vitest'
import { printJob } from '@core/cards'
import { resolvePlan } from '@core/plan'
import { demoSnapshot } from './demo.test'

describe('what the demo prints', () => {
  const snapshot = demoSnapshot('wind-and-kites')
  const plan = resolvePlan(snapshot)
  it.each(snapshot.printSets.map((set) => [set.name, set] as const))('%s comes to what is kept of it', (_, set) => {
    const { made, lacks } = printJob(set, snapshot, plan)
    expect([lacks, made]).toEqual(['', set.made])
  })
  it('is kept for the unit that runs', () => expect(snapshot.printSets).toHaveLength(3))
})
