import {
  theMany,
  atLeast,
  cards,
  forStages,
  inHand,
  manyNames,
  aNames,
  the,
  need,
  OLDER,
  palmSized,
  prep,
  shaped,
  someNames,
  theNames,
  thingNeed,
  thingsOut,
  upTo,
  type Pattern,
} from './kit'
import { capital, numberWord, type Thing } from '../theme'

/** What is known to bear water. Of what one eats, only what grows is washed: a roll in the tub is mush. */
const canBeWet = (thing: Thing) =>
  thing.inHand &&
  thing.form === 'thing' &&
  (thing.madeOf === 'hard' || (thing.madeOf === 'food' && /fruit|vegetable/i.test(thing.category))) &&
  !thing.hazards.some((one) => one === 'button-cell' || one === 'sharp') &&
  !/instrument|light|mail|weather/i.test(thing.category)
const canBePressed = (thing: Thing) =>
  thing.inHand && palmSized(thing) && (thing.madeOf === 'hard' || thing.madeOf === 'plant' || thing.madeOf === 'food')
const canBeBuried = (thing: Thing) =>
  thing.inHand && thing.form === 'thing' && palmSized(thing) && (thing.madeOf === 'hard' || thing.madeOf === 'plant')
const canBeFrozen = (thing: Thing) =>
  thing.inHand && palmSized(thing) && (thing.madeOf === 'hard' || thing.madeOf === 'plant')
const MADE_OF_HINT = 'Say in Spark how many of each are in the house, and what they are made of.'
/** The same choice, with a hint at what to write down when it fails. */
const hinted =
  (choose: Pattern['choose'], hint: string): Pattern['choose'] =>
  (theme) => {
    const found = choose(theme)
    return found.things ? found : { missing: `${found.missing} ${hint}` }
  }

