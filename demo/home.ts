import { addDays, byId, isOpen, programDays } from '@core/base'
import { DEFAULT_STAGE_BOUNDS, NEW_HOME_RULES, newCenter, newChild, newCirclePart, newEvent, newIdea, newPlacement, newSlowProject, newThemeObject, type Activity, type Adult, type Batch, type BinMood, type BinTime, type Book, type CalendarDate, type Center, type Child, type Home, type Idea, type Material, type Placement, type Purchase, type SlowProject, type ThemeObject, type Unit, type WeeklyHours, type Where } from '@core/domain'
import { writePlanFile, type PlanFile } from '@core/papers'
import { ACTIVITIES, MATERIALS, RECIPES, slowKind } from '@core/library'
import { batchOf, made, wentIn } from '@core/making'
import { pictureOf } from '@core/library/pictures'
import { activity, need, prep, stages } from '@core/library/make'

/**
 * The made-up home that the demo, the tests and the pictures play in. Every name in it is invented. Dates are relative
 * to today.
 */

const span = (from: string, to: string) => ({ from, to })
const on = (days: string, from: string, to: string): WeeklyHours =>
  Object.fromEntries(days.split(' ').map((day) => [day, span(from, to)])) as WeeklyHours
const ALL_WEEK = 'mon tue wed thu fri'

/** A birth date that makes a child this many completed months old on a date, with some days over. */
function bornMonthsBefore(today: CalendarDate, months: number, daysOver: number): CalendarDate {
  const [year, month] = addDays(today, -daysOver).split('-').map(Number)
  const count = year * 12 + (month - 1) - months
  const day = Math.min(Number(addDays(today, -daysOver).slice(8)), 28)
  return `${Math.floor(count / 12)}-${String((count % 12) + 1).padStart(2, '0')}-${String(day).padStart(2, '0')}`
}

/** The first day of a unit whose day `number` is today, or the first open day after it. */
export function startFor(home: Home, today: CalendarDate, number: number): CalendarDate {
  let date = today
  while (!isOpen(home, date)) date = addDays(date, 1)
  for (let left = number - 1; left > 0; ) {
    date = addDays(date, -1)
    if (isOpen(home, date)) left--
  }
  return date
}

const HOME: Home = {
  id: 'larkspur-house', name: 'Larkspur House', timeZone: 'America/New_York', currency: 'USD', measures: 'metric', clock: '12h', dates: 'month-first',
  open: on(ALL_WEEK, '07:45', '17:30'),
  closures: [],
  rhythm: [
    { id: 'arrival', name: 'Arrival', kind: 'arrival', from: '07:45', to: '09:15' },
    { id: 'circle', name: 'Circle', kind: 'circle', from: '09:15', to: '09:40' },
    { id: 'choice', name: 'Choice', kind: 'choice', from: '09:40', to: '10:30' },
    { id: 'outdoors', name: 'Outdoors', kind: 'outdoors', from: '10:30', to: '11:30' },
    { id: 'lunch', name: 'Lunch', kind: 'meal', from: '11:30', to: '12:45' },
    { id: 'nap', name: 'Nap', kind: 'nap', from: '12:45', to: '15:00' },
    { id: 'snack', name: 'Snack', kind: 'meal', from: '15:00', to: '15:15' },
    { id: 'after', name: 'After', kind: 'after', from: '15:15', to: '16:30' },
    { id: 'home-time', name: 'Home time', kind: 'departure', from: '16:30', to: '17:30' },
  ],
  stageBounds: DEFAULT_STAGE_BOUNDS, shoppingDays: ['wed', 'sat'], askDaysAhead: 5, style: 'centers', moreAllergens: [], ...NEW_HOME_RULES,
  shops: [{ name: 'the dollar aisle', weekdays: ['sat'], deliveryDays: 0 }, { name: 'the craft shop', weekdays: ['wed', 'sat'], deliveryDays: 0 }, { name: 'online', weekdays: [], deliveryDays: 4 }],
}

/** Center, kind, children at once, and its place on the plan of the house: across, down, wide, high. */
const CENTERS: Center[] = ([
  ['block-rug', 'Block rug', 'blocks', 4, 0, 0, 3, 3], ['pretend-corner', 'Pretend corner', 'pretend', 4, 3, 0, 3, 2], ['discovery-shelf', 'Discovery shelf', 'discovery', 3, 6, 0, 3, 2],
  ['mark-making-desk', 'Mark-making desk', 'mark-making', 2, 3, 2, 3, 2], ['glow-table', 'Glow table', 'glow-table', 3, 6, 2, 3, 2], ['easel', 'Easel', 'easel', 2, 9, 0, 3, 2],
  ['sensory-bin', 'Sensory bin', 'sensory-bin', 3, 9, 2, 3, 2], ['tray-shelf', 'Tray shelf', 'tray-shelf', 3, 0, 6, 3, 2], ['art-table', 'Art table', 'art-table', 6, 3, 4, 6, 2],
  ['dough-table', 'Dough table', 'dough-table', 4, 6, 6, 3, 2], ['book-nook', 'Book nook', 'book-nook', 3, 3, 6, 3, 2], ['circle-rug', 'Circle rug', 'circle', 12, 0, 3, 3, 3],
  ['yard', 'Yard', 'outdoors', 12, 9, 4, 3, 4],
] as const).map(([id, name, kind, atOnce, x, y, wide, high]) => ({ ...newCenter(id, name, kind), atOnce, spot: { x, y, wide, high }, sleeps: id === 'book-nook' }))

