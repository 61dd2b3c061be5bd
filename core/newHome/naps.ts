import { completedMonths } from '../base'
import type { CalendarDate, TimeSpan } from '../domain'

/** How a child usually sleeps during the day. */
export const NAP_HABITS = {
  none: [],
  'after-lunch': [{ from: '12:45', to: '14:45' }],
  twice: [
    { from: '09:30', to: '10:45' },
    { from: '13:00', to: '15:00' },
  ],
} as const satisfies Record<string, readonly TimeSpan[]>
export type NapHabit = keyof typeof NAP_HABITS

/**
 * From which month on a habit is common: most drop the morning nap between 12 and 18 months and the one after lunch
 * between three and five years. Source: American Academy of Sleep Medicine, recommended sleep by age (2016), which
 * counts naps to the fifth year. A family knows better.
 */
const ONE_NAP_MONTHS = 15
const NO_NAP_MONTHS = 48

/**
 * Until which month most children explore with the mouth. Source: CDC, developmental milestones, which name mouthing
 * until the second birthday.
 */
const MOUTHS_MONTHS = 24

/** Months of a child who may not be born yet: 0 then. */
const monthsOf = (born: CalendarDate, today: CalendarDate): number => (born > today ? 0 : completedMonths(born, today))

/** How a child of this age usually naps: a proposal for her to look at, never an answer. */
export function usualNaps(born: CalendarDate, today: CalendarDate): NapHabit {
  const months = monthsOf(born, today)
  return months < ONE_NAP_MONTHS ? 'twice' : months < NO_NAP_MONTHS ? 'after-lunch' : 'none'
}

/**
 * Whether a child of this age usually still puts things in the mouth: a proposal for her to look at, never an answer.
 */
export const usuallyMouths = (born: CalendarDate, today: CalendarDate): boolean => monthsOf(born, today) < MOUTHS_MONTHS
