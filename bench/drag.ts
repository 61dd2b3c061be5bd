import type { Page } from 'puppeteer-core'

interface Recorder {
  frames: number[]
  drops: number[]
  stop: () => void
}
declare global {
  interface Window {
    recorder?: Recorder
  }
}

/** Steps of the pointer between two cubbies, as a hand makes them. */
const STEPS = 12
const DRAGS = 6

/**
 * Drags cards over the board of the open unit and drops them, and measures in the page: how long each frame took while
 * a card was held, and how long after each drop the readings had changed.
 */
export async function dragOnBoard(page: Page): Promise<{ drops: number[]; longestFrame: number }> {
  // The runner keeps functions' names by a helper that the page does not have.
  await page.evaluate('globalThis.__name = (named) => named')
  await page.evaluate(() => {
    const recorder: Recorder = { frames: [], drops: [], stop: () => {} }
    let last = performance.now()
    let held = false
    let dropped = 0
    let frame = requestAnimationFrame(function tick(now) {
      if (held) recorder.frames.push(now - last)
      last = now
      frame = requestAnimationFrame(tick)
    })
    window.addEventListener('pointerdown', () => (held = true), true)
    window.addEventListener(
      'pointerup',
      () => {
        held = false
        dropped = performance.now()
      },
      true,
    )
    const observer = new MutationObserver(() => {
      if (!dropped) return
      recorder.drops.push(performance.now() - dropped)
      dropped = 0
    })
    observer.observe(document.querySelector('.board')!, { childList: true, subtree: true })
    recorder.stop = () => {
      cancelAnimationFrame(frame)
      observer.disconnect()
    }
    window.recorder = recorder
  })
  for (let i = 0; i < DRAGS; i++) {
    const card = (await page.$$('.slot .plan-card'))[i]
    const slots = await page.$$('.cell .slot')
    const [from, ...over] = [
      await card.boundingBox(),
      ...(await Promise.all(
        [0.7, 0.3, 0.9, 0.5].map((share) => slots[Math.floor(slots.length * share)].boundingBox()),
      )),
    ]
    if (!from) continue
    await page.mouse.move(from.x + 20, from.y + 12)
    await page.mouse.down()
    await page.mouse.move(from.x + 30, from.y + 24, { steps: 4 })
    for (const box of over)
      if (box) await page.mouse.move(box.x + box.width / 2, Math.min(box.y + box.height - 8, 690), { steps: STEPS })
    await page.mouse.up()
    await page.waitForFunction('document.querySelector(".drag-copy") === null', { polling: 50 })
    await page.keyboard.press('Escape')
  }
  const { frames, drops } = await page.evaluate(() => {
    window.recorder!.stop()
    return { frames: window.recorder!.frames, drops: window.recorder!.drops }
  })
  return { drops, longestFrame: Math.max(...frames) }
}
