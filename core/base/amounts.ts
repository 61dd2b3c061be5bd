import type { BaseUnit, Material } from '../domain'
import {
  CM_PER_FOOT,
  CM_PER_INCH,
  G_PER_OUNCE,
  G_PER_POUND,
  ML_PER_CUP,
  ML_PER_TABLESPOON,
  ML_PER_TEASPOON,
  spokenUnit,
} from './words'

type Measures = 'metric' | 'us'
/** A unit that an amount can be written in: its name, what it measures, and how many base units it is. */
interface WrittenUnit {
  name: string
  base: BaseUnit
  size: number
}

/** The metric cup of recipes, in ml (2-domain). */
const ML_PER_METRIC_CUP = 250
/** Two US tablespoons, as on the label of a bottle. */
const ML_PER_FLUID_OUNCE = 2 * ML_PER_TABLESPOON

/** Units by the words that people write for them. A pint, a quart and a gallon are two, four and sixteen US cups. */
const WRITTEN: readonly (WrittenUnit & { words: readonly string[] })[] = [
  { name: 'pieces', base: 'each', size: 1, words: ['each', 'piece', 'pieces', 'pc', 'pcs'] },
  { name: 'dozen', base: 'each', size: 12, words: ['dozen', 'doz'] },
  { name: 'sheets', base: 'sheet', size: 1, words: ['sheet', 'sheets'] },
  { name: 'g', base: 'g', size: 1, words: ['g', 'gram', 'grams', 'gramme', 'grammes'] },
  { name: 'kg', base: 'g', size: 1000, words: ['kg', 'kilo', 'kilos', 'kilogram', 'kilograms'] },
  { name: 'oz', base: 'g', size: G_PER_OUNCE, words: ['oz', 'ounce', 'ounces'] },
  { name: 'lb', base: 'g', size: G_PER_POUND, words: ['lb', 'lbs', 'pound', 'pounds'] },
  { name: 'ml', base: 'ml', size: 1, words: ['ml', 'millilitre', 'millilitres', 'milliliter', 'milliliters'] },
  { name: 'l', base: 'ml', size: 1000, words: ['l', 'litre', 'litres', 'liter', 'liters'] },
  { name: 'fl oz', base: 'ml', size: ML_PER_FLUID_OUNCE, words: ['fl oz', 'fluid ounce', 'fluid ounces'] },
  { name: 'tsp', base: 'ml', size: ML_PER_TEASPOON, words: ['tsp', 'teaspoon', 'teaspoons'] },
  { name: 'tbsp', base: 'ml', size: ML_PER_TABLESPOON, words: ['tbsp', 'tablespoon', 'tablespoons'] },
  { name: 'cups', base: 'ml', size: ML_PER_CUP, words: ['cup', 'cups'] },
  { name: 'pt', base: 'ml', size: 2 * ML_PER_CUP, words: ['pt', 'pint', 'pints'] },
  { name: 'qt', base: 'ml', size: 4 * ML_PER_CUP, words: ['qt', 'quart', 'quarts'] },
  { name: 'gal', base: 'ml', size: 16 * ML_PER_CUP, words: ['gal', 'gallon', 'gallons'] },
  { name: 'mm', base: 'cm', size: 0.1, words: ['mm'] },
  { name: 'cm', base: 'cm', size: 1, words: ['cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters'] },
  { name: 'm', base: 'cm', size: 100, words: ['m', 'metre', 'metres', 'meter', 'meters'] },
  { name: 'in', base: 'cm', size: CM_PER_INCH, words: ['in', 'inch', 'inches', '"', '″', '”'] },
  { name: 'ft', base: 'cm', size: CM_PER_FOOT, words: ['ft', 'foot', 'feet', "'", '′', '’'] },
  { name: 'yd', base: 'cm', size: 3 * CM_PER_FOOT, words: ['yd', 'yds', 'yard', 'yards'] },
]
const BY_WORD = new Map(WRITTEN.flatMap((unit) => unit.words.map((word) => [word, unit] as const)))
/** What a bare number means in a home on US measures where nothing stood in the field before, by base unit. */
const US_EMPTY: Record<BaseUnit, string> = { each: 'each', sheet: 'sheets', g: 'oz', ml: 'cups', cm: 'in' }

/**
 * The unit that a bare number in a field is in, as it stands behind the field; empty where things are counted one by
 * one. Metric fields are in base units; in US measures it is the unit in which that much is spoken.
 *
 * @param quantity what stands in the field, in base units; null where nothing does
 */
export function entryUnit(quantity: number | null, unit: BaseUnit, measures: Measures): string {
  if (unit === 'each') return ''
  if (unit === 'sheet') return 'sheets'
  if (measures === 'metric') return unit
  return quantity ? spokenUnit(quantity, unit, 'us').many : US_EMPTY[unit]
}

const sizeOf = (word: string): number => BY_WORD.get(word || 'each')!.size

/**
 * An amount as it stands in a field, a bare number of its {@link entryUnit}: `entryText(907.184, 'g', 'us')` is `2`.
 *
 * @param quantity base units
 */
export function entryText(quantity: number, unit: BaseUnit, measures: Measures): string {
  const size = sizeOf(entryUnit(quantity, unit, measures))
  if (size === 1) return String(quantity)
  const value = quantity / size
  return String(Number(value.toFixed(value < 100 ? 2 : 1)))
}

