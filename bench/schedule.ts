import { schedule, readyAfter, type Job, type Stretch, type Wait } from '@core/prep'

/** Numbers from 0 to 1, the same from the same seed (D. Lehmer). */
function numbers(seed: number): () => number {
  let state = seed
  return () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647
}

/** A unit's preparation of so many tasks in so many windows: a nap and an evening a day, some work that waits or needs the evening. */
export function largeWork(tasks: number, windows: number, share: number): { jobs: Job[]; windows: Stretch[] } {
  const next = numbers(7)
  const all = Array.from({ length: windows }, (_, i): Stretch => {
    const day = Math.floor(i / 3) * 1440
    const [from, length] = [
      [450, 20],
      [795, 90],
      [1200, 40],
    ][i % 3]
    return { adultId: 'm', from: day + from, to: day + from + length }
  })
  const room = all.reduce((sum, one) => sum + one.to - one.from, 0)
  const last = all[all.length - 1].to
  const mean = (room * share) / tasks
  const jobs = Array.from({ length: tasks }, (_, i): Job => {
    const evening = next() < 0.15
    return {
      id: `j${i}`,
      minutes: Math.max(1, Math.round(mean * (0.4 + 1.2 * next()))),
      release: 0,
      due: Math.round(1440 + next() * (last - 1440)),
      splits: next() < 0.5,
      after: i % 4 === 1 ? [{ id: `j${i - 1}`, wait: next() < 0.5 ? 60 : 'overnight' }] : [],
      setUp: next() < 0.1 ? { kind: 'paint', minutes: 4 } : null,
      may: (window) => !evening || window % 3 !== 1,
    }
  })
  return { jobs, windows: all }
}

interface Small {
  parts: number
  release: number
  due: number
  splits: boolean
  after: number | null
  wait: Wait
}

/** Whether some way of laying work into slots of ten minutes, one after the other, has all of it in time. */
function fitsSomehow(jobs: readonly Small[], slots: readonly number[]): boolean {
  const TEN = 10
  const tryFrom = (slot: number, left: readonly number[], ends: readonly number[], going: number): boolean => {
    if (left.every((one) => one === 0)) return true
    if (slot === slots.length) return false
    const at = slots[slot] * TEN
    const follows = slot > 0 && slots[slot - 1] === slots[slot] - 1
    const can = (i: number): boolean => {
      const one = jobs[i]
      if (!left[i] || at < one.release * TEN || at + TEN > one.due * TEN) return false
      if (one.after !== null && (left[one.after] > 0 || readyAfter(ends[one.after], one.wait) > at)) return false
      return one.splits || left[i] === one.parts || (going === i && follows)
    }
    const put = (i: number) =>
      tryFrom(
        slot + 1,
        left.map((count, k) => count - Number(k === i)),
        ends.map((end, k) => (k === i ? at + TEN : end)),
        i,
      )
    const must = going >= 0 && left[going] > 0 && !jobs[going].splits
    if (must) return can(going) && put(going)
    return jobs.some((_, i) => can(i) && put(i)) || tryFrom(slot + 1, left, ends, -1)
  }
  return tryFrom(
    0,
    jobs.map((one) => one.parts),
    jobs.map(() => 0),
    -1,
  )
}

/**
 * How often work that waits or must be done in one go is said not to fit, though it would: against trying every way, on
 * small cases drawn from one seed.
 */
export function missed(cases: number): { fit: number; missed: number } {
  const next = numbers(11)
  const upTo = (most: number) => Math.floor(next() * (most + 1))
  let [fit, none] = [0, 0]
  for (let i = 0; i < cases; i++) {
    const slots = Array.from({ length: 16 }, (_, at) => at).filter(() => next() < 0.55)
    const drawn = Array.from({ length: 2 + upTo(2) }, (_, k): Small => {
      const release = upTo(6)
      return {
        parts: 1 + upTo(2),
        release,
        due: release + 2 + upTo(10),
        splits: next() < 0.5,
        after: k > 0 && next() < 0.5 ? upTo(k - 1) : null,
        wait: [0, 10, 30][upTo(2)],
      }
    })
    if (!slots.length || !fitsSomehow(drawn, slots)) continue
    fit++
    // Slots that follow each other are one window.
    const windows: Stretch[] = []
    for (const at of slots) {
      const before = windows.at(-1)
      if (before?.to === at * 10) before.to += 10
      else windows.push({ adultId: 'm', from: at * 10, to: at * 10 + 10 })
    }
    const { over } = schedule(
      drawn.map((one, k): Job => ({
        id: `j${k}`,
        minutes: one.parts * 10,
        release: one.release * 10,
        due: one.due * 10,
        splits: one.splits,
        after: one.after === null ? [] : [{ id: `j${one.after}`, wait: one.wait }],
        setUp: null,
        may: () => true,
      })),
      windows,
    )
    if (over > 0) none++
  }
  return { fit, missed: none }
}
