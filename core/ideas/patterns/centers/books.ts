import { capital } from '../../theme'
import { inPlace } from '../world'
import { listWords } from '../../../base'
import {
  aNames,
  cards,
  countable,
  forStages,
  need,
  OLDER,
  playPieces,
  prep,
  real,
  shaped,
  the,
  theNames,
  type Pattern,
} from '../kit'
import { acts, anyThings, lacking, of, wordsOf } from './choose'

/** What is read and told. */
export const BOOK_PATTERNS: Pattern[] = [
  {
    id: 'book-corner',
    title: 'Books and things to go with them',
    about: 'A basket of books with things to hold while reading',
    domains: ['language', 'world'],
    choose: anyThings(),
    make: ({ things, paper, world }) => {
      const pieces = playPieces(things, paper)
      const what = things.length ? listWords(things.slice(0, 2).map((thing) => thing.many)) : world.place
      return {
        title: `Books about ${what}`,
        aim: `Look at books about ${what}, and find in them what lies in the basket.`,
        at: ['book-nook'],
        form: 'small-group',
        minutes: [4, 15, 2],
        energy: -1,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'Sit on a lap with a sturdy book, pat the pages and hear the names.',
          'Turn thick pages and point to what you name.',
          'Find the page that shows a thing from the basket.',
          'Tell the story from the pictures to a friend.',
          'Read one page to a younger child, and find a fact that is new.',
        ),
        needs: [
          ...pieces.needs,
          need('picture-book', 5, 'set-up'),
          need('basket', 1, 'set-up'),
          need('cushion', 2, 'set-up'),
        ],
        prep: [
          ...pieces.prep,
          prep('find-books', `Find ${listWords(world.books)}, and three more at home or in the library`, 10),
        ],
        steps: [
          'Stand the books up with the covers in front.',
          pieces.words ? `Put ${pieces.words} in a basket beside them.` : 'Put a basket beside them.',
          'Read one book to whoever comes.',
          'Ask which thing from the basket belongs to this page.',
        ],
        say: ['What do you think happens next?', 'Where have you seen this?'],
        look: ['Holds the book the right way up.', 'Matches a thing to a picture.'],
        easier: 'Two sturdy books and one thing.',
        harder: 'Find the same thing in two books: how are the pictures different?',
        tidy: 'Books stand up, torn pages go to the mending box.',
      }
    },
  },
  {
    id: 'felt-story',
    title: 'A story on felt',
    about: 'Move felt pieces while the story is told',
    domains: ['language', 'social-emotional'],
    choose: (theme) => {
      const cast = theme.things.filter((thing) => shaped(thing) && countable(thing))
      if (cast.length < 3) return { missing: lacking(3, cast.length, 'objects that are counted one by one') }
      return { things: [...cast].sort((a, b) => Number(acts(b)) - Number(acts(a))).slice(0, 4) }
    },
    make: ({ things, world }) => {
      const [a, b, c] = things
      return {
        title: `A felt story: ${listWords([a.one, b.one, c.one])}`,
        aim: `Tell a story about ${aNames([a, b, c])} with pieces that stick, first together, then alone.`,
        at: ['book-nook', 'circle'],
        form: 'small-group',
        minutes: [3, 12, 2],
        energy: -1,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'Touch a large piece of felt and hear its name.',
          'Put a piece on the board and pull it off.',
          'Put the next one on when its name comes up.',
          'Tell what happens first, next and last, and move the pieces.',
          'Change the ending, and make one new piece for it.',
        ),
        needs: [
          need('felt-sheet', 4, 'set-up'),
          need('cardboard-sheet', 1, 'set-up'),
          need('white-glue', 10, 'set-up', { adult: true }),
        ],
        prep: [
          prep(
            'cut-felt',
            `Cut large shapes of ${aNames(things)} from felt, and glue one sheet to cardboard as a board`,
            20,
            ['felt-sheet', 'cardboard-sheet', 'white-glue'],
            60,
          ),
        ],
        steps: [
          `Start: “One morning ${inPlace(world.scene)}, there was ${a.a}.”`,
          `Put ${the(b)} on: “Then came ${b.a}, and said: can you help me?”`,
          `Put ${the(c)} on, and ask the kids what the trouble is.`,
          'Let them find the way out. Tell it again, and let them move the pieces.',
        ],
        say: ['What happens next?', 'How do they feel about it?'],
        look: ['Keeps the order of the story.', 'Adds a sentence.'],
        easier: 'Two pieces, and you tell.',
        harder: 'Tell it with the pieces hidden, from memory.',
        tidy: 'Pieces in an envelope with a picture on the front.',
      }
    },
  },
  {
    id: 'our-book',
    title: 'A book we made',
    about: 'Each child makes a page of one book',
    domains: ['language', 'creative-arts'],
    choose: of(1, 'objects', real, 4),
    make: ({ things, theme, world }) => ({
      title: `Our own book about ${things[0].many}`,
      aim: `Make one page each, tell what is on it, and bind it into a book for the nook.`,
      at: ['book-nook', 'mark-making'],
      form: 'small-group',
      minutes: [4, 20, 4],
      energy: 0,
      mess: 0,
      attention: 'watching',
      folder: true,
      variants: forStages(
        'Print a hand on a page, with your help.',
        'Make marks on a page and hand it over.',
        'Color a picture and say one word about it.',
        'Draw a page and tell a sentence that you write under it.',
        'Write and draw a page with one fact, and a page for the title.',
      ),
      needs: [
        need('copy-paper', 2, 'child', { spare: 0.2 }),
        need('thick-crayon', 4, 'group of 3'),
        need('construction-paper', 2, 'set-up'),
        need('pencil', 1, 'group of 2', { for: OLDER }),
        need('yarn', 60, 'set-up', { adult: true }),
        need('tempera-paint', 5, 'child', { for: ['infant'] }),
        need('wipe', 1, 'group of 3'),
      ],
      prep: [
        prep(
          'first-line',
          `Write the beginning of a sentence at the top of each page, such as “${capital(inPlace(world.scene))} I see”`,
          5,
          ['copy-paper'],
        ),
      ],
      steps: [
        `Talk about ${theNames(things)}${theme.words.length ? ` and use the words ${listWords(theme.words.slice(0, 3))}` : ''}.`,
        'Each child finishes the sentence on the page and draws it.',
        'Write exactly what the child says.',
        'Bind the pages, and read the book to everyone before naptime.',
      ],
      say: ['What should people learn from your page?', 'What comes on the next page?'],
      look: ['Tells a whole sentence.', 'Makes marks that stand for words.'],
      easier: 'A photo or picture to glue on and one word.',
      harder: 'Number the pages and write a table of contents.',
      tidy: 'The book goes on the shelf with the others; each child takes a copy of a page.',
    }),
  },
  {
    id: 'listen-for',
    title: 'Listen for the word',
    about: 'Hear new words in a story and show it',
    domains: ['language', 'music-movement'],
    choose: anyThings(3),
    make: ({ things, theme, world, paper }) => {
      const words = wordsOf(theme, world.doing)
      const set = cards(words.length, paper)
      return {
        title: `Listen for “${words[0]}”`,
        aim: `Hear the words ${listWords(words.map((word) => `“${word}”`))} in a story and show that you heard them.`,
        at: ['book-nook', 'circle'],
        form: 'small-group',
        minutes: [3, 12, 2],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        variants: forStages(
          'Listen on a lap and pat along when you clap.',
          'Clap along with you.',
          'Lift a card whenever its word comes up.',
          'Show a sign with the hands for each word.',
          'Tell a sentence with all of the words in it.',
        ),
        needs: [set.need, need('picture-book', 1, 'set-up')],
        prep: [
          prep('word-cards', `Write and draw a card for each word: ${words.join(', ')}`, words.length * 2, [
            'card-stock',
          ]),
        ],
        steps: [
          'Say each word, clap its beats and find a movement for it.',
          `Tell or read a story about ${things.length ? things[0].a : world.place} and use each word three times.`,
          'Everyone shows the movement when they hear it.',
          'Ask what each word means, and use it at lunch.',
        ],
        say: ['When did you hear it?', 'What else can you say with that word?'],
        look: ['Reacts to the word.', 'Uses it later on without help.'],
        easier: 'One word.',
        harder: 'Find a word that means the opposite.',
        tidy: 'Hang the words by the door for the week.',
      }
    },
  },
]
