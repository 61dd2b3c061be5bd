import { computed, shallowRef } from 'vue'

/** What became of the first that waited: it is dealt with, it waits for the network, or it waits for a choice. */
export type Outcome = 'next' | 'again' | 'halt'

const RETRY_MS = 2000

/** What was kept under a name, if it is a list. */
function kept<T>(name: string): T[] {
  try {
    const list: unknown = JSON.parse(localStorage.getItem(name) ?? '[]')
    return Array.isArray(list) ? (list as T[]) : []
  } catch {
    return []
  }
}

/**
 * What waits to be sent, kept on the device over a reload and a restart, and sent in order: one after the other, again
 * when the network is back, never twice at once.
 *
 * @param name under which it is kept on the device
 * @param send deals with the first that waits; on 'next' it has taken it out itself, by {@link KeptQueue.set}
 */
export function keptQueue<T>(name: string, send: (first: T) => Promise<Outcome>) {
  const waiting = shallowRef<T[]>(kept(name))
  const pending = computed(() => waiting.value.length)
  let sending: Promise<void> | null = null

  function set(list: T[]): void {
    waiting.value = list
    if (list.length) localStorage.setItem(name, JSON.stringify(list))
    else localStorage.removeItem(name)
  }
  async function sendAll(): Promise<void> {
    while (waiting.value.length) {
      const outcome = await send(waiting.value[0])
      if (outcome === 'again') setTimeout(() => void flush(), RETRY_MS)
      if (outcome !== 'next') return
    }
  }
  /** Sends what waits, in order. */
  function flush(): Promise<void> {
    sending ??= sendAll().finally(() => {
      sending = null
    })
    return sending
  }
  /** Lets one more wait, and sends. */
  function add(item: T): Promise<void> {
    set([...waiting.value, item])
    return flush()
  }
  const online = () => void flush()
  globalThis.addEventListener?.('online', online)
  /** Ends it on this page; what waits stays kept. */
  const stop = () => globalThis.removeEventListener?.('online', online)

  return { waiting, pending, set, add, flush, stop }
}
export type KeptQueue<T> = ReturnType<typeof keptQueue<T>>
