import { clockWords, countWords, fullDate, listWords, moneyWords } from '../../base'
import type { ToGet } from '../../supplies'
import type { Fit, TimeFit } from './fit'
import type { UsedBefore } from '../../domain'

/** How something went, by how much it was liked, 0 to 3. */
export const LIKED_NAMES = ['they left it', 'some of them stayed', 'they liked it', 'they asked for more'] as const

const HOUR = 60
/** From here on it must begin the day before. */
const DAY_BEFORE = 10 * HOUR

/** "25 min ahead", "3 h ahead", "the day before". */
export function leadWords(minutes: number): string {
  if (minutes === 0) return 'ready at once'
  if (minutes < HOUR) return `${minutes} min ahead`
  return minutes < DAY_BEFORE
    ? `${Math.round(minutes / HOUR)} h ahead`
    : minutes < 2 * 24 * HOUR
      ? 'the day before'
      : `${Math.round(minutes / HOUR / 24)} days ahead`
}

/** "all in the house", "2 things to get, $3.50". */
export const getWords = (get: ToGet, currency: string): string =>
  get.materials.length
    ? `${countWords(get.materials.length, 'thing')} to get${get.cost ? `, ${moneyWords(get.cost, currency)}` : ''}`
    : 'all in the house'

const MOST_NAMED = 2
/** The best time of day: "works for everyone in Choice, 9:30", "best in Outdoors, 10:30, without Pip". */
export function timeWords(times: readonly TimeFit[]): string {
  const [best] = times
  if (!best) return 'no block is long enough'
  const block = `${best.block.name}, ${clockWords(best.from)}`
  const names = best.without.map((child) => child.name)
  if (!names.length) return `works for everyone in ${block}`
  return (
    `best in ${block}, without ` +
    `${names.length > MOST_NAMED ? `${names.slice(0, MOST_NAMED).join(', ')} and ${names.length - MOST_NAMED} more` : listWords(names)}`
  )
}

/** For whom and when, in a line; plain words where nobody expected has a variant. */
export const whomWords = (fit: Pick<Fit, 'parts'>, times: readonly TimeFit[]): string =>
  fit.parts.length && !fit.parts.some((part) => part.does === 'takes-part')
    ? 'none of your children can do this'
    : timeWords(times)

/** "Used 12 March 2025 in Wheels and Ramps: they asked for more"; empty where it never was. */
export function usedWords(used: readonly UsedBefore[] | undefined): string {
  if (!used?.length) return ''
  const [last] = used
  const went = last.went ? `: ${LIKED_NAMES[last.went.liked]}${last.went.note ? ` (${last.went.note})` : ''}` : ''
  return `Used ${fullDate(last.date)} in ${last.unit}${went}${used.length > 1 ? `; ${used.length} times in all` : ''}`
}
