import { programDays, InputError, spanWords, longWeekday, shortDate } from '../base'
import {
  type Adult,
  type CalendarDate,
  type Center,
  type Child,
  type House,
  type ThingKind,
  type TimeSpan,
  type Unit,
  type Weekday,
  THINGS,
  WEEKDAYS,
} from '../domain'
import { spotFits } from './room'

/** Something in the home's data that does not fit together, at its field. None of it keeps anything from opening. */
export interface Flag {
  kind: ThingKind
  id: string
  name: string
  /** Path within the thing, such as `attendance.mon.to`. */
  field: string
  message: string
}

const overlaps = (a: TimeSpan, b: TimeSpan) => a.from < b.to && a.to > b.from

/** Hours that lie outside the opening hours, by weekday. */
function outsideOpening(
  hours: Child['attendance'],
  open: Child['attendance'],
  field: string,
  who: string,
): { field: string; message: string }[] {
  return WEEKDAYS.flatMap((day: Weekday) => {
    const span = hours[day]
    if (!span) return []
    const home = open[day]
    if (!home)
      return [{ field: `${field}.${day}`, message: `${who} comes on ${longWeekday(day)}, and the home is closed then` }]
    if (span.from >= home.from && span.to <= home.to) return []
    return [
      {
        field: `${field}.${day}.${span.from < home.from ? 'from' : 'to'}`,
        message: `${longWeekday(day)} ${spanWords(span)} lies outside the opening hours, ${spanWords(home)}`,
      },
    ]
  })
}

/** The second of each pair that overlaps. */
function overlapsIn<T extends TimeSpan>(
  list: readonly T[],
  field: (i: number) => string,
  words: (one: T, other: T) => string,
  together: (a: T, b: T) => boolean = () => true,
): { field: string; message: string }[] {
  return list.flatMap((one, i) => {
    const other = list.slice(0, i).find((before) => together(before, one) && overlaps(before, one))
    return other ? [{ field: field(i), message: words(one, other) }] : []
  })
}

function childFlags(child: Child, house: House, today: CalendarDate): { field: string; message: string }[] {
  return [
    ...(child.born > today
      ? [
          {
            field: 'born',
            message: `${child.name} has a birth date that is still to come, so nothing counts on ${child.name} yet`,
          },
        ]
      : []),
    ...outsideOpening(child.attendance, house.home.open, 'attendance', child.name),
    ...overlapsIn(
      child.naps,
      (i) => `naps.${i}.from`,
      (_, other) => `This nap overlaps the one from ${spanWords(other)}`,
    ),
    ...doubleDates(child.exceptions),
  ]
}

const doubleDates = (exceptions: Child['exceptions']) =>
  exceptions.flatMap((one, i) =>
    exceptions.findIndex((other) => other.date === one.date) < i
      ? [{ field: `exceptions.${i}.date`, message: `${shortDate(one.date)} is here twice; the first one counts` }]
      : [],
  )

function adultFlags(adult: Adult, house: House): { field: string; message: string }[] {
  return [
    ...outsideOpening(adult.hours, house.home.open, 'hours', adult.name),
    ...overlapsIn(
      adult.prepWindows,
      (i) => `prepWindows.${i}.from`,
      (_, other) => `Overlaps ${other.name || 'another window'}, ${spanWords(other)}: its minutes would count twice`,
      (a, b) => a.weekday === b.weekday,
    ),
    ...doubleDates(adult.exceptions),
  ]
}

function homeFlags(house: House): { field: string; message: string }[] {
  const { home } = house
  return [
    ...(WEEKDAYS.some((day) => home.open[day])
      ? []
      : [{ field: 'open', message: 'The home has no open weekday yet, so no unit has days' }]),
    ...overlapsIn(
      home.rhythm,
      (i) => `rhythm.${i}.from`,
      (one, other) => `${one.name} overlaps ${other.name}, ${spanWords(other)}`,
    ),
  ]
}

function unitFlags(unit: Unit, house: House): { field: string; message: string }[] {
  const flags = unit.events.flatMap((event, i) => [
    ...(event.day > unit.days ? [{ field: `events.${i}.day`, message: `${event.name} lies past the last day` }] : []),
    ...overlapsIn(
      event.parts,
      (j) => `events.${i}.parts.${j}.from`,
      (one, other) => `${one.name} overlaps ${other.name}`,
    ),
    ...(event.inviteOn !== null && event.inviteOn >= event.day
      ? [{ field: `events.${i}.inviteOn`, message: 'Invitations go out before the day itself' }]
      : []),
  ])
  try {
    programDays(house.home, unit)
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    flags.push(
      ...error.faults.map((fault) => ({
        field: fault.field === 'open' ? 'start' : fault.field,
        message: fault.message,
      })),
    )
  }
  return flags
}

function centerFlags(center: Center, house: House): { field: string; message: string }[] {
  const others = house.centers
    .filter((one) => one.id !== center.id && one.id < center.id)
    .flatMap((one) => (one.spot ? [one.spot] : []))
  return center.spot && !spotFits(center.spot, others)
    ? [{ field: 'spot', message: `${center.name} lies on another center of the plan, or beyond its edge` }]
    : []
}

/** What the schema of a kind says to a row as it is stored: an older database may hold what is refused today. */
function schemaFlags(kind: ThingKind, value: unknown): { field: string; message: string }[] {
  const checked = THINGS[kind].safeParse(value)
  return checked.success
    ? []
    : checked.error.issues.slice(0, 5).map((issue) => ({ field: issue.path.join('.'), message: issue.message }))
}

/**
 * Everything in the home and its units that does not fit together, at its field: times that overlap or lie outside the
 * opening hours, a child born tomorrow, a unit without an open day, and what an older form of the data let pass.
 *
 * @param units whose days and special days are looked at
 */
export function checkHouse(house: House, units: readonly Unit[], today: CalendarDate): Flag[] {
  const flag = (
    kind: ThingKind,
    one: { id: string; name: string },
    found: { field: string; message: string }[],
  ): Flag[] => {
    // What the schema refuses is said once, and first.
    const refused = schemaFlags(kind, one)
    const named = new Set(refused.map((fault) => fault.field))
    return [...refused, ...found.filter((fault) => !named.has(fault.field))].map((fault) => ({
      kind,
      id: one.id,
      name: one.name,
      ...fault,
    }))
  }
  return [
    ...flag('home', house.home, homeFlags(house)),
    ...house.children.flatMap((one) => flag('child', one, childFlags(one, house, today))),
    ...house.adults.flatMap((one) => flag('adult', one, adultFlags(one, house))),
    ...house.centers.flatMap((one) => flag('center', one, centerFlags(one, house))),
    ...units.flatMap((one) => flag('unit', one, unitFlags(one, house))),
  ]
}
