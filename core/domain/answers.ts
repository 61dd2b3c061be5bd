import { z } from 'zod'
import { Piece } from './circle'
import { BaseUnit } from './material'
import { DaySheet } from './daySheet'
import { Placement } from './placement'
import { CalendarDate, Id, Version } from './primitives'
import { SpokenFor } from './spokenFor'
import { StockEntry } from './stock'
import { THING_KINDS, type ThingKind } from './kinds'
import { THINGS, type Row, type ThingOf } from './things'
import { Tick } from './tick'
import { Purchase } from './unit'

/** Every answer of the server: its handlers, the interface's client and the interface description are typed from here. */

const Instant = z.iso.datetime()
const Kind = z.enum(THING_KINDS)

const rowOf = <K extends ThingKind>(kind: K) =>
  z.strictObject({ kind: z.literal(kind), version: Version, value: THINGS[kind] }) as unknown as z.ZodType<
    Row<K>,
    Row<K>
  >
const changedOf = (kind: ThingKind) =>
  z.strictObject({ kind: z.literal(kind), id: Id, version: Version, value: THINGS[kind].nullable() })
/** One of several, by kind; typed as what its members are together. */
const byKind = <T>(of: (kind: ThingKind) => z.ZodType) =>
  z.discriminatedUnion('kind', THING_KINDS.map(of) as never) as unknown as z.ZodType<T, T>

/** Any row, with its version. */
export const AnyRow = byKind<Row>(rowOf)

/** A row as it is after a change; value null where it was removed. */
export interface ChangedRow {
  kind: ThingKind
  id: string
  version: number
  value: ThingOf<ThingKind> | null
}
export const ChangedRow = byKind<ChangedRow>(changedOf)

export const User = z.strictObject({ id: Id, name: z.string(), signIn: z.string() })
export type User = z.infer<typeof User>

/** What a link begins with, and whether only this machine can open it. */
export const Links = z.strictObject({ base: z.string(), onlyHere: z.boolean() })
export type Links = z.infer<typeof Links>

export const SessionAnswer = z.strictObject({
  user: User.nullable(),
  hasOwner: z.boolean(),
  /** Whether the start code is asked for where the account is made. */
  asksCode: z.boolean(),
  today: CalendarDate,
  /** Whether it is that day always, as in a demo: then no time of day is told either. */
  todayStands: z.boolean(),
  links: Links.nullable(),
})
export type SessionAnswer = z.infer<typeof SessionAnswer>

export const SignedInAnswer = z.strictObject({ user: User, today: CalendarDate })
export type SignedInAnswer = z.infer<typeof SignedInAnswer>

/** A recovery code is told once. */
export const RecoveryAnswer = z.strictObject({ recovery: z.string() })
export type RecoveryAnswer = z.infer<typeof RecoveryAnswer>

export const NewOwnerAnswer = z.strictObject({ ...SignedInAnswer.shape, ...RecoveryAnswer.shape })
export type NewOwnerAnswer = z.infer<typeof NewOwnerAnswer>

/** A device at which someone is signed in. */
export const Device = z.strictObject({
  id: Id,
  device: z.string(),
  since: Instant,
  lastSeen: Instant,
  isThis: z.boolean(),
})
export type Device = z.infer<typeof Device>
export const DevicesAnswer = z.strictObject({ devices: z.array(Device) })
export type DevicesAnswer = z.infer<typeof DevicesAnswer>

/** Copies of everything: where they lie, and why the last one could not be made. */
export const BackupState = z.strictObject({
  /** Null where no folder is set. */
  folder: z.string().nullable(),
  copies: z.array(z.strictObject({ name: z.string(), at: Instant, bytes: z.number().int() })),
  fault: z.string().nullable(),
})
export type BackupState = z.infer<typeof BackupState>

export const HouseAnswer = z.strictObject({ today: CalendarDate, rows: z.array(AnyRow) })
export type HouseAnswer = z.infer<typeof HouseAnswer>
/** The home without its library, or the library alone. */
export const HousePart = z.enum(['home', 'library'])
export type HousePart = z.infer<typeof HousePart>

export const BatchesAnswer = z.strictObject({ rows: z.array(rowOf('batch')) })
export type BatchesAnswer = z.infer<typeof BatchesAnswer>

export const UnitsAnswer = z.strictObject({ rows: z.array(rowOf('unit')) })
export type UnitsAnswer = z.infer<typeof UnitsAnswer>

/** The labels of what undo and redo would do next. */
export const Steps = z.strictObject({ undo: z.string().nullable(), redo: z.string().nullable() })
export type Steps = z.infer<typeof Steps>

export const UnitAnswer = z.strictObject({
  rows: z.array(AnyRow),
  /** Pieces that ship, of those that its circles name. */
  pieces: z.array(Piece),
  spokenFor: z.array(SpokenFor),
  ticks: z.array(Tick),
  steps: Steps,
})
export type UnitAnswer = z.infer<typeof UnitAnswer>

/** What still stood at its center when the unit before ended. */
export const Carried = z.strictObject({
  activityId: Id,
  centerId: Id,
  /** Where it comes from. */
  unitId: Id,
  unit: z.string(),
  /** Since when it has stood there without being put away. */
  since: CalendarDate,
  /** Until when it stood. */
  until: CalendarDate,
  went: Placement.shape.went.unwrap(),
})
export type Carried = z.infer<typeof Carried>
export const BeforeAnswer = z.strictObject({ carried: z.array(Carried) })
export type BeforeAnswer = z.infer<typeof BeforeAnswer>

