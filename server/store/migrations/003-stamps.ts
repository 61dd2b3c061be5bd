import type { Migration } from './migration'

const TABLES = [
  'homes',
  'children',
  'adults',
  'centers',
  'materials',
  'activities',
  'units',
  'ideas',
  'placements',
  'purchases',
]

export const stamps: Migration = {
  name: '003-stamps',
  async up(db) {
    // Whether anything of the house was written is asked before every reading of it: from these alone, without touching
    // the bodies.
    for (const table of TABLES) await db.schema.alterTable(table, (t) => void t.index(['updated_at', 'version']))
  },
}
