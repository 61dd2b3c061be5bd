import { addDays, daysBetween, demand, isOpen } from '../base'
import type { CalendarDate, Home, SlowProject, SlowStage } from '../domain'

/** When a stage begins and is over, at the earliest and at the latest. */
export interface StageForecast {
  stage: SlowStage
  from: { earliest: CalendarDate; latest: CalendarDate }
  over: { earliest: CalendarDate; latest: CalendarDate }
  /** The day on which it was over; null while it is not. */
  reached: CalendarDate | null
}

/**
 * Each stage of a chain from its start: the earliest day is the start and all shortest stages until then, the latest the
 * start and all longest ones. A day on which a stage was really over moves the forecast of those after it.
 *
 * @param stages in order; days of each, shortest no more than longest
 * @param start the day on which the first begins
 * @param reached the day on which a stage was over, by its id
 * @param today what is not over by then is not over before; null to reckon from the start alone
 * @throws InputError naming `reached` where a stage was over before the one before it, or before the start
 * @example sown Mon 2 March; 6 to 10, 7 to 12 and 1 to 4 days: the last is over between 16 and 28 March
 */
export function forecast(
  stages: readonly SlowStage[],
  start: CalendarDate,
  reached: Readonly<Record<string, CalendarDate>> = {},
  today: CalendarDate | null = null,
): StageForecast[] {
  let [earliest, latest, known] = [start, start, start]
  return stages.map((stage) => {
    const from = { earliest, latest }
    const was = reached[stage.id] ?? null
    if (was !== null) {
      demand(was >= known, 'reached', `${stage.name} cannot be over before what comes before it`)
      known = was
    }
    const no = (date: CalendarDate) => (today !== null && date < today ? today : date)
    earliest = was ?? no(addDays(earliest, stage.shortest))
    latest = was ?? no(addDays(latest, stage.longest))
    return { stage, from, over: { earliest, latest }, reached: was }
  })
}

/** How sure it is that a chain ends within some days. */
export type Likelihood = 'certain' | 'likely' | 'unlikely' | 'impossible'

/**
 * How sure it is that something happens within some days: certain where all its days lie in them, likely where at least
 * half do, impossible where none does.
 *
 * @param span earliest and latest day of it
 * @param wanted first and last day that are meant
 */
export function likelihoodOf(
  span: { earliest: CalendarDate; latest: CalendarDate },
  wanted: { from: CalendarDate; to: CalendarDate },
): Likelihood {
  const days = daysBetween(span.earliest, span.latest) + 1
  const first = span.earliest > wanted.from ? span.earliest : wanted.from
  const last = span.latest < wanted.to ? span.latest : wanted.to
  const shared = Math.max(0, daysBetween(first, last) + 1)
  if (shared === days) return 'certain'
  if (shared * 2 >= days) return 'likely'
  return shared > 0 ? 'unlikely' : 'impossible'
}

/** Starts from which a chain ends within some days, by how sure that is. */
export interface StartDays {
  certain: { from: CalendarDate; to: CalendarDate } | null
  likely: { from: CalendarDate; to: CalendarDate } | null
}

/**
 * The days on which a chain must begin to end within some days: those that make it certain, and those that make it at
 * least likely. With ranges wider than what is meant, none is certain.
 *
 * @throws InputError naming `wanted` where its end lies before its start
 */
export function startsFor(stages: readonly SlowStage[], wanted: { from: CalendarDate; to: CalendarDate }): StartDays {
  demand(wanted.from <= wanted.to, 'wanted', 'It cannot end before it starts')
  const [shortest, longest] = lengthOf(stages)
  const found: Record<'certain' | 'likely', CalendarDate[]> = { certain: [], likely: [] }
  for (let start = addDays(wanted.from, -longest); start <= addDays(wanted.to, -shortest); start = addDays(start, 1)) {
    const how = likelihoodOf({ earliest: addDays(start, shortest), latest: addDays(start, longest) }, wanted)
    if (how === 'certain') found.certain.push(start)
    if (how === 'certain' || how === 'likely') found.likely.push(start)
  }
  const span = (days: CalendarDate[]) => (days.length ? { from: days[0], to: days[days.length - 1] } : null)
  return { certain: span(found.certain), likely: span(found.likely) }
}

/** Being there earlier does no harm: this is how far back that reaches, in days. */
const LONG_BEFORE = 400

/**
 * The last days on which a chain may begin so that it is surely over by a date, and so that it likely is.
 *
 * @example grass of 9 to 18 days for March 17: surely if sown by February 27, likely by March 4
 */
export function beginBy(
  stages: readonly SlowStage[],
  date: CalendarDate,
): { surely: CalendarDate; likely: CalendarDate } {
  const { certain, likely } = startsFor(stages, { from: addDays(date, -LONG_BEFORE), to: date })
  return { surely: certain!.to, likely: likely!.to }
}

/** Days that a chain takes at least and at most. */
export const lengthOf = (stages: readonly SlowStage[]): [shortest: number, longest: number] => [
  stages.reduce((sum, stage) => sum + stage.shortest, 0),
  stages.reduce((sum, stage) => sum + stage.longest, 0),
]

/** What a slow project asks for on one day. */
export interface CareDuty {
  date: CalendarDate
  project: SlowProject
  /** Nobody is there that day anyway. */
  closed: boolean
  /** Who said to do it; empty while nobody did, and on days on which the home is open. */
  by: string
}

/**
 * The days on which a slow project is cared for, from one day to another: every so many days from its start, whether the
 * home is open or not.
 *
 * @param start the day on which it begins
 * @param end its last day
 */
export function careDuties(
  project: SlowProject,
  home: Pick<Home, 'open' | 'closures'>,
  start: CalendarDate,
  end: CalendarDate,
  from: CalendarDate,
  to: CalendarDate,
): CareDuty[] {
  if (!project.care.trim()) return []
  const duties: CareDuty[] = []
  const last = to < end ? to : end
  for (let date = addDays(start, 1); date <= last; date = addDays(date, 1)) {
    if (date < from || daysBetween(start, date) % project.careEvery !== 0) continue
    const closed = !isOpen(home, date)
    duties.push({ date, project, closed, by: closed ? (project.careBy[date] ?? '') : '' })
  }
  return duties
}

/** Where a slow project stands against its forecast on a day. */
export type SlowState =
  { is: 'ahead'; startsOn: CalendarDate } | { is: 'going'; stage: StageForecast; lateDays: number } | { is: 'over' }

/**
 * Where it stands: before its start, in which stage, and by how many days that should have been over at the latest.
 *
 * @param today the day it is looked at
 */
export function slowState(stages: readonly StageForecast[], start: CalendarDate, today: CalendarDate): SlowState {
  if (today < start) return { is: 'ahead', startsOn: start }
  const going = stages.find((one) => one.reached === null)
  if (!going) return { is: 'over' }
  return { is: 'going', stage: going, lateDays: Math.max(0, daysBetween(going.over.latest, today)) }
}
