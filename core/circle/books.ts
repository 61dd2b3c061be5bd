import { addDays, countWords, daysBetween, isOpen, listWords, shortDate } from '../base'
import {
  BOOK_WAYS,
  STAGES,
  type Book,
  type BookWay,
  type CalendarDate,
  type CircleLog,
  type Home,
  type Stage,
  type Unit,
} from '../domain'
import type { CircleItem } from './items'

/** Who listens: how long the youngest of them sits, and their stages. Babies lie beside and are not among them. */
export interface Listeners {
  /** Minutes; null where nobody sits. */
  sitting: number | null
  stages: readonly Stage[]
}
/** How a book is shared with those who sit there, how long that takes, and why so. */
export interface Telling extends Pick<CircleItem, 'shortest' | 'planned' | 'longest'> {
  way: BookWay
  why: string
}

/** Minutes for which looking at pictures together holds, whoever sits there. */
const LOOKED_MOST = 5
/** Told in fewer words, a book takes half of its minutes at least: less than that is another story. */
const SHORTEST_SHARE = 0.5
const half = (minutes: number) => Math.round(minutes * 2) / 2

/**
 * How a book is shared: read whole where the youngest sit for as long as it takes and are old enough for it; told shorter
 * where they sit for half of it at least; else its pictures are looked at. For those it was not made for it is one step
 * less.
 *
 * @param asked the way that she chose; null as it comes out
 * @example eleven minutes for those who sit seven: told shorter, in seven; for those who sit four: looked at
 */
export function tellingOf(
  book: Pick<Book, 'minutes' | 'from'>,
  { sitting, stages }: Listeners,
  asked: BookWay | null = null,
): Telling {
  const limit = sitting ?? 0
  const long = book.minutes <= limit ? 0 : book.minutes * SHORTEST_SHARE <= limit ? 1 : 2
  const young = stages.some((stage) => STAGES.indexOf(stage) < STAGES.indexOf(book.from))
  const way = asked ?? BOOK_WAYS[Math.min(2, long + (young ? 1 : 0))]
  const why =
    sitting === null
      ? 'Nobody comes of whom sitting is expected.'
      : [
          `Reading it takes ${book.minutes} min, and the youngest sit about ${limit}.`,
          young ? 'It is made for older ones than some of them.' : '',
        ]
          .filter(Boolean)
          .join(' ')
  switch (way) {
    case 'whole':
      return { way, why, shortest: book.minutes, planned: book.minutes, longest: book.minutes + 2 }
    case 'shorter': {
      const planned = half(Math.max(book.minutes * SHORTEST_SHARE, Math.min(book.minutes, limit)))
      return {
        way,
        why,
        shortest: half(book.minutes * SHORTEST_SHARE),
        planned,
        longest: Math.max(planned, book.minutes),
      }
    }
    case 'looked': {
      const most = Math.max(1, Math.min(LOOKED_MOST, limit || LOOKED_MOST))
      return { way, why, shortest: 1, planned: half(Math.max(1, most * 0.6)), longest: most }
    }
  }
}
export const WAY_WORDS: Record<BookWay, string> = {
  whole: 'read whole',
  shorter: 'told shorter',
  looked: 'only looked at',
}

const plain = (text: string) => text.trim().toLowerCase()
/** What a book and a unit have in common, in the words of the book. */
export function sharedTopics(
  book: Pick<Book, 'topics' | 'title'>,
  unit: Pick<Unit, 'name' | 'words'> & { objects: readonly { name: string }[] },
): string[] {
  const ours = new Set(
    [...unit.words, ...unit.objects.map((one) => one.name), ...unit.name.split(/\W+/)].map(plain).filter(Boolean),
  )
  const has = (topic: string) => ours.has(plain(topic)) || ours.has(`${plain(topic)}s`)
  return book.topics.filter(has)
}

/** Whether she named a book for a unit. */
export const isListed = (book: Pick<Book, 'title'>, unit: Pick<Unit, 'books'>): boolean =>
  unit.books.some((title) => plain(title) === plain(book.title))
/** Books that she named for a unit and that do not stand on the shelf. */
export const notOnShelf = (unit: Pick<Unit, 'books'>, books: readonly Pick<Book, 'title'>[]): string[] =>
  unit.books.filter((title) => !books.some((book) => plain(book.title) === plain(title)))

