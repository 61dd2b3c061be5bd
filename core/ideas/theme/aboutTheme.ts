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

/** How many of its topics an idea may share with the kind of a thing: what it is mainly about, not all that it touches. */
const MAINLY = 2
/** Kinds that one would say the thing is. That a teapot is a tool does not make nuts and bolts about teapots. */
const KINDS = new Set(
  'animal, bird, insect, bug, fish, flower, tree, fruit, vegetable, weather, building, feeling, clothes'.split(', '),
)
interface ByTopic {
  /** Things and words, then words of the theme's name, by what a topic calls them. */
  named: ReadonlyMap<string, string>
  /** Things by their kind: a robin is a bird. */
  ofKind: ReadonlyMap<string, string>
}
const byTopics = new WeakMap<Theme, ByTopic>()
function byTopicOf(theme: Theme): ByTopic {
  const known = byTopics.get(theme)
  if (known) return known
  const firsts = (pairs: readonly (readonly [string, string])[]) =>
    new Map([...pairs].reverse().map(([topic, name]) => [topic.trim().toLowerCase(), name]))
  const made = {
    named: firsts([
      ...theme.things.flatMap((thing) => [[thing.one, thing.one] as const, [thing.many, thing.one] as const]),
      ...theme.words.flatMap((word) => [[word, word] as const, [one(word), word] as const]),
      ...theme.name.split(/[^\p{L}]+/u).map((word) => [one(word), one(word).toLowerCase()] as const),
    ]),
    ofKind: firsts(
      theme.things.flatMap((thing) => (KINDS.has(thing.category) ? [[thing.category, thing.one] as const] : [])),
    ),
  }
  byTopics.set(theme, made)
  return made
}
/** What of a theme the topics of an idea name; empty where they are about something else. */
function topicOf({ topics }: Pick<Activity, 'topics'>, theme: Theme): string {
  const { named, ofKind } = byTopicOf(theme)
  const first = topics.map((topic) => named.get(topic.toLowerCase())).find(Boolean)
  return first ?? topics.slice(0, MAINLY).flatMap((topic) => ofKind.get(topic.toLowerCase()) ?? [])[0] ?? ''
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
 * The thing or word of a theme that an idea names where it is seen: in its title, else in its steps or in what it takes;
 * empty where it speaks of something else. What no pattern made for this theme must name it in its title, in a word that
 * is hardly something else, or name two: that it takes an apron does not make it about bakers.
 *
 * @param materials by id; what the idea takes is read by name
 */
export function namesTheme(
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

/**
 * The thing or word of a theme that an idea is about: what its topics say, else what it names; empty where it is about
 * something else.
 *
 * @param materials by id; what the idea takes is read by name
 */
export const aboutTheme = (
  activity: Told & Pick<Activity, 'topics'>,
  theme: Theme,
  materials: ReadonlyMap<string, Pick<Material, 'name'>>,
): string => topicOf(activity, theme) || namesTheme(activity, theme, materials)
