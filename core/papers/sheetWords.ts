import type { SheetMaterial } from '../domain'

/** What a sheet shows in few signs: by itself, since the page of a link needs nothing else of the sheets. */

const LETTERS = 2
/** A child's mark: the initial, or two letters where two children share one. */
export function markOf(name: string, all: readonly string[]): string {
  const shared = all.filter((other) => other[0]?.toLowerCase() === name[0]?.toLowerCase()).length > 1
  return shared ? name.slice(0, LETTERS) : name.slice(0, 1).toUpperCase()
}

/** What is taken in hand, in words: "rings 4 instead of large beads (hall cupboard)". */
export const inHandWords = ({ name, amount, place, insteadOf }: SheetMaterial): string =>
  `${name} ${amount}${insteadOf && ` instead of ${insteadOf}`}${place && ` (${place})`}`
