import { isToGet, type SupplyLine } from './supplyList'
import { countedTogether, type Buy } from './buys'

/** A line as it stands under one place where it is got. */
export interface GroupEntry {
  line: SupplyLine
  /** What of it is bought here; null where it is not bought, or no price is known. */
  buy: Buy | null
}

/** What is got in one way, and bought in one shop. */
export interface SupplyGroup {
  key: string
  title: string
  entries: GroupEntry[]
  /** Cents. */
  cost: number
}

const capital = (text: string) => text.replace(/^./, (letter) => letter.toUpperCase())
const OTHER_WAYS = {
  gather: 'Gather or make in the house',
  borrow: 'Borrow',
  ask: 'Ask families',
  have: 'In the house',
  buy: 'Anywhere: no price known',
} as const

/**
 * What is to get, by where: each shop, the dearest first, then the other ways. Within each the late ones first, then by
 * part of the shop, then by name. A line that is bought in two shops stands under both.
 */
export function supplyGroups(lines: readonly SupplyLine[]): SupplyGroup[] {
  const groups = new Map<string, SupplyGroup>()
  const add = (key: string, title: string, entry: GroupEntry) => {
    const group = groups.get(key) ?? { key, title, entries: [], cost: 0 }
    group.entries.push(entry)
    groups.set(key, { ...group, cost: group.cost + (entry.buy?.cost ?? 0) })
  }
  for (const line of lines.filter(isToGet)) {
    const way = line.fellBack ? 'buy' : line.material.way
    const shops = [...new Set(line.buys.map((buy) => buy.shop.toLowerCase()))]
    for (const shop of shops) {
      const here = line.buys.filter((buy) => buy.shop.toLowerCase() === shop)
      const buy: Buy =
        here.length === 1
          ? here[0]
          : {
              ...here[0],
              packs: countedTogether(here.flatMap((one) => one.packs)),
              quantity: sum(here, (one) => one.quantity),
              cost: sum(here, (one) => one.cost),
            }
      add(`shop ${shop}`, capital(buy.shop), { line, buy })
    }
    if (!shops.length) add(way, OTHER_WAYS[way], { line, buy: null })
  }
  const order = (a: GroupEntry, b: GroupEntry) =>
    Number(b.line.late) - Number(a.line.late) ||
    names.compare(a.line.material.shopPart, b.line.material.shopPart) ||
    names.compare(a.line.material.name, b.line.material.name)
  return [...groups.values()]
    .map((group) => ({ ...group, entries: group.entries.sort(order) }))
    .sort((a, b) => b.cost - a.cost || names.compare(a.title, b.title))
}

const names = new Intl.Collator('en')
const sum = <T>(list: readonly T[], of: (one: T) => number): number => list.reduce((total, one) => total + of(one), 0)
