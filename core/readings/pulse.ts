import { countWords, minutesWords, moneyWords } from '../base'
import { gapsOf } from './touches'
import { adultsOf, countCautions, readyOf, roundedOf, type CautionCount, type Readings } from './readings'

/** The five readings as figures: what the pulse shows, and what each page adds up to. */
export interface Pulse {
  /** Cents. */
  money: { total: number; over: number }
  /** Minutes of hands. */
  preparation: { due: number; over: number }
  /** Gaps: a child who goes without a domain for a week. Touches: how many of those aimed at are there. */
  rounded: { gaps: number; children: number; met: number; target: number }
  adults: { minutes: number; clashes: number }
  cautions: CautionCount
}

/** The figures of all five readings. */
export function pulseOf(readings: Readings): Pulse {
  const { first, due } = readyOf(readings.preparation)
  const gaps = gapsOf(readings.weeks)
  return {
    money: { total: readings.money.total, over: readings.money.over },
    preparation: { due, over: first?.over ?? 0 },
    rounded: {
      gaps: gaps.length,
      children: new Set(gaps.map((gap) => gap.child.id)).size,
      ...roundedOf(readings.weeks),
    },
    adults: adultsOf(readings.cover),
    cautions: countCautions(readings.cautions),
  }
}

export type ReadingName = keyof Pulse
/** Whether a reading asks for nothing. A watch is said, and asks for nothing. */
export function quietOf(pulse: Pulse): Record<ReadingName, boolean> {
  return {
    money: pulse.money.over === 0,
    preparation: pulse.preparation.over === 0,
    rounded: pulse.rounded.gaps === 0,
    adults: pulse.adults.minutes === 0 && pulse.adults.clashes === 0,
    cautions: pulse.cautions.stop + pulse.cautions.change === 0,
  }
}

/** What a move does to one reading: in words, and whether it is for the better. */
export interface PulseStep {
  words: string
  better: boolean | null
}

const more = (by: number, words: (count: number) => string): string | null =>
  by === 0 ? null : `${words(Math.abs(by))} ${by > 0 ? 'more' : 'less'}`
const step = (parts: readonly (string | null)[], by: number): PulseStep | null => {
  const words = parts.filter((part): part is string => part !== null).join(', ')
  return words ? { words, better: by === 0 ? null : by < 0 } : null
}

/**
 * What changes from one pulse to another, reading by reading; null where nothing does.
 *
 * @param currency the home's, for the money
 */
export function pulseChange(before: Pulse, after: Pulse, currency: string): Record<ReadingName, PulseStep | null> {
  const money = after.money.total - before.money.total
  const due = after.preparation.due - before.preparation.due
  const over = after.preparation.over - before.preparation.over
  const gaps = after.rounded.gaps - before.rounded.gaps
  const met = after.rounded.met - before.rounded.met
  const adults = {
    minutes: after.adults.minutes - before.adults.minutes,
    clashes: after.adults.clashes - before.adults.clashes,
  }
  const cautions = (['stop', 'change', 'watch'] as const).map(
    (severity) => after.cautions[severity] - before.cautions[severity],
  )
  return {
    money: step([more(money, (cents) => moneyWords(cents, currency))], money),
    preparation: step(
      [
        more(over, (minutes) => `${minutesWords(minutes)} over`),
        more(due, (minutes) => `${minutesWords(minutes)} to do`),
      ],
      over || due,
    ),
    rounded: step(
      [more(gaps, (count) => countWords(count, 'gap')), more(met, (count) => countWords(count, 'touch', 'touches'))],
      gaps || -met,
    ),
    adults: step(
      [
        more(adults.minutes, (minutes) => `${minutesWords(minutes)} short`),
        more(adults.clashes, (count) => countWords(count, 'clash', 'clashes')),
      ],
      adults.minutes || adults.clashes,
    ),
    cautions: step(
      [
        more(cautions[0], (count) => countWords(count, 'stop')),
        more(cautions[1], (count) => `${count} to change`),
        more(cautions[2], (count) => `${count} to watch`),
      ],
      cautions[0] || cautions[1] || cautions[2],
    ),
  }
}
