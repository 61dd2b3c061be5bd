import { spawnSync } from 'node:child_process'
import { existsSync } from 'node:fs'
import { say } from './prepare.mjs'

/** Chromium without a window: the same engine, at two thirds of the work. */
const SHELL = '/usr/bin/chromium-headless-shell'
const PLACES = [
  SHELL,
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
  '/usr/bin/google-chrome',
  '/Applications/Chromium.app/Contents/MacOS/Chromium',
  '/Applications/Google Chrome.app/Contents/MacOS/Google Chrome',
]

const mayInstall = () =>
  process.platform === 'linux' && process.getuid?.() === 0 && spawnSync('apt-get', ['--version']).status === 0

/** Whether Debian's package could be had. */
function installs(name) {
  say(`Installing Debian's ${name} for the browser tests. This takes a minute, once.`)
  spawnSync('apt-get', ['update'], { stdio: 'ignore' })
  return (
    spawnSync('apt-get', ['install', '-y', '--no-install-recommends', name], {
      stdio: 'ignore',
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    }).status === 0
  )
}

/** The path of a Chromium: as named, as found, or one of Debian's packages installed where that is allowed. */
export function chromium() {
  if (process.env.CHROMIUM && existsSync(process.env.CHROMIUM)) return process.env.CHROMIUM
  const found = () => PLACES.find((path) => existsSync(path))
  // Older Debians have the one with a window only.
  if (found() !== SHELL && mayInstall() && !installs('chromium-headless-shell') && !found()) installs('chromium')
  if (!found())
    throw new Error(
      'The browser tests need Chromium. Install it (on Debian: apt-get install chromium-headless-shell), ' +
        'or set CHROMIUM to the path of one.',
    )
  return found()
}