/** Patterns of hands in it: find, dig, wash, print, build, feed and test. */
export const HAND_PATTERNS: Pattern[] = [
  {
    id: 'hide-find',
    title: 'Hide and find',
    about: 'Hide things in the room and find them again',
    domains: ['gross-motor', 'language'],
    choose: atLeast(3),
    make: ({ things, paper, theme }) => {
      const real = things.filter((thing) => thing.inHand && thing.large)
      const set = cards(things.length, paper)
      const what = real.length >= 3 ? real : things
      return {
        title: `Seek and find: ${theme.name}`,
        aim:
          `Find ${real.length >= 3 ? theNames(what.slice(0, 4)) : `pictures of ${aNames(what.slice(0, 4))}`} ` +
          'by clues: under, behind, between.',
        at: ['circle', 'outdoors'],
        form: 'whole-group',
        minutes: [5, 12, 2],
        energy: 1,
        mess: 0,
        attention: 'watching',
        variants: forStages(
          'Look for a thing that is half under a cloth within reach.',
          'Find what peeps out from its hiding place.',
          'Find one with a clue: it is under something soft.',
          'Find three with clues and check each off on a list of pictures.',
          'Hide one and write or tell three clues for it.',
        ),
        needs: [
          ...(real.length >= 3 ? thingsOut(real) : [set.need]),
          need('scarf', 1, 'set-up'),
          need('clipboard', 1, 'group of 2', { for: OLDER }),
          need('copy-paper', 1, 'group of 2', { for: OLDER }),
        ],
        prep: real.length >= 3 ? [] : set.prep,
        steps: [
          'Show each thing before it is hidden.',
          'Hide them at the height of the children’s eyes.',
          'Give a clue with a place word.',
          'Call the finder back to tell where it was.',
        ],
        say: ['Where exactly was it?', 'Where would you never find it?'],
        look: ['Uses place words: under, behind, beside.', 'Searches one place after the other.'],
        easier: 'Let a part of each stick out.',
        harder: 'Give clues by warmer and colder alone.',
        tidy: 'Count that all have come back before anyone leaves.',
      }
    },
  },
  {
    id: 'dig-sand',
    title: 'Dig out',
    about: 'Dig things out of sand or soft filler',
    domains: ['sensory', 'fine-motor'],
    choose: hinted(atLeast(3, 'objects in the house that sand does not harm', canBeBuried, 6), MADE_OF_HINT),
    make: ({ things }) => ({
      title: `Dig for ${things[0].many}`,
      aim: `Dig ${manyNames(things.slice(0, 4))} out and tell what was found.`,
      at: ['sensory-bin', 'outdoors'],
      form: 'small-group',
      minutes: [6, 20, 8],
      energy: 0,
      mess: 2,
      attention: 'watching',
      standing: true,
      variants: forStages(
        'beside: Pull a large thing out of a nest of cloths.',
        'Scoop and pour, and find what is large with bare hands.',
        'Dig with a scoop until something shows, then brush it free.',
        'Dig, brush and lay each find on its picture.',
        'Dig by squares of a grid and mark on paper where each lay.',
      ),
      needs: [
        ...thingsOut(things, 3),
        need('play-sand', 6000, 'set-up'),
        need('scoop', 1, 'group of 2'),
        need('paintbrush', 1, 'group of 2', { for: OLDER }),
        need('cloth-scrap', 4, 'set-up', { for: ['beside-infant'] }),
        need('tray', 1, 'set-up'),
      ],
      prep: [
        prep('bury', `Damp the sand and bury ${things.length} kinds of thing at different depths`, 8, ['play-sand']),
      ],
      steps: [
        'Name the rules of the bin: sand stays low.',
        'Dig slowly, so that nothing breaks.',
        'Brush each find and lay it on the tray.',
        'Tell the others what it is and where it lay.',
      ],
      say: ['What did your fingers feel before your eyes saw it?', 'How did it get there, do you think?'],
      look: ['Digs around a thing instead of pulling it.', 'Tells where it was found.'],
      easier: 'Leave half of each thing above the sand.',
      harder: 'Find them with closed eyes and name them by touch.',
      tidy: 'Sieve the sand together and count all the finds.',
    }),
  },
  {
    id: 'dig-ice',
    title: 'Dig out of ice',
    about: 'Free what is frozen in',
    domains: ['science', 'sensory'],
    choose: hinted(atLeast(2, 'objects in the house that may freeze', canBeFrozen, 5), MADE_OF_HINT),
    make: ({ things }) => ({
      title: `Free ${theMany(things[0])} from the ice`,
      aim: `Find out what makes ice let go of ${theNames(things.slice(0, 3))}.`,
      at: ['sensory-bin', 'discovery', 'outdoors'],
      form: 'small-group',
      minutes: [6, 25, 8],
      energy: 0,
      mess: 2,
      attention: 'hands-on',
      variants: forStages(
        'beside: Touch a cold wet cloth, then a warm one.',
        'Pat the ice and watch it slide in the tray.',
        'Pour warm water from a cup and see what comes free.',
        'Try water, salt and rubbing, and tell which works fastest.',
        'Start two blocks at once and measure the minutes with two ways of melting.',
      ),
      needs: [
        ...thingsOut(things),
        need('water', 2000, 'set-up'),
        need('fine-salt', 30, 'group of 2', { for: OLDER }),
        need('paper-cup', 4, 'set-up'),
        need('tray', 1, 'group of 2'),
        need('pipette', 1, 'child', { for: ['older-toddler', ...OLDER] }),
        need('towel', 2, 'set-up'),
      ],
      prep: [
        prep(
          'freeze',
          `Lay ${theNames(things)} in cups, cover with water and freeze`,
          10,
          ['water', 'paper-cup'],
          'overnight',
        ),
        prep('unmould', 'Dip the cups in warm water and slide the ice out', 5, ['water']),
      ],
      steps: [
        'Look through the ice: what is in there?',
        'Guess what will set it free.',
        'Try one way at a time; put the ice down when it hurts.',
        'Dry what came free and lay it in a row.',
      ],
      say: ['Where does the ice melt first?', 'What did the salt do to it?'],
      look: ['Changes the way after watching.', 'Uses words such as melt, crack, drip.'],
      easier: 'Let the blocks thaw for an hour before.',
      harder: 'Make it last: keep a block from melting until lunch.',
      tidy: 'Empty every tray at once and wipe the floor dry.',
    }),
  },
  {
    id: 'dig-baked',
    title: 'Dig out of clay',
    about: 'Free what is baked in',
    domains: ['fine-motor', 'science'],
    choose: hinted(
      atLeast(2, 'hard objects in the house', (thing) => canBeFrozen(thing) && thing.madeOf === 'hard', 5),
      MADE_OF_HINT,
    ),
    make: ({ things }) => ({
      title: `${capital(things[0].many)} in baked clay`,
      aim: `Chip and brush patiently until ${things[0].a} comes to light.`,
      at: ['discovery', 'art-table', 'outdoors'],
      form: 'small-group',
      minutes: [5, 20, 8],
      energy: 0,
      mess: 2,
      attention: 'hands-on',
      variants: forStages(
        'beside: Squeeze a lump of cooked dough in a closed bag.',
        'Press a thing into soft dough and pull it out.',
        'Rub a lump under a wet sponge until something shows.',
        'Scratch and brush with a stick, and guess what it is.',
        'Work from the top in thin layers and draw what shows after each.',
      ),
      needs: [
        ...thingsOut(things),
        need('corn-starch', 120, 'group of 2'),
        need('baking-soda', 240, 'group of 2'),
        need('water', 180, 'group of 2'),
        need('craft-stick', 1, 'child', { for: OLDER }),
        need('paintbrush', 1, 'group of 2', { for: OLDER }),
        need('sponge-piece', 1, 'child', { for: ['older-toddler'] }),
        need('cooked-dough', 120, 'set-up', { for: ['beside-infant', 'young-toddler'] }),
        need('tray', 1, 'group of 2'),
      ],
      prep: [
        prep('wrap', 'Stir starch, soda and water warm until thick, and wrap it around each thing when cool', 20, [
          'corn-starch',
          'baking-soda',
          'water',
        ]),
        prep('dry', 'Let the lumps dry on a rack', 2, [], 'overnight'),
      ],
      steps: [
        'Give each pair one lump on a tray.',
        'Tap it: does it sound hollow?',
        'Scrape away from the body, over the tray.',
        'Brush the dust off and guess before it is all free.',
      ],
      say: ['Which end of it do you think this is?', 'Why do we go slowly?'],
      look: ['Holds with one hand and works with the other.', 'Keeps at it for ten minutes.'],
      easier: 'Make the lumps thin, so that a part shows.',
      harder: 'Bake two things into one lump.',
      tidy: 'Damp the dust before wiping; the crumbs go in the trash.',
    }),
  },
  {
    id: 'print-with',
    title: 'Print with it',
    about: 'See what mark each leaves in paint',
    domains: ['creative-arts', 'science'],
    choose: hinted(atLeast(2, 'firm objects in the house', canBePressed, 5), MADE_OF_HINT),
    make: ({ things }) => ({
      title: `Prints of ${things[0].many}`,
      aim: `See what mark is left by ${theNames(things)}.`,
      at: ['art-table', 'easel'],
      form: 'small-group',
      minutes: [8, 20, 12],
      energy: 0,
      mess: 2,
      attention: 'watching',
      variants: forStages(
        'beside: Pat a flat bag with paint sealed inside.',
        'Dip one large thing and stamp it down anywhere.',
        'Press, lift and look, with two things and one color.',
        'Print in a row and find the side that leaves the clearest mark.',
        'Print a picture from marks alone and let others guess what made each.',
      ),
      needs: [
        ...thingsOut(things),
        need('tempera-paint', 15, 'child', { spare: 0.1 }),
        need('construction-paper', 2, 'child', { spare: 0.1 }),
        need('tray', 1, 'group of 3'),
        need('sponge-piece', 1, 'group of 3'),
        need('apron', 1, 'child'),
        need('wipe', 1, 'group of 2'),
      ],
      prep: [prep('pads', 'Spread paint thinly on wet sponges as printing pads', 6, ['tempera-paint', 'sponge-piece'])],
      steps: [
        `Look at each side of ${things[0].a} first.`,
        'Press it on the pad, then straight down on the paper.',
        'Lift it off without sliding.',
        'Try another side and compare the marks.',
      ],
      say: ['Which part of it made this mark?', 'Does the mark look like the thing?'],
      look: ['Turns it to find another side.', 'Presses and lifts without smearing.'],
      easier: 'Use one thing with a flat side.',
      harder: 'Print so that the marks join into a new shape.',
      tidy: 'Wash the things first, while the paint is wet; sheets flat to dry.',
    }),
  },
  {
    id: 'shadow-trace',
    title: 'Shadow trace',
    about: 'Draw around the shadow that it throws',
    domains: ['science', 'fine-motor'],
    choose: atLeast(2, 'objects that are in the house', inHand, 5),
    make: ({ things }) => ({
      title: `Draw the shadow of ${things[0].a}`,
      aim: `See how the shadow of ${theNames(things.slice(0, 3))} grows, shrinks and turns.`,
      at: ['outdoors', 'glow-table', 'discovery'],
      form: 'small-group',
      minutes: [5, 15, 3],
      energy: 0,
      mess: 0,
      attention: 'watching',
      variants: forStages(
        'beside: Follow a spot of light that moves slowly over the wall.',
        'Step on their own shadow and see it move.',
        'Color inside a shadow that lies on the paper.',
        'Trace a shadow while a friend holds the thing still.',
        'Trace it at three times or from three distances and say what changed.',
      ),
      needs: [
        ...thingsOut(things),
        need('butcher-paper', 80, 'group of 2'),
        need('thick-crayon', 2, 'child'),
        need('flashlight', 1, 'group of 3'),
      ],
      steps: [
        'Roll paper out where the sun or a lamp falls on it.',
        'Stand the thing at the edge of the paper.',
        'Trace the shadow, not the thing.',
        'Move the light and look again: what happened to the shadow?',
      ],
      say: ['How could you make it longer?', 'Where is the light, if the shadow lies there?'],
      look: ['Moves the light on purpose.', 'Follows an edge with the crayon.'],
      easier: 'Tape the thing down so that nothing moves.',
      harder: 'Guess where the shadow will lie in an hour and mark it.',
      tidy: 'Cut the shadows out and hang them beside their things.',
    }),
  },
  {
    id: 'trace-path',
    title: 'Trace the path',
    about: 'Follow a line from one to the other',
    domains: ['fine-motor', 'language'],
    choose: atLeast(2),
    make: ({ things: [a, b] }) => ({
      title: `The way from ${a.one} to ${b.one}`,
      aim: `Follow a line from ${a.a} to ${b.a} without lifting the hand.`,
      at: ['mark-making', 'glow-table'],
      form: 'tray',
      minutes: [3, 10, 2],
      energy: 0,
      mess: 0,
      attention: 'nearby',
      standing: true,
      variants: forStages(
        'beside: Crawl along a strip of soft cloth on the floor.',
        'Push a car along one wide straight line.',
        'Trace a straight path with a finger, then with a crayon.',
        'Trace a winding path with a crayon and stay inside.',
        `Draw their own maze from ${the(a)} to ${the(b)} for someone else.`,
      ),
      needs: [
        need('copy-paper', 3, 'child', { spare: 0.1 }),
        need('thick-crayon', 2, 'child'),
        need('tray', 1, 'set-up'),
        need('toy-car', 1, 'set-up', { for: ['young-toddler'] }),
        need('masking-tape', 150, 'set-up', { for: ['beside-infant', 'young-toddler'] }),
      ],
      prep: [
        prep(
          'draw-paths',
          `Draw ${a.a} on the left and ${b.a} on the right of each sheet, with a straight, a bent and a winding path`,
          12,
          ['copy-paper'],
          0,
          true,
        ),
      ],
      steps: [
        'Trace the way in the air together.',
        'Trace it with a finger on the paper.',
        'Trace it with the crayon, slowly.',
        'Tell what happens on the way.',
      ],
      say: ['Where was it hardest to stay on the way?', 'Who else might be on this path?'],
      look: ['Goes from left to right.', 'Steadies the paper with the other hand.'],
      easier: 'Make the path as wide as two fingers.',
      harder: 'Trace it with the other hand.',
      tidy: 'Crayons by color, paths into the folder.',
    }),
  },
  {
    id: 'wash-it',
    title: 'Wash it',
    about: 'Wash, rinse and dry with care',
    domains: ['practical-life', 'sensory'],
    choose: hinted(atLeast(2, 'objects in the house that may get wet', canBeWet, 8), MADE_OF_HINT),
    make: ({ things }) => ({
      title: `Wash ${theMany(things[0])}`,
      aim: `Wash, rinse and dry ${manyNames(things.slice(0, 3))} from one side to the other.`,
      at: ['sensory-bin', 'outdoors'],
      form: 'small-group',
      minutes: [5, 20, 8],
      energy: 0,
      mess: 2,
      attention: 'hands-on',
      standing: false,
      variants: forStages(
        'beside: Pat a wet cloth on a tray while held on a lap.',
        'Dip a sponge and squeeze it over one thing.',
        'Wash with a brush, then dip it in clear water.',
        'Go through all three: wash, rinse, dry, left to right.',
        'Run the laundry: sort what is dirty, wash, and check each before it leaves.',
      ),
      needs: [
        ...thingsOut(things, 2),
        need('water', 6000, 'set-up'),
        need('water-tub', 2, 'set-up'),
        need('sponge-piece', 1, 'child'),
        need('hand-brush', 1, 'group of 2'),
        need('towel', 3, 'set-up'),
        need('apron', 1, 'child'),
        need('baby-soap', 10, 'set-up'),
      ],
      prep: [prep('check-wet', 'Take out what must not get wet', 2)],
      steps: [
        'Set tub, tub and towel in a row.',
        'Wash with sponge and brush in the first.',
        'Rinse in the second until no foam is left.',
        'Pat dry and stand in a row.',
      ],
      say: ['Where does the dirt go?', 'How can you tell that it is clean?'],
      look: ['Keeps the order from left to right.', 'Wrings the sponge with both hands.'],
      easier: 'Use one tub and one towel.',
      harder: 'Try cold and lukewarm water and compare.',
      tidy: 'Tip the tubs out at once, hang the cloths, wipe the floor.',
    }),
  },
  {
    id: 'feed-post',
    title: 'Feed it, mail it',
    about: 'Put things through a slot or a mouth',
    domains: ['fine-motor', 'language'],
    choose: atLeast(2),
    make: ({ things, paper, theme }) => {
      const eater = things.find((thing) => thing.young !== '' || /animal|bird|pet|insect|reptile/i.test(thing.category))
      const box = eater ? eater.a : 'a wide mouth'
      const set = cards(things.length * 2, paper)
      return {
        title: eater ? `Feed the ${eater.one}` : `Mail it: ${theme.name}`,
        aim: eater
          ? `Put cards through the mouth of a box that looks like ${box}.`
          : 'Put cards through the slot of a box, each by its name.',
        at: ['tray-shelf', 'pretend'],
        form: 'tray',
        minutes: [4, 10, 2],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'Drop wide lids into an open box and look after them.',
          'Push wide lids through a wide slot.',
          `Mail the card that you name: ${things
            .slice(0, 2)
            .map((thing) => thing.one)
            .join(' or ')}.`,
          'Read a slip with a number and mail that many.',
          'Mail only the cards with the sound that a friend calls.',
        ),
        needs: [
          set.need,
          need('cardboard-box', 1, 'set-up'),
          need('wide-lid', 8, 'set-up', { for: ['infant', 'young-toddler'] }),
          need('index-card', 6, 'set-up', { for: OLDER }),
          need('washable-marker', 1, 'set-up', { adult: true }),
        ],
        prep: [
          ...set.prep,
          prep('make-box', `Draw ${box} on the box and cut the slot into it`, 12, ['cardboard-box', 'washable-marker']),
        ],
        steps: [
          'Show the box: it is hungry, or it wants mail.',
          'Name a card before it goes in.',
          'Listen to it fall.',
          'Open the back and begin again.',
        ],
        say: ['What would it like best?', 'How did you get it through?'],
        look: ['Turns the wrist to fit the slot.', 'Names what goes in.'],
        easier: 'Cut the slot as wide as a hand.',
        harder: 'Cut three slots of three shapes.',
        tidy: 'Empty the box and band the cards.',
      }
    },
  },
  {
    id: 'build-for',
    title: 'Build for it',
    about: 'Build what it needs',
    domains: ['science', 'gross-motor'],
    choose: atLeast(
      1,
      'firm object that is in the house',
      (thing) => thing.inHand && thing.madeOf !== 'paper' && thing.madeOf !== 'soft',
      3,
    ),
    make: ({ things, theme }) => {
      const [thing] = things
      const count = theme.number === null ? '' : ` with ${numberWord(theme.number)} of something`
      return {
        title: `Build for the ${thing.one}`,
        aim: `Build something that ${thing.a} fits into, under or on${count}.`,
        at: ['blocks', 'outdoors'],
        form: 'small-group',
        minutes: [3, 20, 6],
        energy: 1,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'beside: Knock down a low tower of soft blocks.',
          'Put a thing into a box and take it out again.',
          'Set walls around it on three sides.',
          'Build a place with a roof that holds, and try it.',
          'Draw it first, build it, then change what did not hold.',
        ),
        needs: [
          ...thingsOut(things),
          need('unit-block', 25, 'set-up'),
          need('cardboard-sheet', 2, 'set-up'),
          need('cardboard-box', 1, 'set-up', { for: ['young-toddler'] }),
        ],
        steps: [
          `Meet the ${thing.one}: how high, how wide?`,
          'Ask what it needs: a bed, a bridge, a roof.',
          'Build, and try whether it fits.',
          'Make it stronger where it shook.',
        ],
        say: ['How do you know that it will hold?', 'What else would it like there?'],
        look: ['Tries the fit before going on.', 'Uses a wide base.'],
        easier: 'Begin with two walls that stand already.',
        harder: 'Let it be moved without touching it.',
        tidy: 'Blocks back by shape, the longest at the bottom.',
      }
    },
  },
  {
    id: 'test-it',
    title: 'What sinks, rolls or sticks',
    about: 'Guess, try, and sort by what happened',
    domains: ['science', 'early-math'],
    choose: atLeast(
      3,
      'firm objects that are in the house',
      (thing) => thing.inHand && thing.madeOf !== 'soft' && thing.madeOf !== 'paper',
      6,
    ),
    make: ({ things }) => {
      const wet = things.every(canBeWet)
      return {
        title: `${wet ? 'Sink, roll or slide' : 'Roll, slide or stay'}? ${capital(someNames(things))}`,
        aim: `Guess what each does ${wet ? 'in water and ' : ''}on a slope, then try it.`,
        at: ['discovery', ...(wet ? (['sensory-bin'] as const) : (['blocks'] as const))],
        form: 'small-group',
        minutes: [5, 20, 6],
        energy: 0,
        mess: wet ? 2 : 0,
        attention: wet ? 'hands-on' : 'watching',
        variants: forStages(
          'beside: Reach for a ball that rolls slowly past.',
          'Let one thing go at the top, again and again.',
          'Try each and put it with those that did the same.',
          'Guess first, lay it on the guess, then try and move it.',
          'Change one thing, the slope or the shape, and say what it changed.',
        ),
        needs: [
          ...thingsOut(things),
          need('ramp-board', 1, 'set-up'),
          need('tray', 3, 'set-up'),
          need('soft-ball', 1, 'set-up', { for: ['beside-infant'] }),
          ...(wet ? [need('water-tub', 1, 'set-up'), need('water', 8000, 'set-up'), need('towel', 2, 'set-up')] : []),
        ],
        steps: [
          'Mark the trays with a picture of each outcome.',
          `Guess for ${things[0].a}: what will it do?`,
          'Try it twice, to be sure.',
          'Lay it on the tray of what happened.',
        ],
        say: ['Were you surprised by one of them?', 'What is alike in all that rolled?'],
        look: ['Says a guess before trying.', 'Tries again when it comes out otherwise.'],
        easier: 'Test two that behave quite differently.',
        harder: 'Make one that does the opposite, with dough or paper.',
        tidy: wet
          ? 'Empty the tub at once; dry the things and the floor.'
          : 'Things back to the basket, the board flat against the wall.',
      }
    },
  },
  {
    id: 'model-it',
    title: 'Model it',
    about: 'Make it from dough, from all sides',
    domains: ['fine-motor', 'creative-arts'],
    choose: atLeast(2, 'objects with a shape', shaped),
    make: ({ things }) => ({
      title: `${capital(things[0].a)} and ${things[1].a} from dough`,
      aim: `Make ${things[0].a} or ${things[1].a} that stands by itself.`,
      at: ['dough-table'],
      form: 'small-group',
      minutes: [4, 25, 8],
      energy: -1,
      mess: 1,
      attention: 'nearby',
      standing: true,
      variants: forStages(
        'beside: Squeeze dough sealed in a strong bag.',
        'Poke, pinch and pull one lump apart.',
        'Roll a ball and a snake and put them together.',
        'Make the largest part first, then add what sticks out.',
        'Make it from memory, then compare with a picture and fix it.',
      ),
      needs: [
        need('cooked-dough', 120, 'child'),
        need('craft-stick', 2, 'child', { for: OLDER }),
        need('tray', 1, 'child'),
        need('cooked-dough', 100, 'set-up', { as: 'dough-bag', for: ['beside-infant'] }),
        ...things
          .filter((thing) => thing.inHand && thing.large)
          .slice(0, 2)
          .map((thing) => thingNeed(thing, upTo(thing, 1))),
      ],
      prep: [prep('knead-warm', 'Knead the dough warm and part it', 5, ['cooked-dough'])],
      steps: [
        `Look at ${things[0].a} from the front, the side and above.`,
        'Ask which part is the biggest.',
        'Shape that first and add the rest by pressing.',
        'Stand it up where the others can see it.',
      ],
      say: ['What keeps it standing?', 'Which part was the hardest to make?'],
      look: ['Presses with the palm and pinches with fingertips.', 'Turns it to work on the back.'],
      easier: 'Press parts on a ball that is ready.',
      harder: 'Make it half as large.',
      tidy: 'Pick crumbs up by dabbing with the lump; close the box.',
    }),
  },
]
