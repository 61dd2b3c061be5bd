import { addDays, dateOfDay } from '../calendar/dates'
import type { CalendarDate, Material, Pack, UnitSnapshot } from '../domain'
import { byId, type ResolvedPlan, type Session } from '../plan/resolve'
import { latestPrepStarts, needsOf, peakInUse, type Need } from './needs'
import { coverByPacks, type Cover } from './packs'
import { getBy, type GetBy } from './trips'

/** When and by what a material is first used. */
export interface FirstUse {
  date: CalendarDate
  /** Plan minute. */
  minute: number
  by: 'placement' | 'prep'
  session: Session
  /** The preparation step, where it is one. */
  step: string | null
}

/** One material on the list of a unit. */
export interface SupplyLine {
  material: Material
  /** Consumable: all that is still to be used. Reusable: the most in use at once. */
  need: number
  /** When the most is in use, for a reusable. */
  peak: { from: CalendarDate; to: CalendarDate } | null
  onHand: number
  shortage: number
  /** Packs to buy; null where nothing is short, it is not bought, or no price is known. */
  cover: Cover<Pack> | null
  /** Cents to pay; 0 where nothing is bought. */
  cost: number
  /** Short, to be bought, and without a known pack. */
  unpriced: boolean
  /** What it is for, in order of time, with what each takes of the stock first. */
  needs: (Need & { short: number })[]
  firstUse: FirstUse
  lastUse: CalendarDate
  getBy: GetBy | null
  /** Day the ask to families goes out, where it is asked for. */
  askOn: CalendarDate | null
  late: boolean
}

/** Needs that today's cupboard must still meet: what is behind us has taken its share already. */
function stillToCome(plan: ResolvedPlan, today: CalendarDate): Need[] {
  return needsOf(plan).filter(({ session, material }) => {
    if (plan.isBehind(session)) return false
    return material.use === 'reusable' || session.days[0].date >= today
  })
}

/** On-hand counts go to the earliest use first; what is left over of each need is short there. */
function giveOut(needs: Need[], material: Material): (Need & { short: number })[] {
  if (material.use === 'consumable') {
    let left = material.onHand
    return needs.map((need) => {
      const short = Math.max(0, need.quantity - left)
      left = Math.max(0, left - need.quantity)
      return { ...need, short }
    })
  }
  return needs.map((need, i) => {
    const earlier = needs.slice(0, i).filter((other) => other.session.freeAgain > need.session.start && other.session.start < need.session.freeAgain)
    const uses = [...earlier, need].map((one) => ({ from: Math.max(one.session.start, need.session.start), to: Math.min(one.session.freeAgain, need.session.freeAgain), quantity: one.quantity }))
    return { ...need, short: Math.min(need.quantity, Math.max(0, peakInUse(uses).quantity - material.onHand)) }
  })
}

function firstUseOf(needs: Need[]): FirstUse {
  const uses = needs.map(({ session, requirement }): FirstUse => {
    const starts = latestPrepStarts(session.activity, session.start)
    const index = session.activity.prep.findIndex((step) => step.uses.includes(requirement.id))
    const minute = index >= 0 ? Math.min(starts[index], session.start) : session.start
    const date = dateOfDay(Math.floor(minute / 1440))
    return { date, minute, session, by: index >= 0 ? 'prep' : 'placement', step: index >= 0 ? session.activity.prep[index].text : null }
  })
  return uses.reduce((first, use) => (use.minute < first.minute ? use : first))
}

/** One material's line from its needs in order of time. */
function supplyLine(material: Material, needs: Need[], snapshot: UnitSnapshot): SupplyLine {
  const { home, today } = snapshot
  const peak = material.use === 'reusable'
    ? peakInUse(needs.map(({ session, quantity }) => ({ from: session.start, to: session.freeAgain, quantity })))
    : null
  const need = peak ? peak.quantity : Number(needs.reduce((sum, one) => sum + one.quantity, 0).toFixed(6))
  const shortage = Number(Math.max(0, need - material.onHand).toFixed(6))
  const buys = shortage > 0 && material.way === 'buy'
  const cover = buys && material.packs.length ? coverByPacks(shortage, material.packs) : null
  const firstUse = firstUseOf(needs)
  const lastUse = needs.reduce((last, one) => {
    const end = one.session.days[one.session.days.length - 1].date
    return end > last ? end : last
  }, needs[0].session.days[0].date)
  const by = shortage > 0 && material.way === 'buy' ? getBy(home.shoppingDays, firstUse.date, lastUse, material.keepsDays, today) : null
  const askOn = shortage > 0 && material.way === 'ask' ? addDays(firstUse.date, -home.askDaysAhead) : null
  return {
    material, need, shortage, cover, firstUse, lastUse, askOn,
    peak: peak && { from: dateOfDay(Math.floor(peak.from / 1440)), to: dateOfDay(Math.floor((peak.to - 1) / 1440)) },
    onHand: material.onHand,
    cost: cover?.cost ?? 0,
    unpriced: buys && !cover,
    needs: giveOut(needs, material),
    getBy: by,
    late: (by !== null && by.lateDays > 0) || (askOn !== null && askOn < today),
  }
}

/**
 * The supply list of a unit: a line for each material that what is still to come takes, in order of first use, then by name.
 * On-hand is what the cupboard holds today, so what is done, skipped or past is not counted again.
 */
export function supplyList(snapshot: UnitSnapshot, plan: ResolvedPlan): SupplyLine[] {
  const needs = new Map<string, Need[]>()
  for (const need of stillToCome(plan, snapshot.today)) {
    const list = needs.get(need.material.id)
    if (list) list.push(need)
    else needs.set(need.material.id, [need])
  }
  const materials = byId(snapshot.materials)
  return [...needs]
    .map(([id, list]) => supplyLine(materials.get(id)!, list, snapshot))
    .sort((a, b) => (a.firstUse.date === b.firstUse.date ? a.material.name.localeCompare(b.material.name, 'en') : a.firstUse.date < b.firstUse.date ? -1 : 1))
}

/** A saving: what leaving one line out would save, and what would be lost with it. */
export interface Saving {
  line: SupplyLine
  saves: number
  loses: string[]
}

/** Money of a unit, in cents. */
export interface Money {
  spent: number
  planned: number
  total: number
  budget: number | null
  /** Over the budget; 0 where there is none or it holds. */
  over: number
  /** Lines to be bought whose price is not known: the total is at least this. */
  unpriced: SupplyLine[]
  /** The three lines whose removal saves most. */
  savings: Saving[]
}

/** Spent and planned against the unit's budget, with the three lines whose removal saves most. */
export function moneyOf(snapshot: UnitSnapshot, lines: readonly SupplyLine[]): Money {
  const spent = snapshot.purchases.reduce((sum, purchase) => sum + purchase.paid, 0)
  const planned = lines.reduce((sum, line) => sum + line.cost, 0)
  const { budget } = snapshot.unit
  const savings = lines
    .filter((line) => line.cost > 0)
    .sort((a, b) => b.cost - a.cost)
    .slice(0, 3)
    .map((line) => ({ line, saves: line.cost, loses: [...new Set(line.needs.map((need) => need.session.activity.title))] }))
  return {
    spent, planned, budget, savings,
    total: spent + planned,
    over: budget === null ? 0 : Math.max(0, spent + planned - budget),
    unpriced: lines.filter((line) => line.unpriced),
  }
}
