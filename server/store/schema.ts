import type { Knex } from 'knex'
import type { ThingKind } from '@core/domain'
import { keeping } from '@core/library/keeping'

/** A forward-only step of the database. Each runs once, in order, in a transaction. */
export interface Migration {
  name: string
  up: (db: Knex) => Promise<void>
}

/** Tables of what people edit: key columns for what is queried or held together, the rest as validated JSON. */
export const TABLES: Record<ThingKind, string> = {
  home: 'homes',
  child: 'children',
  adult: 'adults',
  center: 'centers',
  material: 'materials',
  activity: 'activities',
  unit: 'units',
  idea: 'ideas',
  placement: 'placements',
  purchase: 'purchases',
  promise: 'promises',
  stock: 'stock',
}

/** Columns with a foreign key, taken from the row's value. */
export const KEY_COLUMNS: Partial<Record<ThingKind, Record<string, { field: string; table: string }>>> = {
  idea: { unit_id: { field: 'unitId', table: 'units' }, activity_id: { field: 'activityId', table: 'activities' } },
  placement: {
    unit_id: { field: 'unitId', table: 'units' },
    activity_id: { field: 'activityId', table: 'activities' },
    center_id: { field: 'centerId', table: 'centers' },
    lead_id: { field: 'leadId', table: 'adults' },
  },
  purchase: { unit_id: { field: 'unitId', table: 'units' }, material_id: { field: 'materialId', table: 'materials' } },
  promise: { unit_id: { field: 'unitId', table: 'units' }, material_id: { field: 'materialId', table: 'materials' } },
  stock: { material_id: { field: 'materialId', table: 'materials' } },
}

/** Kinds that the first form of the database had. */
const FIRST_KINDS: ThingKind[] = [
  'home',
  'child',
  'adult',
  'center',
  'material',
  'activity',
  'unit',
  'idea',
  'placement',
  'purchase',
]

/** The table of a kind, with its key columns. */
async function createTable(db: Knex, kind: ThingKind): Promise<void> {
  await db.schema.createTable(TABLES[kind], (t) => {
    t.string('id', 64).primary()
    t.integer('version').notNullable()
    t.text('body').notNullable()
    t.string('updated_at', 30).notNullable()
    for (const [column, key] of Object.entries(KEY_COLUMNS[kind] ?? {})) {
      t.string(column, 64).nullable().references('id').inTable(key.table).onDelete('RESTRICT')
      t.index([column])
    }
  })
}

