import { fill, type Migration } from './migration'

export const library: Migration = {
  name: '002-library',
  async up(db) {
    const object = { madeOf: null, lives: '', young: '', stages: [], pieceMm: null }
    await fill(db, 'activities', (body) => ({ pattern: null, origin: null, archived: false, ...body }))
    await fill(db, 'units', (body) => ({
      interest: '',
      ...body,
      objects: (body.objects as object[]).map((one) => ({ ...object, ...one })),
    }))
    await fill(db, 'ideas', (body) => ({ link: '', page: '', sketch: '', stretches: {}, ...body }))
    await fill(db, 'placements', (body) => ({ went: null, ...body }))
    // What the log would bring back was written in the older form: undo begins anew.
    await db('changes').update({ state: 'dead' })
  },
}
