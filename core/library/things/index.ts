import { Allergen, Hazard, THING_FORMS, type MadeOf, type ThemeObject, type ThingForm } from '../../domain'
import { pictureOf } from '../pictures'
import { ANIMALS } from './animals'
import { FOOD } from './food'
import { HOUSE } from './house'
import { PEOPLE } from './people'
import { PLANTS } from './plants'
import { PLAY } from './play'
import { VEHICLES } from './vehicles'
import { WORLD } from './world'

/**
 * What is commonly known of things that themes are made of, a line each:
 *
 *     name | kind | what it is usually made of in a house | size beside others | colors | its place | sizes | more
 *
 * Sizes are in millimeters: `r` the real one, `t` a toy of it; one number is its longest side, three its sides. What has
 * a toy size is in a house as a toy, else as itself. More is of the form `parts: beak, wings; sound: sings`: young,
 * stages, parts, eats or needs, sound, moves, shows, allergens, hazards, cord (longest free end, mm), living, plural, and
 * form: a thing that is counted where nothing is said, else stuff (mud), a pair (scissors), an idea (kindness) or a name
 * (Mars). A start that the provider changes where it is not so.
 */
const LINES = [ANIMALS, PLANTS, FOOD, VEHICLES, HOUSE, WORLD, PEOPLE, PLAY].flatMap((text) => text.trim().split('\n'))

/** Kinds that grow, breathe and have young. */
const LIVES = /animal|bird|insect|reptile|pet|^plant$|^living thing$|^person$/
/** How the other sides of a thing usually are to its longest. */
const PROPORTIONS = [1, 0.6, 0.5] as const

function sides(text: string): [number, number, number] {
  const numbers = text.split('x').map(Number)
  const [long, wide, high] = numbers.length === 3 ? numbers : PROPORTIONS.map((part) => Math.round(numbers[0] * part))
  return [long, wide, high]
}
const list = (text: string | undefined) =>
  (text ?? '')
    .split(',')
    .map((part) => part.trim())
    .filter(Boolean)

/** What a line says. Throws where it says what nobody reads. */
function factsOf(line: string): [name: string, facts: Partial<ThemeObject>] {
  const [name, category, madeOf, size, colors, place, sizes = '', rest = ''] = line.split('|').map((part) => part.trim())
  const more = new Map(
    rest
      .split(';')
      .map((part) => part.trim())
      .filter(Boolean)
      .map((part) => part.split(/:\s*/, 2) as [string, string]),
  )
  const take = (key: string) => {
    const value = more.get(key)
    more.delete(key)
    return value
  }
  const real = /(?:^|\s)r([\dx]+)/.exec(sizes)?.[1]
  const toy = /(?:^|\s)t([\dx]+)/.exec(sizes)?.[1]
  const usual = toy ?? real
  const living = take('living')
  const facts: Partial<ThemeObject> = {
    known: true,
    picture: pictureOf(name),
    category,
    madeOf: take('made') ? null : (madeOf as MadeOf),
    size: size as ThemeObject['size'],
    colours: colors.split(' ').filter(Boolean),
    lives: place,
    young: take('young') ?? '',
    stages: list(take('stages')),
    parts: list(take('parts')),
    needs: take('eats') ?? take('needs') ?? '',
    sound: take('sound') ?? '',
    moves: take('moves') ?? '',
    shows: list(take('shows')),
    allergens: list(take('allergens')).map((one) => Allergen.parse(one)),
    hazards: list(take('hazards')).map((one) => Hazard.parse(one)),
    cordMm: more.has('cord') ? Number(take('cord')) : null,
    living: living ? living === 'yes' : LIVES.test(category),
    form: (THING_FORMS.find((form) => form === more.get('form')) ?? 'thing') satisfies ThingForm,
    plural: take('plural') ?? '',
    realMm: real ? sides(real)[0] : null,
    usualMm: usual ? sides(usual) : null,
  }
  take('form')
  if (more.size) throw new Error(`${name}: nobody reads ${[...more.keys()].join(', ')}`)
  return [name, facts]
}

/** What is commonly known of things, by their name in the singular. */
export const KNOWN_THINGS: ReadonlyMap<string, Partial<ThemeObject>> = new Map(LINES.map(factsOf))
