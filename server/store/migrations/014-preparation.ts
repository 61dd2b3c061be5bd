import { fill, thingTable, type Migration } from './migration'

export const preparation: Migration = {
  name: '014-preparation',
  async up(db) {
    await thingTable(db, 'prep_marks', { unit_id: 'units' })
    // What was done is not held by what it was done for: a card that is taken off the plan may come back.
    await db.schema.alterTable('prep_marks', (t) => {
      t.string('placement_id', 64).notNullable()
      t.index(['updated_at', 'version'])
    })
    await fill(db, 'homes', (body) => ({ prep: { style: 'early', notOn: [], paces: {}, round: [] }, ...body }))
    await fill(db, 'adults', (body) => ({
      prepDays: [],
      ...body,
      prepWindows: (body.prepWindows as object[]).map((one) => ({ naps: false, ...one })),
    }))
    await fill(db, 'units', (body) => ({
      ...body,
      slowProjects: (body.slowProjects as object[]).map((one, i) => ({
        id: `slow-${i + 1}`,
        kind: null,
        startOn: null,
        stages: [],
        reached: {},
        looks: [],
        care: '',
        careEvery: 1,
        careBy: {},
        ends: '',
        cautions: [],
        ...one,
      })),
    }))
    await fill(db, 'activities', (body) => ({
      ...body,
      prep: (body.prep as object[]).map((one) => ({ kind: null, per: null, ...one })),
    }))
  },
}
