import { addDays, dateOfDay, longDate, minutesOf, minutesWords, timeOf, clockWords } from '../base'
import type { Adult, PrepDay, PrepMark, UnitSnapshot, Where } from '../domain'
import { canPlace, isCircle, resolvePlan, type ResolvedPlan, type Session } from '../plan'
import type { SupplyLine } from '../supplies'
import { preparationOf, type Preparation, type PrepOver } from './preparation'
import type { PrepTask } from './tasks'

/** What would change so that preparation fits. */
export type CureMove =
  | { kind: 'hand'; task: PrepTask; adultId: string }
  | { kind: 'place'; placementId: string; where: Where }
  | { kind: 'fewer'; placementId: string; quantities: Record<string, number> }
  | { kind: 'time'; adultId: string; day: PrepDay }
  | { kind: 'drop'; placementId: string }

/** A cure, with its effect as it was reckoned. */
export interface Cure {
  move: CureMove
  words: string
  /** Minutes over in the whole unit once it is done. */
  over: number
  /** Minutes fewer that do not fit. */
  helps: number
}

/** From the one that asks the least of anybody. */
const GENTLE: readonly CureMove['kind'][] = ['hand', 'place', 'fewer', 'time', 'drop']

/** How a mark begins for a task that nobody touched yet. */
export const newMark = (id: string, task: Pick<PrepTask, 'session' | 'step'>): PrepMark => ({
  id,
  unitId: task.session.placement.unitId,
  placementId: task.session.placement.id,
  step: task.step.id,
  doneMinutes: 0,
  done: false,
  on: null,
  at: null,
  by: '',
  adultId: null,
  pinned: null,
})

/** A plan as it would be with a cure. */
export function withCure(snapshot: UnitSnapshot, move: CureMove): UnitSnapshot {
  switch (move.kind) {
    case 'hand': {
      const mark = { ...(move.task.mark ?? newMark('cure', move.task)), adultId: move.adultId, pinned: null }
      return { ...snapshot, prepMarks: [...snapshot.prepMarks.filter((one) => one.id !== mark.id), mark] }
    }
    case 'place':
      return changed(snapshot, move.placementId, { where: move.where })
    case 'fewer':
      return changed(snapshot, move.placementId, { quantities: move.quantities })
    case 'time':
      return {
        ...snapshot,
        adults: snapshot.adults.map((one) => (one.id === move.adultId ? withPrepDay(one, move.day) : one)),
      }
    case 'drop':
      return { ...snapshot, placements: snapshot.placements.filter((one) => one.id !== move.placementId) }
  }
}

const changed = (snapshot: UnitSnapshot, id: string, over: Partial<Session['placement']>): UnitSnapshot => ({
  ...snapshot,
  placements: snapshot.placements.map((one) => (one.id === id ? { ...one, ...over } : one)),
})

/** An adult with other prep time on one date. */
export const withPrepDay = (adult: Adult, day: PrepDay): Adult => ({
  ...adult,
  prepDays: [...adult.prepDays.filter((one) => one.date !== day.date), day].sort((a, b) => (a.date < b.date ? -1 : 1)),
})

/** Placements that are looked at for a later day: those that ask for most. */
const MOST_MOVED = 8

/** Where something that is prepared could go instead: the first later day on which it can lie. */
function laterDay(snapshot: UnitSnapshot, plan: ResolvedPlan, session: Session, date: string): Where | null {
  const { placement, activity } = session
  for (const day of plan.program.days) {
    if (!day.held || day.date <= date) continue
    const where: Where | null =
      placement.where.kind === 'moment'
        ? { ...placement.where, day: day.number }
        : day.number <= placement.where.toDay
          ? { ...placement.where, fromDay: day.number }
          : null
    const wanted = where && { activityId: activity.id, where, centerId: placement.centerId, movingId: placement.id }
    if (wanted && canPlace(snapshot, plan, wanted, false).ok) return where
  }
  return null
}

/** The evening: as late as anyone should still cut. */
const LATEST = minutesOf('22:00')
const EVENING_FROM = minutesOf('20:00')
const STEP = 5

/** More time of an adult's on the last evening before something is due. */
function moreTime(over: PrepOver, adult: Adult, preparation: Preparation, today: string): PrepDay | null {
  const dueDay = dateOfDay(Math.floor(over.task.due / 1440))
  const date = over.task.due % 1440 > EVENING_FROM + over.minutes ? dueDay : addDays(dueDay, -1)
  if (date < today) return null
  const own = preparation.windows.filter((one) => one.adultId === adult.id && one.date === date && !one.lent)
  const windows = own.map((one) => ({
    name: one.name,
    from: timeOf(one.from % 1440),
    to: timeOf(one.to % 1440),
  }))
  const last = windows.findIndex((one) => minutesOf(one.from) >= EVENING_FROM - 60)
  const minutes = Math.ceil(over.minutes / STEP) * STEP
  const begins = last < 0 ? EVENING_FROM : minutesOf(windows[last].to)
  if (begins + minutes > LATEST) return null
  if (last < 0)
    return { date, windows: [...windows, { name: 'Evening', from: timeOf(begins), to: timeOf(begins + minutes) }] }
  return { date, windows: windows.map((one, i) => (i === last ? { ...one, to: timeOf(begins + minutes) } : one)) }
}

