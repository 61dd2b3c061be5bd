import { z } from 'zod'
import { BinTime } from './bin'
import {
  Allergen,
  CalendarDate,
  DateException,
  Id,
  LearningDomain,
  Line,
  Note,
  OptionalLine,
  Stage,
  TimeSpan,
  WeeklyHours,
} from './primitives'

/** How used to loose fillers a child is. */
export const SensoryExperience = z.enum(['new', 'practising', 'ready'])
export type SensoryExperience = z.infer<typeof SensoryExperience>

/** A child of the home. First name or nickname only. */
export const Child = z.strictObject({
  id: Id,
  name: Line,
  born: CalendarDate,
  attendance: WeeklyHours,
  exceptions: z.array(DateException).max(2000),
  naps: z.array(TimeSpan).max(4),
  /** Still puts objects in the mouth, at whatever age. */
  mouths: z.boolean(),
  /** Breathes badly in dust: noted by the family. */
  asthma: z.boolean().default(false),
  allergens: z.array(Allergen).max(40),
  diet: OptionalLine,
  sensory: SensoryExperience,
  /** The latest times at a sensory bin, in order. */
  binTimes: z.array(BinTime).max(60).default([]),
  interests: z.array(Line).max(40),
  /** Where a child works ahead of, or behind, the stage that age gives. */
  stageOverrides: z.partialRecord(LearningDomain, Stage),
  /**
   * Brothers and sisters share one: families are asked once. Empty: a family of its own. For the provider's eyes only.
   */
  family: OptionalLine.default(''),
  /** For the provider's eyes only: never on a share. */
  note: Note,
})
export type Child = z.infer<typeof Child>
