import type { LearningDomain, PrintLevel, Stage } from '../domain'
import type { Hand } from './handwriting'
import type { Page } from './page'
import type { Pen, PrintThing } from './pen'
import { square, type Box } from './svg'

export type Level = PrintLevel
export const LEVELS: readonly Level[] = [0, 1, 2, 3]

/** What sheets of the house say: its centers, its day and its rules, in the words of the home. */
export interface PrintHouse {
  day: readonly { name: string; time: string; picture: string }[]
  centers: readonly { name: string; picture: string }[]
  days: readonly string[]
  places: readonly string[]
  /** For the home's own eyes only. */
  care: readonly { name: string; allergens: string; diet: string }[]
  binRules: readonly string[]
  recipes: readonly { name: string; steps: readonly string[] }[]
  event: { name: string; date: string; bring: readonly string[] } | null
  home: string
}

/** What a kind is filled with. */
export interface PrintContext {
  theme: { name: string; letter: string; number: number; shape: string; color: string; words: readonly string[] }
  things: readonly PrintThing[]
  /** First names of those it is for. */
  names: readonly string[]
  level: Level
  hand: Hand
  /** Millimeters of a card; the usual ones of the kind where it is null. */
  size: readonly [number, number] | null
  /** Backs are printed too. */
  backs: boolean
  house: PrintHouse
  /** Words of her own, for kinds that have room for a line. */
  text: string
  /** The outer edge of a picture, as points in a square of 32: empty while the picture is not fetched. */
  edgeOf: (picture: string) => readonly { x: number; y: number }[]
  /** What stands in the foot of each page. */
  title: string
}

export const KIND_GROUPS = {
  match: 'Match and sort',
  count: 'Count',
  order: 'In order',
  trace: 'Trace and write',
  make: 'Color, cut and make',
  room: 'For the room',
} as const
export type KindGroup = keyof typeof KIND_GROUPS

/** A kind of sheet. */
export interface PrintKindInfo {
  title: string
  group: KindGroup
  /** What a child does with it, for whoever puts it out. */
  about: string
  /** Whose stage decides how far it goes. */
  domain: LearningDomain
  /** How far it goes at each level, in a few words; all alike where it has no levels. */
  levels: readonly [string, string, string, string] | null
  /** The youngest that it suits. */
  from: Stage
  /** Whether each child gets one to keep, rather than one set for all. */
  each: boolean
  /** Whether it is drawn for each name already. */
  named?: boolean
  /** Millimeters of a card; null where the page is used whole. */
  size: readonly [number, number] | null
  stock: 'paper' | 'cardstock'
  laminate: boolean
  /**
   * Where cards of her own go: among the objects, the names or a list of the house; nowhere where the kind follows the
   * home's own records or a hand.
   */
  own?: 'things' | 'names' | 'places' | 'days' | 'centers' | 'day' | null
  /** What a line of her own is asked for as, where there is room for one. */
  asks?: string
  /** Other things that go with it, for each card, or for each set where the page is used whole: a clothespin a card. */
  with?: { materialId: string; each: number; by?: 'piece' }
  /** Pieces that each whole page is cut into; 0 where it stays whole. */
  cutsInto?: number
  /** What is lacking to make it, in her words; empty where nothing is. */
  lacks: (context: PrintContext) => string
  draw: (pen: Pen, context: PrintContext) => Page[]
}

/** As many as are there, and at most so many. */
export const upTo = <T>(list: readonly T[], most: number): T[] => list.slice(0, most)
export const needs =
  (count: number, what: string) =>
  ({ things }: PrintContext): string =>
    things.length >= count ? '' : `It takes ${count} ${what}; the theme has ${things.length || 'none'}.`

/** A sequence that is the same each time, from 0 to below 1: what is shuffled on paper stays so when it is printed again. */
export function dealt(seed: number): () => number {
  let state = (seed * 2654435761 + 1) >>> 0
  return () => {
    state = (Math.imul(state ^ (state >>> 15), 1 | state) + 0x6d2b79f5) >>> 0
    const mixed = Math.imul(state ^ (state >>> 7), 61 | state) ^ state
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}
export function shuffled<T>(list: readonly T[], seed: number): T[] {
  const next = dealt(seed)
  const out = [...list]
  for (let i = out.length - 1; i > 0; i--) {
    const j = Math.floor(next() * (i + 1))
    ;[out[i], out[j]] = [out[j], out[i]]
  }
  return out
}

/** Cells for so many alike in a box, as large as they come; the last row stands in the middle. */
export function cellsFor(count: number, box: Box, most = Infinity): Box[] {
  if (count < 1) return []
  let best = { side: 0, columns: 1 }
  for (let columns = 1; columns <= count; columns++) {
    const side = Math.min(box.width / columns, box.height / Math.ceil(count / columns), most)
    if (side > best.side + 1e-9) best = { side, columns }
  }
  const { side, columns } = best
  const rows = Math.ceil(count / columns)
  return Array.from({ length: count }, (_, i) => {
    const row = Math.floor(i / columns)
    const inRow = row === rows - 1 ? count - columns * (rows - 1) : columns
    return {
      x: box.x + (box.width - inRow * side) / 2 + (i % columns) * side,
      y: box.y + (box.height - rows * side) / 2 + row * side,
      width: side,
      height: side,
    }
  })
}
/** So many of a thing in a box. */
export const manyOf = (pen: Pen, thing: PrintThing, count: number, box: Box, most?: number): string =>
  cellsFor(count, box, most)
    .map((cell) => pen.picture(thing, square(cell, 0.86)))
    .join('')
