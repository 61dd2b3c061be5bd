import { dropReads } from '../api/keptReads'
import { dropStorage } from './kept'

/** How long after the page is there the application is kept, in milliseconds: what she does first comes before it. */
const AFTER = 4000

/**
 * Asks the browser to keep the application; what it last read is kept with it. Without that everything works, as long
 * as there is a network.
 */
export function keepOfflineCopy(): void {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return
  const ask = () => setTimeout(() => void navigator.serviceWorker.register('/sw.js').catch(() => undefined), AFTER)
  if (document.readyState === 'complete') ask()
  else window.addEventListener('load', ask, { once: true })
}

/** Lets go of all that this device kept: whoever uses this browser next is somebody else. */
export async function dropKept(): Promise<void> {
  dropStorage()
  await dropReads()
}
