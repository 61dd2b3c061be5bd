import { fill, type Migration } from './migration'

export const stepsAndCounts: Migration = {
  name: '007-steps-and-counts',
  async up(db) {
    // Steps were named by where they stood; they keep that name from now on, wherever they go.
    await fill(db, 'activities', (body) => ({ stepIds: [], ...body }))
    await fill(db, 'materials', (body) => ({ counted: true, ...body }))
    await db('changes').update({ state: 'dead' })
  },
}
