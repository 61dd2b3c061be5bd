import { z } from 'zod'
import {
  Book,
  Activity,
  Adult,
  Batch,
  Center,
  Child,
  Circle,
  CircleLog,
  FamilyPromise,
  Home,
  Idea,
  Material,
  Piece,
  Placement,
  PrepMark,
  PrintSet,
  Purchase,
  Recipe,
  StockEntry,
  Unit,
  type ImportEntry,
  referencesOf,
  thingName,
  type Op,
  type Row,
  type ThingKind,
  type ThingOf,
} from '../../domain'
import { canonical, type Fault } from '../../base'

/** Version of the plan file that this core writes. It reads this one only. */
export const PLAN_FILE_VERSION = 1

/** Largest numbers of things in one file: a home with ten years of units is well inside. */
const MANY = 20_000

/** A home, or units of one, with all that they refer to. File name ending: `.kobby.json`. */
export const PlanFile = z.strictObject({
  format: z.literal('kobby-plan'),
  version: z.literal(PLAN_FILE_VERSION),
  home: Home.nullable(),
  children: z.array(Child).max(200),
  adults: z.array(Adult).max(200),
  centers: z.array(Center).max(200),
  materials: z.array(Material).max(MANY),
  activities: z.array(Activity).max(MANY),
  recipes: z.array(Recipe).max(2000).default([]),
  units: z.array(Unit).max(2000),
  ideas: z.array(Idea).max(MANY),
  placements: z.array(Placement).max(MANY),
  purchases: z.array(Purchase).max(MANY),
  promises: z.array(FamilyPromise).max(MANY).default([]),
  prepMarks: z.array(PrepMark).max(MANY).default([]),
  printSets: z.array(PrintSet).max(MANY).default([]),
  circles: z.array(Circle).max(MANY).default([]),
  pieces: z.array(Piece).max(2000).default([]),
  circleLogs: z.array(CircleLog).max(MANY).default([]),
  books: z.array(Book).max(2000).default([]),
  stock: z
    .array(StockEntry)
    .max(MANY * 10)
    .default([]),
  batches: z.array(Batch).max(MANY).default([]),
})
export type PlanFile = z.infer<typeof PlanFile>

/** Lists of a plan file with the kind of thing in each, in an order in which each only refers to earlier ones. */
export const FILE_LISTS = [
  ['children', 'child'],
  ['adults', 'adult'],
  ['centers', 'center'],
  ['materials', 'material'],
  ['activities', 'activity'],
  ['recipes', 'recipe'],
  ['units', 'unit'],
  ['ideas', 'idea'],
  ['placements', 'placement'],
  ['purchases', 'purchase'],
  ['promises', 'promise'],
  ['prepMarks', 'prepMark'],
  ['printSets', 'printSet'],
  ['circles', 'circle'],
  ['pieces', 'piece'],
  ['circleLogs', 'circleLog'],
  ['books', 'book'],
  ['stock', 'stock'],
  ['batches', 'batch'],
] as const satisfies [keyof PlanFile, ThingKind][]

/** An import before it is applied: every write, and what each means. */
export interface ImportPlan {
  entries: ImportEntry[]
  ops: Op[]
}

/** Looks a row up in the store. */
export type Lookup = (kind: ThingKind, id: string) => Row | undefined

/**
 * Plans the import of a valid file into a store: each thing added, replaced or the same. Two things of one id, and
 * references to things that are neither in the file nor in the store, are faults that name the path.
 *
 * @param file parsed by {@link PlanFile}
 * @param lookup rows of the store
 * @param currentHome row of the store's own home; a file of the same home, or one that comes into an empty house, takes
 *   its place. Two homes are not merged: a child of one would count in the other.
 * @param lived whether the store has children or units of its own
 */
