import {
  childHours,
  canPlace,
  plannableOn,
  trySession,
  type ResolvedPlan,
  type Session,
  latestPrepStarts,
} from '../plan'
import { dryingClashes, inARow, messesAtOnce } from './aheadDay'
import { clashesOn } from './adultCover'
import {
  minutesOf,
  mondayOf,
  planMinute,
  timeOf,
  DOMAIN_NAMES,
  clockWords,
  countWords,
  listWords,
  shortDate,
} from '../base'
import { sessionCautions } from '../cautions'
import { newPlacement, type CalendarDate, type Child, type Placement, type UnitSnapshot, type Where } from '../domain'
import { gapsOf, touchesOf, type Gap } from './touches'

/**
 * Something that speaks against a place: `stop` and `too-soon` rule it out as a mend, `hands` leaves a clash of adults
 * standing.
 */
export interface Objection {
  kind: 'misses' | 'stop' | 'too-soon' | 'full-day' | 'hands' | 'in-a-row' | 'drying' | 'mess'
  words: string
}

/** A place for a card, with what speaks for and against it. */
export interface RankedSlot {
  where: Where
  centerId: string | null
  words: string
  /** Higher is better; only to compare slots of one card. */
  score: number
  reasons: string[]
  against: Objection[]
}

/** Points of a slot. A stop outweighs everyone taking part; a gap that closes outweighs one child who misses it. */
const POINTS = {
  child: 3,
  beside: 1,
  misses: -2,
  all: 4,
  fullest: 3,
  gap: 3,
  emptyBlock: 2,
  thirdOfDay: -8,
  stop: -40,
  change: -6,
  clash: -25,
  inARow: -5,
  wet: -8,
  mess: -4,
  tooLate: -60,
  later: -0.05,
}
/** A day holds so many planned things at most (1-product, "Lay out"). */
const MOST_A_DAY = 3
/** How finely starts within a block are tried, in minutes. */
const TRY_EVERY = 5

interface Ground {
  snapshot: UnitSnapshot
  plan: ResolvedPlan
  gaps: Gap[]
  mostHere: number
  here: Map<CalendarDate, number>
}

/** What is the same for every slot of one card: computed once. */
function groundOf(snapshot: UnitSnapshot, plan: ResolvedPlan, movingId?: string): Ground {
  const without = movingId ? { ...plan, sessions: plan.sessions.filter((one) => one.placement.id !== movingId) } : plan
  const held = plan.program.days.filter((day) => day.held)
  const here = new Map(
    held.map((day) => [day.date, snapshot.children.filter((child) => childHours(child, day.date) !== null).length]),
  )
  return {
    snapshot,
    plan: without,
    gaps: gapsOf(touchesOf(without, snapshot)),
    here,
    mostHere: Math.max(0, ...held.filter((day) => day.date >= snapshot.today).map((day) => here.get(day.date)!)),
  }
}

const names = (children: readonly Child[]) => listWords(children.map((child) => child.name))

function judge(session: Session, ground: Ground): Pick<RankedSlot, 'score' | 'reasons' | 'against'> {
  const { snapshot, plan, gaps } = ground
  const { activity, parts, days } = session
  const reasons: string[] = []
  const against: Objection[] = []
  const objects = (kind: Objection['kind'], words: string) => against.push({ kind, words })
  let score = days[0].number * POINTS.later
  const taking = parts.filter((part) => part.does === 'takes-part')
  const expected = parts.filter((part) => days.some((day) => childHours(part.child, day.date) !== null))
  const missing = expected.filter((part) => part.does === 'out')
  score +=
    taking.length * POINTS.child +
    parts.filter((part) => part.does === 'beside').length * POINTS.beside +
    missing.length * POINTS.misses
  if (expected.length && !missing.length) {
    score += POINTS.all
    reasons.push(`all ${expected.length} who come have something to do`)
  } else {
    reasons.push(`${countWords(taking.length, 'child', 'children')} ${taking.length === 1 ? 'takes' : 'take'} part`)
    if (missing.length) objects('misses', `without ${names(missing.map((part) => part.child))}`)
  }
  if (activity.folder && ground.here.get(days[0].date) === ground.mostHere) {
    score += POINTS.fullest
    reasons.push(`the fullest day: ${ground.mostHere} here`)
  }
  for (const domain of activity.domains.slice(0, 2)) {
    const closed = gaps.filter(
      (gap) =>
        gap.domain === domain &&
        days.some((day) => mondayOf(day.date) === gap.monday) &&
        taking.some((part) => part.child.id === gap.child.id),
    )
    if (!closed.length) continue
    score += closed.length * POINTS.gap
    reasons.push(
      `the first ${DOMAIN_NAMES[domain].toLowerCase()} of the week for ${names([...new Set(closed.map((gap) => gap.child))])}`,
    )
  }
  const cautions = sessionCautions(session, plan)
  const stop = cautions.find((one) => one.severity === 'stop')
  if (stop) {
    score += POINTS.stop
    objects('stop', `stop: ${stop.rule.title.toLowerCase()}`)
  } else if (cautions.some((one) => one.severity === 'change')) score += POINTS.change
  const start = latestPrepStarts(activity, session.start)[0]
  if (start !== undefined && start < planMinute(snapshot.today, '00:00')) {
    score += POINTS.tooLate
    objects('too-soon', 'too soon to be ready')
  }
  if (session.block) score += judgeMoment(session, ground, reasons, objects)
  return { score, reasons, against }
}

