import { STARTERS, startersFor, type ThemeStarter } from '../../library/starters'
import { listWords } from '../../base'
import { anyOf } from './words'
import { one, type Theme, type Thing } from '../theme'

/** What a theme is like as a place to play in: what the corners of a house can become. */
export interface ThemeWorld {
  /** "the bakery" */
  place: string
  roles: readonly string[]
  /** Things to gather for it. */
  props: readonly string[]
  signs: readonly string[]
  /** What the small world in the bin is made of. */
  bin: string
  /** Where its things live or are used, for small worlds: "the pond", else the place. */
  scene: string
  /** A question that can be tried out. */
  science: string
  /** What its things do, for moving and painting: "knead", "rise". */
  doing: readonly string[]
  /** Kinds of books to look for. */
  books: readonly string[]
}

type Frame = Omit<ThemeWorld, 'scene' | 'bin'> & {
  /** Kinds of things for which it stands. */
  of: RegExp
  filler: string
}

/** Places to play for themes that no starter knows, by the kind of thing that most of it is. */
const FRAMES: readonly Frame[] = [
  {
    of: /food|fruit|vegetable|drink|the kitchen|the table/,
    place: 'the snack stand',
    roles: ['cook', 'server', 'guest'],
    props: ['play dishes', 'trays', 'aprons', 'an order pad'],
    signs: ['Open', 'Menu', 'Fresh today'],
    filler: 'rolled oats',
    science: 'What happens to a cracker in water, in the sun and in a closed bag?',
    doing: ['mix', 'pour', 'stir', 'taste'],
    books: ['a book about food', 'a story with a meal in it'],
  },
  {
    of: /animal|bird|insect|reptile|pet/,
    place: 'the animal care center',
    roles: ['vet', 'helper', 'owner'],
    props: ['soft animals', 'bandages', 'small blankets', 'feeding bowls'],
    signs: ['Quiet please', 'Feeding time', 'Waiting room'],
    filler: 'crinkled paper and leaves',
    science: 'Which cover keeps a cup warm the longest: paper, cloth or cotton?',
    doing: ['creep', 'stretch', 'curl up', 'listen'],
    books: ['a book of animal facts', 'a story about an animal'],
  },
  {
    of: /canal|harbor|boat/,
    place: 'the harbor',
    roles: ['captain', 'deckhand', 'passenger'],
    props: ['chairs in rows', 'soft ropes', 'tickets', 'a map'],
    signs: ['Boarding', 'Go slow', 'Wear a life vest'],
    filler: 'shallow water',
    science: 'Which foil boat carries the most: flat, folded or round?',
    doing: ['float', 'pull', 'drift', 'stop'],
    books: ['a book about boats', 'a story about a trip on the water'],
  },
  {
    of: /vehicle|railroad/,
    place: 'the station',
    roles: ['driver', 'ticket seller', 'passenger'],
    props: ['chairs in rows', 'tickets', 'bags', 'a map'],
    signs: ['Tickets', 'Stop', 'All aboard'],
    filler: 'sand',
    science: 'Which ramp sends a car the farthest: low, middle or high?',
    doing: ['start', 'turn', 'roll', 'stop'],
    books: ['a book about things that go', 'a story about a trip'],
  },
  {
    of: /^plant|seed|garden/,
    place: 'the garden shop',
    roles: ['gardener', 'seller', 'shopper'],
    props: ['pots', 'watering cans', 'aprons', 'paper bags'],
    signs: ['Water me', 'For sale', 'Open'],
    filler: 'soil',
    science: 'Where does a leaf dry the fastest: sun, shade or a dark box?',
    doing: ['dig', 'plant', 'grow', 'bend'],
    books: ['a book about how plants grow', 'a story in a garden'],
  },
  {
    of: /washing|laundry/,
    place: 'the laundromat',
    roles: ['attendant', 'helper', 'customer'],
    props: ['baskets', 'socks and shirts', 'a box with a round door', 'play coins'],
    signs: ['Wash', 'Dry', 'Fold here'],
    filler: 'cloth scraps and crinkled paper',
    science: 'What gets a muddy cloth cleaner: cold water, warm water or soap?',
    doing: ['spin', 'wring', 'shake', 'fold'],
    books: ['a book about clothes', 'a story about a lost sock'],
  },
  {
    of: /clothing|wearing|sewing/,
    place: 'the clothes store',
    roles: ['tailor', 'seller', 'shopper'],
    props: ['clothes on hooks', 'a mirror', 'a tape measure', 'bags'],
    signs: ['Try it on', 'Sizes', 'Pay here'],
    filler: 'cloth scraps and crinkled paper',
    science: 'Which cloth keeps water out the longest?',
    doing: ['button', 'fold', 'twirl', 'stretch'],
    books: ['a book about clothes', 'a story about something lost'],
  },
  {
    of: /instrument|sound/,
    place: 'the concert hall',
    roles: ['player', 'conductor', 'listener'],
    props: ['instruments', 'chairs in rows', 'tickets', 'a curtain'],
    signs: ['Tickets', 'Quiet please', 'Stage'],
    filler: 'large pasta',
    science: 'What makes a sound high, and what makes it low?',
    doing: ['tap', 'shake', 'sway', 'stop'],
    books: ['a book about music', 'a story that can be sung'],
  },
  {
    of: /sky|light|season|time|night/,
    place: 'the lookout',
    roles: ['watcher', 'reporter', 'guide'],
    props: ['paper tubes', 'flashlights', 'blankets', 'a chart'],
    signs: ['Look up', 'Lights off', 'What we saw'],
    filler: 'cotton balls and crinkled paper',
    science: 'What makes a shadow long, and what makes it short?',
    doing: ['rise', 'shine', 'fade', 'spin'],
    books: ['a book about the sky', 'a bedtime story'],
  },
  {
    of: /weather|water|ice/,
    place: 'the weather station',
    roles: ['reporter', 'helper', 'traveler'],
    props: ['umbrellas', 'boots', 'a map', 'a paper microphone'],
    signs: ['Today', 'Watch out', 'Stay dry'],
    filler: 'water',
    science: 'Where does a wet spot dry the fastest?',
    doing: ['fall', 'blow', 'splash', 'swirl'],
    books: ['a book about weather', 'a story on a stormy day'],
  },
  {
    of: /mail|sign|money|reading/,
    place: 'the post office',
    roles: ['clerk', 'carrier', 'customer'],
    props: ['envelopes', 'a bag', 'stamps', 'boxes with names'],
    signs: ['Mail here', 'Open', 'Packages'],
    filler: 'crinkled paper',
    science: 'Which paper keeps a note dry?',
    doing: ['fold', 'carry', 'stamp', 'drop in'],
    books: ['a book about mail', 'a story with a letter in it'],
  },
  {
    of: /feeling|doing/,
    place: 'the cozy corner',
    roles: ['helper', 'friend', 'listener'],
    props: ['pillows', 'a mirror', 'feeling cards', 'a soft blanket'],
    signs: ['Breathe', 'I need a hug', 'Quiet'],
    filler: 'cotton balls and cloth scraps',
    science: 'What does your breath do when you run, and when you rest?',
    doing: ['breathe', 'stretch', 'hug', 'rest'],
    books: ['a book about feelings', 'a story in which somebody makes up'],
  },
  {
    of: /person|body|doctor/,
    place: 'the helpers’ office',
    roles: ['helper', 'visitor', 'boss'],
    props: ['hats', 'a phone', 'name tags', 'paper forms'],
    signs: ['Come in', 'Back soon', 'Help is here'],
    filler: 'large pasta',
    science: 'What can you carry more of: with hands, with a bag, or with a friend?',
    doing: ['carry', 'reach', 'bend', 'wave'],
    books: ['a book about people at work', 'a story about helping'],
  },
  {
    of: /rock/,
    place: 'the dig site',
    roles: ['digger', 'scientist', 'cart driver'],
    props: ['shovels', 'buckets', 'brushes', 'a sieve'],
    signs: ['Dig here', 'Found', 'Careful'],
    filler: 'soil',
    science: 'What does soil do in a jar of water: does it float, sink or mix in?',
    doing: ['dig', 'scoop', 'squish', 'sift'],
    books: ['a book about what is in the ground', 'a story about digging'],
  },
  {
    of: /tool|building|brick|small part|house|home|place|vehicle|shape/,
    place: 'the workshop',
    roles: ['builder', 'fixer', 'customer'],
    props: ['play tools', 'a tape measure', 'boxes', 'work orders'],
    signs: ['Fixed', 'Waiting', 'Wear goggles'],
    filler: 'sand',
    science: 'What holds up more books: a flat sheet, a fold or a roll?',
    doing: ['lift', 'push', 'turn', 'build'],
    books: ['a book about how things work', 'a story about building'],
  },
]
/** For what nobody knows: things are shown to visitors. */
const MUSEUM: Frame = {
  of: /./,
  place: 'the museum',
  roles: ['guide', 'ticket taker', 'visitor'],
  props: ['shelves or boxes to show things on', 'tickets', 'labels', 'a magnifier'],
  signs: ['Please look', 'Tickets', 'Open'],
  filler: 'crinkled paper',
  science: 'Which of our things roll, slide or stay put on a ramp?',
  doing: ['open', 'turn', 'lift', 'hide'],
  books: ['a book with many pictures', 'a story about finding something'],
}

