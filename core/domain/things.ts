import { z } from 'zod'
import { Activity } from './activity'
import { Adult } from './adult'
import { Batch } from './batch'
import { Book } from './book'
import { Center } from './center'
import { Circle, CircleLog, Piece } from './circle'
import { Child } from './child'
import { Home } from './home'
import { Material } from './material'
import { Placement } from './placement'
import { PrepMark } from './prep'
import { PrintSet } from './printSet'
import { THING_KINDS, type ThingKind } from './kinds'
import { Id, Line, Version } from './primitives'
import { Recipe } from './recipe'
import type { House } from './snapshot'
import { StockEntry, StockOp } from './stock'
import { TickOp } from './tick'
import { FamilyPromise, Idea, Purchase, Unit } from './unit'

/** Every kind of row that people edit, with its schema. Form, API, file and store all go through this table. */
export const THINGS = {
  home: Home,
  child: Child,
  adult: Adult,
  center: Center,
  material: Material,
  activity: Activity,
  recipe: Recipe,
  unit: Unit,
  idea: Idea,
  placement: Placement,
  purchase: Purchase,
  promise: FamilyPromise,
  prepMark: PrepMark,
  printSet: PrintSet,
  circle: Circle,
  piece: Piece,
  circleLog: CircleLog,
  book: Book,
  stock: StockEntry,
  batch: Batch,
} as const satisfies Record<ThingKind, z.ZodType>
export type ThingOf<K extends ThingKind> = z.infer<(typeof THINGS)[K]>
function putOf<K extends ThingKind>(kind: K) {
  return z.strictObject({
    op: z.literal('put'),
    kind: z.literal(kind),
    /** Version that the writer started from; 0 for a new row. */
    base: Version,
    value: THINGS[kind],
  })
}

const Put = z.discriminatedUnion('kind', [
  putOf('home'),
  putOf('child'),
  putOf('adult'),
  putOf('center'),
  putOf('material'),
  putOf('activity'),
  putOf('recipe'),
  putOf('unit'),
  putOf('idea'),
  putOf('placement'),
  putOf('purchase'),
  putOf('promise'),
  putOf('prepMark'),
  putOf('printSet'),
  putOf('circle'),
  putOf('piece'),
  putOf('circleLog'),
  putOf('book'),
  putOf('batch'),
])
const Remove = z.strictObject({
  op: z.literal('remove'),
  kind: z.enum(THING_KINDS),
  id: Id,
  base: Version,
})

/** One write: put a whole row, remove it, change what is on hand of a material by an amount, or tick a step. */
export const Op = z.discriminatedUnion('op', [Put, Remove, StockOp, TickOp])
export type Op = z.infer<typeof Op>
export type PutOp = z.infer<typeof Put>
/** A write of a whole row, with the version that it starts from. */
export type RowOp = Exclude<Op, StockOp | TickOp>

/** A change: several writes that hold together, named in the user's words for undo and the log. */
export const Change = z.strictObject({
  /** Made by the writer, so that a retry after a lost answer is not applied twice. */
  id: Id,
  /** The unit it belongs to; null for the home itself. */
  unitId: Id.nullable(),
  label: Line,
  ops: z.array(Op).min(1, 'A change needs at least one write').max(2000),
})
export type Change = z.infer<typeof Change>

/** A row as it is read: its value and its version. */
export interface Row<K extends ThingKind = ThingKind> {
  kind: K
  version: number
  value: ThingOf<K>
}

/** The values of one kind among rows. */
export const valuesOf = <K extends ThingKind>(rows: readonly Row[], kind: K): ThingOf<K>[] =>
  rows.filter((row) => row.kind === kind).map((row) => row.value as ThingOf<K>)

/** All that belongs to the home, among rows; null while it is not set up. */
export function houseOf(rows: readonly Row[]): House | null {
  const [home] = valuesOf(rows, 'home')
  if (!home) return null
  return {
    home,
    children: valuesOf(rows, 'child'),
    adults: valuesOf(rows, 'adult'),
    centers: valuesOf(rows, 'center'),
    materials: valuesOf(rows, 'material'),
    activities: valuesOf(rows, 'activity'),
    recipes: valuesOf(rows, 'recipe'),
    pieces: valuesOf(rows, 'piece'),
    books: valuesOf(rows, 'book'),
    circleLogs: valuesOf(rows, 'circleLog'),
  }
}
