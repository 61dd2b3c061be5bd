import type { Activity, CalendarDate, House, Material, Unit } from '../../domain'
import { fitOf, trialCautions, type Fit } from '../fit'
import type { MadeActivity } from '../patterns'
import { aboutTheme, inTheme, namesTheme, interestWords, speaksOf, themeOf } from '../theme'

/** An idea that could go on the plan of a unit. */
export interface Candidate {
  activity: Activity
  /** Made by a pattern for this theme, with the materials that it brings. */
  made: MadeActivity | null
  /** The thing or word of the theme that it names; empty where it speaks of something else. */
  about: string
  fit: Fit
  /** How well it suits this home: higher is better, `-Infinity` where nobody could do it. */
  points: number
}

/** Points of an idea before it has a place: on the theme, for everyone, all in the house, nothing to be careful of. */
const POINTS = {
  about: 20,
  /** What is about the theme without naming it: a nest, where the theme is birds. */
  topic: 8,
  interest: 12,
  everyone: 5,
  inHouse: 3,
  perMissing: -2,
  stop: -30,
  change: -6,
  minute: -0.05,
  /** For each time that a pattern was used in this home before: another turn for others. */
  usedBefore: -3,
  /** At most, by the unit's name: so that two themes do not come out in one order. */
  shuffle: 4,
}

/** A number from 0 to 1 that is always the same for a text. */
function chance(text: string): number {
  let hash = 2166136261
  for (const letter of text) hash = Math.imul(hash ^ letter.codePointAt(0)!, 16777619)
  return (hash >>> 0) / 2 ** 32
}

/**
 * Every idea that could go on a unit's plan, judged: what patterns make of its theme, and the library.
 *
 * @param made what patterns made, each under the id that it would keep
 * @param dates held days of the unit
 */
export function candidatesFor(
  unit: Unit,
  house: House,
  made: readonly MadeActivity[],
  materials: ReadonlyMap<string, Material>,
  dates: readonly CalendarDate[],
): Candidate[] {
  const theme = themeOf(unit)
  const wanted = interestWords(unit.interest)
  const context = { home: house.home, children: house.children, centers: house.centers, materials, dates }
  const library = inTheme(
    house.activities.filter((activity) => !activity.archived && activity.source !== 'pattern'),
    unit,
  )
  const before = new Map<string, number>()
  for (const { pattern } of house.activities) if (pattern) before.set(pattern, (before.get(pattern) ?? 0) + 1)

  const judged = (activity: Activity, one: MadeActivity | null): Candidate => {
    const fit = fitOf(activity, context)
    const about = namesTheme(activity, theme, materials)
    if (!fit.parts.some((part) => part.does === 'takes-part'))
      return { activity, made: one, about, fit, points: -Infinity }
    const severities = new Set(trialCautions(fit, context).map((caution) => caution.severity))
    const points =
      (about ? POINTS.about : aboutTheme(activity, theme, materials) ? POINTS.topic : 0) +
      (speaksOf(activity, wanted) ? POINTS.interest : 0) +
      (fit.everyone ? POINTS.everyone : 0) +
      (fit.get.materials.length ? fit.get.materials.length * POINTS.perMissing : POINTS.inHouse) +
      (severities.has('stop') ? POINTS.stop : severities.has('change') ? POINTS.change : 0) +
      activity.prep.reduce((sum, step) => sum + step.minutes, 0) * POINTS.minute +
      (before.get(activity.pattern ?? '') ?? 0) * POINTS.usedBefore +
      chance(`${unit.name} ${activity.pattern ?? activity.id}`) * POINTS.shuffle
    return { activity, made: one, about, fit, points }
  }
  return [...made.map((one) => judged(one.activity, one)), ...library.map((activity) => judged(activity, null))]
    .filter((one) => one.points > -Infinity)
    .sort((a, b) => b.points - a.points)
}
