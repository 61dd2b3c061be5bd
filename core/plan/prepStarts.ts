import { minutesOf } from '../base'
import type { Activity } from '../domain'

/** How late an overnight step may end: the evening before it is due. */
export const EVENING_END = '21:00'

/**
 * Latest start of each preparation step, as plan minutes, counted backward from the start of the activity: each step
 * and its wait end before the next one starts.
 */
export function latestPrepStarts(activity: Pick<Activity, 'prep'>, start: number): number[] {
  const starts: number[] = []
  let due = start
  for (const step of [...activity.prep].reverse()) {
    const finish = step.wait === 'overnight' ? eveningBefore(due) : due - step.wait
    due = finish - step.minutes
    starts.unshift(due)
  }
  return starts
}

const eveningBefore = (minute: number): number => (Math.floor(minute / 1440) - 1) * 1440 + minutesOf(EVENING_END)
