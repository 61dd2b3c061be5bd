import { describe, expect, it } from 'vitest'
import { byId } from '../../base'
import { newThemeObject } from '../../domain'
import { MATERIALS } from '../../library'
import { KNOWN_THINGS } from '../../library/things'
import { TYPED_THEMES } from '../../testing/themes'
import { readThings, themeOf } from '../theme'
import { applyAll } from './index'
import { inPlace, worldOf } from './world'

/** What was found by reading every idea of the twenty themes: each fault is held here, so that it does not come back. */

const shipped = byId(MATERIALS)
const typed = (name: string, words: string, objects: string) =>
  themeOf({
    name,
    words: words.split(', '),
    objects: readThings(objects, KNOWN_THINGS),
    focus: { letter: '', number: '', shape: '', colour: '' },
  })
const ideasOf = (theme: ReturnType<typeof typed>) =>
  new Map(
    applyAll(theme, { paper: 'letter', shipped }).flatMap(({ pattern, made }) => {
      if (!made) return []
      const { activity } = made
      const text = [
        activity.title,
        activity.aim,
        ...activity.variants.map((one) => one.how),
        ...activity.prep.map((one) => one.text),
        ...activity.steps,
      ].join('\n')
      return [[pattern.id, text] as const]
    }),
  )
const all = TYPED_THEMES.map(([name, words, objects]) => ({ name, ideas: ideasOf(typed(name, words, objects)) }))

describe('every idea of the twenty themes', () => {
  const faults = (what: RegExp, but: readonly string[] = []) =>
    all.flatMap(({ name, ideas }) =>
      [...ideas].flatMap(([id, text]) =>
        !but.includes(id) && what.test(text) ? [`${name}, ${id}: ${what.exec(text)![0]}`] : [],
      ),
    )
  it('says one card, not one cards', () => expect(faults(/\b1 cards\b/)).toEqual([]))
  it('moves nothing that does not move', () =>
    expect(faults(/\bnothing\. How do you|(ladder|ramp) nothing/)).toEqual([]))
  it('stands at an office, not on one', () => expect(faults(/\bon the [a-z ]*office/i)).toEqual([]))
  it('says no word twice', () => expect(faults(/\b(on|the|a|to|of|with|at|in) \1\b/)).toEqual([]))
  it('takes nobody apart, and feeds cards to none', () =>
    expect(faults(/(parts of|Build|Look through|Feed) (a |the )?(doctor|astronaut)\b/)).toEqual([]))
  it('is in a submarine and in a cabin', () => expect(faults(/\bat the (submarine|warm cabin)/)).toEqual([]))
  it('builds no shirt, no drawer and no rain to move into', () =>
    expect(
      faults(/Build (a |[^\n]*the (drawer|rain|bike|rug|water|sky|coat closet)\b)[^\n]*move everything in/),
    ).toEqual([]))
  it('lays down no bare names where articles belong', () =>
    expect(faults(/(room for|Draw|smallest together:) (button|lock|barge|frog|roll|hat|key|sock|lantern)\b/)).toEqual(
      [],
    ))
  it('answers for the one that is there', () => {
    for (const { name, ideas } of all) {
      const text = ideas.get('who-is-there') ?? ''
      const [, here] = /answers: “(?:the |an? )?(.*?) is here!”/i.exec(text) ?? []
      const [, hello] = /“Hello, (.*?)!”/.exec(text) ?? []
      if (hello) expect([name, hello.toLowerCase()]).toEqual([name, here.toLowerCase()])
    }
  })
  it('claps no word of the week twice', () => {
    for (const { name, ideas } of all) {
      const [, list = ''] = /words of the week: (.*)\./.exec(ideas.get('clap-words') ?? '') ?? []
      const said = list.split(', ')
      expect([name, said.length]).toEqual([name, new Set(said).size])
    }
  })
  it('never finds the moon or a canal lock the smallest', () =>
    expect(faults(/smallest together: (the moon|the sun|a star|a lock|a snowman)/)).toEqual([]))
  it('builds of boxes only what can look like boxes', () =>
    expect(faults(/Build (a|an) (rope|box|brick|umbrella|clothespin|antenna|bonnet|basket) from boxes/)).toEqual([]))
  it('looks for no metal among colors, and takes no skin for one', () => {
    expect(faults(/Mix [^\n]*(silver|gold)\b/)).toEqual([])
    expect(faults(/(colors of|As \w+ as) (a |the )?(face|skin|person|hand)/)).toEqual([])
  })
})

describe('the place of a theme', () => {
  it('of mud is where one digs, of a canal where boats are, of a laundromat where one washes', () => {
    const place = (name: string, objects: string) => worldOf(typed(name, 'a', objects))
    expect(place('Mud', 'mud, 6 boots').place).toBe('the dig site')
    expect(place('The canal', 'barge, rope, swan').roles).toContain('captain')
    expect(place('The laundromat', 'sock, soap, shirt').signs).toContain('Wash')
  })
  it('takes no ice for part of an office', () =>
    expect(
      ['the site office', 'the ice', 'the farm', 'the pond', 'the building site in our street'].map(inPlace),
    ).toEqual(['at the site office', 'on the ice', 'on the farm', 'at the pond', 'at the building site in our street']))
})

describe('what is counted without being held', () => {
  it('has an article and a plural: a hug, two songs, but kindness', () => {
    const { things } = themeOf({
      name: 'x',
      words: [],
      objects: ['hug', 'song', 'kindness'].map((name) => ({ ...newThemeObject(name), form: 'idea' as const })),
      focus: { letter: '', number: '', shape: '', colour: '' },
    })
    expect(things.map((one) => [one.a, one.many])).toEqual([
      ['a hug', 'hugs'],
      ['a song', 'songs'],
      ['kindness', 'kindness'],
    ])
  })
})
