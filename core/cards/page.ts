import { demand } from '../base'
import { GAP_MM, PAPERS, type PaperSize } from '../printing'
import { CUT_INK, group, line, rect, TEXT_INK, text, type Box, type Ink } from './svg'
import { CAP, textWidth } from './widths'

/** How a home prints. */
export interface PrinterRules {
  paper: PaperSize
  /** Millimeters at each edge that the printer leaves free. */
  margin: number
  ink: Ink
  /** Millimeters by which the second side lies to the right of the first and below it, as the test sheet showed. */
  back: { x: number; y: number }
}

/** A card on a page: its size, and where it lies, on its side where `turned`. */
export interface PlacedCard {
  x: number
  y: number
  width: number
  height: number
  turned: boolean
}

/** A page, in mm, as one drawing: what is seen on the screen is what the printer gets. */
export interface Page {
  width: number
  height: number
  /** SVG without its frame. */
  body: string
  /** Pieces that are cut out of it; 0 where it is used whole. */
  pieces: number
  /** Whether it is printed on the back of the page before it. */
  back: boolean
  /** The child that it is for, where each gets one; nobody's own where it is left out. */
  childId?: string
  /** Where its cards lie, each from its own upper left corner; none where the page is used whole. */
  cards?: readonly PlacedCard[]
  /** Pictures that it shows, by the name under which they are drawn. */
  pictures: ReadonlySet<string>
}

/** What may still be printed on: a strip of paper that is thinner takes nothing. */
const LEAST_FREE = 40
export const MOST_MARGIN = 60

/**
 * The part of a paper that a printer reaches.
 *
 * @param margin mm at each edge, 0 to 60
 * @throws InputError naming `margin`: where it leaves less than 40 mm
 */
export function printable(paper: PaperSize, margin: number): Box {
  const [width, height] = PAPERS[paper]
  demand(Number.isFinite(margin) && margin >= 0, 'margin', 'A margin is 0 or more')
  demand(width - 2 * margin >= LEAST_FREE, 'margin', `A margin of ${margin} mm leaves nothing to print on`)
  return { x: margin, y: margin, width: width - 2 * margin, height: height - 2 * margin }
}

const FOOT = { height: 6.5, size: 2.9 }
/** The bar that shows on paper whether the printer kept to the size. */
export const SCALE_BAR = { letter: { mm: 50.8, words: '2 in' }, a4: { mm: 50, words: '5 cm' } } as const

/** The bar and the title, along a line that begins at 0. */
function footOf(paper: PaperSize, ink: Ink, title: string, room: number): string {
  const bar = SCALE_BAR[paper]
  const paint = { stroke: TEXT_INK[ink], width: 0.25 }
  const { size } = FOOT
  const middle = (size * CAP) / 2
  const label = textWidth(bar.words, size)
  const [before, after] = [(bar.mm - label) / 2 - 1.2, (bar.mm + label) / 2 + 1.2]
  const left = bar.mm + 4
  let words = title
  while (words && left + textWidth(words, size) > room) words = words.slice(0, -1)
  return [
    line(0, -middle - 1.6, 0, -middle + 1.6, paint),
    line(bar.mm, -middle - 1.6, bar.mm, -middle + 1.6, paint),
    line(0, -middle, before, -middle, paint),
    line(after, -middle, bar.mm, -middle, paint),
    text(bar.words, bar.mm / 2, 0, { size, anchor: 'middle', fill: TEXT_INK[ink] }),
    words && text(words, left, 0, { size, fill: TEXT_INK[ink] }),
  ].join('')
}

/**
 * The foot of a page, in what is free below what stands on it; beside it and turned, where there is more room; and not
 * at all, where there is none.
 *
 * @param used what stands on the page
 */
export function foot(rules: Pick<PrinterRules, 'paper' | 'margin' | 'ink'>, title: string, used: Box): string {
  const area = printable(rules.paper, rules.margin)
  const below = area.y + area.height - (used.y + used.height)
  if (below >= FOOT.height - 1)
    return group(
      `translate(${area.x} ${area.y + area.height - 1.4})`,
      footOf(rules.paper, rules.ink, title, area.width),
    )
  const beside = area.x + area.width - (used.x + used.width)
  if (beside < FOOT.size + 1) return ''
  return group(
    `translate(${area.x + area.width - 1.2} ${area.y + area.height}) rotate(-90)`,
    footOf(rules.paper, rules.ink, title, area.height),
  )
}

