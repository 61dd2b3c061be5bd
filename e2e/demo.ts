import type { Page } from 'puppeteer-core'
import { DESK, shareBrowser, openPage, sees, signIn } from './browser'
import { openHome, type OpenHome } from './home'

export interface OpenDemo {
  page: Page
  errors: string[]
  base: string
  kobby: OpenHome['kobby']
  close: () => Promise<void>
}

/** The demo home with the provider signed in, at a desk. */
export async function openDemo(look: 'light' | 'dark' = 'light'): Promise<OpenDemo> {
  const [home, { browser, close }] = [await openHome(true), await shareBrowser()]
  const { page, errors } = await openPage(browser, DESK, look)
  await signIn(page, home.base)
  await sees(page, 'Wheels and Ramps')
  return {
    page,
    errors,
    base: home.base,
    kobby: home.kobby,
    close: async () => {
      await close()
      await home.close()
    },
  }
}
