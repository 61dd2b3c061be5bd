import { ref } from 'vue'
import { ApiError } from '../api/client'

/**
 * A form that the server may refuse: whether it is being sent, what is wrong with which field, and what is wrong
 * besides.
 */
export function useTold() {
  const busy = ref(false)
  const problem = ref('')
  const wrong = ref<Record<string, string>>({})

  /** Does the work; gives whether it was done. */
  async function tell(work: () => Promise<void>): Promise<boolean> {
    busy.value = true
    problem.value = ''
    wrong.value = {}
    try {
      await work()
      return true
    } catch (error) {
      if (error instanceof ApiError && error.faults.length)
        wrong.value = Object.fromEntries(error.faults.map((fault) => [fault.field, fault.message]))
      else problem.value = error instanceof Error ? error.message : String(error)
      return false
    } finally {
      busy.value = false
    }
  }
  return { busy, problem, wrong, tell }
}
