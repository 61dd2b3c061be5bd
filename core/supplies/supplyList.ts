import { addDays, dateOfDay, isOpen, keep } from '../base'
import type { CalendarDate, FamilyPromise, Home, Material, Pack, SpokenFor, UnitSnapshot } from '../domain'
import type { ResolvedPlan, Session } from '../plan'
import { buysOf, countedTogether, type Buy } from './buys'
import {
  byUse,
  countedForLeast,
  giveOut,
  lastDayOf,
  peakOf,
  shortageOf,
  supplyNeed,
  useOf,
  type FirstUse,
  type ListSource,
  type SupplyNeed,
} from './give'
import { lendAlternatives } from './lend'
import { sessionNeeds } from './needs'
import { tidy } from './tidy'
import type { Cover } from './packs'
import { freeOf, inHouse, spokenForIn } from './spokenFor'
import { getBy, shopDays, type GetBy } from './trips'

/** One material on the list. */
export interface SupplyLine {
  material: Material
  /** Consumable: all that is still to be used. Reusable: the most in use at once. */
  need: number
  /** When the most is in use, for a reusable. */
  peak: { from: CalendarDate; to: CalendarDate } | null
  /** What of it can be counted on, less what is spoken for; Infinity where the house always has it. */
  onHand: number
  /** What of it is in the house for units before, which are not on this list. */
  spokenFor: SpokenFor[]
  /** What families said they would bring, in time. */
  coming: number
  /** Missing for what is planned. */
  shortage: number
  /** To be got besides, so that the house has its least again. */
  topUp: number
  /** Packs to buy; null where nothing is bought, or no price is known. */
  cover: Cover<Pack> | null
  /** Where and when, a part for each trip; a thing that does not keep may take several. */
  buys: Buy[]
  /** Cents to pay in all; 0 where nothing is bought. */
  cost: number
  /** Cents of it for what is planned. */
  planCost: number
  /** Short, to be bought, and without a known pack. */
  unpriced: boolean
  /** What it is for, in order of time, with what each takes of the stock first. */
  needs: SupplyNeed[]
  /** Null where nothing planned takes it: it is only low. */
  firstUse: FirstUse | null
  lastUse: CalendarDate | null
  getBy: GetBy | null
  /** Where families are asked: the day the ask goes out, the day they bring it by, and the day they were asked. */
  ask: { on: CalendarDate; bringBy: CalendarDate; asked: CalendarDate | null } | null
  /** Nobody brought it in time: it is bought after all. */
  fellBack: boolean
  late: boolean
}

/** Something to get, for what is planned or for the house. */
export const isToGet = (line: SupplyLine): boolean => line.shortage > 0 || line.topUp > 0

const keptNeeds = keep<Session, SupplyNeed[]>()
const keptGiven = keep<Material, SupplyNeed[]>()
const keptLines = keep<Material, SupplyLine>()

/** Needs that today's cupboard must still meet: what is behind us has taken its share already. */
function stillToCome(source: ListSource): SupplyNeed[] {
  const {
    plan,
    snapshot: { today },
  } = source
  return [...plan.sessions, ...plan.circles].flatMap((session): SupplyNeed[] => {
    if (plan.isBehind(session)) return []
    const all = keptNeeds(session, [plan.materials], () =>
      sessionNeeds(session, plan.materials).map((need) => supplyNeed(need, useOf(need))),
    )
    return session.days[0].date < today ? all.filter((need) => need.material.use !== 'consumable') : all
  })
}

/** How far back an open day is looked for: past the longest closure that anyone comes back from. */
const A_YEAR = 366

/**
 * The last open day on or before a date: families come to the door then. The date itself where the home has not been
 * open for a year.
 */
function lastOpenDay(home: Home, date: CalendarDate): CalendarDate {
  for (let back = 0; back < A_YEAR; back++) if (isOpen(home, addDays(date, -back))) return addDays(date, -back)
  return date
}

/**
 * When families are asked for something, so that what does not come can still be bought: by the last trip that is early
 * enough.
 */
