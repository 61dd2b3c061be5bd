import { fill, thingTable, type Migration } from './migration'

type Body = Record<string, unknown>
const parts = (body: Body, more: Body) => ({
  ...body,
  parts: (body.parts as Body[]).map((part) => ({ ...more, ...part })),
})

export const books: Migration = {
  name: '018-books',
  async up(db) {
    await thingTable(db, 'books')
    await db.schema.alterTable('books', (t) => t.index(['updated_at', 'version']))
    await fill(db, 'pieces', (body) => ({ takes: [], figures: [], ...body }))
    await fill(db, 'circles', (body) => ({
      setAside: [],
      ...parts(body, { bookId: null, way: null, more: [] }),
    }))
    await fill(db, 'circle_logs', (body) => ({ took: {}, ...parts(body, { bookId: null }) }))
    await fill(db, 'homes', (body) => ({ circle: { sitting: [4, 7, 10, 14, 18], sameOpening: true }, ...body }))
  },
}
