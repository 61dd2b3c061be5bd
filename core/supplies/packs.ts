import { demand, fail } from '../base'
import { tidy } from './tidy'

/** What a pack holds and costs. */
export interface PackOffer {
  /** Content in whole base units, 1 or more. */
  size: number
  /** Price in cents, 0 or more. */
  price: number
}

/** Packs to buy, for a need. */
export interface Cover<P extends PackOffer = PackOffer> {
  packs: { pack: P; count: number }[]
  /** Content of all packs together. */
  total: number
  /** What is left once the need is met. */
  leftover: number
  /** Cents. */
  cost: number
}

/** Largest need in base units that a cover is computed for: the bound of an amount in the domain. */
export const LARGEST_NEED = 10_000_000

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b))

/**
 * The cheapest packs that cover a need; among equally cheap ones the least left over, then the fewest packs. Exact:
 * dynamic programming over the need, in steps of the packs' common divisor.
 *
 * @param need base units, 0 to 10,000,000; a fraction of a thousandth and more is rounded up, since packs hold whole
 *   units
 * @param offers 1 to 255 packs, sizes in whole base units of 1 or more, prices in cents
 * @throws InputError naming `need`, `packs` or `packs.N.size` / `packs.N.price`
 * @example cover(130, [{ size: 50, price: 125 }, { size: 120, price: 275 }]) // three of 50, 375, 20 left
 */
export function coverByPacks<P extends PackOffer>(need: number, offers: readonly P[]): Cover<P> {
  demand(Number.isFinite(need) && need >= 0, 'need', 'The need must be 0 or more')
  demand(need <= LARGEST_NEED, 'need', `The need must be at most ${LARGEST_NEED.toLocaleString('en')}`)
  demand(offers.length > 0 && offers.length <= 255, 'packs', 'Name 1 to 255 packs')
  for (const [i, { size, price }] of offers.entries()) {
    if (!Number.isSafeInteger(size) || size < 1)
      fail(`packs.${i}.size`, 'A pack must hold a whole number of units, 1 or more')
    if (!Number.isSafeInteger(price) || price < 0) fail(`packs.${i}.price`, 'A price must be 0 or more whole cents')
  }
  const step = offers.reduce((common, offer) => gcd(common, offer.size), 0)
  const sizes = offers.map((offer) => offer.size / step)
  const steps = Math.ceil(Math.ceil(tidy(need)) / step)
  const counts = new Array<number>(offers.length).fill(0)

  // A best pack is one with the lowest price a unit, the largest such. An optimal cover exists with fewer other packs
  // than the best one has steps: among that many, some add up to a multiple of it and can be traded for it at no loss.
  // So for a need beyond best x largest, the rest is certain to be best packs.
  const best = offers.reduce((b, offer, i) => {
    const byUnit = offer.price * sizes[b] - offers[b].price * sizes[i]
    return byUnit < 0 || (byUnit === 0 && sizes[i] > sizes[b]) ? i : b
  }, 0)
  const bound = sizes[best] * Math.max(...sizes)
  const certain = Math.max(0, Math.floor((steps - bound) / sizes[best]))
  counts[best] = certain
  const chosen = choices(
    steps - certain * sizes[best],
    sizes,
    offers.map((offer) => offer.price),
  )
  for (let left = steps - certain * sizes[best]; left > 0; left = Math.max(0, left - sizes[chosen[left]]))
    counts[chosen[left]]++

  const packs = offers.flatMap((pack, i) => (counts[i] ? [{ pack, count: counts[i] }] : []))
  const total = packs.reduce((sum, { pack, count }) => sum + pack.size * count, 0)
  const cost = packs.reduce((sum, { pack, count }) => sum + pack.price * count, 0)
  return { packs, total, leftover: tidy(total - need), cost }
}

/** Largest whole number that a double holds exactly. */
const EXACT = Number.MAX_SAFE_INTEGER

/** For every number of steps up to `steps`, the pack that a best cover of it takes last. */
function choices(steps: number, sizes: readonly number[], prices: readonly number[]): Uint8Array {
  const largest = Math.max(...sizes)
  const mostPacks = Math.ceil(steps / Math.min(...sizes)) + 1
  // Cost, then leftover, then number of packs as the digits of one number, so that one comparison settles all three.
  const perLeftover = mostPacks + 1
  const perCent = perLeftover * (largest + 1)
  const mostCost = Math.min(...sizes.map((size, i) => Math.ceil(steps / size) * prices[i]))
  if ((mostCost + Math.max(...prices)) * perCent < EXACT)
    return choicesAsOne(steps, sizes, prices, perCent, perLeftover)
  return choicesApart(steps, sizes, prices)
}

/** {@link choices} where cost, leftover and number fit into one exact number. */
function choicesAsOne(
  steps: number,
  sizes: readonly number[],
  prices: readonly number[],
  perCent: number,
  perLeftover: number,
): Uint8Array {
  const largest = Math.max(...sizes)
  const pick = new Uint8Array(steps + 1)
  // What is covered already by as much too much stands before 0.
  const best = new Float64Array(steps + 1 + largest)
  for (let over = 1; over <= largest; over++) best[largest - over] = over * perLeftover
  const adds = Float64Array.from(prices, (price) => price * perCent + 1)
  const back = Int32Array.from(sizes)
  const count = sizes.length
  for (let q = 1; q <= steps; q++) {
    const at = q + largest
    let least = best[at - back[0]] + adds[0]
    let pack = 0
    for (let i = 1; i < count; i++) {
      const sum = best[at - back[i]] + adds[i]
      if (sum < least) {
        least = sum
        pack = i
      }
    }
    best[at] = least
    pick[q] = pack
  }
  return pick
}

/** {@link choices} for needs and prices so large that each of the three is compared on its own. */
function choicesApart(steps: number, sizes: readonly number[], prices: readonly number[]): Uint8Array {
  const pick = new Uint8Array(steps + 1)
  const cost = new Float64Array(steps + 1)
  const total = new Float64Array(steps + 1)
  const count = new Uint32Array(steps + 1)
  for (let q = 1; q <= steps; q++) {
    let bestCost = Infinity
    let bestTotal = Infinity
    let bestCount = Infinity
    let bestPack = 0
    for (let i = 0; i < sizes.length; i++) {
      const before = q > sizes[i] ? q - sizes[i] : 0
      const newCost = cost[before] + prices[i]
      if (newCost > bestCost) continue
      const newTotal = total[before] + sizes[i]
      const newCount = count[before] + 1
      if (newCost < bestCost || newTotal < bestTotal || (newTotal === bestTotal && newCount < bestCount)) {
        bestCost = newCost
        bestTotal = newTotal
        bestCount = newCount
        bestPack = i
      }
    }
    cost[q] = bestCost
    total[q] = bestTotal
    count[q] = bestCount
    pick[q] = bestPack
  }
  return pick
}
