import type { BlockKind, CenterKind, PlanningStyle } from '../../domain'

/** A place in a style's day or room, in the order in which it is filled. */
export type Slot =
  | { kind: 'set-up'; centers: CenterKind[]; /** How many, at most. */ count: number; hint: string }
  | {
      kind: 'moment'
      block: BlockKind
      centers: CenterKind[]
      /** The same idea on so many days running before the next one. */ daysEach: number
      hint: string
    }
  | { kind: 'pattern'; block: BlockKind; hint: string }

/** The skeleton of a unit in one planning style. */
export interface Skeleton {
  style: PlanningStyle
  /** In a line, for the choice. */
  about: string
  /** Program days that a new unit begins with. */
  days: number
  slots: Slot[]
  /** What an empty cubby suggests, by block kind and for the centers. */
  hints: Partial<Record<BlockKind | 'set-up', string>>
}

const EVERY_CENTER: CenterKind[] = [
  'sensory-bin',
  'dough-table',
  'blocks',
  'pretend',
  'discovery',
  'glow-table',
  'easel',
  'mark-making',
  'book-nook',
  'tray-shelf',
]

/** The four planning styles (1-product, "Where practitioners disagree"). */
export const SKELETONS: Record<PlanningStyle, Skeleton> = {
  centers: {
    style: 'centers',
    about: 'Every center gets a set-up on the theme; circle and two planned things a day.',
    days: 10,
    slots: [
      ...EVERY_CENTER.map((center): Slot => ({
        kind: 'set-up',
        centers: [center],
        count: 1,
        hint: 'One set-up on the theme for each center',
      })),
      { kind: 'moment', block: 'circle', centers: ['circle'], daysEach: 1, hint: 'One thing together' },
      {
        kind: 'moment',
        block: 'choice',
        centers: ['art-table', 'discovery', 'dough-table'],
        daysEach: 1,
        hint: 'One for a small group',
      },
    ],
    hints: {
      circle: 'One thing together',
      choice: 'One for a small group',
      outdoors: 'Or something that moves',
      'set-up': 'A set-up on the theme',
    },
  },
  shelf: {
    style: 'shelf',
    about: 'Twelve trays, each with one aim that shows by itself when it is right.',
    days: 10,
    slots: [
      { kind: 'set-up', centers: ['tray-shelf'], count: 12, hint: 'A tray with one aim' },
      { kind: 'moment', block: 'circle', centers: ['circle'], daysEach: 5, hint: 'Short, to meet a new tray' },
    ],
    hints: {
      circle: 'Show one tray to all',
      choice: 'Free for the shelf',
      outdoors: 'Care for the yard',
      'set-up': 'A tray with one aim',
    },
  },
  focus: {
    style: 'focus',
    about: 'A letter or number in a fixed order: circle, book, table, craft, out and about.',
    days: 5,
    slots: [
      { kind: 'moment', block: 'circle', centers: ['circle'], daysEach: 5, hint: 'The same opening all week' },
      { kind: 'moment', block: 'choice', centers: ['mark-making'], daysEach: 1, hint: 'Short table work' },
      { kind: 'moment', block: 'after', centers: ['art-table'], daysEach: 1, hint: 'The craft' },
      { kind: 'moment', block: 'outdoors', centers: ['outdoors', 'circle'], daysEach: 1, hint: 'Active play' },
      { kind: 'set-up', centers: ['book-nook'], count: 1, hint: 'The book of the week' },
    ],
    hints: {
      circle: 'The same opening all week',
      choice: 'Short table work with the letter',
      outdoors: 'Active play before lunch',
      after: 'The craft',
      'set-up': 'The book of the week',
    },
  },
  follow: {
    style: 'follow',
    about: 'One interest, many ways of working on the same things, until it fades.',
    days: 5,
    slots: [
      { kind: 'pattern', block: 'choice', hint: 'One more way with the same things' },
      { kind: 'set-up', centers: ['pretend', 'blocks'], count: 1, hint: 'A place to play it' },
      { kind: 'set-up', centers: ['book-nook'], count: 1, hint: 'Books on it' },
    ],
    hints: {
      circle: 'What did you find out?',
      choice: 'One more way with the same things',
      outdoors: 'Look for it outside',
      'set-up': 'A place to play it',
    },
  },
}
