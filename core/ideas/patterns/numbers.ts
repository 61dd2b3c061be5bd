import {
  theMany,
  atLeast,
  cards,
  forStages,
  countable,
  inHand,
  manyNames,
  need,
  OLDER,
  prep,
  theNames,
  thingNeed,
  thingsOut,
  type Pattern,
} from './kit'
import { capital, numberWord } from '../theme'

/** With its article, where it has none of its own yet: "the shells", "the moon". */
const theOnes = (many: string): string => (many.startsWith('the ') ? many : `the ${many}`)

/** How far the cards count: the unit's number, but at least five and at most ten. */
const topOf = (number: number | null): number => Math.min(10, Math.max(5, number ?? 5))

/** Pieces that it takes to lay one to a number below its cards: 1 + 2 + ... */
const allLaid = (top: number): number => (top * (top + 1)) / 2
/** The highest number that can be laid out with so many pieces. */
const highestLaid = (pieces: number): number => Math.floor((Math.sqrt(8 * pieces + 1) - 1) / 2)
/** Pieces for one to three, below which it is no row of numbers. */
const LEAST_TO_LAY = allLaid(3)

/** Patterns of how many, how long and how heavy. */
export const NUMBER_PATTERNS: Pattern[] = [
  {
    id: 'count-clip',
    title: 'Count and clip',
    about: 'Count the pictures and clip the number',
    domains: ['early-math', 'fine-motor'],
    choose: atLeast(1, 'object that can be counted', countable, 3),
    make: ({ things, paper, theme }) => {
      const top = topOf(theme.number)
      const set = cards(top, paper)
      return {
        title: `Count ${theMany(things[0])} and clip`,
        aim: `Count ${things[0].many} one by one and pinch a clothespin on the number.`,
        at: ['tray-shelf'],
        form: 'tray',
        minutes: [3, 10, 2],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'beside: Take clothespins off the rim of a can with an adult’s help.',
          'Pull clothespins off the edge of a box and drop them in.',
          `Clip as many clothespins on the card as there are pictures, up to three.`,
          `Count up to ${numberWord(top)} and clip the right one of three numbers.`,
          'Clip the number that is one more, and then one less.',
        ),
        needs: [set.need, need('clothespin', 10, 'set-up'), need('tray', 1, 'set-up'), need('basket', 1, 'set-up')],
        prep: [
          ...set.prep,
          prep(
            'write-numbers',
            'Write three numbers along the edge of each card and mark the right one on the back',
            top,
            ['card-stock'],
          ),
        ],
        steps: [
          `Choose a card and touch each of ${theMany(things[0])} while counting.`,
          'Say the last number again: so many there are.',
          'Pinch the clothespin on that number.',
          'Turn the card over to see whether the mark sits behind the clothespin.',
        ],
        say: ['What would change if one more came?', 'How can you be sure that none was counted twice?'],
        look: ['Touches each picture once.', 'Opens the clothespin with finger and thumb.'],
        easier: 'Use cards up to three, with large pictures.',
        harder: 'Scatter the pictures instead of lining them up.',
        tidy: 'Stand the clothespins in a row of ten along the rim.',
      }
    },
  },
  {
    id: 'number-quantity',
    title: 'Number to quantity',
    about: 'Bring as many as the number says',
    domains: ['early-math', 'practical-life'],
    choose: atLeast(
      1,
      'object with six or more of it in the house',
      (thing) => countable(thing) && thing.onHand >= LEAST_TO_LAY,
      2,
    ),
    make: ({ things: [thing], theme }) => {
      const top = Math.min(topOf(theme.number), highestLaid(thing.onHand))
      const total = allLaid(top)
      return {
        title: `As many ${thing.many} as it says`,
        aim: `Read a number and bring exactly so many ${thing.many}.`,
        at: ['tray-shelf', 'circle'],
        form: 'tray',
        minutes: [3, 12, 3],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'beside: Pass one large thing from hand to hand.',
          `Put one thing in each cup of the muffin tin.`,
          'Fill cups marked with one, two and three dots.',
          `Set out cards from one to ${numberWord(top)} and lay ${thing.many} below each.`,
          'Draw two numbers, lay both piles, and find the sum.',
        ),
        needs: [
          thingNeed(thing, total, 'set-up', thing.large ? {} : { for: OLDER }),
          need('index-card', top, 'set-up'),
          need('muffin-tin', 1, 'set-up'),
          need('theme-figure', 2, 'set-up', { for: ['beside-infant', 'young-toddler'] }),
          ...(thing.large ? [] : [need('theme-figure', 6, 'set-up', { for: ['older-toddler'], as: 'cup-figures' })]),
        ],
        prep: [prep('number-cards', 'Write the numbers, with as many dots below', 5, ['index-card'])],
        steps: [
          'Lay the number cards in order.',
          'Read the first and bring so many from across the room.',
          'Count again while laying them down.',
          'Go on to the next number.',
        ],
        say: ['Are there enough for the last card?', 'Which pile has more, and how many more?'],
        look: ['Keeps the number in mind on the way.', 'Stops at the right count.'],
        easier: 'Draw circles on the cards to lay the things in.',
        harder: 'Take one card away and find out which from the piles.',
        tidy: 'Count backward as they go into the basket.',
      }
    },
  },
  {
    id: 'roll-take',
    title: 'Roll and take',
    about: 'Take as many as the die shows',
    domains: ['early-math', 'social-emotional'],
    choose: atLeast(2),
    make: ({ things, paper, theme }) => {
      const real = things.filter((thing) => thing.inHand && thing.onHand >= 12)
      const set = cards(24, paper)
      return {
        title: `Roll and take: ${theme.name}`,
        aim: 'Take turns, and take as many as the dots say.',
        at: ['circle', 'art-table'],
        form: 'small-group',
        minutes: [2, 12, 2],
        energy: 1,
        mess: 0,
        attention: 'watching',
        variants: forStages(
          'beside: Push a large soft die off a lap and see it roll.',
          'Roll the large die and get one for every roll.',
          'Roll a die with one, two and three dots, and take so many.',
          'Roll, count the dots, take that many, and line them up to ten.',
          'Roll two dice and add them. Give one back whenever both show the same.',
        ),
        needs: [
          ...(real.length
            ? [thingNeed(real[0], Math.min(real[0].onHand, 30), 'set-up', real[0].large ? {} : { for: OLDER })]
            : [set.need]),
          need('dice', 2, 'set-up'),
          need('small-dish', 1, 'child'),
        ],
        prep: real.length ? [] : set.prep,
        steps: [
          `Put all ${theOnes(real[0]?.many ?? `cards of ${manyNames(things.slice(0, 2))}`)} in the middle.`,
          'Roll and count the dots aloud.',
          'Take so many into their own dish.',
          'Pass the die on to the left.',
        ],
        say: ['How many do you still need?', 'Who has the same as you?'],
        look: ['Waits for the die.', 'Reads small numbers of dots at a glance.'],
        easier: 'Cover the sides with more than three dots.',
        harder: 'Play it backward: begin with ten and give away.',
        tidy: 'Everyone rolls once more and puts so many back, until all are gone.',
      }
    },
  },
  {
    id: 'add-take-away',
    title: 'Add and take away',
    about: 'Tell a story in which some come and some go',
    domains: ['early-math', 'language'],
    choose: atLeast(1, 'object that can be counted', countable, 2),
    make: ({ things: [thing], paper, theme }) => {
      const top = topOf(theme.number)
      const real = thing.inHand && thing.onHand >= top
      const set = cards(top, paper)
      return {
        title: `${numberWord(top)} ${thing.many}, and one goes`.replace(/^./, (letter) => letter.toUpperCase()),
        aim: `Act out small sums with ${thing.many} that come and go.`,
        at: ['circle', 'tray-shelf'],
        form: 'whole-group',
        minutes: [2, 8, 1],
        energy: 0,
        mess: 0,
        attention: 'watching',
        variants: forStages(
          'beside: Watch one thing come out from behind a cloth and go back.',
          'Say bye to each one that goes under the cloth.',
          'Give one more, and one more, and see the pile grow.',
          'Tell how many are left when one or two have gone.',
          'Make up a story sum for the others and write it with signs.',
        ),
        needs: [
          ...(real ? [thingNeed(thing, top, 'set-up', thing.large ? {} : { for: OLDER })] : [set.need]),
          need('scarf', 1, 'set-up'),
        ],
        prep: real ? [] : set.prep,
        steps: [
          `Set out ${numberWord(top)} ${thing.many} and count them.`,
          `Tell: “${capital(numberWord(top))} came by; two went away.”`,
          'Hide two under the scarf: how many are left?',
          'Let a child tell the next story.',
        ],
        say: ['How did you find out without counting all of them?', 'How many must come so that there are ten?'],
        look: ['Shows the number with fingers.', 'Counts on from a number instead of from one.'],
        easier: 'Stay below four, and leave the hidden ones half in sight.',
        harder: 'Tell the end and ask for the beginning.',
        tidy: 'Each takes one home to the basket and says how many are left.',
      }
    },
  },
  {
    id: 'greater-less',
    title: 'Greater and less',
    about: 'See which pile has more',
    domains: ['early-math', 'social-emotional'],
    choose: atLeast(1, 'object that can be counted', countable, 2),
    make: ({ things: [thing], paper, theme }) => {
      const top = topOf(theme.number)
      const set = cards(top * 2, paper)
      return {
        title: `Who has more ${thing.many}?`,
        aim: `Compare two numbers of ${thing.many} and say which is greater.`,
        at: ['book-nook', 'tray-shelf'],
        form: 'small-group',
        minutes: [2, 10, 1],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        variants: forStages(
          'beside: Reach for the fuller of two baskets.',
          'Choose the pile with many when asked for many.',
          'Point to more and to less, from one and four.',
          'Turn two cards at once; whoever has more takes both.',
          'Say by how many it is more before taking the cards.',
        ),
        needs: [set.need, need('basket', 2, 'set-up', { for: ['beside-infant'] })],
        prep: [
          ...set.prep,
          prep('number-backs', `Draw one to ${top} ${thing.many} on the cards, two of each`, top, ['card-stock']),
        ],
        steps: [
          'Deal the cards face down in two piles.',
          'Both turn their top card.',
          'Count and compare: more, less or the same.',
          'The same on both: lay another on top.',
        ],
        say: ['Can you see it without counting?', 'What is one less than yours?'],
        look: ['Uses more, less and the same.', 'Pairs pictures off one by one.'],
        easier: 'Compare one card against three, never neighbors.',
        harder: 'Whoever has less takes them.',
        tidy: 'Lay the cards in order from one upward.',
      }
    },
  },
  {
    id: 'measure-blocks',
    title: 'Measure with blocks',
    about: 'Find how many blocks long it is',
    domains: ['early-math', 'science'],
    choose: atLeast(2, 'objects in the house that are not small', (thing) => thing.inHand && thing.size !== 'small', 5),
    make: ({ things }) => ({
      title: `How many blocks long is ${things[0].a}?`,
      aim: `Measure ${theNames(things)} with blocks laid end to end.`,
      at: ['blocks', 'discovery'],
      form: 'small-group',
      minutes: [3, 15, 4],
      energy: 0,
      mess: 0,
      attention: 'nearby',
      standing: true,
      variants: forStages(
        'beside: Bang two blocks together and let them drop.',
        'Lay blocks in a row beside it, as many as you like.',
        'Lay blocks from one end to the other without a gap.',
        'Count the blocks and make so many marks on a strip of paper.',
        'Measure with two kinds of block and explain why the numbers differ.',
      ),
      needs: [
        ...thingsOut(things),
        need('unit-block', 20, 'set-up'),
        need('copy-paper', 1, 'group of 3', { for: ['preschool', 'school-age'] }),
        need('washable-marker', 1, 'group of 2', { for: ['preschool', 'school-age'] }),
      ],
      steps: [
        'Guess first: how many blocks long?',
        'Lay the first block level with the end.',
        'Go on end to end, without a gap.',
        'Count, and compare with the guess.',
      ],
      say: ['What happens to the number if we take longer blocks?', 'Which one is as long as your arm?'],
      look: ['Begins at the end and leaves no gap.', 'Guesses nearer each time.'],
      easier: 'Tape a line beside it to lay the blocks on.',
      harder: 'Find something in the room that is exactly as long.',
      tidy: 'Stack the blocks in piles of five.',
    }),
  },
  {
    id: 'weigh-compare',
    title: 'Weigh and compare',
    about: 'Feel which is heavier, then check',
    domains: ['science', 'early-math'],
    choose: atLeast(2, 'objects that are in the house', inHand, 5),
    make: ({ things }) => ({
      title: `Heavier: the ${things[0].one} or the ${things[1].one}?`,
      aim: `Feel and check which of ${theNames(things)} is heavier.`,
      at: ['discovery'],
      form: 'small-group',
      minutes: [4, 15, 3],
      energy: 0,
      mess: 0,
      attention: 'watching',
      standing: true,
      variants: forStages(
        'beside: Lift a filled and an empty bottle, both closed.',
        'Carry something heavy with both arms, then something light.',
        'Put one in each hand and show the heavier.',
        'Hang two in the baskets of a hanger and say what it shows.',
        'Weigh each on the kitchen scale and order the numbers.',
      ),
      needs: [
        ...thingsOut(things, 3),
        need('basket', 2, 'set-up'),
        need('kitchen-scale', 1, 'set-up', { for: ['school-age'] }),
        need('coat-hanger', 1, 'set-up'),
        need('sealed-bottle', 2, 'set-up', { for: ['beside-infant'] }),
      ],
      prep: [
        prep('hang-scale', 'Hang a basket from each end of a hanger and let it swing level', 6, [
          'coat-hanger',
          'basket',
        ]),
      ],
      steps: [
        'Close the eyes and hold one in each hand.',
        'Say which is heavier.',
        'Put them in the baskets and watch.',
        'Look for something that makes it level.',
      ],
      say: ['Is the bigger one always heavier?', `What else weighs as much as the ${things[0].one}?`],
      look: ['Guesses before weighing.', 'Adds little by little to level it.'],
      easier: 'Compare two that differ plainly.',
      harder: 'Order all of them with six weighings at most.',
      tidy: 'Line them up from light to heavy on the shelf.',
    }),
  },
]
