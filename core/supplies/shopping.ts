import type { BoughtPack, CalendarDate, Home, Material, Pack, Purchase, StockOp } from '../domain'
import { countWords, listWords, moneyWords, shortDate } from '../base'
import type { Session } from '../plan'
import type { Buy } from './buys'
import type { ListSource, SupplyNeed } from './give'
import { isSafe } from './lend'
import { tidy } from './tidy'
import { coverByPacks } from './packs'
import { shareOut } from './money'
import { stockOp } from './stock'
import type { SupplyLine } from './supplyList'
import { getBy, shopDays } from './trips'

/** One thing to put into the cart. */
export interface ShopItem {
  line: SupplyLine
  buy: Buy
}

/** One way to one shop, or one order. */
export interface ShopTrip {
  shop: string
  date: CalendarDate
  /** When it is in the house: another day where it is sent. */
  here: CalendarDate
  /** In the order in which a shop is walked: by part, then by name. */
  items: ShopItem[]
  cost: number
}

/** Every trip that the list asks for, the soonest first. */
export function tripsOf(lines: readonly SupplyLine[]): ShopTrip[] {
  const trips = new Map<string, ShopTrip>()
  for (const line of lines) {
    for (const buy of line.buys) {
      const key = `${buy.trip.date} ${buy.shop.toLowerCase()}`
      const trip = trips.get(key) ?? { shop: buy.shop, date: buy.trip.date, here: buy.trip.here, items: [], cost: 0 }
      trip.items.push({ line, buy })
      trips.set(key, { ...trip, cost: trip.cost + buy.cost })
    }
  }
  const part = ({ line: { material } }: ShopItem) => `${material.shopPart} ${material.name}`
  return [...trips.values()]
    .map((trip) => ({ ...trip, items: [...trip.items].sort((a, b) => part(a).localeCompare(part(b), 'en')) }))
    .sort((a, b) => (a.date === b.date ? a.shop.localeCompare(b.shop, 'en') : a.date < b.date ? -1 : 1))
}

/** A short number of a text, the same on every device: FNV-1a over 64 bits. */
function hashOf(text: string): string {
  let hash = 0xcbf29ce484222325n
  for (const letter of text) hash = BigInt.asUintN(64, (hash ^ BigInt(letter.codePointAt(0)!)) * 0x100000001b3n)
  return hash.toString(36)
}

/**
 * The id of a purchase: the same for whoever ticks the same line on the same day, so that a line which two people tick
 * is bought once. What is bought again on that day has the next number.
 */
export const purchaseId = (date: CalendarDate, number: number, unitId: string | null, materialId: string): string =>
  `buy-${date.replaceAll('-', '')}-${hashOf(`${number} ${unitId ?? ''} ${materialId}`)}`

/** What lies in the cart of one material: a line that was parted over units is one. Paid in cents. */
export interface CartLine {
  materialId: string
  purchases: Purchase[]
  quantity: number
  paid: number
}

/** What is in the cart of a shop: bought there today. */
export function cartOf(bought: readonly Purchase[], today: CalendarDate, shop: string): CartLine[] {
  const here = bought.filter((one) => one.date === today && one.shop === shop)
  return [...new Set(here.map((one) => one.materialId))].map((materialId) => {
    const purchases = here.filter((one) => one.materialId === materialId)
    return { materialId, purchases, ...sumOf(purchases) }
  })
}

/** What purchases come to together. */
export const sumOf = (
  purchases: readonly Pick<Purchase, 'quantity' | 'paid'>[],
): { quantity: number; paid: number } => ({
  quantity: tidy(purchases.reduce((sum, one) => sum + one.quantity, 0)),
  paid: purchases.reduce((sum, one) => sum + one.paid, 0),
})

/** What packs hold together, and what they cost. */
export const packSum = (packs: readonly { size: number; count: number; price: number }[]) => ({
  quantity: tidy(packs.reduce((sum, one) => sum + one.count * one.size, 0)),
  price: packs.reduce((sum, one) => sum + one.count * one.price, 0),
})

/** What was found in the shop. */
export interface Found {
  /** Packs as they were found. */
  packs: BoughtPack[]
  shop: string
  date: CalendarDate
  by: string
  /** How often the material was bought on that date before. */
  number: number
  /** For the history of the material. */
  entryId: string
}

/**
 * A tick in the shop: the packs go into the cupboard whole, leftovers too; their prices are remembered; what was paid
 * is parted over the units by what each is short, and to the house by what only fills it up.
 */
