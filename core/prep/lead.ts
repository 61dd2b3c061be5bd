import { addDays, daysBetween, programDays } from '../base'
import type { Activity, CalendarDate, SlowProject, UnitSnapshot } from '../domain'
import { latestPrepStarts, type ResolvedPlan } from '../plan'
import { forecast, likelihoodOf, slowState, type Likelihood, type SlowState, type StageForecast } from './slow'

const DAY = 1440

/** Whole days before an activity on which its preparation must begin at the latest; 0 where the same day will do. */
export function leadDays(activity: Pick<Activity, 'prep'>): number {
  if (!activity.prep.length) return 0
  // From a noon: what ends in the morning is a day's work, and what ends the evening before is none of the same day.
  const [first] = latestPrepStarts(activity, DAY / 2)
  return Math.max(0, -Math.floor(first / DAY))
}

/** Something that must begin a day ahead or more. */
export interface Lead {
  activity: Activity
  /** Null while it only lies in the basket. */
  placementId: string | null
  days: number
  /** When it is to happen, and so when it must begin at the latest; null while it has no day. */
  on: CalendarDate | null
  begins: CalendarDate | null
  /** The first date on which it could happen, begun today. */
  earliest: CalendarDate
  /** The first program day that this leaves; null where the unit is over before. */
  day: number | null
  /** Begun today it comes too late for the day it has, or for the unit. */
  late: boolean
  /** For what is too late for the unit as it stands: the first start with which its last day is late enough. */
  unitStart: CalendarDate | null
  /** Ideas that could take its place: the same center, ready in time; the shortest lead first. */
  instead: Activity[]
}

const MOST_INSTEAD = 3
/** How far a later start is looked for, in days. */
const FARTHEST_START = 180

/** The first start of a unit with which its last program day is no earlier than a date. */
function startReaching(snapshot: UnitSnapshot, date: CalendarDate): CalendarDate | null {
  for (let i = 1; i <= FARTHEST_START; i++) {
    const start = addDays(snapshot.unit.start, i)
    const days = programDays(snapshot.home, { ...snapshot.unit, start }).days.filter((day) => day.held)
    if (days[0].date === start && days[days.length - 1].date >= date) return start
  }
  return null
}

/** Gathered ideas that could take the place of one that comes too late. */
function insteadOf(snapshot: UnitSnapshot, activity: Activity, most: number): Activity[] {
  const gathered = new Set(snapshot.ideas.flatMap((idea) => idea.activityId ?? []))
  return snapshot.activities
    .filter(
      (one) =>
        one.id !== activity.id &&
        !one.archived &&
        one.domains[0] === activity.domains[0] &&
        one.centers.some((center) => activity.centers.includes(center)) &&
        leadDays(one) <= most,
    )
    .sort(
      (a, b) =>
        Number(gathered.has(b.id)) - Number(gathered.has(a.id)) ||
        leadDays(a) - leadDays(b) ||
        (a.title < b.title ? -1 : 1),
    )
    .slice(0, MOST_INSTEAD)
}

/**
 * Everything in the basket and on the plan that must begin a day ahead or more, what must begin first before what can
 * wait: when it must begin, and where it is too late, from when on it would not be.
 */
export function leadsOf(snapshot: UnitSnapshot, plan: ResolvedPlan): Lead[] {
  const { today } = snapshot
  const placed = new Set(snapshot.placements.map((one) => one.activityId))
  const held = plan.program.days.filter((day) => day.held)
  const lead = (activity: Activity, placementId: string | null, on: CalendarDate | null): Lead[] => {
    const days = leadDays(activity)
    if (days < 1) return []
    const earliest = addDays(today, days)
    const begins = on && addDays(on, -days)
    const day = held.find((one) => one.date >= earliest)?.number ?? null
    const late = on === null ? day === null : begins! < today
    const room = on === null ? daysBetween(today, held[held.length - 1]?.date ?? today) : daysBetween(today, on)
    return [
      {
        activity,
        placementId,
        days,
        on,
        begins,
        earliest,
        day,
        late,
        // A unit that runs does not begin again.
        unitStart: day === null && snapshot.unit.start > today ? startReaching(snapshot, earliest) : null,
        instead: late ? insteadOf(snapshot, activity, Math.max(0, room)) : [],
      },
    ]
  }
  const marked = new Set(
    snapshot.prepMarks.filter((one) => one.done || one.doneMinutes > 0).map((one) => one.placementId),
  )
  const basket = snapshot.ideas.flatMap((idea) => {
    const activity = idea.activityId !== null && !placed.has(idea.activityId) && plan.activities.get(idea.activityId)
    return activity ? lead(activity, null, null) : []
  })
  const sessions = plan.sessions.flatMap((session) =>
    // What was begun runs, and what is behind us is behind us.
    plan.isBehind(session) || session.days[0].date <= today || marked.has(session.placement.id)
      ? []
      : lead(session.activity, session.placement.id, session.days[0].date),
  )
  return [...basket, ...sessions].sort(
    (a, b) =>
      Number(b.late) - Number(a.late) ||
      ((a.begins ?? a.earliest) < (b.begins ?? b.earliest) ? -1 : 1) ||
      (a.activity.title < b.activity.title ? -1 : 1),
  )
}

/** A slow project as it stands today. */
export interface SlowNow {
  project: SlowProject
  start: CalendarDate
  stages: StageForecast[]
  /** Its end, at the earliest and at the latest. */
  over: { earliest: CalendarDate; latest: CalendarDate }
  /** How sure it is to be there by the last of its days; null where that has no date. */
  inTime: Likelihood | null
  meant: CalendarDate | null
  state: SlowState
}

/** The slow projects of a unit, each against its forecast; one without stages runs for its days, and no forecast is made. */
export function slowNow(snapshot: UnitSnapshot, plan: ResolvedPlan): SlowNow[] {
  const dateOf = (number: number) => plan.program.days.find((day) => day.number === number)?.date ?? null
  return snapshot.unit.slowProjects.flatMap((project) => {
    const start = project.startOn ?? dateOf(project.fromDay)
    if (!start) return []
    const stages = forecast(project.stages, start, project.reached, snapshot.today)
    const first = forecast(project.stages, start, project.reached)
    const meant = dateOf(project.toDay)
    const over = stages.at(-1)?.over ?? { earliest: meant ?? start, latest: meant ?? start }
    return [
      {
        project,
        start,
        stages,
        over,
        meant,
        // Being there earlier is no harm to what only has to be there.
        inTime: stages.length && meant ? likelihoodOf(over, { from: start, to: meant }) : null,
        state: slowState(first, start, snapshot.today),
      },
    ]
  })
}
