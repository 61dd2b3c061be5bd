import {
  CalendarDate,
  CONDITIONS,
  Material,
  newMaterial,
  UNITS,
  WAYS,
  type BaseUnit,
  type Condition,
  type Pack,
  type Way,
} from '../../domain'
import { readNumber, readQuantity, type Measured, WAY_NAMES } from '../../base'
import { plainNumber } from './csv'
import { NAME, quoted, splitOutside, unquoted } from './quoted'
import { UNMEASURED_MM } from '../../ideas'
import type { RowFault } from './activityCsv'

/**
 * Columns of the pantry as a table. What the cautions look at is not among them: that is measured in the hand, not
 * typed in a list.
 */
export const PANTRY_COLUMNS = [
  'id',
  'name',
  'on hand',
  'unit',
  'place',
  'least',
  'condition',
  'good until',
  'used',
  'when short',
  'part of the shop',
  'keeps days',
  'packs',
] as const
type Column = (typeof PANTRY_COLUMNS)[number]

/** Rows that one file may have: a house of things, many times over. */
const MOST_ROWS = 20_000

const packLine = (pack: Pack): string =>
  quoted(
    `${pack.size} for ${(pack.price / 100).toFixed(2)} at ${quoted(pack.shop, /\(/)}${pack.seen ? ` (${pack.seen})` : ''}`,
    /[;\r\n]/,
  )
const PACK = new RegExp(
  `^(\\d+)\\s+for\\s+(\\d+(?:[.,]\\d{1,2})?)\\s+at\\s+(${NAME})(?:\\s+\\((\\d{4}-\\d{2}-\\d{2})\\))?$`,
  'i',
)
const USED: Record<Material['use'], string> = { consumable: 'used up', reusable: 'comes back' }

/** The pantry as rows of cells, the header first. */
export function pantryRows(materials: readonly Material[]): string[][] {
  return [
    [...PANTRY_COLUMNS],
    ...materials.map((one) => [
      one.id,
      one.name,
      plainNumber(one.onHand),
      one.unit,
      one.place,
      one.par === null ? '' : plainNumber(one.par),
      one.condition,
      one.expires ?? '',
      USED[one.use],
      WAY_NAMES[one.way],
      one.shopPart,
      one.keepsDays === null ? '' : String(one.keepsDays),
      one.packs.map(packLine).join('\n'),
    ]),
  ]
}

/** What a reader of rows must know of the home. */
export interface PantryContext {
  materials: readonly Material[]
  /** The home's choice: how large a cup is where one is written. */
  measures: 'metric' | 'us'
  /** A new id, one each time. */
  newId: () => string
}

export type PantryResult = { materials: Material[]; faults?: undefined } | { materials?: undefined; faults: RowFault[] }

const normal = (text: string) => text.trim().toLowerCase().replace(/\s+/g, ' ')
const FIELD_COLUMN: Record<string, Column> = {
  onHand: 'on hand',
  par: 'least',
  expires: 'good until',
  shopPart: 'part of the shop',
  keepsDays: 'keeps days',
  use: 'used',
  way: 'when short',
}

/**
 * Materials from rows of cells: all of them, or every fault by line and column and none. Columns are found by name; one
 * that is not there leaves what it is about as it is. A row is the material of its id, else of its name, else a new
 * one, which counts as small parts until someone measured it.
 *
 * @param rows cells, the header first; line numbers count from 1
 */
