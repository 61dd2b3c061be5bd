import { svgPathProperties } from 'svg-path-properties'
import type { HANDS } from '../domain'
import { MARK_STROKES, STROKES, type LetterStrokes } from '../library/strokes'
import { circle, line, mm, path, text, type Box, type Ink, TEXT_INK, TRACE_INK } from './svg'
import { CAP } from './widths'

/** A plain upright hand, and one that leans and joins on. */
export type Hand = (typeof HANDS)[number]

/** How much of a letter is there to go over: all of it, a road, rows of dots that thin out, only where to begin, and nothing. */
export const STRENGTHS = ['full', 'road', 'strong', 'middle', 'light', 'start', 'none'] as const
export type Strength = (typeof STRENGTHS)[number]

const LEAN = 0.2
const BETWEEN = 23
const SPACE = 42
/** Letters whose last stroke ends in a small hook that leads to the next, in the slanted hand. */
const HOOKED = new Set('adhiklmntu')

/** A stroke on its line: units of the letter, with how far to the right the letter stands. */
export interface PlacedStroke {
  d: string
  x: number
  letter: string
  /** Its place in the order of the letter, from 1. */
  order: number
}
export interface WrittenWord {
  strokes: readonly PlacedStroke[]
  /** In units of a letter, of which a line has 100 from top to bottom. */
  width: number
  /** Letters that nobody wrote down the strokes of. */
  missing: readonly string[]
}

const hooked = (letter: string, stroke: string, last: boolean): string => {
  const end = last && HOOKED.has(letter) ? /L(\S+) 100$/.exec(stroke) : null
  if (!end) return stroke
  const x = Number(end[1])
  return `${stroke.slice(0, end.index)}L${x} 91 C${x} 97 ${x + 3} 100 ${x + 7} 100 C${x + 11} 100 ${x + 14} 98 ${x + 17} 93`
}

/** A letter with the marks that it has over or under it; undefined where nobody wrote its strokes down. */
function letterOf(letter: string, hand: Hand): LetterStrokes | undefined {
  const known = STROKES.get(letter)
  if (known) {
    if (hand === 'plain') return known
    // The bar of a t comes after the stroke that has the hook.
    const at = known.strokes.findLastIndex((one) => one.endsWith(' 100'))
    return { ...known, strokes: known.strokes.map((one, i) => hooked(letter, one, i === at)) }
  }
  const [base, ...marks] = [...letter.normalize('NFD')]
  const below = STROKES.get(base)
  if (!below || !marks.length || marks.some((mark) => !MARK_STROKES.has(mark))) return undefined
  const over = base === base.toUpperCase() ? -50 : 0
  // A mark takes the place of the dot.
  const strokes = /[ij]/.test(base) ? below.strokes.slice(0, 1) : below.strokes
  const shift = (d: string, hanging: boolean) => moved(d, below.width / 2, hanging ? 0 : over)
  return {
    width: below.width,
    strokes: [
      ...strokes,
      ...marks.flatMap((mark) => MARK_STROKES.get(mark)!.map((d) => shift(d, mark === '\u0327' || mark === '\u0328'))),
    ],
  }
}
/** A path of absolute commands, moved. */
function moved(d: string, x: number, y: number): string {
  return d.replace(/([MLCA])([^MLCA]*)/g, (_, command: string, rest: string) => {
    const numbers = rest.trim().split(/\s+/).map(Number)
    const shifted =
      command === 'A'
        ? [...numbers.slice(0, 5), numbers[5] + x, numbers[6] + y]
        : numbers.map((value, i) => value + (i % 2 ? y : x))
    return `${command}${shifted.join(' ')} `
  })
}

/**
 * The strokes of a word, letter by letter.
 *
 * @param word letters with or without marks, numerals, hyphens, apostrophes, periods and blanks
 */