function askOf(
  material: Material,
  home: Home,
  firstUse: CalendarDate,
  lastUse: CalendarDate,
  today: CalendarDate,
  asked: CalendarDate | null,
): SupplyLine['ask'] {
  const trips = material.packs
    .map((pack) => getBy(shopDays(home, pack.shop), firstUse, lastUse, null, today))
    .filter((trip) => trip.lateDays === 0)
    .map((trip) => trip.date)
  const bringBy = lastOpenDay(home, trips.length ? trips.sort().at(-1)! : addDays(firstUse, -1))
  return { on: addDays(bringBy, -home.askDaysAhead), bringBy, asked }
}

const firstUseOf = (needs: readonly SupplyNeed[]): FirstUse | null =>
  needs.reduce<FirstUse | null>(
    (before, one) => (before === null || one.use.minute < before.minute ? one.use : before),
    null,
  )
const lastUseOf = (needs: readonly SupplyNeed[]): CalendarDate | null =>
  needs.reduce<CalendarDate | null>(
    (last, one) => (last === null || lastDayOf(one) > last ? lastDayOf(one) : last),
    null,
  )

/** One material's line from its needs in order of time. */
function supplyLine(
  material: Material,
  given: SupplyNeed[],
  spokenFor: SpokenFor[],
  promises: readonly FamilyPromise[],
  asked: CalendarDate | null,
  home: Home,
  today: CalendarDate,
): SupplyLine {
  const needs = given.filter((need) => need.quantity > 0 || need.lent.length > 0)
  const peak = material.use === 'reusable' && needs.length ? peakOf(needs) : null
  const need = peak ? peak.quantity : tidy(needs.reduce((sum, one) => sum + one.quantity, 0))
  const onHand = freeOf(material, spokenFor)
  const coming = tidy(promises.reduce((sum, one) => sum + one.quantity, 0))
  const shortage = shortageOf(needs, material, onHand, promises)
  // What is past its date is in the house and serves for nothing.
  const good = Math.min(onHand, countedForLeast(material, today))
  const left = good + coming + shortage - (material.use === 'consumable' ? need : 0)
  const topUp = material.par === null ? 0 : tidy(Math.max(0, material.par - Math.max(0, left)))
  const [first, lastUse] = [firstUseOf(needs), lastUseOf(needs)]
  const ask =
    material.way === 'ask' && shortage > 0 && first ? askOf(material, home, first.date, lastUse!, today, asked) : null
  const fellBack = ask !== null && today > ask.bringBy && material.packs.length > 0
  const isBought = (shortage > 0 || topUp > 0) && (material.way === 'buy' || fellBack)
  const buys = isBought && material.packs.length ? buysOf({ material, needs, shortage, topUp, home, today }) : []
  const cover = buys.length ? together(buys, shortage + topUp) : null
  const soonest = buys.length
    ? buys.reduce((a, b) => (b.trip.date < a.trip.date ? b : a)).trip
    : isBought && first
      ? getBy(shopDays(home, ''), first.date, lastUse!, material.keepsDays, today)
      : null
  const cost = cover?.cost ?? 0
  return {
    material,
    need,
    shortage,
    topUp,
    onHand,
    spokenFor: inHouse(material, spokenFor),
    coming,
    cover,
    buys,
    cost,
    planCost:
      topUp === 0
        ? cost
        : cover && shortage > 0
          ? Math.min(cost, costOf(buysOf({ material, needs, shortage, topUp: 0, home, today })))
          : 0,
    peak: peak && { from: dateOfDay(Math.floor(peak.from / 1440)), to: dateOfDay(Math.floor((peak.to - 1) / 1440)) },
    unpriced: isBought && !cover,
    needs,
    firstUse: first,
    lastUse,
    getBy: soonest,
    ask,
    fellBack,
    late:
      (soonest !== null && soonest.lateDays > 0) || (ask !== null && !fellBack && ask.asked === null && ask.on < today),
  }
}

const costOf = (buys: readonly Buy[]): number => buys.reduce((sum, buy) => sum + buy.cost, 0)

/** The packs of several trips as one cover. */
function together(buys: readonly Buy[], need: number): Cover<Pack> {
  const packs = countedTogether(buys.flatMap((buy) => buy.packs))
  const total = packs.reduce((sum, { pack, count }) => sum + pack.size * count, 0)
  return {
    packs,
    total,
    leftover: tidy(total - need),
    cost: packs.reduce((sum, { pack, count }) => sum + pack.price * count, 0),
  }
}

