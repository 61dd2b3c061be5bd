import type { Knex } from 'knex'
import { CalendarDate } from '@core/domain'
import { readRows } from '../store/rows'

/** Today as a calendar date in the home's time zone; the fixed date where one is set for demos and tests. */
export class Clock {
  constructor(private readonly db: Knex, private readonly fixed: string | undefined) {
    if (fixed !== undefined && !CalendarDate.safeParse(fixed).success) throw new Error(`KOBBY_TODAY is not a date: ${fixed}`)
  }

  async today(): Promise<CalendarDate> {
    if (this.fixed) return this.fixed
    const [home] = await readRows(this.db, 'home')
    const parts = new Intl.DateTimeFormat('en-CA', { timeZone: home?.value.timeZone ?? 'UTC', year: 'numeric', month: '2-digit', day: '2-digit' })
    return parts.format(new Date())
  }
}
