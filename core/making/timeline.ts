import type { Recipe } from '../domain'

/** A step of a recipe on the clock, in milliseconds since 1970. */
export interface TimedStep {
  text: string
  from: number
  /** When hands are free again. */
  to: number
  /** When its wait is over; the same as `to` where there is none. */
  ready: number
}

const MS = 60_000

/** A recipe on the clock from its start: each step when the wait before it is over. */
export function timelineOf(recipe: Pick<Recipe, 'steps'>, start: number): TimedStep[] {
  let at = start
  return recipe.steps.map(({ text, minutes, wait }) => {
    const [from, to] = [at, at + minutes * MS]
    at = to + wait * MS
    return { text, from, to, ready: at }
  })
}

/** When a recipe must be begun at the latest to be ready at an instant. */
export const latestStart = (recipe: Pick<Recipe, 'steps'>, due: number): number =>
  due - recipe.steps.reduce((sum, step) => sum + step.minutes + step.wait, 0) * MS

/** From how long on a recipe is worth a timeline, in minutes: its end is not in sight from its start. */
export const LONG_MINUTES = 4 * 60
export const isLong = (recipe: Pick<Recipe, 'steps'>): boolean =>
  recipe.steps.reduce((sum, step) => sum + step.minutes + step.wait, 0) >= LONG_MINUTES