export function readPantryRows(rows: readonly (readonly string[])[], context: PantryContext): PantryResult {
  const header = (rows[0] ?? []).map(normal)
  const at = new Map(
    PANTRY_COLUMNS.flatMap((column) => (header.includes(column) ? [[column, header.indexOf(column)] as const] : [])),
  )
  if (!at.has('name'))
    return {
      faults: [
        {
          line: 1,
          column: 'name',
          message: 'The first line has no such column. It names the columns: name, on hand, unit, place and so on',
        },
      ],
    }
  const body = rows.slice(1).flatMap((row, i) => (row.some((cell) => cell.trim()) ? [{ row, line: i + 2 }] : []))
  if (!body.length) return { faults: [{ line: 2, column: 'name', message: 'There is nothing below the first line' }] }
  if (body.length > MOST_ROWS)
    return {
      faults: [
        {
          line: MOST_ROWS + 2,
          column: '',
          message: `A file holds at most ${MOST_ROWS} things; this one has ${body.length}. Part it in two`,
        },
      ],
    }
  const faults: RowFault[] = []
  const seen = new Map<string, number>()
  const byId = new Map(context.materials.map((one) => [one.id, one]))
  const byName = new Map(context.materials.map((one) => [normal(one.name), one]))
  const materials = body.flatMap(({ row, line }): Material[] => {
    const before = faults.length
    const cell = (column: Column): string | undefined =>
      at.has(column) ? (row[at.get(column)!] ?? '').trim() : undefined
    const fail = (column: string, message: string) => void faults.push({ line, column, message })
    const read = reader(cell, fail, context.measures)
    const name = cell('name') ?? ''
    const known = byId.get(cell('id') ?? '') ?? byName.get(normal(name))
    const id = known?.id ?? (cell('id') || context.newId())
    const base = known ?? {
      ...newMaterial(id, name),
      safety: { ...newMaterial(id, name).safety, partMm: UNMEASURED_MM },
    }
    const key = known?.id ?? normal(name)
    const earlier = seen.get(key)
    if (earlier) fail('name', `Line ${earlier} is of the same thing`)
    seen.set(key, line)
    const unit: BaseUnit =
      read.code<BaseUnit>(
        'unit',
        UNITS.map((one) => [one, one] as const),
      ) ?? base.unit
    if (known && unit !== known.unit) fail('unit', `${known.name} is counted in ${known.unit}, not in ${unit}`)
    const onHand = read.amount('on hand', { unit, density: base.density }) ?? base.onHand
    const checked = Material.safeParse({
      ...base,
      name: known && !cell('id') ? known.name : name,
      unit,
      onHand,
      counted: base.counted || onHand !== base.onHand,
      place: cell('place') ?? base.place,
      par: cell('least') === undefined ? base.par : (read.amount('least', { unit, density: base.density }) ?? null),
      condition:
        read.code<Condition>(
          'condition',
          CONDITIONS.map((one) => [one, one] as const),
        ) ?? base.condition,
      expires: read.date('good until', base.expires),
      use: read.code<Material['use']>('used', Object.entries(USED) as [Material['use'], string][]) ?? base.use,
      way:
        read.code<Way>(
          'when short',
          WAYS.map((one) => [one, WAY_NAMES[one]] as const),
        ) ?? base.way,
      shopPart: cell('part of the shop') || base.shopPart,
      keepsDays: read.optional('keeps days', base.keepsDays),
      packs: read.packs(base.packs),
    })
    if (checked.success) return faults.length === before ? [checked.data] : []
    const named = new Set(faults.slice(before).map((fault) => fault.column))
    for (const issue of checked.error.issues) {
      const column = FIELD_COLUMN[String(issue.path[0])] ?? String(issue.path[0])
      if (!named.has(column)) fail(column, issue.message)
      named.add(column)
    }
    return []
  })
  return faults.length ? { faults } : { materials }
}

/** Reads the cells of one row; what cannot be read is a fault of its column. */
function reader(
  cell: (column: Column) => string | undefined,
  fail: (column: string, message: string) => void,
  measures: PantryContext['measures'],
) {
  const number = (column: Column): number | undefined => {
    const text = cell(column)
    if (!text) return undefined
    const value = readNumber(text)
    if (!Number.isFinite(value)) fail(column, `“${text.slice(0, 40)}” is no number`)
    return Number.isFinite(value) ? value : undefined
  }
  return {
    number,
    /** A bare number is in base units, since the file says which; "2 lb" and "1 1/2 cups" are read too. */
    amount: (column: Column, of: Measured): number | undefined => {
      const text = cell(column)
      if (!text) return undefined
      const { quantity, fault } = readQuantity(text, of, measures, of.unit)
      if (fault !== undefined) fail(column, fault === 'Write a number' ? `“${text.slice(0, 40)}” is no number` : fault)
      return quantity
    },
    /** A column that is there and empty says that there is none. */
    optional: (column: Column, otherwise: number | null): number | null =>
      cell(column) === undefined ? otherwise : (number(column) ?? null),
    date: (column: Column, otherwise: string | null): string | null => {
      const text = cell(column)
      if (text === undefined) return otherwise
      if (text && !CalendarDate.safeParse(text).success) fail(column, 'Write a date that exists, as YYYY-MM-DD')
      return text || null
    },
    code: <T extends string>(column: Column, names: readonly (readonly [T, string])[]): T | undefined => {
      const text = cell(column)
      if (!text) return undefined
      const found = names.find(([code, name]) => normal(code) === normal(text) || normal(name) === normal(text))
      if (!found) fail(column, `“${text.slice(0, 40)}” is none of: ${names.map(([, name]) => name).join(', ')}`)
      return found?.[0]
    },
    packs: (otherwise: Pack[]): Pack[] => {
      const text = cell('packs')
      if (text === undefined) return otherwise
      return splitOutside(text, /[;\n]/y)
        .map(unquoted)
        .flatMap((part): Pack[] => {
          const [, size, price, shop, date] = PACK.exec(part) ?? []
          if (!size)
            fail('packs', `“${part.slice(0, 60)}” is not understood: write such as “50 for 1.25 at the dollar aisle”`)
          else if (Number(size) < 1) fail('packs', 'A pack must hold something')
          else
            return [
              {
                size: Number(size),
                price: Math.round(Number(price.replace(',', '.')) * 100),
                shop: unquoted(shop),
                seen: date ?? null,
              },
            ]
          return []
        })
    },
  }
}
