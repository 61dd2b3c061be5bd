import type { CalendarDate } from '../domain'
import type { ResolvedPlan, Session } from '../plan'
import { tripsOf, type SupplyLine } from '../supplies'

/** What else a day asks for before and after its ideas: it has its time of day already, and so takes no prep time. */
export interface AlsoOn {
  date: CalendarDate
  setUp: { session: Session; minutes: number }[]
  takeDown: { session: Session; minutes: number }[]
  trips: { shop: string; items: number }[]
  /** What families are asked for, by name. */
  asks: string[]
}

/**
 * Setting up and taking down, buying and asking, day by day, for what is still to come: the rest of what getting ready
 * is, beside the tasks that are laid into windows.
 *
 * @param lines the supply list
 * @param today days before it are left out
 */
export function alsoOf(plan: ResolvedPlan, lines: readonly SupplyLine[], today: CalendarDate): AlsoOn[] {
  const days = new Map<CalendarDate, AlsoOn>()
  const on = (date: CalendarDate): AlsoOn => {
    const known = days.get(date) ?? { date, setUp: [], takeDown: [], trips: [], asks: [] }
    days.set(date, known)
    return known
  }
  for (const session of plan.sessions) {
    if (plan.isBehind(session)) continue
    const { setUp, clear } = session.activity.minutes
    const [first, last] = [session.days[0].date, session.days[session.days.length - 1].date]
    if (setUp > 0 && first >= today) on(first).setUp.push({ session, minutes: setUp })
    if (clear > 0 && last >= today) on(last).takeDown.push({ session, minutes: clear })
  }
  for (const trip of tripsOf(lines))
    if (trip.date >= today) on(trip.date).trips.push({ shop: trip.shop, items: trip.items.length })
  for (const { ask, material } of lines)
    if (ask && ask.asked === null && ask.on >= today) on(ask.on).asks.push(material.name)
  return [...days.values()].sort((a, b) => (a.date < b.date ? -1 : 1))
}
