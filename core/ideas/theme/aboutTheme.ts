import type { Activity, Material } from '../../domain'
import type { Theme } from './theme'
import { many, one } from './words'

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')

interface Search {
  /** Any of the names. */
  any: RegExp
  /** The things first, as they are named most. */
  each: readonly { name: string; found: RegExp }[]
}
const search = (forms: readonly string[]) =>
  new RegExp(`(?<!\\p{L})(${[...new Set(forms)].map(escaped).join('|')})(?!\\p{L})`, 'iu')
const searches = new WeakMap<Theme, Search | null>()
/** How the names and words of a theme are looked for; null where it has none. */
function searchOf(theme: Theme): Search | null {
  const known = searches.get(theme)
  if (known !== undefined) return known
  const names = [
    ...theme.things.map((thing) => ({ name: thing.one, forms: [thing.one, thing.many] })),
    ...theme.words.map((word) => ({ name: word, forms: [word, one(word), many(word)] })),
  ]
  const made = names.length
    ? {
        any: search(names.flatMap((each) => each.forms)),
        each: names.map(({ name, forms }) => ({ name, found: search(forms) })),
      }
    : null
  searches.set(theme, made)
  return made
}

type Told = Pick<Activity, 'title' | 'steps' | 'requirements' | 'source' | 'aim'>
const texts = new WeakMap<Told, string>()
/** All that is looked through, put together once. */
function textOf(activity: Told): string {
  let text = texts.get(activity)
  if (text === undefined) texts.set(activity, (text = [activity.title, activity.aim, ...activity.steps].join(' ')))
  return text
}

/** Names that are as often something that one does: a roll, and to roll. */
const ALSO_DONE = new Set(
  (
    'roll bow saw park fall spring ring swing slide step stamp stick bark play train fly light line rock watch wave bat ' +
    'bear can dip drop duck fan fish hand head hose iron jam kick match nail paint pan pin plant point press ride root ' +
    'sail seal shade show sink stop swallow tap tie tip top track turn walk wash well wind cut hide open spin fold lift ' +
    'dig float beam wait hop rise set'
  ).split(' '),
)

/**
 * The thing or word of a theme that an idea is visibly about: what its title names, else what its steps or what it takes
 * name; empty where it is about something else. What no pattern made for this theme must name it in its title, in a word
 * that is hardly something else, or name two: that it takes an apron does not make it about bakers.
 *
 * @param materials by id; what the idea takes is read by name
 */
export function aboutTheme(
  activity: Told,
  theme: Theme,
  materials: ReadonlyMap<string, Pick<Material, 'name'>>,
): string {
  const search = searchOf(theme)
  if (!search || (activity.source !== 'pattern' && !search.any.test(textOf(activity)))) return ''
  const hitsIn = (text: string) => search.each.filter(({ found }) => found.test(text)).map(({ name }) => name)
  const inTitle = hitsIn(activity.title)
  if (activity.source !== 'pattern') {
    const sure = inTitle.find((name) => !ALSO_DONE.has(name.toLowerCase()))
    if (sure) return sure
    const said = hitsIn(textOf(activity))
    return said.length >= 2 ? said[0] : ''
  }
  if (inTitle.length) return inTitle[0]
  const [inSteps] = hitsIn(activity.steps.join(' '))
  if (inSteps) return inSteps
  const taken = activity.requirements.map((need) => materials.get(need.materialId)?.name ?? '').join(' ')
  return hitsIn(taken)[0] ?? ''
}
