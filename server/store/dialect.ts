import type Database from 'better-sqlite3'
import type { Knex } from 'knex'

/** All that is SQLite's own. Another database under Knex replaces this file. */

/**
 * Knex settings for one SQLite file. Write-ahead log with full sync: an acknowledged write survives a kill and a power
 * cut.
 */
export function sqliteConfig(file: string): Knex.Config {
  return {
    client: 'better-sqlite3',
    connection: { filename: file },
    useNullAsDefault: true,
    // What goes wrong is thrown, and said in words where it is met: not twice.
    log: { error: () => undefined, warn: () => undefined },
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

/** Whether an error is a foreign key that still points here. */
export const isForeignKeyError = (error: unknown): boolean =>
  error instanceof Error && (error as { code?: string }).code === 'SQLITE_CONSTRAINT_FOREIGNKEY'

/** What is wrong with the disk, in words, where that is why something could not be written; else nothing. */
export function faultOfDisk(error: unknown): string | null {
  const code = String((error as { code?: unknown } | null)?.code ?? '')
  if (code === 'SQLITE_FULL' || code === 'ENOSPC') return 'The disk on which Kobby keeps its data is full.'
  if (
    code.startsWith('SQLITE_READONLY') ||
    code === 'EROFS' ||
    code === 'SQLITE_CANTOPEN' ||
    code.startsWith('SQLITE_IOERR')
  )
    return 'The disk on which Kobby keeps its data cannot be written.'
  return null
}

/** What is wrong with the file of a database, in words; nothing where the fault is another. */
export function faultOfFile(error: unknown): string | null {
  const code = String((error as { code?: unknown } | null)?.code ?? '')
  if (code === 'SQLITE_NOTADB') return 'is no database: something else stands under its name, or it is damaged'
  if (code.startsWith('SQLITE_CORRUPT')) return 'is damaged'
  if (code.startsWith('SQLITE_CANTOPEN') || code.startsWith('SQLITE_READONLY')) return 'cannot be opened for writing'
  if (code === 'SQLITE_FULL') return 'cannot be brought up to date, since the disk is full'
  if (code.startsWith('SQLITE_BUSY')) return 'is held by another program'
  return null
}
