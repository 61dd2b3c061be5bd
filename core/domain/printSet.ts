import { z } from 'zod'
import { PRINT_KINDS, PAPER_SIZES, INKS, HANDS, MOST_COPIES, MOST_OWN_CARDS, MOST_TEMPLATES } from './lists'
import { PictureName } from './picture'
import { CalendarDate, Id, Line, OptionalLine } from './primitives'

export const PrintKind = z.enum(PRINT_KINDS)
export type PrintKind = z.infer<typeof PrintKind>

/** How far a sheet goes: 0 for the youngest that it suits, 3 for those of school age. */
export const PrintLevel = z.union([z.literal(0), z.literal(1), z.literal(2), z.literal(3)])
export type PrintLevel = z.infer<typeof PrintLevel>

const Millimeters = z.number('Write a number of millimeters')

/** A card of her own: a word, and a picture where she chose one. */
export const OwnCard = z.strictObject({ word: Line, picture: PictureName })
export type OwnCard = z.infer<typeof OwnCard>

/** What a design is, whichever unit and children it is printed for. */
const Design = z.strictObject({
  kind: PrintKind,
  /** What it is called: as its kind, or by a name of hers. */
  name: Line,
  /** Cards of her own, after what the theme and the home give. */
  own: z.array(OwnCard).max(MOST_OWN_CARDS, `At most ${MOST_OWN_CARDS} cards of your own`).default([]),
  /** Only those are on it. */
  ownOnly: z.boolean().default(false),
  /** Words of her own, where the kind has room for a line. */
  text: OptionalLine.default(''),
  /** Millimeters of a card; null for the usual ones of the kind. */
  size: z.tuple([Millimeters.gt(0, 'A card has a width'), Millimeters.gt(0, 'A card has a height')]).nullable(),
  copies: z
    .number('Write how many')
    .int('Copies are whole')
    .min(1, 'At least one')
    .max(MOST_COPIES, `At most ${MOST_COPIES} at once`),
  ink: z.enum(INKS).nullable(),
  stock: z.enum(['paper', 'cardstock']),
  laminate: z.boolean(),
  backs: z.boolean(),
  /** Left empty, to be filled in by hand. */
  blank: z.boolean(),
})
/** A design that she keeps, to begin other sets from. */
export const PrintTemplate = z.strictObject({ id: Id, ...Design.shape })
export type PrintTemplate = z.infer<typeof PrintTemplate>

/** How the home prints. */
export const PrintRules = z.strictObject({
  /** Null: as the home measures, US Letter with US measures and A4 with metric ones. */
  paper: z.enum(PAPER_SIZES).nullable(),
  margin: Millimeters.min(0, 'A margin is 0 or more').max(60, 'A margin of more than 60 mm leaves nothing to print on'),
  ink: z.enum(INKS),
  hand: z.enum(HANDS),
  /** Millimeters by which the second side lies to the right of the first and below it. */
  back: z.strictObject({ x: Millimeters.min(-15).max(15), y: Millimeters.min(-15).max(15) }),
  templates: z.array(PrintTemplate).max(MOST_TEMPLATES, `At most ${MOST_TEMPLATES} designs are kept`).default([]),
})
export type PrintRules = z.infer<typeof PrintRules>

/** Something that she prints for a unit: which kind, for whom, how far it goes, and whether it is printed. */
export const PrintSet = z.strictObject({
  ...Design.shape,
  id: Id,
  unitId: Id,
  /** The idea on the plan that it is for; null where it is for the unit. */
  placementId: Id.nullable(),
  /** Steps of that idea's preparation that it takes the place of. */
  instead: z.array(Id).max(20),
  /** Names of the objects that it shows, in order; none for all that the theme has. */
  things: z.array(Line).max(60, 'At most 60 objects'),
  /** Who it is for; none for all who take part, or who are expected. */
  children: z.array(Id).max(60),
  /** How far it goes for a child, where it is not as the age says. */
  levels: z.record(Id, PrintLevel),
  /**
   * What it comes to, as it was drawn last: the plan reckons with that, so that nothing is drawn where only the sum is
   * wanted.
   */
  made: z.strictObject({
    sheets: z.number().int().min(0).max(10_000),
    /** Pieces that are cut out. */
    pieces: z.number().int().min(0).max(100_000),
    /** Clothespins, fasteners or dice that go with it. */
    with: z.strictObject({ materialId: Id, quantity: z.number().int().min(1).max(100_000) }).nullable(),
  }),
  /** The day it was printed; null while it is not. */
  printedOn: CalendarDate.nullable(),
})
export type PrintSet = z.infer<typeof PrintSet>