/** Times at the oats of Market Day, on open days, as they were noted. */
function binTimes(today: CalendarDate, ...moods: BinMood[]): BinTime[] {
  const open = Array.from({ length: 14 }, (_, i) => addDays(today, i - 20)).filter((date) => isOpen(HOME, date))
  return moods.map((mood, i) => ({ date: open[open.length - moods.length + i], fillerId: 'rolled-oats', mood }))
}

function childrenOn(today: CalendarDate): Child[] {
  const child = (id: string, name: string, months: number, attendance: WeeklyHours, over: Partial<Child>): Child => ({
    ...newChild(id, name, bornMonthsBefore(today, months, 9), attendance), sensory: 'ready', ...over,
  })
  return [
    child('pip', 'Pip', 10, on('mon tue wed thu', '08:00', '16:30'), { naps: [span('09:30', '10:45'), span('13:00', '15:00')], mouths: true, sensory: 'new' }),
    child('oona', 'Oona', 19, on(ALL_WEEK, '08:00', '16:45'), { naps: [span('12:45', '15:00')], mouths: true, sensory: 'new' }),
    child('idris', 'Idris', 28, on('mon wed fri', '08:15', '16:30'), { naps: [span('12:45', '14:45')], mouths: true, allergens: ['egg'], sensory: 'practising', binTimes: binTimes(today, 'calm', 'watched', 'calm', 'calm') }),
    child('tamsin', 'Tamsin', 34, on(ALL_WEEK, '07:50', '17:00'), { naps: [span('12:45', '14:30')], sensory: 'practising', binTimes: binTimes(today, 'calm', 'calm', 'calm'), interests: ['water'] }),
    child('juno', 'Juno', 41, on('tue wed thu fri', '08:30', '17:00'), { allergens: ['wheat'], diet: 'Coeliac: no wheat, also on hands' }),
    child('bodhi', 'Bodhi', 49, on(ALL_WEEK, '08:00', '17:15'), { interests: ['anything that spins'] }),
    child('calla', 'Calla', 59, on('mon tue thu', '08:00', '16:45'), { interests: ['letters'], stageOverrides: { language: 'school-age' }, note: 'Writes her name, reads a few words.' }),
    child('ravi', 'Ravi', 75, on(ALL_WEEK, '15:15', '17:30'), { interests: ['numbers'], note: 'Works ahead in math. Here all day when school is closed.' }),
  ]
}

const ADULTS: Adult[] = [
  {
    id: 'maren', name: 'Maren', role: 'provider', hours: on(ALL_WEEK, '07:45', '17:30'), exceptions: [], note: '',
    prepWindows: (['mon', 'tue', 'wed', 'thu', 'fri'] as const).flatMap((weekday) => [
      { weekday, name: 'Before', from: '07:30', to: '07:50', naps: false }, { weekday, name: 'Nap', from: '13:15', to: '14:45', naps: false }, { weekday, name: 'Evening', from: '20:00', to: '20:40', naps: false },
    ]),
    prepDays: [],
  },
  { id: 'teo', name: 'Teo', role: 'assistant', hours: on('mon tue wed thu', '08:30', '14:30'), exceptions: [], prepWindows: [], prepDays: [], note: '' },
  { id: 'yusra', name: 'Yusra', role: 'substitute', hours: on('fri', '09:00', '13:00'), exceptions: [], prepWindows: [], prepDays: [], note: '' },
]

