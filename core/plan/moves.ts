import { newPlacement, type Placement, type Unit, type UnitSnapshot, type Where, MAX_UNIT_DAYS } from '../domain'
import { demand } from '../base'
import { canPlace, type Refusal } from './place'
import type { ResolvedPlan } from './resolve'

/**
 * What a move on the plan writes: placements as they are after it, those that go, and the unit where its length
 * changed.
 */
export interface Move {
  puts: Placement[]
  removes: Placement[]
  unit: Unit | null
}

const nothing = (): Move => ({ puts: [], removes: [], unit: null })
const onDay = (where: Where, day: number): Where =>
  where.kind === 'moment'
    ? { ...where, day }
    : { kind: 'set-up', fromDay: day, toDay: day + where.toDay - where.fromDay }

/** A copy of a placement at another place: planned, not pinned, with nothing of how it went. */
export const copyOf = (placement: Placement, id: string, where: Where, centerId: string | null): Placement => ({
  ...placement,
  id,
  where,
  centerId,
  status: 'planned',
  pinnedDate: null,
  took: {},
  went: null,
})

/** What became of a repeat: the copies, and the days that would not take one. */
export interface Repeat extends Move {
  refused: { day: number; refusal: Omit<Refusal, 'remedies'> }[]
}

/**
 * Repeats a moment on chosen days, at the same time: a copy on each that takes it, and why not on the others.
 *
 * @param days program days, from 1; its own is left out
 * @param newId a new id, one each time
 */
export function repeatOn(
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
  placement: Placement,
  days: readonly number[],
  newId: () => string,
): Repeat {
  const repeat: Repeat = { ...nothing(), refused: [] }
  const own = placement.where.kind === 'moment' ? placement.where.day : placement.where.fromDay
  for (const day of [...new Set(days)].filter((one) => one !== own).sort((a, b) => a - b)) {
    const where = onDay(placement.where, day)
    const verdict = canPlace(
      snapshot,
      plan,
      { activityId: placement.activityId, where, centerId: placement.centerId },
      false,
    )
    if (verdict.ok) repeat.puts.push(copyOf(placement, newId(), where, verdict.centerId))
    else repeat.refused.push({ day, refusal: verdict.refusal })
  }
  return repeat
}

/**
 * Swaps two placements: each takes the other's day, block and start. A start that only made sense for the other's
 * length is kept where it fits and let go of where it does not. A pin stays with the placement that it was given to, so
 * a pinned one cannot be swapped.
 *
 * @throws InputError naming `placement` where one is pinned, or one is a moment and the other a set-up
 */
export function swapTwo(
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
  a: Placement,
  b: Placement,
): Move | { refused: string } {
  demand(a.pinnedDate === null && b.pinnedDate === null, 'placement', 'A pinned card keeps its date: unpin it first')
  demand(a.where.kind === b.where.kind, 'placement', 'A set-up and a planned activity cannot change places')
  const without: UnitSnapshot = {
    ...snapshot,
    placements: snapshot.placements.filter((one) => one.id !== a.id && one.id !== b.id),
  }
  const placed: Placement[] = []
  for (const [one, other] of [
    [a, b],
    [b, a],
  ] as const) {
    const wheres: Where[] =
      other.where.kind === 'moment' ? [other.where, { ...other.where, from: null }] : [other.where]
    let refusal = ''
    const found = wheres.flatMap((where) => {
      const verdict = canPlace(
        { ...without, placements: [...without.placements, ...placed] },
        plan,
        { activityId: one.activityId, where, centerId: one.centerId },
        false,
      )
      if (!verdict.ok) refusal = verdict.refusal.reason
      return verdict.ok ? [{ where, centerId: verdict.centerId }] : []
    })[0]
    if (!found) return { refused: refusal }
    placed.push({ ...one, ...found })
  }
  return { ...nothing(), puts: placed }
}

/** Set-ups that stand until the last day go on with a longer unit. */
const untilEnd = (placement: Placement, days: number): boolean =>
  placement.where.kind === 'set-up' && placement.where.toDay >= days

/**
 * Stretches a unit by some program days: what stood out until its end stays out until the new one.
 *
 * @param by 1 or more
 * @throws InputError naming `days` where it would become longer than a unit can be
 */
