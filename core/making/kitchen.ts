import { demand, listWords, ML_PER_CUP, ML_PER_TABLESPOON, ML_PER_TEASPOON } from '../base'

/** Cups and spoons that a kitchen has, in ml. */
interface Scoops {
  cup: number
  tablespoon: number
  teaspoon: number
}

/** US scoops by 2-domain; metric ones by the same: a cup of 250 ml, spoons of 15 and 5. */
const SCOOPS: Record<'us' | 'metric', Scoops> = {
  us: { cup: ML_PER_CUP, tablespoon: ML_PER_TABLESPOON, teaspoon: ML_PER_TEASPOON },
  metric: { cup: 250, tablespoon: 15, teaspoon: 5 },
}
/** Twenty drops to a ml is what droppers are made for; bottles of food color come near it. */
const DROPS_PER_ML = 20
/**
 * Over this share, the error is said beside the scoops (3-computations, section 5). Below it, fewer scoops are worth more
 * than a finer sum: a cup of flour differs by more than that from one hand to the next.
 */
export const ERROR_TO_SAY = 0.03

interface Piece {
  words: string
  ml: number
  /** How many kinds of scoop that takes: whole cups and a third of one are two. */
  scoops: number
}

type Part = readonly [part: number, words: string]
const CUP_PARTS: readonly Part[] = [
  [0, ''],
  [1 / 4, '1/4'],
  [1 / 3, '1/3'],
  [1 / 2, '1/2'],
  [2 / 3, '2/3'],
  [3 / 4, '3/4'],
]
const SPOON_PARTS: readonly Part[] = [
  [0, ''],
  [1 / 8, '1/8'],
  [1 / 4, '1/4'],
  [1 / 2, '1/2'],
  [3 / 4, '3/4'],
]

/** A whole number and a part of one size, as it is said: "1 3/4 cups". */
function pieceOf(whole: number, [part, partWords]: Part, size: number, one: string, many: string): Piece {
  const number = [whole || '', partWords].filter(Boolean).join(' ')
  return {
    words: number && `${number} ${whole + part > 1 ? many : one}`,
    ml: (whole + part) * size,
    scoops: Number(whole > 0) + Number(part > 0),
  }
}

/** What cups come near an amount: the whole ones below it with every part, and the next whole one. */
function cupsNear(ml: number, cup: number): Piece[] {
  const whole = Math.floor(ml / cup)
  const next = pieceOf(whole + 1, CUP_PARTS[0], cup, 'cup', 'cups')
  return [...CUP_PARTS.map((part) => pieceOf(whole, part, cup, 'cup', 'cups')), next]
}

/** Three tablespoons at most where four are a quarter of a cup; metric ones are less than that. */
const tablespoons = ({ tablespoon: size, cup }: Scoops): Piece[] =>
  (4 * size < cup / 4 - 0.5 ? [0, 1, 2, 3, 4] : [0, 1, 2, 3]).map((count) =>
    pieceOf(count, CUP_PARTS[0], size, 'tbsp', 'tbsp'),
  )
/** Less than three teaspoons, which are a tablespoon. */
const teaspoons = (size: number): Piece[] =>
  [0, 1, 2].flatMap((count) => SPOON_PARTS.map((part) => pieceOf(count, part, size, 'tsp', 'tsp')))

/** A volume in the scoops that a kitchen has. */
export interface KitchenMeasure {
  /** "3 2/3 cups", "1 3/4 cups and 1 tbsp", "6 drops". */
  words: string
  /** What the scoops hold, in ml. */
  ml: number
  /** How much more the scoops hold than was asked for, as a share; negative where they hold less. */
  error: number
}

/**
 * The fewest kinds of scoop that come within three percent of a volume; where none does, those that come nearest. Cups
 * come whole and in 3/4, 2/3, 1/2, 1/3 and 1/4, tablespoons whole, teaspoons whole and in 1/2, 1/4 and 1/8. Less than a
 * quarter of a teaspoon is counted in drops.
 *
 * Taking the largest scoop that still fits, one after the other, makes 3.65 cups of five scoops; a person fills three
 * and two thirds. See docs/decisions/0037.
 *
 * @param ml the volume, above 0
 * @param measures whose cups and spoons
 * @throws InputError where the volume is 0, less, or no number
 */
export function kitchenMeasure(ml: number, measures: 'us' | 'metric'): KitchenMeasure {
  demand(Number.isFinite(ml) && ml > 0, 'ml', 'A volume must be more than 0')
  const scoops = SCOOPS[measures]
  if (ml < scoops.teaspoon / 4 - 1e-9) {
    const drops = Math.max(1, Math.round(ml * DROPS_PER_ML))
    const held = drops / DROPS_PER_ML
    return { words: drops === 1 ? '1 drop' : `${drops} drops`, ml: held, error: held / ml - 1 }
  }
  let best: Sum | null = null
  for (const cups of cupsNear(ml, scoops.cup))
    for (const tablespoon of tablespoons(scoops))
      for (const teaspoon of teaspoons(scoops.teaspoon)) {
        const sum = sumOf([cups, tablespoon, teaspoon], ml)
        if (sum.scoops && (!best || isBetter(sum, best))) best = sum
      }
  return { words: listWords(best!.words), ml: best!.ml, error: best!.ml / ml - 1 }
}

interface Sum {
  words: string[]
  ml: number
  scoops: number
  /** Share by which it is off, to either side. */
  off: number
}

function sumOf(pieces: readonly Piece[], wanted: number): Sum {
  const ml = pieces.reduce((sum, piece) => sum + piece.ml, 0)
  return {
    words: pieces.map((piece) => piece.words).filter(Boolean),
    ml,
    scoops: pieces.reduce((sum, piece) => sum + piece.scoops, 0),
    off: Math.abs(ml / wanted - 1),
  }
}

/** Fewer kinds of scoop win among those that are near enough; among the rest, the nearer one. */
function isBetter(one: Sum, best: Sum): boolean {
  const [isNear, wasNear] = [one.off <= ERROR_TO_SAY, best.off <= ERROR_TO_SAY]
  if (isNear !== wasNear) return isNear
  if (isNear && one.scoops !== best.scoops) return one.scoops < best.scoops
  return one.off < best.off
}
