import { defineStore } from 'pinia'
import { computed, ref, shallowReactive, shallowRef, watch } from 'vue'
import {
  inOrder,
  newPrintSet,
  pageSvg,
  PRINT_KIND_INFO,
  printerOf,
  printJob,
  printThing,
  testSheet,
  type Page,
  type PrintJob,
  type RunOrder,
} from '@core/cards'
import { InputError, shortDate } from '@core/base'
import { newMaterial, PRINT_KINDS, type Material, type PrintKind, type PrintSet } from '@core/domain'
import { PAPER_OF, POUCH, printOffers, printSum } from '@core/printing'
import { newId } from '../api/newId'
import { usePictureSources } from '../composables/usePictureSources'
import type { DrawnPage } from '../workers/pagesPdf'
import type { PagesAnswer, PagesQuestion } from '../workers/pages.worker'
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

/** What stands on paper for the open unit: what its ideas want, what is kept, what is printed. */
export const usePrinting = defineStore('printing', () => {
  const unit = useUnit()
  const house = useHouse()
  const session = useSession()
  const supplies = useSupplies()
  const pictures = usePictureSources()

  const rows = computed<PrintRow[]>(() => {
    const { readings, snapshot } = unit
    if (!readings || !snapshot) return []
    const kept = unit.printSets
    const open = readings.plan.sessions.filter(
      (one) => !readings.plan.isBehind(one) && one.days[0].date >= snapshot.today,
    )
    const byPlacement = new Map(readings.plan.sessions.map((one) => [one.placement.id, one]))
    const own = kept.map((set): PrintRow => {
      const session = byPlacement.get(set.placementId ?? '')
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
    const order = (row: PrintRow) => row.date ?? '9999'
    return [...own, ...offered].sort((a, b) => (order(a) < order(b) ? -1 : order(a) > order(b) ? 1 : 0))
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
  const leave = (set: PrintSet) => unit.commit(`${set.name}: not printed`, [{ remove: 'printSet', id: set.id }])

  /** What goes out of the pantry, as far as it is counted there. */
  const used = (materialId: string, quantity: number, back: boolean): Write[] => {
    const material: Material | undefined = house.materialsById.get(materialId)
    if (!material || material.way === 'have' || quantity <= 0) return []
    const change = back ? quantity : -Math.min(quantity, material.onHand)
    return change ? [supplies.stockWrite(materialId, 'used', change, back ? 'Not printed after all' : 'Printed')] : []
  }
  async function markPrinted(sets: readonly PrintSet[], printedNow: boolean): Promise<void> {
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
  }

  /** Pages with their pictures, as drawings: one after the other, so that nothing stands still meanwhile. */
  async function drawn(sets: readonly PrintSet[], order: RunOrder): Promise<DrawnPage[]> {
    const names = new Set(things.value.map((thing) => thing.picture).filter(Boolean))
    if (sets.some((set) => NEEDS_EDGES.has(set.kind))) await pictures.wantEdges(names)
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
  /** Two sides that show how far apart they are printed. */
  const testPdf = () =>
    made(
      () => Promise.resolve(testSheet(printerOf(house.thisHome.print, house.thisHome.measures)).map(drawingOf)),
      'Test sheet',
    )

  /** How far a PDF is: pages that are done, of all. */
  const progress = ref<{ done: number; all: number } | null>(null)
  const failed = ref('')
  let worker: Worker | null = null
  function stop(): void {
    worker?.terminate()
    worker = null
    progress.value = null
  }
  /** A PDF of sets; null where it was stopped or failed: then `failed` says why. */
  const pdf = (sets: readonly PrintSet[], title: string, order: RunOrder = 'set') =>
    made(() => drawn(sets, order), title)
  async function made(pagesOf: () => Promise<DrawnPage[]>, title: string): Promise<Uint8Array | null> {
    stop()
    failed.value = ''
    progress.value = { done: 0, all: 0 }
    try {
      const pages = await pagesOf()
      if (!pages.length) throw new Error('There is nothing to print yet')
      if (!progress.value) return null
      progress.value = { done: 0, all: pages.length }
      const own = new Worker(new URL('../workers/pages.worker.ts', import.meta.url), { type: 'module' })
      worker = own
      return await new Promise((settle) => {
        own.addEventListener('message', ({ data }: MessageEvent<PagesAnswer>) => {
          if ('done' in data) progress.value = { done: data.done, all: pages.length }
          else {
            if ('failed' in data) failed.value = data.failed
            stop()
            settle('pdf' in data ? data.pdf : null)
          }
        })
        own.addEventListener('error', () => {
          failed.value = 'The pages could not be made. Load the page again.'
          stop()
          settle(null)
        })
        own.postMessage({ title, pages } satisfies PagesQuestion)
      })
    } catch (error) {
      failed.value = error instanceof Error ? error.message : 'The pages could not be made'
      stop()
      return null
    }
  }

  /** Sums of what is only offered, reckoned one after another, so that nothing stands still. */
  const sums = shallowReactive(new Map<string, PrintJob['made'] & { lacks: string }>())
  const busy = shallowRef(0)
  watch(
    offers,
    async (list) => {
      const run = ++busy.value
      for (const { set } of list) {
        await breath()
        if (run !== busy.value) return
        const { job } = jobOf(set)
        if (job) sums.set(set.id, { ...job.made, lacks: job.lacks })
      }
    },
    { immediate: true },
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
    kinds,
    things,
    jobOf,
    keep,
    take,
    trial,
    leave,
    markPrinted,
    pdf,
    testPdf,
    stop,
    progress,
    failed,
    drawn,
    keepInPantry,
    shortWords: shortDate,
    pictures,
  }
})
/** Lets the page move on before the next piece of work. */
const breath = () => new Promise((next) => setTimeout(next, 0))
/** Kinds whose pages follow the edge of a picture. */
const NEEDS_EDGES: ReadonlySet<PrintKind> = new Set(['dots', 'lacing'])
