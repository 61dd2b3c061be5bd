import { inPlace } from '../world'
import { listWords } from '../../../base'
import { acts, anyThings, goods, inParts, of, partNames } from './choose'
import { cards, forStages, need, OLDER, prep, real, the, theNames, type Pattern } from '../kit'

const WRITING = [
  need('copy-paper', 2, 'child'),
  need('thick-crayon', 4, 'group of 3'),
  need('pencil', 1, 'group of 2', { for: OLDER }),
]

/** What is drawn and written. */
export const MARK_PATTERNS: Pattern[] = [
  {
    id: 'write-signs',
    title: 'Signs and labels',
    about: 'Write the signs that a place needs',
    domains: ['language', 'fine-motor'],
    choose: anyThings(),
    make: ({ things, world }) => ({
      title: `Signs for ${world.place}`,
      aim: `Draw and write signs that tell people what to do: ${world.signs.join(', ')}.`,
      at: ['mark-making'],
      form: 'small-group',
      minutes: [4, 15, 3],
      energy: 0,
      mess: 0,
      attention: 'nearby',
      standing: true,
      variants: forStages(
        'Crumple a sheet of clean paper with both hands while you watch the mouth.',
        'Make marks with a thick crayon on a big sheet.',
        'Put dots and lines on a sign and say what it means.',
        `Copy one word in big letters: ${world.signs[0]}.`,
        'Write a sign of your own, with a picture for those who cannot read yet.',
      ),
      needs: [
        ...WRITING,
        need('construction-paper', 1, 'child'),
        need('masking-tape', 100, 'set-up', { adult: true }),
        need('index-card', 4, 'set-up'),
      ],
      prep: [prep('models', `Write ${world.signs.join(', ')} on cards in large clear letters`, 4, ['index-card'])],
      steps: [
        'Walk through the house and read three signs or labels together.',
        `Ask what people need to know ${inPlace(world.place)}.`,
        things.length
          ? `Choose a picture for each: ${listWords(
              things.map((thing) => thing.a),
              'or',
            )}.`
          : 'Choose a picture for each.',
        'Draw the picture first, then the letters.',
        'Hang it where it is needed, at the kids’ height.',
      ],
      say: ['How will people know what it says?', 'Which letter do you know already?'],
      look: ['Holds the crayon with fingers.', 'Goes from left to right.'],
      easier: 'You write in yellow; the child traces over it.',
      harder: 'Write a rule of three words.',
      tidy: 'Crayons in the cup, points up.',
    }),
  },
  {
    id: 'check-list',
    title: 'Check the list',
    about: 'Keep a list and check off what was found',
    domains: ['language', 'early-math'],
    choose: of(3, 'objects', real, 6),
    make: ({ things, paper, world }) => {
      const set = cards(things.length, paper)
      const what = things.every(goods) ? 'shopping list' : 'list'
      return {
        title: `A ${what}: ${listWords(things.slice(0, 3).map((thing) => thing.one))}`,
        aim: `Read a list with pictures, find ${theNames(things.slice(0, 3))}, and check each one off.`,
        at: ['mark-making', 'pretend'],
        form: 'small-group',
        minutes: [5, 15, 3],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'Tear and crumple one sheet while you hold it with the child.',
          'Make a mark for everything that you name.',
          'Put a line beside each picture that was found.',
          'Copy the first letter of each, and check it off.',
          'Write the whole list by ear, then correct it with the cards.',
        ),
        needs: [
          set.need,
          ...WRITING,
          need('cardboard-sheet', 1, 'group of 3', { alt: ['clipboard'] }),
          need('clothespin', 1, 'group of 2'),
        ],
        prep: [
          ...set.prep,
          prep('hang-cards', 'Hang the pictures around the room at the kids’ height', 5, ['card-stock']),
        ],
        steps: [
          'Clip a sheet to a board with a clothespin.',
          `Draw the list together: ${listWords(things.map((thing) => thing.one))}.`,
          `Walk around, as you would ${inPlace(world.place)}, and look for each one.`,
          'Check it off with a line. How many are left?',
        ],
        say: ['What is next on your list?', 'How many have you found?'],
        look: ['Looks back at the list.', 'Makes one mark for each.'],
        easier: 'Three pictures already on the list.',
        harder: 'Only the first letters are on the list.',
        tidy: 'Hang the boards on the hook and collect the cards.',
      }
    },
  },
  {
    id: 'map-it',
    title: 'A map of it',
    about: 'Draw the place from above and find the way',
    domains: ['world', 'fine-motor'],
    choose: of(2, 'objects', real, 5),
    make: ({ things, world }) => ({
      title: `A map of ${world.scene}`,
      aim: `Draw ${world.scene} from above and show the way from ${the(things[0])} to ${the(things[1])}.`,
      at: ['mark-making', 'blocks'],
      form: 'small-group',
      minutes: [4, 15, 3],
      energy: 0,
      mess: 0,
      attention: 'nearby',
      standing: true,
      variants: forStages(
        'Crawl along a path of cloths on the floor.',
        'Scribble on a big sheet that is taped down.',
        'Drive a car along a road that you drew.',
        `Draw where ${theNames(things.slice(0, 3))} are, and a path between them.`,
        'Draw a map with a key and let a friend find something hidden with it.',
      ),
      needs: [
        need('butcher-paper', 100, 'group of 4'),
        ...WRITING,
        need('toy-car', 1, 'group of 2'),
        need('cloth-scrap', 4, 'set-up', { for: ['infant'] }),
      ],
      steps: [
        'Stand up and look down at a block from above: what shape is it?',
        'Tape a large sheet to the table.',
        `Draw ${the(things[0])} at one end and ${the(things[1])} at the other.`,
        'Draw a way between them, and what you meet on it.',
        'Follow it with a finger, and tell where you are.',
      ],
      say: ['Where are you now?', 'What is on the way?'],
      look: ['Draws a line from one place to another.', 'Uses words such as next to, between, past.'],
      easier: 'You draw the places; the child draws the road.',
      harder: 'Give directions with left and right.',
      tidy: 'Roll the map up; it may go on tomorrow.',
    }),
  },
  {
    id: 'write-to',
    title: 'A letter to it',
    about: 'Write to somebody of the theme and get an answer',
    domains: ['language', 'social-emotional'],
    choose: of(1, 'people, animals or things to write to', real, 3),
    make: ({ things, world }) => {
      const somebody = things.find(acts)
      const who = somebody ? the(somebody) : `the ${world.roles[0]}`
      return {
        title: `Mail for ${who}`,
        aim: `Draw and write a letter to ${who}: tell something and ask something.`,
        at: ['mark-making', 'book-nook'],
        form: 'small-group',
        minutes: [4, 15, 3],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'Put a folded card into a wide box and pull it out again.',
          'Scribble a letter and drop it in the box.',
          'Draw something and tell you what to write under it.',
          `Write a name below and ask ${who} one question.`,
          'Write two sentences with a greeting, fold it and address it.',
        ),
        needs: [
          ...WRITING,
          need('sticker', 1, 'child', { for: OLDER }),
          need('small-box', 1, 'set-up'),
          need('construction-paper', 1, 'group of 2'),
        ],
        prep: [prep('mailbox', 'Cut a wide slot into a box', 3, ['small-box'])],
        steps: [
          `Ask: what would you like to know from ${who}?`,
          'Draw it first. Then write or dictate the words.',
          'Fold it, put a dot sticker on it and mail it.',
          `Answer one letter at naptime, as ${who} would, and read it to all the next day ${inPlace(world.place)}.`,
        ],
        say: ['What do you want to tell?', 'Where does your name go?'],
        look: ['Tells what the marks say.', 'Writes letters that can be read.'],
        easier: 'Draw only, and you write one word.',
        harder: 'Ask a question that cannot be answered with yes or no.',
        tidy: 'Empty the box together and read who wrote.',
      }
    },
  },
  {
    id: 'name-parts',
    title: 'Name the parts',
    about: 'Put a name to each part',
    domains: ['language', 'science'],
    choose: of(1, 'objects whose parts are known', inParts, 2),
    make: ({ things: [thing], paper }) => {
      const set = cards(thing.parts.length * 2, paper)
      return {
        title: `The parts of ${thing.form === 'thing' ? thing.a : thing.many}`,
        aim: `Find and name ${partNames(thing, 7)}.`,
        at: ['mark-making', 'tray-shelf'],
        form: 'tray',
        minutes: [3, 12, 2],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          `Look at one large picture of ${thing.a} and hear its name.`,
          'Point to a part that you name.',
          'Put a picture of a part on the same part of the big picture.',
          'Match each word to its part by the first letter.',
          `Draw ${thing.a} and label the parts without looking.`,
        ),
        needs: [
          set.need,
          need('copy-paper', 1, 'child', { for: OLDER }),
          need('pencil', 1, 'group of 2', { for: OLDER }),
          need('butcher-paper', 60, 'set-up'),
        ],
        prep: [
          ...set.prep,
          prep('big-picture', `Draw ${thing.a} large on paper, with a line at each part`, 8, ['butcher-paper']),
        ],
        steps: [
          'Lay the big picture on the table or the floor.',
          'Name a part, touch it, and let the child say it.',
          'Put the small picture on it, then the word below.',
          'Check with the back of the card: the part is colored there.',
        ],
        say: [`What does this part do?`, 'Do you have a part like that?'],
        look: ['Says the name of a part without help.', 'Matches a first letter.'],
        easier: 'Three parts, no words.',
        harder: 'What else has a part like this one?',
        tidy: 'Words in one envelope, pictures in another.',
      }
    },
  },
]
