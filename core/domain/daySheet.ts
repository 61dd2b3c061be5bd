import { z } from 'zod'
import { CalendarDate, Id, Stage, TimeOfDay } from './primitives'

/** The sheet of a day as it is printed, shown, and sent through a link. */

const Span = z.strictObject({ from: TimeOfDay, to: TimeOfDay })

/** A child as a helper needs to know one: never a birth date, a note or another day. */
export const SheetChild = z.strictObject({
  name: z.string(),
  stage: Stage,
  here: Span,
  naps: z.array(Span),
  allergies: z.array(z.string()),
  mouths: z.boolean(),
})
export type SheetChild = z.infer<typeof SheetChild>

export const SheetStep = z.strictObject({
  /** Stable within its placement: what a tick refers to. */
  id: z.string(),
  /** Names of those it is for; empty for everyone. */
  who: z.string(),
  text: z.string(),
})
export type SheetStep = z.infer<typeof SheetStep>

export const SheetMark = z.strictObject({
  name: z.string(),
  does: z.enum(['takes-part', 'beside', 'out']),
  words: z.string(),
  caution: z.boolean(),
})
export type SheetMark = z.infer<typeof SheetMark>

export const SheetMaterial = z.strictObject({
  name: z.string(),
  amount: z.string(),
  place: z.string(),
  /** What it takes the place of, where the list found that short; empty otherwise. */
  insteadOf: z.string(),
})
export type SheetMaterial = z.infer<typeof SheetMaterial>

export const SheetItem = z.strictObject({
  placementId: Id,
  title: z.string(),
  aim: z.string(),
  ...Span.shape,
  /** Out all day at its center, with no time of its own. */
  standing: z.boolean(),
  center: z.string(),
  lead: z.string(),
  attention: z.string(),
  status: z.enum(['planned', 'done', 'skipped']),
  marks: z.array(SheetMark),
  cautions: z.array(
    z.strictObject({
      severity: z.enum(['stop', 'change', 'watch']),
      title: z.string(),
      why: z.string(),
      setAside: z.string().nullable(),
    }),
  ),
  materials: z.array(SheetMaterial),
  steps: z.array(SheetStep),
  say: z.array(z.string()),
  tidy: z.string(),
  apart: z.boolean(),
})
export type SheetItem = z.infer<typeof SheetItem>

/** One day of one unit, with what a helper needs and nothing else. */
export const DaySheet = z.strictObject({
  unit: z.string(),
  home: z.string(),
  number: z.number().int(),
  date: CalendarDate,
  of: z.number().int(),
  focus: z.string(),
  event: z.string(),
  /** What to bring, hand out or do besides: a line each. */
  reminders: z.array(z.string()),
  children: z.array(SheetChild),
  away: z.array(z.string()),
  /** The whole rhythm, so that lunch and nap stand in their place. */
  blocks: z.array(z.strictObject({ id: Id, name: z.string(), ...Span.shape, placementIds: z.array(Id) })),
  items: z.array(SheetItem),
  closing: z.string(),
})
export type DaySheet = z.infer<typeof DaySheet>
