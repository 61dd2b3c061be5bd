import { sayLike } from '@core/base'
import { lookAhead, type LookAhead } from '@core/readings'
import type { UnitSnapshot } from '@core/domain'
import { resolvePlan } from '@core/plan'

/**
 * A look over the days ahead tries every card on every day: beside the page, so that nothing stands still meanwhile.
 */
export interface LookQuestion {
  id: number
  snapshot: UnitSnapshot
}
export interface LookAnswer {
  id: number
  found: LookAhead | null
}

self.addEventListener('message', ({ data }: MessageEvent<LookQuestion>) => {
  const answer = (found: LookAhead | null) => self.postMessage({ id: data.id, found } satisfies LookAnswer)
  sayLike(data.snapshot.home)
  try {
    answer(lookAhead(data.snapshot, resolvePlan(data.snapshot)))
  } catch {
    // What keeps the plan from being resolved is said by the page itself.
    answer(null)
  }
})
