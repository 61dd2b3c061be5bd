import { fitsSmallPartsCylinder } from '../../cautions'
import { newMaterial, type Hazard, type Material, type ThemeObject, type ThingForm, type Unit } from '../../domain'
import { capital, formByName, isOnlyOne, many, one, readNumber, withArticle } from './words'

/** A theme object as patterns look at it. */
export interface Thing extends ThemeObject {
  /** "kite" */
  one: string
  /** "kites" */
  many: string
  /** "a kite", "snow", "a pair of scissors", "kindness" */
  a: string
  /** Whether there is one in the house to hold. */
  inHand: boolean
  /** What is known of its smallest piece: too large to choke on, small, or nothing yet. */
  piece: 'large' | 'small' | 'unknown'
  /** Whether its smallest piece is known to be too large to choke on. */
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
 * Millimetres of the smallest piece: as measured, else as such a thing usually is; null where neither is known. How it
 * compares with the others of its theme says nothing about that: a whale may be the size of a bean.
 */
export const pieceOf = (object: Pick<ThemeObject, 'pieceMm' | 'usualMm'>): [number, number, number] | null =>
  object.pieceMm ?? object.usualMm

/** What cannot be held and is counted all the same: "a hug", "two songs". */
const COUNTED = new Set(
  (
    'picnic family song sound echo rhythm band story poem word birthday party parade firework holiday color pattern ' +
    'worry surprise feeling hug smile dream day morning evening week month year breeze storm shadow season splash'
  ).split(' '),
)

/** How a thing is counted: as was said, else as its name is used. */
const formOf = (object: Pick<ThemeObject, 'name' | 'form'>): ThingForm =>
  isOnlyOne(object.name) ? 'name' : object.form === 'thing' ? formByName(object.name) : object.form

/** What is known of its smallest piece. What has no piece, such as flour, is not small. */
function pieceSize(object: Pick<ThemeObject, 'pieceMm' | 'usualMm' | 'form' | 'known'>): Thing['piece'] {
  const mm = pieceOf(object)
  if (mm) return fitsSmallPartsCylinder(mm) ? 'small' : 'large'
  return object.known && object.form === 'stuff' ? 'large' : 'unknown'
}

/**
 * The theme of a unit: objects of one name are one, whatever their case or number; blank ones are left out.
 *
 * @param unit name, words, objects and focus
 */
export function themeOf(unit: Pick<Unit, 'name' | 'words' | 'objects' | 'focus'>): Theme {
  const things = new Map<string, Thing>()
  for (const object of unit.objects) {
    const form = formOf(object)
    const only = isOnlyOne(object.name)
    const single = form === 'thing' || form === 'stuff' || only ? one(object.name) : object.name.trim()
    const key = single.toLowerCase()
    if (!key) continue
    const known = things.get(key)
    if (known) {
      things.set(key, {
        ...known,
        onHand: known.onHand + object.onHand,
        inHand: known.inHand || (object.onHand > 0 && form !== 'idea'),
        colours: [...new Set([...known.colours, ...object.colours])],
      })
      continue
    }
    const counted = form === 'thing' || (form === 'idea' && COUNTED.has(key))
    things.set(key, {
      ...object,
      form,
      one: single,
      many: only ? `the ${single}` : object.plural || (counted ? many(single) : single),
      a: only ? `the ${single}` : counted ? withArticle(single) : form === 'pair' ? `a pair of ${single}` : single,
      inHand: object.onHand > 0 && form !== 'idea',
      piece: pieceSize(object),
      large: pieceSize(object) === 'large',
    })
  }
  const number = readNumber(unit.focus.number)
  return {
    name: capital(unit.name.trim()),
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
  const byMaking: Hazard[] =
    thing.madeOf === 'plant'
      ? ['gathered-plant']
      : thing.madeOf === 'food' && thing.category !== 'water'
        ? ['shared-food']
        : []
  return {
    ...newMaterial(`thing-${slug(thing.one)}`, thing.many),
    use: 'reusable',
    onHand: thing.onHand,
    shopPart: THEME_SHOP_PART,
    safety: {
      partMm: part,
      ballMm: part && /^(ball|marble|bead)$/i.test(thing.one.split(' ').at(-1)!) ? part[0] : null,
      cordMm: thing.cordMm,
      allergens: [...thing.allergens],
      hazards: [...new Set([...thing.hazards, ...byMaking])],
      measured: thing.piece !== 'unknown',
    },
  }
}
