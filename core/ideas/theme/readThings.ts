import { newThemeObject, type ThemeObject } from '../../domain'
import { one, readNumber } from './words'

/** Colors that are taken as such when they stand before a name. */
const COLOURS = [
  'red',
  'blue',
  'yellow',
  'green',
  'orange',
  'purple',
  'pink',
  'brown',
  'black',
  'white',
  'grey',
  'gray',
  'gold',
  'silver',
  'turquoise',
  'violet',
  'beige',
]
/** Words before a name that say how large the ones here are beside others. */
const SIZES: Readonly<Record<string, ThemeObject['size']>> = {
  tiny: 'small',
  small: 'small',
  little: 'small',
  big: 'large',
  large: 'large',
  huge: 'large',
}
/** The most objects that a unit holds. */
export const MOST_OBJECTS = 500
/** The most letters of a name. */
const MOST_LETTERS = 120

/** What is commonly known of a thing, by its name in the singular. */
export type KnownThings = ReadonlyMap<string, Partial<ThemeObject>>

/** Words that no idea for children is made of, and why. */
const NOT_FOR_PLAY: readonly (readonly [RegExp, string])[] = [
  [
    /\b(guns?|rifles?|pistols?|shotguns?|bullets?|bombs?|grenades?|missiles?|tanks? shells?)\b/i,
    'Kobby makes no ideas about weapons.',
  ],
  [
    /\b(medicines?|medications?|pills?|tablets of medicine|cough syrup|drugs?|vitamins?)\b/i,
    'Medicine stays locked away and is never a toy or a snack, so Kobby makes no ideas of it. A clinic with bandages works well.',
  ],
  [
    /\b(cigarettes?|cigars?|vapes?|tobacco|beers?|wines?|whiskey|vodka|alcohol|cocktails?)\b/i,
    'Kobby makes no ideas of what is for grown-ups only.',
  ],
  [
    /\b(bleach|ammonia|poisons?|rat poison|pesticides?|weed ?killer|antifreeze|gasoline|lighter fluid|drain cleaner|detergent pods?)\b/i,
    'This is poison for a child, so Kobby makes no ideas of it.',
  ],
  [
    /^(matches|match|lighters?|cigarette lighters?)$/i,
    'What makes fire stays with adults, so Kobby makes no ideas of it.',
  ],
]

/** Why no ideas are made of something; null where there is no reason against it. */
export const notForPlay = (name: string): string | null =>
  NOT_FOR_PLAY.find(([word]) => word.test(name.trim()))?.[1] ?? null

/** One piece of what someone typed, parted into how many, which colors, how large, and of what. */
interface Piece {
  count: number | null
  colours: string[]
  size: ThemeObject['size']
  name: string
}

const isKnown = (name: string, known: KnownThings): boolean =>
  known.has(name.toLowerCase()) || known.has(one(name.toLowerCase()))

const isShouted = (text: string) => /\p{Lu}{2}/u.test(text) && text === text.toUpperCase()

/**
 * A name as it stands within a sentence: without pictures, marks at its end and an article; in small letters where it
 * was shouted, or begins large only because a keyboard does that.
 */
