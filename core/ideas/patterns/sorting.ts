import type { ThemeObject } from '../../domain'
import { listWords } from '../../base'
import {
  atLeast,
  cards,
  forStages,
  inHand,
  lacking,
  MODELS,
  MOST_THINGS,
  manyNames,
  need,
  shaped,
  thingsOut,
  type Kit,
  type Pattern,
} from './kit'
import { numberWord, pieceOf, type Theme, type Thing } from '../theme'
import { colored, portable } from './centers/choose'
import { anyOf } from './words'

/** How things fall into groups by one of their facts: only groups that can be told apart, each with its things. */
function groupsBy(things: readonly Thing[], facts: (thing: Thing) => string[]): Map<string, Thing[]> {
  const groups = new Map<string, Thing[]>()
  for (const thing of things) {
    for (const fact of new Set(
      facts(thing)
        .map((text) => text.trim().toLowerCase())
        .filter(Boolean),
    ))
      groups.set(fact, [...(groups.get(fact) ?? []), thing])
  }
  return groups
}
/** Baskets that fit beside each other on a rug. */
const MOST_GROUPS = 4

/**
 * Things that fall into at least two groups of one fact, with two in one of them, or what is missing. Where there are
 * more groups than baskets, those with the most things stay.
 */
function grouped(fact: string, facts: (thing: Thing) => string[], least: number, hint: string) {
  return (theme: Theme): ReturnType<Pattern['choose']> => {
    const groups = groupsBy(theme.things, facts)
    if (groups.size < least)
      return {
        missing:
          `Needs at least ${numberWord(least)} ${fact}; the theme has ` +
          `${groups.size === 0 ? 'none' : `only ${listWords([...groups.keys()])}`}. ${hint}`,
      }
    const kept = new Set(
      [...groups]
        .sort(([, a], [, b]) => b.length - a.length)
        .slice(0, MOST_GROUPS)
        .map(([group]) => group),
    )
    const things = theme.things.filter((thing) => facts(thing).some((one) => kept.has(one.trim().toLowerCase())))
    if (![...groups.values()].some((group) => group.length > 1))
      return { missing: `Needs two objects that share one of their ${fact}. ${hint}` }
    if (things.length < least + 1)
      return { missing: lacking(least + 1, things.length, `objects of which the ${fact} are known`) }
    // One of each group first: so many of one kind must not push the others out.
    const firsts = [...kept].flatMap(
      (group) => things.find((thing) => facts(thing).some((one) => one.trim().toLowerCase() === group)) ?? [],
    )
    const chosen = new Set([...new Set([...firsts, ...things])].slice(0, MOST_THINGS))
    return { things: things.filter((thing) => chosen.has(thing)) }
  }
}
const colours = (thing: Thing) => (colored(thing) ? thing.colours : [])
/** What a kind is called on a basket, where it is not the name of one. */
const KIND_WORDS: Record<string, string> = {
  'in the room': 'furniture',
  'in the house': 'parts of a house',
  'in the yard': 'yard things',
  'in the park': 'park things',
  'for washing': 'washing things',
  'for wearing': 'clothing',
  'for art': 'art supplies',
  'for sewing': 'sewing things',
  'for reading': 'things to read',
  'for pets': 'pet things',
  'for the doctor': 'doctor things',
  'for the earth': 'garden things',
  'found outdoors': 'found things',
}
const kind = (thing: Thing) => [KIND_WORDS[thing.category] ?? thing.category]
/** Where things are kept or seen, which is no place to build and to move into. */
const NO_PLACE = anyOf(
  'an? .*, long ago, space, the year, the calendar, the face, the heart, the body, the day, the week, the gift, the bike, ' +
    'the drawer, the clothesline, the table, the rain, the water, the rug, the sky, the porch, the ([a-z]+ )?closet',
  '^',
  '$',
)
/** Where it is at home, where that is a place that one can build. */
const lives = (thing: Thing) => [NO_PLACE.test(thing.lives) ? '' : thing.lives]

/** Longest side of the real one in mm, else of the one that is here; null where neither is known. */
const lifeSize = (thing: Thing): number | null => {
  // What is far away is here as a toy: that says nothing of how large it is.
  const here = portable(thing) && !MODELS.test(thing.category) ? pieceOf(thing) : null
  return thing.realMm ?? (here && Math.max(...here))
}
/** How much larger the next one must be to be seen as such. */
const PLAINLY = 1.3
/** Things from small to large by how large they are in life, each plainly larger than the one before. */
function inLife(things: readonly Thing[]): Thing[] {
  const row: Thing[] = []
  for (const thing of things
    .filter((one) => shaped(one) && lifeSize(one) !== null)
    .sort((a, b) => lifeSize(a)! - lifeSize(b)!))
    if (!row.length || lifeSize(thing)! >= lifeSize(row.at(-1)!)! * PLAINLY) row.push(thing)
  return row
}

