import { ref, shallowRef } from 'vue'
import type { ImportEntry } from '@core/domain'
import { ApiError } from '../api/client'

interface Entries {
  entries: ImportEntry[]
}

/** Thrown by a reader for a file that is not what it should be; each line is shown. */
export class FileProblem extends Error {
  constructor(readonly lines: string[]) {
    super(lines.join(' '))
  }
}
const linesOf = (error: unknown): string[] => {
  if (error instanceof FileProblem) return error.lines
  if (error instanceof ApiError)
    return [error.message, ...error.faults.map((fault) => `${fault.field}: ${fault.message}`)]
  return [error instanceof Error ? error.message : String(error)]
}

/**
 * A file on its way in: read and checked, shown as what it would change, then brought in or left.
 *
 * @param read makes of a file what is sent; throws a FileProblem where it cannot
 */
export function useFileIn<T>(
  read: (file: { name: string; text: string }) => T,
  calls: { preview: (value: T) => Promise<Entries>; apply: (value: T) => Promise<Entries>; done: () => Promise<void> },
) {
  const held = shallowRef<{ value: T } | null>(null)
  const entries = ref<ImportEntry[] | null>(null)
  const problems = ref<string[]>([])
  const busy = ref(false)
  const leave = () => void (held.value = entries.value = null)
  async function guarded(work: () => Promise<void>): Promise<void> {
    busy.value = true
    problems.value = []
    try {
      await work()
    } catch (error) {
      problems.value = linesOf(error)
    } finally {
      busy.value = false
    }
  }
  const take = (file: File) =>
    guarded(async () => {
      leave()
      const value = read({ name: file.name, text: await file.text() })
      entries.value = (await calls.preview(value)).entries
      held.value = { value }
    })
  const apply = () =>
    guarded(async () => {
      if (!held.value) return
      await calls.apply(held.value.value)
      leave()
      await calls.done()
    })
  return { entries, problems, busy, take, apply, leave }
}
