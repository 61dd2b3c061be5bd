import type { Activity, Center, Child, Hazard, Material, Placement, Requirement } from '../domain'
import { allergenName, listWords } from '../base'

/** `stop` can only be solved, `change` can be set aside with a reason, `watch` is said. */
export type Severity = 'stop' | 'change' | 'watch'

/** A child who can reach something, or sleeps beside it, with what the rules ask about. */
export interface Reaching {
  child: Child
  /** Completed months on the day, 0 or more. */
  months: number
  takesPart: boolean
}

/** Where and when a placement is, as the rules ask about it. */
export interface Occurrence {
  activity: Activity
  placement: Placement
  center: Center | null
  /** In the yard, or in a block that is spent there. */
  outdoors: boolean
  /** A stomach illness is in the home on one of its days. */
  illness: boolean
}

/** One material in one placement, before the children are looked at. */
export interface Exposure extends Occurrence {
  requirement: Requirement
  material: Material
}

/** What every rule says of itself. */
interface RuleFacts {
  id: string
  title: string
  severity: Severity
  /** Public guidance that it rests on. */
  source: string
  /** In short, when it holds: for the page of all rules. */
  when: string
  /** What to do instead, when nothing more exact can be offered. */
  advice: string
  /** Whether things that stay in adult hands count too. */
  adultHands: boolean
  /** Whether a gate or a high table solves it for those who do not take part. */
  apartHelps: boolean
  /** Whether it looks at those who sleep there, and not at those who are awake. */
  asleep?: boolean
}

/** A rule about a material: asked for each that a placement takes. */
export interface MaterialRule extends RuleFacts {
  about: 'material'
  concerns: (exposure: Exposure) => boolean
  atRisk: (one: Reaching, exposure: Exposure) => boolean
  why: (names: string, material: Material, exposure: Exposure, many: boolean) => string
}

/** A rule about where and when something is done, whatever it takes: asked once for a placement. */
export interface OccasionRule extends RuleFacts {
  about: 'occasion'
  concerns: (occurrence: Occurrence) => boolean
  atRisk: (one: Reaching, occurrence: Occurrence) => boolean
  why: (names: string, occurrence: Occurrence, many: boolean) => string
}

/** A caution: data, and the predicate that says for whom it holds. */
export type CautionRule = MaterialRule | OccasionRule

/** Small-parts cylinder of 16 CFR 1501.4: 31.7 mm across, its sloped depth 25.4 to 57.1 mm. */
export const CYLINDER_MM = { across: 31.7, depth: 57.1 } as const
/** Small ball of 16 CFR 1500.19: 44.4 mm or less. */
export const SMALL_BALL_MM = 44.4
/** Cord lengths of ASTM F963 and EN 71-1, mm. */
export const CORD_MM = { underThree: 220, unattended: 300 } as const

/** The rule that asks for the size of what nobody has looked at. */
export const UNMEASURED = 'unmeasured'
/**
 * Millimetres that stand for what somebody saw at a paper tube, which is wider than the small-parts cylinder: what goes
 * through it is taken as small, what does not is too large for it.
 */
export const TUBE_MM: { readonly through: Millimeters; readonly not: Millimeters } = {
  through: [30, 25, 25],
  not: [80, 60, 50],
}
type Millimeters = [long: number, wide: number, high: number]

/** A material after somebody held its smallest piece against a paper tube. */
export const heldToTube = (material: Material, goesThrough: boolean): Material => ({
  ...material,
  safety: { ...material.safety, partMm: [...(goesThrough ? TUBE_MM.through : TUBE_MM.not)], measured: true },
})

/** How finely leaning positions are tried, in radians: a twentieth of a degree. */
const LEAN_BY = Math.PI / 3600

/**
 * Whether a piece, seen from the side as a rectangle, fits leaning into the section of the cylinder along its axis: as
 * wide as the chord that its third side leaves, with a bottom that falls at 45° (57.1 less 25.4 mm over 31.7) from the
 * shallow side to the deep one.
 *
 * @param long, thin sides that lie in the section, mm
 * @param through the side that lies across it, mm
 */