/** What the house has: quantity, and where it is kept. What is not named is not in the house. */
const ON_HAND: Record<string, [number, string]> = {
  'copy-paper': [140, 'hall cupboard, top'], 'construction-paper': [18, 'hall cupboard, top'], 'card-stock': [16, 'hall cupboard, top'], 'tissue-paper': [3, 'hall cupboard, top'],
  'paper-plate': [30, 'hall cupboard, bottom'], 'butcher-paper': [320, 'behind the door'], 'contact-sheet': [2, 'hall cupboard, top'], 'laminating-pouch': [22, 'office drawer'],
  'index-card': [60, 'office drawer'], 'felt-sheet': [6, 'blue box'], 'tempera-paint': [420, 'under the sink'], 'white-glue': [210, 'art shelf'], 'glue-stick': [6, 'art shelf'],
  'washable-marker': [20, 'art shelf'], 'thick-crayon': [24, 'art shelf'], chalk: [8, 'yard box'], 'food-colour': [25, 'kitchen, high'], paintbrush: [9, 'art shelf'],
  'sponge-piece': [8, 'under the sink'], 'bubble-mix': [300, 'yard box'], 'masking-tape': [1800, 'office drawer'], 'craft-stick': [24, 'blue box'], button: [60, 'drawer with the latch'],
  'felt-diamond': [12, 'blue box'], 'large-pom-pom': [18, 'blue box'], 'large-bead': [40, 'tray shelf'], 'wooden-ring': [8, 'baby basket'], feather: [12, 'blue box'],
  'paper-straw': [14, 'kitchen'], 'large-cork': [6, 'water box'], cork: [9, 'kitchen jar'], clothespin: [36, 'laundry'], 'wide-lid': [16, 'garage'], sticker: [150, 'office drawer'],
  'ribbon-strip': [600, 'blue box'], 'short-ribbon': [20, 'baby basket'], scarf: [10, 'music basket'], apron: [8, 'hooks by the sink'], 'cloth-scrap': [20, 'blue box'],
  'cooked-dough': [0, ''], 'fine-salt': [900, 'kitchen'], 'corn-starch': [300, 'kitchen'], 'oat-flour': [500, 'kitchen'], 'wheat-flour': [1800, 'kitchen, sealed tub'], 'baking-soda': [400, 'kitchen'], vinegar: [700, 'kitchen, high'],
  'rolled-oats': [4800, 'kitchen'], rice: [4600, 'garage, lidded tub'], 'animal-figure': [12, 'block shelf'], 'potting-soil': [5000, 'shed'], 'grass-seed': [120, 'shed'],
  tray: [18, 'tray shelf'], bowl: [4, 'kitchen'], 'small-dish': [10, 'kitchen'], 'paper-cup': [14, 'kitchen'], spoon: [10, 'kitchen'], scoop: [7, 'bin box'], tongs: [4, 'tray shelf'],
  pipette: [6, 'water box'], 'muffin-tin': [2, 'kitchen'], 'water-tub': [1, 'shed'], towel: [14, 'laundry'], 'hand-fan': [4, 'wind basket'], 'kitchen-scale': [1, 'kitchen'],
  wipe: [20, 'by the sink'], 'unit-block': [90, 'block rug'], 'wooden-cube': [24, 'block rug'], 'interlocking-brick': [60, 'block rug'], 'toy-car': [11, 'block rug'], gutter: [3, 'shed'], 'nut-bolt': [12, 'garage'], 'toy-tool': [8, 'garage'], 'ride-on': [2, 'yard'], 'foam-roller': [2, 'art shelf'], 'theme-figure': [6, 'block shelf'], 'cardboard-box': [2, 'garage'], 'small-car': [10, 'high shelf'], 'ramp-board': [2, 'behind the shelf'],
  'people-figure': [8, 'block shelf'], 'soft-ball': [8, 'yard box'], 'shape-tile': [32, 'glow table'], 'rolling-pin': [6, 'dough shelf'], 'dough-cutter': [18, 'dough shelf'],
  'child-scissors': [5, 'art shelf'], magnifier: [3, 'discovery shelf'], flashlight: [2, 'drawer'], dice: [2, 'circle basket'], shaker: [16, 'music basket'], 'picture-book': [24, 'book nook'],
  basket: [6, 'hall cupboard'], 'dress-up': [14, 'pretend corner'], 'play-food': [30, 'pretend corner'], 'bandage-roll': [3, 'pretend corner'], clipboard: [3, 'mark-making desk'], stone: [14, 'discovery shelf'],
  'traffic-cone': [6, 'yard box'], hoop: [4, 'yard box'], 'paper-bag': [22, 'kitchen'], 'stiff-lace': [6, 'tray shelf'], 'play-parachute': [1, 'attic'], 'bottle-cap': [40, 'kitchen jar'], 'pony-bead': [180, 'drawer with the latch'],
  'cardboard-sheet': [1, 'garage'], 'toy-till': [1, 'pretend corner'], 'ice-cube': [60, 'freezer'], 'yogurt': [0, ''], 'crepe-streamer': [700, 'blue box'],
}

/** What must never run out. */
const LEAST: Record<string, number> = { 'copy-paper': 150, 'white-glue': 120, 'glue-stick': 4, 'masking-tape': 900 }
/** How many days ago Maren saw the price of the packs of a material; the others are examples. */
const SEEN: Record<string, number> = { 'crepe-streamer': 9, 'bubble-mix': 9, 'grass-seed': 6, 'tissue-paper': 6, 'copy-paper': 30, 'construction-paper': 45, 'white-glue': 200, 'small-car': 160, 'craft-stick': 45 }

