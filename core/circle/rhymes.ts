import { syllable } from 'syllable'
import { InputError, listWords } from '../base'
import { USUAL_RANGE, type CountRange, type Piece, type ThemeObject } from '../domain'
import { many, numberWord, one, withArticle } from '../ideas'

/** What a rhyme is filled with. */
export interface RhymeThing {
  one: string
  many: string
  /** "a kite" */
  a: string
  /** How it moves and where it lives, in the words of the theme; empty where nobody said. */
  moves: string
  lives: string
}
export const rhymeThing = (
  object: Pick<ThemeObject, 'name'> & Partial<Pick<ThemeObject, 'plural' | 'moves' | 'lives'>>,
): RhymeThing => {
  const single = one(object.name)
  return {
    one: single,
    many: object.plural || many(single),
    a: withArticle(single),
    moves: object.moves ?? '',
    lives: object.lives ?? '',
  }
}

/** One verse on the stage. */
export interface Verse {
  /** How many there are while it is sung; null where nothing is counted. */
  count: number | null
  lines: readonly string[]
  /** What to do meanwhile. */
  moves: string
  /** What to ask after it; empty for nothing. */
  ask: string
}

/** More than that no circle counts to, whatever the step. */
export const MOST_COUNTED = 100

/**
 * The numbers of a range, the first and the last among them; the last step is shorter where the step does not divide it.
 *
 * @throws InputError naming `from`, `to` or `step`
 */
export function countsOf({ from, to, step }: CountRange): number[] {
  const fault = (field: string, message: string): never => {
    throw new InputError({ field, message })
  }
  const whole = (value: number) => Number.isInteger(value) && value >= 0
  if (!whole(from) || from > MOST_COUNTED) fault('from', `Count from a whole number, from 0 to ${MOST_COUNTED}`)
  if (!whole(to) || to > MOST_COUNTED) fault('to', `Count to a whole number, from 0 to ${MOST_COUNTED}`)
  if (!whole(step) || step < 1) fault('step', 'A step is 1 or more')
  if (from === to) fault('to', `From ${from} to ${to} there is nothing to count`)
  const out: number[] = []
  if (from > to) for (let n = from; n > to; n -= step) out.push(n)
  else for (let n = from; n < to; n += step) out.push(n)
  return [...out, to]
}

/** How a number of things is shown with the hands. */
export const fingersFor = (count: number): 'one hand' | 'both hands' | 'props' =>
  count <= 5 ? 'one hand' : count <= 10 ? 'both hands' : 'props'

const capital = (text: string) => text.replace(/^\W*\w/, (letter) => letter.toUpperCase())

/** Words before a thing, so that both together have three syllables; a longer thing has none. */
function before(adj: Piece['adj'], word: string): string {
  const long = syllable(word)
  const own = long <= 1 ? adj[0] : long === 2 ? adj[1] : ''
  return own && `${own} `
}
const FALLBACK: RhymeThing = { one: 'friend', many: 'friends', a: 'a friend', moves: '', lives: '' }

/** What the slots of a line hold for a count of a thing; `next` is how many there will be after it. */
function slotsOf(adj: Piece['adj'], thing: RhymeThing, count: number, next: number): Record<string, string> {
  const noun = count === 1 ? thing.one : thing.many
  return {
    N: capital(numberWord(count)),
    n: numberWord(count),
    M: next === 0 ? 'None' : capital(numberWord(next)),
    things: before(adj, noun) + noun,
    all: before(adj, thing.many) + thing.many,
    thing: before(adj, thing.one) + thing.one,
    bare: thing.many,
    a: thing.a,
    aThing: withArticle(before(adj, thing.one) + thing.one),
    move: thing.moves,
    lives: thing.lives,
    left: next === 1 ? 'is' : 'are',
  }
}
const fill = (line: string, slots: Record<string, string>): string =>
  line.replace(/\{(\w+)\}/g, (whole, name: string) => slots[name] ?? whole)
const linesOf = (text: string): string[] => text.split('\n').filter((line) => line.trim())
/** Begins with a large letter, whatever a slot has put there. */
const spoken = (text: string, slots: Record<string, string>): string[] =>
  linesOf(text).map((line) => capital(fill(line, slots)))

/** A title that names what it is about: "Five side by side". */
export function pieceTitle(
  piece: Pick<Piece, 'title' | 'adj' | 'form'>,
  thing: RhymeThing = FALLBACK,
  from = 5,
): string {
  return capital(fill(piece.title, slotsOf(piece.adj, thing, from, from)))
}

export interface VerseOptions {
  /** Things of the theme, the one that is counted first; a friend is counted where there is none. */
  things?: readonly RhymeThing[]
  range?: CountRange
}

