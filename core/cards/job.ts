import { allergenName, byId, fullDate, listWords, shortDate, spanWords } from '../base'
import { many, one, readNumber, withArticle } from '../ideas'
import type {
  CalendarDate,
  Child,
  PrintRules,
  PrintSet,
  PrintTemplate,
  Stage,
  ThemeObject,
  UnitSnapshot,
} from '../domain'
import { STAGES } from '../domain'
import { CENTER_PICTURES } from '../library/centerPictures'
import { pictureOf } from '../library/pictures'
import { childHours, sessionOf, stageOn, type ResolvedPlan } from '../plan'
import type { Level, PrintContext, PrintHouse, PrintKindInfo } from './context'
import { PRINT_KIND_INFO } from './kinds'
import type { Page, PrinterRules } from './page'
import { newPen, type Pen, type PrintThing } from './pen'

/** How the printer of a home is set, where it says nothing itself by how it measures. */
export const printerOf = (print: PrintRules, measures: 'us' | 'metric'): PrinterRules => ({
  paper: print.paper ?? (measures === 'us' ? 'letter' : 'a4'),
  margin: print.margin,
  ink: print.ink,
  back: print.back,
})

/** A thing of the theme as it is printed. */
export function printThing(object: ThemeObject): PrintThing {
  const counted = object.form === 'thing'
  const single = counted ? one(object.name) : object.name.trim()
  const pictured = (name: string) => (name ? pictureOf(one(name)) || pictureOf(name) : '')
  return {
    one: single,
    a: counted ? withArticle(single) : single,
    many: object.plural || (counted ? many(single) : single),
    picture: object.picture || pictured(single),
    young: object.young,
    youngPicture: pictured(object.young),
    stages: object.stages.map((name) => ({ name, picture: pictured(name) })),
    parts: object.parts,
    lives: object.lives,
    colors: object.colours,
    size: object.size,
    living: object.living,
  }
}
const BLANK: PrintThing = {
  one: '',
  a: '',
  many: '',
  picture: '',
  young: ' ',
  youngPicture: '',
  stages: Array.from({ length: 4 }, () => ({ name: '', picture: '' })),
  parts: ['', '', '', ''],
  lives: '',
  colors: [],
  size: null,
  living: null,
}
const BLANKS = 9

/** The level that a stage works at, where nobody said otherwise. */
export const LEVEL_OF: Record<Stage, Level> = {
  infant: 0,
  'young-toddler': 0,
  'older-toddler': 1,
  preschool: 2,
  'school-age': 3,
}

/** Children of one level. */
export interface LevelGroup {
  level: Level
  children: readonly Child[]
}
/** A set as it is drawn. */
export interface PrintJob {
  set: PrintSet
  info: PrintKindInfo
  /** The day it is for; null where it is for the whole unit. */
  date: CalendarDate | null
  /** Who it is for, and how far it goes for each; too young for it, but here. */
  groups: readonly LevelGroup[]
  young: readonly Child[]
  /** One copy. */
  pages: readonly Page[]
  made: PrintSet['made']
  /** What is lacking to make it; empty where nothing is. */
  lacks: string
}

/** The date of a set: that of what it is for, else the first day of the unit. */
function dateOf(set: PrintSet, plan: ResolvedPlan): CalendarDate | null {
  const session = sessionOf(plan, set.placementId)
  return session?.days[0].date ?? null
}

/** Who a set is for: those chosen, else those who take part, else those who come on any day of the unit. */
export function childrenFor(
  set: Pick<PrintSet, 'children' | 'placementId'>,
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
): Child[] {
  const { children } = snapshot
  if (set.children.length) return children.filter((child) => set.children.includes(child.id))
  const session = sessionOf(plan, set.placementId)
  if (session) return session.parts.filter((part) => part.does === 'takes-part').map((part) => part.child)
  const days = plan.program.days.filter((day) => day.held)
  return children.filter((child) => days.some((day) => childHours(child, day.date)))
}

/** The level of a child for a kind on a date; null where the child is too young for it. */
export function levelOf(
  info: PrintKindInfo,
  set: Pick<PrintSet, 'levels'>,
  child: Child,
  date: CalendarDate,
  home: UnitSnapshot['home'],
): Level | null {
  const own = set.levels[child.id] as Level | undefined
  if (own !== undefined) return own
  if (child.born > date) return null
  const stage = stageOn(child, date, home.stageBounds, info.domain)
  return STAGES.indexOf(stage) < STAGES.indexOf(info.from) ? null : LEVEL_OF[stage]
}

