import { programDays } from '../../base'
import {
  newPlacement,
  type CalendarDate,
  type House,
  type Material,
  type Placement,
  type RhythmBlock,
  type Unit,
  type UnitSnapshot,
  type Where,
} from '../../domain'
import { canPlace, childHours, momentSpan, resolvePlan } from '../../plan'
import type { Candidate } from './judge'
import { touchLedger, type Touched, type When } from './ledger'
import type { Slot } from './skeleton'

/** Points beside those of the idea itself (see judge.ts), for where it would go. */
const PLACE = {
  /** For each touch that is worth something, and at most. */
  touch: 0.5,
  touches: 12,
  /** Goes in each child’s folder on the day most are here. */
  folder: 40,
  /** For each material to get that nothing before it asks for, and once there are as many as fit one trip. */
  newToGet: -2,
  overTrip: -8,
}
/** Things to get that one shopping trip before the start has room for. */
export const MOST_TO_GET = 12

/** An idea that lies in the plan that is being made. */
export interface Laid {
  placement: Placement
  candidate: Candidate
  touched: Touched
  when: When
  slot: Slot
}

/** Whether an idea is of the kind that a slot is for. */
export const fitsSlot = (slot: Slot, { activity }: Candidate): boolean =>
  slot.kind === 'pattern'
    ? activity.source === 'pattern'
    : slot.centers.includes(activity.centers[0]) && (slot.kind !== 'set-up' || activity.standing)

interface Ground {
  unit: Unit
  house: House
  today: CalendarDate
  materials: ReadonlyMap<string, Material>
  candidates: readonly Candidate[]
  newId: () => string
}

/**
 * A plan that is being made: ideas are laid down only where they can lie, none twice, and it is always known what each
 * child has met and what there is to get.
 */
export function draftPlan({ unit, house, today, materials, candidates, newId }: Ground) {
  const days = programDays(house.home, unit).days.filter((day) => day.held)
  const dates = days.map((day) => day.date)
  const laid: Laid[] = []
  const used = new Set<string>()
  const toGet = new Set<string>()
  const snapshot = (): UnitSnapshot => ({
    ...house,
    materials: [...materials.values()],
    activities: candidates.map((one) => one.activity),
    unit,
    placements: laid.map((one) => one.placement),
    ideas: [],
    purchases: [],
    promises: [],
    prepMarks: [],
    printSets: [],
    circles: [],
    today,
    lastDayBefore: null,
    spokenFor: [],
    now: null,
  })
  // What lies already decides what still fits; it is resolved anew only when something changed.
  let plan = resolvePlan(snapshot())
  const ledger = touchLedger(plan, { home: house.home, children: house.children, materials })

  const blockOf = (id: string): RhythmBlock => house.home.rhythm.find((one) => one.id === id)!
  function whenOf(where: Where, { activity }: Candidate): When {
    if (where.kind === 'set-up') return { dates }
    const date = days.find((day) => day.number === where.day)!.date
    return { date, ...momentSpan(activity, blockOf(where.blockId), where.from) }
  }
  const touchedBy = (candidate: Candidate, where: Where): Touched =>
    ledger.touched(candidate.activity, whenOf(where, candidate))

  /** Lays an idea down, or puts it in the place of another; false where it cannot lie there. */
  function lay(candidate: Candidate, where: Where, slot: Slot, instead?: Laid): boolean {
    const attempt = { activityId: candidate.activity.id, where, movingId: instead?.placement.id }
    const verdict = canPlace(snapshot(), plan, attempt, false)
    if (!verdict.ok) return false
    const touched = touchedBy(candidate, where)
    if (!touched.length && house.children.length) return false
    const placement = newPlacement(newId(), unit.id, candidate.activity.id, where, verdict.centerId)
    const one = { placement, candidate, touched, when: whenOf(where, candidate), slot }
    if (instead) {
      laid.splice(laid.indexOf(instead), 1, one)
      ledger.take(instead.touched)
    } else laid.push(one)
    ledger.add(touched)
    used.clear()
    for (const each of laid) used.add(each.candidate.activity.id)
    for (const material of candidate.fit.get.materials) toGet.add(material.id)
    plan = resolvePlan(snapshot())
    return true
  }
  const priceOf = ({ fit }: Candidate): number =>
    fit.get.materials.filter((material) => !toGet.has(material.id)).length *
    (toGet.size >= MOST_TO_GET ? PLACE.overTrip : PLACE.newToGet)

  /** Ideas for a slot that do not lie anywhere yet, best first. */
  function ranked(slot: Slot, where: Where, folder = false): Candidate[] {
    return candidates
      .filter((one) => !used.has(one.activity.id) && fitsSlot(slot, one))
      .map((one) => ({
        one,
        points:
          one.points +
          Math.min(PLACE.touches, ledger.worth(touchedBy(one, where)) * PLACE.touch) +
          priceOf(one) +
          (folder && one.activity.folder ? PLACE.folder : 0),
      }))
      .sort((a, b) => b.points - a.points)
      .map(({ one }) => one)
  }
  const hereOn = (date: CalendarDate) => house.children.filter((child) => childHours(child, date) !== null).length

  return {
    unit,
    house,
    days,
    laid,
    ledger,
    lay,
    ranked,
    touchedBy,
    hereOn,
    isFree: (candidate: Candidate) => !used.has(candidate.activity.id),
    snapshot,
    plan: () => plan,
  }
}
export type Draft = ReturnType<typeof draftPlan>
