import { dateOfDay } from '../base'
import type { CalendarDate, FamilyPromise, Material, UnitSnapshot } from '../domain'
import { type ResolvedPlan, type Session, latestPrepStarts } from '../plan'
import { peakInUse, type Need } from './needs'
import { tidy } from './tidy'

/** A unit as it stands and what it comes to: one of those that a list is made for. */
export interface ListSource {
  snapshot: UnitSnapshot
  plan: ResolvedPlan
}

/** When and by what a material is first used. */
export interface FirstUse {
  date: CalendarDate
  /** Plan minute. */
  minute: number
  by: 'placement' | 'prep'
  session: Session
  /** The preparation step, where it is one. */
  step: string | null
}

/** A need of the list, with what the house gives it. */
export interface SupplyNeed extends Need {
  unitId: string
  /** When it is taken out of the cupboard. */
  use: FirstUse
  /** Missing for it, once those before it took theirs. */
  short: number
  /** It is met in place of this material, which is short. */
  insteadOf: Material | null
  /** What other materials of the house give it. */
  lent: { material: Material; quantity: number }[]
}

/** A need of a source, before anything was given to it. Written out, since a list makes thousands of them. */
export const supplyNeed = (
  { session, requirement, material, users, times, quantity }: Need,
  use: FirstUse,
): SupplyNeed => ({
  session,
  requirement,
  material,
  users,
  times,
  quantity,
  unitId: session.placement.unitId,
  use,
  short: 0,
  insteadOf: null,
  lent: NOTHING,
})
const withShort = (
  { session, requirement, material, users, times, quantity, unitId, use, insteadOf, lent }: SupplyNeed,
  short: number,
): SupplyNeed => ({ session, requirement, material, users, times, quantity, unitId, use, short, insteadOf, lent })
const NOTHING: SupplyNeed['lent'] = []

/** When a need takes its material: for the first step that prepares with it, or when the placement starts. */
export function useOf({ session, requirement }: Need): FirstUse {
  const index = session.activity.prep.findIndex((step) => step.uses.includes(requirement.id))
  const minute =
    index >= 0 ? Math.min(latestPrepStarts(session.activity, session.start)[index], session.start) : session.start
  return {
    date: dateOfDay(Math.floor(minute / 1440)),
    minute,
    session,
    by: index >= 0 ? 'prep' : 'placement',
    step: index >= 0 ? session.activity.prep[index].text : null,
  }
}

/**
 * The order in which needs are given what there is: by when each is taken out of the cupboard, not by when its
 * placement starts.
 */
export const byUse = (a: SupplyNeed, b: SupplyNeed): number =>
  a.use.minute - b.use.minute ||
  a.session.start - b.session.start ||
  (a.session.placement.id < b.session.placement.id ? -1 : a.session.placement.id > b.session.placement.id ? 1 : 0)

/** The last day on which a need uses its material. */
export const lastDayOf = (need: Need): CalendarDate => need.session.days[need.session.days.length - 1].date

/**
 * What of a material counts toward the least that the house keeps: what can be counted on and is not past its date.
 *
 * @param today calendar date of the home
 */
export const countedForLeast = (material: Material, today: CalendarDate): number =>
  material.way !== 'have' && material.expires !== null && material.expires < today ? 0 : countedOn(material)

/** How much of a material is missing to the least that the house keeps of it, in base units; 0 where none is kept. */
export const underLeast = (material: Material, today: CalendarDate): number =>
  material.par === null ? 0 : Math.max(0, tidy(material.par - countedForLeast(material, today)))

/** What of a material can be counted on: what must be mended cannot, what the house always has is without end. */
export const countedOn = (material: Material): number =>
  material.way === 'have' ? Infinity : material.condition === 'mend' ? 0 : material.onHand

/**
 * Gives what is on hand, and what families said they would bring, to the earliest use first; what is missing of each
 * need is short there. What is on hand goes to no use after it is past its date; a promise is there the day after it is
 * due.
 *
 * @param needs of one material, in the order of {@link byUse}
 * @param there what of it can be counted on, in base units
 * @param coming promises that still hold
 */
export function giveOut(
  needs: readonly SupplyNeed[],
  material: Material,
  there: number,
  coming: readonly FamilyPromise[],
): SupplyNeed[] {
  return material.use === 'consumable' ? giveUsedUp(needs, material, there, coming) : giveLent(needs, there, coming)
}

function giveUsedUp(
  needs: readonly SupplyNeed[],
  material: Material,
  there: number,
  coming: readonly FamilyPromise[],
): SupplyNeed[] {
  const stocks = [
    { left: there, from: '', until: material.way === 'have' ? '9999' : (material.expires ?? '9999') },
    ...coming.map((one) => ({ left: one.quantity, from: one.by, until: '9999' })),
  ]
  return needs.map((need) => {
    let missing = need.quantity
    for (const stock of stocks) {
      if (missing <= 0) break
      if (stock.from && stock.from >= need.use.date) continue
      if (stock.until < lastDayOf(need)) continue
      const taken = Math.min(stock.left, missing)
      stock.left = tidy(stock.left - taken)
      missing = tidy(missing - taken)
    }
    return missing === need.short ? need : withShort(need, missing)
  })
}

/** Missing of a reusable while its i-th need lasts, with those before it that last then too. */
function missingAt(needs: readonly SupplyNeed[], i: number, there: number, coming: readonly FamilyPromise[]): number {
  const {
    session: { start, freeAgain },
    quantity,
    use,
  } = needs[i]
  const together = [
    ...needs.slice(0, i).filter((other) => other.session.freeAgain > start && other.session.start < freeAgain),
    needs[i],
  ]
  const inUse =
    together.length === 1
      ? quantity
      : peakInUse(
          together.map((one) => ({
            from: Math.max(one.session.start, start),
            to: Math.min(one.session.freeAgain, freeAgain),
            quantity: one.quantity,
          })),
        ).quantity
  const brought = coming.reduce((sum, one) => sum + (one.by < use.date ? one.quantity : 0), 0)
  return Math.max(0, tidy(inUse - there - brought))
}

function giveLent(needs: readonly SupplyNeed[], there: number, coming: readonly FamilyPromise[]): SupplyNeed[] {
  // Enough for all at once is enough at any time.
  const plenty = needs.reduce((sum, one) => sum + one.quantity, 0) <= there
  return needs.map((need, i) => {
    const short = plenty ? 0 : Math.min(need.quantity, missingAt(needs, i, there, coming))
    return short === need.short ? need : withShort(need, short)
  })
}

/**
 * What is missing of a material over all of its needs: what is used up adds up, what comes back is missing while the
 * most is in use.
 */
export function shortageOf(
  needs: readonly SupplyNeed[],
  material: Material,
  there: number,
  coming: readonly FamilyPromise[],
): number {
  if (material.use === 'consumable') return tidy(needs.reduce((sum, one) => sum + one.short, 0))
  return needs.reduce((most, one, i) => (one.short > 0 ? Math.max(most, missingAt(needs, i, there, coming)) : most), 0)
}

/** The most of a reusable material in use at once, and when. */
export const peakOf = (needs: readonly Need[]) =>
  peakInUse(needs.map(({ session, quantity }) => ({ from: session.start, to: session.freeAgain, quantity })))