export function tickInShop(line: SupplyLine, found: Found): { purchases: Purchase[]; stock: StockOp } {
  const { material, needs, topUp } = line
  const quantity = found.packs.reduce((sum, pack) => sum + pack.size * pack.count, 0)
  const paid = found.packs.reduce((sum, pack) => sum + pack.price * pack.count, 0)
  const shares = new Map<string | null, number>()
  for (const need of needs) if (need.short > 0) shares.set(need.unitId, (shares.get(need.unitId) ?? 0) + need.short)
  if (topUp > 0 || !shares.size) shares.set(null, topUp)
  const cents = shareOut(paid, [...shares.values()])
  const units = [...shares.keys()]
  const amounts = [...shares.values()]
  const whole = amounts.reduce((sum, one) => sum + one, 0)
  const purchases = units.map((unitId, i): Purchase => ({
    id: purchaseId(found.date, found.number, unitId, material.id),
    unitId,
    materialId: material.id,
    quantity: tidy(whole > 0 ? (quantity * amounts[i]) / whole : quantity),
    paid: cents[i],
    date: found.date,
    shop: found.shop,
    packs: units.length === 1 ? found.packs : [],
    category: '',
    by: found.by,
  }))
  const packs = found.packs.map((pack): Pack => ({
    size: pack.size,
    price: pack.price,
    shop: found.shop,
    seen: found.date,
  }))
  return {
    purchases,
    stock: stockOp(material.id, {
      entryId: found.entryId,
      change: quantity,
      reason: 'bought',
      date: found.date,
      unitId: units[0] ?? null,
      note: found.shop,
      by: found.by,
      packs,
    }),
  }
}

/** What can be done where something is not in the shop. */
export type NotThere =
  | { kind: 'elsewhere'; shop: string; date: CalendarDate; cost: number; lateDays: number; words: string }
  | {
      kind: 'instead'
      material: Material
      cost: number
      swap: { placementId: string; requirementId: string }[]
      words: string
    }
  | { kind: 'without'; sessions: Session[]; words: string }

/**
 * What can be done where a line is not in a shop: another shop, with whether that is in time; another material that its
 * ideas name, with what it costs there, where that is no less safe; or to do without, with what on the plan then misses
 * it. In this order.
 */
export function notThere(
  line: SupplyLine,
  shop: string,
  home: Pick<Home, 'shops' | 'shoppingDays' | 'currency'>,
  today: CalendarDate,
  sources: readonly ListSource[],
): NotThere[] {
  const short = line.needs.filter((need) => need.short > 0)
  const sessions = [...new Set(short.map((need) => need.session))]
  const without: NotThere[] = sessions.length
    ? [
        {
          kind: 'without',
          sessions,
          words: `Without it: ${listWords(sessions.map((session) => `${session.activity.title} on ${shortDate(session.days[0].date)}`))}`,
        },
      ]
    : []
  return [...elsewhere(line, shop, home, today), ...instead(line.material, short, home, sources), ...without]
}

/** Other shops that have it, with whether that is in time. */
function elsewhere(
  { material, shortage, topUp, firstUse, lastUse }: SupplyLine,
  shop: string,
  home: Pick<Home, 'shops' | 'shoppingDays' | 'currency'>,
  today: CalendarDate,
): NotThere[] {
  const others = [...new Set(material.packs.map((pack) => pack.shop))].filter(
    (name) => name.toLowerCase() !== shop.toLowerCase(),
  )
  return others.map((name) => {
    const { cost } = coverByPacks(
      shortage + topUp,
      material.packs.filter((pack) => pack.shop === name),
    )
    const trip = getBy(shopDays(home, name), firstUse?.date ?? today, lastUse ?? today, material.keepsDays, today)
    const late = firstUse !== null && trip.lateDays > 0
    return {
      kind: 'elsewhere',
      shop: name,
      date: trip.date,
      cost,
      lateDays: late ? trip.lateDays : 0,
      words:
        `${capital(name)}, ${shortDate(trip.date)}, ` +
        `${moneyWords(cost, home.currency)}${late ? `: ${countWords(trip.lateDays, 'day')} too late` : ''}`,
    }
  })
}

/** Other materials that the ideas name, where each is no less safe, with what they cost. */
function instead(
  material: Material,
  short: readonly SupplyNeed[],
  home: Pick<Home, 'currency'>,
  sources: readonly ListSource[],
): NotThere[] {
  const sourceOf = (need: SupplyNeed) => sources.find(({ snapshot }) => snapshot.unit.id === need.unitId)!
  const ids = [...new Set(short.flatMap((need) => need.requirement.alternatives))]
  return ids.flatMap((id): NotThere[] => {
    const one = sources[0].plan.materials.get(id)
    if (!one || one.unit !== material.unit || !one.packs.length) return []
    const met = short.filter((need) => need.requirement.alternatives.includes(id) && isSafe(need, one, sourceOf(need)))
    if (!met.length) return []
    const { cost } = coverByPacks(
      met.reduce((sum, need) => sum + need.short, 0),
      one.packs,
    )
    return [
      {
        kind: 'instead',
        material: one,
        cost,
        swap: met.map((need) => ({ placementId: need.session.placement.id, requirementId: need.requirement.id })),
        words: `${capital(one.name)} for ${titlesOf(met.map((need) => need.session))}, ${moneyWords(cost, home.currency)}`,
      },
    ]
  })
}

const capital = (text: string) => text.replace(/^./, (letter) => letter.toUpperCase())
const titlesOf = (sessions: readonly Session[]) =>
  listWords([...new Set(sessions.map((session) => session.activity.title))])
