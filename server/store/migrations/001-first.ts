import { thingTable, type Migration } from './migration'

export const first: Migration = {
  name: '001-first',
  async up(db) {
    for (const table of ['homes', 'children', 'adults', 'centers', 'materials', 'activities', 'units'])
      await thingTable(db, table)
    await thingTable(db, 'ideas', { unit_id: 'units', activity_id: 'activities' })
    await thingTable(db, 'placements', {
      unit_id: 'units',
      activity_id: 'activities',
      center_id: 'centers',
      lead_id: 'adults',
    })
    await thingTable(db, 'purchases', { unit_id: 'units', material_id: 'materials' })
    await db.schema.createTable('users', (t) => {
      t.string('id', 64).primary()
      t.string('name', 120).notNullable()
      t.string('sign_in', 120).notNullable().unique()
      t.text('password').notNullable()
      t.string('created_at', 30).notNullable()
    })
    await db.schema.createTable('sessions', (t) => {
      t.string('token_hash', 64).primary()
      t.string('user_id', 64).notNullable().references('id').inTable('users').onDelete('CASCADE')
      t.string('ends_at', 30).notNullable()
    })
    await db.schema.createTable('changes', (t) => {
      t.increments('seq')
      t.string('id', 64).notNullable().unique()
      t.string('unit_id', 64).nullable()
      t.string('user_id', 64).notNullable()
      t.string('by', 120).notNullable()
      t.string('at', 30).notNullable()
      t.string('label', 120).notNullable()
      t.text('before').notNullable()
      t.text('after').notNullable()
      t.string('state', 10).notNullable()
      t.index(['unit_id', 'user_id', 'state'])
    })
    await db.schema.createTable('shares', (t) => {
      t.string('id', 64).primary()
      t.string('unit_id', 64).notNullable().references('id').inTable('units').onDelete('CASCADE')
      t.integer('day').notNullable()
      t.string('label', 120).notNullable()
      t.string('token_hash', 64).notNullable().unique()
      t.string('created_at', 30).notNullable()
      t.string('ends_on', 10).notNullable()
      t.string('revoked_at', 30).nullable()
      t.string('opened_at', 30).nullable()
      t.index(['unit_id'])
    })
    await db.schema.createTable('ticks', (t) => {
      t.string('placement_id', 64).notNullable().references('id').inTable('placements').onDelete('CASCADE')
      t.string('step', 64).notNullable()
      t.boolean('done').notNullable()
      t.string('at', 30).notNullable()
      t.string('by', 120).notNullable()
      t.primary(['placement_id', 'step'])
    })
  },
}
