import type { SheetMaterial } from '../domain'

/** What a sheet shows in few signs: by itself, since the page of a link and the list of units need nothing else of the sheets. */

const LETTERS = 2
/** A child's mark: the initial, or two letters where two children share one. */
export function markOf(name: string, all: readonly string[]): string {
  const shared = all.filter((other) => other[0]?.toLowerCase() === name[0]?.toLowerCase()).length > 1
  return shared ? name.slice(0, LETTERS) : name.slice(0, 1).toUpperCase()
}

/** What is taken in hand, in words: "rings 4 instead of large beads (hall cupboard)". */
export const inHandWords = ({ name, amount, place, insteadOf }: SheetMaterial): string =>
  `${name} ${amount}${insteadOf && ` instead of ${insteadOf}`}${place && ` (${place})`}`

/** Letters of a change's label. */
const MOST_LABEL = 120

/** What a tick is called in the log. */
export const tickLabel = (text: string, done: boolean): string => {
  const label = `${done ? 'Checked off' : 'Not done after all'}: ${text}`
  return label.length > MOST_LABEL ? `${label.slice(0, MOST_LABEL - 1)}…` : label
}

/** The focus of a unit in one line: "Letter K · 5 · diamond · sky blue". */
export const focusWords = (focus: { letter: string; number: string; shape: string; colour: string }): string =>
  [focus.letter && `Letter ${focus.letter}`, focus.number, focus.shape, focus.colour].filter(Boolean).join(' · ')
