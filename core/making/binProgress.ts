import type { BinMood, BinRules, BinTime, Child, SensoryExperience } from '../domain'
import { fillerOf, GRAINS, type Grain } from './fillers'

/** How far a child is, from new to ready, and the grain that suits. */
export const EXPERIENCE: readonly SensoryExperience[] = ['new', 'practising', 'ready']
export const grainFor = (experience: SensoryExperience): Grain => GRAINS[EXPERIENCE.indexOf(experience)]

export const MOOD_NAMES: Readonly<Record<BinMood, string>> = {
  calm: 'Calm',
  watched: 'Watched',
  mouthed: 'Mouthed it',
  threw: 'Threw it',
}

/** What the home noted of a child at bins, and what follows from it. */
export interface Progress {
  now: SensoryExperience
  /** Calm times in a row at fillers as fine as suits now, or finer. */
  calm: number
  /** What it is proposed to go on, or back, to; null where it is right as it is. */
  next: SensoryExperience | null
  /** The last that was noted; null where nothing was. */
  last: BinTime | null
}

/** How fine a filler is; one that nobody knows counts as mixed. */
const grainOf = (fillerId: string): number => GRAINS.indexOf(fillerOf(fillerId)?.grain ?? 'mixed')

/**
 * How far a child is at the bin. After so many calm times in a row, as the home chooses, with fillers as fine as suit
 * now, the next finer is proposed; after two times in a row that it was mouthed or thrown, the next coarser.
 */
export function progressOf(child: Pick<Child, 'sensory' | 'binTimes'>, rules: Pick<BinRules, 'calmTimes'>): Progress {
  const at = EXPERIENCE.indexOf(child.sensory)
  const times = [...child.binTimes].reverse()
  const here = times.filter((one) => grainOf(one.fillerId) >= at)
  const broken = here.findIndex((one) => one.mood !== 'calm')
  const calm = broken < 0 ? here.length : broken
  const rough = times.slice(0, 2).filter((one) => one.mood === 'mouthed' || one.mood === 'threw').length
  const next =
    calm >= rules.calmTimes && at < EXPERIENCE.length - 1
      ? EXPERIENCE[at + 1]
      : rough === 2 && at > 0
        ? EXPERIENCE[at - 1]
        : null
  return { now: child.sensory, calm, next, last: times[0] ?? null }
}

/** Most times that are kept of one child. */
export const MOST_BIN_TIMES = 60

/** A child with one more time noted; noted again on the same day with the same filler, it is what was said last. */
export const withBinTime = (child: Child, time: BinTime): Child => ({
  ...child,
  binTimes: [...child.binTimes.filter((one) => one.date !== time.date || one.fillerId !== time.fillerId), time].slice(
    -MOST_BIN_TIMES,
  ),
})
