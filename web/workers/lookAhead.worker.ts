import { sayLike } from '@core/base'
import { lookAhead, type LookAhead } from '@core/readings'
import type { UnitSnapshot } from '@core/domain'
import { resolvePlan } from '@core/plan'

/**
 * A look over the days ahead tries every card on every day: beside the page, so that nothing stands still meanwhile.
 */
export interface LookQuestion {
  id: number
  /** What of the plan is another than in the question before, as JSON: it holds nothing that could not be sent. */
  parts: Partial<Record<keyof UnitSnapshot, string>>
}
export interface LookAnswer {
  id: number
  found: LookAhead | null
}

const plan: Record<string, unknown> = {}

self.addEventListener('message', ({ data }: MessageEvent<LookQuestion>) => {
  const answer = (found: LookAhead | null) => self.postMessage({ id: data.id, found } satisfies LookAnswer)
  for (const [name, text] of Object.entries(data.parts)) plan[name] = JSON.parse(text)
  const snapshot = { ...plan } as unknown as UnitSnapshot
  sayLike(snapshot.home)
  try {
    answer(lookAhead(snapshot, resolvePlan(snapshot)))
  } catch {
    // What keeps the plan from being resolved is said by the page itself.
    answer(null)
  }
})
