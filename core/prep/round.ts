import type { Material } from '../domain'
import type { ResolvedPlan, Session } from '../plan'
import { isNotInHand } from '../printing'
import { sessionNeeds, type Need } from '../supplies'

/** One thing to fetch for a day, from where it is kept, for what. */
export interface Fetched {
  material: Material
  /** In base units, for all of the day: the sum of what is used up, the most at once of what comes back. */
  quantity: number
  sessions: Session[]
}

/** A place of the house, with what is fetched there. */
export interface RoundStop {
  /** Where it is kept; empty where nobody wrote that down. */
  place: string
  things: Fetched[]
}

/** Where the things of a day come together. */
export type Holder = 'circle-basket' | 'tray' | 'bin' | 'folder' | 'out'

/** One holder with what lies in it. */
export interface HolderFill {
  holder: Holder
  session: Session
  things: { material: Material; quantity: number }[]
  /** What lies there and is not of the pantry, in words. */
  besides: readonly string[]
}

/** In what the things of a placement lie until it begins. */
export function holderOf({ activity, center, placement }: Session): Holder {
  if (placement.where.kind === 'set-up') return placement.bin ? 'bin' : 'out'
  if (center?.kind === 'circle' || activity.form === 'whole-group') return 'circle-basket'
  return activity.form === 'tray' ? 'tray' : 'folder'
}

/** What must be fetched for a day: what begins on it and is still to come. A set-up was fetched on its first day. */
function ofDay(plan: ResolvedPlan, date: string): Session[] {
  return [...plan.sessions, ...plan.circles].filter(
    (session) => !plan.isBehind(session) && session.days[0].date === date,
  )
}

/** What a session takes on its day: not what was gone into it before. */
const needsOn = (session: Session, plan: ResolvedPlan): Need[] =>
  sessionNeeds(session, plan.materials).filter((need) => !isNotInHand(need.requirement.id))

const names = new Intl.Collator('en', { numeric: true })

/**
 * One round through the house for a day: every place once, in the order in which she walks, with all that is fetched
 * there. What is not in the house is not on it: the supply list says so.
 *
 * @param order places in the order in which she passes them; others follow by name, and what has no place comes last
 * @example shelf: 8 craft sticks; kitchen: 1 funnel, 200 ml vinegar
 */
export function roundFor(plan: ResolvedPlan, date: string, order: readonly string[] = []): RoundStop[] {
  const fetched = new Map<string, Fetched>()
  for (const session of ofDay(plan, date))
    for (const { material, quantity } of needsOn(session, plan)) {
      const known = fetched.get(material.id) ?? { material, quantity: 0, sessions: [] }
      known.quantity = material.use === 'reusable' ? Math.max(known.quantity, quantity) : known.quantity + quantity
      if (!known.sessions.includes(session)) known.sessions.push(session)
      fetched.set(material.id, known)
    }
  const stops = new Map<string, RoundStop>()
  for (const one of fetched.values()) {
    const { place } = one.material
    const stop = stops.get(place) ?? { place, things: [] }
    stop.things.push(one)
    stops.set(place, stop)
  }
  const rank = (place: string) => {
    if (!place) return Infinity
    const at = order.indexOf(place)
    return at < 0 ? order.length : at
  }
  return [...stops.values()]
    .map((stop) => ({ ...stop, things: stop.things.sort((a, b) => names.compare(a.material.name, b.material.name)) }))
    .sort((a, b) => rank(a.place) - rank(b.place) || names.compare(a.place, b.place))
}

/**
 * The order in which she walks, with one place of a round passed earlier than the one before it. Places that are not on
 * this round keep theirs.
 *
 * @param order as it was
 * @param places of the round, in its order
 */
export function walkedEarlier(order: readonly string[], places: readonly string[], place: string): string[] {
  const at = places.indexOf(place)
  const walked = [...places]
  if (at > 0) [walked[at - 1], walked[at]] = [walked[at], walked[at - 1]]
  const all = [...order, ...places.filter((one) => !order.includes(one))]
  let next = 0
  return all.map((one) => (places.includes(one) ? walked[next++] : one))
}

/** What lies in which basket, tray and folder for a day, in the order of the day. */
export function holdersFor(plan: ResolvedPlan, date: string): HolderFill[] {
  return ofDay(plan, date)
    .map((session) => ({
      holder: holderOf(session),
      session,
      things: needsOn(session, plan).map(({ material, quantity }) => ({ material, quantity })),
      besides: session.besides ?? [],
    }))
    .filter((one) => one.things.length + one.besides.length)
}
