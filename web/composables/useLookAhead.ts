import { watchDebounced } from '@vueuse/core'
import { onScopeDispose, shallowRef } from 'vue'
import type { LookAhead } from '@core/ahead'
import type { LookAnswer, LookQuestion } from '../workers/lookAhead.worker'
import { useUnit } from '../stores/unit'

/** How long the plan must have been still before it is looked over, in milliseconds. */
const STILL_FOR = 200

/** What a look over the days ahead finds, as soon as the plan has been still for a moment; null until the first answer. */
export function useLookAhead() {
  const store = useUnit()
  const found = shallowRef<LookAhead | null>(null)
  const worker = new Worker(new URL('../workers/lookAhead.worker.ts', import.meta.url), { type: 'module' })
  let asked = 0
  worker.addEventListener('message', ({ data }: MessageEvent<LookAnswer>) => {
    // An answer to a plan that has changed since is not wanted any more.
    if (data.id === asked) found.value = data.found
  })
  watchDebounced(() => store.snapshot, (snapshot) => {
    if (!snapshot) return
    // A copy through JSON holds nothing that could not be sent.
    worker.postMessage({ id: ++asked, snapshot: JSON.parse(JSON.stringify(snapshot)) } satisfies LookQuestion)
  }, { debounce: STILL_FOR, immediate: true })
  onScopeDispose(() => worker.terminate())
  return found
}
