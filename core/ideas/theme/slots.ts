import type { Activity, Unit } from '../../domain'
import { listWords } from '../../base'
import { numberWord, withArticle } from './words'
import { themeOf, type Theme, type Thing } from './theme'

/**
 * Slots of the library's texts, which take what the unit is about. Each has words that hold for any unit, so that a
 * text reads well before there is a theme.
 *
 * - `{objects}` up to three things in the house that are too large to choke on: "kites, scarves and bells"
 * - `{object}` the first of them: "a kite"
 * - `{names}` up to three things of the theme to talk about, in the house or not
 * - `{name}` the first of them: "a kite"
 * - `{words}`, `{word}` words of the unit
 * - `{theme}`, `{letter}`, `{number}`, `{shape}`, `{color}`
 */
const PLAIN: Record<string, string> = {
  objects: 'a few large things',
  object: 'a large thing',
  names: 'things of the theme',
  name: 'something of the theme',
  words: 'words of the week',
  word: 'a word of the week',
  theme: 'our theme',
  letter: 'the letter of the week',
  number: 'five',
  shape: 'the shape of the week',
  color: 'one color',
}
export const SLOTS = Object.keys(PLAIN)
const SLOT = /\{([a-z]+)\}/g
const MOST_NAMED = 3

const handled = (theme: Theme): Thing[] => theme.things.filter((thing) => thing.inHand && thing.large)

function valuesOf(theme: Theme): Record<string, string> {
  const inHand = handled(theme)
  const names = theme.things.slice(0, MOST_NAMED)
  const value = (text: string, slot: string) => text || PLAIN[slot]
  return {
    objects: value(listWords(inHand.slice(0, MOST_NAMED).map((thing) => thing.many)), 'objects'),
    object: inHand[0]?.a ?? PLAIN.object,
    names: value(listWords(names.map((thing) => thing.many)), 'names'),
    name: value(names[0]?.a ?? '', 'name'),
    words: value(listWords(theme.words.slice(0, MOST_NAMED).map((word) => `“${word}”`)), 'words'),
    word: theme.words[0] ? `“${theme.words[0]}”` : PLAIN.word,
    theme: value(theme.name && `“${theme.name}”`, 'theme'),
    letter: theme.letter ? `the letter ${theme.letter}` : PLAIN.letter,
    number: theme.number === null ? PLAIN.number : numberWord(theme.number),
    shape: theme.shape ? withArticle(theme.shape) : PLAIN.shape,
    color: value(theme.colour, 'color'),
  }
}

/** The slots that a text has. */
export const slotsIn = (text: string): string[] => [...text.matchAll(SLOT)].map((found) => found[1])
const fillText = (text: string, values: Record<string, string>): string =>
  text.includes('{')
    ? text
        .replace(SLOT, (whole, slot: string) => values[slot] ?? whole)
        .replace(/^\p{Ll}/u, (letter) => letter.toUpperCase())
    : text

const textsOf = (activity: Activity): string[] => [
  activity.title,
  activity.aim,
  ...activity.variants.map((one) => one.how),
  ...activity.prep.map((one) => one.text),
  ...activity.steps,
  ...activity.say,
  ...activity.lookFor,
  activity.easier,
  activity.harder,
  activity.tidy,
]
const slotted = new WeakMap<Activity, boolean>()
/** Whether an activity takes anything from the theme. */
export function takesTheme(activity: Activity): boolean {
  let known = slotted.get(activity)
  if (known === undefined) slotted.set(activity, (known = textsOf(activity).some((text) => text.includes('{'))))
  return known
}

/**
 * Activities with their slots filled from a unit; those without a slot are handed on as they are.
 *
 * @param unit what the words and things come from; null fills in the plain words
 */
export function inTheme(
  activities: readonly Activity[],
  unit: Pick<Unit, 'name' | 'words' | 'objects' | 'focus'> | null,
): Activity[] {
  const values = unit ? valuesOf(themeOf(unit)) : PLAIN
  const fill = (text: string) => fillText(text, values)
  return activities.map((activity) =>
    takesTheme(activity)
      ? {
          ...activity,
          title: fill(activity.title),
          aim: fill(activity.aim),
          variants: activity.variants.map((one) => ({ ...one, how: fill(one.how) })),
          prep: activity.prep.map((one) => ({ ...one, text: fill(one.text) })),
          steps: activity.steps.map(fill),
          say: activity.say.map(fill),
          lookFor: activity.lookFor.map(fill),
          easier: fill(activity.easier),
          harder: fill(activity.harder),
          tidy: fill(activity.tidy),
        }
      : activity,
  )
}
