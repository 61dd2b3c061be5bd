import { minutesOf } from '../base'
import type { Session } from '../plan'

/** Lively from here on counts as high energy; a wild thing does at any length, a lively one when it goes on. */
const WILD = 2
const LIVELY = 1
const LONG_LIVELY_MINUTES = 20
/** From here on sitting is long: beyond the span of most preschoolers (3-computations, section 10). */
const LONG_SEATED_MINUTES = 20
/** Things further apart have something else between them: a meal, a nap, free play. */
const NEXT_WITHIN_MINUTES = 30

/** Whether something tires by its energy. */
export const isHigh = ({ activity }: Pick<Session, 'activity'>): boolean =>
  activity.energy >= WILD || (activity.energy === LIVELY && activity.minutes.do >= LONG_LIVELY_MINUTES)
/** Whether children sit still for long: a quiet thing for a group, indoors. */
export const isLongSeated = ({ activity, block }: Pick<Session, 'activity' | 'block'>): boolean =>
  activity.energy <= 0 &&
  activity.form !== 'tray' &&
  block?.kind !== 'outdoors' &&
  activity.minutes.do >= LONG_SEATED_MINUTES

/** Two things of a kind that follow each other. */
export interface InARow {
  kind: 'high' | 'seated'
  first: Session
  second: Session
}

/**
 * Energy through one day: two high or two long seated things in a row, for the same children.
 *
 * @param sessions moments of one day, in any order
 */
export function inARow(sessions: readonly Session[]): InARow[] {
  const found: InARow[] = []
  const moments = sessions.filter((one) => one.block).sort((a, b) => a.start - b.start)
  moments.forEach((first, i) => {
    for (const second of moments.slice(i + 1)) {
      const between = minutesOf(second.from) - minutesOf(first.to)
      if (between < 0) continue
      if (between > NEXT_WITHIN_MINUTES) break
      const shared = first.parts.some(
        (part) =>
          part.does === 'takes-part' &&
          second.parts.some((other) => other.child.id === part.child.id && other.does === 'takes-part'),
      )
      if (!shared) continue
      if (isHigh(first) && isHigh(second)) found.push({ kind: 'high', first, second })
      else if (isLongSeated(first) && isLongSeated(second)) found.push({ kind: 'seated', first, second })
      break
    }
  })
  return found
}

/** Messes of which two at once are one too many. */
const MESSY = 2

/** Messy things that lie at the same time of a day, in pairs. */
export function messesAtOnce(sessions: readonly Session[]): [Session, Session][] {
  const messy = sessions.filter((one) => one.block && one.activity.mess >= MESSY)
  return messy.flatMap((one, i) =>
    messy
      .slice(i + 1)
      .filter((other) => other.start < one.end && other.end > one.start)
      .map((other): [Session, Session] => [one, other]),
  )
}

/** A time at which more must dry than there are places. */
export interface DryingClash {
  /** Plan minute from which on it is so. */
  from: number
  sessions: Session[]
  places: number
}

/**
 * Where more things dry at once than the home has places, from the end of each until it is dry; once for each set of
 * things.
 *
 * @param places 0 or more, each for one activity
 */
export function dryingClashes(sessions: readonly Session[], places: number): DryingClash[] {
  const wet = sessions.filter((one) => one.block && one.activity.dries > 0).sort((a, b) => a.end - b.end)
  const found: DryingClash[] = []
  for (const session of wet) {
    const still = wet.filter((one) => one.end <= session.end && one.end + one.activity.dries > session.end)
    if (still.length > places) found.push({ from: session.end, sessions: still, places })
  }
  return found
}
