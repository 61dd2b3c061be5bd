import { addDays, isOpen, planMinute } from '../base'
import type { CalendarDate, Home, PrepKind, PrepMark, PrepRules, PrepStep, UnitSnapshot } from '../domain'
import { MIX_STEP } from '../making'
import type { ResolvedPlan, Session } from '../plan'
import type { SupplyLine } from '../supplies'
import { KINDS_OF_WORK, kindOfStep } from './kinds'
import { finishFor, readyAfter, type Offset, type Wait } from './waits'

/** One piece of preparation for one placement. */
export interface PrepTask {
  /** The placement and the step: it stays the same while the plan changes around it. */
  key: string
  session: Session
  step: PrepStep
  kind: PrepKind
  mark: PrepMark | null
  /** Children that it is done for, where its minutes grow with them; else null. */
  children: number | null
  /** How much longer such work takes in this home than ideas say: 1 is as long. */
  pace: number
  /** Minutes as the idea counts them, for those who take part. */
  planned: number
  /** Minutes of hands in all, at the pace of this home, and what of them is still to do. */
  minutes: number
  left: number
  /** As plan minutes: not before, and finished by then, so that what follows has its hands and waits. */
  release: number
  due: number
  /** The step before it that is not done yet, and how long that waits. */
  after: { id: string; wait: Wait } | null
  /** For today: nobody said that it is ready, and it is not counted as too late. */
  today: boolean
}

export const taskKey = (placementId: string, stepId: string): string => `${placementId}:${stepId}`

/** Entries after which a pace of her own stands for itself, and not for a lucky day. */
const LEAST_PACE = 0.25
const MOST_PACE = 4

/**
 * How much longer a kind of work takes in this home than ideas say.
 *
 * @returns all minutes by the clock over all minutes as planned, from a quarter to four; 1 where nothing was timed
 */
export function paceOf(rules: Pick<PrepRules, 'paces'>, kind: PrepKind): number {
  const entries = rules.paces[kind] ?? []
  if (!entries.length) return 1
  const sum = (of: 'planned' | 'took') => entries.reduce((total, one) => total + one[of], 0)
  return Math.min(MOST_PACE, Math.max(LEAST_PACE, sum('took') / sum('planned')))
}

/**
 * Hands-on minutes of a step, whole and rounded up.
 *
 * @param step its minutes are for `per` children, or for any number
 * @param children who take part, 0 or more
 * @param fewer what of the usual quantity is made: 0.5 where two share one
 * @example minutesOfStep({ minutes: 14, per: 6 }, 9) // 21
 */
export const minutesOfStep = (step: Pick<PrepStep, 'minutes' | 'per'>, children: number, fewer = 1): number =>
  atPace(step.per === null ? step.minutes : (step.minutes * children * fewer) / step.per, 1)

/** Minutes at a pace, whole and rounded up. 14 x 9 / 6 is 21 on paper, and must be so here. */
const atPace = (minutes: number, pace: number): number => Math.ceil(Number((minutes * pace).toFixed(6)))

/** What of the usual quantity the placement makes of what a step uses; 1 where nothing was changed. */
function fewerOf(session: Session, step: PrepStep): number {
  for (const id of step.uses) {
    const [instead, requirement] = [
      session.placement.quantities[id],
      session.activity.requirements.find((one) => one.id === id),
    ]
    if (instead !== undefined && requirement) return instead / requirement.quantity
  }
  return 1
}

/** The first day on which a step may be done, so that it is still good, and not in the way before; null where it keeps. */
function goodFrom(session: Session, step: PrepStep, plan: ResolvedPlan, home: Home): CalendarDate | null {
  const use = session.days[0].date
  const recipe = session.placement.mix && plan.recipes.get(session.placement.mix.recipeId)
  if (recipe && step.id.startsWith(MIX_STEP)) return addDays(use, -Math.max(...recipe.keeps.map((one) => one.days)))
  const { keeps } = KINDS_OF_WORK[kindOfStep(step)]
  // What freezes or dries for hours is none the worse for a day more.
  if (!keeps || step.wait === 'overnight' || step.wait >= LONG_WAIT) return null
  if (keeps.by === 'calendar') return addDays(use, -keeps.days)
  let date = use
  for (let days = keeps.days, back = 0; days > 0 && back < LONGEST_CLOSED; back++) {
    date = addDays(date, -1)
    if (isOpen(home, date)) days--
  }
  return date
}

