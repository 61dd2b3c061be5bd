import { z } from 'zod'
import { STAGES, DOMAINS, CENTER_KINDS, STYLES, WEEKDAYS } from './lists'

/**
 * The small values that every schema of the domain is made of.
 * Each bound is generous for a home daycare and small enough that no input can exhaust a machine.
 */

/** Lower-case letters, digits and hyphens, 1 to 64 of them: an identifier safe in an address and a file. */
export const Id = z.string().regex(/^[a-z0-9][a-z0-9-]{0,63}$/, 'Use 1 to 64 lower-case letters, digits and hyphens')
export type Id = z.infer<typeof Id>

const daysIn = (year: number, month: number) => new Date(Date.UTC(year, month, 0)).getUTCDate()

/** A calendar date without a time zone, `YYYY-MM-DD`, from 1900 to 2199, that exists. */
export const CalendarDate = z
  .string()
  .max(10, 'Write the date as YYYY-MM-DD')
  .refine((text) => {
    const parts = /^(19|20|21)(\d\d)-(\d\d)-(\d\d)$/.exec(text)
    if (!parts) return false
    const [year, month, day] = [Number(parts[1] + parts[2]), Number(parts[3]), Number(parts[4])]
    return month >= 1 && month <= 12 && day >= 1 && day <= daysIn(year, month)
  }, 'Write a date that exists, as YYYY-MM-DD')
export type CalendarDate = z.infer<typeof CalendarDate>

/** A time of day in the home's zone, `HH:mm`, 00:00 to 23:59. */
export const TimeOfDay = z
  .string()
  .regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'Write the time as HH:mm, between 00:00 and 23:59')
export type TimeOfDay = z.infer<typeof TimeOfDay>

/** From a time to a later one of the same day. */
export const TimeSpan = z
  .strictObject({ from: TimeOfDay, to: TimeOfDay })
  .refine((span) => span.from < span.to, { message: 'The end must come after the start', path: ['to'] })
export type TimeSpan = z.infer<typeof TimeSpan>

export const Weekday = z.enum(WEEKDAYS)
export type Weekday = z.infer<typeof Weekday>

/** Hours by weekday; a weekday that is not named is a day off. */
export const WeeklyHours = z.partialRecord(Weekday, TimeSpan)
export type WeeklyHours = z.infer<typeof WeeklyHours>

/** One date that differs from the weekly pattern: `here` null is an absence, hours are a drop-in or a changed day. */
export const DateException = z.strictObject({ date: CalendarDate, here: TimeSpan.nullable() })
export type DateException = z.infer<typeof DateException>

/** Money in integer cents of the home's currency, 0 to 1,000,000.00. */
export const Cents = z
  .number()
  .int('Money is in whole cents')
  .min(0, 'Money cannot be negative')
  .max(100_000_000, 'At most 1,000,000.00')
export type Cents = z.infer<typeof Cents>

/** A quantity in a material's base unit, 0 to 10,000,000. */
export const Amount = z.number().min(0, 'An amount cannot be negative').max(10_000_000, 'At most 10,000,000')
/** A quantity in a material's base unit, above 0 and up to 10,000,000. */
export const PositiveAmount = z.number().gt(0, 'An amount must be more than 0').max(10_000_000, 'At most 10,000,000')

/** Whole minutes, 0 to 24 hours. */
export const Minutes = z.number().int('Minutes are whole').min(0).max(1440)

/** One line of text, without control characters, trimmed, 1 to 120 characters. */
export const Line = z
  .string()
  .trim()
  .min(1, 'This cannot be empty')
  .max(120, 'Use at most 120 characters')
  .regex(/^[^\p{Cc}]*$/u, 'Use plain text on one line')
/** A line that may be empty. */
export const OptionalLine = z
  .string()
  .max(120, 'Use at most 120 characters')
  .regex(/^[^\p{Cc}]*$/u, 'Use plain text on one line')
/** A sentence or two, 1 to 400 characters. */
export const Sentence = z.string().min(1, 'This cannot be empty').max(400, 'Use at most 400 characters')
/** Free text, up to 4,000 characters. */
export const Note = z.string().max(4000, 'Use at most 4,000 characters')

export const Stage = z.enum(STAGES)
export type Stage = z.infer<typeof Stage>

export const LearningDomain = z.enum(DOMAINS)
export type LearningDomain = z.infer<typeof LearningDomain>

export const CenterKind = z.enum(CENTER_KINDS)
export type CenterKind = z.infer<typeof CenterKind>

export const Allergen = z.string().regex(/^[a-z][a-z-]{1,39}$/, 'Use lower-case letters and hyphens')
export type Allergen = z.infer<typeof Allergen>

export const PlanningStyle = z.enum(STYLES)
export type PlanningStyle = z.infer<typeof PlanningStyle>

/** Row version, raised by one with every write. A writer names the version it started from. */
export const Version = z.number().int().min(0).max(1_000_000_000)
