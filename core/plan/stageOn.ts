import { completedMonths } from '../base'
import { STAGES, type CalendarDate, type Child, type LearningDomain, type Stage, type StageBounds } from '../domain'

/**
 * The stage of a number of completed months.
 *
 * @param months 0 or more
 * @param bounds first month of each stage above infant
 */
export function stageOfMonths(months: number, bounds: StageBounds): Stage {
  const starts = [0, bounds.youngToddler, bounds.olderToddler, bounds.preschool, bounds.schoolAge]
  return STAGES[starts.findLastIndex((start) => months >= start)]
}

/**
 * The stage a child works at on a date: the child's own override for that domain first, else by completed months.
 *
 * @param child birth date and overrides
 * @param date on or after the birth date
 * @param bounds the home's stage bounds
 * @param domain learning domain whose override counts; none where left out
 * @throws InputError where the child is not born yet
 */
export function stageOn(
  child: Pick<Child, 'born' | 'stageOverrides'>,
  date: CalendarDate,
  bounds: StageBounds,
  domain?: LearningDomain,
): Stage {
  const byAge = stageOfMonths(completedMonths(child.born, date), bounds)
  return (domain && child.stageOverrides[domain]) ?? byAge
}
