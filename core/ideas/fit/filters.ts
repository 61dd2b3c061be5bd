import { type Activity, type Attention, type CenterKind, type LearningDomain, ATTENTIONS } from '../../domain'
import { speaksOf } from '../theme'
import type { Fit } from './fit'

/** Ready so soon: she can begin while the children wash their hands. */
export const QUICK_MINUTES = 10

/** What ideas are narrowed down by. Null, empty and false leave all of them. */
export interface IdeaFilters {
  everyone: boolean
  nothingToGet: boolean
  quick: boolean
  center: CenterKind | null
  /** Any of these among the first two. */
  domains: readonly LearningDomain[]
  /** Minutes from the first preparation to the first child. */
  leadMost: number | null
  messMost: number | null
  energy: number | null
  /** At most so much of an adult. */
  attentionMost: Attention | null
  /** Beginnings of words, from `interestWords`. */
  interest: readonly string[]
  sources: readonly Activity['source'][]
}

export const NO_FILTERS: IdeaFilters = {
  everyone: false,
  nothingToGet: false,
  quick: false,
  center: null,
  domains: [],
  leadMost: null,
  messMost: null,
  energy: null,
  attentionMost: null,
  interest: [],
  sources: [],
}

/** Whether an activity by itself passes; cheap, so it is asked first. */
function activityPasses(activity: Activity, filters: IdeaFilters): boolean {
  if (filters.center && !activity.centers.includes(filters.center)) return false
  if (filters.domains.length && !activity.domains.slice(0, 2).some((domain) => filters.domains.includes(domain)))
    return false
  if (filters.messMost !== null && activity.mess > filters.messMost) return false
  if (filters.energy !== null && activity.energy !== filters.energy) return false
  if (filters.attentionMost && ATTENTIONS.indexOf(activity.attention) > ATTENTIONS.indexOf(filters.attentionMost))
    return false
  if (filters.interest.length && !speaksOf(activity, filters.interest)) return false
  return !filters.sources.length || filters.sources.includes(activity.source)
}

/**
 * Whether an idea passes.
 *
 * @param fitOf asked only where the activity by itself passes and something about its fit is wanted
 */
export function passes(activity: Activity, filters: IdeaFilters, fitOf: (activity: Activity) => Fit | null): boolean {
  if (!activityPasses(activity, filters)) return false
  if (!filters.everyone && !filters.nothingToGet && !filters.quick && filters.leadMost === null) return true
  const fit = fitOf(activity)
  // Without a home there is nobody whom it could not suit.
  if (!fit) return true
  return (
    (!filters.everyone || fit.everyone) &&
    (!filters.nothingToGet || !fit.get.materials.length) &&
    (!filters.quick || fit.lead <= QUICK_MINUTES) &&
    (filters.leadMost === null || fit.lead <= filters.leadMost)
  )
}
