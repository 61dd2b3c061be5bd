import type { Home, Material, Purchase } from '../domain'
import { WAY_NAMES, countWords, longDate, moneyWords, quantityWords } from '../base'
import { supplyGroups, tidy, getByWords, packWords, isToGet, type SupplyLine, type ShopTrip } from '../supplies'
import { escapeMarkdown } from './daySheet'

type HomeWords = Pick<Home, 'measures' | 'currency'>

/** Columns of the list as a table. */
export const SUPPLY_COLUMNS = [
  'what',
  'needed',
  'on hand',
  'for other units',
  'to get',
  'unit',
  'how',
  'packs',
  'shop',
  'part of the shop',
  'cost',
  'first used',
  'when',
  'for',
] as const

/** Cents as a table writes them: "3.75". */
const cents = (amount: number) => (amount / 100).toFixed(2)

/** What of a line is in the house for units before. */
const spokenFor = (line: SupplyLine): number => tidy(line.spokenFor.reduce((sum, one) => sum + one.quantity, 0))

/** The list as rows of cells, the header first: what is in the house too, so that the sums can be made again. */
export function supplyRows(lines: readonly SupplyLine[], home: HomeWords): string[][] {
  return [
    [...SUPPLY_COLUMNS],
    ...lines.map((line) => [
      line.material.name,
      String(line.need),
      line.onHand === Infinity ? 'always' : String(tidy(line.onHand + spokenFor(line))),
      spokenFor(line) ? String(spokenFor(line)) : '',
      String(line.shortage + line.topUp),
      line.material.unit,
      !isToGet(line) ? 'In the house' : WAY_NAMES[line.fellBack ? 'buy' : line.material.way],
      packWords(line.cover?.packs ?? [], line.material.unit, home.measures),
      [...new Set(line.buys.map((buy) => buy.shop))].join('; '),
      line.material.shopPart,
      line.cost ? cents(line.cost) : '',
      line.firstUse?.date ?? '',
      isToGet(line) ? getByWords(line) : '',
      [...new Set(line.needs.map((need) => need.session.activity.title))].join('; '),
    ]),
  ]
}

/** The list as Markdown, to paste anywhere: what is to get, by where, with boxes to tick. */
export function supplyMarkdown(title: string, lines: readonly SupplyLine[], home: HomeWords): string {
  const text = [`# ${escapeMarkdown(title)}`, '']
  const groups = supplyGroups(lines)
  if (!groups.length) text.push('Have everything: all of it is in the house.')
  for (const group of groups) {
    text.push(`## ${escapeMarkdown(group.title)}${group.cost ? `, ${moneyWords(group.cost, home.currency)}` : ''}`, '')
    for (const { line, buy } of group.entries) {
      const { material } = line
      const packs = packWords(buy?.packs ?? [], material.unit, home.measures)
      text.push(
        `- [ ] ${escapeMarkdown(material.name)}: ${quantityWords(line.shortage + line.topUp, material.unit, home.measures)}` +
          `${packs ? ` (${packs})` : ''}${getByWords(line) ? `, ${getByWords(line)}` : ''}`,
      )
    }
    text.push('')
  }
  return text.join('\n')
}

/** Cents by tax category, the dearest first, and how many purchases each holds. */
export function byCategory(
  purchases: readonly Purchase[],
  materials: ReadonlyMap<string, Material>,
): { name: string; paid: number; count: number }[] {
  const all = new Map<string, { name: string; paid: number; count: number }>()
  for (const one of purchases) {
    const name = categoryOf(one, materials.get(one.materialId))
    const sum = all.get(name) ?? { name, paid: 0, count: 0 }
    all.set(name, { name, paid: sum.paid + one.paid, count: sum.count + 1 })
  }
  return [...all.values()].sort((a, b) => b.paid - a.paid)
}

/** What a calendar says of a trip: a title, and what to get there. */
export function tripWords(trip: ShopTrip, home: HomeWords): { title: string; text: string } {
  const sent = trip.here !== trip.date
  return {
    title: `${sent ? 'Order' : 'Shop'}: ${trip.shop}, ${countWords(trip.items.length, 'thing')}`,
    text: [
      ...trip.items.map(
        ({ line: { material }, buy }) => `${material.name}: ${packWords(buy.packs, material.unit, home.measures)}`,
      ),
      `${moneyWords(trip.cost, home.currency)} in all`,
      ...(sent ? [`Here by ${longDate(trip.here)}`] : []),
    ].join('\n'),
  }
}

/**
 * Part of the shop, or its use, to what the tax folder calls it. A start: each purchase can say otherwise, and the tax
 * adviser knows better.
 */
const CATEGORIES: [RegExp, string][] = [
  [/produce|baking|food|snack/i, 'Food'],
  [/household|cleaning/i, 'Household supplies'],
]

/** What a purchase is for the tax folder: as it says, or by what it is. */
export function categoryOf(
  purchase: Pick<Purchase, 'category'>,
  material: Pick<Material, 'shopPart' | 'use'> | undefined,
): string {
  if (purchase.category.trim()) return purchase.category.trim()
  const known = CATEGORIES.find(([part]) => part.test(material?.shopPart ?? ''))
  return known ? known[1] : material?.use === 'reusable' ? 'Toys and equipment' : 'Activity supplies'
}

/** What was bought in a year, as a table for the tax folder: in order of date, with a sum at the end. */
export function yearRows(purchases: readonly Purchase[], materials: ReadonlyMap<string, Material>): string[][] {
  const sorted = [...purchases].sort((a, b) => (a.date === b.date ? (a.id < b.id ? -1 : 1) : a.date < b.date ? -1 : 1))
  return [
    ['date', 'shop', 'item', 'amount', 'category'],
    ...sorted.map((one) => [
      one.date,
      one.shop,
      materials.get(one.materialId)?.name ?? one.materialId,
      cents(one.paid),
      categoryOf(one, materials.get(one.materialId)),
    ]),
  ]
}
