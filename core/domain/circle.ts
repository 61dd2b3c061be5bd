import { z } from 'zod'
import { Id, LearningDomain, Line, OptionalLine, Stage } from './primitives'

/** What a circle is made of; `waiting` and `transition` stand beside it, for the minutes before and after. */
export const PIECE_KINDS = [
  'gather',
  'greet',
  'rhyme',
  'finger-play',
  'story',
  'talk',
  'movement',
  'game',
  'calm',
  'goodbye',
  'waiting',
  'transition',
] as const
export const PieceKind = z.enum(PIECE_KINDS)
export type PieceKind = z.infer<typeof PieceKind>

/** The longest text of a piece: longer than any song, shorter than a book. */
export const MOST_PIECE_TEXT = 20_000
const Lines = z.string().max(MOST_PIECE_TEXT, 'That is longer than a book: use at most 20,000 characters')
const PieceMinutes = z
  .number('Write a number of minutes')
  .min(0, 'Minutes are 0 or more')
  .max(120, 'At most 120 minutes')

/**
 * How a piece becomes verses: as it is written; counting one thing down, up, or there and back; one verse for each thing
 * of the theme; or one thing more in each verse.
 */
export const PIECE_FORMS = ['text', 'down', 'up', 'back', 'each', 'list'] as const
export const PieceForm = z.enum(PIECE_FORMS)
export type PieceForm = z.infer<typeof PieceForm>

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