/** Every word that is known to say what is done. */
export const DOING_WORDS: ReadonlySet<string> = new Set([
  ...STARTERS.flatMap((starter) => starter.doing),
  ...FRAMES.flatMap((frame) => frame.doing),
])

/** Objects that a theme must share with a starter to be taken for it without its name: this many, and this part. */
const SHARED = { least: 3, part: 0.4 }

/** The starter that a theme goes by: by its name, else by what it is made of. */
function starterFor(theme: Theme): ThemeStarter | undefined {
  const [named] = startersFor(theme.name, 1)
  if (named) return named
  const own = new Set(theme.things.map((thing) => thing.one.toLowerCase()))
  const shared = (starter: ThemeStarter) =>
    starter.objects.filter((object) => own.has(one(object).toLowerCase())).length
  const best = [...STARTERS].sort((a, b) => shared(b) - shared(a))[0]
  const count = shared(best)
  return count >= SHARED.least && count >= own.size * SHARED.part ? best : undefined
}

/** What is the most common among some words; the first of those that are equally common. */
function commonest(words: readonly string[]): string | undefined {
  const counts = new Map<string, number>()
  for (const word of words) if (word) counts.set(word, (counts.get(word) ?? 0) + 1)
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0]
}

/** Places that are no place for a small world. */
const NO_SCENE = anyOf(
  'an? .*, the kitchen, the house, the table, the closet, the face, the head, the body, the heart, the ' +
    'drawer, the day, the year, the week, the line, the color, the calendar, the animal, the sky, the ' +
    'block corner, the street, the road',
  '^',
  '$',
)
const scenic = (thing: Thing): boolean =>
  /animal|bird|insect|reptile|plant|tree|vehicle|weather|sky|seed/.test(thing.category) && !NO_SCENE.test(thing.lives)

