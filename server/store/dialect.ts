import { existsSync, mkdirSync } from 'node:fs'
import { copyFile } from 'node:fs/promises'
import { dirname } from 'node:path'
import type Database from 'better-sqlite3'
import type { Knex } from 'knex'

/** All that is SQLite's own. Another database under Knex replaces this file. */

/** Knex settings for one SQLite file. Write-ahead log with full sync: an acknowledged write survives a kill and a power cut. */
export function sqliteConfig(file: string): Knex.Config {
  mkdirSync(dirname(file), { recursive: true })
  return {
    client: 'better-sqlite3',
    connection: { filename: file },
    useNullAsDefault: true,
    pool: {
      min: 1,
      max: 1,
      afterCreate: (
        connection: Database.Database,
        done: (error: Error | null, connection: Database.Database) => void,
      ) => {
        connection.pragma('journal_mode = WAL')
        connection.pragma('synchronous = FULL')
        connection.pragma('foreign_keys = ON')
        connection.pragma('busy_timeout = 5000')
        done(null, connection)
      },
    },
  }
}

/** Copies the database beside itself before a migration, with the log written back first. */
export async function backUp(db: Knex, file: string, label: string): Promise<string | null> {
  if (!existsSync(file)) return null
  await db.raw('PRAGMA wal_checkpoint(TRUNCATE)')
  const copy = `${file}.before-${label}`
  await copyFile(file, copy)
  return copy
}

/** Whether an error is a foreign key that still points here. */
export const isForeignKeyError = (error: unknown): boolean =>
  error instanceof Error && (error as { code?: string }).code === 'SQLITE_CONSTRAINT_FOREIGNKEY'
