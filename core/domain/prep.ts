import { z } from 'zod'
import { PREP_KINDS, MOST_PACES } from './lists'
import { CalendarDate, Id, Line, OptionalLine, TimeOfDay, Weekday } from './primitives'

export const PrepKind = z.enum(PREP_KINDS)
export type PrepKind = z.infer<typeof PrepKind>

/** How long work of one kind took, by the clock, and how long it was planned to take. */
export const PaceEntry = z.strictObject({
  on: CalendarDate,
  planned: z.number().gt(0).max(1440),
  took: z.number().gt(0, 'It took some time').max(1440),
})
export type PaceEntry = z.infer<typeof PaceEntry>

/** Work of a kind that waits for other days: no paint on weekdays. */
export const NotOn = z.strictObject({
  kind: PrepKind,
  weekdays: z.array(Weekday).min(1, 'Name at least one weekday').max(7),
})
export type NotOn = z.infer<typeof NotOn>

/** How the home prepares. */
export const PrepRules = z.strictObject({
  /** As early as can be, or as late as can be. */
  style: z.enum(['early', 'just-in-time']),
  notOn: z.array(NotOn).max(40),
  paces: z.partialRecord(PrepKind, z.array(PaceEntry).max(MOST_PACES)),
  /** Places where things are kept, in the order in which she passes them. */
  round: z.array(Line).max(200).default([]),
})
export type PrepRules = z.infer<typeof PrepRules>

/** One date on which an adult's prep time differs from the week: its windows, none for a day without. */
export const PrepDay = z.strictObject({
  date: CalendarDate,
  windows: z
    .array(
      z
        .strictObject({ name: Line, from: TimeOfDay, to: TimeOfDay })
        .refine((one) => one.from < one.to, { message: 'The end must come after the start', path: ['to'] }),
    )
    .max(12),
})
export type PrepDay = z.infer<typeof PrepDay>

/** What became of one piece of preparation: how much of it is done, and who does it when. */
export const PrepMark = z.strictObject({
  id: Id,
  unitId: Id,
  /** The placement and the step that it is for; either may be gone by now. */
  placementId: Id,
  step: Id,
  /** What of it is done, in minutes as the idea counts them: a pace that is learned later changes nothing of it. */
  doneMinutes: z.number().min(0).max(14_400),
  /** Whether it was finished: then only what was planned since is still to do. */
  done: z.boolean(),
  /** The day it was last worked on. */
  on: CalendarDate.nullable(),
  /** The time of that day at which hands left it: what dries, dries from then on. */
  at: TimeOfDay.nullable(),
  by: OptionalLine,
  /** Who does it; null for whoever has time for it. */
  adultId: Id.nullable(),
  /** The window that she put it into: by its date and its start. */
  pinned: z.strictObject({ date: CalendarDate, from: TimeOfDay }).nullable(),
})
export type PrepMark = z.infer<typeof PrepMark>
