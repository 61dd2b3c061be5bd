import { ACTIVITIES, MATERIALS } from '../library'
import {
  DEFAULT_STAGE_BOUNDS,
  EXAMPLE_LICENSE,
  NEW_BIN_RULES,
  NEW_CIRCLE_RULES,
  NEW_PREP_RULES,
  NEW_PRINT_RULES,
  type Activity,
  type Adult,
  type Batch,
  type Center,
  type Child,
  type Home,
  type Material,
  type Placement,
  type Purchase,
  type Unit,
  type UnitSnapshot,
  type Where,
} from '../domain'

/** Small things for tests, complete and valid; a test names only what it is about. */

const EVERY_DAY = { from: '08:00', to: '17:00' }
const WEEK = { mon: EVERY_DAY, tue: EVERY_DAY, wed: EVERY_DAY, thu: EVERY_DAY, fri: EVERY_DAY }

export const aHome = (over: Partial<Home> = {}): Home => ({
  id: 'home',
  name: 'Test House',
  timeZone: 'UTC',
  currency: 'USD',
  measures: 'metric',
  clock: '12h',
  dates: 'month-first',
  open: WEEK,
  closures: [],
  rhythm: [
    { id: 'circle', name: 'Circle', kind: 'circle', from: '09:00', to: '09:30' },
    { id: 'choice', name: 'Choice', kind: 'choice', from: '09:30', to: '10:30' },
    { id: 'lunch', name: 'Lunch', kind: 'meal', from: '11:30', to: '12:30' },
    { id: 'nap', name: 'Nap', kind: 'nap', from: '12:30', to: '15:00' },
    { id: 'after', name: 'After', kind: 'after', from: '15:00', to: '16:30' },
  ],
  stageBounds: DEFAULT_STAGE_BOUNDS,
  shoppingDays: ['sat'],
  askDaysAhead: 5,
  style: 'centers',
  moreAllergens: [],
  license: EXAMPLE_LICENSE,
  targets: {},
  dryingPlaces: 2,
  illness: null,
  shops: [],
  containers: [],
  binRules: NEW_BIN_RULES,
  prep: NEW_PREP_RULES,
  print: NEW_PRINT_RULES,
  circle: NEW_CIRCLE_RULES,
  ...over,
})

export const aChild = (over: Partial<Child> = {}): Child => ({
  id: 'ann',
  name: 'Ann',
  born: '2022-01-15',
  attendance: WEEK,
  exceptions: [],
  naps: [],
  mouths: false,
  asthma: false,
  allergens: [],
  diet: '',
  sensory: 'ready',
  binTimes: [],
  interests: [],
  stageOverrides: {},
  family: '',
  note: '',
  ...over,
})

export const aMaterial = (over: Partial<Material> = {}): Material => ({
  id: 'thing',
  name: 'things',
  unit: 'each',
  use: 'consumable',
  place: '',
  onHand: 0,
  packs: [],
  way: 'buy',
  shopPart: 'craft pieces',
  keepsDays: null,
  density: null,
  par: null,
  counted: true,
  condition: 'good',
  expires: null,
  ...over,
  safety: { partMm: null, ballMm: null, cordMm: null, allergens: [], hazards: [], measured: true, ...over.safety },
})

export const anActivity = (over: Partial<Activity> = {}): Activity => ({
  id: 'act',
  title: 'An activity',
  aim: 'Do it.',
  topics: [],
  centers: ['art-table'],
  domains: ['fine-motor'],
  form: 'small-group',
  minutes: { setUp: 5, do: 20, clear: 5 },
  energy: 0,
  mess: 0,
  attention: 'watching',
  standing: false,
  dries: 0,
  folder: false,
  variants: [
    {
      id: 'all',
      stages: ['infant', 'young-toddler', 'older-toddler', 'preschool', 'school-age'],
      kind: 'does',
      how: 'Do it.',
    },
  ],
  requirements: [],
  prep: [],
  steps: ['Do it.'],
  stepIds: [],
  say: [],
  lookFor: [],
  easier: '',
  harder: '',
  tidy: '',
  source: 'own',
  pattern: null,
  origin: null,
  archived: false,
  ...over,
})

