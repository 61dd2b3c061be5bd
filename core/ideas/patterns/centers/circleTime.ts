import { inPlace } from '../world'
import { listWords } from '../../../base'
import { capital, numberWord, type Thing } from '../../theme'
import { cards, countable, forStages, need, OLDER, prep, real, the, type Pattern } from '../kit'
import { anyThings, doingOf, of } from './choose'

/** Last words of the verses of a rhyme that counts down from five: each rhymes with the number that is left. */
const COUNT_DOWN: readonly [left: number, line: string][] = [
  [4, 'Wave your hand and close the door:'],
  [3, 'Wave your hand and count with me:'],
  [2, 'Wave your hand, I wave back too:'],
  [1, 'Wave your hand, the game’s not done:'],
]

const cameToPlay = (thing: Thing) => `${thing.category === 'person' ? 'who' : 'that'} came to play`

/** What is said, sung and moved together. */
export const CIRCLE_PATTERNS: Pattern[] = [
  {
    id: 'count-down-rhyme',
    title: 'A rhyme that counts down',
    about: 'Five go away one by one, and come back',
    domains: ['early-math', 'language'],
    choose: of(1, 'objects that are counted one by one', countable, 3),
    make: ({ things: [thing], paper }) => {
      const set = cards(5, paper)
      return {
        title: `Five ${thing.many} in a row`,
        aim: `Say a rhyme of five ${thing.many}, take one away each time and tell how many are left.`,
        at: ['circle'],
        form: 'whole-group',
        minutes: [2, 8, 1],
        energy: 0,
        mess: 0,
        attention: 'watching',
        variants: forStages(
          'Bounce to the beat on a lap, and have the fingers touched one by one.',
          'Wave good-bye each time one goes away.',
          'Hold up a hand and fold down one finger after another.',
          'Take a picture away and tell how many are left.',
          'Say the verse alone, and find a new way for the last one to leave.',
        ),
        needs: [set.need],
        prep: set.prep,
        steps: [
          `Put five pictures of ${thing.a} up in a row.`,
          ...COUNT_DOWN.map(
            ([left, line]) =>
              `“${capital(numberWord(left + 1))} ${thing.many} standing in a row, one says good-bye and has to go. ${line} ` +
              `${numberWord(left + 1)} take away one, and now there ${left === 1 ? 'is' : 'are'} ${numberWord(left)}.”`,
          ),
          `“One little ${thing.one} had so much fun, it waves good-bye, and now there are none.”`,
          'Call them all back with a clap for each: one, two, three, four, five.',
        ],
        say: ['How many now?', 'How many will there be after one more?'],
        look: ['Shows the right number of fingers.', 'Says the number before counting.'],
        easier: 'Start with three.',
        harder: 'Two go away each time: from six.',
        tidy: 'Let one child put the pictures back in the row.',
      }
    },
  },
  {
    id: 'finger-play',
    title: 'A finger play',
    about: 'A rhyme that is played with two hands',
    domains: ['music-movement', 'language'],
    choose: of(1, 'objects that are counted one by one', countable, 3),
    make: ({ things }) => ({
      title: `Here is ${things[0].a} ${cameToPlay(things[0])}`,
      aim: `Say and play a rhyme with two hands, for ${listWords(things.map((thing) => thing.a))}.`,
      at: ['circle', 'book-nook'],
      form: 'whole-group',
      minutes: [1, 5, 1],
      energy: 0,
      mess: 0,
      attention: 'nearby',
      variants: forStages(
        'Watch a thumb pop up and hide, and laugh when it comes back.',
        'Hide a hand under a cloth and pull it out.',
        'Make a fist, and pop the thumb up at “pop”.',
        'Say it and play it with both hands.',
        'Make up a new last line for another thing.',
      ),
      needs: [need('scarf', 1, 'group of 3', { for: ['infant', 'young-toddler'] })],
      steps: [
        'Cup one hand: “Here is a place to hide away,”',
        `Slip the other thumb in: “here is ${things[0].a} ${cameToPlay(things[0])}.”`,
        'Pop the thumb up: “Up it pops and looks around,”',
        'Pull it down: “down it goes without a sound.”',
        things.length > 1
          ? `Play it again with ${listWords(
              things.slice(1).map((thing) => thing.a),
              'or',
            )}: bigger, smaller, slower.`
          : 'Play it again, very slowly, then very fast.',
      ],
      say: ['Who is hiding now?', 'Should it be quiet or loud this time?'],
      look: ['Moves on the beat.', 'Knows which line comes next.'],
      easier: 'Play it with one hand only.',
      harder: 'Play it without words, and see who knows which line it is.',
      tidy: 'End with a whisper, hands in laps.',
    }),
  },
  {
    id: 'move-words',
    title: 'Move to the words',
    about: 'Find a movement for each word, then freeze',
    domains: ['music-movement', 'gross-motor'],
    choose: anyThings(3),
    make: ({ theme, world }) => {
      const words = doingOf(theme, world)
      return {
        title: `Move to the words: ${words.join(', ')}`,
        aim: `Find a movement for ${listWords(words.map((word) => `“${word}”`))} and change at once when the word changes.`,
        at: ['circle', 'outdoors'],
        form: 'whole-group',
        minutes: [2, 8, 1],
        energy: 2,
        mess: 0,
        attention: 'watching',
        variants: forStages(
          'Be rocked slow and fast on an arm to the drum.',
          'Copy one big movement with the whole body.',
          'Move to one word and stop when the drum stops.',
          'Change the movement when the word changes.',
          'Call the words, and slip in a new one.',
        ),
        needs: [need('drum', 1, 'set-up', { alt: ['shaker'] }), need('scarf', 1, 'child')],
        steps: [
          `Ask: what does ${words[0]} look like? Use the first idea that comes.`,
          'Find a movement for each of the other words.',
          'Drum softly, call a word, and move until the drum stops.',
          'Let a child call. End with the slowest word and sit down.',
        ],
        say: ['How small can you do it?', 'Which word is the calm one?'],
        look: ['Stops with the drum.', 'Invents a movement.'],
        easier: 'Two words: one fast, one slow.',
        harder: 'Two words at once: arms do one, legs the other.',
        tidy: 'Fold the scarves as if they were asleep.',
      }
    },
  },
  {
    id: 'who-is-there',
    title: 'Who is there?',
    about: 'Call and answer: who is there and what does it do',
    domains: ['language', 'social-emotional'],
    choose: of(2, 'objects', real, 6),
    make: ({ things, world, paper }) => {
      const set = cards(things.length, paper)
      const doing = things.find((thing) => thing.sound || thing.moves)
      const first = doing ?? things[0]
      return {
        title: `Knock, knock: who is ${inPlace(world.scene)}?`,
        aim: `Call and answer with ${listWords(things.slice(0, 3).map((thing) => thing.a))}: who is there, and what do you know about it?`,
        at: ['circle'],
        form: 'whole-group',
        minutes: [2, 8, 1],
        energy: 1,
        mess: 0,
        attention: 'watching',
        variants: forStages(
          'Hear a knock on the floor, and look for where it came from.',
          'Knock along with a flat hand.',
          'Pull a card out of the bag and hold it up.',
          'Say who is there and show how it moves or sounds.',
          'Give two clues before you show the card.',
        ),
        needs: [set.need, need('paper-bag', 1, 'set-up')],
        prep: set.prep,
        steps: [
          'All knock on the floor: “Knock, knock, knock!”',
          `You call: “Who is ${inPlace(world.scene)}?” A child pulls a card and answers: “${capital(first.a)} is here!”`,
          doing
            ? `All answer: “Hello, ${doing.one}!” and show how it ${doing.moves || doing.sound}.`
            : 'All answer with a hello, and each says one thing about it.',
          'Pass the bag on, so that everyone has a turn this week.',
        ],
        say: ['What does it do all day?', 'What would it say to us?'],
        look: ['Waits for the turn.', 'Answers in a whole sentence.'],
        easier: 'Three cards that all know.',
        harder: 'Answer with three clues in place of the name.',
        tidy: 'Say good-bye to each card as it goes back in the bag.',
      }
    },
  },
  {
    id: 'what-we-know',
    title: 'What we know',
    about: 'Collect what everyone knows and wonders',
    domains: ['language', 'science'],
    choose: of(1, 'objects', real, 4),
    make: ({ things, world }) => ({
      title: `What do we know about ${things[0].many}?`,
      aim: `Collect what the kids know about ${listWords(things.map((thing) => thing.many))}, and what they want to find out.`,
      at: ['circle'],
      form: 'whole-group',
      minutes: [3, 8, 1],
      energy: 0,
      mess: 0,
      attention: 'nearby',
      variants: forStages(
        'Sit in the circle on a lap and look at a large picture.',
        'Touch a picture or a thing that goes around.',
        'Name what is in the picture.',
        'Tell one thing they know, and one that they wonder.',
        'Write one question on the sheet and think how to find out.',
      ),
      needs: [
        need('butcher-paper', 90, 'set-up'),
        need('washable-marker', 2, 'set-up', { adult: true }),
        need('sticky-note', 1, 'child', { for: OLDER, alt: ['index-card'] }),
      ],
      prep: [prep('sheet', 'Fold a large sheet in two: “We know” and “We wonder”', 3, ['butcher-paper'])],
      steps: [
        `Show ${things[0].inHand ? the(things[0]) : `a picture of ${things[0].a}`} and wait: who speaks first?`,
        'Write down what each child says, with the name beside it.',
        `Ask what they would like to find out ${inPlace(world.place)}.`,
        'Hang the sheet low. Come back to it on the last day.',
      ],
      say: ['How do you know that?', 'How could we find out?'],
      look: ['Tells something from their own life.', 'Asks a real question.'],
      easier: 'Show two things and ask which one they know.',
      harder: 'Mark what turned out not to be so.',
      tidy: 'The sheet stays up until the unit ends.',
    }),
  },
  {
    id: 'parade',
    title: 'A parade',
    about: 'March around the house, each as something of the theme',
    domains: ['gross-motor', 'social-emotional'],
    choose: of(2, 'objects', real, 6),
    make: ({ things, world, paper }) => {
      const set = cards(things.length, paper)
      return {
        title: `A parade to ${world.place}`,
        aim: `March, stop and turn together, with pictures of ${listWords(things.slice(0, 3).map((thing) => thing.a))} up high.`,
        at: ['circle', 'outdoors'],
        form: 'whole-group',
        minutes: [3, 8, 2],
        energy: 2,
        mess: 0,
        attention: 'watching',
        variants: forStages(
          'Ride along on an arm in time with the drum.',
          'Walk hand in hand behind the drum.',
          'March with a picture held high, and stop with the drum.',
          'Lead the parade around the room: high knees, tiptoes, backward.',
          'Plan the way with three stops, and call what all do at each stop.',
        ),
        needs: [
          set.need,
          need('drum', 1, 'set-up', { alt: ['shaker'] }),
          need('masking-tape', 60, 'set-up', { adult: true }),
        ],
        prep: set.prep,
        steps: [
          `Give everyone a picture to carry: ${listWords(
            things.map((thing) => thing.one),
            'or',
          )}.`,
          'Line up behind the drum. One child leads.',
          'Drum: walk. Stop: freeze. Two taps: turn around.',
          `End at the rug, which is ${world.place} today, and sit down to a soft tap.`,
        ],
        say: ['How does your picture walk?', 'Who will lead next?'],
        look: ['Keeps a place in the line.', 'Stops with the drum.'],
        easier: 'A short loop, holding on to a rope of scarves with you.',
        harder: 'Follow the leader without a word.',
        tidy: 'Each picture back on the wall.',
      }
    },
  },
]
