import { createRequire } from 'node:module'
import { existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs'
import { basename, dirname, join } from 'node:path'
import { Worker } from 'node:worker_threads'

/** Copies of a database: how one is made while it is written, how it is named, and which are kept. */

export interface Copy {
  name: string
  path: string
  bytes: number
  at: Date
}

/** Made before an update or a restore, beside the database. */
export const beforeName = (file: string, what: string): string => `${file}.before-${what}`
/** How many of those are kept. */
export const MOST_BEFORE = 5
/** How many of the nightly ones and those made by hand are kept. */
export const MOST_BACKUPS = 14

const BACKUP = /^kobby-\d{4}-\d\d-\d\d(-\d{6})?\.sqlite$/

/** @param time hours, minutes and seconds as six digits; without it the one copy of that night */
export const backupName = (date: string, time?: string): string => `kobby-${date}${time ? `-${time}` : ''}.sqlite`

function copiesIn(folder: string, is: (name: string) => boolean): Copy[] {
  if (!existsSync(folder) || !statSync(folder).isDirectory()) return []
  return readdirSync(folder)
    .filter(is)
    .map((name) => {
      const path = join(folder, name)
      const { size, mtime } = statSync(path)
      return { name, path, bytes: size, at: mtime }
    })
    .sort((a, b) => b.at.getTime() - a.at.getTime() || b.name.localeCompare(a.name))
}

/** Backups in a folder, the newest first. */
export const backupsIn = (folder: string): Copy[] => copiesIn(folder, (name) => BACKUP.test(name))
/** Copies beside a database, the newest first. */
export const copiesBeside = (file: string): Copy[] =>
  copiesIn(dirname(file), (name) => name.startsWith(`${basename(file)}.before-`))

/** Lets go of all copies but the newest. */
export function keepNewest(copies: readonly Copy[], most: number): void {
  for (const copy of copies.slice(most)) rmSync(copy.path, { force: true })
}

/**
 * One reading transaction holds the whole copy together, whoever writes meanwhile; in a thread of its own, since it
 * takes as long as the file is large.
 */
const COPY = `
const { parentPort, workerData } = require('node:worker_threads')
const Database = require(workerData.driver)
const from = new Database(workerData.from, { readonly: true, fileMustExist: true, timeout: 10000 })
from.prepare('VACUUM INTO ?').run(workerData.to)
from.close()
const copy = new Database(workerData.to, { fileMustExist: true })
const said = copy.pragma('quick_check(1)', { simple: true })
copy.close()
const fs = require('node:fs')
const file = fs.openSync(workerData.to, 'r+')
fs.fsyncSync(file)
fs.closeSync(file)
parentPort.postMessage(said)
`

/**
 * Copies a database whole, while it is written or not.
 *
 * @param from the database
 * @param to where the copy goes; it is there whole or not at all
 */
export async function copyDatabase(from: string, to: string): Promise<void> {
  mkdirSync(dirname(to), { recursive: true })
  const part = `${to}.part`
  rmSync(part, { force: true })
  try {
    const said = await new Promise((done, fail) => {
      const worker = new Worker(COPY, {
        eval: true,
        workerData: { driver: createRequire(import.meta.url).resolve('better-sqlite3'), from, to: part },
      })
      worker
        .once('message', done)
        .once('error', fail)
        .once('exit', () => fail(new Error('The copy ended before it was made')))
    })
    if (said !== 'ok') throw new Error(`The copy is damaged: ${String(said)}`)
    renameSync(part, to)
  } catch (error) {
    rmSync(part, { force: true })
    throw error
  }
}
