import { z } from 'zod'
import { CalendarDate, Cents, Id, Line, Note, OptionalLine, PlanningStyle, Sentence } from './primitives'

/** A thing of the theme that activities and patterns work on. */
export const ThemeObject = z.strictObject({
  name: Line,
  colours: z.array(Line).max(12),
  category: OptionalLine,
  size: z.enum(['small', 'medium', 'large']).nullable(),
  onHand: z.number().int().min(0).max(100_000),
})
export type ThemeObject = z.infer<typeof ThemeObject>

/** What a closure inside the unit does: later days slide, or the day is dropped. */
export const ClosureHandling = z.enum(['slide', 'drop'])
export type ClosureHandling = z.infer<typeof ClosureHandling>

/** A project that runs through several days. */
export const SlowProject = z
  .strictObject({ name: Line, fromDay: z.number().int().min(1).max(60), toDay: z.number().int().min(1).max(60) })
  .refine((project) => project.fromDay <= project.toDay, { message: 'It cannot end before it starts', path: ['toDay'] })

/** A day that replaces the routine: a party, an outing. */
export const SpecialEvent = z.strictObject({ day: z.number().int().min(1).max(60), name: Line })

/** The longest unit: twelve weeks of five days. Most run five to fifteen. */
export const MAX_UNIT_DAYS = 60

/** A themed unit. */
export const Unit = z.strictObject({
  id: Id,
  name: Line,
  bigIdea: Sentence.or(z.literal('')),
  questions: z.array(Sentence).max(20),
  words: z.array(Line).max(60),
  objects: z.array(ThemeObject).max(500),
  books: z.array(Line).max(40),
  focus: z.strictObject({ letter: OptionalLine, number: OptionalLine, shape: OptionalLine, colour: OptionalLine }),
  start: CalendarDate,
  /** Length in program days. */
  days: z.number().int('A unit has whole days').min(1).max(MAX_UNIT_DAYS),
  style: PlanningStyle,
  budget: Cents.nullable(),
  /** How closures that fall inside are handled, by date; one not named here slides. */
  closureHandling: z.record(CalendarDate, ClosureHandling),
  events: z.array(SpecialEvent).max(20),
  slowProjects: z.array(SlowProject).max(20),
  note: Note,
})
export type Unit = z.infer<typeof Unit>

/** Something gathered for a unit: an activity, or a line of text that may become one. */
export const Idea = z
  .strictObject({ id: Id, unitId: Id, activityId: Id.nullable(), text: z.string().max(2000) })
  .refine((idea) => idea.activityId !== null || idea.text.trim() !== '', { message: 'Write a few words', path: ['text'] })
export type Idea = z.infer<typeof Idea>

/** What was paid for something on the unit's list. */
export const Purchase = z.strictObject({
  id: Id, unitId: Id, materialId: Id, quantity: z.number().min(0).max(10_000_000), paid: Cents, date: CalendarDate,
})
export type Purchase = z.infer<typeof Purchase>