/** What families save up for the house. */
const ASKED = new Set(['cardboard-sheet', 'cardboard-tube', 'egg-carton'])

const materials = (today: CalendarDate): Material[] => MATERIALS.map((one) => {
  const [onHand, place] = ON_HAND[one.id] ?? [0, '']
  const seen = one.id in SEEN ? addDays(today, -SEEN[one.id]) : null
  return { ...one, onHand, place, way: ASKED.has(one.id) ? 'ask' : one.way, par: LEAST[one.id] ?? null, packs: one.packs.map((pack) => ({ ...pack, seen })) }
})

/** What Maren wrote herself. */
const OWN_IDEAS: Activity[] = [{
  ...activity('wall-of-wheels', 'A wall of wheels', {
    aim: 'Turn wheels of every size and see which one comes round first.', at: ['art-table', 'blocks'], domains: ['creative-arts', 'science'], form: 'small-group', minutes: [10, 25, 10],
    energy: 0, mess: 1, attention: 'watching',
    variants: stages('beside: Spin a large lid on the floor and stop it with a flat hand.', 'Push one large wheel round with a palm.', 'Choose a wheel, dot it with a marker and turn it.', 'Paint a mark on the rim and count how often it comes round.', 'Turn two wheels together and tell why the small one turns more often.'),
    needs: [need('cardboard-sheet', 3, 'set-up'), need('cardboard-tube', 8, 'set-up'), need('cd-disc', 12, 'set-up'), need('washable-marker', 1, 'child'), need('wide-lid', 4, 'set-up')],
    prep: [{ ...prep('cut-wheels', 'Cut 24 wheels in three sizes from cardboard', 110, ['cardboard-sheet'], 0, true), kind: 'cut' }, prep('mount', 'Fasten each wheel to the board on a piece of tube, so that it turns', 60, ['cardboard-tube', 'cd-disc'], 0, true)],
    steps: ['Let each child turn every wheel once.', 'Choose a wheel and mark its rim.', 'Turn it slowly and watch the mark go around.', 'Guess which wheel comes round first, then try.'],
    say: ['Which one is the fastest to come home?', 'What do you see while it turns?'], look: ['Follows the mark with the eyes.', 'Turns with one finger.'],
    easier: 'Only the large wheels.', harder: 'Draw two marks and say where they meet.', tidy: 'Leave the wall up; markers capped in the cup.',
  }),
  source: 'own',
}]

const emptyUnit = (id: string, name: string, start: CalendarDate, days: number, budget: number): Unit => ({
  id, name, start, days, budget, bigIdea: '', questions: [], words: [], objects: [], books: [], focus: { letter: '', number: '', shape: '', colour: '' },
  style: 'centers', interest: '', asked: {}, closureHandling: {}, events: [], slowProjects: [], note: '',
})

const thing = (name: string, colours: string, category: string, size: ThemeObject['size'], onHand: number, over: Partial<ThemeObject> = {}): ThemeObject =>
  ({ ...newThemeObject(name, onHand), colours: colours.split(' ').filter(Boolean), category, size, picture: pictureOf(name), ...over })

const marketDay = (start: CalendarDate): Unit => ({
  ...emptyUnit('market-day', 'Market Day', start, 5, 3500),
  bigIdea: 'People grow, make, carry and sell what others need.', questions: ['Where does it come from?', 'What is it worth?'],
  words: ['stall', 'weigh', 'price', 'basket', 'fresh'], books: ['A borrowed book of markets'],
  objects: [thing('apple', 'red green', 'fruit', 'small', 4, { madeOf: 'food', lives: 'the orchard', pieceMm: [75, 75, 70] }), thing('basket', 'brown', 'carries', 'large', 6, { madeOf: 'hard', pieceMm: [250, 200, 150] }), thing('coin', 'gold', 'pays', 'small', 30, { madeOf: 'hard', pieceMm: [22, 22, 2] })],
})

/** Sown on the Sunday before the unit, and a day behind: it should have come up by now. */
const grass = (start: CalendarDate): SlowProject => {
  const { stages, care, careEvery, ends, cautions } = slowKind('grass-tray')!
  return {
    ...newSlowProject('grass', 'Grass in the wind', 1, 9), kind: 'grass-tray', startOn: addDays(start, -4),
    stages: [...stages], care, careEvery, ends, cautions: [...cautions],
    looks: [{ on: addDays(start, 4), mm: null, note: 'soil is dark, nothing up yet', by: 'Maren' }],
  }
}

