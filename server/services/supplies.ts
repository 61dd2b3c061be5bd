import ical from 'ical-generator'
import type { Knex } from 'knex'
import { addDays, listWords, byId } from '@core/base'
import { type FamilyPromise, type Home, type Purchase, type Row, type StockEntry, valuesOf } from '@core/domain'
import { supplyMarkdown, supplyRows, tripWords, yearRows } from '@core/papers'
import { asksOf, supplyListOf, tripsOf, type AskLine, type ListSource, type SupplyLine } from '@core/supplies'
import { notFound } from './refusal'
import { readHistory, readHouse, readPurchasesOf, readRow, readRows } from '../store/rows'
import type { Clock } from './clock'
import { csvOf } from './csvText'
import { readSource } from './snapshots'

/** What a list is called, and what is on it. */
interface List {
  title: string
  lines: SupplyLine[]
  home: Home
  sources: ListSource[]
}

/** An instant that lies on a date wherever the server stands: only its day is written. */
const noonOf = (date: string): string => `${date}T12:00:00Z`

/** Entries of a history that one answer has. */
const MOST_HISTORY = 200

/** The list of one unit or several as files, the history of a material, and the purchases of a year. */
export class Supplies {
  constructor(
    private readonly db: Knex,
    private readonly clock: Clock,
  ) {}

  /** The list of units together: the same function that the browser computes it with, on the same snapshots. */
  async list(unitIds: readonly string[]): Promise<List> {
    const sources: ListSource[] = []
    for (const id of unitIds) sources.push(await readSource(this.db, this.clock, id))
    const { home } = sources[0].snapshot
    return {
      title: `What to get: ${listWords(sources.map(({ snapshot }) => snapshot.unit.name))}`,
      lines: supplyListOf(sources),
      home,
      sources,
    }
  }

  async csv(unitIds: readonly string[]): Promise<string> {
    const { lines, home } = await this.list(unitIds)
    return csvOf(supplyRows(lines, home))
  }

  async markdown(unitIds: readonly string[]): Promise<string> {
    const { title, lines, home } = await this.list(unitIds)
    return supplyMarkdown(title, lines, home)
  }

  /** An entry for each trip, on its day: a whole day, since nobody knows when she goes. */
  async calendar(unitIds: readonly string[]): Promise<string> {
    const { title, lines, home } = await this.list(unitIds)
    const calendar = ical({ name: title, prodId: { company: 'kobby', product: 'supplies' } })
    for (const trip of tripsOf(lines)) {
      const { title: summary, text } = tripWords(trip, home)
      calendar.createEvent({
        id: `${trip.date}-${trip.shop.toLowerCase().replace(/[^a-z0-9]+/g, '-')}@${home.id}`,
        allDay: true,
        start: noonOf(trip.date),
        end: noonOf(addDays(trip.date, 1)),
        summary,
        description: text,
        stamp: `${await this.clock.today(this.db)}T00:00:00Z`,
      })
    }
    return calendar.toString()
  }

  /** What happened to a material, the latest first, and what was bought of it. */
  async history(materialId: string): Promise<{ entries: StockEntry[]; purchases: Purchase[] }> {
    if (!(await readRow(this.db, 'material', materialId))) throw notFound('material')
    const purchases = (await readPurchasesOf(this.db, materialId))
      .map((row) => row.value)
      .sort((a, b) => (a.date < b.date ? 1 : -1))
    return { entries: (await readHistory(this.db, materialId, MOST_HISTORY)).map((row) => row.value), purchases }
  }

  /** Every purchase of a year, in order of date. */
  async year(year: number): Promise<Row<'purchase'>[]> {
    return (await readRows(this.db, 'purchase'))
      .filter((row) => row.value.date.startsWith(`${year}-`))
      .sort((a, b) => (a.value.date < b.value.date ? -1 : 1))
  }

  async yearCsv(year: number): Promise<string> {
    const materials = valuesOf(await readHouse(this.db), 'material')
    return csvOf(
      yearRows(
        (await this.year(year)).map((row) => row.value),
        byId(materials),
      ),
    )
  }

  /** What families are asked for on behalf of a unit. */
  async asks(unitId: string): Promise<{ asks: AskLine[]; home: Home; unit: string; promises: FamilyPromise[] }> {
    const {
      lines,
      home,
      sources: [{ snapshot }],
    } = await this.list([unitId])
    return { asks: asksOf(lines, snapshot.promises), home, unit: snapshot.unit.name, promises: snapshot.promises }
  }
}
