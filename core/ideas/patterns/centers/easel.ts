import { listWords } from '../../../base'
import { forStages, inHand, need, OLDER, prep, shaped, the, type Pattern } from '../kit'
import { anyThings, colored, doingOf, of, paintColors, partNames } from './choose'

const PAINTING = [
  need('tempera-paint', 15, 'child', { spare: 0.1 }),
  need('paintbrush', 1, 'group of 2'),
  need('butcher-paper', 60, 'child'),
  need('apron', 1, 'group of 2'),
]

/** What is painted standing up. */
export const EASEL_PATTERNS: Pattern[] = [
  {
    id: 'easel-big',
    title: 'Paint it big',
    about: 'Look at a thing, then paint it as large as the paper',
    domains: ['creative-arts', 'gross-motor'],
    choose: of(1, 'objects with a shape', shaped, 3),
    make: ({ things: [thing] }) => ({
      title: `Paint ${thing.a} as big as you can reach`,
      aim: `Look closely at ${thing.a}, then paint it with the whole arm.`,
      at: ['easel', 'art-table'],
      form: 'small-group',
      minutes: [6, 15, 8],
      energy: 0,
      mess: 2,
      attention: 'watching',
      standing: true,
      variants: forStages(
        'Pat a wet cloth on a low window or a tray and look at the mark.',
        'Make big strokes up and down with a thick brush.',
        'Paint one big shape and say what it is.',
        `Paint ${the(thing)} from edge to edge${thing.parts.length ? `, with ${partNames(thing, 3)}` : ''}.`,
        'Sketch it with chalk first, step back, fix it, then paint.',
      ),
      needs: [
        ...PAINTING.map((one) => ({
          ...one,
          variants: one.materialId === 'tempera-paint' ? ['young-toddler', 'older-toddler', ...OLDER] : one.variants,
        })),
        need('chalk', 1, 'group of 2', { for: ['school-age'] }),
        need('wipe', 1, 'group of 2'),
      ],
      prep: [
        prep(
          'picture',
          `Put up ${inHand(thing) ? `${the(thing)} or a picture of it` : `a large picture of ${thing.a}`} beside the easel`,
          4,
        ),
      ],
      steps: [
        'Stand back from it together. What is its biggest shape?',
        'Draw that shape in the air with a whole arm.',
        'Paint it from the top to the bottom of the paper.',
        'Add what makes it different from everything else.',
        'Write the name in a corner and date it.',
      ],
      say: ['Where will you begin?', 'What did you see that I missed?'],
      look: ['Moves from the shoulder.', 'Looks back at the thing while painting.'],
      easier: 'One color and one wide brush.',
      harder: 'Paint it from the other side.',
      tidy: 'Hang the paper to dry, brushes into water, aprons on hooks.',
    }),
  },
  {
    id: 'easel-colors',
    title: 'Mix its colors',
    about: 'Mix the colors that a thing has',
    domains: ['science', 'creative-arts'],
    choose: of(1, 'objects whose colors are known', colored, 3),
    make: ({ things }) => {
      const [thing] = things
      const colors = [...new Set(things.flatMap(paintColors))].slice(0, 4)
      return {
        title: `The colors of ${thing.form === 'thing' ? thing.a : thing.many}`,
        aim: `Mix ${listWords(colors)} and find out what makes a color lighter or darker.`,
        at: ['easel', 'art-table'],
        form: 'small-group',
        minutes: [6, 15, 8],
        energy: 0,
        mess: 2,
        attention: 'watching',
        standing: true,
        variants: forStages(
          'Press on two colors in a sealed bag that you hold flat.',
          'Smear one color with a hand, then another over it.',
          'Stir two colors together and say what came out.',
          `Mix until it matches ${the(thing)}, and try one more drop.`,
          'Mix five steps from light to dark and write down how.',
        ),
        needs: [
          need('tempera-paint', 15, 'child', { spare: 0.1, for: ['young-toddler', 'older-toddler', ...OLDER] }),
          need('paintbrush', 1, 'group of 2'),
          need('muffin-tin', 1, 'group of 3', { alt: ['small-dish'] }),
          need('construction-paper', 2, 'child'),
          need('cotton-swab', 3, 'child', { for: OLDER }),
          need('apron', 1, 'group of 2'),
          need('tempera-paint', 20, 'set-up', { as: 'paint-in-bag', adult: true }),
          need('zip-bag', 1, 'set-up', { adult: true }),
        ],
        prep: [
          prep('dabs', 'Put small dabs of red, yellow, blue, white and black in the cups', 4, [
            'tempera-paint',
            'muffin-tin',
          ]),
          prep('bag', 'Seal two colors in a strong bag and tape it shut', 3, ['paint-in-bag', 'zip-bag']),
        ],
        steps: [
          `Hold ${thing.inHand ? the(thing) : `a picture of ${thing.a}`} next to the paint.`,
          'Ask which color is closest. Start with that one.',
          'Add a tiny bit of another color and stir.',
          'Paint a dot of each try in a row, to see how it changed.',
        ],
        say: ['What would make it lighter?', 'Is it the same color all over?'],
        look: ['Changes the mix and looks again.', 'Has a word for a color: darker, warmer, like toast.'],
        easier: 'Two colors that make a third.',
        harder: 'Give your color a name and tell a friend how to mix it.',
        tidy: 'Rinse brushes; wipe the cups before the paint dries.',
      }
    },
  },
  {
    id: 'easel-moves',
    title: 'Paint how it moves',
    about: 'Paint lines that move like the words',
    domains: ['music-movement', 'creative-arts'],
    choose: anyThings(6),
    make: ({ things, theme, world }) => {
      const mover = things.find((thing) => thing.moves)
      const words = doingOf(theme, world)
      return {
        title: mover ? `Paint the way ${mover.a} ${mover.moves}` : `Paint to the words: ${words.join(', ')}`,
        aim: `Make lines that go like the words: ${words.join(', ')}.`,
        at: ['easel', 'outdoors'],
        form: 'small-group',
        minutes: [6, 15, 8],
        energy: 1,
        mess: 2,
        attention: 'watching',
        standing: true,
        variants: forStages(
          'Watch a light cloth move slowly and fast above.',
          'Swing the whole arm with a brush, fast and slow.',
          'Paint one long line without stopping.',
          'Paint a line for each word, and say it while painting.',
          'Paint the words without saying them, and let friends guess.',
        ),
        needs: [...PAINTING, need('cloth-scrap', 2, 'set-up')],
        steps: [
          mover
            ? `Show with a light cloth how ${mover.a} ${mover.moves}.`
            : `Show each word with a light cloth: ${words.join(', ')}.`,
          'Draw it in the air first, with eyes closed.',
          'Choose a word and put it on the paper.',
          'Look at all the lines: which one is the fastest?',
        ],
        say: ['What does a slow line look like?', 'Which word is this?'],
        look: ['Changes speed on purpose.', 'Uses the whole sheet.'],
        easier: 'One word, very slowly.',
        harder: 'Paint two words that meet in the middle.',
        tidy: 'Let the sheets dry flat; wipe the drips off the floor.',
      }
    },
  },
  {
    id: 'easel-scene',
    title: 'The place, day after day',
    about: 'One large painting that grows for days',
    domains: ['creative-arts', 'social-emotional'],
    choose: of(2, 'objects with a shape', shaped, 6),
    make: ({ things, world }) => ({
      title: `Our big painting of ${world.scene}`,
      aim: `Paint ${world.scene} together, one layer a day: ground, sky, then ${listWords(things.slice(0, 3).map((one) => one.many))}.`,
      at: ['easel', 'art-table'],
      form: 'small-group',
      minutes: [6, 20, 8],
      energy: 0,
      mess: 2,
      attention: 'watching',
      standing: true,
      variants: forStages(
        'Pat a wet sponge on the paper while you hold on.',
        'Dab with a sponge all over the ground.',
        'Fill in one big area with a sponge or a wide brush.',
        'Add one thing each day, and tell where it belongs.',
        'Plan the layers, and paint what is far away small.',
      ),
      needs: [
        need('butcher-paper', 200, 'set-up'),
        need('tempera-paint', 20, 'child'),
        need('sponge-piece', 1, 'group of 2'),
        need('paintbrush', 1, 'group of 2', { for: ['older-toddler', ...OLDER] }),
        need('apron', 1, 'group of 2'),
        need('painter-tape', 100, 'set-up', { adult: true }),
      ],
      prep: [
        prep('hang', 'Tape a long sheet to the easel or the wall, low enough for toddlers', 5, [
          'butcher-paper',
          'painter-tape',
        ]),
      ],
      steps: [
        `Day one: sponge the ground of ${world.scene} from edge to edge.`,
        'Day two: paint what is above it.',
        `After that: add ${listWords(things.map((one) => one.a))}, each by someone else.`,
        'Before each start, look at what is there and what is missing.',
      ],
      say: ['What is missing from our place?', 'Who will see this one first?'],
      look: ['Leaves room for others.', 'Adds on to what a friend painted.'],
      easier: 'Cut shapes to stick on instead of painting them.',
      harder: 'Show what time of day it is.',
      tidy: 'Leave it up; wash sponges and close the paint.',
    }),
  },
]
