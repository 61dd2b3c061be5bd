import { type CalendarDate, type Center, type RoomSpot, ROOM, type Carried } from '../domain'
import type { ResolvedPlan, Session } from './resolve'
import { weeksOut } from './carried'

/** A center over the days of a unit. */
export interface CenterBand {
  center: Center
  /** In lanes, since a tray shelf holds many at once. */
  standing: Session[]
  /** Stretches with nothing there, at a center that holds one thing at a time. */
  empty: { fromDay: number; toDay: number }[]
}

/**
 * What every center holds over the unit, in the order of the centers. Nothing is "empty" at a tray shelf, a circle rug
 * or a yard: they hold moments.
 */
export function bandsOf(centers: readonly Center[], plan: ResolvedPlan): CenterBand[] {
  const last = plan.program.days.length
  return centers.map((center) => {
    const standing = plan.sessions.filter(
      (one) => !one.block && one.center?.id === center.id && one.placement.status !== 'skipped',
    )
    const empty: CenterBand['empty'] = []
    let next = 1
    for (const one of [...standing].sort((a, b) => a.days[0].number - b.days[0].number)) {
      const [from, to] = [one.days[0].number, one.days[one.days.length - 1].number]
      if (from > next) empty.push({ fromDay: next, toDay: from - 1 })
      next = Math.max(next, to + 1)
    }
    if (next <= last) empty.push({ fromDay: next, toDay: last })
    return { center, standing, empty: center.kind === 'circle' || center.kind === 'outdoors' ? [] : empty }
  })
}

/** What stands at a center on a program day. */
export const standsOn = (band: CenterBand, day: number): Session[] =>
  band.standing.filter((one) => one.days[0].number <= day && one.days[one.days.length - 1].number >= day)

/** Since when something has been out: from the unit before, where it stays on from its end, else from its first day. */
export function outSince(session: Session, carried: readonly Carried[], plan: ResolvedPlan): CalendarDate {
  const first = plan.program.days.find((day) => day.held)
  const before =
    session.days[0].number === first?.number
      ? carried.find((one) => one.activityId === session.activity.id && one.centerId === session.center?.id)
      : undefined
  return before?.since ?? session.days[0].date
}

/** Weeks that something has been out by a date. */
export const weeksOutOn = (
  session: Session,
  on: CalendarDate,
  carried: readonly Carried[],
  plan: ResolvedPlan,
): number => weeksOut(outSince(session, carried, plan), on)

const meets = (a: RoomSpot, b: RoomSpot) =>
  a.x < b.x + b.wide && a.x + a.wide > b.x && a.y < b.y + b.high && a.y + a.high > b.y
/** Whether a spot lies within the plan and on no other. */
export const spotFits = (spot: RoomSpot, others: readonly RoomSpot[]): boolean =>
  spot.x + spot.wide <= ROOM.across && spot.y + spot.high <= ROOM.down && !others.some((other) => meets(spot, other))

/** The size that a center gets before it was arranged. */
const USUAL = { wide: 3, high: 2 }
/**
 * A spot for every center: its own, or for those without one the first free place in reading order. A center for which
 * no room is left gets none, and stands below the plan.
 */
export function spotsFor(centers: readonly Center[]): Map<string, RoomSpot> {
  const spots = new Map(centers.flatMap((center) => (center.spot ? [[center.id, center.spot] as const] : [])))
  for (const center of centers) {
    if (center.spot) continue
    for (const { wide, high } of [USUAL, { wide: 2, high: 1 }, { wide: 1, high: 1 }]) {
      const free = Array.from({ length: ROOM.across * ROOM.down }, (_, i): RoomSpot => ({
        x: i % ROOM.across,
        y: Math.floor(i / ROOM.across),
        wide,
        high,
      })).find((spot) => spotFits(spot, [...spots.values()]))
      if (!free) continue
      spots.set(center.id, free)
      break
    }
  }
  return spots
}
