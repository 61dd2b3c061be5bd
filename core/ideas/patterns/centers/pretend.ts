import { inPlace } from '../world'
import { listWords } from '../../../base'
import { withArticle } from '../../theme'
import {
  theMany,
  aNames,
  cards,
  forStages,
  manyNames,
  need,
  OLDER,
  playPieces,
  prep,
  real,
  the,
  theNames,
  type Pattern,
} from '../kit'
import { anyThings, creature, goods, of } from './choose'

const BOXABLE = /vehicle|building|^home$|tool|in the room|mail|place|camping|story thing|in the park|found|light/
const MIN_BOX_MM = 300

/** What the pretend corner becomes. */
export const PRETEND_PATTERNS: Pattern[] = [
  {
    id: 'play-place',
    title: 'A place to play in',
    about: 'Turn the pretend corner into a place of the theme',
    domains: ['social-emotional', 'language'],
    choose: anyThings(),
    make: ({ things, paper, world }) => {
      const pieces = playPieces(things, paper)
      const roles = world.roles.map(withArticle)
      return {
        title: `Welcome to ${world.place}`,
        aim: `Play together as ${listWords(roles, 'or')} ${inPlace(world.place)}.`,
        at: ['pretend'],
        form: 'small-group',
        minutes: [10, 30, 8],
        energy: 1,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'Sit with you in the middle of it, and trade a large play dish back and forth.',
          'Carry things in and out of the basket and do what the older kids do.',
          `Be ${roles[0]} with a hat and one thing to hold.`,
          `Choose a part, trade parts, and use the words on the signs.`,
          `Run ${world.place}: write what is needed, keep the list, and help the little ones find a part.`,
        ),
        needs: [
          ...pieces.needs,
          need('dress-up', 4, 'set-up'),
          need('cardboard-box', 1, 'set-up'),
          need('copy-paper', 4, 'set-up'),
          need('washable-marker', 4, 'set-up', { for: OLDER }),
          need('basket', 2, 'set-up'),
          need('play-dish', 4, 'set-up'),
        ],
        prep: [
          ...pieces.prep,
          prep('gather-props', `Gather what the house has of these: ${world.props.join(', ')}`, 10),
          prep('counter', 'Turn a large box over as a counter and tape paper on it for the signs', 6, [
            'cardboard-box',
            'copy-paper',
          ]),
        ],
        steps: [
          `Ask the kids what people do ${inPlace(world.place)}.`,
          `Write the signs together: ${world.signs.join(', ')}.`,
          pieces.words ? `Put out ${pieces.words}.` : 'Put everything within reach.',
          'Choose parts. Play a visitor yourself for the first few minutes.',
          'Step back. Come in again as somebody with a problem to solve.',
        ],
        say: ['What do you need today?', 'Who can help with that?'],
        look: ['Stays in a part for a few minutes.', 'Answers a friend in the play.'],
        easier: 'Give each child one part and one thing to hold.',
        harder: 'Bring news: something ran out, and somebody is waiting.',
        tidy: 'Hats on the hooks, small things in the baskets, signs stay up.',
      }
    },
  },
  {
    id: 'play-orders',
    title: 'Orders to fill',
    about: 'Read an order, pack it and bring it',
    domains: ['early-math', 'practical-life'],
    choose: of(2, 'objects that can be ordered', goods),
    make: ({ things, paper, world }) => {
      const set = cards(things.length * 4, paper)
      return {
        title: `Who ordered ${things[0].a}?`,
        aim: `Read an order, pack ${manyNames(things.slice(0, 3))} and bring it to the right person.`,
        at: ['pretend'],
        form: 'small-group',
        minutes: [6, 25, 5],
        energy: 1,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'Pull large picture cards out of a bag, one after another.',
          'Put things into the bag and take them out again.',
          'Find the one thing in the picture and hand it over.',
          'Pack an order of two or three kinds and check each picture.',
          'Write orders with a number for each, add them up and deliver to a name.',
        ),
        needs: [
          set.need,
          need('copy-paper', 4, 'set-up'),
          need('pencil', 1, 'group of 2', { for: OLDER }),
          need('paper-bag', 1, 'child', { spare: 0.2 }),
          need('basket', things.length, 'set-up'),
        ],
        prep: [...set.prep, prep('slips', 'Cut paper into order slips and draw two as an example', 5, ['copy-paper'])],
        steps: [
          `Put the cards of ${manyNames(things)} in baskets, one kind in each.`,
          'Play the first customer: “I would like one of these, please.”',
          'The child draws or copies the order on a slip.',
          `Pack the bag, read the slip again, and carry it through ${world.place}.`,
        ],
        say: ['How will you know when the order is complete?', 'What will you say when you hand it over?'],
        look: ['Looks back at the slip while packing.', 'Counts as the things go in.'],
        easier: 'Orders of one thing, with its picture glued on.',
        harder: 'Take an order by phone and remember it without a slip.',
        tidy: 'Empty the bags, sort the cards back, and keep the slips for writing.',
      }
    },
  },
  {
    id: 'play-care',
    title: 'Care for it',
    about: 'Feed, wash and tuck in animals of the theme',
    domains: ['social-emotional', 'practical-life'],
    choose: of(1, 'animals', creature),
    make: ({ things, paper }) => {
      const pieces = playPieces(things, paper)
      const eaters = things.filter((thing) => thing.needs)
      return {
        title: `Take care of ${theMany(things[0])}`,
        aim: `Feed and tuck in ${theNames(things)}, gently and in turn.`,
        at: ['pretend'],
        form: 'small-group',
        minutes: [6, 25, 5],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'Stroke a soft sock animal and hear its name.',
          'Wrap an animal in a cloth and rock it.',
          'Feed it, cover it and put it to bed.',
          'Find out what hurts, write a card for it and choose a bed that fits.',
          'Keep a chart of who ate, who slept and what each needs next.',
        ),
        needs: [
          ...pieces.needs,
          need('small-box', things.length, 'set-up'),
          need('cloth-scrap', things.length * 2, 'set-up'),
          need('sock', 2, 'set-up'),
          need('small-dish', things.length, 'set-up'),
          need('copy-paper', 2, 'set-up', { for: OLDER }),
        ],
        prep: [
          ...pieces.prep,
          prep('sock-animal', 'Stuff one sock with the other and knot it well, for the youngest', 4, ['sock']),
        ],
        steps: [
          `Sit down with ${pieces.words} and ask who needs help.`,
          eaters.length
            ? `Talk about food: ${listWords(eaters.slice(0, 3).map((thing) => `${thing.a} eats ${thing.needs}`))}.`
            : 'Talk about what each one might eat.',
          'Line a box with cloth for each bed.',
          'Show a gentle hand first; then let each child choose an animal.',
        ],
        say: ['How can you tell what it needs?', 'What would make it feel safe?'],
        look: ['Handles it gently.', 'Tells what it needs and why.'],
        easier: 'One animal, one bed and one dish.',
        harder: 'Build a bed that is just the right size, and prove it.',
        tidy: 'Each animal into its bed, beds in a row on the shelf.',
      }
    },
  },
  {
    id: 'play-museum',
    title: 'Show it to visitors',
    about: 'Set things out, label them and lead visitors around',
    domains: ['language', 'world'],
    choose: of(3, 'objects to show', real, 5),
    make: ({ things, paper }) => {
      const pieces = playPieces(things, paper)
      return {
        title: `Our ${things[0].one} show`,
        aim: `Set out ${theNames(things)}, tell about each one, and lead visitors around.`,
        at: ['pretend', 'discovery'],
        form: 'small-group',
        minutes: [6, 25, 6],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'Ride along on an arm, stop at each thing and hear what it is.',
          'Visit: point at what they like and hand over a ticket.',
          'Carry one thing to its place and say its name.',
          'Write or copy a label and tell one thing about it.',
          'Write three facts, sell tickets and lead the tour.',
        ),
        needs: [
          ...pieces.needs,
          need('index-card', 2, 'child', { for: OLDER }),
          need('pencil', 1, 'group of 2', { for: OLDER }),
          need('construction-paper', 3, 'set-up'),
          need('cardboard-box', 1, 'set-up'),
        ],
        prep: [...pieces.prep, prep('tickets', 'Cut paper into tickets', 4, ['construction-paper'])],
        steps: [
          'Lay a cloth or a sheet of paper for each thing.',
          'Decide together what goes first and what goes last.',
          'Make a label for each: its name and something to know.',
          'Open the doors. One leads, the others visit, then trade.',
        ],
        say: ['What should visitors know about this one?', 'Why did you put these two side by side?'],
        look: ['Tells something true about a thing.', 'Waits for the visitors to look.'],
        easier: 'Three things, and you hold the labels.',
        harder: 'Answer visitors’ questions, and find out what you do not know.',
        tidy: 'Stand each thing on its label until tomorrow.',
      }
    },
  },
  {
    id: 'play-box',
    title: 'Make it from a box',
    about: 'Build something large to climb into from a box',
    domains: ['creative-arts', 'gross-motor'],
    choose: of(
      1,
      'large objects to build from a box',
      (thing) =>
        thing.form === 'thing' &&
        thing.living !== true &&
        BOXABLE.test(thing.category) &&
        (thing.realMm ?? 0) >= MIN_BOX_MM,
    ),
    make: ({ things: [thing, ...others], world }) => ({
      title: `Make ${thing.a} from a box`,
      aim: `Plan, paint and build ${thing.a} that is big enough to play with ${inPlace(world.place)}.`,
      at: ['pretend', 'art-table'],
      form: 'small-group',
      minutes: [8, 35, 10],
      energy: 1,
      mess: 2,
      attention: 'watching',
      standing: true,
      variants: forStages(
        'Sit by a large open box and look in, and play peek with the flap.',
        'Crawl in and out, and pat the sides.',
        'Paint one side with a wide brush.',
        `Decide what ${the(thing)} needs${thing.parts.length ? `: ${thing.parts.join(', ')}` : ''}, and make one of those parts.`,
        'Draw the plan, mark where to cut, and choose what to use for each part.',
      ),
      needs: [
        need('cardboard-box', 2, 'set-up'),
        need('tempera-paint', 20, 'child', { for: ['older-toddler', ...OLDER] }),
        need('paintbrush', 1, 'group of 2', { for: ['older-toddler', ...OLDER] }),
        need('masking-tape', 200, 'set-up', { for: OLDER }),
        need('paper-plate', 4, 'set-up'),
        need('newspaper', 6, 'set-up'),
        need('apron', 1, 'group of 2', { for: ['older-toddler', ...OLDER] }),
      ],
      prep: [
        prep('cut-box', 'Cut the openings that the kids marked, away from them, and tape over rough edges', 10, [
          'cardboard-box',
        ]),
      ],
      steps: [
        `Look at a picture of ${thing.a}. What does it have that a box does not?`,
        'Lay newspaper down and paint the sides first.',
        'While it dries, make the parts from plates and scraps.',
        `Tape them on, and try it out${others.length ? ` together with ${aNames(others.slice(0, 2))}` : ''}.`,
      ],
      say: ['What part comes first?', 'How could we make that stay on?'],
      look: ['Has a plan and follows it.', 'Shares the work with a friend.'],
      easier: 'Draw the parts on with a marker instead of taping them.',
      harder: 'Make one part that really moves.',
      tidy: `Let ${the(thing)} dry by the wall; wash the brushes right away.`,
    }),
  },
]
