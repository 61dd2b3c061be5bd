import { thingTable, type Migration } from './migration'

export const circles: Migration = {
  name: '017-circles',
  async up(db) {
    await thingTable(db, 'circles', { unit_id: 'units' })
    await thingTable(db, 'pieces')
    await thingTable(db, 'circle_logs')
    for (const table of ['circles', 'pieces', 'circle_logs'])
      await db.schema.alterTable(table, (t) => t.index(['updated_at', 'version']))
  },
}