export function planImport(
  file: PlanFile,
  lookup: Lookup,
  currentHome: Row<'home'> | undefined,
  lived = false,
): ImportPlan | { faults: Fault[] } {
  const faults: Fault[] = []
  if (file.home && currentHome && lived && file.home.id !== currentHome.value.id) {
    faults.push({
      field: 'home.id',
      message:
        `This file is from another home, ${file.home.name}. Two homes are not merged: save one of its ` +
        'units there and bring in that, or begin with an empty house',
    })
  }
  const entries: ImportEntry[] = []
  const ops: Op[] = []
  const inFile = new Map<string, ThingOf<ThingKind>>()
  const add = (kind: ThingKind, value: ThingOf<ThingKind>, row: Row | undefined) => {
    const does = !row ? 'add' : canonical(row.value) === canonical(value) ? 'same' : 'replace'
    entries.push({ kind, id: value.id, name: thingName(kind, value), does })
    if (does !== 'same') ops.push({ op: 'put', kind, base: row?.version ?? 0, value } as Op)
  }
  for (const [list, kind] of FILE_LISTS) {
    file[list].forEach((value, i) => {
      const key = `${kind} ${value.id}`
      if (inFile.has(key))
        faults.push({ field: `${list}.${i}.id`, message: `Two of the ${list} have the id ${value.id}` })
      inFile.set(key, value)
    })
  }
  for (const [list, kind] of FILE_LISTS) {
    file[list].forEach((value, i) => {
      for (const reference of referencesOf(kind, value)) {
        if (inFile.has(`${reference.kind} ${reference.id}`) || lookup(reference.kind, reference.id)) continue
        faults.push({
          field: `${list}.${i}.${reference.field}`,
          message: `No ${reference.kind} has the id ${reference.id}, neither in the file nor here`,
        })
      }
    })
  }
  if (faults.length) return { faults }
  if (file.home) {
    // There is one home in a store: the file's settings replace it, under the id that it has here.
    add('home', currentHome ? { ...file.home, id: currentHome.value.id } : file.home, currentHome)
  }
  for (const [list, kind] of FILE_LISTS) for (const value of file[list]) add(kind, value, lookup(kind, value.id))
  return { entries, ops }
}

/** A plan file of everything in a house, or of one unit with what it refers to. */
export function writePlanFile(all: Omit<PlanFile, 'format' | 'version'>): PlanFile {
  return { format: 'kobby-plan', version: PLAN_FILE_VERSION, ...all }
}

/** One unit with the activities, materials and centers it uses; no child, no adult: it can be given to another home. */
export function unitPlanFile(all: Omit<PlanFile, 'format' | 'version'>, unitId: string): PlanFile {
  const ideas = all.ideas.filter((idea) => idea.unitId === unitId)
  const placements = all.placements
    .filter((one) => one.unitId === unitId)
    .map((one) => ({ ...one, leadId: null, keptOut: [] }))
  const activityIds = new Set([...ideas.map((idea) => idea.activityId), ...placements.map((one) => one.activityId)])
  const activities = all.activities.filter((activity) => activityIds.has(activity.id))
  const recipeIds = new Set(placements.flatMap((one) => (one.mix ? [one.mix.recipeId] : [])))
  const recipes = all.recipes.filter((one) => recipeIds.has(one.id))
  const materialIds = new Set([
    ...activities.flatMap((activity) =>
      activity.requirements.flatMap((requirement) => [requirement.materialId, ...requirement.alternatives]),
    ),
    ...placements.flatMap((one) => [...Object.values(one.swaps), ...(one.bin ? [one.bin.fillerId] : [])]),
    ...recipes.flatMap((one) => referencesOf('recipe', one).map((reference) => reference.id)),
  ])
  const centerIds = new Set(placements.map((one) => one.centerId))
  const circles = all.circles.filter((one) => one.unitId === unitId)
  const used = (field: 'pieceId' | 'bookId') => new Set(circles.flatMap((one) => one.parts.map((part) => part[field])))
  const [pieceIds, bookIds] = [used('pieceId'), used('bookId')]
  const pieces = all.pieces.filter((one) => pieceIds.has(one.id))
  for (const take of pieces.flatMap((one) => one.takes)) materialIds.add(take.materialId)
  return writePlanFile({
    home: null,
    children: [],
    adults: [],
    centers: all.centers.filter((center) => centerIds.has(center.id)),
    materials: all.materials.filter((material) => materialIds.has(material.id)),
    activities,
    recipes,
    units: all.units.filter((unit) => unit.id === unitId),
    ideas,
    placements: placements.map((one) => ({ ...one, took: {} })),
    purchases: [],
    promises: [],
    prepMarks: [],
    // Who it was for stays in the home; what is printed goes with the unit.
    printSets: all.printSets
      .filter((one) => one.unitId === unitId)
      .map((one) => ({ ...one, children: [], levels: {}, printedOn: null })),
    circles: circles.map((one) => ({ ...one, turns: one.turns.map((turn) => ({ ...turn, childId: null })) })),
    pieces,
    circleLogs: [],
    // What is lent goes back to where it came from.
    books: all.books.filter((one) => bookIds.has(one.id)).map((one) => ({ ...one, lent: null })),
    stock: [],
    batches: [],
  })
}

/** JSON Schema of a schema, as it is written. */
export const jsonSchemaOf = (schema: z.ZodType) => z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' })