/** What is a handful of a unit when something is counted by plus and minus; one of any other. */
const HANDFUL: Record<string, number> = { g: 50, ml: 50, cm: 50, lb: 0.25, cups: 0.25 }

/**
 * How much one press of plus or minus is when something is counted, in base units: one thing, or about a handful of
 * what is weighed or measured.
 */
export function countStep(quantity: number | null, unit: BaseUnit, measures: Measures): number {
  const word = entryUnit(quantity, unit, measures)
  return sizeOf(word) * (HANDFUL[word] ?? 1)
}

const FRACTIONS: Record<string, string> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
}

/**
 * A number as people write it: "1500", "1,500" and "1,500.5" with a comma at the thousands, "1,5" with a comma for the
 * point.
 *
 * @returns NaN for what is no number
 */
export function readNumber(text: string): number {
  const plain = text.trim().replace(/^−/, '-')
  if (/^-?\d{1,3}(,\d{3})+(\.\d+)?$/.test(plain)) return Number(plain.replace(/,/g, ''))
  return /^-?(\d+([.,]\d*)?|[.,]\d+)$/.test(plain) ? Number(plain.replace(',', '.')) : NaN
}

/** What an amount is of: its base unit, and its density where grams and millilitres can meet. */
export type Measured = Pick<Material, 'unit'> & { density?: number | null }
export type ReadQuantity = { quantity: number; fault?: undefined } | { quantity?: undefined; fault: string }

/** One number with its unit: "1 1/2 cups", "3/4", "2.5kg". */
const PART = /^\s*(\d[\d.,]*|[.,]\d+)(?:\s+(\d+)\s*\/\s*(\d+)|\s*\/\s*(\d+))?\s*([^\d]*)/

/** How many base units of a material one of a written unit is; null where the two do not meet. */
function sizeIn({ unit, density }: Measured, written: WrittenUnit, measures: Measures): number | null {
  // A label says "8 oz" of paint and means the fluid ounce.
  if (unit === 'ml' && written.name === 'oz') return ML_PER_FLUID_OUNCE
  const size = written.name === 'cups' && measures === 'metric' ? ML_PER_METRIC_CUP : written.size
  if (written.base === unit) return size
  if (!density) return null
  if (unit === 'g' && written.base === 'ml') return size * density
  return unit === 'ml' && written.base === 'g' ? size / density : null
}

/** Thousandths are finer than any scale in a kitchen; what is written in base units stays as it is. */
const tidy = (quantity: number) => Number(quantity.toFixed(3))
const COUNTED: Record<BaseUnit, string> = {
  each: 'one by one',
  sheet: 'in sheets',
  g: 'by weight',
  ml: 'by volume',
  cm: 'by length',
}

/**
 * Reads an amount as people write it: "40", "1 1/2 cups", "2 lb 4 oz", "3.5 kg", "6 ft". Weight and volume meet only
 * through the material's density.
 *
 * @param text what was written; may be negative, which is for the caller to refuse
 * @param of what the amount is of
 * @param measures the home's choice; it also says whether a cup is 236.588 or 250 ml
 * @param bareIn unit of a bare number, such as the {@link entryUnit} of what stood there before
 * @returns base units, to a thousandth where they were converted, or in words what is wrong
 */
export function readQuantity(
  text: string,
  of: Measured,
  measures: Measures,
  bareIn = entryUnit(null, of.unit, measures),
): ReadQuantity {
  let rest = text
    .trim()
    .toLowerCase()
    .replace(/[½⅓⅔¼¾⅛⅜⅝⅞]/g, (one) => ` ${FRACTIONS[one]}`)
    .trim()
  const sign = /^[-−]/.test(rest) ? -1 : 1
  if (sign < 0) rest = rest.slice(1)
  if (!rest) return { fault: 'Write a number' }
  let quantity = 0
  let bare = false
  let isExact = true
  for (let count = 0; rest; count++) {
    const part = PART.exec(rest)
    if (!part) return { fault: 'Write a number' }
    const [all, whole, top, bottom, under, word] = part
    const value = under
      ? readNumber(whole) / Number(under)
      : readNumber(whole) + (bottom ? Number(top) / Number(bottom) : 0)
    const named = word
      .trim()
      .replace(/\./g, '')
      .replace(/\s+/g, ' ')
      .replace(/,$/, '')
      .replace(/^(and|&)$|\s(and|&)$/, '')
      .trim()
    const unit = named ? BY_WORD.get(named) : BY_WORD.get(bareIn || 'each')
    // A bare number is a whole amount; "2 500" is none that one could be sure of.
    if (!Number.isFinite(value) || bare || (!named && count > 0)) return { fault: 'Write a number' }
    if (!unit) return { fault: `“${named.slice(0, 20)}” is not a unit Kobby knows` }
    const size = sizeIn(of, unit, measures)
    if (size === null) return { fault: `This is counted ${COUNTED[of.unit]}, not in ${unit.name}` }
    bare = !named
    isExact &&= size === 1
    quantity += value * size
    rest = rest.slice(all.length)
  }
  return { quantity: isExact ? sign * quantity : tidy(sign * quantity) }
}