/** Whole things of what a step uses, half as many: two children share one. */
function halved(task: PrepTask): Record<string, number> | null {
  const { placement, activity } = task.session
  const uses = activity.requirements.filter((one) => task.step.uses.includes(one.id) && one.basis.by === 'child')
  if (task.step.per === null || !uses.length || uses.some((one) => one.id in placement.quantities)) return null
  return { ...placement.quantities, ...Object.fromEntries(uses.map((one) => [one.id, one.quantity / 2])) }
}

/** All that could be tried against something that does not fit. */
function candidates(
  over: PrepOver,
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
  preparation: Preparation,
): { move: CureMove; words: string }[] {
  const { task } = over
  const { activity, placement } = task.session
  const hands = snapshot.adults
    .filter((adult) => adult.id !== (task.mark?.adultId ?? over.window?.adultId))
    .map((adult) => ({
      move: { kind: 'hand' as const, task, adultId: adult.id },
      words: `Give “${task.step.text}” to ${adult.name}`,
    }))
  const date = task.session.days[0].date
  const minutesOfSession = (session: Session) =>
    preparation.tasks.reduce((sum, one) => (one.session === session ? sum + one.left : sum), 0)
  const moved = [...new Set(preparation.tasks.filter((one) => one.left > 0).map((one) => one.session))]
    .filter((session) => !isCircle(session) && session.days[0].date <= date && session.days[0].date > snapshot.today)
    .sort((a, b) => minutesOfSession(b) - minutesOfSession(a))
    .slice(0, MOST_MOVED)
    .flatMap((session) => {
      const where = laterDay(snapshot, plan, session, date)
      if (!where) return []
      const words =
        where.kind === 'moment'
          ? `${session.activity.title} on day ${where.day}`
          : `Put ${session.activity.title} out from day ${where.fromDay}`
      return [{ move: { kind: 'place' as const, placementId: session.placement.id, where }, words }]
    })
  const quantities = halved(task)
  const fewer = quantities
    ? [
        {
          move: { kind: 'fewer' as const, placementId: placement.id, quantities },
          words: `Half as many for ${activity.title}: two share one`,
        },
      ]
    : []
  const time = snapshot.adults
    .filter((adult) => adult.role === 'provider')
    .flatMap((adult) => {
      const day = moreTime(over, adult, preparation, snapshot.today)
      const window = day?.windows.at(-1)
      return day && window
        ? [
            {
              move: { kind: 'time' as const, adultId: adult.id, day },
              words: `Go on until ${clockWords(window.to)} on ${longDate(day.date)}`,
            },
          ]
        : []
    })
  const drop = isCircle(task.session)
    ? []
    : [{ move: { kind: 'drop' as const, placementId: placement.id }, words: `Leave out ${activity.title}` }]
  return [...hands, ...moved, ...fewer, ...time, ...drop]
}

/**
 * What would cure something that does not fit, each tried on the whole plan: what leaves the least over first, and among
 * those what asks the least of anybody. What would not help is not named.
 *
 * @param lines the supply list as it is
 */
export function curesFor(
  over: PrepOver,
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
  preparation: Preparation,
  lines: readonly SupplyLine[],
): Cure[] {
  const total = sumOver(preparation)
  return candidates(over, snapshot, plan, preparation)
    .flatMap((one): Cure[] => {
      const after = withCure(snapshot, one.move)
      const left = sumOver(preparationOf(after, resolvePlan(after), lines))
      return left < total ? [{ ...one, over: left, helps: total - left }] : []
    })
    .sort(
      (a, b) =>
        Number(b.helps >= over.minutes) - Number(a.helps >= over.minutes) ||
        (a.helps >= over.minutes ? GENTLE.indexOf(a.move.kind) - GENTLE.indexOf(b.move.kind) : a.over - b.over) ||
        a.over - b.over ||
        (a.words < b.words ? -1 : 1),
    )
}

const sumOver = ({ overs }: Preparation): number => overs.reduce((sum, one) => sum + one.minutes, 0)

/** What a cure does, in words. */
export function cureEffect(cure: Cure, over: PrepOver): string {
  if (cure.over === 0) return 'then all of it fits'
  return cure.helps >= over.minutes
    ? `then this fits, and ${minutesWords(cure.over)} elsewhere still do not`
    : `${minutesWords(cure.helps)} less`
}
