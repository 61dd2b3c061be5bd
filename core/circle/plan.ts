import { countWords, daysBetween, fullDate, listWords } from '../base'
import type {
  Book,
  CalendarDate,
  Circle,
  CircleLog,
  CirclePart,
  Piece,
  CountRange,
  Stage,
  ThemeObject,
  Unit,
} from '../domain'
import { STAGES, USUAL_RANGE } from '../domain'
import { readNumber } from '../ideas'
import { calmestOrder } from './attention'
import { LONG_AGO, tellingOf, type Listeners, type Telling } from './books'
import { fitCircle } from './fit'
import { inCircleOrder, type CircleItem } from './items'
import { countsOf, rhymeThing, versesOf, type RhymeThing, type Verse } from './rhymes'

/** A part of a circle with what it is: the piece, or her own line, and the things it is about. */
export interface PartOn {
  part: CirclePart
  piece: Piece | null
  /** The book, and how it is shared. */
  book: Book | null
  telling: Telling | null
  title: string
  item: CircleItem
}

const counts = (piece: Piece): piece is Piece & { form: 'down' | 'up' | 'back' } =>
  piece.form === 'down' || piece.form === 'up' || piece.form === 'back'
/** Things of the theme in the order in which a part names them: the chosen one first, what the children said last. */
export function thingsFor(
  part: Pick<CirclePart, 'thing'> & Partial<Pick<CirclePart, 'more'>>,
  objects: readonly ThemeObject[],
): RhymeThing[] {
  const named = objects.filter((object) => object.name.trim() && object.form === 'thing')
  const chosen = named.find((object) => object.name.toLowerCase() === part.thing.trim().toLowerCase())
  const rest = named.filter((object) => object !== chosen)
  const more = (part.more ?? []).map((name) => ({ name }))
  return [...(chosen ? [chosen] : []), ...rest, ...more].map(rhymeThing)
}
/** The verses of a part, as it is held. Nothing for her own line. */
export function versesFor(part: CirclePart, piece: Piece, objects: readonly ThemeObject[]): Verse[] {
  return versesOf(piece, { things: thingsFor(part, objects), range: part.range ?? undefined })
}

/**
 * The lengths of a piece with a range of its own: as many minutes a verse as it usually has, and at the shortest half of
 * its verses.
 */
function lengthsOf(piece: Piece, part: CirclePart): Pick<CircleItem, 'shortest' | 'planned' | 'longest'> {
  if (part.minutes !== null) return { shortest: part.minutes, planned: part.minutes, longest: part.minutes }
  if (!counts(piece) || !part.range) return piece.minutes
  const usual = countsOf(USUAL_RANGE[piece.form]).length
  const share = countsOf(part.range).length / usual
  const tidy = (minutes: number) => Math.round(minutes * share * 2) / 2
  const [planned, longest] = [tidy(piece.minutes.planned), tidy(piece.minutes.longest)]
  return { shortest: Math.min(piece.minutes.shortest, planned), planned, longest: Math.max(planned, longest) }
}

const NO_BOOK = { book: null, telling: null }
const NO_SHELF = { books: [], listeners: { sitting: null, stages: [] } }
/** What the parts of a circle are; one whose piece is gone is left out. */
export function partsOn(
  circle: Pick<Circle, 'parts'>,
  pieces: ReadonlyMap<string, Piece>,
  titleOf: (piece: Piece, part: CirclePart) => string,
  shelf: { books: readonly Book[]; listeners: Listeners } = NO_SHELF,
): PartOn[] {
  return circle.parts.flatMap((part): PartOn[] => {
    const book = shelf.books.find((one) => one.id === part.bookId)
    if (book) {
      const telling = tellingOf(book, shelf.listeners, part.way)
      const { shortest, planned, longest } = telling
      const lengths =
        part.minutes === null
          ? { shortest, planned, longest }
          : { shortest: part.minutes, planned: part.minutes, longest: part.minutes }
      const item: CircleItem = { id: part.id, kind: 'story', ...lengths, seated: true, energy: 0, pinned: part.pinned }
      return [{ part, piece: null, book, telling, title: book.title, item }]
    }
    if (part.own) {
      const { title, kind, minutes, seated, energy } = part.own
      const own = part.minutes ?? minutes
      const lengths = { shortest: part.minutes ?? Math.min(1, minutes), planned: own, longest: own }
      return [
        {
          ...NO_BOOK,
          part,
          piece: null,
          title,
          item: { id: part.id, kind, ...lengths, seated, energy, pinned: part.pinned },
        },
      ]
    }
    const piece = pieces.get(part.pieceId ?? '')
    if (!piece) return []
    const { kind, seated, energy } = piece
    const item = { id: part.id, kind, ...lengthsOf(piece, part), seated, energy, pinned: part.pinned }
    return [{ ...NO_BOOK, part, piece, title: titleOf(piece, part), item }]
  })
}

/** What "Fill the circle" knows of the day. */
export interface FillContext {
  date: CalendarDate
  /** Minutes of the window. */
  window: number
  /** Stages of the children who are expected, babies among them. */
  stages: readonly Stage[]
  objects: readonly ThemeObject[]
  logs: readonly CircleLog[]
  /** Ids of pieces that other circles of the week open with: kept where she likes that. */
  opening: readonly string[]
  /** The letter and the number of the unit. */
  focus?: Pick<Unit['focus'], 'letter' | 'number'> | null
}
/** A piece that is proposed, with the reasons. */
export interface Proposed {
  piece: Piece
  /** How far a counting piece counts, where the number of the unit says it; else as usual. */
  range: CountRange | null
  why: string[]
}

