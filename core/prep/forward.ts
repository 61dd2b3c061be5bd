import type { Instance } from './instance'
import { LEAST_PIECE, type Over, type Piece, type Schedule } from './jobs'

/** What is done first among what can be done. */
export type Rule = { by: 'due' | 'short' | 'kind' | 'laxity' | 'scarce' } | { by: 'chance'; seed: number }

/** No plan of a home comes near it: it keeps a fault from running on. */
const MOST_DECISIONS = 50_000

/** How far due times are shaken where the order is tried by chance, in minutes. */
const SHAKE = 2 * 1440

/** A small generator of numbers from 0 to 1 (D. Lehmer): the same from the same seed. */
function chance(seed: number): () => number {
  let state = (seed * 48_271) % 2_147_483_647
  return () => {
    state = (state * 48_271) % 2_147_483_647
    return state / 2_147_483_647
  }
}

/** One laying out of the work, window by window as time goes. */
class Run {
  readonly left: number[]
  readonly release: number[]
  readonly before: number[]
  /** Until when hands are on a job. */
  readonly busy: number[]
  readonly cursor: number[]
  readonly gotOut: Set<string>[]
  readonly pieces: Piece[] = []
  readonly overs: Over[] = []
  readonly lastKind: (string | null)[]
  readonly shaken: number[]
  setUps = 0

  constructor(
    readonly instance: Instance,
    readonly rule: Rule,
    readonly leastPiece: number,
  ) {
    const { jobs, windows } = instance
    this.left = jobs.map((job) => job.minutes)
    this.release = [...instance.release]
    this.before = [...instance.before]
    this.busy = jobs.map(() => -Infinity)
    this.cursor = windows.map((window) => window.from)
    this.gotOut = windows.map(() => new Set())
    this.lastKind = windows.map(() => null)
    const next = rule.by === 'chance' ? chance(rule.seed) : () => 0
    this.shaken = instance.due.map((due) => due + next() * SHAKE)
  }

  /** A job ends: what comes after it can begin once it has waited. */
  end(job: number, at: number): void {
    this.left[job] = 0
    for (const { job: follower, ready } of this.instance.next[job]) {
      this.before[follower]--
      this.release[follower] = Math.max(this.release[follower], ready(at))
    }
  }

  /** What is left of a job when it is due does not fit; she will have to find the time, and what follows goes on. */
  drop(job: number): void {
    const { jobs, windows, may } = this.instance
    const due = jobs[job].due
    let last: number | null = null
    windows.forEach((window, i) => {
      if (may[job][i] && window.from < due && (last === null || window.to > windows[last].to)) last = i
    })
    this.overs.push({ job: jobs[job].id, minutes: this.left[job], window: last })
    this.end(job, due)
  }

  setUpOf(job: number, window: number): number {
    const { setUp } = this.instance.jobs[job]
    return setUp && !this.gotOut[window].has(setUp.kind) ? setUp.minutes : 0
  }

  /** Minutes of a job that can be done in a window from a minute on; 0 where none can. */
  roomFor(job: number, window: number, at: number): number {
    const one = this.instance.jobs[job]
    const room = Math.min(this.instance.windows[window].to, one.due) - at - this.setUpOf(job, window)
    if (!one.splits) return room >= this.left[job] ? this.left[job] : 0
    const piece = Math.min(room, this.left[job])
    // A short rest of its own is no reason to begin in a corner of a window: it stays with the piece before.
    return piece >= Math.min(this.leastPiece, this.left[job]) ? piece : 0
  }

  /** What decides between two jobs: the smaller goes first. */
  key(job: number, window: number, at: number): number {
    const due = this.instance.due[job]
    switch (this.rule.by) {
      case 'due':
        return due
      case 'short':
        // Of what is due at once the short work is finished, so that one thing is over and not two.
        return due + this.left[job] / SHAKE
      case 'kind': {
        const kind = this.instance.jobs[job].setUp?.kind
        return due - (kind !== undefined && this.gotOut[window].has(kind) ? SHAKE : 0)
      }
      case 'chance':
        return this.shaken[job]
      case 'laxity':
        return this.toSpare(job, at, due)
      case 'scarce':
        return this.instance.may[job].filter(Boolean).length * 1440 * 60 + due
    }
  }

  /** Minutes of windows that a job could still be done in, beyond what it takes. */
  private toSpare(job: number, at: number, due: number): number {
    let room = -this.left[job]
    this.instance.windows.forEach((window, i) => {
      if (this.instance.may[job][i]) room += Math.max(0, Math.min(window.to, due) - Math.max(window.from, at))
    })
    return room
  }
}

