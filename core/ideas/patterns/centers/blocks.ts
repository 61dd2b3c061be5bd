import { listWords } from '../../../base'
import {
  aNames,
  forStages,
  manyNames,
  need,
  OLDER,
  playPieces,
  prep,
  theMany,
  theNames,
  countable,
  type Pattern,
} from '../kit'
import type { Thing } from '../../theme'
import { anyThings, of, portable } from './choose'

const BLOCKS = [need('unit-block', 40, 'set-up', { alt: ['interlocking-brick'] })]

const drives = (thing: Thing) => thing.category === 'vehicle'

/** What is built. */
export const BLOCK_PATTERNS: Pattern[] = [
  {
    id: 'block-place',
    title: 'Build the place',
    about: 'Build the place of the theme and move in',
    domains: ['early-math', 'social-emotional'],
    choose: anyThings(),
    make: ({ things, paper, world }) => {
      const pieces = playPieces(things, paper)
      return {
        title: `Build ${world.place}`,
        aim: `Plan and build ${world.place} with blocks, and play who comes and goes.`,
        at: ['blocks'],
        form: 'small-group',
        minutes: [5, 30, 8],
        energy: 1,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'Knock down a tower of three soft or large bricks.',
          'Stack two or three and carry them around.',
          'Build a wall and put somebody behind it.',
          `Build a room with a door, and put up a sign: ${world.signs[0]}.`,
          'Draw the plan from above, build it, and fix the plan where it changed.',
        ),
        needs: [
          ...pieces.needs,
          ...BLOCKS,
          need('people-figure', 4, 'set-up'),
          need('interlocking-brick', 10, 'set-up', { as: 'large-bricks' }),
          need('copy-paper', 3, 'set-up', { for: OLDER }),
          need('pencil', 1, 'group of 2', { for: OLDER }),
        ],
        prep: pieces.prep,
        steps: [
          `Ask what rooms and doors ${world.place} has.`,
          'Begin with a floor as large as a blanket.',
          pieces.words ? `Bring ${pieces.words} when the walls stand.` : 'Bring the people when the walls stand.',
          `Write the signs: ${world.signs.join(', ')}.`,
          'Before lunch, take a walk through it and tell what happens where.',
        ],
        say: ['Who needs to get in here?', 'What holds this part up?'],
        look: ['Builds with a plan in mind.', 'Makes room for a friend’s idea.'],
        easier: 'Tape the outline on the rug and fill it with blocks.',
        harder: 'Build a second floor that holds three people.',
        tidy: 'Each shape to its place on the shelf; leave one part standing until tomorrow.',
      }
    },
  },
  {
    id: 'block-fit',
    title: 'A spot that fits',
    about: 'Build a space that is just right for each thing',
    domains: ['early-math', 'fine-motor'],
    choose: of(2, 'objects to put in a place', portable),
    make: ({ things, paper }) => {
      const pieces = playPieces(things, paper)
      return {
        title: `A spot for each: ${listWords(things.slice(0, 3).map((thing) => thing.one))}`,
        aim: `Build a space for ${theNames(things)} that is not too big and not too small.`,
        at: ['blocks', 'tray-shelf'],
        form: 'small-group',
        minutes: [4, 20, 6],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'Drop a large block into a box and find it again.',
          'Put a thing into a box and cover it with a cloth.',
          'Build a ring of blocks around one thing.',
          'Build a space for each and prove that it fits by sliding it in.',
          'Measure first, build it out of sight, and test it at the end.',
        ),
        needs: [
          ...pieces.needs,
          ...BLOCKS,
          need('small-box', 2, 'set-up'),
          need('cloth-scrap', 2, 'set-up'),
          need('yarn', 100, 'group of 2', { for: ['school-age'] }),
        ],
        prep: pieces.prep,
        steps: [
          `Put out ${pieces.words}.`,
          'Ask which one needs the most room.',
          'Lay blocks around it on four sides, then lift it out and back in.',
          'Trade: try a friend’s thing in your space.',
        ],
        say: ['Too big, too small or just right?', 'What would you change?'],
        look: ['Turns a block to make it fit.', 'Compares two spaces by size.'],
        easier: 'Give each child one thing and eight blocks.',
        harder: 'Give every space a roof that can open.',
        tidy: 'Stack by length: the longest at the bottom.',
      }
    },
  },
  {
    id: 'block-way',
    title: 'The way there',
    about: 'Build roads, bridges and ramps to get things there',
    domains: ['science', 'gross-motor'],
    // What drives itself there comes last: a bus in a car is a puzzle, not a load.
    choose: (theme) =>
      of(
        1,
        'objects to carry',
        portable,
        3,
      )({
        ...theme,
        things: [...theme.things].sort((a, b) => Number(drives(a)) - Number(drives(b))),
      }),
    make: ({ things, paper, world }) => {
      const pieces = playPieces(things, paper)
      return {
        title: `The road to ${world.place}`,
        aim: `Build a road with a bridge and a ramp, and bring ${theNames(things)} to ${world.place}.`,
        at: ['blocks', 'outdoors'],
        form: 'small-group',
        minutes: [5, 25, 6],
        energy: 1,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'Push a soft ball back and forth along the road.',
          'Push a car on a wide flat road.',
          'Lay blocks end to end and drive along them.',
          'Build a bridge that a loaded car fits under.',
          'Find the shortest road with one ramp and one turn, and draw it.',
        ),
        needs: [
          ...pieces.needs,
          ...BLOCKS,
          need('toy-car', 3, 'set-up'),
          need('cardboard-sheet', 2, 'set-up', { alt: ['ramp-board'] }),
          need('soft-ball', 1, 'set-up', { for: ['infant'] }),
          need('masking-tape', 200, 'set-up', { adult: true }),
        ],
        prep: pieces.prep,
        steps: [
          `Mark ${world.place} with tape at one end and the start at the other.`,
          'Lay the road so that nobody has to step over it.',
          `Load a car: ${aNames(things)}. Does it fit?`,
          'Put something in the way that must be crossed.',
        ],
        say: ['What will happen at the turn?', 'How can it get across?'],
        look: ['Tests, then changes one thing.', 'Uses words such as under, over, across.'],
        easier: 'A flat road with walls on both sides.',
        harder: 'Let it roll the whole way without a push.',
        tidy: 'Park the cars, carry the blocks back in twos.',
      }
    },
  },
  {
    id: 'block-shelf',
    title: 'Build and count',
    about: 'Build rows and floors with so many on each',
    domains: ['early-math', 'language'],
    choose: of(1, 'objects that are counted one by one', countable, 5),
    make: ({ things, paper, world }) => {
      const pieces = playPieces(things, paper)
      return {
        title: `How many fit? ${things[0].many[0].toUpperCase()}${things[0].many.slice(1)} in rows`,
        aim: `Build shelves or rows for ${manyNames(things.slice(0, 3))} and count what fits on each.`,
        at: ['blocks'],
        form: 'small-group',
        minutes: [5, 20, 6],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'Hold a large brick in each hand and bang them together.',
          'Line up three large bricks and count by touching.',
          'Put one thing on each block.',
          'Build two shelves and say which one holds more.',
          'Build three floors for ten things, and find another way to share them out.',
        ),
        needs: [
          ...pieces.needs,
          ...BLOCKS,
          need('interlocking-brick', 12, 'set-up', { as: 'large-bricks' }),
          need('index-card', 6, 'set-up', { for: OLDER }),
        ],
        prep: [...pieces.prep, prep('numbers', 'Write the numbers 1 to 6 on cards', 2, ['index-card'])],
        steps: [
          `Say: ${world.place} needs shelves.`,
          `Build one long shelf together and put ${theMany(things[0])} on it.`,
          'Put a number card at each row and fill it.',
          'Count all the rows together.',
        ],
        say: ['Which row has the most?', 'Where is there room for one more?'],
        look: ['Counts each one once.', 'Makes a row longer on purpose.'],
        easier: 'One row, up to three.',
        harder: 'Every row has two more than the one below.',
        tidy: 'Take the top row down first.',
      }
    },
  },
]
