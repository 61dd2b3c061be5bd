import type { Activity, Material } from '../../domain'
import type { Theme } from './theme'
import { many, one } from './words'

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')

/** Names and words of a theme, each with a search for it: the things first, as they are named most. */
const searches = new WeakMap<Theme, readonly { name: string; found: RegExp }[]>()
function searchesOf(theme: Theme): readonly { name: string; found: RegExp }[] {
  const known = searches.get(theme)
  if (known) return known
  const names = [
    ...theme.things.map((thing) => ({ name: thing.one, forms: [thing.one, thing.many] })),
    ...theme.words.map((word) => ({ name: word, forms: [word, one(word), many(word)] })),
  ]
  const made = names.map(({ name, forms }) => ({
    name,
    found: new RegExp(`(?<!\\p{L})(${[...new Set(forms)].map(escaped).join('|')})(?!\\p{L})`, 'iu'),
  }))
  searches.set(theme, made)
  return made
}

/** A name so short is often another word as well: a roll, and to roll. */
const SURE_LETTERS = 5

/**
 * The thing or word of a theme that an idea is visibly about: what its title names, else what its steps or what it takes
 * name; empty where it is about something else. What no pattern made for this theme must name it in its title, in a word
 * that is hardly something else, or name two: that it takes an apron does not make it about bakers.
 *
 * @param materials by id; what the idea takes is read by name
 */
export function aboutTheme(
  activity: Pick<Activity, 'title' | 'steps' | 'requirements' | 'source' | 'aim'>,
  theme: Theme,
  materials: ReadonlyMap<string, Pick<Material, 'name'>>,
): string {
  const all = searchesOf(theme)
  const hitsIn = (text: string) => all.filter(({ found }) => found.test(text)).map(({ name }) => name)
  const inTitle = hitsIn(activity.title)
  if (activity.source !== 'pattern') {
    if (inTitle.some((name) => name.length >= SURE_LETTERS)) return inTitle[0]
    const said = hitsIn([activity.title, activity.aim, ...activity.steps].join(' '))
    return said.length >= 2 ? said[0] : ''
  }
  if (inTitle.length) return inTitle[0]
  const [inSteps] = hitsIn(activity.steps.join(' '))
  if (inSteps) return inSteps
  const taken = activity.requirements.map((need) => materials.get(need.materialId)?.name ?? '').join(' ')
  return hitsIn(taken)[0] ?? ''
}
