import { demand } from '../base'

/** Millimetres of the two papers that homes print on. */
export const PAPERS = { letter: [215.9, 279.4], a4: [210, 297] } as const satisfies Record<
  string,
  readonly [number, number]
>
export type PaperSize = keyof typeof PAPERS
/** A card that a child's hand holds, in mm: 3-computations, section 9. */
export const CARD_MM = [60, 85] as const
export const MARGIN_MM = 6
export const GAP_MM = 4

/**
 * Thousandths of a millimeter: lengths are counted in whole ones, since 7.5 in of free paper hold three pieces of 2.5
 * in only then.
 */
const PER_MM = 1000
const whole = (mm: number): number => Math.round(mm * PER_MM)

/**
 * How many pieces lie on a sheet in a grid, the better way round.
 *
 * @param sheet width and height in mm, above 0
 * @param piece width and height in mm, above 0
 * @param margin mm that stay free at each edge, 0 or more
 * @param gap mm between pieces, 0 or more
 * @returns 0 where a piece is larger than the sheet
 * @throws InputError naming `sheet`, `piece`, `margin` or `gap`
 * @example piecesPerSheet(PAPERS.letter, [60, 85], 6, 4) // 9
 */
export function piecesPerSheet(
  sheet: readonly [number, number],
  piece: readonly [number, number],
  margin = MARGIN_MM,
  gap = GAP_MM,
): number {
  demand(
    sheet.every((side) => side > 0),
    'sheet',
    'A sheet has a width and a height above 0',
  )
  demand(
    piece.every((side) => side > 0),
    'piece',
    'A piece has a width and a height above 0',
  )
  demand(margin >= 0, 'margin', 'A margin is 0 or more')
  demand(gap >= 0, 'gap', 'A gap is 0 or more')
  const along = (length: number, side: number) =>
    Math.max(0, Math.floor((whole(length) - 2 * whole(margin) + whole(gap)) / (whole(side) + whole(gap))))
  const [width, height] = sheet
  return Math.max(along(width, piece[0]) * along(height, piece[1]), along(width, piece[1]) * along(height, piece[0]))
}

/**
 * Sheets for a number of pieces.
 *
 * @param pieces 0 or more
 * @param perSheet from {@link piecesPerSheet}, 1 or more
 * @example sheetsFor(62, 24) // 3
 */
export function sheetsFor(pieces: number, perSheet: number): number {
  demand(perSheet >= 1, 'perSheet', 'Nothing fits on this sheet')
  return Math.ceil(pieces / perSheet)
}

/** Straight cuts that free one piece of a grid, and seconds a cut with scissors or a trimmer. */
const CUTS_A_PIECE = 2
const SECONDS_A_CUT = 8

/**
 * Minutes to cut pieces out, several sheets as one stack, rounded up to whole minutes.
 *
 * @param pieces 0 or more
 * @param stack sheets cut at once, 1 or more
 */
export const cuttingMinutes = (pieces: number, stack = 1): number =>
  Math.ceil((Math.ceil(pieces / stack) * CUTS_A_PIECE * SECONDS_A_CUT) / 60)
