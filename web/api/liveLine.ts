/**
 * How long after a line was refused it is asked for again, in milliseconds: a proxy says no while the server behind it
 * starts anew.
 */
const ASK_AGAIN_MS = 15_000

/**
 * A line on which the server tells of changes. It is let go while the page is hidden or left, since a browser keeps
 * only a few lines to one server, and taken up again when the page is back; what was said meanwhile is asked for then.
 *
 * @param address of the server-sent events
 * @param on `message` gets each event; `back` is called whenever the line is up again after it was down, `refused` when
 *   the server said no
 * @returns closes the line for good
 */
export function openLine(
  address: string,
  on: { message: (data: unknown) => void; back: () => void; refused: () => void },
): () => void {
  let source: EventSource | null = null
  let missed = false
  let again: ReturnType<typeof setTimeout> | undefined

  function open(): void {
    clearTimeout(again)
    if (source || document.hidden) return
    source = new EventSource(address)
    source.onmessage = (message) => on.message(JSON.parse(message.data as string))
    source.onerror = () => {
      missed = true
      // The browser asks again by itself, unless it was told no: then this one is over.
      if (source?.readyState !== EventSource.CLOSED) return
      source = null
      on.refused()
      again = setTimeout(open, ASK_AGAIN_MS)
    }
    source.onopen = () => {
      if (missed) on.back()
      missed = false
    }
  }
  function letGo(): void {
    clearTimeout(again)
    source?.close()
    source = null
    missed = true
  }
  const follow = () => (document.hidden ? letGo() : open())

  document.addEventListener('visibilitychange', follow)
  window.addEventListener('pagehide', letGo)
  window.addEventListener('pageshow', follow)
  open()
  return () => {
    document.removeEventListener('visibilitychange', follow)
    window.removeEventListener('pagehide', letGo)
    window.removeEventListener('pageshow', follow)
    letGo()
  }
}
