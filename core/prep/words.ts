import {
  clockWords,
  countWords,
  longDate,
  longWeekday,
  minutesWords,
  shortDate,
  spanWords,
  timeOf,
  waitWords,
  weekdayOf,
} from '../base'
import type { PrepTask } from './tasks'
import type { PrepWindowOn } from './windows'

const clockOf = (minute: number) => timeOf(((minute % 1440) + 1440) % 1440)
/** A time of day of a plan minute, as the home says it. */
export const atWords = (minute: number): string => clockWords(clockOf(minute))

/** "1:15 to 2:45": the name of a window says which half of the day it is in. */
export const timesWords = (window: Pick<PrepWindowOn, 'from' | 'to'>): string =>
  spanWords({ from: clockOf(window.from), to: clockOf(window.to) })

/** "Nap, 1:15 to 2:45". */
export const windowWords = (window: PrepWindowOn): string => `${window.name}, ${timesWords(window)}`

/** From so many letters on, a step is said as far as its first comma. */
const LONG_STEP = 42
/** What a card says of a step: its first sentence, as far as the first colon, and where that is long the first comma. */
export function shortStep(text: string): string {
  const [first] = text.split(/[:;]|\. /)
  const comma = first.indexOf(', ')
  return first.length > LONG_STEP && comma >= LONG_STEP / 3 ? first.slice(0, comma) : first
}

/** "Wednesday, nap": a window of a day. */
export const dayWindow = (window: Pick<PrepWindowOn, 'date' | 'name'>): string =>
  `${longWeekday(weekdayOf(window.date))}, ${window.name.toLowerCase()}`

/** What a wait is called on a card: "dries overnight", "waits 12 h". */
export function waitingWords(task: Pick<PrepTask, 'step' | 'kind'>): string {
  const { wait } = task.step
  if (wait === 0) return ''
  const verb =
    task.kind === 'freeze' || /\bfreez|\bice\b/i.test(task.step.text)
      ? 'freezes'
      : ['paint', 'dye', 'fasten'].includes(task.kind)
        ? 'dries'
        : 'waits'
  return wait === 'overnight' ? `${verb} overnight` : `${verb} ${waitWords(wait)}`
}

/** By when a task must be ready: "by Thursday, March 12, 10:00 AM". */
export function dueWords(task: PrepTask): string {
  const [day] = task.session.days
  const time = task.session.placement.where.kind === 'moment' ? `, ${clockWords(task.session.from)}` : ''
  return `for ${shortDate(day.date)}${time}`
}

/** Where the minutes of a task come from, in a few short lines. */
export function minutesReasons(task: PrepTask): string[] {
  const { step, children, pace } = task
  const lines = [
    children === null
      ? `The idea says ${minutesWords(step.minutes)}.`
      : `The idea says ${minutesWords(step.minutes)} for ${countWords(step.per!, 'kid')}; ` +
        `${countWords(children, 'kid takes', 'kids take')} part.`,
  ]
  if (pace !== 1)
    lines.push(`Here such work takes ${Math.round(pace * 100)}% of what ideas say, by the last times you timed it.`)
  if (task.minutes !== task.left && task.left > 0)
    lines.push(`${minutesWords(task.minutes - task.left)} of it is done.`)
  return lines
}

/** "Wednesday’s nap is 25 min over". */
export function overTitle(window: PrepWindowOn | null, minutes: number, due: string): string {
  if (!window) return `${minutesWords(minutes)} fit nowhere before ${longDate(due)}`
  return `${minutesWords(minutes)} over: ${dayWindow(window)}`
}