const windAndKites = (start: CalendarDate): Unit => ({
  ...emptyUnit('wind-and-kites', 'Wind and Kites', start, 10, 6000),
  bigIdea: 'Air moves, and we can see it in what it moves.', questions: ['What can the wind carry?', 'How can we see air?', 'What makes a kite stay up?'],
  words: ['gust', 'breeze', 'tail', 'lift', 'drift', 'calm', 'spin', 'flutter'],
  objects: [
    thing('kite', 'blue red yellow', 'flies', 'large', 3, { madeOf: 'paper', lives: 'the sky', pieceMm: [600, 500, 20] }), thing('feather', 'white blue', 'flies', 'small', 12, { madeOf: 'soft', lives: 'a wing', pieceMm: [100, 20, 2] }),
    thing('ribbon', 'blue red', 'flutters', 'medium', 20, { madeOf: 'soft', pieceMm: [200, 25, 1] }), thing('leaf', 'green brown', 'flies', 'small', 20, { madeOf: 'plant', lives: 'a tree', stages: ['bud', 'green leaf', 'brown leaf'], pieceMm: [90, 70, 1] }),
    thing('paper boat', 'white', 'sails', 'small', 4, { madeOf: 'paper', lives: 'the pond', pieceMm: [140, 60, 50] }), thing('pinwheel', 'red blue', 'spins', 'medium', 5, { madeOf: 'hard', pieceMm: [300, 150, 40] }),
    thing('scarf', 'blue orange green', 'flutters', 'large', 10, { madeOf: 'soft', pieceMm: [500, 500, 1] }), thing('bell', 'gold', 'sounds', 'small', 3, { madeOf: 'hard', pieceMm: [80, 70, 70] }),
    thing('windsock', 'orange', 'flutters', 'large', 1, { madeOf: 'soft', lives: 'a pole', pieceMm: [400, 150, 150] }),
  ],
  focus: { letter: 'K', number: 'five', shape: 'diamond', colour: 'sky blue' },
  events: [{ ...newEvent(10, 'Kite picnic'), inviteOn: 6, bring: ['A blanket to sit on', 'A hat'], parts: [{ id: 'kite-parade', kind: 'game', name: 'Kite parade', from: '09:40', to: '10:10' }, { id: 'picnic', kind: 'snack', name: 'Picnic', from: '10:15', to: '10:45' }, { id: 'kite-games', kind: 'game', name: 'Wind games', from: '10:45', to: '11:30' }] }], slowProjects: [grass(start)],
})

const wheelsAndRamps = (start: CalendarDate): Unit => ({
  ...emptyUnit('wheels-and-ramps', 'Wheels and Ramps', start, 5, 900),
  bigIdea: 'Round things roll, and slopes make them go.', questions: ['What rolls, what slides?', 'What makes it faster?'],
  words: ['axle', 'slope', 'track', 'roll', 'steep'],
  objects: [thing('car', 'red blue green', 'rolls', 'small', 6, { madeOf: 'hard', lives: 'the road', pieceMm: [110, 60, 50] }), thing('ball', 'yellow red', 'rolls', 'medium', 4, { madeOf: 'soft', pieceMm: [90, 90, 90] }), thing('brick', 'red blue', 'slides', 'small', 60, { madeOf: 'hard', pieceMm: [64, 32, 24] })],
  focus: { letter: 'W', number: 'four', shape: 'circle', colour: 'red' },
})

/** A line of the plan: activity, where, center, and what is special. */
type Line = [activityId: string, where: Where, centerId: string, over?: Partial<Placement>]
const at = (day: number, blockId: string, from: string | null = null): Where => ({ kind: 'moment', day, blockId, from })
const out = (fromDay: number, toDay: number): Where => ({ kind: 'set-up', fromDay, toDay })

const went = (liked: number, note = ''): Partial<Placement> => ({ went: { liked, note } })

const MARKET: Line[] = [
  ['market-stall', out(1, 5), 'pretend-corner', went(3, 'leave it out longer')], ['dough-bakery', out(1, 5), 'dough-table', went(2)], ['oat-fields', out(1, 3), 'sensory-bin'],
  ['sound-circle', at(1, 'circle'), 'circle-rug', { leadId: 'maren' }], ['weigh-wind-bags', at(1, 'choice'), 'discovery-shelf', { leadId: 'teo' }], ['bubble-chase', at(1, 'outdoors'), 'yard'],
  ['travel-office', at(2, 'circle'), 'circle-rug'], ['tissue-windows', at(2, 'choice'), 'art-table', went(2, 'cut more squares')], ['snack-sails', at(3, 'choice'), 'art-table', { leadId: 'maren', swaps: { yogurt: 'oat-yogurt' } }],
  ['freeze-dance', at(3, 'circle'), 'circle-rug'], ['parachute-waves', at(4, 'outdoors'), 'yard', went(3)], ['salt-dough-tags', at(4, 'choice'), 'dough-table', { swaps: { 'wheat-flour': 'oat-flour' }, ...went(1, 'bake them a day longer') }],
  ['sound-circle', at(5, 'circle'), 'circle-rug'], ['bubble-science', at(5, 'outdoors'), 'yard'],
]

