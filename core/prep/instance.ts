import { demand, fail } from '../base'
import type { Job, Stretch } from './jobs'
import { finishFor, readyAfter, type Offset } from './waits'

/** Work and windows made ready for laying out: by index, in an order in which nothing comes before what it is after. */
export interface Instance {
  jobs: readonly Job[]
  windows: readonly Stretch[]
  /** By job: whether it may be done in each window. */
  may: readonly (readonly boolean[])[]
  /** By job: who comes after it, as indexes, and how long it must have waited by then. */
  next: readonly (readonly { job: number; ready: (finish: number) => number }[])[]
  /** By job: how many must be finished before. */
  before: readonly number[]
  /** By job: no earlier than this, and no later than this, for the sake of those before and after it. */
  release: readonly number[]
  due: readonly number[]
}

/** Checks work and windows, and reckons for each job when it can begin at the earliest and must end at the latest. */
export function prepared(jobs: readonly Job[], windows: readonly Stretch[], offset: Offset): Instance {
  checkWindows(windows)
  const indexOf = new Map(jobs.map((job, i) => [job.id, i]))
  jobs.forEach((job) => {
    demand(job.minutes > 0 && Number.isFinite(job.minutes), 'jobs', `${job.id} has no minutes`)
    demand(Number.isFinite(job.release) && Number.isFinite(job.due), 'jobs', `${job.id} has no time`)
  })
  demand(indexOf.size === jobs.length, 'jobs', 'Two jobs have one name')
  const after = jobs.map((job) =>
    job.after.map(({ id, wait }) => ({
      job: indexOf.get(id) ?? fail('jobs', `${job.id} comes after ${id}, which is not there`),
      wait,
    })),
  )
  const order = inOrder(jobs, after)
  const may = jobs.map((job) => windows.map((_, i) => job.may(i)))
  const next = jobs.map((): { job: number; ready: (finish: number) => number }[] => [])
  const release = jobs.map((job) => job.release)
  const due = jobs.map((job) => job.due)
  for (const job of order)
    for (const { job: first, wait } of after[job]) {
      next[first].push({ job, ready: (finish) => readyAfter(finish, wait, offset) })
      const end = earliestEnd(jobs[first], may[first], windows, release[first])
      if (end < Infinity) release[job] = Math.max(release[job], readyAfter(end, wait, offset))
    }
  for (const job of [...order].reverse()) {
    const start = latestStart(jobs[job], may[job], windows, due[job])
    for (const { job: first, wait } of after[job]) due[first] = Math.min(due[first], finishFor(start, wait, offset))
  }
  return { jobs, windows, may, next, before: after.map((list) => list.length), release, due }
}

function checkWindows(windows: readonly Stretch[]): void {
  const last = new Map<string, Stretch>()
  for (const window of [...windows].sort((a, b) => a.from - b.from)) {
    demand(window.from < window.to, 'windows', 'A window must end after it starts')
    const before = last.get(window.adultId)
    demand(!before || before.to <= window.from, 'windows', 'Two windows of one adult overlap')
    last.set(window.adultId, window)
  }
}

/** Every job after those it is after. */
function inOrder(jobs: readonly Job[], after: readonly (readonly { job: number }[])[]): number[] {
  const order: number[] = []
  const state = new Uint8Array(jobs.length)
  const visit = (job: number) => {
    if (state[job] === 2) return
    if (state[job] === 1) fail('jobs', `${jobs[job].id} waits for itself`)
    state[job] = 1
    for (const one of after[job]) visit(one.job)
    state[job] = 2
    order.push(job)
  }
  jobs.forEach((_, job) => visit(job))
  return order
}

/** The earliest end of a job from a minute on, were nothing else to do; Infinity where there is no room. */
function earliestEnd(job: Job, may: readonly boolean[], windows: readonly Stretch[], from: number): number {
  let left = job.minutes
  let end = Infinity
  // Windows of several adults are looked at as if each were free at once: this is a bound, not a plan.
  const open = windows.filter((window, i) => may[i] && window.to > from).sort((a, b) => a.from - b.from)
  let at = from
  for (const window of open) {
    const start = Math.max(at, window.from)
    const room = window.to - start
    if (room <= 0) continue
    if (room >= left) {
      end = start + left
      break
    }
    if (job.splits) {
      left -= room
      at = window.to
    }
  }
  return end
}

/** The latest start of a job that ends by a minute, were nothing else to do; its own minutes before where there is none. */
function latestStart(job: Job, may: readonly boolean[], windows: readonly Stretch[], due: number): number {
  let left = job.minutes
  let at = due
  const open = windows.filter((window, i) => may[i] && window.from < due).sort((a, b) => b.to - a.to)
  for (const window of open) {
    const end = Math.min(at, window.to)
    const room = end - window.from
    if (room <= 0) continue
    if (room >= left) return end - left
    if (job.splits) {
      left -= room
      at = window.from
    }
  }
  return due - job.minutes
}

/** The same work with time running backward: what comes after comes before, and what is due begins. */
export function mirrored(instance: Instance): Instance {
  const { jobs, windows } = instance
  const next = jobs.map((): Instance['next'][number][number][] => [])
  const before = jobs.map(() => 0)
  instance.next.forEach((list, first) =>
    list.forEach(({ job, ready }) => {
      next[job].push({ job: first, ready: (finish) => -endBefore(-finish, ready) })
      before[first]++
    }),
  )
  return {
    jobs: jobs.map((job) => ({ ...job, release: -job.due, due: -job.release })),
    windows: windows.map((window) => ({ ...window, from: -window.to, to: -window.from })),
    may: instance.may,
    next,
    before,
    release: instance.due.map((minute) => -minute),
    due: instance.release.map((minute) => -minute),
  }
}

/** The last minute from which something is ready at another: `ready` never runs backward, so halving finds it. */
function endBefore(start: number, ready: (finish: number) => number): number {
  let [low, high] = [start - SEARCH_MINUTES, start]
  while (low < high) {
    const middle = Math.ceil((low + high) / 2)
    if (ready(middle) <= start) low = middle
    else high = middle - 1
  }
  return low
}

/** Beyond the longest wait of 60 days. */
const SEARCH_MINUTES = 64 * 1440
