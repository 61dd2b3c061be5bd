import { defineStore } from 'pinia'
import { computed, shallowReactive, shallowRef, watch } from 'vue'
import {
  fromTemplate,
  inOrder,
  newPrintSet,
  pageSvg,
  PRINT_KIND_INFO,
  printerOf,
  printJob,
  printThing,
  templateOf,
  testSheet,
  type Page,
  type PrintJob,
  type RunOrder,
} from '@core/cards'
import { InputError, shortDate } from '@core/base'
import {
  MOST_TEMPLATES,
  newMaterial,
  OWN_PICTURE,
  PRINT_KINDS,
  type Material,
  type PrintKind,
  type PrintSet,
  type PrintTemplate,
} from '@core/domain'
import { pictureOf } from '@core/library/pictures'
import { sessionOf, type Session } from '@core/plan'
import { PAPER_OF, POUCH, printOffers, printSum } from '@core/printing'
import { newId } from '../api/newId'
import { usePagesFile } from '../composables/usePagesFile'
import { usePictureSources } from '../composables/usePictureSources'
import type { DrawnPage } from '../workers/pagesPdf'
import { useHouse } from './house'
import { useSession } from './session'
import { useSupplies } from './supplies'
import { useUnit } from './unit'
import type { Write } from './writer'

/** One thing that can be printed for the unit: kept by her, or only offered for an idea. */
export interface PrintRow {
  set: PrintSet
  kept: boolean
  /** What it is for, in words; empty for the unit. */
  forWhat: string
  date: string | null
}

/** The level of figures that are in color, without a word. */
const IN_COLOR = 1

