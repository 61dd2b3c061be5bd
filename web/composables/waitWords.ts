import { countWords, minutesWords } from '@core/base'

const DAY = 24 * 60

/** A wait in minutes, as it is said: in days from two days on. */
export const waitWords = (minutes: number): string =>
  minutes >= 2 * DAY ? countWords(Math.round(minutes / DAY), 'day') : minutesWords(minutes)
