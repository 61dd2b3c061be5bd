import { z } from 'zod'
import { PrepDay } from './prep'
import { DateException, Id, Line, Note, TimeOfDay, Weekday, WeeklyHours } from './primitives'

/** A stretch of an adult's time for preparing. */
export const PrepWindow = z
  .strictObject({
    weekday: Weekday,
    name: Line,
    from: TimeOfDay,
    to: TimeOfDay,
    /** Only while everyone who naps that day is asleep. */
    naps: z.boolean().default(false),
  })
  .refine((window) => window.from < window.to, { message: 'The end must come after the start', path: ['to'] })
export type PrepWindow = z.infer<typeof PrepWindow>

/** The provider or someone who helps. */
export const Adult = z.strictObject({
  id: Id,
  name: Line,
  role: z.enum(['provider', 'assistant', 'substitute']),
  hours: WeeklyHours,
  exceptions: z.array(DateException).max(2000),
  prepWindows: z.array(PrepWindow).max(40),
  /** Dates on which they differ. */
  prepDays: z.array(PrepDay).max(400).default([]),
  note: Note,
})
export type Adult = z.infer<typeof Adult>