function fitsLeaning(long: number, thin: number, through: number): boolean {
  const { across, depth } = CYLINDER_MM
  if (through > across) return false
  const room = Math.sqrt(across * across - through * through)
  // Where the chord begins, the bottom is already this much higher than at its deepest.
  const risen = (across - room) / 2
  for (let lean = 0; lean <= Math.PI / 2; lean += LEAN_BY) {
    const [sin, cos] = [Math.sin(lean), Math.cos(lean)]
    // With its left corner at the wall and its top one at the rim: how far it reaches to the right, and down along the
    // slope.
    if (long * sin + thin * cos <= room && risen + long * Math.max(sin, cos) + thin * (sin + cos) <= depth) return true
  }
  return false
}

/**
 * Whether a piece fits the small-parts cylinder in some position: upright, taken as round and against its full depth,
 * which errs toward a caution; or leaning, so that a stick lies across it from the deepest edge to the rim on the other
 * side.
 *
 * @param part length, width and height in mm, each above 0, in any order
 */
export function fitsSmallPartsCylinder(part: readonly [number, number, number]): boolean {
  const { across, depth } = CYLINDER_MM
  const [longest, middle, shortest] = [...part].sort((a, b) => b - a)
  if (middle <= across && longest <= depth) return true
  // Longer than from the one edge to the other, nothing lies in it.
  if (longest > Math.hypot(across, depth)) return false
  return fitsLeaning(longest, shortest, middle) || fitsLeaning(longest, middle, shortest)
}

const has =
  (hazard: Hazard) =>
  ({ material }: Pick<Exposure, 'material'>) =>
    material.safety.hazards.includes(hazard)
const anyone = () => true
const under = (months: number) => (one: Reaching) => one.months < months
const isPart = (material: Material) => material.safety.partMm !== null && fitsSmallPartsCylinder(material.safety.partMm)
const is = (many: boolean) => (many ? 'are' : 'is')

