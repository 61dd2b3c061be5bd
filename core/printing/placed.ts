import type { Activity, CalendarDate, PrepStep, PrintSet, Requirement } from '../domain'
import { countWords } from '../base'
import { cuttingMinutes } from './sheets'

/** Materials that printing takes, by what they are called in the library. */
export const PAPER_OF: Record<PrintSet['stock'], string> = { paper: 'copy-paper', cardstock: 'card-stock' }
export const POUCH = 'laminating-pouch'

/** Seconds that a sheet takes in a home's printer, and minutes that a pouch takes in its laminator: common practice. */
const SECONDS_A_SHEET = 20
const MINUTES_A_POUCH = 1.5

/** Sheets, pouches and minutes of a set, in all its copies. */
export interface PrintSum {
  sheets: number
  pieces: number
  pouches: number
  printMinutes: number
  laminateMinutes: number
  cutMinutes: number
  /** To lay what was cut into sets, and these into the folder of their day or the kids' own. */
  sortMinutes: number
}

/**
 * What a set takes of paper and of time.
 *
 * @param set as it was drawn last, and how many copies are wanted
 */
export function printSum({ made, copies, laminate }: Pick<PrintSet, 'made' | 'copies' | 'laminate'>): PrintSum {
  const [sheets, pieces] = [made.sheets * copies, made.pieces * copies]
  const pouches = laminate ? sheets : 0
  return {
    sheets,
    pieces,
    pouches,
    printMinutes: Math.ceil((sheets * SECONDS_A_SHEET) / 60),
    laminateMinutes: Math.ceil(pouches * MINUTES_A_POUCH),
    // What is laminated is cut alone: pouches slip in a stack.
    cutMinutes: cuttingMinutes(pieces, laminate ? 1 : Math.min(copies, MOST_STACKED)),
    sortMinutes: pieces >= LEAST_SORTED ? Math.ceil((pieces * SECONDS_A_PIECE) / 60) : 0,
  }
}
/** Fewer pieces need no sorting; seconds that each of more takes to lay where it belongs: common practice. */
const LEAST_SORTED = 6
const SECONDS_A_PIECE = 3
/** Sheets of paper that scissors cut at once. */
const MOST_STACKED = 3

/** What the steps of printing are called among the preparation of a placement. */
export const PRINT_STEP = 'print-'
const stepsOf = (set: PrintSet): PrepStep[] => {
  const sum = printSum(set)
  const step = (what: string, kind: PrepStep['kind'], text: string, minutes: number): PrepStep[] =>
    minutes > 0
      ? [{ id: `${PRINT_STEP}${what}-${set.id}`, text, minutes, wait: 0, splits: true, uses: [], kind, per: null }]
      : []
  const sheets = countWords(sum.sheets, 'sheet')
  const name = set.placementId === null ? `${set.name} for the unit` : set.name
  return [
    ...(set.printedOn ? [] : step('sheets', 'print', `Print ${name}, ${sheets}`, sum.printMinutes)),
    ...step(
      'pouches',
      'laminate',
      `Laminate ${name}, ${countWords(sum.pouches, 'pouch', 'pouches')}`,
      sum.laminateMinutes,
    ),
    ...step('cuts', 'cut', `Cut out ${name}, ${countWords(sum.pieces, 'piece')}`, sum.cutMinutes),
    ...step('sets', 'other', `Sort ${name} into sets, and into the folder of the day`, sum.sortMinutes),
  ]
}

const taken = (id: string, materialId: string, quantity: number): Requirement[] =>
  quantity > 0
    ? [
        {
          id,
          materialId,
          quantity,
          basis: { by: 'set-up' },
          spare: 0,
          variants: null,
          reach: 'adult',
          alternatives: [],
        },
      ]
    : []
