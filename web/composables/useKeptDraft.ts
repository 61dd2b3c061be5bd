import { watchDebounced } from '@vueuse/core'
import { ref, type Ref } from 'vue'
import { KEPT } from './kept'

/** How long after the last key a draft is kept, in milliseconds. */
const KEEP_AFTER = 250

/**
 * Something long that is written before it is saved: kept on this device as it grows, and picked up where it was left.
 *
 * @param name of the draft, one for each thing that is written
 * @param make what a new draft begins with
 */
export function useKeptDraft<T extends object>(name: string, make: () => T) {
  const key = KEPT.draft(name)
  const kept = localStorage.getItem(key)
  const pickedUp = ref(kept !== null)
  const draft = ref(make()) as Ref<T>
  if (kept !== null) {
    try {
      // A draft of an older version may lack what is new.
      draft.value = { ...make(), ...(JSON.parse(kept) as T) }
    } catch {
      pickedUp.value = false
    }
  }
  let first = JSON.stringify(make())
  let over = false
  const keep = () => {
    if (over) return
    if (JSON.stringify(draft.value) === first) localStorage.removeItem(key)
    else localStorage.setItem(key, JSON.stringify(draft.value))
  }
  watchDebounced(draft, keep, { deep: true, debounce: KEEP_AFTER })
  /** Lets the draft go: it was saved, or is not wanted. */
  function forget(): void {
    over = true
    localStorage.removeItem(key)
  }
  function startOver(): void {
    first = JSON.stringify(make())
    draft.value = make()
    localStorage.removeItem(key)
    pickedUp.value = false
  }
  const changed = () => JSON.stringify(draft.value) !== first
  return { draft, pickedUp, forget, startOver, changed, keep }
}
