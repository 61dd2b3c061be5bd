import { spawnSync } from 'node:child_process'
import { copyFileSync, existsSync, mkdirSync, readFileSync } from 'node:fs'
import { homedir } from 'node:os'
import { dirname, join } from 'node:path'
import { root, run, say } from './run.mjs'

/**
 * The database driver is the one package with native code. It is taken ready-made where that can be had: as an earlier
 * clone on this machine built it, or from those who publish it. Else it is built from source, once. Which it was is
 * said.
 */

const folder = join(root, 'node_modules', 'better-sqlite3')
const built = join(folder, 'build', 'Release', 'better_sqlite3.node')
/** How long the ready-made one is waited for, in milliseconds: without a network the answer is no at once. */
const PATIENCE = 30_000

const loads = () =>
  spawnSync(process.execPath, ['-e', "new (require('better-sqlite3'))(':memory:')"], { cwd: root, stdio: 'ignore' })
    .status === 0

/** Where a driver that was built from source is kept for the next clone: by what it was built for. */
function keptCopy() {
  const { version } = JSON.parse(readFileSync(join(folder, 'package.json'), 'utf8'))
  const libc =
    process.platform === 'linux' ? (process.report?.getReport().header.glibcVersionRuntime ? '-glibc' : '-musl') : ''
  return join(
    process.env.XDG_CACHE_HOME || join(homedir(), '.cache'),
    'kobby',
    `better-sqlite3-${version}-node${process.versions.modules}-${process.platform}${libc}-${process.arch}.node`,
  )
}

function put(from, to) {
  mkdirSync(dirname(to), { recursive: true })
  copyFileSync(from, to)
}

/** Makes the driver one that loads here. */
export async function driver() {
  if (existsSync(built) && loads()) return
  const copy = keptCopy()
  if (existsSync(copy)) {
    put(copy, built)
    if (loads()) return say('The database driver: as it was built on this machine before.')
  }
  const tool = join(root, 'node_modules', 'prebuild-install', 'bin.js')
  if (existsSync(tool)) {
    spawnSync(process.execPath, [tool], { cwd: folder, stdio: 'ignore', timeout: PATIENCE })
    if (existsSync(built) && loads()) return say('The database driver: ready-made, as it is published.')
  }
  say('The database driver: built from source, since none is at hand ready-made. This takes one to two minutes, once.')
  // On as many processors as there are: its two large files at the same time.
  await run('npm', ['rebuild', 'better-sqlite3', '--ignore-scripts=false', '--build-from-source'], { JOBS: 'max' })
  if (!loads()) throw new Error('The database driver could not be built. It needs python3, make and a C++ compiler.')
  try {
    put(built, copy)
  } catch {
    // A home folder that cannot be written: the next clone builds it again.
  }
}
