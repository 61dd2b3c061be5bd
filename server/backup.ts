import { existsSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { CannotStart, readSettings } from './settings'
import { backupName, backupsIn, copyDatabase, keepNewest, MOST_BACKUPS } from './store/copies'

/** `npm run backup [FOLDER]`: copies everything, whether Kobby runs or not. */
async function backUp(): Promise<void> {
  const { data, backups } = readSettings(process.env)
  const file = join(data, 'kobby.sqlite')
  if (!existsSync(file)) throw new CannotStart(`There is no home in ${data}. KOBBY_DATA names another folder.`)
  const folder = process.argv[2] ? resolve(process.argv[2]) : backups
  const [date, time] = new Date().toISOString().split('T')
  const to = join(folder, backupName(date, time.slice(0, 8).replace(/:/g, '')))
  await copyDatabase(file, to)
  keepNewest(backupsIn(folder), MOST_BACKUPS)
  console.log(`Everything is copied to ${to}\nTo put it back: npm run restore -- ${to}`)
}

backUp().catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : error)
  process.exit(1)
})