/** When a lent book goes back, in words; empty for one of the home's own. */
export function lentWords(book: Pick<Book, 'lent'>, today: CalendarDate): string {
  if (!book.lent) return ''
  const days = daysBetween(today, book.lent.until)
  const to = `to ${book.lent.from}`
  if (days < 0) return `Should have gone back ${to} on ${shortDate(book.lent.until)}`
  if (days === 0) return `Goes back ${to} today`
  return `Goes back ${to} on ${shortDate(book.lent.until)}, in ${countWords(days, 'day')}`
}
/** Whether a book is still here on a date. */
export const isHereOn = (book: Pick<Book, 'lent'>, date: CalendarDate): boolean => !book.lent || date <= book.lent.until

/** No home is closed longer in one piece than this, in days. */
const LONGEST_CLOSED = 60
/** The next date on which the home is open. */
function nextOpen(home: Pick<Home, 'open' | 'closures'>, date: CalendarDate): CalendarDate {
  for (let days = 1; days <= LONGEST_CLOSED; days++) {
    const next = addDays(date, days)
    if (isOpen(home, next)) return next
  }
  return addDays(date, 1)
}
/**
 * What the sheet of a day says of lent books: those that go back before the home is open again, and those that should
 * have gone.
 */
export function bookReminders(
  books: readonly Book[],
  home: Pick<Home, 'open' | 'closures'>,
  date: CalendarDate,
): string[] {
  const next = nextOpen(home, date)
  const by = new Map<string, { titles: string[]; late: boolean }>()
  for (const { title, lent } of books) {
    if (!lent || lent.until >= next) continue
    const late = lent.until < date
    const known = by.get(`${late} ${lent.from}`) ?? { titles: [], late }
    known.titles.push(`“${title}”`)
    by.set(`${late} ${lent.from}`, known)
  }
  return [...by].map(
    ([key, { titles, late }]) =>
      `${late ? 'Overdue, back' : 'Back'} to ${key.slice(key.indexOf(' ') + 1)}: ${listWords(titles)}.`,
  )
}

/** When a book was last shared in a circle; null where nobody wrote that down. */
export function lastRead(bookId: string, logs: readonly CircleLog[], before: CalendarDate): CalendarDate | null {
  const dates = logs
    .filter((log) => log.date < before && log.parts.some((part) => part.bookId === bookId))
    .map((log) => log.date)
  return dates.length ? dates.reduce((a, b) => (a > b ? a : b)) : null
}

/** A book that could be read on a day, and why. */
export interface BookOffer {
  book: Book
  score: number
  /** It is about what the unit is about, and can be shared with those who come. */
  fits: boolean
  why: string[]
}
/** After so many days a book or a piece is as good as new. */
export const LONG_AGO = 21
/** What of that must have gone by before it is proposed by itself. */
const RESTED = 1 / 3

/** Books of the shelf for a day, the best first: those that fit the theme and those who come, and were not read lately. */
export function bookOffers(
  books: readonly Book[],
  context: {
    date: CalendarDate
    unit: Parameters<typeof sharedTopics>[1] & Pick<Unit, 'books'>
    listeners: Listeners
    logs: readonly CircleLog[]
  },
): BookOffer[] {
  const { date, unit, listeners, logs } = context
  return books
    .filter((book) => isHereOn(book, date))
    .map((book): BookOffer => {
      const shared = sharedTopics(book, unit)
      const listed = isListed(book, unit)
      const { way } = tellingOf(book, listeners)
      const last = lastRead(book.id, logs, date)
      const rested = last === null ? 1 : Math.min(1, daysBetween(last, date) / LONG_AGO)
      return {
        book,
        fits: (listed || shared.length > 0) && way !== 'looked' && rested >= RESTED,
        score:
          3 * Math.min(2, shared.length) +
          (listed ? 4 : 0) +
          (2 - BOOK_WAYS.indexOf(way)) +
          rested +
          (book.lent ? 0.5 : 0),
        why: [
          ...(listed ? ['On the list of the unit'] : []),
          ...(shared.length ? [`About ${listWords(shared)}`] : []),
          `For these kids ${WAY_WORDS[way]}`,
          ...(last ? [`Last on ${shortDate(last)}`] : []),
          ...(book.lent ? [lentWords(book, date)] : []),
        ],
      }
    })
    .sort((a, b) => b.score - a.score || (a.book.title < b.book.title ? -1 : 1))
}
