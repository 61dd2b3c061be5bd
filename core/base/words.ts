import { WEEKDAYS, type BaseUnit, type CalendarDate, type TimeOfDay, type TimeSpan, type Weekday } from '../domain'
import { weekdayOf } from './dates'
import { wordStyle } from './wordStyle'

/** Litres, kitchen and imperial measures in base units (2-domain: exact US customary definitions, rounded to 0.001). */
export const ML_PER_CUP = 236.588
export const ML_PER_TABLESPOON = 14.787
export const ML_PER_TEASPOON = 4.929
export const G_PER_OUNCE = 28.35
export const G_PER_POUND = 453.592
export const CM_PER_INCH = 2.54
export const CM_PER_FOOT = 12 * CM_PER_INCH

const tidy = (value: number, places: number) =>
  Number(value.toFixed(places)).toLocaleString('en-US', { maximumFractionDigits: places })

type Measures = 'metric' | 'us'
/**
 * A unit in which an amount is spoken: its name for one and for more, base units in one, and the places that are worth
 * saying.
 */
export interface SpokenUnit {
  one: string
  many: string
  size: number
  places: number
}
const spoken = (name: string, size: number, places: number, many = name): SpokenUnit => ({
  one: name,
  many,
  size,
  places,
})

const PIECES = spoken('', 1, 2)
const SHEETS = spoken('sheet', 1, 2, 'sheets')
const CUPS = spoken('cup', ML_PER_CUP, 2, 'cups')
/** Units by base unit, the largest first, each with the base units from which on it is used. */
const SPOKEN: Record<Measures, Record<'g' | 'ml' | 'cm', readonly { from: number; unit: SpokenUnit }[]>> = {
  metric: {
    g: [
      { from: 1000, unit: spoken('kg', 1000, 2) },
      { from: 0, unit: spoken('g', 1, 1) },
    ],
    ml: [
      { from: 1000, unit: spoken('l', 1000, 2) },
      { from: 0, unit: spoken('ml', 1, 1) },
    ],
    cm: [
      { from: 100, unit: spoken('m', 100, 2) },
      { from: 0, unit: spoken('cm', 1, 1) },
    ],
  },
  us: {
    g: [
      { from: G_PER_POUND, unit: spoken('lb', G_PER_POUND, 1) },
      { from: 0, unit: spoken('oz', G_PER_OUNCE, 1) },
    ],
    ml: [
      { from: ML_PER_CUP / 4, unit: CUPS },
      { from: ML_PER_TABLESPOON, unit: spoken('tbsp', ML_PER_TABLESPOON, 1) },
      { from: 0, unit: spoken('tsp', ML_PER_TEASPOON, 1) },
    ],
    cm: [
      { from: 3 * CM_PER_FOOT, unit: spoken('ft', CM_PER_FOOT, 1) },
      { from: 0, unit: spoken('in', CM_PER_INCH, 1) },
    ],
  },
}

/** The unit in which so much of something is spoken in a home: ounces below a pound, pounds from there on. */
export function spokenUnit(quantity: number, unit: BaseUnit, measures: Measures): SpokenUnit {
  if (unit === 'each') return PIECES
  if (unit === 'sheet') return SHEETS
  const units = SPOKEN[measures][unit]
  return (units.find(({ from }) => quantity >= from) ?? units[units.length - 1]).unit
}

/**
 * A quantity in words, in the home's measures.
 *
 * @param quantity base units, 0 or more
 * @param unit base unit
 * @param measures the home's choice
 * @example quantityWords(2460, 'g', 'metric') // '2.46 kg'
 */
export function quantityWords(quantity: number, unit: BaseUnit, measures: Measures): string {
  const { one, many, size, places } = spokenUnit(quantity, unit, measures)
  const said = Number((quantity / size).toFixed(places))
  // A sheet is one or it is sheets; a cup is one up to the whole. What is said decides: 240 ml are 1.01 cups, 237 are
  // "1 cup".
  const name = (unit === 'sheet' ? said === 1 : said <= 1) ? one : many
  return `${tidy(said, places)}${name && ` ${name}`}`
}

/** Money in words. `moneyWords(4120, 'USD')` is `$41.20`. */
export const moneyWords = (cents: number, currency: string): string =>
  new Intl.NumberFormat('en-US', { style: 'currency', currency }).format(cents / 100)

/** "Oona", "Oona and Pip", "Oona, Pip and Idris". */
export const listWords = (items: readonly string[], last: 'and' | 'or' = 'and'): string =>
  items.length < 2 ? (items[0] ?? '') : `${items.slice(0, -1).join(', ')} ${last} ${items[items.length - 1]}`

/** "1 child", "3 children". */
export const countWords = (count: number, one: string, many = `${one}s`): string =>
  `${count} ${count === 1 ? one : many}`

