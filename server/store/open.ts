import knex, { type Knex } from 'knex'
import { backUp, sqliteConfig } from './dialect'
import { guardPool } from './onePool'
import { MIGRATIONS, type Migration } from './schema'

/** Opens the database of one home and brings it to the newest form, with a copy kept before each step that has data to lose. */
export async function openStore(
  file: string,
  migrations: readonly Migration[] = MIGRATIONS,
  now: () => Date = () => new Date(),
): Promise<Knex> {
  const db = guardPool(knex(sqliteConfig(file)))
  if (!(await db.schema.hasTable('migrations'))) {
    await db.schema.createTable('migrations', (t) => {
      t.string('name', 64).primary()
      t.string('at', 30).notNullable()
    })
  }
  const done = new Set((await db('migrations').select('name')).map((row: { name: string }) => row.name))
  for (const migration of migrations) {
    if (done.has(migration.name)) continue
    if (done.size) await backUp(db, file, migration.name)
    await db.transaction(async (tx) => {
      await migration.up(tx)
      await tx('migrations').insert({ name: migration.name, at: now().toISOString() })
    })
    done.add(migration.name)
  }
  return db
}
