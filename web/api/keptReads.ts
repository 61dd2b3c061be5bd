/**
 * What was last read of what a list is made of, kept in the browser so that it opens where there is no network. The
 * page does it rather than its service worker: the home is a megabyte, which would pass through both at every start.
 */

const CACHE = 'kobby-data'
/** Who is signed in, the home, its units, and what undo would do. */
const READS = /^\/api\/v1\/(session|house|units|changes\/steps|units\/[a-z0-9-]+)(\?|$)/
/** How long a network that does not answer is waited for where a copy is at hand, in milliseconds. */
const PATIENCE = 4000
/** The longest that writing it down waits for a busy page, in milliseconds. */
const LONGEST = 3000

export interface Answer {
  status: number
  text: string
}

const canKeep = import.meta.env.PROD && 'caches' in globalThis

async function fromNetwork(url: string, init?: RequestInit): Promise<Answer & { etag: string | null }> {
  const response = await fetch(url, init)
  return { status: response.status, text: await response.text(), etag: response.headers.get('etag') }
}

/** One after the other: what is let go of does not come back by a copy that was still being written. */
let line: Promise<unknown> = Promise.resolve()
const inLine = <T>(work: () => Promise<T>): Promise<T | undefined> => {
  const done = line.then(work).catch(() => undefined)
  line = done
  return done
}

const waiting = new Map<string, { text: string; etag: string | null }>()
function keep(url: string, answer: { text: string; etag: string | null }): void {
  waiting.set(url, answer)
  if (waiting.size > 1) return
  const write = () => void inLine(writeDown)
  if ('requestIdleCallback' in window) requestIdleCallback(write, { timeout: LONGEST })
  else setTimeout(write, LONGEST)
}
async function writeDown(): Promise<void> {
  const answers = [...waiting]
  waiting.clear()
  if (!answers.length) return
  const cache = await caches.open(CACHE)
  for (const [url, { text, etag }] of answers) {
    // The home changes far less often than it is read.
    if (etag && (await cache.match(url))?.headers.get('etag') === etag) continue
    const headers = { 'content-type': 'application/json', ...(etag ? { etag } : {}) }
    await cache.put(url, new Response(text, { headers }))
  }
}

/** Whether an answer says that nobody is signed in here: what was read before goes. */
const saysNobody = (url: string, { status, text }: Answer): boolean =>
  status === 401 ||
  (status === 200 && url.endsWith('/session') && (JSON.parse(text) as { user: unknown }).user === null)

async function kept(url: string): Promise<Answer | undefined> {
  const copy = await caches.match(url, { cacheName: CACHE }).catch(() => undefined)
  return copy && { status: copy.status, text: await copy.text() }
}

/**
 * Asks the server. What a list is made of comes from what was kept where the network does not answer, or takes too
 * long.
 *
 * @throws TypeError where there is neither
 */
export async function ask(url: string, init?: RequestInit): Promise<Answer> {
  if (!canKeep || init?.method !== 'GET' || !READS.test(url)) return fromNetwork(url, init)
  let late: ReturnType<typeof setTimeout> | undefined
  const asked = fromNetwork(url, init).then((answer) => {
    clearTimeout(late)
    if (saysNobody(url, answer)) void dropReads()
    else if (answer.status === 200) keep(url, answer)
    return answer
  })
  const patience = new Promise<Answer>((done) => {
    late = setTimeout(() => void kept(url).then((copy) => copy && done(copy)), PATIENCE)
  })
  return Promise.race([
    asked.catch(async (error: unknown) => {
      clearTimeout(late)
      const copy = await kept(url)
      if (!copy) throw error
      return copy
    }),
    patience,
  ])
}

/** Lets go of what was read. */
export async function dropReads(): Promise<void> {
  if (!canKeep) return
  waiting.clear()
  await inLine(async () => {
    waiting.clear()
    await caches.delete(CACHE)
  })
}