/** Places that say by themselves who is there. */
const FRAMES_OF_PLACES: readonly (readonly [RegExp, string])[] = [
  [/(harbor|port|canal|river|lake)$/, 'the harbor'],
  [/(stop|station|airport)$/, 'the station'],
  [/(laundromat|laundry)$/, 'the laundromat'],
  [/(restaurant|cafe|kitchen)$/, 'the snack stand'],
  [/(zoo|barn|ranch|farm)$/, 'the animal care center'],
  [/(theater|circus)$/, 'the concert hall'],
]
/** The frame of a place that is named, else the one that most of a theme's things fall into. */
function frameOf(theme: Theme, named?: string): Frame {
  const byPlace = FRAMES_OF_PLACES.find(([place]) => named && place.test(named))
  if (byPlace) return FRAMES.find((frame) => frame.place === byPlace[1])!
  const fitting = theme.things.map((thing) =>
    FRAMES.find((frame) => frame.of.test(`${thing.category}; ${thing.lives}`)),
  )
  const names = commonest(fitting.map((frame) => frame?.place ?? ''))
  return fitting.find((frame) => frame?.place === names) ?? MUSEUM
}

/** A place that most living and moving things of a theme share, for small worlds. */
function sceneOf(theme: Theme): string | undefined {
  const places = theme.things.filter(scenic).map((thing) => thing.lives)
  const place = commonest(places)
  return place && places.filter((one) => one === place).length * 3 >= theme.things.length ? place : undefined
}

/** Last words of a name that say that it is a place one can go to. */
const PLACES = anyOf(
  'market, shop, store, stand, stop, station, school, farm, garden, house, kitchen, museum, library, ' +
    'zoo, park, beach, harbor, port, canal, river, lake, island, mountain, cave, castle, camp, circus, ' +
    'theater, factory, mill, barn, ranch, airport, fair, laundromat, pool, office, hospital, restaurant, ' +
    'cafe, yard, workshop, studio, salon, bakery, post office, playground, street, village, town, city, ' +
    'forest, desert, meadow',
  '\\b',
  '\\b',
)
/** "Night market" is the night market; "Mud" is no place. */
function placeByName(name: string): string | undefined {
  const words = name.replace(/^(at|in|to|going to|a day at)\s+/i, '').replace(/^(the|an?|our|my)\s+/i, '')
  const found = PLACES.exec(words)
  return found ? `the ${words.slice(0, found.index + found[0].length).toLowerCase()}` : undefined
}

