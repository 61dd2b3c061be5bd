import { spawnSync } from 'node:child_process'
import { existsSync } from 'node:fs'
import { say } from './prepare.mjs'

const PLACES = [
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
  '/usr/bin/google-chrome',
  '/Applications/Chromium.app/Contents/MacOS/Chromium',
  '/Applications/Google Chrome.app/Contents/MacOS/Google Chrome',
]

/** The path of a Chromium: as named, as found, or Debian's package installed where that is allowed. */
export function chromium() {
  const found = () => [process.env.CHROMIUM, ...PLACES].find((path) => path && existsSync(path))
  if (found()) return found()
  const mayInstall =
    process.platform === 'linux' && process.getuid?.() === 0 && spawnSync('apt-get', ['--version']).status === 0
  if (mayInstall) {
    say("Installing Debian's Chromium for the browser tests. This takes a minute, once.")
    spawnSync('apt-get', ['update'], { stdio: 'ignore' })
    spawnSync('apt-get', ['install', '-y', '--no-install-recommends', 'chromium'], {
      stdio: 'ignore',
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    })
  }
  if (!found())
    throw new Error(
      'The browser tests need Chromium. Install it (on Debian: apt-get install chromium), or set CHROMIUM to the path of one.',
    )
  return found()
}
