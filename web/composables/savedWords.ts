import { clockWords } from '@core/base'

const clock = (date: Date) =>
  clockWords(`${String(date.getHours()).padStart(2, '0')}:${String(date.getMinutes()).padStart(2, '0')}`)

/** Whether everything is saved, in words. */
export function savedWords(of: { offline: boolean; pending: number; savedAt: Date | null }): string {
  if (of.offline) return 'Not saved yet: no connection'
  if (of.pending) return 'Saving'
  return of.savedAt ? `Saved ${clock(of.savedAt)}` : 'All saved'
}