export function stretchUnit(unit: Unit, placements: readonly Placement[], by: number): Move {
  const days = unit.days + by
  demand(Number.isInteger(by) && by >= 1, 'days', 'Stretch it by one day or more')
  demand(days <= MAX_UNIT_DAYS, 'days', `A unit has at most ${MAX_UNIT_DAYS} days`)
  const puts = placements
    .filter((one) => untilEnd(one, unit.days))
    .map((one) => ({ ...one, where: { ...one.where, toDay: days } as Where }))
  return { puts, removes: [], unit: { ...unit, days } }
}

/**
 * Ends a unit early: after its new last day nothing is planned. What would lie later goes back into the basket, and
 * what stands out is put away with the last day. A special day goes with its day.
 *
 * @param lastDay program day on which it ends, 1 to one less than it has
 * @throws InputError naming `days` where that is no day of the unit before its last
 */
export function endEarly(unit: Unit, placements: readonly Placement[], lastDay: number): Move {
  demand(
    Number.isInteger(lastDay) && lastDay >= 1 && lastDay < unit.days,
    'days',
    `Choose a day from 1 to ${unit.days - 1}`,
  )
  const later = (one: Placement) => (one.where.kind === 'moment' ? one.where.day : one.where.fromDay) > lastDay
  const cut = placements.filter((one) => !later(one) && one.where.kind === 'set-up' && one.where.toDay > lastDay)
  return {
    puts: cut.map((one) => ({ ...one, where: { ...one.where, toDay: lastDay } as Where })),
    removes: placements.filter(later),
    unit: {
      ...unit,
      days: lastDay,
      events: unit.events.filter((event) => event.day <= lastDay),
      slowProjects: unit.slowProjects
        .filter((one) => one.fromDay <= lastDay)
        .map((one) => ({ ...one, toDay: Math.min(one.toDay, lastDay) })),
    },
  }
}

/**
 * Slides what is still planned on a day and after it by some days: after a closure, or a day on which nothing went as
 * planned. What is pinned keeps its date, what is done stays, and what stands out already goes on. The unit grows where
 * the last day would not hold it.
 *
 * @param fromDay program day from which on things move
 * @param by days, 1 or more
 */
export function slideFrom(unit: Unit, placements: readonly Placement[], fromDay: number, by: number): Move {
  demand(Number.isInteger(by) && by >= 1, 'by', 'Slide by one day or more')
  const puts = placements.flatMap((one): Placement[] => {
    if (one.status !== 'planned' || one.pinnedDate !== null) return []
    const { where } = one
    if (where.kind === 'moment')
      return where.day >= fromDay ? [{ ...one, where: { ...where, day: where.day + by } }] : []
    return where.fromDay >= fromDay
      ? [{ ...one, where: { kind: 'set-up', fromDay: where.fromDay + by, toDay: where.toDay + by } }]
      : []
  })
  const last = Math.max(
    unit.days,
    ...puts.map((one) => (one.where.kind === 'moment' ? one.where.day : one.where.toDay)),
  )
  demand(last <= MAX_UNIT_DAYS, 'days', `A unit has at most ${MAX_UNIT_DAYS} days`)
  return { puts, removes: [], unit: last > unit.days ? { ...unit, days: last } : null }
}

/** Rotates a set-up: from a day on another idea stands at its center, and the old one is put away the day before. */
export function rotate(
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
  placement: Placement,
  activityId: string,
  fromDay: number,
  newId: () => string,
): Move | { refused: string } {
  const { where } = placement
  demand(where.kind === 'set-up', 'placement', 'Only what stands out can be rotated')
  const next: Where = { kind: 'set-up', fromDay, toDay: where.toDay }
  const away = fromDay > where.fromDay ? { ...placement, where: { ...where, toDay: fromDay - 1 } } : null
  const others = snapshot.placements.filter((one) => one.id !== placement.id)
  const verdict = canPlace(
    { ...snapshot, placements: away ? [...others, away] : others },
    plan,
    { activityId, where: next, centerId: placement.centerId },
    false,
  )
  if (!verdict.ok) return { refused: verdict.refusal.reason }
  return {
    puts: [...(away ? [away] : []), newPlacement(newId(), snapshot.unit.id, activityId, next, verdict.centerId)],
    removes: away ? [] : [placement],
    unit: null,
  }
}