/** Ids of what printing takes: of paper and pouches, which are gone before the day, and of what goes with a set. */
const OWN = { paper: `${PRINT_STEP}paper-`, pouch: `${PRINT_STEP}pouch-`, unit: `${PRINT_STEP}unit-` }
/** Whether a need is for a set of the whole unit: it only counts with the idea that it stands at. */
export const isForUnit = (requirementId: string): boolean => requirementId.startsWith(OWN.unit)
/** Whether a need is gone before the idea begins, or none of it at all: nobody has it in hand there. */
export const isNotInHand = (requirementId: string): boolean =>
  Object.values(OWN).some((prefix) => requirementId.startsWith(prefix))

/** Paper and pouches until it is printed; what goes with it, whenever it is used. */
function needsOf(set: PrintSet): Requirement[] {
  const sum = printSum(set)
  const idOf = (what: 'paper' | 'pouch' | 'with') =>
    set.placementId === null ? `${OWN.unit}${what}-${set.id}` : `${PRINT_STEP}${what}-${set.id}`
  const before = set.printedOn
    ? []
    : [...taken(idOf('paper'), PAPER_OF[set.stock], sum.sheets), ...taken(idOf('pouch'), POUCH, sum.pouches)]
  const { with: goes } = set.made
  return goes ? [...before, ...taken(idOf('with'), goes.materialId, goes.quantity * set.copies)] : before
}
/**
 * What is printed for the whole unit counts with the first thing on the plan that it must be there for: of what is not
 * printed yet that is the first from today on, and of the rest the first after it was printed, so that what is cut and
 * laminated afterward stays done while the days go by.
 *
 * @param starts placements with the date on which each begins, and whether each is still to come
 * @returns for each placement the sets of the unit that count with it
 */
export function unitPrints(
  sets: readonly PrintSet[],
  starts: readonly { id: string; date: CalendarDate; open: boolean }[],
  today: CalendarDate,
): ReadonlyMap<string, readonly PrintSet[]> {
  const inTime = [...starts].sort((a, b) => (a.date !== b.date ? (a.date < b.date ? -1 : 1) : a.id < b.id ? -1 : 1))
  const out = new Map<string, PrintSet[]>()
  for (const set of sets) {
    if (set.placementId !== null) continue
    const first = inTime.find(({ date, open }) => (set.printedOn ? date >= set.printedOn : open && date >= today))
    if (first) out.set(first.id, [...(out.get(first.id) ?? []), set])
  }
  return out
}
const PREP_MOST = 20

/**
 * An activity with what is printed for it: the sheets join what it needs until they are printed, and printing,
 * laminating and cutting take the place of what would have been made by hand. So the supply list, the preparation and
 * the day sheet follow as they do from anything else.
 *
 * What a step that is saved would have used, and nothing else uses, need not be got any more.
 *
 * @param sets those for this placement
 * @param has whether the home has a material of this id: of what it does not have, nothing is asked for
 */
export function withPrints(
  activity: Activity,
  sets: readonly PrintSet[],
  has: (materialId: string) => boolean = () => true,
): Activity {
  const by = [...sets].sort((a, b) => (a.id < b.id ? -1 : 1))
  const instead = new Set(by.flatMap((one) => one.instead))
  const own = activity.prep.filter((step) => !instead.has(step.id))
  const prep = [...own, ...by.flatMap(stepsOf)]
  const saved = new Set(activity.prep.filter((step) => instead.has(step.id)).flatMap((step) => step.uses))
  const usedStill = new Set(own.flatMap((step) => step.uses))
  const papers = new Set(Object.values(PAPER_OF))
  const kept = activity.requirements.filter(
    (one) => !(papers.has(one.materialId) && saved.has(one.id) && !usedStill.has(one.id)),
  )
  return {
    ...activity,
    // What was there before stands first, and nothing of it is lost where there is too much.
    prep: prep.slice(0, Math.max(PREP_MOST, own.length)),
    requirements: [...kept, ...by.flatMap(needsOf).filter((one) => has(one.materialId))],
  }
}
