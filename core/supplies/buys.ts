import type { CalendarDate, Home, Material, Pack } from '../domain'
import { addDays } from '../base'
import { lastDayOf, type SupplyNeed } from './give'
import { coverByPacks } from './packs'
import { getBy, nextTrip, shopDays, type GetBy } from './trips'

/** What of one material is bought on one trip to one shop. */
export interface Buy {
  shop: string
  trip: GetBy
  packs: { pack: Pack; count: number }[]
  /** Content of these packs, in base units. */
  quantity: number
  /** Cents. */
  cost: number
}

/** The same packs of several trips, counted together. */
export function countedTogether(packs: Buy['packs']): Buy['packs'] {
  const counts = new Map<Pack, number>()
  for (const { pack, count } of packs) counts.set(pack, (counts.get(pack) ?? 0) + count)
  return [...counts].map(([pack, count]) => ({ pack, count }))
}

interface Asked {
  material: Material
  needs: readonly SupplyNeed[]
  shortage: number
  topUp: number
  home: Home
  today: CalendarDate
}

interface Portion {
  quantity: number
  first: CalendarDate
  last: CalendarDate
}

/** When one would go to each shop that has a material, for one part of it. */
const tripsFor = ({ material, home, today }: Asked, { first, last }: Portion): Map<string, GetBy> =>
  new Map(
    [...new Set(material.packs.map((pack) => pack.shop))].map((shop) => [
      shop,
      getBy(shopDays(home, shop), first, last, material.keepsDays, today),
    ]),
  )

/**
 * Packs from shops that are in time, and of those the ones that still keep then; those that come soonest where none is
 * in time. A shop that is cheap and too late helps nobody, nor does one from which it is spoiled before its use.
 */
function packsInTime(packs: readonly Pack[], trips: ReadonlyMap<string, GetBy>): readonly Pack[] {
  if (trips.size === 1) return packs
  const worth = ({ lateDays, spoils }: GetBy) => 2 * lateDays + (spoils ? 1 : 0)
  const best = Math.min(...[...trips.values()].map(worth))
  return packs.filter((pack) => worth(trips.get(pack.shop)!) === best)
}

/** Parts of what is short, so that each keeps from its trip to its last use; one part where it keeps for good. */
function portionsOf(asked: Asked): Portion[] {
  const { material, needs, shortage } = asked
  const short = needs.filter((need) => need.short > 0)
  if (!short.length) return []
  const span = (list: readonly SupplyNeed[]): Portion => ({
    quantity: list.reduce((sum, need) => sum + need.short, 0),
    first: list.reduce((first, need) => (need.use.date < first ? need.use.date : first), list[0].use.date),
    last: list.reduce((last, need) => (lastDayOf(need) > last ? lastDayOf(need) : last), lastDayOf(list[0])),
  })
  if (material.keepsDays === null || material.use === 'reusable') return [{ ...span(short), quantity: shortage }]
  const parts: SupplyNeed[][] = []
  for (const need of [...short].sort((a, b) => a.use.minute - b.use.minute)) {
    const part = parts[parts.length - 1]
    // One trip serves both where some shop is in time for the first and what it has still keeps for the last.
    const keeps =
      part && [...tripsFor(asked, span([...part, need])).values()].some((trip) => trip.lateDays === 0 && !trip.spoils)
    if (keeps) part.push(need)
    else parts.push([need])
  }
  return parts.map(span)
}

/**
 * What is bought of a material, where and on which trip: the cheapest packs among shops that are in time, each shop's
 * on its last trip that is early enough. What does not keep is bought in parts, each on the last trip from which it
 * still keeps. What only brings the house up to its least goes along with the last part, or on the next trip.
 *
 * @param asked a material with at least one pack, and something to get
 */
export function buysOf(asked: Asked): Buy[] {
  const { material, topUp, home, today } = asked
  const portions = portionsOf(asked)
  const bought = portions.flatMap((portion, i) => {
    const quantity = portion.quantity + (i === portions.length - 1 ? topUp : 0)
    const trips = tripsFor(asked, portion)
    return byShop(coverByPacks(quantity, packsInTime(material.packs, trips)).packs, (shop) => trips.get(shop)!)
  })
  if (portions.length || topUp === 0) return bought
  return byShop(coverByPacks(topUp, material.packs).packs, (shop) => {
    const days = shopDays(home, shop)
    const date = nextTrip(days, today)
    return { date, here: addDays(date, days.deliveryDays), lateDays: 0, spoils: false }
  })
}

/** Packs by the shop that has them. */
function byShop(packs: readonly { pack: Pack; count: number }[], tripTo: (shop: string) => GetBy): Buy[] {
  return [...new Set(packs.map(({ pack }) => pack.shop))].map((shop) => {
    const here = packs.filter(({ pack }) => pack.shop === shop)
    return {
      shop,
      trip: tripTo(shop),
      packs: here,
      quantity: here.reduce((sum, { pack, count }) => sum + pack.size * count, 0),
      cost: here.reduce((sum, { pack, count }) => sum + pack.price * count, 0),
    }
  })
}
