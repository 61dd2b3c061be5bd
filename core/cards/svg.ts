import type { INKS } from '../domain'
import { CAP, fitText, inSecondFile, LINE, textWidth, type Weight } from './widths'

/** A part of a page, in mm from its upper left corner. */
export interface Box {
  x: number
  y: number
  width: number
  height: number
}

/** What is printed: all of it, with little ink, or in black only. */
export type Ink = (typeof INKS)[number]

/** Gray-green of the house where there is color, black elsewhere. */
export const TEXT_INK: Record<Ink, string> = { color: '#24302f', saving: '#000000', black: '#000000' }
/** A line to cut along, and one to write on. */
export const CUT_INK: Record<Ink, string> = { color: '#8e7c57', saving: '#777777', black: '#000000' }
/** What a pencil goes over. */
export const TRACE_INK: Record<Ink, string> = { color: '#6f8f86', saving: '#999999', black: '#555555' }
/** A surface that is told from white. */
export const TINT_INK: Record<Ink, string> = { color: '#e6f0ec', saving: 'none', black: 'none' }

const SPECIAL: Record<string, string> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' }
/** Control characters may stand in no XML at all. */
const CONTROL = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]|[\ud800-\udfff](?![\udc00-\udfff])/g
export const escaped = (text: string): string =>
  text.replace(CONTROL, '').replace(/[&<>"']/g, (letter) => SPECIAL[letter])
/** Hundredths of a millimeter are finer than any printer. */
export const mm = (value: number): string => String(Math.round(value * 100) / 100)

const attributes = (over: Record<string, string | number | undefined>): string =>
  Object.entries(over)
    .filter(([, value]) => value !== undefined)
    .map(([name, value]) => ` ${name}="${typeof value === 'number' ? mm(value) : escaped(value!)}"`)
    .join('')

export interface Paint {
  fill?: string
  stroke?: string
  width?: number
  dash?: string
  cap?: 'round' | 'butt'
}
const painted = ({ fill = 'none', stroke, width, dash, cap }: Paint): string =>
  attributes({ fill, stroke, 'stroke-width': width, 'stroke-dasharray': dash, 'stroke-linecap': cap })

export const rect = ({ x, y, width, height }: Box, paint: Paint, radius?: number): string =>
  `<rect${attributes({ x, y, width, height, rx: radius })}${painted(paint)}/>`
export const line = (x1: number, y1: number, x2: number, y2: number, paint: Paint): string =>
  `<line${attributes({ x1, y1, x2, y2 })}${painted(paint)}/>`
export const circle = (cx: number, cy: number, r: number, paint: Paint): string =>
  `<circle${attributes({ cx, cy, r })}${painted(paint)}/>`
export const path = (d: string, paint: Paint, transform?: string): string =>
  `<path${attributes({ d, transform, 'stroke-linejoin': 'round' })}${painted(paint)}/>`
export const group = (transform: string, body: string): string => `<g transform="${transform}">${body}</g>`

export interface TextLook {
  size: number
  weight?: Weight
  fill?: string
  anchor?: 'start' | 'middle' | 'end'
}
/** Letters of the font's second file are set in a piece of their own: a PDF takes one file for each. */
function pieces(text: string): string {
  let out = ''
  let run = ''
  let second = false
  const close = () => {
    if (run) out += second ? `<tspan font-family="Kobby Second">${escaped(run)}</tspan>` : escaped(run)
    run = ''
  }
  for (const letter of text) {
    if (inSecondFile(letter) !== second) {
      close()
      second = !second
    }
    run += letter
  }
  close()
  return out
}
/** A line of text on its baseline. */
export function text(words: string, x: number, y: number, look: TextLook): string {
  const { size, weight = 400, fill, anchor = 'start' } = look
  const whole = words.normalize('NFC')
  // Where it begins is reckoned here, so that every reader of the page sets it alike.
  const left = x - (anchor === 'start' ? 0 : textWidth(whole, size, weight) * (anchor === 'middle' ? 0.5 : 1))
  const where = { x: left, y, 'font-size': size, 'font-weight': weight, fill, 'xml:space': 'preserve' }
  return `<text font-family="Kobby"${attributes(where)}>${pieces(whole)}</text>`
}

export interface BoxText {
  most: number
  weight?: Weight
  fill?: string
  lines?: number
  anchor?: 'start' | 'middle'
  /** Where it stands in a box that is higher than it. */
  at?: 'top' | 'middle'
}
/** Words as large as they fit a box. */
export function textIn(words: string, box: Box, look: BoxText): string {
  const whole = words.normalize('NFC').trim()
  if (!whole) return ''
  const { anchor = 'middle', at = 'middle', weight = 400 } = look
  const { size, lines } = fitText(whole, box, look.most, weight, look.lines ?? 3)
  const high = (lines.length - 1) * size * LINE + size * CAP
  const first = at === 'top' ? box.y + size : box.y + (box.height - high) / 2 + size * CAP
  const x = anchor === 'middle' ? box.x + box.width / 2 : box.x
  return lines
    .map((one, i) => text(one, x, first + i * size * LINE, { size, weight, fill: look.fill, anchor }))
    .join('')
}

/** A box that is smaller by so much on each side. */
export const inset = ({ x, y, width, height }: Box, by: number, down = by): Box => ({
  x: x + by,
  y: y + down,
  width: Math.max(0, width - 2 * by),
  height: Math.max(0, height - 2 * down),
})
/** Parts of a box side by side, as wide as their shares. */
export function split(box: Box, shares: readonly number[], gap = 0): Box[] {
  const free = box.width - gap * (shares.length - 1)
  const all = shares.reduce((sum, one) => sum + one, 0)
  let { x } = box
  return shares.map((share) => {
    const width = (free * share) / all
    const own = { ...box, x, width }
    x += width + gap
    return own
  })
}
/** Parts of a box one below the other, as high as their shares. */
export const stack = (box: Box, shares: readonly number[], gap = 0): Box[] =>
  split({ x: box.y, y: 0, width: box.height, height: 0 }, shares, gap).map(({ x, width }) => ({
    ...box,
    y: x,
    height: width,
  }))
/** The largest square in the middle of a box. */
export function square({ x, y, width, height }: Box, part = 1): Box {
  const side = Math.min(width, height) * part
  return { x: x + (width - side) / 2, y: y + (height - side) / 2, width: side, height: side }
}
