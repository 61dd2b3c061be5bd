import { z } from 'zod'
import { BOOK_KINDS, BOOK_WAYS } from './lists'
import { Topic } from './activity'
import { CalendarDate, Id, Line, OptionalLine, Stage } from './primitives'

export const BookKind = z.enum(BOOK_KINDS)
export type BookKind = z.infer<typeof BookKind>

/** Where a book stands: where children take it themselves, or where it is handed to them. */
export const BookPlace = z.enum(['nook', 'up'])
export type BookPlace = z.infer<typeof BookPlace>

export const BookWay = z.enum(BOOK_WAYS)
export type BookWay = z.infer<typeof BookWay>

/** A book of the home's shelf, its own or lent. */
export const Book = z.strictObject({
  id: Id,
  title: Line,
  author: OptionalLine,
  kind: BookKind,
  /** The youngest who listen to the whole of it. */
  from: Stage,
  /** Minutes that reading all of it aloud takes. */
  minutes: z.number('Write a number of minutes').min(1, 'At least 1 minute').max(120, 'At most 120 minutes'),
  place: BookPlace,
  /** Whose it is and when it goes back; null for one of the home's own. */
  lent: z.strictObject({ from: Line, until: CalendarDate }).nullable(),
  /** Things and words that it fits. */
  topics: z.array(Topic).max(12, 'Name at most 12'),
  note: OptionalLine,
})
export type Book = z.infer<typeof Book>