function plainName(typed: string): string {
  const bare = typed
    .replace(/[\p{Extended_Pictographic}\u200d\ufe0f\p{Cc}]/gu, ' ')
    .replace(/[!?.…"“”]+/g, ' ')
    .trim()
    .replace(/\s+/g, ' ')
    .replace(/^(an?|the|some|our|my)\s+(?=\S)/i, '')
  if (isShouted(bare)) return bare.toLowerCase()
  const [first, ...rest] = bare.split(' ')
  const isName = /['’]s$/.test(first) || rest.some((word) => /^\p{Lu}/u.test(word))
  return isName ? bare : bare.replace(/^\p{Lu}(?=\p{Ll})/u, (letter) => letter.toLowerCase())
}

function pieceFrom(typed: string, known: KnownThings): Piece {
  const words = plainName(typed).split(' ').filter(Boolean)
  const count = words.length > 1 ? readNumber(words[0]) : null
  if (count !== null) words.shift()
  const colours: string[] = []
  let size: ThemeObject['size'] = null
  // A green bean is one whatever its color.
  while (words.length > 1 && !isKnown(words.join(' '), known)) {
    const word = words[0].toLowerCase()
    if (COLOURS.includes(word)) colours.push(word)
    else if (SIZES[word] !== undefined) size = SIZES[word]
    else if (!(colours.length > 0 && (word === 'and' || word === 'or'))) break
    words.shift()
  }
  return { count, colours, size, name: words.join(' ') }
}

/** Its name as Kobby has it and what is known of it; of a kind by its last word, where only that is known. */
function lookUp(name: string, known: KnownThings): { name: string; facts: Partial<ThemeObject> } {
  const typed = name.toLowerCase()
  for (const key of [typed, one(typed)]) {
    const facts = known.get(key)
    if (facts)
      return { name: facts.form === 'name' ? key.replace(/^\p{Ll}/u, (letter) => letter.toUpperCase()) : key, facts }
  }
  const [plural] = [...known].find(([, facts]) => facts.plural?.toLowerCase() === typed) ?? []
  if (plural) return { name: plural, facts: known.get(plural)! }
  const kind = known.get(one(typed.split(' ').at(-1)!))
  // A kind of it may be of another size: a baby carrot is no carrot.
  return { name: one(name), facts: kind ? { ...kind, plural: '', usualMm: null, realMm: null } : {} }
}

/**
 * Theme objects from a line as someone types it: commas, semicolons or line breaks between, a number before a name is
 * how many are in the house, colors before a name are its colors. What is commonly known of a thing is filled in; what
 * was typed goes first. The same thing twice is one; what is not for play is left out (see {@link notForPlay}).
 *
 * @param text any text; blank pieces are left out, and what goes past 500 objects too
 * @example readThings('12 red and white shells, crab', known) // 12 shells, red and white; a crab
 */
export function readThings(text: string, known: KnownThings = new Map()): ThemeObject[] {
  const things = new Map<string, ThemeObject>()
  for (const typed of text.split(/[,;\n\t]+/)) {
    const piece = pieceFrom(typed, known)
    if (!piece.name || notForPlay(piece.name)) continue
    const { name, facts } = lookUp(piece.name, known)
    const short = name.slice(0, MOST_LETTERS)
    const before = things.get(short.toLowerCase())
    if (!before && things.size >= MOST_OBJECTS) continue
    const object = before ?? { ...newThemeObject(short), ...facts, name: short }
    things.set(short.toLowerCase(), {
      ...object,
      onHand: object.onHand + (piece.count ?? 0),
      size: piece.size ?? object.size,
      colours: piece.colours.length
        ? [...new Set([...(before ? before.colours : []), ...piece.colours])]
        : object.colours,
    })
  }
  return [...things.values()]
}

/** Pieces of a line that no ideas are made of, each with why. */
export const leftOutOf = (text: string): { name: string; why: string }[] =>
  text.split(/[,;\n\t]+/).flatMap((typed) => {
    const { name } = pieceFrom(typed, new Map())
    const why = name ? notForPlay(name) : null
    return why ? [{ name, why }] : []
  })

/** Letters that a name must have before another one is taken for a slip of the finger. */
const LEAST_LETTERS = 4

/** Whether one name becomes the other by a letter too many, too few, another one, or two that changed places. */
function isSlip(a: string, b: string): boolean {
  if (Math.abs(a.length - b.length) > 1) return false
  let i = 0
  while (i < Math.min(a.length, b.length) && a[i] === b[i]) i++
  if (a.slice(i + 1) === b.slice(i + 1) || a.slice(i) === b.slice(i + 1) || a.slice(i + 1) === b.slice(i)) return true
  return a[i] === b[i + 1] && a[i + 1] === b[i] && a.slice(i + 2) === b.slice(i + 2)
}

/** The known thing that was probably meant, where a name is not known and one slip away from exactly one. */
export function meantBy(name: string, known: KnownThings): string | null {
  const typed = one(name.trim().toLowerCase())
  if (typed.length < LEAST_LETTERS || known.has(typed)) return null
  const near = [...known.keys()].filter((key) => key[0] === typed[0] && isSlip(typed, key))
  return near.length === 1 ? near[0] : null
}
