import type { Knex } from 'knex'
import { CalendarDate } from '@core/domain'
import { readRows } from '../store/rows'

/** A calendar date as it is at an instant in a time zone. */
export const dateIn = (timeZone: string, instant: Date): CalendarDate =>
  new Intl.DateTimeFormat('en-CA', { timeZone, year: 'numeric', month: '2-digit', day: '2-digit' }).format(instant)

/** The one place where the server reads the time: instants from the system's clock, dates by the home's time zone. */
export class Clock {
  /**
   * @param fixed a date that it always is, for demos
   * @param system what is read for an instant; the machine's clock but in tests
   */
  constructor(
    private readonly fixed?: CalendarDate,
    private readonly system: () => Date = () => new Date(),
  ) {
    if (fixed !== undefined && !CalendarDate.safeParse(fixed).success)
      throw new Error(`KOBBY_TODAY is not a date: ${fixed}`)
  }

  /** Whether it is one date always. */
  get stands(): boolean {
    return this.fixed !== undefined
  }

  now(): Date {
    return this.system()
  }

  /** Now, as it is written down: UTC. */
  stamp(): string {
    return this.now().toISOString()
  }

  /**
   * Today in the home's time zone.
   *
   * @param db where the home is read: inside a transaction, the transaction
   */
  async today(db: Knex): Promise<CalendarDate> {
    if (this.fixed) return this.fixed
    const [home] = await readRows(db, 'home')
    return dateIn(home?.value.timeZone ?? 'UTC', this.now())
  }
}
