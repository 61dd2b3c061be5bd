import { newThemeObject, type ThemeObject } from '../../domain'
import { one, readNumber } from './words'

/** Colours that are taken as such when they stand before a name. */
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
/** The most objects that a unit holds. */
export const MOST_OBJECTS = 500

/** What is commonly known of a thing, by its name in the singular. */
export type KnownThings = ReadonlyMap<string, Partial<ThemeObject>>

/**
 * Theme objects from a line as someone types it: commas, semicolons or line breaks between, a number before a name is
 * how many are in the house, colours before a name are its colours. What is commonly known of a thing is filled in;
 * what was typed goes first.
 *
 * @param text any text; blank pieces are left out, and what goes past 500 objects too
 * @example readThings('12 red and white shells, crab', known) // 12 shells, red and white; a crab
 */
export function readThings(text: string, known: KnownThings = new Map()): ThemeObject[] {
  return text
    .split(/[,;\n\t]+/)
    .flatMap((piece): ThemeObject[] => {
      const words = piece
        .replace(/\p{Cc}/gu, ' ')
        .trim()
        .split(/\s+/)
        .filter(Boolean)
      if (!words.length) return []
      const count = words.length > 1 ? readNumber(words[0]) : null
      if (count !== null) words.shift()
      const colours: string[] = []
      while (
        words.length > 1 &&
        (COLOURS.includes(words[0].toLowerCase()) || (colours.length > 0 && /^(and|or)$/i.test(words[0])))
      ) {
        const word = words.shift()!.toLowerCase()
        if (COLOURS.includes(word)) colours.push(word)
      }
      const name = one(words.join(' ')).slice(0, 120)
      const facts = known.get(name.toLowerCase()) ?? known.get(one(words[words.length - 1]).toLowerCase()) ?? {}
      return [{ ...newThemeObject(name), ...facts, name, onHand: count ?? 0, ...(colours.length ? { colours } : {}) }]
    })
    .slice(0, MOST_OBJECTS)
}
