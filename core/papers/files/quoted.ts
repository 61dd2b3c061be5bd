/**
 * Names inside a line of a table: where one holds what the line itself is made of, it stands in quotation marks, and
 * marks in it are doubled.
 */

const QUOTED = '"(?:[^"]|"")*"'
/** A name as it may stand in a line, for a larger expression: in quotation marks, or as few signs as will do. */
export const NAME = `${QUOTED}|.+?`

/** A name as it is written in a line. */
export const quoted = (name: string, signs: RegExp): string =>
  name.startsWith('"') || name !== name.trim() || signs.test(name) ? `"${name.replace(/"/g, '""')}"` : name

const WHOLE = new RegExp(`^${QUOTED}$`)
/** A name as it was before {@link quoted}. */
export const unquoted = (text: string): string => (WHOLE.test(text) ? text.slice(1, -1).replace(/""/g, '"') : text)

/** Where a name in quotation marks ends that begins at a place; the place itself where none does. */
function endOfName(text: string, from: number): number {
  for (let i = from + 1; i < text.length; i++) {
    if (text[i] !== '"') continue
    if (text[i + 1] !== '"') return i + 1
    i++
  }
  return from
}

/**
 * The parts of a text between separators that stand outside of names in quotation marks; blank ones are left out. A
 * mark opens a name only where a part begins: "6" plates" is no name.
 *
 * @param separator matched at a place, with the flag y
 */
export function splitOutside(text: string, separator: RegExp): string[] {
  const parts: string[] = []
  let begun = 0
  let blank = true
  for (let i = 0; i < text.length;) {
    separator.lastIndex = i
    const found = separator.exec(text)
    if (found) {
      parts.push(text.slice(begun, i))
      i += found[0].length
      begun = i
      blank = true
      continue
    }
    const next = blank && text[i] === '"' ? endOfName(text, i) : i
    blank &&= /\s/.test(text[i])
    i = next > i ? next : i + 1
  }
  return [...parts, text.slice(begun)].map((part) => part.trim()).filter(Boolean)
}

/** What stands in parentheses, each pair by itself; those inside of a name in quotation marks are part of the name. */
export function bracketsOf(text: string): string[] {
  const found: string[] = []
  for (let i = text.indexOf('('); i >= 0; i = text.indexOf('(', i)) {
    const begun = ++i
    // A name begins behind the word, and behind each semicolon.
    let mayBegin = false
    let word = true
    for (; i < text.length && text[i] !== ')'; i++) {
      if (mayBegin && text[i] === '"') i = Math.max(i, endOfName(text, i) - 1)
      const blank = /\s/.test(text[i])
      mayBegin = text[i] === ';' || (blank && (mayBegin || word))
      word &&= !blank
    }
    found.push(text.slice(begun, i))
  }
  return found
}

/**
 * The parts of what stands in parentheses behind a word: of "(or chalk; "clay (grey)")" and "or" they are chalk and
 * clay (grey).
 *
 * @returns null where there are no such parentheses
 */
export function inBrackets(text: string, word: string): string[] | null {
  const begins = new RegExp(`^${word}\\s+`, 'i')
  const inside = bracketsOf(text).find((one) => begins.test(one))
  return inside === undefined ? null : splitOutside(inside.replace(begins, ''), /;/y).map(unquoted)
}