/** What sheets of the house say. */
function houseOf(snapshot: UnitSnapshot, plan: ResolvedPlan, children: readonly Child[]): PrintHouse {
  const { home, unit } = snapshot
  const event = unit.events.find((found) => found.parts.length || found.bring.length) ?? unit.events[0]
  const eventDay = event && plan.program.days.find((day) => day.number === event.day)
  const recipes = byId(
    snapshot.placements.flatMap((placement) => {
      const recipe = placement.mix && plan.recipes.get(placement.mix.recipeId)
      return recipe ? [recipe] : []
    }),
  )
  return {
    day: [...home.rhythm]
      .sort((a, b) => (a.from < b.from ? -1 : 1))
      .map((block) => ({ name: block.name, time: spanWords(block), picture: DAY_PICTURES[block.kind] ?? '' })),
    centers: snapshot.centers.map((center) => ({ name: center.name, picture: CENTER_PICTURES[center.kind] })),
    days: plan.program.days.filter((day) => day.held).map((day) => `${shortDate(day.date)}, day ${day.number}`),
    places: [...new Set(snapshot.materials.map((material) => material.place.trim()).filter(Boolean))].sort(),
    care: children
      .filter((child) => child.allergens.length || child.diet)
      .map((child) => ({
        name: child.name,
        allergens: listWords(child.allergens.map(allergenName)),
        diet: child.diet,
      })),
    binRules: home.binRules.rules,
    recipes: [...recipes.values()].map((recipe) => ({
      name: recipe.name,
      steps: recipe.steps.map((step) => step.text),
    })),
    event: event && eventDay ? { name: event.name, date: fullDate(eventDay.date), bring: event.bring } : null,
    home: home.name,
  }
}
/** A card of her own, as far as a word and a picture tell. */
const ownThing = ({ word, picture }: PrintSet['own'][number]): PrintThing => ({
  ...BLANK,
  one: word,
  a: withArticle(word),
  many: many(word),
  picture,
  young: '',
  stages: [],
  parts: [],
})
/** The objects that are on it: of the theme those that she chose, and her own after them. */
function thingsOf(set: PrintSet, objects: readonly ThemeObject[], withOwn: boolean): PrintThing[] {
  const all = objects.map(printThing).filter((thing) => thing.one)
  const wanted = new Set(set.things.map((name) => name.toLowerCase()))
  const chosen = wanted.size ? all.filter((thing) => wanted.has(thing.one.toLowerCase())) : all
  return withOwn ? [...(set.ownOnly ? [] : chosen), ...set.own.map(ownThing)] : chosen
}
/** A list of the house with her own entries after it. */
function withOwnCards(house: PrintHouse, set: PrintSet, list: PrintKindInfo['own']): PrintHouse {
  const before = <T>(own: readonly T[]) => (set.ownOnly ? [] : own)
  const words = set.own.map((card) => card.word)
  switch (list) {
    case 'places':
      return { ...house, places: [...before(house.places), ...words] }
    case 'days':
      return { ...house, days: [...before(house.days), ...words] }
    case 'centers':
      return {
        ...house,
        centers: [...before(house.centers), ...set.own.map(({ word, picture }) => ({ name: word, picture }))],
      }
    case 'day':
      return {
        ...house,
        day: [...before(house.day), ...set.own.map(({ word, picture }) => ({ name: word, time: '', picture }))],
      }
    default:
      return house
  }
}
/** What the parts of a day look like. */
const DAY_PICTURES: Partial<Record<UnitSnapshot['home']['rhythm'][number]['kind'], string>> = {
  arrival: 'waving-hand',
  circle: 'musical-notes',
  choice: 'puzzle-piece',
  outdoors: 'deciduous-tree',
  meal: 'fork-and-knife-with-plate',
  nap: 'sleeping-face',
  after: 'house',
  departure: 'backpack',
}

/** Children who are given the same pages, by level; where nobody is of an age for it, it is shown for those in the middle. */
function groupsOf(
  info: PrintKindInfo,
  able: readonly Child[],
  levels: ReadonlyMap<string, Level | null>,
): LevelGroup[] {
  const groups = info.levels
    ? ([0, 1, 2, 3] as const).map((level) => ({
        level,
        children: able.filter((child) => levels.get(child.id) === level),
      }))
    : [{ level: 2 as const, children: [...able] }]
  const held = groups.filter((group) => group.children.length)
  return held.length ? held : [{ level: 1, children: [] }]
}
/** For whom the pages of a level are, where the set has levels and is not drawn by name. */
function levelWords(info: PrintKindInfo, { level, children }: LevelGroup): string {
  if (!info.levels || info.named) return ''
  return `${info.levels[level]}${children.length ? `, for ${listWords(children.map((child) => child.name))}` : ''}`
}
/** The pages of all groups, how often the set is there in them, and what is lacking where a group has none. */
function drawnFor(
  groups: readonly LevelGroup[],
  info: PrintKindInfo,
  pen: () => Pen,
  contextOf: (group: LevelGroup) => PrintContext,
): { pages: Page[]; count: number; lacks: string } {
  const pages: Page[] = []
  let lacks = ''
  let count = 0
  for (const group of groups) {
    const own = group.children
    const context = contextOf(group)
    const missing = info.lacks(context)
    if (missing) {
      lacks ||= missing
      continue
    }
    const drawn = info.draw(pen(), context)
    // What is drawn by name begins with a page for each of them.
    const ownerOf = (at: number, copy: number): Child | undefined => (info.named ? own[at] : own[copy])
    const times = info.each && !info.named ? Math.max(1, own.length) : 1
    for (let i = 0; i < times; i++)
      pages.push(
        ...(info.each && own.length ? drawn.map((page, at) => ({ ...page, childId: ownerOf(at, i)?.id })) : drawn),
      )
    count += times * (info.each && !info.named ? 1 : Math.max(1, own.length))
  }
  return { pages, count, lacks }
}