/**
 * The verses of a piece.
 *
 * Counting down and up says one verse for each number, and an end; there and back counts up, turns, and counts down again.
 * `each` says one verse for each thing that the theme knows enough of, `list` one more thing in each verse.
 *
 * @throws InputError naming `from`, `to` or `step`
 * @example down from 5 by 1 to 0: five verses and an end; down from 12 by 2: six and an end; up to 4: four, the last its own
 */
export function versesOf(piece: Piece, { things = [], range }: VerseOptions = {}): Verse[] {
  const thing = things[0] ?? FALLBACK
  switch (piece.form) {
    case 'down':
    case 'up':
    case 'back':
      return counted(piece, thing, range ?? USUAL_RANGE[piece.form])
    case 'each':
      return eachOf(piece, things)
    case 'list':
      return listOf(piece, things)
    case 'text':
      return written(piece, thing)
  }
}
const verse = (piece: Piece, count: number | null, lines: readonly string[]): Verse => ({
  count,
  lines,
  moves: piece.moves.split('\n').join(' '),
  ask: piece.ask,
})
const ending = (piece: Piece, count: number | null, slots: Record<string, string>): Verse[] =>
  piece.end ? [{ count, lines: spoken(piece.end, slots), moves: '', ask: '' }] : []

function counted(piece: Piece, thing: RhymeThing, range: CountRange): Verse[] {
  const counts = countsOf(range)
  const down = piece.form === 'down'
  if (range.from > range.to !== down)
    throw new InputError({
      field: 'to',
      message: down ? 'It counts down: end lower than you begin' : 'It counts up: end higher than you begin',
    })
  const slots = (count: number, next: number) => slotsOf(piece.adj, thing, count, next)
  const say = (text: string, count: number, next: number) =>
    verse(
      piece,
      count,
      spoken(count === 1 && text === piece.text && piece.single ? piece.single : text, slots(count, next)),
    )
  const last = counts[counts.length - 1]
  const before = counts.slice(0, -1).map((count, i) => say(piece.text, count, counts[i + 1]))
  switch (piece.form) {
    case 'down':
      return [...before, ...ending(piece, last, slots(last, last))]
    case 'up': {
      // The last has the beginning of the others, and an end of its own.
      const own = [...spoken(piece.text, slots(last, last)).slice(0, 2), ...spoken(piece.end, slots(last, last))]
      return [...before, { ...verse(piece, last, own), ask: '' }]
    }
    default: {
      const back = [...counts].reverse()
      return [
        ...counts.map((count) => say(piece.text, count, count)),
        { count: last, lines: spoken(piece.turn, slots(last, last)), moves: '', ask: '' },
        ...back.map((count, i) => say(piece.home || piece.text, count, back[i + 1] ?? 0)),
        ...ending(piece, 0, slots(0, 0)),
      ]
    }
  }
}

const plain = (piece: Piece, thing: RhymeThing) => slotsOf(piece.adj, thing, 1, 0)
/** One verse for each thing of which all is known that the verse says; a short circle takes the first. */
function eachOf(piece: Piece, things: readonly RhymeThing[]): Verse[] {
  const wanted = ['move', 'lives'].filter((slot) => piece.text.includes(`{${slot}}`))
  const known = things.filter((thing) => wanted.every((slot) => plain(piece, thing)[slot]))
  return [
    ...known.map((thing) => verse(piece, null, spoken(piece.text, plain(piece, thing)))),
    ...(known.length ? ending(piece, null, {}) : []),
  ]
}
/** One thing more in each verse, the newest first to be said. */
function listOf(piece: Piece, things: readonly RhymeThing[]): Verse[] {
  const list = things.length ? things : [FALLBACK]
  return [
    ...list.map((_, i) =>
      verse(piece, i + 1, spoken(piece.text, { list: listWords(list.slice(0, i + 1).map((thing) => thing.a)) })),
    ),
    ...ending(piece, list.length, { bare: list[0].many }),
  ]
}
/** As it is written, verse by verse; moves go with their verse where there are as many. */
function written(piece: Piece, thing: RhymeThing): Verse[] {
  const verses = piece.text.split(/\n\s*\n/).filter((part) => part.trim())
  const moves = piece.moves.split('\n')
  const slots = plain(piece, thing)
  return [
    ...verses.map((part, i) => ({
      count: null,
      lines: spoken(part, slots),
      moves: moves.length === verses.length ? moves[i] : moves.join(' '),
      ask: i === verses.length - 1 ? piece.ask : '',
    })),
    ...ending(piece, null, slots),
  ]
}
