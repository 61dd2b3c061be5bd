import type { ElementHandle, Page } from 'puppeteer-core'
import { OFTEN } from './browser'

/** What a person does with a page: by pointer and by keys, found by what stands on the screen. */

/** The element that is named so on the screen or to a screen reader, within a part of the page. */
export async function named(page: Page, name: string, within = 'body'): Promise<ElementHandle<HTMLElement>> {
  const handle = await page.waitForFunction(
    (wanted: string, scope: string) => {
      const area = document.querySelector(scope)
      // Who is called so at all is asked for first: what of it shows takes the page to be laid out.
      const plain = (words: string) => words.replace(/\s+/g, '').toLowerCase()
      const called = (element: HTMLElement) =>
        plain(element.getAttribute('aria-label') ?? element.textContent ?? '').startsWith(plain(wanted))
      const shown = (element: HTMLElement) =>
        element.getClientRects().length > 0 && getComputedStyle(element).visibility !== 'hidden'
      const all = [
        ...(area?.querySelectorAll<HTMLElement>(
          'button, a, input, summary, [role=button], [role=combobox], label, textarea',
        ) ?? []),
      ].filter((element) => called(element) && shown(element))
      const text = (element: HTMLElement) =>
        (element.getAttribute('aria-label') ?? element.innerText ?? '').trim().replace(/\s+/g, ' ')
      return (
        all.find((element) => text(element) === wanted) ??
        all.find((element) => text(element).startsWith(wanted)) ??
        null
      )
    },
    OFTEN,
    name,
    within,
  )
  return handle as ElementHandle<HTMLElement>
}

/** Brings an element into sight, and waits until it stands still there: a list that is still being filtered moves its rows. */
async function still(page: Page, element: ElementHandle<HTMLElement>): Promise<void> {
  await element.evaluate((one) => one.scrollIntoView({ block: 'center' }))
  await page.waitForFunction(
    async (one: HTMLElement) => {
      const place = () => {
        const { x, y } = one.getBoundingClientRect()
        return `${x},${y}`
      }
      const frame = () => new Promise((resolve) => requestAnimationFrame(resolve))
      const before = place()
      for (let i = 0; i < 3; i++) await frame()
      return !one.isConnected || place() === before
    },
    OFTEN,
    element,
  )
}

export async function click(page: Page, name: string, within?: string): Promise<void> {
  let element = await named(page, name, within)
  await still(page, element)
  // What was drawn anew meanwhile is another element by the same name.
  if (!(await element.evaluate((one) => one.isConnected))) element = await named(page, name, within)
  await element.click()
}

/** Types into the field whose label says so. */
export async function fill(page: Page, label: string, text: string): Promise<void> {
  const field = (await page.waitForFunction(
    (wanted: string) => {
      const found = [...document.querySelectorAll('label')].find((one) => one.innerText.trim().startsWith(wanted))
      return (
        found?.querySelector<HTMLElement>('input:not([type=hidden]), textarea') ??
        document.querySelector<HTMLElement>(`[aria-label="${wanted}"] input, input[aria-label="${wanted}"]`)
      )
    },
    OFTEN,
    label,
  )) as ElementHandle<HTMLInputElement>
  // A click into a date opens its calendar; a person who types comes by Tab.
  if (await field.evaluate((one) => one.type === 'date')) await field.focus()
  else await field.click({ count: 3 })
  // Three clicks take a line; what has several is taken whole.
  await field.evaluate((one) => {
    if (one.tagName === 'TEXTAREA') one.select()
  })
  await field.type(text)
}

/** Chooses from a list by what it is called to a reader. */
export async function choose(page: Page, field: string, option: string) {
  const box = (await page.waitForSelector(`[role=combobox]:has([aria-label="${field}"])`))!
  await box.evaluate((one) => one.scrollIntoView({ block: 'center' }))
  await box.click()
  const find = (wanted: string) =>
    [...document.querySelectorAll<HTMLElement>('[role=listbox] [role=option]')].find((one) =>
      one.innerText.trim().startsWith(wanted),
    ) ?? null
  const item = await page.waitForFunction(find, OFTEN, option)
  await (item as unknown as { evaluate: (work: (one: HTMLElement) => void) => Promise<void> }).evaluate((one) =>
    one.click(),
  )
}

