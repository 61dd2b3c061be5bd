import { existsSync } from 'node:fs'
import puppeteer, { type Browser, type Page } from 'puppeteer-core'

/** Sizes that every view must look right at. */
export const DESK = { width: 1280, height: 800 }
export const PHONE = { width: 390, height: 844, isMobile: true, hasTouch: true, deviceScaleFactor: 1 }

/** Chromium without a window comes first: the same engine, at two thirds of the work. */
const PLACES = [
  '/usr/bin/chromium-headless-shell',
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
  '/usr/bin/google-chrome',
]

/** Starts headless Chromium, kept off the network. */
export async function openBrowser(engine: string[] = []): Promise<{ browser: Browser; close: () => Promise<void> }> {
  const executablePath = process.env.CHROMIUM ?? PLACES.find((path) => existsSync(path))
  if (!executablePath)
    throw new Error(
      "Chromium was not found. Install Debian's package chromium-headless-shell, or set CHROMIUM to its path.",
    )
  const browser = await puppeteer.launch({
    executablePath,
    headless: true,
    issuesEnabled: false,
    // It ends with the process that holds the other end.
    pipe: true,
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--disable-dev-shm-usage',
      '--force-prefers-reduced-motion',
      '--lang=en-US',
      ...(engine.length ? [`--js-flags=${engine.join(' ')}`] : []),
    ],
  })
  return { browser, close: () => browser.close() }
}

/**
 * How the engine of a walk works: its pages live for seconds, so that what it compiles for a long life, and the memory
 * that it tidies up beside them, is a sixth of the whole work and never pays. What a page does is the same.
 */
const FOR_SHORT_LIVES = ['--no-turbofan', '--invocation-count-for-maglev=3000', '--initial-heap-size=2000']

let running: Promise<Browser> | undefined
/**
 * The browser of this process, started by the first file of tests that needs it: starting one takes longer than many a
 * test. `close` leaves it to the next file, with every session ended that was begun since.
 */
export async function shareBrowser(): Promise<{ browser: Browser; close: () => Promise<void> }> {
  if (!(await running)?.connected) running = openBrowser(FOR_SHORT_LIVES).then((opened) => opened.browser)
  const browser = await running!
  const before = new Set(browser.browserContexts())
  return {
    browser,
    close: async () => {
      const since = browser.browserContexts().filter((one) => !before.has(one))
      await Promise.all(since.map((one) => one.close()))
    },
  }
}

/** What the browser itself says where the server did not answer, or said no: a walk says what it expects of that. */
const UNREACHED = /Failed to load resource|An unknown error occurred when fetching the script/

/** The look that the device asks for. */
export const wear = (page: Page, look: 'light' | 'dark') =>
  page.emulateMediaFeatures([
    { name: 'prefers-color-scheme', value: look },
    { name: 'prefers-reduced-motion', value: 'reduce' },
  ])

/**
 * A page of its own session, at a size and in a look, that fails the test on any error in it.
 *
 * @param more `besideOthers`: it counts as the one in front, as on a device of its own. It changes where Tab goes, so
 *   it is not for walks by keyboard. `keepsCopy`: its service worker answers for it, as on a device; all else is the
 *   same without, and opens in half the time
 */
export async function openPage(
  browser: Browser,
  size: typeof DESK | typeof PHONE = DESK,
  look: 'light' | 'dark' = 'light',
  { besideOthers = false, keepsCopy = false } = {},
): Promise<{ page: Page; errors: string[] }> {
  const context = await browser.createBrowserContext()
  const page = await context.newPage()
  await page.setViewport(size)
  await wear(page, look)
  if (besideOthers) {
    const devtools = await page.createCDPSession()
    await devtools.send('Emulation.setFocusEmulationEnabled', { enabled: true })
  }
  if (!keepsCopy) await page.setBypassServiceWorker(true)
  const errors: string[] = []
  page.on('pageerror', (error) => errors.push(String(error)))
  page.on('console', (message) => {
    if (message.type() === 'error' && !UNREACHED.test(message.text())) errors.push(message.text())
  })
  page.setDefaultTimeout(Number(process.env.KOBBY_WAIT ?? 60_000))
  return { page, errors }
}

/** Signs in through the form. */
export async function signIn(
  page: Page,
  base: string,
  signInName = 'maren',
  password = 'larkspur-house',
): Promise<void> {
  await page.goto(`${base}/sign-in`)
  const [name, secret] = [
    await page.waitForSelector('input[autocomplete=username]'),
    await page.waitForSelector('input[type=password]'),
  ]
  await name!.type(signInName)
  await secret!.type(password)
  await secret!.press('Enter')
  await page.waitForFunction(() => !location.pathname.startsWith('/sign-in'), OFTEN)
}

/** Waits until the page shows a text. */
export const sees = (page: Page, text: string) =>
  page.waitForFunction(
    (wanted: string) => {
      // What is there at all is asked for first: what of it shows takes the page to be laid out.
      const plain = (words: string) => words.replace(/\s+/g, '').toLowerCase()
      const { body } = document
      return plain(body.textContent ?? '').includes(plain(wanted)) && body.innerText.includes(wanted)
    },
    OFTEN,
    text,
  )

/** How often a wait looks. Frames would not do: a page behind another draws none. */
export const OFTEN = { polling: 50 }

/** An address without a view, and what stands there. */
export const NOWHERE = '/no-such-page'
export const NOWHERE_SAYS = 'There is no such page'

/** Goes to an address inside the application, without a load of the page. */
export const goInside = (page: Page, path: string) =>
  page.evaluate((to: string) => {
    history.pushState(null, '', to)
    window.dispatchEvent(new PopStateEvent('popstate', { state: null }))
  }, path)
