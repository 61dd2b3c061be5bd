import { listWords, longDate, minutesWords, shortDate } from '../base'
import type { CalendarDate, UnitSnapshot } from '../domain'
import type { ResolvedPlan } from '../plan'
import { careDuties, preparationOf, shortStep, slowNow, timesWords } from '../prep'
import { supplyList } from '../supplies'

/**
 * What somebody was handed to prepare on a date, a line for each adult and window: the list of a helper on the day's
 * sheet, and on the link to it. What is prepared on days without a sheet stands on that of the day before or, where
 * there is none, on the first.
 */
export function handedOn(snapshot: UnitSnapshot, plan: ResolvedPlan, date: CalendarDate): string[] {
  if (!snapshot.prepMarks.some((mark) => mark.adultId !== null)) return []
  const { tasks, windows, schedule } = preparationOf(snapshot, plan, supplyList(snapshot, plan))
  const byKey = new Map(tasks.map((task) => [task.key, task]))
  const held = plan.program.days.filter((day) => day.held).map((day) => day.date)
  const sheetOf = (on: CalendarDate) => held.findLast((one) => one <= on) ?? held[0]
  return windows.flatMap((window, index) => {
    if (sheetOf(window.date) !== date) return []
    const name = snapshot.adults.find((one) => one.id === window.adultId)?.name
    const work = schedule.pieces.flatMap((piece) => {
      const task = piece.window === index ? byKey.get(piece.job) : undefined
      if (!name || !task || task.mark?.adultId !== window.adultId) return []
      const { activity, days } = task.session
      const minutes = minutesWords(piece.to - piece.from - piece.setUp)
      return [`${shortStep(task.step.text)} (${minutes}, for ${activity.title} on ${shortDate(days[0].date)})`]
    })
    const when = window.date === date ? timesWords(window) : `${shortDate(window.date)}, ${timesWords(window)}`
    return work.length ? [`${name} prepares, ${when}: ${work.join('; ')}.`] : []
  })
}

/** What slow projects ask for on a date, and on the closed days before the next one: with who does it. */
export function careOn(snapshot: UnitSnapshot, plan: ResolvedPlan, date: CalendarDate): string[] {
  const next = plan.program.days.find((day) => day.held && day.date > date)?.date ?? date
  return slowNow(snapshot, plan).flatMap((now) => {
    if (now.state.is === 'over') return []
    const until = now.over.latest > date ? now.over.latest : date
    const duties = careDuties(now.project, snapshot.home, now.start, until, date, next)
    const today = duties.some((one) => one.date === date)
    const closed = duties.filter((one) => one.closed && one.date < next)
    return [
      ...(today ? [`${now.project.name}: ${now.project.care.toLowerCase()}.`] : []),
      ...(closed.length
        ? [
            `${now.project.name}, while we are closed: ${listWords(
              closed.map((one) => `${longDate(one.date)} ${one.by || 'nobody yet'}`),
            )}.`,
          ]
        : []),
    ]
  })
}
