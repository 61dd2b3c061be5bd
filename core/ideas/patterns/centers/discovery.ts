import { listWords } from '../../../base'
import { capital } from '../../theme'
import { aNames, cards, forStages, need, OLDER, prep, real, the, thingsOut, toHandleFreely, type Pattern } from '../kit'
import { lacking, of } from './choose'
import type { Theme } from '../../theme'

const LOOKING = [need('magnifier', 1, 'group of 3'), need('tray', 1, 'group of 3')]

/** What grew and was picked: whether that is alive is a question for philosophers. */
const ONCE_ALIVE = /plant part|seed|food|fruit|vegetable|part of an animal|found outdoors/

/** What is looked at, compared and tried. */
export const DISCOVERY_PATTERNS: Pattern[] = [
  {
    id: 'look-close',
    title: 'A close look',
    about: 'Look at a thing from near, and draw what was not seen before',
    domains: ['science', 'language'],
    choose: of(1, 'objects', real),
    make: ({ things, paper }) => {
      const there = things.filter(toHandleFreely)
      const drawn = things.filter((thing) => !there.includes(thing))
      const set = cards(drawn.length, paper)
      const [thing] = things
      return {
        title: `Look closely at ${thing.form === 'thing' ? thing.a : thing.many}`,
        aim: `Look from near at ${aNames(things.slice(0, 3))}, and tell something new about each.`,
        at: ['discovery'],
        form: 'small-group',
        minutes: [4, 15, 4],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          `Look at ${thing.a}, held close, and hear its name.`,
          'Point to a part that you name.',
          'Look through the magnifier and say one word for it.',
          `Find three parts${thing.parts.length >= 2 ? `, such as ${listWords(thing.parts.slice(0, 2))}` : ''}, and draw one of them.`,
          'Draw it at its real size, label the parts and write one question.',
        ),
        needs: [
          ...thingsOut(there),
          ...(drawn.length ? [set.need] : []),
          ...LOOKING,
          need('copy-paper', 1, 'child', { for: OLDER }),
          need('pencil', 1, 'group of 2', { for: OLDER }),
        ],
        prep: drawn.length ? set.prep : [],
        steps: [
          'Lay one thing on each tray, with a magnifier beside it.',
          'Look without talking while you count to ten.',
          'Take turns: each says one thing that nobody has said.',
          'Draw what surprised you.',
        ],
        say: ['What did you notice that I did not?', 'What does it remind you of?'],
        look: ['Looks again after talking.', 'Has words for how it looks and feels.'],
        easier: 'One thing, and you point.',
        harder: 'Describe it so well that a friend can draw it without seeing it.',
        tidy: 'Magnifiers in the basket, drawings on the wall.',
      }
    },
  },
  {
    id: 'compare-two',
    title: 'Alike and different',
    about: 'Compare two things in two circles of yarn',
    domains: ['science', 'early-math'],
    choose: of(2, 'objects', real),
    make: ({ things, paper }) => {
      const [a, b] = things
      const set = cards(2 + 6, paper)
      return {
        title: `${capital(a.a)} and ${b.a}: alike or different?`,
        aim: `Find what ${the(a)} and ${the(b)} have in common, and what only one of them has.`,
        at: ['discovery', 'circle'],
        form: 'small-group',
        minutes: [5, 15, 3],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'Look from one large picture to the other.',
          'Give the picture that you ask for.',
          'Say one thing that both have.',
          'Lay pictures of parts in the left circle, the right one or the middle.',
          'Write three facts for each part of the circles, and add a third thing.',
        ),
        needs: [
          set.need,
          need('yarn', 300, 'set-up', { adult: true }),
          need('index-card', 6, 'set-up', { for: OLDER }),
          need('washable-marker', 2, 'set-up', { for: OLDER }),
        ],
        prep: set.prep,
        steps: [
          'Lay two circles of yarn that overlap.',
          `Put ${the(a)} in one, ${the(b)} in the other.`,
          'Draw or say one thing about each, and find its place.',
          'Does it fit both? Then it goes in the middle.',
          'Pick up the yarn before anyone leaves.',
        ],
        say: ['Could it go anywhere else?', 'What are they both for?'],
        look: ['Says “both” and “only”.', 'Changes an answer for a reason.'],
        easier: 'Ask only: is this one bigger?',
        harder: 'Find a third thing that belongs in the middle.',
        tidy: 'Roll up the yarn and put it out of reach.',
      }
    },
  },
  {
    id: 'try-question',
    title: 'Try it out',
    about: 'Ask a question, guess, try and tell',
    domains: ['science', 'language'],
    choose: (theme: Theme) =>
      theme.things.length ? { things: theme.things.slice(0, 3) } : { missing: lacking(1, 0, 'objects') },
    make: ({ things, world }) => ({
      title: `Try it: ${world.science}`,
      aim: 'Guess first, try it with your own hands, and tell what really happened.',
      at: ['discovery', 'outdoors'],
      form: 'small-group',
      minutes: [8, 20, 6],
      energy: 0,
      mess: 1,
      attention: 'hands-on',
      standing: false,
      variants: forStages(
        'Sit close and feel one safe thing that is being tried.',
        'Touch what you offer, and show more or all done.',
        'Do one try with your help and look what happened.',
        'Guess with a sticker, try it, and say whether the guess was right.',
        'Change only one thing each time and write down every try.',
      ),
      needs: [
        need('tray', 1, 'group of 3'),
        need('paper-cup', 2, 'child'),
        need('copy-paper', 3, 'set-up'),
        need('sticker', 1, 'child', { for: OLDER }),
        need('washable-marker', 2, 'set-up', { for: OLDER }),
        need('towel', 1, 'set-up'),
        need('cloth-scrap', 1, 'set-up', { for: ['infant', 'young-toddler'] }),
      ],
      prep: [
        prep('lay-out', `Get out what it takes to try this: ${world.science}`, 10),
        prep('guess-sheet', 'Draw two or three answers at the top of a sheet for the guesses', 4, ['copy-paper']),
      ],
      steps: [
        `Talk about ${aNames(things)}. Then ask: ${world.science}`,
        'Everyone guesses and puts a sticker under an answer.',
        'Try it once together. Then let each child try.',
        'Keep everything the same but one thing.',
        'Look back at the guesses: what do we know now?',
      ],
      say: ['What do you think will happen?', 'Was it what you thought?'],
      look: ['Makes a guess before trying.', 'Tells what changed.'],
      easier: 'Only two answers, and one try.',
      harder: 'Try it three times. Does it come out the same?',
      tidy: 'Put the sheet of guesses on the wall; wipe the trays.',
    }),
  },
  {
    id: 'alive-or-not',
    title: 'Alive or not?',
    about: 'Sort what is alive from what is not',
    domains: ['science', 'language'],
    choose: (theme: Theme) => {
      const seen = theme.things.filter(
        (thing) => real(thing) && thing.living !== null && !ONCE_ALIVE.test(thing.category),
      )
      const alive = seen.filter((thing) => thing.living)
      const not = seen.filter((thing) => !thing.living)
      if (alive.length >= 2 && not.length >= 2) return { things: [...alive.slice(0, 4), ...not.slice(0, 4)] }
      return {
        missing: `Needs at least two things that live and two that do not; the theme has ${alive.length} and ${not.length}.`,
      }
    },
    make: ({ things, paper }) => {
      const set = cards(things.length, paper)
      const alive = things.filter((thing) => thing.living)
      const not = things.filter((thing) => !thing.living)
      return {
        title: `Is ${alive[0].a} alive? Is ${not[0].a}?`,
        aim: 'Sort what eats, grows and has young from what does not, and say how you know.',
        at: ['discovery', 'tray-shelf'],
        form: 'small-group',
        minutes: [4, 12, 3],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'Look at a picture and at your face as you name it.',
          'Find the picture that you name out of two.',
          'Put the animals and plants on one tray.',
          'Ask of each: does it eat or drink? Does it grow? Then sort.',
          'Find one that is hard to decide and argue both sides.',
        ),
        needs: [set.need, need('tray', 2, 'set-up'), need('index-card', 2, 'set-up')],
        prep: [...set.prep, prep('signs', 'Write “alive” and “not alive” on two cards', 1, ['index-card'])],
        steps: [
          'Ask three questions of each: Does it need food or water? Does it grow? Can it have young?',
          `Start with ${alive[0].a} and with ${not[0].a}.`,
          'Let each child place one and say why.',
          'Turn the cards over: a dot on the back means alive.',
        ],
        say: ['How do you know?', 'It moves. Does that mean it is alive?'],
        look: ['Gives a reason.', 'Changes a mind after talking.'],
        easier: 'Two of each kind.',
        harder: 'Was it alive once? Make a third tray.',
        tidy: 'Mix the cards for the next one.',
      }
    },
  },
  {
    id: 'what-it-needs',
    title: 'What does it need?',
    about: 'Find what each needs or eats',
    domains: ['science', 'world'],
    choose: of(
      2,
      'objects of which it is known what they eat or need',
      (thing) => thing.needs !== '' && real(thing),
      5,
    ),
    make: ({ things, paper }) => {
      const set = cards(things.length * 2, paper)
      return {
        title: `What does ${things[0].a} need?`,
        aim: `Bring ${listWords(things.slice(0, 3).map((thing) => `${thing.needs} to ${the(thing)}`))}.`,
        at: ['discovery', 'tray-shelf'],
        form: 'tray',
        minutes: [4, 12, 3],
        energy: 0,
        mess: 0,
        attention: 'nearby',
        standing: true,
        variants: forStages(
          'Look at one large picture and hear what it needs.',
          'Hand over the picture that you name.',
          'Match two pairs that lie face up.',
          `Match all ${things.length} and tell why each needs it.`,
          'Draw one more thing that each of them needs, and one that all need.',
        ),
        needs: [
          set.need,
          need('tray', 1, 'set-up'),
          need('basket', 1, 'set-up'),
          need('copy-paper', 1, 'child', { for: ['school-age'] }),
        ],
        prep: set.prep,
        steps: [
          `Lay ${aNames(things)} in a column.`,
          'Take a card of something needed and ask: whose is it?',
          'Put it beside the one that needs it.',
          'Check: the same color of dot is on the back of both.',
        ],
        say: ['What would happen without it?', 'What do you need that it needs too?'],
        look: ['Explains a match.', 'Tells a need from a want.'],
        easier: 'Two pairs.',
        harder: 'Where does it find that?',
        tidy: 'Pairs back together in the basket.',
      }
    },
  },
]