/** From so many minutes on, waiting is what a step is for. */
const LONG_WAIT = 240
/** No home is closed longer in one piece than this, in days. */
const LONGEST_CLOSED = 60

const marksOf = (marks: readonly PrepMark[]): ReadonlyMap<string, PrepMark> => {
  const all = new Map<string, PrepMark>()
  for (const one of marks) {
    const key = taskKey(one.placementId, one.step)
    const known = all.get(key)
    // Two devices may each have begun one: the one that says more counts.
    if (!known || one.doneMinutes > known.doneMinutes || (one.done && !known.done)) all.set(key, one)
  }
  return all
}

/** When materials that must be bought are in the house, at noon; null where all is there, or it is late anyway. */
function boughtBy(session: Session, step: PrepStep, lines: ReadonlyMap<string, SupplyLine>): CalendarDate | null {
  let last: CalendarDate | null = null
  for (const id of step.uses) {
    const requirement = session.activity.requirements.find((one) => one.id === id)
    const line = requirement && lines.get(session.placement.swaps[id] ?? requirement.materialId)
    if (!line || line.shortage <= 0 || line.late || !line.getBy) continue
    if (last === null || line.getBy.here > last) last = line.getBy.here
  }
  return last
}

const TRIP_HOME = '12:00'

/**
 * Everything that is prepared before the placements that are still to come, step by step, with what of it is done. The
 * tasks follow the plan; what was done stays done, as far as it goes.
 *
 * @param lines the supply list: nothing is cut before it is in the house
 */
export function prepTasks(
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
  lines: readonly SupplyLine[],
  offset: Offset,
): PrepTask[] {
  const { today, now, home } = snapshot
  const marks = marksOf(snapshot.prepMarks)
  const byMaterial = new Map(lines.map((line) => [line.material.id, line]))
  const start = planMinute(today, now ?? '00:00')
  return [...plan.sessions, ...plan.circles].flatMap((session): PrepTask[] => {
    const [first] = session.days
    if (plan.isBehind(session) || first.date < today) return []
    // What today asks for was got ready before, as far as anyone knows.
    if (first.date === today && (now === null || session.start <= start)) return []
    const children = session.parts.filter((part) => part.does === 'takes-part').length
    const tasks: PrepTask[] = []
    let [open, release]: [PrepTask['after'], number] = [null, start]
    for (const step of session.activity.prep) {
      const kind = kindOfStep(step)
      const key = taskKey(session.placement.id, step.id)
      const mark = marks.get(key) ?? null
      const pace = paceOf(home.prep, kind)
      const grows = step.per !== null
      const asked = minutesOfStep(step, children, grows ? fewerOf(session, step) : 1)
      const planned = Math.max(asked, step.wait === 0 || (grows && asked === 0) ? 0 : 1)
      const [minutes, left] = [planned, Math.max(0, planned - (mark?.doneMinutes ?? 0))].map((one) => atPace(one, pace))
      const bought = boughtBy(session, step, byMaterial)
      const good = goodFrom(session, step, plan, home)
      const at = Math.max(
        release,
        bought === null ? -Infinity : planMinute(bought, TRIP_HOME),
        good === null ? -Infinity : planMinute(good, '00:00'),
      )
      tasks.push({
        key,
        session,
        step,
        kind,
        mark,
        children: grows ? children : null,
        pace,
        planned,
        minutes,
        left,
        release: at,
        due: session.start,
        after: open,
        today: first.date === today,
      })
      if (left > 0) open = { id: key, wait: step.wait }
      else if (mark?.on) {
        release = Math.max(release, readyAfter(planMinute(mark.on, mark.at ?? '12:00'), step.wait, offset))
        open = null
      }
    }
    // Each step and its wait end before the next one must begin.
    tasks.reduceRight((due, task) => {
      task.due = finishFor(due, task.step.wait, offset)
      return task.due - task.left
    }, session.start)
    return tasks
  })
}
