import type { Migration } from './migration'

export const status: Migration = {
  name: '009-status',
  async up(db) {
    // What was done is asked for across all units: by a column, since searching stored text finds words of hers too.
    await db.schema.alterTable('placements', (t) => {
      t.string('status', 10).notNullable().defaultTo('planned')
      t.index(['status'])
    })
    for (const row of (await db('placements').select('id', 'body')) as { id: string; body: string }[])
      await db('placements')
        .where({ id: row.id })
        .update({ status: (JSON.parse(row.body) as { status?: string }).status ?? 'planned' })
  },
}
