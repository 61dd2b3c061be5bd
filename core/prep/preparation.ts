import { planMinute, timeOf, weekdayOf } from '../base'
import type { CalendarDate, PrepRules, UnitSnapshot } from '../domain'
import type { ResolvedPlan, Session } from '../plan'
import type { SupplyLine } from '../supplies'
import { KINDS_OF_WORK } from './kinds'
import type { Job, Schedule } from './jobs'
import { schedule } from './schedule'
import { prepTasks, type PrepTask } from './tasks'
import { offsetOf, type Offset } from './waits'
import { prepWindowsOn, type PrepWindowOn } from './windows'

/** Preparation due by one day, beside the time there is for it. */
export interface ReadyBy {
  date: CalendarDate
  /** Program day. */
  day: number
  /** Placements that ask for it. */
  sessions: Session[]
  /** Hands-on minutes that this day's placements still ask for. */
  own: number
  /** Hands-on minutes still to do by the first placement of this day that asks for any, from tomorrow on. */
  due: number
  /** Minutes of prep time until then, from today or from the last day of the unit before. */
  window: number
  /** Minutes that do not fit, 0 or more. */
  over: number
}

/** Work that does not fit, and where that shows. */
export interface PrepOver {
  task: PrepTask
  minutes: number
  /** The last window before it is due that could take it; null where there is none at all. */
  window: PrepWindowOn | null
}

/** What is prepared before a plan, laid into the windows of the home. */
export interface Preparation {
  tasks: PrepTask[]
  windows: PrepWindowOn[]
  schedule: Schedule
  /** In order of what is due. What is for today is not among them: nothing here knows whether it was ready before. */
  overs: PrepOver[]
  /** One entry for each later day with preparation, in order. */
  days: ReadyBy[]
}

/** One clock for each zone: asking for an offset is slow the first time. */
const offsets = new Map<string, Offset>()
function offsetIn(zone: string): Offset {
  const known = offsets.get(zone) ?? offsetOf(zone)
  offsets.set(zone, known)
  return known
}

/** Whether a task may be done in a window, apart from whose unit the window belongs to. */
function suits(rules: PrepRules, task: PrepTask, window: PrepWindowOn): boolean {
  if (window.children && !KINDS_OF_WORK[task.kind].withChildren) return false
  if (task.mark?.adultId ? task.mark.adultId !== window.adultId : window.lent) return false
  return !rules.notOn.some((one) => one.kind === task.kind && one.weekdays.includes(weekdayOf(window.date)))
}

/** Which windows a task may be done in. */
function windowsFor(rules: PrepRules, task: PrepTask, windows: readonly PrepWindowOn[]): boolean[] {
  const suited = windows.map((window) => suits(rules, task, window))
  const pin = task.mark?.pinned
  const pinned = pin
    ? windows.map((window, i) => suited[i] && window.date === pin.date && timeOf(window.from % 1440) === pin.from)
    : []
  // Where the window that she chose is gone, or no longer takes such work, it goes wherever it fits.
  if (pinned.includes(true)) return pinned
  const own = suited.map((may, i) => may && !windows[i].before)
  const room = windows.reduce(
    (sum, window, i) =>
      own[i] ? sum + Math.max(0, Math.min(window.to, task.due) - Math.max(window.from, task.release)) : sum,
    0,
  )
  // What must begin while the unit before still runs takes of its time.
  return room >= task.left ? own : suited
}

const jobOf = (rules: PrepRules, task: PrepTask, windows: readonly PrepWindowOn[]): Job => {
  const may = windowsFor(rules, task, windows)
  const { setUp } = KINDS_OF_WORK[task.kind]
  return {
    id: task.key,
    minutes: task.left,
    release: task.release,
    due: task.due,
    splits: task.step.splits,
    after: task.after ? [task.after] : [],
    setUp: setUp ? { kind: task.kind, minutes: setUp } : null,
    may: (window) => may[window],
  }
}

/** What each later day asks for beside the time before it. */
function daysOf(tasks: readonly PrepTask[], windows: readonly PrepWindowOn[], overs: readonly PrepOver[]): ReadyBy[] {
  const asking = tasks.filter((task) => task.left > 0 && !task.today)
  const dates = [...new Set(asking.map((task) => task.session.days[0].date))].sort()
  let due = 0
  return dates.map((date) => {
    const ofDay = asking.filter((task) => task.session.days[0].date === date)
    const sessions = [...new Set(ofDay.map((task) => task.session))]
    const start = Math.min(...sessions.map((session) => session.start))
    const own = ofDay.reduce((sum, task) => sum + task.left, 0)
    due += own
    return {
      date,
      day: sessions[0].days[0].number,
      sessions,
      own,
      due,
      window: windows.reduce(
        (sum, one) => (one.before || one.lent ? sum : sum + Math.max(0, Math.min(one.to, start) - one.from)),
        0,
      ),
      over: overs.reduce((sum, one) => (one.task.session.days[0].date === date ? sum + one.minutes : sum), 0),
    }
  })
}

const NOTHING: Schedule = { pieces: [], overs: [], over: 0, proof: 'fits', least: 0, setUps: 0, stopped: false }

/**
 * What is prepared before a plan: the tasks that follow from it, the windows of the adults, and the tasks laid into the
 * windows by the home's own way. What today asks for was got ready before, unless the time of day is known: then it is
 * listed, and still not counted as too late.
 *
 * @param lines the supply list, for when things are in the house
 */
export function preparationOf(snapshot: UnitSnapshot, plan: ResolvedPlan, lines: readonly SupplyLine[]): Preparation {
  const { home, children, adults, today, now, lastDayBefore } = snapshot
  const offset = offsetIn(home.timeZone)
  // What was handed to someone who is gone is anybody's again.
  const known = new Set(adults.map((one) => one.id))
  const marks = snapshot.prepMarks.map((one) =>
    one.adultId !== null && !known.has(one.adultId) ? { ...one, adultId: null } : one,
  )
  const tasks = prepTasks({ ...snapshot, prepMarks: marks }, plan, lines, offset)
  const open = tasks.filter((task) => task.left > 0)
  if (!open.length) return { tasks, windows: [], schedule: NOTHING, overs: [], days: [] }
  const handed = new Set(open.flatMap((task) => task.mark?.adultId ?? []))
  const last = open.reduce((date, task) => (task.session.days[0].date > date ? task.session.days[0].date : date), today)
  const start = planMinute(today, now ?? '00:00')
  const windows = prepWindowsOn({ home, children, adults }, today, last, lastDayBefore, handed).flatMap((window) =>
    window.to <= start ? [] : [{ ...window, from: Math.max(window.from, start) }],
  )
  const result = schedule(
    open.map((task) => jobOf(home.prep, task, windows)),
    windows,
    { style: home.prep.style, offset },
  )
  const byKey = new Map(open.map((task) => [task.key, task]))
  const overs = result.overs
    .map((one): PrepOver => ({
      task: byKey.get(one.job)!,
      minutes: one.minutes,
      window: one.window === null ? null : windows[one.window],
    }))
    .filter((one) => !one.task.today)
    .sort((a, b) => a.task.due - b.task.due)
  return { tasks, windows, schedule: result, overs, days: daysOf(tasks, windows, overs) }
}
