import { type LicenseRule, type Stage, STAGES } from '../domain'

/** Sums of thirds and tenths come out a hair over a whole number. */
const HAIR = 1e-9

/**
 * Adults that a group asks for (3-computations, section 12).
 *
 * @param stages of the children there, by age alone; none asks for nobody
 * @example adultsRequired(ratios, ['infant', 'young-toddler', 'young-toddler', ...4 preschool]) // 0.25 + 0.333 + 0.4:
 *   one
 */
export function adultsRequired(rule: LicenseRule, stages: readonly Stage[]): number {
  if (!stages.length) return 0
  if (rule.kind === 'youngest') {
    const youngest = stages.reduce((a, b) => (STAGES.indexOf(a) <= STAGES.indexOf(b) ? a : b))
    return Math.ceil(stages.length / rule.perAdult[youngest] - HAIR)
  }
  const sum =
    rule.kind === 'ratios'
      ? stages.reduce((all, stage) => all + 1 / rule.perAdult[stage], 0)
      : stages.reduce((all, stage) => all + rule.points[stage], 0) / rule.perAdult
  // Children who count for nothing are still not alone.
  return Math.max(1, Math.ceil(sum - HAIR))
}
