import { minutesOf, CENTER_NAMES, OUT_WORDS, listWords, shortDate, type ProgramDay } from '../base'
import { takesPlacements, type Activity, type Center, type Placement, type UnitSnapshot, type Where } from '../domain'
import { blockOn, eventOn } from './blocks'
import { momentSpan, partsOf, plannableOn, type ResolvedPlan } from './resolve'

/** A place for an activity that would work. */
export interface Slot {
  where: Where
  centerId: string | null
  words: string
}

/** Why an activity cannot lie somewhere, and where it could. */
export interface Refusal {
  code:
    | 'unknown-activity'
    | 'no-such-day'
    | 'day-dropped'
    | 'no-such-block'
    | 'block-takes-none'
    | 'starts-outside'
    | 'too-long'
    | 'nobody'
    | 'no-center'
    | 'twice'
    | 'center-taken'
    | 'cannot-stand'
  reason: string
  remedies: Slot[]
}

export type Verdict = { ok: true; centerId: string | null } | { ok: false; refusal: Refusal }

/** What is to be laid down. */
export interface Attempt {
  activityId: string
  where: Where
  /** Null chooses the first fitting center. */
  centerId?: string | null
  /** The placement that is being moved, which does not stand in its own way. */
  movingId?: string
}

const MOST_REMEDIES = 3

/** Centers of the home where an activity can be done, in the activity's own order of preference. */
export const centersFor = (activity: Pick<Activity, 'centers'>, centers: readonly Center[]): Center[] =>
  activity.centers.flatMap((kind) => centers.filter((center) => center.kind === kind))

/** Another set-up at a center over any of the same program days. */
export function standingAt(
  centerId: string,
  where: Where,
  snapshot: UnitSnapshot,
  movingId?: string,
): Placement | undefined {
  if (where.kind !== 'set-up') return undefined
  return snapshot.placements.find(
    (other) =>
      other.id !== movingId &&
      other.centerId === centerId &&
      other.status !== 'skipped' &&
      other.where.kind === 'set-up' &&
      other.where.fromDay <= where.toDay &&
      other.where.toDay >= where.fromDay,
  )
}

type Answer = Verdict | Omit<Refusal, 'remedies'>

function verdictAt(snapshot: UnitSnapshot, plan: ResolvedPlan, attempt: Attempt): Answer {
  const activity = plan.activities.get(attempt.activityId)
  if (!activity) return { code: 'unknown-activity', reason: 'This idea is no longer in the library.' }
  const { where } = attempt
  const numbers =
    where.kind === 'moment'
      ? [where.day]
      : Array.from({ length: where.toDay - where.fromDay + 1 }, (_, i) => where.fromDay + i)
  const days = plan.program.days.filter((day) => numbers.includes(day.number))
  if (days.length < numbers.length)
    return { code: 'no-such-day', reason: `The unit has ${plan.program.days.length} days.` }
  const held = days.filter((day) => day.held)
  if (!held.length) return { code: 'day-dropped', reason: `Day ${days[0].number} is skipped: ${days[0].reason}.` }
  return where.kind === 'set-up'
    ? setUpVerdict(snapshot, plan, attempt, activity, where)
    : momentVerdict(snapshot, plan, attempt, activity, where, held)
}

/** Whether something could stand out over its days. */
function setUpVerdict(
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
  attempt: Attempt,
  activity: Activity,
  where: Extract<Where, { kind: 'set-up' }>,
): Answer {
  const fitting = centersFor(activity, snapshot.centers)
  if (!activity.standing)
    return {
      code: 'cannot-stand',
      reason: `${activity.title} cannot stay out by itself: it needs a time in the day.`,
    }
  if (!fitting.length) return noCenter(activity)
  const wanted = attempt.centerId ? fitting.filter((center) => center.id === attempt.centerId) : fitting
  const free = wanted.find(
    (center) => center.kind === 'tray-shelf' || !standingAt(center.id, where, snapshot, attempt.movingId),
  )
  if (!free) {
    const center = wanted[0] ?? fitting[0]
    const other = plan.activities.get(standingAt(center.id, where, snapshot, attempt.movingId)?.activityId ?? '')
    return { code: 'center-taken', reason: `${center.name} holds ${other?.title ?? 'something else'} on those days.` }
  }
  return { ok: true, centerId: free.id }
}