export const MIGRATIONS: Migration[] = [
  {
    name: '001-first',
    async up(db) {
      for (const kind of FIRST_KINDS) await createTable(db, kind)
      await db.schema.createTable('users', (t) => {
        t.string('id', 64).primary()
        t.string('name', 120).notNullable()
        t.string('sign_in', 120).notNullable().unique()
        t.text('password').notNullable()
        t.string('created_at', 30).notNullable()
      })
      await db.schema.createTable('sessions', (t) => {
        t.string('token_hash', 64).primary()
        t.string('user_id', 64).notNullable().references('id').inTable('users').onDelete('CASCADE')
        t.string('ends_at', 30).notNullable()
      })
      await db.schema.createTable('changes', (t) => {
        t.increments('seq')
        t.string('id', 64).notNullable().unique()
        t.string('unit_id', 64).nullable()
        t.string('user_id', 64).notNullable()
        t.string('by', 120).notNullable()
        t.string('at', 30).notNullable()
        t.string('label', 120).notNullable()
        t.text('before').notNullable()
        t.text('after').notNullable()
        t.string('state', 10).notNullable()
        t.index(['unit_id', 'user_id', 'state'])
      })
      await db.schema.createTable('shares', (t) => {
        t.string('id', 64).primary()
        t.string('unit_id', 64).notNullable().references('id').inTable('units').onDelete('CASCADE')
        t.integer('day').notNullable()
        t.string('label', 120).notNullable()
        t.string('token_hash', 64).notNullable().unique()
        t.string('created_at', 30).notNullable()
        t.string('ends_on', 10).notNullable()
        t.string('revoked_at', 30).nullable()
        t.string('opened_at', 30).nullable()
        t.index(['unit_id'])
      })
      await db.schema.createTable('ticks', (t) => {
        t.string('placement_id', 64).notNullable().references('id').inTable('placements').onDelete('CASCADE')
        t.string('step', 64).notNullable()
        t.boolean('done').notNullable()
        t.string('at', 30).notNullable()
        t.string('by', 120).notNullable()
        t.primary(['placement_id', 'step'])
      })
    },
  },
  {
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
  },
  {
    name: '003-stamps',
    async up(db) {
      // Whether anything of the house was written is asked before every reading of it: from these alone, without touching the bodies.
      for (const kind of FIRST_KINDS)
        await db.schema.alterTable(TABLES[kind], (t) => void t.index(['updated_at', 'version']))
    },
  },
  {
    name: '004-license',
    async up(db) {
      const perAdult = { infant: 4, 'young-toddler': 6, 'older-toddler': 6, preschool: 10, 'school-age': 12 }
      await fill(db, 'homes', (body) => ({
        license: { children: 8, underTwo: null, example: true, rule: { kind: 'ratios', perAdult } },
        ...body,
      }))
      await db('changes').update({ state: 'dead' })
    },
  },
  {
    name: '005-days-and-room',
    async up(db) {
      await fill(db, 'homes', (body) => ({ targets: {}, dryingPlaces: 2, illness: null, ...body }))
      await fill(db, 'children', (body) => ({ asthma: false, ...body }))
      await fill(db, 'centers', (body) => ({ spot: null, sleeps: false, ...body }))
      await fill(db, 'placements', (body) => ({ quantities: {}, ...body }))
      await fill(db, 'materials', (body) =>
        withHazard(
          body,
          {
            'ice-cube': 'ice',
            snow: 'ice',
            scarf: 'soft-prop',
            'baby-blanket': 'soft-prop',
            cushion: 'soft-prop',
            'tent-cloth': 'soft-prop',
          }[String(body.id)],
        ),
      )
      await fill(db, 'activities', (body) => ({
        ...keeping(body.source === 'shipped' ? String(body.id) : ''),
        ...body,
      }))
      await fill(db, 'units', (body) => ({
        ...body,
        events: (body.events as object[]).map((one) => ({ parts: [], bring: [], inviteOn: null, ...one })),
      }))
      await db('changes').update({ state: 'dead' })
    },
  },
  {
    name: '006-supplies',
    async up(db) {
      for (const kind of ['promise', 'stock'] as const) {
        await createTable(db, kind)
        await db.schema.alterTable(TABLES[kind], (t) => void t.index(['updated_at', 'version']))
      }
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
  },
  {
    name: '007-steps-and-counts',
    async up(db) {
      // Steps were named by where they stood; they keep that name from now on, wherever they go.
      await fill(db, 'activities', (body) => ({ stepIds: [], ...body }))
      await fill(db, 'materials', (body) => ({ counted: true, ...body }))
      await db('changes').update({ state: 'dead' })
    },
  },
]

const withHazard = (body: Record<string, unknown>, hazard: string | undefined): object => {
  const safety = body.safety as { hazards: string[] }
  return hazard && !safety.hazards.includes(hazard)
    ? { ...body, safety: { ...safety, hazards: [...safety.hazards, hazard] } }
    : body
}

/** Gives the bodies of a table what a newer form has more. */
async function fill(db: Knex, table: string, newer: (body: Record<string, unknown>) => object): Promise<void> {
  for (const row of (await db(table).select('id', 'body')) as { id: string; body: string }[]) {
    await db(table)
      .where({ id: row.id })
      .update({ body: JSON.stringify(newer(JSON.parse(row.body) as Record<string, unknown>)) })
  }
}
