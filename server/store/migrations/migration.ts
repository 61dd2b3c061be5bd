import type { Knex } from 'knex'

/**
 * A forward-only step of the database. Each runs once, in order, in a transaction. Once it has shipped it is frozen:
 * what it did to a home years ago it does to the next one, so it names its tables and columns itself, and calls nothing
 * of what goes on changing.
 */
export interface Migration {
  name: string
  up: (db: Knex) => Promise<void>
}

/** Gives the bodies of a table what a newer form has more. */
export async function fill(db: Knex, table: string, newer: (body: Record<string, unknown>) => object): Promise<void> {
  for (const row of (await db(table).select('id', 'body')) as { id: string; body: string }[]) {
    await db(table)
      .where({ id: row.id })
      .update({ body: JSON.stringify(newer(JSON.parse(row.body) as Record<string, unknown>)) })
  }
}

/** Makes a table of things that people edit: the body as JSON, and columns that refer to other tables. */
export async function thingTable(db: Knex, table: string, refers: Record<string, string> = {}): Promise<void> {
  await db.schema.createTable(table, (t) => {
    t.string('id', 64).primary()
    t.integer('version').notNullable()
    t.text('body').notNullable()
    t.string('updated_at', 30).notNullable()
    for (const [column, to] of Object.entries(refers)) {
      t.string(column, 64).nullable().references('id').inTable(to).onDelete('RESTRICT')
      t.index([column])
    }
  })
}
