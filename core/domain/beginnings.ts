import type { Book } from './book'
import type { Center } from './center'
import type { Child } from './child'
import type { CirclePart, CountRange, Piece } from './circle'
import type { BlockKind } from './home'
import type { Material, Pack } from './material'
import type { Placement, Where } from './placement'
import type { CenterKind, WeeklyHours } from './primitives'
import type { SlowProject } from './slow'
import type { Idea, SpecialEvent, ThemeObject } from './unit'

/** Things as they begin: apart from the schemas, which a page that only shows does not need. */

/** A child of whom only the name, the birth date and the days are known. */
export const newChild = (id: string, name: string, born: string, attendance: WeeklyHours): Child => ({
  id,
  name,
  born,
  attendance,
  exceptions: [],
  naps: [],
  mouths: false,
  asthma: false,
  allergens: [],
  diet: '',
  sensory: 'new',
  binTimes: [],
  interests: [],
  stageOverrides: {},
  family: '',
  note: '',
})

/** A center of which only the kind and the name are known. */
export const newCenter = (id: string, name: string, kind: CenterKind): Center => ({
  id,
  name,
  kind,
  atOnce: 4,
  washable: kind !== 'blocks' && kind !== 'pretend' && kind !== 'circle' && kind !== 'book-nook',
  where: kind === 'outdoors' ? 'outdoors' : 'indoors',
  note: '',
  spot: null,
  sleeps: false,
})

/** Which way each form counts, as it usually is. */
export const USUAL_RANGE: Record<'down' | 'up' | 'back', CountRange> = {
  down: { from: 5, to: 0, step: 1 },
  up: { from: 1, to: 5, step: 1 },
  back: { from: 1, to: 5, step: 1 },
}
/** What a part counts through: as she said, else as its form usually does; null where nothing is counted. */
export const rangeOf = (piece: Pick<Piece, 'form'>, part: Pick<CirclePart, 'range'>): CountRange | null =>
  piece.form === 'down' || piece.form === 'up' || piece.form === 'back' ? (part.range ?? USUAL_RANGE[piece.form]) : null
/** A part as it comes in: nothing of it is chosen yet. */
export const newCirclePart = (id: string, of: Partial<Pick<CirclePart, 'pieceId' | 'bookId' | 'own'>>): CirclePart => ({
  id,
  pieceId: null,
  bookId: null,
  own: null,
  way: null,
  more: [],
  thing: '',
  range: null,
  minutes: null,
  pinned: false,
  ...of,
})
const PLANNED_KINDS: readonly BlockKind[] = ['circle', 'choice', 'outdoors', 'nap', 'after']
/** Whether an activity can be laid into a block of this kind. Nap counts: the older ones are awake then. */
export const takesPlacements = (kind: BlockKind): boolean => PLANNED_KINDS.includes(kind)
/** A book as it comes onto the shelf. */
export const newBook = (id: string, title: string): Book => ({
  id,
  title,
  author: '',
  kind: 'story',
  from: 'older-toddler',
  minutes: 5,
  place: 'nook',
  lent: null,
  topics: [],
  note: '',
})

/** A pack whose price nobody has seen in a shop yet. */
export const newPack = (size: number, price: number, shop: string): Pack => ({ size, price, shop, seen: null })
/** A material of which only the name is known: none in the house, nothing that a caution looks at. */
export const newMaterial = (id: string, name: string): Material => ({
  id,
  name,
  unit: 'each',
  use: 'consumable',
  place: '',
  onHand: 0,
  counted: true,
  par: null,
  condition: 'good',
  expires: null,
  packs: [],
  way: 'gather',
  shopPart: 'craft pieces',
  keepsDays: null,
  density: null,
  safety: { partMm: null, ballMm: null, cordMm: null, allergens: [], hazards: [], measured: true },
})
/** A material that somebody wrote down by its name alone: what its pieces are like is still to be looked at. */
export const unmeasuredMaterial = (id: string, name: string): Material => {
  const material = newMaterial(id, name)
  return { ...material, safety: { ...material.safety, measured: false } }
}

/** A theme object of which only the name and the number are known. */
export const newThemeObject = (name: string, onHand = 0): ThemeObject => ({
  name,
  colours: [],
  category: '',
  size: null,
  onHand,
  madeOf: null,
  lives: '',
  young: '',
  stages: [],
  pieceMm: null,
  usualMm: null,
  realMm: null,
  cordMm: null,
  known: false,
  form: 'thing',
  plural: '',
  living: null,
  parts: [],
  needs: '',
  sound: '',
  moves: '',
  shows: [],
  allergens: [],
  hazards: [],
  picture: '',
  asked: false,
})
/** A special day that leaves the routine as it is. */
export const newEvent = (day: number, name: string): SpecialEvent => ({
  day,
  name,
  parts: [],
  bring: [],
  inviteOn: null,
})
/** An idea of an activity or of a few words, with nothing more said about it. */
export const newIdea = (id: string, unitId: string | null, activityId: string | null, text = ''): Idea => ({
  id,
  unitId,
  activityId,
  text,
  link: '',
  page: '',
  sketch: '',
  stretches: {},
})

/** A slow project of which only the name and its days are known. */
export const newSlowProject = (id: string, name: string, fromDay: number, toDay: number): SlowProject => ({
  id,
  name,
  fromDay,
  toDay,
  kind: null,
  startOn: null,
  stages: [],
  reached: {},
  looks: [],
  care: '',
  careEvery: 1,
  careBy: {},
  ends: '',
  cautions: [],
})

/** A new placement of an activity, with nothing special about it. */
export const newPlacement = (
  id: string,
  unitId: string,
  activityId: string,
  where: Where,
  centerId: string | null,
): Placement => ({
  id,
  unitId,
  activityId,
  where,
  centerId,
  leadId: null,
  status: 'planned',
  pinnedDate: null,
  apart: false,
  keptOut: [],
  swaps: {},
  quantities: {},
  setAside: [],
  took: {},
  went: null,
  mix: null,
  bin: null,
})
