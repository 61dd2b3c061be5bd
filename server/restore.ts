import { copyFileSync, existsSync, renameSync, rmSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { createInterface } from 'node:readline/promises'
import Database from 'better-sqlite3'
import { countWords } from '@core/base'
import { CannotStart, readSettings } from './settings'
import { beforeName, copiesBeside, copyDatabase, keepNewest, MOST_BEFORE } from './store/copies'
import { faultOfFile } from './store/dialect'
import { holdFolder } from './store/lock'
import { makeFolder } from './store/open'
import { MIGRATIONS } from './store/migrations'

/** What a database holds, as far as one wants to know before it is put in place of another. */
export interface Contents {
  home: string | null
  children: number
  units: number
  ideas: number
  lastChange: string | null
}

/**
 * Reads what a database holds.
 *
 * @throws {CannotStart} when it is none, is damaged, or is from a newer Kobby
 */
export function contentsOf(file: string): Contents {
  let db: Database.Database
  try {
    db = new Database(file, { readonly: true, fileMustExist: true })
  } catch {
    throw new CannotStart(`${file} cannot be opened.`)
  }
  try {
    if (db.pragma('quick_check(1)', { simple: true }) !== 'ok')
      throw new CannotStart(`${file} is damaged. Take another copy.`)
    const tables = new Set(db.prepare("select name from sqlite_master where type = 'table'").pluck().all() as string[])
    if (!['migrations', 'users', 'homes', 'changes'].every((table) => tables.has(table)))
      throw new CannotStart(`${file} is no copy of a home.`)
    const newer = (db.prepare('select name from migrations').pluck().all() as string[]).filter(
      (name) => !MIGRATIONS.some((one) => one.name === name),
    )
    if (newer.length) throw new CannotStart(`${file} is from a newer Kobby (${newer.join(', ')}).`)
    const count = (table: string) => db.prepare(`select count(*) from ${table}`).pluck().get() as number
    const body = db.prepare('select body from homes').pluck().get() as string | undefined
    return {
      home: body ? (JSON.parse(body) as { name: string }).name : null,
      children: count('children'),
      units: count('units'),
      ideas: count('ideas'),
      lastChange: (db.prepare('select max(at) from changes').pluck().get() as string | null) ?? null,
    }
  } catch (error) {
    if (error instanceof CannotStart) throw error
    const fault = faultOfFile(error)
    throw fault ? new CannotStart(`${file} ${fault}.`) : error
  } finally {
    db.close()
  }
}

const said = (contents: Contents): string =>
  `${contents.home ?? 'no home yet'}, ${countWords(contents.children, 'child', 'children')}, ` +
  `${countWords(contents.units, 'unit')}, ${countWords(contents.ideas, 'idea')}, last changed ` +
  `${contents.lastChange?.replace('T', ' ').slice(0, 16) ?? 'never'}`

/**
 * Puts a copy in place of a database. What was there is kept beside it. Whoever was signed in has to sign in again: the
 * copy may know a session that was ended since.
 */
export async function putBack(copy: string, file: string, now: Date): Promise<string | null> {
  contentsOf(copy)
  const part = `${file}.part`
  copyFileSync(copy, part)
  const db = new Database(part)
  db.pragma('journal_mode = DELETE')
  db.prepare('delete from sessions').run()
  db.close()
  let kept: string | null = null
  if (existsSync(file)) {
    kept = beforeName(file, `restore-${now.toISOString().slice(0, 19).replace(/[:T]/g, '-')}`)
    // One that is damaged cannot be copied as a database; it is kept as it is.
    await copyDatabase(file, kept).catch(() => copyFileSync(file, kept!))
  }
  for (const tail of ['-wal', '-shm']) rmSync(`${file}${tail}`, { force: true })
  renameSync(part, file)
  keepNewest(copiesBeside(file), MOST_BEFORE)
  return kept
}

/** `npm run restore -- FILE`: shows what would come in place of what, asks, and does it. */
async function restore(): Promise<void> {
  const [given, ...flags] = process.argv.slice(2)
  if (!given || given.startsWith('-')) throw new CannotStart('Name the copy: npm run restore -- FILE')
  const copy = resolve(given)
  if (!existsSync(copy)) throw new CannotStart(`There is no file ${copy}.`)
  const { data } = readSettings(process.env)
  const file = join(data, 'kobby.sqlite')
  const brings = contentsOf(copy)
  makeFolder(data)
  const letGo = holdFolder(data, 'a restore')
  console.log(`${copy}\n  holds: ${said(brings)}`)
  if (existsSync(file)) {
    let now = 'nothing that can be read'
    try {
      now = said(contentsOf(file))
    } catch {
      // A damaged one is what restores are for.
    }
    console.log(`${file}\n  holds now: ${now}`)
  }
  if (!flags.includes('--yes')) {
    const ask = createInterface({ input: process.stdin, output: process.stdout })
    const answer = await ask.question('Put the copy in its place? What is there now is kept beside it. (yes or no) ')
    ask.close()
    if (!/^y(es)?$/i.test(answer.trim())) {
      console.log('Nothing was changed.')
      letGo()
      return
    }
  }
  const kept = await putBack(copy, file, new Date())
  letGo()
  console.log(
    `Done.${kept ? ` What was there is kept as ${kept}` : ''}\nEveryone signs in again. Links that ` +
      'were withdrawn since the copy was made open again: look them over.',
  )
}

if (process.argv[1] && /restore\.[mc]?[jt]s$/.test(process.argv[1])) {
  restore().catch((error: unknown) => {
    console.error(error instanceof CannotStart ? error.message : error)
    process.exit(1)
  })
}
