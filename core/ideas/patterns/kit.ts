import type { Activity, LearningDomain, Material, PrepStep, Requirement } from '../../domain'
import { listWords } from '../../base'
import {
  activity,
  need,
  OLDER,
  prep,
  stages as forStages,
  type ActivityFacts,
  type NeedBy,
  type NeedOptions,
} from '../../library/make'
import { CARD_MM, cuttingMinutes, PAPERS, piecesPerSheet, sheetsFor } from '../../printing'
import { hasShape, numberWord, one, pieceOf, thingMaterial, type Theme, type Thing } from '../theme'
import type { ThemeWorld } from './world'

/** The paper that a home prints on. */
export type Paper = keyof typeof PAPERS

/** What a pattern is given: a theme that has what it asks for, and the means to say what it takes. */
export interface Kit {
  theme: Theme
  /** Things of the theme that the pattern works on, at most as many as hands can manage. */
  things: readonly Thing[]
  paper: Paper
  /** What it is like as a place. */
  world: ThemeWorld
}

/** A way of working that fits any theme which has what it asks for. */
export interface Pattern {
  id: string
  title: string
  /** What one does, in a line. */
  about: string
  /** Learning domains, most first. */
  domains: readonly LearningDomain[]
  /** Things that it works on, of a theme; an empty list and a reason where the theme lacks something. */
  choose: (theme: Theme) => { things: Thing[]; missing?: undefined } | { things?: undefined; missing: string }
  make: (kit: Kit) => Made
}

/** An activity as a pattern writes it. */
export type Made = Omit<ActivityFacts, 'domains'> & { title: string }

/** Things that a group can tell apart at one sitting. */
export const MOST_THINGS = 8

/** "the apron", "Mars", "kindness" */
export const the = (thing: Thing): string =>
  thing.form === 'name' || thing.form === 'idea' ? thing.a : `the ${thing.one}`
/** "the loaves", "the moon" */
export const theMany = (thing: Thing): string => (thing.form === 'name' ? thing.many : `the ${thing.many}`)
export const aNames = (things: readonly Thing[]): string => listWords(things.map((thing) => thing.a))
export const names = (things: readonly Thing[]): string => listWords(things.map((thing) => thing.one))
/** "the apron, the bread and the whisk": things that lie on the table. */
export const theNames = (things: readonly Thing[]): string => listWords(things.map(the))
/** The first three, and a word for the rest. */
export const someNames = (things: readonly Thing[]): string =>
  things.length > 3
    ? `${things
        .slice(0, 3)
        .map((thing) => thing.one)
        .join(', ')} and more`
    : names(things)
export const manyNames = (things: readonly Thing[]): string => listWords(things.map((thing) => thing.many))

/** The first things of a theme, or what is missing. */
export function atLeast(
  count: number,
  what = 'objects',
  which: (thing: Thing) => boolean = () => true,
  most = MOST_THINGS,
) {
  return (theme: Theme): ReturnType<Pattern['choose']> => {
    const things = theme.things.filter(which)
    if (things.length >= count) return { things: things.slice(0, most) }
    return { missing: lacking(count, things.length, what) }
  }
}
export const lacking = (count: number, has: number, what: string): string => {
  const asked = count === 1 ? what.replace(/objects|animals/, one) : what
  return `Needs at least ${numberWord(count)} ${asked}; the theme has ${has === 0 ? 'none' : `only ${numberWord(has)}`}.`
}
/** Things that are in the house to hold. */
export const inHand = (thing: Thing): boolean => thing.inHand
/** Things that are counted one by one. */
export const countable = (thing: Thing): boolean => thing.form === 'thing'
/** Things that one can see or hold, rather than a feeling or a time. */
export const real = (thing: Thing): boolean => thing.form !== 'idea'
/** Things that have an outline to draw, to cast a shadow and to be shaped. */
export const shaped = (thing: Thing): boolean => (thing.form === 'stuff' ? hasShape(thing.one) : thing.form !== 'idea')

/** What no house holds in life: the one that is here is a model of it. */
export const MODELS = /animal|bird|insect|reptile|pet|vehicle|building|person|figure|long ago|sky|home/i
const PALM_MM = 150
/**
 * Whether what is in the house fits a palm: by its measure; else what no house holds in life is there as a toy, and the
 * rest is as large as it usually is.
 */
export const palmSized = (thing: Thing): boolean => {
  const mm = pieceOf(thing)
  return mm ? Math.max(...mm) <= PALM_MM : MODELS.test(thing.category) || thing.size === 'small'
}

const SECONDS_TO_DRAW = 60
/** The card that nine of fit a sheet (3-computations 9), as she would measure it. */
const CARD_SIZE: Record<Paper, string> = { a4: '60 by 85 mm', letter: '2 3/8 by 3 3/8 inches' }

