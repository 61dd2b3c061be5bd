import { minutesOf, timeOf } from '../base'
import type { Child, TimeSpan } from '../domain'

/** How finely sleep is looked at, in minutes. */
const STEP = 5

const sleepsAt = ({ naps }: Pick<Child, 'naps'>, minute: number): boolean =>
  naps.some((nap) => minutesOf(nap.from) <= minute && minute < minutesOf(nap.to))

/**
 * The longest stretch within a time in which everyone who naps, and is there, is asleep; null where there is none.
 *
 * @param nappers who naps that day and is there at a minute
 * @param alone whether a stretch in which nobody who naps is there counts too
 */
export function longestAsleep(
  nappers: (minute: number) => readonly Pick<Child, 'naps'>[],
  span: TimeSpan,
  alone: boolean,
): TimeSpan | null {
  const end = minutesOf(span.to)
  let [best, from]: [[number, number] | null, number | null] = [null, null]
  for (let minute = minutesOf(span.from); minute < end + STEP; minute += STEP) {
    const there = minute < end ? nappers(minute) : null
    if (there && (alone || there.length) && there.every((child) => sleepsAt(child, minute))) {
      from ??= minute
      continue
    }
    const to = Math.min(minute, end)
    if (from !== null && (!best || to - from > best[1] - best[0])) best = [from, to]
    from = null
  }
  return best && { from: timeOf(best[0]), to: timeOf(best[1]) }
}
