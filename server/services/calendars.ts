import ical, { ICalCalendarMethod } from 'ical-generator'
import type { Knex } from 'knex'
import { addDays, dateOfDay, timeOf } from '@core/base'
import { calendarEntries, type CalendarEntry } from '@core/papers'
import { readingsOf } from '@core/readings'
import type { Clock } from './clock'
import { readSource } from './snapshots'

/** How often a calendar that subscribes should look again, in seconds. */
const LOOK_AGAIN = 60 * 60

/** A local time without a zone: what is at 13:15 in the house is at 13:15 on the calendar that hangs there. */
const local = (minute: number): string => {
  const time = timeOf(minute % 1440)
  return `${dateOfDay(Math.floor(minute / 1440))}T${time}:00`
}

/** What of a unit belongs into a calendar, as iCalendar (RFC 5545). */
export class Calendars {
  constructor(
    private readonly db: Knex,
    private readonly clock: Clock,
  ) {}

  async of(unitId: string): Promise<string> {
    const { snapshot } = await readSource(this.db, this.clock, unitId)
    const { plan, lines, preparation } = readingsOf(snapshot)
    const calendar = ical({
      name: snapshot.unit.name,
      prodId: { company: 'Kobby', product: 'Kobby', language: 'EN' },
      method: ICalCalendarMethod.PUBLISH,
      ttl: LOOK_AGAIN,
    })
    const stamp = this.clock.now()
    for (const one of calendarEntries(snapshot, plan, preparation, lines)) calendar.createEvent(eventOf(one, stamp))
    return calendar.toString()
  }
}

function eventOf({ uid, title, note, at }: CalendarEntry, stamp: Date) {
  const common = { id: uid, summary: title, description: note || undefined, stamp, floating: true }
  return 'date' in at
    ? { ...common, allDay: true, start: `${at.date}T00:00:00`, end: `${addDays(at.date, 1)}T00:00:00` }
    : { ...common, start: local(at.from), end: local(at.to) }
}
