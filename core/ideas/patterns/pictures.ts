import {
  atLeast,
  cards,
  forStages,
  inHand,
  lacking,
  names,
  aNames,
  need,
  OLDER,
  prep,
  shaped,
  someNames,
  theNames,
  thingsOut,
  type Pattern,
} from './kit'
import { listWords } from '../../base'
import { capital, type Thing } from '../theme'

/** What moves by itself is shown first with the whole body. */
/** What it is and how it moves or sounds, where that is known: "a frog, which hops and croaks". */
const doingWords = (thing: Thing): string =>
  thing.moves || thing.sound
    ? `${thing.a}, ${thing.category === 'person' ? 'who' : 'which'} ${thing.moves || thing.sound}`
    : thing.a
const moves = (thing: Thing): boolean =>
  thing.moves !== '' || /animal|bird|insect|reptile|pet|vehicle|person|weather|flies|spins|rolls/i.test(thing.category)

/**
 * Patterns of looking closely: alike, not alike, part and whole. Cards carry them, so any thing with a name will do.
 */
export const PICTURE_PATTERNS: Pattern[] = [
  {
    id: 'match',
    title: 'Match',
    about: 'Find two that are alike',
    domains: ['early-math', 'language'],
    choose: atLeast(3),
    make: ({ things, paper, theme }) => {
      const set = cards(things.length * 2, paper)
      return {
        title: `Two alike: ${theme.name}`,
        aim: `Find the two cards that are alike: ${someNames(things)}.`,
        at: ['tray-shelf', 'book-nook'],
        form: 'tray',
        minutes: [3, 10, 2],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          `beside: Look at one large picture of ${things[0].a} on a lap and hear its name.`,
          'Look at two different cards side by side and point to the one that is named.',
          `Match three pairs, with one of each pair lying in a row already.`,
          `Match all ${things.length} pairs and name each as it is found.`,
          'Match the pictures to words written on slips, sounding out the first letter.',
        ),
        needs: [set.need, need('tray', 1, 'set-up'), need('basket', 1, 'set-up')],
        prep: [
          ...set.prep,
          prep('mark-pairs', 'Draw the same mark on the back of the two cards of each pair', 3, ['card-stock']),
        ],
        steps: [
          'Lay one of each pair in a row, left to right.',
          'Take a card from the basket and move it along the row.',
          'Stop where the two are alike and lay it below.',
          'Turn each pair over: the mark on the back shows whether it is right.',
        ],
        say: ['How do you know that these two belong together?', 'Which one was hardest to find?'],
        look: ['Moves the card along the row instead of guessing.', 'Names what is alike.'],
        easier: 'Lay out three pairs that look very different.',
        harder: 'Add a card that has no partner.',
        tidy: 'Pairs go back into the basket in twos.',
      }
    },
  },
  {
    id: 'match-shadow',
    title: 'Match the shadow',
    about: 'Find the dark outline that belongs to each',
    domains: ['early-math', 'science'],
    choose: atLeast(3, 'objects with a shape', shaped),
    make: ({ things, paper, theme }) => {
      const set = cards(things.length * 2, paper)
      return {
        title: `Whose shadow is it? ${theme.name}`,
        aim: 'Tell a thing by nothing but its outline.',
        at: ['tray-shelf', 'glow-table'],
        form: 'tray',
        minutes: [4, 10, 2],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'beside: Watch the shadow of a hand open and close on the wall.',
          'Put one picture on the only shadow that is offered, and lift it off again.',
          'Choose between two shadows for each picture.',
          `Match all ${things.length} by their outline and say which part gave them away.`,
          'Draw a new shadow for a friend to guess, with one part that misleads.',
        ),
        needs: [set.need, need('tray', 1, 'set-up'), need('washable-marker', 1, 'set-up', { adult: true })],
        prep: [
          ...set.prep,
          prep('fill-shadows', `Fill the outline of half the cards in black`, things.length, ['washable-marker']),
        ],
        steps: [
          'Spread the shadows out.',
          'Hold a picture above one and compare the edges.',
          'Lay it down when the outline agrees.',
          'Check by sliding the picture over the shadow.',
        ],
        say: ['What part of the outline did you look at?', 'Could this shadow be something else?'],
        look: ['Turns the card to make the edges meet.', 'Speaks of a part: a tail, a corner, a handle.'],
        easier: 'Cut the picture out, so that it can lie in its shadow.',
        harder: 'Show only half of each shadow.',
        tidy: 'Shadows face down, pictures face up, one band around each.',
      }
    },
  },
  {
    id: 'match-halves',
    title: 'Match the halves',
    about: 'Put two halves together',
    domains: ['early-math', 'fine-motor'],
    choose: atLeast(3, 'objects with a shape', shaped),
    make: ({ things, paper, theme }) => {
      const set = cards(things.length, paper)
      return {
        title: `Halves that belong: ${theme.name}`,
        aim: 'Put two halves together and see the whole.',
        at: ['tray-shelf'],
        form: 'tray',
        minutes: [3, 8, 2],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'beside: Bring two soft blocks together in front of the chest.',
          'Push two halves of one large picture together.',
          'Find the other half among three.',
          `Put together all ${things.length}, each cut along a different line.`,
          'Cut their own drawing in two so that only one way fits, and pass it on.',
        ),
        needs: [set.need, need('tray', 1, 'set-up'), need('child-scissors', 1, 'set-up', { for: OLDER })],
        prep: [
          ...set.prep,
          prep('cut-halves', 'Cut each card in two: straight, slanted, wavy or stepped', Math.ceil(things.length / 2), [
            'card-stock',
          ]),
        ],
        steps: [
          'Lay all the left halves on one side.',
          'Pick a right half and look at its cut edge.',
          'Bring the edges together until no gap is left.',
        ],
        say: ['What tells you that it is the wrong half?', 'How did you find it, by the picture or by the edge?'],
        look: ['Turns a piece to try it the other way.', 'Uses both hands together.'],
        easier: 'Cut all of them straight, and leave a frame to lay them in.',
        harder: 'Cut each into three.',
        tidy: 'Count whole pictures back, not halves.',
      }
    },
  },
  {
    id: 'memory-pairs',
    title: 'Memory pairs',
    about: 'Remember where the other one lies',
    domains: ['social-emotional', 'early-math'],
    choose: atLeast(3),
    make: ({ things, paper, theme }) => {
      const set = cards(things.length * 2, paper)
      return {
        title: `Where was it? ${theme.name}`,
        aim: 'Remember where a picture lies and wait for a turn.',
        at: ['circle', 'book-nook'],
        form: 'small-group',
        minutes: [2, 12, 2],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        variants: forStages(
          'beside: Find a toy that was covered with a cloth while watching.',
          'Lift one of two cups to find the picture that was put there.',
          'Play face up: find the partner of the card that is turned.',
          `Play face down with ${Math.min(things.length, 6)} pairs, two cards a turn.`,
          'Play with a word card and a picture card as a pair, all face down.',
        ),
        needs: [
          set.need,
          need('paper-cup', 2, 'set-up', { for: ['young-toddler'] }),
          need('scarf', 1, 'set-up', { for: ['beside-infant'] }),
        ],
        prep: set.prep,
        steps: [
          'Lay the cards in rows and let everyone look.',
          'Turn them over, row by row.',
          'Turn two in each turn and name both.',
          'Two alike are kept; two that are not go back face down.',
        ],
        say: ['Where have you seen that one before?', 'What helps you to keep it in mind?'],
        look: ['Waits while another child turns.', 'Goes straight to a place seen before.'],
        easier: 'Use three pairs, and leave one card of each face up.',
        harder: 'Swap two cards when everyone has looked.',
        tidy: 'Square the cards up and count the pairs.',
      }
    },
  },
  {
    id: 'same-different',
    title: 'Same and different',
    about: 'Find the one that does not belong, and say why',
    domains: ['language', 'early-math'],
    choose: atLeast(4),
    make: ({ things, paper, theme }) => {
      const set = cards(things.length, paper)
      return {
        title: `One does not belong: ${theme.name}`,
        aim: 'Say how things are alike and how they differ; more than one answer is right.',
        at: ['circle', 'book-nook'],
        form: 'whole-group',
        minutes: [2, 10, 1],
        energy: 0,
        mess: 0,
        attention: 'watching',
        variants: forStages(
          'beside: Hold a smooth thing in one hand and a rough one in the other.',
          'Give back the one card that is named out of two.',
          'Find the card that is quite unlike two equal ones.',
          `Choose from ${theNames(things.slice(0, 4))}: which one does not belong, and why.`,
          'Make a row of four in which each card could be the odd one, for a different reason.',
        ),
        needs: [
          set.need,
          need('wooden-ring', 1, 'set-up', { for: ['beside-infant'] }),
          need('sponge-piece', 1, 'set-up', { for: ['beside-infant'] }),
        ],
        prep: set.prep,
        steps: [
          `Lay out four cards: ${names(things.slice(0, 4))}.`,
          'Ask which one does not belong, and wait.',
          'Hear every answer and its reason.',
          'Change one card and ask again.',
        ],
        say: ['What do the other three have in common?', 'Who sees another reason?'],
        look: ['Gives a reason with “because”.', 'Accepts that a friend’s answer differs.'],
        easier: 'Use three cards, two of them quite the same.',
        harder: 'Ask for two ways in which the odd one is like the rest.',
        tidy: 'Let each child put away the card they argued for.',
      }
    },
  },
  {
    id: 'missing-one',
    title: 'What is missing?',
    about: 'See which one was taken away',
    domains: ['social-emotional', 'language'],
    choose: atLeast(3),
    make: ({ things, paper, theme }) => {
      const some = things.slice(0, 6)
      const held = some.filter(inHand)
      const set = cards(some.length, paper)
      const real = held.length === some.length
      return {
        title: `What has gone? ${theme.name}`,
        aim: 'Look well, keep it in mind, and name what was taken away.',
        at: ['circle'],
        form: 'whole-group',
        minutes: [2, 8, 1],
        energy: 0,
        mess: 0,
        attention: 'watching',
        variants: forStages(
          'beside: Play at hiding a face behind a cloth and finding it again.',
          'Look under the cloth and lift out what is left.',
          'Say or show which of three has gone.',
          `Name what is gone from ${some.length}, with eyes closed while it happens.`,
          'Say what is gone when two were taken and one was added.',
        ),
        needs: [
          ...(real ? thingsOut(some) : [set.need]),
          need('scarf', 1, 'set-up'),
          need('tray', 1, 'set-up'),
          need('scarf', 1, 'set-up', { as: 'scarf-lap', for: ['beside-infant'] }),
        ],
        prep: real ? [] : set.prep,
        steps: [
          `Show ${theNames(some)} one by one and name them together.`,
          'Cover the tray with the scarf.',
          'Take one away under the cloth.',
          'Lift the scarf: what has gone?',
        ],
        say: ['What was lying just there?', 'How did you try to remember them?'],
        look: ['Scans the row from one end to the other.', 'Names what is gone without help.'],
        easier: 'Begin with two, very unlike each other.',
        harder: 'Change the order of the rest as well.',
        tidy: 'The child who guessed last carries the tray back.',
      }
    },
  },
  {
    id: 'stages-sequence',
    title: 'Sequence of stages',
    about: 'Lay what happens first, next and last',
    domains: ['science', 'language'],
    choose: (theme) => {
      const grows = theme.things.filter((thing) => thing.stages.length >= 3)
      return grows.length
        ? { things: grows.slice(0, 3) }
        : {
            missing:
              'Needs an object with three stages or more, such as seed, sprout and plant. Write them beside an object in Spark.',
          }
    },
    make: ({ things: [thing], paper }) => {
      const set = cards(thing.stages.length * 2, paper)
      const order = thing.stages.join(', then ')
      return {
        title: `First, next, last: ${thing.one}`,
        aim: `Put in order what becomes of ${thing.a}: ${order}.`,
        at: ['discovery', 'tray-shelf', 'book-nook'],
        form: 'small-group',
        minutes: [3, 12, 2],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          `beside: Hear ${thing.stages[0]} and ${thing.stages.at(-1)} named in a low and a high voice.`,
          `Choose between ${thing.stages[0]} and ${thing.stages.at(-1)} when one is named.`,
          'Lay the first and the last card, with the middle lying there.',
          `Lay all ${thing.stages.length} in order and tell what happens between them.`,
          'Write or dictate one sentence under each stage, and guess how many days lie between.',
        ),
        needs: [set.need, need('tray', 1, 'set-up')],
        prep: set.prep,
        steps: [
          `Show the cards in order: ${order}.`,
          'Mix them while everyone watches.',
          'Find the first one together.',
          'Ask after each: what comes next?',
        ],
        say: ['How do you know that this comes later?', 'What would come after the last one?'],
        look: ['Uses first, next and last.', 'Goes back and fixes the order.'],
        easier: 'Number the backs, so that the order can be checked.',
        harder: 'Leave one stage out and ask what is missing.',
        tidy: 'Stack them in order, the first on top.',
      }
    },
  },
  {
    id: 'parent-young',
    title: 'Parent and young',
    about: 'Find whose young it is',
    domains: ['science', 'language'],
    choose: atLeast(3, 'objects that have young', (thing) => thing.young !== ''),
    make: ({ things, paper, theme }) => {
      const set = cards(things.length * 2, paper)
      return {
        title: `Whose little one? ${theme.name}`,
        aim: `Bring each young one to its parent: ${things
          .slice(0, 3)
          .map((thing) => `${thing.young} to ${thing.one}`)
          .join(', ')}.`,
        at: ['tray-shelf', 'book-nook', 'circle'],
        form: 'small-group',
        minutes: [3, 10, 2],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'beside: Be rocked on a lap as a little one is by a big one.',
          'Put the small picture beside the large one that looks alike.',
          'Match three that look alike, large to small.',
          `Match all ${things.length} and say their names: ${things[0].one} and ${things[0].young}.`,
          'Sort them by whether the young look like their parents or not yet.',
        ),
        needs: [set.need, need('basket', 1, 'set-up')],
        prep: set.prep,
        steps: [
          'Lay the parents in a row.',
          'Give each child one of the young.',
          'Ask around: whose are you?',
          'Walk the young one home along the row.',
        ],
        say: ['How are the two alike?', 'What does a little one need that a big one does not?'],
        look: ['Compares color or shape before choosing.', 'Uses the name of a young one.'],
        easier: 'Take only those whose young look like them.',
        harder: 'Add one whose young looks quite different.',
        tidy: 'Families go to bed: two and two into the basket.',
      }
    },
  },
  {
    id: 'label-it',
    title: 'Label it',
    about: 'Put written names to things',
    domains: ['language', 'fine-motor'],
    choose: atLeast(3),
    make: ({ things, paper, theme }) => {
      const set = cards(things.length, paper)
      return {
        title: `Names for things: ${theme.name}`,
        aim: 'See that each thing has a word, and that the word is always written alike.',
        at: ['mark-making', 'discovery'],
        form: 'small-group',
        minutes: [3, 12, 2],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'beside: Hear one name said slowly, face to face, and babble back.',
          'Stick a dot beside the picture that is named.',
          'Stick a dot on the picture and make a mark as its label.',
          `Copy the first letter of ${things
            .slice(0, 3)
            .map((thing) => thing.one)
            .join(', ')} beside each picture.`,
          'Write the whole word by sound, and add one word that tells more.',
        ),
        needs: [
          set.need,
          need('sticker', 4, 'child', { for: ['young-toddler', 'older-toddler'] }),
          need('index-card', things.length, 'set-up', { for: OLDER }),
          need('thick-crayon', 1, 'child'),
        ],
        prep: set.prep,
        steps: [
          'Name each picture and clap its beats.',
          'Ask what sound it begins with.',
          'Make the label and lay it under the picture.',
          'Read all the labels together.',
        ],
        say: ['Which word is longest, and can you hear that?', 'Do two of them begin alike?'],
        look: ['Points from left to right while saying the word.', 'Links a sound to a letter.'],
        easier: 'Write the label in dots to trace.',
        harder: 'Mix the labels up and put them right again.',
        tidy: 'Clip each label to its picture.',
      }
    },
  },
  {
    id: 'clap-words',
    title: 'Clap the words',
    about: 'Hear how many beats a word has',
    domains: ['language', 'music-movement'],
    choose: (theme) =>
      theme.words.length + theme.things.length >= 4
        ? { things: theme.things.slice(0, 4) }
        : { missing: lacking(4, theme.words.length + theme.things.length, 'words and objects') },
    make: ({ things, theme }) => {
      const said = [...new Set([...theme.words, ...things.map((thing) => thing.one)])].slice(0, 6)
      const list = said.join(', ')
      return {
        title: `Clap it: ${said.slice(0, 3).join(', ')}`,
        aim: `Hear the beats in the words of the week: ${list}.`,
        at: ['circle'],
        form: 'whole-group',
        minutes: [1, 7, 1],
        energy: 1,
        mess: 0,
        attention: 'watching',
        variants: forStages(
          'Feel the beats patted on the back while a word is said.',
          'Pat knees in any rhythm while the word is chanted.',
          'Clap along while the word is said slowly.',
          'Clap the beats alone and say how many there were.',
          'Find another word with as many beats, and one with more.',
        ),
        needs: [need('shaker', 1, 'group of 2')],
        steps: [
          `Say “${said[0]}” slowly and clap once for each beat.`,
          'Say it again, and let the group clap.',
          `Go on with ${said.slice(1).join(', ')}.`,
          'Pass a shaker: whoever holds it chooses the next word.',
        ],
        say: ['How many claps did that word take?', 'Which of our words is the longest to clap?'],
        look: ['Claps on the beat and stops with the word.', 'Counts the claps.'],
        easier: 'Take words of one and two beats only.',
        harder: 'Clap a word silently on the knee and let the others guess.',
        tidy: 'Shakers into the basket to a last whispered word.',
      }
    },
  },
  {
    id: 'draw-what-you-see',
    title: 'Draw what you see',
    about: 'Look long at one thing, then draw it',
    domains: ['creative-arts', 'science'],
    choose: atLeast(1, 'object that is in the house', inHand, 3),
    make: ({ things }) => ({
      title: `A close look at ${things[0].a}`,
      aim: `Look at ${theNames(things)} for longer than usual, and draw what is really there.`,
      at: ['mark-making', 'art-table', 'discovery'],
      form: 'small-group',
      minutes: [3, 15, 3],
      energy: -1,
      mess: 0,
      attention: 'nearby',
      standing: true,
      variants: forStages(
        'beside: Watch a thing move slowly from side to side at eye height.',
        'Make marks on a large sheet while the thing lies near.',
        'Draw around and around where it is round, up and down where it is long.',
        `Draw its outline first, then one part that others would miss.`,
        'Draw it from two sides and label three parts.',
      ),
      needs: [
        ...thingsOut(things),
        need('copy-paper', 2, 'child', { spare: 0.1 }),
        need('thick-crayon', 3, 'child'),
        need('magnifier', 1, 'group of 2', { for: OLDER }),
      ],
      steps: [
        `Put ${theNames(things)} in the middle, where all can see.`,
        'Look for a full minute without drawing.',
        'Trace its edge in the air with a finger.',
        'Draw, look up, and draw again.',
      ],
      say: ['What do you see now that you did not see at first?', 'Where does its edge bend?'],
      look: ['Looks up between strokes.', 'Adds a detail after a second look.'],
      easier: 'Lay thin paper over it and rub, where it is flat.',
      harder: 'Turn it around and draw the side that cannot be seen.',
      tidy: 'Write the name and the date on the back, and stand the thing by its pictures.',
    }),
  },
  {
    id: 'act-it',
    title: 'Act it',
    about: 'Be it, with the whole body',
    domains: ['music-movement', 'gross-motor'],
    choose: (theme) =>
      atLeast(
        3,
        'objects with a shape',
        shaped,
      )({ ...theme, things: [...theme.things.filter(moves), ...theme.things.filter((thing) => !moves(thing))] }),
    make: ({ things, paper }) => {
      const set = cards(things.length, paper)
      return {
        title: things[0].moves ? `Move like ${things[0].a}` : `Be ${things[0].a}`,
        aim:
          'Show with the whole body how ' +
          `${listWords(things.slice(0, 3).map((thing) => thing.a))} would move, stand or sound.`,
        at: ['circle', 'outdoors'],
        form: 'whole-group',
        minutes: [2, 10, 1],
        energy: 2,
        mess: 0,
        attention: 'watching',
        variants: forStages(
          'Be carried, swayed and lowered to the rhythm of the others.',
          'Copy one large movement: up, down or around.',
          'Copy what an adult shows for each picture, and stop at the sign.',
          'Draw a card and show it without a word until someone guesses.',
          'Join two cards into one movement, and tell how each shows.',
        ),
        needs: [set.need],
        prep: set.prep,
        steps: [
          `Turn a card: ${doingWords(things[0])}.`,
          'Ask: is it quick or slow, high or low, loud or still?',
          'All be it until the hand goes up.',
          `End with the quietest of all: ${things.at(-1)!.one}.`,
        ],
        say: ['How would it start to move?', `${capital(things[1].a)}: is it quick or slow, loud or quiet?`],
        look: ['Stops at the sign.', 'Finds their own way of moving.'],
        easier: 'Show the movement first and let them copy.',
        harder: 'Act a whole little story with three cards.',
        tidy: 'Slow down together, and come to rest on the rug.',
      }
    },
  },
  {
    id: 'story-of-three',
    title: 'A story of three',
    about: 'Tell a story from three cards',
    domains: ['language', 'social-emotional'],
    choose: atLeast(4),
    make: ({ things, paper, theme }) => {
      const set = cards(things.length, paper)
      return {
        title: `Three cards, one story: ${theme.name}`,
        aim: 'Make up a story in which three things have a part.',
        at: ['book-nook', 'circle'],
        form: 'small-group',
        minutes: [2, 12, 1],
        energy: -1,
        mess: 0,
        attention: 'hands-on',
        variants: forStages(
          'beside: Hear a story in a soft voice with a picture to hold.',
          'Choose the card and hear what happens to it.',
          'Add a sound or a movement whenever a card is named.',
          'Draw three cards and say who, where and what went wrong.',
          'Tell it with a beginning, trouble and an end, and let someone write it down.',
        ),
        needs: [set.need, need('copy-paper', 1, 'child', { for: OLDER })],
        prep: set.prep,
        steps: [
          'Spread the cards face down and draw three.',
          `Begin: “One morning there was ${things[0].a}.”`,
          'Each child adds what happens with one card.',
          'Tell the whole story once more from the start.',
        ],
        say: ['What went wrong then?', 'How could it have ended differently?'],
        look: ['Keeps to what was told before.', 'Brings trouble and its solution.'],
        easier: 'Tell the beginning and the end, and let them fill in the middle.',
        harder: 'Every sentence begins with “but” or “so”.',
        tidy: 'Pin the three cards up with the title of the story.',
      }
    },
  },
  {
    id: 'riddle',
    title: 'Riddle',
    about: 'Guess it from clues',
    domains: ['language', 'science'],
    choose: atLeast(4),
    make: ({ things, paper, theme }) => {
      const set = cards(things.length, paper)
      return {
        title: `I know something: ${theme.name}`,
        aim: 'Listen to clues, rule things out, and guess.',
        at: ['circle', 'book-nook'],
        form: 'whole-group',
        minutes: [2, 8, 1],
        energy: 0,
        mess: 0,
        attention: 'watching',
        variants: forStages(
          'beside: Hear a voice come from behind a cloth and see the face appear.',
          'Choose between two cards after one clue.',
          'Turn over the cards that it cannot be, with help.',
          `Guess among ${things.length} with no more than four clues.`,
          'Think of one and give clues that go from hard to easy.',
        ),
        needs: [set.need, need('scarf', 1, 'set-up', { for: ['beside-infant'] })],
        prep: set.prep,
        steps: [
          `Lay out the cards: ${names(things)}.`,
          'Choose one in secret.',
          'Give a clue: what it does, where it is, how it feels.',
          'Turn over each card that it cannot be.',
        ],
        say: ['Which clue told you most?', 'Why can it not be that one?'],
        look: ['Changes a guess after a new clue.', 'Asks a question that halves the rest.'],
        easier: 'Lay out three cards, and begin with the color.',
        harder: 'Only yes or no in answer to questions.',
        tidy: 'The last one that was guessed collects the cards.',
      }
    },
  },
  {
    id: 'vote',
    title: 'Vote and count',
    about: 'Choose a favorite and see what most like',
    domains: ['early-math', 'social-emotional'],
    choose: atLeast(3, 'objects', undefined, 4),
    make: ({ things, paper, theme }) => {
      const set = cards(things.length, paper)
      return {
        title: `Which do we like best? ${theme.name}`,
        aim: `Choose between ${theNames(things)}, and read off what most have chosen.`,
        at: ['circle', 'mark-making'],
        form: 'whole-group',
        minutes: [4, 10, 2],
        energy: 0,
        mess: 0,
        attention: 'watching',
        standing: true,
        variants: forStages(
          'beside: Reach for one of two pictures that are held up.',
          'Put a block beside the one that is liked.',
          'Build their own block onto a tower and look which is tallest.',
          'Color a square in the right column and count the columns.',
          'Say how many more one column has, and ask a new question of all.',
        ),
        needs: [
          set.need,
          need('poster-board', 1, 'set-up'),
          need('wooden-cube', 1, 'child'),
          need('thick-crayon', 1, 'group of 2', { for: OLDER }),
        ],
        prep: [...set.prep, prep('rule-chart', 'Rule a chart with a column for each card', 5, ['poster-board'])],
        steps: [
          'Show the cards at the foot of the columns.',
          'Each child sets one cube, nobody two.',
          'Compare the towers: most, fewest, as many.',
          'Copy them onto the chart, square by square.',
        ],
        say: ['How many would have to change their mind?', 'What would families choose?'],
        look: ['Matches one cube to one child.', 'Uses most, fewest and the same.'],
        easier: 'Vote between two.',
        harder: 'Vote in secret on slips, then count.',
        tidy: 'Hang the chart where families see it; no names on it.',
      }
    },
  },
  {
    id: 'big-picture',
    title: 'One big picture',
    about: 'Paint together where it all happens',
    domains: ['creative-arts', 'social-emotional'],
    choose: atLeast(3),
    make: ({ things, theme }) => ({
      title: `${theme.name} on one wall`,
      aim: `Paint one large picture together in which there is room for ${aNames(things.slice(0, 5))}.`,
      at: ['art-table', 'easel'],
      form: 'small-group',
      minutes: [8, 25, 12],
      energy: 0,
      mess: 2,
      attention: 'watching',
      variants: forStages(
        'beside: Pat paint that is sealed in a flat bag on the wall.',
        'Roll and dab color for the ground.',
        'Paint one large part with a wide brush.',
        `Paint ${things[0].a} and decide with the others where it goes.`,
        'Plan near and far, large and small, and add what is missing.',
      ),
      needs: [
        need('butcher-paper', 250, 'set-up'),
        need('tempera-paint', 25, 'child', { spare: 0.1 }),
        need('paintbrush', 1, 'child'),
        need('sponge-piece', 2, 'set-up'),
        need('apron', 1, 'child'),
        need('wipe', 1, 'group of 2'),
      ],
      prep: [prep('hang-roll', 'Tape paper from the roll at the height of the smallest', 8, ['butcher-paper'])],
      steps: [
        'Look at the empty sheet: what is below, what is above?',
        'Fill the ground together and let it dry.',
        'Choose who paints what, and where.',
        'Stand back in turns and say what is still missing.',
      ],
      say: ['What is happening in this corner?', 'How can we show that it is far away?'],
      look: ['Leaves room for others.', 'Talks over where things go.'],
      easier: 'Draw the outlines first.',
      harder: 'Paint it as it would be at night.',
      tidy: 'Brushes in the tub, lids on, and a note of who painted what.',
    }),
  },
  {
    id: 'jump-to-it',
    title: 'Jump to it',
    about: 'Hear a name and get to it',
    domains: ['gross-motor', 'language'],
    choose: atLeast(4),
    make: ({ things, paper, theme }) => {
      const set = cards(things.length, paper)
      return {
        title: `Jump to it: ${theme.name}`,
        aim: `Listen for a name and get to its card: ${someNames(things)}.`,
        at: ['outdoors', 'circle'],
        form: 'whole-group',
        minutes: [4, 10, 2],
        energy: 2,
        mess: 0,
        attention: 'watching',
        variants: forStages(
          'Be carried to the card and hear its name there.',
          'Go to the one card that is named and pointed at.',
          'Walk to the card that is named.',
          'Hop, crawl or tiptoe to it as the caller says.',
          'Remember a row of three and visit them in order.',
        ),
        needs: [set.need, need('hoop', 4, 'set-up'), need('masking-tape', 150, 'set-up')],
        prep: set.prep,
        steps: [
          'Tape the cards down, far apart.',
          'Walk past all and name them.',
          'Call a name and a way of moving.',
          'Let a child be the caller.',
        ],
        say: ['Which one is farthest from you?', 'How else could we get there?'],
        look: ['Starts only at the name.', 'Keeps clear of others.'],
        easier: 'Two cards and no hurry.',
        harder: 'Call a clue in place of the name.',
        tidy: 'Pick the cards up in the order of their first sound.',
      }
    },
  },
]
