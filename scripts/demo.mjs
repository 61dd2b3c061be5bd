import { spawnSync } from 'node:child_process'
import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { endWith, prepare, root, say, startServer } from './prepare.mjs'

/** Installs, builds, makes the demo home in ./data/demo through the public import, and serves it. */

const SIGN_IN = { name: 'Maren', signIn: 'maren', password: 'larkspur-house' }
const SATURDAY = 6

/** The demo's today: as set, else the real one; on a weekend the Monday after, so that there is a day to run. */
function demoDate() {
  if (process.env.KOBBY_TODAY) return process.env.KOBBY_TODAY
  const now = new Date()
  const ahead = now.getDay() === SATURDAY ? 2 : now.getDay() === 0 ? 1 : 0
  const date = new Date(now.getFullYear(), now.getMonth(), now.getDate() + ahead, 12)
  return `${date.getFullYear()}-${String(date.getMonth() + 1).padStart(2, '0')}-${String(date.getDate()).padStart(2, '0')}`
}

async function send(base, path, body, cookie) {
  const response = await fetch(`${base}/api/v1${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', ...(cookie && { cookie }) },
    body: JSON.stringify(body),
  })
  if (!response.ok) throw new Error(`${path} answered ${response.status}: ${await response.text()}`)
  return response
}

/** Starts the server, and moves the demo home in where it is new. */
async function open() {
  const data = process.env.KOBBY_DATA ?? join(root, 'data', 'demo')
  const isNew = !existsSync(join(data, 'kobby.sqlite'))
  const { child, address } = await startServer({ KOBBY_DATA: data, KOBBY_TODAY: today }, (code) =>
    process.exit(code ?? 0),
  )
  endWith(child)
  if (isNew) {
    say('Moving into the demo home.')
    const file = spawnSync(process.execPath, ['dist/server/demo.js', today], {
      cwd: root,
      encoding: 'utf8',
      maxBuffer: 64 * 1024 * 1024,
    })
    if (file.status !== 0) throw new Error(file.stderr)
    const owner = await send(address, '/owner', SIGN_IN)
    await send(address, '/plan-files/apply', JSON.parse(file.stdout), owner.headers.getSetCookie()[0].split(';')[0])
  }
  return address
}

const today = demoDate()
try {
  const address = await prepare(open)
  say('')
  say(`Larkspur House is open at ${address}/`)
  say(`Sign in as "${SIGN_IN.signIn}" with the password "${SIGN_IN.password}". It is ${today} there.`)
  say('Ctrl+C ends it. To begin again, remove the folder data/demo.')
} catch (error) {
  say(error.message)
  process.exit(1)
}
