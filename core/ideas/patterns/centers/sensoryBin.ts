import { cards, countable, forStages, manyNames, need, OLDER, playPieces, prep, type Pattern } from '../kit'
import { numberWord } from '../../theme'
import { fillerOf, inPlace } from '../world'
import { anyThings, of, portable } from './choose'

/** A place without its article, for a title: "A little bakery in the bin". */
export const withoutArticle = (place: string): string => place.replace(/^(the|an?) /, '')

/** What stands in the sensory bin. */
export const BIN_PATTERNS: Pattern[] = [
  {
    id: 'bin-world',
    title: 'A small world',
    about: 'A small world of the theme in the bin',
    domains: ['sensory', 'language'],
    choose: anyThings(),
    make: ({ things, paper, world }) => {
      const pieces = playPieces(things, paper)
      const { materialId, amount, words } = fillerOf(world)
      return {
        title: `A little ${withoutArticle(world.scene)} in the bin`,
        aim: `Scoop, hide and move things around in a small world of ${words}, and tell what happens there.`,
        at: ['sensory-bin'],
        form: 'small-group',
        minutes: [8, 25, 8],
        energy: 0,
        mess: 2,
        attention: 'watching',
        standing: true,
        variants: forStages(
          'Sit on a lap beside it, feel a large piece of cloth and watch the others.',
          'Scoop and dump with a cup, hand over hand if it helps.',
          'Hide a thing, find it, and say where it was.',
          `Make a place for each thing and tell who lives or works there.`,
          'Make up a problem in the small world and solve it; draw the map afterward.',
        ),
        needs: [
          ...pieces.needs,
          need(materialId, amount, 'set-up', {
            alt: materialId === 'water' ? [] : ['crinkle-paper', 'large-pasta'].filter((one) => one !== materialId),
          }),
          ...(materialId === 'water' ? [need('water-tub', 1, 'set-up')] : []),
          need('scoop', 1, 'group of 2'),
          need('paper-cup', 4, 'set-up'),
          need('cloth-scrap', 2, 'set-up'),
          need('towel', 1, 'set-up'),
        ],
        prep: [...pieces.prep, prep('fill-bin', `Set up the small world: ${world.bin}`, 10, [materialId])],
        steps: [
          'Say the rules: it stays in the bin, two hands, we share.',
          pieces.words
            ? `Place ${pieces.words} in it, or let the kids choose where.`
            : 'Let the kids choose where things go.',
          `Ask what you would see ${inPlace(world.scene)} first.`,
          'Let them play. Add one thing when the play slows down.',
        ],
        say: ['What is happening over here?', 'What would you need to get across?'],
        look: ['Keeps the filler low and in the bin.', 'Tells a small story while playing.'],
        easier: 'Take the small things out and leave cups and scoops.',
        harder: 'Build a hill, a road or a shore that holds.',
        tidy: 'Brush hands over the bin, count the things back, cover it.',
      }
    },
  },
  {
    id: 'bin-scoops',
    title: 'Scoops for each',
    about: 'Fill a cup for each with as many scoops as its number',
    domains: ['early-math', 'practical-life'],
    choose: of(2, 'objects that are counted one by one', countable, 5),
    make: ({ things, paper, theme, world }) => {
      const set = cards(things.length, paper)
      const most = Math.min(theme.number ?? 5, 6)
      return {
        title: `Scoops by number ${inPlace(world.place)}`,
        aim: `Fill each cup with as many scoops as its number says, up to ${numberWord(most)}.`,
        at: ['sensory-bin'],
        form: 'small-group',
        minutes: [6, 20, 8],
        energy: 0,
        mess: 2,
        attention: 'watching',
        standing: true,
        variants: forStages(
          'Hold a large empty cup with both hands and pass it back.',
          'Fill a cup and dump it, again and again.',
          'Fill the cup that has the picture you name.',
          'Read the number on the cup and count the scoops aloud.',
          'Guess how many scoops fill a pitcher, then count and compare.',
        ),
        needs: [
          set.need,
          need('rolled-oats', 900, 'set-up', { alt: ['corn-pasta', 'large-pasta'] }),
          need('paper-cup', things.length, 'set-up'),
          need('scoop', 1, 'group of 2'),
          need('jug', 1, 'set-up'),
          need('tray', 1, 'set-up'),
        ],
        prep: [
          ...set.prep,
          prep('cups', `Tape a picture to each cup and write a number from 1 to ${most} on it`, 5, [
            'paper-cup',
            'card-stock',
          ]),
        ],
        steps: [
          `Line up the cups with their pictures: ${manyNames(things)}.`,
          'Show one: read the number, count the scoops, stop.',
          'Let each child choose a cup and fill it.',
          'Pour all the cups into one pitcher and guess before you look.',
        ],
        say: ['Which cup has the most?', 'How many more until it is right?'],
        look: ['Says one number for each scoop.', 'Stops at the number.'],
        easier: 'Two cups: one for one scoop, one for two.',
        harder: 'Half scoops: how many make three?',
        tidy: 'Empty the cups into the bin and stack them.',
      }
    },
  },
  {
    id: 'bin-rescue',
    title: 'Fish it out',
    about: 'Fish sealed pictures out of the water',
    domains: ['fine-motor', 'sensory'],
    choose: of(3, 'objects that are counted one by one', (thing) => countable(thing) && portable(thing), 6),
    make: ({ things, paper }) => {
      const set = cards(things.length, paper)
      return {
        title: `Fish for ${things[0].many}`,
        aim: `Lift pictures of ${manyNames(things.slice(0, 3))} out of the water with tongs, a spoon or a sieve.`,
        at: ['sensory-bin', 'outdoors'],
        form: 'small-group',
        minutes: [8, 20, 8],
        energy: 0,
        mess: 2,
        attention: 'hands-on',
        standing: true,
        variants: forStages(
          'Splash a flat hand on a wet tray on your lap.',
          'Pick pictures out with a hand and drop them into the bowl.',
          'Scoop them out with a sieve or a large spoon.',
          'Use tongs, name what was caught and lay it in a row.',
          'Catch only those that you call out by a clue, against a slow count of ten.',
        ),
        needs: [
          set.need,
          need('laminating-pouch', Math.ceil(things.length / 6) + 1, 'set-up', { adult: true, alt: ['contact-sheet'] }),
          need('water-tub', 1, 'set-up'),
          need('water', 6000, 'set-up'),
          need('sieve', 1, 'group of 3'),
          need('spoon', 1, 'group of 2'),
          need('tongs', 1, 'group of 2', { for: OLDER }),
          need('bowl', 1, 'group of 3'),
          need('tray', 1, 'set-up'),
          need('towel', 2, 'set-up'),
        ],
        prep: [
          ...set.prep,
          prep('seal', 'Seal the pictures and cut them out with a wide clear edge', 10, ['laminating-pouch']),
        ],
        steps: [
          'Fill the tub two inches deep and float the pictures.',
          'Stay within arm’s reach the whole time.',
          'Let each child choose a tool and catch three.',
          `Say a clue: “I am looking for ${things[0].a}.”`,
          'Empty the tub as soon as you are done.',
        ],
        say: ['Which tool works best, and why?', 'What did you catch?'],
        look: ['Squeezes the tongs with one hand.', 'Tries a second tool when one fails.'],
        easier: 'Fewer pictures in less water.',
        harder: 'Catch them in the order of their first letters.',
        tidy: 'Dry the pictures on a towel and hang up the aprons.',
      }
    },
  },
  {
    id: 'bin-build',
    title: 'A place to dig, fill and load',
    about: 'Load, carry and unload things of the theme',
    domains: ['sensory', 'gross-motor'],
    choose: of(1, 'objects to carry', portable, 3),
    make: ({ things, paper, world }) => {
      const pieces = playPieces(things, paper)
      return {
        title: `Load and deliver ${inPlace(world.place)}`,
        aim: `Fill buckets and cars, carry the load across and pour it out where it is needed.`,
        at: ['sensory-bin', 'outdoors'],
        form: 'small-group',
        minutes: [6, 20, 8],
        energy: 1,
        mess: 2,
        attention: 'watching',
        standing: true,
        variants: forStages(
          'Tip a large light box over and look under it.',
          'Fill a cup, carry it two steps and dump it.',
          'Drive a car full of crinkled paper to the other side.',
          'Load, carry and keep count on paper with one line for each load.',
          'Find the way that takes the fewest trips, and show that it does.',
        ),
        needs: [
          ...pieces.needs,
          need('crinkle-paper', 100, 'set-up'),
          need('toy-car', 3, 'set-up'),
          need('small-box', 2, 'set-up'),
          need('paper-cup', 1, 'child'),
          need('copy-paper', 2, 'set-up', { for: OLDER }),
        ],
        prep: pieces.prep,
        steps: [
          `Mark one side as ${world.place}.`,
          pieces.words ? `Put ${pieces.words} there.` : 'Put the boxes there.',
          'Show how a load is filled, carried and poured.',
          'Let them find their own way. Ask for a full load of something special.',
        ],
        say: ['How many loads will it take?', 'What else could carry it?'],
        look: ['Uses both hands to carry.', 'Tries another way when something spills.'],
        easier: 'One box, one car and a short way.',
        harder: 'The road has a hill: build a ramp first.',
        tidy: 'The last load goes back into the bin.',
      }
    },
  },
]
