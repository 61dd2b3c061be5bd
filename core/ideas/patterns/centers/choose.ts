import type { Pattern } from '../kit'
import { listWords } from '../../../base'
import { atLeast, countable, lacking, real } from '../kit'
import { anyOf } from '../words'
import { DOING_WORDS, type ThemeWorld } from '../world'
import type { Theme, Thing } from '../../theme'

const CREATURE = /animal|bird|insect|reptile|^pet$|long ago|story creature/
const PEOPLE = /^person$/
/** What is too large, too far or too vague to be handed over a counter. */
const NO_GOODS = anyOf(
  'animal, bird, insect, reptile, ^pet$, person, place, building, weather, sky, vehicle, feeling, ' +
    'doing, time, season, sound, body, creature, ^home$, park, playground, long ago, figure, number, ' +
    'shape, in the house, hot thing, in the yard',
)

/** An animal, real, long gone or made up. */
export const creature = (thing: Thing): boolean => CREATURE.test(thing.category)
/** Somebody or an animal: what can speak and act in a story. */
export const acts = (thing: Thing): boolean => creature(thing) || PEOPLE.test(thing.category)
/** What one can order, carry and count out. */
export const goods = (thing: Thing): boolean =>
  thing.form !== 'idea' && thing.form !== 'name' && !NO_GOODS.test(thing.category)
/** What has at least three parts to name. What somebody wears is no part of them. */
export const inParts = (thing: Thing): boolean =>
  countable(thing) && thing.parts.length >= 3 && !PEOPLE.test(thing.category)
/** What is put together from parts, rather than grown or baked in one. */
export const buildable = (thing: Thing): boolean => inParts(thing) && !/food|fruit|vegetable|drink/.test(thing.category)
/** "the wings, the stinger and the stripes" */
export const partNames = (thing: Thing, most = 4): string =>
  listWords(thing.parts.slice(0, most).map((part) => `the ${part}`))
/** Colors that are found and mixed: what shines or lets light through is no paint. */
export const paintColors = (thing: Thing): string[] =>
  thing.colours.filter((color) => !/^(gold|silver|clear|copper)$/.test(color))
/** What has colors to look for and to mix. That of people is no color of a thing. */
export const colored = (thing: Thing): boolean =>
  real(thing) && paintColors(thing).length > 0 && !/^person$|body/.test(thing.category)
const FAR = anyOf('sky, place, building, weather, season, time, sound, part of a canal, ^home$, feeling')
/** What a toy car could bring: neither the moon nor a bridge. */
export const portable = (thing: Thing): boolean => real(thing) && !FAR.test(thing.category)

/** Things that can be seen or held: none is fine, since the place itself is the theme. */
export const anyThings =
  (most = 4): Pattern['choose'] =>
  (theme: Theme) => ({ things: theme.things.filter(real).slice(0, most) })
/** At least so many of one sort, at most so many. */
export const of = (count: number, what: string, which: (thing: Thing) => boolean, most = 4): Pattern['choose'] =>
  atLeast(count, what, which, most)

/**
 * Words that say what is done, for moving: of the unit's own those that are known to be such, then what things of such a
 * theme do.
 */
export const doingOf = (theme: Theme, world: ThemeWorld, most = 3): string[] => {
  const own = theme.words.map((word) => word.toLowerCase()).filter((word) => DOING_WORDS.has(word))
  return [...new Set([...own, ...world.doing])].slice(0, most)
}
/** Words of the unit, or what its things do. */
export const wordsOf = (theme: Theme, doing: readonly string[], most = 3): string[] =>
  (theme.words.length >= 2 ? theme.words : [...theme.words, ...doing]).slice(0, most)

export { lacking }
