import type { Page } from 'puppeteer-core'

interface Watched extends Window {
  kobbyFrames: number[]
  kobbyPdf: number
}

/** Makes a PDF of everything to print on the page that is open, and measures in it: how long it took, and each frame. */
export async function pdfInPage(page: Page, button: string): Promise<{ took: number; longestFrame: number }> {
  await page.evaluate('globalThis.__name = (named) => named')
  await page.evaluate((name: string) => {
    const watched = window as unknown as Watched
    watched.kobbyFrames = []
    watched.kobbyPdf = 0
    let last = performance.now()
    const started = last
    requestAnimationFrame(function tick(now) {
      watched.kobbyFrames.push(now - last)
      last = now
      if (!watched.kobbyPdf) requestAnimationFrame(tick)
    })
    const keep = URL.createObjectURL.bind(URL)
    URL.createObjectURL = (what: Blob) => {
      if (what.type === 'application/pdf') watched.kobbyPdf = performance.now() - started
      return keep(what)
    }
    const all = [...document.querySelectorAll<HTMLElement>('button')]
    all.find((one) => one.innerText.startsWith(name))!.click()
  }, button)
  await page.waitForFunction(() => (window as unknown as Watched).kobbyPdf > 0, { timeout: 60_000 })
  return page.evaluate(() => {
    const watched = window as unknown as Watched
    return { took: watched.kobbyPdf, longestFrame: Math.max(...watched.kobbyFrames) }
  })
}