/** What a circle is made of, the most needed first: it grows as far as the shortest lengths of all fit the window. */
const WANTED: readonly Piece['kind'][] = [
  'greet',
  'goodbye',
  'rhyme',
  'movement',
  'gather',
  'story',
  'finger-play',
  'calm',
  'rhyme',
  'game',
]

/** The same for the same day and piece, and different on another: so that equals take turns. */
function lot(text: string): number {
  let hash = 2166136261
  for (const letter of text) hash = Math.imul(hash ^ letter.charCodeAt(0), 16777619) >>> 0
  return hash / 4294967296
}

/** More than both hands is counted when she says so, not by itself. */
const MOST_FOCUS = 10
/** The range of a counting piece by the number of the unit; null where it has none that is counted on the hands. */
export function focusRange(piece: Piece, focus: FillContext['focus']): CountRange | null {
  const number = readNumber(focus?.number ?? '') ?? 0
  if (!counts(piece) || number < 2 || number > MOST_FOCUS) return null
  return piece.form === 'down' ? { from: number, to: 0, step: 1 } : { from: 1, to: number, step: 1 }
}

/** How well a piece suits the day, and why; null where it cannot be held at all. */
export function suits(piece: Piece, context: FillContext): { score: number; why: string[] } | null {
  const { date, stages, objects, logs, opening, focus = null } = context
  const from = STAGES.indexOf(piece.from)
  const able = stages.filter((stage) => STAGES.indexOf(stage) >= from).length
  if (stages.length && !able) return null
  const things = objects.filter((object) => object.name.trim() && object.form === 'thing').map(rhymeThing)
  if (piece.form === 'each' && !versesOf(piece, { things }).length) return null
  const why: string[] = []
  let score = stages.length ? (3 * able) / stages.length : 2
  if (stages.length)
    why.push(able === stages.length ? 'For everyone who comes' : `For ${able} of ${countWords(stages.length, 'kid')}`)
  const range = focusRange(piece, focus)
  if (things.length && piece.form !== 'text') {
    score += 1.5
    const counted = range
      ? `${Math.max(range.from, range.to)} ${things[0].many}: the number of the unit`
      : things[0].many
    why.push(counts(piece) ? `Counts ${counted}` : `With ${listWords(things.slice(0, 3).map((one) => one.many))}`)
  }
  if (range) score += 1
  const letter = focus?.letter.trim().toLowerCase().charAt(0) ?? ''
  const begins = (word: string) => letter !== '' && word.trim().toLowerCase().startsWith(letter)
  const lettered = piece.form === 'text' ? begins(piece.title) : things.some((thing) => begins(thing.one))
  if (lettered) {
    score += 0.5
    why.push(`With ${letter.toUpperCase()}, the letter of the unit`)
  }
  const sung = logs.filter((log) => log.date < date && log.parts.some((part) => part.pieceId === piece.id))
  const last = sung.reduce((latest, log) => (log.date > latest ? log.date : latest), '')
  if (last) {
    score += Math.min(1, daysBetween(last, date) / LONG_AGO) * 2
    if (daysBetween(last, date) >= LONG_AGO) why.push(`Not since ${fullDate(last)}`)
  } else score += 1.5
  const again = sung.filter((log) => log.parts.some((part) => part.pieceId === piece.id && part.again)).length
  if (again) {
    score += Math.min(2, again)
    why.push(`They asked for it again ${again === 1 ? 'once' : `${countWords(again, 'time')}`}`)
  }
  if (opening.includes(piece.id)) {
    score += 5
    why.push('Opens the other circles of the week')
  }
  return { score: score + lot(`${date} ${piece.id}`), why }
}

/**
 * Proposes a circle for a day: what is most needed first, of each kind the piece that suits best, as long as the shortest
 * lengths fit the window; then in the calmest order.
 *
 * @returns pieces in the order in which they go; none where the window has no room for a greeting and a goodbye
 */
export function fillCircle(pieces: readonly Piece[], context: FillContext): Proposed[] {
  const ranked = new Map<Piece['kind'], (Proposed & { score: number })[]>()
  for (const piece of pieces) {
    const found = suits(piece, context)
    if (found) ranked.set(piece.kind, [...(ranked.get(piece.kind) ?? []), { piece, range: null, ...found }])
  }
  for (const list of ranked.values()) list.sort((a, b) => b.score - a.score || (a.piece.id < b.piece.id ? -1 : 1))
  const chosen: Proposed[] = []
  let least = 0
  for (const kind of WANTED) {
    const next = (ranked.get(kind) ?? []).find(({ piece }) => !chosen.some((one) => one.piece === piece))
    if (!next || least + next.piece.minutes.shortest > context.window) continue
    // What follows must not make what is there as short as it can be.
    const planned = [...chosen, next].reduce((sum, one) => sum + one.piece.minutes.planned, 0)
    if (chosen.length >= 3 && planned > context.window * ROOM) continue
    chosen.push({ piece: next.piece, range: focusRange(next.piece, context.focus ?? null), why: next.why })
    least += next.piece.minutes.shortest
  }
  const items = chosen.map(({ piece }): CircleItem => ({
    id: piece.id,
    kind: piece.kind,
    ...piece.minutes,
    seated: piece.seated,
    energy: piece.energy,
  }))
  const { minutes } = fitCircle(items, context.window)
  const order = calmestOrder(inCircleOrder(items), minutes).items
  return order.map((item) => chosen.find((one) => one.piece.id === item.id)!)
}
/** How much of the window the usual lengths may take together. */
const ROOM = 1.15

/** Children of a day in the words of a turn: whose it is, and why. */
export const turnWords = (name: string, times: number, last: CalendarDate | null): string =>
  times === 0
    ? last
      ? `${name} had it last on ${fullDate(last)}`
      : `${name} has not had it yet`
    : `${name} had it least: ${times === 1 ? 'once' : countWords(times, 'time')} in the last 30 program days`
