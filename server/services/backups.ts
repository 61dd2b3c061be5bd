import type { BackupState } from '@core/domain'
import type { Knex } from 'knex'
import { join } from 'node:path'
import type { Logger } from 'pino'
import { Refusal } from './refusal'
import { backupName, backupsIn, copyDatabase, keepNewest, MOST_BACKUPS } from '../store/copies'
import { faultOfDisk } from '../store/dialect'
import { readRows } from '../store/rows'
import { hasUsers } from '../store/people'
import type { Clock } from './clock'

/** From which hour on a night's copy is made, by the home's clock: nobody works then. */
const NIGHT_HOUR = 3
/** How often it is looked whether it is time, in milliseconds. */
const LOOK_MS = 10 * 60_000

/** Copies of the whole database, every night and whenever the owner asks. */
export class Backups {
  private timer: NodeJS.Timeout | undefined
  private fault: string | null = null
  private making: Promise<void> | undefined

  /** @param folder where they go; without it none are made */
  constructor(
    private readonly db: Knex,
    private readonly clock: Clock,
    private readonly log: Logger,
    private readonly folder?: string,
  ) {}

  state(): BackupState {
    const copies = this.folder
      ? backupsIn(this.folder).map(({ name, at, bytes }) => ({ name, at: at.toISOString(), bytes }))
      : []
    return { folder: this.folder ?? null, copies, fault: this.fault }
  }

  /** Makes one now. */
  async now(): Promise<BackupState> {
    if (!this.folder)
      throw new Refusal('in-the-way', 'No folder for copies is set. Whoever runs Kobby sets it with KOBBY_BACKUPS.')
    const { date, time } = await this.clockThere()
    await this.make(backupName(date, time)).catch((error: unknown) => {
      throw new Refusal('not-kept', `The copy could not be made: ${wordsOf(error)}`)
    })
    return this.state()
  }

  /** Makes one every night from now on; one that was missed, since the machine slept, is made when it wakes. */
  everyNight(): void {
    if (!this.folder) return
    this.timer = setInterval(() => void this.look(), LOOK_MS)
    this.timer.unref()
    setImmediate(() => void this.look()).unref()
  }

  stop(): void {
    clearInterval(this.timer)
  }

  /** Makes tonight's copy when it is time for it and it is not there yet. */
  async look(): Promise<void> {
    try {
      const { date, hour } = await this.clockThere()
      const name = backupName(date)
      if (hour < NIGHT_HOUR || !(await hasUsers(this.db)) || backupsIn(this.folder!).some((copy) => copy.name === name))
        return
      await this.make(name)
      this.fault = null
    } catch (error) {
      this.fault = wordsOf(error)
      this.log.error({ err: error }, 'the nightly copy could not be made')
    }
  }

  /** One after the other: two at once would take twice the disk for the same. */
  private async make(name: string): Promise<void> {
    await this.making?.catch(() => undefined)
    this.making = copyDatabase(this.db.client.config.connection.filename as string, join(this.folder!, name))
    await this.making
    keepNewest(backupsIn(this.folder!), MOST_BACKUPS)
  }

  private async clockThere(): Promise<{ date: string; hour: number; time: string }> {
    const [home] = await readRows(this.db, 'home')
    const parts = new Intl.DateTimeFormat('en-CA', {
      timeZone: home?.value.timeZone ?? 'UTC',
      hourCycle: 'h23',
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
      hour: '2-digit',
      minute: '2-digit',
      second: '2-digit',
    }).formatToParts(this.clock.now())
    const of = (type: Intl.DateTimeFormatPartTypes) => parts.find((part) => part.type === type)!.value
    return {
      date: `${of('year')}-${of('month')}-${of('day')}`,
      hour: Number(of('hour')),
      time: `${of('hour')}${of('minute')}${of('second')}`,
    }
  }
}

const wordsOf = (error: unknown): string =>
  faultOfDisk(error) ?? (error instanceof Error ? error.message : String(error))
