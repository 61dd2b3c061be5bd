import type { SlowStage } from '../domain'

/** A slow project of the library: what it goes through, what it asks for, and what becomes of it. */
export interface SlowKind {
  id: string
  name: string
  /** What it is good for, in a few words. */
  about: string
  stages: readonly SlowStage[]
  care: string
  careEvery: number
  ends: string
  cautions: readonly string[]
}

const stage = (id: string, name: string, shortest: number, longest: number, look = ''): SlowStage => ({
  id,
  name,
  shortest,
  longest,
  look,
})

/**
 * Slow projects that a home can do. The days are common practice at room temperature; light, warmth and the seed or the
 * animal itself move them, which is why each is a range and a real day counts for more.
 */
export const SLOW_KINDS: readonly SlowKind[] = [
  {
    id: 'grass-tray',
    name: 'A tray of grass',
    about: 'Something green to cut, comb and blow through',
    stages: [
      stage('sprout', 'Sprouting', 4, 8, 'the first green tips'),
      stage('grow', 'Growing a hand high', 5, 10, 'as high as a thumb is long'),
    ],
    care: 'Mist it until the soil is damp',
    careEvery: 1,
    ends: 'Cut it, comb it, and put the mat on the compost',
    cautions: ['Wash hands after soil.', 'Old potting mix can hold mold: nobody who has asthma stirs it dry.'],
  },
  {
    id: 'bean-jar',
    name: 'A bean in a jar',
    about: 'Root and shoot to see through the glass',
    stages: [
      stage('root', 'The first root', 2, 5, 'a white root'),
      stage('shoot', 'The first leaves', 4, 8, 'two leaves that open'),
    ],
    care: 'Keep the paper damp, without water standing',
    careEvery: 1,
    ends: 'Plant it outside, or throw it away once it smells',
    cautions: [
      'Dry beans are a choking hazard under three, and raw kidney beans are poisonous: count them in and out.',
      'A plastic jar, not glass, where children carry it.',
    ],
  },
  {
    id: 'sunflowers',
    name: 'Sunflowers in pots',
    about: 'One plant for each child, to measure and take home',
    stages: [
      stage('sprout', 'Sprouting', 6, 10, 'the bent stem comes up'),
      stage('leaf', 'The first true leaf', 7, 12, 'a rough leaf between the smooth ones'),
      stage('plant-out', 'Planting out', 1, 4, 'roots at the bottom of the pot'),
    ],
    care: 'Water until the soil is damp',
    careEvery: 1,
    ends: 'Plant it out once the nights stay above freezing',
    cautions: ['Seeds from the store for birds may be treated: use seeds sold for planting, and wash hands.'],
  },
  {
    id: 'cress',
    name: 'Cress to eat',
    about: 'The fastest thing to sow, cut and taste',
    stages: [stage('sprout', 'Sprouting', 2, 3, 'split seeds'), stage('cut', 'Ready to cut', 4, 7, 'two green leaves')],
    care: 'Keep the paper damp',
    careEvery: 1,
    ends: 'Cut it with scissors, rinse it and put it on bread',
    cautions: ['Raw sprouts are not for infants or anyone with a weak immune system: ask the family first.'],
  },
  {
    id: 'caterpillars',
    name: 'Caterpillars to butterflies',
    about: 'From crawling to flying, in a tall cage',
    stages: [
      stage('arrive', 'Ordered, on their way', 5, 14, 'the cup is there'),
      stage('grow', 'Eating and growing', 7, 10, 'they climb to the lid'),
      stage('hang', 'Hanging head down', 1, 2, 'curled like a hook'),
      stage('chrysalis', 'As a chrysalis', 7, 10, 'it turns dark'),
      stage('feed', 'Drying and feeding', 1, 2, 'they open and close their wings'),
    ],
    care: 'Look, and leave the cup closed; orange slices once they fly',
    careEvery: 1,
    ends: 'Let them go outside, in the warm part of a dry day',
    cautions: [
      'Release only a kind that lives where you are: the supplier and your state say which, and some need a permit.',
      'Order for a week without frost: below 55 °F (13 °C) they do not fly.',
      'One that has fallen can be moved onto a tissue near the side of the cage. Some do not make it: plan what you say.',
      'Wash hands after the cage; the red drops are not blood.',
    ],
  },
  {
    id: 'worm-jar',
    name: 'A jar of worms',
    about: 'Layers that become one',
    stages: [stage('settle', 'Settling in', 1, 2, 'they have gone down'), stage('mix', 'Mixing the layers', 7, 21, 'no more lines')],
    care: 'Damp, dark, and a leaf to eat',
    careEvery: 2,
    ends: 'Put them back under a bush, on damp ground',
    cautions: ['Wash hands after soil and worms.', 'Three weeks at most: a jar is small.'],
  },
  {
    id: 'salt-crystals',
    name: 'Salt crystals on a string',
    about: 'Squares that grow out of water',
    stages: [stage('first', 'The first crystals', 1, 3, 'a white rim'), stage('large', 'Crystals to look at', 4, 12, 'squares as large as a seed')],
    care: 'Look, and do not move it',
    careEvery: 2,
    ends: 'Dry them on paper; they keep in a box',
    cautions: ['Hot water is stirred by an adult.', 'Nobody drinks it: so much salt makes sick. A cord no longer than a hand.'],
  },
  {
    id: 'ice-block',
    name: 'A block of ice',
    about: 'Frozen overnight in a large tub, with things inside',
    stages: [stage('freeze', 'Freezing through', 1, 2, 'no water moves when you tilt it')],
    care: '',
    careEvery: 1,
    ends: 'Let it melt in the bin or outside',
    cautions: ['Ice from the freezer sticks to wet skin: let it stand ten minutes first.', 'What is frozen in must be too large to choke on.'],
  },
  {
    id: 'pressed-leaves',
    name: 'Pressed leaves',
    about: 'Flat and dry under books',
    stages: [stage('press', 'Pressing', 14, 28, 'stiff, and no longer cool to touch')],
    care: 'Change the paper',
    careEvery: 7,
    ends: 'Glue them, or keep them in a folder',
    cautions: ['Know the plant: nothing of poison ivy, oak or sumac, or of oleander.'],
  },
  {
    id: 'salt-dough',
    name: 'Salt dough, dried in the air',
    about: 'Things that turn hard by themselves',
    stages: [stage('dry', 'Drying', 2, 4, 'hard below too')],
    care: 'Turn them over',
    careEvery: 1,
    ends: 'Paint them, and keep them dry',
    cautions: ['It is no food: one bite of it holds too much salt for a small child or a dog.'],
  },
  {
    id: 'avocado-seed',
    name: 'A seed over water',
    about: 'A large seed on sticks, for patient ones',
    stages: [stage('crack', 'It cracks', 14, 42, 'a line across'), stage('root', 'The first root', 7, 28, 'a root into the water'), stage('shoot', 'The first leaves', 14, 35, 'red leaves')],
    care: 'Fill the water up to the seed',
    careEvery: 2,
    ends: 'Plant it in a pot, or send it home',
    cautions: ['The sticks are sharp, and the seed rolls: out of reach of the youngest.'],
  },
  {
    id: 'carrot-tops',
    name: 'Carrot tops in a dish',
    about: 'Green out of what was to be thrown away',
    stages: [stage('green', 'The first green', 2, 5, 'small green threads'), stage('tall', 'A small forest', 5, 10, 'as high as a hand is wide')],
    care: 'Change the water',
    careEvery: 2,
    ends: 'Plant it, or put it on the compost',
    cautions: ['Old water smells: change it every second day.'],
  },
  {
    id: 'shadow-marks',
    name: 'A shadow through the weeks',
    about: 'The same stick, the same hour, a mark a week',
    stages: [stage('marks', 'Marks to compare', 14, 42, 'three marks that differ')],
    care: 'Mark the shadow at the same hour',
    careEvery: 7,
    ends: 'Measure from mark to mark',
    cautions: ['Never look at the sun, and never through anything.'],
  },
  {
    id: 'bulb',
    name: 'A bulb on water',
    about: 'From brown to flower on a sill',
    stages: [stage('root', 'Roots', 10, 21, 'white roots in the water'), stage('flower', 'A flower', 21, 42, 'color shows')],
    care: 'Fill the water to just under the bulb',
    careEvery: 2,
    ends: 'Plant it outside for next year',
    cautions: ['Most bulbs are poisonous to eat, and some make hands itch: an adult sets it, out of reach.'],
  },
]
export const slowKind = (id: string): SlowKind | undefined => SLOW_KINDS.find((one) => one.id === id)
