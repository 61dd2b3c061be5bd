import { addDays, demand } from '../base'
import type { CalendarDate, Recipe, Storage } from '../domain'

/** Until when something that was made is kept, and what ends it. */
export interface ThrowAway {
  date: CalendarDate
  /** Whether it would keep longer, had not several children had their hands in it. */
  shared: boolean
}

/**
 * The day on which something that was made is thrown away: the days that it keeps as it is stored, or fewer where
 * several children share it.
 *
 * @param madeOn the day on which it was made
 * @param storage how it is kept
 * @param children how many have their hands in it, 0 or more
 * @throws InputError naming `storage` where the recipe does not say how long it keeps in that way
 */
export function throwAway(
  recipe: Pick<Recipe, 'keeps' | 'sharedDays'>,
  madeOn: CalendarDate,
  storage: Storage,
  children: number,
): ThrowAway {
  const keeping = recipe.keeps.find((one) => one.storage === storage)
  demand(keeping, 'storage', 'How long it keeps in this way is not known')
  const limit = children > 1 ? recipe.sharedDays : null
  const shared = limit !== null && limit < keeping.days
  return { date: addDays(madeOn, shared ? limit : keeping.days), shared }
}
