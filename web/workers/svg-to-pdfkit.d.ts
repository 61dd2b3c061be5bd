declare module 'svg-to-pdfkit' {
  /** Draws an SVG on the page of a PDF that is open. */
  export default function SVGtoPDF(
    doc: PDFKit.PDFDocument,
    svg: string,
    x: number,
    y: number,
    options: {
      width: number
      height: number
      assumePt: boolean
      preserveAspectRatio: string
      fontCallback: (family: string, bold: boolean, italic: boolean) => string
      warningCallback: (message: string) => void
    },
  ): void
}
