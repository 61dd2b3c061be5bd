import {
  CONDITIONS,
  Material,
  unmeasuredMaterial,
  UNITS,
  WAYS,
  type BaseUnit,
  type Condition,
  type Pack,
  type Way,
} from '../../domain'
import { WAY_NAMES } from '../../base'
import { plainNumber } from './csv'
import { NAME, quoted, splitOutside, unquoted } from './quoted'
import { columnsAt, normal, RowCells, type RowFault } from './rowCells'

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
 * one, which is still to be measured.
 *
 * @param rows cells, the header first; line numbers count from 1
 */
export function readPantryRows(rows: readonly (readonly string[])[], context: PantryContext): PantryResult {
  const at = columnsAt(rows[0] ?? [], PANTRY_COLUMNS)
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
  const reader = new PantryReader(at, context)
  const materials = body.flatMap(({ row, line }) => reader.read(row, line) ?? [])
  return reader.faults.length ? { faults: reader.faults } : { materials }
}

const same = <T extends string>(codes: readonly T[]) => codes.map((code) => [code, code] as const)
const UNIT_PAIRS = same(UNITS)
const CONDITION_PAIRS = same(CONDITIONS)
const USE_PAIRS = Object.entries(USED) as [Material['use'], string][]
const WAY_PAIRS = WAYS.map((one) => [one, WAY_NAMES[one]] as const)

/** Reads the rows after the header, one material each, collecting every fault by its line and column. */
class PantryReader {
  readonly faults: RowFault[] = []
  private readonly seen = new Map<string, number>()
  private readonly byId: Map<string, Material>
  private readonly byName: Map<string, Material>

  constructor(
    private readonly at: Map<Column, number>,
    private readonly context: PantryContext,
  ) {
    this.byId = new Map(context.materials.map((one) => [one.id, one]))
    this.byName = new Map(context.materials.map((one) => [normal(one.name), one]))
  }

  read(row: readonly string[], line: number): Material | null {
    const cells = new RowCells(row, this.at, line, this.faults)
    const name = cells.text('name')
    const known = this.byId.get(cells.text('id')) ?? this.byName.get(normal(name))
    const id = known?.id ?? (cells.text('id') || this.context.newId())
    this.onlyOnce(known?.id ?? normal(name), line, cells)
    const base = known ?? unmeasuredMaterial(id, name)
    const unit = cells.code<BaseUnit>('unit', UNIT_PAIRS, base.unit)
    if (known && unit !== known.unit) cells.fail('unit', `${known.name} is counted in ${known.unit}, not in ${unit}`)
    const amount = (column: Column) => cells.amount(column, { unit, density: base.density }, this.context.measures)
    const onHand = amount('on hand') ?? base.onHand
    const checked = Material.safeParse({
      ...base,
      name: known && !cells.text('id') ? known.name : name,
      unit,
      onHand,
      counted: base.counted || onHand !== base.onHand,
      place: cells.cell('place') ?? base.place,
      par: cells.cell('least') === undefined ? base.par : (amount('least') ?? null),
      condition: cells.code<Condition>('condition', CONDITION_PAIRS, base.condition),
      expires: cells.date('good until', base.expires),
      use: cells.code<Material['use']>('used', USE_PAIRS, base.use),
      way: cells.code<Way>('when short', WAY_PAIRS, base.way),
      shopPart: cells.text('part of the shop') || base.shopPart,
      keepsDays: cells.optional('keeps days', base.keepsDays),
      packs: readPacks(cells, base.packs),
    })
    if (checked.success) return cells.sound ? checked.data : null
    cells.failAll(checked.error.issues, ([field]) => FIELD_COLUMN[String(field)] ?? String(field))
    return null
  }

  private onlyOnce(key: string, line: number, cells: RowCells<Column>): void {
    const earlier = this.seen.get(key)
    if (earlier) cells.fail('name', `Line ${earlier} is of the same thing`)
    this.seen.set(key, line)
  }
}

/** Packs as they are written, one to a line; a column that is not there leaves them as they are. */
function readPacks(cells: RowCells<Column>, otherwise: Pack[]): Pack[] {
  const text = cells.cell('packs')
  if (text === undefined) return otherwise
  return splitOutside(text, /[;\n]/y)
    .map(unquoted)
    .flatMap((part): Pack[] => {
      const [, size, price, shop, date] = PACK.exec(part) ?? []
      if (!size)
        cells.fail('packs', `“${part.slice(0, 60)}” is not understood: write such as “50 for 1.25 at the dollar aisle”`)
      else if (Number(size) < 1) cells.fail('packs', 'A pack must hold something')
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
}
