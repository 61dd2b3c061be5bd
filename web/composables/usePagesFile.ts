import { ref, type Ref } from 'vue'
import { cardSvg, pageSvg, type Page, type PictureSource } from '@core/cards'
import type { DrawnPage } from '../workers/pagesPdf'
import type { PagesAnswer, PagesQuestion } from '../workers/pages.worker'
import { downloadBytes, downloadText } from './downloadText'
import { fontRules, pngOf } from './screenPicture'

/** Files of pages: a PDF is made beside the page and can be stopped; what was saved last, and what failed, is said. */
export function usePagesFile(sources: Readonly<Ref<ReadonlyMap<string, PictureSource>>>) {
  /** How far a PDF is: pages that are done, of all. */
  const progress = ref<{ done: number; all: number } | null>(null)
  const failed = ref('')
  /** The last file that was saved, by name. */
  const saved = ref('')
  /** What was asked for last: only there it is said how far it is. */
  const asked = ref<'run' | 'set' | 'test'>('set')
  let end: (() => void) | null = null
  /** Which making is on: one that was stopped goes no further. */
  let run = 0
  function stop(): void {
    run++
    end?.()
    end = null
    progress.value = null
  }
  function begin(): void {
    stop()
    failed.value = saved.value = ''
  }
  const fail = (error: unknown) => {
    failed.value = error instanceof Error ? error.message : 'The pages could not be made'
  }

  /** A PDF; null where it was stopped or failed: then `failed` says why. */
  async function pdfOf(pagesOf: () => Promise<DrawnPage[]>, title: string): Promise<Uint8Array | null> {
    begin()
    progress.value = { done: 0, all: 0 }
    const mine = run
    try {
      const pages = await pagesOf()
      if (!pages.length) throw new Error('There is nothing to print yet')
      if (mine !== run) return null
      progress.value = { done: 0, all: pages.length }
      return await inWorker({ title, pages })
    } catch (error) {
      if (mine === run) {
        fail(error)
        stop()
      }
      return null
    }
  }
  const inWorker = ({ title, pages }: PagesQuestion): Promise<Uint8Array | null> =>
    new Promise((settle) => {
      const worker = new Worker(new URL('../workers/pages.worker.ts', import.meta.url), { type: 'module' })
      end = () => {
        worker.terminate()
        settle(null)
      }
      const done = (pdf: Uint8Array | null, words = '') => {
        failed.value = words
        settle(pdf)
        stop()
      }
      worker.addEventListener('message', ({ data }: MessageEvent<PagesAnswer>) => {
        if ('done' in data) progress.value = { done: data.done, all: pages.length }
        else done('pdf' in data ? data.pdf : null, 'failed' in data ? data.failed : '')
      })
      worker.addEventListener('error', () => done(null, 'The pages could not be made. Load the page again.'))
      worker.postMessage({ title, pages } satisfies PagesQuestion)
    })

  /** Saves a PDF that is being made, and says so. */
  async function keepPdf(name: string, making: Promise<Uint8Array | null>): Promise<void> {
    const bytes = await making
    if (!bytes) return
    downloadBytes(name, bytes, 'application/pdf')
    saved.value = name
  }
  /** A page with its letters in it, or one card of it for a screen; the whole page where `card` is null. */
  async function keepPicture(name: string, page: Page, as: 'svg' | 'png', card: number | null): Promise<void> {
    begin()
    try {
      const fonts = await fontRules()
      const svg = card === null ? pageSvg(page, sources.value, fonts) : cardSvg(page, card, sources.value, fonts)
      if (as === 'svg') downloadText(`${name}.svg`, svg, 'image/svg+xml')
      else downloadBytes(`${name}.png`, await pngOf(svg, card === null ? page : page.cards![card]), 'image/png')
      saved.value = `${name}.${as}`
    } catch (error) {
      fail(error)
    }
  }
  return { progress, failed, saved, asked, stop, pdfOf, keepPdf, keepPicture }
}
