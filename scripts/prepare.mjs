import { spawn, spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import { createInterface } from 'node:readline'
import { fileURLToPath } from 'node:url'
import { gzipSync } from 'node:zlib'

/** What must be there before anything can run. Node's own modules only: this runs before anything is installed. */

export const root = resolve(dirname(fileURLToPath(import.meta.url)), '..')
const at = (...parts) => join(root, ...parts)
export const say = (words) => console.log(words)

/** Runs a command to its end; shows its output only when it fails. */
function run(command, args, env = {}) {
  return new Promise((done, fail) => {
    const child = spawn(command, args, { cwd: root, env: { ...process.env, ...env }, stdio: ['ignore', 'pipe', 'pipe'] })
    let output = ''
    child.stdout.on('data', (data) => (output += data))
    child.stderr.on('data', (data) => (output += data))
    child.on('error', fail)
    child.on('close', (code) => (code === 0 ? done(output) : fail(new Error(`${command} ${args.join(' ')} failed:\n${output.slice(-4000)}`))))
  })
}

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

/** Installs the packages of the lock file, and builds the one native one. */
export async function install() {
  checkNode()
  const print = `${fingerprint(['package-lock.json', '.npmrc'])} ${process.version}`
  const marker = at('node_modules', '.kobby-installed')
  if (isDone(marker, print)) return
  say('Installing the packages. The first time takes a minute.')
  await run('npm', ['ci', '--no-audit', '--no-fund'])
  const loads = () => spawnSync(process.execPath, ['-e', "new (require('better-sqlite3'))(':memory:')"], { cwd: root }).status === 0
  if (!loads()) {
    say('Building the database driver for this machine. This takes one to two minutes, once.')
    await run('npm', ['rebuild', 'better-sqlite3', '--ignore-scripts=false', '--build-from-source'])
    if (!loads()) throw new Error('The database driver could not be built. It needs python3, make and a C++ compiler.')
  }
  markDone(marker, print)
}

/** Lays a packed copy beside each file that is worth it: packed once and well here, rather than quickly at every request. */
function pack(folder) {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name)
    if (entry.isDirectory()) pack(path)
    else if (/\.(js|css|svg|html)$/.test(entry.name)) writeFileSync(`${path}.gz`, gzipSync(readFileSync(path), { level: 9 }))
  }
}

/** Builds the interface, unless it is built from just these sources. */
export async function build() {
  const print = fingerprint(['package-lock.json', 'vite.config.ts', 'tsconfig.json', 'core', 'web', 'demo'])
  const marker = at('dist', '.kobby-built')
  if (isDone(marker, print) && existsSync(at('dist/web/index.html'))) return
  say('Building the interface.')
  await run(process.execPath, [at('node_modules/vite/bin/vite.js'), 'build'])
  pack(at('dist/web'))
  markDone(marker, print)
}

/** Starts the server as a process of its own; resolves with its address once it listens. */
export function startServer(env, onExit) {
  // Its log goes to the same place as this one's errors.
  const child = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], { cwd: root, env: { ...process.env, ...env }, stdio: ['ignore', 'pipe', 'inherit'] })
  child.on('exit', (code) => onExit?.(code))
  return new Promise((done, fail) => {
    child.once('exit', (code) => fail(new Error(`The server ended with ${code}`)))
    // Its first line says where it is; whatever else it says is passed on.
    createInterface({ input: child.stdout }).on('line', (line) => {
      const found = /^Kobby is at (http:\/\/\S+)/.exec(line)
      if (found) done({ child, address: found[1].replace(/\/$/, ''), line })
      else say(line)
    })
  })
}

/** Passes the usual signals on, so that Ctrl+C ends the server and this with it. */
export function endWith(child) {
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal))
}
