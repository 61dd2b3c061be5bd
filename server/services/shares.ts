import { randomUUID } from 'node:crypto'
import type { Knex } from 'knex'
import { z } from 'zod'
import { addDays, wordStyle } from '@core/base'
import {
  CalendarDate,
  Line,
  type LinkTick,
  type Tick,
  type Share,
  type ShareKind,
  type DaySheet,
  type SharedDay,
} from '@core/domain'
import { daySheet, tickLabel } from '@core/papers'
import { invalid, notFound, Refusal } from './refusal'
import { hashToken, newToken } from './secrets'
import type { Changes } from './changes'
import type { Clock } from './clock'
import type { Live } from './live'
import { readSource } from './snapshots'
import { linkBy, linkEnds, linksOf, setLinkOpened, withdrawLink, writeLink } from '../store/links'
import { readTicks } from '../store/ticks'

export const NewShare = z.strictObject({ day: z.number().int().min(1).max(60), label: Line, endsOn: CalendarDate })
/** A link on which families sign up for what to bring, or that a calendar subscribes to. */
export const NewAskShare = z.strictObject({ label: Line, endsOn: CalendarDate })

/** What one live line of a link is ended by. */
export const shareLine = (shareId: string) => `share ${shareId}`

/** How long a link can be made to last, in days from today. */
const LONGEST_DAYS = 90

/** Links to one day of one unit for someone without an account, and the ticks on it. */
export class Shares {
  constructor(
    private readonly db: Knex,
    private readonly clock: Clock,
    private readonly live: Live,
    private readonly changes: Changes,
  ) {}

  /** Makes a link. Its secret is told once, here; only its hash is kept. */
  async create(unitId: string, input: z.infer<typeof NewShare>): Promise<Share & { token: string }> {
    const { snapshot, plan } = await readSource(this.db, this.clock, unitId)
    daySheet(snapshot, plan, input.day)
    return this.make(unitId, 'day', input.day, input, snapshot.today)
  }

  /** Makes a link on which families sign up. */
  async createAsk(unitId: string, input: z.infer<typeof NewAskShare>): Promise<Share & { token: string }> {
    const {
      snapshot: { today },
    } = await readSource(this.db, this.clock, unitId)
    return this.make(unitId, 'ask', 0, input, today)
  }

  /** Makes a link that a calendar subscribes to. */
  async createCalendar(unitId: string, input: z.infer<typeof NewAskShare>): Promise<Share & { token: string }> {
    const {
      snapshot: { today },
    } = await readSource(this.db, this.clock, unitId)
    return this.make(unitId, 'calendar', 0, input, today)
  }

  private async make(
    unitId: string,
    kind: ShareKind,
    day: number,
    input: { label: string; endsOn: string },
    today: string,
  ): Promise<Share & { token: string }> {
    if (input.endsOn < today) throw invalid([{ field: 'endsOn', message: 'This date has passed' }])
    if (input.endsOn > addDays(today, LONGEST_DAYS))
      throw invalid([{ field: 'endsOn', message: `Choose a date within ${LONGEST_DAYS} days` }])
    const token = newToken()
    const share: Share = {
      id: randomUUID(),
      unitId,
      kind,
      day,
      label: input.label,
      createdAt: this.clock.stamp(),
      endsOn: input.endsOn,
      revokedAt: null,
      openedAt: null,
    }
    await writeLink(this.db, share, hashToken(token))
    this.live.tell({ type: 'shares', unitId })
    return { ...share, token }
  }

  list(unitId: string): Promise<Share[]> {
    return linksOf(this.db, unitId)
  }

  async revoke(unitId: string, id: string): Promise<void> {
    if (!(await withdrawLink(this.db, unitId, id, this.clock.stamp()))) throw notFound('link')
    this.live.end(shareLine(id))
    this.live.tell({ type: 'shares', unitId })
  }

  /** The share of a secret that still holds. */
  async find(token: string, kind: ShareKind): Promise<Share> {
    const share = await linkBy(this.db, hashToken(token), kind)
    if (!share) throw new Refusal('not-found', 'This link is not known. Ask for a new one.')
    if (share.revokedAt) throw new Refusal('ended', 'This link was withdrawn. Ask for a new one.')
    if (share.endsOn < (await this.clock.today(this.db)))
      throw new Refusal('ended', 'This link has ended. Ask for a new one.')
    return share
  }

  /** Whether a link still opens. */
  async holds(id: string): Promise<boolean> {
    const ends = await linkEnds(this.db, id)
    return ends !== undefined && ends >= (await this.clock.today(this.db))
  }

  /** Keeps when a link was opened first. A disk that cannot be written must not keep anyone from reading. */
  async noteOpened(share: Share): Promise<void> {
    if (share.openedAt) return
    await setLinkOpened(this.db, share.id, this.clock.stamp()).catch(() => undefined)
    this.live.tell({ type: 'shares', unitId: share.unitId })
  }

  /** What a link shows: one day's sheet and its ticks. */
  async open(share: Share): Promise<SharedDay> {
    await this.noteOpened(share)
    const sheet = await this.sheetOf(share)
    const onSheet = new Set(sheet.items.map((item) => item.placementId))
    return {
      label: share.label,
      endsOn: share.endsOn,
      ...wordStyle(),
      sheet,
      ticks: (await readTicks(this.db, share.unitId)).filter((tick) => onSheet.has(tick.placementId)),
    }
  }

  private async sheetOf(share: Share): Promise<DaySheet> {
    const { snapshot, plan } = await readSource(this.db, this.clock, share.unitId)
    return daySheet(snapshot, plan, share.day)
  }

  /** A tick through a link: a change like the owner's own, but only of what stands on the link's day. */
  async tick(share: Share, { id, ...input }: LinkTick): Promise<Tick> {
    const item = (await this.sheetOf(share)).items.find((one) => one.placementId === input.placementId)
    if (!item) throw invalid([{ field: 'placementId', message: 'This is no longer on the day sheet' }])
    const step = item.steps.find((one) => one.id === input.step)
    if (!step) throw invalid([{ field: 'step', message: 'This step is no longer part of it' }])
    const { ticks } = await this.changes.apply(
      {
        id: idThrough(share, 'tick', id),
        unitId: share.unitId,
        label: tickLabel(step.text, input.done),
        ops: [{ op: 'tick', ...input }],
      },
      { id: `link ${share.id}`, name: share.label, signIn: '' },
      false,
    )
    return ticks[0]
  }
}

/**
 * An id that someone's phone made, told apart from everyone else's: it is the id of something through this link, and of
 * nothing else.
 */
export const idThrough = (share: Share, what: string, id: string): string => hashToken(`${share.id} ${what} ${id}`)
