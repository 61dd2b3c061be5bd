const clock = (date: Date) => date.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })

/** Whether everything is saved, in words. */
export function savedWords(of: { offline: boolean; pending: number; savedAt: Date | null }): string {
  if (of.offline) return 'Not saved yet: no connection'
  if (of.pending) return 'Saving'
  return of.savedAt ? `Saved ${clock(of.savedAt)}` : 'All saved'
}
