import type { Knex } from 'knex'
import { faultOfDisk } from './dialect'

/** How long an answer holds, in milliseconds: asking costs a write, and anyone may ask. */
const HOLDS_MS = 5_000

/** Whether the database can be written, tried by writing. */
export class Writable {
  private known: { at: number; fault: string | null } | undefined

  constructor(
    private readonly db: Knex,
    private readonly now: () => Date,
  ) {}

  /** What keeps it from being written, in words, or nothing. */
  async fault(): Promise<string | null> {
    const at = this.now().getTime()
    if (this.known && Math.abs(at - this.known.at) < HOLDS_MS) return this.known.fault
    const fault = await this.db('health')
      .where({ id: 1 })
      .update({ at: new Date(at).toISOString() })
      .then(
        () => null,
        (error: unknown) => faultOfDisk(error) ?? 'The database cannot be written.',
      )
    this.known = { at, fault }
    return fault
  }
}
