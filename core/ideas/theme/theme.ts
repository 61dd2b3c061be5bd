import { fitsSmallPartsCylinder } from '../../cautions'
import { newMaterial, type Material, type ThemeObject, type Unit } from '../../domain'
import { many, one, readNumber } from './words'

/** A theme object as patterns look at it. */
export interface Thing extends ThemeObject {
  /** "kite" */
  one: string
  /** "kites" */
  many: string
  /** Whether there is one in the house to hold. */
  inHand: boolean
  /** Whether its smallest piece is known, or guessed, to be too large to choke on. */
  large: boolean
}

/** What a unit is about, as patterns and slots take it. */
export interface Theme {
  name: string
  things: readonly Thing[]
  words: readonly string[]
  letter: string
  /** 1 to 20; null where the unit has no number. */
  number: number | null
  shape: string
  colour: string
}

/**
 * Millimetres of a thing that nobody has measured: a small part until someone holds it against a paper tube. How it
 * compares with the others of its theme says nothing about that: a whale may be the size of a bean.
 */
export const UNMEASURED_MM: [number, number, number] = [30, 25, 25]
/** Millimetres that stand for "does not go through a paper tube", which is wider than the small-parts cylinder. */
export const LARGER_THAN_A_TUBE_MM: [number, number, number] = [80, 60, 50]

/** Measured millimetres of the smallest piece, or the guess. */
export const pieceOf = (object: Pick<ThemeObject, 'pieceMm'>): [number, number, number] =>
  object.pieceMm ?? UNMEASURED_MM

/**
 * The theme of a unit: objects of one name are one, whatever their case or number; blank ones are left out.
 *
 * @param unit name, words, objects and focus
 */
export function themeOf(unit: Pick<Unit, 'name' | 'words' | 'objects' | 'focus'>): Theme {
  const things = new Map<string, Thing>()
  for (const object of unit.objects) {
    const single = one(object.name)
    const key = single.toLowerCase()
    if (!key) continue
    const known = things.get(key)
    if (known) {
      things.set(key, {
        ...known,
        onHand: known.onHand + object.onHand,
        inHand: known.inHand || object.onHand > 0,
        colours: [...new Set([...known.colours, ...object.colours])],
      })
      continue
    }
    things.set(key, {
      ...object,
      one: single,
      many: many(single),
      inHand: object.onHand > 0,
      large: !fitsSmallPartsCylinder(pieceOf(object)),
    })
  }
  const number = readNumber(unit.focus.number)
  return {
    name: unit.name,
    things: [...things.values()],
    words: [...new Set(unit.words.map((word) => word.trim()).filter(Boolean))],
    letter: unit.focus.letter.trim().slice(0, 1).toUpperCase(),
    number: number !== null && number >= 1 && number <= 20 ? number : null,
    shape: unit.focus.shape.trim(),
    colour: unit.focus.colour.trim(),
  }
}

/** An id of a name: letters, digits and hyphens. */
export const slug = (name: string): string =>
  name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 40) || 'thing'

/** Where things of a theme are looked for in a shop or a house. */
export const THEME_SHOP_PART = 'things of the theme'

/** The thing as a material: what is in the house of it, and what the cautions must know. */
export function thingMaterial(thing: Thing): Material {
  const part = pieceOf(thing)
  const soft =
    thing.madeOf === 'plant' ? (['gathered-plant'] as const) : thing.madeOf === 'food' ? (['shared-food'] as const) : []
  return {
    ...newMaterial(`thing-${slug(thing.one)}`, thing.many),
    use: 'reusable',
    onHand: thing.onHand,
    shopPart: THEME_SHOP_PART,
    safety: {
      partMm: part,
      ballMm: /^(ball|marble|bead)$/i.test(thing.one.split(' ').at(-1)!) ? part[0] : null,
      cordMm: null,
      allergens: [],
      hazards: [...soft],
    },
  }
}
