import { stepIdsOf, type Activity, type CenterKind, type Idea, type Material } from '../../domain'
import { capital, many, numberWord, one, withArticle } from './words'
import type { Theme } from './theme'

/** What of a unit's focus reaches into an idea. */
export type StretchKind = 'letter' | 'number' | 'shape' | 'colour'

/** A suggestion to let the focus of the unit reach into an idea: taken or left, never done by itself. */
export interface Stretch {
  id: StretchKind
  /** What it would be, and why: "Five craft sticks each: the number is five." */
  words: string
  /** The step that it adds for whoever helps. */
  step: string
  /** New quantities by requirement id. */
  quantities: Readonly<Record<string, number>>
}

/** How a letter shows up where an idea is done; a center that is not named has no natural place for it. */
const LETTER: Partial<Record<CenterKind, (letter: string) => string>> = {
  'dough-table': (letter) => `Roll a long snake and bend it into ${letter}.`,
  easel: (letter) => `Begin the sheet with one large ${letter}, drawn from the shoulder.`,
  'sensory-bin': (letter) =>
    `Bury four cards with ${letter} among four with other letters, and let the kids sort them.`,
  'mark-making': (letter) => `Put a card with ${letter} at each place to trace with a finger first.`,
  'glow-table': (letter) => `Make ${letter} out of the clear pieces, or draw it in what is on the table.`,
  'art-table': (letter) => `Write ${letter} on the back with each child, beside the name.`,
  circle: (letter) => `Say each name slowly and stand up where it has the sound of ${letter}.`,
  outdoors: (letter) => `Chalk ${letter} as large as a room and walk along its lines.`,
  'book-nook': (letter) => `Look for ${letter} on each page and put a finger under it.`,
  blocks: (letter) => `Make ${letter} on the rug out of long pieces.`,
  pretend: (letter) => `Hang up a sign that starts with ${letter}.`,
}
const NUMBER: Partial<Record<CenterKind, (word: string) => string>> = {
  'dough-table': (word) => `Press ${word} marks into each finished piece and count them with a fingertip.`,
  easel: (word) => `Paint ${word} large dots before anything else.`,
  circle: (word) => `Clap ${word} times to begin and ${word} times to end.`,
  outdoors: (word) => `Take ${word} giant steps, ${word} hops and ${word} slow turns on the way.`,
  blocks: (word) => `Begin with ${word} pieces each, and find out how high they go.`,
  'sensory-bin': (word) => `Fill the cup with ${word} scoops and count aloud.`,
  discovery: (word) => `Try it ${word} times and make a mark for each.`,
  'book-nook': (word) => `Find ${word} of something in the pictures and count by pointing.`,
  pretend: (word) => `Let each order come to ${word}.`,
}
const SHAPE: Partial<Record<CenterKind, (shape: string) => string>> = {
  'dough-table': (shape) => `Cut out ${withArticle(shape)} and feel along its edge.`,
  easel: (shape) => `Tape ${withArticle(shape)} on the sheet and paint over it.`,
  'art-table': (shape) => `Cut ${withArticle(shape)} for each from the scraps and glue it on somewhere.`,
  'glow-table': (shape) => `Look for ${withArticle(shape)} among the pieces, or make one out of others.`,
  blocks: (shape) => `Tape the outline of ${withArticle(shape)} on the rug and build along it.`,
  outdoors: (shape) => `Chalk ${withArticle(shape)} and walk around it, heel to toe.`,
  'mark-making': (shape) => `Draw ${withArticle(shape)} in the air, on the table, then on paper.`,
  'tray-shelf': (shape) => `Lay the tray’s pieces out in ${withArticle(shape)}.`,
}
/** Materials that come in colours. */
const COLOURED = [
  'tempera-paint',
  'construction-paper',
  'tissue-paper',
  'crepe-streamer',
  'felt-sheet',
  'pom-pom',
  'large-pom-pom',
  'ribbon-strip',
  'short-ribbon',
  'yarn',
  'food-colour',
  'scarf',
  'unit-block',
  'interlocking-brick',
  'shape-tile',
  'feather',
  'chalk',
  'paper-plate',
  'large-bead',
  'cooked-dough',
]

/** A new quantity may not be more than this many times the old one, nor less than its part. */
const MOST_TIMES = 3
const PIECES = { least: 2, most: 12 }

