import { childHours, canPlace, type Slot, trySession, type ResolvedPlan, type Session } from '../plan'
import { newPlacement, type CalendarDate, type Child, type UnitSnapshot, type Where } from '../domain'
import { shortDate, type ProgramDay } from '../base'
import { dryingClashes, inARow, messesAtOnce, type DryingClash, type InARow } from './aheadDay'

/** Goes in each child’s folders that waits for a fuller day. */
export interface FullerDay {
  session: Session
  /** The same time on the day on which most could make one. */
  slot: Slot
  /** Who would make one there and not here. */
  gains: Child[]
}

/** Who misses something for a group by not coming that day, and a second time that would catch them. */
export interface Missed {
  session: Session
  children: Child[]
  again: { slot: Slot; catches: Child[] } | null
}

/** What a look over the days ahead finds. None of it is wrong; all of it is worth a thought. */
export interface LookAhead {
  fullest: { date: CalendarDate; day: number; count: number } | null
  fuller: FullerDay[]
  missed: Missed[]
  inARow: InARow[]
  messes: [Session, Session][]
  drying: DryingClash[]
}

const takers = (session: Session): Set<string> =>
  new Set(session.parts.flatMap((part) => (part.does === 'takes-part' ? [part.child.id] : [])))

/** The same moment on another day, where it could lie there. */
function onDay(
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
  session: Session,
  day: number,
): { slot: Slot; session: Session } | null {
  const { placement } = session
  if (placement.where.kind !== 'moment') return null
  const where: Where = { ...placement.where, day }
  const verdict = canPlace(
    snapshot,
    plan,
    { activityId: placement.activityId, where, centerId: placement.centerId, movingId: placement.id },
    false,
  )
  if (!verdict.ok) return null
  const tried = trySession(snapshot, plan, {
    ...newPlacement('try', placement.unitId, placement.activityId, where, verdict.centerId),
    swaps: placement.swaps,
    keptOut: placement.keptOut,
  })
  return (
    tried && {
      session: tried,
      slot: {
        where,
        centerId: verdict.centerId,
        words: `${tried.block!.name}, ${shortDate(tried.days[0].date)} (day ${day})`,
      },
    }
  )
}

/** Where else one thing could be done, day by day. */
type Elsewhere = (session: Session) => NonNullable<ReturnType<typeof onDay>>[]

/** Pieces for the folder for which another day would be fuller. */
function fullerDays(moments: readonly Session[], elsewhere: Elsewhere, children: readonly Child[]): FullerDay[] {
  return moments
    .filter((one) => one.activity.folder && one.placement.pinnedDate === null)
    .flatMap((session): FullerDay[] => {
      const now = takers(session)
      const best = elsewhere(session)
        .map((one) => ({ ...one, who: takers(one.session) }))
        .sort((a, b) => b.who.size - a.who.size)[0]
      if (!best || best.who.size <= now.size) return []
      return [
        { session, slot: best.slot, gains: children.filter((child) => best.who.has(child.id) && !now.has(child.id)) },
      ]
    })
}

/** Who misses something for a group by the day it is on, and when they would not. */
function missedOf(
  { children }: UnitSnapshot,
  plan: ResolvedPlan,
  held: readonly ProgramDay[],
  moments: readonly Session[],
  elsewhere: Elsewhere,
): Missed[] {
  const expected = new Set(
    held.flatMap((day) => children.filter((child) => childHours(child, day.date) !== null).map((child) => child.id)),
  )
  /** Children who meet an idea on some day of the unit: done, or planned. */
  const met = new Map<string, Set<string>>()
  for (const session of plan.sessions)
    if (session.placement.status !== 'skipped')
      met.set(session.activity.id, new Set([...(met.get(session.activity.id) ?? []), ...takers(session)]))
  return moments
    .filter((one) => one.activity.form === 'whole-group' || one.activity.form === 'small-group')
    .flatMap((session): Missed[] => {
      const absent = session.parts
        .filter(
          (part) =>
            part.does === 'out' &&
            part.reason === 'not-here' &&
            expected.has(part.child.id) &&
            !met.get(session.activity.id)!.has(part.child.id),
        )
        .map((part) => part.child)
      if (!absent.length) return []
      const others = elsewhere(session)
        .map((one) => ({ slot: one.slot, catches: absent.filter((child) => takers(one.session).has(child.id)) }))
        .filter((one) => one.catches.length)
      const couldDo = absent.filter((child) => others.some((one) => one.catches.includes(child)))
      // Someone with no day on which it could be done for them is not missing it by this choice of day.
      return couldDo.length
        ? [{ session, children: couldDo, again: others.sort((a, b) => b.catches.length - a.catches.length)[0] ?? null }]
        : []
    })
}

/**
 * Looks over the days ahead: the fullest day for a folder piece, who misses each thing for a group and when they would
 * not, energy through each day, drying places and messes.
 */
export function lookAhead(snapshot: UnitSnapshot, plan: ResolvedPlan): LookAhead {
  const { today, children, home } = snapshot
  const held = plan.program.days.filter((day) => day.held && day.date >= today)
  const counts = held.map((day) => ({
    date: day.date,
    day: day.number,
    count: children.filter((child) => childHours(child, day.date) !== null).length,
  }))
  const fullest = counts.reduce<LookAhead['fullest']>(
    (best, one) => (!best || one.count > best.count ? one : best),
    null,
  )
  const moments = plan.sessions.filter((one) => one.block && !plan.isBehind(one))
  const elsewhere = (session: Session) =>
    held
      .filter((day) => day.number !== session.days[0].number)
      .flatMap((day) => onDay(snapshot, plan, session, day.number) ?? [])

  const byDay = held.map((day) => moments.filter((one) => one.days[0].number === day.number))
  return {
    fullest,
    fuller: fullerDays(moments, elsewhere, children),
    missed: missedOf(snapshot, plan, held, moments, elsewhere),
    inARow: byDay.flatMap(inARow),
    messes: byDay.flatMap(messesAtOnce),
    drying: dryingClashes(moments, home.dryingPlaces),
  }
}

/** How many things a look ahead found. */
export const countAhead = (found: LookAhead): number =>
  found.fuller.length + found.missed.length + found.inARow.length + found.messes.length + found.drying.length
