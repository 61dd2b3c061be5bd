import {
  MAJOR_ALLERGENS,
  type Attention,
  type CenterKind,
  type EventPart,
  type GroupForm,
  type Hazard,
  type LearningDomain,
  type LicenseRule,
  type PlanningStyle,
  type Condition,
  type Stage,
  type StockReason,
  type Way,
  type OutReason,
} from '../domain'

/** The words of the field for each code, once for screens, sheets and files. */
export const DOMAIN_NAMES: Record<LearningDomain, string> = {
  language: 'Language and early literacy',
  'early-math': 'Early math',
  science: 'Science and discovery',
  'creative-arts': 'Creative arts',
  'music-movement': 'Music and movement',
  sensory: 'Sensory',
  'fine-motor': 'Fine motor',
  'gross-motor': 'Gross motor',
  'practical-life': 'Practical life',
  'social-emotional': 'Social and emotional',
  world: 'The world around us',
}
export const CENTER_NAMES: Record<CenterKind, string> = {
  blocks: 'Block rug',
  pretend: 'Pretend corner',
  discovery: 'Discovery shelf',
  'mark-making': 'Mark-making desk',
  'glow-table': 'Glow table',
  easel: 'Easel',
  'sensory-bin': 'Sensory bin',
  'tray-shelf': 'Tray shelf',
  'art-table': 'Art table',
  'dough-table': 'Dough table',
  'book-nook': 'Book nook',
  circle: 'Circle rug',
  outdoors: 'Yard',
}
export const STAGE_NAMES: Record<Stage, string> = {
  infant: 'Infant',
  'young-toddler': 'Young toddler',
  'older-toddler': 'Older toddler',
  preschool: 'Preschool',
  'school-age': 'School-age',
}
/** How grave a caution is. */
export const SEVERITY_NAMES = { stop: 'Stop', change: 'Change', watch: 'Watch' } as const

export const ATTENTION_NAMES: Record<Attention, string> = {
  nearby: 'adult nearby',
  watching: 'adult watching',
  'hands-on': 'adult hands-on',
  'one-to-one': 'one to one',
}
export const FORM_NAMES: Record<GroupForm, string> = {
  'whole-group': 'all together',
  'small-group': 'small group',
  'one-to-one': 'one to one',
  tray: 'a tray',
}
export const STYLE_NAMES: Record<PlanningStyle, string> = {
  centers: 'Centers',
  shelf: 'Shelf',
  focus: 'Focus',
  follow: 'Follow',
}
export const EVENT_NAMES: Record<EventPart['kind'], string> = {
  game: 'game',
  craft: 'craft',
  snack: 'snack',
  story: 'story',
  outing: 'outing',
  other: 'other',
}
export const ENERGY_NAMES: Record<number, string> = { [-1]: 'settles', 0: 'quiet', 1: 'lively', 2: 'wild' }
export const MESS_NAMES = ['no mess', 'a little messy', 'some mess', 'very messy'] as const
export const ALLERGEN_NAMES: Record<string, string> = { 'tree-nuts': 'tree nuts' }
export const allergenName = (allergen: string): string => ALLERGEN_NAMES[allergen] ?? allergen.replaceAll('-', ' ')

/**
 * Allergens that a child's form offers: the major ones, and those that the home added.
 *
 * @param more of the home
 */
export const allergenChoices = (more: readonly string[] = []): { title: string; value: string }[] =>
  [...MAJOR_ALLERGENS, ...more].map((value) => ({ title: allergenName(value), value }))

export const OUT_WORDS: Record<OutReason, string> = {
  'not-here': 'not here then',
  asleep: 'asleep then',
  'too-young': 'too young for this',
  'too-old': 'too old for this',
  allergy: 'left out: allergy',
  'kept-out': 'you left them out',
}
export const RULE_NAMES: Record<LicenseRule['kind'], string> = {
  ratios: 'Each age counts as a share of one adult',
  youngest: 'The youngest child’s ratio holds for all',
  points: 'Points by age, so many to an adult',
}
export const WAY_NAMES: Record<Way, string> = {
  buy: 'Buy it',
  gather: 'Gather or make it',
  borrow: 'Borrow it',
  ask: 'Ask families',
  have: 'Always there',
}
export const CONDITION_NAMES: Record<Condition, string> = { good: 'Good', worn: 'Worn', mend: 'To fix first' }
export const STOCK_WORDS: Record<StockReason, string> = {
  counted: 'Counted',
  bought: 'Bought',
  brought: 'Brought',
  made: 'Made',
  used: 'Used',
  'came-back': 'Came back',
  thrown: 'Thrown away',
}
export const HAZARD_NAMES: Record<Hazard, string> = {
  film: 'thin film or latex',
  'loose-magnet': 'loose magnet',
  'fixed-magnet': 'sealed-in magnet',
  expands: 'swells in water',
  'button-cell': 'unsecured button cell',
  'raw-flour': 'raw flour',
  hot: 'gets hot',
  sharp: 'sharp or pointed',
  chemical: 'needs an adult to dose',
  irritant: 'stings eyes',
  'raw-legume': 'raw dried beans',
  honey: 'honey',
  'choking-food': 'food that can choke',
  'gathered-plant': 'gathered plant',
  'live-animal': 'live animal',
  'reptile-amphibian-poultry': 'reptile, amphibian or poultry',
  water: 'standing water',
  'loose-powder': 'loose powder or glitter',
  'shared-food': 'food or dough in shared hands',
  ice: 'ice in the hand',
  'soft-prop': 'pillow, cushion or blanket',
}
