/**
 * Keeps the application, so that the list in the shop opens where there is no network; what it last read is kept by the
 * page itself. It is for those who are signed in: the page of a link never asks for it. What is written waits in the
 * page, not here.
 */

import type { OfflineCopy } from './offlineFiles'

/** The few parts of a service worker that this one touches; the page's own types do not have them. */
interface Waits extends Event {
  waitUntil: (work: Promise<unknown>) => void
}
interface Fetches extends Waits {
  request: Request
  preloadResponse?: Promise<Response | undefined>
  respondWith: (answer: Promise<Response>) => void
}
interface ServiceScope {
  location: Location
  skipWaiting: () => Promise<void>
  clients: { claim: () => Promise<void> }
  registration: { navigationPreload?: { enable: () => Promise<void> } }
  addEventListener: <E extends Event>(type: string, listener: (event: E) => void) => void
}
const worker = self as unknown as ServiceScope

const FILES = 'kobby-files'
/** Written by the build: every file of it, in one. Nearly three hundred one by one take the page's first seconds. */
const COPY = '/offline.json'
/** How long a network that does not answer is waited for where a copy is at hand, in milliseconds. */
const PATIENCE = 4000
/** Addresses of links, and the door. */
const OF_LINK = /^\/((day|bring)\/|sign-in\/?$)/

async function keepFiles(): Promise<void> {
  const answer = await fetch(COPY, { cache: 'no-store' })
  if (!answer.ok) throw new Error(`${COPY}: ${answer.status}`)
  const cache = await caches.open(FILES)
  await cache.put(COPY, answer)
  // An earlier form kept each by itself.
  for (const { url } of await cache.keys()) if (new URL(url).pathname !== COPY) await cache.delete(url)
}

let opened: Promise<OfflineCopy | undefined> | undefined
const openCopy = () =>
  (opened ??= caches
    .match(COPY, { cacheName: FILES })
    .then((copy) => copy?.json() as Promise<OfflineCopy> | undefined)
    .catch(() => undefined))

const bytesOf = (base64: string) => Uint8Array.from(atob(base64), (sign) => sign.charCodeAt(0))
async function fromCopy(path: string): Promise<Response | undefined> {
  const file = (await openCopy())?.[path]
  return file && new Response(file.base64 ? bytesOf(file.text) : file.text, { headers: { 'content-type': file.type } })
}

/** The page, from the network; from the copy where that does not answer, or takes too long. */
async function page({ request, preloadResponse }: Fetches): Promise<Response> {
  const asked = Promise.resolve(preloadResponse).then((early) => early ?? fetch(request))
  let late: ReturnType<typeof setTimeout> | undefined
  const patience = new Promise<Response>((done) => {
    late = setTimeout(() => void fromCopy('/').then((copy) => copy && done(copy)), PATIENCE)
  })
  const answer = asked.catch(async (error: unknown) => {
    const copy = await fromCopy('/')
    if (!copy) throw error
    return copy
  })
  return Promise.race([answer, patience]).finally(() => clearTimeout(late))
}

/** What a page of the build brings along; its name changes with what is in it, so that the browser keeps it as well. */
const file = (request: Request, path: string): Promise<Response> =>
  fetch(request).catch(async (error: unknown) => {
    const copy = await fromCopy(path)
    if (!copy) throw error
    return copy
  })

worker.addEventListener<Waits>('install', (event) => event.waitUntil(keepFiles().then(() => worker.skipWaiting())))
worker.addEventListener<Waits>('activate', (event) =>
  event.waitUntil(Promise.all([worker.registration.navigationPreload?.enable(), worker.clients.claim()])),
)
worker.addEventListener<Fetches>('fetch', (event) => {
  const { request } = event
  const { origin, pathname } = new URL(request.url)
  if (request.method !== 'GET' || origin !== worker.location.origin) return
  // The page of a link and the door are another one, and not kept.
  if (request.mode === 'navigate' && OF_LINK.test(pathname)) return
  if (request.mode === 'navigate') event.respondWith(page(event))
  else if (pathname.startsWith('/assets/')) event.respondWith(file(request, pathname))
})
