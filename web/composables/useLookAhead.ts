import { useTimeout, watchDebounced } from '@vueuse/core'
import { onScopeDispose, shallowRef } from 'vue'
import type { UnitSnapshot } from '@core/domain'
import type { LookAhead } from '@core/readings'
import type { LookAnswer, LookQuestion } from '../workers/lookAhead.worker'
import { useUnit } from '../stores/unit'

/** The page comes first: the worker is fetched once it has been there for a moment, in milliseconds. */
const START_AFTER = 1500
/** How long the plan must have been still before it is looked over, in milliseconds. */
const STILL_FOR = 400

/**
 * What a look over the days ahead finds, as soon as the plan has been still for a moment; null until the first answer.
 */
export function useLookAhead() {
  const store = useUnit()
  const found = shallowRef<LookAhead | null>(null)
  let worker: Worker | null = null
  let asked = 0
  /** Started when it is first needed, so that the page is there before it. */
  function start(): Worker {
    const one = new Worker(new URL('../workers/lookAhead.worker.ts', import.meta.url), { type: 'module' })
    one.addEventListener('message', ({ data }: MessageEvent<LookAnswer>) => {
      // An answer to a plan that has changed since is not wanted any more.
      if (data.id === asked) found.value = data.found
    })
    return one
  }
  const sent = new Map<string, unknown>()
  /** The library is most of a plan and stays as it is: it goes to the worker once. */
  function changedIn(snapshot: UnitSnapshot): LookQuestion['parts'] {
    const changed = Object.entries(snapshot).filter(([name, value]) => sent.get(name) !== value)
    for (const [name, value] of changed) sent.set(name, value)
    return Object.fromEntries(changed.map(([name, value]) => [name, JSON.stringify(value)]))
  }
  const started = useTimeout(START_AFTER)
  watchDebounced(
    [() => store.snapshot, started],
    ([snapshot]) => {
      if (!snapshot || !started.value) return
      worker ??= start()
      worker.postMessage({ id: ++asked, parts: changedIn(snapshot) } satisfies LookQuestion)
    },
    { debounce: STILL_FOR, immediate: true },
  )
  onScopeDispose(() => worker?.terminate())
  return found
}
