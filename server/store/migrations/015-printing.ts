import { fill, thingTable, type Migration } from './migration'

export const printing: Migration = {
  name: '015-printing',
  async up(db) {
    await thingTable(db, 'print_sets', { unit_id: 'units' })
    await db.schema.alterTable('print_sets', (t) => t.index(['updated_at', 'version']))
    await fill(db, 'homes', (body) => ({
      print: { paper: null, margin: 6, ink: 'color', hand: 'plain', back: { x: 0, y: 0 } },
      ...body,
    }))
  },
}
