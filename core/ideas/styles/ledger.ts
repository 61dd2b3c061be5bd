import { mondayOf } from '../../base'
import type { Activity, CalendarDate, Child, Home, LearningDomain, Material, TimeSpan } from '../../domain'
import { partOf, suits, type ResolvedPlan } from '../../plan'
import { touchesOf } from '../../readings'

/** What one placement would give: a touch each, by week, child and domain. */
export type Touched = readonly string[]

/** When something would be done: a moment on a date, or out over some dates. */
export type When = ({ date: CalendarDate } & TimeSpan) | { dates: readonly CalendarDate[] }

const keyOf = (monday: CalendarDate, childId: string, domain: LearningDomain) => `${monday} ${childId} ${domain}`

/** A gap that closes counts so much more than a second touch. */
const FIRST_TOUCH = 3

/**
 * Touches of a plan while it is being made: counts what each child meets of each domain in each week, without working the
 * whole plan out again for every idea that is tried.
 *
 * @param plan of the unit, with or without sessions; its days decide the weeks
 */
export function touchLedger(
  plan: ResolvedPlan,
  house: { home: Home; children: readonly Child[]; materials: ReadonlyMap<string, Material> },
) {
  const weeks = touchesOf({ ...plan, sessions: [] }, house)
  const targets = new Map(
    weeks.flatMap((week) =>
      // A week of which the unit holds less than half belongs as much to another unit.
      week.held * 2 < week.open
        ? []
        : week.children.flatMap(({ child, touches }) =>
            touches
              .filter((touch) => touch.target > 0)
              .map((touch) => [keyOf(week.monday, child.id, touch.domain), touch.target] as const),
          ),
    ),
  )
  const counts = new Map<string, number>()
  const here = new Map(
    weeks.flatMap((week) => week.children.map((one) => [`${week.monday} ${one.child.id}`, one.dates])),
  )

  function touched(activity: Activity, when: When): Touched {
    const parts =
      'date' in when
        ? house.children.map((child) => partOf(activity, child, { ...house, ...when }))
        : suits(activity, { ...house, dates: when.dates })
    const mondays = 'date' in when ? [mondayOf(when.date)] : [...new Set(when.dates.map(mondayOf))]
    return parts
      .filter((part) => part.does === 'takes-part')
      .flatMap(({ child }) =>
        mondays
          .filter((monday) => here.get(`${monday} ${child.id}`)?.length)
          .flatMap((monday) => activity.domains.slice(0, 2).map((domain) => keyOf(monday, child.id, domain))),
      )
  }
  const count = (key: string) => counts.get(key) ?? 0
  const change = (keys: Touched, by: 1 | -1) => keys.forEach((key) => counts.set(key, count(key) + by))

  return {
    touched,
    add: (keys: Touched) => change(keys, 1),
    take: (keys: Touched) => change(keys, -1),
    /** What some touches would be worth now: a gap that closes most, a touch within the target a little, more nothing. */
    worth: (keys: Touched): number =>
      keys.reduce((sum, key) => {
        const target = targets.get(key) ?? 0
        return sum + (count(key) >= target ? 0 : count(key) === 0 ? FIRST_TOUCH : 1)
      }, 0),
    /** What nobody has met yet though it is aimed at: by week, child and domain. */
    gaps: (): string[] => [...targets.keys()].filter((key) => count(key) === 0),
  }
}
export type TouchLedger = ReturnType<typeof touchLedger>