export const aNeed = (
  materialId: string,
  over: Partial<Activity['requirements'][number]> = {},
): Activity['requirements'][number] => ({
  id: materialId,
  materialId,
  quantity: 1,
  basis: { by: 'set-up' },
  spare: 0,
  variants: null,
  reach: 'children',
  alternatives: [],
  ...over,
})

export const aCenter = (over: Partial<Center> = {}): Center => ({
  id: 'art',
  name: 'Art table',
  kind: 'art-table',
  atOnce: 4,
  washable: true,
  where: 'indoors',
  note: '',
  spot: null,
  sleeps: false,
  ...over,
})

export const anAdult = (over: Partial<Adult> = {}): Adult => ({
  id: 'adult',
  name: 'Maren',
  role: 'provider',
  hours: WEEK,
  exceptions: [],
  prepWindows: [],
  prepDays: [],
  note: '',
  ...over,
})

export const aUnit = (over: Partial<Unit> = {}): Unit => ({
  id: 'unit',
  name: 'A unit',
  bigIdea: '',
  questions: [],
  words: [],
  objects: [],
  books: [],
  focus: { letter: '', number: '', shape: '', colour: '' },
  start: '2026-03-04',
  days: 10,
  style: 'centers',
  interest: '',
  budget: null,
  asked: {},
  closureHandling: {},
  events: [],
  slowProjects: [],
  note: '',
  ...over,
})

export const aPlacement = (where: Where, over: Partial<Placement> = {}): Placement => ({
  id: 'placed',
  unitId: 'unit',
  activityId: 'act',
  where,
  centerId: null,
  leadId: null,
  status: 'planned',
  pinnedDate: null,
  apart: false,
  keptOut: [],
  swaps: {},
  quantities: {},
  setAside: [],
  took: {},
  went: null,
  mix: null,
  bin: null,
  ...over,
})

export const aPurchase = (over: Partial<Purchase> = {}): Purchase => ({
  id: 'bought',
  unitId: 'unit',
  materialId: 'thing',
  quantity: 1,
  paid: 100,
  date: '2026-03-01',
  shop: '',
  packs: [],
  category: '',
  by: '',
  ...over,
})

export const moment = (day: number, blockId = 'choice', from: string | null = null): Where => ({
  kind: 'moment',
  day,
  blockId,
  from,
})
export const setUp = (fromDay: number, toDay: number): Where => ({ kind: 'set-up', fromDay, toDay })

export const aSnapshot = (over: Partial<UnitSnapshot> = {}): UnitSnapshot => ({
  home: aHome(),
  children: [aChild()],
  adults: [],
  centers: [aCenter()],
  materials: [],
  activities: [anActivity()],
  recipes: [],
  pieces: [],
  books: [],
  circleLogs: [],
  unit: aUnit(),
  placements: [],
  ideas: [],
  purchases: [],
  promises: [],
  prepMarks: [],
  printSets: [],
  circles: [],
  now: null,
  today: '2026-03-02',
  lastDayBefore: null,
  spokenFor: [],
  ...over,
})

/** `count` children of one age, named a, b, c, ... */
export const children = (count: number, over: Partial<Child> = {}): Child[] =>
  Array.from({ length: count }, (_, i) => aChild({ id: `child-${i}`, name: String.fromCharCode(65 + i), ...over }))

/** The shipped library as plain lists. */
export const shipped = () => ({ materials: [...MATERIALS], activities: [...ACTIVITIES] })

export const aBatch = (over: Partial<Batch> = {}): Batch => ({
  id: 'batch',
  recipeId: 'no-cook-dough',
  name: 'Dough without cooking',
  madeOn: '2026-03-10',
  unitId: null,
  made: { quantity: 500, unit: 'g' },
  portions: 4,
  swapIds: [],
  went: [],
  storage: 'sealed',
  throwOn: '2026-03-13',
  allergens: [],
  tasteSafe: false,
  goneOn: null,
  teaches: true,
  note: '',
  by: 'Maren',
  ...over,
})
