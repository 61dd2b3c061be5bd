import { z } from 'zod'
import { STAGES } from './lists'

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
