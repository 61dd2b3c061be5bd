/** Plain lists and numbers of the domain, apart from the schemas: the page of a link needs these and no schema. */

export const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const

/** The nine major food allergens of US law (FASTER Act, 2021); a home may add its own in the same form. */
export const MAJOR_ALLERGENS = [
  'milk',
  'egg',
  'fish',
  'shellfish',
  'tree-nuts',
  'peanuts',
  'wheat',
  'soy',
  'sesame',
] as const

/** The longest that a tick can have waited for a network, in milliseconds: thirty days. */
export const LONGEST_WAIT_MS = 30 * 86_400_000

/** The stages of childhood that variants are written for, in order of age. Bounds are a home's setting. */
export const STAGES = ['infant', 'young-toddler', 'older-toddler', 'preschool', 'school-age'] as const
/** Learning domains. */
export const DOMAINS = [
  'language',
  'early-math',
  'science',
  'creative-arts',
  'music-movement',
  'sensory',
  'fine-motor',
  'gross-motor',
  'practical-life',
  'social-emotional',
  'world',
] as const
/** Kinds of learning center. */
export const CENTER_KINDS = [
  'blocks',
  'pretend',
  'discovery',
  'mark-making',
  'glow-table',
  'easel',
  'sensory-bin',
  'tray-shelf',
  'art-table',
  'dough-table',
  'book-nook',
  'circle',
  'outdoors',
] as const
/** How a unit is built: the skeleton it starts from. */
export const STYLES = ['centers', 'shelf', 'focus', 'follow'] as const

/** What an activity asks of an adult. */
export const ATTENTIONS = ['nearby', 'watching', 'hands-on', 'one-to-one'] as const

/** How a child was at a bin, as it was noted. */
export const BIN_MOODS = ['calm', 'watched', 'mouthed', 'threw'] as const

/** What a book is, for whoever looks for one. */
export const BOOK_KINDS = ['story', 'facts', 'rhymes', 'pictures', 'counting', 'letters'] as const
/** How a book is shared: every word of it, in fewer words, or by its pictures alone. */
export const BOOK_WAYS = ['whole', 'shorter', 'looked'] as const

/** Squares of the house's plan, across and down. */
export const ROOM = { across: 12, down: 8 } as const

/** What a circle is made of; `waiting` and `transition` stand beside it, for the minutes before and after. */
export const PIECE_KINDS = [
  'gather',
  'greet',
  'rhyme',
  'finger-play',
  'story',
  'talk',
  'movement',
  'game',
  'calm',
  'goodbye',
  'waiting',
  'transition',
] as const
/** The longest text of a piece: longer than any song, shorter than a book. */
export const MOST_PIECE_TEXT = 20_000
/**
 * How a piece becomes verses: as it is written; counting one thing down, up, or there and back; one verse for each thing
 * of the theme; or one thing more in each verse.
 */
export const PIECE_FORMS = ['text', 'down', 'up', 'back', 'each', 'list'] as const
export const MOST_PARTS = 24

/** What a block of the day is for. Only some take placements: see `takesPlacements`. */
export const BLOCK_KINDS = ['arrival', 'circle', 'choice', 'outdoors', 'meal', 'nap', 'after', 'departure'] as const

/** Base units. Nothing is ever added across them. */
export const UNITS = ['each', 'g', 'ml', 'cm', 'sheet'] as const
/** Properties beyond size that a caution looks at. */
export const HAZARDS = [
  'film',
  'loose-magnet',
  'fixed-magnet',
  'expands',
  'button-cell',
  'raw-flour',
  'hot',
  'sharp',
  'chemical',
  'irritant',
  'raw-legume',
  'honey',
  'choking-food',
  'gathered-plant',
  'live-animal',
  'reptile-amphibian-poultry',
  'water',
  'loose-powder',
  'shared-food',
  'ice',
  'soft-prop',
] as const
/** How a shortage is met. What the house always has is not counted. */
export const WAYS = ['buy', 'gather', 'borrow', 'ask', 'have'] as const
/** How what is on hand is. What has to be mended first cannot be counted on. */
export const CONDITIONS = ['good', 'worn', 'mend'] as const

/** The largest picture that a home gives a thing, in bytes. */
export const PICTURE_BYTES = 1_000_000
/** How the name of a picture of the home's own begins; what else a picture is called is a drawing that ships. */
export const OWN_PICTURE = 'home/'

/** Kinds of work before an activity. What shares a kind shares what is got out for it. */
export const PREP_KINDS = [
  'cut',
  'blade',
  'draw',
  'fold',
  'fasten',
  'print',
  'laminate',
  'paint',
  'dye',
  'mix',
  'cook',
  'food',
  'freeze',
  'fill',
  'hang',
  'ask',
  'other',
] as const
/** Entries that are kept of a kind: what her hands did last counts, and not what they did years ago. */
export const MOST_PACES = 8

/** Everything that can be printed. */
export const PRINT_KINDS = [
  'three-parts',
  'pairs',
  'memory',
  'shadows',
  'halves',
  'odd-one',
  'young',
  'parts',
  'sorting',
  'first-sounds',
  'count-clip',
  'number-cards',
  'ten-frames',
  'addition',
  'roll-cover',
  'more-less',
  'patterns',
  'bingo',
  'look-count',
  'predictions',
  'sequence',
  'wheel',
  'step-book',
  'paths',
  'homes',
  'letters',
  'numerals',
  'names',
  'words',
  'cut-letter',
  'dots',
  'color',
  'cutting',
  'lacing',
  'weaving',
  'mats',
  'puzzle',
  'headband',
  'stick',
  'fingers',
  'felt',
  'thanks',
  'invitation',
  'day',
  'centers',
  'trays',
  'folders',
  'bins',
  'shelves',
  'name-tags',
  'care',
  'bin-rules',
  'recipe-cards',
  'name-letters',
] as const
export const PAPER_SIZES = ['letter', 'a4'] as const
export const INKS = ['color', 'saving', 'black'] as const
export const HANDS = ['plain', 'slanted'] as const
/** No printer of a home prints more of one at once. */
export const MOST_COPIES = 60
export const MOST_OWN_CARDS = 60
export const MOST_TEMPLATES = 60

/** What a recipe makes. */
export const RECIPE_KINDS = ['dough', 'slime', 'paint', 'bubbles', 'filler', 'craft', 'food', 'science'] as const
/** How what was made is kept. */
export const STORAGES = ['out', 'sealed', 'fridge', 'freezer'] as const

/** Why the count of a material changed. */
export const STOCK_REASONS = ['counted', 'bought', 'brought', 'made', 'used', 'came-back', 'thrown'] as const

/** What the thing in the hand is made of: decides whether it can be washed, frozen in or printed with. */
export const MADE_OF = ['hard', 'soft', 'paper', 'plant', 'food'] as const
/**
 * How a thing is counted: a thing one by one, stuff by the cup (mud), a pair as one of two halves (scissors), an idea not
 * at all (kindness), and what has a name of its own once (Mars).
 */
export const THING_FORMS = ['thing', 'stuff', 'pair', 'idea', 'name'] as const
/** What one part of a special day is. */
export const EVENT_KINDS = ['game', 'craft', 'snack', 'story', 'outing', 'other'] as const
/** The longest unit: twelve weeks of five days. Most run five to fifteen. */
export const MAX_UNIT_DAYS = 60