type Written = Omit<MaterialRule, 'about'>
/** Rules about materials, stops first. */
const MATERIAL_RULES: readonly Written[] = [
  {
    id: 'small-parts',
    title: 'Small parts',
    severity: 'stop',
    source: '16 CFR 1501 (small parts)',
    adultHands: false,
    apartHelps: true,
    when:
      'A piece fits the small-parts cylinder (31.7 mm across, 57.1 mm at its deepest) where a child ' +
      'under three, or one who mouths, can reach it',
    advice: 'Use larger pieces, wait for nap time, or work at a higher table behind a gate.',
    concerns: ({ material }) => isPart(material),
    atRisk: (one) => one.months < 36 || one.child.mouths,
    why: (names, material, _, many) =>
      `${names} could choke on ${material.name}. ${many ? 'They are' : 'This child is'} under three ` +
      `or still mouthing, and pieces of ${Math.max(...material.safety.partMm!)} mm fit in a small mouth.`,
  },
  {
    id: UNMEASURED,
    title: 'Not measured yet',
    severity: 'change',
    source: '16 CFR 1501 (small parts)',
    adultHands: false,
    apartHelps: true,
    when: 'A thing whose size nobody has looked at, within reach of a child under three or one who mouths',
    advice: 'Hold the smallest piece against a paper tube. What goes through is too small.',
    concerns: ({ material }) => !material.safety.measured && material.safety.partMm === null,
    atRisk: (one) => one.months < 36 || one.child.mouths,
    why: (names, material, _, many) =>
      `${names} ${many ? 'are' : 'is'} under three or still mouthing, and nobody has measured ${material.name} yet: ` +
      'hold the smallest one against a paper tube. If it goes through, it can choke.',
  },
  {
    id: 'small-balls',
    title: 'Small balls',
    severity: 'stop',
    source: '16 CFR 1500.19 (small balls)',
    adultHands: false,
    apartHelps: true,
    when: 'A ball of 44.4 mm or less where a child under three can reach it',
    advice: 'Use larger balls.',
    concerns: ({ material }) => material.safety.ballMm !== null && material.safety.ballMm <= SMALL_BALL_MM,
    atRisk: under(36),
    why: (names, material, _, many) =>
      `${names} ${is(many)} under three: ${material.name} of ${material.safety.ballMm} mm can block a throat.`,
  },
  {
    id: 'loose-magnets',
    title: 'Loose magnets',
    severity: 'stop',
    source: '16 CFR 1262 (magnets), CPSC',
    adultHands: false,
    apartHelps: false,
    when: 'A loose magnet that fits the small-parts cylinder, with any child',
    advice: 'Use only magnets sealed inside a larger piece.',
    concerns: ({ material }) =>
      has('loose-magnet')({ material }) && (material.safety.partMm === null || isPart(material)),
    atRisk: anyone,
    why: (names) => `A swallowed magnet injures at any age: here ${names}.`,
  },
  {
    id: 'expanding',
    title: 'Pieces that swell in water',
    severity: 'stop',
    source: 'CPSC (water beads)',
    adultHands: false,
    apartHelps: false,
    when: 'Water beads and other expanding pieces, with any child',
    advice: 'Never. Soaked basil seed or tapioca, only for children who no longer mouth.',
    concerns: has('expands'),
    atRisk: anyone,
    why: (names, material) => `${material.name} swell inside the body: not with ${names}, nor with any child.`,
  },
  {
    id: 'button-cells',
    title: 'Button cells',
    severity: 'stop',
    source: 'CPSC, 16 CFR 1263 (button cell batteries)',
    adultHands: true,
    apartHelps: false,
    when: 'Lights or toys whose cell is not secured, with any child',
    advice: 'Use only compartments closed by a screw.',
    concerns: has('button-cell'),
    atRisk: anyone,
    why: (_, material) => `A swallowed cell burns within two hours: ${material.name} must be closed by a screw.`,
  },
  {
    id: 'allergens',
    title: 'Allergens',
    severity: 'stop',
    source: "FDA (major food allergens); the child's care plan",
    adultHands: false,
    apartHelps: false,
    when: 'One of the nine major allergens, or one the home added, in food, a recipe or a material, with a child expected who has it',
    advice: 'Swap it, or do it at another time. A separate batch only if the care plan allows it.',
    concerns: ({ material }) => material.safety.allergens.length > 0,
    atRisk: (one, { material }) => one.child.allergens.some((allergen) => material.safety.allergens.includes(allergen)),
    why: (names, material, _, many) =>
      `${names} ${many ? 'have' : 'has'} an allergy: ${material.name} means ${listWords(material.safety.allergens.map(allergenName))}.`,
  },
  {
    id: 'allergens-in-hand',
    title: 'Allergens in adult hands',
    severity: 'watch',
    source: "FDA (major food allergens); the child's care plan",
    adultHands: true,
    apartHelps: false,
    when: 'An allergen that only an adult handles, with a child expected who has it',
    advice: 'Wash hands and the place before anyone else touches anything.',
    concerns: ({ material, requirement }) => material.safety.allergens.length > 0 && requirement.reach === 'adult',
    atRisk: (one, { material }) => one.child.allergens.some((allergen) => material.safety.allergens.includes(allergen)),
    why: (names, material, _, many) =>
      `${names} ${many ? 'have' : 'has'} an allergy to ` +
      `${listWords(material.safety.allergens.map((one) => allergenName(one).toLowerCase()))}: ` +
      `${material.name} stays in adult hands, which are washed before they touch anything of theirs.`,
  },
  {
    id: 'honey',
    title: 'Honey',
    severity: 'stop',
    source: 'CDC (infant botulism)',
    adultHands: false,
    apartHelps: true,
    when: 'Honey as food or in a taste-safe mix, with a child under twelve months',
    advice: 'Leave it out.',
    concerns: has('honey'),
    atRisk: under(12),
    why: (names) => `${names}: no honey before the first birthday.`,
  },
  {
    id: 'choking-food',
    title: 'Food that chokes',
    severity: 'stop',
    source: 'AAP, USDA CACFP (choking hazards)',
    adultHands: false,
    apartHelps: true,
    when: 'Whole grapes, nuts, popcorn, marshmallow, raw carrot or hard candy, with a child under four',
    advice: 'Cut it small, cook it, or take something else.',
    concerns: has('choking-food'),
    atRisk: under(48),
    why: (names, material, _, many) => `${names} ${is(many)} under four: ${material.name} can choke.`,
  },
  {
    id: 'raw-legumes',
    title: 'Raw dried beans',
    severity: 'stop',
    source: 'FDA (phytohaemagglutinin in raw beans)',
    adultHands: false,
    apartHelps: true,
    when: 'Raw dried beans with a child who mouths',
    advice: 'Use pasta shapes over 40 mm or crinkled paper.',
    concerns: has('raw-legume'),
    atRisk: (one) => one.child.mouths,
    why: (names, material, _, many) =>
      `${names} still ${many ? 'mouth' : 'mouths'} things: ${material.name} are poisonous raw.`,
  },
  {
    id: 'animals-under-five',
    title: 'Reptiles, amphibians, live poultry',
    severity: 'stop',
    source: 'CDC (animals in child care)',
    adultHands: false,
    apartHelps: true,
    when: 'A reptile, an amphibian or live poultry, with a child under five',
    advice: 'Look from a distance, do not touch; wash hands.',
    concerns: has('reptile-amphibian-poultry'),
    atRisk: under(60),
    why: (names, _, __, many) => `${names} ${is(many)} under five: these animals carry salmonella.`,
  },
  {
    id: 'sleep-space',
    title: 'Things in a sleep space',
    severity: 'stop',
    source: 'AAP (safe sleep)',
    adultHands: true,
    apartHelps: false,
    asleep: true,
    when: 'A cord, pillow, cushion, blanket or scarf where a child under twelve months sleeps',
    advice: 'Clear the space before the nap, or do it at another center.',
    concerns: ({ material, center }) =>
      Boolean(center?.sleeps) && (has('soft-prop')({ material }) || material.safety.cordMm !== null),
    atRisk: under(12),
    why: (names, material, { center }, many) =>
      `${names} ${many ? 'sleep' : 'sleeps'} at ${center?.name ?? 'that place'}: no ${material.name} there under twelve months.`,
  },
  {
    id: 'film',
    title: 'Balloons, gloves, film',
    severity: 'change',
    source: 'CPSC (latex balloons)',
    adultHands: false,
    apartHelps: true,
    when: 'Latex or thin film within reach of a child under eight',
    advice: 'Use paper or cloth; or an adult keeps hold and takes scraps away at once.',
    concerns: has('film'),
    atRisk: under(96),
    why: (names, material) => `${material.name}: a torn piece can seal a throat. Within reach of ${names}.`,
  },
  {
    id: 'cords',
    title: 'Cords under three',
    severity: 'change',
    source: 'ASTM F963, EN 71-1 (cords)',
    adultHands: false,
    apartHelps: true,
    when: 'String, ribbon or elastic over 220 mm within reach of a child under three',
    advice: 'Shorten it, let an adult hold it, and take it down at nap.',
    concerns: ({ material }) => material.safety.cordMm !== null && material.safety.cordMm > CORD_MM.underThree,
    atRisk: under(36),
    why: (names, material, _, many) =>
      `${names} ${is(many)} under three: ${material.name} of ${material.safety.cordMm! / 10} cm can go around a neck.`,
  },
  {
    id: 'long-cords',
    title: 'Long cords left alone',
    severity: 'change',
    source: 'ASTM F963, EN 71-1 (cords)',
    adultHands: false,
    apartHelps: true,
    when: 'String, ribbon or elastic over 300 mm, with no adult watching, for anyone',
    advice: 'Shorten it to 30 cm, or stay and watch.',
    concerns: ({ material, activity }) =>
      material.safety.cordMm !== null && material.safety.cordMm > CORD_MM.unattended && activity.attention === 'nearby',
    atRisk: (one) => one.months >= 36,
    why: (names, material) =>
      `${material.name} of ${material.safety.cordMm! / 10} cm, and nobody has it in view. Here: ${names}.`,
  },
  {
    id: 'raw-flour',
    title: 'Raw flour and dough',
    severity: 'change',
    source: 'FDA, CDC (raw flour)',
    adultHands: false,
    apartHelps: true,
    when: 'Uncooked flour with a child who mouths',
    advice:
      'Use oat flour, corn starch or a cooked recipe, and wash hands. Heating flour at home does not make it safe.',
    concerns: has('raw-flour'),
    atRisk: (one) => one.child.mouths,
    why: (names, material, _, many) =>
      `${names} still ${many ? 'mouth' : 'mouths'} things, and ${material.name} is raw flour.`,
  },
  {
    id: 'hot',
    title: 'Hot things',
    severity: 'change',
    source: 'CPSC (burns); liquid over 49 °C',
    adultHands: true,
    apartHelps: true,
    when: 'Oven, stove, iron, glue gun, microwave or liquid over 49 °C while children are around',
    advice: 'An adult does it away from the children, or in a prep window.',
    concerns: ({ material, activity, requirement }) => has('hot')({ material }) && !onlyInPrep(activity, requirement),
    atRisk: anyone,
    why: (names, material, _, many) => `${material.name} burns, and ${names} ${is(many)} around then.`,
  },
  {
    id: 'sharp',
    title: 'Sharp and pointed',
    severity: 'change',
    source: 'Common practice in early childhood programs',
    adultHands: false,
    apartHelps: true,
    when: 'Needles, push pins, carving tools, skewers, toothpicks: under four, or from four when not one to one',
    advice: 'Take a blunt tool; from four years one to one.',
    concerns: has('sharp'),
    atRisk: (one, { activity }) => one.months < 48 || activity.attention !== 'one-to-one',
    why: (names, material) => `${material.name} can hurt ${names}.`,
  },
  {
    id: 'chemicals',
    title: 'Chemicals and medicines',
    severity: 'change',
    source: 'Product labels, Poison Control',
    adultHands: false,
    apartHelps: true,
    when: 'Slime activators, effervescent tablets, essential oils, aerosol foam, plaster, dish soap concentrate',
    advice: 'An adult doses it. Eyes covered, no tasting, air the room, lock it away.',
    concerns: has('chemical'),
    atRisk: anyone,
    why: (names, material) => `${material.name} stays in adult hands: ${names} can reach it.`,
  },
  {
    id: 'loose-powder',
    title: 'Fine powder, glitter',
    severity: 'change',
    source: 'AAP (inhaled powders)',
    adultHands: false,
    apartHelps: true,
    when: 'Loose powder or glitter with a child under three, or one with asthma',
    advice: 'Take larger pieces, or damp it first.',
    concerns: has('loose-powder'),
    atRisk: (one) => one.months < 36 || one.child.asthma,
    why: (names, material) => `${material.name} is breathed in easily. In reach: ${names}.`,
  },
  {
    id: 'gathered-plants',
    title: 'Gathered plants',
    severity: 'change',
    source: 'Poison Control, local rules',
    adultHands: false,
    apartHelps: true,
    when: 'Plants that were gathered, with any child',
    advice: 'Only what an adult can name, from your own garden or where picking is allowed. Wash hands.',
    concerns: has('gathered-plant'),
    atRisk: anyone,
    why: (names, material, _, many) =>
      `${material.name}: an adult must be able to name the plant before ${names} ${many ? 'handle' : 'handles'} it.`,
  },
  {
    // The table of the design says it with the watch on shared food. What must not be done at all asks for more than a
    // watch.
    id: 'illness',
    title: 'Stomach illness in the home',
    severity: 'change',
    source: 'CDC, Caring for Our Children',
    adultHands: false,
    apartHelps: false,
    when: 'Shared dough, water or food play on a day with a stomach illness in the home',
    advice: 'Do it once everyone has been well for two days.',
    concerns: ({ material, illness }) => illness && (has('shared-food')({ material }) || has('water')({ material })),
    atRisk: anyone,
    why: (_, material) => `There is a stomach illness in the home: ${material.name} would go through every hand.`,
  },
  {
    id: 'water',
    title: 'Water',
    severity: 'watch',
    source: 'CPSC, AAP (drowning)',
    adultHands: false,
    apartHelps: false,
    when: 'Water of any depth, with any child',
    advice: "Stay within arm's reach and empty it at once.",
    concerns: has('water'),
    atRisk: anyone,
    why: () => "Stay within arm's reach of the water, and empty it at once. Under two, an adult holds on.",
  },
  {
    id: 'fixed-magnets',
    title: 'Sealed magnets under three',
    severity: 'watch',
    source: '16 CFR 1262, CPSC',
    adultHands: false,
    apartHelps: true,
    when: 'A sealed magnet with a child under three',
    advice: 'Check each piece for cracks before it goes out.',
    concerns: has('fixed-magnet'),
    atRisk: under(36),
    why: (_, material) => `Check ${material.name} for cracks before they go out.`,
  },
  {
    id: 'irritants',
    title: 'Stings eyes',
    severity: 'watch',
    source: 'Product labels, Poison Control',
    adultHands: false,
    apartHelps: false,
    when: 'Vinegar, soap and the like near eyes',
    advice: 'Keep a wet cloth at hand; no tasting.',
    concerns: has('irritant'),
    atRisk: anyone,
    why: (_, material) => `${material.name} stings: keep a wet cloth at hand.`,
  },
  {
    id: 'ice',
    title: 'Ice in the hand',
    severity: 'watch',
    source: 'AAP (frostbite)',
    adultHands: false,
    apartHelps: false,
    when: 'Ice or snow that is held',
    advice: 'A cloth around it after 30 seconds; let go when it hurts.',
    concerns: has('ice'),
    atRisk: anyone,
    why: (_, material) => `${material.name}: a cloth around it after 30 seconds, and let go when it hurts.`,
  },
  {
    id: 'live-animals',
    title: 'Live animals',
    severity: 'watch',
    source: 'CDC (animals in child care)',
    adultHands: false,
    apartHelps: false,
    when: 'Any live animal',
    advice: 'Look, do not touch; wash hands; release only where that is lawful.',
    concerns: (exposure) => has('live-animal')(exposure) || has('reptile-amphibian-poultry')(exposure),
    atRisk: anyone,
    why: () => 'Look, do not touch. Wash hands after.',
  },
  {
    id: 'hygiene',
    title: 'Shared dough and food',
    severity: 'watch',
    source: 'CDC, Caring for Our Children',
    adultHands: false,
    apartHelps: false,
    when: 'Dough, water play or food in several hands',
    advice:
      'Wash before and after, give each their own portion, write the discard date on it. None while anyone has a stomach illness.',
    concerns: has('shared-food'),
    atRisk: anyone,
    why: () => 'Wash before and after, and give each child their own portion.',
  },
]

