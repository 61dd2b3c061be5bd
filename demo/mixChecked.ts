/**
 * Who of the demo home's eight can use each recipe, worked out by hand from their ages, what they mouth and their
 * allergies: Pip is an infant, Oona a young toddler, Idris and Tamsin older toddlers; the first three still mouth
 * things. Juno has no wheat, also on hands.
 */
export interface MixChecked {
  /** Who cannot have it, on whatever day. */
  without: readonly string[]
  /** The swap that Juno needs on the days on which she is there. */
  forJuno?: string
}

const MOUTHERS = ['pip', 'oona', 'idris']
const UNDER_THREE = [...MOUTHERS, 'tamsin']
const TODDLING = ['pip', 'oona']

export const MIX_CHECKED: Readonly<Record<string, MixChecked>> = {
  'cooked-dough': { without: [...MOUTHERS, 'juno'] },
  'cooked-dough-wheat-free': { without: MOUTHERS },
  'no-cook-dough': { without: UNDER_THREE, forJuno: 'rice-flour' },
  'oat-dough': { without: [] },
  'salt-dough': { without: MOUTHERS, forJuno: 'rice-flour' },
  'soda-clay': { without: UNDER_THREE },
  'starch-slime': { without: UNDER_THREE },
  'saline-slime': { without: UNDER_THREE },
  oobleck: { without: [] },
  'finger-paint': { without: [] },
  'puffy-paint': { without: UNDER_THREE },
  'salt-paint': { without: MOUTHERS, forJuno: 'rice-flour' },
  'ice-paint': { without: MOUTHERS },
  'milk-paint': { without: ['pip'] },
  'yogurt-paint': { without: [] },
  'sidewalk-paint': { without: ['pip'] },
  'cake-watercolors': { without: UNDER_THREE },
  'flour-paste': { without: MOUTHERS, forJuno: 'corn-starch' },
  bubbles: { without: MOUTHERS },
  'soap-foam': { without: MOUTHERS },
  'cloud-dough': { without: UNDER_THREE, forJuno: 'rice-flour' },
  'oat-cloud-dough': { without: [] },
  'clean-mud': { without: UNDER_THREE },
  'cocoa-mud': { without: [] },
  'colored-rice': { without: UNDER_THREE },
  'colored-pasta': { without: MOUTHERS, forJuno: 'corn-pasta' },
  'colored-salt': { without: UNDER_THREE },
  'rainbow-noodles': { without: [] },
  'gelatin-dig': { without: TODDLING },
  'fizzy-snow': { without: UNDER_THREE },
  'slow-bottle': { without: [] },
  'seed-paper': { without: UNDER_THREE },
  'bread-in-a-bag': { without: [...MOUTHERS, 'juno'] },
  'oat-bites': { without: ['pip'] },
  lemonade: { without: ['pip'] },
  'juice-gelatin': { without: ['pip'] },
  'fruit-pops': { without: TODDLING },
  'shaken-butter': { without: TODDLING },
  'apple-sauce': { without: [] },
  'ice-boats': { without: TODDLING },
  volcano: { without: MOUTHERS },
  'density-jar': { without: UNDER_THREE },
  'salt-crystals': { without: UNDER_THREE },
  'cabbage-colors': { without: UNDER_THREE },
  'yeast-wakes': { without: MOUTHERS },
  'milk-swirl': { without: UNDER_THREE },
}

/** Who is there on each weekday, by the home's table. */
export const THERE: readonly [date: string, weekday: string, who: readonly string[]][] = [
  ['2026-03-09', 'Monday', ['pip', 'oona', 'idris', 'tamsin', 'bodhi', 'calla', 'ravi']],
  ['2026-03-10', 'Tuesday', ['pip', 'oona', 'tamsin', 'juno', 'bodhi', 'calla', 'ravi']],
  ['2026-03-11', 'Wednesday', ['pip', 'oona', 'idris', 'tamsin', 'juno', 'bodhi', 'ravi']],
  ['2026-03-12', 'Thursday', ['pip', 'oona', 'tamsin', 'juno', 'bodhi', 'calla', 'ravi']],
  ['2026-03-13', 'Friday', ['oona', 'idris', 'tamsin', 'juno', 'bodhi', 'ravi']],
]
