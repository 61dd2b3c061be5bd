import { z } from 'zod'
import { PieceKind } from './circle'
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

/** A verse as it is led: how many there are while it is sung, its lines, what to do meanwhile, what to ask after it. */
export const ScriptVerse = z.strictObject({
  count: z.number().nullable(),
  /** The count in a word; empty where nothing is counted. */
  word: z.string(),
  lines: z.array(z.string()),
  moves: z.string(),
  ask: z.string(),
})
export type ScriptVerse = z.infer<typeof ScriptVerse>
const ScriptTurn = z.strictObject({ what: z.string(), name: z.string() })
/** One thing of a circle as it is led. */
export const ScriptPart = z.strictObject({
  id: Id,
  title: z.string(),
  kind: PieceKind,
  minutes: z.number(),
  seated: z.boolean(),
  props: z.array(z.string()),
  verses: z.array(ScriptVerse),
  /** The highest number that is counted; 0 where nothing is. */
  counted: z.number(),
  /** The drawing of what is counted; empty where there is none. */
  picture: z.string(),
  turn: ScriptTurn.nullable(),
  /** What else whoever leads it knows of it: how a book is shared. */
  say: z.string(),
  /** What makes a verse more of it. */
  grows: z.enum(['again', 'named', 'counted']),
})
export type ScriptPart = z.infer<typeof ScriptPart>
/** A circle as it is led. */
export const CircleScript = z.strictObject({
  ...Span.shape,
  /** Minutes that it has. */
  window: z.number(),
  /** Minutes that the youngest who come sit at a stretch; null where nobody does. */
  sitting: z.number().nullable(),
  turns: z.array(ScriptTurn),
  parts: z.array(ScriptPart),
})
export type CircleScript = z.infer<typeof CircleScript>

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
  /** The circle of the day, where one is planned. */
  circle: CircleScript.nullable(),
  closing: z.string(),
})
export type DaySheet = z.infer<typeof DaySheet>
