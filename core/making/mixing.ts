import { ML_PER_TABLESPOON, ML_PER_TEASPOON } from '../base'
import type { CalendarDate, Recipe } from '../domain'
import { measureOf } from './batch'
import type { Made, Scaled } from './scale'

/** A wait that was begun, by the clock: it runs on while nobody looks. */
export interface MixTimer {
  /** The step that it follows, from 0. */
  step: number
  /** When it is over, in milliseconds since 1970. */
  endsAt: number
}

/** A mixture that is being made: where it stands, and what went in by feel so far. */
export interface Mixing {
  id: string
  recipeId: string
  name: string
  unitId: string | null
  /** The day that it is made for. */
  date: CalendarDate
  swapIds: string[]
  /** Times the recipe as written. */
  factor: number
  /** How many children it is for. */
  children: number
  /** The step that is on, from 0; as many as there are steps once all are done. */
  step: number
  /** What went in so far of what is added by feel, by ingredient, in what it is measured in. */
  felt: Record<string, number>
  timers: MixTimer[]
}

const MS_PER_MINUTE = 60_000

/** What goes in first of everything that is added by feel. */
export const feltAtFirst = (made: Pick<Made, 'lines'>): Record<string, number> =>
  Object.fromEntries(
    made.lines
      .filter((line) => line.ingredient.until !== null)
      .map((line) => [line.ingredient.id, (line.first ?? line)[measureOf(line)] ?? 0]),
  )

/**
 * The next step. A wait after the one that is done runs from now on.
 *
 * @param now milliseconds since 1970
 */
export function stepOn(mixing: Mixing, recipe: Pick<Recipe, 'steps'>, now: number): Mixing {
  const done = recipe.steps[mixing.step]
  if (!done) return mixing
  const timers = done.wait
    ? [...mixing.timers, { step: mixing.step, endsAt: now + done.wait * MS_PER_MINUTE }]
    : mixing.timers
  return { ...mixing, step: mixing.step + 1, timers }
}

/** Back to the step before. Its wait is not running yet then. */
export function stepBack(mixing: Mixing): Mixing {
  const step = Math.max(0, mixing.step - 1)
  return { ...mixing, step, timers: mixing.timers.filter((one) => one.step < step) }
}

/** More, or less, of what is added by feel; never less than none. */
export const feel = (mixing: Mixing, ingredientId: string, more: number): Mixing => ({
  ...mixing,
  felt: { ...mixing.felt, [ingredientId]: Math.max(0, (mixing.felt[ingredientId] ?? 0) + more) },
})

/** From how much on it is added by the tablespoon, in ml or g. */
const BY_TABLESPOON = 60

/** By how much an ingredient is added: a spoon that is small beside what goes in. */
export function spoonOf(line: Scaled, measures: 'us' | 'metric'): { words: string; amount: number } {
  const measure = measureOf(line)
  const all = line[measure] ?? 0
  if (measure === 'each') return { words: '1 more', amount: 1 }
  const large = all >= BY_TABLESPOON
  const ml = measures === 'us' ? (large ? ML_PER_TABLESPOON : ML_PER_TEASPOON) : large ? 15 : 5
  const words = `1 ${large ? 'tbsp' : 'tsp'}`
  if (measure === 'ml') return { words, amount: ml }
  // By the scale: what a spoon of it weighs, where that is known.
  return line.ml && line.g ? { words, amount: (ml * line.g) / line.ml } : { words: '5 g', amount: 5 }
}

/** Whether more would be too much: at or past the most that the recipe allows. */
export const isMost = (line: Scaled, felt: number): boolean => {
  const most = line.stop?.[measureOf(line)]
  return typeof most === 'number' && felt >= most - 1e-6
}

/** "2:40 left" under an hour, "3 h 10 min left" from an hour on, "2 days left" from two days on; "over" when it is. */
export function leftWords(timer: MixTimer, now: number): string {
  const seconds = Math.ceil((timer.endsAt - now) / 1000)
  if (seconds <= 0) return 'ready'
  const minutes = Math.ceil(seconds / 60)
  if (minutes >= 2 * 24 * 60) return `${Math.round(minutes / 24 / 60)} days left`
  if (minutes >= 60) return `${Math.floor(minutes / 60)} h ${minutes % 60} min left`
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')} left`
}
