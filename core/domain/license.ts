import { z } from 'zod'
import { STAGES } from './primitives'

const perStage = <T extends z.ZodType>(value: T) =>
  z.strictObject(Object.fromEntries(STAGES.map((stage) => [stage, value])) as Record<(typeof STAGES)[number], T>)
const Ratio = z
  .number()
  .int('Children to an adult are whole')
  .min(1, 'At least one child to an adult')
  .max(30, 'At most 30 children to an adult')

/**
 * How many adults the children who are there ask for. `ratios`: each child is one part of an adult, by stage, and the
 * parts are added up. `youngest`: the ratio of the youngest there holds for all. `points`: each child counts points by
 * stage, and an adult may have so many.
 */
export const LicenseRule = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('ratios'), perAdult: perStage(Ratio) }),
  z.strictObject({ kind: z.literal('youngest'), perAdult: perStage(Ratio) }),
  z.strictObject({
    kind: z.literal('points'),
    points: perStage(z.number().min(0, 'Points cannot be negative').max(100)),
    perAdult: z.number().gt(0, 'An adult must have some points').max(1000),
  }),
])
export type LicenseRule = z.infer<typeof LicenseRule>

/** What the home's license allows. The home writes its own; nothing here knows the law of a place. */
export const License = z.strictObject({
  /** Children in the house at once. */
  children: z.number().int('Children are whole').min(1).max(60),
  /** Children under two years at once; null where the license does not say. */
  underTwo: z.number().int('Children are whole').min(0).max(60).nullable(),
  rule: LicenseRule,
  /** Still the numbers that Kobby came with: shown as an example until the home writes its own. */
  example: z.boolean(),
})
export type License = z.infer<typeof License>

const EXAMPLE_RATIOS = { infant: 4, 'young-toddler': 6, 'older-toddler': 6, preschool: 10, 'school-age': 12 }
/** An example of each form of rule, not anybody's law. */
export const EXAMPLE_RULES: { [K in LicenseRule['kind']]: Extract<LicenseRule, { kind: K }> } = {
  ratios: { kind: 'ratios', perAdult: EXAMPLE_RATIOS },
  youngest: { kind: 'youngest', perAdult: EXAMPLE_RATIOS },
  points: {
    kind: 'points',
    points: { infant: 3, 'young-toddler': 2, 'older-toddler': 2, preschool: 1, 'school-age': 1 },
    perAdult: 8,
  },
}
/** An example, not anybody's law: the home replaces it by what its license says. */
export const EXAMPLE_LICENSE: License = { children: 8, underTwo: null, example: true, rule: EXAMPLE_RULES.ratios }
