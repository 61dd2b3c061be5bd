import { dateOfDay, minutesOf } from '../base'
import type { PrepStep } from '../domain'
import { EVENING_END } from '../plan'

export type Wait = PrepStep['wait']

const DAY = 1440
const LAST_MINUTE = minutesOf(EVENING_END)
const dayOf = (minute: number): number => Math.floor(minute / DAY)

/**
 * By how many minutes the clock of a home is ahead of UTC at noon of a day: what a night loses or gains when the clocks
 * change.
 */
export type Offset = (day: number) => number

/** The offset of a home that never changes its clocks. */
export const NO_CHANGE: Offset = () => 0

/**
 * The clock of a time zone. Paint that dries twelve hours dries until an hour later by the clock in the night in which
 * the clocks go forward.
 *
 * @param zone a name such as America/New_York
 */
export function offsetOf(zone: string): Offset {
  const known = new Map<number, number>()
  const format = new Intl.DateTimeFormat('en-US', { timeZone: zone, timeZoneName: 'longOffset' })
  return (day) => {
    const before = known.get(day)
    if (before !== undefined) return before
    const name = format
      .formatToParts(Date.parse(`${dateOfDay(day)}T12:00Z`))
      .find((part) => part.type === 'timeZoneName')!.value
    const [, sign, hours, minutes] = /GMT([+-])(\d\d):?(\d\d)?/.exec(name) ?? ['', '+', '0', '0']
    const offset = (sign === '-' ? -1 : 1) * (Number(hours) * 60 + Number(minutes ?? 0))
    known.set(day, offset)
    return offset
  }
}

/**
 * When what waits is ready, in plan minutes.
 *
 * @param finish the minute hands leave it
 * @param wait minutes, or until the next morning: what is finished after {@link EVENING_END} waits for the one after
 */
export function readyAfter(finish: number, wait: Wait, offset: Offset = NO_CHANGE): number {
  if (wait === 'overnight') return (dayOf(finish) + (finish % DAY > LAST_MINUTE ? 2 : 1)) * DAY
  if (wait === 0) return finish
  const ready = finish + wait
  return ready + offset(dayOf(ready)) - offset(dayOf(finish))
}

/** The latest minute at which hands must leave something, so that it is ready at a minute: the other way around. */
export function finishFor(start: number, wait: Wait, offset: Offset = NO_CHANGE): number {
  if (wait === 'overnight') return (dayOf(start) - 1) * DAY + LAST_MINUTE
  if (wait === 0) return start
  const finish = start - wait
  return finish + offset(dayOf(finish)) - offset(dayOf(start))
}
