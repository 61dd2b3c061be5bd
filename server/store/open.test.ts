import { existsSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterEach, beforeEach, expect, it } from 'vitest'
import {
  Activity,
  Child,
  Home,
  Idea,
  Material,
  newIdea,
  newThemeObject,
  Placement,
  Purchase,
  stepIdsOf,
  Unit,
} from '@core/domain'
import {
  aCenter,
  aChild,
  aHome,
  aMaterial,
  anActivity,
  aPlacement,
  aPurchase,
  aUnit,
  moment,
} from '@core/testing/build'
import { openStore } from './open'
import { deleteRow, keptUnit, readHouse, writeRow } from './rows'
import { MIGRATIONS, type Migration } from './migrations'

let folder: string
let file: string
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'kobby-store-'))
  file = join(folder, 'home.sqlite')
})
afterEach(() => rmSync(folder, { recursive: true, force: true }))

const addColour: Migration = {
  name: '002-colour',
  up: (db) => db.schema.alterTable('centers', (t) => void t.string('colour', 20)),
}
const breaks: Migration = {
  name: '002-breaks',
  async up(db) {
    await db.schema.createTable('half', (t) => void t.string('id'))
    throw new Error('stopped in the middle')
  },
}
const fill = async () => {
  const db = await openStore(file)
  await db('centers').insert({ id: 'easel', version: 1, body: '{}', updated_at: '' })
  await db.destroy()
}

/** An instant at which rows are written. */
const AT = '2026-03-10T09:00:00.000Z'

it('opens twice with the same form, keeps foreign keys and a full log', async () => {
  await fill()
  const db = await openStore(file)
  expect((await db('migrations').select('name')).map((row) => row.name)).toEqual(MIGRATIONS.map((one) => one.name))
  expect((await db.raw('PRAGMA foreign_keys'))[0].foreign_keys).toBe(1)
  expect((await db.raw('PRAGMA journal_mode'))[0].journal_mode).toBe('wal')
  await expect(
    db('placements').insert({ id: 'p', version: 1, body: '{}', updated_at: '', unit_id: 'gone', activity_id: 'gone' }),
  ).rejects.toThrow(/FOREIGN KEY/)
  await db.destroy()
})

it('keeps a copy before it changes the form of a home with data', async () => {
  await fill()
  const db = await openStore(file, [...MIGRATIONS, addColour])
  expect(await db('centers').first('id', 'colour')).toEqual({ id: 'easel', colour: null })
  await db.destroy()
  const copy = await openStore(`${file}.before-002-colour`)
  expect(await copy('centers').first('id')).toEqual({ id: 'easel' })
  expect(await copy.schema.hasColumn('centers', 'colour')).toBe(false)
  await copy.destroy()
})

it('leaves a home as it was when a step breaks off', async () => {
  await fill()
  await expect(openStore(file, [...MIGRATIONS, breaks])).rejects.toThrow('stopped in the middle')
  expect(existsSync(`${file}.before-002-breaks`)).toBe(true)
  const db = await openStore(file)
  expect(await db.schema.hasTable('half')).toBe(false)
  expect(await db('centers').first('id')).toEqual({ id: 'easel' })
  await db.destroy()
})

it('brings ideas, units and placements of the first form to the one that is checked today, and begins undo anew', async () => {
  const old = await openStore(file, MIGRATIONS.slice(0, 1))
  const without = <T extends object>(value: T, ...fields: (keyof T)[]) =>
    JSON.stringify(Object.fromEntries(Object.entries(value).filter(([field]) => !fields.includes(field as keyof T))))
  const row = (id: string, body: string, over = {}) => ({ id, version: 1, body, updated_at: '', ...over })
  const thing = without(newThemeObject('kite', 3), 'madeOf', 'lives', 'young', 'stages', 'pieceMm')
  await old('activities').insert(row('act', without(anActivity(), 'pattern', 'origin', 'archived')))
  await old('units').insert(row('unit', without({ ...aUnit(), objects: [JSON.parse(thing)] }, 'interest')))
  await old('ideas').insert(
    row('idea', JSON.stringify({ id: 'idea', unitId: 'unit', activityId: null, text: 'Half' }), { unit_id: 'unit' }),
  )
  await old('placements').insert(
    row('placed', without(aPlacement(moment(1)), 'went'), { unit_id: 'unit', activity_id: 'act' }),
  )
  await old('changes').insert({
    id: 'c',
    unit_id: 'unit',
    user_id: 'u',
    by: 'Maren',
    at: '',
    label: 'Old',
    before: '[]',
    after: '[]',
    state: 'done',
  })
  await old.destroy()
  const db = await openStore(file)
  const body = async (table: string) => JSON.parse((await db(table).first('body')).body)
  expect(Activity.parse(await body('activities'))).toEqual(anActivity())
  expect(Unit.parse(await body('units'))).toEqual({ ...aUnit(), objects: [newThemeObject('kite', 3)] })
  expect(Idea.parse(await body('ideas'))).toEqual(newIdea('idea', 'unit', null, 'Half'))
  expect(Placement.parse(await body('placements'))).toEqual(aPlacement(moment(1)))
  expect(await db('changes').first('state')).toEqual({ state: 'dead' })
  await db.destroy()
})

