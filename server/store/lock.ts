import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { hostname } from 'node:os'
import { join } from 'node:path'
import Database from 'better-sqlite3'
import { CannotStart } from '../settings'

/**
 * Holds a data folder for one server. The lock is the system's own, on a small file, so that it goes with the process
 * however that ends; who holds it stands beside it in words.
 *
 * @param what such as "Kobby" or "a restore"
 * @returns lets go of it
 * @throws {CannotStart} when another holds it
 */
export function holdFolder(folder: string, what: string): () => void {
  const note = join(folder, 'kobby.lock.txt')
  const lock = new Database(join(folder, 'kobby.lock'), { timeout: 0 })
  try {
    lock.exec('BEGIN EXCLUSIVE')
  } catch (error) {
    lock.close()
    if (!String((error as { code?: string }).code).startsWith('SQLITE_BUSY')) throw error
    const owner = existsSync(note) ? readFileSync(note, 'utf8').trim() : 'another process'
    throw new CannotStart(
      `The folder ${folder} is in use by ${owner}. Stop that one first, or choose another folder with KOBBY_DATA.`,
    )
  }
  writeFileSync(note, `${what}, process ${process.pid} on ${hostname()}, since ${new Date().toISOString()}\n`)
  return () => {
    rmSync(note, { force: true })
    lock.close()
  }
}