/**
 * The list of one unit or of several at once: a line for each material that what is still to come takes, or that is
 * low, in order of first use, then by name. On-hand is what the cupboard holds today, so what is done, skipped or past
 * is not counted again; units together share it, the earliest use first. What units before them will still use up is
 * not there for them.
 *
 * @param sources one unit or more of the same home on the same day
 */
export function supplyListOf(sources: readonly ListSource[]): SupplyLine[] {
  const { home, materials, today } = sources[0].snapshot
  const known = sources[0].plan.materials
  const needed = new Map<string, SupplyNeed[]>()
  for (const need of sources.flatMap(stillToCome)) {
    const list = needed.get(need.material.id)
    if (list) list.push(need)
    else needed.set(need.material.id, [need])
  }
  const coming = new Map<string, FamilyPromise[]>()
  for (const one of sources.flatMap(({ snapshot }) => snapshot.promises))
    if (one.state === 'coming' && one.by >= today)
      coming.set(
        one.materialId,
        [...(coming.get(one.materialId) ?? []), one].sort((a, b) => (a.by < b.by ? -1 : 1)),
      )
  const spoken = spokenForIn(sources)
  const thereOf = (material: Material) => freeOf(material, spoken.get(material.id) ?? NOBODY)
  const give = (id: string, list: SupplyNeed[]): SupplyNeed[] => {
    const [material, promised] = [known.get(id)!, coming.get(id) ?? NONE]
    const inOrder = isInOrder(list) ? list : [...list].sort(byUse)
    const there = thereOf(material)
    return keptGiven(material, [there, ...promised, ...inOrder], () => giveOut(inOrder, material, there, promised))
  }
  const first = new Map<string, SupplyNeed[]>()
  for (const [id, list] of needed) first.set(id, give(id, list))
  const given = lendAlternatives(first, known, thereOf, sources)
  // What nothing was lent to, and what lent nothing, has what it had.
  for (const [id, list] of given) if (list !== first.get(id)) given.set(id, give(id, list))
  for (const one of materials)
    if (one.par !== null && !given.has(one.id) && Math.min(thereOf(one), countedForLeast(one, today)) < one.par)
      given.set(one.id, [])
  return [...given]
    .map(([id, list]) => {
      const [material, promised] = [known.get(id)!, coming.get(id) ?? NONE]
      const asked = sources.reduce<CalendarDate | null>((found, { snapshot }) => snapshot.unit.asked[id] ?? found, null)
      const others = spoken.get(id) ?? NOBODY
      return keptLines(material, [home, today, asked, ...others, ...promised, ...list], () =>
        supplyLine(material, list, others, promised, asked, home, today),
      )
    })
    .sort(
      (a, b) =>
        compare(a.firstUse?.date ?? '9999', b.firstUse?.date ?? '9999') ||
        names.compare(a.material.name, b.material.name),
    )
}

/** Needs come in order of their placements; most of them are taken out in the same order. */
const isInOrder = (needs: readonly SupplyNeed[]): boolean =>
  needs.every((need, i) => i === 0 || byUse(needs[i - 1], need) <= 0)

const NONE: FamilyPromise[] = []
const NOBODY: SpokenFor[] = []
/** Made once: comparing through it is many times faster than by each name. */
const names = new Intl.Collator('en')
const compare = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0)

/**
 * What units will still use up, for the snapshot of one that comes after them. What comes back is there again by then.
 *
 * @param sources units that begin before it and are not over; may be none
 */
export function spokenForBy(sources: readonly ListSource[]): SpokenFor[] {
  if (!sources.length) return []
  return supplyListOf(sources)
    .filter(({ material }) => material.use === 'consumable')
    .flatMap(({ material, needs }) =>
      sources.flatMap(({ snapshot: { unit } }) => {
        const quantity = tidy(needs.reduce((sum, need) => sum + (need.unitId === unit.id ? need.quantity : 0), 0))
        return quantity > 0 ? [{ materialId: material.id, unitId: unit.id, unit: unit.name, quantity }] : []
      }),
    )
}

/** The list of one unit. See {@link supplyListOf}. */
export const supplyList = (snapshot: UnitSnapshot, plan: ResolvedPlan): SupplyLine[] =>
  supplyListOf([{ snapshot, plan }])
