import type { Page } from 'puppeteer-core'

/** A control as it is found on a page: how it looks to a person, and how it is found again. */
export interface Control {
  /** The same for controls of one kind: the rows of a list have one each, and one of them is pressed. */
  kind: string
  name: string
  /** Which of its kind it is on the page. */
  at: number
  disabled: boolean
  /** What says why it is disabled. */
  reason: string
  /** What it shows is what is chosen already: pressing it changes nothing, rightly. */
  chosen: boolean
}

interface Pressed {
  moved: boolean
  asked: boolean
}
interface Watched extends Window {
  kobbyControls: () => (Control & { element: HTMLElement })[]
  kobbyPress: (kind: string, at: number) => boolean
  kobbySeen: () => Pressed
  kobbyQuiet: (ms: number) => boolean
}

/** Runs in the page before anything of its own: finds controls, presses them, and sees whether anything came of it. */
function watch(): void {
  const page = window as unknown as Watched
  const SELECTOR =
    'button, a[href], [role=button], [role=tab], [role=radio], [role=switch], input[type=checkbox], input[type=radio], summary'
  const words = (element: Element) =>
    (element.getAttribute('aria-label') ?? (element as HTMLElement).innerText ?? '').trim().replace(/\s+/g, ' ')
  const nameOf = (element: HTMLElement) =>
    words(element) ||
    words(element.closest('label') ?? element) ||
    element.title ||
    (element.id && words(document.querySelector(`label[for="${element.id}"]`) ?? element)) ||
    ''
  const isShown = (element: HTMLElement) => {
    // A checkbox that is drawn by its label is there as long as the label is.
    const box = (element.closest('label') ?? element).getBoundingClientRect()
    return (
      box.width > 0 &&
      box.height > 0 &&
      getComputedStyle(element).visibility !== 'hidden' &&
      !element.closest('[inert], [hidden]')
    )
  }
  /** Classes that say what a control is, not what state it is in. */
  const classesOf = (element: Element) =>
    [...element.classList]
      .filter((one) => !/^(v-|here|on|open|active|router|ticked|selected|chosen|at$)/.test(one))
      .sort()
      .join('.')
  /** Every control that shows, with what tells it apart. */
  function found(): { element: HTMLElement; kind: string; name: string; at: number; disabled: boolean }[] {
    const dialog = [
      ...document.querySelectorAll<HTMLElement>('.v-overlay--active[role=dialog], .v-overlay--active .k-sheet'),
    ].at(-1)
    const scope: ParentNode = dialog ?? document
    const seen = new Map<string, number>()
    return [...scope.querySelectorAll<HTMLElement>(SELECTOR)].filter(isShown).map((element) => {
      const landmark = element.closest('nav, header, aside, footer, form, [role=dialog], section, main')
      const name = nameOf(element)
      // Boxes to tick that stand together are of one kind; so are the rows of a list.
      const row = element.closest('[data-slot], li, tr, .card')
      const isBox = element instanceof HTMLInputElement
      const called = isBox
        ? (element.closest('fieldset')?.querySelector('legend')?.textContent ?? '')
        : row
          ? `row ${[...row.querySelectorAll(SELECTOR)].indexOf(element)}`
          : name.replace(/\d+/g, '#')
      const kind = [
        element.tagName,
        element.getAttribute('role') ?? element.getAttribute('type') ?? '',
        classesOf(element),
        landmark?.tagName ?? '',
        landmark?.classList[0] ?? '',
        called,
      ].join('|')
      const at = seen.get(kind) ?? 0
      seen.set(kind, at + 1)
      const disabled = (element as HTMLButtonElement).disabled || element.getAttribute('aria-disabled') === 'true'
      return { element, kind, name, at, disabled }
    })
  }
  page.kobbyControls = () =>
    found().map((one) => {
      const { element, name } = one
      const around =
        element.parentElement?.closest('form, .inline, .row, .acts, td, li, .rows, .card, header, .field') ??
        element.parentElement
      const others = around
        ? [...around.querySelectorAll<HTMLElement>('p, span.small, span.mute, [role=status], [role=alert]')]
            .filter((one) => !one.closest(SELECTOR))
            .map((one) => one.innerText.trim())
            .join(' ')
        : ''
      return {
        ...one,
        reason:
          element.title || element.parentElement?.title || (element.getAttribute('aria-describedby') ?? '') || others,
        // A handle says by which keys it moves; the icon of a field is the field’s.
        chosen:
          /arrow (up|down|left|right)/i.test(name) ||
          element.matches('.v-field i') ||
          element.getAttribute('aria-current') !== null ||
          element.getAttribute('aria-selected') === 'true' ||
          element.getAttribute('aria-pressed') === 'true' ||
          element.getAttribute('aria-checked') === 'true' ||
          (element instanceof HTMLInputElement && element.type === 'radio' && element.checked) ||
          (element instanceof HTMLAnchorElement && element.href === location.href),
      }
    })
  let seen: Pressed = { moved: false, asked: false }
  const asked = () => (seen.asked = true)
  window.print = asked
  document.execCommand = () => asked()
  Object.defineProperty(navigator, 'clipboard', { value: { writeText: async () => void asked() } })
  const { fetch } = window
  let [pending, quietSince] = [0, performance.now()]
  window.fetch = (...args) => {
    asked()
    pending++
    return fetch(...args).finally(() => {
      pending--
      quietSince = performance.now()
    })
  }
  new MutationObserver(() => (quietSince = performance.now())).observe(document, {
    subtree: true,
    childList: true,
    characterData: true,
    attributes: true,
  })
  page.kobbyQuiet = (ms) => pending === 0 && document.readyState === 'complete' && performance.now() - quietSince > ms
  page.kobbySeen = () => seen
  page.kobbyPress = (kind, at) => {
    const control = found().find((one) => one.kind === kind && one.at === at)
    if (!control || control.disabled) return false
    const { element } = control
    // A file is fetched by the browser itself, and so is what opens beside the page: that it would be is enough.
    if (element instanceof HTMLAnchorElement && (element.hasAttribute('download') || element.target === '_blank')) {
      seen = { moved: false, asked: true }
      return true
    }
    element.focus()
    const before = document.activeElement
    seen = { moved: false, asked: false }
    new MutationObserver((changes) => {
      for (const change of changes) {
        const own =
          change.type === 'attributes' &&
          (change.target === element || change.target.contains(element)) &&
          change.attributeName === 'class'
        if (!own) seen.moved = true
      }
    }).observe(document, { subtree: true, childList: true, characterData: true, attributes: true })
    const was = (element as HTMLInputElement).checked
    // As a hand does it: some parts listen for the finger coming down.
    for (const type of ['mousedown', 'mouseup'])
      element.dispatchEvent(new MouseEvent(type, { bubbles: true, cancelable: true, button: 0 }))
    element.click()
    if ((element as HTMLInputElement).checked !== was || document.activeElement !== before) seen.moved = true
    return true
  }
}