const SHORT_DAYS: Record<Weekday, string> = {
  mon: 'Mon',
  tue: 'Tue',
  wed: 'Wed',
  thu: 'Thu',
  fri: 'Fri',
  sat: 'Sat',
  sun: 'Sun',
}
const LONG_DAYS: Record<Weekday, string> = {
  mon: 'Monday',
  tue: 'Tuesday',
  wed: 'Wednesday',
  thu: 'Thursday',
  fri: 'Friday',
  sat: 'Saturday',
  sun: 'Sunday',
}
const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
]

export const shortWeekday = (weekday: Weekday): string => SHORT_DAYS[weekday]
export const longWeekday = (weekday: Weekday): string => LONG_DAYS[weekday]

const monthOf = (date: CalendarDate): string => MONTHS[Number(date.slice(5, 7)) - 1]
const dayOf = (date: CalendarDate): string => String(Number(date.slice(8)))
const monthFirst = (): boolean => wordStyle().dates === 'month-first'

/** "Tue 10". */
export const shortDate = (date: CalendarDate): string => `${SHORT_DAYS[weekdayOf(date)]} ${dayOf(date)}`
/** "Tuesday, March 10"; with the day first "Tuesday 10 March". */
export const longDate = (date: CalendarDate): string =>
  monthFirst()
    ? `${LONG_DAYS[weekdayOf(date)]}, ${monthOf(date)} ${dayOf(date)}`
    : `${LONG_DAYS[weekdayOf(date)]} ${dayOf(date)} ${monthOf(date)}`
/** "Tue, Mar 10"; with the day first "Tue 10 Mar". */
export const mediumDate = (date: CalendarDate): string => {
  const month = monthOf(date).slice(0, 3)
  return monthFirst() ? `${SHORT_DAYS[weekdayOf(date)]}, ${month} ${dayOf(date)}` : `${shortDate(date)} ${month}`
}
/** "March 10, 2026"; with the day first "10 March 2026". */
export const fullDate = (date: CalendarDate): string =>
  monthFirst()
    ? `${monthOf(date)} ${dayOf(date)}, ${date.slice(0, 4)}`
    : `${dayOf(date)} ${monthOf(date)} ${date.slice(0, 4)}`

/** Hours and minutes as they stand on the clock of a home: 15:15 is "3:15" there, or "15:15". */
function onClock(time: TimeOfDay): { hours: number; minutes: string; half: 'AM' | 'PM' | '' } {
  const [hours, minutes] = [Number(time.slice(0, 2)), time.slice(3)]
  if (wordStyle().clock === '24h') return { hours, minutes, half: '' }
  return { hours: hours % 12 || 12, minutes, half: hours < 12 ? 'AM' : 'PM' }
}
/** "9:15" for "09:15", "3:15" for "15:15": where it is plain which half of the day is meant. */
export function hourWords(time: TimeOfDay): string {
  const { hours, minutes } = onClock(time)
  return `${hours}:${minutes}`
}
/** "3:15 PM" for "15:15"; on a clock of 24 hours "15:15". */
export function clockWords(time: TimeOfDay): string {
  const { half } = onClock(time)
  return half ? `${hourWords(time)} ${half}` : hourWords(time)
}
/** "8:30 to 10", "12:45 to 2:30"; on a clock of 24 hours "8:30 to 10:00". */
export function spanWords({ from, to }: TimeSpan): string {
  const short = (time: TimeOfDay) => {
    const { hours, minutes, half } = onClock(time)
    return half && minutes === '00' ? String(hours) : `${hours}:${minutes}`
  }
  return `${short(from)} to ${short(to)}`
}

/** "Monday to Thursday", "Mon, Wed and Fri": the weekdays of a pattern in short. */
export function weekdaysWords(days: readonly Weekday[]): string {
  const at = days.map((day) => WEEKDAYS.indexOf(day)).sort((a, b) => a - b)
  const run = at.length > 2 && at.every((day, i) => i === 0 || day === at[i - 1] + 1)
  if (run) return `${SHORT_DAYS[WEEKDAYS[at[0]]]} to ${SHORT_DAYS[WEEKDAYS[at[at.length - 1]]]}`
  return listWords(at.map((day) => SHORT_DAYS[WEEKDAYS[day]]))
}

/** A wait in minutes, as it is said: in days from two days on. */
export const waitWords = (minutes: number): string =>
  minutes >= 2 * 1440 ? countWords(Math.round(minutes / 1440), 'day') : minutesWords(minutes)
/** Minutes as they are said: "45 min", "2 h", "3 h 45 min". */
export function minutesWords(minutes: number): string {
  const [hours, rest] = [Math.floor(minutes / 60), minutes % 60]
  return [hours ? `${hours} h` : '', rest || !hours ? `${rest} min` : ''].filter(Boolean).join(' ')
}
