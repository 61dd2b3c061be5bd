import { spawn, spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { createInterface } from 'node:readline'
import { brotliCompressSync, constants, gzipSync } from 'node:zlib'
import { driver } from './driver.mjs'
import { root, run, say } from './run.mjs'

export { root, say }

/** What must be there before anything can run. Node's own modules only: this runs before anything is installed. */

const at = (...parts) => join(root, ...parts)

/** One number for the contents of some files and folders. */
function fingerprint(paths) {
  const hash = createHash('sha256')
  const add = (path) => {
    if (!existsSync(path)) return
    if (statSync(path).isDirectory()) for (const name of readdirSync(path).sort()) add(join(path, name))
    else hash.update(path.slice(root.length)).update(readFileSync(path))
  }
  paths.map((path) => at(path)).forEach(add)
  return hash.digest('hex')
}

const isDone = (marker, print) => existsSync(marker) && readFileSync(marker, 'utf8') === print
function markDone(marker, print) {
  mkdirSync(dirname(marker), { recursive: true })
  writeFileSync(marker, print)
}

function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number)
  if (major > 20 || (major === 20 && minor >= 19)) return
  say(`Kobby needs Node 20.19 or later. This is Node ${process.versions.node}.`)
  process.exit(1)
}

/** Installs the packages of the lock file. */
async function packages() {
  checkNode()
  const print = `${fingerprint(['package-lock.json', '.npmrc'])} ${process.version}`
  const marker = at('node_modules', '.kobby-installed')
  if (isDone(marker, print)) return
  say('Installing the packages. The first time takes a minute.')
  await run('npm', ['ci', '--no-audit', '--no-fund'])
  markDone(marker, print)
}

/** Installs the packages of the lock file, and gets the one native one. */
export async function install() {
  await packages()
  await driver()
}

/**
 * All that is needed to serve: the packages, then the driver and the interface beside each other. As soon as there is a
 * driver the server can be started; what `serve` gives is given once the interface is built too.
 */
export async function prepare(serve) {
  await packages()
  const [served] = await Promise.all([Promise.all([driver(), buildServer()]).then(serve), build()])
  return served
}

/** Browsers take the smaller form over https and from this machine, the other one from anywhere. */
function packFile(path) {
  const text = readFileSync(path)
  writeFileSync(`${path}.gz`, gzipSync(text, { level: 9 }))
  const params = { [constants.BROTLI_PARAM_QUALITY]: 6, [constants.BROTLI_PARAM_SIZE_HINT]: text.length }
  writeFileSync(`${path}.br`, brotliCompressSync(text, { params }))
}

/**
 * Lays packed copies beside each file that is worth it: packed once and well here, rather than quickly at every
 * request.
 */
function pack(folder) {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name)
    // A drawing is a kilobyte or two, and there are many.
    if (entry.isDirectory() && entry.name === 'pictures') continue
    if (entry.isDirectory()) pack(path)
    else if (/\.(js|css|svg|html|json)$/.test(entry.name)) packFile(path)
  }
}

const vite = (...args) => run(process.execPath, [at('node_modules/vite/bin/vite.js'), 'build', ...args])

/**
 * Builds the server and its commands, unless they are built from just these sources: Node then reads them as they are.
 */
export async function buildServer() {
  const print = fingerprint(['package-lock.json', 'vite.server.ts', 'tsconfig.json', 'core', 'server', 'demo'])
  const marker = at('dist', '.kobby-server-built')
  if (isDone(marker, print) && existsSync(at('dist/server/main.js'))) return
  await vite('-c', 'vite.server.ts')
  markDone(marker, print)
}

/** Runs one of the server's commands to its end, with its output shown; gives its exit code. */
export async function command(name, args) {
  await install()
  await buildServer()
  return (
    spawnSync(process.execPath, ['--enable-source-maps', at('dist/server', `${name}.js`), ...args], {
      cwd: root,
      stdio: 'inherit',
    }).status ?? 1
  )
}

/** Builds the interface, unless it is built from just these sources. */
export async function build() {
  const print = fingerprint([
    'package-lock.json',
    'vite.config.ts',
    'tsconfig.json',
    'scripts/chunks.ts',
    'scripts/drawings.ts',
    'core',
    'web',
    'demo',
  ])
  const marker = at('dist', '.kobby-built')
  if (isDone(marker, print) && existsSync(at('dist/web/index.html'))) return
  say('Building the interface.')
  await vite()
  pack(at('dist/web'))
  markDone(marker, print)
}

/**
 * Starts the server as a process of its own; resolves with its address once it listens. Whatever else it says is kept
 * back until `said` is called, and passed on from then on.
 */
export function startServer(env, onExit) {
  // Its log goes to the same place as this one's errors.
  const child = spawn(process.execPath, ['--enable-source-maps', 'dist/server/main.js'], {
    cwd: root,
    env: { ...process.env, ...env },
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  child.on('exit', (code) => onExit?.(code))
  return new Promise((done, fail) => {
    child.once('exit', (code) => fail(new Error(`The server ended with ${code}`)))
    let waiting = []
    const tell = (line) => (waiting ? waiting.push(line) : say(line))
    const said = () => {
      const lines = waiting ?? []
      waiting = null
      lines.forEach(say)
    }
    createInterface({ input: child.stdout }).on('line', (line) => {
      // Its first line says where it is.
      const found = /^Kobby is at (http:\/\/\S+)/.exec(line)
      if (found) done({ child, address: found[1].replace(/\/$/, ''), line, said })
      else tell(line)
    })
  })
}

/** Passes the usual signals on, so that Ctrl+C ends the server and this with it. */
export function endWith(child) {
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal))
}
