import { clockWords } from '@core/base'

/** The time of an instant on this device, as the home says times. */
export const clockAt = (date: Date): string =>
  clockWords(`${String(date.getHours()).padStart(2, '0')}:${String(date.getMinutes()).padStart(2, '0')}`)

/** Whether everything is saved, in words. */
export function savedWords(of: { offline: boolean; pending: number; savedAt: Date | null }): string {
  if (of.offline) return 'Not saved yet: no connection'
  if (of.pending) return 'Saving'
  return of.savedAt ? `Saved ${clockAt(of.savedAt)}` : 'All saved'
}
