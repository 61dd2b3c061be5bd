import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Database from 'better-sqlite3'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { THING_KINDS, THINGS, type ThingKind } from '@core/domain'
import { MIGRATIONS } from './migrations'
import { openStore } from './open'
import { TABLES } from './schema'

/** A small home as each earlier form of the database held it; made once by the steps up to that form, and kept. */
const FIXTURES = 'server/store/fixtures'
const FORMS = readdirSync(FIXTURES).sort()

let folder: string
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'kobby-forms-'))
})
afterAll(() => rmSync(folder, { recursive: true, force: true }))

interface Held {
  things: Record<string, unknown[]>
  ticks: unknown[]
  shares: unknown[]
  users: unknown[]
  columns: Record<string, string[]>
}

const read = new Map<string, Promise<Held>>()
/** What a fixture holds once it was opened by today's code, which is done once. */
function opened(form: string): Promise<Held> {
  if (!read.has(form)) read.set(form, open(form))
  return read.get(form)!
}
async function open(form: string): Promise<Held> {
  const file = join(folder, `${form}.sqlite`)
  new Database(file).exec(readFileSync(join(FIXTURES, form), 'utf8')).close()
  const db = await openStore(file)
  const things: Held['things'] = {}
  for (const kind of THING_KINDS) {
    const rows = (await db(TABLES[kind]).orderBy('id').select('body', 'id')) as { body: string }[]
    things[kind] = rows.map((row) => {
      const value: unknown = JSON.parse(row.body)
      const checked = THINGS[kind as ThingKind].safeParse(value)
      expect(checked.error?.issues, `${form}, ${kind}`).toBeUndefined()
      // Nothing of it is filled in by the check alone: what is stored is whole.
      expect(value).toEqual(checked.data)
      return value
    })
  }
  const tables = (
    (await db.raw(
      "select name from sqlite_master where type = 'table' and name not like 'sqlite_%' order by name",
    )) as { name: string }[]
  ).map((row) => row.name)
  const columns: Held['columns'] = {}
  for (const table of tables) columns[table] = Object.keys(await db(table).columnInfo()).sort()
  const held = { things, columns, ticks: await db('ticks'), shares: await db('shares'), users: await db('users') }
  await db.destroy()
  return held
}

describe('a database of an earlier form', () => {
  it('is kept of every form but the newest', () =>
    expect(FORMS).toEqual(MIGRATIONS.slice(0, -1).map((one) => `${one.name}.sql`)))
  it.each(FORMS)('%s opens, and is what is checked today', async (form) => {
    const held = await opened(form)
    expect(held.things.child.length + held.things.material.length + held.things.activity.length).toBe(7)
    expect([held.ticks.length, held.shares.length, held.users.length]).toEqual([1, 1, 1])
  })
  it('comes to the same home from whichever form, and to the tables of a new one', async () => {
    const [first, ...others] = await Promise.all(FORMS.map(opened))
    for (const other of others) expect(other).toEqual(first)
    const fresh = await openStore(':memory:')
    for (const [table, columns] of Object.entries(first.columns))
      expect([table, Object.keys(await fresh(table).columnInfo()).sort()]).toEqual([table, columns])
    await fresh.destroy()
  })
})

it('a circle, a piece and what was sung before there were books keep what they held', async () => {
  const file = join(folder, 'circles.sqlite')
  const old = new Database(file)
  old.exec(readFileSync(join(FIXTURES, '017-circles.sql'), 'utf8'))
  const put = (table: string, id: string, body: object, unit = false) =>
    old
      .prepare(
        `insert into ${table} (id, version, body, updated_at${unit ? ', unit_id' : ''}) values (?, 1, ?, ?${unit ? ", 'unit'" : ''})`,
      )
      .run(id, JSON.stringify(body), '2026-03-01T00:00:00.000Z')
  const part = { id: 'a', pieceId: 'on-the-hill', own: null, thing: 'kite', range: null, minutes: 3, pinned: true }
  put('circles', 'c', { id: 'c', unitId: 'unit', day: 1, parts: [part], turns: [] }, true)
  const sung = { pieceId: 'on-the-hill', title: 'Five on the hill', kind: 'rhyme', minutes: 3, again: true }
  put('circle_logs', 'l', { id: 'l', date: '2026-03-01', unit: '', parts: [sung], turns: [] })
  old.close()
  const db = await openStore(file)
  const read = async (kind: 'circle' | 'circleLog') =>
    THINGS[kind].parse(JSON.parse(((await db(TABLES[kind]).first('body')) as { body: string }).body))
  expect((await read('circle')).parts[0]).toEqual({ ...part, bookId: null, way: null, more: [] })
  expect((await read('circleLog')).parts[0]).toEqual({ ...sung, bookId: null })
  expect(await read('circleLog')).toMatchObject({ took: {} })
  await db.destroy()
})

it('steps call nothing that goes on changing', () => {
  for (const file of readdirSync('server/store/migrations')) {
    const imports = [...readFileSync(join('server/store/migrations', file), 'utf8').matchAll(/from '([^']+)'/g)].map(
      (found) => found[1],
    )
    expect(
      imports.filter((from) => from !== 'knex' && !/^\.\/(migration|\d{3}-[a-z-]+)$/.test(from)),
      file,
    ).toEqual([])
  }
})
