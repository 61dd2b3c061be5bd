import { fill, type Migration } from './migration'

export const printOwn: Migration = {
  name: '016-print-own',
  async up(db) {
    await fill(db, 'print_sets', (body) => ({ own: [], ownOnly: false, text: '', ...body }))
    await fill(db, 'homes', (body) => ({ ...body, print: { templates: [], ...(body.print as object) } }))
  },
}
