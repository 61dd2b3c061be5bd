import { dropStorage } from './kept'

/**
 * Asks the browser to keep the application and what it last read. Without it everything works, as long as there is a
 * network.
 */
export function keepOfflineCopy(): void {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return
  const ask = () => void navigator.serviceWorker.register('/sw.js').catch(() => undefined)
  // Not before the page is shown: it would fetch the same files beside it.
  if (document.readyState === 'complete') setTimeout(ask)
  else window.addEventListener('load', () => setTimeout(ask), { once: true })
}

/** Lets go of what was read. */
export async function dropOfflineCopy(): Promise<void> {
  if ('caches' in globalThis) await caches.delete('kobby-data')
}

/** Lets go of all that this device kept: whoever uses this browser next is somebody else. */
export async function dropKept(): Promise<void> {
  dropStorage()
  await dropOfflineCopy()
}
