import { z } from 'zod'
import { MAX_UNIT_DAYS } from './lists'
import { BinSetUp } from './bin'
import { CalendarDate, Id, Line, OptionalLine, PositiveAmount, TimeOfDay } from './primitives'

const DayNumber = z.number().int().min(1).max(MAX_UNIT_DAYS)

/** A moment lies in a block of one program day; a set-up stands at its center from one program day to another. */
export const Where = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('moment'),
    day: DayNumber,
    blockId: Id,
    /** Start; null is the start of the block. */
    from: TimeOfDay.nullable(),
  }),
  z
    .strictObject({ kind: z.literal('set-up'), fromDay: DayNumber, toDay: DayNumber })
    .refine((span) => span.fromDay <= span.toDay, {
      message: 'It cannot be put away before it is put out',
      path: ['toDay'],
    }),
])
export type Where = z.infer<typeof Where>

/** A recipe that a placement is mixed by, and the swaps of it; the amounts follow from who takes part. */
export const Mix = z.strictObject({
  recipeId: Id,
  swapIds: z.array(Id).max(20),
  /** Whether an adult mixes it before; else the children do, and only what an adult does first is preparation. */
  before: z.boolean(),
})
export type Mix = z.infer<typeof Mix>

/** A caution that was set aside, and why. */
export const SetAside = z.strictObject({ ruleId: Id, reason: Line })

/** An activity on the plan. */
export const Placement = z.strictObject({
  id: Id,
  unitId: Id,
  activityId: Id,
  where: Where,
  centerId: Id.nullable(),
  leadId: Id.nullable(),
  status: z.enum(['planned', 'done', 'skipped']),
  /** A date that may not slide, such as an outing with a booking. */
  pinnedDate: CalendarDate.nullable(),
  /** Done behind a gate or at a high table: only those who take part can reach it. */
  apart: z.boolean(),
  /** Children that the provider keeps out of it; they get the beside where there is one. */
  keptOut: z.array(Id).max(60),
  /** Material used instead, by requirement id. */
  swaps: z.record(Id, Id),
  /** Quantity instead, by requirement id: fewer than the idea says, when that is all there is. */
  quantities: z.record(Id, PositiveAmount).default({}),
  /** Cautions of severity `change` that were set aside, with the reason that the day sheet prints. */
  setAside: z.array(SetAside).max(40),
  /** What it took out of the pantry when it was done, by material; less what came back. */
  took: z.record(Id, z.number().min(0).max(10_000_000)).default({}),
  /** How it went, from 0 (not at all) to 3 (they asked for more). */
  went: z
    .strictObject({ liked: z.number().int().min(0).max(3), note: OptionalLine })
    .nullable()
    .default(null),
  /** The recipe that it is mixed by; null where nothing is mixed. */
  mix: Mix.nullable().default(null),
  /** The sensory bin that it is; null where it is none. */
  bin: BinSetUp.nullable().default(null),
})
export type Placement = z.infer<typeof Placement>

/** Why an expected child does not take part. */
export type OutReason = 'not-here' | 'asleep' | 'too-young' | 'too-old' | 'allergy' | 'kept-out'