const WIND: Line[] = [
  ['grass-in-the-wind', out(1, 9), 'discovery-shelf'], ['dough-diamonds', out(1, 10), 'dough-table'], ['glow-shapes', out(1, 5), 'glow-table'], ['easel-sky', out(1, 7), 'easel'],
  ['oat-fields', out(4, 10), 'sensory-bin'], ['build-a-tower-town', out(1, 10), 'block-rug'], ['book-basket', out(1, 10), 'book-nook'], ['repair-shop', out(1, 6), 'pretend-corner'],
  ['diamond-match', out(4, 8), 'tray-shelf'], ['trace-the-wind', out(2, 8), 'mark-making-desk'],
  ['wind-tray', at(1, 'circle'), 'circle-rug', { leadId: 'maren' }], ['tissue-windows', at(1, 'choice'), 'art-table', { leadId: 'maren' }], ['ribbon-run', at(1, 'outdoors'), 'yard', { leadId: 'teo' }],
  ['sound-circle', at(2, 'circle'), 'circle-rug'], ['folded-fans', at(2, 'choice'), 'art-table', { leadId: 'maren' }], ['bubble-science', at(2, 'outdoors'), 'yard'],
  ['freeze-dance', at(3, 'circle'), 'circle-rug', { leadId: 'maren' }], ['name-kites', at(3, 'choice'), 'mark-making-desk', { leadId: 'maren' }], ['parachute-waves', at(3, 'outdoors'), 'yard', { leadId: 'teo' }],
  ['five-little-kites', at(4, 'circle'), 'circle-rug', { leadId: 'maren' }], ['kite-tails', at(4, 'choice'), 'art-table', { leadId: 'maren' }],
  ['fizz-trails', at(4, 'choice', '10:05'), 'discovery-shelf', { leadId: 'teo' }], ['ribbon-run', at(4, 'outdoors'), 'yard', { leadId: 'teo' }],
  ['bead-kite-strings', at(4, 'nap', '13:15'), 'tray-shelf', { leadId: 'maren' }], ['weigh-wind-bags', at(4, 'after'), 'discovery-shelf'],
  ['wind-tray', at(5, 'circle'), 'circle-rug', { leadId: 'maren' }], ['print-with-wheels', at(5, 'choice'), 'art-table', { leadId: 'maren' }], ['straw-blowing', at(5, 'choice', '10:10'), 'art-table', { leadId: 'teo' }],
  ['bubble-chase', at(5, 'outdoors'), 'yard', { leadId: 'teo' }],
  ['five-little-kites', at(6, 'circle'), 'circle-rug', { leadId: 'maren' }], ['sail-a-cork', at(6, 'choice'), 'discovery-shelf', { leadId: 'maren', swaps: { cork: 'large-cork', toothpick: 'craft-stick' } }],
  ['wind-finder', at(6, 'outdoors'), 'yard', { leadId: 'teo' }], ['shadow-stories', at(6, 'after'), 'book-nook'],
  ['ice-boats', at(7, 'choice'), 'sensory-bin', { leadId: 'maren' }], ['parachute-waves', at(7, 'outdoors'), 'yard'],
  ['sound-circle', at(8, 'circle'), 'circle-rug'], ['salt-dough-tags', at(8, 'choice'), 'dough-table', { leadId: 'maren', swaps: { 'wheat-flour': 'oat-flour' } }], ['tong-transfer', out(8, 10), 'tray-shelf'],
  ['snack-sails', at(10, 'picnic'), 'art-table', { leadId: 'maren' }],
]

/** Half planned, with problems in it for Kobby to find; demo.test.ts says which. */
const WHEELS: Line[] = [
  ['gutter-run', out(1, 5), 'block-rug'], ['garage', out(1, 5), 'pretend-corner'], ['oat-fields', out(1, 5), 'sensory-bin'], ['easel-roller', out(1, 5), 'easel'],
  ['story-basket', out(1, 5), 'book-nook'], ['tong-transfer', out(1, 5), 'tray-shelf'], ['match-sounds', out(1, 5), 'tray-shelf'],
  ['sound-circle', at(1, 'circle'), 'circle-rug', { leadId: 'maren' }], ['wall-of-wheels', at(1, 'choice'), 'art-table', { leadId: 'maren' }],
  ['freeze-dance', at(2, 'circle'), 'circle-rug'], ['snack-sails', at(2, 'choice'), 'art-table', { leadId: 'teo' }],
  ['bubble-chase', at(3, 'outdoors'), 'yard', { leadId: 'teo' }], ['straw-blowing', at(3, 'choice'), 'art-table', { leadId: 'maren' }],
  ['rice-rescue', at(4, 'choice'), 'sensory-bin', { leadId: 'maren' }], ['ramp-lab', at(4, 'after'), 'block-rug', { leadId: 'maren' }],
  ['salt-dough-tags', at(5, 'choice'), 'dough-table', { leadId: 'maren' }],
]