/**
 * Draws a set for the children that it is for: a page is drawn once for each level, and as often as there are children
 * where each gets one to keep.
 *
 * @param edgeOf the outer edge of a picture, where it is there already
 * @throws InputError naming `size` or `margin`, where nothing fits the paper
 */
export function printJob(
  set: PrintSet,
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
  edgeOf: PrintContext['edgeOf'] = () => [],
): PrintJob {
  const { home, unit } = snapshot
  const info = PRINT_KIND_INFO[set.kind]
  const date = dateOf(set, plan)
  const on = date ?? plan.program.days.find((day) => day.held)?.date ?? unit.start
  const children = childrenFor(set, snapshot, plan)
  const levels = new Map(children.map((child) => [child.id, levelOf(info, set, child, on, home)]))
  const young = children.filter((child) => levels.get(child.id) === null)
  const able = children.filter((child) => levels.get(child.id) !== null)
  const groups = groupsOf(info, able, levels)
  const theirs = info.own === undefined ? 'things' : info.own
  const things = set.blank
    ? Array.from({ length: BLANKS }, () => BLANK)
    : thingsOf(set, unit.objects, theirs === 'things')
  const house = withOwnCards(houseOf(snapshot, plan, children), set, theirs)
  const rules = { ...printerOf(home.print, home.measures), ...(set.ink ? { ink: set.ink } : {}) }
  // The folder that it goes into.
  const number = date && plan.program.days.find((day) => day.date === date)?.number
  const dayWords = number ? `day ${number}` : ''
  const { pages, count, lacks } = drawnFor(
    groups,
    info,
    () => newPen(rules),
    (group) => ({
      theme: {
        name: unit.name,
        letter: [...unit.focus.letter.trim()][0]?.toUpperCase() ?? '',
        number: readNumber(unit.focus.number) ?? 0,
        shape: unit.focus.shape,
        color: unit.focus.colour,
        words: unit.words,
      },
      things,
      names: [
        ...(theirs === 'names' && set.ownOnly ? [] : group.children.map((child) => child.name)),
        ...(theirs === 'names' ? set.own.map((card) => card.word) : []),
      ],
      level: group.level,
      hand: home.print.hand,
      size: set.size,
      backs: set.backs,
      house,
      text: set.text.trim(),
      edgeOf,
      title: [set.name, unit.name, dayWords, levelWords(info, group)].filter(Boolean).join(', '),
    }),
  )
  const fronts = pages.filter((page) => !page.back)
  const pieces = fronts.reduce((sum, page) => sum + page.pieces, 0)
  const quantity = info.with ? Math.ceil(info.with.each * (info.size || info.with.by ? pieces : count)) : 0
  return {
    set,
    info,
    date,
    groups,
    young,
    pages,
    made: {
      sheets: fronts.length,
      pieces,
      with: info.with && quantity > 0 ? { materialId: info.with.materialId, quantity } : null,
    },
    lacks: pages.length ? '' : lacks || 'There is nothing to put on it yet.',
  }
}

/** How a run of several sets is laid together. */
export type RunOrder = 'set' | 'child'
/**
 * Pages of several sets in the order in which they are taken from the printer: set by set, or first what each child
 * gets, child by child, and what is for all after it.
 *
 * @param runs the pages of each set, all copies
 * @param children in the order in which they are wanted
 */
export function inOrder(
  runs: readonly (readonly Page[])[],
  order: RunOrder,
  children: readonly Pick<Child, 'id'>[],
): Page[] {
  const all = runs.flat()
  if (order === 'set') return all
  const own = children.flatMap((child) => all.filter((page) => page.childId === child.id))
  const taken = new Set(own)
  return [...own, ...all.filter((page) => !taken.has(page))]
}

/** A set of a kind as it begins. */
export function newPrintSet(
  id: string,
  unitId: string,
  kind: PrintSet['kind'],
  placementId: string | null = null,
): PrintSet {
  const info = PRINT_KIND_INFO[kind]
  return {
    id,
    unitId,
    kind,
    name: info.title,
    placementId,
    instead: [],
    things: [],
    own: [],
    ownOnly: false,
    text: '',
    children: [],
    levels: {},
    size: null,
    copies: 1,
    ink: null,
    stock: info.stock,
    laminate: info.laminate,
    backs: false,
    blank: false,
    made: { sheets: 0, pieces: 0, with: null },
    printedOn: null,
  }
}

/** A set that begins as a design that she kept. */
export function fromTemplate(id: string, unitId: string, { id: _, ...design }: PrintTemplate): PrintSet {
  return { ...newPrintSet(id, unitId, design.kind), ...design }
}
/** What of a set is its design, whichever unit and children it is printed for. */
export function templateOf(id: string, set: PrintSet): PrintTemplate {
  const { kind, name, own, ownOnly, text, size, copies, ink, stock, laminate, backs, blank } = set
  return { id, kind, name, own, ownOnly, text, size, copies, ink, stock, laminate, backs, blank }
}
