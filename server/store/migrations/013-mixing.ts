import { fill, thingTable, type Migration } from './migration'

export const mixing: Migration = {
  name: '013-mixing',
  async up(db) {
    await thingTable(db, 'recipes')
    await thingTable(db, 'batches')
    // What was made is not held by its recipe: that may go.
    await db.schema.alterTable('batches', (t) => {
      t.string('recipe_id', 64).notNullable()
      t.string('gone_on', 10).nullable()
      t.index(['updated_at', 'version'])
    })
    await db.schema.alterTable('recipes', (t) => void t.index(['updated_at', 'version']))
    await fill(db, 'homes', (body) => ({
      containers: [],
      binRules: {
        rules: ['It all stays in the bin.', 'Hands and scoops, no mouths.', 'We pick up what falls, together.'],
        young: ['It stays in the bin.'],
        thrown: 'away-for-the-day',
        calmTimes: 3,
      },
      ...body,
    }))
    await fill(db, 'children', (body) => ({ binTimes: [], ...body }))
    await fill(db, 'placements', (body) => ({ mix: null, bin: null, ...body }))
  },
}
