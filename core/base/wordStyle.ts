import type { Home } from '../domain'

/** How times of day and dates are said. */
export type WordStyle = Pick<Home, 'clock' | 'dates'>

/** What is said where no home says otherwise. */
const AMERICAN: WordStyle = { clock: '12h', dates: 'month-first' }
let style = AMERICAN

/**
 * From now on times and dates are said in a home's way. There is one home at a time: in the browser, in a worker and in a
 * server. What was said before stays as it was (docs/decisions/0033-one-way-of-saying-times.md).
 *
 * @param next a home, or null for what holds without one
 */
export function sayLike(next: WordStyle | null): void {
  style = next ? { clock: next.clock, dates: next.dates } : AMERICAN
}
export const wordStyle = (): WordStyle => style
