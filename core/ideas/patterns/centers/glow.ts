import { listWords } from '../../../base'
import { cards, countable, forStages, need, prep, shaped, the, theNames, type Pattern } from '../kit'
import { inParts, of, partNames } from './choose'
import { capital } from '../../theme'

/** What lies on the light. */
export const GLOW_PATTERNS: Pattern[] = [
  {
    id: 'glow-trace',
    title: 'Trace it on the light',
    about: 'Trace pictures that shine through',
    domains: ['fine-motor', 'creative-arts'],
    choose: of(2, 'objects with a shape', shaped, 6),
    make: ({ things, paper }) => {
      const set = cards(things.length, paper)
      return {
        title: `Trace ${things[0].many} on the light`,
        aim: `Follow the lines of ${theNames(things.slice(0, 3))} that shine through the paper.`,
        at: ['glow-table', 'mark-making'],
        form: 'tray',
        minutes: [3, 15, 2],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'Lie on the tummy near the soft light and look.',
          'Scribble on paper with light under it.',
          'Color in a picture that shines through.',
          'Trace one picture all the way around.',
          'Trace three pictures on one sheet, so that they tell a story.',
        ),
        needs: [
          set.need,
          need('copy-paper', 2, 'child'),
          need('thick-crayon', 4, 'group of 3'),
          need('painter-tape', 40, 'set-up', { adult: true }),
        ],
        prep: [
          ...set.prep,
          prep('outline', 'Go over the outline of each picture with a thick black line', things.length, ['card-stock']),
        ],
        steps: [
          'Dim the room a little and turn on the light.',
          'Tape a picture down and lay thin paper over it.',
          'Start where two lines meet and follow slowly.',
          'Lift the paper and look: what is missing?',
        ],
        say: ['Where did you start?', 'What will you add that was not there?'],
        look: ['Stays close to the line.', 'Turns the paper to follow a curve.'],
        easier: 'One picture with a thick, simple outline.',
        harder: 'Trace only half, and draw the other half from memory.',
        tidy: 'Light off, crayons in the cup.',
      }
    },
  },
  {
    id: 'glow-night',
    title: 'The place at night',
    about: 'Dark shapes and color make a place at night',
    domains: ['creative-arts', 'language'],
    choose: of(2, 'objects with a shape', shaped, 5),
    make: ({ things, paper, world }) => {
      const set = cards(things.length, paper)
      return {
        title: /night/.test(world.scene) ? `${capital(world.scene)} in the dark` : `${capital(world.scene)} at night`,
        aim: `Lay a night picture of ${world.scene} from dark shapes and bits of color, and tell what happens there.`,
        at: ['glow-table'],
        form: 'small-group',
        minutes: [4, 20, 4],
        energy: -1,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'Watch colored light move on the ceiling or the wall.',
          'Move big pieces of tissue paper around on the light.',
          'Lay one dark shape on a color.',
          `Lay ${theNames(things.slice(0, 3))} and tell what they do in the dark.`,
          'Tell the night in three pictures, and change the colors for each.',
        ),
        needs: [
          set.need,
          need('tissue-paper', 3, 'set-up'),
          need('construction-paper', 2, 'set-up'),
          need('flashlight', 1, 'set-up', { adult: true }),
        ],
        prep: [
          ...set.prep.slice(0, 1),
          prep('cut-dark', 'Cut the shapes out of dark paper along their outlines', things.length * 2, [
            'construction-paper',
          ]),
          prep('tear', 'Tear tissue paper into pieces as large as a hand', 3, ['tissue-paper']),
        ],
        steps: [
          'Turn the room light low and the table light on.',
          'Cover the light with pieces of color: ground and sky.',
          `Lay the dark shapes: ${listWords(things.map((thing) => thing.one))}.`,
          'Whisper the story of the night, each one sentence.',
        ],
        say: ['Who is still awake?', 'What makes light here at night?'],
        look: ['Lays things with a purpose.', 'Adds a sentence that fits.'],
        easier: 'Two shapes and one color.',
        harder: 'Let the morning come, color by color.',
        tidy: 'Flat pieces into an envelope, light off.',
      }
    },
  },
  {
    id: 'glow-inside',
    title: 'Layer by layer',
    about: 'Parts on thin sheets add up on the light',
    domains: ['science', 'early-math'],
    choose: of(1, 'objects whose parts are known', inParts, 1),
    make: ({ things: [thing] }) => ({
      title: `Look through ${thing.a}`,
      aim: `Stack sheets with ${partNames(thing)} on the light until ${the(thing)} is whole.`,
      at: ['glow-table'],
      form: 'tray',
      minutes: [3, 12, 2],
      energy: 0,
      mess: 0,
      attention: 'nearby',
      standing: true,
      variants: forStages(
        'Look at the light and at the picture as you lay it down.',
        'Put one sheet on the light and take it off.',
        'Stack two sheets and say what has changed.',
        `Stack all the parts in the right place: ${thing.parts.slice(0, 3).join(', ')}.`,
        'Draw a new layer of your own that fits on top.',
      ),
      needs: [
        need('copy-paper', thing.parts.length + 1, 'set-up'),
        need('washable-marker', 3, 'set-up', { adult: true }),
        need('copy-paper', 1, 'child', { as: 'own-sheet', for: ['school-age'] }),
      ],
      prep: [
        prep(
          'draw-layers',
          `Draw the outline of ${thing.a} on a sheet, and each part on a sheet of its own, in the same place`,
          12,
          ['copy-paper', 'washable-marker'],
        ),
      ],
      steps: [
        'Lay the outline on the light.',
        'Guess what is still missing.',
        'Add one sheet at a time and line up the corners.',
        'Take one away behind your back: which part is gone?',
      ],
      say: ['What does this part do?', 'Which one goes on last?'],
      look: ['Lines up the corners.', 'Names the missing part.'],
      easier: 'The outline and two parts.',
      harder: 'Add a sheet that does not belong, and let a friend find it.',
      tidy: 'Sheets in order in a folder.',
    }),
  },
  {
    id: 'glow-fill',
    title: 'Fill the outline with color',
    about: 'Fill an outline with pieces that let light through',
    domains: ['creative-arts', 'early-math'],
    choose: of(1, 'objects that are counted one by one', countable, 3),
    make: ({ things: [thing] }) => ({
      title: `A glowing ${thing.one}`,
      aim: `Fill the outline of ${thing.a} with color that the light shines through.`,
      at: ['glow-table', 'art-table'],
      form: 'tray',
      minutes: [3, 15, 3],
      energy: 0,
      mess: 0,
      attention: 'nearby',
      standing: true,
      variants: forStages(
        'Look at a color held over the light by you, then at another.',
        'Lay pieces of color anywhere on the light.',
        'Put pieces inside the outline.',
        'Fill the whole outline without a gap.',
        'Fill it so that both halves match.',
      ),
      needs: [
        need('construction-paper', 1, 'group of 2'),
        need('tissue-paper', 1, 'group of 3'),
        need('small-dish', 1, 'group of 2'),
      ],
      prep: [
        prep('cut-window', `Cut the outline of ${thing.a} out of dark paper, like a window, one for each two kids`, 8, [
          'construction-paper',
        ]),
        prep('tear', 'Tear tissue paper into pieces as large as a palm', 4, ['tissue-paper']),
      ],
      steps: [
        'Lay the dark sheet with its window on the light.',
        'Choose colors and lay them in the window.',
        'Lay two over each other. What color is that?',
        'Stand back and look from far away.',
      ],
      say: ['What happens where two colors meet?', 'Where is there still a gap?'],
      look: ['Covers the outline on purpose.', 'Tries one color over another.'],
      easier: 'One large window and four pieces.',
      harder: 'Use only two colors and make four.',
      tidy: 'Sort the pieces by color into the dishes.',
    }),
  },
]