/** Rules about where and when something is done. */
const OCCASION_RULES: readonly Omit<OccasionRule, 'about'>[] = [
  {
    id: 'sun-and-cold',
    title: 'Sun, heat and cold',
    severity: 'watch',
    source: 'AAP (sun and heat, cold weather)',
    adultHands: false,
    apartHelps: false,
    when: 'Anything outdoors, with any child',
    advice: 'Shade, water and a hat in the sun; dry layers and a short time in the cold.',
    concerns: ({ outdoors }) => outdoors,
    atRisk: anyone,
    why: () => 'Outdoors: shade, water and a hat in the sun, dry layers and a short time in the cold.',
  },
]

const ORDER: readonly Severity[] = ['stop', 'change', 'watch']
/** Every rule, in the order in which they are shown: stops first. */
export const CAUTION_RULES: readonly CautionRule[] = [
  ...MATERIAL_RULES.map((rule): CautionRule => ({ ...rule, about: 'material' })),
  ...OCCASION_RULES.map((rule): CautionRule => ({ ...rule, about: 'occasion' })),
].sort((a, b) => ORDER.indexOf(a.severity) - ORDER.indexOf(b.severity))

/** A thing in adult hands that only a preparation step uses is away before the children come to it. */
function onlyInPrep(activity: Activity, requirement: Requirement): boolean {
  return requirement.reach === 'adult' && activity.prep.some((step) => step.uses.includes(requirement.id))
}

/** Ends every surface on which cautions show. */
export const CAUTION_CLOSING = "Your licensing rules, the child's care plan and the product's label come first."