/** Whether something could be done in a block of a day. */
function momentVerdict(
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
  attempt: Attempt,
  activity: Activity,
  where: Extract<Where, { kind: 'moment' }>,
  held: ProgramDay[],
): Answer {
  const fitting = centersFor(activity, snapshot.centers)
  const block = blockOn(snapshot.home, snapshot.unit, where.day, where.blockId)
  if (!block) {
    const event = eventOn(snapshot.unit, where.day)
    return {
      code: 'no-such-block',
      reason: event
        ? `${event.name} has its own schedule on day ${where.day}.`
        : 'This time is no longer in the rhythm of the day.',
    }
  }
  if (!takesPlacements(block.kind)) return { code: 'block-takes-none', reason: `${block.name} takes no activity.` }
  const span = momentSpan(activity, block, where.from)
  const start = minutesOf(span.from)
  if (start < minutesOf(block.from) || start >= minutesOf(block.to)) {
    return { code: 'starts-outside', reason: `${block.name} is from ${block.from} to ${block.to}.` }
  }
  const room = minutesOf(block.to) - start
  if (activity.minutes.do > room) {
    return {
      code: 'too-long',
      reason: `${activity.title} takes ${activity.minutes.do} minutes; ${block.name} has ${room} left.`,
    }
  }
  const again = snapshot.placements.some(
    (other) =>
      other.id !== attempt.movingId &&
      other.activityId === activity.id &&
      other.where.kind === 'moment' &&
      other.where.day === where.day &&
      other.where.blockId === where.blockId,
  )
  if (again) return { code: 'twice', reason: `${activity.title} is already there.` }
  if (!fitting.length) return noCenter(activity)
  const parts = partsOf(snapshot, plan.materials, activity, { where, keptOut: [], swaps: {} }, held, span)
  if (!parts.some((part) => part.does === 'takes-part')) {
    const why = [
      ...new Set(
        parts.flatMap((part) => (part.does === 'takes-part' ? [] : [`${part.child.name} ${OUT_WORDS[part.reason]}`])),
      ),
    ]
    return {
      code: 'nobody',
      reason: why.length ? `Nobody could take part: ${listWords(why)}.` : 'There are no children in this home yet.',
    }
  }
  const center = fitting.find((one) => one.id === attempt.centerId) ?? fitting[0]
  return { ok: true, centerId: center.id }
}

const noCenter = (activity: Activity) => ({
  code: 'no-center' as const,
  reason:
    `${activity.title} needs ` +
    `${listWords(activity.centers.map((kind) => CENTER_NAMES[kind].toLowerCase())).replace(' and ', ' or ')}, ` +
    'and this home has none.',
})

/** Slots that would work, the nearest day first. */
function otherSlots(snapshot: UnitSnapshot, plan: ResolvedPlan, attempt: Attempt): Slot[] {
  const activity = plan.activities.get(attempt.activityId)
  if (!activity) return []
  const wanted = attempt.where.kind === 'moment' ? attempt.where.day : attempt.where.fromDay
  const near = plan.program.days
    .filter((day) => day.held)
    .sort((a, b) => Math.abs(a.number - wanted) - Math.abs(b.number - wanted) || a.number - b.number)
  const slots: Slot[] = []
  const take = (where: Where, words: string) => {
    const verdict = verdictAt(snapshot, plan, { ...attempt, where, centerId: null })
    if ('ok' in verdict && verdict.ok && slots.length < MOST_REMEDIES)
      slots.push({ where, centerId: verdict.centerId, words })
  }
  for (const day of near) {
    if (slots.length >= MOST_REMEDIES) break
    if (attempt.where.kind === 'set-up' && activity.standing) {
      const length = attempt.where.toDay - attempt.where.fromDay
      const toDay = Math.min(day.number + length, plan.program.days.length)
      take({ kind: 'set-up', fromDay: day.number, toDay }, `Put it out day ${day.number} to ${toDay}`)
      continue
    }
    for (const block of plannableOn(snapshot.home, snapshot.unit, day.number)) {
      take(
        { kind: 'moment', day: day.number, blockId: block.id, from: null },
        `${block.name}, ${shortDate(day.date)} (day ${day.number})`,
      )
    }
  }
  return slots
}

/**
 * Whether an activity can lie somewhere, and at which center; if not, why, and up to three places that would work,
 * nearest day first. Looks at the calendar, the rhythm, the room left in the block, the centers and who could take
 * part.
 *
 * @param remedies whether other places are wanted; looking for them costs more than the verdict
 */
export function canPlace(snapshot: UnitSnapshot, plan: ResolvedPlan, attempt: Attempt, remedies = true): Verdict {
  const verdict = verdictAt(snapshot, plan, attempt)
  if ('ok' in verdict) return verdict
  return {
    ok: false,
    refusal: {
      ...verdict,
      remedies: !remedies || verdict.code === 'no-center' ? [] : otherSlots(snapshot, plan, attempt),
    },
  }
}
