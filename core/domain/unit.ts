import { z } from 'zod'
import { HAZARDS, MADE_OF, THING_FORMS, EVENT_KINDS, MAX_UNIT_DAYS } from './lists'
import { Hazard } from './material'
import { PictureName } from './picture'
import { SlowProject } from './slow'
import {
  Allergen,
  CalendarDate,
  Cents,
  Id,
  Line,
  Note,
  OptionalLine,
  PlanningStyle,
  PositiveAmount,
  Sentence,
  TimeOfDay,
} from './primitives'

export const MadeOf = z.enum(MADE_OF)
export type MadeOf = z.infer<typeof MadeOf>

export const ThingForm = z.enum(THING_FORMS)
export type ThingForm = z.infer<typeof ThingForm>

const Millimeters = z.tuple([PositiveAmount, PositiveAmount, PositiveAmount])

/** A thing of the theme that activities and patterns work on. */
export const ThemeObject = z.strictObject({
  name: Line,
  colours: z.array(Line).max(12),
  category: OptionalLine,
  /** Size next to the others of the theme: a small one, a large one. */
  size: z.enum(['small', 'medium', 'large']).nullable(),
  onHand: z.number().int().min(0).max(100_000),
  madeOf: MadeOf.nullable().default(null),
  /** Where it lives, grows or is used. */
  lives: OptionalLine.default(''),
  /** What its young are called. */
  young: OptionalLine.default(''),
  /** What it goes through, first to last. */
  stages: z.array(Line).max(8).default([]),
  /** Length, width and height in mm of the smallest one on hand; null until someone measured it. */
  pieceMm: Millimeters.nullable().default(null),
  /** Length, width and height in mm that one in a house usually has: of a toy, where it is there as a toy. */
  usualMm: Millimeters.nullable().default(null),
  /** Longest side of the real one, in mm. */
  realMm: PositiveAmount.nullable().default(null),
  /** Longest free cord, ribbon or strap in mm; null where there is none. */
  cordMm: PositiveAmount.nullable().default(null),
  /** Whether Kobby knew it by its name, or somebody said what it is. */
  known: z.boolean().default(false),
  form: ThingForm.default('thing'),
  /** What several are called, where that is not regular. */
  plural: OptionalLine.default(''),
  /** Whether it grows and breathes in life; null where nobody said. */
  living: z.boolean().nullable().default(null),
  parts: z.array(Line).max(8).default([]),
  /** What it eats, or needs to grow or go. */
  needs: OptionalLine.default(''),
  /** What it is heard to do: "quacks". */
  sound: OptionalLine.default(''),
  /** How it moves: "hops". */
  moves: OptionalLine.default(''),
  /** How a feeling or a doing shows: "a smile". */
  shows: z.array(Line).max(8).default([]),
  allergens: z.array(Allergen).max(20).default([]),
  hazards: z.array(Hazard).max(HAZARDS.length).default([]),
  picture: PictureName.default(''),
  /** Whether it was asked for its size: that is asked once. */
  asked: z.boolean().default(false),
})
export type ThemeObject = z.infer<typeof ThemeObject>

/** What a closure inside the unit does: later days slide, or the day is skipped. */
export const ClosureHandling = z.enum(['slide', 'drop'])
export type ClosureHandling = z.infer<typeof ClosureHandling>

export const EventPart = z
  .strictObject({ id: Id, kind: z.enum(EVENT_KINDS), name: Line, from: TimeOfDay, to: TimeOfDay })
  .refine((part) => part.from < part.to, { message: 'The end must come after the start', path: ['to'] })
export type EventPart = z.infer<typeof EventPart>

/** A day that replaces the routine by its own list: a party, an outing. With an empty list the routine stays. */
export const SpecialEvent = z.strictObject({
  day: z.number().int().min(1).max(60),
  name: Line,
  /** In place of the blocks of the rhythm that they overlap. */
  parts: z.array(EventPart).max(12).default([]),
  /** What each family is asked to bring or to dress for. */
  bring: z.array(Line).max(20).default([]),
  /** Program day on which invitations are handed out; null where nobody is invited. */
  inviteOn: z.number().int().min(1).max(60).nullable().default(null),
})
export type SpecialEvent = z.infer<typeof SpecialEvent>

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
  /** The interest that it follows, in words and without a name. */
  interest: OptionalLine.default(''),
  budget: Cents.nullable(),
  /** Day on which families were asked, by material. */
  asked: z.record(Id, CalendarDate).default({}),
  /** How closures that fall inside are handled, by date; one not named here slides. */
  closureHandling: z.record(CalendarDate, ClosureHandling),
  events: z.array(SpecialEvent).max(20),
  slowProjects: z.array(SlowProject).max(20),
  note: Note,
})
export type Unit = z.infer<typeof Unit>

/** What became of a suggestion to let the focus of the unit reach into an idea. */
export const StretchAnswer = z.enum(['taken', 'left'])

/**
 * Something gathered for a unit: an activity, or half an idea that may become one. A half idea may belong to no unit:
 * it waits in the notebook.
 */
export const Idea = z
  .strictObject({
    id: Id,
    unitId: Id.nullable(),
    activityId: Id.nullable(),
    text: z.string().max(2000),
    /** Where it was seen. */
    link: z
      .string()
      .max(500)
      .regex(/^(https?:\/\/\S+)?$/i, 'Paste the whole address, with https://')
      .default(''),
    page: OptionalLine.default(''),
    /** How it would look, in words. */
    sketch: Note.default(''),
    /** By the stretch's id. */
    stretches: z.record(z.string().max(80), StretchAnswer).default({}),
  })
  .refine((idea) => idea.activityId !== null || idea.text.trim() !== '', {
    message: 'Write a few words',
    path: ['text'],
  })
  .refine((idea) => idea.activityId === null || idea.unitId !== null, {
    message: 'A gathered activity belongs to a unit',
    path: ['unitId'],
  })
export type Idea = z.infer<typeof Idea>

/** Packs as they were found in a shop. */
export const BoughtPack = z.strictObject({
  size: z.number().int('A pack holds whole units').min(1, 'A pack must hold something').max(10_000_000),
  count: z.number().int('Packs are whole').min(1).max(1000, 'At most 1,000 packs at once'),
  price: Cents,
})
export type BoughtPack = z.infer<typeof BoughtPack>

/** What was paid for something, for a unit or for the house. */
export const Purchase = z.strictObject({
  id: Id,
  /** Null for what the house always needs, and once its unit is gone: the money was spent. */
  unitId: Id.nullable(),
  materialId: Id,
  quantity: z.number().min(0).max(10_000_000),
  paid: Cents,
  date: CalendarDate,
  shop: OptionalLine.default(''),
  packs: z.array(BoughtPack).max(12).default([]),
  /** For the tax folder, in the provider's words; empty for what its part of the shop says. */
  category: OptionalLine.default(''),
  by: OptionalLine.default(''),
})
export type Purchase = z.infer<typeof Purchase>

/** What a family said it would bring. */
export const FamilyPromise = z.strictObject({
  id: Id,
  unitId: Id,
  materialId: Id,
  quantity: z.number().gt(0, 'Say how many').max(10_000_000),
  /** As whoever signed up wrote it. */
  family: Line,
  /** Bring it by. */
  by: CalendarDate,
  state: z.enum(['coming', 'came', 'off']),
})
export type FamilyPromise = z.infer<typeof FamilyPromise>