/**
 * Lays the work out as time goes: at each moment of each window what can be done and is most urgent, until it is done,
 * the window ends, or something more urgent can begin.
 *
 * @param leastPiece minutes that a piece has at least
 */
export function forward(instance: Instance, rule: Rule, leastPiece = LEAST_PIECE): Schedule {
  const run = new Run(instance, rule, leastPiece)
  const { jobs, windows } = instance
  let decisions = 0
  for (let window = nextWindow(run); window >= 0 && decisions < MOST_DECISIONS; window = nextWindow(run)) {
    decisions++
    step(run, window)
  }
  // What no window was left for.
  for (let again = true; again;) {
    again = false
    jobs.forEach((_, job) => {
      if (run.left[job] <= 0 || run.before[job] > 0) return
      run.drop(job)
      again = true
    })
  }
  const over = run.overs.reduce((sum, one) => sum + one.minutes, 0)
  return {
    pieces: joined(run.pieces).sort((a, b) => a.from - b.from || a.window - b.window),
    overs: run.overs,
    over,
    proof: over ? 'searched' : 'fits',
    least: 0,
    setUps: run.setUps,
    stopped: decisions >= MOST_DECISIONS && windows.some((one, i) => run.cursor[i] < one.to),
  }
}

/** The window that comes to a moment of its own first; -1 where all are over. */
function nextWindow(run: Run): number {
  let first = -1
  run.instance.windows.forEach((window, i) => {
    if (run.cursor[i] < window.to && (first < 0 || run.cursor[i] < run.cursor[first])) first = i
  })
  return first
}

/** The most urgent job at a moment of a window, and when the next one comes into sight. */
function choose(run: Run, window: number, at: number): { job: number; wakes: number } {
  const { jobs, may } = run.instance
  let [best, bestKey, bestKind, wakes] = [-1, Infinity, false, Infinity]
  jobs.forEach((one, job) => {
    if (run.left[job] <= 0 || run.before[job] > 0) return
    if (one.due <= at) {
      run.drop(job)
      wakes = at
      return
    }
    if (!may[job][window]) return
    const free = Math.max(run.release[job], run.busy[job])
    if (free > at) {
      wakes = Math.min(wakes, free)
      return
    }
    if (run.roomFor(job, window, at) <= 0) return
    const key = run.key(job, window, at)
    const kind = one.setUp !== null && one.setUp.kind === run.lastKind[window]
    const first =
      key < bestKey || (key === bestKey && (kind !== bestKind ? kind : run.left[job] > run.left[best] && best >= 0))
    if (best < 0 || first) [best, bestKey, bestKind] = [job, key, kind]
  })
  return { job: best, wakes }
}

/** One decision: a piece of a job, or waiting until something can be done. */
function step(run: Run, window: number): void {
  const { jobs, windows, may } = run.instance
  const at = run.cursor[window]
  const { job, wakes } = choose(run, window, at)
  // Something was dropped just now: what follows it may begin.
  if (wakes === at) return
  if (job < 0) {
    const others = windows.flatMap((_, i) =>
      run.cursor[i] > at && run.cursor[i] < windows[i].to ? [run.cursor[i]] : [],
    )
    const open = run.before.some((count, i) => count > 0 && run.left[i] > 0)
    run.cursor[window] = Math.min(windows[window].to, wakes, ...(open ? others : []))
    return
  }
  const setUp = run.setUpOf(job, window)
  let piece = run.roomFor(job, window, at)
  if (jobs[job].splits) {
    const key = run.key(job, window, at)
    jobs.forEach((_, other) => {
      const begins = run.release[other]
      if (run.left[other] <= 0 || run.before[other] > 0 || !may[other][window] || other === job) return
      if (begins <= at || begins >= at + setUp + piece || run.key(other, window, begins) >= key) return
      const cut = begins - at - setUp
      if (cut >= run.leastPiece && run.left[job] - cut >= run.leastPiece) piece = cut
    })
  }
  const kind = jobs[job].setUp?.kind
  if (kind !== undefined && !run.gotOut[window].has(kind)) {
    run.gotOut[window].add(kind)
    run.setUps++
  }
  run.lastKind[window] = kind ?? null
  const to = at + setUp + piece
  run.pieces.push({ job: jobs[job].id, window, from: at, to, setUp })
  run.cursor[window] = to
  run.busy[job] = to
  run.left[job] -= piece
  if (run.left[job] <= 0) run.end(job, to)
}

/** Pieces of one job that follow each other without a pause are one. */
export function joined(pieces: readonly Piece[]): Piece[] {
  const all: Piece[] = []
  for (const piece of pieces) {
    const before = all.findLast((one) => one.window === piece.window)
    if (before?.job === piece.job && before.to === piece.from) before.to = piece.to
    else all.push({ ...piece })
  }
  return all
}
