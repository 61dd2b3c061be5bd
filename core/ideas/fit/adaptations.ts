import type { Activity, CenterKind, LearningDomain } from '../../domain'

/** Who may need an idea done in another way. */
export const ADAPTED_FOR = ['hears', 'sees', 'moves', 'speaks'] as const
export type AdaptedFor = (typeof ADAPTED_FOR)[number]
export const ADAPTED_FOR_NAMES: Record<AdaptedFor, string> = {
  hears: 'Hears differently',
  sees: 'Sees differently',
  moves: 'Moves differently',
  speaks: 'Speaks differently, or another language',
}

interface Way {
  /** Where it is done, or what it is for; the first that fits is said. */
  at?: readonly CenterKind[]
  of?: readonly LearningDomain[]
  words: string
}
/** Usual ways by what an idea asks of a child (common practice of inclusive early childhood education). */
const WAYS: Record<AdaptedFor, readonly Way[]> = {
  hears: [
    {
      of: ['music-movement'],
      words: 'Let hands rest on the drum or the floor to feel the beat, and show start and stop with a scarf.',
    },
    {
      at: ['circle', 'book-nook'],
      words: 'Sit face to face in good light, and use a sign or a picture for each important word.',
    },
    { at: ['outdoors'], words: 'Agree on a waved sign for “come back” and “stop” before you start.' },
    { words: 'Show each step with your hands or a picture before you say it, and check that eyes are on you.' },
  ],
  sees: [
    {
      at: ['glow-table'],
      words: 'Use large shapes with strong contrast, and let hands trace each edge first. Keep the light steady.',
    },
    {
      at: ['easel', 'art-table', 'mark-making'],
      words: 'Mark the edge of the paper with raised tape or a line of glue, and use dark on light.',
    },
    {
      at: ['outdoors'],
      words: 'Walk the way together first, and tell where things are: in front, beside, two steps away.',
    },
    {
      at: ['circle', 'book-nook'],
      words: 'Pass the real thing around, say what is in each picture, and save a seat up close.',
    },
    { words: 'Put things on a tray with a rim, always in the same place, and let hands explore before you begin.' },
  ],
  moves: [
    {
      of: ['gross-motor'],
      words:
        'Make the way wide and flat, bring the target closer, and let it be done sitting, rolling or with a friend.',
    },
    {
      at: ['easel'],
      words: 'Lower the paper or lay it flat, and offer a sponge or a thick brush that is easy to hold.',
    },
    {
      of: ['fine-motor'],
      words: 'Tape the paper or tray down, offer thicker handles and larger pieces, and help hand under hand.',
    },
    {
      at: ['sensory-bin', 'dough-table', 'discovery'],
      words: 'Bring the tray to a lap or a chair that supports well, and put a mat under it so that it stays.',
    },
    { words: 'Bring it to where the child sits well, fix what slides, and give more time.' },
  ],
  speaks: [
    {
      at: ['circle', 'book-nook'],
      words: 'Offer two pictures to choose from, wait for ten seconds, and take a look, a nod or a sign as the answer.',
    },
    { at: ['pretend'], words: 'Give a part with few words and a picture card for “please”, “more” and “your turn”.' },
    {
      words:
        'Say it in short words with a gesture, learn the word of the home language, and let showing count as telling.',
    },
  ],
}

/** That a plan for this child is worth more than what is usual. */
export const ADAPTED_CLOSING = 'The child’s own plan, and what the family and specialists say, come first.'

/**
 * How an idea is usually done for a child who hears, sees, moves or speaks differently: one way for each, by where it is
 * done and what it is mainly for. It is a start, and no plan for a child.
 */
export function adaptationsFor(activity: Pick<Activity, 'centers' | 'domains'>): Record<AdaptedFor, string> {
  const [center] = activity.centers
  const main = activity.domains.slice(0, 2)
  const fits = ({ at, of }: Way) => (!at || at.includes(center)) && (!of || main.some((domain) => of.includes(domain)))
  const wordsFor = (who: AdaptedFor) => WAYS[who].find(fits)!.words
  return { hears: wordsFor('hears'), sees: wordsFor('sees'), moves: wordsFor('moves'), speaks: wordsFor('speaks') }
}
