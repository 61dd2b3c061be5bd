import { AsyncLocalStorage } from 'node:async_hooks'
import type { Knex } from 'knex'

/** What a transaction is given, and all that it may ask. */
export type Tx = Knex.Transaction

/** Someone asked the pool while a transaction held its one connection: waiting would end after a minute, in nothing. */
export class AskedPastTransaction extends Error {
  constructor() {
    super('A transaction is open here: ask it, not the database beside it')
  }
}

type Work = ((tx: Tx) => unknown) | undefined
interface PoolClient {
  acquireConnection: () => Promise<unknown>
  transaction: (work: Work, config: unknown, outer: unknown) => unknown
}

/**
 * Lets whoever runs inside a transaction reach that transaction only. The pool has one connection, which the
 * transaction holds, so that a question to the pool from inside can never be answered: it fails at once instead, where
 * it is asked.
 */
export function guardPool(db: Knex): Knex {
  const open = new AsyncLocalStorage<true>()
  const client = db.client as PoolClient
  const [acquire, begin] = [client.acquireConnection.bind(client), client.transaction.bind(client)]
  client.acquireConnection = async () => {
    if (open.getStore()) throw new AskedPastTransaction()
    return acquire()
  }
  client.transaction = (work, config, outer) => begin(work && ((tx) => open.run(true, () => work(tx))), config, outer)
  return db
}