/** What a moment meets among the others of its day. */
function judgeMoment(
  session: Session,
  { snapshot, plan }: Ground,
  reasons: string[],
  objects: (kind: Objection['kind'], words: string) => void,
): number {
  const { date } = session.days[0]
  const others = plan.sessions.filter(
    (one) => one.block && one.days[0].date === date && one.placement.status !== 'skipped',
  )
  const all = [...others, session]
  let score = 0
  if (!others.some((one) => one.block!.id === session.block!.id)) {
    score += POINTS.emptyBlock
    reasons.push('nothing lies there yet')
  }
  if (others.length >= MOST_A_DAY) {
    score += POINTS.thirdOfDay
    objects('full-day', `${countWords(others.length, 'thing')} planned that day already`)
  }
  const clash = clashesOn(date, all, snapshot.adults).find((one) => one.sessions.includes(session))
  if (clash) {
    score += POINTS.clash
    const other = clash.sessions.find((one) => one !== session)
    objects('hands', other ? `hands are at ${other.activity.title} then` : 'no hands are free then')
  }
  const row = inARow(all).find((one) => one.first === session || one.second === session)
  if (row) {
    score += POINTS.inARow
    objects('in-a-row', row.kind === 'high' ? 'two wild things in a row' : 'long sitting twice in a row')
  }
  const others24 = plan.sessions.filter((one) => one.block && one.activity.dries > 0)
  if (
    session.activity.dries &&
    dryingClashes([...others24, session], snapshot.home.dryingPlaces).some((one) => one.sessions.includes(session))
  ) {
    score += POINTS.wet
    objects('drying', 'no place left to dry it')
  }
  if (messesAtOnce(all).some((pair) => pair.includes(session))) {
    score += POINTS.mess
    objects('mess', 'two messes at once')
  }
  return score
}

/** Starts within a block that are worth trying: its beginning, and after each thing that lies there. */
function startsIn(
  block: { id: string; from: string; to: string },
  minutes: number,
  day: number,
  plan: ResolvedPlan,
): (string | null)[] {
  const ends = plan.sessions
    .filter((one) => one.block?.id === block.id && one.days[0].number === day)
    .map((one) => Math.ceil(minutesOf(one.to) / TRY_EVERY) * TRY_EVERY)
  return [
    null,
    ...[...new Set(ends)]
      .filter((end) => end + minutes <= minutesOf(block.to))
      .sort((a, b) => a - b)
      .map(timeOf),
  ]
}

/** Every place from today on in which an activity could lie. */
function openPlaces(snapshot: UnitSnapshot, plan: ResolvedPlan, activityId: string): Where[] {
  const activity = plan.activities.get(activityId)
  if (!activity) return []
  const held = plan.program.days.filter((day) => day.held)
  const ahead = held.some((day) => day.date >= snapshot.today) ? held.filter((day) => day.date >= snapshot.today) : held
  const last = plan.program.days.length
  return ahead.flatMap((day): Where[] => [
    ...plannableOn(snapshot.home, snapshot.unit, day.number).flatMap((block) =>
      startsIn(block, activity.minutes.do, day.number, plan).map((from): Where => ({
        kind: 'moment',
        day: day.number,
        blockId: block.id,
        from,
      })),
    ),
    ...(activity.standing ? [{ kind: 'set-up' as const, fromDay: day.number, toDay: last }] : []),
  ])
}

