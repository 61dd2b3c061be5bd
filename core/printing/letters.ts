/** How many of one letter are wanted. */
export interface LetterCount {
  letter: string
  count: number
}

/**
 * The letters that some names take, each counted over all of them: what is cut or printed once, and not name by name.
 *
 * @param names as they are called; signs that are no letters are left out, and an accent stays with its letter
 * @example Pip, Idris: I 3, P 2, D 1, R 1, S 1
 */
export function letterTally(names: readonly string[]): LetterCount[] {
  const counts = new Map<string, number>()
  for (const name of names)
    for (const letter of name.normalize('NFC').toLocaleUpperCase('en'))
      if (/\p{L}/u.test(letter)) counts.set(letter, (counts.get(letter) ?? 0) + 1)
  return [...counts]
    .map(([letter, count]) => ({ letter, count }))
    .sort((a, b) => b.count - a.count || a.letter.localeCompare(b.letter, 'en'))
}

/** Whether a step makes the letters of the children's names. */
export const makesLetters = (text: string): boolean => /\bletters?\b/i.test(text) && /\bnames?\b|\bchild/i.test(text)