/** Real things where all are in the house, else cards with their pictures. */
function toSort({ things, paper }: Kit) {
  const real = things.every(inHand)
  const set = cards(things.length * 2, paper)
  return { real, needs: real ? thingsOut(things, 4) : [set.need], prep: real ? [] : set.prep }
}
const SIZES: Record<NonNullable<ThemeObject['size']>, number> = { small: 0, medium: 1, large: 2 }

/** Patterns of putting together what belongs together. */
export const SORTING_PATTERNS: Pattern[] = [
  {
    id: 'sort-colour',
    title: 'Sort by color',
    about: 'Put together what has one color',
    domains: ['early-math', 'language'],
    choose: grouped('colors', colours, 3, 'Write colors beside the objects in Spark.'),
    make: (kit) => {
      const groups = [...groupsBy(kit.things, colours).keys()].slice(0, 4)
      const { needs, prep, real } = toSort(kit)
      return {
        title: `Sort by color: ${kit.theme.name}`,
        aim: `Sort ${real ? manyNames(kit.things.slice(0, 3)) : 'pictures'} into ${listWords(groups)}.`,
        at: ['tray-shelf', 'circle'],
        form: 'small-group',
        minutes: [4, 12, 3],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          `beside: Look from one cloth to the other as each is lifted: ${groups[0]}, then ${groups[1]}.`,
          `Put what is ${groups[0]} on the ${groups[0]} sheet, and leave the rest.`,
          `Sort into two: ${groups[0]} and ${groups[1]}.`,
          `Sort into all ${groups.length} and count which has most.`,
          'Sort by two things at once: color across, size down, in a grid.',
        ),
        needs: [...needs, need('construction-paper', groups.length, 'set-up'), need('tray', 1, 'group of 3')],
        prep,
        steps: [
          `Lay out one sheet for each color: ${listWords(groups)}.`,
          'Hold one thing up and ask where it goes.',
          'Go on in turns until all lie somewhere.',
          'Talk about those that could go in two places.',
        ],
        say: ['Which pile is the largest, and how do you know?', 'Where does something with two colors go?'],
        look: ['Holds the thing against the sheet to compare.', 'Names the color unasked.'],
        easier: 'Use two colors that are far apart.',
        harder: 'Sort from light to dark within one color.',
        tidy: 'Call one color after the other back into the basket.',
      }
    },
  },
  {
    id: 'sort-kind',
    title: 'Sort by kind',
    about: 'Put together what is of one kind',
    domains: ['science', 'language'],
    choose: grouped('kinds', kind, 2, 'Write a kind beside each object in Spark, such as “flies” or “fruit”.'),
    make: (kit) => {
      const groups = [...groupsBy(kit.things, kind).keys()].slice(0, 4)
      const { needs, prep } = toSort(kit)
      return {
        title: `What kind is it? ${kit.theme.name}`,
        aim: `Find out what things have in common: ${listWords(groups)}.`,
        at: ['discovery', 'tray-shelf'],
        form: 'small-group',
        minutes: [4, 12, 3],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'beside: Explore two things that feel quite unlike, one in each hand.',
          'Drop each thing into the basket that an adult points to.',
          `Sort into two baskets: ${groups[0]} or not.`,
          `Sort into ${groups.length} baskets and give the reason for each.`,
          'Think of a new way to sort the same things and let others find the rule.',
        ),
        needs: [...needs, need('basket', groups.length, 'set-up')],
        prep,
        steps: [
          `Put one example in each basket: ${listWords(groups)}.`,
          'Pass the rest around and talk about each.',
          'Let the child decide where it goes and say why.',
          'Tip one basket out and check together.',
        ],
        say: ['What makes it one of these?', 'Is there one that does not fit anywhere?'],
        look: ['Gives a reason that is about the thing.', 'Changes a decision after a closer look.'],
        easier: 'Begin with the two kinds that differ most.',
        harder: 'Sort into a ring that overlaps another, with room in the middle.',
        tidy: 'Carry each basket back to its place on the shelf.',
      }
    },
  },
  {
    id: 'sort-place',
    title: 'Sort by where it belongs',
    about: 'Bring each to where it lives or is used',
    domains: ['world', 'science'],
    choose: grouped('places', lives, 2, 'Write where each lives or is used in Spark.'),
    make: (kit) => {
      const groups = [...groupsBy(kit.things, lives).keys()].slice(0, 4)
      const { needs, prep } = toSort(kit)
      return {
        title: `Where does it belong? ${kit.theme.name}`,
        aim: `Bring each thing to where it lives or is used: ${listWords(groups)}.`,
        at: ['blocks', 'pretend', 'discovery'],
        form: 'small-group',
        minutes: [6, 15, 4],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'beside: Crawl from one mat to another of a different feel.',
          `Carry one thing at a time to ${groups[0]}.`,
          `Choose between two places: ${groups[0]} and ${groups[1]}.`,
          `Build ${listWords(groups.slice(0, 3))} and move everything in.`,
          'Draw a map with all the places and a way between them.',
        ),
        needs: [...needs, need('unit-block', 12, 'set-up'), need('felt-sheet', groups.length, 'set-up')],
        prep,
        steps: [
          `Lay a cloth for each place: ${listWords(groups)}.`,
          'Build a little on each, so that it can be told apart.',
          'Draw a thing from the bag and ask where it is at home.',
          'Play on: visits, journeys, going to bed.',
        ],
        say: ['What does it need there?', 'What would happen if it moved to the other place?'],
        look: ['Tells why it belongs there.', 'Plays on beyond the sorting.'],
        easier: 'Put one picture of each place on its cloth.',
        harder: 'Add a thing that is at home in two places.',
        tidy: 'All go home to their basket, place by place.',
      }
    },
  },
  {
    id: 'order-size',
    title: 'Order by size',
    about: 'Lay them from small to large',
    domains: ['early-math', 'fine-motor'],
    choose: (theme) => {
      const row = inLife(theme.things)
      if (row.length >= 3) return { things: row.slice(0, 8) }
      const sized = theme.things.filter(
        (thing) => thing.size !== null && shaped(thing) && portable(thing) && !MODELS.test(thing.category),
      )
      const sizes = new Set(sized.map((thing) => thing.size))
      if (sized.length < 3)
        return {
          missing: `${lacking(3, sized.length, 'objects of known size')} Choose small, medium or large in Spark.`,
        }
      if (sizes.size < 2) return { missing: `Needs sizes that differ; all of these are ${[...sizes][0]}.` }
      return { things: [...sized].sort((a, b) => SIZES[a.size!] - SIZES[b.size!]).slice(0, 8) }
    },
    make: (kit) => {
      const { things } = kit
      const { needs, prep, real } = toSort(kit)
      const [first, last] = [things[0], things.at(-1)!]
      return {
        title: `From ${first.one} to ${last.one}`,
        aim: `Order by size, from ${first.a} to ${last.a}.`,
        at: ['tray-shelf', 'blocks'],
        form: 'small-group',
        minutes: [3, 10, 2],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'beside: Nest a small bowl in a large one and take it out again.',
          'Give the big one when asked, out of a big and a small.',
          'Lay small, middle and large on three marked places.',
          real
            ? `Order all ${things.length} and check by holding neighbors side by side.`
            : `Order all ${things.length} by how large they are in life.`,
          real
            ? 'Measure each in blocks and write the numbers below.'
            : 'Guess how large each is in life and find out one of them.',
        ),
        needs: [...needs, need('bowl', 2, 'set-up', { for: ['beside-infant'] }), need('masking-tape', 100, 'set-up')],
        prep,
        steps: [
          'Tape a line on the table, thin at one end and wide at the other.',
          `Find the smallest together: ${first.a}.`,
          'Ask of each next one: larger or smaller than this?',
          'Run a finger along the row to feel it grow.',
        ],
        say: ['Which two were hard to tell apart?', 'Is the tallest also the heaviest?'],
        look: ['Compares two at a time.', 'Makes room in the middle for one that was left.'],
        easier: 'Offer three that differ plainly.',
        harder: real
          ? 'Order them with closed eyes, by touch.'
          : 'Tell what each would fit into: a hand, a car, a house.',
        tidy: 'Put away the largest first and let the smallest ride on top.',
      }
    },
  },
  {
    id: 'lay-a-row',
    title: 'Lay a row that goes on',
    about: 'See what repeats and go on with it',
    domains: ['early-math', 'creative-arts'],
    choose: atLeast(2, 'objects with a shape', shaped),
    make: ({ things, paper }) => {
      const [a, b] = things
      const held = [a, b].every((thing) => thing.inHand && thing.onHand >= 3)
      const set = cards(12, paper)
      return {
        title: `${a.one}, ${b.one}, ${a.one}, ${b.one}`.replace(/^./, (letter) => letter.toUpperCase()),
        aim: `See what repeats in a row of ${manyNames([a, b])}, and go on with it.`,
        at: ['tray-shelf', 'circle'],
        form: 'small-group',
        minutes: [3, 10, 2],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'beside: Hear a slow beat of two sounds, one high and one low.',
          'Clap and stamp in turns with an adult.',
          `Lay one more on a row of ${a.one}, ${b.one}, ${a.one}.`,
          'Go on with a row of two for six more places and say it aloud.',
          'Invent a row of three that repeats, and hide one for others to find.',
        ),
        needs: [...(held ? thingsOut([a, b], 6) : [set.need]), need('masking-tape', 120, 'set-up')],
        prep: held ? [] : set.prep,
        steps: [
          'Tape a long line on the floor.',
          `Lay ${a.one}, ${b.one}, ${a.one}, ${b.one} and say it as you point.`,
          'Stop and wait: what comes now?',
          'Say the whole row aloud, with a clap for one and a pat on the knee for the other.',
        ],
        say: ['How did you know what comes next?', 'What would the row be like with a third one in it?'],
        look: ['Says the row rhythmically.', 'Fixes a break in the row.'],
        easier: 'Keep the first four lying as a model.',
        harder: 'Lay two of one and one of the other.',
        tidy: 'Take up every second one first, then the rest.',
      }
    },
  },
]
