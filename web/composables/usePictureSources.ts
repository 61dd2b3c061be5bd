import { shallowRef } from 'vue'
import { edgeOfMask, shadowOf, type PictureSource } from '@core/cards'
import { OWN_PICTURE } from '@core/domain'
import { readAsUrl } from './readAsUrl'

/** Squares along a picture when its edge is followed. */
const MASK = 128
/** How opaque a square must be to count as part of the picture, of 255. */
const OPAQUE = 60

const addressOf = (name: string, outline: boolean): string =>
  name.startsWith(OWN_PICTURE)
    ? `/api/v1/pictures/${name.slice(OWN_PICTURE.length)}`
    : `/pictures/${outline ? 'outline/' : ''}${name}.svg`
const partsOf = (key: string): { look: string; name: string } => {
  const found = /^(outline|shadow|tint-[0-9a-f]{6})\/(.*)$/.exec(key)
  return found ? { look: found[1], name: found[2] } : { look: 'color', name: key }
}

/** Pictures that were fetched for printing, kept as long as the page is open. */
const sources = shallowRef<ReadonlyMap<string, PictureSource>>(new Map())
const edges = shallowRef<ReadonlyMap<string, { x: number; y: number }[]>>(new Map())
const asked = new Map<string, Promise<void>>()

const lookedAt = (look: string, svg: string): string =>
  look === 'shadow' ? shadowOf(svg) : look.startsWith('tint-') ? shadowOf(svg, `#${look.slice(5)}`) : svg

async function fetchOne(key: string): Promise<void> {
  const { look, name } = partsOf(key)
  const answer = await fetch(addressOf(name, look === 'outline'))
  if (!answer.ok) throw new Error(`The picture ${name} could not be fetched`)
  const own = name.startsWith(OWN_PICTURE)
  const source: PictureSource = own
    ? { image: await readAsUrl(await answer.blob()) }
    : { svg: lookedAt(look, await answer.text()) }
  sources.value = new Map(sources.value).set(key, source)
}
/** The edge of a drawing, followed on a small picture of it. */
async function followOne(name: string): Promise<void> {
  const answer = await fetch(addressOf(name, false))
  if (!answer.ok) throw new Error(`The picture ${name} could not be fetched`)
  const image = new Image(MASK, MASK)
  image.src = await readAsUrl(await answer.blob())
  await image.decode()
  const canvas = document.createElement('canvas')
  canvas.width = canvas.height = MASK
  const pen = canvas.getContext('2d', { willReadFrequently: true })!
  pen.drawImage(image, 0, 0, MASK, MASK)
  const { data } = pen.getImageData(0, 0, MASK, MASK)
  const filled = Array.from({ length: MASK * MASK }, (_, i) => data[i * 4 + 3] > OPAQUE)
  edges.value = new Map(edges.value).set(name, edgeOfMask(filled, MASK))
}
/** Asks once; what failed is asked for again the next time. */
function once(id: string, work: () => Promise<void>): Promise<void> {
  const known = asked.get(id)
  if (known) return known
  const going = work().catch((fault: unknown) => {
    asked.delete(id)
    throw fault
  })
  asked.set(id, going)
  return going
}

/** Pictures for pages: fetched when they are wanted, each once. */
export function usePictureSources() {
  return {
    sources,
    edges,
    edgeOf: (name: string) => edges.value.get(name) ?? [],
    want: (keys: Iterable<string>) => Promise.all([...keys].map((key) => once(key, () => fetchOne(key)))),
    wantEdges: (names: Iterable<string>) =>
      Promise.all([...names].map((name) => once(`edge of ${name}`, () => followOne(name)))),
  }
}
