import {
  type Activity,
  type CalendarDate,
  type Child,
  type Home,
  type Material,
  type TimeSpan,
  type Weekday,
  type WeeklyHours,
  WEEKDAYS,
} from '../domain'
import { childHours } from './presence'
import { byAge } from './byAge'
import { partOf, type Part } from './participants'

const WHOLE_DAY: TimeSpan = { from: '00:00', to: '23:59' }
const ALWAYS = Object.fromEntries(WEEKDAYS.map((day) => [day, WHOLE_DAY])) as Record<Weekday, TimeSpan> as WeeklyHours

/** What an idea would be tried on, before it has a day. */
export interface Trial {
  home: Pick<Home, 'stageBounds'>
  children: readonly Child[]
  materials: ReadonlyMap<string, Material>
  /** Days on which it might be done; the first decides the ages. */
  dates: readonly CalendarDate[]
}

/**
 * For whom an idea is, before it has a day and a time: each child who comes on any of the dates, awake and there, with
 * the variant that fits, the beside, or the reason why not. Youngest first.
 *
 * @param activity the idea
 * @param trial dates must not be empty for anyone to be expected
 */
export function suits(activity: Activity, trial: Trial): Part[] {
  const { dates, home, materials } = trial
  const expected = trial.children.filter((child) => dates.some((date) => childHours(child, date) !== null))
  return byAge(expected).map((child) => {
    const anyTime: Child = { ...child, attendance: ALWAYS, exceptions: [], naps: [] }
    const date = dates.find((one) => one >= child.born) ?? dates[0]
    const part = partOf(activity, anyTime, { home, children: [], materials, date, from: '10:00', to: '10:30' })
    return { ...part, child }
  })
}

/** Whether everyone expected has something to do: the idea itself, or the beside. */
export const suitsEveryone = (parts: readonly Part[]): boolean =>
  parts.length > 0 && parts.every((part) => part.does !== 'out')
