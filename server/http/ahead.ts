import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

/** What the build says of its files: by a chunk's name, the addresses of its scripts and styles, and of what it takes. */
type ChunkFiles = Record<string, string[]>

/** A step of a unit, by its address. */
const STEP = /^\/units\/([^/]+)\/([a-z-]+)$/
const HOME = ['/api/v1/session', '/api/v1/house?part=home', '/api/v1/units', '/api/v1/changes/steps']
const LIBRARY = '/api/v1/house?part=library'
/** The only page that shows nothing of the library: it asks for that once it is drawn. */
const LIST = '/units'

const viewOf = (step: string) =>
  `${step.replace(/(^|-)([a-z])/g, (_, _dash: string, letter: string) => letter.toUpperCase())}View`
const script = (address: string) =>
  `<${address}>; rel=${address.endsWith('.css') ? 'preload; as=style; crossorigin' : 'modulepreload'}`
const answer = (address: string) => `<${address}>; rel=preload; as=fetch; crossorigin`

/**
 * What a page of the application is about to ask for, as its `Link` header: asked for beside the first scripts rather
 * than by them, since each of these would wait for the one before on its way to the server and back.
 *
 * @param root where the built interface is
 * @returns the header's lines for a path below it
 */
export function askedAhead(root: string): (path: string) => string[] {
  let files: ChunkFiles | null = null
  return (path) => {
    // The interface may still be being written: then what it is made of is asked for by the page itself.
    const list = join(root, 'chunks.json')
    if (!files && existsSync(list)) files = JSON.parse(readFileSync(list, 'utf8')) as ChunkFiles
    const home = HOME.map(answer)
    if (path === LIST || path === '/') return home
    const [, unitId, step] = STEP.exec(path) ?? []
    if (!unitId) return [...home, answer(LIBRARY)]
    const first = new Set(files?.index)
    const later = new Set(['unitHeart', viewOf(step)].flatMap((name) => files?.[name] ?? []))
    const chunks = [...later].filter((address) => !first.has(address))
    return [...home, ...chunks.map(script), answer(`/api/v1/units/${unitId}`), answer(LIBRARY)]
  }
}
