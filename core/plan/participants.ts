import {
  type Activity,
  type CalendarDate,
  type Child,
  type Home,
  type Material,
  type OutReason,
  type Requirement,
  type Stage,
  type TimeOfDay,
  type Variant,
  STAGES,
} from '../domain'
import { completedMonths } from '../base'
import { byAge } from './byAge'
import { presentAt } from './presence'
import { stageOn } from './stageOn'

/** One child's part in an activity at a time. */
export type Part =
  | { child: Child; stage: Stage; does: 'takes-part'; variant: Variant }
  | { child: Child; stage: Stage; does: 'beside'; variant: Variant; reason: OutReason }
  | { child: Child; stage: Stage | null; does: 'out'; variant: null; reason: OutReason }

/** What decides who takes part. */
export interface Occasion {
  home: Pick<Home, 'stageBounds'>
  children: readonly Child[]
  /** By id; needed for allergies. A material that is missing is taken to hold none. */
  materials: ReadonlyMap<string, Material>
  date: CalendarDate
  from: TimeOfDay
  to: TimeOfDay
  keptOut?: readonly string[]
  /** Material used instead, by requirement id. */
  swaps?: Readonly<Record<string, string>>
}

/**
 * Allergens in what the children handle for one variant, after swaps. What stays in adult hands keeps nobody out: a
 * caution says so.
 */
function allergensFor(
  activity: Activity,
  variant: Variant,
  occasion: Pick<Occasion, 'materials' | 'swaps'>,
): Set<string> {
  const found = new Set<string>()
  for (const requirement of activity.requirements) {
    const used = requirement.variants === null ? variant.kind === 'does' : requirement.variants.includes(variant.id)
    if (!used || requirement.reach === 'adult') continue
    const material = occasion.materials.get(occasion.swaps?.[requirement.id] ?? requirement.materialId)
    material?.safety.allergens.forEach((allergen) => found.add(allergen))
  }
  return found
}

/** Most children have no allergy, and then there is nothing to look up. */
const allergicTo = (child: Child, activity: Activity, variant: Variant, occasion: Occasion): boolean => {
  if (!child.allergens.length) return false
  const allergens = allergensFor(activity, variant, occasion)
  return child.allergens.some((one) => allergens.has(one))
}

/** The variant of one kind that a stage uses; the first that names it. */
export const variantFor = (activity: Activity, stage: Stage, kind: Variant['kind']): Variant | undefined =>
  activity.variants.find((variant) => variant.kind === kind && variant.stages.includes(stage))

/** What one child does in an activity on an occasion. See {@link participants}. */
export function partOf(activity: Activity, child: Child, occasion: Occasion): Part {
  const presence = presentAt(child, occasion.date, occasion.from, occasion.to)
  if (presence === 'not-here') {
    const stage =
      child.born <= occasion.date ? stageOn(child, occasion.date, occasion.home.stageBounds, activity.domains[0]) : null
    return { child, stage, does: 'out', variant: null, reason: 'not-here' }
  }
  const stage = stageOn(child, occasion.date, occasion.home.stageBounds, activity.domains[0])
  if (presence === 'asleep') return { child, stage, does: 'out', variant: null, reason: 'asleep' }
  const besideOr = (reason: OutReason): Part => {
    const beside = variantFor(activity, stage, 'beside')
    return beside && !allergicTo(child, activity, beside, occasion)
      ? { child, stage, does: 'beside', variant: beside, reason }
      : { child, stage, does: 'out', variant: null, reason }
  }
  const variant = variantFor(activity, stage, 'does')
  if (!variant) {
    const youngest = Math.min(
      ...activity.variants.filter((v) => v.kind === 'does').flatMap((v) => v.stages.map((s) => STAGES.indexOf(s))),
    )
    return besideOr(STAGES.indexOf(stage) < youngest ? 'too-young' : 'too-old')
  }
  if (occasion.keptOut?.includes(child.id)) return besideOr('kept-out')
  if (allergicTo(child, activity, variant, occasion)) return besideOr('allergy')
  return { child, stage, does: 'takes-part', variant }
}

/**
 * What every child of the home does in an activity during [from, to) of a date: takes part with the variant for the
 * child's stage, does the beside, or is out with the reason. Each child appears exactly once, youngest first.
 */
export const participants = (activity: Activity, occasion: Occasion): Part[] =>
  byAge(occasion.children).map((child) => partOf(activity, child, occasion))

/** Age in words: "10 months", "2 y 4 m", for a date on or after the birth date. */
export function ageWords(child: Pick<Child, 'born'>, date: CalendarDate): string {
  const months = completedMonths(child.born, date)
  return months < 24 ? `${months} months` : `${Math.floor(months / 12)} y ${months % 12} m`
}

/** Children whose variant uses a requirement: those who take part, and those beside where their variant is named. */
export function usersOf(requirement: Requirement, parts: readonly Part[]): number {
  return parts.filter((part) =>
    requirement.variants === null
      ? part.does === 'takes-part'
      : part.variant !== null && requirement.variants.includes(part.variant.id),
  ).length
}
