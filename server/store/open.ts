import { accessSync, constants, existsSync, mkdirSync, statSync } from 'node:fs'
import { dirname } from 'node:path'
import knex, { type Knex } from 'knex'
import { CannotStart } from '../settings'
import { backupsIn, beforeName, copiesBeside, copyDatabase, keepNewest, MOST_BEFORE } from './copies'
import { faultOfFile, sqliteConfig } from './dialect'
import { guardPool } from './onePool'
import { MIGRATIONS, type Migration } from './migrations'
import { TABLES } from './schema'

/** Makes the folder of the data, or says why it cannot be used. */
export function makeFolder(folder: string): void {
  try {
    mkdirSync(folder, { recursive: true })
    accessSync(folder, constants.W_OK)
  } catch (error) {
    const code = (error as NodeJS.ErrnoException).code
    const why =
      code === 'ENOTDIR' || code === 'EEXIST'
        ? 'something that is no folder stands in its way'
        : code === 'EACCES' || code === 'EPERM'
          ? 'it may not be written by whoever starts Kobby'
          : code === 'EROFS'
            ? 'that disk can only be read'
            : (error as Error).message
    throw new CannotStart(`The folder ${folder} cannot be used: ${why}.`)
  }
}

/**
 * Opens the database of one home and brings it to the newest form, with a copy kept before each step that has data to
 * lose.
 */
export async function openStore(
  file: string,
  migrations: readonly Migration[] = MIGRATIONS,
  now: () => Date = () => new Date(),
  backups?: string,
): Promise<Knex> {
  makeFolder(dirname(file))
  const copies = () =>
    [...copiesBeside(file), ...(backups ? backupsIn(backups) : [])].sort((a, b) => b.at.getTime() - a.at.getTime())
  const emptied = () =>
    new CannotStart(
      `There is no home in ${file}, but copies of one are there. The newest: ${copies()[0].path}\nTo ` +
        `put it back: npm run restore -- ${copies()[0].path}\nTo begin anew all the same, move the ` +
        'copies elsewhere.',
    )
  if ((!existsSync(file) || statSync(file).size === 0) && copies().length) throw emptied()
  const db = guardPool(knex(sqliteConfig(file)))
  try {
    await failOnDamage(db)
    const done = await migrationsOf(db)
    failOnNewer(file, done, migrations)
    const lived = done.size > 0 && (await holdsAnything(db))
    if (!lived && copies().length) throw emptied()
    for (const migration of migrations) {
      if (done.has(migration.name)) continue
      if (lived) await copyDatabase(file, beforeName(file, migration.name))
      await db.transaction(async (tx) => {
        await migration.up(tx)
        await tx('migrations').insert({ name: migration.name, at: now().toISOString() })
      })
    }
    if (lived) keepNewest(copiesBeside(file), MOST_BEFORE)
    return db
  } catch (error) {
    await db.destroy()
    const fault = faultOfFile(error)
    if (!fault) throw error
    const [newest] = copies()
    throw new CannotStart(
      `The database ${file} ${fault}. ` +
        (newest
          ? `The newest copy is ${newest.path}\nTo put it back: npm run restore -- ${newest.path}`
          : 'There is no copy beside it.'),
    )
  }
}

async function failOnDamage(db: Knex): Promise<void> {
  const said = (await db.raw('PRAGMA quick_check(1)'))[0] as Record<string, string>
  if (said && Object.values(said)[0] !== 'ok')
    throw Object.assign(new Error(Object.values(said)[0]), { code: 'SQLITE_CORRUPT' })
}

async function migrationsOf(db: Knex): Promise<Set<string>> {
  if (!(await db.schema.hasTable('migrations'))) {
    await db.schema.createTable('migrations', (t) => {
      t.string('name', 64).primary()
      t.string('at', 30).notNullable()
    })
  }
  return new Set((await db('migrations').select('name')).map((row: { name: string }) => row.name))
}

/** A form from after this version is not read by guess, and above all not written. */
function failOnNewer(file: string, done: ReadonlySet<string>, known: readonly Migration[]): void {
  const names = new Set(known.map((one) => one.name))
  const newer = [...done].filter((name) => !names.has(name))
  if (newer.length)
    throw new CannotStart(
      `The database ${file} was written by a newer Kobby (${newer.join(', ')}). Start that one, or put back a copy from before its update.`,
    )
}

/** Whether there is anything that could be lost. */
async function holdsAnything(db: Knex): Promise<boolean> {
  for (const table of ['users', ...Object.values(TABLES)]) {
    if ((await db.schema.hasTable(table)) && (await db(table).first('id'))) return true
  }
  return false
}
