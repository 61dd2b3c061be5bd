/** Something with a start and an end, in minutes from any common origin. */
interface Spanned {
  start: number
  end: number
}

/** Things in order of time, those that go on at once side by side. */
export interface Lane<T> {
  item: T
  /** 0 for the first. */
  lane: number
  /** Lanes of the group that it goes on with. */
  of: number
}

/**
 * Lanes for what goes on at once: each thing gets the first lane that is free when it starts, and knows how many lanes
 * there are while it and what overlaps it, directly or through others, go on.
 *
 * @param items with `start` before or at `end`
 * @returns in order of start, then of end
 */
export function lanesOf<T extends Spanned>(items: readonly T[]): Lane<T>[] {
  const order = [...items].sort((a, b) => a.start - b.start || a.end - b.end)
  const found: Lane<T>[] = []
  let group: Lane<T>[] = []
  let ends: number[] = []
  const close = () => {
    for (const one of group) one.of = ends.length
    group = []
    ends = []
  }
  for (const item of order) {
    if (group.length && item.start >= Math.max(...ends)) close()
    let lane = ends.findIndex((end) => end <= item.start)
    if (lane < 0) lane = ends.length
    ends[lane] = item.end
    const one: Lane<T> = { item, lane, of: 1 }
    group.push(one)
    found.push(one)
  }
  close()
  return found
}
