import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import type { Knex } from 'knex'
import { AskedPastTransaction } from './onePool'
import { openStore } from './open'

let db: Knex
beforeEach(async () => {
  db = await openStore(':memory:')
})
afterEach(() => db.destroy())

const put = (on: Knex, id: string) => on('users').insert({ id, name: id, sign_in: id, password: '', created_at: '' })
const ids = async () => (await db('users').select('id').orderBy('id')).map((row: { id: string }) => row.id)

describe('inside a transaction', () => {
  it('the database beside it cannot be asked: it says so at once, and the transaction takes nothing with it', async () => {
    await expect(
      db.transaction(async (tx) => {
        await put(tx, 'ann')
        await db('users').first('id')
      }),
    ).rejects.toThrow(AskedPastTransaction)
    expect(await ids()).toEqual([])
  })
  it('neither raw, nor by a schema, nor by a transaction beside it, nor from a function that it calls', async () => {
    const past: (() => Promise<unknown>)[] = [
      async () => db.raw('select 1'),
      async () => db.schema.hasTable('users'),
      async () => db.transaction(async (tx) => tx('users').first('id')),
      async () => put(db, 'bo'),
    ]
    for (const ask of past) {
      await expect(
        db.transaction(async (tx) => {
          await tx('users').first('id')
          await Promise.all([ask()])
        }),
      ).rejects.toThrow(AskedPastTransaction)
    }
    expect(await ids()).toEqual([])
  })
  it('the transaction can be asked, and one inside it', async () => {
    await db.transaction(async (tx) => {
      await put(tx, 'ann')
      await tx.transaction((inner) => put(inner, 'bo'))
      expect(await tx('users').select('id')).toHaveLength(2)
    })
    expect(await ids()).toEqual(['ann', 'bo'])
  })
})

it('asks freely once the transaction has ended, well or badly, and from outside while it runs', async () => {
  await expect(db.transaction(async () => db('users').first('id'))).rejects.toThrow(AskedPastTransaction)
  const [, beside] = await Promise.all([db.transaction((tx) => put(tx, 'cy')), ids()])
  expect([[], ['cy']]).toContainEqual(beside)
  expect(await ids()).toEqual(['cy'])
})
