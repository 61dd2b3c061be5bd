import { z } from 'zod'
import { PIECE_KINDS, MOST_PIECE_TEXT, PIECE_FORMS, MOST_PARTS } from './lists'
import { BookWay } from './book'
import { SetAside } from './placement'
import { CalendarDate, Id, LearningDomain, Line, OptionalLine, PositiveAmount, Stage } from './primitives'

export const PieceKind = z.enum(PIECE_KINDS)
export type PieceKind = z.infer<typeof PieceKind>

const Lines = z.string().max(MOST_PIECE_TEXT, 'That is longer than a book: use at most 20,000 characters')
const PieceMinutes = z
  .number('Write a number of minutes')
  .min(0, 'Minutes are 0 or more')
  .max(120, 'At most 120 minutes')

export const PieceForm = z.enum(PIECE_FORMS)
export type PieceForm = z.infer<typeof PieceForm>

/** What of the cupboard a piece takes: for the circle, for each child, or as many as it counts. */
export const PieceTake = z.strictObject({
  materialId: Id,
  quantity: PositiveAmount,
  by: z.enum(['circle', 'child', 'count']),
})
export type PieceTake = z.infer<typeof PieceTake>

/** Something to sing, say, play or do with a group of children. */
export const Piece = z.strictObject({
  id: Id,
  title: Line,
  kind: PieceKind,
  form: PieceForm,
  /** Verses with an empty line between them; for other forms the one verse that is filled anew each time. */
  text: Lines,
  /** For counting: the verse with one only, after the last, at the turn, and on the way back; empty where it has none. */
  single: Lines,
  end: Lines,
  turn: Lines,
  home: Lines,
  /** Words before a thing of one syllable, and of two: so that the line keeps its beat. */
  adj: z.tuple([OptionalLine, OptionalLine]),
  /** What to do with hands and feet, verse by verse or for all of them. */
  moves: Lines,
  /** What to ask after each verse. */
  ask: OptionalLine,
  /** The tune that it is sung to; empty where it is spoken. */
  tune: OptionalLine,
  /** What is in the leader's hand, or in everybody's. */
  props: z.array(Line).max(12),
  takes: z.array(PieceTake).max(12).default([]),
  /** Figures that a story is told with, the first the one who holds it together: they can be printed. */
  figures: z.array(Line).max(12).default([]),
  /** How lively it makes them, and whether they sit meanwhile. */
  energy: z.number().int().min(-1, 'From -1, calmer, to 2, livelier').max(2, 'From -1, calmer, to 2, livelier'),
  seated: z.boolean(),
  /** The youngest that take part in it, rather than watch. */
  from: Stage,
  minutes: z
    .strictObject({ shortest: PieceMinutes, planned: PieceMinutes, longest: PieceMinutes })
    .refine((one) => one.shortest <= one.planned && one.planned <= one.longest, {
      message: 'The shortest is at most as long as usual, and that at most as long as the longest',
      path: ['planned'],
    }),
  teaches: z.array(LearningDomain).max(4),
  /** How to make it shorter, and how to go on. */
  shorten: OptionalLine,
  goOn: OptionalLine,
  /** Whose words they are, and where they can be heard; empty for Kobby's own. */
  words: OptionalLine,
  link: z.union([
    z.literal(''),
    z.url({ protocol: /^https?$/, error: 'A link begins with http:// or https://' }).max(500),
  ]),
})
export type Piece = z.infer<typeof Piece>

/** Numbers that a counting piece goes through. */
export const CountRange = z.strictObject({
  from: z.number('Write a number').int('Whole numbers only').min(0).max(100, 'Up to 100'),
  to: z.number('Write a number').int('Whole numbers only').min(0).max(100, 'Up to 100'),
  step: z.number('Write a number').int('Whole numbers only').min(1, 'A step is 1 or more').max(100),
})
export type CountRange = z.infer<typeof CountRange>

/** Something that is only talked about: her own line on a circle, with no piece behind it. */
export const CircleTalk = z.strictObject({
  title: Line,
  kind: PieceKind,
  minutes: PieceMinutes,
  seated: z.boolean(),
  energy: z.number().int().min(-1).max(2),
})
export type CircleTalk = z.infer<typeof CircleTalk>

/** One thing of a circle: a piece of the repertoire, a book of the shelf, or her own line. */
export const CirclePart = z
  .strictObject({
    id: Id,
    pieceId: Id.nullable(),
    bookId: Id.nullable().default(null),
    own: CircleTalk.nullable(),
    /** How a book is shared; null as who sits there asks for. */
    way: BookWay.nullable().default(null),
    /** What the children added to it: a verse more for each. */
    more: z.array(Line.max(60, 'Use at most 60 characters')).max(30, 'At most 30 verses more').default([]),
    /** The object of the theme that it counts or names; empty for the first. */
    thing: OptionalLine,
    range: CountRange.nullable(),
    /** Minutes that she gave it herself; null as it fits. */
    minutes: PieceMinutes.nullable(),
    /** It stays where it is. */
    pinned: z.boolean(),
  })
  .refine((one) => [one.pieceId, one.bookId, one.own].filter((what) => what !== null).length === 1, {
    message: 'Choose a piece or a book, or write what it is',
    path: ['pieceId'],
  })
export type CirclePart = z.infer<typeof CirclePart>

/** Who does a special thing: opens, takes one away, rings the bell. */
export const CircleTurn = z.strictObject({
  what: Line,
  /** Null: whose turn it is, as it comes out fair. */
  childId: Id.nullable(),
})
export type CircleTurn = z.infer<typeof CircleTurn>

const SittingMinutes = z.number('Write a number of minutes').min(1, 'At least 1 minute').max(60, 'At most 60 minutes')
/** How a home holds its circles. */
export const CircleRules = z.strictObject({
  /** Minutes that children sit at a stretch, from the first, second, third, fourth and fifth birthday on. */
  sitting: z.tuple([SittingMinutes, SittingMinutes, SittingMinutes, SittingMinutes, SittingMinutes]),
  /** The circles of a week open alike. */
  sameOpening: z.boolean(),
})
export type CircleRules = z.infer<typeof CircleRules>

/** A circle as it is planned for a program day. */
export const Circle = z.strictObject({
  id: Id,
  unitId: Id,
  day: z.number().int().min(1).max(400),
  parts: z.array(CirclePart).max(MOST_PARTS, `At most ${MOST_PARTS} things in one circle`),
  turns: z.array(CircleTurn).max(12, 'At most 12 turns'),
  /** Cautions of severity `change` that were set aside, with the reason that the day sheet prints. */
  setAside: z.array(SetAside).max(40).default([]),
})
export type Circle = z.infer<typeof Circle>

/** A circle as it was held: what was sung, for how long, and who had which turn. Nothing in it says how a child did. */
export const CircleLog = z.strictObject({
  id: Id,
  date: CalendarDate,
  /** The unit's name as it was then: the log stays when the unit goes. */
  unit: OptionalLine,
  parts: z
    .array(
      z.strictObject({
        pieceId: Id.nullable(),
        bookId: Id.nullable().default(null),
        title: Line,
        kind: PieceKind,
        minutes: PieceMinutes,
        /** They asked for it again. */
        again: z.boolean(),
      }),
    )
    .max(MOST_PARTS),
  turns: z.array(z.strictObject({ what: Line, childId: Id })).max(12),
  /** What it took out of the pantry, by material. */
  took: z.record(Id, z.number().min(0).max(10_000_000)).default({}),
})
export type CircleLog = z.infer<typeof CircleLog>
