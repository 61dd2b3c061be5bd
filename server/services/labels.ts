import { createRequire } from 'node:module'
import PDFDocument from 'pdfkit'
import type { Knex } from 'knex'
import { sayLike } from '@core/base'
import { labelSpots, labelWords, type LabelSheet, type LabelSpot, type LabelWords } from '@core/papers'
import { valuesOf } from '@core/domain'
import { notFound } from './refusal'
import { readHouse, readRow } from '../store/rows'

const { resolve } = createRequire(import.meta.url)
const face = (weight: 400 | 700) =>
  resolve(`@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-${weight}-normal.woff`)

/** A row for each label that is wanted: which batch, how many, on which sheet, and where the first free label is. */
export interface LabelOrder {
  batchId: string
  count: number
  sheet: LabelSheet
  first: number
}

/** Room between the edge of a label and what stands on it, in points. */
const PAD = 8

/** What the lines of a label take together, in times the size of its text. */
const LINES = 6.2
const MOST_SIZE = 17

/** Labels of what was mixed, as PDF with fonts of its own. */
export class Labels {
  constructor(private readonly db: Knex) {}

  async pdf({ batchId, count, sheet, first }: LabelOrder): Promise<Buffer> {
    const batch = (await readRow(this.db, 'batch', batchId))?.value
    if (!batch) throw notFound('batch')
    const [home] = valuesOf(await readHouse(this.db), 'home')
    if (home) sayLike(home)
    return draw(sheet, labelSpots(sheet, count, first), labelWords(batch))
  }
}

function draw(sheet: LabelSheet, spots: readonly LabelSpot[], words: LabelWords): Promise<Buffer> {
  const pdf = new PDFDocument({ autoFirstPage: false, margin: 0, info: { Title: words.title, Producer: 'Kobby' } })
  const parts: Buffer[] = []
  const done = new Promise<Buffer>((settle, fail) => {
    pdf.on('data', (part: Buffer) => parts.push(part))
    pdf.on('end', () => settle(Buffer.concat(parts)))
    pdf.on('error', fail)
  })
  pdf.registerFont('text', face(400)).registerFont('strong', face(700))
  const pages = spots[spots.length - 1].page + 1
  for (let page = 0; page < pages; page++) {
    pdf.addPage({ size: [...sheet.paper], margin: 0 })
    for (const spot of spots.filter((one) => one.page === page)) drawOne(pdf, sheet, spot, words)
  }
  pdf.end()
  return done
}

function drawOne(pdf: PDFKit.PDFDocument, sheet: LabelSheet, { x, y }: LabelSpot, words: LabelWords): void {
  const [width, height] = sheet.label
  if (sheet.cut) pdf.lineWidth(0.5).dash(3, { space: 3 }).rect(x, y, width, height).stroke('#8E7C57').undash()
  // As large as five lines fit, and never so large that it looks like a poster.
  const size = Math.min(MOST_SIZE, (height - 2 * PAD) / LINES)
  const at = { width: width - 2 * PAD, lineBreak: false, ellipsis: true } as const
  let top = y + (height - LINES * size) / 2
  const line = (text: string, font: 'text' | 'strong', scale = 1) => {
    pdf
      .font(font)
      .fontSize(size * scale)
      .fillColor('#24302F')
    pdf.text(text, x + PAD, top, { ...at, height: size * scale * 1.25 })
    top += size * scale * 1.22
  }
  line(words.title, 'strong', 1.2)
  line(words.made, 'text')
  line(words.toss, 'strong')
  line(words.contains, 'text', 0.9)
  line(words.tasting, 'text', 0.9)
}
