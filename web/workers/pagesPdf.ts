import type PDFDocument from 'pdfkit'
import SVGtoPDF from 'svg-to-pdfkit'

/** Points of a PDF in a millimeter. */
export const POINTS_PER_MM = 72 / 25.4

/** The four files of the shipped font: a plain and a strong one, each in two parts. */
export interface PdfFonts {
  plain: Uint8Array
  strong: Uint8Array
  plainSecond: Uint8Array
  strongSecond: Uint8Array
}
/** A page as a drawing of its true size. */
export interface DrawnPage {
  width: number
  height: number
  svg: string
}

export interface PdfOptions {
  title: string
  fonts: PdfFonts
  /** Called after each page; the work stops where it answers false. */
  onPage?: (done: number) => boolean | Promise<boolean>
  /** Streams as they are, for whoever reads them back. */
  plain?: boolean
}

/**
 * Pages as one PDF, with the fonts in it and pictures as lines and areas.
 *
 * @param Document the class of PDFKit: it comes in one form for Node and in another for browsers
 * @returns null where it was stopped
 */
export async function pdfOf(
  Document: typeof PDFDocument,
  pages: readonly DrawnPage[],
  { title, fonts, onPage, plain = false }: PdfOptions,
): Promise<Uint8Array | null> {
  const pdf = new Document({
    autoFirstPage: false,
    margin: 0,
    // None to begin with: the browser's form of PDFKit has no font of its own.
    font: '',
    compress: !plain,
    info: { Title: title, Producer: 'Kobby' },
  })
  const parts: Uint8Array[] = []
  const whole = new Promise<Uint8Array>((settle, fail) => {
    pdf.on('data', (part: Uint8Array) => parts.push(part))
    pdf.on('end', () => settle(joined(parts)))
    pdf.on('error', fail)
  })
  for (const [name, bytes] of Object.entries(fonts)) pdf.registerFont(name, bytes as Buffer)
  for (const [i, page] of pages.entries()) {
    const size: [number, number] = [page.width * POINTS_PER_MM, page.height * POINTS_PER_MM]
    pdf.addPage({ size, margin: 0 })
    SVGtoPDF(pdf, page.svg, 0, 0, {
      width: size[0],
      height: size[1],
      assumePt: true,
      preserveAspectRatio: 'xMinYMin meet',
      fontCallback: (family: string, bold: boolean) =>
        `${bold ? 'strong' : 'plain'}${family === 'Kobby Second' ? 'Second' : ''}`,
      warningCallback: () => {},
    })
    if (onPage && !(await onPage(i + 1))) return null
  }
  pdf.end()
  return whole
}

function joined(parts: readonly Uint8Array[]): Uint8Array {
  const out = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0))
  let at = 0
  for (const part of parts) {
    out.set(part, at)
    at += part.length
  }
  return out
}
