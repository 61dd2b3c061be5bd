import type { Activity } from '../../domain'

/** Words that say nothing about what someone likes. */
const EMPTY = new Set([
  'all',
  'and',
  'any',
  'anything',
  'are',
  'can',
  'everything',
  'for',
  'from',
  'has',
  'her',
  'his',
  'how',
  'into',
  'like',
  'likes',
  'lots',
  'loves',
  'made',
  'not',
  'own',
  'something',
  'that',
  'the',
  'their',
  'them',
  'thing',
  'things',
  'very',
  'what',
  'which',
  'who',
  'why',
  'with',
])

/** The beginnings of the words that an interest is about: "anything that spins" is about "spin". */
export function interestWords(interest: string): string[] {
  const words = interest.toLowerCase().match(/\p{L}{3,}/gu) ?? []
  return [
    ...new Set(
      words
        .filter((word) => !EMPTY.has(word))
        .map((word) => (word.length > 4 ? word.replace(/(ing|ed|es|s)$/, '') : word.replace(/s$/, ''))),
    ),
  ]
}

const texts = new WeakMap<Activity, string>()

/**
 * Whether an idea speaks of an interest: one of its words begins a word in the title, the aim, the steps or what a
 * stage does.
 */
export function speaksOf(activity: Activity, words: readonly string[]): boolean {
  let text = texts.get(activity)
  if (text === undefined)
    texts.set(
      activity,
      (text = ` ${[activity.title, activity.aim, ...activity.steps, ...activity.variants.map((one) => one.how)]
        .join(' ')
        .toLowerCase()
        .replace(/[^\p{L}]+/gu, ' ')}`),
    )
  const found = text
  return words.some((word) => found.includes(` ${word}`))
}