const centre = async (element: ElementHandle<Element>) => {
  await element.evaluate((one) => one.scrollIntoView({ block: 'center', inline: 'nearest' }))
  const box = (await element.boundingBox())!
  return { x: box.x + box.width / 2, y: box.y + Math.min(box.height / 2, 40) }
}

/** Drags one element onto another with the mouse, in small steps as a hand does. */
export async function drag(page: Page, from: string, to: string): Promise<void> {
  const [source, target] = [(await page.waitForSelector(from))!, (await page.waitForSelector(to))!]
  // What drags comes beside the view: a hand that is faster than it would hold nothing.
  await page.waitForFunction((one: Element) => one.closest('[data-drags]') !== null, OFTEN, source)
  await centre(target)
  const start = await centre(source)
  await page.mouse.move(start.x, start.y)
  await page.mouse.down()
  await page.mouse.move(start.x + 8, start.y + 8, { steps: 4 })
  // The page may have grown rows for the drop, so the target is looked up again.
  const box = (await (await page.waitForSelector(to))!.boundingBox())!
  await page.mouse.move(box.x + box.width / 2, box.y + box.height - 12, { steps: 12 })
  await page.waitForSelector(`${to}[data-over]`)
  await page.mouse.up()
}

/** Presses Tab until something with this name has the focus. */
export async function tabTo(page: Page, name: string, most = 160): Promise<void> {
  for (let i = 0; i < most; i++) {
    const now = await page.evaluate(() => {
      const element = document.activeElement as HTMLElement | null
      const label = element?.closest('label')?.innerText ?? ''
      return [element?.getAttribute('aria-label') ?? '', element?.innerText ?? '', label].map((text) =>
        text.trim().replace(/\s+/g, ' '),
      )
    })
    if (now.some((text) => text.startsWith(name))) return
    await page.keyboard.press('Tab')
  }
  throw new Error(`Tab never came to "${name}"`)
}

/** What the page says in a place. */
export const textOf = (page: Page, selector: string): Promise<string> =>
  page.$eval(selector, (element) => (element as HTMLElement).innerText.replace(/\s+/g, ' ').trim())
export const waitText = (page: Page, selector: string, part: string) =>
  page.waitForFunction(
    (where: string, wanted: string) =>
      [...document.querySelectorAll<HTMLElement>(where)].some((element) =>
        element.innerText.replace(/\s+/g, ' ').includes(wanted),
      ),
    OFTEN,
    selector,
    part,
  )
/** Waits until everything written is on the server. A phone has no path that says so: there nothing waits any more. */
export const saved = (page: Page) =>
  page.waitForFunction(() => {
    const path = document.querySelector<HTMLElement>('[aria-label="The way through a unit"]')
    const isSaid = path ? /Saved \d/.test(path.innerText) : document.querySelector('nav[aria-label=Main]') !== null
    return isSaid && localStorage.getItem('kobby-queue') === null
  }, OFTEN)
/** Makes the owner's account at the first start. */
export async function makeAccount(
  page: Page,
  base: string,
  owner: { name: string; signIn: string; password: string },
): Promise<void> {
  await page.goto(base)
  await fill(page, 'Your first name', owner.name)
  await fill(page, 'A name to sign in with', owner.signIn)
  await fill(page, 'A password', owner.password)
  await click(page, 'Go on')
}

/** Goes on from the recovery code, which is shown once. */
export async function keepCode(page: Page): Promise<string> {
  const code = await page.waitForSelector('output').then((shown) => shown!.evaluate((one) => one.textContent!.trim()))
  await click(page, 'I have kept it')
  return code
}
