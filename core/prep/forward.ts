import type { Instance } from './instance'
import { LEAST_PIECE, type Over, type Piece, type Schedule } from './jobs'

/** What is done first among what can be done. */
export type Rule = { by: 'due' | 'short' | 'kind' | 'laxity' | 'scarce' } | { by: 'chance'; seed: number }

/** No plan of a home comes near it: it keeps a fault from running on. */
const MOST_DECISIONS = 50_000

/** How far due times are shaken where the order is tried by chance, in minutes. */
const SHAKE = 2 * 1440

/** One window fewer counts for more than any due time. */
const SCARCE = 1440 * 400

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
  /** Whether what is open stands in the order in which it is done, but for what is due at once. */
  readonly inOrder: boolean
  setUps = 0
  /** Windows in the order in which they begin, and how many of them, from the first on, are over. */
  readonly byStart: number[]
  past = 0
  /** What is not finished yet, and how many windows take each. */
  open: number[]
  readonly windowsOf: number[]

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
    this.byStart = windows.map((_, i) => i).sort((a, b) => windows[a].from - windows[b].from)
    this.gotOut = windows.map(() => new Set())
    this.lastKind = windows.map(() => null)
    this.windowsOf = rule.by === 'scarce' ? instance.may.map((list) => list.filter(Boolean).length) : []
    const next = rule.by === 'chance' ? chance(rule.seed) : () => 0
    this.shaken = instance.due.map((due) => due + next() * SHAKE)
    this.inOrder = rule.by === 'due' || rule.by === 'short' || rule.by === 'chance'
    this.open = jobs.map((_, i) => i).sort((a, b) => this.shaken[a] - this.shaken[b])
  }

  /** A job ends: what comes after it can begin once it has waited. */
  end(job: number, at: number): void {
    this.left[job] = 0
    this.open = this.open.filter((one) => one !== job)
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
    for (let i = 0; i < windows.length; i++)
      if (may[job][i] && windows[i].from < due && (last === null || windows[i].to > windows[last].to)) last = i
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
        return this.windowsOf[job] * SCARCE + due
    }
  }

  /** Minutes of windows that a job could still be done in, beyond what it takes. */
  private toSpare(job: number, at: number, due: number): number {
    let room = -this.left[job]
    const { windows, may } = this.instance
    for (let i = 0; i < windows.length; i++)
      if (may[job][i]) room += Math.max(0, Math.min(windows[i].to, due) - Math.max(windows[i].from, at))
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
  const { windows } = instance
  let decisions = 0
  for (let window = nextWindow(run); window >= 0 && decisions < MOST_DECISIONS; window = nextWindow(run)) {
    decisions++
    step(run, window)
  }
  // What no window was left for.
  for (let again = true; again;) {
    again = false
    for (const job of run.open) {
      if (run.before[job] > 0) continue
      run.drop(job)
      again = true
    }
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
  const { byStart, cursor } = run
  const { windows } = run.instance
  const isOver = (i: number) => cursor[i] >= windows[i].to
  while (run.past < byStart.length && isOver(byStart[run.past])) run.past++
  let first = -1
  for (let k = run.past; k < byStart.length; k++) {
    const i = byStart[k]
    // Those that begin later come to no moment before it.
    if (first >= 0 && windows[i].from > cursor[first]) break
    if (isOver(i)) continue
    if (first < 0 || cursor[i] < cursor[first] || (cursor[i] === cursor[first] && i < first)) first = i
  }
  return first
}

/** The most urgent job at a moment of a window, and when the next one comes into sight. */
function choose(run: Run, window: number, at: number): { job: number; wakes: number } {
  const { jobs, may } = run.instance
  let [best, bestKey, bestKind, wakes] = [-1, Infinity, false, Infinity]
  for (const job of run.open) {
    // Nothing after this one can be more urgent.
    if (best >= 0 && run.inOrder && run.shaken[job] > bestKey + 1) break
    if (run.before[job] > 0) continue
    if (jobs[job].due <= at) {
      run.drop(job)
      wakes = at
      continue
    }
    if (!may[job][window]) continue
    const free = Math.max(run.release[job], run.busy[job])
    if (free > at) {
      wakes = Math.min(wakes, free)
      continue
    }
    if (run.roomFor(job, window, at) <= 0) continue
    const key = run.key(job, window, at)
    const kind = jobs[job].setUp !== null && jobs[job].setUp.kind === run.lastKind[window]
    const first =
      key < bestKey || (key === bestKey && (kind === bestKind ? best >= 0 && run.left[job] > run.left[best] : kind))
    if (best < 0 || first) [best, bestKey, bestKind] = [job, key, kind]
  }
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
    let until = Math.min(windows[window].to, wakes)
    // What waits for work in another window may begin once that goes on.
    if (run.open.some((one) => run.before[one] > 0))
      for (let i = 0; i < windows.length; i++)
        if (run.cursor[i] > at && run.cursor[i] < windows[i].to) until = Math.min(until, run.cursor[i])
    run.cursor[window] = until
    return
  }
  const setUp = run.setUpOf(job, window)
  let piece = run.roomFor(job, window, at)
  if (jobs[job].splits) {
    const key = run.key(job, window, at)
    for (const other of run.open) {
      if (run.inOrder && run.shaken[other] > key) break
      const begins = run.release[other]
      if (begins <= at || begins >= at + setUp + piece || other === job || run.before[other] > 0) continue
      if (!may[other][window] || run.key(other, window, begins) >= key) continue
      const cut = begins - at - setUp
      if (cut >= run.leastPiece && run.left[job] - cut >= run.leastPiece) piece = cut
    }
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
