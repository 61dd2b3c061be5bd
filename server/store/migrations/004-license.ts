import { fill, type Migration } from './migration'

export const license: Migration = {
  name: '004-license',
  async up(db) {
    const perAdult = { infant: 4, 'young-toddler': 6, 'older-toddler': 6, preschool: 10, 'school-age': 12 }
    await fill(db, 'homes', (body) => ({
      license: { children: 8, underTwo: null, example: true, rule: { kind: 'ratios', perAdult } },
      ...body,
    }))
    await db('changes').update({ state: 'dead' })
  },
}
