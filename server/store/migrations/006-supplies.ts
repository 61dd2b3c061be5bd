import { fill, thingTable, type Migration } from './migration'

export const supplies: Migration = {
  name: '006-supplies',
  async up(db) {
    await thingTable(db, 'promises', { unit_id: 'units', material_id: 'materials' })
    await thingTable(db, 'stock', { material_id: 'materials' })
    for (const table of ['promises', 'stock'])
      await db.schema.alterTable(table, (t) => void t.index(['updated_at', 'version']))
    await db.schema.alterTable('shares', (t) => void t.string('kind', 10).notNullable().defaultTo('day'))
    await fill(db, 'homes', (body) => ({ shops: [], ...body }))
    await fill(db, 'children', (body) => ({ family: '', ...body }))
    await fill(db, 'materials', (body) => ({
      par: null,
      condition: 'good',
      expires: null,
      ...body,
      way: body.id === 'water' ? 'have' : body.way,
      packs: (body.packs as object[]).map((one) => ({ seen: null, ...one })),
    }))
    await fill(db, 'units', (body) => ({ asked: {}, ...body }))
    await fill(db, 'placements', (body) => ({ took: {}, ...body }))
    await fill(db, 'purchases', (body) => ({ shop: '', packs: [], category: '', by: '', ...body }))
    await db('changes').update({ state: 'dead' })
  },
}