it('brings a home, its pantry and what it bought of the form before supplies to the one that is checked today', async () => {
  const old = await openStore(file, MIGRATIONS.slice(0, 5))
  const row = (id: string, value: object, over = {}) => ({
    id,
    version: 1,
    body: JSON.stringify(value),
    updated_at: '',
    ...over,
  })
  const { shops: _, ...home } = aHome()
  const { par: _p, condition: _c, expires: _e, ...material } = aMaterial()
  await old('homes').insert(row('home', home))
  await old('children').insert(row('ann', { ...aChild(), family: undefined }))
  await old('materials').insert([
    row('thing', { ...material, packs: [{ size: 5, price: 100, shop: 'the grocer' }] }),
    row('water', { ...material, id: 'water', way: 'gather' }),
  ])
  await old('units').insert(row('unit', { ...aUnit(), asked: undefined }))
  await old('purchases').insert(
    row(
      'bought',
      { id: 'bought', unitId: 'unit', materialId: 'thing', quantity: 1, paid: 100, date: '2026-03-01' },
      { unit_id: 'unit', material_id: 'thing' },
    ),
  )
  await old.destroy()
  const db = await openStore(file)
  const body = async (table: string, id: string) => JSON.parse((await db(table).where({ id }).first('body')).body)
  expect(Home.parse(await body('homes', 'home'))).toEqual(aHome())
  expect(Child.parse(await body('children', 'ann'))).toEqual(aChild())
  expect(await body('materials', 'thing')).toEqual(
    aMaterial({ packs: [{ size: 5, price: 100, shop: 'the grocer', seen: null }] }),
  )
  expect(Material.parse(await body('materials', 'water')).way).toBe('have')
  expect(Unit.parse(await body('units', 'unit'))).toEqual(aUnit())
  expect(Purchase.parse(await body('purchases', 'bought'))).toEqual(aPurchase())
  await writeRow(
    db,
    'promise',
    { id: 'p', unitId: 'unit', materialId: 'thing', quantity: 1, family: 'A', by: '2026-03-01', state: 'coming' },
    1,
    AT,
  )
  expect(await db('shares').columnInfo()).toHaveProperty('kind')
  await db.destroy()
})

it('keeps ticks on their steps, and what is on hand as counted, when a database comes from before steps had ids', async () => {
  const old = await openStore(file, MIGRATIONS.slice(0, 6))
  const row = (id: string, value: object, over = {}) => ({
    id,
    version: 1,
    body: JSON.stringify(value),
    updated_at: '',
    ...over,
  })
  const [{ stepIds: _s, ...activity }, { counted: _c, ...material }] = [
    anActivity({ steps: ['One.', 'Two.'] }),
    aMaterial({ onHand: 3 }),
  ]
  await old('activities').insert(row('act', activity))
  await old('materials').insert(row('thing', material))
  await old('units').insert(row('unit', aUnit()))
  await old('placements').insert(row('placed', aPlacement(moment(1)), { unit_id: 'unit', activity_id: 'act' }))
  await old('ticks').insert({ placement_id: 'placed', step: 'step-2', done: true, at: AT, by: 'Teo' })
  await old.destroy()
  const db = await openStore(file)
  const body = async (table: string) => JSON.parse((await db(table).first('body')).body)
  const kept = Activity.parse(await body('activities'))
  expect([kept, Material.parse(await body('materials'))]).toEqual([
    anActivity({ steps: ['One.', 'Two.'] }),
    aMaterial({ onHand: 3 }),
  ])
  expect(stepIdsOf(kept)).toContain((await db('ticks').first('step')).step)
  await db.destroy()
})

it('reads the house again only after one of its tables changed, and then what was written', async () => {
  const db = await openStore(':memory:')
  const center = aCenter({ id: 'easel', name: 'Easel', kind: 'easel' })
  expect(await readHouse(db)).toEqual([])
  await writeRow(db, 'center', center, 1, AT)
  const first = await readHouse(db)
  expect(first.map((row) => row.value)).toEqual([center])
  expect(await readHouse(db)).toBe(first)
  await writeRow(db, 'center', { ...center, name: 'Large easel' }, 2, AT)
  expect((await readHouse(db)).map((row) => [row.version, row.value])).toEqual([
    [2, { ...center, name: 'Large easel' }],
  ])
  await deleteRow(db, 'center', 'easel')
  expect(await readHouse(db)).toEqual([])
  await db.destroy()
})

it('reads a unit again only after a row of its own changed, however many others are asked for', async () => {
  const db = await openStore(':memory:')
  const ids = Array.from({ length: 20 }, (_, i) => `unit-${i}`)
  for (const id of ids) await writeRow(db, 'unit', aUnit({ id }), 1, AT)
  const rowsOf = async (id: string) => (await keptUnit(db, id)).rows
  const first = await rowsOf('unit-0')
  await writeRow(db, 'unit', aUnit({ id: 'unit-1', name: 'Another' }), 2, AT)
  expect(await rowsOf('unit-0')).toBe(first)
  await writeRow(db, 'material', aMaterial(), 1, AT)
  await writeRow(
    db,
    'promise',
    { id: 'p', unitId: 'unit-0', materialId: 'thing', quantity: 1, family: 'A', by: '2026-03-01', state: 'coming' },
    1,
    AT,
  )
  expect((await rowsOf('unit-0')).map((row) => row.kind)).toEqual(['unit', 'promise'])
  for (const id of ids) expect((await rowsOf(id))[0].value.id).toBe(id)
  expect((await rowsOf('unit-0')).map((row) => row.kind)).toEqual(['unit', 'promise'])
  await db.destroy()
})
