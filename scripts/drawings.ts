import { readdirSync, readFileSync } from 'node:fs'

/** The set that most drawings are of (docs/decisions/0034-small-drawings.md). */
const SET = 'node_modules/@iconify-json/fluent-emoji-flat/icons.json'
/** Drawings of our own, in its manner: things that it lacks. */
export const OWN = 'web/drawings'
/** Skin tones of one drawing, and flags: each drawing is served once. */
const TONES = /(light|medium|dark)(-|$)|^flag-/
/** What the pattern of tones means otherwise. */
const NO_TONE = new Set(['light-bulb', 'flashlight'])

const framed = (body: string) =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 32 32" width="32" height="32">${body}</svg>`
const bodyOf = (svg: string) => svg.replace(/^[\s\S]*?<svg[^>]*>/, '').replace(/<\/svg>\s*$/, '')

/** Every small drawing that ships, by the name under which it is served. One of our own takes the place of the set's. */
export function drawings(): ReadonlyMap<string, string> {
  const { icons } = JSON.parse(readFileSync(SET, 'utf8')) as { icons: Record<string, { body: string }> }
  return new Map([
    ...Object.entries(icons)
      .filter(([name]) => NO_TONE.has(name) || !TONES.test(name))
      .map(([name, { body }]) => [name, framed(body)] as const),
    ...readdirSync(OWN).map(
      (file) => [file.replace('.svg', ''), framed(bodyOf(readFileSync(`${OWN}/${file}`, 'utf8')))] as const,
    ),
  ])
}

/** Widths of what an outline is drawn with, in units of a drawing that is 32 wide. */
const INK = { color: '#212121', edge: 0.7, thin: 1.1 }

const attribute = (tag: string, name: string) => new RegExp(`\\s${name}="([^"]*)"`).exec(tag)?.[1]
const put = (tag: string, name: string, value: string) =>
  attribute(tag, name) === undefined
    ? tag.replace(/\s*(\/?)>$/, ` ${name}="${value}"$1>`)
    : tag.replace(new RegExp(`\\s${name}="[^"]*"`), ` ${name}="${value}"`)

/** A line that is thick becomes a band with an edge; a thin one stays a line. */
function lineOf(tag: string): string {
  const width = Number(attribute(tag, 'stroke-width') ?? 1)
  const inked = put(tag, 'stroke', INK.color)
  if (width <= INK.thin + INK.edge) return put(inked, 'stroke-width', String(INK.edge))
  return inked + put(put(tag, 'stroke', '#fff'), 'stroke-width', (width - 2 * INK.edge).toFixed(2))
}

/**
 * The same drawing to be colored in: every shape white with an edge, in the order in which they lie over each other, so
 * that what is behind stays behind.
 */
export function outlineOf(svg: string): string {
  const body = bodyOf(svg)
    .replace(/\s(opacity|fill-opacity|stroke-opacity)="[^"]*"/g, '')
    .replace(/<g\b[^>]*>/g, (tag) => tag.replace(/\sfill="(?!none)[^"]*"/, ''))
    .replace(/<(path|circle|ellipse|rect|polygon|use)\b[^>]*>/g, (tag) => {
      if (attribute(tag, 'stroke') !== undefined && attribute(tag, 'fill') === 'none') return lineOf(tag)
      const inked = attribute(tag, 'stroke') === undefined ? tag : put(tag, 'stroke', INK.color)
      // What is black and small is an eye or a button: it stays.
      return put(inked, 'fill', /^#(212121|000000|000)$/i.test(attribute(tag, 'fill') ?? '') ? INK.color : '#fff')
    })
  return framed(
    `<g stroke="${INK.color}" stroke-width="${INK.edge}" stroke-linecap="round" stroke-linejoin="round">${body}</g>`,
  )
}
