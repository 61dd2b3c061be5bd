import PDFDocument from 'pdfkit'
import { FONT_FILES } from './fontFiles'
import { pdfOf, type DrawnPage, type PdfFonts } from './pagesPdf'

/** Pages become a PDF beside the page, so that nothing stands still meanwhile. It is stopped by ending it. */
export interface PagesQuestion {
  title: string
  pages: DrawnPage[]
}
export type PagesAnswer = { done: number } | { pdf: Uint8Array } | { failed: string }

async function fontsFetched(): Promise<PdfFonts> {
  const all = await Promise.all(
    Object.entries(FONT_FILES).map(async ([name, address]) => {
      const answer = await fetch(address)
      if (!answer.ok) throw new Error('The fonts could not be fetched')
      return [name, new Uint8Array(await answer.arrayBuffer())] as const
    }),
  )
  return Object.fromEntries(all) as unknown as PdfFonts
}

self.addEventListener('message', ({ data }: MessageEvent<PagesQuestion>) => {
  const answer = (what: PagesAnswer) => self.postMessage(what)
  void (async () => {
    try {
      const fonts = await fontsFetched()
      const pdf = await pdfOf(PDFDocument, data.pages, {
        title: data.title,
        fonts,
        onPage: (done) => {
          answer({ done })
          return true
        },
      })
      if (pdf) answer({ pdf })
    } catch (fault) {
      answer({ failed: fault instanceof Error ? fault.message : 'The pages could not be made' })
    }
  })()
})