function rankedAt(
  ground: Ground,
  whole: ResolvedPlan,
  activityId: string,
  where: Where,
  moving: Placement | undefined,
): RankedSlot | null {
  const { snapshot } = ground
  const verdict = canPlace(snapshot, whole, { activityId, where, movingId: moving?.id }, false)
  if (!verdict.ok) return null
  const placement = {
    ...(moving ?? newPlacement('try', snapshot.unit.id, activityId, where, verdict.centerId)),
    where,
    centerId: verdict.centerId,
    pinnedDate: null,
  }
  const session = trySession(snapshot, whole, placement)
  if (!session) return null
  const day = session.days[0]
  const words = session.block
    ? `${session.block.name}, ` +
      `${shortDate(day.date)}${where.kind === 'moment' && where.from ? ` at ${clockWords(where.from)}` : ''} ` +
      `(day ${day.number})`
    : `Out at ${session.center?.name ?? 'its center'} from day ${day.number}`
  return { where, centerId: verdict.centerId, words, ...judge(session, ground) }
}

/** Slots that are shown. */
const MOST_SHOWN = 5

/**
 * The best places for one card, best first, each with what speaks for and against it: who takes part, what it is the
 * first of in the week, cautions, adults, energy, drying, and whether it could be ready. Where it lies now is not among
 * them.
 *
 * @param movingId the placement that would be moved; none for an idea without a day
 * @param most slots to give, 1 or more
 */
export function bestSlots(
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
  activityId: string,
  movingId?: string,
  most = MOST_SHOWN,
): RankedSlot[] {
  const ground = groundOf(snapshot, plan, movingId)
  const moving = snapshot.placements.find((one) => one.id === movingId)
  const same = (where: Where) => moving && JSON.stringify(where) === JSON.stringify(moving.where)
  return openPlaces(snapshot, plan, activityId)
    .filter((where) => !same(where))
    .flatMap((where) => rankedAt(ground, plan, activityId, where, moving) ?? [])
    .sort((a, b) => b.score - a.score)
    .slice(0, most)
}

/** An idea of the basket that closes a gap, and where. */
export interface Closer {
  activityId: string
  slot: RankedSlot
}

const MOST_CLOSERS = 3

/**
 * Ideas of the basket that would close a gap: each with its best place on a day on which the child comes and takes
 * part, without a stop.
 *
 * @param most ideas to give, 1 or more
 */
export function closersOf(gap: Gap, snapshot: UnitSnapshot, plan: ResolvedPlan, most = MOST_CLOSERS): Closer[] {
  const ground = groundOf(snapshot, plan)
  const ids = [...new Set(snapshot.ideas.flatMap((idea) => idea.activityId ?? []))].filter((id) =>
    plan.activities.get(id)?.domains.slice(0, 2).includes(gap.domain),
  )
  return ids
    .flatMap((activityId): Closer[] => {
      const slots = openPlaces(snapshot, plan, activityId).flatMap((where): RankedSlot[] => {
        const days = plan.program.days.filter((day) =>
          where.kind === 'moment' ? day.number === where.day : day.number >= where.fromDay,
        )
        if (!days.some((day) => gap.dates.includes(day.date))) return []
        const slot = rankedAt(ground, plan, activityId, where, undefined)
        if (!slot || slot.against.some((one) => one.kind === 'stop' || one.kind === 'too-soon')) return []
        const session = trySession(
          snapshot,
          plan,
          newPlacement('try', snapshot.unit.id, activityId, where, slot.centerId),
        )
        return session?.parts.some((part) => part.child.id === gap.child.id && part.does === 'takes-part') ? [slot] : []
      })
      const best = slots.sort((a, b) => b.score - a.score)[0]
      return best ? [{ activityId, slot: best }] : []
    })
    .sort((a, b) => b.slot.score - a.slot.score)
    .slice(0, most)
}
