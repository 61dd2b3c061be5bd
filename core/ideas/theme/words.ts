import pluralize from 'pluralize'
import type { ThingForm } from '../../domain'

/** Things that have no plural in a child's mouth, beyond those that the package knows. */
const UNCOUNTABLE = [
  'snow',
  'rain',
  'sand',
  'soil',
  'corn',
  'wool',
  'bread',
  'milk',
  'water',
  'wind',
  'ice',
  'moss',
  'grass',
  'honey',
  'thunder',
  'lightning',
  'mud',
  'clay',
  'wood',
  'paper',
  'hay',
  'straw',
  'fog',
  'mist',
  'ash',
  'hail',
  'floss',
  'dust',
  'magma',
  'steam',
  'foam',
  'jam',
  'moonlight',
  'electricity',
  'music',
  'noise',
  'heat',
  'dirt',
  'gravel',
  'oil',
  'juice',
  'toothpaste',
  'gold dust',
  'darkness',
  'night',
  'spring',
  'summer',
  'autumn',
  'winter',
  'frost',
  'cheese',
  'butter',
  'dough',
  'flour',
  'sugar',
  'salt',
  'smoke',
  'fire',
  'light',
  'air',
  'weather',
  'sunshine',
  'seaweed',
  'coral',
  'garlic',
  'spinach',
  'lava',
  'gold',
  'silver',
  'popcorn',
  'spaghetti',
  'macaroni',
  'oatmeal',
  'yogurt',
  'cereal',
  'chalk',
  'glitter',
  'confetti',
  'trash',
  'compost',
  'laundry',
  'hair',
  'soup',
  'tea',
  'tape',
  'yarn',
  'broth',
  'gravy',
  'sauce',
  'rice',
  'pasta',
  'sushi',
  'tofu',
  'salsa',
  'syrup',
  'slime',
  'oobleck',
  'frogspawn',
  'spawn',
  'mustard',
  'ketchup',
]
/** Words whose one ends in -ie; the package takes them for the likes of a berry. */
const IN_IE = [
  'cookie',
  'brownie',
  'smoothie',
  'veggie',
  'hoodie',
  'birdie',
  'pixie',
  'collie',
  'genie',
  'goalie',
  'prairie',
  'walkie-talkie',
]
/** Words that end in -s and are one. */
const IN_S = [
  'thermos',
  'canvas',
  'lens',
  'rhinoceros',
  'octopus',
  'cactus',
  'bus',
  'iris',
  'compass',
  'walrus',
  'platypus',
  'mantis',
  'chrysalis',
]
/** Pairs, which are never one: "a pair of scissors". */
const PAIRS = [
  'pants',
  'pajamas',
  'glasses',
  'sunglasses',
  'goggles',
  'binoculars',
  'scissors',
  'tongs',
  'pliers',
  'jeans',
  'shorts',
  'overalls',
  'headphones',
  'chopsticks',
  'tights',
]
const IRREGULAR_S: Record<string, string> = { cactus: 'cacti', mantis: 'mantises', chrysalis: 'chrysalises' }
// One of them ends in -s as well.
pluralize.addIrregularRule('triceratops', 'triceratops')
IN_S.forEach((word) => {
  const plural = IRREGULAR_S[word] ?? `${word}es`
  pluralize.addSingularRule(new RegExp(`(${word}|${plural})$`, 'i'), word)
  pluralize.addPluralRule(new RegExp(`${word}$`, 'i'), plural)
})
PAIRS.forEach((word) => pluralize.addUncountableRule(new RegExp(`(^|\\s)${word}$`, 'i')))
IN_IE.forEach((word) => pluralize.addIrregularRule(word, `${word}s`))
UNCOUNTABLE.forEach((word) => pluralize.addUncountableRule(new RegExp(`(^|\\s)${word}$`, 'i')))

/** A plan asks for the same few words hundreds of times, and the package tries all of its rules each time. */
const MOST_KEPT = 2000
function kept(form: (name: string) => string): (name: string) => string {
  const known = new Map<string, string>()
  return (name) => {
    const found = known.get(name)
    if (found !== undefined) return found
    if (known.size >= MOST_KEPT) known.clear()
    const made = form(name.trim())
    known.set(name, made)
    return made
  }
}
/** "kite" for "kites"; what is one already stays. */
export const one = kept((name) => pluralize.singular(name))
/** "kites" for "kite"; what has no plural stays. */
export const many = kept((name) => pluralize.plural(name))
/** Whether one can say "three of them". */
export const isCountable = (name: string): boolean => many(name) !== one(name) || /sheep|fish|deer|moose/i.test(name)

const AN = /^([aeio](?!ne-|nce\b)|u(?!ni|se|s[aeiou]|tensil|kulele)|hour|honest|heir|herb\b|herbs\b|x-ray)/i
/** What there is only one of: "the moon". */
const ONLY_ONE = /^(sun|moon|earth|sky|ocean|sea|weather|internet)$/i
/** Whether one says "the" of it, and never "two of them". */
export const isOnlyOne = (name: string): boolean => ONLY_ONE.test(one(name))
/** Names of what nobody holds: feelings, doings and times. */
const IDEAS = new RegExp(
  '(ness|ship|hood|ism)$|^(mon|tues|wednes|thurs|fri|satur|sun)day$|' +
    '^(january|february|april|june|july|august|september|october|november|december)$',
  'i',
)
/** How a thing is counted, by the way its name is used. */
export const formByName = (name: string): ThingForm =>
  IDEAS.test(name.trim())
    ? 'idea'
    : PAIRS.includes(name.trim().toLowerCase().split(' ').at(-1)!)
      ? 'pair'
      : isCountable(one(name))
        ? 'thing'
        : 'stuff'

/** Things without a plural that still have a shape one can draw and model. */
const SHAPED = /(^|\s)(bread|cheese|corn|wood|coral|seaweed|moss|grass|hay|butter|garlic|paper)$/i
/** Whether a thing has an outline: thunder and smoke have none. */
export const hasShape = (name: string): boolean => isCountable(name) || SHAPED.test(name.trim())

/** "a kite", "an apple", "snow". */
export function withArticle(name: string): string {
  const word = one(name)
  if (!isCountable(word)) return word
  return `${AN.test(word) ? 'an' : 'a'} ${word}`
}

const NUMBERS = [
  'zero',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
  'thirteen',
  'fourteen',
  'fifteen',
  'sixteen',
  'seventeen',
  'eighteen',
  'nineteen',
  'twenty',
]
/** "five" for 5; figures above twenty. */
export const numberWord = (count: number): string => NUMBERS[count] ?? String(count)
/**
 * The number that someone wrote, in figures or as a word; null where it is none of 0 to 100.
 *
 * @example readNumber('Five') // 5
 */
export function readNumber(text: string): number | null {
  const wanted = text.trim().toLowerCase()
  const word = NUMBERS.indexOf(wanted)
  if (word >= 0) return word
  return /^\d{1,3}$/.test(wanted) && Number(wanted) <= 100 ? Number(wanted) : null
}

/** Text with its first letter large. */
export const capital = (text: string): string => text.replace(/^\s*\p{L}/u, (letter) => letter.toUpperCase())
