import { usersOf, type ResolvedPlan, type Session } from '../plan'
import type { BaseUnit, Material, Requirement } from '../domain'
import { PER_UNIT, tidy } from './tidy'

/** Less than this is what a computer adds, and no quantity. */
const NOISE = 0.5 / PER_UNIT

/** Adds the spare share, and rounds up what comes in pieces. */
function rounded(raw: number, spare: number, unit: BaseUnit): number {
  const withSpare = tidy(raw * (1 + spare))
  return unit === 'each' || unit === 'sheet' ? Math.ceil(withSpare - NOISE) : tidy(withSpare)
}

/** How one requirement of one session comes to its quantity. */
export interface Need {
  session: Session
  requirement: Requirement
  material: Material
  /** Children whose variant uses it. */
  users: number
  /** Times the requirement's quantity is taken: children, groups or one set-up. */
  times: number
  quantity: number
}

/**
 * The quantity of one requirement for a number of users: per child, per started group, or once per set-up; then the
 * spare share; `each` and `sheet` rounded up. Nobody who uses it needs nothing.
 *
 * @param requirement quantity in base units, basis, spare share 0 to 2
 * @param users 0 or more
 * @param unit base unit of the material
 * @example 3 streamers each for 7 children with 10 % spare: 24
 */
export function quantityFor(
  requirement: Pick<Requirement, 'quantity' | 'basis' | 'spare'>,
  users: number,
  unit: BaseUnit,
) {
  const { basis } = requirement
  const times = users === 0 ? 0 : basis.by === 'child' ? users : basis.by === 'group' ? Math.ceil(users / basis.of) : 1
  return { times, quantity: rounded(times * requirement.quantity, requirement.spare, unit) }
}

/**
 * Every need of every session, in order of time; those of nobody left out. What a recipe or a sensory bin is made of
 * joins here, as needs of its session; what circles take as well.
 */
export function needsOf(plan: ResolvedPlan): Need[] {
  return [...plan.sessions, ...plan.circles].flatMap((session) => sessionNeeds(session, plan.materials))
}

/** The needs of one session. A requirement whose material is unknown is left out: the store does not let one arise. */
export function sessionNeeds(
  session: Pick<Session, 'activity' | 'parts' | 'placement'> & Session,
  materials: ReadonlyMap<string, Material>,
): Need[] {
  return session.activity.requirements.flatMap((requirement) => {
    const material = materials.get(session.placement.swaps[requirement.id] ?? requirement.materialId)
    if (!material) return []
    const users = usersOf(requirement, session.parts)
    const fewer = session.placement.quantities[requirement.id]
    const used = fewer === undefined ? requirement : { ...requirement, quantity: fewer }
    const { times, quantity } = quantityFor(used, users, material.unit)
    return quantity > 0 ? [{ session, requirement: used, material, users, times, quantity }] : []
  })
}

/** A stretch of time in which something is taken. Minutes from any common origin; `to` is past the last. */
export interface Use {
  from: number
  to: number
  quantity: number
}

/** The most in use at once, and the first stretch in which that is so. */
export interface Peak {
  quantity: number
  from: number
  to: number
}

/**
 * Peak of reusables in use at once, by a sweep over starts and ends. What comes back at a moment can go out again at
 * it.
 *
 * @param uses stretches [from, to) with the quantity taken, 0 or more
 */
export function peakInUse(uses: readonly Use[]): Peak {
  if (uses.length === 1)
    return uses[0].quantity > NOISE
      ? { quantity: tidy(uses[0].quantity), from: uses[0].from, to: uses[0].to }
      : { quantity: 0, from: 0, to: 0 }
  const steps: { at: number; by: number }[] = []
  for (const use of uses) steps.push({ at: use.from, by: use.quantity }, { at: use.to, by: -use.quantity })
  steps.sort((a, b) => a.at - b.at || a.by - b.by)
  const peak: Peak = { quantity: 0, from: 0, to: 0 }
  let inUse = 0
  for (const [i, step] of steps.entries()) {
    inUse += step.by
    if (inUse <= peak.quantity + NOISE) continue
    peak.quantity = inUse
    peak.from = step.at
    peak.to = steps[i + 1]?.at ?? step.at
  }
  peak.quantity = tidy(peak.quantity)
  return peak
}
