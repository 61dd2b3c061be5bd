import { quantityWords } from '../base'
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
