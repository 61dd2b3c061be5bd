import { z } from 'zod'
import { type FamilyPromise, Id, Line, PositiveAmount, type AskedPage, type Share, type User } from '@core/domain'
import { quantityWords } from '@core/base'
import { invalid, notFound, Refusal } from './refusal'
import type { Changes } from './changes'
import { idThrough, type Shares } from './shares'
import type { Supplies } from './supplies'
import { readRow } from '../store/rows'
import type { Knex } from 'knex'

export const PromiseInput = z.strictObject({ id: Id, materialId: Id, quantity: PositiveAmount, family: Line })

/**
 * Promises that one link can gather: far more than any home has families for, and few enough that nobody fills a disk.
 */
const MOST_PROMISES = 300

/** The page on which families sign up for what to bring, through a link and without an account. */
export class Asks {
  constructor(
    private readonly db: Knex,
    private readonly supplies: Supplies,
    private readonly shares: Shares,
    private readonly changes: Changes,
  ) {}

  async open(share: Share): Promise<AskedPage> {
    await this.shares.noteOpened(share)
    const { asks, home, unit } = await this.supplies.asks(share.unitId)
    const words = (quantity: number, base: Parameters<typeof quantityWords>[1]) =>
      quantityWords(quantity, base, home.measures)
    return {
      home: home.name,
      unit,
      measures: home.measures,
      clock: home.clock,
      dates: home.dates,
      endsOn: share.endsOn,
      things: asks.map(({ material, quantity, open, bringBy }) => ({
        materialId: material.id,
        name: material.name,
        wanted: words(quantity, material.unit),
        open,
        openWords: words(open, material.unit),
        unit: material.unit,
        bringBy,
      })),
    }
  }

  /** Writes a promise down; it counts as coming from then on. */
  async promise(share: Share, input: z.infer<typeof PromiseInput>): Promise<AskedPage> {
    const { asks, home, promises } = await this.supplies.asks(share.unitId)
    const id = idThrough(share, 'promise', input.id)
    const ask = asks.find((one) => one.material.id === input.materialId)
    if (!promises.some((one) => one.id === id)) {
      if (!ask || ask.open <= 0)
        throw new Refusal('in-the-way', 'Someone else is already bringing this. Nothing was written down.')
      if (input.quantity > ask.open)
        throw invalid([
          {
            field: 'quantity',
            message: `Only ${quantityWords(ask.open, ask.material.unit, home.measures)} still open`,
          },
        ])
      if (promises.length >= MOST_PROMISES) throw new Refusal('full', 'This list is full. Tell the home directly.')
      const value: FamilyPromise = { ...input, id, unitId: share.unitId, by: ask.bringBy, state: 'coming' }
      await this.changes.apply(
        {
          id: idThrough(share, 'promised', input.id),
          unitId: share.unitId,
          label: `${input.family} brings ${ask.material.name}`.slice(0, 120),
          ops: [{ op: 'put', kind: 'promise', base: 0, value }],
        },
        familyOf(input.family),
        false,
      )
    }
    return this.open(share)
  }

  /** Takes a promise back. Its id is known only to whoever made it. */
  async withdraw(share: Share, promiseId: string): Promise<AskedPage> {
    // Those made before ids were told apart by their link are kept under the id itself.
    const row =
      (await readRow(this.db, 'promise', idThrough(share, 'promise', promiseId))) ??
      (await readRow(this.db, 'promise', promiseId))
    if (!row || row.value.unitId !== share.unitId || row.value.state !== 'coming') throw notFound('promise')
    await this.changes.apply(
      {
        id: idThrough(share, 'withdrawn', promiseId),
        unitId: share.unitId,
        label: `${row.value.family} does not bring it`.slice(0, 120),
        ops: [{ op: 'put', kind: 'promise', base: row.version, value: { ...row.value, state: 'off' } }],
      },
      familyOf(row.value.family),
      false,
    )
    return this.open(share)
  }
}

/** Whoever signs up has no account: the log says who they said they are. */
const familyOf = (name: string): User => ({ id: 'family', name, signIn: '' })
