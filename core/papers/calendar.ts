import { addDays, dateOfDay, minutesWords } from '../base'
import type { CalendarDate, UnitSnapshot } from '../domain'
import type { ResolvedPlan } from '../plan'
import { careDuties, shortStep, slowNow, type Preparation } from '../prep'
import { tripsOf, type SupplyLine } from '../supplies'

/** One line of a calendar. Nothing in it names a child. */
export interface CalendarEntry {
  /** The same for the same thing each time, so that a calendar that subscribes moves it and makes no second one. */
  uid: string
  title: string
  note: string
  /** A whole day, or from one plan minute to another. */
  at: { date: CalendarDate } | { from: number; to: number }
}

/** How far ahead the care of a slow project is written down, in days. */
const CARE_DAYS = 60

/**
 * What of a unit belongs into a calendar: its special days, what is prepared when, trips and orders, and the stages and
 * the care on closed days of its slow projects, and when lent books go back.
 */
export function calendarEntries(
  snapshot: UnitSnapshot,
  plan: ResolvedPlan,
  preparation: Preparation,
  lines: readonly SupplyLine[],
): CalendarEntry[] {
  const uid: Uid = (...parts) => [snapshot.unit.id, ...parts].join('.').replace(/[^A-Za-z0-9.-]/g, '-')
  const start = (one: CalendarEntry) =>
    'date' in one.at ? `${one.at.date}` : dateOfDay(Math.floor(one.at.from / 1440))
  return [
    ...specialDays(snapshot, plan, uid),
    ...prepEntries(preparation, uid),
    ...tripEntries(lines, uid),
    ...slowEntries(snapshot, plan, uid),
    ...bookEntries(snapshot, plan, uid),
  ].sort((a, b) => (start(a) < start(b) ? -1 : start(a) > start(b) ? 1 : 0))
}

/** An id that stays the same as long as the thing does: a calendar that is read again knows it. */
type Uid = (...parts: (string | number)[]) => string

const specialDays = ({ unit }: UnitSnapshot, plan: ResolvedPlan, uid: Uid): CalendarEntry[] =>
  unit.events.flatMap((event) => {
    const day = plan.program.days.find((one) => one.number === event.day && one.held)
    return day
      ? [{ uid: uid('day', event.day), title: event.name, note: event.bring.join(', '), at: { date: day.date } }]
      : []
  })

function prepEntries(preparation: Preparation, uid: Uid): CalendarEntry[] {
  const byKey = new Map(preparation.tasks.map((task) => [task.key, task]))
  const count = new Map<string, number>()
  return preparation.schedule.pieces.map(({ job, from, to }) => {
    const task = byKey.get(job)!
    const nth = (count.get(job) ?? 0) + 1
    count.set(job, nth)
    return {
      uid: uid('prep', job, nth),
      title: shortStep(task.step.text),
      note: `${task.session.activity.title}. ${minutesWords(to - from)}.`,
      at: { from, to },
    }
  })
}

const tripEntries = (lines: readonly SupplyLine[], uid: Uid): CalendarEntry[] =>
  tripsOf(lines).map((trip) => ({
    uid: uid('trip', trip.shop, trip.date),
    title: trip.here === trip.date ? `Buy: ${trip.shop}` : `Order: ${trip.shop}`,
    note: trip.items.map((item) => item.line.material.name).join(', '),
    at: { date: trip.date },
  }))

const slowEntries = (snapshot: UnitSnapshot, plan: ResolvedPlan, uid: Uid): CalendarEntry[] =>
  slowNow(snapshot, plan).flatMap(({ project, stages, start, over }): CalendarEntry[] => [
    ...stages
      .filter((one) => one.reached === null)
      .map((one) => ({
        uid: uid('slow', project.id, one.stage.id),
        title: `${project.name}: ${one.stage.name.toLowerCase()} over at the earliest`,
        note: `At the latest on ${one.over.latest}. ${one.stage.look}`.trim(),
        at: { date: one.over.earliest },
      })),
    ...careDuties(project, snapshot.home, start, over.latest, snapshot.today, addDays(snapshot.today, CARE_DAYS))
      .filter((duty) => duty.closed)
      .map((duty) => ({
        uid: uid('care', project.id, duty.date),
        title: `${project.name}: ${project.care.toLowerCase()}`,
        note: duty.by || 'Nobody yet',
        at: { date: duty.date },
      })),
  ])

/** The shelf is the home's: a book stands in the calendar of the unit that reads it, or in whose time it goes back. */
function bookEntries({ books, circles, today }: UnitSnapshot, plan: ResolvedPlan, uid: Uid): CalendarEntry[] {
  const [first, last] = [plan.program.days.at(0)?.date, plan.program.days.at(-1)?.date]
  const onCircle = new Set(circles.flatMap((one) => one.parts.map((part) => part.bookId)))
  return books.flatMap((book) => {
    const until = book.lent?.until
    if (!until || until < today || !first || !last) return []
    if (!onCircle.has(book.id) && (until < first || until > last)) return []
    return [
      { uid: uid('book', book.id), title: `Bring back: ${book.title}`, note: book.lent!.from, at: { date: until } },
    ]
  })
}
