import { byId, lastDayBefore } from '../base'
import type { House, Piece, Unit, UnitSnapshot } from '../domain'
import { activitiesFor } from './theme'

/** What belongs to one unit. */
export type UnitOwn = Pick<
  UnitSnapshot,
  'placements' | 'ideas' | 'purchases' | 'promises' | 'prepMarks' | 'printSets' | 'circles'
>

/**
 * A unit with everything that it refers to: the one place where a snapshot is made, in the browser and on the server.
 *
 * @param units all units of the home: the one before decides from when there is time to prepare
 * @param own what belongs to the unit; half ideas and purchases of the house are left out
 * @param more `activities` where they were taken into the theme already; `spokenFor`, none where left out; `now`, all of
 *   today still to come where left out; `shipped`, pieces of the library that its circles use
 */
export function snapshotOf(
  house: House,
  units: readonly Unit[],
  unit: Unit,
  own: UnitOwn,
  today: UnitSnapshot['today'],
  more: Partial<Pick<UnitSnapshot, 'activities' | 'spokenFor' | 'now'>> & { shipped?: readonly Piece[] } = {},
): UnitSnapshot {
  return {
    ...house,
    unit,
    ...own,
    pieces: [...house.pieces, ...(more.shipped ?? [])],
    activities: more.activities ?? activitiesFor(unit, own.ideas, house.activities, byId(house.materials)),
    today,
    now: more.now ?? null,
    lastDayBefore: lastDayBefore(house.home, units, unit),
    spokenFor: more.spokenFor ?? [],
  }
}
