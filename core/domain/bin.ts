import { z } from 'zod'
import { BIN_MOODS } from './lists'
import { CalendarDate, Id, Line } from './primitives'

const Mm = (most: number, message: string) =>
  z
    .number()
    .positive(message)
    .max(most, `At most ${most / 10} cm`)

/** A container of the house, by what it measures inside, in mm. */
export const BinContainer = z.strictObject({
  id: Id,
  name: Line,
  lengthMm: Mm(3000, 'A bin has a length'),
  widthMm: Mm(3000, 'A bin has a width'),
  heightMm: Mm(1500, 'A bin has walls'),
})
export type BinContainer = z.infer<typeof BinContainer>

/** Something that is hidden in a bin, counted in and counted out. */
export const Hidden = z.strictObject({ name: Line, count: z.number().int().min(1).max(200) })

/** How a sensory bin is set up. */
export const BinSetUp = z
  .strictObject({
    container: BinContainer,
    /** The filler, a material. */
    fillerId: Id,
    /** How deep it is filled. */
    depthMm: z.number().positive('Fill it with something').max(1500, 'At most 150 cm'),
    /** Share that tools and hidden things take. */
    taken: z.number().min(0).max(0.9, 'Tools and hidden things take less than all of it'),
    tools: z.array(Line).max(12),
    hidden: z.array(Hidden).max(12),
    /** The day on which the filler was put in; null while it is not made yet. */
    filledOn: CalendarDate.nullable(),
  })
  .refine((bin) => bin.depthMm <= bin.container.heightMm, {
    message: 'That is deeper than its walls are high',
    path: ['depthMm'],
  })
export type BinSetUp = z.infer<typeof BinSetUp>

export const BinMood = z.enum(BIN_MOODS)
export type BinMood = z.infer<typeof BinMood>

/** One time of a child at a bin. */
export const BinTime = z.strictObject({ date: CalendarDate, fillerId: Id, mood: BinMood })
export type BinTime = z.infer<typeof BinTime>

/** What the home says at the bin, and how strict it is. */
export const BinRules = z.strictObject({
  rules: z.array(Line).max(6),
  /** What is said to toddlers: short, and little of it. */
  young: z.array(Line).max(3),
  /** What happens when filler is thrown. */
  thrown: z.enum(['away-for-the-day', 'one-reminder', 'break']),
  /** Calm times before Kobby proposes a finer filler. */
  calmTimes: z.number().int().min(1, 'At least one calm time').max(10, 'At most ten'),
})
export type BinRules = z.infer<typeof BinRules>