function numberOfPieces(activity: Activity, number: number, materials: ReadonlyMap<string, Material>): Stretch | null {
  const texts = [activity.aim, ...activity.steps, ...activity.variants.map((variant) => variant.how)]
    .join(' ')
    .toLowerCase()
  for (const requirement of activity.requirements) {
    const { quantity } = requirement
    const material = materials.get(requirement.materialId)
    if (!material || material.unit !== 'each' || requirement.basis.by !== 'child' || requirement.reach === 'adult')
      continue
    if (!Number.isInteger(quantity) || quantity < PIECES.least || quantity > PIECES.most || quantity === number)
      continue
    if (number > quantity * MOST_TIMES || number * MOST_TIMES < quantity) continue
    // A text that counts these pieces itself would be wrong then.
    if (new RegExp(`\\b(${quantity}|${numberWord(quantity)})\\b`).test(texts)) continue
    const word = numberWord(number)
    const name = number === 1 ? one(material.name) : many(material.name)
    return {
      id: 'number',
      words: `${capital(word)} ${name} each: the number is ${word}.`,
      step: `Count ${word} ${name} out with each child.`,
      quantities: { [requirement.id]: number },
    }
  }
  return null
}

/** Part of the shop where food lies. */
const FOOD_PART = 'produce and pantry'
/** Whether children have food or water in their hands. */
const isEatenOrWet = (activity: Activity, materials: ReadonlyMap<string, Material>): boolean =>
  activity.requirements.some((requirement) => {
    const material = materials.get(requirement.materialId)
    if (!material || requirement.reach === 'adult' || material.id.endsWith('-dough')) return false
    return material.safety.hazards.includes('water') || material.shopPart === FOOD_PART
  })

const plain = (id: StretchKind, step: string, why: string): Stretch => ({
  id,
  words: `${step.replace(/\.$/, '')}: ${why}.`,
  step,
  quantities: {},
})
const firstOf = <T>(centers: readonly CenterKind[], table: Partial<Record<CenterKind, T>>): T | undefined =>
  table[centers[0]]

/**
 * How the letter, number, shape and colour of a unit could reach into an idea, each at most once, and only where it
 * fits.
 *
 * @param materials by id; what an idea takes decides which pieces could be counted and coloured
 */
export function stretchesFor(
  activity: Activity,
  theme: Pick<Theme, 'letter' | 'number' | 'shape' | 'colour'>,
  materials: ReadonlyMap<string, Material>,
): Stretch[] {
  const found: (Stretch | null | undefined)[] = []
  // Nobody writes on a snack, or sorts cards in the water.
  if (isEatenOrWet(activity, materials)) return []
  const letter = firstOf(activity.centers, LETTER)
  if (theme.letter && letter && !activity.pattern)
    found.push(plain('letter', letter(theme.letter), `the letter is ${theme.letter}`))
  if (theme.number !== null) {
    const times = theme.number <= 10 ? firstOf(activity.centers, NUMBER) : undefined
    found.push(
      numberOfPieces(activity, theme.number, materials) ??
        (times ? plain('number', times(numberWord(theme.number)), `the number is ${numberWord(theme.number)}`) : null),
    )
  }
  const shape = firstOf(activity.centers, SHAPE)
  if (theme.shape && shape && /^\p{L}[\p{L} -]{2,20}$/u.test(theme.shape))
    found.push(plain('shape', shape(theme.shape), `the shape is ${withArticle(theme.shape)}`))
  const coloured = theme.colour
    ? activity.requirements.find(
        (requirement) => COLOURED.includes(requirement.materialId) && requirement.reach === 'children',
      )
    : undefined
  const material = coloured && materials.get(coloured.materialId)
  if (material)
    found.push(
      plain(
        'colour',
        `Choose ${material.name} in ${theme.colour}, with one other color beside it.`,
        `the color is ${theme.colour}`,
      ),
    )
  return found.filter((one): one is Stretch => Boolean(one))
}

/** An activity with the stretches that were taken in it; those that no longer fit are left out. */
export function stretched(
  activity: Activity,
  theme: Pick<Theme, 'letter' | 'number' | 'shape' | 'colour'>,
  materials: ReadonlyMap<string, Material>,
  answers: Idea['stretches'],
): Activity {
  const taken = stretchesFor(activity, theme, materials).filter((stretch) => answers[stretch.id] === 'taken')
  if (!taken.length) return activity
  const quantities: Record<string, number> = Object.assign({}, ...taken.map((stretch) => stretch.quantities))
  return {
    ...activity,
    requirements: activity.requirements.map((requirement) =>
      requirement.id in quantities ? { ...requirement, quantity: quantities[requirement.id] } : requirement,
    ),
    steps: [...activity.steps, ...taken.map((stretch) => stretch.step)],
    stepIds: [...stepIdsOf(activity), ...taken.map((stretch) => `stretch-${stretch.id}`)],
  }
}
