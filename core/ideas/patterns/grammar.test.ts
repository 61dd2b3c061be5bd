import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Activity } from '../../domain'
import { byId } from '../../base'
import { MATERIALS } from '../../library'
import { STARTERS } from '../../library/starters'
import { KNOWN_THINGS } from '../../library/things'
import { readThings, themeOf } from '../theme'
import { TYPED_THEMES } from '../../testing/themes'
import { applyAll } from './index'

const shipped = byId(MATERIALS)
const NAMES = [...KNOWN_THINGS.keys()]
const FOCUS = { letter: '', number: '', shape: '', colour: '' }
const madeOf = (name: string, words: string[], objects: string) =>
  applyAll(themeOf({ name, words, objects: readThings(objects, KNOWN_THINGS), focus: FOCUS }), {
    paper: 'letter',
    shipped,
  }).flatMap((result) => (result.made ? [result.made.activity] : []))
const sentences = (activity: Activity) => [
  activity.title,
  activity.aim,
  ...activity.variants.map((one) => one.how),
  ...activity.prep.map((one) => one.text),
  ...activity.steps,
  ...activity.say,
  ...activity.lookFor,
  activity.easier,
  activity.harder,
  activity.tidy,
]

/** What cannot stand in a sentence: doubled or wrong articles, gaps, and things that a template left behind. */
const BROKEN = [
  /undefined|null|NaN|\[object|[{}]/,
  / {2}| [,.:;?]|\.\.|,,|\( | \)|^\s|\s$/,
  /\b(the|a|an|and|or|of|to|with) (the|a|an) (the|a|an)\b|\b(the the|a a|an an|a the|an the|the an?|and and|a an|an a)\b/i,
  // "a one", "a unicorn" and the like are said with an "a".
  /\ba (?!one|once|uni|use|eu|ukul|usu)[aeiou]\w/i,
  /\ban (?![aeiou]|hour|honest|heir|herb|x-ray|8|11|18)\w/i,
  /\b(\p{L}{3,}s)s\b(?<!(ss|ass|ess|oss|uss)s?\b)/u,
]
function faultsOf(activities: readonly Activity[]): string[] {
  return activities.flatMap((activity) =>
    sentences(activity).flatMap((text) => [
      ...BROKEN.flatMap((found) => {
        const hit = found.exec(text)
        return hit ? [`${activity.pattern}: “${hit[0]}” in ${text}`] : []
      }),
      ...(/^[“"]?[\p{Lu}\d]/u.test(text) ? [] : [`${activity.pattern}: begins small: ${text}`]),
    ]),
  )
}

describe('every sentence of every pattern', () => {
  it('is whole for any handful of 1,194 things', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.constantFrom(...NAMES), { minLength: 1, maxLength: 9 }),
        fc.array(fc.nat(12), { minLength: 9, maxLength: 9 }),
        (things, counts) => {
          const objects = things.map((thing, i) => (counts[i] > 6 ? `${counts[i]} ${thing}` : thing)).join(', ')
          expect(faultsOf(madeOf('Something new', ['turn', 'bright'], objects))).toEqual([])
        },
      ),
      // What there is one of in the world, and of which she has twelve.
      {
        numRuns: 120,
        examples: [
          [
            ['whale', 'tray', 'moon'],
            [0, 0, 12, 0, 0, 0, 0, 0, 0],
          ],
        ],
      },
    )
  })
  it.each(TYPED_THEMES)('is whole for “%s”, as it was typed', (name, words, objects) =>
    expect(faultsOf(madeOf(name, words.split(', '), objects))).toEqual([]),
  )
  it.each(STARTERS.map((one) => [one.name, one] as const))('is whole for the starter %s', (name, starter) =>
    expect(faultsOf(madeOf(name, [...starter.words], starter.objects.join(', ')))).toEqual([]),
  )
  it('is whole for things that nobody knows, that are one already, or that are not things', () => {
    const faults = [
      'gizmo, blorps, a wug, THE SQUIRREL, pine cones!!',
      'kindness, Tuesday, patience',
      'mud',
      '3 glasses, pants',
    ].flatMap((objects) => faultsOf(madeOf('Odd', ['x', 'y'], objects)))
    expect(faults).toEqual([])
  })
})