/** Whether a starter speaks of a place: the fire station of "The fire station at night". */
const knowsPlace = (starter: ThemeStarter, place: string): boolean => {
  const head = place.split(' ').at(-1)!
  return [starter.name, ...starter.also, starter.place.name].some((name) => name.toLowerCase().includes(head))
}

/** A question that can be tried with the things themselves, where they are such as roll, slide or stand. */
function triedOut(theme: Theme): string | undefined {
  const hard = theme.things.filter(
    (thing) => thing.inHand && thing.form === 'thing' && thing.madeOf === 'hard' && thing.living !== true,
  )
  const small = hard.filter((thing) => (thing.usualMm?.[0] ?? 0) <= MOST_ON_RAMP_MM)
  if (small.length < 3) return undefined
  return `Which one rolls, which one slides and which one stays: ${listWords(
    small.slice(0, 3).map((thing) => thing.a),
    'or',
  )}?`
}
/** Longest side of what a board can carry, in mm. */
const MOST_ON_RAMP_MM = 300

/**
 * What a theme is like as a place: by a starter that knows it, else by the kinds of its things; a theme that nobody knows
 * becomes a museum of its things.
 */
export function worldOf(theme: Theme): ThemeWorld {
  const starter = starterFor(theme)
  const named = placeByName(theme.name)
  const scene = sceneOf(theme)
  if (starter) {
    const { place, bin, science, doing, books } = starter
    const common = { bin, science, doing, books }
    // "Bus stop in the rain" is about rain, and its place is the bus stop: who is there goes by what is there.
    if (named && !knowsPlace(starter, named)) {
      const { roles, props, signs } = frameOf(theme, named)
      return { place: named, roles, props, signs, ...common, scene: scene ?? named }
    }
    const { name, ...rest } = place
    return { place: name, ...rest, ...common, scene: scene ?? name }
  }
  const { of: _, filler, ...frame } = frameOf(theme, named)
  const place = named ?? frame.place
  const some = theme.things.filter((thing) => thing.form !== 'idea').slice(0, 3)
  const held = some.length ? ` with ${listWords(some.map((thing) => thing.many))}` : ''
  return { ...frame, place, science: triedOut(theme) ?? frame.science, bin: `${filler}${held}`, scene: scene ?? place }
}

const IN = anyOf(
  'forest, garden, field, sky, soil, ocean, sea, city, grass, mountains, desert, jungle, rainforest, ' +
    'cave, snow, water, woods, town, village, house, yard, kitchen, corner, rain$, submarine, cabin, tent, barn, castle',
  '\\b',
  '\\b',
)
const ON = anyOf('street, road, farm, ranch, island, ice, trail, tracks, moon, hill', '\\b', '\\b')
/** "in the forest", "on the farm", "at the pond". */
export function inPlace(place: string): string {
  // Of "the building site in our street" one is at the site.
  const [itself] = place.split(/ (?:in|of|by|near|at|with|on) /)
  return `${IN.test(itself) ? 'in' : ON.test(itself) ? 'on' : 'at'} ${place}`
}

/** What the bin is filled with, by the words of its small world, safest first where nothing is named. */
const FILLERS: readonly [RegExp, materialId: string, amount: number][] = [
  [/\bwater|\bpuddle|\bice\b|\bsea\b|\bocean/, 'water', 6000],
  [/\bsoil|\bdirt|\bmud|\bearth/, 'potting-soil', 6000],
  [/\bsand/, 'play-sand', 6000],
  [/\boats|\bgrain/, 'rolled-oats', 2000],
  [/\bpasta/, 'large-pasta', 2000],
  [/\bcotton|\bsnow|\bcloud/, 'cotton-ball', 60],
  [/\bleaves|\bleaf/, 'leaf', 60],
]
/** What fills the bin of a world: a material and how much of it. */
export function fillerOf(world: ThemeWorld): { materialId: string; amount: number; words: string } {
  const found = FILLERS.find(([words]) => words.test(world.bin))
  const names: Record<string, string> = {
    water: 'shallow water',
    'potting-soil': 'damp soil',
    'play-sand': 'damp sand',
    'rolled-oats': 'dry oats',
    'large-pasta': 'large pasta',
    'cotton-ball': 'cotton balls',
    leaf: 'leaves',
    'crinkle-paper': 'crinkled paper',
  }
  const [, materialId, amount] = found ?? [/./, 'crinkle-paper', 100]
  return { materialId, amount, words: names[materialId] }
}
