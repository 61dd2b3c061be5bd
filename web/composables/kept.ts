/** All that this device keeps, by the names under which it lies in the browser's storage. Signing out clears it, but for the look. */

/** FNV-1a with 32 bits: tells the links of one phone apart, and says nothing of them. */
function hashOf(text: string): string {
  let hash = 0x811c9dc5
  for (const sign of text) hash = Math.imul(hash ^ sign.codePointAt(0)!, 0x01000193) >>> 0
  return hash.toString(36)
}

export const KEPT = {
  /** Light or dark stays: it says nothing of anyone. */
  look: 'kobby-look',
  /** What could not be sent yet. */
  queue: 'kobby-queue',
  /** What is being mixed, and the waits of it. */
  mixing: 'kobby-mixing',
  /** What is being prepared, and since when. */
  preparing: 'kobby-preparing',
  /** On which sheet labels were printed last. */
  labels: 'kobby-labels',
  /** What was not there in a shop, that day. */
  notThere: 'kobby-not-there',
  /** What the last first plan said that it did. */
  firstPlan: 'kobby-first-plan',
  /** Under which name a family signed up last. */
  family: 'kobby-family',
  /** What was promised through a link from this device. */
  promised: (token: string): string => `kobby-promised-${token.slice(0, 12)}`,
  /** Ticks of a link that wait. */
  ticks: (token: string): string => `kobby-ticks-${hashOf(token)}`,
  /** Something long that is being written. */
  draft: (name: string): string => `kobby-draft-${name}`,
} as const
/** What the names have in common. */
const OURS = 'kobby-'

/** Lets go of all that is kept in the storage, but for the look: whoever uses this browser next is somebody else. */
export function dropStorage(): void {
  for (const key of Object.keys(localStorage))
    if (key.startsWith(OURS) && key !== KEPT.look) localStorage.removeItem(key)
  sessionStorage.clear()
}