/** Changes for "who changed this", the newest first. */
export const ChangesAnswer = z.strictObject({
  changes: z.array(
    z.strictObject({
      seq: z.number().int(),
      label: z.string(),
      by: z.string(),
      at: Instant,
      /** Done, taken back, or no longer of either. */
      state: z.enum(['done', 'undone', 'dead']),
    }),
  ),
})
export type ChangesAnswer = z.infer<typeof ChangesAnswer>

/** What a change came to, with the ticks of it as they are now. */
export const Applied = z.strictObject({
  changeId: Id,
  seq: z.number().int(),
  label: z.string(),
  rows: z.array(ChangedRow),
  ticks: z.array(Tick),
  steps: Steps,
})
export type Applied = z.infer<typeof Applied>

export const SHARE_KINDS = ['day', 'ask', 'calendar'] as const
/** A link to one day, to what families are asked for, or to the unit's calendar. */
export const Share = z.strictObject({
  id: Id,
  unitId: Id,
  kind: z.enum(SHARE_KINDS),
  /** 0 for one that is of no day. */
  day: z.number().int(),
  label: z.string(),
  createdAt: Instant,
  endsOn: CalendarDate,
  revokedAt: Instant.nullable(),
  openedAt: Instant.nullable(),
})
export type Share = z.infer<typeof Share>
export type ShareKind = Share['kind']
export const SharesAnswer = z.strictObject({ shares: z.array(Share) })
export type SharesAnswer = z.infer<typeof SharesAnswer>
/** A link as it was just made: its secret is told once. */
export const MadeShare = z.strictObject({ ...Share.shape, token: z.string() })
export type MadeShare = z.infer<typeof MadeShare>

/** What a link to a day opens. */
export const SharedDay = z.strictObject({
  label: z.string(),
  endsOn: CalendarDate,
  clock: THINGS.home.shape.clock,
  dates: THINGS.home.shape.dates,
  sheet: DaySheet,
  ticks: z.array(Tick),
})
export type SharedDay = z.infer<typeof SharedDay>

/** One thing that families are asked for, as they see it: no child, no family, no price. */
export const AskedThing = z.strictObject({
  materialId: Id,
  name: z.string(),
  /** In words of the home's measures. */
  wanted: z.string(),
  open: z.number(),
  openWords: z.string(),
  unit: BaseUnit,
  bringBy: CalendarDate,
})
export type AskedThing = z.infer<typeof AskedThing>
export const AskedPage = z.strictObject({
  home: z.string(),
  unit: z.string(),
  measures: THINGS.home.shape.measures,
  clock: THINGS.home.shape.clock,
  dates: THINGS.home.shape.dates,
  endsOn: CalendarDate,
  things: z.array(AskedThing),
})
export type AskedPage = z.infer<typeof AskedPage>

/** A material's history, the latest first. */
export const HistoryAnswer = z.strictObject({ entries: z.array(StockEntry), purchases: z.array(Purchase) })
export type HistoryAnswer = z.infer<typeof HistoryAnswer>

export const PurchasesAnswer = z.strictObject({ rows: z.array(rowOf('purchase')) })
export type PurchasesAnswer = z.infer<typeof PurchasesAnswer>

/** What an import would do to one thing, or did. */
export const ImportEntry = z.strictObject({
  kind: Kind,
  id: Id,
  name: z.string(),
  does: z.enum(['add', 'replace', 'same']),
})
export type ImportEntry = z.infer<typeof ImportEntry>
export const ImportAnswer = z.strictObject({ entries: z.array(ImportEntry) })
export type ImportAnswer = z.infer<typeof ImportAnswer>

/** One time that an activity was done. */
export const UsedBefore = z.strictObject({
  unitId: Id,
  unit: z.string(),
  date: CalendarDate,
  went: Placement.shape.went.unwrap(),
})
export type UsedBefore = z.infer<typeof UsedBefore>
/** By activity, the latest first. */
export const UsedAnswer = z.strictObject({ used: z.record(Id, z.array(UsedBefore)) })
export type UsedAnswer = z.infer<typeof UsedAnswer>

/** A row that someone else changed meanwhile, on both sides. */
export interface Conflict {
  kind: ThingKind
  id: string
  version: number
  yours: ThingOf<ThingKind> | null
  theirs: ThingOf<ThingKind> | null
}
const conflictOf = (kind: ThingKind) =>
  z.strictObject({
    kind: z.literal(kind),
    id: Id,
    version: Version,
    yours: THINGS[kind].nullable(),
    theirs: THINGS[kind].nullable(),
  })
export const Conflict = byKind<Conflict>(conflictOf)

/** An error, as RFC 9457 has it, with what ours add: the fields at fault, and both sides of a conflict. */
export const ProblemAnswer = z.strictObject({
  type: z.string(),
  title: z.string(),
  status: z.number().int(),
  detail: z.string().optional(),
  errors: z.array(z.strictObject({ field: z.string(), message: z.string() })).optional(),
  conflicts: z.array(Conflict).optional(),
  /** All that the refused change would have written, as it is now. */
  now: z.array(ChangedRow).optional(),
  /** By which the cause is found in the log. */
  code: z.string().optional(),
})
export type ProblemAnswer = z.infer<typeof ProblemAnswer>
