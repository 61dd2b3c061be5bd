import { z } from 'zod'
import { CalendarDate, Id, Line, OptionalLine, PositiveAmount, Sentence } from './primitives'

const Days = z.number().int('Days are whole').min(0).max(400, 'At most 400 days')

/** One stage of something that grows, freezes, dries or changes: how many days it takes at least and at most. */
export const SlowStage = z
  .strictObject({
    id: Id,
    name: Line,
    shortest: Days,
    longest: Days,
    /** What to look for on its last day. */
    look: OptionalLine,
  })
  .refine((stage) => stage.shortest <= stage.longest, {
    message: 'The longest is no less than the shortest',
    path: ['longest'],
  })
export type SlowStage = z.infer<typeof SlowStage>

/** One look at it: how tall it was, or what was seen. */
export const SlowLook = z.strictObject({
  on: CalendarDate,
  mm: PositiveAmount.nullable(),
  note: OptionalLine,
  by: OptionalLine,
})
export type SlowLook = z.infer<typeof SlowLook>

/** A project that runs through several days. */
export const SlowProject = z
  .strictObject({
    id: Id,
    name: Line,
    /** Program days that it is meant for: where there are no stages, from when to when it runs. */
    fromDay: z.number().int().min(1).max(60),
    toDay: z.number().int().min(1).max(60),
    /** Which one of the library it was begun from; null for one of her own. */
    kind: Id.nullable().default(null),
    /** The day on which its first stage begins; null where it begins on its first program day. */
    startOn: CalendarDate.nullable().default(null),
    stages: z.array(SlowStage).max(12, 'At most 12 stages').default([]),
    /** The day on which a stage was over, by stage. */
    reached: z.record(Id, CalendarDate).default({}),
    looks: z.array(SlowLook).max(400).default([]),
    /** What must be done for it, and every how many days; an empty text for nothing. */
    care: OptionalLine.default(''),
    careEvery: z.number().int('Days are whole').min(1).max(60).default(1),
    /** Who does it on a day on which the home is closed. */
    careBy: z.record(CalendarDate, Line).default({}),
    /** What becomes of it at the end, and what to be careful with. */
    ends: OptionalLine.default(''),
    cautions: z.array(Sentence).max(8).default([]),
  })
  .refine((project) => project.fromDay <= project.toDay, { message: 'It cannot end before it starts', path: ['toDay'] })
export type SlowProject = z.infer<typeof SlowProject>
