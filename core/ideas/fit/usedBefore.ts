import { programDays } from '../../base'
import type { UsedBefore, Home, Placement, Unit } from '../../domain'

/**
 * When each activity was done before, by activity id, the latest first. A set-up counts by its last day. Placements
 * whose day the calendar no longer gives are left out.
 *
 * @param placements of all units
 */
export function usedBefore(
  home: Pick<Home, 'open' | 'closures'>,
  units: readonly Unit[],
  placements: readonly Placement[],
): Map<string, UsedBefore[]> {
  const found = new Map<string, UsedBefore[]>()
  for (const unit of units) {
    const done = placements.filter((one) => one.unitId === unit.id && one.status === 'done')
    if (!done.length) continue
    const dates = new Map(programDays(home, unit).days.map((day) => [day.number, day.date]))
    for (const placement of done) {
      const date = dates.get(placement.where.kind === 'moment' ? placement.where.day : placement.where.toDay)
      if (date)
        found.set(placement.activityId, [
          ...(found.get(placement.activityId) ?? []),
          { unitId: unit.id, unit: unit.name, date, went: placement.went },
        ])
    }
  }
  for (const list of found.values()) list.sort((a, b) => (a.date < b.date ? 1 : -1))
  return found
}
