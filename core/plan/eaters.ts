import type { CalendarDate, Child, StageBounds } from '../domain'
import type { Eater } from '../making'
import { childHours } from './presence'
import { stageOn } from './stageOn'

/**
 * Who is in the house on a date for any part of it, oldest last, at the stage of their age on that day.
 *
 * @param bounds the home's stage bounds
 */
export const eatersOn = (children: readonly Child[], date: CalendarDate, bounds: StageBounds): Eater[] =>
  children
    .filter((child) => childHours(child, date))
    .sort((a, b) => (a.born < b.born ? 1 : -1))
    .map((child) => ({ child, stage: stageOn(child, date, bounds) }))
