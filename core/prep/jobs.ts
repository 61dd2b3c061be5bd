import type { Wait } from './waits'

/** Work to be laid into windows. All instants are plan minutes. */
export interface Job {
  id: string
  /** Minutes of hands, above 0. */
  minutes: number
  /** It cannot begin before. */
  release: number
  /** It must be finished by then. */
  due: number
  /** Can be done in pieces. */
  splits: boolean
  /** What must be finished before, and has waited. */
  after: readonly { id: string; wait: Wait }[]
  /** What is got out for it once in a window, and shared by all of its kind there: minutes 0 or more. */
  setUp: { kind: string; minutes: number } | null
  /** Whether it may be done in a window, by the window's index. */
  may: (window: number) => boolean
}

/** A stretch of one adult's time. Those of one adult do not overlap. */
export interface Stretch {
  adultId: string
  from: number
  to: number
}

/** A stretch in which one job is done. */
export interface Piece {
  job: string
  window: number
  from: number
  to: number
  /** Minutes at its beginning in which things are got out. */
  setUp: number
}

/** Minutes of a job that do not fit before it is due. */
export interface Over {
  job: string
  minutes: number
  /** The last window before it is due in which it may be done; null where there is none. */
  window: number | null
}

/**
 * What is known of a schedule: `fits` proves itself; `cannot` is proven by what the windows hold at most; `searched` is
 * the best of what was tried, and a better one may be there.
 */
export type Proof = 'fits' | 'cannot' | 'searched'

export interface Schedule {
  /** In order of time. */
  pieces: Piece[]
  overs: Over[]
  /** Minutes that do not fit. */
  over: number
  proof: Proof
  /** No schedule leaves fewer minutes over than this. */
  least: number
  /** Times that get-out minutes were paid. */
  setUps: number
  /** It ended at its bound, and not because all was laid out. */
  stopped: boolean
}

/** Pieces are this long or longer, in minutes, as long as all fits that way. */
export const LEAST_PIECE = 10