/** Cards of the theme: sheets of card, and the time to draw and to cut them. */
export function cards(
  count: number,
  paper: Paper,
  options: NeedOptions = {},
): { need: Requirement; prep: ReturnType<typeof prep>[]; count: number } {
  const sheets = sheetsFor(count, piecesPerSheet(PAPERS[paper], CARD_MM))
  const id = options.as ?? 'card-stock'
  return {
    count,
    need: need('card-stock', sheets, 'set-up', options),
    prep: [
      prep(
        'draw-cards',
        count === 1
          ? `Draw or print one card, ${CARD_SIZE[paper]}, with the picture on it`
          : `Draw or print ${count} cards, ${CARD_SIZE[paper]} each, one picture on each`,
        Math.ceil((count * SECONDS_TO_DRAW) / 60),
        [id],
        0,
        true,
      ),
      prep(
        'cut-cards',
        `Cut the cards apart, several sheets at once`,
        cuttingMinutes(count, Math.min(sheets, 3)),
        [id],
        0,
        true,
      ),
    ],
  }
}

/** How many of a thing go out: as many as asked, no more than there are. */
export const upTo = (thing: Thing, count: number): number => Math.max(1, Math.min(count, thing.onHand))

/** A thing of the theme as a requirement. The pattern's materials are collected from these. */
export const thingNeed = (
  thing: Thing,
  quantity: number,
  by: NeedBy = 'set-up',
  options: NeedOptions = {},
): Requirement => need(thingMaterial(thing).id, quantity, by, { alt: thing.large ? [] : ['theme-figure'], ...options })

/**
 * Each thing once for the tray or the table: large ones for all, small ones for the older and in adult hands for the
 * rest.
 */
export const thingsOut = (things: readonly Thing[], each = 1): Requirement[] =>
  things.map((thing) => thingNeed(thing, upTo(thing, each), 'set-up', thing.large ? {} : { for: OLDER }))

/**
 * Pictures of things that stand by themselves, each taped to a block: what small worlds are played with where the thing is
 * not in the house.
 */
export function standUps(things: readonly Thing[], paper: Paper): Pick<Made, 'needs'> & { prep: PrepStep[] } {
  if (!things.length) return { needs: [], prep: [] }
  const set = cards(things.length, paper, { as: 'picture-card' })
  return {
    needs: [
      set.need,
      need('wooden-cube', things.length, 'set-up', { as: 'picture-block', alt: ['unit-block'] }),
      need('masking-tape', things.length * TAPE_CM, 'set-up', { as: 'picture-tape', adult: true }),
    ],
    prep: [
      ...set.prep,
      prep('stand-up', `Tape each picture to a block so that it stands`, things.length, [
        'picture-block',
        'picture-tape',
      ]),
    ],
  }
}
const TAPE_CM = 10

/** Longest cord, in mm, that is left with toddlers (ASTM F963, EN 71; see the caution on cords). */
const FREE_CORD_MM = 220
/** What may lie out for all: in the house, large, and without anything to be careful of. A picture does for the rest. */
export const toHandleFreely = (thing: Thing): boolean =>
  thing.inHand && thing.large && (thing.cordMm ?? 0) <= FREE_CORD_MM && !thing.hazards.length && !thing.allergens.length

/** Things to play with: those that are in the house and large, and pictures that stand for the rest. */
export function playPieces(things: readonly Thing[], paper: Paper): ReturnType<typeof standUps> & { words: string } {
  const [there, drawn] = partition(things, toHandleFreely)
  const stand = standUps(drawn, paper)
  const words = [there.length ? theNames(there) : '', drawn.length ? `pictures of ${aNames(drawn)}` : '']
  return { needs: [...thingsOut(there), ...stand.needs], prep: stand.prep, words: words.filter(Boolean).join(', and ') }
}
const partition = <T>(list: readonly T[], is: (item: T) => boolean): [T[], T[]] => [
  list.filter(is),
  list.filter((item) => !is(item)),
]

/** What a pattern makes of a theme: a whole activity, and the materials that a home may not have yet. */
export interface MadeActivity {
  activity: Activity
  materials: Material[]
}

/** Turns what a pattern wrote into an activity with its materials. */
export function finish(
  pattern: Pattern,
  id: string,
  made: Made,
  kit: Kit,
  shipped: ReadonlyMap<string, Material>,
): MadeActivity {
  const { title, ...facts } = made
  const things = new Map(kit.things.map((thing) => [thingMaterial(thing).id, thingMaterial(thing)]))
  const whole: Activity = {
    ...activity(id, title, { ...facts, domains: [...pattern.domains] }),
    source: 'pattern',
    pattern: pattern.id,
  }
  const used = new Set(
    whole.requirements.flatMap((requirement) => [requirement.materialId, ...requirement.alternatives]),
  )
  return { activity: whole, materials: [...used].flatMap((one) => things.get(one) ?? shipped.get(one) ?? []) }
}

export { forStages, need, OLDER, prep }
