/**
 * Keeps the application and what it last read, so that the list in the shop opens where there is no network. It is for
 * those who are signed in: the page of a link never asks for it. What is written waits in the page, not here.
 */

/** The few parts of a service worker that this one touches; the page's own types do not have them. */
interface Waits extends Event {
  waitUntil: (work: Promise<unknown>) => void
}
interface Fetches extends Waits {
  request: Request
  respondWith: (answer: Promise<Response>) => void
}
interface ServiceScope {
  location: Location
  skipWaiting: () => Promise<void>
  clients: { claim: () => Promise<void> }
  addEventListener: <E extends Event>(type: string, listener: (event: E) => void) => void
}
const worker = self as unknown as ServiceScope

const FILES = 'kobby-files'
const DATA = 'kobby-data'
/** Written by the build: every file of it. */
const FILE_LIST = '/files.json'
/** How long a network that does not answer is waited for where a copy is at hand, in milliseconds. */
const PATIENCE = 4000
/** Addresses of links, and the door. */
const OF_LINK = /^\/((day|bring)\/|sign-in\/?$)/
/** What a list is made of: who is signed in, the home, its units, and what undo would do. */
const READS = /^\/api\/v1\/(session|house|units|changes\/steps|units\/[a-z0-9-]+)$/

async function keepFiles(): Promise<void> {
  const [cache, list] = [
    await caches.open(FILES),
    (await (await fetch(FILE_LIST, { cache: 'no-store' })).json()) as string[],
  ]
  const known = new Set((await cache.keys()).map((request) => new URL(request.url).pathname))
  await cache.addAll(list.filter((path) => path === '/' || !known.has(path)))
  for (const path of known) if (!list.includes(path)) await cache.delete(path)
}

/** Whether an answer says that nobody is signed in here. */
async function saysNobody(answer: Response): Promise<boolean> {
  if (answer.status === 401) return true
  return (
    answer.ok &&
    new URL(answer.url).pathname === '/api/v1/session' &&
    ((await answer.clone().json()) as { user: unknown }).user === null
  )
}

/**
 * From the network, kept; from what was kept where the network does not answer. Once nobody is signed in, what was read
 * goes.
 */
async function fresh(request: Request, cacheName: string, as: Request | string = request): Promise<Response> {
  const kept = await caches.match(as, { cacheName })
  const asked = fetch(request).then(async (answer) => {
    if (cacheName === DATA && (await saysNobody(answer))) await caches.delete(DATA)
    else if (answer.ok) await (await caches.open(cacheName)).put(as, answer.clone())
    return answer
  })
  if (!kept) return asked
  const patience = new Promise<Response>((done) => setTimeout(() => done(kept), PATIENCE))
  return Promise.race([asked.catch(() => kept), patience])
}

async function keptFile(request: Request): Promise<Response> {
  const kept = await (await caches.open(FILES)).match(request)
  return kept ?? fetch(request)
}

worker.addEventListener<Waits>('install', (event) => event.waitUntil(keepFiles().then(() => worker.skipWaiting())))
worker.addEventListener<Waits>('activate', (event) => event.waitUntil(worker.clients.claim()))
worker.addEventListener<Fetches>('fetch', (event) => {
  const { request } = event
  const url = new URL(request.url)
  if (request.method !== 'GET' || url.origin !== worker.location.origin) return
  // The page of a link and the door are another one, and not kept.
  if (request.mode === 'navigate' && OF_LINK.test(url.pathname)) return
  if (request.mode === 'navigate') event.respondWith(fresh(request, FILES, '/'))
  else if (url.pathname.startsWith('/assets/')) event.respondWith(keptFile(request))
  else if (READS.test(url.pathname)) event.respondWith(fresh(request, DATA))
})
