import { inPlace } from '../world'
import { listWords } from '../../../base'
import { withArticle, type Thing } from '../../theme'
import { aNames, countable, forStages, need, OLDER, prep, shaped, the, type Pattern } from '../kit'
import { acts, anyThings, of, partNames } from './choose'

/** Kinds that can look like boxes put together. */
const BOXY =
  /animal|bird|insect|reptile|pet|^vehicle$|^building$|figure|story creature|long ago|^home$|playground|instrument|in the room|story thing/
/** What is long and thin, or small in the hand, does not look like boxes. */
const SMALL_MM = 200

/** What a plate of fruit can look like without a smile at the provider's expense. */
const tasty = (thing: Thing) =>
  /animal|bird|insect|reptile|pet|plant|fruit|vegetable|food|sky|weather|face|body|vehicle|figure|creature|long ago|toy/.test(
    `${thing.category} ${thing.one}`,
  )

/** What is made and taken home. */
export const ART_PATTERNS: Pattern[] = [
  {
    id: 'craft-own',
    title: 'My own one',
    about: 'Cut, tear and glue one of your own',
    domains: ['creative-arts', 'fine-motor'],
    choose: of(1, 'objects with a shape', (thing) => shaped(thing) && thing.form !== 'stuff', 4),
    make: ({ things: [thing] }) => ({
      title: `My own ${thing.one}`,
      aim: `Make ${thing.a} from torn and cut paper, each one different.`,
      at: ['art-table'],
      form: 'small-group',
      minutes: [6, 20, 8],
      energy: 0,
      mess: 1,
      attention: 'watching',
      folder: true,
      dries: 60,
      variants: forStages(
        'Crumple and wave a large piece of paper while you hold on, and print a hand for the page.',
        'Tear paper and press it on a sticky spot that you made.',
        `Glue large pieces on a shape of ${thing.a}.`,
        `Choose, cut and glue ${thing.parts.length ? partNames(thing, 3) : 'the parts'}.`,
        'Draw the parts, cut them out and add one that nobody else has.',
      ),
      needs: [
        need('construction-paper', 3, 'child', { spare: 0.1 }),
        need('white-glue', 5, 'child', { alt: ['glue-stick'] }),
        need('child-scissors', 1, 'group of 2', { for: OLDER }),
        need('thick-crayon', 4, 'group of 3'),
        need('newspaper', 2, 'group of 4'),
        need('tempera-paint', 5, 'child', { for: ['infant'] }),
        need('wipe', 1, 'group of 2'),
      ],
      prep: [prep('shapes', `Cut a large simple shape of ${thing.a} for each toddler`, 8, ['construction-paper'])],
      steps: [
        `Look at ${thing.a} and at a picture of one that looks different.`,
        'Let each child choose two or three colors of paper.',
        'Tear or cut the parts, and lay them out before gluing.',
        'Glue them on. Write the name and the date on the back.',
        'Ask each child to tell about it, and write down one sentence.',
      ],
      say: ['What makes yours special?', 'What comes next?'],
      look: ['Tears or cuts along a line.', 'Plans before gluing.'],
      easier: 'Sticky paper instead of glue.',
      harder: 'Give it a background: where is it, and when?',
      tidy: 'Scraps into the paper box; lay the pages flat to dry.',
    }),
  },
  {
    id: 'craft-puppets',
    title: 'Stick puppets',
    about: 'Make puppets and let them talk',
    domains: ['creative-arts', 'language'],
    choose: of(2, 'objects with a shape', shaped, 5),
    make: ({ things, world }) => {
      const cast = [...things].sort((a, b) => Number(acts(b)) - Number(acts(a)))
      return {
        title: `Stick puppets: ${listWords(cast.slice(0, 3).map((thing) => thing.one))}`,
        aim: `Make puppets of ${aNames(cast.slice(0, 3))}, and let them meet ${inPlace(world.scene)}.`,
        at: ['art-table', 'book-nook'],
        form: 'small-group',
        minutes: [5, 20, 6],
        energy: 0,
        mess: 1,
        attention: 'watching',
        dries: 30,
        folder: true,
        variants: forStages(
          'Watch a puppet hide and come back, and reach for it.',
          'Color a shape that you cut and hold it by its handle.',
          'Color it and stick on a handle with tape.',
          'Draw and cut a puppet, and say what it says.',
          'Make two that talk with each other, and write their first lines.',
        ),
        needs: [
          need('card-stock', 1, 'child'),
          need('craft-stick', 2, 'child', { for: ['older-toddler', ...OLDER] }),
          need('cardboard-tube', 1, 'child', { for: ['infant', 'young-toddler'] }),
          need('thick-crayon', 4, 'group of 3'),
          need('child-scissors', 1, 'group of 2', { for: OLDER }),
          need('masking-tape', 10, 'child'),
        ],
        prep: [prep('cut-puppets', 'Draw and cut a shape for each toddler', 6, ['card-stock'])],
        steps: [
          'Choose who to make. Look at a picture together.',
          'Draw it as large as a hand, color it, and cut it out.',
          'Tape the handle to the back.',
          `Let two puppets meet ${inPlace(world.scene)}. What do they say first?`,
        ],
        say: ['What is your puppet’s name?', 'What does it want?'],
        look: ['Speaks for the puppet.', 'Answers another puppet.'],
        easier: 'One puppet made together.',
        harder: 'Make a stage from a box and write tickets.',
        tidy: 'Puppets stand in a cup in the book nook.',
      }
    },
  },
  {
    id: 'craft-hats',
    title: 'Hats for the part',
    about: 'Make a hat or band that shows who you are today',
    domains: ['creative-arts', 'social-emotional'],
    choose: anyThings(3),
    make: ({ things, world }) => {
      const roles = world.roles.map(withArticle)
      return {
        title: `A hat for ${roles[0]}`,
        aim: `Make a paper band that shows who works ${inPlace(world.place)}: ${listWords(roles, 'or')}.`,
        at: ['art-table', 'pretend'],
        form: 'small-group',
        minutes: [5, 20, 5],
        energy: 0,
        mess: 1,
        attention: 'watching',
        dries: 30,
        variants: forStages(
          'Look in a mirror with a soft hat on, then off.',
          'Put stickers that you peel on a wide band.',
          'Color a band and choose one picture for it.',
          'Decide who to be, and draw what that person uses.',
          'Measure a friend’s head with a band and make one that fits.',
        ),
        needs: [
          need('construction-paper', 2, 'child'),
          need('masking-tape', 15, 'child', { adult: true }),
          need('thick-crayon', 4, 'group of 3'),
          need('glue-stick', 1, 'group of 2'),
          need('child-scissors', 1, 'group of 2', { for: OLDER }),
          need('mirror', 1, 'set-up'),
          need('dress-up', 1, 'set-up', { for: ['infant'] }),
          need('sticker', 4, 'child', { for: ['young-toddler'] }),
        ],
        prep: [
          prep('bands', 'Cut paper into bands three fingers wide and join two for each head', 6, [
            'construction-paper',
          ]),
        ],
        steps: [
          `Ask who works ${inPlace(world.place)} and what they wear.`,
          things.length
            ? `Draw a badge: ${listWords(
                things.map((thing) => thing.one),
                'or',
              )}.`
            : 'Draw a badge for the front.',
          'Glue it on the front of the band.',
          'Fit the band to the head and tape it on the outside.',
        ],
        say: ['Who are you today?', 'What does that person do first in the morning?'],
        look: ['Tells who it is for.', 'Holds paper with one hand and works with the other.'],
        easier: 'A band with one big picture to color.',
        harder: 'Add a part that moves when you nod.',
        tidy: 'Hats on a hook in the pretend corner; check the floor for stickers.',
      }
    },
  },
  {
    id: 'craft-boxes',
    title: 'Built from the recycling',
    about: 'Build it from boxes and tubes',
    domains: ['creative-arts', 'science'],
    choose: of(
      1,
      'objects with a shape',
      (thing) => countable(thing) && BOXY.test(thing.category) && (thing.realMm ?? SMALL_MM) >= SMALL_MM,
      3,
    ),
    make: ({ things: [thing], world }) => ({
      title: `Build ${thing.a} from boxes and tubes`,
      aim: `Choose, join and paint boxes until they look like ${thing.a}.`,
      at: ['art-table', 'blocks'],
      form: 'small-group',
      minutes: [6, 25, 8],
      energy: 0,
      mess: 2,
      attention: 'watching',
      dries: 240,
      variants: forStages(
        'Bang on a box with flat hands and listen.',
        'Stack boxes and knock them down.',
        'Stick two boxes together with tape that you tore.',
        `Find a box for the biggest part of ${the(thing)} and add two more parts.`,
        'Draw a plan from the front and the side, and build it to the plan.',
      ),
      needs: [
        need('small-box', 1, 'child', { alt: ['milk-carton', 'egg-carton'] }),
        need('cardboard-tube', 1, 'child', { alt: ['milk-carton'] }),
        need('masking-tape', 60, 'child'),
        need('tempera-paint', 15, 'child', { for: ['older-toddler', ...OLDER] }),
        need('paintbrush', 1, 'group of 2', { for: ['older-toddler', ...OLDER] }),
        need('newspaper', 2, 'group of 3'),
      ],
      prep: [
        prep('sort', 'Sort clean boxes and tubes by size and take off staples', 6, ['small-box', 'cardboard-tube']),
      ],
      steps: [
        `Look at a picture of ${thing.a}: what shape is its biggest part?`,
        'Choose the biggest box first, then smaller ones.',
        'Hold, tape, test: does it stand?',
        `Paint it, and let it dry before it moves to ${world.place}.`,
      ],
      say: ['What is this part going to be?', 'How can we make it stronger?'],
      look: ['Picks a box for its shape.', 'Asks a friend to hold.'],
      easier: 'Begin with one box and stick things on.',
      harder: 'Make one part that opens or turns.',
      tidy: 'Boxes that were not used go back by size; wash the brushes.',
    }),
  },
  {
    id: 'craft-placemat',
    title: 'A place mat and a set table',
    about: 'Draw a place mat and set the table with it',
    domains: ['practical-life', 'creative-arts'],
    choose: anyThings(4),
    make: ({ things, world }) => ({
      title: things.length
        ? `A place mat with ${things[0].form === 'thing' ? things[0].a : things[0].many}`
        : `A place mat from ${world.place}`,
      aim: 'Draw where the plate, the cup and the fork go, and set the table by yourself.',
      at: ['art-table', 'mark-making'],
      form: 'small-group',
      minutes: [5, 20, 5],
      energy: 0,
      mess: 1,
      attention: 'watching',
      variants: forStages(
        'Bang a large plastic cup on the table and trade it for another.',
        'Scribble on a mat and put a cup on it.',
        'Color a mat and put the cup on its circle.',
        `Draw ${things.length ? things[0].a : 'a picture'} on the mat, and set one whole place by yourself.`,
        'Set the table for everyone: count the chairs first, then what is needed.',
      ),
      needs: [
        need('construction-paper', 1, 'child', { spare: 0.1 }),
        need('thick-crayon', 4, 'group of 3'),
        need('play-dish', 1, 'child'),
        need('spoon', 1, 'group of 3'),
        need('wipe', 1, 'group of 2'),
      ],
      prep: [
        prep('circles', 'Draw around a plate and a cup on each mat, so that it shows where they go', 6, [
          'construction-paper',
        ]),
      ],
      steps: [
        'Wash hands and wipe the table together.',
        `Decorate the mats: ${
          things.length
            ? listWords(
                things.map((thing) => thing.many),
                'or',
              )
            : world.props.slice(0, 3).join(', ')
        }.`,
        'Put plate, cup and spoon on their marks.',
        'Use the mats at the next meal, and let one child check every place.',
      ],
      say: ['How many cups do we need?', 'What is missing at this place?'],
      look: ['Puts one thing in each place.', 'Wipes a spill without being asked.'],
      easier: 'Only a cup and its circle.',
      harder: 'Set the table from memory, without the marks.',
      tidy: 'Stack the plates by size; wipe the mats or keep them for the folder.',
    }),
  },
  {
    id: 'snack-plate',
    title: 'A snack that looks like it',
    about: 'Lay a picture of soft fruit and eat it',
    domains: ['practical-life', 'sensory'],
    choose: of(1, 'objects that a plate of fruit can look like', (thing) => countable(thing) && tasty(thing), 4),
    make: ({ things: [thing, ...others] }) => ({
      title: `A snack plate with ${thing.a}`,
      aim: `Wash, cut and lay soft fruit so that it looks like ${thing.a}, and eat it together.`,
      at: ['art-table', 'dough-table'],
      form: 'small-group',
      minutes: [8, 15, 8],
      energy: 0,
      mess: 1,
      attention: 'hands-on',
      variants: forStages(
        'Hold a soft strip of banana and taste it, sitting up.',
        'Put pieces on a plate and eat them with fingers.',
        'Cut a banana with a dull knife, hand under hand.',
        `Lay the picture of ${thing.a} on the plate${thing.parts.length ? `, with ${partNames(thing, 2)}` : ''}.`,
        'Write the recipe in three pictures, and serve the little ones.',
      ),
      needs: [
        need('banana', 0.5, 'child', { spare: 0.1 }),
        need('orange', 0.25, 'child', { for: ['older-toddler', ...OLDER] }),
        need('table-knife', 1, 'group of 2', { for: ['older-toddler', ...OLDER], alt: ['craft-stick'] }),
        need('paper-plate', 1, 'child'),
        need('wipe', 1, 'group of 2'),
      ],
      prep: [prep('cut-fruit', 'Wash everything and peel the oranges', 8, ['orange'])],
      steps: [
        'Everyone washes hands, and nobody eats before all are ready.',
        `Look at a picture of ${thing.a}${others.length ? `, or of ${others[0].a}` : ''}: what could be long, what could be round?`,
        'Cut the soft fruit and lay the picture.',
        'Show your plate, then sit down and eat.',
      ],
      say: ['Which part will you eat first?', 'What does it smell like?'],
      look: ['Cuts with one hand and holds with the other.', 'Waits for the others.'],
      easier: 'Lay two pieces side by side.',
      harder: 'Use three colors, and cut all pieces the same size.',
      tidy: 'Plates in the trash, wipe the table, wash hands again.',
    }),
  },
]