/** Makes a page one whose controls can be found and pressed. */
export const watchControls = (page: Page) =>
  page.evaluateOnNewDocument(`window.__name ??= (one) => one; (${watch.toString()})()`)

/** The controls that the page shows now; those of the dialog where one is open. */
export const controlsOf = (page: Page): Promise<Control[]> =>
  page.evaluate(() => (window as unknown as Watched).kobbyControls().map(({ element: _, ...control }) => control))

/** Presses a control; false where it is not there any more. */
export const press = (page: Page, { kind, at }: Control): Promise<boolean> =>
  page.evaluate((one: string, index: number) => (window as unknown as Watched).kobbyPress(one, index), kind, at)

/** Waits until nothing on the page has changed for a moment, and nothing is asked for. */
export const settled = (page: Page): Promise<unknown> =>
  page
    .waitForFunction(() => (window as unknown as Watched).kobbyQuiet?.(50), { polling: 25, timeout: 5000 })
    .catch(() => undefined)

/**
 * Whether anything came of the last press: something on the page changed, or something was asked of the server, the
 * printer or the clipboard.
 */
export const cameOfIt = (page: Page): Promise<boolean> =>
  page.evaluate(() => {
    const { moved, asked } = (window as unknown as Watched).kobbySeen()
    return moved || asked
  })