export function written(word: string, hand: Hand): WrittenWord {
  const strokes: PlacedStroke[] = []
  const missing = new Set<string>()
  let x = 0
  for (const letter of word.normalize('NFC').replace(/[’`]/g, "'")) {
    if (!letter.trim()) {
      x += SPACE
      continue
    }
    const found = letterOf(letter, hand)
    if (!found) {
      missing.add(letter)
      continue
    }
    found.strokes.forEach((d, i) => strokes.push({ d, x, letter, order: i + 1 }))
    x += found.width + BETWEEN
  }
  return { strokes, width: Math.max(0, x - BETWEEN), missing: [...missing] }
}

/** Where a stroke begins and ends, and which way it goes there, in units of a letter. */
export interface StrokeEnds {
  from: { x: number; y: number }
  to: { x: number; y: number }
  /** Length 1, or 0 for a dot. */
  way: { x: number; y: number }
  length: number
}
/** Every letter is written many times over: its strokes are measured once. */
const measured = new Map<string, StrokeEnds>()
const MOST_MEASURED = 2000
export function endsOf(d: string): StrokeEnds {
  const known = measured.get(d)
  if (known) return known
  const along = new svgPathProperties(d)
  const length = along.getTotalLength()
  const [from, to] = [along.getPointAtLength(0), along.getPointAtLength(length)]
  const near = along.getPointAtLength(Math.min(length, 6))
  const far = Math.hypot(near.x - from.x, near.y - from.y)
  const ends = {
    from,
    to,
    way: far ? { x: (near.x - from.x) / far, y: (near.y - from.y) / far } : { x: 0, y: 0 },
    length,
  }
  if (measured.size >= MOST_MEASURED) measured.clear()
  measured.set(d, ends)
  return ends
}

export interface WritingLook {
  /** From the top line to the line that is written on, in mm. */
  height: number
  hand: Hand
  strength: Strength
  ink: Ink
  /** Whether each stroke says its number and its way. */
  guided: boolean
}
const DOTS: Record<Strength, { width: number; dash?: string } | null> = {
  full: { width: 13 },
  road: { width: 17 },
  strong: { width: 4.5, dash: '0.1 8' },
  middle: { width: 3.6, dash: '0.1 12' },
  light: { width: 2.6, dash: '0.1 18' },
  start: null,
  none: null,
}

/** A dot that is finer than this, in mm, does not print. */
const LEAST_DOT = 0.55

/** A word to go over, from a left end and with the line that is written on at `base`, in mm. */
export function writing(word: WrittenWord, left: number, base: number, look: WritingLook): string {
  const { height, hand, strength, ink, guided } = look
  if (strength === 'none') return ''
  const scale = height / 100
  const lean = hand === 'slanted' ? LEAN : 0
  const place = (stroke: PlacedStroke, point: { x: number; y: number }) => ({
    x: left + (point.x + stroke.x + lean * (100 - point.y)) * scale,
    y: base + (point.y - 100) * scale,
  })
  const body: string[] = []
  const dots = DOTS[strength]
  for (const stroke of word.strokes) {
    const { from, way, length } = endsOf(stroke.d)
    const at = place(stroke, from)
    const transform =
      `matrix(${mm6(scale)} 0 ${mm6(-lean * scale)} ${mm6(scale)} ` +
      `${mm6(left + (stroke.x + lean * 100) * scale)} ${mm6(base - 100 * scale)})`
    const drawn = (paint: { stroke: string; width: number; dash?: string }) =>
      length > 0
        ? path(stroke.d, { ...paint, cap: 'round' }, transform)
        : circle(at.x, at.y, Math.max(0.5, paint.width * 0.75 * scale), { fill: paint.stroke })
    if (dots && strength === 'road') {
      body.push(drawn({ stroke: ink === 'color' ? '#cfe0da' : '#d9d9d9', width: dots.width }))
      body.push(drawn({ stroke: TRACE_INK[ink], width: 1.6, dash: '5 5' }))
    } else if (dots && strength === 'full') body.push(drawn({ stroke: TEXT_INK[ink], ...dots }))
    else if (dots) body.push(drawn({ stroke: TRACE_INK[ink], ...dots, width: Math.max(dots.width, LEAST_DOT / scale) }))
    if (strength === 'start' && stroke.order === 1)
      body.push(circle(at.x, at.y, Math.max(0.6, height * 0.03), { fill: TRACE_INK[ink] }))
    if (guided) body.push(guide(stroke, at, way, length, look))
  }
  return body.join('')
}
const mm6 = (value: number) => String(Number(value.toFixed(6)))

/** Two strokes that begin at one point part to the side that each goes to; a dot is counted from its left. */
function numberSpot(at: { x: number; y: number }, way: { x: number; y: number }, length: number, size: number) {
  const gone = size * 0.75
  if (length === 0) return { x: at.x - gone - 1, y: at.y }
  if (way.y < 0.6) return { x: at.x - way.x * gone, y: at.y - way.y * gone }
  const aside = Math.abs(way.x) > 0.15 ? Math.sign(way.x) * size * 0.45 : 0
  return { x: at.x + aside, y: at.y - gone }
}

/** The number of a stroke before its beginning, and an arrow along its way. */
function guide(
  stroke: PlacedStroke,
  at: { x: number; y: number },
  way: { x: number; y: number },
  length: number,
  { height, hand, ink }: WritingLook,
): string {
  const scale = height / 100
  const lean = hand === 'slanted' ? LEAN : 0
  const turned = { x: way.x - lean * way.y, y: way.y }
  const size = Math.max(2.2, Math.min(4, height * 0.09))
  const number = numberSpot(at, turned, length, size)
  const paint = { stroke: TEXT_INK[ink], width: 0.35, cap: 'round' as const }
  const parts = [
    text(String(stroke.order), number.x, number.y + (size * CAP) / 2, {
      size,
      weight: 700,
      anchor: 'middle',
      fill: TEXT_INK[ink],
    }),
  ]
  if (length > 12) {
    const reach = Math.min(0.34 * length, 22) * scale
    const side = { x: -turned.y, y: turned.x }
    // Beside the stroke, so that the pencil's way stays free.
    const off = Math.max(1.1, 5 * scale)
    const [from, to] = [0.25, 1].map((part) => ({
      x: at.x + turned.x * reach * part + side.x * off,
      y: at.y + turned.y * reach * part + side.y * off,
    }))
    const head = Math.min(1.6, Math.max(0.9, height * 0.03))
    parts.push(line(from.x, from.y, to.x, to.y, paint))
    for (const turn of [1, -1])
      parts.push(
        line(
          to.x,
          to.y,
          to.x - (turned.x - turn * side.x * 0.7) * head,
          to.y - (turned.y - turn * side.y * 0.7) * head,
          paint,
        ),
      )
  }
  return parts.join('')
}

/** The lines that are written between: top, middle, the one it stands on, and how far a tail hangs. */
export function writingLines(box: Box, base: number, height: number, ink: Ink): string {
  const [left, right] = [box.x, box.x + box.width]
  const paint = { stroke: TRACE_INK[ink], width: 0.25 }
  return [
    line(left, base - height, right, base - height, paint),
    line(left, base - height / 2, right, base - height / 2, { ...paint, dash: `${mm(2)} ${mm(1.6)}` }),
    line(left, base, right, base, { ...paint, width: 0.45 }),
  ].join('')
}
