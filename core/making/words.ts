import { ML_PER_CUP, quantityWords } from '../base'
import type { RecipeKind, Storage } from '../domain'
import type { Quantity } from './scale'

export const RECIPE_KIND_NAMES: Readonly<Record<RecipeKind, string>> = {
  dough: 'Doughs and clay',
  slime: 'Slime and oobleck',
  paint: 'Paint',
  bubbles: 'Bubbles and foam',
  filler: 'For bins and bottles',
  craft: 'Paste and paper',
  food: 'To eat and drink',
  science: 'For science',
}

/** How it is kept, after "keeps ... days". */
export const STORAGE_WORDS: Readonly<Record<Storage, string>> = {
  out: 'standing out',
  sealed: 'in a closed box',
  fridge: 'in the fridge',
  freezer: 'in the freezer',
}

const ML_PER_QUART = 946.353
const ML_PER_METRIC_CUP = 250

/** The cups of a kitchen in a room, to a whole one: 237 ml, or 250 in a metric kitchen (2-domain). */
export const cupsIn = (ml: number, measures: 'us' | 'metric'): number =>
  Math.round(ml / (measures === 'us' ? ML_PER_CUP : ML_PER_METRIC_CUP))

/** The room of a bin as it is said: quarts or liters, to a half. */
export function roomWords(ml: number, measures: 'us' | 'metric'): string {
  const [one, many, size] = measures === 'us' ? ['quart', 'quarts', ML_PER_QUART] : ['liter', 'liters', 1000]
  const said = Math.round((ml / (size as number)) * 2) / 2
  return `${said} ${said === 1 ? one : many}`
}

const CM_PER_INCH = 2.54
const QUARTERS = ['', '1/4', '1/2', '3/4'] as const

/** A length as a ruler shows it: "58 cm", or "22 3/4 in" to a quarter of an inch. */
export function lengthWords(cm: number, measures: 'us' | 'metric'): string {
  if (measures === 'metric') return `${Number(cm.toFixed(1))} cm`
  const quarters = Math.round((cm / CM_PER_INCH) * 4)
  const [whole, part] = [Math.floor(quarters / 4), QUARTERS[quarters % 4]]
  return `${[whole || (part ? '' : '0'), part].filter(Boolean).join(' ')} in`
}

/** A number of things as it is said: quarters where they come out, tenths elsewhere. */
function piecesWords(count: number): string {
  const quarters = Math.round(count * 4) / 4
  return String(Math.abs(quarters - count) < 0.01 ? quarters : Number(count.toFixed(1)))
}

/** As far as a kitchen scale shows: whole grams, and tenths of what is less than ten. */
export const readable = (quantity: number): number => (quantity < 10 ? quantity : Math.round(quantity))

/**
 * A quantity by weight and by volume, as far as each is known: "467 g", "467 g, 864 ml". Kitchen measures stand beside
 * it, so this is always metric on the scale and the measuring cup.
 */
export function scaleWords({ g, ml, each }: Quantity): string {
  if (each !== null) return piecesWords(each)
  const parts = [
    g === null ? '' : quantityWords(readable(g), 'g', 'metric'),
    ml === null ? '' : quantityWords(readable(ml), 'ml', 'metric'),
  ]
  return parts.filter(Boolean).join(', ')
}
