import { NATURE_AND_SENSES } from './natureAndSenses'
import { PEOPLE_AND_PLACES } from './peopleAndPlaces'
import { WORLD_AND_PLAY } from './worldAndPlay'

/** What a theme can begin with: things, words and questions, and what it is at each corner of the house. */
export interface ThemeStarter {
  name: string
  /** Other names that people type for it. */
  also: readonly string[]
  bigIdea: string
  objects: readonly string[]
  words: readonly string[]
  questions: readonly string[]
  /** What the pretend corner becomes. */
  place: { name: string; roles: readonly string[]; props: readonly string[]; signs: readonly string[] }
  /** The small world of the sensory bin. */
  bin: string
  /** A question to try out. */
  science: string
  /** What its things do: for a rhyme, and for moving. */
  doing: readonly string[]
  books: readonly string[]
  outing: string
  event: { name: string; snack: string; game: string; craft: string; bring: string }
  letter: string
  number: number
}

const list = (text: string, separator: string | RegExp = ','): string[] =>
  text
    .split(separator)
    .map((part) => part.trim())
    .filter(Boolean)

/** Fields of a line such as `the bakery; roles: baker, cashier; signs: Open`. */
function fields(text: string): { first: string; of: (name: string) => string } {
  const [first, ...rest] = text.split(';').map((part) => part.trim())
  const by = new Map(rest.map((part) => part.split(/:\s*/, 2) as [string, string]))
  return {
    first,
    of: (name) => {
      const value = by.get(name)
      if (value === undefined) throw new Error(`${first}: nothing is said of ${name}`)
      return value
    },
  }
}

/** A theme is a paragraph: its names in the first line, then one line for each thing that is said of it. */
function starterOf(paragraph: string): ThemeStarter {
  const [names, ...lines] = paragraph.split('\n')
  const said = new Map(lines.map((line) => line.split(/:\s+/).length > 1 ? [line.slice(0, line.indexOf(':')), line.slice(line.indexOf(':') + 1).trim()] as const : [line, ''] as const))
  const take = (key: string): string => {
    const value = said.get(key)
    if (!value) throw new Error(`${names}: nothing is said of ${key}`)
    return value
  }
  const [name, also] = names.split(' | ')
  const [place, event, [letter, number]] = [fields(take('place')), fields(take('event')), list(take('focus'))]
  return {
    name,
    also: list(also),
    bigIdea: take('big'),
    objects: list(take('objects')),
    words: list(take('words')),
    questions: list(take('ask'), '/'),
    place: {
      name: place.first,
      roles: list(place.of('roles')),
      props: list(place.of('props')),
      signs: list(place.of('signs')),
    },
    bin: take('bin'),
    science: take('science'),
    doing: list(take('doing')),
    books: list(take('books'), /,\s+(?=an? )/),
    outing: take('outing'),
    event: {
      name: event.first,
      snack: event.of('snack'),
      game: event.of('game'),
      craft: event.of('craft'),
      bring: event.of('bring'),
    },
    letter,
    number: Number(number),
  }
}

/** Every theme that Kobby can begin with. */
export const STARTERS: readonly ThemeStarter[] = [NATURE_AND_SENSES, PEOPLE_AND_PLACES, WORLD_AND_PLAY].flatMap((text) =>
  text
    .trim()
    .split(/\n\s*\n/)
    .map(starterOf),
)

/** Letters that must be typed before a theme is offered by how it begins. */
const LEAST_LETTERS = 3
const words = (text: string): string[] => text.toLowerCase().split(/[^\p{L}\p{N}']+/u).filter(Boolean)
/** Whether some words stand in a text in just this order. */
const stands = (wanted: readonly string[], among: readonly string[]): boolean =>
  among.some((_, i) => wanted.every((word, j) => among[i + j] === word))

/** How well a name fits what was typed: it is it, stands in it, or begins with it; 0 where it does not. */
function fitOfName(name: string, typed: readonly string[]): number {
  const own = words(name)
  if (own.join(' ') === typed.join(' ')) return 3
  if (stands(own, typed)) return 2
  const begun = typed.join(' ')
  return begun.length >= LEAST_LETTERS && own.join(' ').startsWith(begun) ? 1 : 0
}

/**
 * Themes that fit what is typed, the best first; none where nothing does.
 *
 * @param text a theme as someone types it: "A bakery at night"
 * @param most themes to give, 1 or more
 */
export function startersFor(text: string, most = 3): ThemeStarter[] {
  const typed = words(text)
  if (!typed.length) return []
  return STARTERS.map((starter) => ({
    starter,
    fit: Math.max(...[starter.name, ...starter.also].map((name) => fitOfName(name, typed))),
  }))
    .filter(({ fit }) => fit > 0)
    .sort((a, b) => b.fit - a.fit)
    .slice(0, most)
    .map(({ starter }) => starter)
}
