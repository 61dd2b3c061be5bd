import { allergenName, demand, listWords, mediumDate } from '../base'
import type { Batch } from '../domain'

/** Points to an inch, as PDF counts. */
const INCH = 72
const MM = INCH / 25.4

/** A sheet of labels as it is sold, or paper that is cut: all measures in points. */
export interface LabelSheet {
  id: string
  name: string
  /** Width and height of the paper. */
  paper: readonly [number, number]
  columns: number
  rows: number
  /** Size of one label. */
  label: readonly [number, number]
  /** Upper left corner of the first one. */
  from: readonly [number, number]
  /** From one label to the next, across and down. */
  step: readonly [number, number]
  /** Whether lines to cut along are printed. */
  cut: boolean
}

const LETTER = [8.5 * INCH, 11 * INCH] as const
const A4 = [210 * MM, 297 * MM] as const

/** The usual sheets of US Letter and A4, and plain paper of both. */
export const LABEL_SHEETS: readonly LabelSheet[] = [
  {
    id: 'letter-plain',
    name: 'Letter paper, 10 to cut apart',
    paper: LETTER,
    columns: 2,
    rows: 5,
    label: [3.75 * INCH, 2 * INCH],
    from: [0.5 * INCH, 0.5 * INCH],
    step: [3.75 * INCH, 2 * INCH],
    cut: true,
  },
  {
    id: 'letter-30',
    name: 'Letter sheet of 30, 2 5/8 x 1 in',
    paper: LETTER,
    columns: 3,
    rows: 10,
    label: [2.625 * INCH, 1 * INCH],
    from: [0.1875 * INCH, 0.5 * INCH],
    step: [2.75 * INCH, 1 * INCH],
    cut: false,
  },
  {
    id: 'letter-10',
    name: 'Letter sheet of 10, 4 x 2 in',
    paper: LETTER,
    columns: 2,
    rows: 5,
    label: [4 * INCH, 2 * INCH],
    from: [0.15625 * INCH, 0.5 * INCH],
    step: [4.1875 * INCH, 2 * INCH],
    cut: false,
  },
  {
    id: 'a4-plain',
    name: 'A4 paper, 10 to cut apart',
    paper: A4,
    columns: 2,
    rows: 5,
    label: [95 * MM, 55 * MM],
    from: [10 * MM, 11 * MM],
    step: [95 * MM, 55 * MM],
    cut: true,
  },
  {
    id: 'a4-21',
    name: 'A4 sheet of 21, 63.5 x 38.1 mm',
    paper: A4,
    columns: 3,
    rows: 7,
    label: [63.5 * MM, 38.1 * MM],
    from: [7.25 * MM, 15.15 * MM],
    step: [66 * MM, 38.1 * MM],
    cut: false,
  },
]

/** Most labels that are printed at once. */
export const MOST_LABELS = 200

/** Where one label is printed: its page from 0, and its upper left corner in points. */
export interface LabelSpot {
  page: number
  x: number
  y: number
}

/**
 * Where labels are printed on a sheet, row by row.
 *
 * @param count how many, 1 to {@link MOST_LABELS}
 * @param first the first free label of the first sheet, from 1: the ones before are used already
 * @throws InputError naming `count` or `first`
 */
export function labelSpots(sheet: LabelSheet, count: number, first = 1): LabelSpot[] {
  const onSheet = sheet.columns * sheet.rows
  demand(Number.isInteger(count) && count >= 1, 'count', 'Print at least one label')
  demand(count <= MOST_LABELS, 'count', `At most ${MOST_LABELS} labels at once`)
  demand(
    Number.isInteger(first) && first >= 1 && first <= onSheet,
    'first',
    `This sheet has ${onSheet} labels: choose one from 1 to ${onSheet}`,
  )
  return Array.from({ length: count }, (_, i) => {
    const at = first - 1 + i
    const [column, row] = [at % sheet.columns, Math.floor((at % onSheet) / sheet.columns)]
    return {
      page: Math.floor(at / onSheet),
      x: sheet.from[0] + column * sheet.step[0],
      y: sheet.from[1] + row * sheet.step[1],
    }
  })
}

/** What stands on a label. */
export interface LabelWords {
  title: string
  made: string
  toss: string
  /** What is in it that someone may not have. */
  contains: string
  tasting: string
}

/** What stands on the label of a batch: what, made on, thrown away on, allergens, and whether a taste does no harm. */
export function labelWords(batch: Pick<Batch, 'name' | 'madeOn' | 'throwOn' | 'allergens' | 'tasteSafe'>): LabelWords {
  const allergens = batch.allergens.map((one) => allergenName(one).toLowerCase())
  return {
    title: batch.name,
    made: `Made ${mediumDate(batch.madeOn)}`,
    toss: batch.throwOn === batch.madeOn ? 'For today only' : `Toss by ${mediumDate(batch.throwOn)}`,
    contains: allergens.length ? `Contains ${listWords(allergens)}` : 'No allergen that this home watches',
    tasting: batch.tasteSafe ? 'A taste does no harm' : 'Not for eating',
  }
}