function placementsOf(unitId: string, lines: Line[], doneBefore: number): Placement[] {
  return lines.map(([activityId, where, centerId, over], i) => ({
    ...newPlacement(`${unitId}-${i + 1}`, unitId, activityId, where, centerId),
    status: (where.kind === 'moment' ? where.day : where.toDay) < doneBefore ? 'done' : 'planned',
    ...over,
  }))
}

function ideasOf(unitId: string, lines: Line[], more: string[], halves: string[]): Idea[] {
  const activityIds = [...new Set([...lines.map(([id]) => id), ...more])]
  return [
    ...activityIds.map((activityId, i) => newIdea(`${unitId}-idea-${i + 1}`, unitId, activityId)),
    ...halves.map((text, i) => newIdea(`${unitId}-half-${i + 1}`, unitId, null, text)),
  ]
}

/** What was mixed lately: a dough that must go tomorrow, and two slimes that wanted more starch than the recipe says. */
function batchesOn(today: CalendarDate): Batch[] {
  const batch = (id: string, recipeId: string, daysAgo: number, portions: number, over: Partial<Batch>, felt: Record<string, number> = {}): Batch => {
    const recipe = RECIPES.find((one) => one.id === recipeId)!
    const wanted = made(recipe, byId(MATERIALS), { by: 'portions', portions }, 'us')
    return {
      ...batchOf(recipe, wanted, wentIn(wanted, wanted, felt), byId(MATERIALS), {
        id, madeOn: addDays(today, -daysAgo), storage: 'sealed', children: 5, swapIds: [], unitId: 'wind-and-kites', note: '', by: 'Maren',
      }),
      ...over,
    }
  }
  const slime = (id: string, daysAgo: number, starchMl: number) =>
    batch(id, 'starch-slime', daysAgo, 4, { goneOn: addDays(today, 3 - daysAgo) }, { 'liquid-starch': starchMl })
  return [batch('demo-dough', 'cooked-dough-wheat-free', 6, 5, { note: 'Roll it warm: it cracks when it is cold' }), slime('demo-slime-1', 19, 150), slime('demo-slime-2', 12, 160)]
}

/** A circle for tomorrow that sits too long for the youngest, with a counting rhyme of kites. */
const circlesOf = (): PlanFile['circles'] => [
  {
    id: 'demo-circle', unitId: 'wind-and-kites', day: 5,
    parts: ['hands-of-mine', 'hello-around', 'on-the-hill', 'the-slow-parcel', 'wind-and-leaves', 'see-you-soon'].map((pieceId, i) => newCirclePart(`demo-circle-${i + 1}`, { pieceId })),
    turns: [{ what: 'Opens the circle', childId: null }, { what: 'Takes one away', childId: null }], setAside: [],
  },
]
/** The shelf: titles that nobody wrote; two of them are lent, one goes back before the unit ends. */
const booksOn = (today: CalendarDate): Book[] => {
  const book = (id: string, title: string, author: string, kind: Book['kind'], from: Book['from'], minutes: number, topics: string[], over: Partial<Book> = {}): Book =>
    ({ id, title, author, kind, from, minutes, place: 'nook', lent: null, topics, note: '', ...over })
  return [
    book('book-string', 'The String That Would Not Come Down', 'Ilse Varga', 'story', 'older-toddler', 6, ['kite', 'string', 'wind'], { lent: { from: 'the town library', until: addDays(today, 6) } }),
    book('book-sock', 'Where the Windsock Points', 'Bram Okello', 'facts', 'preschool', 9, ['wind', 'windsock', 'weather'], { lent: { from: 'the town library', until: addDays(today, 6) }, place: 'up' }),
    book('book-puff', 'Puff, Says the Door', '', 'pictures', 'young-toddler', 3, ['wind', 'door', 'leaf']),
    book('book-nine', 'Nine Snails and a Ladder', 'Wanda Prosser', 'counting', 'older-toddler', 5, ['snail', 'ladder']),
    book('book-mill', 'The Mill on the Biscuit Tin', 'Noor Adeyemi', 'story', 'preschool', 11, ['windmill', 'wheel', 'mouse'], { place: 'up', note: 'The flap on page 9 is glued' }),
    book('book-ramp', 'Everything That Rolls Away', 'Tilo Brandt', 'facts', 'older-toddler', 7, ['wheel', 'ramp', 'ball']),
    book('book-soup', 'A Spoon for Each of Us', '', 'story', 'young-toddler', 4, ['soup', 'spoon']),
  ]
}
/** Circles of the days before: turns are not fair yet, and the kites were asked for again. */
function sungBefore(today: CalendarDate): PlanFile['circleLogs'] {
  const log = (daysAgo: number, pieces: [string, string, 'greet' | 'rhyme' | 'movement', boolean][], opens: string, takes: string): PlanFile['circleLogs'][number] => ({
    id: `demo-sung-${daysAgo}`, date: addDays(today, -daysAgo), unit: 'Wind and Kites',
    parts: pieces.map(([pieceId, title, kind, again]) => ({ pieceId, bookId: null, title, kind, minutes: 3, again })),
    turns: [{ what: 'Opens the circle', childId: opens }, { what: 'Takes one away', childId: takes }], took: {},
  })
  return [
    log(1, [['hello-around', 'Hello goes around', 'greet', false], ['on-the-hill', 'Five on the hill', 'rhyme', true]], 'calla', 'bodhi'),
    log(4, [['hello-around', 'Hello goes around', 'greet', false], ['on-the-hill', 'Five on the hill', 'rhyme', true]], 'calla', 'juno'),
    log(5, [['pass-the-smile', 'Pass it along', 'greet', false], ['wind-and-leaves', 'Wind and leaves', 'movement', false]], 'bodhi', 'calla'),
  ]
}