/** What stands on paper for the open unit: what its ideas want, what is kept, what is printed. */
export const usePrinting = defineStore('printing', () => {
  const unit = useUnit()
  const house = useHouse()
  const session = useSession()
  const supplies = useSupplies()
  const pictures = usePictureSources()

  /** Figures of the stories of a circle, one set each: whoever tells it needs one of each, in color. */
  function figuresOf(circleId: string): PrintSet[] {
    const { snapshot } = unit
    const circle = unit.circles.find((one) => one.id === circleId)
    return (circle?.parts ?? []).flatMap((part) => {
      const piece = snapshot?.pieces.find((one) => one.id === part.pieceId)
      if (!piece?.figures.length) return []
      return [
        {
          ...newPrintSet(`offer-${circleId}-${piece.id}`.slice(0, 64), unit.id!, 'stick', circleId),
          name: `${piece.title}: figures`,
          own: piece.figures.map((word) => ({ word, picture: pictureOf(word) ?? '' })),
          ownOnly: true,
          levels: Object.fromEntries(house.children.map((child) => [child.id, IN_COLOR])),
        },
      ]
    })
  }
  const rows = computed<PrintRow[]>(() => {
    const { readings, snapshot } = unit
    if (!readings || !snapshot) return []
    const kept = unit.printSets
    const isOpen = (one: Session) => !readings.plan.isBehind(one) && one.days[0].date >= snapshot.today
    const open = readings.plan.sessions.filter(isOpen)
    const own = kept.map((set): PrintRow => {
      const session = sessionOf(readings.plan, set.placementId)
      return {
        set,
        kept: true,
        forWhat: session?.activity.title ?? '',
        date: session?.days[0].date ?? null,
      }
    })
    const offered = open.flatMap((one) =>
      printOffers(unit.activitiesById.get(one.placement.activityId) ?? one.activity)
        .filter(({ kind }) => !kept.some((set) => set.placementId === one.placement.id && set.kind === kind))
        .map(({ kind, instead }): PrintRow => ({
          set: {
            ...newPrintSet(`offer-${one.placement.id}-${kind}`, unit.id!, kind, one.placement.id),
            instead: [...instead],
          },
          kept: false,
          forWhat: one.activity.title,
          date: one.days[0].date,
        })),
    )
    const figures = readings.plan.circles.filter(isOpen).flatMap((one) =>
      figuresOf(one.placement.id)
        .filter((set) => !kept.some((other) => other.placementId === set.placementId && other.name === set.name))
        .map((set): PrintRow => ({ set, kept: false, forWhat: one.activity.title, date: one.days[0].date })),
    )
    const order = (row: PrintRow) => row.date ?? '9999'
    return [...own, ...offered, ...figures].sort((a, b) => (order(a) < order(b) ? -1 : order(a) > order(b) ? 1 : 0))
  })
  const toPrint = computed(() => rows.value.filter((row) => row.kept && !row.set.printedOn))
  const offers = computed(() => rows.value.filter((row) => !row.kept))
  const printed = computed(() => rows.value.filter((row) => row.set.printedOn))
  const sheetsOf = (list: readonly PrintRow[]) => list.reduce((sum, row) => sum + printSum(row.set).sheets, 0)
  const today = computed(() => unit.snapshot?.today ?? '')
  /** What the next day of the unit asks for. */
  const nextDay = computed(() => {
    return unit.days.find((day) => day.held && day.date > today.value)?.date ?? null
  })
  const forNext = computed(() =>
    toPrint.value.filter((row) => row.date !== null && row.date >= today.value && row.date <= (nextDay.value ?? '')),
  )

  /** A set as it is drawn now; what is wrong with it where it cannot be. */
  function jobOf(set: PrintSet): { job: PrintJob | null; faults: Record<string, string> } {
    const { snapshot, readings } = unit
    if (!snapshot || !readings) return { job: null, faults: {} }
    try {
      return { job: printJob(set, snapshot, readings.plan, pictures.edgeOf), faults: {} }
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      return { job: null, faults: Object.fromEntries(error.faults.map((one) => [one.field, one.message])) }
    }
  }
  /** What each kind lacks, in the theme as it is: nothing where it can be made. */
  const kinds = computed(() => PRINT_KINDS.map((kind) => ({ kind, info: PRINT_KIND_INFO[kind] })))
  const infoOf = (kind: PrintKind) => PRINT_KIND_INFO[kind]
  const things = computed(() => (unit.unit?.objects ?? []).map(printThing).filter((thing) => thing.one))

  const measured = (set: PrintSet): PrintSet => {
    const { job } = jobOf(set)
    return job ? { ...set, made: job.made } : set
  }
  /** Keeps a set, under an id of its own where it was only offered. */
  async function keep(set: PrintSet, words: string): Promise<PrintSet> {
    const own = measured(set.id.startsWith('offer-') ? { ...set, id: newId() } : set)
    await unit.commit(words, [{ put: 'printSet', value: own }])
    return own
  }
  const take = (kind: PrintKind, placementId: string | null = null) =>
    keep(newPrintSet(newId(), unit.id!, kind, placementId), `Print: ${PRINT_KIND_INFO[kind].title}`)
  /** A set of a kind that is only looked at. */
  const trial = (kind: PrintKind): PrintSet => newPrintSet(`trial-${kind}`, unit.id!, kind)
  /** Designs that the home keeps, each looked at as it comes out for this unit. */
  const designs = computed(() => house.thisHome.print.templates)
  const putDesigns = (words: string, templates: readonly PrintTemplate[]) =>
    house.commit(words, [
      { put: 'home', value: { ...house.thisHome, print: { ...house.thisHome.print, templates: [...templates] } } },
    ])
  /** One of a name takes the place of the one before it. */
  async function keepDesign(set: PrintSet): Promise<boolean> {
    const others = designs.value.filter((one) => one.name !== set.name)
    if (others.length >= MOST_TEMPLATES) {
      files.asked.value = 'set'
      files.failed.value = `At most ${MOST_TEMPLATES} designs are kept. Drop one that is not needed any more.`
      return false
    }
    await putDesigns(`Keep the design ${set.name}`, [...others, templateOf(newId(), set)])
    return true
  }
  const dropDesign = ({ id, name }: PrintTemplate) =>
    putDesigns(
      `Drop the design ${name}`,
      designs.value.filter((one) => one.id !== id),
    )
  const ofDesign = (design: PrintTemplate, id: string) => fromTemplate(id, unit.id!, design)
  const takeDesign = (design: PrintTemplate) => keep(ofDesign(design, newId()), `Print: ${design.name}`)
  const leave = (set: PrintSet) => unit.commit(`${set.name}: not printed`, [{ remove: 'printSet', id: set.id }])

  /** What goes out of the pantry, as far as it is counted there. */
  const used = (materialId: string, quantity: number, back: boolean): Write[] => {
    const material: Material | undefined = house.materialsById.get(materialId)
    if (!material || material.way === 'have' || quantity <= 0) return []
    const change = back ? quantity : -Math.min(quantity, material.onHand)
    return change ? [supplies.stockWrite(materialId, 'used', change, back ? 'Not printed after all' : 'Printed')] : []
  }
  /** Says that sets are printed, or not yet; answers what they are kept as. */
  async function markPrinted(sets: readonly PrintSet[], printedNow: boolean): Promise<PrintSet[]> {
    const own = sets.map((set) => measured(set.id.startsWith('offer-') ? { ...set, id: newId() } : set))
    const sums = own.map(printSum)
    const taken = new Map<string, number>()
    own.forEach((set, i) => {
      taken.set(PAPER_OF[set.stock], (taken.get(PAPER_OF[set.stock]) ?? 0) + sums[i].sheets)
      taken.set(POUCH, (taken.get(POUCH) ?? 0) + sums[i].pouches)
    })
    await unit.commit(
      own.length === 1
        ? `${own[0].name}: ${printedNow ? 'printed' : 'not printed yet'}`
        : `${own.length} sets: ${printedNow ? 'printed' : 'not printed yet'}`,
      [
        ...own.map((value) => ({
          put: 'printSet' as const,
          value: { ...value, printedOn: printedNow ? session.today : null },
        })),
        ...[...taken].flatMap(([id, quantity]) => used(id, quantity, !printedNow)),
      ],
    )
    return own
  }

  /** Fetches the edges of all drawings that sets could show. A photo has none to follow. */
  const wantEdges = (sets: readonly PrintSet[]) =>
    pictures.wantEdges(
      new Set(
        sets
          .flatMap((set) => [...things.value, ...set.own])
          .map((thing) => thing.picture)
          .filter((name) => name && !name.startsWith(OWN_PICTURE)),
      ),
    )
  /** Pages with their pictures, as drawings: one after the other, so that nothing stands still meanwhile. */
  async function drawn(sets: readonly PrintSet[], order: RunOrder): Promise<DrawnPage[]> {
    await wantEdges(sets.filter((set) => NEEDS_EDGES.has(set.kind)))
    const runs: Page[][] = []
    for (const set of sets) {
      await breath()
      const pages = jobOf(set).job?.pages ?? []
      await pictures.want(new Set(pages.flatMap((page) => [...page.pictures])))
      runs.push(Array.from({ length: set.copies }, () => pages).flat())
    }
    const all = inOrder(runs, order, house.children)
    const drawings = new Map<Page, DrawnPage>()
    for (const page of new Set(all)) {
      await breath()
      drawings.set(page, drawingOf(page))
    }
    return all.map((page) => drawings.get(page)!)
  }
  const drawingOf = (page: Page): DrawnPage => ({
    width: page.width,
    height: page.height,
    svg: pageSvg(page, pictures.sources.value),
  })
  const files = usePagesFile(pictures.sources)
  /** A PDF of sets; null where it was stopped or failed: then `failed` says why. */
  const pdf = (sets: readonly PrintSet[], title: string, order: RunOrder = 'set') =>
    files.pdfOf(() => drawn(sets, order), title)
  /** Two sides that show how far apart they are printed. */
  const testPdf = () =>
    files.pdfOf(
      () => Promise.resolve(testSheet(printerOf(house.thisHome.print, house.thisHome.measures)).map(drawingOf)),
      'Test sheet',
    )

  /** Sums as they are now, reckoned one after another, so that nothing stands still. */
  const sums = shallowReactive(new Map<string, PrintJob['made'] & { lacks: string }>())
  const busy = shallowRef(0)
  watch(
    [offers, toPrint],
    async (lists) => {
      const run = ++busy.value
      for (const { set } of lists.flat()) {
        await breath()
        if (run !== busy.value) return
        const { job } = jobOf(set)
        if (job) sums.set(set.id, { ...job.made, lacks: job.lacks })
      }
    },
    { immediate: true },
  )
  /** Sets that come to something else than when they were kept: other kids take part, or the theme has other objects. */
  const changed = computed(() =>
    toPrint.value.filter(({ set }) => {
      const now = sums.get(set.id)
      return now && (['sheets', 'pieces'] as const).some((key) => now[key] !== set.made[key])
    }),
  )
  const countAnew = () =>
    unit.commit(
      `${changed.value.length === 1 ? changed.value[0].set.name : `${changed.value.length} sets`}: counted anew`,
      changed.value.map(({ set }) => ({ put: 'printSet' as const, value: measured(set) })),
    )
  /** A laminated set, as a thing of the house with a place of its own. */
  async function keepInPantry(set: PrintSet, place: string): Promise<void> {
    const name = [set.name, unit.unit?.name].filter(Boolean).join(', ')
    const material: Material = {
      ...newMaterial(`printed-${set.kind}-${newId()}`.slice(0, 64), name),
      unit: 'each',
      use: 'reusable',
      place: place.trim(),
      onHand: 1,
      counted: true,
    }
    await house.commit(`Keep ${name}`, [{ put: 'material', value: material }])
  }

  return {
    rows,
    toPrint,
    offers,
    printed,
    forNext,
    nextDay,
    sheetsOf,
    sums,
    changed,
    countAnew,
    kinds,
    infoOf,
    things,
    jobOf,
    keep,
    take,
    trial,
    leave,
    designs,
    keepDesign,
    dropDesign,
    ofDesign,
    takeDesign,
    markPrinted,
    pdf,
    testPdf,
    ...files,
    drawn,
    wantEdges,
    keepInPantry,
    shortWords: shortDate,
    pictures,
  }
})
/** Lets the page move on before the next piece of work. */
const breath = () => new Promise((next) => setTimeout(next, 0))
/** Kinds whose pages follow the edge of a picture. */
export const NEEDS_EDGES: ReadonlySet<PrintKind> = new Set(['dots', 'lacing', 'weaving'])
