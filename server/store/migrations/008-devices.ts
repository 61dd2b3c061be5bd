import type { Migration } from './migration'

export const devices: Migration = {
  name: '008-devices',
  async up(db) {
    await db.schema.alterTable('users', (t) => void t.string('recovery_hash', 64))
    await db.schema.alterTable('sessions', (t) => {
      t.string('id', 64).notNullable().defaultTo('')
      t.string('created_at', 30).notNullable().defaultTo('')
      t.string('seen_at', 30).notNullable().defaultTo('')
      t.string('device', 120).notNullable().defaultTo('')
      t.index(['id'])
    })
    // Of sessions from before it is not known where they are: the secret's hash names them, and they are seen when they
    // next ask.
    await db('sessions').update({
      id: db.ref('token_hash'),
      seen_at: '2000-01-01T00:00:00.000Z',
      created_at: '2000-01-01T00:00:00.000Z',
      device: 'A browser',
    })
    await db.schema.createTable('health', (t) => {
      t.integer('id').primary()
      t.string('at', 30).notNullable()
    })
    await db('health').insert({ id: 1, at: '' })
  },
}