/** What is kept for printing: two to print, and a game that is printed. What they come to is held against their pages by a test. */
const printsOn = (today: CalendarDate): PlanFile['printSets'] =>
  ([
    ['count-clip', 'Count and clip', 'cardstock', true, { sheets: 4, pieces: 26, with: { materialId: 'clothespin', quantity: 26 } }, null],
    ['names', 'Names to trace', 'paper', false, { sheets: 6, pieces: 0, with: null }, null],
    ['memory', 'Memory game', 'cardstock', true, { sheets: 6, pieces: 54, with: null }, addDays(today, -3)],
  ] as const).map(([kind, name, stock, laminate, made, printedOn]) => ({
    id: `demo-${kind}`, unitId: 'wind-and-kites', kind, name, placementId: null, instead: [], things: [], children: [], levels: {}, size: null,
    own: [], ownOnly: false, text: '', copies: 1, ink: null, stock, laminate, backs: false, blank: false, made, printedOn,
  }))

/**
 * The demo home as a plan file, with day 4 of Wind and Kites on `today`, or on the next open day where today is closed.
 */
export function demoHome(today: CalendarDate): PlanFile {
  const windStart = startFor(HOME, today, 4)
  const marketStart = startFor(HOME, windStart, 8)
  const windDays = programDays(HOME, { start: windStart, days: 11, closureHandling: {} }).days
  const units = [marketDay(marketStart), windAndKites(windStart), wheelsAndRamps(windDays[10].date)]
  const bought = (id: string, materialId: string, shop: string, [size, count, price]: [number, number, number], daysAgo: number, unitId: string | null = 'wind-and-kites'): Purchase =>
    ({ id, unitId, materialId, quantity: size * count, paid: price * count, date: addDays(today, -daysAgo), shop, packs: [{ size, count, price }], category: '', by: 'Maren' })
  return writePlanFile({
    home: HOME, children: childrenOn(today), adults: ADULTS, centers: CENTERS, materials: materials(today), activities: [...ACTIVITIES, ...OWN_IDEAS], recipes: [], units,
    placements: [...placementsOf('market-day', MARKET, 99), ...placementsOf('wind-and-kites', WIND, 4), ...placementsOf('wheels-and-ramps', WHEELS, 0)],
    ideas: [
      ...ideasOf('market-day', MARKET, [], []),
      ...ideasOf('wind-and-kites', WIND, ['easel-spray', 'glow-letters', 'wind-letters', 'foam-sea'], ['A kite that we fly from the porch, if Yusra is here', 'Something with the windsock: which way today? page 12 in the blue notebook']),
      ...ideasOf('wheels-and-ramps', WHEELS, ['brick-pattern-road', 'geometric-sort', 'road-signs', 'travel-office'], ['Ask who has an old bicycle wheel']),
    ],
    promises: [], prepMarks: [], printSets: printsOn(today), circles: circlesOf(), pieces: [], circleLogs: sungBefore(today), books: booksOn(today), stock: [], batches: batchesOn(today),
    purchases: [
      bought('buy-1', 'crepe-streamer', 'the dollar aisle', [2400, 1, 125], 9), bought('buy-2', 'bubble-mix', 'the dollar aisle', [946, 1, 250], 9), bought('buy-3', 'grass-seed', 'the grocer', [250, 1, 399], 6),
      bought('buy-4', 'tissue-paper', 'the dollar aisle', [10, 1, 125], 6), bought('buy-5', 'copy-paper', 'the dollar aisle', [100, 2, 200], 30, null), bought('buy-6', 'apple', 'the grocer', [6, 2, 299], 15, 'market-day'),
    ],
  })
}