/** The part of a page that is left when its foot stands at its end. */
export function aboveFoot(rules: Pick<PrinterRules, 'paper' | 'margin'>): Box {
  const area = printable(rules.paper, rules.margin)
  return { ...area, height: area.height - FOOT.height }
}

/** How pieces of one size lie on a sheet. */
export interface Grid {
  columns: number
  rows: number
  /** Whether they lie on their side, since more fit so. */
  turned: boolean
  /** Left upper corners, row by row, in mm. */
  spots: readonly { x: number; y: number }[]
  /** What they take together. */
  used: Box
}

/** The smallest card that can be cut out and held, and the finest thing that is worth a frame, in mm. */
export const LEAST_CARD = 12

/**
 * Lays pieces of one size out on a sheet, the better way round (3-computations, section 9), in the middle of it.
 *
 * @param size width and height of a piece in mm, 12 or more
 * @throws InputError naming `size`, where it is too small to cut or larger than the paper
 */
export function gridOf(paper: PaperSize, [wide, high]: readonly [number, number], margin: number, gap = GAP_MM): Grid {
  demand(
    wide >= LEAST_CARD && high >= LEAST_CARD,
    'size',
    `A card of ${Math.min(wide, high)} mm is too small to cut out; take ${LEAST_CARD} mm or more`,
  )
  const area = printable(paper, margin)
  const count = (room: number, side: number) => Math.max(0, Math.floor((room + gap + 1e-6) / (side + gap)))
  const straight = [count(area.width, wide), count(area.height, high)] as const
  const onSide = [count(area.width, high), count(area.height, wide)] as const
  const turned = onSide[0] * onSide[1] > straight[0] * straight[1]
  const [columns, rows] = turned ? onSide : straight
  demand(columns * rows > 0, 'size', `A card of ${wide} x ${high} mm is larger than the paper`)
  const [w, h] = turned ? [high, wide] : [wide, high]
  const width = columns * w + (columns - 1) * gap
  const height = rows * h + (rows - 1) * gap
  // What stands below gets its room first.
  const free = area.height - height
  const used = {
    x: area.x + (area.width - width) / 2,
    y: area.y + (free >= 2 * FOOT.height ? (free - FOOT.height) / 2 : free >= FOOT.height ? 0 : free / 2),
    width,
    height,
  }
  const spots = Array.from({ length: rows * columns }, (_, i) => ({
    x: used.x + (i % columns) * (w + gap),
    y: used.y + Math.floor(i / columns) * (h + gap),
  }))
  return { columns, rows, turned, spots, used }
}

const CUT = { width: 0.3, dash: '1.6 1.2' }
/** A frame to cut along. */
export const cutFrame = (box: Box, ink: Ink): string => rect(box, { stroke: CUT_INK[ink], ...CUT })
/** Marks at the edges of the grid for a trimmer, where there is room for them. */
export function cropMarks(grid: Grid, size: readonly [number, number], area: Box, ink: Ink): string {
  const [w, h] = grid.turned ? [size[1], size[0]] : size
  const { used } = grid
  const paint = { stroke: CUT_INK[ink], width: 0.2 }
  const marks: string[] = []
  const above = used.y - area.y
  const left = used.x - area.x
  for (const { x } of grid.spots.slice(0, grid.columns))
    if (above >= 3)
      for (const at of [x, x + w]) marks.push(line(at, used.y - Math.min(above, 4), at, used.y - 0.8, paint))
  for (let row = 0; row < grid.rows; row++)
    if (left >= 3)
      for (const at of [grid.spots[row * grid.columns].y, grid.spots[row * grid.columns].y + h])
        marks.push(line(used.x - Math.min(left, 4), at, used.x - 0.8, at, paint))
  return marks.join('')
}
